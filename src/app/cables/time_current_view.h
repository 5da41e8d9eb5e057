// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Shows the time-current picture of the chosen conductor: time upward, current to the right, both
// in decades. What each line means stands in a legend beside the picture, so that no name lies on a
// line.

#include <QWidget>
#include <optional>

#include "app/shared/document.h"
#include "app/shared/selection.h"
#include "core/cables/time_current.h"
#include "paper/ink.h"

class QCustomPlot;
class QLabel;

namespace spirk::app {

class TimeCurrentView : public QWidget {
    Q_OBJECT
public:
    TimeCurrentView(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;
    // The picture in words, for those who cannot see it and for what it comes to.
    [[nodiscard]] QString inWords() const;
    // What stands in the legend, top to bottom.
    [[nodiscard]] QStringList named() const;

protected:
    void changeEvent(QEvent* event) override;

private:
    void refresh();
    void draw();
    void drawAxes(const Ink& ink);
    void drawFuse(const Ink& ink);
    void drawCable(const Ink& ink);
    void drawMark(Amps current, const QString& name, const QPen& pen);

    Document& document_;
    Selection& selection_;
    QLabel* words_;
    QCustomPlot* plot_;
    std::optional<TimeCurrent> shown_;
};

}  // namespace spirk::app
