// SPDX-License-Identifier: GPL-3.0-or-later
// What the card of each kind of unit shows and asks.

#include <QComboBox>
#include <QFrame>
#include <QMenu>
#include <QPushButton>
#include <algorithm>
#include <array>

#include "app/shared/entry.h"
#include "app/shared/text.h"
#include "app/supply/unit_cards.h"
#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/design/unit_edits.h"
#include "core/library/gear_fields.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

QString fieldsOf(const UnitId& id) { return "supply.unit." + q(id.value); }

// The unit of a list with this id. Requires that it is there.
template <class Choice>
Choice& in(std::vector<Choice>& list, const UnitId& id) {
    const auto found = std::ranges::find(list, id, &Choice::id);
    promise(found != list.end(), "a card is of a unit that is there");
    return *found;
}
template <class Kind>
Kind& whatOf(Gear& gear, const UnitId& id) {
    return std::get<Kind>(in(gear.sources, id).what);
}

template <class Model>
QString nameOfModel(const Document& document, const std::string& id) {
    const Shelf& library = document.library();
    const Model* own = findById(listOf<Model>(document.plan().own), id);
    const Model* model = own != nullptr ? own : findById(listOf<Model>(library), id);
    return model == nullptr ? q(id) : q(model->name);
}

}  // namespace

template <class Model>
void UnitCards::addModel(QFormLayout* form,
                         const QString& name,
                         const QString& label,
                         const std::string& chosen,
                         const std::function<std::string&(Gear&)>& of,
                         const std::function<bool(const Model&)>& suits) {
    auto* box = new QComboBox(this);
    box->setObjectName(name);
    box->setAccessibleName(label);
    const Shelf& library = document_.library();
    for (const Model* model :
         onOffer(listOf<Model>(document_.plan().own), listOf<Model>(library))) {
        if (suits && !suits(*model) && model->id != chosen) {
            continue;
        }
        box->addItem(q(model->name), q(model->id));
        if (model->id == chosen) {
            box->setCurrentIndex(box->count() - 1);
        }
    }
    form->addRow(label, box);
    connect(box, &QComboBox::activated, this, [this, box, of, label] {
        push(box->objectName(), tr("Choose: %1").arg(label), [&](Gear& gear) {
            of(gear) = box->currentData().toString().toStdString();
        });
    });
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
             tr("Holds what is used while nothing charges."),
             [this, bank, id, at](QFormLayout* form) {
                 addModel<BatteryModel>(
                     form, at + ".model", tr("Battery"), bank.model, [id](Gear& g) -> std::string& {
                         return in(g.banks, id).model;
                     });
                 addCount(
                     form, at + ".count", tr("In parallel"), bank.count, 4, [id](Gear& g) -> int& {
                         return in(g.banks, id).count;
                     });
                 addCount(
                     form, at + ".series", tr("In series"), bank.series, 4, [id](Gear& g) -> int& {
                         return in(g.banks, id).series;
                     });
             }});
    }
    for (const RailChoice& rail : document_.plan().gear.rails) {
        addRail(rail);
    }
}

void UnitCards::addRail(const RailChoice& rail) {
    const UnitId id = rail.id;
    const QString at = fieldsOf(id);
    if (const auto* converter = std::get_if<FromConverter>(&rail.fedBy)) {
        addCard(
            {rail,
             WayKind::ConverterRail,
             Column::Out,
             nameOfModel<ConverterModel>(document_, converter->model),
             tr("Makes 12 V of the bank's volts."),
             [this, id, at, model = converter->model, system = systemOf(id)](QFormLayout* form) {
                 addModel<ConverterModel>(
                     form,
                     at + ".model",
                     tr("Converter"),
                     model,
                     [id](Gear& g) -> std::string& {
                         return std::get<FromConverter>(in(g.rails, id).fedBy).model;
                     },
                     [system](const ConverterModel& m) { return m.inputSystem == system; });
             }});
        return;
    }
    addCard({rail,
             WayKind::MainRail,
             Column::Store,
             rail.kind == Distribution::Bars ? tr("Bus bars") : tr("Fused distributor"),
             tr("Everything else connects here."),
             [this, id, at, kind = rail.kind](QFormLayout* form) {
                 auto* box = new QComboBox(this);
                 box->setObjectName(at + ".kind");
                 box->setAccessibleName(tr("Distribution"));
                 box->addItem(tr("bus bars"));
                 box->addItem(tr("fused distributor"));
                 box->setCurrentIndex(static_cast<int>(kind));
                 box->setToolTip(
                     tr("Bars with separate holders are flexible; a distributor holds the fuses, "
                        "tidy and covered"));
                 form->addRow(tr("Distribution"), box);
                 connect(box, &QComboBox::activated, this, [this, box, id](int nth) {
                     push(box->objectName(), tr("Choose the distribution"), [&](Gear& g) {
                         in(g.rails, id).kind = static_cast<Distribution>(nth);
                     });
                 });
             }});
}

