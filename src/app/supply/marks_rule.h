// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A rule with three marks: needed, chosen, and the most that anything allows.

#include <QWidget>
#include <optional>

#include "app/shared/selection.h"
#include "core/supply/supply.h"

namespace spirk::app {

class MarksRule : public QWidget {
    Q_OBJECT
public:
    MarksRule(const QString& name, Selection& selection, QWidget* parent);
    // Nothing: this part is not chosen.
    void show(std::optional<Marks> marks, const QString& remark);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] double xOf(double value) const;
    void paintMark(QPainter& painter, double value, const QString& label, int row, bool strong);

    QString name_;
    Selection& selection_;
    std::optional<Marks> marks_;
    QString remark_;
};

}  // namespace spirk::app
