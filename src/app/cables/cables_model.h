// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A row per conductor. Size, fuse and length can be amended in place; an empty entry goes back to
// what Spirk computes.

#include "app/shared/plan_table.h"

namespace spirk::app {

class CablesModel : public PlanTable {
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

    [[nodiscard]] const ConductorId& idOf(int row) const;
    [[nodiscard]] int rowOf(const ConductorId& id) const;
    // The figure behind a cell.
    [[nodiscard]] FigureId figureOf(const QModelIndex& index) const;

protected:
    [[nodiscard]] int rows(const Design& design) const override;
    [[nodiscard]] bool sameRows(const Design& before, const Design& now) const override;
    [[nodiscard]] QString cell(int row, int column) const override;
    [[nodiscard]] QString entry(int row, int column) const override;
    [[nodiscard]] QVariant look(int row, int column, int role) const override;
    [[nodiscard]] bool editable(int row, int column) const override;
    [[nodiscard]] Result<Edit> edited(int row, int column, const QString& typed) const override;

private:
    [[nodiscard]] std::size_t indexOf(int row) const;  // in the circuit's conductors
    [[nodiscard]] double margin(std::size_t conductor, int column) const;
    [[nodiscard]] Result<Plan> amendedPlan(const ConductorId& id,
                                           int column,
                                           const QString& text) const;
};

}  // namespace spirk::app
