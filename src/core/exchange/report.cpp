// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/exchange/report.h"

#include <fmt/format.h>

#include <cmath>
#include <nlohmann/json.hpp>

#include "core/base/match.h"
#include "core/build/conductor_numbers.h"
#include "core/exchange/network_json.h"

namespace spirk {

namespace {

using Json = nlohmann::ordered_json;

// Of the report's keys; a key that changes its meaning or goes raises it.
// 2: panels have a knee, inputs a limit; 3: findings without mends, which are tried by `check`
constexpr int kReportVersion = 3;

Json toJson(const Value& value) {
    return match(
        value,
        [](const Measure& m) {
            // JSON has no infinity; a margin without bound is said in words.
            return std::isfinite(m.si) ? Json{{"text", format(m)}, {"si", m.si}}
                                       : Json{{"text", format(m)}};
        },
        [&](const auto&) {
            return Json{{"text", format(value)}};
        });
}

Json toJson(const Derivation& d) {
    Json terms = Json::array();
    for (const Term& t : d.terms) {
        Json term{{"symbol", english(t.symbol)}, {"name", english(t.name)}};
        term["value"] = toJson(t.value);
        term["from"] = english(describe(t.origin));
        terms.push_back(std::move(term));
    }
    return {{"id", d.id.value},
            {"title", english(d.title)},
            {"formula", english(d.formula)},
            {"terms", terms},
            {"result", toJson(d.result)},
            {"source", english(d.source)},
            {"note", english(d.note)}};
}

Json toJson(const Finding& f) {
    Json where = Json::array();
    for (const Subject& s : f.where) {
        where.push_back(s.id);
    }
    Json figures = Json::array();
    for (const FigureId& id : f.figures) {
        figures.push_back(id.value);
    }
    return {{"id", f.id},
            {"rule", f.rule},
            {"severity", name(f.severity).english},
            {"standing", name(f.standing).english},
            {"where", where},
            {"what", english(f.what)},
            {"why", english(f.why)},
            {"remedy", english(f.remedy)},
            {"source", english(f.source)},
            {"figures", figures}};
}

Json findings(const Design& design) {
    Json out = Json::array();
    for (const Finding& f : design.checks.findings) {
        out.push_back(toJson(f));
    }
    return out;
}

Json mendsOf(const Finding& f, const OfferedMends& offered) {
    Json out = Json::array();
    if (const auto found = offered.find(f.id); found != offered.end()) {
        for (const TriedMend& m : found->second) {
            out.push_back(english(m.mend.label));
        }
    }
    return out;
}

std::string dump(const Json& json) {
    return json.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

}  // namespace

std::string derivationJson(const Derivation& derivation) { return dump(toJson(derivation)); }
std::string findingsJson(const Design& design, const OfferedMends& offered) {
    Json out = Json::array();
    for (const Finding& f : design.checks.findings) {
        out.push_back(toJson(f));
        out.back()["mends"] = mendsOf(f, offered);
    }
    return dump(out);
}

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

std::string findingsText(const Design& design, const OfferedMends& offered, Speech speech) {
    speech.units = design.plan.units;
    const auto line = [&](Phrase phrase, std::vector<TextValue> values) {
        return say(Text(phrase, std::move(values)), speech) + "\n";
    };
    std::string out;
    for (const Finding& f : design.checks.findings) {
        out += line("{rule} {severity}: {what}"_text,
                    {{"rule", f.rule}, {"severity", Text(name(f.severity))}, {"what", f.what}});
        out += "    " + line("Why: {why}"_text, {{"why", f.why}});
        out += "    " + line("To do: {remedy}"_text, {{"remedy", f.remedy}});
        if (const Text numbers = conductorNumbers(design.build.numbers, f.where);
            !numbers.empty()) {
            out += "    " + say(numbers, speech) + "\n";
        }
        out += "    " + line("Source: {source} ({standing})"_text,
                             {{"source", f.source}, {"standing", Text(name(f.standing))}});
        if (const auto found = offered.find(f.id); found != offered.end()) {
            for (const TriedMend& m : found->second) {
                out += "    " + line("Fix: {mend}"_text, {{"mend", m.mend.label}});
            }
        }
    }
    return out.empty() ? line("The rules found nothing."_text, {}) : out;
}

namespace {

std::string standingText(const Design& design, const Speech& speech) {
    const StandingFigures s = standingFigures(design);
    const auto line = [&](Phrase label, const Value& value) {
        return fmt::format("{:<21} {}\n", say(Text(label), speech), say(value, speech));
    };
    return line("Used per day"_text, measure(design.supply.demand)) +
           line("Usable energy"_text, measure(design.supply.usable)) +
           line("Days without sun"_text,
                s.daysWithoutSun ? Value(shownDays(*s.daysWithoutSun))
                                 : Value(Text("nothing is used"_text))) +
           line("Inverter peak"_text, measure(s.worstOnInverter));
}

constexpr const char* kColumns = "{:>3}  {:<34} {:>8} {:>8} {:>8}  {}\n";

}  // namespace

std::string reportText(const Design& design, const Library& library, Speech speech) {
    speech.units = design.plan.units;
    const auto word = [&](Phrase phrase) { return say(Text(phrase), speech); };
    std::string out = design.plan.name + "\n\n" + standingText(design, speech) + "\n";
    out += fmt::format(kColumns,
                       word("no"_text),
                       word("conductor"_text),
                       word("current"_text),
                       word("size"_text),
                       word("length"_text),
                       word("fuse"_text));
    for (std::size_t i = 0; i < design.cables.rows.size(); ++i) {
        const CableRow& r = design.cables.rows[i];
        const Conductor& c = design.wiring.circuit.conductors[i];
        if (!isOurs(c)) {
            continue;
        }
        const bool fuse = r.fuseFrom && !r.fuseFrom->leftOut;
        out += fmt::format(kColumns,
                           design.build.numbers.at(c.id),
                           c.id.value,
                           say(measure(r.load), speech),
                           say(measure(r.area), speech),
                           say(measure(design.lengths.routes[i].length), speech),
                           fuse ? say(fuseText(library, *r.fuseFrom), speech) : "");
    }
    return out + "\n" + findingsText(design, {}, speech);
}

}  // namespace spirk
