// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A table of the design whose cells edit the plan. What is typed goes through the core's parser and
// is one undo step; a wrong entry is refused with a reason, and the old value stays.

#include <QAbstractTableModel>
#include <QStringList>

#include "app/shared/document.h"

namespace spirk::app {

class PlanTable : public QAbstractTableModel {
    Q_OBJECT
public:
    // One header a column. `document` must outlive the table.
    PlanTable(Document& document, QStringList headers, QObject* parent);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const final;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const final;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const final;
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const final;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const final;
    bool setData(const QModelIndex& index, const QVariant& value, int role) final;

signals:
    void refused(const QString& reason);

protected:
    // What an accepted entry makes of the plan. Entries with the same key that follow each other
    // are one undo step.
    struct Edit {
        QString text;
        Plan next;
        MergeKey key;
    };

    [[nodiscard]] virtual int rows(const Design& design) const = 0;
    // Whether two designs have the same rows in the same order: then only cells have changed.
    [[nodiscard]] virtual bool sameRows(const Design& before, const Design& now) const;
    [[nodiscard]] virtual QString cell(int row, int column) const = 0;
    // The cell's text without marks, as one would type it.
    [[nodiscard]] virtual QString entry(int row, int column) const;
    // All roles but text: alignment, font, tool tip.
    [[nodiscard]] virtual QVariant look(int row, int column, int role) const;
    [[nodiscard]] virtual bool editable(int row, int column) const = 0;
    [[nodiscard]] virtual Result<Edit> edited(int row, int column, const QString& typed) const = 0;

    [[nodiscard]] const Plan& plan() const { return document_.plan(); }
    [[nodiscard]] const Library& library() const { return document_.library(); }
    // What the rows show. Others may hear of a new design before this model does; until then it
    // shows the old one whole.
    [[nodiscard]] const Design& shown() const { return *shown_; }

private:
    void refresh();
    Document& document_;
    QStringList headers_;
    std::shared_ptr<const Design> shown_;
};

}  // namespace spirk::app
