// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a meter should show at a step of the first switch-on: the value from the network as it was
// solved, the band in which all is well, and why. Private to this room.

#include <optional>

#include "core/powerup/powerup.h"
#include "core/wiring/live_step.h"

namespace spirk {

// How full a bank is when it is first switched on, 0 to 1.
struct Delivered {
    double low = 0.0, high = 1.0;
    [[nodiscard]] double middle() const { return 0.5 * (low + high); }
};
// Lithium in parallel is charged full by itself before it is joined.
[[nodiscard]] Delivered stateOf(const BankUnit& bank);

struct Reading {
    Text where;
    Measure value;
    Measure low, high;  // between these all is well
    Derivation why;     // without id, title and result
};

class Readings {
public:
    explicit Readings(const PowerUpInput& in) : in_(in) {}

    // A current that a dead branch could show as well is no test.
    [[nodiscard]] bool tells(const WantedReading& reading,
                             const Look& look,
                             const MomentSolution& m) const;
    // What is wanted in a moment, as it was solved. Nothing where volts have no counterpart to be
    // read against.
    [[nodiscard]] std::optional<Reading> expected(const WantedReading& reading,
                                                  const Moment& moment,
                                                  const MomentSolution& m) const;
    [[nodiscard]] std::optional<Reading> voltsAt(const TerminalId& pos,
                                                 const Moment& moment,
                                                 const MomentSolution& m) const;
    // Millivolts across the bond that joins 'own', with a lamp's current through it.
    [[nodiscard]] Reading bond(const Conductor& own) const;
    // A lamp to test the bond with.
    [[nodiscard]] static Watts lamp();

private:
    struct Rest;
    [[nodiscard]] const Circuit& circuit() const { return in_.wiring.circuit; }
    [[nodiscard]] Rest restOf(const Device& device) const;
    [[nodiscard]] const BankUnit& bankBehind(const Device& device) const;
    [[nodiscard]] Term atRest(const Rest& rest, Phrase symbol, double charge, Volts v) const;
    [[nodiscard]] Derivation withinRest(const Rest& rest,
                                        Volts value,
                                        const FigureId& figure) const;
    [[nodiscard]] Ohms bodyOf(const TerminalId& point) const;

    const PowerUpInput& in_;
};

}  // namespace spirk
