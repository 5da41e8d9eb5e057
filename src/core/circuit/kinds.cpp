// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/kinds.h"

#include <array>

#include "core/base/promise.h"

namespace spirk {

namespace {

using enum DeviceKind;
using enum Stands;

constexpr auto kYes = Bought::Yes;
constexpr auto kNo = Bought::No;
constexpr auto kShut = Opens::No;
constexpr auto kLadder = Opens::ToLadder;
constexpr auto kPasses = Rated::ForAllThatPasses;
constexpr auto kIntake = Rated::ForItsIntake;
constexpr auto kOutput = Rated::ForItsOutput;
constexpr auto kUnrated = Rated::No;
constexpr auto kShared = Studs::Shared;
constexpr auto kEach = Studs::OneEach;
constexpr auto kVehicle = Meets::Vehicle;
constexpr auto kPanels = Meets::Panels;
// Of what is no rung by itself: behind all that are.
constexpr int kLast = 6;

// In the order of the kinds.
constexpr std::array kRows{
    KindRow{Battery, "battery", kYes, Rung, 2, kShut, kUnrated, kShared},
    KindRow{CollectingBar, "collecting_bar", kYes, Rung, 2, kLadder, kPasses, kEach},
    KindRow{BusBar, "bus_bar", kYes, Rail, kLast, kShut, kPasses, kEach},
    KindRow{MainSwitch, "main_switch", kYes, Leg, kLast, kShut, kPasses, kShared},
    KindRow{Isolator, "isolator", kYes, Leg, kLast, kShut, kPasses, kShared},
    KindRow{PvIsolator, "pv_isolator", kYes, BeforeController, kLast, kShut, kPasses, kShared},
    KindRow{Shunt, "shunt", kYes, Leg, kLast, kShut, kPasses, kShared},
    KindRow{FuseBlock, "fuse_block", kYes, Rung, 5, kLadder, kIntake, kShared},
    KindRow{Strip, "strip", kYes, Rung, 4, kLadder, kIntake, kShared},
    KindRow{Joint, "joint", kYes, Leg, kLast, kShut, kPasses, kShared},
    KindRow{LoadSwitch, "load_switch", kYes, Leg, kLast, kShut, kPasses, kShared},
    KindRow{BodyPoint, "body_point", kYes, Leg, kLast, kShut, kUnrated, kShared},
    KindRow{Starter, "starter_battery", kNo, Vehicle, kLast, kShut, kUnrated, kShared},
    KindRow{Alternator, "alternator", kNo, Vehicle, kLast, kShut, kUnrated, kShared},
    KindRow{Chassis, "chassis", kNo, Vehicle, kLast, kShut, kUnrated, kEach},
    KindRow{Ignition, "ignition", kNo, Vehicle, kLast, kShut, kUnrated, kShared},
    KindRow{Array, "array", kYes, BeforeController, kLast, kShut, kUnrated, kShared},
    KindRow{SolarController, "solar_controller", kYes, Rung, 1, kShut, kUnrated, kShared, kPanels},
    KindRow{DcdcCharger, "dcdc_charger", kYes, Rung, 0, kShut, kUnrated, kShared, kVehicle},
    KindRow{Relay, "relay", kYes, Rung, 0, kShut, kPasses, kShared, kVehicle},
    KindRow{ShoreCharger, "shore_charger", kYes, Rung, 0, kShut, kUnrated, kShared},
    KindRow{
        CombinedCharger, "combined_charger", kYes, Rung, 0, kShut, kUnrated, kShared, Meets::Both},
    KindRow{SecondAlternator, "second_alternator", kYes, Rung, 0, kShut, kUnrated, kShared},
    KindRow{TrickleCharger, "trickle_charger", kYes, Rung, 0, kShut, kUnrated, kShared, kVehicle},
    KindRow{SupplyPoint, "supply_point", kNo, Vehicle, kLast, kShut, kUnrated, kShared},
    KindRow{FeedSplit, "feed_split", kYes, Vehicle, kLast, kShut, kPasses, kEach},
    KindRow{PanelInlet, "panel_inlet", kYes, BeforeController, kLast, kShut, kPasses, kShared},
    KindRow{Plug, "plug", kYes, Leg, kLast, kShut, kPasses, kShared},
    KindRow{Monitor, "monitor", kYes, Rung, 4, kShut, kUnrated, kShared},
    KindRow{Sensor, "sensor", kYes, Rung, 4, kShut, kUnrated, kShared},
    KindRow{RemotePanel, "remote_panel", kYes, Rung, 4, kShut, kUnrated, kShared},
    KindRow{Converter, "converter", kYes, Leg, kLast, kShut, kOutput, kShared},
    KindRow{Inverter, "inverter", kYes, Rung, 3, kShut, kUnrated, kShared},
    KindRow{Load, "load", kNo, Rung, 4, kShut, kUnrated, kShared},
};

constexpr bool inOrder() {
    for (std::size_t i = 0; i < kRows.size(); ++i) {
        if (kRows[i].kind != static_cast<DeviceKind>(i)) {
            return false;
        }
    }
    return static_cast<std::size_t>(Load) + 1 == kRows.size();
}
static_assert(inOrder(), "each kind has its row, in the order of the kinds");

}  // namespace

const KindRow& kindRow(DeviceKind kind) {
    const auto at = static_cast<std::size_t>(kind);
    promise(at < kRows.size(), "a kind is one of the table's");
    return kRows[at];
}

}  // namespace spirk
