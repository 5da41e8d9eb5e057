// SPDX-License-Identifier: GPL-3.0-or-later
// Batteries that differ from the others of their bank, displays with their sensors, and modules
// behind plugs.

#include <QCheckBox>
#include <QComboBox>
#include <QPushButton>
#include <algorithm>

#include "app/shared/text.h"
#include "app/supply/card_of_unit.h"
#include "app/supply/unit_cards.h"
#include "core/base/promise.h"
#include "core/plan/units.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

constexpr double kPercent = 100.0;

Result<double> parseLeft(const std::string& text) {
    constexpr double kLeast = 5.0;
    return parseNumber(
        text.ends_with('%') ? text.substr(0, text.size() - 1) : text, kLeast, kPercent);
}

SensorChoice& sensorIn(Gear& gear, const UnitId& monitor, const UnitId& sensor) {
    return in(in(gear.monitors, monitor).sensors, sensor);
}

// 'sensor', 'sensor2' ...
UnitId freshSensor(const MonitorChoice& monitor) {
    std::string id = "sensor";
    const auto taken = [&] {
        return std::ranges::find(monitor.sensors, UnitId(id), &SensorChoice::id) !=
               monitor.sensors.end();
    };
    for (int n = 2; taken(); ++n) {
        id = "sensor" + std::to_string(n);
    }
    return UnitId(id);
}

}  // namespace

void UnitCards::addUnlike(QFormLayout* form, const BankChoice& bank) {
    const UnitId id = bank.id;
    std::vector<Offered> models{{tr("as the others"), ""}};
    for (const Offered& model : offered<BatteryModel>(document_, bank.model)) {
        models.push_back(model);
    }
    for (std::size_t k = 0; k < bank.unlike.size(); ++k) {
        const UnlikeString& string = bank.unlike[k];
        const QString at = fieldsOf(id) + ".unlike." + QString::number(k);
        const auto of = [id, k](Gear& g) -> UnlikeString& { return in(g.banks, id).unlike.at(k); };
        addCount(form,
                 at + ".string",
                 tr("Battery that differs"),
                 string.string,
                 bank.count,
                 [of](Gear& g) -> int& { return of(g).string; });
        addModel(
            form, at + ".model", tr("Model"), string.model, models, [of](Gear& g) -> std::string& {
                return of(g).model;
            });
        addQuantity<double>(
            form,
            at + ".left",
            tr("Capacity left, %"),
            QString::number(string.left * kPercent),
            parseLeft,
            [of](Plan& plan, const double& left) { of(plan.gear).left = left / kPercent; });
        auto* out = new QPushButton(tr("Same as the others again"), this);
        out->setObjectName(at + ".remove");
        form->addRow(QString(), out);
        connect(out, &QPushButton::clicked, this, [this, id, k] {
            push("supply.unlike", tr("Make a battery the same as the others"), [&](Gear& g) {
                std::vector<UnlikeString>& list = in(g.banks, id).unlike;
                list.erase(list.begin() + static_cast<std::ptrdiff_t>(k));
            });
        });
    }
    auto* add = new QPushButton(tr("One differs or has aged"), this);
    add->setObjectName(fieldsOf(id) + ".unlike.add");
    add->setToolTip(
        tip(tr("A battery of another model, or one that has lost capacity: its share of the "
               "current is computed, and problems are reported")));
    form->addRow(QString(), add);
    connect(add, &QPushButton::clicked, this, [this, id] {
        push("supply.unlike.add", tr("Let a battery differ"), [&](Gear& g) {
            BankChoice& changed = in(g.banks, id);
            constexpr double kAged = 0.8;  // judgement: when a battery is called worn
            changed.unlike.push_back({changed.count, "", kAged});
        });
    });
}

void UnitCards::addAllMonitors() {
    for (const MonitorChoice& monitor : document_.plan().gear.monitors) {
        const UnitId id = monitor.id;
        addCard({monitor,
                 WayKind::Monitor,
                 Column::Out,
                 nameOfModel<MonitorModel>(document_, monitor.model),
                 tr("Shows the bank, tanks and temperatures."),
                 [this, monitor, id](QFormLayout* form) {
                     addModel(form,
                              fieldsOf(id) + ".model",
                              tr("Display"),
                              monitor.model,
                              offered<MonitorModel>(document_, monitor.model),
                              [id](Gear& g) -> std::string& { return in(g.monitors, id).model; });
                     for (const SensorChoice& sensor : monitor.sensors) {
                         addSensor(form, id, sensor);
                     }
                     auto* add = new QPushButton(tr("Add a sensor"), this);
                     add->setObjectName(fieldsOf(id) + ".sensor.add");
                     form->addRow(QString(), add);
                     const std::string name = tr("fresh water").toStdString();
                     connect(add, &QPushButton::clicked, this, [this, id, name] {
                         push("supply.sensor.add", tr("Add a sensor"), [&](Gear& g) {
                             MonitorChoice& changed = in(g.monitors, id);
                             changed.sensors.push_back({freshSensor(changed),
                                                        Senses::Tank,
                                                        name,
                                                        document_.plan().van.places.front().id});
                         });
                     });
                 }});
    }
}

