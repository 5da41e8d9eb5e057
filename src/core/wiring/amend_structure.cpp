// SPDX-License-Identifier: GPL-3.0-or-later
// Amendments that change what is connected to what. Those of size, fuse and length belong to
// cables; here it is only checked that their conductor exists. One that cannot be applied is kept
// in the plan and becomes a finding.

#include <algorithm>
#include <array>

#include "core/base/promise.h"
#include "core/plan/edit.h"
#include "core/plan/own_gear.h"
#include "core/wiring/in_line.h"

namespace spirk {

namespace {

Conductor* conductorIn(Draft& draft, const ConductorId& id) {
    const auto found = std::ranges::find(draft.circuit().conductors, id, &Conductor::id);
    return found == draft.circuit().conductors.end() ? nullptr : &*found;
}

Finding cannotApply(const Amendment& amendment, const Text& reason) {
    Finding out;
    out.id = "AMEND " + english(describe(amendment));
    out.rule = "AMEND";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Amendment, targetOf(amendment).id}};
    out.what = {"An amendment no longer applies: {amendment}."_text,
                {{"amendment", describe(amendment)}}};
    out.why = {"{reason} It is kept in the plan and has no effect."_text, {{"reason", reason}}};
    out.remedy = {"Undo the change that removed its target, or remove the amendment."_text, {}};
    out.source = "Spirk"_text;
    return out;
}

Finding overruled(const Amendment& amendment, const Amendment& later) {
    Finding out;
    out.id = "AMEND earlier " + english(describe(amendment));
    out.rule = "AMEND";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Amendment, targetOf(amendment).id}};
    out.what = {"Two amendments set the same thing; this one is overruled: {amendment}."_text,
                {{"amendment", describe(amendment)}}};
    out.why = "The later one counts. Spirk does not guess which of the two is meant."_text;
    out.remedy = "Keep the one you mean."_text;
    const auto keep = [&](const Amendment& kept) {
        out.mends.push_back(
            {{"Keep: {amendment}"_text, {{"amendment", describe(kept)}}}, {Amend{kept}}});
    };
    keep(later);
    if (amendment != later) {
        keep(amendment);
    }
    return out;
}

// Judgement: whoever has more of them undoes what took their targets away, not one by one.
constexpr std::size_t kMostToldApart = 20;

Finding andMore(std::vector<Subject> where) {
    Finding out;
    out.id = "AMEND more";
    out.rule = "AMEND";
    out.severity = Severity::Fault;
    out.what = {"{n} more amendments no longer apply."_text,
                {{"n", count(static_cast<double>(where.size()))}}};
    out.why = {"What they refer to is not in the plan now. They are kept and have no effect."_text,
               {}};
    out.remedy = {"Undo the change that removed their targets, or remove the amendments."_text, {}};
    out.source = "Spirk"_text;
    out.where = std::move(where);
    return out;
}

// What each is when it is put in.
struct Parting {
    InLine what;
    InLineDevice by;
};
constexpr std::array kPartings{
    Parting{InLine::Isolator, kInLineIsolator},
    Parting{InLine::Strip,
            {DeviceKind::Joint,
             HardwareKind::Strip,
             ".strip",
             "terminal strip"_text,
             "{conductor}, behind the joint"_text}},
    Parting{InLine::Shunt,
            {DeviceKind::Shunt,
             HardwareKind::Shunt,
             ".shunt",
             "shunt"_text,
             "{conductor}, behind the shunt"_text}},
};

const Parting& partingOf(InLine what) {
    const auto* found = std::ranges::find(kPartings, what, &Parting::what);
    promise(found != kPartings.end(), "all that can be put in is in the list");
    return *found;
}

bool isParted(const Draft& draft, const ConductorId& id) {
    return std::ranges::any_of(kPartings, [&](const Parting& parting) {
        return findDevice(draft.circuit(), inLineId(id, parting.by)) != nullptr;
    });
}

void putIn(Draft& draft, const ConductorId& id, const Parting& parting) {
    Device& d = partConductor(draft, id, parting.by);
    d.name = nameOf(parting.what);
    d.part = d.name;
    d.amended = true;
    draft.circuit().conductors.back().amended = true;
    draft.conductorAt(id).amended = true;
}

std::optional<Finding> noFuse(const Amendment& amendment) {
    return cannotApply(amendment, "There is no fuse at that end."_text);
}

// Each changes a conductor that is there.
class ToConductor {
public:
    ToConductor(Draft& draft, Conductor& conductor, const Amendment& amendment)
        : draft_(draft), c_(conductor), amendment_(amendment) {}

