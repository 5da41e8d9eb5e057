// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/exchange/report.h"

#include <fmt/format.h>

#include <cmath>
#include <nlohmann/json.hpp>

#include "core/exchange/network_json.h"
#include "core/result/match.h"

namespace spirk {

namespace {

using Json = nlohmann::ordered_json;

// Of the report's keys; a key that changes its meaning or goes raises it.
constexpr int kReportVersion = 1;

Json toJson(const Value& value) {
    return match(
        value,
        [](const Measure& m) {
            // JSON has no infinity; a margin without bound is said in words.
            return std::isfinite(m.si) ? Json{{"text", format(m)}, {"si", m.si}}
                                       : Json{{"text", format(m)}};
        },
        [](const std::string& s) {
            return Json{{"text", s}};
        });
}

Json toJson(const Derivation& d) {
    Json terms = Json::array();
    for (const Term& t : d.terms) {
        Json term{{"symbol", t.symbol}, {"name", t.name}};
        term["value"] = toJson(t.value);
        term["from"] = describe(t.origin);
        terms.push_back(std::move(term));
    }
    return {{"id", d.id.value},
            {"title", d.title},
            {"formula", d.formula},
            {"terms", terms},
            {"result", toJson(d.result)},
            {"source", d.source},
            {"note", d.note}};
}

Json toJson(const Finding& f) {
    Json where = Json::array();
    for (const Subject& s : f.where) {
        where.push_back(s.id);
    }
    Json mends = Json::array();
    for (const Mend& m : f.mends) {
        mends.push_back(english(m.label));
    }
    Json figures = Json::array();
    for (const FigureId& id : f.figures) {
        figures.push_back(id.value);
    }
    return {{"id", f.id},
            {"rule", f.rule},
            {"severity", name(f.severity)},
            {"standing", name(f.standing)},
            {"where", where},
            {"what", english(f.what)},
            {"why", english(f.why)},
            {"remedy", english(f.remedy)},
            {"source", f.source},
            {"mends", mends},
            {"figures", figures}};
}

Json findings(const Design& design) {
    Json out = Json::array();
    for (const Finding& f : design.checks.findings) {
        out.push_back(toJson(f));
    }
    return out;
}

std::string dump(const Json& json) {
    return json.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

}  // namespace

std::string derivationJson(const Derivation& derivation) { return dump(toJson(derivation)); }
std::string findingsJson(const Design& design) { return dump(findings(design)); }

std::string reportJson(const Design& design, const Library& library) {
    const StandingFigures s = standingFigures(design);
    Json out{{"spirk_report", kReportVersion},
             {"plan", design.plan.name},
             {"demand_wh_per_day", inWattHours(design.supply.demand)},
             {"usable_wh", inWattHours(design.supply.usable)},
             {"worst_on_inverter_w", s.worstOnInverter.si()}};
    if (s.daysWithoutSun) {
        out["days_without_sun"] = *s.daysWithoutSun;
    }
    out["findings"] = findings(design);
    out["devices"] = devicesJson(design);
    out["protections"] = protectionsJson(design);
    out["conductors"] = conductorsJson(design, library);
    out["moments"] = momentsJson(design);
    out["paths"] = pathsJson(design);
    return dump(out);
}

std::string findingsText(const Design& design) {
    std::string out;
    const Units& units = design.plan.units;
    for (const Finding& f : design.checks.findings) {
        out += fmt::format("{} {}: {}\n", f.rule, name(f.severity), english(f.what, units));
        out += fmt::format(
            "    Why: {}\n    To do: {}\n", english(f.why, units), english(f.remedy, units));
        out += fmt::format("    Source: {} ({})\n", f.source, name(f.standing));
        for (const Mend& m : f.mends) {
            out += fmt::format("    Mend: {}\n", english(m.label, units));
        }
    }
    return out.empty() ? "Nothing found by the rules that were checked.\n" : out;
}

std::string reportText(const Design& design, const Library& library) {
    const StandingFigures s = standingFigures(design);
    std::string out = fmt::format("{}\n\n", design.plan.name);
    out += fmt::format("Drawn a day           {}\n", format(design.supply.demand));
    out += fmt::format("Usable in the bank    {}\n", format(design.supply.usable));
    out += fmt::format("Days without sun      {}\n",
                       s.daysWithoutSun ? daysText(*s.daysWithoutSun) : "nothing is drawn");
    out += fmt::format("Worst on the inverter {}\n\n", format(s.worstOnInverter));
    out += fmt::format("{:>3}  {:<34} {:>8} {:>8} {:>8}  {}\n",
                       "no",
                       "conductor",
                       "current",
                       "size",
                       "length",
                       "fuse");
    for (std::size_t i = 0; i < design.cables.rows.size(); ++i) {
        const CableRow& r = design.cables.rows[i];
        const Conductor& c = design.wiring.circuit.conductors[i];
        if (!isOurs(c)) {
            continue;
        }
        const bool fuse = r.fuseFrom && !r.fuseFrom->leftOut;
        out += fmt::format("{:>3}  {:<34} {:>8} {:>8} {:>8}  {}\n",
                           design.build.numbers.at(c.id),
                           c.id.value,
                           format(r.load),
                           format(r.area),
                           format(design.lengths.routes[i].length, design.plan.units),
                           fuse ? fuseText(library, *r.fuseFrom) : "");
    }
    return out + "\n" + findingsText(design);
}

}  // namespace spirk
