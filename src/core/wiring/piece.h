// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What one way brings: its own devices and conductors, and nothing of another's. Where it hangs on
// another it asks for a post, which is looked for when all pieces stand. Private to this room.

#include "core/wiring/live_step.h"
#include "core/wiring/post.h"

namespace spirk {

// The piece's conductor ends, or its port has its counter-terminal, at a post.
struct Ask {
    std::variant<ConductorEnd, TerminalId> of;
    Post post;
};

// A terminal of the piece is a post; a fuse there sits in what the terminal belongs to.
struct Offer {
    Post post;
    TerminalId at;
    Holds holds = Holds::Itself;
};

struct Piece {
    Circuit circuit;  // its part
    std::vector<Ask> asks;
    std::vector<Offer> offers;
    std::vector<LiveStep> steps;
    std::vector<WantedSetting> settings;
};

// All pieces in one, in their order, with what they asked for.
[[nodiscard]] Piece joined(std::vector<Piece> pieces);

}  // namespace spirk
