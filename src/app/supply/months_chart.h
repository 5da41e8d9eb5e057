// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Sun into the bank month by month, against what is drawn a day. Months of the trip are full, the
// others hatched.

#include <QWidget>

#include "app/shared/document.h"

namespace spirk::app {

class MonthsChart : public QWidget {
    Q_OBJECT
public:
    MonthsChart(Document& document, QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Document& document_;
};

}  // namespace spirk::app
