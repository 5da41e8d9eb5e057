// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A test with a folder of its own, for files that are written, replaced and counted.

#include <gtest/gtest.h>
#include <sys/stat.h>

#include <filesystem>
#include <fstream>
#include <string>

#include "tests/support/builders.h"

namespace spirk::test {

class InAFolder : public ::testing::Test {
protected:
    void SetUp() override {
        static int count = 0;
        folder = temporaryPath("folder" + std::to_string(++count));
        std::filesystem::create_directories(folder);
    }
    [[nodiscard]] std::string in(const std::string& name) const { return folder + "/" + name; }
    static void put(const std::string& path, const std::string& text) {
        std::ofstream(path) << text;
    }
    [[nodiscard]] std::size_t files() const {
        return static_cast<std::size_t>(std::distance(std::filesystem::directory_iterator(folder),
                                                      std::filesystem::directory_iterator()));
    }
    static mode_t modeOf(const std::string& path) {
        struct stat found = {};
        EXPECT_EQ(::stat(path.c_str(), &found), 0);
        return found.st_mode & 07777U;
    }

    std::string folder;
};

}  // namespace spirk::test
