// SPDX-License-Identifier: GPL-3.0-or-later
// B4, B5, T5, B10, W16: batteries side by side and one behind the other.

#include <algorithm>
#include <array>
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
    f.what = {"The battery leads differ: {least} and {most} out and back."_text,
              {{"least", measure(least->pair)}, {"most", measure(most->pair)}}};
    f.why = {"The battery with the shortest lead works hardest."_text, {}};
    f.remedy = {
        "Make all leads of the same cable and length; a loop of spare cable does no harm."_text,
        {}};
    out.findings.push_back(std::move(f));
}

// The string that works hardest for what it holds, in one moment.
struct Hardest {
    const Device* head = nullptr;
    std::size_t moment = 0;
    Amps most, total;
    double fair = 1.0;  // its share of the bank's capacity
    [[nodiscard]] double off() const { return most / (total * fair) - 1.0; }
};

Hardest hardestOf(const BankUnit& bank,
                  const std::vector<StringCurrent>& strings,
                  std::size_t moment) {
    Hardest out;
    out.moment = moment;
    double hardest = 0.0;
    for (std::size_t k = 0; k < strings.size() && k < bank.strings.size(); ++k) {
        const Amps here = abs(strings[k].inMoment[moment]);
        const StringUnit& string = bank.strings[k];
        const double fair = string.model->capacity * string.left / bankCapacity(bank);
        out.total += here;
        if (here.si() / fair > hardest) {
            hardest = here.si() / fair;
            out.head = strings[k].head;
            out.most = here;
            out.fair = fair;
        }
    }
    return out;
}

Derivation shareDerivation(const CheckInput& in, const BankUnit& bank, const Hardest& hardest) {
    const FromSolver solved{in.wiring.sizing[hardest.moment].name};
    return {.id = unitFigure(bank.id, "share"),
            .title = "Largest share of a battery, above its fair share"_text,
            .formula = "I_most / (Σ I · f) − 1"_text,
            .terms = {{"I_most"_text, hardest.head->name, measure(hardest.most), solved},
                      {"Σ I"_text, "of all strings"_text, measure(hardest.total), solved},
                      {"f"_text,
                       "its share of the bank's capacity"_text,
                       percent(hardest.fair),
                       FromPlan{bank.path + ".count"}}},
            .result = percent(hardest.off()),
            .source = "the network solved with every lead's own resistance"_text,
            .note = {}};
}

void checkShares(const CheckInput& in, const BankUnit& bank, Checks& out) {
    const std::vector<StringCurrent> strings = stringCurrents(in, bank.id);
    const Hardest hardest = hardestOf(bank, strings, hardestMoment(strings));
    if (hardest.head == nullptr) {
        return;
    }
    out.why.add(shareDerivation(in, bank, hardest));
    const double off = hardest.off();
    const double limit = rule(in.library, "sharing_limit").value;
    if (off <= limit) {
        return;
    }
    Finding f = findingOf(in, "B4", subject(hardest.head->id));
    f.id = "B4 " + bank.id.value;
    f.what = {"One battery carries {share} more than its fair share; up to {limit} is usual."_text,
              {{"share", percent(off)}, {"limit", percent(limit)}}};
    f.why =
        bank.battery.family == Family::Lithium
            ? "It ages first, and its BMS may switch off while the others could still deliver."_text
            : "It is always charged and drained the most: it ages first, and the others follow."_text;
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
    Finding f = bankFinding(in, bank, "B10");
    f.what = {"{n} batteries are in series without a balancer."_text, {{"n", count(bank.series)}}};
    f.why = {"One drifts away from the others and is overcharged while they are not yet full."_text,
             {}};
    f.remedy = {
        "Use batteries of one age and batch, a balancer, or a single battery of the full voltage; compare their voltages now and then."_text,
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

// Judgement: batteries of one lot differ by less than this part of their capacity.
constexpr double kOneLot = 0.1;

// What is mixed, gravest first.
enum class Mixed { Nothing, Chemistry, Volts, Capacity };

Mixed mixOf(const BankUnit& bank) {
    const StringUnit& first = bank.strings.front();
    Mixed out = Mixed::Nothing;
    const auto held = [](const StringUnit& s) { return s.model->capacity * s.left; };
    for (const StringUnit& string : bank.strings) {
        const double ratio = held(string) / held(first);
        if (string.model->chemistry != first.model->chemistry) {
            return Mixed::Chemistry;
        }
        if (blocksOf(string.model->nominal) != blocksOf(first.model->nominal)) {
            return Mixed::Volts;
        }
        out = std::fabs(ratio - 1.0) > kOneLot ? Mixed::Capacity : out;
    }
    return out;
}

struct MixText {
    Mixed mixed;
    Phrase what, why;
};
constexpr std::array kMixTexts{
    MixText{Mixed::Chemistry,
            "Batteries of different chemistries are in parallel."_text,
            "No charger suits both: one is overcharged or the other never full, and at rest one "
            "drives current into the other."_text},
    MixText{Mixed::Volts,
            "Batteries of different voltages are in parallel."_text,
            "The higher one drives all the current it can into the lower one."_text},
    MixText{
        Mixed::Capacity,
        "Batteries in parallel differ in capacity, by size or by age."_text,
        "The weaker one is full and empty first, carries more than its share at either end, and ages even faster."_text}};

void checkMixed(const CheckInput& in, const BankUnit& bank, Checks& out) {
    const Mixed mixed = mixOf(bank);
    const auto row = std::ranges::find(kMixTexts, mixed, &MixText::mixed);
    if (row == kMixTexts.end()) {
        return;
    }
    const char* rule = mixed == Mixed::Capacity ? "B5" : "T5";
    Finding f = bankFinding(in, bank, rule);
    f.what = row->what;
    f.why = row->why;
    f.remedy =
        mixed == Mixed::Capacity
            ? "Use batteries of one model and batch; or a fuse for each, and check each one's voltage and current now and then."_text
            : "Give each kind a bank of its own, and let one charge the other through a "
              "charger."_text;
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
        checkMixed(input, bank, out);
    }
    return out;
}

}  // namespace spirk
