// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/topology/scene.h"

#include <algorithm>
#include <iterator>

namespace spirk {

namespace {

const TerminalId& terminalAt(const Conductor& c, End end) {
    return end == End::From ? c.from : c.to;
}

// All that was moved goes back in one step.
void offerMoveBack(const Scene& scene, std::size_t conductor, Finding& f) {
    const Conductor& c = scene.now.conductors[conductor];
    for (const End end : {End::From, End::To}) {
        if (!scene.moved(conductor, end)) {
            continue;
        }
        for (const Mend& mend : moveBack(scene.plan, c.id, terminalAt(c, end), end)) {
            if (f.mends.empty()) {
                f.mends.push_back(mend);
            } else {
                f.mends.front().label = "Move them back"_text;
                std::ranges::copy(mend.changes, std::back_inserter(f.mends.front().changes));
            }
        }
    }
}

}  // namespace

Scene::Scene(const Plan& itsPlan,
             const Library& itsLibrary,
             const System& itsGear,
             const Circuit& itIs,
             const Circuit& itWasMeant)
    : plan(itsPlan),
      library(itsLibrary),
      gear(itsGear),
      now(itIs),
      meant(itWasMeant),
      nets(now, Relays::Closed),
      meantNets(meant, Relays::Closed) {}

bool Scene::moved(std::size_t conductor, End end) const {
    return terminalAt(now.conductors[conductor], end) !=
           terminalAt(meant.conductors[conductor], end);
}

std::vector<std::size_t> Scene::movedAt(std::size_t device) const {
    std::vector<std::size_t> out;
    for (const std::size_t i : allMoved()) {
        const auto touches = [&](const EndsAt& ends) {
            return ends.from.device == device || ends.to.device == device;
        };
        const bool here = touches(now.index->ends[i]) || touches(meant.index->ends[i]);
        if (here) {
            out.push_back(i);
        }
    }
    return out;
}

std::vector<std::size_t> Scene::movedFor(std::size_t device) const {
    std::vector<std::size_t> here = movedAt(device);
    return here.empty() ? allMoved() : here;
}

std::vector<std::size_t> Scene::allMoved() const {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < now.conductors.size(); ++i) {
        if (moved(i, End::From) || moved(i, End::To)) {
            out.push_back(i);
        }
    }
    return out;
}

void blame(const Scene& scene, const std::vector<std::size_t>& conductors, Finding& f) {
    for (const std::size_t i : conductors) {
        f.where.push_back(subject(scene.now.conductors[i].id));
        offerMoveBack(scene, i, f);
    }
}

Finding aboutDevice(const Scene& scene, const std::string& rule, std::size_t device) {
    Finding f = ruled(scene.library, rule, subject(scene.now.devices[device].id));
    blame(scene, scene.movedFor(device), f);
    return f;
}

Finding aboutConductor(const Scene& scene, const std::string& rule, std::size_t conductor) {
    Finding f = ruled(scene.library, rule, subject(scene.now.conductors[conductor].id));
    offerMoveBack(scene, conductor, f);
    return f;
}

}  // namespace spirk
