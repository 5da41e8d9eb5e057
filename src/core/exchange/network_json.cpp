// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/exchange/network_json.h"

#include <array>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/cables/fuse_curve.h"
#include "core/circuit/kinds.h"
#include "core/library/appliance_names.h"

namespace spirk {

namespace {

using Json = nlohmann::ordered_json;

// Of enumerators, in their order: part of the report's format.
constexpr std::array<const char*, 3> kPoleNames{"positive", "negative", "none"};
constexpr std::array<const char*, 5> kPurposeNames{"lead", "feed", "link", "bond", "signal"};
constexpr std::array<const char*, 2> kSideNames{"house", "panels"};
constexpr std::array<const char*, 2> kLaidByNames{"us", "vehicle_maker"};
constexpr std::array<const char*, 2> kBreaksNames{"either_way", "from_its_source"};
constexpr std::array<const char*, 3> kHoldsNames{"itself", "block", "distributor"};
constexpr std::array<const char*, 4> kLiveNames{"always", "engine_running", "in_sun", "on_shore"};
constexpr std::array<const char*, 2> kDrawnByNames{"switch", "moment"};
constexpr std::array<const char*, 2> kEndNamesHere{"from", "to"};

template <class Names, class Enum>
auto nameIn(const Names& names, Enum value) {
    return names[static_cast<std::size_t>(value)];
}

// By the names of a device's ports.
Json ports(const Device& d, const PortPair& pair) {
    return {d.ports[pair.pos].name, d.ports[pair.neg].name};
}

Json toJson(const Device& d, const Element& element) {
    return match(
        element,
        [&](const Emf& x) {
            Json rest = Json::array();
            for (const Volts v : x.atRest) {
                rest.push_back(v.si());
            }
            return Json{{"kind", "emf"},
                        {"at", ports(d, x.at)},
                        {"rest_v", rest},
                        {"ohms_weak", x.weak.si()},
                        {"ohms_typical", x.typical.si()},
                        {"ohms_strong", x.strong.si()}};
        },
        [&](const PanelCurve& x) {
            return Json{{"kind", "panels"},
                        {"at", ports(d, x.at)},
                        {"open_v", x.open.si()},
                        {"best_v", x.best.si()},
                        {"best_a", x.bestCurrent.si()},
                        {"short_a", x.shortCurrent.si()}};
        },
        [&](const Limited& x) {
            return Json{{"kind", "limited"},
                        {"at", ports(d, x.at)},
                        {"live", nameIn(kLiveNames, x.live)},
                        {"set_v", x.set.si()},
                        {"most_a", x.most.si()}};
        },
        [&](const Transfer& x) {
            Json out{{"kind", "transfer"},
                     {"in", ports(d, x.in)},
                     {"out", ports(d, x.out)},
                     {"live", nameIn(kLiveNames, x.live)},
                     {"set_v", x.set.si()},
                     {"most_a", x.most.si()},
                     {"efficiency", x.efficiency}};
            if (x.bestInput) {
                out["best_input_a"] = x.bestInput->si();
            }
            if (x.low) {
                out["input_full_v"] = x.low->full.si();
                out["input_none_v"] = x.low->none.si();
            }
            return out;
        },
        [&](const Contact& x) {
            Json poles = Json::array();
            for (const PortPair& pole : x.poles) {
                poles.push_back(ports(d, pole));
            }
            return Json{{"kind", "contact"},
                        {"poles", poles},
                        {"ohms", x.resistance.si()},
                        {"closed", nameIn(kLiveNames, x.closed)}};
        },
        [&](const Draw& x) {
            return Json{{"kind", "draw"},
                        {"at", ports(d, x.at)},
                        {"by", nameIn(kDrawnByNames, x.by)},
                        {"behaves", nameIn(kBehaviourNames, x.behaviour)},
                        {"used_w", x.used.si()},
                        {"largest_w", x.largest.si()},
                        {"nominal_v", x.nominal.si()}};
        },
        [&](const Resistance& x) {
            return Json{
                {"kind", "resistance"}, {"at", ports(d, x.between)}, {"ohms", x.resistance.si()}};
        });
}

Json toJson(const Port& p) {
    Json out{{"name", p.name},
             {"pole", nameIn(kPoleNames, p.pole)},
             {"terminal", p.connection.stud},
             {"max_area_mm2", inMm2(p.connection.maxArea)}};
    if (p.counter) {
        out["counter"] = text(*p.counter);
    }
    return out;
}

Json ohmsJson(const ConductorOhms& o) {
    Json out{{"wire", o.wire.si()}, {"joint_from", o.jointFrom.si()}, {"joint_to", o.jointTo.si()}};
    if (o.fuseFrom) {
        out["fuse_from"] = o.fuseFrom->si();
    }
    if (o.fuseTo) {
        out["fuse_to"] = o.fuseTo->si();
    }
    return out;
}

// A dead short at the far end: how much, how soon its fuse opens, what it lets through until then.
Json faultJson(const CableRow& row, const Library& library) {
    Json out{{"near_a", row.faultNear.si()}, {"far_a", row.faultFar.si()}};
    if (row.fuseFrom && !row.fuseFrom->leftOut) {
        const OpeningTime opens = openingTime(
            familyOf(library, row.fuseFrom->family), row.fuseFrom->rating, row.faultFar);
        out["opens_within_s"] = opens.longest ? Json(opens.longest->si()) : Json();
    }
    if (row.letThrough) {
        out["let_through_a2s"] = *row.letThrough;
    }
    out["withstand_a2s"] = row.withstand;
    return out;
}

void addOurs(Json& out, const Design& design, const Library& library, std::size_t i) {
    const CableRow& r = design.cables.rows[i];
    const Conductor& c = design.wiring.circuit.conductors[i];
    out["number"] = design.build.numbers.at(c.id);
    out["load_a"] = r.load.si();
    out["area_mm2"] = inMm2(r.area);
    out["insulation"] = c.insulation;
    out["temperature_c"] = r.temperature.degrees;
    out["ampacity_a"] = r.ampacity.si();
    out["length_m"] = design.lengths.routes[i].length.si();
    out["drop_v"] = r.drop.si();
    if (r.protectedBy) {
        out["protected_by"] = r.protectedBy->value;
    }
    if (r.fuseFrom && !r.fuseFrom->leftOut) {
        out["fuse"] = english(fuseText(library, *r.fuseFrom));
        out["fuse_a"] = r.fuseFrom->rating.si();
    }
    out["short"] = faultJson(r, library);
}

// What gives or draws in a moment, with terminals by name.
class Elements {
public:
    Elements(const Design& design, const Moment& moment, const MomentSolution& solution)
        : circuit_(design.wiring.circuit),
          assembly_(assemble(stateOf(design), moment, Detail::Terminals)),
          solution_(solution) {
        for (const Device& d : circuit_.devices) {
            for (const Port& p : d.ports) {
                terminals_.push_back(text(TerminalId{d.id, p.name}));
            }
        }
    }

