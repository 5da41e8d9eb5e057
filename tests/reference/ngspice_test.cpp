// SPDX-License-Identifier: GPL-3.0-or-later
// The solver against the ngspice library on generated networks with constant-power loads.
#include <gtest/gtest.h>
#include <ngspice/sharedspice.h>

#include <algorithm>
#include <cmath>
#include <cstring>
#include <map>
#include <optional>
#include <set>
#include <sstream>

#include "core/circuit/assemble.h"
#include "core/circuit/network.h"
#include "core/design/design.h"
#include "tests/support/builders.h"
#include "tests/support/networks.h"
#include "tests/support/systems.h"

namespace spirk {
namespace {

constexpr int kNetworks = 200;
// Of the bank's voltage, and of the largest current.
constexpr double kAgreement = 1e-6;
constexpr double kBankVolts = 13.2;
constexpr double kBeside = 1e-3;

// ngspice is a program with one global circuit; its messages are collected to look for errors.
std::string& messages() {
    static std::string text;
    return text;
}

int onMessage(char* text, int /*id*/, void* /*user*/) {
    messages() += text;
    messages() += "\n";
    return 0;
}
int onStatus(char* /*text*/, int /*id*/, void* /*user*/) { return 0; }
int onExit(int /*status*/, NG_BOOL /*unload*/, NG_BOOL /*quit*/, int /*id*/, void* /*user*/) {
    return 1;
}

void command(const std::string& line) {
    std::string copy = line;
    ngSpice_Command(copy.data());
}

std::string number(double v) {
    std::ostringstream out;
    out.precision(17);
    out << v;
    return out.str();
}

std::string voltsAcross(int pos, int neg) {
    return "V(" + std::to_string(pos) + "," + std::to_string(neg) + ")";
}

// Watts that an input brings, as an expression.
std::string brought(const PowerInput& in) {
    const std::string v = voltsAcross(in.pos, in.neg);
    if (in.most) {
        return number(in.most->si()) + "*max(" + v + ",0)";
    }
    const double none = in.fold->none.si();
    const double perVolt = in.fold->power.si() / (in.fold->full.si() - none);
    return "(" + v + ">=" + number(in.fold->full.si()) + " ? 1e9 : " + number(perVolt) + "*max(" +
           v + "-" + number(none) + ",0))";
}

// A panel's line beyond its knee, and chargers, as sources of current by their voltages.
void addPanelsAndChargers(const Network& n, std::vector<std::string>& lines) {
    for (std::size_t i = 0; i < n.sources.size(); ++i) {
        const VoltageSource& s = n.sources[i];
        if (s.knee) {
            const std::string v = voltsAcross(s.pos, s.neg);
            const double flat = (s.knee->shorted - s.knee->current).si() / s.knee->at.si();
            lines.push_back("Bk" + std::to_string(i) + " " + std::to_string(s.pos) + " " +
                            std::to_string(s.neg) + " I=" + v + ">=" + number(s.knee->at.si()) +
                            " ? 0 : (" + number(s.emf.si()) + "-" + v + ")/" +
                            number(s.resistance.si()) + "-" + number(s.knee->current.si()) + "-" +
                            number(flat) + "*(" + number(s.knee->at.si()) + "-" + v + ")");
        }
    }
    for (std::size_t i = 0; i < n.chargers.size(); ++i) {
        const Charger& c = n.chargers[i];
        const std::string v = voltsAcross(c.pos, c.neg);
        const std::string asked = "min(max((" + number(c.set.si()) + "-" + v + ")/" +
                                  number(kRegulatorOhms) + ",0),min(" + number(c.maxCurrent.si()) +
                                  "," + number(c.maxPower.si()) + "/max(" + v + ",1)))";
        if (!c.input) {
            lines.push_back("Bc" + std::to_string(i) + " " + std::to_string(c.neg) + " " +
                            std::to_string(c.pos) + " I=" + asked);
            continue;
        }
        // What passes through, in watts at the input, is a voltage of its own.
        const std::string passed = "p" + std::to_string(i);
        const std::string eta = number(c.input->efficiency);
        lines.push_back("Bp" + std::to_string(i) + " " + passed + " 0 V=min(" + asked + "*" + v +
                        "/" + eta + "," + brought(*c.input) + ")");
        lines.push_back("Bc" + std::to_string(i) + " " + std::to_string(c.neg) + " " +
                        std::to_string(c.pos) + " I=V(" + passed + ")*" + eta + "/max(" + v +
                        ",1)");
        lines.push_back("Bi" + std::to_string(i) + " " + std::to_string(c.input->pos) + " " +
                        std::to_string(c.input->neg) + " I=V(" + passed + ")/max(" +
                        voltsAcross(c.input->pos, c.input->neg) + ",1)");
    }
}

// A source is a voltage behind a resistor, with a node of its own between.
// Where it begins to look: volts of its nodes by their names.
using Begin = std::map<std::string, double>;

std::vector<std::string> netlist(const Network& n, const Begin& begin) {
    std::vector<std::string> lines{"generated",
                                   ".options reltol=1e-9 vntol=1e-9 abstol=1e-8 itl1=2000"};
    const auto node = [](int i) { return std::to_string(i); };
    for (std::size_t i = 0; i < n.resistors.size(); ++i) {
        const Resistor& r = n.resistors[i];
        lines.push_back("R" + std::to_string(i) + " " + node(r.a) + " " + node(r.b) + " " +
                        number(r.resistance.si()));
    }
    for (std::size_t i = 0; i < n.sources.size(); ++i) {
        const VoltageSource& s = n.sources[i];
        const std::string inner = "e" + std::to_string(i);
        lines.push_back("V" + std::to_string(i) + " " + inner + " " + node(s.neg) + " " +
                        number(s.emf.si()));
        lines.push_back("Rs" + std::to_string(i) + " " + inner + " " + node(s.pos) + " " +
                        number(s.resistance.si()));
    }
    for (std::size_t i = 0; i < n.loads.size(); ++i) {
        const NetLoad& l = n.loads[i];
        const std::string ends = node(l.pos) + " " + node(l.neg);
        switch (l.behaviour) {
            case Behaviour::Power:
                // A lower bound on the voltage keeps the source finite while it iterates.
                lines.push_back("B" + std::to_string(i) + " " + ends +
                                " I=" + number(l.power.si()) + "/max(V(" + node(l.pos) + "," +
                                node(l.neg) + "),1)");
                break;
            case Behaviour::Current:
                lines.push_back("I" + std::to_string(i) + " " + ends + " " +
                                number(l.current.si()));
                break;
            case Behaviour::Resistance:
                lines.push_back("Rl" + std::to_string(i) + " " + ends + " " +
                                number(l.resistance.si()));
                break;
        }
    }
    addPanelsAndChargers(n, lines);
    for (const auto& [name, value] : begin) {
        lines.push_back(".nodeset v(" + name + ")=" + number(value));
    }
    lines.emplace_back(".op");
    lines.emplace_back(".end");
    return lines;
}

// Node voltages by ngspice; empty where it did not find the operating point.
std::vector<double> judge(const Network& n, const Begin& begin) {
    static const bool started = [] {
        return ngSpice_Init(onMessage, onStatus, onExit, nullptr, nullptr, nullptr, nullptr) == 0;
    }();
    EXPECT_TRUE(started);
    messages().clear();
    std::vector<std::string> lines = netlist(n, begin);
    std::vector<char*> pointers;
    pointers.reserve(lines.size() + 1);
    for (std::string& line : lines) {
        pointers.push_back(line.data());
    }
    pointers.push_back(nullptr);
    EXPECT_EQ(ngSpice_Circ(pointers.data()), 0);
    command("run");
    std::vector<double> out{0.0};
    for (int i = 1; i < n.nodes; ++i) {
        std::string name = "v(" + std::to_string(i) + ")";
        const pvector_info vector = ngGet_Vec_Info(name.data());
        if (vector == nullptr || vector->v_length < 1) {
            return {};
        }
        out.push_back(vector->v_realdata[0]);
    }
    // The return code is 0 even when the operating point fails: the messages tell. One way to it
    // may fail and the next succeed.
    const auto said = [](const char* words) { return messages().find(words) != std::string::npos; };
    if ((said("failed") && !said("Source stepping completed")) || said("singular")) {
        return {};
    }
    command("destroy all");
    command("remcirc");
    return out;
}

Begin atThirteenVolts(const Network& n) {
    Begin out;
    for (int i = 1; i < n.nodes; ++i) {
        out[std::to_string(i)] = 13.0;
    }
    return out;
}

// A little off ours: it has to find its own way back.
Begin beside(const Network& n, const Solution& ours) {
    Begin out;
    for (int i = 1; i < n.nodes; ++i) {
        out[std::to_string(i)] = ours.across(i, 0).si() + kBeside;
    }
    for (std::size_t i = 0; i < n.sources.size(); ++i) {
        out["e" + std::to_string(i)] = n.sources[i].emf.si();
    }
    for (std::size_t i = 0; i < n.chargers.size(); ++i) {
        if (const auto& in = n.chargers[i].input) {
            out["p" + std::to_string(i)] =
                ours.chargerInput[i].si() * ours.across(in->pos, in->neg).si();
        }
    }
    return out;
}

void expectTheSameVolts(const Network& n, const Solution& ours, const std::vector<double>& theirs) {
    for (int i = 0; i < n.nodes; ++i) {
        EXPECT_NEAR(
            ours.across(i, 0).si(), theirs[static_cast<std::size_t>(i)], kAgreement * kBankVolts)
            << "node " << i;
    }
}

TEST(Ngspice, AgreesOnTwoHundredGeneratedNetworks) {
    int collapsed = 0;
    for (unsigned seed = 1; seed <= kNetworks; ++seed) {
        SCOPED_TRACE("network " + std::to_string(seed));
        const Network n = test::randomNetwork(seed, 4 + static_cast<int>(seed));
        const Solution ours = solve(n);
        const std::vector<double> theirs = judge(n, atThirteenVolts(n));
        ASSERT_EQ(theirs.size(), static_cast<std::size_t>(n.nodes)) << messages();
        if (!ours.served()) {
            // Theirs goes on below the voltage at which a load can be served: it has collapsed.
            ++collapsed;
            EXPECT_LT(*std::ranges::min_element(theirs), 0.0);
            continue;
        }
        expectTheSameVolts(n, ours, theirs);
        const double largest = test::largestCurrent(ours);
        for (std::size_t i = 0; i < n.resistors.size(); ++i) {
            const Resistor& r = n.resistors[i];
            const double current =
                (theirs[static_cast<std::size_t>(r.a)] - theirs[static_cast<std::size_t>(r.b)]) /
                r.resistance.si();
            // Their voltages carry their tolerance over a fraction of a milliohm.
            EXPECT_NEAR(ours.resistor[i].si(), current, kAgreement * largest) << "resistor " << i;
        }
        for (std::size_t i = 0; i < n.sources.size(); ++i) {
            const VoltageSource& s = n.sources[i];
            const double v =
                theirs[static_cast<std::size_t>(s.pos)] - theirs[static_cast<std::size_t>(s.neg)];
            EXPECT_NEAR(
                ours.source[i].si(), (s.emf.si() - v) / s.resistance.si(), kAgreement * largest)
                << "source " << i;
        }
    }
    // Nearly all can be served: the comparison is of them.
    EXPECT_LE(collapsed, kNetworks / 50);
}

// Sun and engine together, on banks and loads as above: trackers at and off their panels' best,
// chargers whose alternator has enough and too little.
TEST(Ngspice, AgreesWhereSunAndEngineChargeTogether) {
    int starved = 0;
    int unjudged = 0;
    for (unsigned seed = 1; seed <= kNetworks; ++seed) {
        SCOPED_TRACE("network " + std::to_string(seed));
        const Network n = test::withSunAndEngine(
            test::randomNetwork(seed, 4 + static_cast<int>(seed % 20)), seed);
        const Solution ours = solve(n);
        if (!ours.served()) {
            continue;
        }
        // Limits are corners, between which it jumps for ever when it begins far away.
        const std::vector<double> theirs = judge(n, beside(n, ours));
        if (theirs.empty()) {
            ++unjudged;
            continue;
        }
        expectTheSameVolts(n, ours, theirs);
        starved += ours.across(n.nodes - 1, 0) < n.chargers.back().input->fold->full ? 1 : 0;
    }
    // Its own search fails on a few; the rest is what is compared.
    EXPECT_LE(unjudged, kNetworks / 8);
    EXPECT_GT(starved, static_cast<int>(kNetworks) / 10);
    EXPECT_LT(starved, static_cast<int>(kNetworks) * 9 / 10);
}

// What flows by theirs, of which every node hangs on the first by a resistor that carries nothing
// to speak of: parts that nothing joins have no volts against each other.
void expectTheSameCurrents(const Network& n,
                           const Solution& ours,
                           const std::vector<double>& theirs) {
    const double largest = std::max(1.0, test::largestCurrent(ours));
    const auto across = [&](int a, int b) {
        return theirs[static_cast<std::size_t>(a)] - theirs[static_cast<std::size_t>(b)];
    };
    for (std::size_t i = 0; i < n.resistors.size(); ++i) {
        const Resistor& r = n.resistors[i];
        const double current = across(r.a, r.b) / r.resistance.si();
        // Their voltages carry their tolerance over a fraction of a milliohm.
        const double resolved = 1e-8 / r.resistance.si();
        EXPECT_NEAR(ours.resistor[i].si(), current, kAgreement * largest + resolved)
            << "resistor " << i;
    }
}

// A system's network in one of its moments; nothing where there is nothing to compare: it cannot be
// served, or a converter makes a rail of its own, which the reference is not told.
std::optional<Network> networkOf(const Design& d, std::size_t moment) {
    Network n =
        assemble({&d.wiring.circuit, d.cables.ohms}, d.wiring.moments[moment], Detail::Terminals)
            .network;
    const bool makesRail =
        std::ranges::any_of(n.sources, [](const VoltageSource& s) { return s.input.has_value(); });
    if (makesRail || n.sources.empty() || !d.moments[moment].served()) {
        return std::nullopt;
    }
    return n;
}

// The reference wants all nodes to hang together and nothing that draws where nothing gives.
Network forTheReference(Network n, const Solution& ours) {
    const auto dead = [&](int pos, int neg) {
        const int part = ours.part[static_cast<std::size_t>(pos)];
        return part < 0 || part != ours.part[static_cast<std::size_t>(neg)];
    };
    std::erase_if(n.loads, [&](const NetLoad& l) { return dead(l.pos, l.neg); });
    std::erase_if(n.chargers, [&](const Charger& c) {
        return dead(c.pos, c.neg) || (c.input && dead(c.input->pos, c.input->neg));
    });
    for (int node = 1; node < n.nodes; ++node) {
        n.resistors.push_back({node, 0, ohms(1e10)});
    }
    return n;
}

Begin besideOurs(const Network& whole, const Network& told, const Solution& ours) {
    Begin out;
    for (int i = 1; i < whole.nodes; ++i) {
        out[std::to_string(i)] = ours.across(i, 0).si() + kBeside;
    }
    for (std::size_t i = 0; i < told.sources.size(); ++i) {
        out["e" + std::to_string(i)] =
            told.sources[i].emf.si() + out[std::to_string(told.sources[i].neg)];
    }
    for (std::size_t i = 0; i < told.chargers.size(); ++i) {
        const Charger& c = told.chargers[i];
        const auto same = std::ranges::find_if(whole.chargers, [&](const Charger& other) {
            return other.pos == c.pos && other.neg == c.neg && c.input.has_value() && other.input &&
                   other.input->pos == c.input->pos;
        });
        if (same != whole.chargers.end()) {
            const auto at = static_cast<std::size_t>(same - whole.chargers.begin());
            out["p" + std::to_string(i)] =
                ours.chargerInput[at].si() * ours.across(c.input->pos, c.input->neg).si();
        }
    }
    return out;
}

// What the resistors carry into a node.
double carriedInto(const Network& n, const std::vector<double>& volts, int node) {
    double out = 0.0;
    for (const Resistor& r : n.resistors) {
        const double current =
            (volts[static_cast<std::size_t>(r.a)] - volts[static_cast<std::size_t>(r.b)]) /
            r.resistance.si();
        out += r.b == node ? current : r.a == node ? -current : 0.0;
    }
    return out;
}

// The reference may stop far from any answer, where a charger gives into reversed volts.
bool isAnAnswer(const Network& n, const std::vector<double>& theirs) {
    return std::ranges::none_of(n.chargers, [&](const Charger& c) {
        return theirs[static_cast<std::size_t>(c.pos)] < theirs[static_cast<std::size_t>(c.neg)];
    });
}

// Where a charger draws just what its panels give at their knee, the reference may stop where the
// current that its own resistors take from the panels is not what their curve gives there.
bool meetsItsPanels(const Network& n, const std::vector<double>& theirs) {
    const auto at = [&](int node) { return theirs[static_cast<std::size_t>(node)]; };
    return std::ranges::all_of(n.sources, [&](const VoltageSource& s) {
        if (!s.knee) {
            return true;
        }
        const double v = at(s.pos) - at(s.neg);
        const double knee = s.knee->at.si();
        const double flat = (s.knee->shorted - s.knee->current).si() / knee;
        const double given = v >= knee ? (s.emf.si() - v) / s.resistance.si()
                                       : s.knee->current.si() + flat * (knee - v);
        return std::fabs(given + carriedInto(n, theirs, s.pos)) < 1e-5;
    });
}

// Systems by chance of every way, each in one of its moments.
TEST(Ngspice, AgreesOnSystemsOfEveryWay) {
    constexpr unsigned kSystems = 400;
    int compared = 0;
    int unjudged = 0;
    std::set<std::string> ways;
    for (unsigned seed = 1; seed <= kSystems; ++seed) {
        const Design d = design(test::systemAtRandom(seed, test::library()), test::library());
        const std::size_t moment = seed % d.moments.size();
        SCOPED_TRACE("system " + std::to_string(seed) + ", " + d.moments[moment].moment);
        const auto n = networkOf(d, moment);
        if (!n) {
            continue;
        }
        const Solution ours = solve(*n);
        ASSERT_TRUE(ours.served());
        const Network told = forTheReference(*n, ours);
        const std::vector<double> theirs = judge(told, besideOurs(*n, told, ours));
        if (theirs.empty() || !meetsItsPanels(*n, theirs) || !isAnAnswer(*n, theirs)) {
            ++unjudged;
            continue;
        }
        ++compared;
        expectTheSameCurrents(*n, ours, theirs);
        d.gear.eachOnRail(
            [&](const SystemUnit& unit, const UnitId&) { ways.insert(unit.way.value); });
    }
    EXPECT_GE(compared, 200);
    EXPECT_LE(unjudged, compared / 4);
    for (const WayRow& way : test::library().ways) {
        const bool source = way.of == WayKind::Sun || way.of == WayKind::Engine ||
                            way.of == WayKind::Relay || way.of == WayKind::Shore ||
                            way.of == WayKind::Alternator || way.of == WayKind::Trickle ||
                            way.of == WayKind::Combined || way.of == WayKind::Inverter ||
                            way.of == WayKind::Panels || way.of == WayKind::Monitor;
        EXPECT_TRUE(!source || ways.contains(way.id)) << way.id;
    }
}

}  // namespace
}  // namespace spirk
