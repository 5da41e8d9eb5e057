// SPDX-License-Identifier: GPL-3.0-or-later
// The moments that every plan has. Sizing moments reckon with the largest power of every load at
// the lowest working voltage; shown moments with loads as they are.

#include <algorithm>

#include "core/gear/inverter.h"
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

// Every inverter gives `output` in the moment.
void setOutput(Moment& m, const Draft& draft, Watts output) {
    for (const Device& d : draft.circuit().devices) {
        if (d.kind == DeviceKind::Inverter) {
            m.drawn[d.id] = inverterInput(*draft.gear.inverter(), output);
        }
    }
}

}  // namespace

std::vector<Moment> sizingMoments(const Draft& draft) {
    std::vector<Moment> out;
    Moment full = moment(
        "sizing.full", "everything at its largest, at the lowest voltage"_text, kNearlyEmpty);
    full.loads = LoadsOn::All;
    if (draft.gear.inverter() != nullptr) {
        setOutput(full, draft, draft.gear.inverter()->power);
    }
    out.push_back(full);
    if (draft.gear.engine()) {
        Moment driving =
            moment("sizing.driving", "driving, lowest voltage at the charger"_text, kHalf);
        driving.driving = true;
        out.push_back(driving);
    }
    if (draft.gear.sun()) {
        Moment noon = moment("sizing.noon", "full sun into a low bank"_text, kNearlyEmpty);
        noon.sun = 1.0;
        out.push_back(noon);
    }
    for (Moment& m : out) {
        m.reckoning = Reckoning::AtLowVoltage;
    }
    return out;
}

std::vector<Moment> shownMoments(const Draft& draft) {
    std::vector<Moment> out;
    const bool inverter = draft.gear.inverter() != nullptr;
    const bool higher = draft.gear.bank().system > volts(12.0);
    const Text drawing = higher ? "all DC loads"_text : "all 12 V loads"_text;
    Moment night = moment("night",
                          {inverter ? "Evening: worst case on the inverter, {drawing}"_text
                                    : "Evening: {drawing}"_text,
                           {{"drawing", drawing}}},
                          kHalf);
    night.loads = LoadsOn::All;
    if (inverter) {
        setOutput(night, draft, std::min(draft.needs.worstMains, draft.gear.inverter()->power));
    }
    out.push_back(night);
    Moment loads = moment("loads", higher ? "All DC loads"_text : "All 12 V loads"_text, kHalf);
    loads.loads = LoadsOn::All;
    out.push_back(loads);
    if (inverter) {
        Moment idle = moment("idle", "Inverter idling"_text, kHalf);
        setOutput(idle, draft, watts(0.0));
        out.push_back(idle);
    }
    if (draft.gear.sun()) {
        Moment noon = moment("noon", "Noon sun, nothing running"_text, kHalf);
        noon.sun = 1.0;
        out.push_back(noon);
    }
    if (draft.gear.engine()) {
        Moment driving = moment("driving", "Driving, nothing running"_text, kHalf);
        driving.driving = true;
        out.push_back(driving);
    }
    Moment rest = moment("rest", "At rest, main switch off"_text, kHalf);
    rest.open = {DeviceId("main.switch")};
    out.push_back(rest);
    return out;
}

}  // namespace spirk