    [[nodiscard]] Json list() const {
        Json out = Json::array();
        for (const ElementBranch& e : assembly_.elements) {
            out.push_back(toJson(e));
        }
        return out;
    }
    // Volts of each terminal that something feeds, against one terminal of its part.
    [[nodiscard]] Json volts() const {
        Json out = Json::array();
        for (std::size_t n = 0; n < terminals_.size(); ++n) {
            if (solution_.part[n] >= 0) {
                out.push_back({{"at", terminals_[n]},
                               {"part", solution_.part[n]},
                               {"v", solution_.potential[n].si()}});
            }
        }
        return out;
    }

private:
    [[nodiscard]] const std::string& at(int node) const {
        return terminals_[static_cast<std::size_t>(node)];
    }
    template <class Entry>
    [[nodiscard]] Json between(const Entry& entry) const {
        return {at(entry.pos), at(entry.neg)};
    }
    template <class Entry>
    void addInput(Json& out, const Entry& entry) const {
        if (entry.input) {
            out["in"] = between(*entry.input);
            out["efficiency"] = entry.input->efficiency;
            if (entry.input->most) {
                out["in_most_a"] = entry.input->most->si();
            }
            if (const auto& fold = entry.input->fold) {
                out["in_full_v"] = fold->full.si();
                out["in_none_v"] = fold->none.si();
                out["in_full_w"] = fold->power.si();
            }
        }
    }
    [[nodiscard]] Json toJson(const ElementBranch& e) const {
        Json out{{"device", circuit_.devices[e.device].id.value}};
        const Network& network = assembly_.network;
        switch (e.list) {
            case NetList::Sources: {
                const VoltageSource& s = network.sources[e.at];
                out.update({{"kind", "source"},
                            {"at", between(s)},
                            {"v", s.emf.si()},
                            {"ohms", s.resistance.si()}});
                if (s.knee) {
                    out["knee_v"] = s.knee->at.si();
                    out["knee_a"] = s.knee->current.si();
                    out["short_a"] = s.knee->shorted.si();
                }
                addInput(out, s);
                break;
            }
            case NetList::Loads: {
                const NetLoad& l = network.loads[e.at];
                out.update({{"kind", "draw"},
                            {"at", between(l)},
                            {"behaves", nameIn(kBehaviourNames, l.behaviour)},
                            {"w", l.power.si()},
                            {"a", l.current.si()},
                            {"ohms", l.resistance.si()}});
                break;
            }
            case NetList::Chargers: {
                const Charger& c = network.chargers[e.at];
                out.update({{"kind", "charger"},
                            {"at", between(c)},
                            {"set_v", c.set.si()},
                            {"slope_ohms", kRegulatorOhms},
                            {"most_a", c.maxCurrent.si()},
                            {"most_w", c.maxPower.si()}});
                addInput(out, c);
                break;
            }
        }
        addFlow(out, e);
        return out;
    }
    void addFlow(Json& out, const ElementBranch& e) const {
        for (const Flow& f : solution_.flows) {
            if (f.device == e.device && f.element == e.element) {
                out["current_a"] = f.through.si();
                if (f.input) {
                    out["input_a"] = f.input->si();
                }
            }
        }
    }

