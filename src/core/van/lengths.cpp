// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/van/lengths.h"

#include <algorithm>
#include <map>

#include "core/base/promise.h"
#include "core/van/ways.h"

namespace spirk {

namespace {

// Judgement: what a conductor counts as while nobody has said how its ends are reached.
constexpr double kUnknownMetres = 3.0;
constexpr double kUnknownAmbient = 40.0;

Finding noWay(const Conductor& c, const PlaceId& from, const PlaceId& to) {
    Finding out;
    out.id = "VAN " + c.id.value;
    out.rule = "VAN";
    out.severity = Severity::Fault;
    out.where = {subject(c.id)};
    out.what = {"There is no cable route from '{from}' to '{to}' for {name}."_text,
                {{"from", from.value}, {"to", to.value}, {"name", c.name}}};
    out.why = {
        "Its length is assumed as {length}, and every figure that depends on it is uncertain."_text,
        {{"length", measure(metres(kUnknownMetres))}}};
    out.remedy = {"Add a cable route to the van's table, or set the length of this conductor."_text,
                  {}};
    out.source = "the plan's table of places"_text;
    return out;
}

Finding placedNowhere(const DeviceId& device, const PlaceId& place) {
    Finding out;
    out.id = "PLACED " + device.value;
    out.rule = "PLACED";
    out.severity = Severity::Advice;
    out.where = {subject(device)};
    out.what = {"The plan gives '{device}' a place ('{place}'), but has no such device now."_text,
                {{"device", device.value}, {"place", place.value}}};
    out.why = {"It may be equipment that you removed, or a name mistyped in the file."_text, {}};
    out.remedy = {"Leave it for when the device is back, or correct the name in the file."_text,
                  {}};
    out.source = "the plan's table of places"_text;
    return out;
}

// The places' names: a person's.
Text routeText(const Ways& ways, const std::vector<PlaceId>& places) {
    std::string out;
    for (const PlaceId& id : places) {
        const VanPlace* place = ways.place(id);
        out += (out.empty() ? "" : " → ") + (place == nullptr ? id.value : place->name);
    }
    return Text::given(out);
}

Celsius warmest(const Ways& ways, const std::vector<PlaceId>& places) {
    std::optional<Celsius> out;
    for (const PlaceId& id : places) {
        const VanPlace* place = ways.place(id);
        const Celsius here = place == nullptr ? celsius(kUnknownAmbient) : place->ambient;
        out = out ? std::max(*out, here) : here;
    }
    return out.value_or(celsius(kUnknownAmbient));
}

class Measurer {
public:
    Measurer(const Plan& plan, const Library& library, const Circuit& circuit)
        : plan_(plan), library_(library), circuit_(circuit), ways_(plan.van) {}

    [[nodiscard]] Lengths measureAll() {
        for (const Device& device : circuit_.devices) {
            places_[device.id] = device.place;
        }
        for (const Conductor& c : circuit_.conductors) {
            out_.routes.push_back(routeOf(c));
        }
        for (const auto& [device, place] : plan_.van.placed) {
            if (!places_.contains(device)) {
                out_.findings.push_back(placedNowhere(device, place));
            }
        }
        equalise(Pole::Positive);
        equalise(Pole::Negative);
        applyAmendments();
        countBundles();
        for (std::size_t i = 0; i < circuit_.conductors.size(); ++i) {
            explain(circuit_.conductors[i], out_.routes[i]);
        }
        return std::move(out_);
    }

private:
    [[nodiscard]] PlaceId placeOf(const TerminalId& t) const {
        const auto found = places_.find(t.device);
        promise(found != places_.end(), "a conductor ends at a device");
        return found->second;
    }

    // One that is there already is as long as the plan says.
    Route routeOf(const Conductor& c) {
        Route route = wayOf(c);
        if (c.found) {
            route.length = c.found->length;
            route.found = true;
        }
        route.length = c.usualLength.value_or(route.length);
        return route;
    }

    // An inverter is large and warm: it stands beside the board, not on it.
    [[nodiscard]] const char* onBoard(const Conductor& c) const {
        const auto isInverter = [&](const TerminalId& end) {
            return findDevice(circuit_, end.device)->kind == DeviceKind::Inverter;
        };
        return isInverter(c.from) || isInverter(c.to) ? "board_inverter_m" : "board_length_m";
    }

    Route wayOf(const Conductor& c) {
        const PlaceId from = placeOf(c.from);
        const PlaceId to = placeOf(c.to);
        Route route;
        if (from == to && ways_.place(from) != nullptr) {
            route.places = {from};
            route.length = metres(rule(library_, onBoard(c)).value);
        } else {
            ShortestWay way = ways_.shortest(from, to);
            route.places = std::move(way.places);
            route.length = way.length + metres(rule(library_, "lead_slack_m").value);
        }
        if (route.places.empty()) {
            out_.findings.push_back(noWay(c, from, to));
            route.places = {from, to};
            route.length = metres(kUnknownMetres);
        }
        route.ambient = warmest(ways_, route.places);
        return route;
    }

