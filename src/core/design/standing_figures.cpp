// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>
#include <cstdlib>
#include <vector>

#include "core/design/design.h"

namespace spirk {

namespace {

std::string counted(int difference, const char* one, const char* many) {
    const int size = std::abs(difference);
    return std::to_string(size) + " " + (size == 1 ? one : many) +
           (difference < 0 ? " fewer" : " more");
}

}  // namespace

StandingFigures standingFigures(const Design& design) {
    StandingFigures out;
    if (design.supply.demand.si() > 0.0) {
        out.daysWithoutSun = design.supply.daysWithoutSun;
    }
    out.worstOnInverter = design.needs.worstMains;
    out.findings = countBySeverity(design.checks.findings);
    return out;
}

std::string consequence(const StandingFigures& before, const StandingFigures& after) {
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
    std::string out;
    for (const std::string& part : parts) {
        out += (out.empty() ? "" : ", ") + part;
    }
    return out;
}

}  // namespace spirk
