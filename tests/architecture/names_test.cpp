// SPDX-License-Identifier: GPL-3.0-or-later
// Nobody asks what a device is called: outside the rooms that give names, none of them is spelled
// out.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <regex>
#include <string>
#include <vector>

namespace {

namespace fs = std::filesystem;

// Lines of the core outside `wiring` with a literal that begins like an id of a device or a
// conductor; but where the stems stand that a new plan begins with. Names of tables and of kinds of
// devices and gear only look like one.
std::vector<std::string> linesThatNameOne() {
    const std::regex id(
        "\"(bank\\.|bus\\.|main\\.|array\\.|mppt|dcdc|inverter\\.|fuseblock|engine\\.feed|chassis|"
        "starter)"
        // Whatever is made of a literal that is no figure's.
        "|\\b(Device|Conductor|Unit|Way)Id[ a-zA-Z]*[({]+ *\"|SubjectKind::(Device|Conductor), "
        "*\"");
    const std::regex looksLikeOne(
        "\"dcdc_chargers|\"mppt\" : \"pwm\"|TextChoice\\{\"mppt\"|== \"mppt\" \\?");
    std::vector<std::string> out;
    for (const auto& entry :
         fs::recursive_directory_iterator(fs::path(SPIRK_SOURCE_DIR) / "src/core")) {
        const std::string path = entry.path().generic_string();
        if (entry.is_directory() || path.find("/wiring/") != std::string::npos ||
            path.ends_with("circuit/kinds.cpp") || path.find("plan/units.") != std::string::npos) {
            continue;
        }
        std::ifstream in(entry.path());
        for (std::string line; std::getline(in, line);) {
            if (std::regex_search(line, id) && !std::regex_search(line, looksLikeOne)) {
                out.push_back(path + ": " + line);
            }
        }
    }
    return out;
}

TEST(Names, OfDevicesAreSpelledOutNowhereElse) {
    const std::vector<std::string> found = linesThatNameOne();
    std::string all;
    for (const std::string& line : found) {
        all += line + '\n';
    }
    EXPECT_TRUE(found.empty()) << all;
}

}  // namespace
