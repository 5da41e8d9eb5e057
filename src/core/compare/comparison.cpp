// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/compare/comparison.h"

#include <algorithm>
#include <cmath>
#include <set>
#include <tuple>

#include "core/base/promise.h"
#include "core/cables/figures.h"
#include "core/cables/fuse_curve.h"
#include "core/plan/edit.h"

namespace spirk {

namespace {

struct FuseKind {
    std::string family;
    Amps rating;
    bool operator==(const FuseKind&) const = default;
};

// Findings of `a` that `b` has not, by id.
std::vector<Finding> onlyIn(const Design& a, const Design& b) {
    std::vector<Finding> out;
    for (const Finding& finding : a.checks.findings) {
        if (std::ranges::find(b.checks.findings, finding.id, &Finding::id) ==
            b.checks.findings.end()) {
            out.push_back(finding);
        }
    }
    return out;
}

// `amendment` in the plan of `now`; all but its name and whether it was computed.
Alternative tried(const Design& now,
                  const Library& library,
                  const ConductorId& id,
                  const Amendment& amendment) {
    const Design then = design(amended(now.plan, amendment), library);
    Alternative out;
    out.margins = findRow(then.cables, id)->margins;
    out.priceMore = then.build.price - now.build.price;
    out.weightMoreKg = then.build.weightKg - now.build.weightKg;
    out.raised = onlyIn(then, now);
    out.ended = onlyIn(now, then);
    return out;
}

Alternative asItIs(const CableRow& row) {
    Alternative out;
    out.isChosen = true;
    out.margins = row.margins;
    return out;
}

std::vector<Alternative> sizes(const Design& now, const Library& library, const CableRow& row) {
    std::set<SquareMetres> areas{row.area, row.computedArea};
    const auto& sold = library.conductors;
    for (std::size_t i = 0; i < sold.size(); ++i) {
        const bool isOne = sold[i].area == row.area || sold[i].area == row.computedArea;
        if (isOne && i > 0) {
            areas.insert(sold[i - 1].area);
        }
        if (isOne && i + 1 < sold.size()) {
            areas.insert(sold[i + 1].area);
        }
    }
    std::vector<Alternative> out;
    for (const SquareMetres area : areas) {
        out.push_back(area == row.area ? asItIs(row)
                                       : tried(now, library, row.id, SetSize{row.id, area}));
        out.back().what = {"{size}"_text, {{"size", measure(area)}}};
        out.back().isComputed = area == row.computedArea;
    }
    return out;
}

// The rating before and after `rating` in its family, and itself.
void addNeighbours(std::vector<FuseKind>& out, const FuseFamily& family, Amps rating) {
    const auto at = std::ranges::lower_bound(family.ratings, rating);
    if (at != family.ratings.begin()) {
        out.push_back({family.id, *(at - 1)});
    }
    out.push_back({family.id, rating});
    const auto next = std::ranges::upper_bound(family.ratings, rating);
    if (next != family.ratings.end()) {
        out.push_back({family.id, *next});
    }
}

std::vector<FuseKind> fuseKinds(const Library& library, const ChosenFuse& fuse) {
    std::vector<FuseKind> out;
    addNeighbours(out, familyOf(library, fuse.computedFamily), fuse.computedRating);
    addNeighbours(out, familyOf(library, fuse.family), fuse.rating);
    for (const FuseFamily& family : library.fuses) {
        const auto rating = ratingFor(family, fuse.needed);
        if (rating && family.id != fuse.computedFamily && family.id != fuse.family) {
            out.push_back({family.id, *rating});
        }
    }
    std::ranges::sort(out, [](const FuseKind& a, const FuseKind& b) {
        return std::tie(a.family, a.rating) < std::tie(b.family, b.rating);
    });
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

std::vector<Alternative> fuses(const Design& now,
                               const Library& library,
                               const CableRow& row,
                               End end) {
    const auto& fitted = end == End::From ? row.fuseFrom : row.fuseTo;
    if (!fitted || fitted->leftOut) {
        return {};
    }
    const ChosenFuse& fuse = *fitted;
    std::vector<Alternative> out;
    for (const FuseKind& kind : fuseKinds(library, fuse)) {
        const bool isChosen = kind == FuseKind{fuse.family, fuse.rating};
        const SetFuse amendment{row.id, end, kind.family, kind.rating};
        out.push_back(isChosen ? asItIs(row) : tried(now, library, row.id, amendment));
        out.back().what = {
            "{family}, {rating}"_text,
            {{"family", familyOf(library, kind.family).name}, {"rating", measure(kind.rating)}}};
        out.back().isComputed = kind == FuseKind{fuse.computedFamily, fuse.computedRating};
    }
    return out;
}

Text afterAnother(Text first, Text second) {
    if (first.empty() || second.empty()) {
        return first.empty() ? second : first;
    }
    return {"{first}; {second}"_text, {{"first", std::move(first)}, {"second", std::move(second)}}};
}

// Empty where there are none. Requires that the phrase has '{findings}'.
Text listed(Phrase phrase, const std::vector<Finding>& findings) {
    Text out;
    for (const Finding& f : findings) {
        out = afterAnother(std::move(out),
                           {"{rule}: {what}"_text, {{"rule", f.rule}, {"what", f.what}}});
    }
    return out.empty() ? out : Text(phrase, {{"findings", std::move(out)}});
}

Text named(const Alternative& a) {
    const std::vector<TextValue> what{{"what", a.what}};
    if (a.isChosen) {
        return {a.isComputed ? "{what} (as it is) (computed)"_text : "{what} (as it is)"_text,
                what};
    }
    return {a.isComputed ? "{what} (computed)"_text : "{what}"_text, what};
}

}  // namespace

std::vector<Alternative> alternatives(const Design& design,
                                      const Library& library,
                                      const ConductorId& conductor,
                                      Compared compared) {
    const Conductor* c = findConductor(design.wiring.circuit, conductor);
    if (c == nullptr || !isOurs(*c)) {
        return {};
    }
    const CableRow& row = *findRow(design.cables, conductor);
    switch (compared) {
        case Compared::Size:
            return sizes(design, library, row);
        case Compared::FuseFrom:
            return fuses(design, library, row, End::From);
        case Compared::FuseTo:
            return fuses(design, library, row, End::To);
    }
    unreachable("alternatives(Compared)");
}

std::optional<ComparedFigure> comparedBy(const Design& design, const FigureId& figure) {
    for (const CableRow& row : design.cables.rows) {
        if (figure == cableFigure(row.id, "size")) {
            return ComparedFigure{row.id, Compared::Size};
        }
        if (figure == fuseFigure(row.id, End::From)) {
            return ComparedFigure{row.id, Compared::FuseFrom};
        }
        if (figure == fuseFigure(row.id, End::To)) {
            return ComparedFigure{row.id, Compared::FuseTo};
        }
    }
    return std::nullopt;
}

Text verdict(const Alternative& alternative) {
    return afterAnother(listed("adds {findings}"_text, alternative.raised),
                        listed("removes {findings}"_text, alternative.ended));
}

std::string asText(const std::vector<Alternative>& alternatives,
                   const std::string& currency,
                   const Speech& speech) {
    std::string out = alternatives.empty() ? "" : say(Text("Compared with:"_text), speech) + "\n";
    for (const Alternative& a : alternatives) {
        out += "  " + say(Text("{alternative}: {part} of the limit is used"_text,
                               {{"alternative", named(a)}, {"part", percent(mostUsed(a.margins))}}),
                          speech);
        if (!a.isChosen) {
            out += ", " + std::string(a.priceMore < 0.0 ? "-" : "+") +
                   formatPrice(std::fabs(a.priceMore), currency);
        }
        const std::string said = say(verdict(a), speech);
        out += said.empty() ? "\n" : "\n    " + said + "\n";
    }
    return out;
}

}  // namespace spirk
