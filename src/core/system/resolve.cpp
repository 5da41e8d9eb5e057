// SPDX-License-Identifier: GPL-3.0-or-later
// From the plan's choices to units: each is looked up, and hangs on what is there.

#include <algorithm>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/plan/good_practice.h"
#include "core/plan/units.h"
#include "core/system/system.h"

namespace spirk {

namespace {

Finding unknownGear(const std::string& field, const std::string& given) {
    Finding out;
    out.id = "GEAR " + field;
    out.rule = "GEAR";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Figure, field}};
    out.what = {"The plan names '{given}' ({field}), which is not in this library."_text,
                {{"given", given}, {"field", field}}};
    out.why = {"Everything that depends on it is left out or computed with another entry."_text,
               {}};
    out.remedy = {"Choose an entry of the library in Supply."_text, {}};
    out.source = "Spirk's library"_text;
    return out;
}

Finding leftOut(const std::string& path, Text what, Text remedy) {
    Finding out;
    out.id = "T4 " + path;
    out.rule = "T4";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Figure, path}};
    out.what = std::move(what);
    out.why = {"It is left out: not drawn, not sized, not checked."_text, {}};
    out.remedy = std::move(remedy);
    out.source = "Spirk"_text;
    return out;
}

Finding notAlways(const std::string& path) {
    Finding out = leftOut(
        path,
        {"'{unit}' cannot be live with the main switch off: its rail is fed from behind that switch."_text,
         {{"unit", path}}},
        "Connect it to a rail of the bank."_text);
    out.id += " live";
    out.why = "It is wired behind the main switch."_text;
    return out;
}

Finding unfed(const std::string& path, const UnitId& on) {
    return leftOut(path,
                   {"'{unit}' is connected to '{on}', which nothing feeds."_text,
                    {{"unit", path}, {"on", on.value}}},
                   {"Name the rail or bank it is connected to in the plan's file."_text, {}});
}

template <class T>
const T* lookUp(const std::vector<T>& own,
                const std::vector<T>& entries,
                const std::string& id,
                const char* field,
                std::vector<Finding>& findings) {
    const T* found = findById(own, id);
    found = found == nullptr ? findById(entries, id) : found;
    if (found == nullptr) {
        findings.push_back(unknownGear(field, id));
    }
    return found;
}

const Climate* chosenClimate(const Plan& plan,
                             const Library& library,
                             std::vector<Finding>& findings) {
    promise(!library.climates.empty(), "the library has climates");
    if (const Climate* found = findClimate(library, plan.trip.climate)) {
        return found;
    }
    findings.push_back(unknownGear("trip.climate", plan.trip.climate));
    return &library.climates.front();
}

constexpr const char* kCombinedTable = "combined_chargers";

// What a combined unit is to its panels.
ControllerModel controllerOf(const CombinedModel& model) {
    ControllerModel out;
    static_cast<Ware&>(out) = model;
    out.table = kCombinedTable;
    out.tracking = Tracking::Mppt;
    out.maxVoc = model.maxVoc;
    out.maxOutput = model.output;
    out.efficiency = model.efficiency;
    out.startAbove = model.startAbove;
    out.connection = model.connection;
    return out;
}

// What it is to the engine.
DcdcModel chargerOf(const CombinedModel& model) {
    DcdcModel out;
    static_cast<Ware&>(out) = model;
    out.table = kCombinedTable;
    out.outputSystem = model.outputSystem;
    out.output = model.output;
    out.efficiency = model.efficiency;
    out.start = model.start;
    out.stop = model.stop;
    out.delay = model.delay;
    out.maxInputFuse = model.maxInputFuse;
    out.connection = model.connection;
    return out;
}

