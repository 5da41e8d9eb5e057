// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/design/clauses.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>

#include "core/plan/plan_file.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk::test {

namespace {

namespace fs = std::filesystem;

fs::path folder() { return fs::path(SPIRK_SOURCE_DIR) / "tests/systems"; }

Told load(const fs::path& path) {
    PlanReading reading = openPlan(path.string(), test::libraries());
    EXPECT_TRUE(reading.plan.has_value())
        << path << ": " << (reading.problems.empty() ? "" : oneLine(reading.problems.front()));
    if (!reading.plan) {
        return {};
    }
    Told out;
    out.library = &libraryFor(test::libraries(), reading.plan->region);
    out.plan = *reading.plan;
    out.design = design(out.plan, *out.library);
    return out;
}

// --- what a system may say

template <class Kind>
int sourcesOf(const Told& t) {
    return static_cast<int>(std::ranges::count_if(t.plan.gear.sources, [](const SourceChoice& s) {
        return std::holds_alternative<Kind>(s.what);
    }));
}

bool chosen(const Told& t, const std::string& option, const std::string& choice) {
    bool out = false;
    const auto look = [&](const SystemUnit& unit) { out = out || unit.chose(option, choice); };
    std::ranges::for_each(t.design.gear.banks, look);
    std::ranges::for_each(t.design.gear.rails, look);
    t.design.gear.eachOnRail([&](const SystemUnit& unit, const UnitId&) { look(unit); });
    std::ranges::for_each(t.design.gear.combineds, look);
    return out;
}

bool isBy(const Told& t, const std::string& way) {
    bool out = false;
    const auto look = [&](const SystemUnit& unit) { out = out || unit.way.value == way; };
    std::ranges::for_each(t.design.gear.banks, look);
    std::ranges::for_each(t.design.gear.rails, look);
    t.design.gear.eachOnRail([&](const SystemUnit& unit, const UnitId&) { look(unit); });
    return out;
}

int devicesOf(const Told& t, DeviceKind kind) {
    return static_cast<int>(
        std::ranges::count(t.design.wiring.circuit.devices, kind, &Device::kind));
}

bool has(const Told& t, DeviceKind kind) { return devicesOf(t, kind) > 0; }

template <class Kind>
bool amended(const Told& t) {
    return std::ranges::any_of(t.plan.amendments,
                               [](const Amendment& a) { return std::holds_alternative<Kind>(a); });
}

bool putsIn(const Told& t, InLine what) {
    return std::ranges::any_of(t.plan.amendments, [&](const Amendment& a) {
        const auto* put = std::get_if<PutIn>(&a);
        return put != nullptr && put->what == what;
    });
}

bool switchedBy(const Told& t, SwitchKind kind) {
    return std::ranges::any_of(t.plan.appliances, [&](const Appliance& a) {
        return a.switched && a.switched->kind == kind;
    });
}

template <class Member, class Value>
bool circuitWith(const Told& t, Member member, Value value) {
    return std::ranges::find(t.plan.gear.circuits, value, member) != t.plan.gear.circuits.end();
}

bool pointWith(const Told& t, const std::function<bool(const SupplyPoint&)>& is) {
    return std::ranges::any_of(t.plan.van.vehicle.points, is);
}

bool bankWith(const Told& t, const std::function<bool(const BankUnit&)>& is) {
    return std::ranges::any_of(t.design.gear.banks, is);
}

bool sunWith(const Told& t, const std::function<bool(const SunUnit&)>& is) {
    return std::ranges::any_of(t.design.gear.suns, is) ||
           std::ranges::any_of(t.design.gear.besides, is);
}

bool readyLead(const Told& t, const std::string& lead) {
    return std::ranges::find(t.design.wiring.circuit.conductors, lead, &Conductor::ready) !=
           t.design.wiring.circuit.conductors.end();
}

bool hardwareNamed(const Told& t, const std::function<bool(const HardwareModel&)>& is) {
    return std::ranges::any_of(t.design.wiring.circuit.devices, [&](const Device& d) {
        const HardwareModel* model =
            d.made ? findById(t.library->hardware, d.made->model) : nullptr;
        return model != nullptr && d.made->named && is(*model);
    });
}

// Banks and what charges them.
const std::vector<Clause>& clausesOfSources() {
    static const std::vector<Clause> all{
        {"several banks, each with its rail",
         {"beekeeper"},
         [](const Told& t) { return t.design.gear.banks.size() > 1; }},
        {"take-off at one battery",
         {"hand_me_down", "tourer"},
         [](const Told& t) { return isBy(t, "at_one_battery"); }},
        {"take-off at opposite ends",
         {"old_van", "string_mix"},
         [](const Told& t) { return isBy(t, "diagonal"); }},
        {"charge in at one battery and loads out of the other",
         {"old_van"},
         [](const Told& t) { return chosen(t, "tap", "far_end"); }},
        {"mixed batteries, aged ones",
         {"hand_me_down"},
         [](const Told& t) { return bankWith(t, [](const BankUnit& b) { return !isAlike(b); }); }},
        {"no fuse at the links of a bank",
         {"tourer"},
         [](const Told& t) { return chosen(t, "fuses", "none"); }},
        {"one fuse for all batteries in common",
         {"bed_box"},
         [](const Told& t) { return chosen(t, "fuses", "common"); }},
        {"a battery's own short-circuit figure",
         {"hand_me_down"},
         [](const Told& t) {
             return bankWith(t,
                             [](const BankUnit& b) { return b.model->shortCircuit.has_value(); });
         }},
        {"batteries with a vent tube",
         {"beekeeper"},
         [](const Told& t) {
             return bankWith(t, [](const BankUnit& b) { return b.venting == Venting::Tube; });
         }},
        {"batteries in a vented box with its free area",
         {"old_van"},
         [](const Told& t) {
             return bankWith(t, [](const BankUnit& b) { return b.opening.has_value(); });
         }},
        {"batteries outside",
         {"both_poles"},
         [](const Told& t) {
             return bankWith(t, [](const BankUnit& b) { return b.venting == Venting::Outside; });
         }},
        {"heater of a bank with watts and thermostat",
         {"converter_front", "full_time"},
         [](const Told& t) {
             return bankWith(t, [](const BankUnit& b) { return b.heater.has_value(); });
         }},
        {"no master switch",
         {"old_van", "weekender"},
         [](const Told& t) { return chosen(t, "switch", "none"); }},
        {"several master switches: one in each pole",
         {"both_poles"},
         [](const Told& t) { return chosen(t, "switch", "each_pole"); }},
        {"a switch for each battery",
         {"full_time"},
         [](const Told& t) { return chosen(t, "switches", "each"); }},
        {"6 V units in series-parallel",
         {"old_van"},
         [](const Told& t) {
             return bankWith(t, [](const BankUnit& b) { return b.series > 1 && b.count > 1; });
         }},
        {"batteries with a sleep of their own",
         {"bed_box"},
         [](const Told& t) {
             return bankWith(t, [](const BankUnit& b) { return b.model->sleeps; });
         }},
        {"voltage-sensing relay",
         {"old_van"},
         [](const Told& t) { return sourcesOf<RelayChoice>(t) > 0; }},
        {"several DC-DC chargers",
         {"string_mix", "tourer"},
         [](const Told& t) { return sourcesOf<EngineChoice>(t) > 1; }},
        {"isolated DC-DC charger",
         {"tourer"},
         [](const Told& t) {
             return std::ranges::any_of(t.design.gear.engines,
                                        [](const EngineUnit& e) { return e.charger->isolated; });
         }},
        {"one unit for engine and sun",
         {"beekeeper", "both_poles"},
         [](const Told& t) { return sourcesOf<CombinedChoice>(t) > 0; }},
        {"second alternator",
         {"mountain_hut"},
         [](const Told& t) { return sourcesOf<AlternatorChoice>(t) > 0; }},
        {"from the alternator's post, one feed that splits to several",
         {"tourer"},
         [](const Told& t) {
             return has(t, DeviceKind::FeedSplit) && pointWith(t, [](const SupplyPoint& p) {
                        return p.at == PointAt::Alternator && p.laid == PointLaid::New;
                    });
         }},
        {"a supply point with known cable and fuse",
         {"both_poles"},
         [](const Told& t) {
             return pointWith(t, [](const SupplyPoint& p) { return p.area && p.fuse; });
         }},
        {"a supply point nobody looked at",
         {"hand_me_down"},
         [](const Told& t) {
             return pointWith(t, [](const SupplyPoint& p) {
                 return p.laid == PointLaid::Found && !p.area && !p.fuse;
             });
         }},
        {"enabled by what is live while the engine runs",
         {"beekeeper", "bed_box", "full_time", "string_mix"},
         [](const Told& t) { return chosen(t, "enable", "ignition"); }},
        {"enabled by D+",
         {"both_poles", "tourer"},
         [](const Told& t) { return chosen(t, "enable", "d_plus"); }},
        {"enabled by the factory's interface",
         {"library_bus", "tourer"},
         [](const Told& t) { return chosen(t, "enable", "interface"); }},
        {"enabled by voltage alone",
         {"converter_front"},
         [](const Told& t) { return chosen(t, "enable", "voltage"); }},
        {"enabled by a hand switch at the driver",
         {"hand_me_down", "string_mix"},
         [](const Told& t) { return chosen(t, "enable", "switch"); }},
        {"separation before the engine is started",
         {"both_poles", "old_van", "tourer"},
         [](const Told& t) { return chosen(t, "separation", "switch"); }},
        {"alternator of changing voltage",
         {"both_poles", "tourer"},
         [](const Told& t) { return t.plan.van.vehicle.regulation == Regulation::Variable; }},
        {"several arrays with controllers of their own",
         {"beekeeper", "mountain_hut", "string_mix"},
         [](const Told& t) { return t.design.gear.suns.size() > 1; }},
        {"simple controller",
         {"old_van", "weekender"},
         [](const Told& t) {
             return sunWith(
                 t, [](const SunUnit& s) { return s.controller->tracking == Tracking::Pwm; });
         }},
        {"series-parallel strings",
         {"full_time", "string_mix"},
         [](const Told& t) {
             return sunWith(t, [](const SunUnit& s) { return s.series > 1 && s.parallel > 1; });
         }},
        {"mixed groups of panels at one controller",
         {"beekeeper", "string_mix"},
         [](const Told& t) { return !t.design.gear.besides.empty(); }},
        {"portable panels at an outside inlet",
         {"bed_box", "beekeeper"},
         [](const Told& t) { return has(t, DeviceKind::PanelInlet); }},
        {"panels' negative straight to the bar",
         {"beekeeper"},
         [](const Told& t) { return chosen(t, "panel_negative", "bar"); }},
        {"controller before the switch",
         {"library_bus", "mountain_hut", "old_van"},
         [](const Told& t) { return isBy(t, "before_switch"); }},
        {"charger fed from shore only",
         {"full_time"},
         [](const Told& t) { return isBy(t, "shore_on_bars"); }},
        {"inverter that charges from shore",
         {"mountain_hut"},
         [](const Told& t) {
             const InverterModel* model = t.design.gear.inverter();
             return model != nullptr && model->charge.si() > 0.0;
         }},
        {"trickle charge of the starter battery",
         {"full_time"},
         [](const Told& t) { return sourcesOf<TrickleChoice>(t) > 0; }},
        {"a converter that feeds another unit's input",
         {"converter_front"},
         [](const Told& t) { return isBy(t, "shore_at_input"); }},
    };
    return all;
}

// Distribution, modules, thin leads, hardware, amendments.
const std::vector<Clause>& clausesOfTheRest() {
    static const std::vector<Clause> all{
        {"fused distributor",
         {"full_time", "string_mix"},
         [](const Told& t) { return t.plan.gear.rails.front().kind == Distribution::Distributor; }},
        {"home-made bars by cross-section",
         {"mountain_hut"},
         [](const Told& t) {
             return hardwareNamed(t, [](const HardwareModel& m) { return m.width.has_value(); });
         }},
        {"breaker panel",
         {"full_time"},
         [](const Told& t) { return chosen(t, "load_centre", "breakers"); }},
        {"block elsewhere",
         {"library_bus", "mountain_hut"},
         [](const Told& t) { return isBy(t, "block_on_rail"); }},
        {"nested blocks",
         {"mountain_hut"},
         [](const Told& t) {
             return std::ranges::any_of(t.design.gear.rails, [&](const RailUnit& r) {
                 return !r.atBank() && !t.design.gear.rail(r.from).atBank() &&
                        r.converter == nullptr && t.design.gear.rail(r.from).converter == nullptr;
             });
         }},
        {"strip that loads share",
         {"library_bus"},
         [](const Told& t) { return has(t, DeviceKind::Strip); }},
        {"loads on a bar with a fuse of their own",
         {"beekeeper", "library_bus", "old_van", "string_mix"},
         [](const Told& t) { return circuitWith(t, &CircuitChoice::tap, Tap::OwnFuse); }},
        {"circuits on the starter battery",
         {"old_van"},
         [](const Told& t) { return circuitWith(t, &CircuitChoice::on, UnitId(kOnVehicle)); }},
        {"circuits that are always on",
         {"library_bus"},
         [](const Told& t) { return circuitWith(t, &CircuitChoice::live, LiveWhen::Always); }},
        {"live only while driving",
         {"library_bus"},
         [](const Told& t) { return circuitWith(t, &CircuitChoice::live, LiveWhen::Driving); }},
        {"grouped by place",
         {"library_bus", "weekender"},
         [](const Told& t) { return chosen(t, "grouping", "by_place"); }},
        {"dimmer",
         {"library_bus"},
         [](const Told& t) { return switchedBy(t, SwitchKind::Dimmer); }},
        {"two-way switch",
         {"library_bus"},
         [](const Told& t) { return switchedBy(t, SwitchKind::TwoWay); }},
        {"several switches on one plate",
         {"library_bus"},
         [](const Told& t) {
             return std::ranges::count_if(t.plan.appliances, [](const Appliance& a) {
                        return a.switched && a.switched->plate == "doors";
                    }) > 1;
         }},
        {"return through the body",
         {"old_van"},
         [](const Told& t) { return circuitWith(t, &CircuitChoice::back, Back::Body); }},
        {"service isolator of the blocks",
         {"full_time", "library_bus"},
         [](const Told& t) { return chosen(t, "block_isolator", "one"); }},
        {"service isolator of inverter or converter",
         {"full_time", "mountain_hut"},
         [](const Told& t) {
             return std::ranges::any_of(
                        t.design.gear.inverters,
                        [](const InverterUnit& i) { return i.chose("isolator", "one"); }) ||
                    std::ranges::any_of(t.design.gear.rails, [](const RailUnit& r) {
                        return r.chose("isolator", "one");
                    });
         }},
        {"parts of the system behind plugs",
         {"bed_box"},
         [](const Told& t) {
             return has(t, DeviceKind::Plug) && t.design.gear.modules.size() > 1;
         }},
        {"loads in a module, behind one plug for each pole of their circuit",
         {"bed_box"},
         [](const Told& t) {
             return std::ranges::any_of(t.design.gear.modules, [&](const ModuleChoice& m) {
                 return std::ranges::any_of(t.design.plan.appliances, [&](const Appliance& a) {
                     return moduleWith(t.design.gear, a.id) == &m;
                 });
             });
         }},
        {"sense lead",
         {"converter_front", "full_time"},
         [](const Told& t) { return readyLead(t, "voltage"); }},
        {"temperature lead",
         {"full_time", "string_mix"},
         [](const Told& t) { return readyLead(t, "temperature"); }},
        {"remote panel",
         {"full_time"},
         [](const Told& t) { return has(t, DeviceKind::RemotePanel); }},
        {"tank sender",
         {"full_time", "library_bus"},
         [](const Told& t) { return readyLead(t, "tank"); }},
        {"shunt supplied through its display",
         {"old_van"},
         [](const Told& t) { return chosen(t, "shunt_lead", "display"); }},
        {"data lead of the shunt",
         {"converter_front", "full_time"},
         [](const Told& t) { return readyLead(t, "data"); }},
        {"panel of gauges behind the switch",
         {"library_bus"},
         [](const Told& t) { return chosen(t, "supply", "switched"); }},
        {"own gear with posts that need an adapter",
         {"hand_me_down"},
         [](const Told& t) {
             return std::ranges::any_of(t.plan.own.batteries, [&](const BatteryModel& b) {
                 return lugStud(*t.library, b.connection.stud) != b.connection.stud;
             });
         }},
        {"what comes in the box",
         {"hand_me_down"},
         [](const Told& t) {
             return std::ranges::any_of(
                 t.plan.own.dcdcs, [](const DcdcModel& d) { return d.boxedFuses && d.boxedLeads; });
         }},
        {"loads to come",
         {"weekender"},
         [](const Told& t) {
             return std::ranges::find(t.plan.appliances, Planned::Growth, &Appliance::planned) !=
                    t.plan.appliances.end();
         }},
        {"isolator put in",
         {"both_poles"},
         [](const Told& t) { return putsIn(t, InLine::Isolator); }},
        {"shunt put in", {"both_poles"}, [](const Told& t) { return putsIn(t, InLine::Shunt); }},
        {"strip put in", {"hand_me_down"}, [](const Told& t) { return putsIn(t, InLine::Strip); }},
        {"fuse put in", {"both_poles"}, [](const Told& t) { return amended<PutInProtection>(t); }},
        {"fuse taken out",
         {"hand_me_down"},
         [](const Told& t) { return amended<LeaveOutProtection>(t); }},
        {"end moved", {"both_poles"}, [](const Told& t) { return amended<MoveEnd>(t); }},
        {"insulation changed",
         {"both_poles"},
         [](const Told& t) { return amended<SetInsulation>(t); }},
        {"size set that is not sold",
         {"hand_me_down"},
         [](const Told& t) {
             return amended<SetSize>(t) && test::findingOf(t.design, "W26") != nullptr;
         }},
        {"fuse set", {"both_poles"}, [](const Told& t) { return amended<SetFuse>(t); }},
        {"length set", {"hand_me_down"}, [](const Told& t) { return amended<SetLength>(t); }},
    };
    return all;
}

}  // namespace

const std::map<std::string, Told>& systems() {
    static const std::map<std::string, Told> all = [] {
        std::map<std::string, Told> out;
        for (const auto& entry : fs::directory_iterator(folder())) {
            out.emplace(entry.path().stem().string(), load(entry.path()));
        }
        return out;
    }();
    return all;
}

std::vector<Clause> clauses() {
    std::vector<Clause> out = clausesOfSources();
    out.insert(out.end(), clausesOfTheRest().begin(), clausesOfTheRest().end());
    return out;
}

}  // namespace spirk::test
