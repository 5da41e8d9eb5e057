// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/unit_cards.h"

#include <QComboBox>
#include <QFrame>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QSpinBox>
#include <QToolButton>
#include <algorithm>
#include <array>

#include "app/shared/entry.h"
#include "app/shared/text.h"
#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/circuit/kinds.h"
#include "core/design/unit_edits.h"
#include "core/library/gear_fields.h"
#include "core/plan/units.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

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

// A unit's first device on the diagram, to be chosen with its card.
std::optional<Subject> deviceOf(const Design& design, const UnitId& unit) {
    for (const Device& d : design.wiring.circuit.devices) {
        if (d.unit == unit && kindRow(d.kind).stands == Stands::Rung) {
            return subject(d.id);
        }
    }
    return std::nullopt;
}

template <class Model>
QString nameOfModel(const Document& document, const std::string& id) {
    const Shelf& library = document.library();
    const Model* own = findById(listOf<Model>(document.plan().own), id);
    const Model* model = own != nullptr ? own : findById(listOf<Model>(library), id);
    return model == nullptr ? q(id) : q(model->name);
}

}  // namespace

UnitCards::UnitCards(Document& document, Selection& selection, QWidget* parent)
    : QWidget(parent), document_(document), selection_(selection) {
    setObjectName("supply.units");
    cards_ = new QVBoxLayout(this);
    cards_->setContentsMargins(0, 0, 0, 0);
    refresh();
}

void UnitCards::refresh() {
    const Gear& gear = document_.plan().gear;
    if (inner_ != nullptr && shown_ == gear) {
        return;
    }
    shown_ = gear;
    const QString focused = focusWidget() == nullptr ? QString() : focusWidget()->objectName();
    if (inner_ != nullptr) {
        cards_->removeWidget(inner_);
        inner_->hide();
        inner_->deleteLater();  // a field of it may be what asked for this
    }
    inner_ = new QWidget(this);
    cards_->addWidget(inner_);
    auto* layout = new QVBoxLayout(inner_);
    layout->setContentsMargins(0, 0, 0, 0);
    addAllSources();
    addAllBanks();
    addAllInverters();
    addPutIn();
    if (auto* again = focused.isEmpty() ? nullptr : inner_->findChild<QWidget*>(focused)) {
        again->setFocus();
    }
}

void UnitCards::push(const QString& field,
                     const QString& text,
                     const std::function<void(Gear&)>& change) {
    Plan next = document_.plan();
    change(next.gear);
    document_.push(text, std::move(next), {field});
}

void UnitCards::addCard(const Card& card) {
    auto* frame = new QFrame(inner_);
    frame->setFrameShape(QFrame::StyledPanel);
    frame->setObjectName("supply.unit." + q(card.unit.id.value));
    auto* layout = new QVBoxLayout(frame);
    auto* head = new QToolButton(frame);
    head->setObjectName(frame->objectName() + ".open");
    head->setText(card.title);
    head->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    head->setAutoRaise(true);
    head->setCheckable(true);
    head->setChecked(open_.contains(card.unit.id));
    head->setArrowType(head->isChecked() ? Qt::DownArrow : Qt::RightArrow);
    head->setAccessibleName(card.title);
    layout->addWidget(head);
    auto* summary = new QLabel(card.summary, frame);
    summary->setWordWrap(true);
    layout->addWidget(summary);
    auto* body = new QWidget(frame);
    body->setVisible(head->isChecked());
    auto* inside = new QVBoxLayout(body);
    inside->setContentsMargins(0, 0, 0, 0);
    addBody(card, inside);
    layout->addWidget(body);
    connect(head, &QToolButton::toggled, this, [this, head, body, id = card.unit.id](bool open) {
        body->setVisible(open);
        head->setArrowType(open ? Qt::DownArrow : Qt::RightArrow);
        open ? (void)open_.insert(id) : (void)open_.erase(id);
        if (const auto device = deviceOf(*document_.design(), id)) {
            selection_.select(*device);
        }
    });
    inner_->layout()->addWidget(frame);
}

void UnitCards::addBody(const Card& card, QVBoxLayout* layout) {
    auto* form = new QFormLayout;
    layout->addLayout(form);
    card.fields(form);
    addWay(card, form);
    addOptions(card, form);
    const UnitId id = card.unit.id;
    auto* out = new QPushButton(tr("Take it out"), this);
    out->setObjectName("supply.unit." + q(id.value) + ".remove");
    out->setEnabled(withoutUnit(*document_.design(), id).has_value());
    connect(out, &QPushButton::clicked, this, [this, id, title = card.title] {
        if (const auto next = withoutUnit(*document_.design(), id)) {
            document_.push(tr("Take out: %1").arg(title), *next);
        }
    });
    layout->addWidget(out, 0, Qt::AlignLeft);
}

