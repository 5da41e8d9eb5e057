// SPDX-License-Identifier: GPL-3.0-or-later
// B8, B13, B16, B17, P10: what a bank's chemistry asks of its chargers, its place and what stands
// beside it; and plates that were believed.

#include <algorithm>
#include <array>
#include <cmath>

#include "core/checks/families.h"
#include "core/circuit/kinds.h"

namespace spirk {

namespace {

bool isLithium(const BankUnit& bank) { return bank.battery.family == Family::Lithium; }

// A charger for lead equalises, floats too high and compensates for warmth.
template <class Unit, class Model>
void checkCurve(const CheckInput& in, const Unit& unit, const Model& model, Checks& out) {
    const BankUnit& bank = in.gear.bankOf(unit.into);
    if (!model.leadOnly || !isLithium(bank)) {
        return;
    }
    Finding f = findingOf(in, "B8", unitSubject(unit.id));
    f.where.push_back(firstSubject(in, DeviceKind::Battery, bank.id));
    f.what = {"{charger} charges lead-acid only; the bank is {chemistry}."_text,
              {{"charger", model.name}, {"chemistry", bank.battery.name}}};
    f.why =
        "It equalises and floats at volts that lithium must not get, or never fills it; and it may start again and again."_text;
    f.remedy =
        "Use a charger whose charging voltages can be set for lithium, or check with both makers."_text;
    out.findings.push_back(std::move(f));
}

void checkCurves(const CheckInput& in, Checks& out) {
    for (const SunUnit& s : in.gear.suns) {
        checkCurve(in, s, *s.controller, out);
    }
    for (const EngineUnit& e : in.gear.engines) {
        if (!e.withSun) {
            checkCurve(in, e, *e.charger, out);
        }
    }
    for (const ShoreUnit& s : in.gear.shores) {
        if (s.through.value.empty()) {
            checkCurve(in, s, *s.charger, out);
        }
    }
}

// What gives straight into the bank, with nothing between that could take the blow.
bool hasBareAlternator(const CheckInput& in, const BankUnit& bank) {
    const auto into = [&](const auto& unit) { return in.gear.bankOf(unit.into).id == bank.id; };
    return std::ranges::any_of(in.gear.relays, into) ||
           std::ranges::any_of(in.gear.alternators, into);
}

void checkLoadDump(const CheckInput& in, const BankUnit& bank, Checks& out) {
    if (!isLithium(bank) || !hasBareAlternator(in, bank)) {
        return;
    }
    Finding f = bankFinding(in, bank, "B13");
    f.what = {
        "{battery} switches itself off to protect itself, and an alternator charges it directly."_text,
        {{"battery", bank.model->name}}};
    f.why =
        "When it switches off at full charging current, the alternator's voltage shoots up for a moment: its diodes and what hangs on the bars may be destroyed."_text;
    f.remedy =
        "Put a DC-DC charger between, or a regulator that the batteries can tell to stop first; a surge protector at the alternator is the least."_text;
    out.findings.push_back(std::move(f));
}

const VanPlace* placeOf(const CheckInput& in, const Device& device) {
    const auto found = std::ranges::find(in.plan.van.places, device.place, &VanPlace::id);
    return found == in.plan.van.places.end() ? nullptr : &*found;
}

void checkPlace(const CheckInput& in, const BankUnit& bank, Checks& out) {
    const Device& battery = *firstOf(in.wiring.circuit, DeviceKind::Battery, bank.id);
    const VanPlace* place = placeOf(in, battery);
    if (place == nullptr || place->ambient <= bank.battery.chargeTo) {
        return;
    }
    Finding f = bankFinding(in, bank, "B16");
    f.what = {
        "The bank is at '{place}', where it gets {ambient}; {chemistry} is charged up to {limit}."_text,
        {{"place", Text::given(place->name)},
         {"ambient", measure(place->ambient)},
         {"chemistry", bank.battery.name},
         {"limit", measure(bank.battery.chargeTo)}}};
    f.why = isLithium(bank)
                ? "Its BMS stops charging when it is hot, and heat ages the cells for good."_text
                : "Heat dries it out: each ten degrees more halve its life."_text;
    f.remedy = "Keep the bank where people live, or in a locker with air."_text;
    out.findings.push_back(std::move(f));
}

// IEC 62485-2 as remembered: d = 28.8 cbrt(N I_gas C) mm, N cells of a block, I_gas 20 mA/Ah at
// boost, C in Ah.
Metres sparkDistance(const BankUnit& bank) {
    constexpr double kMillimetres = 28.8;
    constexpr double kGassing = 20.0;
    constexpr double kVoltsPerCell = 2.0;
    const double cells = bank.model->nominal.si() / kVoltsPerCell;
    const double ah = inAmpHours(bank.model->capacity);
    return metres(kMillimetres * std::cbrt(cells * kGassing * ah) * 1e-3);
}

constexpr std::array kSparks{DeviceKind::Relay, DeviceKind::MainSwitch, DeviceKind::Inverter};

void checkSparks(const CheckInput& in, const BankUnit& bank, Checks& out) {
    if (!bank.battery.gasses || bank.venting == Venting::Outside || bank.venting == Venting::Box) {
        return;
    }
    const Device& battery = *firstOf(in.wiring.circuit, DeviceKind::Battery, bank.id);
    std::vector<Text> names;
    Finding f = bankFinding(in, bank, "B17");
    for (const Device& d : in.wiring.circuit.devices) {
        const bool sparks = std::ranges::find(kSparks, d.kind) != kSparks.end();
        if (sparks && d.place == battery.place) {
            names.push_back(d.name);
            f.where.push_back(subject(d.id));
        }
    }
    if (names.empty()) {
        return;
    }
    f.what = {"In the same place as a battery that gives off hydrogen: {devices}."_text,
              {{"devices", listed(names)}}};
    f.why = {
        "Their contacts spark when they switch. Nothing that sparks may be within {distance} of its vents."_text,
        {{"distance", measure(sparkDistance(bank))}}};
    f.remedy = {
        "Mount them farther away than {distance}, or behind a gas-tight wall; a box with its own vents ends it."_text,
        {{"distance", measure(sparkDistance(bank))}}};
    out.findings.push_back(std::move(f));
}

// A plate says what a fuse must bear, not what is drawn: with it the bank is sized for what never
// flows. Judgement: a tenth of the day's energy is worth a measurement.
constexpr double kPlateAbove = 1.2;
constexpr double kWorthMeasuring = 0.1;

const CatalogueAppliance* typicalOf(const CheckInput& in, const Appliance& a) {
    const auto found =
        std::ranges::find_if(in.library.appliances, [&](const CatalogueAppliance& entry) {
            return entry.name.english == a.name || a.id.value == entry.id ||
                   a.id.value.starts_with(entry.id + ".");
        });
    return found == in.library.appliances.end() ? nullptr : &*found;
}

void checkPlates(const CheckInput& in, Checks& out) {
    for (const Appliance& a : in.plan.appliances) {
        const CatalogueAppliance* typical = typicalOf(in, a);
        if (a.measured || typical == nullptr || a.rated < typical->measured * kPlateAbove) {
            continue;
        }
        Seconds on;
        for (const Use& use : a.uses) {
            on += use.span * use.duty;
        }
        const Joules perDay = a.rated * on * static_cast<double>(countNow(a));
        if (perDay < in.supply.demand * kWorthMeasuring) {
            continue;
        }
        Finding f = findingOf(in, "P10", {SubjectKind::Appliance, a.id.value});
        f.what = {
            "{name} is counted with the {rated} of its plate; one of its kind usually draws {usual} while it is on."_text,
            {{"name", Text::given(a.name)},
             {"rated", measure(a.rated)},
             {"usual", measure(typical->measured)}}};
        f.why =
            "The plate says the most it may draw. Energy per day, bank and charging are sized by what it draws on average."_text;
        f.remedy =
            "Measure it over a day with a plug-in or clamp meter, and enter what you find in Needs."_text;
        out.findings.push_back(std::move(f));
    }
}

}  // namespace

Checks careChecks(const CheckInput& input) {
    Checks out;
    checkCurves(input, out);
    for (const BankUnit& bank : input.gear.banks) {
        checkLoadDump(input, bank, out);
        checkPlace(input, bank, out);
        checkSparks(input, bank, out);
    }
    checkPlates(input, out);
    return out;
}

}  // namespace spirk
