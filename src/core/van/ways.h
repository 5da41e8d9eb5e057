// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The wire ways of a van as a net: shortest ways between its places.

#include <map>
#include <optional>
#include <vector>

#include "core/plan/plan.h"

namespace spirk {

// Places passed, both ends included; empty where there is no way.
struct ShortestWay {
    std::vector<PlaceId> places;
    Metres length;
};

// `van` must outlive it. All ways from one place are found at once, when the first is asked for.
class Ways {
public:
    explicit Ways(const Van& van);

    // Null where there is no such place.
    [[nodiscard]] const VanPlace* place(const PlaceId& id) const;
    // Of ways of one length the one whose places come first by their ids.
    [[nodiscard]] ShortestWay shortest(const PlaceId& from, const PlaceId& to);

private:
    struct Step {
        PlaceId to;
        Metres length;
    };
    struct Reached {
        Metres length;
        std::optional<PlaceId> before;  // nothing: the start
    };
    using Tree = std::map<PlaceId, Reached>;
    [[nodiscard]] Tree treeFrom(const PlaceId& from) const;
    [[nodiscard]] static ShortestWay backFrom(const PlaceId& to, const Tree& tree);

    std::map<PlaceId, const VanPlace*> places_;
    std::map<PlaceId, std::vector<Step>> steps_;
    std::map<PlaceId, Tree> trees_;  // by where they start
};

}  // namespace spirk
