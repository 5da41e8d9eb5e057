// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The strip at the foot: standing figures, and what the last edit changed.

#include <QLabel>
#include <QToolButton>
#include <QWidget>

#include "app/shared/document.h"
#include "app/shared/selection.h"

namespace spirk::app {

class Strip : public QWidget {
    Q_OBJECT
public:
    Strip(Document& document, Selection& selection, QWidget* parent);

signals:
    void findingsAsked();

private:
    void refresh();
    QToolButton* figure(const QString& name, const FigureId& id);

    Document& document_;
    Selection& selection_;
    QToolButton* days_;
    QToolButton* worst_;
    QToolButton* findings_;
    QToolButton* weight_;
    QToolButton* price_;
    QLabel* consequence_;
};

}  // namespace spirk::app
