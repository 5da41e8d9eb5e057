// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The row of stations at the left: name, one line on what it has come to, and a mark whether it is
// untouched, at work or settled.

#include <QAbstractListModel>
#include <QListView>

#include "app/shared/station.h"

namespace spirk::app {

class RailModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { SummaryRole = Qt::UserRole + 1, StateRole };
    RailModel(std::vector<Station*> stations, QObject* parent)
        : QAbstractListModel(parent), stations_(std::move(stations)) {}
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    void refresh();

private:
    std::vector<Station*> stations_;
};

class Rail : public QListView {
    Q_OBJECT
public:
    explicit Rail(QWidget* parent);
    [[nodiscard]] QSize sizeHint() const override;
};

}  // namespace spirk::app
