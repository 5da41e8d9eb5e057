// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/places_tables.h"

#include <algorithm>

#include "app/shared/text.h"
#include "core/quantities/parse.h"

namespace spirk::app {

namespace {

QString placeName(const Van& van, const PlaceId& id) {
    const auto found = std::ranges::find(van.places, id, &VanPlace::id);
    return found == van.places.end() ? q(id.value) : q(found->name);
}

const VanPlace* placeNamed(const Van& van, const QString& text) {
    const std::string wanted = text.trimmed().toLower().toStdString();
    for (const VanPlace& p : van.places) {
        if (q(p.name).toLower().toStdString() == wanted || p.id.value == wanted) {
            return &p;
        }
    }
    return nullptr;
}

QString reason(const Error& e, const QString& kept) {
    return q(e.what) + " " + q(e.remedy) + " " +
           QCoreApplication::translate("Places", "Kept: %1.").arg(kept);
}

bool shows(int role) { return role == Qt::DisplayRole || role == Qt::EditRole; }

Qt::ItemFlags flagsFor(const QModelIndex& index, bool editable) {
    if (!index.isValid()) {
        return Qt::NoItemFlags;
    }
    const Qt::ItemFlags plain = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    return editable ? plain | Qt::ItemIsEditable : plain;
}

}  // namespace

PlacesModel::PlacesModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), document_(document), shown_(document.design()) {
    connect(&document, &Document::designChanged, this, &PlacesModel::refresh);
}
void PlacesModel::refresh() {
    if (document_.plan().van == shown_->plan.van) {
        shown_ = document_.design();
        return;
    }
    beginResetModel();
    shown_ = document_.design();
    endResetModel();
}
int PlacesModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(shown_->plan.van.places.size());
}
int PlacesModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : 2; }
QVariant PlacesModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !shows(role)) {
        return {};
    }
    const VanPlace& p = shown_->plan.van.places[static_cast<std::size_t>(index.row())];
    return index.column() == 0 ? q(p.name) : q(format(p.ambient));
}
QVariant PlacesModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) {
        return {};
    }
    return section == 0 ? tr("Place") : tr("How warm it gets");
}
Qt::ItemFlags PlacesModel::flags(const QModelIndex& index) const { return flagsFor(index, true); }
bool PlacesModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || value == data(index, Qt::EditRole)) {
        return role == Qt::EditRole;
    }
    Plan next = document_.plan();
    VanPlace& place = next.van.places[static_cast<std::size_t>(index.row())];
    if (index.column() == 0) {
        place.name = value.toString().trimmed().toStdString();
    } else {
        const auto t = parseTemperature(value.toString().toStdString());
        if (!t) {
            emit refused(reason(t.error(), data(index, Qt::EditRole).toString()));
            return false;
        }
        place.ambient = *t;
    }
    document_.push(tr("Change a place"), std::move(next));
    return true;
}

WaysModel::WaysModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), document_(document), shown_(document.design()) {
    connect(&document, &Document::designChanged, this, &WaysModel::refresh);
}
void WaysModel::refresh() {
    if (document_.plan().van == shown_->plan.van) {
        shown_ = document_.design();
        return;
    }
    beginResetModel();
    shown_ = document_.design();
    endResetModel();
}
int WaysModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(shown_->plan.van.ways.size());
}
int WaysModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : 3; }
QVariant WaysModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !shows(role)) {
        return {};
    }
    const Van& van = shown_->plan.van;
    const WireWay& w = van.ways[static_cast<std::size_t>(index.row())];
    switch (index.column()) {
        case 0:
            return placeName(van, w.from);
        case 1:
            return placeName(van, w.to);
        default:
            return q(format(w.length));
    }
}
QVariant WaysModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) {
        return {};
    }
    return section == 0 ? tr("Wire way from") : section == 1 ? tr("to") : tr("Length");
}
Qt::ItemFlags WaysModel::flags(const QModelIndex& index) const {
    return flagsFor(index, index.column() == 2);
}
bool WaysModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || value == data(index, Qt::EditRole)) {
        return role == Qt::EditRole;
    }
    const auto length = parseLength(value.toString().toStdString());
    if (!length) {
        emit refused(reason(length.error(), data(index, Qt::EditRole).toString()));
        return false;
    }
    Plan next = document_.plan();
    next.van.ways[static_cast<std::size_t>(index.row())].length = *length;
    document_.push(tr("Change a wire way"), std::move(next));
    return true;
}

PlacedModel::PlacedModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), document_(document), shown_(document.design()) {
    connect(&document, &Document::designChanged, this, &PlacedModel::refresh);
}
void PlacedModel::refresh() {
    beginResetModel();
    shown_ = document_.design();
    endResetModel();
}
int PlacedModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(shown_->wiring.circuit.devices.size());
}
int PlacedModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : 2; }
QVariant PlacedModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || !shows(role)) {
        return {};
    }
    const Device& d = shown_->wiring.circuit.devices[static_cast<std::size_t>(index.row())];
    return index.column() == 0 ? q(d.name) : placeName(shown_->plan.van, d.place);
}
QVariant PlacedModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) {
        return {};
    }
    return section == 0 ? tr("Device") : tr("Stands at");
}
Qt::ItemFlags PlacedModel::flags(const QModelIndex& index) const {
    return flagsFor(index, index.column() == 1);
}
bool PlacedModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || value == data(index, Qt::EditRole)) {
        return role == Qt::EditRole;
    }
    const VanPlace* place = placeNamed(document_.plan().van, value.toString());
    if (place == nullptr) {
        QStringList names;
        for (const VanPlace& p : document_.plan().van.places) {
            names << q(p.name);
        }
        emit refused(tr("There is no place '%1'. Write one of: %2.")
                         .arg(value.toString(), names.join(", ")));
        return false;
    }
    const DeviceId id = shown_->wiring.circuit.devices[static_cast<std::size_t>(index.row())].id;
    Plan next = document_.plan();
    next.van.placed[id] = place->id;
    document_.push(tr("Move %1").arg(q(id.value)), std::move(next));
    return true;
}

}  // namespace spirk::app
