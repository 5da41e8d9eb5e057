// SPDX-License-Identifier: GPL-3.0-or-later
// P4, W17, W25, W28: assumed lengths; insulation and ambient of the places that a conductor passes.

#include <algorithm>
#include <map>
#include <set>

#include "core/cables/figures.h"
#include "core/checks/families.h"

namespace spirk {

namespace {

// Judgement: a place may well be this much hotter than the usual value.
constexpr double kHotter = 10.0;

// The hottest place of a route.
const VanPlace* hottest(const Van& van, const Route& route) {
    const VanPlace* out = nullptr;
    for (const VanPlace& place : van.places) {
        const bool passed = std::ranges::find(route.places, place.id) != route.places.end();
        if (passed && (out == nullptr || place.ambient > out->ambient)) {
            out = &place;
        }
    }
    return out;
}

// Conductors by the place that troubles them: one finding for the place, not one for each.
using ByPlace = std::map<PlaceId, std::vector<const CableRow*>>;

std::vector<Subject> subjectsOf(const std::vector<const CableRow*>& rows) {
    std::vector<Subject> out;
    for (const CableRow* row : rows) {
        out.push_back(subject(row->id));
    }
    return out;
}

const VanPlace& placeOf(const CheckInput& in, const PlaceId& id) {
    return *std::ranges::find(in.plan.van.places, id, &VanPlace::id);
}

void checkInsulation(const CheckInput& in, Checks& out) {
    ByPlace melting;
    for (const CableRow& row : in.cables.rows) {
        const Conductor& c = conductorOf(in, row);
        const VanPlace* place = hottest(in.plan.van, routeOf(in, row));
        const bool tooHot = routeOf(in, row).ambient >= columnOf(in.library, c.insulation).maximum;
        if (isOurs(c) && place != nullptr && tooHot) {
            melting[place->id].push_back(&row);
        }
    }
    for (const auto& [id, rows] : melting) {
        const Conductor& first = conductorOf(in, *rows.front());
        const AmpacityColumn& column = columnOf(in.library, first.insulation);
        Finding f = findingOf(in, "W17", subject(rows.front()->id));
        f.id = "W17 " + id.value;
        f.where = subjectsOf(rows);
        f.what = with(
            with(
                with(
                    with(
                        counted(
                            "'{place}' is set to {ambient}: {n} conductor there has insulation for less, {name} for {maximum}."_text,
                            "'{place}' is set to {ambient}: {n} conductors there have insulation for less, {name} for {maximum}."_text,
                            static_cast<int>(rows.size())),
                        {"place", Text::given(placeOf(in, id).name)}),
                    {"ambient", measure(placeOf(in, id).ambient)}),
                {"name", first.name}),
            {"maximum", measure(column.maximum)});
        f.why = "It softens and can short-circuit even without any current."_text;
        f.remedy =
            "Measure how hot that place really gets. If it does: another route, or cable rated for more heat."_text;
        f.figures = {cableFigure(rows.front()->id, "ampacity")};
        out.findings.push_back(std::move(f));
    }
}

// Judgement: heat that doubles the copper is worth another insulation, from this size on.
constexpr double kThickerByHeat = 2.0;
constexpr double kWorthIt = 4.0;

// The smallest size that carries what this conductor must with some insulation; nothing where none
// does.
std::optional<double> sizeWith(const CheckInput& in,
                               const CableRow& row,
                               const AmpacityColumn& column,
                               const Laying& laying) {
    for (const ConductorRow& size : in.library.conductors) {
        const auto carries = ampacity(column, size.area, laying);
        if (carries && enough(*carries, row.needed)) {
            return inMm2(size.area);
        }
    }
    return std::nullopt;
}

// The coolest insulation for more heat with which so much less copper serves there, where it is the
// heat that asks for it.
const AmpacityColumn* cooler(const CheckInput& in, const CableRow& row) {
    const AmpacityColumn& now = columnOf(in.library, conductorOf(in, row).insulation);
    const double most = inMm2(row.computedArea) / kThickerByHeat;
    Laying usual = layingOf(in, row);
    usual.ambient = now.reference;
    const auto unheated = sizeWith(in, row, now, usual);
    if (inMm2(row.computedArea) < kWorthIt || !unheated || *unheated > most) {
        return nullptr;
    }
    const AmpacityColumn* best = nullptr;
    for (const AmpacityColumn& column : in.library.ampacity) {
        const bool hotter = column.satisfiesChecks && column.maximum > now.maximum;
        const auto size = hotter ? sizeWith(in, row, column, layingOf(in, row)) : std::nullopt;
        const bool serves = size && *size <= most;
        best = serves && (best == nullptr || column.maximum < best->maximum) ? &column : best;
    }
    return best;
}

// A size that only the heat asks for: insulation is cheaper than copper.
void checkThickByHeat(const CheckInput& in, Checks& out) {
    ByPlace thick;
    std::map<PlaceId, Mend> mends;
    for (const CableRow& row : in.cables.rows) {
        const Conductor& c = conductorOf(in, row);
        const VanPlace* place = hottest(in.plan.van, routeOf(in, row));
        const bool byCurrent = row.decides == Decides::Current || row.decides == Decides::Returns;
        const AmpacityColumn* column =
            isOurs(c) && byCurrent && place != nullptr ? cooler(in, row) : nullptr;
        if (column == nullptr) {
            continue;
        }
        thick[place->id].push_back(&row);
        mends[place->id].changes.emplace_back(Amend{SetInsulation{row.id, column->id}});
        if (c.pair) {
            mends[place->id].changes.emplace_back(Amend{SetInsulation{*c.pair, column->id}});
        }
    }
    for (const auto& [id, rows] : thick) {
        const CableRow& worst = **std::ranges::max_element(
            rows, {}, [](const CableRow* row) { return row->computedArea; });
        Finding f = findingOf(in, "W28", subject(worst.id));
        f.id = "W28 " + id.value;
        f.where = subjectsOf(rows);
        f.what = {
            "In '{place}', at {ambient}, {name} would have to be {size} to carry {needed}: only because of the heat."_text,
            {{"place", Text::given(placeOf(in, id).name)},
             {"ambient", measure(placeOf(in, id).ambient)},
             {"name", conductorOf(in, worst).name},
             {"size", measure(worst.computedArea)},
             {"needed", measure(worst.needed)}}};
        f.why =
            "Cable with insulation for more heat carries the same there with much less copper."_text;
        f.remedy =
            "Measure how hot that place really gets; use cable rated for more heat there."_text;
        f.figures = {cableFigure(worst.id, "size")};
        mends[id].label = "Use insulation for more heat there"_text;
        f.mends = {mends[id]};
        out.findings.push_back(std::move(f));
    }
}

// Places whose ambient is as a new plan has it.
std::set<PlaceId> untouchedPlaces(const CheckInput& in) {
    std::set<PlaceId> out;
    for (const VanPlace& place : in.plan.van.places) {
        for (const TypicalVan::Place& usual : in.library.typicalVan.places) {
            if (usual.id == place.id && usual.ambient == place.ambient) {
                out.insert(place.id);
            }
        }
    }
    return out;
}

// Only where it decides: a conductor that a hotter place would overload. What carries nothing yet,
// as in a new plan, is not judged.
void checkUsualAmbients(const CheckInput& in, Checks& out) {
    const std::set<PlaceId> untouched = untouchedPlaces(in);
    std::set<std::string> places;
    std::vector<Subject> where;
    for (const CableRow& row : in.cables.rows) {
        const Conductor& c = conductorOf(in, row);
        const VanPlace* place = hottest(in.plan.van, routeOf(in, row));
        if (!isOurs(c) || isHousePole(c, Pole::Negative) || place == nullptr ||
            !untouched.contains(place->id) || row.margins.current > 1.0 || row.load.si() <= 0.0) {
            continue;
        }
        Laying laying = layingOf(in, row);
        laying.ambient = laying.ambient + kelvins(kHotter);
        const auto then = ampacity(columnOf(in.library, c.insulation), row.area, laying);
        const double part = then && then->si() > 0.0 ? row.ampacity / *then : 2.0;
        if (row.margins.current * part > 1.0) {
            places.insert(place->name);
            where.push_back(subject(row.id));
        }
    }
    if (where.empty()) {
        return;
    }
    std::vector<Text> names;
    for (const std::string& name : places) {
        names.push_back(Text::given(name));
    }
    Finding f = findingOf(in, "W25", where.front());
    f.id = "W25 van";
    f.where = where;
    f.what = with(
        counted("{n} conductor is sized for the usual ambient temperature of: {places}."_text,
                "{n} conductors are sized for the usual ambient temperature of: {places}."_text,
                static_cast<int>(where.size())),
        {"places", listed(names)});
    f.why = {"If it were {hotter} K hotter there, the cable would be too thin for its fuse."_text,
             {{"hotter", number(kHotter)}}};
    f.remedy = {"Measure on a hot day and set the temperature in Cables, Places and routes."_text,
                {}};
    out.findings.push_back(std::move(f));
}

// Of a conductor between two devices on the board, that nobody has measured yet.
bool isAssumed(const CheckInput& in, const CableRow& row) {
    const Route& route = routeOf(in, row);
    const Conductor& c = conductorOf(in, row);
    return isNew(c) && c.ready.empty() && !c.usualLength && !route.amended &&
           route.places.size() == 1;
}

// Only where it decides: a path that would pass its limit if those lengths were twice as long.
void checkAssumedLengths(const CheckInput& in, Checks& out) {
    std::vector<Subject> where;
    Text first;
    for (const PathDrop& path : in.cables.drops) {
        Volts assumed;
        std::vector<Subject> here;
        for (const ConductorId& id : path.conductors) {
            const CableRow& row = *findRow(in.cables, id);
            if (isAssumed(in, row)) {
                assumed += row.drop;
                here.push_back(subject(id));
            }
        }
        const double twice = path.fraction * (1.0 + assumed / std::max(path.drop, volts(1e-6)));
        if (path.fraction <= path.limit && twice > path.limit) {
            first = where.empty() ? path.name : first;
            where.insert(where.end(), here.begin(), here.end());
        }
    }
    if (where.empty()) {
        return;
    }
    Finding f = findingOf(in, "P4", where.front());
    f.id = "P4 board";
    f.where = where;
    f.what = {
        "Lengths on the board are assumed, and they decide: twice as long, '{path}' would lose more than its limit."_text,
        {{"path", first}}};
    f.why = "Until the board is laid out nobody knows how far its devices stand apart."_text;
    f.remedy =
        "Lay the devices out, measure, and enter the lengths in Cables before you buy or cut."_text;
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks placeChecks(const CheckInput& input) {
    Checks out;
    checkInsulation(input, out);
    checkThickByHeat(input, out);
    checkUsualAmbients(input, out);
    checkAssumedLengths(input, out);
    return out;
}

}  // namespace spirk
