// SPDX-License-Identifier: GPL-3.0-or-later
// W1 (W22 behind a split), W2, W7, W8, W10, W12: a conductor's size against its fuse, load, path,
// short circuit and terminals.

#include <algorithm>
#include <cmath>

#include "core/base/promise.h"
#include "core/cables/conductor_physics.h"
#include "core/cables/figures.h"
#include "core/cables/fuse_curve.h"
#include "core/checks/families.h"
#include "core/checks/offers.h"

namespace spirk {

namespace {

// The smallest size whose corrected ampacity carries `current`.
std::optional<SquareMetres> sizeCarrying(const CheckInput& in, const CableRow& row, Amps current) {
    const AmpacityColumn& column = columnOf(in.library, conductorOf(in, row).insulation);
    const Laying laying = layingOf(in, row);
    for (const ConductorRow& size : in.library.conductors) {
        const auto carries = ampacity(column, size.area, laying);
        if (carries && *carries >= current) {
            return size.area;
        }
    }
    return std::nullopt;
}

const ChosenFuse* protectingFuse(const CheckInput& in, const CableRow& row) {
    if (!row.protectedBy) {
        return nullptr;
    }
    const CableRow* owner = findRow(in.cables, *row.protectedBy);
    return owner != nullptr && owner->fuseFrom ? &*owner->fuseFrom : nullptr;
}

// A negative is mended with its positive; two findings about one pair would only be noise.
bool spokenForByTwin(const CheckInput& in, const CableRow& row) {
    const Conductor& c = conductorOf(in, row);
    if (!isHousePole(c, Pole::Negative) || !c.pair) {
        return false;
    }
    const CableRow* positive = findRow(in.cables, *c.pair);
    return positive != nullptr && positive->area <= row.area &&
           positive->protectedBy == row.protectedBy;
}

Finding fuseAboveCable(const CheckInput& in, const CableRow& row, const ChosenFuse& fuse) {
    const Conductor& c = conductorOf(in, row);
    const CableRow* owner = findRow(in.cables, *row.protectedBy);
    const bool branch = owner->id != row.id && owner->area > row.area;
    Finding f = findingOf(in, branch ? "W22" : "W1", subject(row.id));
    f.what = {
        "The fuse of {name} ({fuse}) is above the ampacity of its cable ({size}: {ampacity})."_text,
        {{"name", c.name},
         {"fuse", measure(fuse.rating)},
         {"size", measure(row.area)},
         {"ampacity", measure(row.ampacity)}}};
    f.why = {"An overload could overheat the cable before the fuse opens."_text, {}};
    f.figures = {fuseFigure(*row.protectedBy, End::From), cableFigure(row.id, "ampacity")};
    const FuseFamily& family = familyOf(in.library, fuse.family);
    const auto smaller = ratingWithin(family, row.ampacity);
    const auto larger = sizeCarrying(in, row, fuse.rating);
    const bool smallerServes = smaller && enough(*smaller, fuse.needed);
    if (smallerServes) {
        f.mends.push_back(setFuse(*row.protectedBy, End::From, "", *smaller));
    }
    if (larger) {
        f.mends.push_back(setSize(row.id, *larger));
    }
    if (smallerServes && larger) {
        f.remedy = {"Fit {fuse}, or {size}."_text,
                    {{"fuse", measure(*smaller)}, {"size", measure(*larger)}}};
    } else {
        f.remedy = {"Choose a fuse and a cable for the load of {load}."_text,
                    {{"load", measure(row.load)}}};
    }
    return f;
}

// The largest fuse that the region allows before a size, whatever its ampacity; nothing where it
// sets none.
std::optional<Amps> largestBefore(const CheckInput& in, SquareMetres area) {
    const auto row = std::ranges::find(in.library.conductors, area, &ConductorRow::area);
    const bool bounded = row != in.library.conductors.end() && row->largestDevice.si() > 0.0;
    return bounded ? std::optional(row->largestDevice) : std::nullopt;
}

Finding fuseAboveSize(const CheckInput& in,
                      const CableRow& row,
                      const ChosenFuse& fuse,
                      Amps largest) {
    Finding f = findingOf(in, "W1", subject(row.id));
    f.what = {
        "The fuse of {name} ({fuse}) is above {largest}, the largest that is allowed before {size}."_text,
        {{"name", conductorOf(in, row).name},
         {"fuse", measure(fuse.rating)},
         {"largest", measure(largest)},
         {"size", measure(row.area)}}};
    f.why =
        "Low-voltage wiring of recreational vehicles has a largest fuse for each small size, whatever the table of ampacities allows (NEC 551.10(E))."_text;
    f.figures = {fuseFigure(*row.protectedBy, End::From), cableFigure(row.id, "size")};
    const auto next = std::ranges::find_if(in.library.conductors, [&](const ConductorRow& size) {
        return size.area > row.area &&
               (size.largestDevice.si() <= 0.0 || size.largestDevice >= fuse.rating);
    });
    f.remedy = {"Use {size}, or a smaller fuse."_text, {{"size", measure(next->area)}}};
    f.mends = {setSize(row.id, next->area)};
    return f;
}

// The fuse of another source stands behind more than this return bears. Where its own cable does
// not bear it either, that is said of the cable.
const ChosenFuse* fuseOfAnotherSource(const CheckInput& in, const CableRow& row) {
    if (!row.neededBy || row.neededBy == row.protectedBy || enough(row.ampacity, row.needed)) {
        return nullptr;
    }
    const CableRow* other = findRow(in.cables, *row.neededBy);
    const bool ownMistake = !other->fuseFrom || other->fuseFrom->rating > other->ampacity;
    return ownMistake ? nullptr : &*other->fuseFrom;
}

Finding returnTooThin(const CheckInput& in, const CableRow& row, const ChosenFuse& fuse) {
    Finding f = findingOf(in, "W1", subject(row.id));
    const CableRow* other = findRow(in.cables, *row.neededBy);
    f.where.push_back(subject(other->id));
    f.what = {
        "What {other} feeds ({fuse}) can return through {name}, whose cable bears less ({size}: {ampacity})."_text,
        {{"other", conductorOf(in, *other).name},
         {"fuse", measure(fuse.rating)},
         {"name", conductorOf(in, row).name},
         {"size", measure(row.area)},
         {"ampacity", measure(row.ampacity)}}};
    f.why = {"An overload there could overheat this cable before that fuse opens."_text, {}};
    f.figures = {fuseFigure(other->id, End::From), cableFigure(row.id, "ampacity")};
    const auto larger = sizeCarrying(in, row, fuse.rating);
    f.remedy = larger ? Text("Use {size}."_text, {{"size", measure(*larger)}})
                      : Text("Fit a smaller fuse there."_text);
    if (larger) {
        f.mends.push_back(setSize(row.id, *larger));
    }
    return f;
}

Finding fuseBelowLoad(const CheckInput& in, const CableRow& row, const ChosenFuse& fuse) {
    Finding f = findingOf(in, "W2", subject(row.id));
    f.what = {
        "The fuse of {name} ({fuse}) is below 1.25 times its current ({load}, so {needed})."_text,
        {{"name", conductorOf(in, row).name},
         {"fuse", measure(fuse.rating)},
         {"load", measure(row.load)},
         {"needed", measure(fuse.needed)}}};
    f.why = {"It will age and open under its normal load."_text, {}};
    f.figures = {fuseFigure(row.id, End::From), cableFigure(row.id, "load")};
    if (enough(fuse.computedRating, fuse.needed)) {
        f.remedy = {"Fit {fuse}."_text, {{"fuse", measure(fuse.computedRating)}}};
        f.mends = {setFuse(row.id, End::From, "", fuse.computedRating)};
    } else {
        f.remedy =
            "No larger one may stand there: its maker, or the thickest cable, bears no more. Divide the load between two feeds, or choose a higher bank voltage."_text;
    }
    return f;
}

// A size for the conductor of the path that loses most, with which the path keeps its limit: losses
// scale with resistance per metre.
std::optional<Mend> thickerFor(const CheckInput& in, const PathDrop& path) {
    const CableRow* worst = nullptr;
    for (const ConductorId& id : path.conductors) {
        const CableRow* row = findRow(in.cables, id);
        if (worst == nullptr || row->load * row->warm > worst->load * worst->warm) {
            worst = row;
        }
    }
    promise(worst != nullptr, "a path of drop has conductors");
    const auto perMetre = [&](SquareMetres area) {
        const auto found = std::ranges::find(in.library.conductors, area, &ConductorRow::area);
        return found->ohmPerMetre20;
    };
    const Volts own = worst->load * worst->warm;
    const double excess = path.fraction / path.limit - 1.0;
    const Volts mustSave = path.drop * (excess / (1.0 + excess));
    for (const ConductorRow& size : in.library.conductors) {
        const double part = size.ohmPerMetre20 / perMetre(worst->area);
        if (size.area > worst->area && own * (1.0 - part) >= mustSave) {
            return setSize(worst->id, size.area);
        }
    }
    return std::nullopt;
}

Finding dropTooLarge(const CheckInput& in, const PathDrop& path) {
    const bool practice = path.fraction <= rule(in.library, "drop_outer").value &&
                          rule(in.library, path.rule).standing == Standing::CommonPractice;
    Finding f = findingOf(in, "W7", subject(path.conductors.front()));
    f.id = "W7 " + path.id;
    if (practice) {
        f.severity = Severity::Advice;
    }
    for (std::size_t i = 1; i < path.conductors.size(); ++i) {
        f.where.push_back(subject(path.conductors[i]));
    }
    f.what = {"{path}: {drop} are lost out and back ({fraction}); the limit is {limit}."_text,
              {{"path", path.name},
               {"drop", measure(path.drop)},
               {"fraction", percent(path.fraction)},
               {"limit", percent(path.limit)}}};
    f.why = {
        "The device at the end gets too little voltage under full load, or a charger measures the wrong voltage."_text,
        {}};
    // Its own limit's source, not that of the rule at large.
    f.source = Words{rule(in.library, path.rule).source};
    f.standing = rule(in.library, path.rule).standing;
    f.figures = {path.figure};
    f.remedy = {"Use a thicker cable where most is lost, or a shorter route."_text, {}};
    if (auto mend = thickerFor(in, path)) {
        f.mends.push_back(std::move(*mend));
    }
    return f;
}

Finding shortBurnsCable(const CheckInput& in, const CableRow& row) {
    Finding f = findingOf(in, "W8", subject(row.id));
    const Text& name = conductorOf(in, row).name;
    if (row.letThrough) {
        f.what = {
            "A short circuit on {name} lets {through} through its cable, which withstands {bears}."_text,
            {{"name", name},
             {"through", Measure{*row.letThrough, Unit::JouleIntegral}},
             {"bears", Measure{row.withstand, Unit::JouleIntegral}}}};
    } else {
        f.what = {
            "A short circuit at the far end of {name} gives only {fault}, at which its fuse does not have to open."_text,
            {{"name", name}, {"fault", measure(row.faultFar)}}};
    }
    f.why = {"The insulation is destroyed, and the cable can set fire to what is around it."_text,
             {}};
    f.remedy = {"Use a thicker or shorter cable, or a smaller fuse."_text, {}};
    f.figures = {cableFigure(row.id, "fault")};
    return f;
}

void checkFitting(const CheckInput& in,
                  const CableRow& row,
                  const EndFitting& fitting,
                  const TerminalId& terminal,
                  std::vector<Finding>& out) {
    if (fitting.lugSold && fitting.sizeFits) {
        return;
    }
    Finding f = findingOf(in, "W10", subject(row.id));
    f.id += " " + text(terminal);
    f.where.push_back(subject(terminal.device));
    if (!fitting.sizeFits) {
        f.what = {
            "{name} ({size}) is too large for the terminal {terminal}, which takes up to {largest}."_text,
            {{"name", conductorOf(in, row).name},
             {"size", measure(row.area)},
             {"terminal", placeName(in.wiring.circuit, terminal)},
             {"largest", measure(fitting.largest)}}};
        f.remedy = {
            "Use a smaller cable if the voltage drop allows it, or end it on a stud and go on with a short thinner tail."_text,
            {}};
    } else {
        f.what = {
            "No lug for {size} with a hole for {stud} is commonly sold ({name} at {terminal})."_text,
            {{"name", conductorOf(in, row).name},
             {"size", measure(row.area)},
             {"stud", fitting.stud},
             {"terminal", placeName(in.wiring.circuit, terminal)}}};
        f.remedy = {"Choose another size, or drill a lug whose flat is wide enough."_text, {}};
    }
    f.why = {
        "A cable that does not fit its terminal gets trimmed or squeezed in, and the joint overheats."_text,
        {}};
    f.figures = {cableFigure(row.id, "size")};
    out.push_back(std::move(f));
}

Finding tooThin(const CheckInput& in, const CableRow& row, SquareMetres least) {
    Finding f = findingOf(in, "W12", subject(row.id));
    f.what = {"{name} is {size}; {least} is the minimum outside a device."_text,
              {{"name", conductorOf(in, row).name},
               {"size", measure(row.area)},
               {"least", measure(least)}}};
    f.why = {"Thin conductors break from vibration."_text, {}};
    f.remedy = {"Use {size}."_text, {{"size", measure(row.computedArea)}}};
    f.mends = {setSize(row.id, row.computedArea)};
    return f;
}

void checkRow(const CheckInput& in, const CableRow& row, std::vector<Finding>& out) {
    const Conductor& c = conductorOf(in, row);
    if (!isOurs(c) || !c.ready.empty()) {
        return;  // a lead with its plugs on is what its maker made it
    }
    const ChosenFuse* fuse = protectingFuse(in, row);
    const bool twin = spokenForByTwin(in, row);
    if (fuse != nullptr && fuse->rating > row.ampacity && !twin) {
        out.push_back(fuseAboveCable(in, row, *fuse));
    } else if (const auto largest = largestBefore(in, row.area);
               fuse != nullptr && !twin && c.side == Side::House && c.purpose != Purpose::Signal &&
               largest && fuse->rating > *largest) {
        out.push_back(fuseAboveSize(in, row, *fuse, *largest));
    }
    if (const ChosenFuse* other = fuseOfAnotherSource(in, row); other != nullptr && !twin) {
        out.push_back(returnTooThin(in, row, *other));
    }
    // What a fuse of the vehicle's allows is E11's.
    if (row.fuseFrom && !row.fuseFrom->leftOut && !row.fuseFrom->found &&
        !enough(row.fuseFrom->rating, row.fuseFrom->needed)) {
        out.push_back(fuseBelowLoad(in, row, *row.fuseFrom));
    }
    if (row.margins.shortCircuit > 1.0 && !twin) {
        out.push_back(shortBurnsCable(in, row));
    }
    const SquareMetres least = squareMillimetres(rule(in.library, "min_area_mm2").value);
    if (row.area < least) {
        out.push_back(tooThin(in, row, least));
    }
    checkFitting(in, row, row.from, c.from, out);
    checkFitting(in, row, row.to, c.to, out);
}

}  // namespace

Checks cableChecks(const CheckInput& input) {
    Checks out;
    for (const CableRow& row : input.cables.rows) {
        checkRow(input, row, out.findings);
    }
    for (const PathDrop& path : input.cables.drops) {
        if (path.fraction > path.limit) {
            out.findings.push_back(dropTooLarge(input, path));
        }
    }
    return out;
}

}  // namespace spirk
