// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QComboBox>
#include <QFormLayout>
#include <QSpinBox>

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
    [[nodiscard]] QWidget* makeForm();
    void addTrip(QFormLayout* form);
    void addBank(QFormLayout* form);
    void addSolar(QFormLayout* form);
    void addEngine(QFormLayout* form);
    void addInverter(QFormLayout* form);
    QComboBox* combo(QFormLayout* form, const QString& name, const QString& label);
    QSpinBox* spin(QFormLayout* form, const QString& name, const QString& label, int low, int high);
    void edit(const QString& text, const std::function<void(Plan&)>& change);
    void offerGear();
    void refreshGear();
    void refreshRules();
    void refreshSun();
    void offerWays(QComboBox* box, WayKind of) const;

    MarksRule *bankRule_, *sunRule_, *engineRule_, *inverterRule_;
    QComboBox *climate_, *firstMonth_, *lastMonth_, *battery_, *distribution_, *converter_, *panel_,
        *controller_, *joins_, *charger_, *inverter_;
    QSpinBox *count_, *inSeries_, *series_, *parallel_;
    UnitCards* units_;
    Entry *name_, *days_, *driving_, *alternator_, *inverterOn_;
};

}  // namespace spirk::app
