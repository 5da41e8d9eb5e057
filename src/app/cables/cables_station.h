// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/cables/cables_model.h"
#include "app/shared/station.h"
#include "app/shared/table_view.h"

namespace spirk::app {

class CablesStation : public Station {
    Q_OBJECT
public:
    CablesStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString id() const override { return QStringLiteral("cables"); }
    [[nodiscard]] QString title() const override { return tr("Cables"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;
    [[nodiscard]] FigureId mainFigure() const override;

protected:
    void refresh() override;
    void showEvent(QShowEvent* event) override;

private:
    [[nodiscard]] QWidget* makePlaces();
    void followSelection();

    CablesModel* model_;
    TableView* table_;
};

}  // namespace spirk::app
