// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What every way of joining a bank's batteries has: the strings, their ends, and the first look at
// their volts. Private to this room.

#include "core/wiring/ways.h"

namespace spirk {

struct BankEnds {
    TerminalId pos, neg;
};

// 'bank.2'; in a string of several its batteries are 'bank.2.1' at its positive end, 'bank.2.2' ...
[[nodiscard]] std::string stringId(const BankUnit& bank, int string);
[[nodiscard]] BankEnds endsOf(const BankUnit& bank, int string);
// All strings with the links inside them.
void addStrings(Draft& draft, const BankUnit& bank);
// Before any test, where batteries have a switch of their own; else empty.
[[nodiscard]] std::vector<LiveStep> asleep(const BankUnit& bank);
// The step that reads each battery, and then puts these fuses in. Requires that a rail hangs on the
// bank.
[[nodiscard]] LiveStep firstVolts(const System& system,
                                  const BankUnit& bank,
                                  std::vector<ConductorId> fuses);

}  // namespace spirk
