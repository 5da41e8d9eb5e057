// SPDX-License-Identifier: GPL-3.0-or-later
// Blocks of blade fuses, or panels of breakers, with a negative bus. Small loads of a category
// share a circuit through a terminal strip; larger ones have their own; those beyond a way's limit
// go to the bars with a fuse of their own. On a 24 V bank the 12 V loads have a block of their own
// behind a converter; what is always live has one before the main switch.

#include <algorithm>

#include "core/plan/good_practice.h"
#include "core/wiring/circuit_parts.h"
#include "core/wiring/in_line.h"
#include "core/wiring/shared_feed.h"

namespace spirk {

namespace {

// Judgement: a blade fuse of a circuit runs at most at 1/1.25 of its rating.
constexpr double kContinuous = 1.25;

bool hasBreakers(const Hang& hang) { return hang.centre == HardwareKind::BreakerPanel; }

// Its own fuse makes a block live, or that of the converter it hangs on.
LiveStep blockLive(const Hang& hang, const Device& block, bool fused) {
    const std::string& id = block.id.value;
    const ConductorId fuse((fused ? id : hang.converter->value) + ".feed+");
    LiveStep s;
    s.id = "on." + id;
    s.stage = Stage::Blocks;
    const Phrase ways =
        hasBreakers(hang) ? "its breakers still off"_text : "its ways still empty"_text;
    s.text =
        fused ? Text("Insert the fuse of the {block}, {ways}."_text,
                     {{"block", block.name}, {"ways", ways}})
              : Text("Insert the fuse of the converter, the ways of its block still empty."_text);
    s.subjects = {subject(fuse)};
    s.fuses = {fuse};
    Look look;
    look.readings = {{Reads::Across, TerminalId{DeviceId(id), "in"}, {}}};
    s.looks = {look};
    return s;
}

// A block with its feed.
void addBlock(Draft& draft, const Hang& hang, const std::string& id) {
    draft.unit = UnitId(id);
    const bool panel = hasBreakers(hang);
    Device& block = draft.hardware(
        id, DeviceKind::FuseBlock, hang.centre, panel ? "breaker panel"_text : "fuse block"_text);
    block.fedBy = hang.converter;
    Draft::port(block, "in", Pole::Positive);
    Draft::port(block, "neg", Pole::Negative);
    const bool made = hang.converter && hang.pos.unit.value == hang.converter->value;
    const Text name = block.name;
    Conductor& feed = draft.conductor(
        id + ".feed+",
        {made ? "converter to {block}"_text : "positive bar to {block}"_text, {{"block", name}}},
        hang.pos,
        terminal(id, "in"),
        Pole::Positive,
        Purpose::Feed);
    // A converter limits itself: its output cable is sized for its rating instead.
    if (!made) {
        draft.protect(feed.id, holderFuse(draft));
    }
    draft.conductor(id + ".feed-",
                    {"{block} to negative bar"_text, {{"block", name}}},
                    terminal(id, "neg"),
                    hang.neg,
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair(id + ".feed+", id + ".feed-");
    LiveStep live = blockLive(hang, draft.deviceAt(id), !made);
    if (made && draft.gear.rail(UnitId(hang.converter->value)).chose("isolator", "one")) {
        live.closed = {inLineId(ConductorId(hang.converter->value + ".feed+"), kInLineIsolator)};
        live.text = then(std::move(live.text), "Close the converter's isolator."_text);
    }
    if (hang.parted) {
        live.closed.push_back(
            addServiceIsolator(draft, ConductorId(id + ".feed+"), kBlockIsolator));
        live.text = then(std::move(live.text), "Close its isolator."_text);
    }
    draft.piece.steps.push_back(std::move(live));
}

void addWay(Draft& draft, const std::string& blockId, const std::string& way) {
    Device& block = draft.deviceAt(blockId);
    Draft::port(block, way, {"blade", squareMillimetres(6)}, Pole::Positive);
    block.elements.emplace_back(Resistance{{0, block.ports.size() - 1}, {}});
}

// The block that takes one more circuit, put in where there is none yet.
class Filling {
public:
    Filling(Draft& draft, const Hang& hang) : draft_(draft), hang_(hang) {}

    void add(const LoadCircuit& c) {
        if (c.tap == Tap::OwnFuse || isLarge(c)) {
            addWithOwnFuse(c);
            return;
        }
        if (free_ == 0) {
            open();
        }
        --free_;
        const std::string way = "way." + c.id.substr(std::string("circuit.").size());
        addWay(draft_, id_, way);
        addAtBlock(c, {terminal(id_, way), terminal(id_, "neg"), fuses_});
    }
    // Of the branches of each block, when all have been added.
    void judgeFeeds() {
        if (!follows(draft_.plan, habit::kTimetableShare)) {
            return;
        }
        for (const Branch& own : branches_) {
            const Amps off = offBesides(*own.circuit, besides(own), hang_.lowest);
            for (std::size_t p = own.firstPath; p < own.endPath; ++p) {
                draft_.circuit().paths[p].shared =
                    SharedStretch{{terminal(own.block, "in"), terminal(own.block, "neg")}, off};
            }
        }
    }
    void open() {
        id_ = idOf(index_++);
        addBlock(draft_, hang_, id_);
        const HardwareModel& model = draft_.largestFor(DeviceId(id_), hang_.centre);
        free_ = model.ways;
        fuses_ = model.fuses.empty() ? "blade" : model.fuses;
    }
    [[nodiscard]] const std::string& id() const { return id_; }

private:
    [[nodiscard]] std::string idOf(int index) const {
        return index == 0 ? hang_.block : hang_.block + "." + std::to_string(index + 1);
    }
    [[nodiscard]] bool isLarge(const LoadCircuit& c) const {
        const Amps most = draft_.largestFor(DeviceId(idOf(0)), hang_.centre).maxWay;
        return most.si() > 0.0 && c.current * kContinuous > most;
    }
    // A converter has no bars: its large loads hang from its block's own studs.
    void addWithOwnFuse(const LoadCircuit& c) {
        if (!hang_.converter) {
            addCircuit(draft_, hang_, c, {hang_.pos, hang_.neg, {}});
            return;
        }
        if (id_.empty()) {
            open();
        }
        addAtBlock(c, {terminal(id_, "in"), terminal(id_, "neg"), {}});
    }

    // A circuit of a block, and its loads' paths of drop.
    struct Branch {
        const LoadCircuit* circuit;
        std::string block;
        std::size_t firstPath, endPath;
    };
    void addAtBlock(const LoadCircuit& c, const NearEnd& near) {
        const std::size_t first = draft_.circuit().paths.size();
        addCircuit(draft_, hang_, c, near);
        branches_.push_back({&c, id_, first, draft_.circuit().paths.size()});
    }
    // What draws through the same feed in the moment that a branch is reckoned in; itself too.
    [[nodiscard]] std::vector<const LoadCircuit*> besides(const Branch& own) const {
        const bool driving = own.circuit->live == LiveWhen::Driving;
        std::vector<const LoadCircuit*> out;
        for (const Branch& b : branches_) {
            if (b.block == own.block && (driving || b.circuit->live != LiveWhen::Driving)) {
                out.push_back(b.circuit);
            }
        }
        return out;
    }

    Draft& draft_;
    const Hang& hang_;
    std::vector<Branch> branches_;
    std::string id_;
    std::string fuses_;  // family that its ways take
    int index_ = 0;
    int free_ = 0;
};

void addAll(Draft& draft, const Hang& hang, const std::vector<LoadCircuit>& circuits) {
    Filling block(draft, hang);
    for (const LoadCircuit& c : circuits) {
        block.add(c);
    }
    block.judgeFeeds();
}

}  // namespace

Piece bladeBlock(Draft draft, const RailUnit& rail) {
    std::vector<LoadCircuit> switched = loadCircuits(draft, &rail);
    const auto always =
        std::stable_partition(switched.begin(), switched.end(), [&](const LoadCircuit& c) {
            return c.live != LiveWhen::Always || !rail.atBank();
        });
    const std::vector<LoadCircuit> before(always, switched.end());
    switched.erase(always, switched.end());
    addAll(draft, hangOf(draft.gear, rail), switched);
    addAll(draft, alwaysLive(draft.gear, rail), before);
    return std::move(draft.piece);
}

Piece blockOnRail(Draft draft, const RailUnit& rail) {
    const Hang hang = hangOf(draft.gear, rail);
    Filling block(draft, hang);
    block.open();
    draft.piece.offers = {
        {railPost(rail.id, Pole::Positive), terminal(block.id(), "in"), Holds::Itself},
        {railPost(rail.id, Pole::Negative), terminal(block.id(), "neg"), Holds::Itself}};
    const std::vector<LoadCircuit> circuits = loadCircuits(draft, &rail);
    for (const LoadCircuit& c : circuits) {
        block.add(c);
    }
    block.judgeFeeds();
    return std::move(draft.piece);
}

Piece starterCircuits(Draft draft) {
    const Hang hang = onStarter();
    for (const LoadCircuit& c : loadCircuits(draft, nullptr)) {
        addCircuit(draft, hang, c, {hang.pos, hang.neg, {}});
    }
    return std::move(draft.piece);
}

}  // namespace spirk
