// SPDX-License-Identifier: GPL-3.0-or-later
// E1, E2, E6, E8, E10: what joins the bank to the alternator without limiting what flows, and what
// shares its rating between engine and sun.

#include <algorithm>

#include "core/cables/figures.h"
#include "core/cables/fuse_curve.h"
#include "core/checks/families.h"
#include "core/gear/battery.h"

namespace spirk {

namespace {

// A relay limits nothing: what the alternator gives flows into the bank.
void checkRegulation(const CheckInput& in, const RelayUnit& relay, Checks& out) {
    if (in.plan.van.vehicle.regulation != Regulation::Variable) {
        return;
    }
    Finding f = findingOf(in, "E1", firstSubject(in, DeviceKind::Relay, relay.id));
    f.what = "The relay connects the bank to a variable-voltage (smart) alternator."_text;
    f.why =
        "While the alternator's voltage is low, nothing charges; under braking it is higher than a bank should get."_text;
    f.remedy =
        "Use a DC-DC charger: it makes the bank's charging voltage from whatever the alternator gives."_text;
    out.findings.push_back(std::move(f));
}

void checkUnlimited(const CheckInput& in, const RelayUnit& relay, Checks& out) {
    if (in.gear.bankOf(relay.into).battery.family != Family::Lithium) {
        return;
    }
    Finding f = findingOf(in, "E2", firstSubject(in, DeviceKind::Relay, relay.id));
    f.what = "The relay connects a lithium bank to the alternator."_text;
    f.why =
        "Lithium takes all the current it is given: the alternator runs at its limit for hours, overheats and burns out, and the starter battery is held at the bank's voltage."_text;
    f.remedy = "Use a DC-DC charger: it takes no more than its rating."_text;
    out.findings.push_back(std::move(f));
}

// Both batteries feed what draws on either while it is closed.
void checkInverterBehind(const CheckInput& in, const RelayUnit& relay, Checks& out) {
    for (const InverterUnit& inverter : in.gear.inverters) {
        if (in.gear.bankOf(inverter.from).id != in.gear.bankOf(relay.into).id) {
            continue;
        }
        Finding f = findingOf(in, "E8", firstSubject(in, DeviceKind::Relay, relay.id));
        f.id += " " + inverter.id.value;
        f.where.push_back(unitSubject(inverter.id));
        f.what = {
            "While the relay is closed, the inverter ({power}) draws on the starter battery too."_text,
            {{"power", measure(inverter.most)}}};
        f.why =
            "With the engine stopped the relay stays closed until the starter battery has fallen to its limit; with it idling the alternator gives less than a large load takes."_text;
        f.remedy =
            "Run large loads on the inverter with the relay's switch open, or with the engine off for a while; or use a DC-DC charger, through which nothing flows back."_text;
        out.findings.push_back(std::move(f));
    }
}

// Judgement: what a starter motor takes while it turns a van's diesel engine.
constexpr double kCrankingAmps = 300.0;
// Judgement: it turns no longer than this.
constexpr double kCrankingSeconds = 5.0;

// All that lies between the starter battery's posts and the bank's, and inside the bank.
Ohms wayToBank(const CheckInput& in, const RelayUnit& relay, const CableRow& feed) {
    const auto path = std::ranges::find(in.cables.drops, "drop." + relay.id.value, &PathDrop::id);
    Ohms out =
        path == in.cables.drops.end() || feed.load.si() <= 0.0 ? feed.warm : path->drop / feed.load;
    const BankUnit& bank = in.gear.bankOf(relay.into);
    for (const CableRow& row : in.cables.rows) {
        const Conductor& c = conductorOf(in, row);
        const bool links =
            c.unit == relay.into && c.purpose != Purpose::Bond && c.purpose != Purpose::Signal;
        out += links ? row.warm : Ohms();
    }
    const Ohms block = batteryResistance(*bank.model, bank.battery, ResistanceCase::Mid, 1.0);
    return out + block * (static_cast<double>(bank.series) / bank.count);
}

// The bank helps to start, by the resistances: sun or a charger may hold the relay closed.
void checkCranking(const CheckInput& in, const RelayUnit& relay, Checks& out) {
    const CableRow* feed = findRow(in.cables, ConductorId(relay.id.value + ".feed+"));
    const Device* starter = firstOf(in.wiring.circuit, DeviceKind::Starter);
    const Emf* battery =
        starter == nullptr ? nullptr : std::get_if<Emf>(&starter->elements.front());
    if (feed == nullptr || battery == nullptr || !feed->fuseFrom || feed->fuseFrom->leftOut) {
        return;
    }
    const Ohms way = wayToBank(in, relay, *feed);
    const Amps share = amps(kCrankingAmps) * (battery->typical / (battery->typical + way));
    out.why.add(
        {.id = unitFigure(relay.id, "cranking"),
         .title = "Current through the closed relay while the engine is started"_text,
         .formula = "I = I_start · R_starter / (R_starter + R_way)"_text,
         .terms = {{"I_start"_text,
                    "what a starter motor takes while it turns"_text,
                    measure(amps(kCrankingAmps)),
                    FromRule{"judgement"_text}},
                   {"R_starter"_text,
                    "inside the starter battery"_text,
                    measure(battery->typical),
                    fromTable(in.library, "fixtures", starter->name)},
                   {"R_way"_text,
                    "cables, fuses and relay, the body, and inside the bank"_text,
                    measure(way),
                    FromRule{"drop of the path over its current, and the bank's own"_text}}},
         .result = measure(share),
         .source = "own arithmetic"_text,
         .note = {}});
    const FuseFamily& family = familyOf(in.library, feed->fuseFrom->family);
    const auto opens = openingTime(family, feed->fuseFrom->rating, share).shortest;
    const bool mayOpen = opens && opens->si() < kCrankingSeconds;
    if (!mayOpen && share <= relay.relay->maxCurrent) {
        return;
    }
    Finding f = findingOf(in, "E10", firstSubject(in, DeviceKind::Relay, relay.id));
    f.where.push_back(subject(feed->id));
    f.what = {
        "If the relay is closed while the engine is started, {share} flow through it; it is rated {rating}, its fuse {fuse}."_text,
        {{"share", measure(share)},
         {"rating", measure(relay.relay->maxCurrent)},
         {"fuse", measure(feed->fuseFrom->rating)}}};
    f.why =
        "Sun or a charger at the bank can hold it closed: its contacts weld, or its fuse opens on a cold morning."_text;
    f.remedy =
        "Open it with its own switch before starting, or use a relay, cables and fuses that carry it."_text;
    f.figures = {unitFigure(relay.id, "cranking")};
    out.findings.push_back(std::move(f));
}

// While the sun shines on the panels the engine's part is cut too.
void checkSharing(const CheckInput& in, const CombinedUnit& unit, Checks& out) {
    const CombinedModel& model = *unit.model;
    const bool parted = unit.sun.option("array_isolator") != "none";
    if (model.eachOfBoth >= model.output || in.plan.trip.drivingPerDay.si() <= 0.0 || parted) {
        return;
    }
    Finding f = findingOf(in, "E6", unitSubject(unit.id));
    f.what = {
        "On the road in sunshine {unit} takes {part} from the engine and {part} from the panels, not {whole} from either."_text,
        {{"unit", model.name},
         {"part", measure(model.eachOfBoth)},
         {"whole", measure(model.output)}}};
    f.why = "Weak sun in the morning can halve what a long drive brings."_text;
    f.remedy =
        "Fit a solar isolator: with it open the engine gives all. Or use two units, each with its own rating."_text;
    f.mends = {{"Fit a solar isolator"_text, {UseOption{unit.id, "array_isolator", "one"}}}};
    out.findings.push_back(std::move(f));
}

}  // namespace

Checks relayChecks(const CheckInput& input) {
    Checks out;
    for (const RelayUnit& relay : input.gear.relays) {
        checkRegulation(input, relay, out);
        checkUnlimited(input, relay, out);
        checkInverterBehind(input, relay, out);
        checkCranking(input, relay, out);
    }
    for (const CombinedUnit& unit : input.gear.combineds) {
        checkSharing(input, unit, out);
    }
    return out;
}

}  // namespace spirk
