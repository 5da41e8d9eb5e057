// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The appliances as a table.

#include "app/shared/plan_table.h"

namespace spirk::app {

class NeedsModel : public PlanTable {
    Q_OBJECT
public:
    enum Column {
        Name,
        Supply,
        Count,
        Rated,
        Measured,
        OnTime,
        Start,
        Together,
        Energy,
        Share,
        ColumnCount
    };

    NeedsModel(Document& document, QObject* parent);

    [[nodiscard]] const Appliance& at(int row) const;
    [[nodiscard]] int rowOf(const ApplianceId& id) const;

protected:
    [[nodiscard]] int rows(const Design& design) const override;
    [[nodiscard]] QString cell(int row, int column) const override;
    [[nodiscard]] QVariant look(int row, int column, int role) const override;
    [[nodiscard]] bool editable(int row, int column) const override;
    [[nodiscard]] Result<Edit> edited(int row, int column, const QString& typed) const override;
};

}  // namespace spirk::app
