// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The ways of joining a unit, or the choices of an option, side by side on the person's own plan.

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QTableView>

#include "app/shared/document.h"
#include "app/shared/job.h"
#include "core/compare/ways_compared.h"

namespace spirk::app {

// Follows the plan while it is open; closes when its unit has gone.
class WaysDialog : public QDialog {
    Q_OBJECT
public:
    WaysDialog(Document& document, UnitId unit, const QString& title, QWidget* parent);

private:
    struct Answer {
        quint64 revision = 0;
        std::string option;
        std::vector<WayAnswer> ways;
    };
    void ask();
    void compare();
    void showAnswer(Answer answer);
    void take();
    void showChosen();

    Document& document_;
    const UnitId unit_;
    QComboBox* question_;
    QTableView* table_;
    QLabel* says_;
    QPushButton* take_;
    std::vector<WayAnswer> ways_;
    Job<Answer> job_;
};

}  // namespace spirk::app
