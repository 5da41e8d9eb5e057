// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/topology/topology.h"

#include <algorithm>
#include <iterator>
#include <set>
#include <utility>

#include "core/quantities/format.h"
#include "core/topology/scene.h"

namespace spirk {

namespace {

bool isMove(const Amendment& a) { return std::holds_alternative<MoveEnd>(a); }

void append(std::vector<Finding>& into, std::vector<Finding> from) {
    std::ranges::move(from, std::back_inserter(into));
}

// One mistake is said once: what shares a conductor or a device with a graver finding follows from
// it.
void drop(std::vector<Finding>& more, const std::vector<Finding>& graver) {
    std::erase_if(more, [&](const Finding& f) {
        return std::ranges::any_of(graver, [&](const Finding& g) {
            return std::ranges::find_first_of(g.where, f.where) != g.where.end();
        });
    });
}

// Names, the first few of many.
Text fewOf(std::vector<Text> names) {
    constexpr std::size_t kFew = 4;
    const std::size_t rest = names.size() > kFew + 1 ? names.size() - kFew : 0;
    names.resize(names.size() - rest);
    return rest == 0 ? listed(names)
                     : Text("{names} and {n} more"_text,
                            {{"names", listed(names)}, {"n", count(static_cast<int>(rest))}});
}

// Of what a walk finds along one moved conductor, the first speaks for all, and names them.
std::vector<Finding> once(const Scene& scene, std::vector<Finding> found) {
    std::vector<Finding> out;
    std::vector<std::vector<Text>> others;
    for (Finding& f : found) {
        const auto same = std::ranges::find_if(out, [&](const Finding& g) {
            return std::ranges::find_first_of(g.where, f.where) != g.where.end();
        });
        if (same == out.end()) {
            out.push_back(std::move(f));
            others.emplace_back();
            continue;
        }
        const Device* device = findDevice(scene.now, DeviceId(f.where.front().id));
        if (device != nullptr && same->rule == f.rule) {
            others[static_cast<std::size_t>(same - out.begin())].push_back(device->name);
        }
    }
    for (std::size_t i = 0; i < out.size(); ++i) {
        if (!others[i].empty()) {
            out[i].what = then(std::move(out[i].what),
                               {"So it is with {devices}."_text, {{"devices", fewOf(others[i])}}});
        }
    }
    return out;
}

std::vector<Finding> walked(const Scene& scene) {
    std::vector<Finding> out = reversedBatteries(scene);
    append(out, shorts(scene));
    if (out.empty()) {
        for (const auto walk : {reversals,
                                unlimitedSources,
                                beforeTheSwitch,
                                shuntReversed,
                                bondsOnPlus,
                                chassisLoops,
                                withoutEngineReturn,
                                unfed}) {
            std::vector<Finding> more = once(scene, walk(scene));
            drop(more, out);
            append(out, std::move(more));
        }
    }
    std::vector<Finding> nowhere = leadingNowhere(scene);
    drop(nowhere, out);
    append(out, std::move(nowhere));
    return out;
}

// The plan without the moves that the findings name; without any where they name none.
Plan without(Plan plan, const std::vector<Finding>& findings) {
    std::set<std::string> named;
    for (const Finding& f : findings) {
        for (const Subject& s : f.where) {
            named.insert(s.id);
        }
    }
    // A conductor that was parted since it was moved goes by the names of its parts.
    const auto isNamed = [&](const MoveEnd& moved) {
        return std::ranges::any_of(
            named, [&](const std::string& id) { return id.starts_with(moved.conductor.value); });
    };
    const std::size_t before = plan.amendments.size();
    std::erase_if(plan.amendments,
                  [&](const Amendment& a) { return isMove(a) && isNamed(std::get<MoveEnd>(a)); });
    if (plan.amendments.size() == before) {
        std::erase_if(plan.amendments, isMove);
    }
    return plan;
}

}  // namespace

Topology judgeTopology(const Plan& plan,
                       const Library& library,
                       const System& gear,
                       const Needs& needs,
                       const Wiring& wiring) {
    Topology out;
    if (std::ranges::none_of(plan.amendments, isMove)) {
        out.findings = nothingCharges({plan, library, gear, wiring.circuit, wiring.circuit});
        return out;
    }
    Plan asMeant = plan;
    std::erase_if(asMeant.amendments, isMove);
    const Wiring meant = wire(asMeant, library, gear, needs);
    out.findings = walked({plan, library, gear, wiring.circuit, meant.circuit});
    std::vector<Finding> left = out.findings;
    for (Plan fewer = plan; !left.empty();) {
        fewer = without(std::move(fewer), left);
        out.sound = wire(fewer, library, gear, needs);
        left = walked({fewer, library, gear, out.sound->circuit, meant.circuit});
    }
    append(out.findings, nothingCharges({plan, library, gear, wiring.circuit, meant.circuit}));
    return out;
}

}  // namespace spirk
