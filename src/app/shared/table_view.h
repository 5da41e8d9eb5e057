// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A table as all stations use it: whole rows selected, keyboard editing, columns sized to content,
// the row of the one selection kept in step.

#include <QTableView>

namespace spirk::app {

class TableView : public QTableView {
    Q_OBJECT
public:
    TableView(const QString& objectName, const QString& accessibleName, QWidget* parent);
    // Marks a row as chosen and shows it; the current column stays where the person is typing. A
    // row below zero: nothing is chosen.
    void choose(int row);
    // Column that takes the room left over.
    void stretch(int column);
    // Column of a width in characters that the person can change.
    void fix(int column, int characters);

protected:
    void changeEvent(QEvent* event) override;
    [[nodiscard]] QSize sizeHint() const override;

private:
    void fitRows();
};

}  // namespace spirk::app
