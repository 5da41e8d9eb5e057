// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The drawer at the right: the whole story of what is selected, as a thread of figures, and below
// it 'why' of the figure that was asked. Every figure and every term is a link.

#include <QTextBrowser>
#include <QTimer>
#include <QWidget>

#include "app/shared/document.h"
#include "app/shared/job.h"
#include "app/shared/selection.h"
#include "core/compare/comparison.h"

namespace spirk::app {

class Drawer : public QWidget {
    Q_OBJECT
public:
    Drawer(Document& document, Selection& selection, QWidget* parent);
    void showWhy(const FigureId& figure);

private:
    void refresh();
    // The 'why' that was asked last; a choice with what it was compared with, where that is known.
    void showAsked(const QString& compared);
    void compare();
    void follow(const QUrl& link);

    Document& document_;
    Selection& selection_;
    QTextBrowser* thread_;
    QTextBrowser* why_;
    std::vector<FigureId> asked_;  // the last is shown; the others are the way back
    QTimer* pause_ = nullptr;      // comparing takes ten designs: not while the person types
    Job<std::vector<Alternative>> job_;
};

}  // namespace spirk::app
