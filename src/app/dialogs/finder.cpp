// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/finder.h"

#include <QAction>
#include <QKeyEvent>
#include <QMenu>
#include <QRegularExpression>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/text.h"
#include "core/design/unit_edits.h"
#include "core/library/glossary.h"
#include "core/plan/units.h"

namespace spirk::app {

namespace {

constexpr int kEntryRole = Qt::UserRole + 1;

}  // namespace

Finder::Finder(Document& document,
               Selection& selection,
               const std::vector<QAction*>& actions,
               QWidget* parent)
    : QDialog(parent) {
    setObjectName("finder");
    setWindowTitle(tr("Find anything"));
    field_ = new QLineEdit(this);
    field_->setObjectName("finder.field");
    field_->setAccessibleName(tr("Words to find"));
    field_->setPlaceholderText(tr("A unit, way, device, conductor, figure, rule, action or term"));
    field_->installEventFilter(this);
    model_ = new QStandardItemModel(this);
    found_ = new QSortFilterProxyModel(this);
    found_->setSourceModel(model_);
    found_->setFilterCaseSensitivity(Qt::CaseInsensitive);
    list_ = new QListView(this);
    list_->setObjectName("finder.list");
    list_->setAccessibleName(tr("What was found"));
    list_->setModel(found_);
    list_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(field_);
    layout->addWidget(list_, 1);
    const Design& design = *document.design();
    addActions(actions);
    addUnits(document, selection);
    addCircuit(design, selection);
    addFindings(design, selection);
    addFigures(design, selection);
    addTerms(document.library());
    connect(field_, &QLineEdit::textChanged, this, &Finder::filter);
    connect(field_, &QLineEdit::returnPressed, this, &Finder::goToChosen);
    connect(list_, &QListView::activated, this, &Finder::goToChosen);
    filter(QString());
    const int letter = fontMetrics().averageCharWidth();
    resize(letter * 80, letter * 60);
}

void Finder::add(const QString& text, const QString& kind, std::function<void()> go) {
    auto* item = new QStandardItem(tr("%1  ·  %2").arg(text, kind));
    item->setData(static_cast<int>(entries_.size()), kEntryRole);
    model_->appendRow(item);
    entries_.push_back({text, kind, std::move(go)});
}

void Finder::addActions(const std::vector<QAction*>& actions) {
    for (QAction* action : actions) {
        if (action->isEnabled() && !action->text().isEmpty() && action->menu() == nullptr) {
            QString text = action->text();
            text.remove('&');
            const QString keys = action->shortcut().toString(QKeySequence::NativeText);
            add(keys.isEmpty() ? text : tr("%1 (%2)").arg(text, keys), tr("action"), [action] {
                action->trigger();
            });
        }
    }
}

void Finder::addCircuit(const Design& design, Selection& selection) {
    for (const Device& d : design.wiring.circuit.devices) {
        add(q(d.name), tr("device"), [&selection, where = subject(d.id)] {
            selection.select(where);
        });
    }
    for (const Conductor& c : design.wiring.circuit.conductors) {
        const auto number = design.build.numbers.find(c.id);
        const QString name = number == design.build.numbers.end()
                                 ? q(c.name)
                                 : tr("%1 · %2").arg(number->second).arg(q(c.name));
        add(name, tr("conductor"), [&selection, where = subject(c.id)] {
            selection.select(where);
        });
    }
}

// Each unit, and each way and choice that it could have instead.
void Finder::addUnits(Document& document, Selection& selection) {
    const Design& design = *document.design();
    const auto goTo = [&](const SystemUnit& unit) {
        return [&selection, &document, id = unit.id] {
            for (const Device& d : document.design()->wiring.circuit.devices) {
                if (d.unit == id) {
                    selection.select(subject(d.id));
                    return;
                }
            }
        };
    };
    // By its first device: ids are never shown.
    const auto nameOf = [&](const SystemUnit& unit) {
        const auto& devices = design.wiring.circuit.devices;
        const auto first = std::ranges::find(devices, unit.id, &Device::unit);
        return first == devices.end() ? QString() : q(first->name);
    };
    const auto addUnit = [&](const SystemUnit& unit) {
        const auto now = std::ranges::find(document.library().ways, unit.way.value, &WayRow::id);
        if (now == document.library().ways.end()) {
            return;
        }
        add(tr("%1: %2").arg(nameOf(unit), q(now->name)), tr("unit"), goTo(unit));
        for (const WayRow& way : document.library().ways) {
            if (way.of == now->of && way.id != now->id && canJoin(document.plan().gear, way)) {
                add(tr("%1: %2 instead").arg(nameOf(unit), q(way.name)),
                    tr("way"),
                    [&document, id = unit.id, way, text = q(way.name)] {
                        Plan next = document.plan();
                        joinBy(next.gear, id, way);
                        document.push(tr("Choose: %1").arg(text), std::move(next));
                    });
            }
        }
    };
    std::ranges::for_each(design.gear.banks, addUnit);
    std::ranges::for_each(design.gear.rails, addUnit);
    design.gear.eachOnRail([&](const SystemUnit& unit, const UnitId&) { addUnit(unit); });
}

void Finder::addFindings(const Design& design, Selection& selection) {
    for (const Finding& f : design.checks.findings) {
        if (!f.where.empty()) {
            add(q(f.rule) + " · " + q(f.what, design.plan.units),
                q(name(f.severity)),
                [&selection, where = f.where.front()] { selection.select(where); });
        }
    }
}

void Finder::addFigures(const Design& design, Selection& selection) {
    for (const auto& [id, derivation] : design.why.all()) {
        add(q(derivation.title) + ": " + q(derivation.result, design.plan.units),
            tr("figure"),
            [&selection, figure = id] { selection.askWhy(figure); });
    }
}

void Finder::addTerms(const Library& library) {
    for (const GlossaryTerm& term : library.glossary) {
        const QString text = q(shown(term, speech())) + ": " + q(term.meaning);
        add(text, tr("term"), [this, text] { emit explained(text); });
    }
}

// All words, in any order.
void Finder::filter(const QString& typed) {
    QString pattern;
    for (const QString& word : typed.split(' ', Qt::SkipEmptyParts)) {
        pattern += "(?=.*" + QRegularExpression::escape(word) + ")";
    }
    found_->setFilterRegularExpression(
        QRegularExpression("^" + pattern, QRegularExpression::CaseInsensitiveOption));
    list_->setCurrentIndex(found_->index(0, 0));
}

// Up and down move in the list while the person goes on typing.
bool Finder::eventFilter(QObject* watched, QEvent* event) {
    if (watched == field_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Up || key == Qt::Key_Down) {
            const int row = list_->currentIndex().row() + (key == Qt::Key_Down ? 1 : -1);
            if (row >= 0 && row < found_->rowCount()) {
                list_->setCurrentIndex(found_->index(row, 0));
            }
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void Finder::goToChosen() {
    const QModelIndex now = list_->currentIndex();
    if (!now.isValid()) {
        return;
    }
    const auto go = entries_[static_cast<std::size_t>(now.data(kEntryRole).toInt())].go;
    accept();
    go();
}

}  // namespace spirk::app
