// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A rule with three marks: needed, chosen, and the most that anything allows. Each answers 'why'.

#include <QWidget>
#include <optional>
#include <vector>

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
    [[nodiscard]] QSize minimumSizeHint() const override {
        return {fontMetrics().averageCharWidth() * 30, sizeHint().height()};
    }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    enum class Mark { Needed, Chosen, Limit };
    // A mark as it lies on the rule, its label included.
    struct Placed {
        Mark mark = Mark::Needed;
        double x = 0.0;
        QRectF label;
        QString text;
        FigureId figure;
    };
    [[nodiscard]] double xOf(double value) const;
    [[nodiscard]] double lineY() const;
    [[nodiscard]] std::vector<Placed> placed() const;
    void paintMark(QPainter& painter, const Placed& mark) const;
    // Ctrl: the limit where there is one; Shift: what is chosen; else what is needed.
    [[nodiscard]] FigureId figureFor(Qt::KeyboardModifiers modifiers) const;

    QString name_;
    Selection& selection_;
    std::optional<Marks> marks_;
    QString remark_;
};

}  // namespace spirk::app
