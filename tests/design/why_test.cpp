// SPDX-License-Identifier: GPL-3.0-or-later
// Figures of the solved moments, worked out when asked: each comes out again from its own terms,
// and each term that links leads somewhere.
#include "core/design/why.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/circuit/explain_moment.h"
#include "core/plan/units.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using test::library;

// Solved currents balance at a joint as well as the solver's own steps end.
constexpr double kBalanceAmps = 1e-6;

double si(const Value& value) { return std::get<Measure>(value).si; }

std::string symbolOf(const Term& term) { return english(term.symbol); }

double term(const Derivation& d, const std::string& symbol) {
    const auto found = std::ranges::find(d.terms, symbol, symbolOf);
    EXPECT_NE(found, d.terms.end()) << d.id.value << " " << symbol;
    return found == d.terms.end() ? std::nan("") : si(found->value);
}

bool has(const Derivation& d, const std::string& symbol) {
    return std::ranges::find(d.terms, symbol, symbolOf) != d.terms.end();
}

class WhyOfMoments : public ::testing::TestWithParam<bool> {
protected:
    WhyOfMoments() : design_(design(GetParam() ? test::theDemo() : test::aFullVan(), library())) {}
    [[nodiscard]] std::optional<Derivation> ask(const FigureId& id) const {
        return why(design_, id);
    }
    const Design design_;
};

INSTANTIATE_TEST_SUITE_P(Plans, WhyOfMoments, ::testing::Bool(), [](const auto& plan) {
    return plan.param ? "Demo" : "FullVan";
});

TEST_P(WhyOfMoments, EveryCurrentIsTheSumOfWhatElseMeetsAtItsEnd) {
    for (std::size_t m = 0; m < design_.moments.size(); ++m) {
        for (std::size_t c = 0; c < design_.wiring.circuit.conductors.size(); ++c) {
            const Conductor& conductor = design_.wiring.circuit.conductors[c];
            const auto d = ask(currentFigure(design_.wiring.moments[m], conductor.id));
            ASSERT_TRUE(d.has_value()) << conductor.id.value;
            double sum = 0.0;
            for (const Term& t : d->terms) {
                sum += si(t.value);
            }
            EXPECT_NEAR(si(d->result), sum, kBalanceAmps) << d->id.value;
            EXPECT_EQ(si(d->result), design_.moments[m].conductor[c].si()) << d->id.value;
        }
    }
}

// Ohm's law for sources and resistances, power over volts for the rest, and a charger's limit.
void expectWorkedAgain(const Derivation& d) {
    const double tolerance = 1e-6 * std::max(1.0, std::fabs(si(d.result)));
    if (has(d, "E")) {
        EXPECT_NEAR(si(d.result), (term(d, "E") - term(d, "V")) / term(d, "R"), tolerance);
    } else if (has(d, "R")) {
        EXPECT_NEAR(si(d.result), term(d, "V") / term(d, "R"), tolerance);
    } else if (has(d, "I_mp")) {
        const double down = 1.0 - term(d, "V") / term(d, "V_mp");
        EXPECT_NEAR(
            si(d.result), term(d, "I_mp") + (term(d, "I_sc") - term(d, "I_mp")) * down, tolerance);
    } else if (has(d, "V_set")) {
        const double regulated = std::max(0.0, (term(d, "V_set") - term(d, "V")) / term(d, "R_r"));
        const double power = has(d, "P") ? term(d, "P") / term(d, "V") : HUGE_VAL;
        EXPECT_NEAR(si(d.result), std::min({regulated, term(d, "I_max"), power}), tolerance);
    } else if (has(d, "P")) {
        EXPECT_NEAR(si(d.result), term(d, "P") * term(d, "k") / term(d, "V"), tolerance);
    } else {
        EXPECT_NEAR(si(d.result), term(d, "I"), tolerance);
    }
}

// What a charger's input leaves it, worked again from the terms of its own derivation.
double powerWorkedAgain(const Derivation& d) {
    double out = HUGE_VAL;
    if (has(d, "I_mp")) {
        out = term(d, "η") * term(d, "I_mp") * term(d, "V_in");
    } else if (has(d, "V_stop")) {
        const double part =
            (term(d, "V_in") - term(d, "V_stop")) / (term(d, "V_start") - term(d, "V_stop"));
        out = term(d, "η") * term(d, "P_in") * std::max(0.0, part);
    }
    return has(d, "P_sun") ? std::min(out, term(d, "P_sun")) : out;
}

