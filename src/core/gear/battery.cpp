// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/gear/battery.h"

#include <algorithm>
#include <array>

#include "core/base/promise.h"
#include "core/quantities/curve.h"

namespace spirk {

namespace {

// Of the columns of `capacity_at_temperature` in the table of chemistries.
constexpr std::array<double, 6> kColdDegrees{-20.0, -10.0, 0.0, 10.0, 25.0, 40.0};

}  // namespace

Volts restVoltage(const Chemistry& chemistry, double stateOfCharge) {
    return along(chemistry.restVolts, stateOfCharge);
}

Ohms batteryResistance(const BatteryModel& model,
                       const Chemistry& chemistry,
                       ResistanceCase which,
                       double left) {
    promise(left > 0.0, "a battery has something left");
    if (which != ResistanceCase::High && model.shortCircuit) {
        return restVoltage(chemistry, 1.0) / (*model.shortCircuit * left);
    }
    const double product = which == ResistanceCase::Low   ? chemistry.resistanceLow
                           : which == ResistanceCase::Mid ? chemistry.resistanceMid
                                                          : chemistry.resistanceHigh;
    return Ohms::fromSi(product / (model.capacity.si() * left));
}

double coldResistance(Celsius battery) {
    constexpr double kDoubledAfter = 45.0;  // kelvins below the rating's 25 degC
    return 1.0 + std::max(0.0, 25.0 - battery.degrees) / kDoubledAfter;
}

double capacityAt(const Chemistry& chemistry, Celsius battery) {
    promise(chemistry.coldCapacity.size() == kColdDegrees.size(), "a part for each temperature");
    const double t = std::clamp(battery.degrees, kColdDegrees.front(), kColdDegrees.back());
    std::size_t high = 1;
    while (kColdDegrees[high] < t) {
        ++high;
    }
    const double span = kColdDegrees[high] - kColdDegrees[high - 1];
    const double part = (t - kColdDegrees[high - 1]) / span;
    return chemistry.coldCapacity[high - 1] * (1.0 - part) + chemistry.coldCapacity[high] * part;
}

Seconds chargeTime(Coulombs charge, Amps current) {
    promise(current.si() > 0.0, "a charging current is above zero");
    return charge / current;
}

}  // namespace spirk
