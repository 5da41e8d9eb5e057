// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/checks/rule_cases.h"

#include <string>

#include "core/plan/own_gear.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk::test {

namespace {

void putRelay(Gear& gear) {
    takeOutEngine(gear);
    gear.sources.push_back({{UnitId("combiner"), WayId("relay_from_starter"), {}},
                            UnitId(kMainRail),
                            RelayChoice{"relay_140"}});
}

// A bar of 10 by 2 mm: by DIN 43671 one of 12 by 2 carries 108 A in free air (from memory).
void putOwnBar(Plan& p, Amps rated) {
    HardwareModel bar = *findHardware(p, library(), "bus_bar_400_12");
    bar.id = "own_bar";
    bar.maxCurrent = rated;
    bar.width = metres(0.010);
    bar.thickness = metres(0.002);
    p.own.hardware = {bar};
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

void putMonitor(Plan& p, int tanks) {
    MonitorChoice gauges{
        {UnitId("gauges"), WayId("monitor_on_rail"), {}}, UnitId(kMainRail), "gauge_panel", {}};
    for (int i = 1; i <= tanks; ++i) {
        gauges.sensors.push_back(
            {UnitId("tank" + std::to_string(i)), Senses::Tank, "a tank", PlaceId("galley")});
    }
    p.gear.monitors = {gauges};
}

const std::vector<RuleCase> kCases = {
    {"W1",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(200)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(15)}};
     }},
    {"W2",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "", amps(150)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "", amps(200)}};
     }},
    {"W3",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {LeaveOutProtection{ConductorId("main.feed+"), End::From}};
     },
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("main.feed+"), metres(0.4)}};
     }},
    {"W5",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "sf51", amps(250)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "class_t", amps(250)}};
     }},
    {"W7",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(4)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(50)}};
     }},
    {"W8",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(4)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
     }},
    {"W10",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(95)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
     }},
    {"B1",
     Severity::Fault,
     [](Plan& p) { p.trip.daysWithoutSun = 30; },
     [](Plan& p) { p.trip.daysWithoutSun = 1; }},
    {"B2",
     Severity::Fault,
     [](Plan& p) { putBank(p.gear, "lfp_100", 1); },
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
    {"G3",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("bank.neg"), "bar"}}};
     },
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("bus.neg"), "bar"}}};
     }},
    {"I1",
     Severity::Fault,
     [](Plan& p) { p.appliances.back().rated = watts(3000); },
     [](Plan& p) { p.appliances.back().rated = watts(1500); }},
    {"W4",
     Severity::Advice,
     [](Plan& p) {
         p.amendments = {SetFuseDistance{ConductorId("inverter.feed+"), End::From, metres(0.5)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuseDistance{ConductorId("inverter.feed+"), End::From, metres(0.2)}};
     }},
    {"W6",
     Severity::Danger,
     [](Plan& p) {
         putBank(p.gear, "lfp_24_100", 3, 1);
         p.amendments = {
             SetFuse{ConductorId("fuseblock.feed+"), End::From, "self_reset", amps(15)}};
     },
     [](Plan& p) {
         p.amendments = {
             SetFuse{ConductorId("fuseblock.feed+"), End::From, "self_reset", amps(15)}};
     }},
    {"W9",
     Severity::Advice,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(9)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(10)}};
     }},
    {"W11",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("shunt"), "b"}},
             MoveEnd{ConductorId("mppt.feed-"), End::To, {DeviceId("shunt"), "b"}},
             MoveEnd{ConductorId("dcdc.feed-"), End::To, {DeviceId("shunt"), "b"}},
             MoveEnd{ConductorId("fuseblock.feed-"), End::To, {DeviceId("shunt"), "b"}}};
     },
     [](Plan& p) {
         p.amendments = {MoveEnd{ConductorId("inverter.feed-"), End::To, {DeviceId("shunt"), "b"}},
                         MoveEnd{ConductorId("mppt.feed-"), End::To, {DeviceId("shunt"), "b"}},
                         MoveEnd{ConductorId("dcdc.feed-"), End::To, {DeviceId("shunt"), "b"}}};
     }},
    {"W12",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("dcdc.enable"), squareMillimetres(0.75)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("dcdc.enable"), squareMillimetres(1)}};
     }},
    {"W13",
     Severity::Fault,
     [](Plan& p) {
         inverterOf(p.gear)->model = "inverter_3000";
         p.amendments = {SetHardware{DeviceId("main.switch"), "switch_200"}};
     },
     [](Plan& p) { inverterOf(p.gear)->model = "inverter_3000"; }},
    {"W15",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("circuit.kitchen.feed+"), End::From, "", amps(30)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("circuit.kitchen.feed+"), End::From, "", amps(25)}};
     }},
    {"W16",
     Severity::Advice,
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("bank.1.lead+"), metres(0.9)}};
     },
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("inverter.feed+"), metres(0.9)}};
     }},
    {"B4",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("bank.1.lead+"), metres(6)},
                         SetLength{ConductorId("bank.1.lead-"), metres(6)}};
     },
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("bank.1.lead+"), metres(0.6)}};
     }},
    {"W17",
     Severity::Danger,
     [](Plan& p) { p.van.places[6].ambient = celsius(106); },
     [](Plan& p) { p.van.places[6].ambient = celsius(80); }},
    {"W19",
     Severity::Advice,
     [](Plan& p) {
         for (int i = 0; i < 10; ++i) {
             p.appliances.push_back(aLoad("tool" + std::to_string(i), watts(60), Category::Work));
         }
     },
     [](Plan& p) {
         for (int i = 0; i < 9; ++i) {
             p.appliances.push_back(aLoad("tool" + std::to_string(i), watts(60), Category::Work));
         }
     }},
    {"W22",
     Severity::Danger,
     [](Plan& p) {
         p.appliances.push_back(aLoad("spot", watts(5), Category::Lighting));
         p.amendments = {SetFuse{ConductorId("circuit.lighting.feed+"), End::From, "", amps(20)},
                         SetSize{ConductorId("circuit.lighting.feed+"), squareMillimetres(6)},
                         SetSize{ConductorId("circuit.lighting.feed-"), squareMillimetres(6)}};
     },
     [](Plan& p) { p.appliances.push_back(aLoad("spot", watts(5), Category::Lighting)); }},
    {"W23",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "", amps(100)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "", amps(250)}};
     }},
    {"W24",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {LeaveOutProtection{ConductorId("dcdc.enable"), End::From}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("dcdc.enable"), End::From, "", amps(2)}};
     }},
    {"W25",
     Severity::Advice,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("engine.feed+"), End::From, "", amps(175)},
                         SetSize{ConductorId("engine.feed+"), squareMillimetres(35)}};
     },
     [](Plan& p) {
         p.van.places[6].ambient = celsius(51);
         p.van.places[0].ambient = celsius(41);
         p.van.places[4].ambient = celsius(61);
         p.van.places[3].ambient = celsius(31);
         p.van.places[1].ambient = celsius(31);
         p.van.places[5].ambient = celsius(51);
         p.van.places[7].ambient = celsius(36);
         p.van.places[2].ambient = celsius(31);
     }},
    {"W26",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(60)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
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
     [](Plan& p) {
         p.trip.firstMonth = 1;
         p.trip.climate = "Denver";
     },
     [](Plan& p) {
         p.trip.firstMonth = 1;
         p.trip.climate = "Denver";
         p.appliances.push_back(aLoad("heater", watts(30), Category::Climate));
     }},
    {"B12",
     Severity::Advice,
     [](Plan& p) {
         putInverter(p.gear, "inverter_3000", hours(24));
         p.appliances.pop_back();
     },
     [](Plan& p) { putInverter(p.gear, "inverter_350", hours(2)); }},
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
     Severity::Danger,
     [](Plan& p) {
         solarOf(p.gear)->parallel = 4;
         solarOf(p.gear)->series = 1;
     },
     [](Plan& p) { solarOf(p.gear)->parallel = 2; }},
    {"S6",
     Severity::Danger,
     [](Plan& p) {
         solarOf(p.gear)->parallel = 3;
         p.amendments = {SetSize{ConductorId("array.lead+"), squareMillimetres(1.5)}};
     },
     [](Plan& p) {
         solarOf(p.gear)->parallel = 3;
         p.amendments = {SetSize{ConductorId("array.lead+"), squareMillimetres(6)}};
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
     [](Plan& p) { p.trip.drivingPerDay = hours(2); }},
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
    {"G1",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {MoveEnd{ConductorId("bond"), End::From, {DeviceId("bank.neg"), "bar"}}};
     },
     [](Plan& p) {
         p.amendments = {MoveEnd{ConductorId("bond"), End::From, {DeviceId("bus.neg"), "bar"}}};
     }},
    {"G2",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("bond"), squareMillimetres(10)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("bond"), squareMillimetres(95)}};
     }},
    {"G4",
     Severity::Fault,
     [](Plan& p) {
         inverterOf(p.gear)->model = "inverter_3000";
         for (int i = 0; i < 12; ++i) {
             p.appliances.push_back(aLoad("work" + std::to_string(i), watts(280), Category::Work));
         }
         p.amendments = {SetHardware{DeviceId("shunt"), "shunt_500"}};
     },
     [](Plan& p) {
         inverterOf(p.gear)->model = "inverter_3000";
         for (int i = 0; i < 12; ++i) {
             p.appliances.push_back(aLoad("work" + std::to_string(i), watts(280), Category::Work));
         }
     }},
    {"V1",
     Severity::Danger,
     [](Plan& p) { putBank(p.gear, "lfp_24_100", 3, 1); },
     [](Plan& p) {
         putBank(p.gear, "lfp_24_100", 3, 1);
         inverterOf(p.gear)->model = "inverter_24_2000";
         engineOf(p.gear)->charger = "dcdc_24_15";
     }},
    {"V1",
     Severity::Fault,
     [](Plan& p) {
         putBank(p.gear, "flooded_225_6v", 1, 1);
         p.gear.inverters.clear();
         p.gear.sources.clear();
     },
     [](Plan& p) {
         putBank(p.gear, "flooded_225_6v", 1, 2);
         p.gear.inverters.clear();
         p.gear.sources.clear();
     }},
    {"V2",
     Severity::Danger,
     [](Plan& p) {
         putBank(p.gear, "lfp_24_100", 3, 1);
         p.appliances[1].supplied = Supplied::Twelve;
     },
     [](Plan& p) {
         putBank(p.gear, "lfp_24_100", 3, 1);
         p.appliances[1].supplied = Supplied::Twelve;
         putConverter(p.gear, "converter_20");
     }},
    {"W27",
     Severity::Fault,
     [](Plan& p) {
         putOwnBar(p, amps(300));
         p.amendments = {SetHardware{DeviceId("bus.pos"), "own_bar"}};
     },
     [](Plan& p) {
         p.amendments = {SetHardware{DeviceId("bus.pos"), "bus_bar_400_12"}};
     }},
    {"B5",
     Severity::Fault,
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "", 0.8}};
     },
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "", 0.95}};
     }},
    {"T5",
     Severity::Danger,
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "agm_110", 1.0}};
     },
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "", 1.0}};
     }},
    {"S11",
     Severity::Fault,
     [](Plan& p) { putPanels(p, 1); },
     [](Plan& p) { putPanels(p, solarOf(p.gear)->series); }},
    {"S13",
     Severity::Danger,
     [](Plan& p) { putOwnController(p, PanelNegative::Measured); },
     [](Plan& p) { putOwnController(p, PanelNegative::Common); }},
    {"G5",
     Severity::Danger,
     [](Plan& p) {
         putMonitor(p, 1);
         p.amendments = {LeaveOutProtection{ConductorId("gauges.feed+"), End::From}};
     },
     [](Plan& p) { putMonitor(p, 1); }},
    {"N1", Severity::Fault, [](Plan& p) { putMonitor(p, 4); }, [](Plan& p) { putMonitor(p, 3); }},
    {"N2",
     Severity::Fault,
     [](Plan& p) {
         putMonitor(p, 1);
         p.amendments = {SetLength{ConductorId("gauges.tank1.lead"), metres(10.1)}};
     },
     [](Plan& p) {
         putMonitor(p, 1);
         p.amendments = {SetLength{ConductorId("gauges.tank1.lead"), metres(9.9)}};
     }},
};

}  // namespace

const std::vector<RuleCase>& ruleCases() { return kCases; }

}  // namespace spirk::test
