// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/checks/rule_cases.h"

#include <string>

#include "core/plan/own_gear.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk::test {

namespace {

// A bar of 10 by 2 mm: by DIN 43671 one of 12 by 2 carries 108 A in free air (from memory).
void putOwnBar(Plan& p, Amps rated) {
    HardwareModel bar = *findHardware(p, library(), "bus_bar_400_12");
    bar.id = "own_bar";
    bar.maxCurrent = rated;
    bar.width = metres(0.010);
    bar.thickness = metres(0.002);
    p.own.hardware = {bar};
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

const std::vector<RuleCase> kOfCables = {
    {"W1",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(50)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "", amps(40)}};
     }},
    {"W2",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("inverter.feed+"), End::From, "", amps(175)}};
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
     Severity::Advice,  // 5.7 % of 5; above twice the limit a fault, below
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(10)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(16)}};
     }},
    {"W7",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(4)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("engine.feed+"), squareMillimetres(16)}};
     }},
    {"W8",
     Severity::Danger,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(10)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(16)}};
     }},
    {"W10",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(95)}};
     },
     [](Plan& p) {
         p.amendments = {SetSize{ConductorId("inverter.feed+"), squareMillimetres(70)}};
     }},
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
    {"W4",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetFuseDistance{ConductorId("inverter.feed+"), End::From, metres(0.21)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuseDistance{ConductorId("inverter.feed+"), End::From, metres(0.2)}};
     }},
    // ABYC E-11: 40 in (1.02 m) from a bus bar, 72 in (1.83 m) from the battery, in a sheath.
    {"W4",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             SetFuseDistance{ConductorId("inverter.feed+"), End::From, metres(1.03), true}};
     },
     [](Plan& p) {
         p.amendments = {
             SetFuseDistance{ConductorId("inverter.feed+"), End::From, metres(1.02), true}};
     }},
    {"W4",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             SetFuseDistance{ConductorId("engine.feed+"), End::From, metres(1.84), true}};
     },
     [](Plan& p) {
         p.amendments = {
             SetFuseDistance{ConductorId("engine.feed+"), End::From, metres(1.83), true}};
     }},
    // The house negative of the engine charger on the bank's side of the shunt.
    {"E7",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             MoveEnd{ConductorId("dcdc.feed-"), End::To, {DeviceId("bank.neg"), "bar"}}};
     },
     [](Plan& p) {
         p.amendments = {MoveEnd{ConductorId("dcdc.feed-"), End::To, {DeviceId("bus.neg"), "bar"}}};
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
         p.amendments = {SetLength{ConductorId("bank.1.lead+"), metres(0.57)}};
     },
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("bank.1.lead+"), metres(0.55)}};
     }},
    {"W17",
     Severity::Danger,
     [](Plan& p) { p.van.places[6].ambient = celsius(105); },
     [](Plan& p) { p.van.places[6].ambient = celsius(104); }},
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
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "", amps(150)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("main.feed+"), End::From, "", amps(175)}};
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
         p.amendments = {SetSize{ConductorId("bond"), squareMillimetres(16)}};
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
    {"T5",
     Severity::Danger,
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "agm_110", 1.0}};
     },
     [](Plan& p) {
         bankOf(p.gear).unlike = {{2, "", 1.0}};
     }},
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
    {"W28",
     Severity::Advice,
     [](Plan& p) {
         for (VanPlace& place : p.van.places) {
             place.ambient = place.id == PlaceId("galley") ? celsius(69) : place.ambient;
         }
     },
     [](Plan& p) {
         for (VanPlace& place : p.van.places) {
             place.ambient = place.id == PlaceId("galley") ? celsius(67) : place.ambient;
         }
     }},
    {"P4", Severity::Advice, [](Plan&) {}, [](Plan& p) { measureBoard(p); }},
    {"N3",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("mppt.feed+"), metres(0.05)}};
     },
     [](Plan& p) {
         p.amendments = {SetLength{ConductorId("mppt.feed+"), metres(0.1)}};
     }},
    {"W20",
     Severity::Fault,
     [](Plan& p) {
         mainRailOf(p.gear).kind = Distribution::Distributor;
         p.amendments = {SetHardware{DeviceId("bus.pos"), "distributor_6_sf51"},
                         SetFuse{ConductorId("inverter.feed+"), End::From, "anl", amps(200)}};
     },
     [](Plan& p) {
         mainRailOf(p.gear).kind = Distribution::Distributor;
         p.amendments = {SetHardware{DeviceId("bus.pos"), "distributor_6_sf51"},
                         SetFuse{ConductorId("inverter.feed+"), End::From, "sf51", amps(200)}};
     }},
    {"W21",
     Severity::Fault,
     [](Plan& p) {
         p.amendments = {
             SetFuse{ConductorId("fuseblock.feed+"), End::From, "self_reset", amps(40)}};
     },
     [](Plan& p) {
         p.amendments = {SetFuse{ConductorId("fuseblock.feed+"), End::From, "thermal", amps(40)}};
     }},
};

}  // namespace

const std::vector<RuleCase>& casesOfCables() { return kOfCables; }

const std::vector<RuleCase>& ruleCases() {
    static const std::vector<RuleCase> all = [] {
        std::vector<RuleCase> out = casesOfCables();
        const std::vector<RuleCase>& more = casesOfUnits();
        out.insert(out.end(), more.begin(), more.end());
        return out;
    }();
    return all;
}

}  // namespace spirk::test
