// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/gear/chosen.h"

#include <algorithm>

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
const T* lookUp(const std::vector<T>& entries,
                const std::string& id,
                const char* field,
                std::vector<Finding>& findings) {
    const T* found = findById(entries, id);
    if (found == nullptr) {
        findings.push_back(unknownGear(field, id));
    }
    return found;
}

ChosenBank chosenBank(const Plan& plan, const Library& library, std::vector<Finding>& findings) {
    promise(!library.batteries.empty(), "the library has batteries");
    ChosenBank out;
    out.count = plan.gear.bank.count;
    out.model = lookUp(library.batteries, plan.gear.bank.model, "gear.bank.model", findings);
    if (out.model == nullptr) {
        out.model = &library.batteries.front();
    }
    out.chemistry = findById(library.chemistries, out.model->chemistry);
    promise(out.chemistry != nullptr, "a battery's chemistry is in the library");
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
    out.bank = chosenBank(plan, library, out.findings);
    out.climate = chosenClimate(plan, library, out.findings);
    if (const auto& solar = plan.gear.solar) {
        const auto* panel = lookUp(library.panels, solar->panel, "gear.solar.panel", out.findings);
        const auto* controller =
            lookUp(library.controllers, solar->controller, "gear.solar.controller", out.findings);
        if (panel != nullptr && controller != nullptr) {
            out.solar = ChosenSolar{panel, controller, solar->series, solar->parallel};
        }
    }
    if (const auto& engine = plan.gear.engine) {
        const auto* charger =
            lookUp(library.dcdcs, engine->charger, "gear.engine.charger", out.findings);
        if (charger != nullptr) {
            out.engine = ChosenEngine{charger, engine->alternator};
        }
    }
    if (const auto& inverter = plan.gear.inverter) {
        out.inverter =
            lookUp(library.inverters, inverter->model, "gear.inverter.model", out.findings);
    }
    return out;
}

Watts arrayPower(const ChosenSolar& solar) {
    return solar.panel->power * static_cast<double>(solar.series * solar.parallel);
}

Coulombs bankCapacity(const ChosenBank& bank) {
    return bank.model->capacity * static_cast<double>(bank.count);
}

}  // namespace spirk
