// SPDX-License-Identifier: GPL-3.0-or-later
// The house: no arrow against the order of rooms, no Qt in the core, no station that knows another.
#include <gtest/gtest.h>

#include <algorithm>
#include <array>
#include <filesystem>
#include <fstream>
#include <regex>
#include <string>
#include <string_view>
#include <vector>

namespace {

namespace fs = std::filesystem;

// A room includes itself and rooms before it.
constexpr std::array<const char*, 26> kRooms{
    "base",    "quantities", "text",    "result",    "files",   "reading", "explain",
    "library", "plan",       "gear",    "needs",     "system",  "supply",  "circuit",
    "wiring",  "topology",   "van",     "cables",    "diagram", "checks",  "build",
    "powerup", "design",     "compare", "firstplan", "exchange"};

struct Include {
    fs::path file;
    std::string target;
};

std::vector<Include> includesUnder(const std::string& folder) {
    const std::regex pattern("^\\s*#\\s*include\\s*[<\"]([^>\"]+)[>\"]");
    std::vector<Include> out;
    for (const auto& entry :
         fs::recursive_directory_iterator(fs::path(SPIRK_SOURCE_DIR) / folder)) {
        const std::string ending = entry.path().extension().string();
        if (ending != ".h" && ending != ".cpp") {
            continue;
        }
        std::ifstream in(entry.path());
        std::smatch match;
        for (std::string line; std::getline(in, line);) {
            if (std::regex_search(line, match, pattern)) {
                out.push_back({entry.path(), match[1]});
            }
        }
    }
    return out;
}

std::string roomOf(const std::string& path) {
    const std::size_t begin = path.find("core/");
    const std::string rest = path.substr(begin + 5);
    return rest.substr(0, rest.find('/'));
}

std::ptrdiff_t rank(const std::string& room) {
    return std::find(kRooms.begin(), kRooms.end(), room) - kRooms.begin();
}

TEST(Rooms, NoArrowRunsAgainstTheOrder) {
    int seen = 0;
    for (const Include& i : includesUnder("src/core")) {
        if (!i.target.starts_with("core/")) {
            EXPECT_FALSE(i.target.starts_with("app/") || i.target.starts_with("paper/") ||
                         i.target.starts_with("cli/"))
                << i.file << " includes " << i.target;
            continue;
        }
        ++seen;
        const std::string from = roomOf(i.file.generic_string());
        ASSERT_LT(rank(from), static_cast<std::ptrdiff_t>(kRooms.size()))
            << "a room without a place in the order: " << from;
        EXPECT_LE(rank(roomOf(i.target)), rank(from)) << i.file << " includes " << i.target;
    }
    EXPECT_GT(seen, 100);
}

TEST(Rooms, TheCoreHasNoQt) {
    for (const Include& i : includesUnder("src/core")) {
        EXPECT_FALSE(i.target.starts_with("Q")) << i.file << " includes " << i.target;
    }
}

TEST(Rooms, PaperHasNoWidgetsAndNoWindow) {
    for (const Include& i : includesUnder("src/paper")) {
        EXPECT_FALSE(i.target.starts_with("app/") || i.target.starts_with("cli/")) << i.file;
        for (const char* widget : {"QWidget", "QApplication", "QLabel", "QMainWindow"}) {
            EXPECT_NE(i.target, widget) << i.file;
        }
    }
}

TEST(Rooms, NoStationKnowsAnother) {
    for (const Include& i : includesUnder("src/app")) {
        const std::string path = i.file.generic_string();
        const std::string rest = path.substr(path.find("src/app/") + 8);
        const std::string from =
            rest.find('/') == std::string::npos ? "" : rest.substr(0, rest.find('/'));
        if (!i.target.starts_with("app/") || from.empty() || from == "shell") {
            continue;
        }
        const std::string to = i.target.substr(4, i.target.find('/', 4) - 4);
        // What is no station has its place in this order.
        constexpr std::array<std::string_view, 4> kParts{"shared", "dialogs", "files", "menus"};
        const auto upTo = std::ranges::find(kParts, from);
        const bool below = upTo != kParts.end() && std::find(kParts.begin(), upTo, to) != upTo;
        EXPECT_TRUE(to == from || to == "shared" || below) << i.file << " includes " << i.target;
    }
}

TEST(Rooms, EverySourceFileNamesItsLicence) {
    for (const char* folder : {"src", "tests", "bench"}) {
        for (const auto& entry :
             fs::recursive_directory_iterator(fs::path(SPIRK_SOURCE_DIR) / folder)) {
            const std::string ending = entry.path().extension().string();
            if (ending != ".h" && ending != ".cpp") {
                continue;
            }
            std::ifstream in(entry.path());
            std::string line;
            std::getline(in, line);
            EXPECT_EQ(line, "// SPDX-License-Identifier: GPL-3.0-or-later") << entry.path();
        }
    }
}

}  // namespace
