// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/design/tried_mends.h"

#include <algorithm>
#include <map>

#include "core/plan/edit.h"

namespace spirk {

namespace {

// How grave each finding of a design is, by its id.
std::map<std::string, Severity> gravityOf(const Design& design) {
    std::map<std::string, Severity> out;
    for (const Finding& f : design.checks.findings) {
        out.emplace(f.id, f.severity);
    }
    return out;
}

class Trial {
public:
    Trial(const Design& design, const Library& library, const Finding& finding)
        : design_(design), library_(library), finding_(finding), before_(gravityOf(design)) {}

    [[nodiscard]] TriedMend of(const Mend& mend) const {
        TriedMend out = tried(mend);
        Mend next = mend;
        for (int k = 0; k < kMostLarger && out.against != Against::Nothing && goUp(next); ++k) {
            TriedMend larger = tried(next);
            if (larger.against == Against::Nothing) {
                return larger;
            }
        }
        return out;
    }

private:
    [[nodiscard]] TriedMend tried(const Mend& mend) const {
        if (!applies(design_.plan, mend)) {
            return {mend, Against::DoesNotApply, {}};
        }
        const Design after = spirk::design(apply(design_.plan, mend), library_);
        return {mend, against(after), standingFigures(after)};
    }

    // Judgement: what four sizes more do not mend, thickness does not.
    static constexpr int kMostLarger = 4;

    // More grave is less by its number.
    [[nodiscard]] Against against(const Design& after) const {
        Against out = Against::Nothing;
        for (const Finding& f : after.checks.findings) {
            if (f.id == finding_.id) {
                return Against::DoesNotEndIt;
            }
            const auto was = before_.find(f.id);
            const bool worse =
                (was == before_.end() || f.severity < was->second) && !wasHidden(after, f);
            if (worse && f.severity == Severity::Danger) {
                out = Against::BringsDanger;
            } else if (worse && f.severity <= finding_.severity && out == Against::Nothing) {
                out = Against::BringsAsGrave;
            }
        }
        return out;
    }

    // One mistake of connection hides others: what the person changed elsewhere comes to light when
    // it is mended, and is not the mend's doing.
    [[nodiscard]] bool wasHidden(const Design& after, const Finding& f) const {
        if (!design_.topology.sound) {
            return false;
        }
        return std::ranges::any_of(after.plan.amendments, [&](const Amendment& amendment) {
            return std::ranges::find(f.where, targetOf(amendment)) != f.where.end();
        });
    }

    // To the next size that is sold; false where the mend sets none, or none is larger.
    [[nodiscard]] bool goUp(Mend& mend) const {
        if (mend.changes.size() != 1) {
            return false;
        }
        auto* amend = std::get_if<Amend>(&mend.changes.front());
        auto* size = amend == nullptr ? nullptr : std::get_if<SetSize>(&amend->amendment);
        if (size == nullptr) {
            return false;
        }
        const auto next = std::ranges::upper_bound(
            library_.conductors, size->area, {}, [](const ConductorRow& r) { return r.area; });
        if (next == library_.conductors.end()) {
            return false;
        }
        size->area = next->area;
        mend.label = {"Use {size}"_text, {{"size", measure(size->area)}}};
        return true;
    }

    const Design& design_;
    const Library& library_;
    const Finding& finding_;
    std::map<std::string, Severity> before_;
};

}  // namespace

std::vector<TriedMend> triedMends(const Design& design,
                                  const Library& library,
                                  const Finding& finding) {
    const Trial trial(design, library, finding);
    std::vector<TriedMend> out;
    for (const Mend& mend : finding.mends) {
        out.push_back(trial.of(mend));
    }
    return out;
}

std::vector<TriedMend> mendsToOffer(const Design& design,
                                    const Library& library,
                                    const Finding& finding) {
    std::vector<TriedMend> out;
    for (TriedMend& tried : triedMends(design, library, finding)) {
        const bool again = std::ranges::find(
                               out, tried.mend.changes, [](const TriedMend& t) -> const auto& {
                                   return t.mend.changes;
                               }) != out.end();
        if (tried.against == Against::Nothing && !again) {
            out.push_back(std::move(tried));
        }
    }
    return out;
}

OfferedMends allMendsToOffer(const Design& design, const Library& library) {
    OfferedMends out;
    for (const Finding& f : design.checks.findings) {
        if (auto offered = mendsToOffer(design, library, f); !offered.empty()) {
            out.emplace(f.id, std::move(offered));
        }
    }
    return out;
}

}  // namespace spirk
