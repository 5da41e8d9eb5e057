// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/piece.h"

#include <gtest/gtest.h>

namespace spirk {
namespace {

const Post kBar{UnitId("rail"), Pole::Positive, SwitchSide::BehindSwitch};

Device device(const char* id) {
    Device d;
    d.id = DeviceId(id);
    d.ports.push_back({"a", {}, Pole::Positive, {}, {}, {}, false});
    return d;
}

// A lamp whose lead comes from the rail, with a fuse there.
Piece aLamp() {
    Piece out;
    out.circuit.devices = {device("lamp")};
    Conductor lead;
    lead.id = ConductorId("lamp.feed+");
    lead.to = {DeviceId("lamp"), "a"};
    out.circuit.conductors = {lead};
    Protection fuse;
    fuse.id = DeviceId("lamp.fuse");
    fuse.poles = {{lead.id, End::From}};
    fuse.distance = metres(0.2);
    out.circuit.protections = {fuse};
    out.circuit.paths = {DropPath{}};
    out.asks = {{ConductorEnd{lead.id, End::From}, kBar},
                {PathTerminal{0, PathEnd::Source, Pole::Positive}, kBar}};
    return out;
}

Piece aRail(Holds holds) {
    Piece out;
    out.circuit.devices = {device("rail.bar")};
    out.offers = {{kBar, {DeviceId("rail.bar"), "a"}, holds}};
    return out;
}

TEST(Pieces, HangWhereTheyAskWhicheverStandsFirst) {
    for (const bool lampFirst : {true, false}) {
        const Piece whole = joined(lampFirst ? std::vector{aLamp(), aRail(Holds::Itself)}
                                             : std::vector{aRail(Holds::Itself), aLamp()});
        const TerminalId bar{DeviceId("rail.bar"), "a"};
        EXPECT_EQ(whole.circuit.conductors.front().from, bar);
        EXPECT_EQ(whole.circuit.paths.front().source.pos, bar);
    }
}

TEST(Pieces, ADistributorHoldsTheFuseOfWhatHangsOnIt) {
    const Piece whole = joined({aRail(Holds::Distributor), aLamp()});
    EXPECT_EQ(whole.circuit.protections.front().holds, Holds::Distributor);
    EXPECT_EQ(whole.circuit.protections.front().distance, metres(0.0));
    const Piece bars = joined({aRail(Holds::Itself), aLamp()});
    EXPECT_EQ(bars.circuit.protections.front().distance, metres(0.2));
}

}  // namespace
}  // namespace spirk
