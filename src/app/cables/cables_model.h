// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A row per conductor. Size, fuse and length can be amended in place; an empty entry goes back to
// what Spirk computes.

#include <QAbstractTableModel>

#include "app/shared/document.h"

namespace spirk::app {

class CablesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column {
        Number,
        Name,
        Load,
        Size,
        Fuse,
        Length,
        CurrentMargin,
        DropMargin,
        ShortMargin,
        Ampacity,
        Drop,
        Lugs,
        ColumnCount
    };
    // Used part of what is allowed, for the bars.
    enum Role { MarginRole = Qt::UserRole + 1 };

    CablesModel(Document& document, QObject* parent);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

    [[nodiscard]] const ConductorId& idOf(int row) const;
    [[nodiscard]] int rowOf(const ConductorId& id) const;
    // The figure behind a cell.
    [[nodiscard]] FigureId figureOf(const QModelIndex& index) const;

signals:
    void refused(const QString& reason);

private:
    void refresh();
    [[nodiscard]] QString cell(std::size_t conductor, int column) const;
    [[nodiscard]] double margin(std::size_t conductor, int column) const;
    [[nodiscard]] Result<Plan> edited(const ConductorId& id, int column, const QString& text) const;

    Document& document_;
    // What the rows show. Others may hear of a new design before this model does; until then it
    // shows the old one whole.
    std::shared_ptr<const Design> shown_;
    std::vector<std::size_t> rows_;  // indices of conductors that are ours
};

}  // namespace spirk::app
