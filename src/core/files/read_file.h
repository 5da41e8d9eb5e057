// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Files from outside: only regular ones, only up to a size. What cannot be read is told apart:
// missing, a folder, not permitted, empty, too large, no file at all.

#include <cstddef>
#include <string>

#include "core/result/result.h"

namespace spirk {

// Judgement: a hundred times what the largest plan that may be entered takes; less than would
// make a machine slow.
inline constexpr std::size_t kMostFileBytes = 32U << 20U;

// The text of a file. A device, pipe or socket is refused without waiting for it.
[[nodiscard]] Result<std::string> readFile(const std::string& path);

// Whether both paths are one file, by whatever links and ways round; false where one is missing.
[[nodiscard]] bool sameFile(const std::string& a, const std::string& b);

}  // namespace spirk
