// SPDX-License-Identifier: GPL-3.0-or-later
// Damaged at random, a plan file is refused with a place or read; it never crashes, and what is
// read can be designed.
#include <gtest/gtest.h>

#include <nlohmann/json.hpp>
#include <random>

#include "core/design/design.h"
#include "core/plan/plan_file.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using nlohmann::json;

constexpr int kBytes = 400;
constexpr int kFields = 300;

TEST(Mutation, OfBytesIsRefusedOrRead) {
    const std::string good = writePlan(test::theDemo());
    std::mt19937 random(1);  // NOLINT(cert-msc51-cpp): the same damage each time
    std::uniform_int_distribution<std::size_t> position(0, good.size() - 1);
    std::uniform_int_distribution<int> byte(0, 255);
    for (int i = 0; i < kBytes; ++i) {
        std::string bad = good;
        for (int k = 0; k < 3; ++k) {
            bad[position(random)] = static_cast<char>(byte(random));
        }
        const PlanReading reading = readPlan(bad, "mutated");
        EXPECT_NE(reading.plan.has_value(), !reading.problems.empty());
    }
}

// Every leaf of the file in turn replaced by something absurd.
void collect(json& node, std::vector<json*>& leaves) {
    if (node.is_object() || node.is_array()) {
        for (auto& child : node) {
            collect(child, leaves);
        }
    } else {
        leaves.push_back(&node);
    }
}

TEST(Mutation, OfValuesIsRefusedOrDesigned) {
    const json absurd[] = {
        -1, 0, 1e300, "", "?", true, nullptr, json::array(), json::object(), 1.5, 7};
    json good = json::parse(writePlan(test::theDemo()));
    std::vector<json*> leaves;
    collect(good, leaves);
    std::mt19937 random(2);  // NOLINT(cert-msc51-cpp): the same damage each time
    std::uniform_int_distribution<std::size_t> leaf(0, leaves.size() - 1);
    std::uniform_int_distribution<std::size_t> value(0, std::size(absurd) - 1);
    int read = 0;
    for (int i = 0; i < kFields; ++i) {
        json& target = *leaves[leaf(random)];
        const json before = target;
        target = absurd[value(random)];
        const PlanReading reading = readPlan(good.dump(), "mutated");
        ASSERT_NE(reading.plan.has_value(), !reading.problems.empty());
        if (reading.plan) {
            ++read;
            const Design d = design(*reading.plan, test::library());
            EXPECT_FALSE(d.cables.rows.empty());
        }
        target = before;
    }
    EXPECT_GT(read, 10);
    EXPECT_LT(read, kFields);
}

}  // namespace
}  // namespace spirk
