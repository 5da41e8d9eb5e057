// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The van as tables: places with ambients, wire ways between them, and where each device stands.

#include "app/shared/plan_table.h"

namespace spirk::app {

class PlacesTable : public PlanTable {
    Q_OBJECT
public:
    PlacesTable(Document& document, QObject* parent);

protected:
    [[nodiscard]] int rows(const Design& design) const override;
    [[nodiscard]] QString cell(int row, int column) const override;
    [[nodiscard]] bool editable(int row, int column) const override;
    [[nodiscard]] Result<Edit> edited(int row, int column, const QString& typed) const override;
};

class WaysTable : public PlanTable {
    Q_OBJECT
public:
    WaysTable(Document& document, QObject* parent);

protected:
    [[nodiscard]] int rows(const Design& design) const override;
    [[nodiscard]] QString cell(int row, int column) const override;
    [[nodiscard]] bool editable(int row, int column) const override;
    [[nodiscard]] Result<Edit> edited(int row, int column, const QString& typed) const override;

private:
    [[nodiscard]] Result<Edit> tied(int row, const QString& typed) const;
};

// Devices and the place each stands at; edited by the place's name.
class PlacedTable : public PlanTable {
    Q_OBJECT
public:
    PlacedTable(Document& document, QObject* parent);

protected:
    [[nodiscard]] int rows(const Design& design) const override;
    [[nodiscard]] QString cell(int row, int column) const override;
    [[nodiscard]] bool editable(int row, int column) const override;
    [[nodiscard]] Result<Edit> edited(int row, int column, const QString& typed) const override;
};

}  // namespace spirk::app