void UnitCards::addSensor(QFormLayout* form, const UnitId& monitor, const SensorChoice& sensor) {
    const UnitId id = sensor.id;
    const QString at = fieldsOf(monitor) + ".sensor." + q(id.value);
    addQuantity<std::string>(
        form,
        at + ".name",
        tr("Sensor"),
        q(sensor.name),
        [](const std::string& text) -> Result<std::string> { return text; },
        [monitor, id](Plan& plan, const std::string& name) {
            sensorIn(plan.gear, monitor, id).name = name;
        });
    addChoice(form,
              at + ".senses",
              tr("Measures"),
              {tr("how full a tank is"), tr("a temperature"), tr("a voltage")},
              static_cast<int>(sensor.senses),
              [monitor, id](Gear& g, int nth) {
                  sensorIn(g, monitor, id).senses = static_cast<Senses>(nth);
              });
    addPlace(form, at + ".place", sensor.place, [monitor, id](Plan& plan, const PlaceId& place) {
        sensorIn(plan.gear, monitor, id).place = place;
    });
    auto* out = new QPushButton(tr("Remove"), this);
    out->setObjectName(at + ".remove");
    form->addRow(QString(), out);
    connect(out, &QPushButton::clicked, this, [this, monitor, id] {
        push("supply.sensor", tr("Remove a sensor"), [&](Gear& g) {
            std::erase_if(in(g.monitors, monitor).sensors,
                          [&](const SensorChoice& s) { return s.id == id; });
        });
    });
}

void UnitCards::addAllModules() {
    for (const ModuleChoice& module : document_.plan().gear.modules) {
        addFolding({Column::Store,
                    "supply.module." + q(module.id.value),
                    tr("Module: %1").arg(q(module.name)),
                    tr("Connected by plugs, removable as a whole."),
                    [this, module](QVBoxLayout* inside) { addModuleFields(module, inside); },
                    [] {}});
    }
}

void UnitCards::addModuleFields(const ModuleChoice& module, QVBoxLayout* layout) {
    const UnitId id = module.id;
    const QString at = "supply.module." + q(id.value);
    auto* form = new QFormLayout;
    form->setRowWrapPolicy(QFormLayout::WrapAllRows);
    layout->addLayout(form);
    addQuantity<std::string>(
        form,
        at + ".name",
        tr("Its name"),
        q(module.name),
        [](const std::string& text) -> Result<std::string> { return text; },
        [id](Plan& plan, const std::string& name) { in(plan.gear.modules, id).name = name; });
    addPlace(form, at + ".place", module.place, [id](Plan& plan, const PlaceId& place) {
        in(plan.gear.modules, id).place = place;
    });
    for (const auto& [unit, name] : modularUnits()) {
        auto* box = new QCheckBox(name, this);
        box->setObjectName(at + ".has." + q(unit.value));
        box->setChecked(std::ranges::find(module.units, unit) != module.units.end());
        form->addRow(QString(), box);
        connect(box, &QCheckBox::toggled, this, [this, id, unit = unit](bool inside) {
            push("supply.module.has", tr("Choose what is in a module"), [&](Gear& g) {
                for (ModuleChoice& other : g.modules) {
                    std::erase(other.units, unit);
                }
                if (inside) {
                    in(g.modules, id).units.push_back(unit);
                }
            });
        });
    }
    auto* out = new QPushButton(tr("Remove"), this);
    out->setObjectName(at + ".remove");
    out->setToolTip(tip(tr("Its contents stay, without the plugs")));
    layout->addWidget(out, 0, Qt::AlignLeft);
    connect(out, &QPushButton::clicked, this, [this, id] {
        push("supply.module", tr("Remove a module"), [&](Gear& g) {
            std::erase_if(g.modules, [&](const ModuleChoice& m) { return m.id == id; });
        });
    });
}

// By the name of its first device: ids are never shown.
std::vector<std::pair<UnitId, QString>> UnitCards::modularUnits() const {
    const Design& design = *document_.design();
    std::vector<std::pair<UnitId, QString>> out;
    const auto add = [&](const SystemUnit& unit) {
        const auto& devices = design.wiring.circuit.devices;
        const auto first = std::ranges::find(devices, unit.id, &Device::unit);
        if (first != devices.end()) {
            out.emplace_back(unit.id, q(first->name));
        }
    };
    std::ranges::for_each(design.gear.banks, add);
    std::ranges::for_each(design.gear.rails, add);
    design.gear.eachOnRail([&](const SystemUnit& unit, const UnitId&) { add(unit); });
    for (const Appliance& a : design.plan.appliances) {
        if (a.feed == Feed::Dc) {
            out.emplace_back(UnitId(a.id.value), q(a.name));
        }
    }
    return out;
}

}  // namespace spirk::app