// Puts the plan's units together one after another; what cannot be resolved is told and left out.
class Resolver {
public:
    Resolver(const Plan& plan, const Library& library) : plan_(plan), library_(library) {
        if (plan.region != library.region.id) {
            out_.findings.push_back(unknownGear("region", plan.region));
        }
        addBanks();
        out_.climate = chosenClimate(plan, library, out_.findings);
        addRails();
        for (const SourceChoice& source : plan.gear.sources) {
            addSource(source);
        }
        for (const InverterChoice& inverter : plan.gear.inverters) {
            addInverter(inverter);
        }
        for (const SourceChoice& source : plan.gear.sources) {
            addOfAnother(source);
        }
        for (const CircuitChoice& circuit : plan.gear.circuits) {
            addCircuit(circuit);
        }
        addAlwaysOn();
        for (const MonitorChoice& monitor : plan.gear.monitors) {
            addMonitor(monitor);
        }
        for (const ModuleChoice& module : plan.gear.modules) {
            addModule(module);
        }
    }
    [[nodiscard]] System take() { return std::move(out_); }

private:
    template <class T>
    const T* look(const std::vector<T> Shelf::*list, const std::string& id, const std::string& at) {
        return lookUp(plan_.own.*list, library_.*list, id, at.c_str(), out_.findings);
    }
    // A way that is not known is told, and the usual one of its kind taken.
    [[nodiscard]] SystemUnit unitOf(const UnitChoice& choice, UnitList list, WayKind kind) {
        SystemUnit out{choice.id, choice.way, pathOf(list, choice.id), {}};
        if (findWay(library_, kind, choice.way.value) == nullptr) {
            out_.findings.push_back(unknownGear(out.path + ".way", choice.way.value));
            out.way = WayId(usualWay(library_, kind).id);
        }
        const std::vector<WayOption>& known = findWay(library_, kind, out.way.value)->options;
        for (const WayOption& option : known) {
            out.options[option.id] = option.choices.front().id;
        }
        for (const auto& [option, value] : choice.options) {
            const auto at = std::ranges::find(known, option, &WayOption::id);
            const bool fits =
                at != known.end() &&
                std::ranges::find(at->choices, value, &WayChoice::id) != at->choices.end();
            if (fits) {
                out.options[option] = value;
            } else {
                out_.findings.push_back(unknownGear(out.path + ".options." + option, value));
            }
        }
        return out;
    }
    template <class UnitType>
    [[nodiscard]] UnitType unitAs(const UnitChoice& choice, UnitList list, WayKind kind) {
        UnitType out;
        static_cast<SystemUnit&>(out) = unitOf(choice, list, kind);
        return out;
    }
    [[nodiscard]] bool hasRail(const UnitId& rail, const std::string& path) {
        const bool there = std::ranges::find(out_.rails, rail, &RailUnit::id) != out_.rails.end();
        if (!there) {
            out_.findings.push_back(unfed(path, rail));
        }
        return there;
    }
    // Of a source or an inverter: a converter's rail neither takes a charge nor bears them.
    [[nodiscard]] bool hangsAtBank(const UnitId& rail, const std::string& path) {
        const auto at = std::ranges::find(out_.rails, rail, &RailUnit::id);
        if (at == out_.rails.end() || at->atBank()) {
            return hasRail(rail, path);
        }
        out_.findings.push_back(
            leftOut(path,
                    {"'{unit}' is connected to '{on}', which is not a rail of a bank."_text,
                     {{"unit", path}, {"on", rail.value}}},
                    {"Connect it to a rail that the bank feeds."_text, {}}));
        return false;
    }
    void addBanks() {
        promise(!library_.batteries.empty() && !library_.chemistries.empty(),
                "the library has batteries and their chemistries");
        promise(!plan_.gear.banks.empty(), "a plan has a bank");
        for (const BankChoice& choice : plan_.gear.banks) {
            out_.banks.push_back(bankUnit(choice));
        }
    }
    [[nodiscard]] BankUnit bankUnit(const BankChoice& choice) {
        auto out = unitAs<BankUnit>(choice, UnitList::Banks, WayKind::Bank);
        out.count = choice.count;
        out.series = choice.series;
        out.venting = choice.venting;
        out.opening = choice.opening;
        out.heater = choice.heater;
        out.model = look(&Shelf::batteries, choice.model, out.path + ".model");
        if (out.model == nullptr) {
            out.model = &library_.batteries.front();
        }
        const Chemistry* block = findById(library_.chemistries, out.model->chemistry);
        if (block == nullptr) {
            out_.findings.push_back(
                unknownGear("own_gear.batteries.chemistry", out.model->chemistry));
            block = &library_.chemistries.front();
        }
        const double blocks = blocksOf(out.model->nominal);
        out.battery = scaled(*block, blocks);
        out.strings.assign(static_cast<std::size_t>(out.count),
                           StringUnit{out.model, out.battery, 1.0});
        for (const UnlikeString& unlike : choice.unlike) {
            takeUnlike(unlike, out);
        }
        out.chemistry = scaled(*block, blocks * out.series);
        out.nominal = out.model->nominal * static_cast<double>(out.series);
        out.system = volts(12.0 * blocks * out.series);
        return out;
    }
    void takeUnlike(const UnlikeString& unlike, BankUnit& bank) {
        if (unlike.string > bank.count) {
            return;  // sleeps until there are as many
        }
        StringUnit& string = bank.strings.at(static_cast<std::size_t>(unlike.string - 1));
        string.left = unlike.left;
        if (unlike.model.empty()) {
            return;
        }
        const BatteryModel* model = look(&Shelf::batteries, unlike.model, bank.path + ".unlike");
        const Chemistry* block =
            model == nullptr ? nullptr : findById(library_.chemistries, model->chemistry);
        if (block != nullptr) {
            string.model = model;
            string.battery = scaled(*block, blocksOf(model->nominal));
        }
    }
    void addRails() {
        // A converter's rail may stand before the one that it draws from.
        for (const RailChoice& choice : plan_.gear.rails) {
            if (const auto* from = std::get_if<FromBank>(&choice.fedBy)) {
                addBankRail(choice, *from);
            }
        }
        for (const RailChoice& choice : plan_.gear.rails) {
            if (const auto* from = std::get_if<FromConverter>(&choice.fedBy)) {
                addConverterRail(choice, *from);
            }
        }
        for (const RailChoice& choice : plan_.gear.rails) {
            if (const auto* from = std::get_if<FromRail>(&choice.fedBy)) {
                addSubRail(choice, *from);
            }
        }
        promise(!out_.rails.empty(), "a plan has a rail at its bank");
        std::erase_if(out_.banks, [&](const BankUnit& bank) {
            const bool feeds =
                std::ranges::find(out_.rails, bank.id, &RailUnit::bank) != out_.rails.end();
            if (!feeds) {
                out_.findings.push_back(
                    leftOut(bank.path,
                            {"'{unit}' feeds no rail."_text, {{"unit", bank.path}}},
                            "Name the rail it feeds in the plan's file."_text));
            }
            return !feeds;
        });
    }
    void addBankRail(const RailChoice& choice, const FromBank& from) {
        auto out = unitAs<RailUnit>(choice, UnitList::Rails, WayKind::MainRail);
        out.kind = choice.kind;
        const bool there =
            std::ranges::find(out_.banks, from.bank, &BankUnit::id) != out_.banks.end();
        if (!there) {
            out_.findings.push_back(unfed(out.path, from.bank));
        }
        // The first hangs on the first bank then: without one there were no system to speak of.
        if (there || out_.rails.empty()) {
            out.bank = there ? from.bank : out_.banks.front().id;
            out_.rails.push_back(out);
        }
    }
    void addConverterRail(const RailChoice& choice, const FromConverter& from) {
        auto out = unitAs<RailUnit>(choice, UnitList::Rails, WayKind::ConverterRail);
        out.converter = look(&Shelf::converters, from.model, out.path + ".model");
        if (out.converter != nullptr && hangsAtBank(from.rail, out.path)) {
            out.from = from.rail;
            out.bank = out_.rail(from.rail).bank;
            out_.rails.push_back(out);
        }
    }
    // Of a rail of a bank or of a converter, or of a block that stands before it.
    void addSubRail(const RailChoice& choice, const FromRail& from) {
        auto out = unitAs<RailUnit>(choice, UnitList::Rails, WayKind::SubRail);
        if (!hasRail(from.rail, out.path)) {
            return;
        }
        const RailUnit& parent = out_.rail(from.rail);
        out.from = from.rail;
        out.bank = parent.bank;
        out_.rails.push_back(out);
    }
    void addSource(const SourceChoice& choice) {
        match(
            choice.what,
            [&](const SolarChoice& solar) { addSun(choice, solar); },
            [&](const EngineChoice& engine) { addEngine(choice, engine); },
            [&](const RelayChoice& relay) { addRelay(choice, relay); },
            [&](const ShoreChoice& shore) {
                if (!atInput(choice)) {
                    addShore(choice, shore);
                }
            },
            [&](const CombinedChoice& combined) { addCombined(choice, combined); },
            [&](const AlternatorChoice& second) { addAlternator(choice, second); },
            [&](const TrickleChoice& trickle) { addTrickle(choice, trickle); },
            [](const PanelsChoice&) {});  // at another: once all those are there
    }
    void addOfAnother(const SourceChoice& choice) {
        if (const auto* panels = std::get_if<PanelsChoice>(&choice.what)) {
            addPanels(choice, *panels);
        } else if (const auto* shore = std::get_if<ShoreChoice>(&choice.what);
                   shore != nullptr && atInput(choice)) {
            addShore(choice, *shore);
        }
    }
    [[nodiscard]] bool atInput(const SourceChoice& choice) const {
        const WayRow* way = findWay(library_, WayKind::Shore, choice.way.value);
        return way != nullptr && way->atInput;
    }
    void addPanels(const SourceChoice& choice, const PanelsChoice& panels) {
        auto out = unitAs<SunUnit>(choice, UnitList::Sources, WayKind::Panels);
        const auto at = std::ranges::find(out_.suns, choice.into, &SunUnit::id);
        if (at == out_.suns.end()) {
            Finding f = unfed(out.path, choice.into);
            f.what = {"'{unit}' is connected to '{on}', which takes no panels."_text,
                      {{"unit", out.path}, {"on", choice.into.value}}};
            f.remedy = "Name the controller it shares in the plan's file."_text;
            out_.findings.push_back(std::move(f));
            return;
        }
        out.beside = at->id;
        if (const auto negative = at->options.find("panel_negative");
            negative != at->options.end()) {
            out.options.insert(*negative);  // as that of those beside them
        }
        out.into = at->into;
        out.controller = at->controller;
        takeArray(panels, out);
        if (out.panel != nullptr) {
            out_.besides.push_back(out);
        }
    }
    void addMonitor(const MonitorChoice& choice) {
        auto out = unitAs<MonitorUnit>(choice, UnitList::Monitors, WayKind::Monitor);
        out.on = choice.on;
        out.model = look(&Shelf::monitors, choice.model, out.path + ".model");
        out.sensors = choice.sensors;
        if (out.model != nullptr && hangsAtBank(out.on, out.path)) {
            out_.monitors.push_back(std::move(out));
        }
    }
    // Of its units those that are there, and in no module before it.
    void addModule(const ModuleChoice& choice) {
        ModuleChoice out = choice;
        const std::string path = pathOf(UnitList::Modules, choice.id);
        std::erase_if(out.units, [&](const UnitId& unit) {
            const bool fits = isThere(unit) && !inModule(unit);
            if (!fits) {
                Finding f = leftOut(path + "." + unit.value,
                                    {"'{unit}' does not exist, or is in another module."_text,
                                     {{"unit", unit.value}}},
                                    {"Remove it from '{module}'."_text, {{"module", path}}});
                f.why = "It is wired as if it were not in that module."_text;
                out_.findings.push_back(std::move(f));
            }
            return !fits;
        });
        out_.modules.push_back(std::move(out));
    }
    [[nodiscard]] bool isThere(const UnitId& unit) const {
        return out_.bankBehind(unit) != nullptr ||
               std::ranges::any_of(plan_.appliances, [&](const Appliance& a) {
                   return a.id.value == unit.value && a.feed == Feed::Dc && a.count > 0;
               });
    }
    [[nodiscard]] bool inModule(const UnitId& unit) const {
        return std::ranges::any_of(out_.modules, [&](const ModuleChoice& module) {
            return std::ranges::find(module.units, unit) != module.units.end();
        });
    }
    void takeArray(const ArrayChoice& array, SunUnit& out) {
        out.panel = look(&Shelf::panels, array.panel, out.path + ".panel");
        out.series = array.series;
        out.parallel = array.parallel;
    }
    // Null: the starter battery itself, also in place of a point that is not there.
    [[nodiscard]] const SupplyPoint* pointOf(const FromVehicle& from, const std::string& path) {
        if (from.point.value.empty()) {
            return nullptr;
        }
        const std::vector<SupplyPoint>& points = plan_.van.vehicle.points;
        const auto at = std::ranges::find(points, from.point, &SupplyPoint::id);
        if (at == points.end()) {
            Finding f = unfed(path, from.point);
            f.id += " from_point";
            f.why = "It is wired to the starter battery itself."_text;
            f.remedy = "Choose in Supply what it is fed from."_text;
            out_.findings.push_back(std::move(f));
            return nullptr;
        }
        return &*at;
    }
    void addSun(const SourceChoice& choice, const SolarChoice& solar) {
        auto out = unitAs<SunUnit>(choice, UnitList::Sources, WayKind::Sun);
        out.into = choice.into;
        takeArray(solar, out);
        out.controller = look(&Shelf::controllers, solar.controller, out.path + ".controller");
        if (out.panel != nullptr && out.controller != nullptr && hangsAtBank(out.into, out.path)) {
            out_.suns.push_back(out);
        }
    }
    void addEngine(const SourceChoice& choice, const EngineChoice& engine) {
        auto out = unitAs<EngineUnit>(choice, UnitList::Sources, WayKind::Engine);
        out.into = choice.into;
        out.charger = look(&Shelf::dcdcs, engine.charger, out.path + ".charger");
        out.from = pointOf(engine.from, out.path);
        if (out.charger != nullptr && hangsAtBank(out.into, out.path)) {
            out_.engines.push_back(out);
        }
    }
    void addRelay(const SourceChoice& choice, const RelayChoice& relay) {
        auto out = unitAs<RelayUnit>(choice, UnitList::Sources, WayKind::Relay);
        out.into = choice.into;
        out.relay = look(&Shelf::relays, relay.relay, out.path + ".relay");
        out.from = pointOf(relay.from, out.path);
        if (out.relay != nullptr && hangsAtBank(out.into, out.path)) {
            out_.relays.push_back(out);
        }
    }
    void addShore(const SourceChoice& choice, const ShoreChoice& shore) {
        auto out = unitAs<ShoreUnit>(choice, UnitList::Sources, WayKind::Shore);
        out.into = choice.into;
        out.charger = look(&Shelf::shoreChargers, shore.charger, out.path + ".charger");
        out.perDay = shore.perDay;
        if (out.charger == nullptr) {
            return;
        }
        if (atInput(choice)) {
            addAtInput(std::move(out));
        } else if (hangsAtBank(out.into, out.path)) {
            out_.shores.push_back(out);
        }
    }
    // At the input of an engine charger, which stands before it in the plan.
    void addAtInput(ShoreUnit shore) {
        const auto at = std::ranges::find(out_.engines, shore.into, &EngineUnit::id);
        if (at == out_.engines.end()) {
            Finding f = unfed(shore.path, shore.into);
            f.what = {"'{unit}' feeds '{on}', which is not an engine charger."_text,
                      {{"unit", shore.path}, {"on", shore.into.value}}};
            f.remedy = "Let it feed a DC-DC charger, or connect it to a rail."_text;
            out_.findings.push_back(std::move(f));
            return;
        }
        at->shoreToo = true;
        const auto whole = std::ranges::find(out_.combineds, shore.into, &CombinedUnit::id);
        if (whole != out_.combineds.end()) {
            whole->engine.shoreToo = true;
        }
        shore.through = at->id;
        shore.into = at->into;
        out_.shores.push_back(std::move(shore));
    }
    void addCombined(const SourceChoice& choice, const CombinedChoice& combined) {
        auto out = unitAs<CombinedUnit>(choice, UnitList::Sources, WayKind::Combined);
        out.into = choice.into;
        out.model = look(&Shelf::combineds, combined.unit, out.path + ".unit");
        static_cast<SystemUnit&>(out.sun) = out;
        takeArray(combined, out.sun);
        if (out.model == nullptr || out.sun.panel == nullptr || !hangsAtBank(out.into, out.path)) {
            return;
        }
        out_.asControllers.push_back(std::make_shared<ControllerModel>(controllerOf(*out.model)));
        out_.asChargers.push_back(std::make_shared<DcdcModel>(chargerOf(*out.model)));
        out.sun.into = out.into;
        out.sun.controller = out_.asControllers.back().get();
        out.sun.combined = true;
        static_cast<SystemUnit&>(out.engine) = out;
        out.engine.into = out.into;
        out.engine.charger = out_.asChargers.back().get();
        out.engine.from = pointOf(combined.from, out.path);
        out.engine.withSun = out.model->eachOfBoth;
        out_.suns.push_back(out.sun);
        out_.engines.push_back(out.engine);
        out_.combineds.push_back(std::move(out));
    }
    void addAlternator(const SourceChoice& choice, const AlternatorChoice& second) {
        auto out = unitAs<AlternatorUnit>(choice, UnitList::Sources, WayKind::Alternator);
        out.into = choice.into;
        out.model = look(&Shelf::alternators, second.alternator, out.path + ".alternator");
        if (out.model != nullptr && hangsAtBank(out.into, out.path)) {
            out_.alternators.push_back(out);
        }
    }
    void addTrickle(const SourceChoice& choice, const TrickleChoice& trickle) {
        auto out = unitAs<TrickleUnit>(choice, UnitList::Sources, WayKind::Trickle);
        out.from = choice.into;
        out.charger = look(&Shelf::trickles, trickle.charger, out.path + ".charger");
        if (out.charger != nullptr && hangsAtBank(out.from, out.path)) {
            out_.trickles.push_back(out);
        }
    }
    void addInverter(const InverterChoice& choice) {
        auto out = unitAs<InverterUnit>(choice, UnitList::Inverters, WayKind::Inverter);
        out.from = choice.from;
        out.model = look(&Shelf::inverters, choice.model, out.path + ".model");
        out.onPerDay = choice.onPerDay;
        if (out.model != nullptr) {
            out.most = std::min(choice.usedUpTo.value_or(out.model->power), out.model->power);
        }
        if (out.model != nullptr && hangsAtBank(out.from, out.path)) {
            out_.inverters.push_back(out);
        }
    }

