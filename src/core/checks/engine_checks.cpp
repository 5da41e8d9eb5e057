// SPDX-License-Identifier: GPL-3.0-or-later
// E3, E9, B14: the charger against the alternator, the driving planned, and loads on the vehicle's
// own battery.

#include <algorithm>

#include "core/cables/figures.h"
#include "core/cables/fuse_curve.h"
#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/circuit/kinds.h"
#include "core/circuit/walk.h"
#include "core/gear/engine.h"
#include "core/library/gear_fields.h"

namespace spirk {

namespace {

struct EngineShare {
    Amps input;  // of all chargers at their start voltage: the most they draw together
    Amps road;   // what the alternator should give at most on the road
    Amps idle;   // what it has left when idling, hot
};

Amps inputOf(const CheckInput& in, const EngineUnit& e, const DcdcModel& charger) {
    return dcdcInput(
        charger, in.gear.bankOf(e.into).chemistry.absorption, charger.output, charger.start);
}

EngineShare shareOf(const CheckInput& in) {
    EngineShare out{{},
                    in.plan.van.vehicle.alternator * in.library.alternator.roadShareLimit,
                    spareAtIdle(in.library.alternator,
                                in.plan.van.vehicle.alternator,
                                amps(rule(in.library, "own_use_a").value))};
    for (const EngineUnit& e : in.gear.engines) {
        out.input += inputOf(in, e, *e.charger);
    }
    return out;
}

void addInputTerms(const CheckInput& in, const EngineUnit& e, Terms& terms) {
    const Chemistry& chemistry = in.gear.bankOf(e.into).chemistry;
    const Origin model = fromGear(in.library, *e.charger);
    terms.push_back({"V_out"_text,
                     "absorption voltage"_text,
                     measure(chemistry.absorption),
                     fromTable(in.library, "chemistries", chemistry.name)});
    terms.push_back({"I_out"_text, e.charger->name, measure(e.charger->output), model});
    terms.push_back({"η"_text, "efficiency"_text, percent(e.charger->efficiency), model});
    terms.push_back(
        {"V_in"_text, "start voltage at its input"_text, measure(e.charger->start), model});
}

Derivation shareDerivation(const CheckInput& in, const EngineShare& share) {
    const bool one = in.gear.engines.size() == 1;
    Derivation out{
        .id = FigureId("engine.input"),
        .title = one ? "Largest current the DC-DC charger draws from the vehicle"_text
                     : "Largest current all chargers together draw from the vehicle"_text,
        .formula = one ? "I_in = V_out · I_out / (η · V_in)"_text
                       : "sum of the chargers, each: I_in = V_out · I_out / (η · V_in)"_text,
        .terms = {},
        .result = measure(share.input),
        .source = "energy balance of the charger"_text,
        .note = {}};
    for (const EngineUnit& e : in.gear.engines) {
        addInputTerms(in, e, out.terms);
    }
    out.terms.push_back({"road"_text,
                         "half of the alternator's rating"_text,
                         measure(share.road),
                         fromTable(in.library, "alternator", "road_share_limit")});
    out.terms.push_back({"idle"_text,
                         "left at idle, hot, after the vehicle's own loads"_text,
                         measure(share.idle),
                         fromTable(in.library, "alternator", "idle speed and heat derating"_text)});
    return out;
}

// A smaller one in place of the one that draws most.
void offerSmaller(const CheckInput& in, const EngineShare& share, Amps limit, Finding& f) {
    const EngineUnit& e =
        *std::ranges::max_element(in.gear.engines, {}, [&](const EngineUnit& unit) {
            return inputOf(in, unit, *unit.charger);
        });
    const Amps others = share.input - inputOf(in, e, *e.charger);
    const auto* best = leastOnOffer(
        in.plan.own.dcdcs,
        in.library.dcdcs,
        [&](const DcdcModel& m) {
            return m.outputSystem == in.gear.bankOf(e.into).system &&
                   m.output < e.charger->output && others + inputOf(in, e, m) <= limit;
        },
        [](const DcdcModel& m) { return -m.output; });
    if (best != nullptr) {
        f.mends.push_back(useInstead(*best, e.id, GearPart::EngineCharger));
    }
}

// What hangs on the alternator, as a person calls it.
Text chargersOf(const CheckInput& in) {
    return in.gear.engines.size() == 1 ? Text("The DC-DC charger draws"_text)
                                       : Text("The chargers draw"_text);
}

Finding tooMuchOnTheRoad(const CheckInput& in, const EngineShare& share) {
    Finding f = findingOf(in, "E3", unitSubject(in.gear.engines.front().id));
    f.severity = Severity::Fault;
    f.id = "E3 road";
    f.what = {"{chargers} up to {input}; half of the alternator's rating is {limit}."_text,
              {{"chargers", chargersOf(in)},
               {"input", measure(share.input)},
               {"limit", measure(share.road)}}};
    f.why = {"An alternator at its limit for hours overheats and wears out."_text, {}};
    f.remedy = {"Use a smaller charger, or limit its current."_text, {}};
    f.figures = {FigureId("engine.input")};
    offerSmaller(in, share, share.road, f);
    return f;
}

Finding tooMuchAtIdle(const CheckInput& in, const EngineShare& share) {
    Finding f = findingOf(in, "E3", unitSubject(in.gear.engines.front().id));
    f.id = "E3 idle";
    f.what = {
        "{chargers} up to {input}; with the engine idling the alternator has {limit} left."_text,
        {{"chargers", chargersOf(in)},
         {"input", measure(share.input)},
         {"limit", measure(share.idle)}}};
    f.why = {"The starter battery supplies the rest; the charger cuts out and comes back."_text,
             {}};
    f.remedy = {"Do not charge at idle for long, or use a smaller charger."_text, {}};
    f.figures = {FigureId("engine.input")};
    offerSmaller(in, share, share.idle, f);
    return f;
}

void checkDriving(const CheckInput& in, Checks& out) {
    const auto& marks = in.supply.engine;
    const bool driven = in.plan.trip.drivingPerDay.si() > 0.0;
    if (!marks || (driven && marks->needed.si <= marks->chosen.si) ||
        in.supply.demand.si() <= 0.0) {
        return;
    }
    Finding f = findingOf(in, "E9", unitSubject(in.gear.engines.front().id));
    if (driven) {
        const double times = marks->needed.si / marks->chosen.si;
        f.what = {
            "In the leanest month the sun leaves so much to make up that {hours} of driving a day would be needed with {chosen}; {time} are planned."_text,
            {{"time", measure(in.plan.trip.drivingPerDay)},
             {"hours", measure(in.plan.trip.drivingPerDay * times)},
             {"chosen", marks->chosen}}};
    } else {
        f.what = {"A charger from the engine is planned, but no driving."_text, {}};
    }
    f.why = {"The bank is emptied a little more each day."_text, {}};
    f.remedy = {
        "Use a stronger charger if the alternator allows it, drive longer, or plan shore "
        "power for dull weeks."_text,
        {}};
    f.figures = {FigureId("supply.engine.needed")};
    out.findings.push_back(std::move(f));
}

Finding asksTooMuch(const CheckInput& in, const SupplyPoint& point, const CableRow& row) {
    Finding f = findingOf(in, "E11", subject(row.id));
    f.what = {
        "{load} flow through {point}, whose {fuse} fuse carries {bears} continuously."_text,
        {{"load", measure(row.load)},
         {"point", Text::given(point.name)},
         {"fuse", measure(row.fuseFrom->rating)},
         {"bears", measure(row.fuseFrom->rating / rule(in.library, "continuous_factor").value)}}};
    f.why = "The vehicle's fuse opens on a long drive, and everything else on it stops too."_text;
    f.remedy =
        "Use a smaller charger, or feed it from the starter battery itself. Never fit a larger fuse: nobody knows whether the maker's cable behind it can carry more."_text;
    f.figures = {fuseFigure(row.id, End::From)};
    return f;
}

Finding notLookedAt(const CheckInput& in, const SupplyPoint& point, const CableRow& row) {
    Finding f = findingOf(in, "E11", subject(row.id));
    f.severity = Severity::Advice;
    f.what = {"Not known of {point}: {what}. It is judged as {size} behind {fuse}."_text,
              {{"point", Text::given(point.name)},
               {"what",
                point.area ? Text("the fuse"_text)
                           : Text(point.fuse ? "the cable"_text : "cable and fuse"_text)},
               {"size", measure(row.area)},
               {"fuse", measure(row.fuseFrom->rating)}}};
    f.why = "It may carry more, or less."_text;
    f.remedy =
        "Read the fuse's rating in the vehicle's fuse box or its body builder's guide; measure the diameter of the bare copper, all strands together."_text;
    f.figures = {fuseFigure(row.id, End::From), cableFigure(row.id, "ampacity")};
    return f;
}

// What the vehicle's maker laid bounds what may hang on it.
void checkSupplyPoints(const CheckInput& in, Checks& out) {
    for (const SupplyPoint& point : in.plan.van.vehicle.points) {
        const CableRow* row = findRow(in.cables, supplyLead(point.id));
        if (row == nullptr || !row->fuseFrom || row->load.si() <= 0.0) {
            continue;
        }
        if (!enough(row->fuseFrom->rating, row->fuseFrom->needed)) {
            out.findings.push_back(asksTooMuch(in, point, *row));
        } else if (!point.area || !point.fuse) {
            out.findings.push_back(notLookedAt(in, point, *row));
        }
    }
}

// What hangs behind it draws only while the alternator gives.
bool opensWhenStopped(const Device& device) {
    return std::ranges::any_of(device.elements, [](const Element& e) {
        const auto* contact = std::get_if<Contact>(&e);
        return contact != nullptr && contact->closed == Live::EngineRunning;
    });
}

// What a conductor comes to, through whatever only parts it: a switch, a plug.
const Device& reachedBy(const Circuit& circuit, const Conductor& first, const DeviceId& start) {
    const Conductor* c = &first;
    DeviceId from = start;
    for (std::size_t steps = 0; steps < circuit.conductors.size(); ++steps) {
        const DeviceId far = c->from.device == from ? c->to.device : c->from.device;
        const Device& d = *findDevice(circuit, far);
        constexpr std::size_t kInLinePorts = 2;
        const bool parts = kindRow(d.kind).stands == Stands::Leg &&
                           d.ports.size() == kInLinePorts && !opensWhenStopped(d);
        const auto next = std::ranges::find_if(circuit.conductors, [&](const Conductor& other) {
            return &other != c && (other.from.device == far || other.to.device == far);
        });
        if (!parts || next == circuit.conductors.end()) {
            return d;
        }
        c = &*next;
        from = far;
    }
    return *findDevice(circuit, from);
}

// Loads on the starter battery, also such as were moved there.
void checkStarterLoads(const CheckInput& in, Checks& out) {
    const Device* starter = firstOf(in.wiring.circuit, DeviceKind::Starter);
    for (const Conductor& c : in.wiring.circuit.conductors) {
        const bool hangs = c.from.device == starter->id || c.to.device == starter->id;
        if (!hangs || !isHousePole(c, Pole::Positive) || c.unit == starter->unit ||
            isMistaken(in, c.id)) {
            continue;
        }
        const Device& far = reachedBy(in.wiring.circuit, c, starter->id);
        if (meetsVehicle(far.kind) || kindRow(far.kind).stands == Stands::Vehicle ||
            opensWhenStopped(far)) {
            continue;  // it charges, or draws only while the alternator gives
        }
        Finding f = findingOf(in, "B14", subject(c.id));
        f.where.push_back(subject(starter->id));
        f.what = {"{name} is supplied by the starter battery."_text, {{"name", c.name}}};
        f.why = {"After a few days the engine does not start."_text, {}};
        f.remedy = {"Move it to the bank's side."_text, {}};
        for (const End end : {End::From, End::To}) {
            const TerminalId& at = end == End::From ? c.from : c.to;
            if (at.device == starter->id) {
                std::ranges::move(moveBack(in.plan, c.id, at, end), std::back_inserter(f.mends));
            }
        }
        out.findings.push_back(std::move(f));
    }
}

}  // namespace

Checks engineChecks(const CheckInput& input) {
    Checks out;
    if (input.gear.usesVehicle()) {
        checkStarterLoads(input, out);
        checkSupplyPoints(input, out);
    }
    if (input.gear.engines.empty()) {
        return out;
    }
    checkDriving(input, out);
    const EngineShare share = shareOf(input);
    out.why.add(shareDerivation(input, share));
    if (share.input > share.road) {
        out.findings.push_back(tooMuchOnTheRoad(input, share));
    }
    if (share.input > share.idle) {
        out.findings.push_back(tooMuchAtIdle(input, share));
    }
    return out;
}

}  // namespace spirk
