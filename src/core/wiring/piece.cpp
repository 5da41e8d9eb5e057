// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/piece.h"

#include <algorithm>

#include "core/base/match.h"
#include "core/base/promise.h"

namespace spirk {

namespace {

template <class T>
void append(std::vector<T>& to, std::vector<T>& from) {
    to.insert(to.end(), std::make_move_iterator(from.begin()), std::make_move_iterator(from.end()));
}

const Offer& offered(const std::vector<Offer>& offers, const Post& post) {
    const auto found = std::ranges::find(offers, post, &Offer::post);
    promise(found != offers.end(), "what a piece asks for is there");
    return *found;
}

// A distributor holds the fuse at its post: nothing lies between.
void holdFuse(std::vector<Protection>& protections, const ConductorEnd& end, Holds holds) {
    for (Protection& p : protections) {
        const bool here = std::ranges::find(p.poles, end) != p.poles.end();
        if (here && holds != Holds::Itself) {
            p.holds = holds;
            p.distance = metres(0.0);
        }
    }
}

void answer(Circuit& part, const Ask& ask, const Offer& offer) {
    match(
        ask.of,
        [&](const ConductorEnd& end) {
            Conductor& c = *std::ranges::find(part.conductors, end.conductor, &Conductor::id);
            (end.end == End::From ? c.from : c.to) = offer.at;
            holdFuse(part.protections, end, offer.holds);
        },
        [&](const PathTerminal& at) {
            DropPath& path = part.paths[at.path];
            TerminalPair& pair = at.end == PathEnd::Source ? path.source : path.far;
            (at.pole == Pole::Positive ? pair.pos : pair.neg) = offer.at;
        });
}

void findPosts(LiveStep& step, const std::vector<Offer>& offers) {
    for (Look& look : step.looks) {
        for (WantedReading& reading : look.readings) {
            if (const auto* post = std::get_if<Post>(&reading.at)) {
                reading.at = offered(offers, *post).at;
            }
        }
    }
}

}  // namespace

Piece joined(std::vector<Piece> pieces) {
    Piece out;
    for (Piece& piece : pieces) {
        append(out.offers, piece.offers);
    }
    for (Piece& piece : pieces) {
        for (const Ask& ask : piece.asks) {
            answer(piece.circuit, ask, offered(out.offers, ask.post));
        }
        append(out.circuit.devices, piece.circuit.devices);
        append(out.circuit.conductors, piece.circuit.conductors);
        append(out.circuit.protections, piece.circuit.protections);
        append(out.circuit.paths, piece.circuit.paths);
        for (LiveStep& step : piece.steps) {
            findPosts(step, out.offers);
        }
        append(out.steps, piece.steps);
        append(out.settings, piece.settings);
    }
    return out;
}

}  // namespace spirk
