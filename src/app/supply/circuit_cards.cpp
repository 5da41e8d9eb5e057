// SPDX-License-Identifier: GPL-3.0-or-later
// A card for each circuit that the person gave: where it hangs and begins, when it is live, how its
// current comes back.

#include <QComboBox>
#include <QPushButton>
#include <algorithm>

#include "app/shared/text.h"
#include "app/supply/unit_cards.h"
#include "core/base/promise.h"
#include "core/plan/units.h"

namespace spirk::app {

namespace {

CircuitChoice& circuitIn(Gear& gear, const UnitId& id) {
    const auto found = std::ranges::find(gear.circuits, id, &CircuitChoice::id);
    promise(found != gear.circuits.end(), "a card is of a circuit that is there");
    return *found;
}

QString loadsOf(const Plan& plan, const CircuitChoice& circuit) {
    QStringList names;
    for (const ApplianceId& load : circuit.loads) {
        const auto at = std::ranges::find(plan.appliances, load, &Appliance::id);
        names.push_back(at == plan.appliances.end() ? q(load.value) : q(at->name));
    }
    return names.join(", ");
}

}  // namespace

// One of the choices, as words; `set` gets the one that is chosen.
void UnitCards::addChoice(QFormLayout* form,
                          const QString& name,
                          const QString& label,
                          const QStringList& choices,
                          int now,
                          const std::function<void(Gear&, int)>& set) {
    addPlanChoice(
        form, name, label, choices, now, [set](Plan& plan, int nth) { set(plan.gear, nth); });
}

void UnitCards::addCircuit(const CircuitChoice& circuit) {
    const QString loads = loadsOf(document_.plan(), circuit);
    addFolding({Column::Out,
                "supply.circuit." + q(circuit.id.value),
                circuit.loads.size() == 1 ? tr("Circuit: %1").arg(loads)
                                          : tr("Circuit of %1 loads").arg(circuit.loads.size()),
                circuit.loads.size() == 1 ? tr("One load by itself.") : loads,
                [this, circuit](QVBoxLayout* inside) { addCircuitFields(circuit, inside); },
                [] {}});
}

void UnitCards::addCircuitFields(const CircuitChoice& circuit, QVBoxLayout* layout) {
    const UnitId id = circuit.id;
    const QString at = "supply.circuit." + q(id.value);
    auto* form = new QFormLayout;
    form->setRowWrapPolicy(QFormLayout::WrapAllRows);
    layout->addLayout(form);
    std::vector<Offered> rails;
    for (const RailChoice& rail : document_.plan().gear.rails) {
        rails.push_back({nameOf(rail), rail.id.value});
    }
    rails.push_back({tr("the starter battery"), kOnVehicle});
    addModel(form,
             at + ".on",
             tr("Supplied by"),
             circuit.on.value,
             rails,
             [id](Gear& g) -> std::string& { return circuitIn(g, id).on.value; });
    addChoice(form,
              at + ".tap",
              tr("Starts at"),
              {tr("at a way of a block"), tr("with a fuse of its own")},
              static_cast<int>(circuit.tap),
              [id](Gear& g, int nth) { circuitIn(g, id).tap = static_cast<Tap>(nth); });
    addChoice(form,
              at + ".live",
              tr("Live"),
              {tr("with the main switch on"), tr("always"), tr("while the engine runs")},
              static_cast<int>(circuit.live),
              [id](Gear& g, int nth) { circuitIn(g, id).live = static_cast<LiveWhen>(nth); });
    addChoice(form,
              at + ".back",
              tr("Its return"),
              {tr("a cable"), tr("the body")},
              static_cast<int>(circuit.back),
              [id](Gear& g, int nth) { circuitIn(g, id).back = static_cast<Back>(nth); });
    auto* out = new QPushButton(tr("Remove"), this);
    out->setObjectName(at + ".remove");
    out->setToolTip(tip(tr("Its loads stay and are grouped automatically again")));
    layout->addWidget(out, 0, Qt::AlignLeft);
    connect(out, &QPushButton::clicked, this, [this, id] {
        push("supply.circuit", tr("Remove a circuit"), [&](Gear& gear) {
            std::erase_if(gear.circuits, [&](const CircuitChoice& c) { return c.id == id; });
        });
    });
}

QString UnitCards::nameOf(const RailChoice& rail) const {
    const Circuit& circuit = document_.design()->wiring.circuit;
    const auto batteryOf = [&](const UnitId& bank) {
        const Device* battery = firstOf(circuit, DeviceKind::Battery, bank);
        return battery == nullptr ? QString() : q(battery->name);
    };
    if (std::holds_alternative<FromConverter>(rail.fedBy)) {
        return tr("the converter");
    }
    if (std::holds_alternative<FromRail>(rail.fedBy)) {
        const Device* block = findDevice(circuit, blockOf(rail.id));
        const auto& places = document_.plan().van.places;
        const auto place = block == nullptr
                               ? places.end()
                               : std::ranges::find(places, block->place, &VanPlace::id);
        return place == places.end() ? tr("remote fuse block")
                                     : tr("remote fuse block (%1)").arg(q(place->name));
    }
    return rail.id == mainRailOf(document_.plan().gear).id
               ? tr("the bus bars")
               : tr("the bus bars of %1").arg(batteryOf(std::get<FromBank>(rail.fedBy).bank));
}

}  // namespace spirk::app
