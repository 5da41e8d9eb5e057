// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/unit_cards.h"

#include <QComboBox>
#include <QEvent>
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
#include "app/shared/wrapped_label.h"
#include "app/supply/card_of_unit.h"
#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/circuit/kinds.h"
#include "core/compare/ways_compared.h"
#include "core/design/unit_edits.h"
#include "core/library/gear_fields.h"
#include "core/plan/units.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

// Judgement: narrower than this, three columns would cut their fields.
constexpr int kLettersAcross = 84;

// A unit's first device on the diagram, to be chosen with its card.
std::optional<Subject> deviceOf(const Design& design, const UnitId& unit) {
    for (const Device& d : design.wiring.circuit.devices) {
        if (d.unit == unit && kindRow(d.kind).stands == Stands::Rung) {
            return subject(d.id);
        }
    }
    return std::nullopt;
}

// The wheel scrolls the page: over a field that happens to lie under it, it would change the plan.
class WheelToThePage : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override {
        const auto* field = qobject_cast<QWidget*>(watched);
        if (event->type() == QEvent::Wheel && field != nullptr && !field->hasFocus()) {
            event->ignore();
            return true;
        }
        return QObject::eventFilter(watched, event);
    }
};

void leaveWheelToThePage(QWidget* inside) {
    auto* filter = new WheelToThePage(inside);
    const auto hold = [&](QWidget* field) {
        field->setFocusPolicy(Qt::StrongFocus);
        field->installEventFilter(filter);
    };
    std::ranges::for_each(inside->findChildren<QComboBox*>(), hold);
    std::ranges::for_each(inside->findChildren<QSpinBox*>(), hold);
}

}  // namespace

UnitCards::UnitCards(Document& document, Selection& selection, QWidget* parent)
    : QWidget(parent), document_(document), selection_(selection) {
    setObjectName("supply.units");
    columns_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
    columns_->setContentsMargins(0, 0, 0, 0);
    const std::array titles{tr("Charging"), tr("Storage"), tr("Output")};
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
    // What speaks for a way wraps: the narrower, the higher.
    const int wrapped =
        columns_->hasHeightForWidth() ? columns_->minimumHeightForWidth(width()) : 0;
    return {widest, std::max(wrapped, columns_->totalMinimumSize().height())};
}

void UnitCards::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    const bool narrow = width() < fontMetrics().averageCharWidth() * kLettersAcross;
    const auto direction = narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight;
    columns_->setDirection(direction);
    if (event->oldSize().width() != width()) {
        askForRoom();
    }
}

void UnitCards::refresh() {
    const Plan& plan = document_.plan();
    Shown now{plan.gear, plan.van.vehicle, plan.van.placed, {}};
    for (const Appliance& a : plan.appliances) {
        if (!plan.gear.modules.empty() && a.feed == Feed::Dc) {
            now.loads.emplace_back(a.id, a.name);
        }
    }
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
    addAllMonitors();
    addAllModules();
    for (const CircuitChoice& circuit : plan.gear.circuits) {
        addCircuit(circuit);
    }
    addPutIn();
    for (QWidget* column : inner_) {
        leaveWheelToThePage(column);
        auto* again = focused.isEmpty() ? nullptr : column->findChild<QWidget*>(focused);
        if (again != nullptr) {
            again->setFocus();
        }
    }
    askForRoom();
}

// As high as it must be now; not from within the layout that is being made.
void UnitCards::askForRoom() {
    QMetaObject::invokeMethod(
        this, [this] { updateGeometry(); }, Qt::QueuedConnection);
}

void UnitCards::push(const QString& field,
                     const QString& text,
                     const std::function<void(Gear&)>& change) {
    Plan next = document_.plan();
    change(next.gear);
    document_.push(text, std::move(next), {field});
}

void UnitCards::addCard(const Card& card) {
    const UnitId id = card.unit.id;
    addFolding({card.column,
                fieldsOf(id),
                card.title,
                card.summary,
                [this, card](QVBoxLayout* inside) { addBody(card, inside); },
                [this, id] {
                    if (const auto device = deviceOf(*document_.design(), id)) {
                        selection_.select(*device);
                    }
                }});
}