    // Of its loads those that take DC and are in no circuit before it. A rail whose volts do not
    // suit one is the person's choice, and is told (V2).
    void addCircuit(const CircuitChoice& choice) {
        const std::string path = pathOf(UnitList::Circuits, choice.id);
        if (choice.on.value != kOnVehicle && !hasRail(choice.on, path)) {
            return;
        }
        const auto rail = std::ranges::find(out_.rails, choice.on, &RailUnit::id);
        if (choice.live == LiveWhen::Always && rail != out_.rails.end() && !rail->atBank()) {
            out_.findings.push_back(notAlways(path));
        }
        CircuitChoice out = choice;
        std::erase_if(out.loads, [&](const ApplianceId& load) {
            const bool fits = takesDc(load) && circuitWith(out_, load) == nullptr;
            if (!fits) {
                Finding f = leftOut(
                    path + "." + load.value,
                    {"'{load}' does not exist, is a mains load, or is in another circuit."_text,
                     {{"load", load.value}}},
                    {"Remove it from '{circuit}'."_text, {{"circuit", path}}});
                f.why = {"It is wired as if it were not in that circuit."_text, {}};
                out_.findings.push_back(std::move(f));
            }
            return !fits;
        });
        out_.circuits.push_back(std::move(out));
    }
    // What has to work with the main switch off, on each rail of a bank: one small circuit with a
    // fuse of its own. A rail behind a converter is fed from behind that switch.
    void addAlwaysOn() {
        if (!follows(plan_, habit::kAlwaysApart)) {
            return;
        }
        for (const RailUnit& rail : out_.rails) {
            CircuitChoice always{.id = UnitId(kAlwaysOn + rail.id.value),
                                 .on = rail.id,
                                 .loads = {},
                                 .tap = Tap::OwnFuse,
                                 .live = LiveWhen::Always};
            for (const Appliance& a : plan_.appliances) {
                if (a.alwaysOn && a.feed == Feed::Dc && circuitWith(out_, a.id) == nullptr &&
                    railOf(a, out_).id == rail.id) {
                    always.loads.push_back(a.id);
                }
            }
            if (rail.atBank() && !always.loads.empty()) {
                out_.circuits.push_back(std::move(always));
            }
        }
    }
    [[nodiscard]] bool takesDc(const ApplianceId& load) const {
        const auto at = std::ranges::find(plan_.appliances, load, &Appliance::id);
        return at != plan_.appliances.end() && at->feed == Feed::Dc;
    }

    const Plan& plan_;
    const Library& library_;
    System out_;
};

}  // namespace

System systemOf(const Plan& plan, const Library& library) { return Resolver(plan, library).take(); }

}  // namespace spirk
