// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The day as a ribbon of 24 hours: a row for each appliance with a bar for each use, worked on by
// mouse and keyboard; below them the stack of all, DC and mains. Rows keep a height that can be
// read and scroll where they are many; hours and stack stay in sight.

#include <QAbstractScrollArea>
#include <optional>

#include "app/shared/document.h"
#include "app/shared/selection.h"
#include "core/plan/habits.h"

namespace spirk::app {

class Ribbon : public QAbstractScrollArea {
    Q_OBJECT
public:
    Ribbon(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;

    // Where a bar lies in the viewport; null where it is scrolled away or does not exist.
    [[nodiscard]] QRectF barOf(int appliance, std::size_t use) const;

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool viewportEvent(QEvent* event) override;

private:
    enum class Grip { Body, Start, End };
    // What lies under the pointer, or is being dragged.
    struct Hold {
        std::size_t appliance = 0;
        std::size_t use = 0;
        Grip grip = Grip::Body;
        Seconds offset;  // from the bar's start to where it was taken
    };

    [[nodiscard]] double rowHeight() const;
    [[nodiscard]] QRectF bars() const;   // where appliances' rows stand
    [[nodiscard]] QRectF stack() const;  // where the stack stands
    [[nodiscard]] double rowTop(std::size_t row) const;
    [[nodiscard]] int applianceAt(const QPointF& at) const;
    [[nodiscard]] std::optional<Hold> holdAt(const QPointF& at) const;
    [[nodiscard]] Seconds timeAt(double x) const;
    [[nodiscard]] std::optional<std::size_t> chosenRow() const;
    void chooseRow(std::size_t row);
    void refresh();
    void showChosen();

    void paintHours(QPainter& painter) const;
    void paintRow(QPainter& painter, std::size_t row) const;
    void paintStack(QPainter& painter) const;

    void drag(const Hold& hold, Seconds at);
    // One undo step per drag or run of keys on one use: `doing` names it.
    void push(const QString& text, std::size_t row, Appliance next, const QString& doing);
    [[nodiscard]] bool keyOnUse(int key, Qt::KeyboardModifiers modifiers);

    Document& document_;
    Selection& selection_;
    std::optional<Hold> held_;
    int drags_ = 0;            // told apart in the undo stack
    std::size_t current_ = 0;  // use of the chosen appliance that keys work on
};

}  // namespace spirk::app
