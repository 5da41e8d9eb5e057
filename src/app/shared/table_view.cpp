// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/table_view.h"

#include <QEvent>
#include <QHeaderView>
#include <QItemSelectionModel>

#include "app/shared/theme.h"

namespace spirk::app {

TableView::TableView(const QString& objectName, const QString& accessibleName, QWidget* parent)
    : QTableView(parent) {
    setObjectName(objectName);
    setAccessibleName(accessibleName);
    setSelectionBehavior(QAbstractItemView::SelectRows);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                    QAbstractItemView::AnyKeyPressed);
    setAlternatingRowColors(false);
    setShowGrid(false);
    setTabKeyNavigation(false);
    setWordWrap(false);
    verticalHeader()->hide();
    setFont(plain(font()));
    fitRows();
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    // Sampling a few rows keeps columns of a large plan quick to size.
    horizontalHeader()->setResizeContentsPrecision(60);
}

void TableView::choose(int row) {
    const QSignalBlocker quiet(selectionModel());
    if (row < 0) {
        selectionModel()->clearSelection();
    } else {
        const int column = currentIndex().isValid() ? currentIndex().column() : 0;
        const QModelIndex index = model()->index(row, column);
        selectionModel()->select(index,
                                 QItemSelectionModel::ClearAndSelect | QItemSelectionModel::Rows);
        if (currentIndex().row() != row) {
            selectionModel()->setCurrentIndex(index, QItemSelectionModel::NoUpdate);
        }
        scrollTo(index);
    }
    // The view heard nothing of it.
    viewport()->update();
}

void TableView::stretch(int column) {
    horizontalHeader()->setSectionResizeMode(column, QHeaderView::Stretch);
}

void TableView::fix(int column, int characters) {
    horizontalHeader()->setSectionResizeMode(column, QHeaderView::Interactive);
    horizontalHeader()->resizeSection(column, fontMetrics().averageCharWidth() * characters);
}

void TableView::fitRows() { verticalHeader()->setDefaultSectionSize(fontMetrics().height() + 9); }

void TableView::changeEvent(QEvent* event) {
    QTableView::changeEvent(event);
    if (event->type() == QEvent::FontChange) {
        fitRows();
    }
}

QSize TableView::sizeHint() const {
    return {fontMetrics().averageCharWidth() * 60, fontMetrics().height() * 14};
}

}  // namespace spirk::app