void UnitCards::addWay(const Card& card, QFormLayout* form) {
    auto* box = new QComboBox(this);
    box->setObjectName("supply.unit." + q(card.unit.id.value) + ".way");
    box->setAccessibleName(tr("How it is joined"));
    auto* speaks = new QLabel(this);
    speaks->setWordWrap(true);
    for (const WayRow& way : document_.library().ways) {
        if (way.of == card.of) {
            box->addItem(q(way.name), q(way.id));
            box->setItemData(box->count() - 1, tip(q(way.speaksFor)), Qt::ToolTipRole);
            if (way.id == card.unit.way.value) {
                box->setCurrentIndex(box->count() - 1);
                speaks->setText(q(way.speaksFor));
            }
        }
    }
    form->addRow(tr("Joined"), box);
    form->addRow(speaks);
    box->setEnabled(box->count() > 1);
    connect(box, &QComboBox::activated, this, [this, box, id = card.unit.id, of = card.of] {
        push(box->objectName(), tr("Choose how it is joined"), [&](Gear& gear) {
            UnitChoice& unit = *unitOf(gear, id);
            unit.way = WayId(box->currentData().toString().toStdString());
            const WayRow& way = *findWay(document_.library(), of, unit.way.value);
            std::erase_if(unit.options, [&](const auto& set) {
                return std::ranges::find(way.options, set.first, &WayOption::id) ==
                       way.options.end();
            });
        });
    });
}

void UnitCards::addOptions(const Card& card, QFormLayout* form) {
    const WayRow* way = findWay(document_.library(), card.of, card.unit.way.value);
    if (way == nullptr) {
        return;
    }
    for (const WayOption& option : way->options) {
        auto* box = new QComboBox(this);
        box->setObjectName("supply.unit." + q(card.unit.id.value) + "." + q(option.id));
        box->setAccessibleName(q(option.name));
        const auto set = card.unit.options.find(option.id);
        for (const WayChoice& choice : option.choices) {
            box->addItem(q(choice.name), q(choice.id));
            box->setItemData(box->count() - 1, tip(q(choice.speaksFor)), Qt::ToolTipRole);
            if (set != card.unit.options.end() && set->second == choice.id) {
                box->setCurrentIndex(box->count() - 1);
            }
        }
        box->setToolTip(box->currentData(Qt::ToolTipRole).toString());
        form->addRow(q(option.name), box);
        connect(box, &QComboBox::activated, this, [this, box, id = card.unit.id, name = option.id] {
            push(box->objectName(), tr("Choose an option"), [&](Gear& gear) {
                unitOf(gear, id)->options[name] = box->currentData().toString().toStdString();
            });
        });
    }
}

