// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What one way brings: its own devices and conductors, and nothing of another's. Where it hangs on
// another it asks for a post, which is looked for when all pieces stand. Private to this room.

#include "core/wiring/live_step.h"
#include "core/wiring/post.h"

namespace spirk {

enum class PathEnd { Source, Far };
// A terminal of a drop path of the piece, by its place there.
struct PathTerminal {
    std::size_t path = 0;
    PathEnd end = PathEnd::Source;
    Pole pole = Pole::Positive;
};

// The piece's conductor ends at a post, or its drop path does.
struct Ask {
    std::variant<ConductorEnd, PathTerminal> of;
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
