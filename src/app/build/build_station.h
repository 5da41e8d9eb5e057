// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/shared/station.h"

namespace spirk::app {

class BuildStation : public Station {
    Q_OBJECT
public:
    BuildStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString id() const override { return QStringLiteral("build"); }
    [[nodiscard]] QString title() const override { return tr("Build"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;

protected:
    void refresh() override {}
};

}  // namespace spirk::app
