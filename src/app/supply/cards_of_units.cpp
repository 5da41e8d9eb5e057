// SPDX-License-Identifier: GPL-3.0-or-later
// What the card of each kind of unit shows and asks.

#include <QComboBox>
#include <QFrame>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QToolButton>
#include <algorithm>
#include <array>
#include <cmath>

#include "app/shared/entry.h"
#include "app/shared/text.h"
#include "app/supply/card_of_unit.h"
#include "app/supply/unit_cards.h"
#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/design/unit_edits.h"
#include "core/library/gear_fields.h"
#include "core/reading/parse.h"

namespace spirk::app {

void UnitCards::addModel(QFormLayout* form,
                         const QString& name,
                         const QString& label,
                         const std::string& chosen,
                         const std::vector<Offered>& models,
                         const std::function<std::string&(Gear&)>& of,
                         const std::function<void(Gear&)>& then) {
    auto* box = new QComboBox(this);
    box->setObjectName(name);
    box->setAccessibleName(label);
    for (const Offered& model : models) {
        box->addItem(model.name, q(model.id));
        if (model.id == chosen) {
            box->setCurrentIndex(box->count() - 1);
        }
    }
    form->addRow(label, box);
    connect(box, &QComboBox::activated, this, [this, box, of, then, label] {
        push(box->objectName(), tr("Choose: %1").arg(label), [&](Gear& gear) {
            of(gear) = box->currentData().toString().toStdString();
            if (then) {
                then(gear);
            }
        });
    });
}

void UnitCards::keepVoltage(Gear& gear, const UnitId& bank) const {
    BankChoice& choice = in(gear.banks, bank);
    const auto& banks = document_.design()->gear.banks;
    const auto before = std::ranges::find(banks, bank, &BankUnit::id);
    const auto* model = findById(document_.plan().own.batteries, choice.model);
    model = model == nullptr ? findById(document_.library().batteries, choice.model) : model;
    if (before == banks.end() || model == nullptr) {
        return;
    }
    constexpr double kBlock = 12.0;
    const double asked = before->system.si() / (kBlock * blocksOf(model->nominal));
    choice.series = asked >= 1.0 && std::fabs(asked - std::round(asked)) < 1e-6
                        ? static_cast<int>(std::lround(asked))
                        : 1;
}

void UnitCards::addAllBanks() {
    for (const BankChoice& bank : document_.plan().gear.banks) {
        const UnitId id = bank.id;
        const QString at = fieldsOf(id);
        addCard(
            {bank,
             WayKind::Bank,
             Column::Store,
             tr("%1 × %2")
                 .arg(bank.count * bank.series)
                 .arg(nameOfModel<BatteryModel>(document_, bank.model)),
             tr("Stores the energy for when nothing charges."),
             [this, bank, id, at](QFormLayout* form) {
                 addModel(
                     form,
                     at + ".model",
                     tr("Battery"),
                     bank.model,
                     offered<BatteryModel>(document_, bank.model),
                     [id](Gear& g) -> std::string& { return in(g.banks, id).model; },
                     [this, id](Gear& g) { keepVoltage(g, id); });
                 addCount(
                     form, at + ".count", tr("In parallel"), bank.count, 4, [id](Gear& g) -> int& {
                         return in(g.banks, id).count;
                     });
                 addCount(
                     form, at + ".series", tr("In series"), bank.series, 4, [id](Gear& g) -> int& {
                         return in(g.banks, id).series;
                     });
                 addUnlike(form, bank);
                 addCare(form, bank);
             }});
    }
    for (const RailChoice& rail : document_.plan().gear.rails) {
        addRail(rail);
    }
}

void UnitCards::addCare(QFormLayout* form, const BankChoice& bank) {
    const UnitId id = bank.id;
    const QString at = fieldsOf(id);
    addVents(form, bank);
    addQuantity<Watts>(
        form,
        at + ".heater",
        tr("Heater in each"),
        q(bank.heater ? bank.heater->power : watts(0.0)),
        [](const std::string& text) { return parsePower(text); },
        [id](Plan& plan, const Watts& power) {
            auto& heater = in(plan.gear.banks, id).heater;
            // Judgement: where heaters of batteries switch on as a rule.
            constexpr double kUsualBelow = -3.0;
            const Celsius below = heater ? heater->below : celsius(kUsualBelow);
            heater = power.si() > 0.0 ? std::optional(BatteryHeater{power, below}) : std::nullopt;
        });
    if (bank.heater) {
        const Units units = document_.plan().units;
        addQuantity<Celsius>(
            form,
            at + ".heater.below",
            tr("Heats below"),
            q(bank.heater->below),
            [units](const std::string& text) { return parseTemperature(text, units); },
            [id](Plan& plan, const Celsius& below) {
                in(plan.gear.banks, id).heater->below = below;
            });
    }
}

// Only for a battery that gives off gas, or where something was said of it.
void UnitCards::addVents(QFormLayout* form, const BankChoice& bank) {
    const UnitId id = bank.id;
    const QString at = fieldsOf(id);
    const auto& banks = document_.design()->gear.banks;
    const auto unit = std::ranges::find(banks, id, &BankUnit::id);
    const bool gasses = unit != banks.end() && unit->chemistry.gasses;
    if (!gasses && bank.venting == Venting::None) {
        return;
    }
    auto* vents = new QComboBox(this);
    vents->setObjectName(at + ".venting");
    vents->setAccessibleName(tr("Ventilation"));
    vents->addItems({tr("none, in the living space"),
                     tr("vent tube to the outside"),
                     tr("box with vents to the outside"),
                     tr("installed outside")});
    vents->setCurrentIndex(static_cast<int>(bank.venting));
    vents->setToolTip(
        tip(tr("Flooded lead-acid batteries give off hydrogen while charging. Sealed ones hardly "
               "do, lithium ones not at all.")));
    form->addRow(tr("Ventilation"), vents);
    connect(vents, &QComboBox::activated, this, [this, vents, id](int nth) {
        push(vents->objectName(), tr("Choose the ventilation"), [&](Gear& g) {
            in(g.banks, id).venting = static_cast<Venting>(nth);
        });
    });
    if (bank.venting == Venting::Box) {
        constexpr double kMostCm2 = 10e3;
        constexpr double kMm2PerCm2 = 100.0;
        addQuantity<double>(
            form,
            at + ".opening",
            tr("Each vent opening, cm²"),
            bank.opening ? QString::number(inMm2(*bank.opening) / kMm2PerCm2) : QString(),
            [](const std::string& text) { return parseNumber(text, 0.1, kMostCm2); },
            [id](Plan& plan, const double& cm2) {
                in(plan.gear.banks, id).opening = squareMillimetres(cm2 * kMm2PerCm2);
            });
    }
}

// A block with its place: its feed is as long as the way there.
void UnitCards::addSubRail(const RailChoice& rail, const FromRail& from) {
    const UnitId id = rail.id;
    addCard({rail,
             WayKind::SubRail,
             Column::Out,
             tr("Remote fuse block"),
             tr("A fuse block in another place, on one feed."),
             [this, id, from](QFormLayout* form) {
                 const QString at = fieldsOf(id);
                 std::vector<Offered> rails;
                 for (const RailChoice& other : document_.plan().gear.rails) {
                     if (other.id != id) {
                         rails.push_back({nameOf(other), other.id.value});
                     }
                 }
                 addModel(form,
                          at + ".from",
                          tr("Fed by"),
                          from.rail.value,
                          rails,
                          [id](Gear& g) -> std::string& {
                              return std::get<FromRail>(in(g.rails, id).fedBy).rail.value;
                          });
                 auto* place = new QComboBox(this);
                 place->setObjectName(at + ".place");
                 place->setAccessibleName(tr("Place"));
                 const Device* block = findDevice(document_.design()->wiring.circuit, blockOf(id));
                 for (const VanPlace& each : document_.plan().van.places) {
                     place->addItem(q(each.name), q(each.id.value));
                     if (block != nullptr && block->place == each.id) {
                         place->setCurrentIndex(place->count() - 1);
                     }
                 }
                 form->addRow(tr("Place"), place);
                 connect(place, &QComboBox::activated, this, [this, place, id] {
                     Plan next = document_.plan();
                     next.van.placed[blockOf(id)] =
                         PlaceId(place->currentData().toString().toStdString());
                     document_.push(tr("Choose a place"), std::move(next), {place->objectName()});
                 });
             }});
}

void UnitCards::addRail(const RailChoice& rail) {
    const UnitId id = rail.id;
    const QString at = fieldsOf(id);
    if (const auto* from = std::get_if<FromRail>(&rail.fedBy)) {
        addSubRail(rail, *from);
        return;
    }
    if (const auto* converter = std::get_if<FromConverter>(&rail.fedBy)) {
        addCard(
            {rail,
             WayKind::ConverterRail,
             Column::Out,
             nameOfModel<ConverterModel>(document_, converter->model),
             tr("Makes 12 V from the bank's voltage."),
             [this, id, at, model = converter->model, system = systemOf(id)](QFormLayout* form) {
                 addModel(form,
                          at + ".model",
                          tr("Converter"),
                          model,
                          offered<ConverterModel>(document_,
                                                  model,
                                                  [system](const ConverterModel& m) {
                                                      return m.inputSystem == system;
                                                  }),
                          [id](Gear& g) -> std::string& {
                              return std::get<FromConverter>(in(g.rails, id).fedBy).model;
                          });
             }});
        return;
    }
    const auto& rails = document_.plan().gear.rails;
    const auto end = std::ranges::find(rails, id, &RailChoice::id) + 1;
    const auto order = std::count_if(rails.begin(), end, [](const RailChoice& each) {
        return std::holds_alternative<FromBank>(each.fedBy);
    });
    const QString title =
        rail.kind == Distribution::Bars ? tr("Bus bars") : tr("Fused distributor");
    addCard({rail,
             WayKind::MainRail,
             Column::Store,
             order > 1 ? tr("%1 (%2)").arg(title).arg(order) : title,
             tr("Everything else connects here."),
             [this, id, at, kind = rail.kind](QFormLayout* form) {
                 auto* box = new QComboBox(this);
                 box->setObjectName(at + ".kind");
                 box->setAccessibleName(tr("Distribution"));
                 box->addItem(tr("bus bars"));
                 box->addItem(tr("fused distributor"));
                 box->setCurrentIndex(static_cast<int>(kind));
                 box->setToolTip(
                     tr("Bars with separate fuse holders are flexible; a distributor holds the "
                        "fuses, tidy and covered"));
                 form->addRow(tr("Distribution"), box);
                 connect(box, &QComboBox::activated, this, [this, box, id](int nth) {
                     push(box->objectName(), tr("Choose the distribution"), [&](Gear& g) {
                         in(g.rails, id).kind = static_cast<Distribution>(nth);
                     });
                 });
             }});
}

void UnitCards::addAllInverters() {
    for (const InverterChoice& inverter : document_.plan().gear.inverters) {
        const UnitId id = inverter.id;
        const QString at = fieldsOf(id);
        const std::vector<InverterUnit>& units = document_.design()->gear.inverters;
        const auto unit = std::ranges::find(units, id, &InverterUnit::id);
        const bool charges = unit != units.end() && unit->model->charge.si() > 0.0;
        const Watts rated = unit != units.end() ? unit->model->power : watts(0.0);
        addCard(
            {inverter,
             WayKind::Inverter,
             Column::Out,
             nameOfModel<InverterModel>(document_, inverter.model),
             charges
                 ? tr("Makes mains voltage from the bank, and charges the bank from shore power.")
                 : tr("Makes mains voltage from the bank."),
             [this, inverter, id, at, charges, rated, system = systemOf(inverter.from)](
                 QFormLayout* form) {
                 addModel(form,
                          at + ".model",
                          tr("Inverter"),
                          inverter.model,
                          offered<InverterModel>(
                              document_,
                              inverter.model,
                              [system](const InverterModel& m) { return m.system == system; }),
                          [id](Gear& g) -> std::string& { return in(g.inverters, id).model; });
                 addHours(form,
                          at + ".hours",
                          tr("Switched on per day"),
                          inverter.onPerDay,
                          [id](Gear& g) -> Seconds& { return in(g.inverters, id).onPerDay; });
                 // Its rating, or nothing, is all that it gives.
                 addQuantity<Watts>(
                     form,
                     at + ".used_up_to",
                     tr("Used up to"),
                     q(inverter.usedUpTo.value_or(rated)),
                     [](const std::string& text) { return parsePower(text); },
                     [id, rated](Plan& plan, const Watts& most) {
                         const bool less = most.si() > 0.0 && most < rated;
                         in(plan.gear.inverters, id).usedUpTo =
                             less ? std::optional(most) : std::nullopt;
                     });
                 if (charges) {
                     addHours(
                         form,
                         at + ".shore",
                         tr("On shore power per day"),
                         inverter.shorePerDay,
                         [id](Gear& g) -> Seconds& { return in(g.inverters, id).shorePerDay; });
                 }
             }});
    }
}

QSet<QString> UnitCards::cardNames() const {
    QSet<QString> names;
    for (const QWidget* column : inner_) {
        for (const QFrame* card :
             column->findChildren<QFrame*>(QString(), Qt::FindDirectChildrenOnly)) {
            names.insert(card->objectName());
        }
    }
    return names;
}

// What was just added is what its owner sets next.
void UnitCards::openCard(const QString& name) {
    auto* head = findChild<QToolButton*>(name + ".open");
    if (head == nullptr) {
        return;
    }
    head->setChecked(true);
    // Its place is known once the layout has settled.
    QMetaObject::invokeMethod(
        head,
        [head] {
            for (QWidget* up = head->parentWidget(); up != nullptr; up = up->parentWidget()) {
                if (auto* area = qobject_cast<QScrollArea*>(up)) {
                    area->ensureWidgetVisible(head->parentWidget());
                    area->ensureWidgetVisible(head);
                    return;
                }
            }
        },
        Qt::QueuedConnection);
}

// A button for each column, with what may be put in there.
void UnitCards::addPutIn() {
    struct Kind {
        Column column;
        NewUnit unit;
        const char* name;
        QString text;
    };
    using enum Column;
    const std::array kinds{
        Kind{In, NewUnit::Sun, "sun", tr("Panels with a controller")},
        Kind{In, NewUnit::Engine, "engine", tr("DC-DC charger from the engine")},
        Kind{In, NewUnit::Relay, "relay", tr("Relay from the starter battery")},
        Kind{In, NewUnit::Shore, "shore", tr("Charger on shore power")},
        Kind{In, NewUnit::Combined, "combined", tr("One charger for engine and sun")},
        Kind{In, NewUnit::Panels, "panels", tr("More panels on the same controller")},
        Kind{In, NewUnit::Alternator, "second", tr("Second alternator")},
        Kind{Store, NewUnit::Bank, "bank", tr("Another bank with its own bars")},
        Kind{Store, NewUnit::Module, "module", tr("Module behind plugs")},
        Kind{Out, NewUnit::Inverter, "inverter", tr("Inverter")},
        Kind{Out, NewUnit::Converter, "converter", tr("Converter for 12 V loads")},
        Kind{Out, NewUnit::SubRail, "subRail", tr("Fuse block elsewhere in the van")},
        Kind{Out, NewUnit::Monitor, "monitor", tr("Display or gauges")},
        Kind{Out, NewUnit::Trickle, "trickle", tr("Trickle charger for the starter battery")}};
    const std::array texts{tr("Add charging"), tr("Add storage"), tr("Add output")};
    for (const Column column : {In, Store, Out}) {
        const auto at = static_cast<std::size_t>(column);
        auto* button = new QPushButton(texts[at], inner_[at]);
        button->setObjectName("supply.putIn." + QString::number(at));
        auto* menu = new QMenu(button);
        for (const Kind& kind : kinds) {
            if (kind.column != column) {
                continue;
            }
            QAction* action = menu->addAction(kind.text);
            action->setObjectName(QString("supply.putIn.") + kind.name);
            action->setEnabled(canAdd(document_.plan().gear, kind.unit));
            connect(action, &QAction::triggered, this, [this, kind] {
                const QSet<QString> before = cardNames();
                document_.push(tr("Add: %1").arg(kind.text),
                               withUnit(*document_.design(), document_.library(), kind.unit));
                for (const QString& name : cardNames() - before) {
                    openCard(name);
                }
            });
        }
        button->setMenu(menu);
        cardsOf(column)->addWidget(button);
    }
}

}  // namespace spirk::app
