// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/van/ways.h"

#include <algorithm>
#include <set>

namespace spirk {

Ways::Ways(const Van& van) {
    for (const VanPlace& place : van.places) {
        places_.try_emplace(place.id, &place);
    }
    for (const WireWay& way : van.ways) {
        steps_[way.from].push_back({way.to, way.length});
        steps_[way.to].push_back({way.from, way.length});
    }
}

const VanPlace* Ways::place(const PlaceId& id) const {
    const auto found = places_.find(id);
    return found == places_.end() ? nullptr : found->second;
}

// Dijkstra's; the nearest place next, of several the first by its id.
Ways::Tree Ways::treeFrom(const PlaceId& from) const {
    Tree tree{{from, {metres(0.0), std::nullopt}}};
    std::set<std::pair<Metres, PlaceId>> open{{metres(0.0), from}};
    while (!open.empty()) {
        const auto [length, here] = *open.begin();
        open.erase(open.begin());
        const auto steps = steps_.find(here);
        if (steps == steps_.end()) {
            continue;
        }
        for (const Step& step : steps->second) {
            const Metres there = length + step.length;
            const auto known = tree.find(step.to);
            if (known != tree.end() && known->second.length <= there) {
                continue;
            }
            if (known != tree.end()) {
                open.erase({known->second.length, step.to});
            }
            tree[step.to] = {there, here};
            open.insert({there, step.to});
        }
    }
    return tree;
}

// The way back from `to` to where its tree starts: `to` first.
ShortestWay Ways::backFrom(const PlaceId& to, const Tree& tree) {
    const auto end = tree.find(to);
    if (end == tree.end()) {
        return {};
    }
    ShortestWay out{{to}, end->second.length};
    for (auto before = end->second.before; before; before = tree.at(*before).before) {
        out.places.push_back(*before);
    }
    return out;
}

ShortestWay Ways::shortest(const PlaceId& from, const PlaceId& to) {
    if (place(from) == nullptr || place(to) == nullptr) {
        return {};
    }
    // Leads go out from few places and come back to them: a tree serves both.
    const auto back = trees_.find(to);
    if (back != trees_.end()) {
        return backFrom(from, back->second);
    }
    auto tree = trees_.find(from);
    if (tree == trees_.end()) {
        tree = trees_.emplace(from, treeFrom(from)).first;
    }
    ShortestWay out = backFrom(to, tree->second);
    std::ranges::reverse(out.places);
    return out;
}

}  // namespace spirk