    using Outcome = std::optional<Finding>;
    Outcome operator()(const SetSize&) const { return {}; }
    Outcome operator()(const SetLength&) const { return {}; }
    Outcome operator()(const SetHardware&) const { return {}; }
    Outcome operator()(const SetFuse& a) const {
        return fuseAt(a.end) != nullptr ? std::nullopt : noFuse(amendment_);
    }
    Outcome operator()(const SetFuseDistance& a) const {
        Protection* fuse = fuseAt(a.end);
        if (fuse == nullptr) {
            return noFuse(amendment_);
        }
        fuse->distance = a.distance;
        fuse->sheathed = a.sheathed;
        fuse->distanceSet = true;
        return changed();
    }
    Outcome operator()(const LeaveOutProtection& a) const {
        Protection* fuse = fuseAt(a.end);
        if (fuse == nullptr) {
            return noFuse(amendment_);
        }
        fuse->leftOut = true;
        return changed();
    }
    Outcome operator()(const PutInProtection& a) const {
        if (fuseAt(a.end) != nullptr) {
            return cannotApply(amendment_, "There is a fuse at that end already."_text);
        }
        Protection fuse = holderFuse(draft_);
        fuse.family = a.family;
        draft_.protect(c_.id, std::move(fuse), a.end);
        return changed();
    }
    Outcome operator()(const SetInsulation& a) const {
        const AmpacityColumn* column = findById(draft_.library.ampacity, a.insulation);
        if (column == nullptr || !column->satisfiesChecks) {
            return cannotApply(amendment_, "That insulation does not exist in this region."_text);
        }
        c_.insulation = a.insulation;
        return changed();
    }
    Outcome operator()(const PutIn& a) const {
        if (isParted(draft_, a.conductor)) {
            return cannotApply(amendment_, "Something is inserted there already."_text);
        }
        putIn(draft_, a.conductor, partingOf(a.what));
        return {};
    }
    Outcome operator()(const MoveEnd& a) const {
        if (findPort(draft_.circuit(), a.terminal) == nullptr) {
            return cannotApply(amendment_, "There is no such terminal in this plan now."_text);
        }
        (a.end == End::From ? c_.from : c_.to) = a.terminal;
        // Its old name would say where it no longer goes.
        c_.name = {"{from} to {to}"_text,
                   {{"from", findDevice(draft_.circuit(), c_.from.device)->name},
                    {"to", findDevice(draft_.circuit(), c_.to.device)->name}}};
        return changed();
    }

private:
    [[nodiscard]] Protection* fuseAt(End end) const { return draft_.protectionAt({c_.id, end}); }
    [[nodiscard]] Outcome changed() const {
        c_.amended = true;
        return {};
    }

    Draft& draft_;
    Conductor& c_;
    const Amendment& amendment_;
};

std::optional<Finding> applyToDevice(const Draft& draft, const SetHardware& set) {
    const Device* d = findDevice(draft.circuit(), set.device);
    if (d == nullptr || !d->made) {
        return cannotApply(set, "There is no such device in this plan now."_text);
    }
    const HardwareModel* model = findHardware(draft.plan, draft.library, set.model);
    if (model == nullptr || model->kind != d->made->kind) {
        return cannotApply(set, "No hardware of its kind has that name."_text);
    }
    return std::nullopt;
}

std::optional<Finding> applyOne(Draft& draft, const Amendment& amendment) {
    if (const auto* hardware = std::get_if<SetHardware>(&amendment)) {
        return applyToDevice(draft, *hardware);
    }
    Conductor* c = conductorIn(draft, *conductorOf(amendment));
    if (c == nullptr) {
        return cannotApply(amendment, "There is no such conductor in this plan now."_text);
    }
    return std::visit(ToConductor(draft, *c, amendment), amendment);
}

}  // namespace

std::vector<Finding> amendStructure(Draft& draft) {
    std::vector<Finding> findings;
    std::vector<Subject> more;
    const std::vector<Amendment>& amendments = draft.plan.amendments;
    const auto later = overruledBy(amendments);
    for (std::size_t i = 0; i < amendments.size(); ++i) {
        auto finding = later[i] ? std::optional(overruled(amendments[i], amendments[*later[i]]))
                                : applyOne(draft, amendments[i]);
        if (finding && findings.size() < kMostToldApart) {
            findings.push_back(std::move(*finding));
        } else if (finding) {
            more.push_back(finding->where.front());
        }
    }
    if (!more.empty()) {
        findings.push_back(andMore(std::move(more)));
    }
    return findings;
}

}  // namespace spirk
