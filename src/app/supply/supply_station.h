// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QComboBox>
#include <QGridLayout>

#include "app/shared/entry.h"
#include "app/shared/station.h"
#include "app/supply/marks_rule.h"
#include "app/supply/unit_cards.h"

namespace spirk::app {

class SupplyStation : public Station {
    Q_OBJECT
public:
    SupplyStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString id() const override { return QStringLiteral("supply"); }
    [[nodiscard]] QString title() const override { return tr("Supply"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;
    [[nodiscard]] FigureId mainFigure() const override { return FigureId("supply.days"); }

protected:
    void refresh() override;

private:
    [[nodiscard]] QGridLayout* makeTrip();
    void addTrip();
    QComboBox* combo(const QString& name, const QString& label);
    void edit(const QString& text, const std::function<void(Plan&)>& change);
    void refreshRules();

    MarksRule *bankRule_, *sunRule_, *engineRule_, *inverterRule_;
    UnitCards* units_;
    QComboBox *climate_, *firstMonth_, *lastMonth_;
    Entry *name_, *days_, *driving_;
};

}  // namespace spirk::app
