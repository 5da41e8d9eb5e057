// SPDX-License-Identifier: GPL-3.0-or-later
// What charges: at a rail of a bank, or at another unit.

#include <algorithm>
#include <memory>

#include "core/base/match.h"
#include "core/system/resolver.h"

namespace spirk {

namespace {

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

}  // namespace

void Resolver::addSource(const SourceChoice& choice) {
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

void Resolver::addOfAnother(const SourceChoice& choice) {
    if (const auto* panels = std::get_if<PanelsChoice>(&choice.what)) {
        addPanels(choice, *panels);
    } else if (const auto* shore = std::get_if<ShoreChoice>(&choice.what);
               shore != nullptr && atInput(choice)) {
        addShore(choice, *shore);
    }
}

bool Resolver::atInput(const SourceChoice& choice) const {
    const WayRow* way = findWay(library_, WayKind::Shore, choice.way.value);
    return way != nullptr && way->atInput;
}

void Resolver::addPanels(const SourceChoice& choice, const PanelsChoice& panels) {
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
    if (const auto negative = at->options.find("panel_negative"); negative != at->options.end()) {
        out.options.insert(*negative);  // as that of those beside them
    }
    out.into = at->into;
    out.controller = at->controller;
    takeArray(panels, out);
    if (out.panel != nullptr) {
        out_.besides.push_back(out);
    }
}

void Resolver::takeArray(const ArrayChoice& array, SunUnit& out) {
    out.panel = look(&Shelf::panels, array.panel, out.path + ".panel");
    out.series = array.series;
    out.parallel = array.parallel;
}

const SupplyPoint* Resolver::pointOf(const FromVehicle& from, const std::string& path) {
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

void Resolver::addSun(const SourceChoice& choice, const SolarChoice& solar) {
    auto out = unitAs<SunUnit>(choice, UnitList::Sources, WayKind::Sun);
    out.into = choice.into;
    takeArray(solar, out);
    out.controller = look(&Shelf::controllers, solar.controller, out.path + ".controller");
    if (out.panel != nullptr && out.controller != nullptr && hangsAtBank(out.into, out.path)) {
        out_.suns.push_back(out);
    }
}

void Resolver::addEngine(const SourceChoice& choice, const EngineChoice& engine) {
    auto out = unitAs<EngineUnit>(choice, UnitList::Sources, WayKind::Engine);
    out.into = choice.into;
    out.charger = look(&Shelf::dcdcs, engine.charger, out.path + ".charger");
    out.from = pointOf(engine.from, out.path);
    if (out.charger != nullptr && hangsAtBank(out.into, out.path)) {
        out_.engines.push_back(out);
    }
}

void Resolver::addRelay(const SourceChoice& choice, const RelayChoice& relay) {
    auto out = unitAs<RelayUnit>(choice, UnitList::Sources, WayKind::Relay);
    out.into = choice.into;
    out.relay = look(&Shelf::relays, relay.relay, out.path + ".relay");
    out.from = pointOf(relay.from, out.path);
    if (out.relay != nullptr && hangsAtBank(out.into, out.path)) {
        out_.relays.push_back(out);
    }
}

void Resolver::addShore(const SourceChoice& choice, const ShoreChoice& shore) {
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

void Resolver::addAtInput(ShoreUnit shore) {
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

void Resolver::addCombined(const SourceChoice& choice, const CombinedChoice& combined) {
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

void Resolver::addAlternator(const SourceChoice& choice, const AlternatorChoice& second) {
    auto out = unitAs<AlternatorUnit>(choice, UnitList::Sources, WayKind::Alternator);
    out.into = choice.into;
    out.model = look(&Shelf::alternators, second.alternator, out.path + ".alternator");
    if (out.model != nullptr && hangsAtBank(out.into, out.path)) {
        out_.alternators.push_back(out);
    }
}

void Resolver::addTrickle(const SourceChoice& choice, const TrickleChoice& trickle) {
    auto out = unitAs<TrickleUnit>(choice, UnitList::Sources, WayKind::Trickle);
    out.from = choice.into;
    out.charger = look(&Shelf::trickles, trickle.charger, out.path + ".charger");
    if (out.charger != nullptr && hangsAtBank(out.from, out.path)) {
        out_.trickles.push_back(out);
    }
}

}  // namespace spirk
