// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>
#include <cstdlib>
#include <vector>

#include "core/design/design.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

// Smaller changes are not worth saying.
constexpr double kLeastWeight = 0.1;
constexpr double kLeastPrice = 1.0;

std::string counted(int difference, const char* one, const char* many) {
    const int size = std::abs(difference);
    return std::to_string(size) + " " + (size == 1 ? one : many) +
           (difference < 0 ? " fewer" : " more");
}

}  // namespace

bool mayBeAccepted(const Finding& finding) {
    return finding.severity != Severity::Danger && finding.rule != "MAINS";
}

bool isAccepted(const Plan& plan, const Finding& finding) {
    return mayBeAccepted(finding) && acceptance(plan, finding.id) != nullptr;
}

SeverityCount openFindings(const Design& design) {
    std::vector<Finding> open;
    for (const Finding& finding : design.checks.findings) {
        if (!isAccepted(design.plan, finding)) {
            open.push_back(finding);
        }
    }
    return countBySeverity(open);
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

std::string consequence(const StandingFigures& before,
                        const StandingFigures& after,
                        const Units& units) {
    std::vector<std::string> parts;
    const int dangers = after.findings.dangers - before.findings.dangers;
    const int faults = after.findings.faults - before.findings.faults;
    const int advice = after.findings.advice - before.findings.advice;
    if (dangers != 0) {
        parts.push_back(counted(dangers, "danger", "dangers"));
    }
    if (faults != 0) {
        parts.push_back(counted(faults, "fault", "faults"));
    }
    if (advice != 0) {
        parts.push_back(counted(advice, "piece of advice", "pieces of advice"));
    }
    if (before.daysWithoutSun && after.daysWithoutSun) {
        const double days = *after.daysWithoutSun - *before.daysWithoutSun;
        if (std::fabs(days) >= 0.05) {
            parts.push_back(formatNumber(std::fabs(days), 2) +
                            (days < 0.0 ? " days less without sun" : " days more without sun"));
        }
    }
    const double worst = (after.worstOnInverter - before.worstOnInverter).si();
    if (std::fabs(worst) >= 1.0) {
        parts.push_back(format(watts(std::fabs(worst))) +
                        (worst < 0.0 ? " less on the inverter" : " more on the inverter"));
    }
    const double weight = after.weightKg - before.weightKg;
    if (std::fabs(weight) >= kLeastWeight) {
        parts.push_back(format(kilograms(std::fabs(weight)), units) +
                        (weight < 0.0 ? " less" : " more"));
    }
    const double price = after.price - before.price;
    if (std::fabs(price) >= kLeastPrice && before.currency == after.currency) {
        parts.push_back(formatPrice(std::fabs(price), after.currency) +
                        (price < 0.0 ? " less" : " more"));
    }
    std::string out;
    for (const std::string& part : parts) {
        out += (out.empty() ? "" : ", ") + part;
    }
    return out;
}

}  // namespace spirk
