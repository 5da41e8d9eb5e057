// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a device does between its ports. A device has any number of elements; the solver knows
// these and no kind of device. What the van is doing (moment.h) decides which of them give, draw or
// are open.

#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/explain/derivation.h"
#include "core/library/library.h"
#include "core/quantities/units.h"

namespace spirk {

// Two ports of one device, by their places in its list.
struct PortPair {
    std::size_t pos = 0, neg = 0;
};

// What must be so for an element to give anything.
enum class Live { Always, EngineRunning, InSun };

// Which end of the range of resistances that are sold a source is reckoned with: Weak for drop and
// 'does the fuse open', Typical for interrupting checks, Strong for what only a strong battery
// could do.
enum class Strength { Weak, Typical, Strong };

// A battery: a voltage by state of charge behind resistance.
struct Emf {
    PortPair at;
    std::vector<Volts> atRest;  // at even steps of charge from 0 to 1; one value: whatever it is
    Ohms weak, typical, strong;
    // Instead of those while the engine runs: a charged battery takes only a few amperes from the
    // alternator, it looks far stiffer to a short than to a charge.
    std::optional<Ohms> onCharge;
    Origin origin;  // of the voltage
};

// Panels: a straight line through open circuit and the point of largest power, exact at both.
struct PanelCurve {
    PortPair at;
    Volts open, best;
    Amps bestCurrent;  // in full sun
};

// What is fed from outside the circuit and limits itself: an alternator.
struct Limited {
    PortPair at;
    Live live = Live::EngineRunning;
    Volts set;
    Volts lowest;  // at sizing: as low as what it feeds works, for that is where most is drawn
    Amps most;
};

// Takes at one pair of ports what it gives at another, over its efficiency.
struct Transfer {
    PortPair in, out;
    Live live = Live::Always;
    Volts set;
    Amps most;
    std::optional<Watts> inFullSun;  // most power, with Live::InSun
    double efficiency = 1.0;
    // Given: it makes the rail behind it and holds it with this resistance. Else it charges what
    // has a voltage of its own.
    std::optional<Ohms> inside;
};

// Joins pairs of ports, all or none: a switch, an isolator.
struct Contact {
    std::vector<PortPair> poles;
    Ohms resistance;
};

// How a draw is switched: with the loads, or by a moment that says how much it draws.
enum class DrawnBy { Switch, Moment };

struct Draw {
    PortPair at;
    DrawnBy by = DrawnBy::Switch;
    Behaviour behaviour = Behaviour::Power;
    Watts used;     // as a rule
    Watts largest;  // what its cable must carry
    Volts nominal;  // at which a current or a resistance draws those watts
    Volts lowest;   // that it still works at: sizing reckons with its current there
};

// Always joined: the ways of a block, a shunt.
struct Resistance {
    PortPair between;
    Ohms resistance;
};

using Element = std::variant<Emf, PanelCurve, Limited, Transfer, Contact, Draw, Resistance>;

}  // namespace spirk
