// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/build/build_station.h"

#include <QTabWidget>
#include <QVBoxLayout>

#include "app/build/list_models.h"
#include "app/shared/table_view.h"

namespace spirk::app {

BuildStation::BuildStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent) {
    auto* tabs = new QTabWidget(this);
    tabs->setObjectName("build.tabs");
    const auto add = [&](const QString& name, const QString& title, ListModel* model, int stretch) {
        auto* table = new TableView(name, title, tabs);
        table->setModel(model);
        table->stretch(stretch);
        tabs->addTab(table, title);
        return table;
    };
    add("build.parts", tr("&Parts"), partsModel(document, this), 5);
    TableView* cuts = add("build.cuts", tr("C&ut list"), cutsModel(document, this), 4);
    cuts->stretch(6);
    add("build.labels", tr("&Labels"), labelsModel(document, this), 1);
    connect(cuts->selectionModel(),
            &QItemSelectionModel::currentRowChanged,
            this,
            [this](const QModelIndex& now) {
                if (now.isValid()) {
                    const CutPiece& piece =
                        design().build.cuts[static_cast<std::size_t>(now.row())];
                    this->selection().select(subject(piece.conductor));
                }
            });
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(tabs);
}

QString BuildStation::summary() const {
    return tr("%n part(s)", nullptr, static_cast<int>(design().build.parts.size())) + ", " +
           tr("%n cut(s)", nullptr, static_cast<int>(design().build.cuts.size()));
}

StationState BuildStation::state() const {
    return plan().appliances.empty() ? StationState::Untouched : StationState::AtWork;
}

}  // namespace spirk::app
