// SPDX-License-Identifier: GPL-3.0-or-later
// The solver against the ngspice library on generated networks with constant-power loads.
#include <gtest/gtest.h>
#include <ngspice/sharedspice.h>

#include <algorithm>
#include <cmath>
#include <cstring>
#include <sstream>

#include "core/circuit/network.h"
#include "tests/support/networks.h"

namespace spirk {
namespace {

constexpr int kNetworks = 200;
// Of the bank's voltage, and of the largest current.
constexpr double kAgreement = 1e-6;
constexpr double kBankVolts = 13.2;

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

// A source is a voltage behind a resistor, with a node of its own between.
std::vector<std::string> netlist(const Network& n) {
    std::vector<std::string> lines{"generated",
                                   ".options reltol=1e-10 vntol=1e-11 abstol=1e-11 itl1=500"};
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
    for (int i = 1; i < n.nodes; ++i) {
        lines.push_back(".nodeset v(" + node(i) + ")=13");
    }
    lines.emplace_back(".op");
    lines.emplace_back(".end");
    return lines;
}

// Node voltages by ngspice; empty where it did not find the operating point.
std::vector<double> judge(const Network& n) {
    static const bool started = [] {
        return ngSpice_Init(onMessage, onStatus, onExit, nullptr, nullptr, nullptr, nullptr) == 0;
    }();
    EXPECT_TRUE(started);
    messages().clear();
    std::vector<std::string> lines = netlist(n);
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
    // The return code is 0 even when the operating point fails: the messages tell.
    if (messages().find("failed") != std::string::npos ||
        messages().find("singular") != std::string::npos) {
        return {};
    }
    command("destroy all");
    command("remcirc");
    return out;
}

TEST(Ngspice, AgreesOnTwoHundredGeneratedNetworks) {
    int collapsed = 0;
    for (unsigned seed = 1; seed <= kNetworks; ++seed) {
        SCOPED_TRACE("network " + std::to_string(seed));
        const Network n = test::randomNetwork(seed, 4 + static_cast<int>(seed));
        const Solution ours = solve(n);
        const std::vector<double> theirs = judge(n);
        ASSERT_EQ(theirs.size(), static_cast<std::size_t>(n.nodes)) << messages();
        if (!ours.served) {
            // Theirs goes on below the voltage at which a load can be served: it has collapsed.
            ++collapsed;
            EXPECT_LT(*std::ranges::min_element(theirs), 0.0);
            continue;
        }
        for (int i = 0; i < n.nodes; ++i) {
            EXPECT_NEAR(ours.across(i, 0).si(),
                        theirs[static_cast<std::size_t>(i)],
                        kAgreement * kBankVolts)
                << "node " << i;
        }
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

}  // namespace
}  // namespace spirk
