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

// Judgement: narrower than this, three columns would cut their fields.
constexpr int kLettersAcross = 84;

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
    columns_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
    columns_->setContentsMargins(0, 0, 0, 0);
    const std::array titles{tr("Ways in"), tr("Store"), tr("Ways out")};
    for (std::size_t i = 0; i < titles.size(); ++i) {
        auto* column = new QVBoxLayout;
        auto* head = new QLabel(titles[i], this);
        QFont bold = head->font();
        bold.setWeight(QFont::DemiBold);
        head->setFont(bold);
        column->addWidget(head);
        above_[i] = new QVBoxLayout;
        column->addLayout(above_[i]);
        cards_[i] = new QVBoxLayout;
        column->addLayout(cards_[i]);
        column->addStretch(1);
        columns_->addLayout(column, 1);
    }
    refresh();
}

void UnitCards::addAbove(Column column, QWidget* widget) {
    above_[static_cast<std::size_t>(column)]->addWidget(widget);
}

QVBoxLayout* UnitCards::cardsOf(Column column) const {
    return qobject_cast<QVBoxLayout*>(inner_[static_cast<std::size_t>(column)]->layout());
}

QSize UnitCards::minimumSizeHint() const {
    int widest = 0;
    for (int i = 0; i < columns_->count(); ++i) {
        widest = std::max(widest, columns_->itemAt(i)->minimumSize().width());
    }
    return {widest, columns_->totalMinimumSize().height()};
}

void UnitCards::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    const bool narrow = width() < fontMetrics().averageCharWidth() * kLettersAcross;
    const auto direction = narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight;
    if (direction != columns_->direction()) {
        columns_->setDirection(direction);
        // As high as it must be now; not from within the layout that gave the width.
        QMetaObject::invokeMethod(this, [this] { updateGeometry(); }, Qt::QueuedConnection);
    }
}

void UnitCards::refresh() {
    const Plan& plan = document_.plan();
    const std::pair now{plan.gear, plan.van.vehicle};
    if (shown_ == now) {
        return;
    }
    shown_ = now;
    const QString focused = focusWidget() == nullptr ? QString() : focusWidget()->objectName();
    for (std::size_t i = 0; i < inner_.size(); ++i) {
        if (inner_[i] != nullptr) {
            cards_[i]->removeWidget(inner_[i]);
            inner_[i]->setParent(nullptr);
            inner_[i]->deleteLater();  // a field of it may be what asked for this
        }
        inner_[i] = new QWidget(this);
        auto* layout = new QVBoxLayout(inner_[i]);
        layout->setContentsMargins(0, 0, 0, 0);
        cards_[i]->addWidget(inner_[i]);
    }
    addAllSources();
    addVehicle();
    addAllBanks();
    addAllInverters();
    addPutIn();
    for (QWidget* column : inner_) {
        auto* again = focused.isEmpty() ? nullptr : column->findChild<QWidget*>(focused);
        if (again != nullptr) {
            again->setFocus();
        }
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
    auto* frame = new QFrame(inner_[static_cast<std::size_t>(card.column)]);
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
    summary->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
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
    cardsOf(card.column)->addWidget(frame);
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
             Column::Store,
             tr("%1 × %2")
                 .arg(bank.count * bank.series)
                 .arg(nameOfModel<BatteryModel>(document_, bank.model)),
             tr("For when nothing charges."),
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
    const QString at = "supply.unit." + q(id.value);
    if (const auto* converter = std::get_if<FromConverter>(&rail.fedBy)) {
        addCard(
            {rail,
             WayKind::ConverterRail,
             Column::Out,
             nameOfModel<ConverterModel>(document_, converter->model),
             tr("Makes 12 V of the bank's volts."),
             [this, id, at, model = converter->model](QFormLayout* form) {
                 addModel<ConverterModel>(
                     form, at + ".model", tr("Converter"), model, [id](Gear& g) -> std::string& {
                         return std::get<FromConverter>(in(g.rails, id).fedBy).model;
                     });
             }});
        return;
    }
    addCard({rail,
             WayKind::MainRail,
             Column::Store,
             rail.kind == Distribution::Bars ? tr("Bus bars") : tr("Fused distributor"),
             tr("All else hangs on them."),
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
    const UnitId id = source.id;
    const QString at = "supply.unit." + q(id.value);
    match(
        source.what,
        [&](const SolarChoice& solar) {
            addCard({source,
                     WayKind::Sun,
                     Column::In,
                     tr("%1 × %2")
                         .arg(solar.series * solar.parallel)
                         .arg(nameOfModel<PanelModel>(document_, solar.panel)),
                     tr("Charges while the sun shines."),
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
                     Column::In,
                     nameOfModel<DcdcModel>(document_, engine.charger),
                     tr("Charges while you drive."),
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
                     Column::In,
                     nameOfModel<RelayModel>(document_, relay.relay),
                     tr("Joins both batteries while you drive."),
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
                     Column::In,
                     nameOfModel<ShoreChargerModel>(document_, shore.charger),
                     tr("Charges while plugged in."),
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
                 Column::Out,
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
    const std::array texts{tr("Put a way in"), tr("Put a bank in"), tr("Put a way out")};
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
                document_.push(tr("Put in: %1").arg(kind.text),
                               withUnit(*document_.design(), document_.library(), kind.unit));
            });
        }
        button->setMenu(menu);
        cardsOf(column)->addWidget(button);
    }
}

}  // namespace spirk::app
