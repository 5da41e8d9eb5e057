// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QStackedWidget>
#include <QToolButton>

#include "app/needs/needs_model.h"
#include "app/needs/ribbon.h"
#include "app/shared/station.h"
#include "app/shared/table_view.h"

class QMenu;

namespace spirk::app {

class NeedsStation : public Station {
    Q_OBJECT
public:
    NeedsStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString id() const override { return QStringLiteral("needs"); }
    [[nodiscard]] QString title() const override { return tr("Needs"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;
    [[nodiscard]] FigureId mainFigure() const override { return FigureId("supply.demand"); }

public slots:
    void addFromCatalogue(const QString& id);
    void addOwn();
    void removeSelected();

protected:
    void refresh() override;

private:
    [[nodiscard]] QWidget* makeToolbar();
    [[nodiscard]] QWidget* makeEmptyState();
    // The catalogue's appliances of a category, under its name.
    void addSection(QMenu& menu, Category category);
    void add(Appliance appliance);
    void followSelection();

    NeedsModel* model_;
    TableView* table_;
    Ribbon* ribbon_;
    QStackedWidget* pages_;
    QLabel* totals_;
    // The chosen appliance, where it takes DC: mains are not wired here.
    [[nodiscard]] const Appliance* chosenDc() const;

    QToolButton* remove_ = nullptr;
    QToolButton* wired_ = nullptr;
};

}  // namespace spirk::app
