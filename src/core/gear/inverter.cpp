// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/gear/inverter.h"

#include "core/base/promise.h"

namespace spirk {

Watts inverterLoss(const InverterModel& inverter, Watts output) {
    const double p = output / inverter.power;
    return inverter.power * (inverter.lossA + inverter.lossB * p + inverter.lossC * p * p);
}

Watts inverterInput(const InverterModel& inverter, Watts output) {
    return output + inverterLoss(inverter, output);
}

double inverterEfficiency(const InverterModel& inverter, Watts output) {
    promise(output.si() > 0.0, "an efficiency needs an output");
    return output / inverterInput(inverter, output);
}

Amps inverterCurrent(const InverterModel& inverter, Watts output, Volts terminals) {
    promise(terminals.si() > 0.0, "an inverter has a voltage at its terminals");
    return inverterInput(inverter, output) / terminals;
}

}  // namespace spirk
