// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/corpus/format_2.h"

#include <array>
#include <cstdint>
#include <nlohmann/json.hpp>
#include <string_view>

namespace spirk::test {

namespace {

using Json = nlohmann::ordered_json;

// SplitMix64 (public domain algorithm): the same numbers on every machine and library.
class Dice {
public:
    explicit Dice(int seed) : state_(static_cast<std::uint64_t>(seed) * 0x9e3779b97f4a7c15U + 1U) {}
    std::uint64_t next() {
        std::uint64_t z = (state_ += 0x9e3779b97f4a7c15U);
        z = (z ^ (z >> 30U)) * 0xbf58476d1ce4e5b9U;
        z = (z ^ (z >> 27U)) * 0x94d049bb133111ebU;
        return z ^ (z >> 31U);
    }
    int below(int sides) { return static_cast<int>(next() % static_cast<std::uint64_t>(sides)); }
    bool oneIn(int sides) { return below(sides) == 0; }
    int between(int low, int high) { return low + below(high - low + 1); }
    template <std::size_t n>
    std::string oneOf(const std::array<std::string_view, n>& list) {
        return std::string(list[static_cast<std::size_t>(below(static_cast<int>(n)))]);
    }

private:
    std::uint64_t state_;
};

using Names = std::string_view;
constexpr std::array<Names, 6> k12V{
    "lfp_100", "lfp_150", "lfp_280", "agm_110", "gel_90", "flooded_90"};
constexpr std::array<Names, 4> k24V{"lfp_24_60", "lfp_24_100", "lfp_24_200", "lfp_24_120_heated"};
constexpr std::array<Names, 6> kPanels{
    "panel_100", "panel_180", "panel_300", "panel_400", "flex_110", "portable_120"};
constexpr std::array<Names, 5> kControllers{
    "pwm_50_20", "mppt_75_15", "mppt_100_30", "mppt_100_50", "mppt_150_60"};
constexpr std::array<Names, 4> kChargers{"dcdc_20", "dcdc_30", "dcdc_40", "dcdc_60"};
constexpr std::array<Names, 3> kChargers24{"dcdc_24_10", "dcdc_24_15", "dcdc_24_30"};
constexpr std::array<Names, 5> kInverters{
    "inverter_350", "inverter_1000", "inverter_1600", "inverter_2000", "inverter_3000"};
constexpr std::array<Names, 3> kInverters24{
    "inverter_24_500", "inverter_24_2000", "inverter_24_3000"};
constexpr std::array<Names, 3> kConverters{"converter_10", "converter_30", "converter_60"};
constexpr std::array<Names, 6> kClimates{"Munich", "Rome", "Oslo", "Denver", "Seattle", "Perth"};
constexpr std::array<Names, 7> kCategories{
    "kitchen", "climate", "water", "lighting", "electronics", "work", "mains"};
constexpr std::array<Names, 8> kPlaces{
    "cupboard", "galley", "bed", "seat", "ceiling", "roof", "engine", "under_floor"};
constexpr std::array<Names, 3> kBehaviours{"power", "current", "resistance"};
constexpr std::array<Names, 3> kSupplied{"12", "24", "12_24"};
constexpr std::array<Names, 26> kConductors{"bank.1.lead+",
                                            "bank.2.lead-",
                                            "main.feed+",
                                            "main.link+",
                                            "main.feed-",
                                            "main.link-",
                                            "array.lead+",
                                            "array.lead-",
                                            "array.feed+",
                                            "mppt.feed+",
                                            "mppt.link+",
                                            "mppt.feed-",
                                            "engine.feed+",
                                            "dcdc.feed+",
                                            "dcdc.feed-",
                                            "dcdc.enable",
                                            "inverter.feed+",
                                            "inverter.feed-",
                                            "fuseblock.feed+",
                                            "fuseblock.feed-",
                                            "bond",
                                            "converter.feed+",
                                            "fuseblock.12v.feed+",
                                            "circuit.lighting.feed+",
                                            "circuit.kitchen.feed-",
                                            "no.such"};
constexpr std::array<Names, 11> kTerminals{"bus.pos:bar",
                                           "bus.neg:bar",
                                           "main.switch:a",
                                           "main.switch:b",
                                           "bank.1:+",
                                           "chassis:point",
                                           "starter:+",
                                           "shunt:b",
                                           "fuseblock:in",
                                           "bank.pos:bar",
                                           "no.such:bar"};
constexpr std::array<Names, 7> kMm2{"1.5", "4", "10", "16", "35", "70", "120"};
constexpr std::array<Names, 5> kGauges{"14", "10", "6", "2", "2/0"};
constexpr std::array<Names, 5> kFamilies{"maxi", "anl", "class_t", "sf51", ""};

Json uses(Dice& dice) {
    Json out = Json::array();
    for (int i = dice.between(1, 3); i > 0; --i) {
        out.push_back({{"start_h", dice.below(48) / 2.0},
                       {"span_h", dice.between(1, 16) / 2.0},
                       {"duty", dice.between(1, 10) / 10.0}});
    }
    return out;
}

Json appliance(Dice& dice, int index) {
    const bool mains = dice.oneIn(3);
    const int watts = mains ? dice.between(20, 1800) : dice.between(2, dice.oneIn(8) ? 700 : 90);
    Json out{{"id", "thing_" + std::to_string(index)},
             {"name", "thing " + std::to_string(index)},
             {"category", dice.oneOf(kCategories)},
             {"feed", mains ? "mains" : "dc"},
             {"supplied", dice.oneOf(kSupplied)},
             {"count", dice.oneIn(10) ? 0 : dice.between(1, 3)},
             {"rated_w", watts}};
    if (dice.oneIn(3)) {
        out["measured_w"] = watts * dice.between(7, 11) / 10.0;
    }
    out["uses"] = uses(dice);
    out["standby_w"] = dice.below(3) / 2.0;
    out["surge"] = dice.oneIn(4) ? 3 : 1;
    out["behaves"] = dice.oneOf(kBehaviours);
    out["runs"] = dice.oneIn(4) ? "alone" : "with_others";
    out["place"] = dice.oneOf(kPlaces);
    return out;
}

Json gear(Dice& dice, bool high) {
    // Four batteries of 6 V or 12 V in series are for the odd plan.
    Json out{{"bank",
              {{"model", high ? dice.oneOf(k24V) : dice.oneOf(k12V)},
               {"count", dice.between(1, 4)},
               {"series", dice.oneIn(12) ? 2 : 1}}},
             {"distribution", dice.oneIn(3) ? "distributor" : "bars"}};
    if (high || dice.oneIn(15)) {
        out["converter"] = dice.oneOf(kConverters);
    }
    if (!dice.oneIn(5)) {
        out["solar"] = {{"panel", dice.oneOf(kPanels)},
                        {"series", dice.between(1, 2)},
                        {"parallel", dice.between(1, 3)},
                        {"controller", dice.oneOf(kControllers)}};
    }
    if (!dice.oneIn(4)) {
        out["engine"] = {{"charger", high ? dice.oneOf(kChargers24) : dice.oneOf(kChargers)},
                         {"alternator_a", dice.between(70, 220)}};
    }
    if (!dice.oneIn(4)) {
        out["inverter"] = {{"model", high ? dice.oneOf(kInverters24) : dice.oneOf(kInverters)},
                           {"on_h_per_day", dice.between(0, 24)}};
    }
    return out;
}

Json way(const char* from, const char* to, int centimetres, Dice& dice) {
    return {{"from", from},
            {"to", to},
            {"length_m", centimetres / 100.0},
            {"bundling", dice.oneIn(4) ? "tied" : "loose"}};
}

Json van(Dice& dice) {
    Json places = Json::array();
    for (const Names place : kPlaces) {
        places.push_back({{"id", std::string(place)},
                          {"name", "the " + std::string(place)},
                          {"ambient_c", dice.between(4, 11) * 5}});
    }
    Json ways = Json::array();
    ways.push_back(way("cupboard", "galley", dice.between(50, 300), dice));
    ways.push_back(way("cupboard", "roof", dice.between(100, 400), dice));
    ways.push_back(way("cupboard", "bed", dice.between(50, 400), dice));
    ways.push_back(way("galley", "seat", dice.between(50, 300), dice));
    ways.push_back(way("galley", "ceiling", dice.between(100, 300), dice));
    ways.push_back(way("seat", "engine", dice.between(100, 400), dice));
    ways.push_back(way("cupboard", "under_floor", dice.between(50, 200), dice));
    Json placed = Json::object();
    if (dice.oneIn(3)) {
        placed["inverter"] = dice.oneOf(kPlaces);
    }
    if (dice.oneIn(4)) {
        placed["fuseblock"] = dice.oneOf(kPlaces);
    }
    if (dice.oneIn(5)) {
        placed["bank.1"] = dice.oneOf(kPlaces);
    }
    return {{"places", places}, {"ways", ways}, {"placed", placed}};
}

Json amendment(Dice& dice) {
    const std::string conductor = dice.oneOf(kConductors);
    const char* end = dice.oneIn(4) ? "to" : "from";
    switch (dice.below(7)) {
        case 0: {
            Json out{{"kind", "set_size"}, {"conductor", conductor}};
            if (dice.oneIn(4)) {
                out["awg"] = dice.oneOf(kGauges);
            } else {
                out["area_mm2"] = std::stod(dice.oneOf(kMm2));
            }
            return out;
        }
        case 1: {
            Json out{{"kind", "set_fuse"}, {"conductor", conductor}, {"end", end}};
            const std::string family = dice.oneOf(kFamilies);
            if (!family.empty()) {
                out["family"] = family;
            }
            out["rating_a"] = dice.between(1, 60) * 5;
            return out;
        }
        case 2:
            return {{"kind", "set_length"},
                    {"conductor", conductor},
                    {"length_m", dice.between(1, 80) / 10.0}};
        case 3:
            return {{"kind", "insert_isolator"}, {"conductor", conductor}};
        case 4:
            return {{"kind", "leave_out_protection"}, {"conductor", conductor}, {"end", end}};
        case 5:
            return {{"kind", "move_end"},
                    {"conductor", conductor},
                    {"end", end},
                    {"terminal", dice.oneOf(kTerminals)}};
        default:
            return {{"kind", "set_fuse_distance"},
                    {"conductor", conductor},
                    {"end", end},
                    {"distance_m", dice.between(1, 20) / 10.0}};
    }
}

}  // namespace

std::string format2Plan(int seed) {
    Dice dice(seed);
    const bool american = dice.oneIn(3);
    const bool high = dice.oneIn(3);
    Json out{{"spirk_format", 2},
             {"name", "plan " + std::to_string(seed)},
             {"notes", ""},
             {"region", american ? "north_america" : "europe"},
             {"units",
              {{"length", american ? "foot" : "metre"},
               {"temperature", american ? "fahrenheit" : "celsius"}}},
             {"trip",
              {{"climate", dice.oneOf(kClimates)},
               {"first_month", dice.between(1, 12)},
               {"last_month", dice.between(1, 12)},
               {"days_without_sun", dice.below(10) / 2.0},
               {"driving_h_per_day", dice.below(8) / 2.0}}}};
    out["appliances"] = Json::array();
    for (int i = dice.between(0, dice.oneIn(8) ? 40 : 12); i > 0; --i) {
        out["appliances"].push_back(appliance(dice, i));
    }
    out["gear"] = gear(dice, high);
    out["van"] = van(dice);
    out["amendments"] = Json::array();
    for (int i = dice.oneIn(2) ? 0 : dice.between(1, 5); i > 0; --i) {
        out["amendments"].push_back(amendment(dice));
    }
    out["numbers"] = Json::object();
    if (dice.oneIn(2)) {
        out["numbers"] = {{"main.feed+", 3}, {"engine.feed+", 7}, {"no.longer", 9}, {"bond", 1}};
    }
    out["highest_number"] = dice.below(20);
    out["accepted"] = Json::array();
    if (dice.oneIn(4)) {
        out["accepted"].push_back({{"finding", "W3 engine.feed+"}, {"reason", "for a test"}});
    }
    return out.dump(2) + "\n";
}

}  // namespace spirk::test
