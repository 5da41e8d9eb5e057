// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/find_data.h"

#include <cstdlib>
#include <filesystem>

namespace spirk {

std::string findDataFolder(const std::string& program) {
    // NOLINTNEXTLINE(concurrency-mt-unsafe): read once at start, before any thread
    if (const char* set = std::getenv("SPIRK_DATA")) {
        return set;
    }
    std::error_code ignored;
    const std::filesystem::path real = std::filesystem::canonical("/proc/self/exe", ignored);
    const std::filesystem::path folder = real.empty() ? std::filesystem::path(program) : real;
    const auto installed = folder.parent_path().parent_path() / "share" / "spirk" / "data";
    const auto built = folder.parent_path() / "data-here";
    return (std::filesystem::exists(installed / "regions.json", ignored) ? installed : built)
        .string();
}

}  // namespace spirk
