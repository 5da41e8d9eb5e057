// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/gear/chosen.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/result/promise.h"

namespace spirk {

namespace {

Finding unknownGear(const std::string& field, const std::string& given) {
    Finding out;
    out.id = "GEAR " + field;
    out.rule = "GEAR";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Figure, field}};
    out.what = {"The plan names '{given}' ({field}), which this library does not have.",
                {{"given", given}, {"field", field}}};
    out.why = {"Everything that hangs on it is left out or reckoned with another entry.", {}};
    out.remedy = {"Choose an entry of the library in Supply.", {}};
    out.source = "Spirk's library";
    return out;
}

template <class T>
const T* lookUp(const std::vector<T>& own,
                const std::vector<T>& entries,
                const std::string& id,
                const char* field,
                std::vector<Finding>& findings) {
    const T* found = findById(own, id);
    found = found == nullptr ? findById(entries, id) : found;
    if (found == nullptr) {
        findings.push_back(unknownGear(field, id));
    }
    return found;
}

ChosenBank chosenBank(const Plan& plan, const Library& library, std::vector<Finding>& findings) {
    promise(!library.batteries.empty() && !library.chemistries.empty(),
            "the library has batteries and their chemistries");
    ChosenBank out;
    out.count = plan.gear.bank.count;
    out.series = plan.gear.bank.series;
    out.model = lookUp(
        plan.own.batteries, library.batteries, plan.gear.bank.model, "gear.bank.model", findings);
    if (out.model == nullptr) {
        out.model = &library.batteries.front();
    }
    const Chemistry* block = findById(library.chemistries, out.model->chemistry);
    if (block == nullptr) {
        findings.push_back(unknownGear("own_gear.batteries.chemistry", out.model->chemistry));
        block = &library.chemistries.front();
    }
    const double blocks = blocksOf(out.model->nominal);
    out.battery = scaled(*block, blocks);
    out.chemistry = scaled(*block, blocks * out.series);
    out.nominal = out.model->nominal * static_cast<double>(out.series);
    out.system = volts(12.0 * blocks * out.series);
    return out;
}

const Climate* chosenClimate(const Plan& plan,
                             const Library& library,
                             std::vector<Finding>& findings) {
    promise(!library.climates.empty(), "the library has climates");
    const auto found = std::ranges::find(library.climates, plan.trip.climate, &Climate::name);
    if (found != library.climates.end()) {
        return &*found;
    }
    findings.push_back(unknownGear("trip.climate", plan.trip.climate));
    return &library.climates.front();
}

}  // namespace

ChosenGear chosenGear(const Plan& plan, const Library& library) {
    ChosenGear out;
    if (plan.region != library.region.id) {
        out.findings.push_back(unknownGear("region", plan.region));
    }
    out.bank = chosenBank(plan, library, out.findings);
    out.climate = chosenClimate(plan, library, out.findings);
    if (const auto& solar = plan.gear.solar) {
        const auto* panel =
            lookUp(plan.own.panels, library.panels, solar->panel, "gear.solar.panel", out.findings);
        const auto* controller = lookUp(plan.own.controllers,
                                        library.controllers,
                                        solar->controller,
                                        "gear.solar.controller",
                                        out.findings);
        if (panel != nullptr && controller != nullptr) {
            out.solar = ChosenSolar{panel, controller, solar->series, solar->parallel};
        }
    }
    if (const auto& engine = plan.gear.engine) {
        const auto* charger = lookUp(
            plan.own.dcdcs, library.dcdcs, engine->charger, "gear.engine.charger", out.findings);
        if (charger != nullptr) {
            out.engine = ChosenEngine{charger, engine->alternator};
        }
    }
    if (const auto& inverter = plan.gear.inverter) {
        out.inverter = lookUp(plan.own.inverters,
                              library.inverters,
                              inverter->model,
                              "gear.inverter.model",
                              out.findings);
    }
    if (!plan.gear.converter.empty()) {
        out.converter = lookUp(plan.own.converters,
                               library.converters,
                               plan.gear.converter,
                               "gear.converter",
                               out.findings);
    }
    return out;
}

double blocksOf(Volts nominal) {
    // 12 V lead and 12.8 V lithium are both one; their middle tells them from 6 V and 24 V.
    constexpr double kBlockVolts = 12.4;
    return std::max(0.5, std::round(2.0 * nominal.si() / kBlockVolts) / 2.0);
}

Chemistry scaled(const Chemistry& block, double blocks) {
    Chemistry out = block;
    if (blocks == 1.0) {
        return out;
    }
    out.name += fmt::format(" ({} blocks of 12 V in series)", blocks);
    for (Volts* v : {&out.absorption,
                     &out.absorptionLow,
                     &out.absorptionHigh,
                     &out.floating,
                     &out.cutOff,
                     &out.inverterCutOff}) {
        *v = *v * blocks;
    }
    for (double* r : {&out.resistanceLow, &out.resistanceMid, &out.resistanceHigh}) {
        *r *= blocks;
    }
    for (Volts& v : out.restVolts) {
        v = v * blocks;
    }
    return out;
}

bool onConverter(const Appliance& a, const ChosenGear& gear) {
    return gear.converter != nullptr && a.feed == Feed::Dc && a.supplied == Supplied::Twelve &&
           gear.bank.system > volts(12.0);
}

Watts arrayPower(const ChosenSolar& solar) {
    return solar.panel->power * static_cast<double>(solar.series * solar.parallel);
}

Coulombs bankCapacity(const ChosenBank& bank) {
    return bank.model->capacity * static_cast<double>(bank.count);
}

}  // namespace spirk
