// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Strings of panels in parallel: what the others can drive into a faulty one, and the fuse that
// each then needs.

#include <optional>

#include "core/system/system.h"

namespace spirk {

// All strings at one controller, whichever panels they are of.
struct ParallelStrings {
    int number = 0;
    const SunUnit* weakest = nullptr;  // whose panel bears least
    // 1.25 times the short-circuit current of all but the weakest's own string.
    Amps others;
    Amps bears;  // largest series fuse of the weakest
    // Bounds of the fuse of a string, and the rating that is made between them; none is where
    // nothing lies between.
    Amps least;
    std::optional<Amps> rating;
    // The others exceed what a panel bears (IEC 62548; NEC 690.9(A) with its factor of 1.25).
    [[nodiscard]] bool needsFuses() const { return others > bears; }
};
// `panels` is a controller's own, or more beside them.
[[nodiscard]] ParallelStrings stringsAt(const Library& library,
                                        const System& gear,
                                        const SunUnit& panels);

// The fuse that each string of these panels gets: where one is needed and made, and the person does
// not do without.
[[nodiscard]] std::optional<Amps> stringFuse(const Library& library,
                                             const System& gear,
                                             const SunUnit& panels);

// The family of string fuses. Requires that the library has it.
[[nodiscard]] const FuseFamily& stringFuseFamily(const Library& library);

}  // namespace spirk
