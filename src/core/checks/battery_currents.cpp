// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/checks/battery_currents.h"

#include "core/checks/families.h"

namespace spirk {

namespace {

// What its conductors take away at the positive, less what they bring there.
std::vector<Amps> outOf(const CheckInput& in, std::size_t device) {
    const Circuit& circuit = sizedCircuit(in);
    std::vector<Amps> out(in.wiring.sizing.size());
    for (const EndOn& on : circuit.index->endsOn[device]) {
        const CableRow& row = in.cables.rows[on.conductor];
        const bool positive = circuit.devices[device].ports[on.port].pole == Pole::Positive;
        for (std::size_t m = 0; positive && m < row.inMoment.size(); ++m) {
            // One battery gone sizes leads and fuses; the bank's own limits are those of all.
            if (!in.wiring.sizing[m].leadsOf.empty()) {
                continue;
            }
            out[m] += on.end == End::From ? row.inMoment[m] : -row.inMoment[m];
        }
    }
    return out;
}

}  // namespace

std::vector<StringCurrent> stringCurrents(const CheckInput& in, const UnitId& bank) {
    std::vector<StringCurrent> out;
    const std::vector<Device>& devices = in.wiring.circuit.devices;
    for (std::size_t i = 0; i < devices.size(); ++i) {
        const Device& d = devices[i];
        if (d.kind == DeviceKind::Battery && d.unit == bank && d.headsString) {
            out.push_back({&d, outOf(in, i)});
        }
    }
    return out;
}

std::size_t hardestMoment(const std::vector<StringCurrent>& strings) {
    std::size_t best = 0;
    Amps most;
    for (const StringCurrent& string : strings) {
        for (std::size_t m = 0; m < string.inMoment.size(); ++m) {
            if (abs(string.inMoment[m]) > most) {
                most = abs(string.inMoment[m]);
                best = m;
            }
        }
    }
    return best;
}

}  // namespace spirk