    // Equal leads share a bank's current equally; an extra loop in a lead does no harm.
    void equalise(Pole pole) {
        std::map<UnitId, Metres> longest;
        const auto isLead = [pole](const Conductor& c) {
            return c.purpose == Purpose::Lead && isHousePole(c, pole);
        };
        for (std::size_t i = 0; i < circuit_.conductors.size(); ++i) {
            const Conductor& c = circuit_.conductors[i];
            if (isLead(c)) {
                longest[c.unit] = std::max(longest[c.unit], out_.routes[i].length);
            }
        }
        for (std::size_t i = 0; i < circuit_.conductors.size(); ++i) {
            const Conductor& c = circuit_.conductors[i];
            if (isLead(c)) {
                out_.routes[i].length = longest[c.unit];
            }
        }
    }

    [[nodiscard]] static bool carries(const Conductor& c) {
        return isOurs(c) && c.purpose != Purpose::Bond && c.purpose != Purpose::Signal;
    }
    static bool passes(const Route& route, const WireWay& way) {
        for (std::size_t i = 1; i < route.places.size(); ++i) {
            const PlaceId& a = route.places[i - 1];
            const PlaceId& b = route.places[i];
            if ((a == way.from && b == way.to) || (a == way.to && b == way.from)) {
                return true;
            }
        }
        return false;
    }
    void countBundles() {
        for (const WireWay& way : plan_.van.ways) {
            if (way.bundling == Bundling::Loose) {
                continue;
            }
            std::vector<Route*> inside;
            for (std::size_t i = 0; i < out_.routes.size(); ++i) {
                if (carries(circuit_.conductors[i]) && passes(out_.routes[i], way)) {
                    inside.push_back(&out_.routes[i]);
                }
            }
            for (Route* route : inside) {
                route->tied = std::max(route->tied, static_cast<int>(inside.size()));
            }
        }
    }

    void applyAmendments() {
        std::map<ConductorId, Metres> set;
        for (const Amendment& amendment : plan_.amendments) {
            if (const auto* length = std::get_if<SetLength>(&amendment)) {
                set[length->conductor] = length->length;
            }
        }
        for (std::size_t i = 0; i < circuit_.conductors.size(); ++i) {
            const auto found = set.find(circuit_.conductors[i].id);
            if (found != set.end()) {
                out_.routes[i].length = found->second;
                out_.routes[i].amended = true;
            }
        }
    }

    void explain(const Conductor& c, const Route& route) {
        Derivation d;
        d.id = lengthFigure(c.id);
        d.title = {"{conductor}, length"_text, {{"conductor", c.name}}};
        d.result = measure(route.length);
        d.source = "the plan's table of places and cable routes"_text;
        d.note = "Lay the cable out before cutting."_text;
        if (route.amended) {
            d.formula = "set by you"_text;
            d.terms = {{"L"_text, "length"_text, measure(route.length), FromPlan{"amendments"}}};
        } else if (route.found) {
            d.formula = "as found in the vehicle"_text;
            d.terms = {{"L"_text,
                        "length"_text,
                        measure(route.length),
                        FromPlan{"van.vehicle.supply_points"}}};
        } else if (route.places.size() == 1) {
            d.formula = "both ends at the same place"_text;
            d.terms = {{"L"_text,
                        routeText(ways_, route.places),
                        measure(route.length),
                        fromRule(library_, onBoard(c))}};
        } else {
            d.formula = "L = shortest cable route + slack"_text;
            const Metres slack = metres(rule(library_, "lead_slack_m").value);
            d.terms = {{"route"_text,
                        routeText(ways_, route.places),
                        measure(route.length - slack),
                        FromPlan{"van.ways"}},
                       {"slack"_text,
                        "bends and ends"_text,
                        measure(slack),
                        fromRule(library_, "lead_slack_m")}};
        }
        out_.why.add(std::move(d));
    }

    const Plan& plan_;
    const Library& library_;
    const Circuit& circuit_;
    Ways ways_;
    std::map<DeviceId, PlaceId> places_;  // of devices
    Lengths out_;
};

}  // namespace

FigureId lengthFigure(const ConductorId& id) { return FigureId("cable." + id.value + ".length"); }

Lengths lengthsOf(const Plan& plan, const Library& library, const Circuit& circuit) {
    return Measurer(plan, library, circuit).measureAll();
}

}  // namespace spirk