void UnitCards::addAllSources() {
    for (const SourceChoice& source : document_.plan().gear.sources) {
        addSource(source);
    }
}

void UnitCards::addSource(const SourceChoice& source) {
    match(
        source.what,
        [&](const SolarChoice& solar) { addSun(source, solar); },
        [&](const EngineChoice& engine) { addCharger(source, engine); },
        [&](const RelayChoice& relay) { addRelay(source, relay); },
        [&](const ShoreChoice& shore) { addShore(source, shore); });
}

void UnitCards::addSun(const SourceChoice& source, const SolarChoice& solar) {
    const UnitId id = source.id;
    const QString at = fieldsOf(id);
    addCard({source,
             WayKind::Sun,
             Column::In,
             tr("%1 × %2")
                 .arg(solar.series * solar.parallel)
                 .arg(nameOfModel<PanelModel>(document_, solar.panel)),
             tr("Charges while the sun shines."),
             [this, solar, id, at](QFormLayout* form) {
                 addModel<PanelModel>(
                     form, at + ".panel", tr("Panel"), solar.panel, [id](Gear& g) -> std::string& {
                         return whatOf<SolarChoice>(g, id).panel;
                     });
                 addCount(
                     form, at + ".series", tr("In series"), solar.series, 8, [id](Gear& g) -> int& {
                         return whatOf<SolarChoice>(g, id).series;
                     });
                 addCount(form,
                          at + ".parallel",
                          tr("Strings in parallel"),
                          solar.parallel,
                          8,
                          [id](Gear& g) -> int& { return whatOf<SolarChoice>(g, id).parallel; });
                 addModel<ControllerModel>(form,
                                           at + ".controller",
                                           tr("Controller"),
                                           solar.controller,
                                           [id](Gear& g) -> std::string& {
                                               return whatOf<SolarChoice>(g, id).controller;
                                           });
             }});
}

void UnitCards::addCharger(const SourceChoice& source, const EngineChoice& engine) {
    const UnitId id = source.id;
    const QString at = fieldsOf(id);
    addCard({source,
             WayKind::Engine,
             Column::In,
             nameOfModel<DcdcModel>(document_, engine.charger),
             tr("Charges while you drive."),
             [this, engine, id, at, system = systemOf(source.into)](QFormLayout* form) {
                 addModel<DcdcModel>(
                     form,
                     at + ".charger",
                     tr("DC-DC charger"),
                     engine.charger,
                     [id](Gear& g) -> std::string& { return whatOf<EngineChoice>(g, id).charger; },
                     [system](const DcdcModel& m) { return m.outputSystem == system; });
             }});
}

void UnitCards::addRelay(const SourceChoice& source, const RelayChoice& relay) {
    const UnitId id = source.id;
    const QString at = fieldsOf(id);
    addCard({source,
             WayKind::Relay,
             Column::In,
             nameOfModel<RelayModel>(document_, relay.relay),
             tr("Joins both batteries while you drive."),
             [this, relay, id, at](QFormLayout* form) {
                 addModel<RelayModel>(
                     form, at + ".relay", tr("Relay"), relay.relay, [id](Gear& g) -> std::string& {
                         return whatOf<RelayChoice>(g, id).relay;
                     });
             }});
}

void UnitCards::addShore(const SourceChoice& source, const ShoreChoice& shore) {
    const UnitId id = source.id;
    const QString at = fieldsOf(id);
    addCard({source,
             WayKind::Shore,
             Column::In,
             nameOfModel<ShoreChargerModel>(document_, shore.charger),
             tr("Charges while plugged in."),
             [this, shore, id, at, system = systemOf(source.into)](QFormLayout* form) {
                 addModel<ShoreChargerModel>(
                     form,
                     at + ".charger",
                     tr("Charger"),
                     shore.charger,
                     [id](Gear& g) -> std::string& { return whatOf<ShoreChoice>(g, id).charger; },
                     [system](const ShoreChargerModel& m) { return m.outputSystem == system; });
                 addHours(form,
                          at + ".hours",
                          tr("On shore a day"),
                          shore.perDay,
                          [id](Gear& g) -> Seconds& { return whatOf<ShoreChoice>(g, id).perDay; });
             }});
}

