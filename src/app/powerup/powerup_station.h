// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStackedWidget>
#include <QTextBrowser>

#include "app/powerup/step_cards.h"
#include "app/shared/station.h"

namespace spirk::app {

class PowerUpStation : public Station {
    Q_OBJECT
public:
    PowerUpStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString id() const override { return QStringLiteral("powerup"); }
    [[nodiscard]] QString title() const override { return tr("Power-up"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;

protected:
    void refresh() override;

private:
    QTextBrowser* sheet_;
    StepCards* cards_ = nullptr;
    QStackedWidget* pages_ = nullptr;
};

}  // namespace spirk::app
