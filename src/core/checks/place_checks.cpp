// SPDX-License-Identifier: GPL-3.0-or-later
// W17, W25: insulation and ambient of the places that a conductor passes.

#include <algorithm>
#include <set>

#include "core/cables/figures.h"
#include "core/checks/families.h"

namespace spirk {

namespace {

// Judgement: a place may well be this much hotter than the usual value.
constexpr double kHotter = 10.0;

void checkInsulation(const CheckInput& in, const CableRow& row, Checks& out) {
    const Conductor& c = conductorOf(in, row);
    const AmpacityColumn& column = columnOf(in.library, c.insulation);
    const Celsius ambient = routeOf(in, row).ambient;
    if (ambient < column.maximum) {
        return;
    }
    Finding f = findingOf(in, "W17", subject(row.id));
    f.what = {
        "{name} runs through a place at {ambient}; its insulation ({insulation}) is rated {maximum}."_text,
        {{"name", c.name},
         {"ambient", measure(ambient)},
         {"insulation", column.name},
         {"maximum", measure(column.maximum)}}};
    f.why = {"It softens and can short-circuit even without any current."_text, {}};
    f.remedy = {"Use another route, or a cable rated for more heat."_text, {}};
    f.figures = {cableFigure(row.id, "ampacity")};
    out.findings.push_back(std::move(f));
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

}  // namespace

Checks placeChecks(const CheckInput& input) {
    Checks out;
    for (const CableRow& row : input.cables.rows) {
        if (isOurs(conductorOf(input, row))) {
            checkInsulation(input, row, out);
        }
    }
    checkUsualAmbients(input, out);
    return out;
}

}  // namespace spirk