    const Circuit& circuit_;
    const Assembly assembly_;
    const MomentSolution& solution_;
    std::vector<std::string> terminals_;  // of each node
};

Json toJson(const Moment& m) {
    Json open = Json::array();
    for (const DeviceId& id : m.open) {
        open.push_back(id.value);
    }
    return {{"id", m.id},
            {"name", english(m.name)},
            {"state_of_charge", m.stateOfCharge},
            {"sun", m.sun},
            {"driving", m.driving},
            {"on_shore", m.onShore},
            {"open", open}};
}

}  // namespace

nlohmann::ordered_json devicesJson(const Design& design) {
    Json out = Json::array();
    for (const Device& d : design.wiring.circuit.devices) {
        Json ports = Json::array();
        for (const Port& p : d.ports) {
            ports.push_back(toJson(p));
        }
        Json elements = Json::array();
        for (const Element& e : d.elements) {
            elements.push_back(toJson(d, e));
        }
        out.push_back({{"id", d.id.value},
                       {"kind", kindRow(d.kind).name},
                       {"name", english(d.name)},
                       {"unit", d.unit.value},
                       {"place", d.place.value},
                       {"rating_a", d.rating.si()},
                       {"ports", ports},
                       {"elements", elements}});
    }
    return out;
}

nlohmann::ordered_json protectionsJson(const Design& design) {
    Json out = Json::array();
    for (const Protection& p : design.wiring.circuit.protections) {
        Json poles = Json::array();
        for (const ConductorEnd& pole : p.poles) {
            poles.push_back(
                {{"conductor", pole.conductor.value}, {"end", nameIn(kEndNamesHere, pole.end)}});
        }
        out.push_back({{"id", p.id.value},
                       {"poles", poles},
                       {"breaks", nameIn(kBreaksNames, p.breaks)},
                       {"sits_in", nameIn(kHoldsNames, p.holds)},
                       {"left_out", p.leftOut},
                       {"distance_m", p.distance.si()}});
    }
    return out;
}

nlohmann::ordered_json conductorsJson(const Design& design, const Library& library) {
    Json out = Json::array();
    for (std::size_t i = 0; i < design.cables.rows.size(); ++i) {
        const Conductor& c = design.wiring.circuit.conductors[i];
        Json row{{"id", c.id.value},
                 {"name", english(c.name)},
                 {"from", text(c.from)},
                 {"to", text(c.to)},
                 {"purpose", nameIn(kPurposeNames, c.purpose)},
                 {"pole", nameIn(kPoleNames, c.pole)},
                 {"side", nameIn(kSideNames, c.side)},
                 {"laid_by", nameIn(kLaidByNames, c.laid)},
                 {"unit", c.unit.value},
                 {"ohms", ohmsJson(design.cables.ohms[i])}};
        if (c.pair) {
            row["pair"] = c.pair->value;
        }
        if (isOurs(c)) {
            addOurs(row, design, library, i);
        }
        out.push_back(std::move(row));
    }
    return out;
}

nlohmann::ordered_json momentsJson(const Design& design) {
    Json out = Json::array();
    for (std::size_t i = 0; i < design.moments.size(); ++i) {
        const MomentSolution& m = design.moments[i];
        const Elements elements(design, design.wiring.moments[i], m);
        Json currents = Json::object();
        for (std::size_t k = 0; k < m.conductor.size(); ++k) {
            currents[design.wiring.circuit.conductors[k].id.value] = m.conductor[k].si();
        }
        Json row = toJson(design.wiring.moments[i]);
        row.update({{"served", m.served()},
                    {"servable", m.servable},
                    {"elements", elements.list()},
                    {"terminal_v", elements.volts()},
                    {"conductor_a", currents}});
        out.push_back(std::move(row));
    }
    return out;
}

nlohmann::ordered_json pathsJson(const Design& design) {
    Json out = Json::array();
    for (const PathDrop& p : design.cables.drops) {
        Json conductors = Json::array();
        for (const ConductorId& id : p.conductors) {
            conductors.push_back(id.value);
        }
        out.push_back({{"id", p.id},
                       {"name", english(p.name)},
                       {"drop_v", p.drop.si()},
                       {"part", p.fraction},
                       {"limit", p.limit},
                       {"rule", p.rule},
                       {"conductors", conductors}});
    }
    return out;
}

}  // namespace spirk
