// SPDX-License-Identifier: GPL-3.0-or-later
// What plans of formats 1 and 2 come to, held still: a change of the house that should change
// nothing changes none of these. Recorded by scripts/corpus; a commit that records anew says why.
#include <gtest/gtest.h>

#include <cstdint>
#include <cstdlib>
#include <fstream>
#include <map>
#include <sstream>
#include <vector>

#include "core/design/design.h"
#include "core/diagram/geometry.h"
#include "core/exchange/csv.h"
#include "core/exchange/report.h"
#include "core/files/read_file.h"
#include "core/plan/plan_file.h"
#include "tests/corpus/format_2.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

const std::string kFolder = SPIRK_SOURCE_DIR "/tests/corpus/";
constexpr const char* kRecord = "recorded.txt";

// What is compared of a plan, each part as a text of its own: where one differs, its name says
// where to look.
using Texts = std::vector<std::pair<std::string, std::string>>;

std::string sheet(const Design& d) {
    std::ostringstream out;
    for (const auto* list : {&d.powerUp.deadTests, &d.powerUp.switchOn}) {
        for (const SwitchStep& s : *list) {
            out << s.id << '\n' << english(s.text) << '\n' << english(s.caution) << '\n';
            for (const Expected& e : s.readings) {
                out << "  " << english(e.where) << ' ' << format(e.value) << ' ' << format(e.low)
                    << " to " << format(e.high) << '\n';
            }
        }
    }
    for (const DeviceSetting& s : d.powerUp.settings) {
        out << s.device.value << ": " << english(s.name) << ": " << english(s.setting) << " = "
            << format(s.value) << '\n';
    }
    return out.str();
}

std::string moments(const Design& d) {
    std::ostringstream out;
    for (std::size_t m = 0; m < d.moments.size(); ++m) {
        out << d.moments[m].moment << ' ' << english(d.wiring.moments[m].name) << ' '
            << d.moments[m].served() << '\n';
        for (std::size_t i = 0; i < d.moments[m].conductor.size(); ++i) {
            out << "  " << d.wiring.circuit.conductors[i].id.value << ' '
                << format(d.moments[m].conductor[i]) << '\n';
        }
    }
    return out.str();
}

std::string drawing(const Design& d) {
    const DiagramGeometry g = layOut(d.wiring.circuit, {});
    std::ostringstream out;
    for (const PlacedDevice& p : g.devices) {
        out << p.id.value << ' ' << p.rect.x << ' ' << p.rect.y << ' ' << p.rect.w << ' '
            << p.rect.h << '\n';
    }
    for (const PlacedWire& w : g.wires) {
        out << w.id.value << (w.stray ? " stray" : "");
        for (const Point& p : w.points) {
            out << ' ' << p.x << ',' << p.y;
        }
        out << '\n';
    }
    return out.str();
}

std::string amendments(const Plan& plan) {
    std::ostringstream out;
    for (const Amendment& a : plan.amendments) {
        out << english(describe(a)) << '\n';
    }
    for (const auto& [id, number] : plan.numbers) {
        out << number << ' ' << id.value << '\n';
    }
    out << plan.highestNumber << '\n';
    return out.str();
}

Texts textsOf(const std::string& text, const std::string& name) {
    const PlanReading reading = readPlan(text, name);
    if (!reading.plan) {
        return {{"refused", english(reading.problems.front().what)}};
    }
    const Library& library = libraryFor(test::libraries(), reading.plan->region);
    const Design d = design(*reading.plan, library);
    return {{"report", reportText(d, library)},
            {"parts", partsCsv(d)},
            {"cuts", cutsCsv(d)},
            {"labels", labelsCsv(d)},
            {"cables", cablesCsv(d, library)},
            {"sheet", sheet(d)},
            {"moments", moments(d)},
            {"drawing", drawing(d)},
            {"amendments", amendments(*reading.plan)}};
}

// FNV-1a, 64 bits (public domain algorithm).
std::string hashOf(const std::string& text) {
    std::uint64_t hash = 0xcbf29ce484222325U;
    for (const char c : text) {
        hash = (hash ^ static_cast<unsigned char>(c)) * 0x100000001b3U;
    }
    std::ostringstream out;
    out << std::hex << hash;
    return out.str();
}

std::string lineOf(const std::string& name, const Texts& parts) {
    std::string out = name;
    for (const auto& [part, text] : parts) {
        out += ' ' + part + '=' + hashOf(text);
    }
    return out;
}

struct CorpusPlan {
    std::string name, text;
};

std::vector<CorpusPlan> demos() {
    std::vector<CorpusPlan> out;
    for (const std::string name : {"bookbinder", "paddler", "stargazer"}) {
        const auto text = readFile(kFolder + name + ".spirk");
        EXPECT_TRUE(text.has_value());
        out.push_back({name, text.value_or("")});
    }
    return out;
}

std::vector<CorpusPlan> made() {
    std::vector<CorpusPlan> out;
    for (int seed = 0; seed < test::kCorpusSize; ++seed) {
        out.push_back({"plan " + std::to_string(seed), test::format2Plan(seed)});
        out.back().name[4] = '_';
    }
    return out;
}

std::map<std::string, std::string> recorded() {
    std::map<std::string, std::string> out;
    std::ifstream file(kFolder + kRecord);
    for (std::string line; std::getline(file, line);) {
        out[line.substr(0, line.find(' '))] = line;
    }
    return out;
}

// SPIRK_CORPUS_TEXTS names a folder: the texts themselves are written there, to be compared.
void writeTexts(const std::string& name, const Texts& parts) {
    const char* folder = std::getenv("SPIRK_CORPUS_TEXTS");
    if (folder == nullptr) {
        return;
    }
    for (const auto& [part, text] : parts) {
        std::ofstream(std::string(folder) + '/' + name + '.' + part) << text;
    }
}

void holdStill(const std::vector<CorpusPlan>& plans) {
    const std::map<std::string, std::string> before = recorded();
    for (const CorpusPlan& plan : plans) {
        const Texts parts = textsOf(plan.text, plan.name);
        writeTexts(plan.name, parts);
        const auto at = before.find(plan.name);
        EXPECT_EQ(lineOf(plan.name, parts), at == before.end() ? "" : at->second);
    }
}

TEST(Corpus, DemosComeToWhatTheyDid) { holdStill(demos()); }
TEST(Corpus, PlansComeToWhatTheyDid) { holdStill(made()); }

// The plans themselves: their generator knows no type of today, and must not drift.
TEST(Corpus, PlansAreThemselvesHeldStill) {
    std::string all;
    for (const CorpusPlan& plan : made()) {
        all += plan.text;
    }
    EXPECT_EQ(hashOf(all), "c6bd28754bd27c98");
}

// Run by scripts/corpus only.
TEST(Corpus, DISABLED_Record) {
    std::ofstream file(kFolder + kRecord);
    std::vector<CorpusPlan> plans = demos();
    for (CorpusPlan& plan : made()) {
        plans.push_back(std::move(plan));
    }
    for (const CorpusPlan& plan : plans) {
        const Texts parts = textsOf(plan.text, plan.name);
        ASSERT_NE(parts.front().first, "refused") << plan.name << ": " << parts.front().second;
        file << lineOf(plan.name, parts) << '\n';
    }
}

}  // namespace
}  // namespace spirk
