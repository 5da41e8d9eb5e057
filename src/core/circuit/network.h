// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A direct-current network of numbered nodes and its steady state: batteries behind resistance,
// resistors, loads of constant power, current or resistance, and chargers that hold a voltage
// within a current and a power. No names here: assemble.h gives the nodes their meaning.
//
// Method: nodal analysis, Newton's method on Kirchhoff's current law with a sparse LDLT
// factorisation and a halving line search, started on the high-voltage branch.
// Law 1: the currents at every node sum to zero within kCurrentTolerance of the largest current.
// Law 2: the power of all sources equals the power of all resistors and loads.
// Law 3: the order of elements changes nothing beyond rounding.

#include <optional>
#include <vector>

#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

struct Resistor {
    int a = 0, b = 0;
    Ohms resistance;  // above zero
};
// From `full` volts down to `none` less and less of `power` is taken.
struct Fold {
    Volts full, none;
    Watts power;
};
// Where an element draws what it gives elsewhere, over its efficiency. What cannot be drawn there
// is not given.
struct PowerInput {
    int pos = 0, neg = 0;
    double efficiency = 1.0;
    std::optional<Amps> most = std::nullopt;  // draws no more: where panels give most
    std::optional<Fold> fold = std::nullopt;
};
// Where the line of a panel's emf and resistance ends; from there it rises to the current of a
// short.
struct Knee {
    Volts at;  // above zero
    Amps current, shorted;
};
// A battery: emf behind resistance. With an input, a converter that makes its own rail: what it
// gives is drawn there. Its input must lie in a part that has a source without it.
struct VoltageSource {
    int pos = 0, neg = 0;
    Volts emf;
    Ohms resistance;  // above zero
    std::optional<PowerInput> input = std::nullopt;
    std::optional<Knee> knee = std::nullopt;  // of panels
};
struct NetLoad {
    int pos = 0, neg = 0;
    Behaviour behaviour = Behaviour::Power;
    Watts power;      // Behaviour::Power
    Amps current;     // Behaviour::Current
    Ohms resistance;  // Behaviour::Resistance, above zero
};
// Gives at most min(maxCurrent, maxPower / V) until its terminals reach the set voltage, then what
// holds that voltage; never takes current. Where it has an input, it draws its output power over
// its efficiency there, and gives no more than that input brings: nothing where it is dead.
struct Charger {
    int pos = 0, neg = 0;
    Volts set;
    Amps maxCurrent;
    Watts maxPower;
    std::optional<PowerInput> input;
};

struct Network {
    int nodes = 0;
    std::vector<Resistor> resistors;
    std::vector<VoltageSource> sources;
    std::vector<NetLoad> loads;
    std::vector<Charger> chargers;
    // Every node once, in an order that eliminates cheaply. Empty: found afresh by solve(). It
    // changes the time of a solution, never the solution beyond rounding.
    std::vector<int> order;
};

// A regulator is not perfectly stiff; this small slope keeps the equations regular.
inline constexpr double kRegulatorOhms = 2e-4;
// Large enough never to limit: the power of what is limited by current only.
inline constexpr double kNoPowerLimit = 1e6;  // W
// Kirchhoff's current law holds within this part of the largest current.
inline constexpr double kCurrentTolerance = 1e-9;
inline constexpr int kMostIterations = 80;

// CannotBeServed: the constant powers cannot be drawn together, at any voltage. NotConverged: there
// may be a solution and none was found, a defect of this program.
enum class Outcome { Solved, CannotBeServed, NotConverged };

struct Solution {
    // Of what is not solved the voltages are those at `servable`, so that a person sees where it
    // breaks down.
    Outcome outcome = Outcome::Solved;
    double servable = 1.0;  // largest part of all constant powers that can be served, 0 to 1
    int weakestLoad = -1;   // index of the load with the lowest voltage when not solved, else -1
    int iterations = 0;
    std::vector<Volts> node;         // against one node of its connected part
    std::vector<int> part;           // of nodes that are connected; -1: to no source
    std::vector<Amps> resistor;      // from a to b
    std::vector<Amps> source;        // out of the positive pole
    std::vector<Amps> sourceInput;   // into the input; zero where it has none
    std::vector<Amps> load;          // from pos to neg
    std::vector<Amps> charger;       // out of the positive pole
    std::vector<Amps> chargerInput;  // into the input; zero where it has none
    [[nodiscard]] bool served() const { return outcome == Outcome::Solved; }
    [[nodiscard]] Volts across(int pos, int neg) const {
        return node[static_cast<std::size_t>(pos)] - node[static_cast<std::size_t>(neg)];
    }
};

// Requires node numbers within [0, nodes), resistances above zero. Loads and chargers whose poles
// are not both connected to the same live part carry nothing.
[[nodiscard]] Solution solve(const Network& network);

}  // namespace spirk