// Of a tracker, of a simple controller that its panels and the bank bound, and of a charger whose
// alternator has too little.
TEST(WhyOfPower, OfAChargerComesOutOfItsTermsToo) {
    Plan simple = test::aFullVan();
    solarOf(simple.gear)->controller = "pwm_50_20";
    solarOf(simple.gear)->series = 1;
    Plan weak = test::aFullVan();
    engineOf(weak.gear)->charger = "dcdc_60";
    weak.van.vehicle.alternator = amps(45);
    int seen = 0;
    for (const Plan& plan : {test::aFullVan(), simple, weak}) {
        const Design d = design(plan, library());
        for (std::size_t m = 0; m < d.moments.size(); ++m) {
            const Moment& moment = d.wiring.moments[m];
            // A battery takes in nothing that it passes on.
            EXPECT_FALSE(why(d, inputFigure(moment, DeviceId("bank.1"))).has_value());
            for (const char* device : {"mppt", "dcdc"}) {
                const auto power = why(d, powerFigure(moment, DeviceId(device)));
                const auto current = why(d, deviceFigure(moment, DeviceId(device)));
                EXPECT_EQ(power.has_value(), current && has(*current, "P")) << moment.id << device;
                if (power) {
                    SCOPED_TRACE(power->id.value);
                    EXPECT_NEAR(si(power->result), powerWorkedAgain(*power), 1e-6);
                    EXPECT_EQ(si(power->result), term(*current, "P"));
                    expectWorkedAgain(*current);
                    ++seen;
                }
            }
        }
    }
    EXPECT_GE(seen, 4);
}

TEST_P(WhyOfMoments, EveryDevicesCurrentComesOutOfItsTerms) {
    int seen = 0;
    for (std::size_t m = 0; m < design_.moments.size(); ++m) {
        for (const Flow& flow : design_.moments[m].flows) {
            const DeviceId device = design_.wiring.circuit.devices[flow.device].id;
            const auto d = ask(deviceFigure(design_.wiring.moments[m], device));
            ASSERT_TRUE(d.has_value()) << device.value;
            SCOPED_TRACE(d->id.value);
            EXPECT_EQ(si(d->result), flow.through.si());
            expectWorkedAgain(*d);
            ++seen;
        }
    }
    EXPECT_GT(seen, 30);
}

TEST_P(WhyOfMoments, AChargersInputCarriesItsOutputAndItsLosses) {
    int seen = 0;
    for (std::size_t m = 0; m < design_.moments.size(); ++m) {
        for (const Flow& flow : design_.moments[m].flows) {
            if (!flow.input) {
                continue;
            }
            const DeviceId device = design_.wiring.circuit.devices[flow.device].id;
            const auto d = ask(inputFigure(design_.wiring.moments[m], device));
            ASSERT_TRUE(d.has_value()) << device.value;
            const double in =
                term(*d, "I_out") * term(*d, "V_out") / (term(*d, "η") * term(*d, "V_in"));
            EXPECT_NEAR(flow.input->si(), in, 1e-6) << d->id.value;
            ++seen;
        }
    }
    EXPECT_GT(seen, 0);
}

TEST_P(WhyOfMoments, VoltsAreASourcesOwnLessWhatIsLost) {
    int seen = 0;
    for (std::size_t m = 0; m < design_.moments.size(); ++m) {
        for (const Device& device : design_.wiring.circuit.devices) {
            for (const Port& port : device.ports) {
                const auto d = ask(voltsFigure(design_.wiring.moments[m], {device.id, port.name}));
                if (d) {
                    EXPECT_NEAR(si(d->result), term(*d, "E") - term(*d, "ΔV"), 1e-9);
                    ++seen;
                }
            }
        }
    }
    EXPECT_GT(seen, 50);
}

TEST_P(WhyOfMoments, TheBankIsTheSumOfItsBatteries) {
    for (const Moment& moment : design_.wiring.moments) {
        const auto d = ask(bankFigure(moment));
        ASSERT_TRUE(d.has_value());
        EXPECT_EQ(d->terms.size(), 3U);
        EXPECT_NEAR(si(d->result),
                    si(d->terms[0].value) + si(d->terms[1].value) + si(d->terms[2].value),
                    1e-12);
    }
}

