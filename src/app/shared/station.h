// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What every station is: a widget that shows the design and edits the plan, with a name, one line
// on what it has come to, and a mark for the rail.

#include <QWidget>

#include "app/shared/document.h"
#include "app/shared/selection.h"
#include "paper/pages.h"

namespace spirk::app {

enum class StationState { Untouched, AtWork, Settled };

class Station : public QWidget {
    Q_OBJECT
public:
    Station(Document& document, Selection& selection, QWidget* parent)
        : QWidget(parent), document_(document), selection_(selection) {
        connect(&document, &Document::designChanged, this, [this] {
            // What nobody looks at is brought up to date when somebody does.
            stale_ = !isVisible();
            if (!stale_) {
                refresh();
            }
        });
    }
    // Stable: in settings, in names of actions and pictures.
    [[nodiscard]] virtual QString id() const = 0;
    [[nodiscard]] virtual QString title() const = 0;
    [[nodiscard]] virtual QString summary() const = 0;
    [[nodiscard]] virtual StationState state() const = 0;
    // The figure that F1 explains when nothing better has the focus; may be empty.
    [[nodiscard]] virtual FigureId mainFigure() const { return {}; }

    // Whether something that it shows is still being computed, off the interface's thread.
    [[nodiscard]] virtual bool isBusy() const { return false; }

signals:
    // Something that the person should read, beside what they were doing.
    void notice(const QString& text);
    // The menu of what is chosen, at a place of the screen.
    void amendAsked(const QPoint& globalPosition);
    void printAsked(PaperDocument document);
    // The ways and choices of a unit, side by side; it is called `title`.
    void compareAsked(const spirk::UnitId& unit, const QString& title);

protected:
    virtual void refresh() = 0;
    void showEvent(QShowEvent* event) override {
        QWidget::showEvent(event);
        if (stale_) {
            stale_ = false;
            refresh();
        }
    }
    [[nodiscard]] Document& document() const { return document_; }
    [[nodiscard]] Selection& selection() const { return selection_; }
    [[nodiscard]] const Design& design() const { return *document_.design(); }
    [[nodiscard]] const Plan& plan() const { return document_.plan(); }
    [[nodiscard]] const Library& library() const { return document_.library(); }

private:
    Document& document_;
    Selection& selection_;
    bool stale_ = false;
};

}  // namespace spirk::app
