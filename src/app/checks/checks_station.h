// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/shared/station.h"

namespace spirk::app {

class ChecksStation : public Station {
    Q_OBJECT
public:
    ChecksStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString title() const override { return tr("Checks"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;

protected:
    void refresh() override;
    void showEvent(QShowEvent* event) override;

private:
    void rebuild();

    QLabel* head_;
    QScrollArea* area_;
    std::vector<Finding> shown_;
    std::vector<Accepted> accepted_;
    bool built_ = false;
};

}  // namespace spirk::app
