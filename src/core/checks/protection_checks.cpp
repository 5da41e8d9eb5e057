// SPDX-License-Identifier: GPL-3.0-or-later
// W3 (S7, E5, W24 where the circuit has a rule of its own), W4, W5, W6, W9, W15, W23: is there a
// device at every end that can feed a fault, is it near enough, can it do what is asked of it.

#include <algorithm>

#include "core/cables/figures.h"
#include "core/checks/families.h"
#include "core/checks/offers.h"
#include "core/checks/source_walk.h"
#include "core/gear/inverter.h"
#include "core/plan/edit.h"
#include "core/plan/own_gear.h"

namespace spirk {

namespace {

// How the person left it out: by an amendment, of this end or, where the conductor was split since,
// of the one it was; or by the way that the batteries are joined.
std::vector<Mend> putBack(const CheckInput& in,
                          const Conductor& c,
                          const Protection& fuse,
                          End end) {
    for (const Amendment& amendment : in.plan.amendments) {
        const auto* out = std::get_if<LeaveOutProtection>(&amendment);
        if (out != nullptr && (*out == LeaveOutProtection{c.id, end} ||
                               protectionOf({out->conductor, out->end}) == fuse.id)) {
            return {{"Put the fuse back"_text, {TakeBack{*out}}}};
        }
    }
    constexpr const char* kFuses = "fuses";
    for (const BankUnit& bank : in.gear.banks) {
        const bool joins = c.purpose == Purpose::Link || c.purpose == Purpose::Lead;
        if (bank.id == c.unit && joins && bank.options.contains(kFuses) &&
            bank.option(kFuses) != "each") {
            return {{c.purpose == Purpose::Link ? "Fit a fuse at each end of the links"_text
                                                : "Fit a fuse at each battery"_text,
                     {UseOption{bank.id, kFuses, "each"}}}};
        }
    }
    return {};
}

Finding leftOut(const CheckInput& in, const Conductor& c, const Protection& fuse, End end) {
    const TerminalId& at = end == End::From ? c.from : c.to;
    const Device* device = findDevice(in.wiring.circuit, at.device);
    const bool battery = device != nullptr && device->kind == DeviceKind::Battery;
    // Each battery of a bank is a source: its own lead has nothing before it. A lead as short as a
    // fuse may be away is at fault only by what the others feed into it.
    const BankUnit* bank = in.gear.bankBehind(c.unit);
    const Metres allowed = metres(rule(in.library, "fuse_distance_m").value);
    const bool common = battery && bank != nullptr && bank->count > 1 &&
                        routeOf(in, *findRow(in.cables, c.id)).length <= allowed;
    Finding f = findingOf(in, fuse.missing, subject(c.id));
    f.severity = common ? Severity::Fault : f.severity;
    f.where.push_back(subject(at.device));
    f.what = {"{name} has no fuse at {terminal}, from where a fault can be fed."_text,
              {{"name", c.name}, {"terminal", placeName(in.wiring.circuit, at)}}};
    if (common) {
        f.why = {
            "The other batteries feed a fault in this one or its lead, and nothing stops the current."_text,
            {}};
    } else {
        f.why = {"Nothing stops a short circuit on this cable: it burns."_text, {}};
    }
    f.remedy = {"Fit a fuse within {distance} of that end."_text,
                {{"distance", measure(metres(rule(in.library, "fuse_distance_m").value))}}};
    f.mends = putBack(in, c, fuse, end);
    return f;
}

Finding nothingBefore(const CheckInput& in, std::size_t conductor) {
    const Conductor& c = in.wiring.circuit.conductors[conductor];
    Finding f = findingOf(in, "W3", subject(c.id));
    f.what = {"A battery feeds {name} with no fuse on the way."_text, {{"name", c.name}}};
    f.why = {"Nothing stops a short circuit on this cable: it burns."_text, {}};
    f.remedy = {"Fit a fuse at its source end, or move it behind one."_text, {}};
    for (const End end : {End::From, End::To}) {
        for (Mend& mend : moveBack(in.plan, c.id, end == End::From ? c.from : c.to, end)) {
            f.mends.push_back(std::move(mend));
        }
    }
    f.mends.push_back(
        {"Fit a fuse at its source end"_text, {Amend{PutInProtection{c.id, End::From, ""}}}});
    return f;
}

Finding movedToBattery(const CheckInput& in, const Conductor& c, const TerminalId& at, End end) {
    Finding f = findingOf(in, "W3", subject(c.id));
    f.where.push_back(subject(at.device));
    f.what = {"{name} was moved to {terminal} and has no fuse there."_text,
              {{"name", c.name}, {"terminal", placeName(in.wiring.circuit, at)}}};
    f.why = {"The battery feeds a short circuit on this cable, and nothing stops it."_text, {}};
    f.remedy = {"Move it back to where there is a fuse."_text, {}};
    f.mends = moveBack(in.plan, c.id, at, end);
    return f;
}

void checkEnd(const CheckInput& in, const Conductor& c, End end, std::vector<Finding>& out) {
    const Protection* fuse = protectionAt(in.wiring.circuit, c, end);
    if (fuse != nullptr && fuse->leftOut) {
        // What a fuse on the way protects needs none of its own.
        const std::size_t index = in.cables.at.at(c.id);
        const bool limits = c.purpose == Purpose::Signal || c.side == Side::Panels;
        if (limits || isFedUnprotected(in, index, in.cables.rows[index].ampacity)) {
            out.push_back(leftOut(in, c, *fuse, end));
        }
        return;
    }
    const TerminalId& at = end == End::From ? c.from : c.to;
    const Port* port = findPort(in.wiring.circuit, at);
    // Bank leads end at the collecting bar with their fuse at the battery: that is their way.
    const Device* device = findDevice(in.wiring.circuit, at.device);
    const bool lead = c.unit == device->unit && device->kind != DeviceKind::Starter;
    const bool positive = isHousePole(c, Pole::Positive) || c.purpose == Purpose::Signal;
    if (fuse == nullptr && positive && !lead && port != nullptr && port->batteryEnd) {
        out.push_back(movedToBattery(in, c, at, end));
    }
}

// Nothing that is made interrupts more there, and it is what Spirk chose.
bool isTheStrongest(const CheckInput& in, const ChosenFuse& fuse) {
    return fuse.family == fuse.computedFamily &&
           std::ranges::none_of(in.library.fuses, [&](const FuseFamily& family) {
               return interruptingAt(family, in.gear.bank().system) > fuse.interrupts &&
                      ratingFor(family, fuse.needed);
           });
}

bool statesShortCircuit(const CheckInput& in) {
    return std::ranges::all_of(
        in.gear.banks, [](const BankUnit& bank) { return bank.model->shortCircuit.has_value(); });
}

void checkInterrupting(const CheckInput& in,
                       const CableRow& row,
                       End end,
                       std::vector<Finding>& out) {
    const auto& fuse = end == End::From ? row.fuseFrom : row.fuseTo;
    if (!fuse || fuse->leftOut || fuse->backup) {
        return;
    }
    const FuseFamily& family = familyOf(in.library, fuse->family);
    if (fuse->strongest <= fuse->interrupts) {
        return;
    }
    // Of a large bank whose maker says nothing, with the strongest fuse there is, that is to be
    // asked.
    const bool perhaps = fuse->prospective <= fuse->interrupts || fuse->usuallyBacked ||
                         (isTheStrongest(in, *fuse) && !statesShortCircuit(in));
    Finding f = findingOf(in, "W5", subject(row.id));
    f.severity = perhaps ? Severity::Fault : f.severity;
    f.what = {
        perhaps
            ? "The {family} of {name} can interrupt {capacity}; with the strongest batteries that are sold a short circuit there gives {fault}."_text
            : "The {family} of {name} can interrupt {capacity}; a short circuit there gives {fault}."_text,
        {{"family", family.name},
         {"name", conductorOf(in, row).name},
         {"capacity", measure(fuse->interrupts)},
         {"fault", measure(perhaps ? fuse->strongest : fuse->prospective)}}};
    f.why = {"It can burst, and the arc goes on burning."_text, {}};
    if (perhaps) {
        f.remedy =
            "Ask the maker for your battery's short-circuit current and enter it with the battery; or fit a fuse that can interrupt more."_text;
    } else if (fuse->holds == Holds::Block) {
        f.remedy = {
            "Feed the block by a longer or thinner cable, so that less current flows, or behind a fuse small enough for this circuit's cable to withstand what it lets through."_text,
            {}};
    } else if (fuse->computedFamily == fuse->family) {
        f.remedy = {
            "Fit a fuse with enough interrupting capacity upstream, near the bank, or fuses that can interrupt more."_text,
            {}};
    } else {
        f.remedy = {
            "Fit another: {family}; or a fuse with enough interrupting capacity upstream."_text,
            {{"family", familyOf(in.library, fuse->computedFamily).name}}};
    }
    f.source = {"{family}; {rule}"_text,
                {{"family", Words{family.interruptingSource}}, {"rule", f.source}}};
    f.figures = {fuseFigure(row.id, end)};
    if (fuse->amended && fuse->computedFamily != fuse->family) {
        f.mends = {{{"Fit the computed fuse: {family}, {rating}"_text,
                     {{"family", familyOf(in.library, fuse->computedFamily).name},
                      {"rating", measure(fuse->computedRating)}}},
                    {TakeBack{SetFuse{row.id, End::From, "", {}}}}}};
    }
    out.push_back(std::move(f));
}

// Offered where the person has set another.
void offerComputed(const CableRow& row, const ChosenFuse& fuse, Finding& f) {
    if (fuse.amended) {
        f.mends = {fitComputed(row.id, End::From)};
    }
}

// Distances that a sheath or conduit allows: from the battery, from another source.
const char* sheathedRule(const CheckInput& in, const TerminalId& at) {
    const Device* d = findDevice(in.wiring.circuit, at.device);
    const bool battery = d->kind == DeviceKind::Battery || d->kind == DeviceKind::Starter;
    return battery ? "fuse_distance_battery_sheathed_m" : "fuse_distance_bar_sheathed_m";
}

void checkDistance(const CheckInput& in,
                   const CableRow& row,
                   End end,
                   const ChosenFuse& fuse,
                   std::vector<Finding>& out) {
    const Conductor& c = conductorOf(in, row);
    const TerminalId& at = end == End::From ? c.from : c.to;
    const Metres sheathed = metres(rule(in.library, sheathedRule(in, at)).value);
    const Metres allowed =
        fuse.sheathed ? sheathed : metres(rule(in.library, "fuse_distance_m").value);
    if (fuse.distance <= allowed) {
        return;
    }
    Finding f = findingOf(in, "W4", subject(row.id));
    f.what = {"The fuse of {name} is {distance} from {terminal}; {allowed} are allowed."_text,
              {{"name", c.name},
               {"distance", measure(fuse.distance)},
               {"terminal", placeName(in.wiring.circuit, at)},
               {"allowed", measure(allowed)}}};
    f.why = {"The cable up to the fuse is not protected."_text, {}};
    const bool sheathHelps = fuse.distance <= sheathed;
    f.remedy = {
        sheathHelps
            ? "Move it closer. Where the cable lies in a sheath or conduit over this whole stretch, up to {sheathed} are allowed: then say so under Change the selection."_text
            : "Move it closer; even in a sheath or conduit no more than {sheathed} are allowed."_text,
        {{"sheathed", measure(sheathed)}}};
    f.mends = {
        {{"Put it back near its source"_text, {}}, {TakeBack{SetFuseDistance{row.id, end, {}}}}}};
    out.push_back(std::move(f));
}

void checkVoltage(const CheckInput& in,
                  const CableRow& row,
                  const ChosenFuse& fuse,
                  std::vector<Finding>& out) {
    const FuseFamily& family = familyOf(in.library, fuse.family);
    const Volts highest = in.gear.bank().chemistry.absorptionHigh;
    if (family.volts >= highest) {
        return;
    }
    Finding f = findingOf(in, "W6", subject(row.id));
    f.what = {"The {family} of {name} is rated {rated}; the circuit has up to {highest}."_text,
              {{"family", family.name},
               {"name", conductorOf(in, row).name},
               {"rated", measure(family.volts)},
               {"highest", measure(highest)}}};
    f.why = {"It opens, but the arc inside it may not go out."_text, {}};
    f.remedy = {"Fit a fuse for a higher voltage."_text, {}};
    offerComputed(row, fuse, f);
    out.push_back(std::move(f));
}

// The fuse next before a conductor's own, where one feed alone comes to what it begins at: that of
// its block, its bar or its distributor. Null where there is none.
const CableRow* feederOf(const CheckInput& in, std::size_t index) {
    const Circuit& circuit = in.wiring.circuit;
    const CableRow* arriving = nullptr;
    for (const EndOn& on : circuit.index->endsOn[circuit.index->ends[index].from.device]) {
        if (on.end == End::To && isHousePole(circuit.conductors[on.conductor], Pole::Positive)) {
            if (arriving != nullptr) {
                return nullptr;
            }
            arriving = &in.cables.rows[on.conductor];
        }
    }
    const CableRow* owner = arriving == nullptr || !arriving->protectedBy
                                ? nullptr
                                : findRow(in.cables, *arriving->protectedBy);
    return owner != nullptr && owner->fuseFrom && !owner->fuseFrom->leftOut ? owner : nullptr;
}

// What takes most of all that a fuse carries cannot stay far below it.
bool takesMost(const CheckInput& in, const CableRow& row, const CableRow& feeder) {
    const Device* at = findDevice(in.wiring.circuit, conductorOf(in, row).from.device);
    return at->kind != DeviceKind::FuseBlock && row.load * 2.0 > feeder.load;
}

void checkSelective(const CheckInput& in,
                    const CableRow& row,
                    const ChosenFuse& fuse,
                    std::vector<Finding>& out) {
    const CableRow* feeder = feederOf(in, static_cast<std::size_t>(&row - in.cables.rows.data()));
    const double ratio = familyOf(in.library, fuse.family).selectiveRatio;
    if (feeder == nullptr || feeder->fuseFrom->rating >= fuse.rating * ratio ||
        takesMost(in, row, *feeder)) {
        return;
    }
    Finding f = findingOf(in, "W9", subject(row.id));
    f.where.push_back(subject(feeder->id));
    f.what = {
        "The fuse upstream of {name} is {before}: less than {ratio} times its own {fuse}."_text,
        {{"name", conductorOf(in, row).name},
         {"ratio", number(ratio)},
         {"fuse", measure(fuse.rating)},
         {"before", measure(feeder->fuseFrom->rating)}}};
    f.why = {
        "A short circuit here may open both, and all that hangs on the one upstream goes dark."_text,
        {}};
    f.remedy = {
        "Fit a larger fuse and cable upstream, or give this load a fuse of its own farther up."_text,
        {}};
    f.figures = {fuseFigure(row.id, End::From), fuseFigure(feeder->id, End::From)};
    out.push_back(std::move(f));
}

void checkBlockWay(const CheckInput& in,
                   const CableRow& row,
                   const ChosenFuse& fuse,
                   std::vector<Finding>& out) {
    const Device& at = *findDevice(in.wiring.circuit, conductorOf(in, row).from.device);
    const HardwareModel* block =
        at.made ? findHardware(in.plan, in.library, at.made->model) : nullptr;
    const bool bounded = block != nullptr && block->maxWay.si() > 0.0;
    if (fuse.holds != Holds::Block || !bounded || fuse.rating <= block->maxWay) {
        return;
    }
    Finding f = findingOf(in, "W15", subject(row.id));
    f.severity = Severity::Fault;
    f.what = {"The fuse of {name} is {fuse}; a way of its block is limited to {limit}."_text,
              {{"name", conductorOf(in, row).name},
               {"fuse", measure(fuse.rating)},
               {"limit", measure(block->maxWay)}}};
    f.why = {"The block's contacts overheat and lose their spring."_text, {}};
    f.remedy = {"Fit a smaller fuse, or give this load its own fuse at the bus bars."_text, {}};
    offerComputed(row, fuse, f);
    out.push_back(std::move(f));
}

// It closes again after seconds, into the fault, over and over.
void checkResets(const CheckInput& in,
                 const CableRow& row,
                 const ChosenFuse& fuse,
                 std::vector<Finding>& out) {
    const FuseFamily& family = familyOf(in.library, fuse.family);
    if (!family.selfResets) {
        return;
    }
    Finding f = findingOf(in, "W21", subject(row.id));
    f.what = {"The {family} of {name} closes again by itself."_text,
              {{"family", family.name}, {"name", conductorOf(in, row).name}}};
    f.why =
        "A fault that nobody sees is fed again and again, and what is damaged gets hotter each time."_text;
    f.remedy = "Fit a fuse, or a breaker that stays open until somebody resets it."_text;
    f.figures = {fuseFigure(row.id, End::From)};
    offerComputed(row, fuse, f);
    out.push_back(std::move(f));
}

// A distributor's ways, and a block's, take fuses of one family.
void checkHolder(const CheckInput& in,
                 const CableRow& row,
                 const ChosenFuse& fuse,
                 std::vector<Finding>& out) {
    const Device& at = *findDevice(in.wiring.circuit, conductorOf(in, row).from.device);
    const HardwareModel* holder =
        at.made ? findHardware(in.plan, in.library, at.made->model) : nullptr;
    if (fuse.holds == Holds::Itself || holder == nullptr || holder->fuses.empty() ||
        holder->fuses == fuse.family) {
        return;
    }
    Finding f = findingOf(in, "W20", subject(row.id));
    f.where.push_back(subject(at.id));
    f.what = {"The {family} of {name} does not fit {device}, whose ways take: {takes}."_text,
              {{"family", familyOf(in.library, fuse.family).name},
               {"name", conductorOf(in, row).name},
               {"device", at.name},
               {"takes", familyOf(in.library, holder->fuses).name}}};
    f.why = "A fuse that is forced between other contacts gets hot, or falls out."_text;
    f.remedy = "Fit the family that it takes, or give this fuse a holder of its own."_text;
    f.figures = {fuseFigure(row.id, End::From)};
    offerComputed(row, fuse, f);
    out.push_back(std::move(f));
}

void checkFuse(const CheckInput& in, const CableRow& row, End end, std::vector<Finding>& out) {
    const auto& fuse = end == End::From ? row.fuseFrom : row.fuseTo;
    if (!fuse || fuse->leftOut) {
        return;
    }
    checkInterrupting(in, row, end, out);
    checkDistance(in, row, end, *fuse, out);
    checkVoltage(in, row, *fuse, out);
    checkSelective(in, row, *fuse, out);
    checkBlockWay(in, row, *fuse, out);
    checkResets(in, row, *fuse, out);
    checkHolder(in, row, *fuse, out);
}

// Everything that flows to an inverter passes the main fuse of its rail.
void checkMainFuse(const CheckInput& in, const InverterUnit& unit, std::vector<Finding>& out) {
    const Circuit& circuit = in.wiring.circuit;
    const Conductor* mainFeed = feedOf(circuit, unit.from, Pole::Positive);
    const Conductor* feed = feedOf(circuit, unit.id, Pole::Positive);
    const CableRow* main = mainFeed == nullptr ? nullptr : findRow(in.cables, mainFeed->id);
    if (feed == nullptr || main == nullptr || !main->fuseFrom || main->fuseFrom->leftOut) {
        return;
    }
    const Amps drawn =
        inverterCurrent(*unit.model, unit.most, in.gear.bankOf(unit.from).chemistry.inverterCutOff);
    const Device& from = *findDevice(circuit, feed->from.device);
    const bool passes = from.kind == DeviceKind::BusBar && from.unit == unit.from;
    if (!passes || main->fuseFrom->rating >= drawn) {
        return;
    }
    Finding f = findingOf(in, "W23", subject(main->id));
    f.where.push_back(firstSubject(in, DeviceKind::Inverter, unit.id));
    f.what = {
        "The main fuse ({fuse}) is below what the inverter draws at low voltage ({drawn})."_text,
        {{"fuse", measure(main->fuseFrom->rating)}, {"drawn", measure(drawn)}}};
    f.why = {"It opens under full load on a low battery, and everything goes dark."_text, {}};
    f.remedy = {"Fit the computed fuse and the cable that goes with it."_text, {}};
    offerComputed(*main, *main->fuseFrom, f);
    out.push_back(std::move(f));
}

}  // namespace

Checks protectionChecks(const CheckInput& input) {
    Checks out;
    for (const Conductor& c : input.wiring.circuit.conductors) {
        checkEnd(input, c, End::From, out.findings);
        checkEnd(input, c, End::To, out.findings);
    }
    for (const std::size_t i : reachedWithoutFuse(input)) {
        const std::string id = "W3 " + input.wiring.circuit.conductors[i].id.value;
        if (std::ranges::find(out.findings, id, &Finding::id) == out.findings.end()) {
            out.findings.push_back(nothingBefore(input, i));
        }
    }
    for (const CableRow& row : input.cables.rows) {
        checkFuse(input, row, End::From, out.findings);
        checkFuse(input, row, End::To, out.findings);
    }
    for (const InverterUnit& inverter : input.gear.inverters) {
        checkMainFuse(input, inverter, out.findings);
    }
    return out;
}

}  // namespace spirk
