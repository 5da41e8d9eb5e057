// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The plan by the rules and cables of every region, conductor by conductor. Follows the plan while
// it is open.

#include <QDialog>
#include <QLabel>
#include <QTableView>

#include "app/shared/document.h"
#include "app/shared/job.h"
#include "core/compare/side_by_side.h"

namespace spirk::app {

class SideBySideDialog : public QDialog {
    Q_OBJECT
public:
    SideBySideDialog(Document& document, QWidget* parent);

private:
    // Of one revision of the plan.
    struct Answer {
        quint64 revision = 0;
        SideBySide sides;
    };
    void refresh();
    void showAnswer(Answer answer);

    Document& document_;
    QLabel* head_;
    QTableView* table_;
    Job<Answer> job_;
};

}  // namespace spirk::app
