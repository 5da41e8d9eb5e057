// SPDX-License-Identifier: GPL-3.0-or-later
// What the card of each source shows and asks.

#include <QComboBox>
#include <algorithm>

#include "app/supply/card_of_unit.h"
#include "app/supply/unit_cards.h"
#include "core/base/match.h"
#include "core/base/promise.h"

namespace spirk::app {

namespace {

// Requires that the source is there, and is of that kind.
template <class Kind>
Kind& whatOf(Gear& gear, const UnitId& id) {
    const auto found = std::ranges::find(gear.sources, id, &SourceChoice::id);
    promise(found != gear.sources.end(), "a card is of a unit that is there");
    return std::get<Kind>(found->what);
}

// Of gear that is sold for banks of certain volts.
auto charges(Volts system) {
    return [system](const auto& model) { return model.outputSystem == system; };
}

}  // namespace

void UnitCards::addAllSources() {
    for (const SourceChoice& source : document_.plan().gear.sources) {
        match(
            source.what,
            [&](const SolarChoice& solar) { addSun(source, solar); },
            [&](const EngineChoice& engine) { addCharger(source, engine); },
            [&](const RelayChoice& relay) { addRelay(source, relay); },
            [&](const ShoreChoice& shore) { addShore(source, shore); },
            [&](const CombinedChoice& combined) { addCombined(source, combined); },
            [&](const AlternatorChoice& second) { addSecond(source, second); },
            [&](const TrickleChoice& trickle) { addTrickle(source, trickle); },
            [&](const PanelsChoice& panels) { addPanels(source, panels); });
    }
}

void UnitCards::addSourceCard(const SourceChoice& source,
                              WayKind of,
                              const QString& title,
                              const QString& summary,
                              std::function<void(QFormLayout*)> fields) {
    const Column column = of == WayKind::Trickle ? Column::Out : Column::In;
    addCard({source, of, column, title, summary, std::move(fields)});
}

void UnitCards::addArray(QFormLayout* form,
                         const UnitId& id,
                         const ArrayChoice& array,
                         const std::function<ArrayChoice&(Gear&)>& of) {
    const QString at = fieldsOf(id);
    constexpr int kMost = 8;
    addModel(form,
             at + ".panel",
             tr("Panel"),
             array.panel,
             offered<PanelModel>(document_, array.panel),
             [of](Gear& g) -> std::string& { return of(g).panel; });
    addCount(form, at + ".series", tr("In series"), array.series, kMost, [of](Gear& g) -> int& {
        return of(g).series;
    });
    addCount(form,
             at + ".parallel",
             tr("Strings in parallel"),
             array.parallel,
             kMost,
             [of](Gear& g) -> int& { return of(g).parallel; });
}

// Offered once the vehicle has a supply point.
void UnitCards::addFrom(QFormLayout* form,
                        const UnitId& id,
                        const FromVehicle& from,
                        const std::function<FromVehicle&(Gear&)>& of) {
    const std::vector<SupplyPoint>& points = document_.plan().van.vehicle.points;
    if (points.empty() && from.point.value.empty()) {
        return;
    }
    std::vector<Offered> offers{{tr("the starter battery itself"), ""}};
    for (const SupplyPoint& point : points) {
        offers.push_back({q(point.name), point.id.value});
    }
    addModel(form,
             fieldsOf(id) + ".from",
             tr("Fed from"),
             from.point.value,
             offers,
             [of](Gear& g) -> std::string& { return of(g).point.value; });
}

void UnitCards::addSun(const SourceChoice& source, const SolarChoice& solar) {
    const UnitId id = source.id;
    addSourceCard(source,
                  WayKind::Sun,
                  tr("%1 × %2")
                      .arg(solar.series * solar.parallel)
                      .arg(nameOfModel<PanelModel>(document_, solar.panel)),
                  tr("Charges while the sun shines."),
                  [this, solar, id](QFormLayout* form) {
                      addArray(form, id, solar, [id](Gear& g) -> ArrayChoice& {
                          return whatOf<SolarChoice>(g, id);
                      });
                      addModel(form,
                               fieldsOf(id) + ".controller",
                               tr("Controller"),
                               solar.controller,
                               offered<ControllerModel>(document_, solar.controller),
                               [id](Gear& g) -> std::string& {
                                   return whatOf<SolarChoice>(g, id).controller;
                               });
                  });
}

// At whose controller: of the person's units those that take panels.
void UnitCards::addPanels(const SourceChoice& source, const PanelsChoice& panels) {
    const UnitId id = source.id;
    std::vector<Offered> shared;
    for (const SourceChoice& other : document_.plan().gear.sources) {
        if (const auto* sun = std::get_if<SolarChoice>(&other.what)) {
            shared.push_back(
                {nameOfModel<ControllerModel>(document_, sun->controller), other.id.value});
        } else if (const auto* both = std::get_if<CombinedChoice>(&other.what)) {
            shared.push_back({nameOfModel<CombinedModel>(document_, both->unit), other.id.value});
        }
    }
    addSourceCard(
        source,
        WayKind::Panels,
        tr("%1 × %2, beside others")
            .arg(panels.series * panels.parallel)
            .arg(nameOfModel<PanelModel>(document_, panels.panel)),
        tr("More panels on a controller that already has some."),
        [this, panels, id, shared, into = source.into](QFormLayout* form) {
            addArray(form, id, panels, [id](Gear& g) -> ArrayChoice& {
                return whatOf<PanelsChoice>(g, id);
            });
            addModel(form,
                     fieldsOf(id) + ".into",
                     tr("At"),
                     into.value,
                     shared,
                     [id](Gear& g) -> std::string& {
                         return std::ranges::find(g.sources, id, &SourceChoice::id)->into.value;
                     });
        });
}

void UnitCards::addCharger(const SourceChoice& source, const EngineChoice& engine) {
    const UnitId id = source.id;
    addSourceCard(
        source,
        WayKind::Engine,
        nameOfModel<DcdcModel>(document_, engine.charger),
        tr("Charges while you drive."),
        [this, engine, id, system = systemOf(source.into)](QFormLayout* form) {
            addModel(form,
                     fieldsOf(id) + ".charger",
                     tr("DC-DC charger"),
                     engine.charger,
                     offered<DcdcModel>(document_, engine.charger, charges(system)),
                     [id](Gear& g) -> std::string& { return whatOf<EngineChoice>(g, id).charger; });
            addFrom(form, id, engine.from, [id](Gear& g) -> FromVehicle& {
                return whatOf<EngineChoice>(g, id).from;
            });
        });
}

void UnitCards::addRelay(const SourceChoice& source, const RelayChoice& relay) {
    const UnitId id = source.id;
    addSourceCard(
        source,
        WayKind::Relay,
        nameOfModel<RelayModel>(document_, relay.relay),
        tr("Connects both batteries while you drive."),
        [this, relay, id](QFormLayout* form) {
            addModel(form,
                     fieldsOf(id) + ".relay",
                     tr("Relay"),
                     relay.relay,
                     offered<RelayModel>(document_, relay.relay),
                     [id](Gear& g) -> std::string& { return whatOf<RelayChoice>(g, id).relay; });
            addFrom(form, id, relay.from, [id](Gear& g) -> FromVehicle& {
                return whatOf<RelayChoice>(g, id).from;
            });
        });
}

void UnitCards::addShore(const SourceChoice& source, const ShoreChoice& shore) {
    const UnitId id = source.id;
    addSourceCard(
        source,
        WayKind::Shore,
        nameOfModel<ShoreChargerModel>(document_, shore.charger),
        tr("Charges while plugged in."),
        [this, shore, id, system = systemOf(source.into)](QFormLayout* form) {
            addModel(form,
                     fieldsOf(id) + ".charger",
                     tr("Charger"),
                     shore.charger,
                     offered<ShoreChargerModel>(document_, shore.charger, charges(system)),
                     [id](Gear& g) -> std::string& { return whatOf<ShoreChoice>(g, id).charger; });
            addHours(form,
                     fieldsOf(id) + ".hours",
                     tr("On shore power per day"),
                     shore.perDay,
                     [id](Gear& g) -> Seconds& { return whatOf<ShoreChoice>(g, id).perDay; });
        });
}

void UnitCards::addCombined(const SourceChoice& source, const CombinedChoice& combined) {
    const UnitId id = source.id;
    addSourceCard(
        source,
        WayKind::Combined,
        nameOfModel<CombinedModel>(document_, combined.unit),
        tr("Charges while you drive and while the sun shines; when both are there, each gives a "
           "share."),
        [this, combined, id, system = systemOf(source.into)](QFormLayout* form) {
            addModel(form,
                     fieldsOf(id) + ".unit",
                     tr("Charger"),
                     combined.unit,
                     offered<CombinedModel>(document_, combined.unit, charges(system)),
                     [id](Gear& g) -> std::string& { return whatOf<CombinedChoice>(g, id).unit; });
            addArray(form, id, combined, [id](Gear& g) -> ArrayChoice& {
                return whatOf<CombinedChoice>(g, id);
            });
            addFrom(form, id, combined.from, [id](Gear& g) -> FromVehicle& {
                return whatOf<CombinedChoice>(g, id).from;
            });
        });
}

void UnitCards::addSecond(const SourceChoice& source, const AlternatorChoice& second) {
    const UnitId id = source.id;
    addSourceCard(source,
                  WayKind::Alternator,
                  nameOfModel<AlternatorModel>(document_, second.alternator),
                  tr("Charges only the bank, while the engine runs."),
                  [this, second, id, system = systemOf(source.into)](QFormLayout* form) {
                      addModel(
                          form,
                          fieldsOf(id) + ".alternator",
                          tr("Alternator"),
                          second.alternator,
                          offered<AlternatorModel>(document_, second.alternator, charges(system)),
                          [id](Gear& g) -> std::string& {
                              return whatOf<AlternatorChoice>(g, id).alternator;
                          });
                  });
}

void UnitCards::addTrickle(const SourceChoice& source, const TrickleChoice& trickle) {
    const UnitId id = source.id;
    addSourceCard(source,
                  WayKind::Trickle,
                  nameOfModel<TrickleModel>(document_, trickle.charger),
                  tr("Keeps the starter battery full while the bank is being charged."),
                  [this, trickle, id, system = systemOf(source.into)](QFormLayout* form) {
                      addModel(form,
                               fieldsOf(id) + ".charger",
                               tr("Trickle charger"),
                               trickle.charger,
                               offered<TrickleModel>(document_,
                                                     trickle.charger,
                                                     [system](const TrickleModel& m) {
                                                         return m.inputSystem == system;
                                                     }),
                               [id](Gear& g) -> std::string& {
                                   return whatOf<TrickleChoice>(g, id).charger;
                               });
                  });
}

}  // namespace spirk::app
