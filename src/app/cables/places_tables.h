// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The van as tables: places with ambients, wire ways between them, and where each device stands.

#include <QAbstractTableModel>

#include "app/shared/document.h"

namespace spirk::app {

class PlacesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    PlacesModel(Document& document, QObject* parent);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void refused(const QString& reason);

private:
    void refresh();
    Document& document_;
    std::shared_ptr<const Design> shown_;
};

class WaysModel : public QAbstractTableModel {
    Q_OBJECT
public:
    WaysModel(Document& document, QObject* parent);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void refused(const QString& reason);

private:
    void refresh();
    Document& document_;
    std::shared_ptr<const Design> shown_;
};

// Devices and the place each stands at; edited by the place's name.
class PlacedModel : public QAbstractTableModel {
    Q_OBJECT
public:
    PlacedModel(Document& document, QObject* parent);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void refused(const QString& reason);

private:
    void refresh();
    Document& document_;
    std::shared_ptr<const Design> shown_;
};

}  // namespace spirk::app
