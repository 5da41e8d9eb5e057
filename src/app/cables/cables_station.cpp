// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/cables_station.h"

#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QLabel>
#include <QSplitter>
#include <QTabWidget>
#include <QVBoxLayout>

#include "app/cables/habits_page.h"
#include "app/cables/margin_delegate.h"
#include "app/cables/places_tables.h"
#include "app/cables/time_current_view.h"

namespace spirk::app {

CablesStation::CablesStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent),
      model_(new CablesModel(document, this)),
      table_(new TableView("cables.table", tr("Conductors"), this)) {
    table_->setModel(model_);
    // More columns than a small window holds: the name keeps a width of its own and the rest
    // scrolls.
    table_->fix(CablesModel::Name, 26);
    for (const int column :
         {CablesModel::CurrentMargin, CablesModel::DropMargin, CablesModel::ShortMargin}) {
        table_->setItemDelegateForColumn(column, new MarginDelegate(table_));
    }
    table_->setContextMenuPolicy(Qt::CustomContextMenu);
    auto* tabs = new QTabWidget(this);
    tabs->setObjectName("cables.tabs");
    auto* conductors = new QSplitter(Qt::Vertical, this);
    conductors->setObjectName("cables.splitter");
    conductors->addWidget(table_);
    conductors->addWidget(new TimeCurrentView(document, selection, conductors));
    conductors->setStretchFactor(0, 3);
    conductors->setStretchFactor(1, 2);
    conductors->setChildrenCollapsible(false);
    tabs->addTab(conductors, tr("Con&ductors"));
    tabs->addTab(makePlaces(), tr("&Places and routes"));
    tabs->addTab(new HabitsPage(document, tabs), tr("&Good practice"));
    auto* hint = new QLabel(
        tr("Size, fuse and length can be set in place; empty goes back to what Spirk computes. "
           "✎ marks what you have set. The bars show how much of what is allowed is used."),
        this);
    hint->setEnabled(false);
    hint->setWordWrap(true);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(tabs, 1);
    layout->addWidget(hint);
    connect(model_, &CablesModel::refused, this, &Station::notice);
    connect(&selection, &Selection::changed, this, &CablesStation::followSelection);
    connect(table_, &QWidget::customContextMenuRequested, this, [this](const QPoint& at) {
        emit amendAsked(table_->viewport()->mapToGlobal(at));
    });
    connect(table_->selectionModel(),
            &QItemSelectionModel::currentRowChanged,
            this,
            [this](const QModelIndex& now) {
                if (now.isValid()) {
                    this->selection().select(subject(model_->idOf(now.row())));
                }
            });
}

QWidget* CablesStation::makePlaces() {
    auto* page = new QWidget(this);
    auto* layout = new QHBoxLayout(page);
    const auto table = [&](const QString& name, const QString& accessible, auto* model) {
        auto* view = new TableView(name, accessible, page);
        view->setModel(model);
        view->stretch(0);
        layout->addWidget(view);
        connect(model, &std::remove_pointer_t<decltype(model)>::refused, this, &Station::notice);
    };
    table("cables.places", tr("Places"), new PlacesTable(document(), this));
    table("cables.ways", tr("Cable routes"), new WaysTable(document(), this));
    table("cables.placed", tr("Where each device is"), new PlacedTable(document(), this));
    return page;
}

QString CablesStation::summary() const {
    double metresOfCable = 0.0;
    for (const CutPiece& c : design().build.cuts) {
        metresOfCable += c.length.si();
    }
    return plan().units.length == LengthUnit::Metre
               ? tr("%1 m of cable").arg(metresOfCable, 0, 'f', 0)
               : tr("%1 ft of cable").arg(inFeet(metres(metresOfCable)), 0, 'f', 0);
}

StationState CablesStation::state() const {
    if (plan().appliances.empty()) {
        return StationState::Untouched;
    }
    for (const Finding& f : design().checks.findings) {
        if (f.rule.starts_with("W")) {
            return StationState::AtWork;
        }
    }
    return StationState::Settled;
}

FigureId CablesStation::mainFigure() const {
    const QModelIndex now = table_->currentIndex();
    return now.isValid() ? model_->figureOf(now) : FigureId("drop.main");
}

void CablesStation::followSelection() {
    const auto& chosen = selection().subject();
    const int row = chosen && chosen->kind == SubjectKind::Conductor
                        ? model_->rowOf(ConductorId(chosen->id))
                        : -1;
    table_->choose(row);
}

// The row that was chosen elsewhere is brought into view once there is a view.
void CablesStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    followSelection();
}

void CablesStation::refresh() { followSelection(); }

}  // namespace spirk::app
