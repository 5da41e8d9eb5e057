// SPDX-License-Identifier: GPL-3.0-or-later
// I: what an inverter must give, what its maker asks for, and the volts that it gets; a converter
// that is wired for less than its rating.

#include <algorithm>

#include "core/cables/figures.h"
#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/gear/inverter.h"
#include "core/library/gear_fields.h"

namespace spirk {

namespace {

// The least that runs and starts all that must run at once.
void offerLarger(const CheckInput& in, Finding& f) {
    const InverterUnit& first = in.gear.inverters.front();
    const auto* larger = leastOnOffer(
        in.plan.own.inverters,
        in.library.inverters,
        [&](const InverterModel& m) {
            return m.power >= in.needs.worstMains && m.surge >= in.needs.worstSurge &&
                   m.system == in.gear.bankOf(first.from).system;
        },
        [](const InverterModel& m) { return m.power; });
    if (larger != nullptr && in.gear.inverters.size() == 1) {
        f.mends.push_back(useInstead(*larger, first.id, GearPart::Inverter));
    }
}

Finding inverterTooSmall(const CheckInput& in, Watts rated) {
    Finding f = findingOf(in, "I1", firstSubject(in, DeviceKind::Inverter));
    f.what = {"At worst {worst} run at once on an inverter rated {rated}."_text,
              {{"worst", measure(in.needs.worstMains)}, {"rated", measure(rated)}}};
    f.why = {"It switches off on overload."_text, {}};
    f.remedy = {
        "Use a larger inverter, or mark loads that never run together as such in Needs."_text, {}};
    f.figures = {FigureId("needs.inverter.worst"), FigureId("supply.inverter.chosen")};
    offerLarger(in, f);
    return f;
}

Finding surgeTooLarge(const CheckInput& in, Watts surge) {
    Finding f = findingOf(in, "I1", firstSubject(in, DeviceKind::Inverter));
    f.id += " surge";
    f.what = {
        "Starting, the loads that run at once draw {worst} for a moment; the inverter can give {surge}."_text,
        {{"worst", measure(in.needs.worstSurge)}, {"surge", measure(surge)}}};
    f.why =
        "A motor that gets too little does not start, and the inverter switches off on overload."_text;
    f.remedy =
        "Use an inverter with a larger surge, an appliance that starts softly, or start it before the others run."_text;
    f.figures = {FigureId("needs.inverter.worst")};
    offerLarger(in, f);
    return f;
}

// What its maker has put on its leads comes before what the tables allow.
void checkMaker(const CheckInput& in, const InverterUnit& unit, std::vector<Finding>& out) {
    const InverterModel& model = *unit.model;
    const Conductor* feed = feedOf(in.wiring.circuit, unit.id, Pole::Positive);
    const CableRow* row = feed == nullptr ? nullptr : findRow(in.cables, feed->id);
    if (row == nullptr) {
        return;
    }
    if (model.makerArea > row->area) {
        Finding f = findingOf(in, "I2", subject(row->id));
        f.what = {"{name} is {size}; the inverter's maker asks for {asked}."_text,
                  {{"name", feed->name},
                   {"size", measure(row->area)},
                   {"asked", measure(model.makerArea)}}};
        f.why =
            "The maker knows what its terminals and its ripple ask for, and may refuse a claim otherwise."_text;
        f.remedy = {"Use {size}."_text, {{"size", measure(model.makerArea)}}};
        f.figures = {cableFigure(row->id, "size")};
        f.mends = {setSize(row->id, model.makerArea)};
        out.push_back(std::move(f));
    }
    const auto& fuse = row->fuseFrom;
    if (model.makerFuse.si() > 0.0 && fuse && !fuse->leftOut && fuse->rating > model.makerFuse) {
        Finding f = findingOf(in, "I2", subject(row->id));
        f.id += " fuse";
        f.what = {"The fuse of {name} is {rating}; the inverter's maker asks for {asked}."_text,
                  {{"name", feed->name},
                   {"rating", measure(fuse->rating)},
                   {"asked", measure(model.makerFuse)}}};
        f.why = "A fault inside the inverter could burn longer than its maker reckoned with."_text;
        f.remedy = {"Fit {fuse}."_text, {{"fuse", measure(model.makerFuse)}}};
        f.figures = {fuseFigure(row->id, End::From)};
        f.mends = {setFuse(row->id, End::From, "", model.makerFuse)};
        out.push_back(std::move(f));
    }
}

// The output at which a fuse carries its rating: at the volts at which the inverter gives up, and
// at the bank's nominal ones.
Watts outputAt(const InverterModel& model, Amps current, Volts volts) {
    const Watts input = current * volts;
    Watts low, high = model.surge;
    constexpr int kHalvings = 40;
    for (int i = 0; i < kHalvings; ++i) {
        const Watts middle = (low + high) * 0.5;
        (inverterInput(model, middle) > input ? high : low) = middle;
    }
    return low;
}

// A unit that is never used to its rating has smaller fuses: whoever forgets it should know at
// what they open.
void checkHeld(const CheckInput& in, const InverterUnit& unit, std::vector<Finding>& out) {
    const Conductor* feed = feedOf(in.wiring.circuit, unit.id, Pole::Positive);
    const CableRow* row = feed == nullptr ? nullptr : findRow(in.cables, feed->id);
    if (!unit.held() || row == nullptr || !row->fuseFrom || row->fuseFrom->leftOut) {
        return;
    }
    const BankUnit& bank = in.gear.bankOf(unit.from);
    const Amps rating = row->fuseFrom->rating;
    Finding f = findingOf(in, "I3", unitSubject(unit.id));
    f.where.push_back(subject(row->id));
    f.what = {
        "You use the inverter up to {most} of its {rated}. Its fuse, {fuse}, bears {low} on a low battery and {usual} on a full one."_text,
        {{"most", measure(unit.most)},
         {"rated", measure(unit.model->power)},
         {"fuse", measure(rating)},
         {"low", measure(outputAt(*unit.model, rating, bank.chemistry.inverterCutOff))},
         {"usual", measure(outputAt(*unit.model, rating, bank.nominal))}}};
    f.why =
        "Above that it opens after a while, sooner the more is drawn: cables, fuse and bank are sized for what you said."_text;
    f.remedy = "Write it beside the inverter's switch, or size for its whole rating."_text;
    f.figures = {fuseFigure(row->id, End::From)};
    out.push_back(std::move(f));
}

// The same of a converter that is wired for the loads of today.
void checkHeldRail(const CheckInput& in, const RailUnit& rail, std::vector<Finding>& out) {
    const Conductor* feed = feedOf(in.wiring.circuit, rail.id, Pole::Positive);
    const CableRow* row = feed == nullptr ? nullptr : findRow(in.cables, feed->id);
    if (!rail.chose("wired_for", "loads") || row == nullptr || !row->fuseFrom ||
        row->fuseFrom->leftOut) {
        return;
    }
    const ConverterModel& model = *rail.converter;
    const Amps rating = row->fuseFrom->rating;
    const Volts low = in.gear.bankOf(rail.id).chemistry.inverterCutOff;
    const Amps borne = rating * (low * model.efficiency / model.output);
    if (borne >= model.maxOutput) {
        return;
    }
    Finding f = findingOf(in, "I3", unitSubject(rail.id));
    f.where.push_back(subject(row->id));
    f.what = {
        "The converter can give {rated}. Its fuse, {fuse}, bears {borne} of that on a low battery."_text,
        {{"rated", measure(model.maxOutput)},
         {"fuse", measure(rating)},
         {"borne", measure(borne)}}};
    f.why = "Above that it opens after a while: it is wired for what hangs on it now."_text;
    f.remedy = "Add up again before you add a load, or wire it for its whole rating."_text;
    f.figures = {fuseFigure(row->id, End::From)};
    f.mends.push_back(
        {"Wire it for its whole rating"_text, {UseOption{rail.id, "wired_for", "rating"}}});
    out.push_back(std::move(f));
}

// At the volts that it gets while what must run at once runs, on a bank half full.
void checkVolts(const CheckInput& in, const InverterUnit& unit, Checks& out) {
    if (in.topology.sound) {
        return;  // a mistake decides its volts, and is said
    }
    const DeviceId device(unit.id.value);
    const Volts cutOff = in.gear.bankOf(unit.from).chemistry.inverterCutOff;
    for (const MomentSolution& solved : in.moments) {
        const Flow* drawn = solved.served() ? solved.flowOf(in.wiring.circuit, device) : nullptr;
        if (drawn == nullptr || drawn->through.si() <= 0.0) {
            continue;
        }
        const auto here =
            solved.between(in.wiring.circuit, TerminalId{device, "dc+"}, TerminalId{device, "dc-"});
        if (!here || *here >= cutOff) {
            continue;
        }
        const auto moment = std::ranges::find(in.wiring.moments, solved.moment, &Moment::id);
        Finding f = findingOf(in, "I4", unitSubject(unit.id));
        f.what = {
            "In the situation '{moment}' the inverter gets {volts}; it gives up below {limit}."_text,
            {{"moment", moment->name}, {"volts", measure(*here)}, {"limit", measure(cutOff)}}};
        f.why = "It switches off under its largest load although the bank is half full."_text;
        f.remedy =
            "Use a larger bank, whose volts fall less, thicker or shorter cables, or run less at once."_text;
        f.figures = {unitFigure(unit.id, "volts")};
        out.findings.push_back(std::move(f));
        out.why.add(
            {.id = unitFigure(unit.id, "volts"),
             .title = "Voltage at the inverter under its largest load"_text,
             .formula = "U, where loads, cables and the bank's own resistance come to rest"_text,
             .terms = {{"U"_text,
                        "between its terminals"_text,
                        measure(*here),
                        FromSolver{moment->name}},
                       {"U_low"_text,
                        "its low cut-off"_text,
                        measure(cutOff),
                        fromTable(
                            in.library, "chemistries", in.gear.bankOf(unit.from).chemistry.name)}},
             .result = measure(*here),
             .source = "network solved"_text,
             .note = {}});
        return;
    }
}

}  // namespace

Checks inverterChecks(const CheckInput& input) {
    Checks out;
    Watts power, surge;
    for (const InverterUnit& inverter : input.gear.inverters) {
        power += inverter.model->power;
        surge += inverter.model->surge;
        checkMaker(input, inverter, out.findings);
        checkHeld(input, inverter, out.findings);
        checkVolts(input, inverter, out);
    }
    for (const RailUnit& rail : input.gear.rails) {
        checkHeldRail(input, rail, out.findings);
    }
    if (input.gear.inverters.empty()) {
        return out;
    }
    if (input.needs.worstMains > power) {
        out.findings.push_back(inverterTooSmall(input, power));
    } else if (input.needs.worstSurge > surge) {
        out.findings.push_back(surgeTooLarge(input, surge));
    }
    return out;
}

}  // namespace spirk
