// SPDX-License-Identifier: GPL-3.0-or-later
// Amendments that change what is connected to what. Those of size, fuse and length belong to
// cables; here it is only checked that their conductor exists. One that cannot be applied is kept
// in the plan and becomes a finding.

#include <algorithm>

#include "core/base/match.h"
#include "core/plan/edit.h"
#include "core/wiring/draft.h"

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
    out.where = {{SubjectKind::Amendment, conductorOf(amendment).value}};
    out.what = {"An amendment no longer applies: {amendment}."_text,
                {{"amendment", describe(amendment)}}};
    out.why = {"{reason} It is kept in the plan and changes nothing."_text, {{"reason", reason}}};
    out.remedy = {"Undo the change that removed its target, or remove the amendment."_text, {}};
    out.source = "Spirk"_text;
    return out;
}

Finding overruled(const Amendment& amendment, const Amendment& later) {
    Finding out;
    out.id = "AMEND earlier " + english(describe(amendment));
    out.rule = "AMEND";
    out.severity = Severity::Fault;
    out.where = {{SubjectKind::Amendment, conductorOf(amendment).value}};
    out.what = {"Two amendments say what one thing is; this one is overruled: {amendment}."_text,
                {{"amendment", describe(amendment)}}};
    out.why = "The later one counts. Which of the two is meant is not guessed."_text;
    out.remedy = "Keep the one that is meant."_text;
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
    out.why = {"What they name is not in this plan now. They are kept and change nothing."_text,
               {}};
    out.remedy = {"Undo the change that removed their targets, or remove the amendments."_text, {}};
    out.source = "Spirk"_text;
    out.where = std::move(where);
    return out;
}

std::string isolatorIn(const ConductorId& id) { return id.value + ".isolator"; }

// Splits the conductor: its first part keeps its id and ends at the isolator.
void insertIsolator(Draft& draft, const ConductorId& id) {
    const std::string isolatorId = isolatorIn(id);
    draft.unit = conductorIn(draft, id)->unit;
    Device& isolator = draft.hardware(isolatorId, DeviceKind::Isolator, "isolator");
    isolator.amended = true;
    const Pole pole = conductorIn(draft, id)->pole;
    Draft::port(isolator, "a", draft.connectionOf("isolator"), pole);
    Draft::port(isolator, "b", draft.connectionOf("isolator"), pole);
    draft.contact(isolator, "isolator", {{0, 1}});
    Conductor* first = conductorIn(draft, id);
    Conductor second = *first;
    second.id = ConductorId(id.value + ".after");
    second.name = {"{conductor}, behind the isolator"_text, {{"conductor", second.name}}};
    second.from = terminal(isolatorId, "b");
    second.pair.reset();  // the other pole goes on with the first part
    if (second.purpose == Purpose::Lead || second.purpose == Purpose::Feed) {
        second.purpose = Purpose::Link;  // it no longer comes from where the first part does
    }
    second.amended = true;
    first->to = terminal(isolatorId, "a");
    if (Protection* far = draft.protectionAt({id, End::To})) {
        std::ranges::find(far->poles, ConductorEnd{id, End::To})->conductor = second.id;
    }
    first->amended = true;
    draft.circuit().conductors.push_back(std::move(second));
}

std::optional<Finding> applyOne(Draft& draft, const Amendment& amendment) {
    Conductor* c = conductorIn(draft, conductorOf(amendment));
    if (c == nullptr) {
        return cannotApply(amendment, "There is no such conductor in this plan now."_text);
    }
    return match(
        amendment,
        [](const SetSize&) { return std::optional<Finding>(); },
        [](const SetLength&) { return std::optional<Finding>(); },
        [&](const SetFuse& a) -> std::optional<Finding> {
            return draft.protectionAt({c->id, a.end}) != nullptr
                       ? std::nullopt
                       : std::optional(
                             cannotApply(amendment, "There is no fuse at that end."_text));
        },
        [&](const SetFuseDistance& a) -> std::optional<Finding> {
            Protection* fuse = draft.protectionAt({c->id, a.end});
            if (fuse == nullptr) {
                return cannotApply(amendment, "There is no fuse at that end."_text);
            }
            fuse->distance = a.distance;
            fuse->distanceSet = true;
            c->amended = true;
            return std::nullopt;
        },
        [&](const InsertIsolator& a) -> std::optional<Finding> {
            if (findDevice(draft.circuit(), DeviceId(isolatorIn(a.conductor))) != nullptr) {
                return cannotApply(amendment, "There is an isolator in it already."_text);
            }
            insertIsolator(draft, a.conductor);
            return std::nullopt;
        },
        [&](const LeaveOutProtection& a) -> std::optional<Finding> {
            Protection* fuse = draft.protectionAt({c->id, a.end});
            if (fuse == nullptr) {
                return cannotApply(amendment, "There is no fuse at that end."_text);
            }
            fuse->leftOut = true;
            c->amended = true;
            return std::nullopt;
        },
        [&](const MoveEnd& a) -> std::optional<Finding> {
            if (findPort(draft.circuit(), a.terminal) == nullptr) {
                return cannotApply(amendment, "There is no such terminal in this plan now."_text);
            }
            (a.end == End::From ? c->from : c->to) = a.terminal;
            // Its old name would say where it no longer goes.
            c->name = {"{from} to {to}"_text,
                       {{"from", findDevice(draft.circuit(), c->from.device)->name},
                        {"to", findDevice(draft.circuit(), c->to.device)->name}}};
            c->amended = true;
            return std::nullopt;
        });
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
