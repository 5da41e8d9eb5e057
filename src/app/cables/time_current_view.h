// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Paints the time-current picture of the chosen conductor: time upward, current to the right, both
// in decades.

#include <QWidget>
#include <optional>

#include "app/shared/document.h"
#include "app/shared/selection.h"
#include "core/cables/time_current.h"
#include "paper/ink.h"

namespace spirk::app {

class TimeCurrentView : public QWidget {
    Q_OBJECT
public:
    TimeCurrentView(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;
    // The picture in words, for those who cannot see it and for what it comes to.
    [[nodiscard]] QString inWords() const { return words_; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void refresh();
    [[nodiscard]] QPointF at(const QRectF& area, Amps current, Seconds time) const;
    void paintGrid(QPainter& p, const QRectF& area, const Ink& ink) const;
    void paintFuse(QPainter& p, const QRectF& area, const Ink& ink) const;
    void paintCable(QPainter& p, const QRectF& area, const Ink& ink) const;
    void paintMark(QPainter& p,
                   const QRectF& area,
                   Amps current,
                   const QString& text,
                   int row,
                   const QPen& pen) const;

    Document& document_;
    Selection& selection_;
    std::optional<TimeCurrent> shown_;
    QString words_;
};

}  // namespace spirk::app
