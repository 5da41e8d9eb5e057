// SPDX-License-Identifier: GPL-3.0-or-later
// What ways bring to the first switch-on covers what they wire.
#include <gtest/gtest.h>

#include <map>
#include <set>

#include "core/design/design.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

std::map<ConductorId, int> fusesPutIn(const Wiring& wiring) {
    std::map<ConductorId, int> out;
    for (const LiveStep& step : wiring.steps) {
        for (const ConductorId& fuse : step.fuses) {
            ++out[fuse];
        }
    }
    return out;
}

// A fuse that no step puts in would be found on the bench at the end.
TEST(LiveSteps, PutInEachFuseOnce) {
    for (const Plan& plan : {test::aSmallVan(), test::aFullVan(), test::theDemo()}) {
        SCOPED_TRACE(plan.name);
        const Wiring w = design(plan, library()).wiring;
        const auto in = fusesPutIn(w);
        for (const Conductor& c : w.circuit.conductors) {
            const bool fused = protectionAt(w.circuit, c, End::From) != nullptr;
            const auto at = in.find(c.id);
            EXPECT_EQ(at == in.end() ? 0 : at->second, fused ? 1 : 0) << c.id.value;
        }
    }
}

TEST(LiveSteps, NameWhatIsThere) {
    const Wiring w = design(test::theDemo(), library()).wiring;
    std::set<std::string> ids;
    for (const LiveStep& step : w.steps) {
        EXPECT_TRUE(ids.insert(step.id).second) << step.id;
        for (const Look& look : step.looks) {
            for (const WantedReading& reading : look.readings) {
                EXPECT_TRUE(reading.what == Reads::Monitor ||
                            findDevice(w.circuit, reading.terminal().device) != nullptr)
                    << step.id;
            }
        }
    }
    for (const WantedSetting& setting : w.settings) {
        EXPECT_NE(findDevice(w.circuit, setting.device), nullptr) << english(setting.setting);
    }
}

}  // namespace
}  // namespace spirk
