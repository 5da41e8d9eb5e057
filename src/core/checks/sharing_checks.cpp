// SPDX-License-Identifier: GPL-3.0-or-later
// B4, B10, W16: batteries side by side and one behind the other.

#include <algorithm>
#include <cmath>

#include "core/checks/battery_currents.h"
#include "core/checks/families.h"

namespace spirk {

namespace {

struct Lead {
    const CableRow* row = nullptr;
    Ohms pair;  // its positive and negative together
};

// The leads of the bank's strings, in order.
std::vector<Lead> leadsOf(const CheckInput& in, const BankUnit& bank) {
    std::vector<Lead> out;
    for (const Conductor& c : in.wiring.circuit.conductors) {
        const bool lead =
            c.purpose == Purpose::Lead && c.unit == bank.id && isHousePole(c, Pole::Positive);
        const CableRow* pos = lead ? findRow(in.cables, c.id) : nullptr;
        const CableRow* neg = lead && c.pair ? findRow(in.cables, *c.pair) : nullptr;
        if (pos != nullptr && neg != nullptr) {
            out.push_back({pos, pos->warm + neg->warm});
        }
    }
    return out;
}

// Judgement: within this part of each other leads count as equal.
constexpr double kEqual = 0.05;

void checkLeads(const CheckInput& in, const std::vector<Lead>& leads, Checks& out) {
    const auto [least, most] = std::ranges::minmax_element(leads, {}, &Lead::pair);
    if (most->pair / least->pair <= 1.0 + kEqual) {
        return;
    }
    Finding f = findingOf(in, "W16", subject(most->row->id));
    f.severity = Severity::Advice;
    f.where.push_back(subject(least->row->id));
    f.what = {"The leads of the bank differ: {least} and {most} out and back."_text,
              {{"least", measure(least->pair)}, {"most", measure(most->pair)}}};
    f.why = {"The battery with the shortest lead works hardest."_text, {}};
    f.remedy = {"Make all leads of the same cable and length; an extra loop does no harm."_text,
                {}};
    out.findings.push_back(std::move(f));
}

Derivation shareDerivation(const CheckInput& in,
                           const BankUnit& bank,
                           const Device& hardest,
                           std::size_t moment,
                           Amps most,
                           Amps total) {
    const FromSolver solved{in.wiring.sizing[moment].name};
    return {
        .id = unitFigure(bank.id, "share"),
        .title = "Hardest worked battery over an equal share"_text,
        .formula = "I_most / (Σ I / n) − 1"_text,
        .terms = {{"I_most"_text, hardest.name, measure(most), solved},
                  {"Σ I"_text, "of all strings"_text, measure(total), solved},
                  {"n"_text, "strings"_text, count(bank.count), FromPlan{bank.path + ".count"}}},
        .result = percent(most / (total / static_cast<double>(bank.count)) - 1.0),
        .source = "the network solved with every lead's own resistance"_text,
        .note = {}};
}

void checkShares(const CheckInput& in, const BankUnit& bank, Checks& out) {
    const std::vector<StringCurrent> strings = stringCurrents(in, bank.id);
    const std::size_t moment = hardestMoment(strings);
    Amps total, most;
    const Device* hardest = nullptr;
    for (const StringCurrent& string : strings) {
        const Amps here = abs(string.inMoment[moment]);
        total += here;
        hardest = here > most ? string.head : hardest;
        most = std::max(most, here);
    }
    if (hardest == nullptr) {
        return;
    }
    out.why.add(shareDerivation(in, bank, *hardest, moment, most, total));
    const double off = most / (total / static_cast<double>(strings.size())) - 1.0;
    const double limit = rule(in.library, "sharing_limit").value;
    if (off <= limit) {
        return;
    }
    Finding f = findingOf(in, "B4", subject(hardest->id));
    f.id = "B4 " + bank.id.value;
    f.what = {"One battery carries {share} more than its equal share; up to {limit} is usual."_text,
              {{"share", percent(off)}, {"limit", percent(limit)}}};
    f.why = {"It ages first, and its manager may switch off while the others still could."_text,
             {}};
    f.remedy = {"Equal leads to collecting bars: the same cable and length for each battery."_text,
                {}};
    f.figures = {unitFigure(bank.id, "share")};
    const std::string& usual = usualWay(in.library, WayKind::Bank).id;
    if (bank.way.value != usual) {
        f.mends = {{"Use equal leads to collecting bars"_text, {UseWay{bank.id, WayId(usual)}}}};
    }
    out.findings.push_back(std::move(f));
}

void checkSeries(const CheckInput& in, const BankUnit& bank, Checks& out) {
    if (bank.series == 1) {
        return;
    }
    Finding f = findingOf(in, "B10", firstSubject(in, DeviceKind::Battery, bank.id));
    f.id = "B10 " + bank.id.value;
    f.what = {"{n} batteries are in series, with nothing that keeps them alike."_text,
              {{"n", count(bank.series)}}};
    f.why = {"One drifts from the others: it is overcharged while they are not yet full."_text, {}};
    f.remedy = {
        "Use batteries of one age and lot, a balancer, or one battery of the whole "
        "voltage; compare their volts now and then."_text,
        {}};
    const BatteryModel* whole = nullptr;
    for (const BatteryModel* model : onOffer(in.plan.own.batteries, in.library.batteries)) {
        const bool same = model->chemistry == bank.model->chemistry;
        if (same && std::fabs((model->nominal - bank.nominal).si()) < 1.0 &&
            model->capacity >= bank.model->capacity &&
            (whole == nullptr || model->capacity < whole->capacity)) {
            whole = model;
        }
    }
    if (whole != nullptr) {
        f.mends.push_back({{"Use: {model}"_text, {{"model", whole->name}}},
                           {UseModel{bank.id, GearPart::Battery, whole->id},
                            UseCount{bank.id, GearCount::BankSeries, 1}}});
    }
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks sharingChecks(const CheckInput& input) {
    Checks out;
    for (const BankUnit& bank : input.gear.banks) {
        const std::vector<Lead> leads = leadsOf(input, bank);
        if (leads.size() > 1) {
            checkLeads(input, leads, out);
        }
        if (bank.count > 1) {
            checkShares(input, bank, out);
        }
        checkSeries(input, bank, out);
    }
    return out;
}

}  // namespace spirk
