// SPDX-License-Identifier: GPL-3.0-or-later
// A derivation that is true can be worked again: from its own terms alone, each figure comes out as
// its result says.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/cables/figures.h"
#include "core/design/design.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"
#include "tests/support/near.h"

namespace spirk {
namespace {

using test::expectNear;

class Recompute : public ::testing::Test {
protected:
    [[nodiscard]] static const Design& demo() {
        static const Design d = design(test::theDemo(), test::library());
        return d;
    }
    [[nodiscard]] static const Derivation& why(const std::string& id) {
        const Derivation* d = demo().why.find(FigureId(id));
        EXPECT_NE(d, nullptr) << id;
        return *d;
    }
    [[nodiscard]] static double term(const Derivation& d, const std::string& symbol) {
        const auto found = std::ranges::find_if(
            d.terms, [&](const Term& t) { return english(t.symbol) == symbol; });
        EXPECT_NE(found, d.terms.end()) << d.id.value << " " << symbol;
        return std::get<Measure>(found->value).si;
    }
    // Over all terms, or those of one symbol.
    [[nodiscard]] static double sum(const Derivation& d, const std::string& symbol = "") {
        double total = 0.0;
        for (const Term& t : d.terms) {
            const bool counts = symbol.empty() || english(t.symbol) == symbol;
            total += counts ? std::get<Measure>(t.value).si : 0.0;
        }
        return total;
    }
    [[nodiscard]] static double result(const Derivation& d) {
        return std::get<Measure>(d.result).si;
    }
    static constexpr double kTolerance = 1e-9;
};

TEST_F(Recompute, EnergyOfEveryAppliance) {
    for (const Appliance& a : demo().plan.appliances) {
        const Derivation& d = why("needs." + a.id.value + ".energy");
        const double on = term(d, "t");
        const double expected =
            term(d, "n") * (term(d, "P") * on + term(d, "P_s") * (86400.0 - on));
        expectNear(result(d), expected, kTolerance);
    }
}

TEST_F(Recompute, SumsOfTheDay) {
    for (const char* id : {"needs.dc",
                           "needs.mains",
                           "supply.demand",
                           "needs.inverter.worst",
                           "needs.inverter.scheduled"}) {
        EXPECT_FALSE(why(id).terms.empty()) << id;
        expectNear(result(why(id)), sum(why(id)), kTolerance);
    }
}

TEST_F(Recompute, InvertersLosses) {
    const Derivation& d = why("supply.inverter.extra");
    expectNear(result(d), term(d, "P_n a") * term(d, "t_on") + term(d, "Σ"), kTolerance);
}

TEST_F(Recompute, BankAndDays) {
    const Derivation& needed = why("supply.bank.needed");
    expectNear(result(needed), term(needed, "E_day") * term(needed, "days"), kTolerance);
    const Derivation& usable = why("supply.bank.usable");
    expectNear(result(usable),
               term(usable, "n") * term(usable, "C") * term(usable, "V") * term(usable, "u") *
                   term(usable, "k") * term(usable, "p"),
               kTolerance);
    const Derivation& days = why("supply.days");
    expectNear(result(days), term(days, "E_usable") / term(days, "E_day"), kTolerance);
}

TEST_F(Recompute, SunOfEveryMonth) {
    for (int month = 1; month <= 12; ++month) {
        const Derivation& d = why("supply.sun.month." + std::to_string(month));
        const double energy =
            term(d, "P") * term(d, "h") * 3600.0 * term(d, "f") * (1.0 - term(d, "cut"));
        expectNear(result(d), energy, kTolerance);
    }
}

TEST_F(Recompute, SunNeededChosenAndLimit) {
    const Derivation& needed = why("supply.sun.needed");
    const double hours = term(needed, "h") * 3600.0;
    expectNear(result(needed),
               term(needed, "E_day") / (hours * term(needed, "f") * term(needed, "η")),
               kTolerance);
    const Derivation& chosen = why("supply.sun.chosen");
    expectNear(result(chosen),
               term(chosen, "series") * term(chosen, "parallel") * term(chosen, "P_panel"),
               kTolerance);
    const Derivation& limit = why("supply.sun.limit");
    expectNear(
        result(limit), term(limit, "I_max") * term(limit, "V") / term(limit, "η"), kTolerance);
}

TEST_F(Recompute, EngineNeededRefillAndLimit) {
    const Derivation& needed = why("supply.engine.needed");
    const double missing =
        std::max(0.0, term(needed, "E_day") - term(needed, "η") * term(needed, "E_sun"));
    expectNear(result(needed),
               missing / (term(needed, "η") * term(needed, "t") * term(needed, "V")),
               kTolerance);
    const Derivation& refill = why("supply.engine.refill");
    const double whole =
        term(refill, "n") * term(refill, "C") / (term(refill, "η") * term(refill, "I"));
    const double f = term(refill, "f");
    expectNear(result(refill),
               whole * (term(refill, "u") - f) + whole * f * std::log(f / 0.01),
               kTolerance);
    const Derivation& limit = why("supply.engine.limit");
    expectNear(result(limit),
               term(limit, "share") * term(limit, "I_alt") * term(limit, "η") *
                   term(limit, "V_in") / term(limit, "V_out"),
               kTolerance);
}

TEST_F(Recompute, InverterLimit) {
    const Derivation& d = why("supply.inverter.limit");
    expectNear(result(d), term(d, "n · I_max") * term(d, "V_low") * term(d, "η"), kTolerance);
}

TEST_F(Recompute, AmpacityOfEveryConductor) {
    for (const LabelText& label : demo().build.labels) {
        const Derivation& d = why(cableFigure(label.conductor, "ampacity").value);
        const double room =
            (term(d, "T_max") - term(d, "T_a")) / (term(d, "T_max") - term(d, "T_ref"));
        // Tables that are for a hot roof give no more below it.
        const bool noGain = english(d.formula).find("no more in cooler") != std::string::npos;
        expectNear(result(d), term(d, "I_table") * (noGain ? 1.0 : std::sqrt(room)), kTolerance);
    }
}

TEST_F(Recompute, DropOfEveryConductor) {
    for (const LabelText& label : demo().build.labels) {
        const Derivation& d = why(cableFigure(label.conductor, "drop").value);
        const double wire =
            term(d, "R_20") * term(d, "L") * (1.0 + 0.00393 * (term(d, "T") - 20.0));
        const double ohms = wire + term(d, "joints") + sum(d, "fuse");
        expectNear(result(d), term(d, "I_B") * ohms, kTolerance);
    }
}

TEST_F(Recompute, TemperatureOfEveryConductor) {
    // Heat goes with the square of the current; at the table's ambient and current it is at its
    // limit (the same law as the correction for ambient, IEC 60364-5-52, note to table B.52.14).
    for (const LabelText& label : demo().build.labels) {
        const Derivation& carries = why(cableFigure(label.conductor, "ampacity").value);
        const Derivation& drop = why(cableFigure(label.conductor, "drop").value);
        const double load = std::pow(term(drop, "I_B") / term(carries, "I_table"), 2.0);
        const double rise = (term(carries, "T_max") - term(carries, "T_ref")) * load;
        expectNear(term(drop, "T"),
                   std::min(term(carries, "T_a") + rise, term(carries, "T_max")),
                   kTolerance);
    }
}

// I²t: what is let through is the square of that current times the time the fuse takes.
TEST_F(Recompute, LetThroughOfEveryConductor) {
    int seen = 0;
    for (const CableRow& row : demo().cables.rows) {
        const Derivation* d = demo().why.find(cableFigure(row.id, "fault"));
        if (d == nullptr || !row.letThrough) {
            continue;
        }
        SCOPED_TRACE(row.id.value);
        EXPECT_GT(term(*d, "I_n"), 0.0);
        expectNear(result(*d), std::pow(term(*d, "I"), 2.0) * term(*d, "t"), kTolerance);
        // It is not explained by what it explains.
        for (const Term& t : d->terms) {
            const auto* from = std::get_if<FromFigure>(&t.origin);
            EXPECT_TRUE(from == nullptr || from->figure != cableFigure(row.id, "size"));
        }
        ++seen;
    }
    EXPECT_GT(seen, 20);
}

TEST_F(Recompute, DropOfEveryPath) {
    ASSERT_FALSE(demo().cables.drops.empty());
    for (const PathDrop& path : demo().cables.drops) {
        const Derivation& d = why(path.figure.value);
        // What does not count of a shared feed's current is one more.
        const auto off = std::ranges::count_if(
            d.terms, [](const Term& t) { return english(t.symbol) == "I_off"; });
        EXPECT_EQ(d.terms.size(), path.conductors.size() + 2 + static_cast<std::size_t>(off))
            << path.id;
        expectNear(result(d), sum(d, "ΔV") / term(d, "V"), kTolerance);
    }
}

// The smallest rating of the family that is not below what is needed.
double nextRating(const FuseFamily& family, double needed) {
    const auto found = std::ranges::find_if(
        family.ratings, [&](Amps rating) { return rating.si() >= needed - 1e-9; });
    return found == family.ratings.end() ? 0.0 : found->si();
}

TEST_F(Recompute, RatingOfEveryFuse) {
    int seen = 0;
    for (const CableRow& row : demo().cables.rows) {
        const Derivation* d = demo().why.find(fuseFigure(row.id, End::From));
        ASSERT_EQ(d != nullptr, row.fuseFrom.has_value()) << row.id.value;
        if (d == nullptr || row.fuseFrom->amended) {
            continue;
        }
        SCOPED_TRACE(row.id.value);
        if (english(d->formula).starts_with("needed")) {
            const bool warm = std::ranges::any_of(
                d->terms, [](const Term& t) { return english(t.symbol) == "w"; });
            const double bears = warm ? term(*d, "w") : 1.0;
            expectNear(term(*d, "needed"), term(*d, "f") * term(*d, "I_B") / bears, kTolerance);
        }
        const FuseFamily& family = familyOf(test::library(), row.fuseFrom->family);
        expectNear(term(*d, "I_n"), nextRating(family, term(*d, "needed")), kTolerance);
        EXPECT_TRUE(row.fuseFrom->backup || term(*d, "I_cn") >= term(*d, "I_k"));
        ++seen;
    }
    EXPECT_GT(seen, 10);
}

TEST_F(Recompute, WithstandOfEveryConductor) {
    for (const LabelText& label : demo().build.labels) {
        const Derivation& d = why(cableFigure(label.conductor, "fault").value);
        const double ks = term(d, "k") * term(d, "S") * 1e6;
        expectNear(term(d, "k²S²"), ks * ks, kTolerance);
    }
}

TEST_F(Recompute, LengthOfEveryConductor) {
    for (const LabelText& label : demo().build.labels) {
        const Derivation& d = why(lengthFigure(label.conductor).value);
        expectNear(result(d), sum(d), kTolerance);
    }
}

TEST_F(Recompute, ColdVoltageAndChargersInput) {
    const Derivation& cold = why("mppt.voc.cold");
    expectNear(result(cold),
               term(cold, "n") * term(cold, "V_oc") *
                   (1.0 + term(cold, "β") * (term(cold, "T_min") - 25.0)),
               kTolerance);
    const Derivation& input = why("engine.input");
    expectNear(
        result(input),
        term(input, "V_out") * term(input, "I_out") / (term(input, "η") * term(input, "V_in")),
        kTolerance);
}

TEST_F(Recompute, LinkedTermsShowTheValueOfTheFigureTheyLinkTo) {
    int seen = 0;
    for (const auto& [id, d] : demo().why.all()) {
        for (const Term& t : d.terms) {
            const auto* from = std::get_if<FromFigure>(&t.origin);
            // A drop's figure is in volts where a size's term is the part of a limit, and so on.
            const Derivation* linked = from == nullptr ? nullptr : demo().why.find(from->figure);
            const auto* here = std::get_if<Measure>(&t.value);
            const auto* there = linked == nullptr ? nullptr : std::get_if<Measure>(&linked->result);
            if (here != nullptr && there != nullptr && here->unit == there->unit) {
                ++seen;
                EXPECT_NEAR(here->si, there->si, 1e-9 * std::max(1.0, std::fabs(there->si)))
                    << id.value << " " << english(t.symbol);
            }
        }
    }
    EXPECT_GT(seen, 200);
}

TEST_F(Recompute, WeightAndPriceOfTheParts) {
    for (const char* id : {"build.weight", "build.price"}) {
        expectNear(result(why(id)), sum(why(id)), kTolerance);
    }
    expectNear(result(why("build.weight")), demo().build.weightKg, kTolerance);
}

TEST_F(Recompute, WhatChargesTheBank) {
    const Derivation& d = why("bank.charge");
    expectNear(result(d), term(d, "I_sun") + term(d, "I_engine"), kTolerance);
}

TEST_F(Recompute, HowTheBatteriesShare) {
    const Derivation& d = why("bank.share");
    expectNear(result(d) + 1.0, term(d, "I_most") / (term(d, "Σ I") * term(d, "f")), kTolerance);
}

TEST_F(Recompute, HotVoltageOfAString) {
    const Derivation& d = why("mppt.voc.hot");
    const double hot = term(d, "T_hot");
    expectNear(result(d),
               term(d, "n") * term(d, "V_oc") * (1.0 + term(d, "β") * (hot - 25.0)),
               kTolerance);
}

// A device's own figure is its conductors' current at the moment when it is largest.
TEST_F(Recompute, WhatFlowsThroughTheMainSwitch) {
    const Derivation& d = why("device.main.switch.through");
    expectNear(result(d), term(d, "I"), kTolerance);
    expectNear(result(d), test::rowOf(demo(), "main.feed+").load.si(), 1e-6);
}

// IEC 62485-2, worked example of the trade: 12 V, 200 Ah, vented lead at boost: 33.6 cm2 (own
// arithmetic: 28 * 0.05 * 6 * 20 * 200 / 1000).
TEST(RecomputeGas, OpeningForAVentedBank) {
    Plan plan = test::aSmallVan();
    plan.own.batteries = {*findById(test::library().batteries, "flooded_110")};
    plan.own.batteries.front().capacity = ampHours(200);
    bankOf(plan.gear).model = "flooded_110";
    const Design d = design(plan, test::library());
    const Derivation* vent = d.why.find(FigureId("bank.vent"));
    ASSERT_NE(vent, nullptr);
    expectNear(std::get<Measure>(vent->result).si, 33.6, 1e-9);
}

}  // namespace
}  // namespace spirk
