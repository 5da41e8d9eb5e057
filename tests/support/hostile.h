// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Files that are wrong or meant to hurt, each named by its fault: tests/hostile/refused holds what
// must not be opened, tests/hostile/accepted what must be opened and must do no harm.

#include <algorithm>
#include <filesystem>
#include <string>
#include <vector>

namespace spirk::test {

[[nodiscard]] inline std::vector<std::string> hostileFiles(const std::string& kind,
                                                           const std::string& ending = ".spirk") {
    std::vector<std::string> out;
    const std::string folder = std::string(SPIRK_SOURCE_DIR) + "/tests/hostile/" + kind;
    for (const auto& entry : std::filesystem::directory_iterator(folder)) {
        if (entry.path().extension() == ending) {
            out.push_back(entry.path().string());
        }
    }
    std::ranges::sort(out);
    return out;
}

}  // namespace spirk::test
