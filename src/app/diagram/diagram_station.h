// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QComboBox>

#include "app/diagram/diagram_view.h"
#include "app/shared/station.h"

namespace spirk::app {

class DiagramStation : public Station {
    Q_OBJECT
public:
    DiagramStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString id() const override { return QStringLiteral("diagram"); }
    [[nodiscard]] QString title() const override { return tr("Diagram"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;

protected:
    void refresh() override;

private:
    [[nodiscard]] QWidget* makeToolbar();

    DiagramView* view_;
    QComboBox* moments_;
};

}  // namespace spirk::app
