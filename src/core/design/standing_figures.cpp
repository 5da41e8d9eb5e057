// SPDX-License-Identifier: GPL-3.0-or-later
#include <array>
#include <cmath>
#include <vector>

#include "core/design/design.h"
#include "core/plan/edit.h"
#include "core/quantities/tidy.h"

namespace spirk {

namespace {

// Smaller changes are not worth saying.
constexpr double kLeastDays = 0.05;
constexpr double kLeastWatts = 1.0;
constexpr double kLeastWeight = 0.1;
constexpr double kLeastPrice = 1.0;

// 'Less' below zero, else 'more'; both say {amount}.
Text moreOrLess(double difference, Phrase less, Phrase more, Value amount) {
    return {difference < 0.0 ? less : more, {{"amount", std::move(amount)}}};
}

// How many findings of a kind there are more or fewer; empty where there are as many.
void addCount(int difference, const std::array<Phrase, 4>& oneOrMany, std::vector<Text>& parts) {
    if (difference != 0) {
        const auto& [oneFewer, manyFewer, oneMore, manyMore] = oneOrMany;
        parts.push_back(difference < 0 ? counted(oneFewer, manyFewer, -difference)
                                       : counted(oneMore, manyMore, difference));
    }
}

constexpr std::array kDangers{"{n} danger fewer"_text,
                              "{n} dangers fewer"_text,
                              "{n} danger more"_text,
                              "{n} dangers more"_text};
constexpr std::array kFaults{
    "{n} fault fewer"_text, "{n} faults fewer"_text, "{n} fault more"_text, "{n} faults more"_text};
constexpr std::array kAdvice{"{n} piece of advice fewer"_text,
                             "{n} pieces of advice fewer"_text,
                             "{n} piece of advice more"_text,
                             "{n} pieces of advice more"_text};

}  // namespace

Joules beyondAppliances(const Design& design) {
    return design.supply.demand - design.needs.dcPerDay - design.needs.mainsPerDay;
}

bool mayBeAccepted(const Finding& finding) {
    return finding.severity != Severity::Danger && finding.rule != "MAINS";
}

bool isAccepted(const Plan& plan, const Finding& finding) {
    return mayBeAccepted(finding) && acceptance(plan, finding.id) != nullptr;
}

SeverityCount openFindings(const Design& design) {
    return countBySeverity(design.checks.findings,
                           [&](const Finding& f) { return !isAccepted(design.plan, f); });
}

StandingFigures standingFigures(const Design& design) {
    StandingFigures out;
    if (design.supply.demand.si() > 0.0) {
        out.daysWithoutSun = design.supply.daysWithoutSun;
    }
    out.worstOnInverter = design.needs.worstMains;
    out.findings = openFindings(design);
    out.weightKg = design.build.weightKg;
    out.price = design.build.price;
    out.currency = design.build.currency;
    return out;
}

Text consequence(const StandingFigures& before, const StandingFigures& after) {
    std::vector<Text> parts;
    addCount(after.findings.dangers - before.findings.dangers, kDangers, parts);
    addCount(after.findings.faults - before.findings.faults, kFaults, parts);
    addCount(after.findings.advice - before.findings.advice, kAdvice, parts);
    if (before.daysWithoutSun && after.daysWithoutSun) {
        const double days = *after.daysWithoutSun - *before.daysWithoutSun;
        if (std::fabs(days) >= kLeastDays) {
            parts.push_back(moreOrLess(days,
                                       "{amount} fewer days without sun"_text,
                                       "{amount} days more without sun"_text,
                                       number(significant(std::fabs(days), 2))));
        }
    }
    const double worst = (after.worstOnInverter - before.worstOnInverter).si();
    if (std::fabs(worst) >= kLeastWatts) {
        parts.push_back(moreOrLess(worst,
                                   "{amount} less inverter load"_text,
                                   "{amount} more inverter load"_text,
                                   measure(watts(std::fabs(worst)))));
    }
    const double weight = after.weightKg - before.weightKg;
    if (std::fabs(weight) >= kLeastWeight) {
        parts.push_back(moreOrLess(
            weight, "{amount} less"_text, "{amount} more"_text, kilograms(std::fabs(weight))));
    }
    const double price = after.price - before.price;
    if (std::fabs(price) >= kLeastPrice && before.currency == after.currency) {
        parts.push_back(moreOrLess(price,
                                   "{amount} less"_text,
                                   "{amount} more"_text,
                                   formatPrice(std::fabs(price), after.currency)));
    }
    return listed(parts);
}

}  // namespace spirk