void UnitCards::addAllInverters() {
    for (const InverterChoice& inverter : document_.plan().gear.inverters) {
        const UnitId id = inverter.id;
        const QString at = fieldsOf(id);
        addCard({inverter,
                 WayKind::Inverter,
                 Column::Out,
                 nameOfModel<InverterModel>(document_, inverter.model),
                 tr("Makes mains of the bank's volts."),
                 [this, inverter, id, at, system = systemOf(inverter.from)](QFormLayout* form) {
                     addModel<InverterModel>(
                         form,
                         at + ".model",
                         tr("Inverter"),
                         inverter.model,
                         [id](Gear& g) -> std::string& { return in(g.inverters, id).model; },
                         [system](const InverterModel& m) { return m.system == system; });
                     addHours(form,
                              at + ".hours",
                              tr("Switched on a day"),
                              inverter.onPerDay,
                              [id](Gear& g) -> Seconds& { return in(g.inverters, id).onPerDay; });
                 }});
    }
}

// The van's own, where anything charges from its engine.
void UnitCards::addVehicle() {
    if (!document_.design()->gear.usesEngine()) {
        return;
    }
    auto* frame = new QFrame(inner_[static_cast<std::size_t>(Column::In)]);
    frame->setFrameShape(QFrame::StyledPanel);
    auto* form = new QFormLayout(frame);
    const auto change = [this](const QString& field, const QString& text, const Vehicle& vehicle) {
        Plan next = document_.plan();
        next.van.vehicle = vehicle;
        document_.push(text, std::move(next), {field});
    };
    auto* rating = new Entry(
        "supply.alternator",
        tr("Alternator"),
        [this, change](const std::string& text) -> Result<QString> {
            constexpr double kMostAmps = 1000.0;
            const auto amperes = parseCurrent(text);
            if (!amperes) {
                return tl::unexpected(amperes.error());
            }
            if (amperes->si() < 1.0 || amperes->si() > kMostAmps) {
                return failure("An alternator gives 1 to 1000 A."_text,
                               "alternator",
                               "Read its plate: '150 A'."_text);
            }
            Vehicle vehicle = document_.plan().van.vehicle;
            vehicle.alternator = *amperes;
            change("supply.alternator", tr("Change the alternator"), vehicle);
            return QString();
        },
        this);
    rating->show(q(document_.plan().van.vehicle.alternator));
    form->addRow(tr("Alternator"), rating);
    auto* regulation = new QComboBox(this);
    regulation->setObjectName("supply.regulation");
    regulation->setAccessibleName(tr("Its voltage"));
    regulation->addItem(tr("steady, about 14 V"));
    regulation->addItem(tr("falls and rises with the engine's load"));
    regulation->setCurrentIndex(static_cast<int>(document_.plan().van.vehicle.regulation));
    regulation->setToolTip(
        tr("Newer vehicles let the alternator's voltage fall to save fuel and raise it when they "
           "brake: a relay then charges badly"));
    form->addRow(tr("Its voltage"), regulation);
    connect(regulation, &QComboBox::activated, this, [this, change](int nth) {
        Vehicle vehicle = document_.plan().van.vehicle;
        vehicle.regulation = static_cast<Regulation>(nth);
        change("supply.regulation", tr("Change the alternator's voltage"), vehicle);
    });
    cardsOf(Column::In)->addWidget(frame);
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
        Kind{Store, NewUnit::Bank, "bank", tr("Another bank with its own bars")},
        Kind{Out, NewUnit::Inverter, "inverter", tr("Inverter")},
        Kind{Out, NewUnit::Converter, "converter", tr("Converter for 12 V loads")}};
    const std::array texts{tr("Add charging"), tr("Add a bank"), tr("Add output")};
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
            connect(action, &QAction::triggered, this, [this, kind] {
                document_.push(tr("Add: %1").arg(kind.text),
                               withUnit(*document_.design(), document_.library(), kind.unit));
            });
        }
        button->setMenu(menu);
        cardsOf(column)->addWidget(button);
    }
}

}  // namespace spirk::app
