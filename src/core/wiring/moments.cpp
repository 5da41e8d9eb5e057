// SPDX-License-Identifier: GPL-3.0-or-later
// The moments that every plan has. Sizing moments reckon with the largest power of every load at
// the lowest working voltage; shown moments with loads as they are.

#include <algorithm>

#include "core/gear/inverter.h"
#include "core/plan/good_practice.h"
#include "core/wiring/bank_parts.h"
#include "core/wiring/draft.h"

namespace spirk {

namespace {

constexpr double kNearlyEmpty = 0.2;
constexpr double kHalf = 0.5;

Moment moment(const char* id, const Text& name, double stateOfCharge) {
    Moment m;
    m.id = id;
    m.name = name;
    m.stateOfCharge = stateOfCharge;
    return m;
}

// Each inverter gives what `outputOf` says of it.
template <class OutputOf>
void setOutputs(Moment& m, const Draft& draft, const OutputOf& outputOf) {
    for (const InverterUnit& inverter : draft.gear.inverters) {
        m.drawn[DeviceId(inverter.id.value)] = inverterInput(*inverter.model, outputOf(inverter));
    }
}

// What must run at once, from the first inverter on as each has power.
void shareOutput(Moment& m, const Draft& draft, Watts all) {
    setOutputs(m, draft, [&](const InverterUnit& inverter) {
        const Watts here = std::min(all, inverter.most);
        all = all - here;
        return here;
    });
}

bool severalCharge(const Draft& draft) {
    const System& gear = draft.gear;
    return int{gear.usesEngine()} + int{!gear.suns.empty()} + int{gear.usesShore()} > 1;
}

// Sun on the road, or at a pitch with the engine running: what joins them carries all.
Moment allThatCharges(const Draft& draft, const char* id, double stateOfCharge) {
    Moment out = moment(id, "all chargers at once"_text, stateOfCharge);
    out.driving = draft.gear.usesEngine();
    out.sun = draft.gear.suns.empty() ? 0.0 : 1.0;
    out.onShore = draft.gear.usesShore();
    return out;
}

// What draws while all charges: what lies between them carries either.
void addAllAtOnce(const Draft& draft, std::vector<Moment>& to) {
    Moment all = allThatCharges(draft, "sizing.all", kNearlyEmpty);
    if (!all.driving && !all.onShore && all.sun <= 0.0) {
        return;
    }
    all.name = "everything drawing and charging at once"_text;
    all.loads = LoadsOn::All;
    setOutputs(all, draft, [](const InverterUnit& inverter) { return inverter.most; });
    to.push_back(std::move(all));
}

std::set<DeviceId> batteriesOf(const Draft& draft, const BankUnit& bank, int string) {
    const std::string id = stringId(bank, string);
    std::set<DeviceId> out;
    for (const Device& d : draft.circuit().devices) {
        const bool own =
            d.kind == DeviceKind::Battery && (d.id.value == id || d.id.value.starts_with(id + "."));
        if (own) {
            out.insert(d.id);
        }
    }
    return out;
}

// One opened fuse, or one BMS that switched off, and the others carry its share: their leads and
// fuses must bear it, or all open one after the other.
void addOneGone(const Draft& draft, std::vector<Moment>& to) {
    std::vector<Moment> whole{to.front()};
    const auto charging = std::ranges::find(to, "sizing.together", &Moment::id);
    if (charging != to.end()) {
        whole.push_back(*charging);
    } else if (to.size() > 1) {
        whole.push_back(to[1]);
    }
    for (const BankUnit& bank : draft.gear.banks) {
        const bool reckons = bank.count > 1 && follows(draft.plan, habit::kOneFewer);
        for (int k = 1; reckons && k <= bank.count; ++k) {
            for (const Moment& before : whole) {
                Moment m = before;
                m.id += ".without." + stringId(bank, k);
                m.name = {"{moment}, without battery {n}"_text,
                          {{"moment", before.name}, {"n", count(k)}}};
                m.gone = batteriesOf(draft, bank, k);
                m.leadsOf = {bank.id};
                to.push_back(std::move(m));
            }
        }
    }
}

}  // namespace

std::vector<Moment> sizingMoments(const Draft& draft) {
    std::vector<Moment> out;
    Moment full =
        moment("sizing.full", "everything at full power, at the lowest voltage"_text, kNearlyEmpty);
    full.loads = LoadsOn::All;
    setOutputs(full, draft, [](const InverterUnit& inverter) { return inverter.most; });
    out.push_back(full);
    if (draft.gear.usesEngine()) {
        Moment driving =
            moment("sizing.driving", "driving, lowest voltage at the charger"_text, kHalf);
        driving.driving = true;
        out.push_back(driving);
    }
    if (!draft.gear.suns.empty()) {
        Moment noon = moment("sizing.noon", "full sun into a low bank"_text, kNearlyEmpty);
        noon.sun = 1.0;
        out.push_back(noon);
    }
    if (draft.gear.usesShore()) {
        Moment shore = moment("sizing.shore", "on shore power, into a low bank"_text, kNearlyEmpty);
        shore.onShore = true;
        out.push_back(shore);
    }
    if (const Moment together = allThatCharges(draft, "sizing.together", kNearlyEmpty);
        severalCharge(draft)) {
        out.push_back(together);
    }
    if (std::ranges::find(draft.gear.circuits, LiveWhen::Driving, &CircuitChoice::live) !=
        draft.gear.circuits.end()) {
        Moment loads = moment(kDrivingLoads, "loads that run while driving"_text, kNearlyEmpty);
        loads.loads = LoadsOn::All;
        loads.driving = true;
        out.push_back(loads);
    }
    addAllAtOnce(draft, out);
    addOneGone(draft, out);
    for (Moment& m : out) {
        m.reckoning = Reckoning::AtLowVoltage;
    }
    return out;
}

std::vector<Moment> shownMoments(const Draft& draft) {
    std::vector<Moment> out;
    const bool inverter = !draft.gear.inverters.empty();
    const bool higher = draft.gear.bank().system > volts(12.0);
    const Text drawing = higher ? "all DC loads"_text : "all 12 V loads"_text;
    Moment night = moment("night",
                          {inverter ? "Evening: worst case on the inverter, {drawing}"_text
                                    : "Evening: {drawing}"_text,
                           {{"drawing", drawing}}},
                          kHalf);
    night.loads = LoadsOn::All;
    shareOutput(night, draft, draft.needs.worstMains);
    out.push_back(night);
    Moment loads = moment("loads", higher ? "All DC loads"_text : "All 12 V loads"_text, kHalf);
    loads.loads = LoadsOn::All;
    out.push_back(loads);
    if (inverter) {
        Moment idle = moment("idle", "Inverter idling"_text, kHalf);
        setOutputs(idle, draft, [](const InverterUnit&) { return watts(0.0); });
        out.push_back(idle);
    }
    if (!draft.gear.suns.empty()) {
        Moment noon = moment("noon", "Noon sun, nothing running"_text, kHalf);
        noon.sun = 1.0;
        out.push_back(noon);
    }
    if (draft.gear.usesEngine()) {
        Moment driving = moment("driving", "Driving, nothing running"_text, kHalf);
        driving.driving = true;
        out.push_back(driving);
    }
    if (draft.gear.usesShore()) {
        Moment shore = moment("shore", "On shore power, nothing running"_text, kHalf);
        shore.onShore = true;
        out.push_back(shore);
    }
    if (draft.gear.usesEngine() && !draft.gear.suns.empty()) {
        Moment both = moment("driving_in_sun", "Driving in full sun, nothing running"_text, kHalf);
        both.driving = true;
        both.sun = 1.0;
        out.push_back(both);
    }
    const bool parted = firstOf(draft.circuit(), DeviceKind::MainSwitch) != nullptr;
    Moment rest = moment(kAtRest, parted ? "At rest, main switch off"_text : "At rest"_text, kHalf);
    for (const Device& d : draft.circuit().devices) {
        if (d.kind == DeviceKind::MainSwitch) {
            rest.open.insert(d.id);
        }
    }
    out.push_back(rest);
    return out;
}

}  // namespace spirk