void UnitCards::addFolding(const Folding& card) {
    auto* frame = new QFrame(inner_[static_cast<std::size_t>(card.column)]);
    frame->setFrameShape(QFrame::StyledPanel);
    frame->setObjectName(card.name);
    auto* layout = new QVBoxLayout(frame);
    auto* head = new QToolButton(frame);
    head->setObjectName(card.name + ".open");
    head->setText(unmarked(card.title));
    head->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    head->setAutoRaise(true);
    head->setCheckable(true);
    head->setChecked(open_.contains(card.name));
    head->setArrowType(head->isChecked() ? Qt::DownArrow : Qt::RightArrow);
    head->setAccessibleName(card.title);
    layout->addWidget(head);
    layout->addWidget(new WrappedLabel(card.summary, frame));
    auto* body = new QWidget(frame);
    body->setVisible(head->isChecked());
    auto* inside = new QVBoxLayout(body);
    inside->setContentsMargins(0, 0, 0, 0);
    if (head->isChecked()) {
        card.body(inside);
    }
    layout->addWidget(body);
    connect(head,
            &QToolButton::toggled,
            this,
            [this, head, body, inside, name = card.name, opened = card.opened, fill = card.body](
                bool open) {
                // Fields are made when they are first seen: most cards stay folded.
                if (open && inside->isEmpty()) {
                    fill(inside);
                    leaveWheelToThePage(body);
                }
                body->setVisible(open);
                askForRoom();
                head->setArrowType(open ? Qt::DownArrow : Qt::RightArrow);
                open ? (void)open_.insert(name) : (void)open_.erase(name);
                opened();
            });
    cardsOf(card.column)->addWidget(frame);
}

void UnitCards::addBody(const Card& card, QVBoxLayout* layout) {
    auto* form = new QFormLayout;
    // A row that wraps only when it must finds no room when a choice gets wider: its layout had
    // given out the space before.
    form->setRowWrapPolicy(QFormLayout::WrapAllRows);
    layout->addLayout(form);
    card.fields(form);
    addWay(card, form);
    layout->addWidget(new WrappedLabel(speaksFor(card), this));
    auto* options = new QFormLayout;
    options->setRowWrapPolicy(QFormLayout::WrapAllRows);
    layout->addLayout(options);
    addOptions(card, options);
    const UnitId id = card.unit.id;
    auto* compared = new QPushButton(tr("Compare…"), this);
    compared->setObjectName(fieldsOf(id) + ".compare");
    compared->setToolTip(
        tip(tr("Each way and each choice on this plan: currents, drops, findings, cost, weight and "
               "terminations")));
    compared->setEnabled(!questionsOf(*document_.design(), document_.library(), id).empty());
    connect(compared, &QPushButton::clicked, this, [this, id, title = card.title] {
        emit compareAsked(id, title);
    });
    layout->addWidget(compared, 0, Qt::AlignLeft);
    auto* out = new QPushButton(tr("Remove"), this);
    out->setObjectName(fieldsOf(id) + ".remove");
    out->setEnabled(withoutUnit(*document_.design(), id).has_value());
    connect(out, &QPushButton::clicked, this, [this, id, title = card.title] {
        if (const auto next = withoutUnit(*document_.design(), id)) {
            document_.push(tr("Remove: %1").arg(title), *next);
        }
    });
    layout->addWidget(out, 0, Qt::AlignLeft);
}

void UnitCards::addWay(const Card& card, QFormLayout* form) {
    auto* box = new QComboBox(this);
    box->setObjectName(fieldsOf(card.unit.id) + ".way");
    box->setAccessibleName(tr("How it is connected"));
    for (const WayRow& way : document_.library().ways) {
        if (way.of == card.of &&
            (way.id == card.unit.way.value || canJoin(document_.plan().gear, way))) {
            box->addItem(q(way.name), q(way.id));
            box->setItemData(box->count() - 1, tip(q(way.speaksFor)), Qt::ToolTipRole);
            if (way.id == card.unit.way.value) {
                box->setCurrentIndex(box->count() - 1);
            }
        }
    }
    // One way leaves nothing to choose.
    if (box->count() > 1) {
        form->addRow(tr("Connected"), box);
    } else {
        box->hide();
    }
    connect(box, &QComboBox::activated, this, [this, box, id = card.unit.id, of = card.of] {
        push(box->objectName(), tr("Choose how it is connected"), [&](Gear& gear) {
            const std::string way = box->currentData().toString().toStdString();
            joinBy(gear, id, *findWay(document_.library(), of, way));
        });
    });
}

QString UnitCards::speaksFor(const Card& card) const {
    const WayRow* way = findWay(document_.library(), card.of, card.unit.way.value);
    return way == nullptr ? QString() : q(way->speaksFor);
}

void UnitCards::addOptions(const Card& card, QFormLayout* form) {
    const WayRow* way = findWay(document_.library(), card.of, card.unit.way.value);
    if (way == nullptr) {
        return;
    }
    for (const WayOption& option : way->options) {
        auto* box = new QComboBox(this);
        box->setObjectName(fieldsOf(card.unit.id) + "." + q(option.id));
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
        form->addRow(capitalised(q(option.name)), box);
        connect(box, &QComboBox::activated, this, [this, box, id = card.unit.id, name = option.id] {
            push(box->objectName(), tr("Choose an option"), [&](Gear& gear) {
                unitOf(gear, id)->options[name] = box->currentData().toString().toStdString();
            });
        });
    }
}

Volts UnitCards::systemOf(const UnitId& rail) const {
    const System& gear = document_.design()->gear;
    const bool there = std::ranges::find(gear.rails, rail, &RailUnit::id) != gear.rails.end();
    return gear.bankOf(there ? rail : gear.mainRail().id).system;
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

}  // namespace spirk::app
