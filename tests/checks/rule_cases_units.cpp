// SPDX-License-Identifier: GPL-3.0-or-later
#include <string>

#include "core/plan/own_gear.h"
#include "core/plan/units.h"
#include "tests/checks/rule_cases.h"
#include "tests/support/builders.h"

namespace spirk::test {

namespace {

void putRelay(Gear& gear) {
    takeOutEngine(gear);
    gear.sources.push_back({{UnitId("combiner"), WayId("relay_from_starter"), {}},
                            UnitId(kMainRail),
                            RelayChoice{"relay_140"}});
}

// The same panels as the van's, so many in each of their strings.
void putPanels(Plan& p, int series) {
    p.gear.sources.push_back({{UnitId("more"), WayId("panels_beside"), {}},
                              UnitId(kSunUnit),
                              PanelsChoice{{solarOf(p.gear)->panel, series, 1}}});
}

void putOwnController(Plan& p, PanelNegative negative) {
    SolarChoice& solar = *solarOf(p.gear);
    ControllerModel own = *findById(library().controllers, solar.controller);
    own.id = "own_controller";
    own.negative = negative;
    p.own.controllers = {own};
    solar.controller = own.id;
    unitOf(p.gear, UnitId(kSunUnit))->options["panel_negative"] = "bar";
}

// The van's inverter, of which its maker says what its leads are.
void putOwnInverter(Plan& p, SquareMetres area) {
    InverterModel own = *findById(library().inverters, inverterOf(p.gear)->model);
    own.id = "own_inverter";
    own.makerArea = area;
    own.connection.maxArea = squareMillimetres(120);
    p.own.inverters = {own};
    inverterOf(p.gear)->model = own.id;
}

// A unit for engine and sun in place of both.
void putCombined(Plan& p, const std::string& isolator) {
    takeOutEngine(p.gear);
    takeOutSolar(p.gear);
    CombinedChoice both;
    both.panel = "panel_180";
    both.unit = "combined_50";
    p.gear.sources.push_back(
        {{UnitId("duo"), WayId("combined_from_starter"), {{"array_isolator", isolator}}},
         UnitId(kMainRail),
         both});
}

void putFridge(Plan& p, std::optional<Watts> measured) {
    Appliance fridge = fromCatalogue(*findById(library().appliances, std::string("fridge_90")), p);
    fridge.rated = watts(60);  // usual: 48 W
    fridge.measured = measured;
    p.appliances.push_back(fridge);
}

// Its inverter at the end of long leads of this size.
void putFarInverter(Plan& p, double mm2) {
    putBank(p.gear, "lfp_200", 1);
    for (const char* lead : {"inverter.feed+", "inverter.feed-"}) {
        p.amendments.emplace_back(SetLength{ConductorId(lead), metres(4)});
        p.amendments.emplace_back(SetSize{ConductorId(lead), squareMillimetres(mm2)});
    }
}

const std::vector<RuleCase> kOfUnits = {
    {"B1",
     Severity::Fault,
     [](Plan& p) { p.trip.daysWithoutSun = 2; },
     [](Plan& p) { p.trip.daysWithoutSun = 1; }},
    {"B2",
     Severity::Advice,  // at the inverter's rating; what is needed, 1000 W and the loads, is within
     [](Plan& p) { putBank(p.gear, "lfp_150", 1); },
     [](Plan& p) { putBank(p.gear, "lfp_200", 1); }},
    {"S1",
     Severity::Danger,
     [](Plan& p) { solarOf(p.gear)->series = 4; },
     [](Plan& p) { solarOf(p.gear)->series = 3; }},
    {"S2",
     Severity::Advice,
     [](Plan& p) { solarOf(p.gear)->controller = "mppt_100_20"; },
     [](Plan& p) { solarOf(p.gear)->controller = "mppt_100_50"; }},
    {"E3",
     Severity::Fault,
     [](Plan& p) {
         putEngine(p.gear, EngineChoice{"dcdc_60"});
         p.van.vehicle.alternator = amps(100);
     },
     [](Plan& p) { putEngine(p.gear, EngineChoice{"dcdc_20"}); }},
    {"I1",
     Severity::Fault,
     [](Plan& p) { p.appliances.back().rated = watts(1601); },
     [](Plan& p) { p.appliances.back().rated = watts(1600); }},
    {"B4",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("bank.1.lead+"), metres(2)},
                         SetLength{ConductorId("bank.1.lead-"), metres(2)}};
     },
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("bank.1.lead+"), metres(1.5)},
                         SetLength{ConductorId("bank.1.lead-"), metres(1.5)}};
     }},
    {"B3",
     Severity::Fault,
     [](Plan& p) { putBank(p.gear, "gel_90", 2, 1); },
     [](Plan& p) { putBank(p.gear, "lfp_100", 1, 1); }},
    {"B6",
     Severity::Fault,
     [](Plan& p) {
         p.trip.firstMonth = 1;
         p.trip.climate = "Oslo";
     },
     [](Plan& p) {
         p.trip.firstMonth = 1;
         p.trip.climate = "Oslo";
         putBank(p.gear, "lfp_100_heated", 3, 1);
     }},
    {"B7",
     Severity::Danger,
     [](Plan& p) { putBank(p.gear, "flooded_110", 3, 1); },
     [](Plan& p) {
         putBank(p.gear, "flooded_110", 3, 1);
         for (const char* id : {"bank.1", "bank.2", "bank.3"}) {
             p.van.placed[DeviceId(id)] = PlaceId("under_floor");
         }
     }},
    {"B10",
     Severity::Advice,
     [](Plan& p) { putBank(p.gear, "agm_110", 1, 2); },
     [](Plan& p) { putBank(p.gear, "agm_110", 2, 1); }},
    {"B11",
     Severity::Advice,
     [](Plan& p) {  // a fan warms nobody
         p.trip.firstMonth = 1;
         p.trip.climate = "Denver";
         p.appliances.push_back(aLoad("fan", watts(30), Category::Climate));
     },
     [](Plan& p) {
         p.trip.firstMonth = 1;
         p.trip.climate = "Denver";
         p.appliances.push_back(aLoad("heater", watts(30), Category::Heating));
     }},
    {"B12",
     Severity::Advice,
     [](Plan& p) {
         putInverter(p.gear, "inverter_3000", hours(24));
         p.appliances.pop_back();
     },
     [](Plan& p) { putInverter(p.gear, "inverter_350", hours(2)); }},
    // Own arithmetic: 930 Wh are usable; 1.4 W take 34 Wh a day, 1.2 W 29.
    {"B12",
     Severity::Advice,
     [](Plan& p) {
         putBank(p.gear, "lfp_100", 1);
         p.appliances.push_back(aLoad("alarm", watts(1.4), Category::Electronics));
         p.appliances.back().alwaysOn = true;
     },
     [](Plan& p) {
         putBank(p.gear, "lfp_100", 1);
         p.appliances.push_back(aLoad("alarm", watts(1.2), Category::Electronics));
         p.appliances.back().alwaysOn = true;
     }},
    {"B14",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("circuit.kitchen.feed+"), End::From, {DeviceId("starter"), "+"}}};
     },
     [](Plan& p) {
         p.amendments = {MoveEnd{
             ConductorId("circuit.kitchen.feed+"), End::From, {DeviceId("bus.pos"), "bar"}}};
     }},
    {"S3",
     Severity::Fault,
     [](Plan& p) {
         putBank(p.gear, "lfp_24_100", 3, 1);
         putSolar(p.gear, SolarChoice{"panel_180", 1, 2, "mppt_100_50"});
     },
     [](Plan& p) {
         putBank(p.gear, "lfp_24_100", 3, 1);
         putSolar(p.gear, SolarChoice{"panel_180", 2, 1, "mppt_100_50"});
     }},
    {"S4",
     Severity::Danger,  // 1.25 · 2 · 9.4 A against the 20 A that a panel bears
     [](Plan& p) {
         solarOf(p.gear)->parallel = 3;
         solarOf(p.gear)->series = 1;
         unitOf(p.gear, UnitId(kSunUnit))->options["string_fuses"] = "none";
     },
     [](Plan& p) {  // 1.25 · 9.4 A
         solarOf(p.gear)->parallel = 2;
         unitOf(p.gear, UnitId(kSunUnit))->options["string_fuses"] = "none";
     }},
    {"S5",
     Severity::Fault,  // three of 24.6 V in series are above 60 V
     [](Plan& p) {
         solarOf(p.gear)->series = 3;
         unitOf(p.gear, UnitId(kSunUnit))->options["array_isolator"] = "none";
     },
     [](Plan& p) { unitOf(p.gear, UnitId(kSunUnit))->options["array_isolator"] = "inlet"; }},
    {"S6",
     Severity::Danger,
     [](Plan& p) {
         solarOf(p.gear)->parallel = 3;
         p.amendments = {SetSize{ConductorId("array.lead+"), squareMillimetres(2.5)}};
     },
     [](Plan& p) {
         solarOf(p.gear)->parallel = 3;
         p.amendments = {SetSize{ConductorId("array.lead+"), squareMillimetres(4)}};
     }},
    {"S7",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {LeaveOutProtection{ConductorId("mppt.feed+"), End::From}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("mppt.feed+"), End::From, "", amps(60)}};
     }},
    {"S8",
     Severity::Advice,
     [](Plan&) {},
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("mppt.feed+"), End::From, {DeviceId("main.switch"), "a"}}};
     }},
    {"S10",
     Severity::Advice,
     [](Plan& p) {
         takeOutEngine(p.gear);
         p.trip.firstMonth = 11;
         p.trip.lastMonth = 2;
         p.trip.climate = "Oslo";
     },
     [](Plan& p) { takeOutEngine(p.gear); }},
    {"S12",
     Severity::Advice,
     [](Plan& p) {
         putSolar(p.gear, SolarChoice{"panel_180", 2, 1, "pwm_50_20"});
     },
     [](Plan& p) {
         putSolar(p.gear, SolarChoice{"panel_180", 1, 1, "pwm_50_20"});
     }},
    {"E1",
     Severity::Fault,
     [](Plan& p) {
         putRelay(p.gear);
         putBank(p.gear, "agm_110", 2);
         p.van.vehicle.regulation = Regulation::Variable;
     },
     [](Plan& p) {
         putRelay(p.gear);
         putBank(p.gear, "agm_110", 2);
     }},
    {"E2",
     Severity::Fault,
     [](Plan& p) { putRelay(p.gear); },
     [](Plan& p) {
         putRelay(p.gear);
         putBank(p.gear, "agm_110", 2);
     }},
    {"E4",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("dcdc.enable"), End::From, {DeviceId("bus.pos"), "bar"}}};
     },
     [](Plan& p) { p.amendments = {PutIn{ConductorId("dcdc.enable")}}; }},
    {"E5",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {LeaveOutProtection{ConductorId("engine.feed+"), End::From}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("engine.feed+"), End::From, "", amps(60)}};
     }},
    {"E9",
     Severity::Advice,
     [](Plan& p) { p.trip.drivingPerDay = hours(0); },
     [](Plan& p) { p.trip.drivingPerDay = hours(0.1); }},
    {"E11",
     Severity::Fault,
     [](Plan& p) {
         p.van.vehicle.points = {{UnitId("seat"),
                                  "seat box",
                                  PlaceId("seat"),
                                  PointAt::Starter,
                                  PointLaid::Found,
                                  metres(2),
                                  squareMillimetres(6),
                                  amps(40)}};
         engineOf(p.gear)->from.point = UnitId("seat");
     },
     [](Plan& p) {
         p.van.vehicle.points = {{UnitId("seat"),
                                  "seat box",
                                  PlaceId("seat"),
                                  PointAt::Starter,
                                  PointLaid::Found,
                                  metres(2),
                                  squareMillimetres(16),
                                  amps(60)}};
         engineOf(p.gear)->from.point = UnitId("seat");
     }},
    {"B5",
     Severity::Fault,
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "", 0.89}};
     },
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "", 0.9}};
     }},
    {"S11",
     Severity::Fault,
     [](Plan& p) { putPanels(p, 1); },
     [](Plan& p) { putPanels(p, solarOf(p.gear)->series); }},
    {"S13",
     Severity::Danger,
     [](Plan& p) { putOwnController(p, PanelNegative::Measured); },
     [](Plan& p) { putOwnController(p, PanelNegative::Common); }},
    {"S14",
     Severity::Fault,  // four times 9.4 A against 30 A
     [](Plan& p) {
         putSolar(p.gear, SolarChoice{"panel_180", 1, 4, "mppt_100_20"});
     },
     [](Plan& p) {
         putSolar(p.gear, SolarChoice{"panel_180", 1, 3, "mppt_100_20"});
     }},
    {"I2",
     Severity::Fault,
     [](Plan& p) {
         putOwnInverter(p, squareMillimetres(95));
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
     },
     [](Plan& p) { putOwnInverter(p, squareMillimetres(95)); }},
    {"I3",
     Severity::Advice,
     [](Plan& p) { inverterOf(p.gear)->usedUpTo = watts(1599); },
     [](Plan& p) { inverterOf(p.gear)->usedUpTo = watts(1600); }},
    {"I4",
     Severity::Fault,
     [](Plan& p) { putFarInverter(p, 25); },
     [](Plan& p) { putFarInverter(p, 35); }},
    {"B8",
     Severity::Fault,
     [](Plan& p) {
         putSolar(p.gear, SolarChoice{"panel_100", 1, 1, "pwm_50_10"});
     },
     [](Plan& p) {
         putSolar(p.gear, SolarChoice{"panel_100", 1, 1, "pwm_50_20"});
     }},
    {"B13",
     Severity::Fault,
     [](Plan& p) { putRelay(p.gear); },
     [](Plan& p) {
         putRelay(p.gear);
         putBank(p.gear, "agm_110", 3);
     }},
    {"B16",
     Severity::Fault,
     [](Plan& p) { p.van.placed[DeviceId("bank.1")] = PlaceId("engine"); },
     [](Plan& p) { p.van.placed[DeviceId("bank.1")] = PlaceId("cupboard"); }},
    {"B17",
     Severity::Fault,
     [](Plan& p) { putBank(p.gear, "flooded_110", 3); },
     [](Plan& p) {
         putBank(p.gear, "flooded_110", 3);
         bankOf(p.gear).venting = Venting::Box;
     }},
    {"E6",
     Severity::Advice,
     [](Plan& p) { putCombined(p, "none"); },
     [](Plan& p) { putCombined(p, "one"); }},
    {"E8",
     Severity::Advice,
     [](Plan& p) { putRelay(p.gear); },
     [](Plan& p) {
         putRelay(p.gear);
         takeOutInverter(p.gear);
     }},
    {"E10",
     Severity::Fault,
     [](Plan& p) {
         putRelay(p.gear);
         std::get<RelayChoice>(p.gear.sources.back().what).relay = "relay_80";
     },
     [](Plan& p) {
         putRelay(p.gear);
         std::get<RelayChoice>(p.gear.sources.back().what).relay = "relay_230";
     }},
    {"P11",
     Severity::Advice,
     [](Plan& p) {
         p.appliances.push_back(aLoad("alarm", watts(1.2), Category::Electronics));
         p.appliances.back().alwaysOn = true;
         p.habitsOff = {"always_apart"};
     },
     [](Plan& p) {
         p.appliances.push_back(aLoad("alarm", watts(1.2), Category::Electronics));
         p.appliances.back().alwaysOn = true;
     }},
    {"P10",
     Severity::Advice,
     [](Plan& p) { putFridge(p, std::nullopt); },
     [](Plan& p) { putFridge(p, watts(48)); }},
};

}  // namespace

const std::vector<RuleCase>& casesOfUnits() { return kOfUnits; }

}  // namespace spirk::test
