// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The appliances as a table. Editing goes through the core's parser and pushes one undo step; a
// wrong entry is refused with a reason and the old value stays.

#include <QAbstractTableModel>

#include "app/shared/document.h"

namespace spirk::app {

class NeedsModel : public QAbstractTableModel {
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

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

    [[nodiscard]] const Appliance& at(int row) const;
    [[nodiscard]] int rowOf(const ApplianceId& id) const;

signals:
    void refused(const QString& reason);

private:
    void refresh();
    [[nodiscard]] QString cell(const Appliance& appliance, int column) const;
    [[nodiscard]] Result<Appliance> edited(Appliance appliance,
                                           int column,
                                           const QString& text) const;

    Document& document_;
    // What the rows show. Others may hear of a new design before this model does; until then it
    // shows the old one whole.
    std::shared_ptr<const Design> shown_;
};

}  // namespace spirk::app
