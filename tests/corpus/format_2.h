// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Plans of formats 1 and 2 as people have them on their disks, held still while the house changes:
// the demos as they were, and random ones made by seed. Nothing here knows today's types, so that
// these plans stay what they are whatever becomes of those.

#include <string>

namespace spirk::test {

inline constexpr int kCorpusSize = 500;

// The text of a plan file of format 2: any kind of system that the format can say, sensible or not,
// with amendments, given numbers, places and accepted findings. The same seed gives the same text.
[[nodiscard]] std::string format2Plan(int seed);

}  // namespace spirk::test
