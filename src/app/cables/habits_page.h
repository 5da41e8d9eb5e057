// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a good installer does beyond the rules: each habit with its reason, to be done without.

#include <QWidget>

#include "app/shared/document.h"

class QVBoxLayout;

namespace spirk::app {

class HabitsPage : public QWidget {
    Q_OBJECT
public:
    HabitsPage(Document& document, QWidget* parent);

private:
    // The list is that of the plan's region.
    void follow();
    void put(const std::string& id, bool on);

    Document& document_;
    QVBoxLayout* list_;
};

}  // namespace spirk::app
