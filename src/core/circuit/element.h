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
// EngineOrShore: of an engine charger that a shore charger feeds, too.
enum class Live { Always, EngineRunning, InSun, OnShore, EngineOrShore };

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

// Panels: two straight lines, from open circuit to the point of largest power and from there to
// short circuit, exact at all three. They never give more than at that point.
struct PanelCurve {
    PortPair at;
    Volts open, best;
    Amps bestCurrent, shortCurrent;  // in full sun
};

// What is fed from outside the circuit and limits itself: an alternator.
struct Limited {
    PortPair at;
    Live live = Live::EngineRunning;
    Volts set;
    Volts lowest;  // at sizing: as low as what it feeds works, for that is where most is drawn
    Amps most;
};

// A supply that is too low: at `full` and above it takes what it needs, at `none` nothing, less and
// less in between.
struct Undervoltage {
    Volts full, none;
};

// Takes at one pair of ports what it gives at another, over its efficiency. What its input does not
// bring, its output does not give.
struct Transfer {
    PortPair in, out;
    Live live = Live::Always;
    Volts set;
    Amps most;
    std::optional<Amps> withOthers = {};  // most, while another transfer of its device gives too
    std::optional<Watts> inFullSun;       // most power, with Live::InSun, of what does not track
    std::optional<Amps> bestInput;    // where its panels give most in full sun: it draws no more
    std::optional<Undervoltage> low;  // where it eases off
    double efficiency = 1.0;
    // Given: it makes the rail behind it and holds it with this resistance. Else it charges what
    // has a voltage of its own.
    std::optional<Ohms> inside;
    // Its leads bear what it takes to give its rating, down to these volts at its input; nothing:
    // what it takes for what hangs on it.
    std::optional<Volts> wholeAt = {};
};

// Joins pairs of ports, all or none: a switch, an isolator.
struct Contact {
    std::vector<PortPair> poles;
    Ohms resistance;
    Live closed = Live::Always;  // a relay's closes by itself; any is opened by a moment
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