template <class Model>
void UnitCards::addModel(QFormLayout* form,
                         const QString& name,
                         const QString& label,
                         const std::string& chosen,
                         const std::function<std::string&(Gear&)>& of) {
    auto* box = new QComboBox(this);
    box->setObjectName(name);
    box->setAccessibleName(label);
    const Shelf& library = document_.library();
    for (const Model* model :
         onOffer(listOf<Model>(document_.plan().own), listOf<Model>(library))) {
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

void UnitCards::addCount(QFormLayout* form,
                         const QString& name,
                         const QString& label,
                         int now,
                         int most,
                         const std::function<int&(Gear&)>& of) {
    auto* box = new QSpinBox(this);
    box->setObjectName(name);
    box->setAccessibleName(label);
    box->setRange(1, most);
    box->setValue(now);
    form->addRow(label, box);
    connect(box, &QSpinBox::valueChanged, this, [this, of, label, name](int n) {
        push(name, tr("Change: %1").arg(label), [&](Gear& gear) { of(gear) = n; });
    });
}

void UnitCards::addHours(QFormLayout* form,
                         const QString& name,
                         const QString& label,
                         Seconds now,
                         const std::function<Seconds&(Gear&)>& of) {
    auto* entry = new Entry(
        name,
        label,
        [this, label, of, name](const std::string& text) -> Result<QString> {
            const auto time = parseHours(text);
            if (!time) {
                return tl::unexpected(time.error());
            }
            push(name, tr("Change: %1").arg(label), [&](Gear& gear) { of(gear) = *time; });
            return QString();
        },
        this);
    entry->show(q(now));
    form->addRow(label, entry);
}

void UnitCards::addAllBanks() {
    for (const BankChoice& bank : document_.plan().gear.banks) {
        const UnitId id = bank.id;
        const QString at = "supply.unit." + q(id.value);
        addCard(
            {bank,
             WayKind::Bank,
             tr("%1 × %2")
                 .arg(bank.count * bank.series)
                 .arg(nameOfModel<BatteryModel>(document_, bank.model)),
             tr("Stores what is drawn when nothing charges."),
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
        if (std::holds_alternative<FromBank>(rail.fedBy)) {
            addCard({rail,
                     WayKind::MainRail,
                     tr("Bars of the bank"),
                     tr("What loads, sources and inverters hang on."),
                     [](QFormLayout*) {}});
        }
    }
}

void UnitCards::addAllSources() {
    for (const SourceChoice& source : document_.plan().gear.sources) {
        addSource(source);
    }
}

void UnitCards::addSource(const SourceChoice& source) {
    const UnitId id = source.id;
    const QString at = "supply.unit." + q(id.value);
    match(
        source.what,
        [&](const SolarChoice& solar) {
            addCard({source,
                     WayKind::Sun,
                     tr("%1 × %2")
                         .arg(solar.series * solar.parallel)
                         .arg(nameOfModel<PanelModel>(document_, solar.panel)),
                     tr("Charges whenever the sun shines on it."),
                     [this, solar, id, at](QFormLayout* form) {
                         addModel<PanelModel>(form,
                                              at + ".panel",
                                              tr("Panel"),
                                              solar.panel,
                                              [id](Gear& g) -> std::string& {
                                                  return whatOf<SolarChoice>(g, id).panel;
                                              });
                         addCount(
                             form,
                             at + ".series",
                             tr("In series"),
                             solar.series,
                             8,
                             [id](Gear& g) -> int& { return whatOf<SolarChoice>(g, id).series; });
                         addCount(
                             form,
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
        },
        [&](const EngineChoice& engine) {
            addCard({source,
                     WayKind::Engine,
                     nameOfModel<DcdcModel>(document_, engine.charger),
                     tr("Charges while you drive, in the bank's own stages."),
                     [this, engine, id, at](QFormLayout* form) {
                         addModel<DcdcModel>(form,
                                             at + ".charger",
                                             tr("DC-DC charger"),
                                             engine.charger,
                                             [id](Gear& g) -> std::string& {
                                                 return whatOf<EngineChoice>(g, id).charger;
                                             });
                     }});
        },
        [&](const RelayChoice& relay) {
            addCard({source,
                     WayKind::Relay,
                     nameOfModel<RelayModel>(document_, relay.relay),
                     tr("Joins the bank to the starter battery while you drive."),
                     [this, relay, id, at](QFormLayout* form) {
                         addModel<RelayModel>(form,
                                              at + ".relay",
                                              tr("Relay"),
                                              relay.relay,
                                              [id](Gear& g) -> std::string& {
                                                  return whatOf<RelayChoice>(g, id).relay;
                                              });
                     }});
        },
        [&](const ShoreChoice& shore) {
            addCard({source,
                     WayKind::Shore,
                     nameOfModel<ShoreChargerModel>(document_, shore.charger),
                     tr("Charges while shore power is plugged in."),
                     [this, shore, id, at](QFormLayout* form) {
                         addModel<ShoreChargerModel>(form,
                                                     at + ".charger",
                                                     tr("Charger"),
                                                     shore.charger,
                                                     [id](Gear& g) -> std::string& {
                                                         return whatOf<ShoreChoice>(g, id).charger;
                                                     });
                         addHours(form,
                                  at + ".hours",
                                  tr("On shore a day"),
                                  shore.perDay,
                                  [id](Gear& g) -> Seconds& {
                                      return whatOf<ShoreChoice>(g, id).perDay;
                                  });
                     }});
        });
}

void UnitCards::addAllInverters() {
    for (const InverterChoice& inverter : document_.plan().gear.inverters) {
        const UnitId id = inverter.id;
        const QString at = "supply.unit." + q(id.value);
        addCard({inverter,
                 WayKind::Inverter,
                 nameOfModel<InverterModel>(document_, inverter.model),
                 tr("Makes mains of the bank's volts."),
                 [this, inverter, id, at](QFormLayout* form) {
                     addModel<InverterModel>(
                         form,
                         at + ".model",
                         tr("Inverter"),
                         inverter.model,
                         [id](Gear& g) -> std::string& { return in(g.inverters, id).model; });
                     addHours(form,
                              at + ".hours",
                              tr("Switched on a day"),
                              inverter.onPerDay,
                              [id](Gear& g) -> Seconds& { return in(g.inverters, id).onPerDay; });
                 }});
    }
}

void UnitCards::addPutIn() {
    struct Kind {
        NewUnit unit;
        const char* name;
        QString text;
    };
    const std::array kinds{Kind{NewUnit::Sun, "sun", tr("Panels with a controller")},
                           Kind{NewUnit::Engine, "engine", tr("DC-DC charger from the engine")},
                           Kind{NewUnit::Relay, "relay", tr("Relay from the starter battery")},
                           Kind{NewUnit::Shore, "shore", tr("Charger on shore power")},
                           Kind{NewUnit::Inverter, "inverter", tr("Inverter")},
                           Kind{NewUnit::Bank, "bank", tr("Another bank with its own bars")}};
    auto* button = new QPushButton(tr("Put a unit in"), inner_);
    button->setObjectName("supply.putIn");
    auto* menu = new QMenu(button);
    for (const Kind& kind : kinds) {
        QAction* action = menu->addAction(kind.text);
        action->setObjectName(QString("supply.putIn.") + kind.name);
        connect(action, &QAction::triggered, this, [this, kind] {
            document_.push(tr("Put in: %1").arg(kind.text),
                           withUnit(*document_.design(), document_.library(), kind.unit));
        });
    }
    button->setMenu(menu);
    inner_->layout()->addWidget(button);
}

}  // namespace spirk::app
