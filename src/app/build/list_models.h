// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Parts, cut list and labels as read-only tables.

#include <QAbstractTableModel>
#include <QStringList>
#include <functional>

#include "app/shared/document.h"

namespace spirk::app {

// A table that is filled anew from each design.
class ListModel : public QAbstractTableModel {
    Q_OBJECT
public:
    using Rows = std::vector<QStringList>;
    using Fill = std::function<Rows(const Design&)>;
    ListModel(Document& document,
              QStringList columns,
              Fill fill,
              std::vector<int> right,
              QObject* parent);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override;

private:
    Document& document_;
    QStringList columns_;
    Fill fill_;
    std::vector<int> right_;
    Rows rows_;
};

[[nodiscard]] ListModel* partsModel(Document& document, QObject* parent);
[[nodiscard]] ListModel* cutsModel(Document& document, QObject* parent);
[[nodiscard]] ListModel* labelsModel(Document& document, QObject* parent);

}  // namespace spirk::app
