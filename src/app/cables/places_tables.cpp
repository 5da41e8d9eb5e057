// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/places_tables.h"

#include <algorithm>

#include "app/shared/text.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

QString placeName(const Van& van, const PlaceId& id) {
    const auto found = std::ranges::find(van.places, id, &VanPlace::id);
    return found == van.places.end() ? q(id.value) : q(found->name);
}

const VanPlace* placeNamed(const Van& van, const QString& text) {
    const QString wanted = text.trimmed().toLower();
    for (const VanPlace& p : van.places) {
        if (q(p.name).toLower() == wanted || q(p.id.value) == wanted) {
            return &p;
        }
    }
    return nullptr;
}

template <class T>
const T& nth(const std::vector<T>& all, int row) {
    return all[static_cast<std::size_t>(row)];
}
template <class T>
T& nth(std::vector<T>& all, int row) {
    return all[static_cast<std::size_t>(row)];
}

}  // namespace

PlacesTable::PlacesTable(Document& document, QObject* parent)
    : PlanTable(document, {tr("Place"), tr("How warm it gets")}, parent) {}
int PlacesTable::rows(const Design& design) const {
    return static_cast<int>(design.plan.van.places.size());
}
QString PlacesTable::cell(int row, int column) const {
    const VanPlace& p = nth(shown().plan.van.places, row);
    return column == 0 ? q(p.name) : q(p.ambient, plan().units);
}
bool PlacesTable::editable(int, int) const { return true; }
Result<PlanTable::Edit> PlacesTable::edited(int row, int column, const QString& typed) const {
    Plan next = plan();
    VanPlace& place = nth(next.van.places, row);
    if (column == 0 && typed.trimmed().isEmpty()) {
        return failure("A place needs a name."_text, "van.places", "Type one."_text);
    }
    if (column == 0) {
        place.name = typed.trimmed().toStdString();
    } else {
        const auto t = parseTemperature(typed.toStdString(), plan().units);
        if (!t) {
            return tl::unexpected(t.error());
        }
        place.ambient = *t;
    }
    return Edit{tr("Change a place"), std::move(next), {}};
}

WaysTable::WaysTable(Document& document, QObject* parent)
    : PlanTable(document, {tr("Cable route from"), tr("to"), tr("Length"), tr("Bundled")}, parent) {
}
int WaysTable::rows(const Design& design) const {
    return static_cast<int>(design.plan.van.ways.size());
}
QString WaysTable::cell(int row, int column) const {
    const Van& van = shown().plan.van;
    const WireWay& way = nth(van.ways, row);
    if (column == 3) {
        return way.bundling == Bundling::Tied ? tr("yes") : tr("no");
    }
    return column == 2 ? q(way.length, plan().units)
                       : placeName(van, column == 0 ? way.from : way.to);
}
bool WaysTable::editable(int, int column) const { return column >= 2; }
Result<PlanTable::Edit> WaysTable::edited(int row, int column, const QString& typed) const {
    if (column == 3) {
        return tied(row, typed);
    }
    const auto length = parseLength(typed.toStdString(), plan().units);
    if (!length) {
        return tl::unexpected(length.error());
    }
    Plan next = plan();
    nth(next.van.ways, row).length = *length;
    return Edit{tr("Change a cable route"), std::move(next), {}};
}

// Conductors tied into one bundle warm each other.
Result<PlanTable::Edit> WaysTable::tied(int row, const QString& typed) const {
    const QString word = typed.trimmed().toLower();
    if (word != tr("yes") && word != tr("no")) {
        return failure("Type yes or no."_text, "van.ways", "Yes: bundled with other cables."_text);
    }
    Plan next = plan();
    nth(next.van.ways, row).bundling = word == tr("yes") ? Bundling::Tied : Bundling::Loose;
    return Edit{tr("Change a cable route"), std::move(next), {}};
}

PlacedTable::PlacedTable(Document& document, QObject* parent)
    : PlanTable(document, {tr("Device"), tr("Place")}, parent) {}
int PlacedTable::rows(const Design& design) const {
    return static_cast<int>(design.wiring.circuit.devices.size());
}
QString PlacedTable::cell(int row, int column) const {
    const Device& d = nth(shown().wiring.circuit.devices, row);
    return column == 0 ? q(d.name) : placeName(shown().plan.van, d.place);
}
bool PlacedTable::editable(int, int column) const { return column == 1; }
Result<PlanTable::Edit> PlacedTable::edited(int row, int, const QString& typed) const {
    Plan next = plan();
    const VanPlace* place = placeNamed(next.van, typed);
    if (place == nullptr) {
        QStringList names;
        for (const VanPlace& p : next.van.places) {
            names << q(p.name);
        }
        return failure({"There is no place '{name}'."_text, {{"name", typed.toStdString()}}},
                       "van.placed",
                       {"Use one of {all}."_text, {{"all", names.join(", ").toStdString()}}});
    }
    const Device& device = nth(shown().wiring.circuit.devices, row);
    next.van.placed[device.id] = place->id;
    return Edit{tr("Move %1").arg(q(device.name)), std::move(next), {}};
}

}  // namespace spirk::app