// Range of a reading from its derivation's terms, as the formulas say.
struct Range {
    double low = 0.0;
    double high = 0.0;
};
Range rangeOf(const Derivation& d) {
    if (has(d, "E_low")) {
        return {term(d, "V") - (term(d, "E") - term(d, "E_low")) - term(d, "d"),
                term(d, "V") + (term(d, "E_high") - term(d, "E")) + term(d, "d")};
    }
    if (has(d, "q")) {
        return {std::max(term(d, "d"), term(d, "q") * term(d, "I")),
                term(d, "I") * (1.0 + term(d, "p"))};
    }
    if (has(d, "R")) {  // of the bond: a third of it, to 20 mV or twice as much (judgement)
        const double drop = term(d, "I") * term(d, "R");
        return {0.33 * drop, std::max(0.02, 2.0 * drop)};
    }
    if (has(d, "d")) {
        const double spread = std::max(term(d, "d"), term(d, "p") * std::fabs(term(d, "I")));
        return {term(d, "I") - spread, term(d, "I") + spread};
    }
    return {0.0, 0.1};  // dead: what a meter may show, a judgement
}

TEST_P(WhyOfMoments, EveryReadingsRangeComesOutOfItsTerms) {
    int seen = 0;
    for (const SwitchStep& step : design_.powerUp.switchOn) {
        for (const Expected& reading : step.readings) {
            const auto d = ask(reading.figure);
            ASSERT_TRUE(d.has_value()) << step.id << ": " << english(reading.where);
            SCOPED_TRACE(d->id.value);
            EXPECT_EQ(si(d->result), reading.value.si);
            const Range range = rangeOf(*d);
            EXPECT_NEAR(reading.low.si, range.low, 1e-9);
            EXPECT_NEAR(reading.high.si, range.high, 1e-9);
            ++seen;
        }
    }
    EXPECT_GT(seen, 10);
}

TEST_P(WhyOfMoments, EveryLinkOfAReadingLeadsToAFigureOfTheSameValue) {
    int seen = 0;
    for (const SwitchStep& step : design_.powerUp.switchOn) {
        for (const Expected& reading : step.readings) {
            const auto d = ask(reading.figure);
            ASSERT_TRUE(d.has_value());
            for (const Term& t : d->terms) {
                if (const auto* from = std::get_if<FromFigure>(&t.origin)) {
                    const auto linked = ask(from->figure);
                    ASSERT_TRUE(linked.has_value()) << from->figure.value;
                    EXPECT_NEAR(si(linked->result), si(t.value), 1e-9) << from->figure.value;
                    ++seen;
                }
            }
        }
    }
    EXPECT_GT(seen, 10);
}

TEST(Why, KnowsTheDeadTestsToo) {
    const Design d = design(test::theDemo(), library());
    ASSERT_FALSE(d.powerUp.deadTests.empty());
    for (const SwitchStep& dead : d.powerUp.deadTests) {
        for (const Expected& reading : dead.readings) {
            EXPECT_TRUE(why(d, reading.figure).has_value()) << english(reading.where);
        }
    }
}

TEST(Why, SaysNothingOfFiguresThatAreNot) {
    const Design d = design(test::aSmallVan(), library());
    for (const char* id : {"",
                           "moment.",
                           "moment.noon",
                           "moment.night.current.nothing",
                           "moment.night.device.inverter",
                           "moment.night.device.nothing.input",
                           "moment.night.volts.bank.1",
                           "moment.night.volts.nothing:+",
                           "moment.never.bank"}) {
        EXPECT_FALSE(why(d, FigureId(id)).has_value()) << id;
    }
}

TEST(Why, AServedLoadsTermsSayWhatAnUnservedOneGets) {
    Plan plan = test::aFullVan();
    plan.amendments.push_back(SetLength{ConductorId("inverter.feed+"), metres(400.0)});
    const Design d = design(plan, library());
    bool found = false;
    for (std::size_t m = 0; m < d.moments.size(); ++m) {
        if (!d.moments[m].served()) {
            const auto inverter = why(d, deviceFigure(d.wiring.moments[m], DeviceId("inverter")));
            ASSERT_TRUE(inverter.has_value());
            EXPECT_LT(term(*inverter, "k"), 1.0);
            EXPECT_FALSE(inverter->note.empty());
            found = true;
        }
    }
    EXPECT_TRUE(found);
}

TEST(WhyVolts, AreBetweenTwoBarsAndAcrossOneDevice) {
    const Design d = design(test::aFullVan(), library());
    const auto title = [&](const char* device, const char* port) {
        const auto figure = why(d, voltsFigure(d.wiring.moments.front(), {DeviceId(device), port}));
        return figure ? english(figure->title) : std::string();
    };
    EXPECT_EQ(title("bus.pos", "bar").find("voltage between positive bus bar and negative bus bar"),
              0u);
    EXPECT_NE(title("inverter", "dc+").find("voltage dc+ to dc-"), std::string::npos);
}

}  // namespace
}  // namespace spirk
