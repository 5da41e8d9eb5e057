// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/device_currents.h"

#include <algorithm>

#include "core/base/promise.h"
#include "core/circuit/kinds.h"

namespace spirk {

namespace {

Through larger(const Through& a, const Through& b) { return b.current > a.current ? b : a; }

// Half of all that the conductors of a pole bring and take away, which is all that passes.
Amps passing(const Device& d,
             const std::vector<EndOn>& ends,
             const MomentCurrents& currents,
             Pole pole,
             std::size_t moment) {
    Amps sum;
    for (const EndOn& end : ends) {
        const auto& here = currents[end.conductor];
        if (d.ports[end.port].pole == pole && moment < here.size()) {
            sum += abs(here[moment]);
        }
    }
    return sum / 2.0;
}

Through mostPassing(const Circuit& circuit,
                    const Device& d,
                    const std::vector<EndOn>& ends,
                    const MomentCurrents& currents) {
    Through out;
    for (const EndOn& end : ends) {
        const Pole pole = d.ports[end.port].pole;
        for (std::size_t m = 0; m < currents[end.conductor].size(); ++m) {
            out = larger(out, {passing(d, ends, currents, pole, m), m});
        }
        out = larger(out, {circuit.conductors[end.conductor].rated.value_or(Amps()), 0});
    }
    return out;
}

Through mostOf(std::span<const Amps> currents) {
    Through out;
    for (std::size_t m = 0; m < currents.size(); ++m) {
        out = larger(out, {abs(currents[m]), m});
    }
    return out;
}

// What a block or strip takes in at its first positive.
Through intake(const Device& d, const std::vector<EndOn>& ends, const MomentCurrents& currents) {
    const auto positive = std::ranges::find(d.ports, Pole::Positive, &Port::pole);
    Through out;
    for (const EndOn& end : ends) {
        if (end.end == End::To && &d.ports[end.port] == &*positive) {
            out = larger(out, mostOf(currents[end.conductor]));
        }
    }
    return out;
}

// What a device gives at its outputs.
Through output(const Device& d, const std::vector<EndOn>& ends, const MomentCurrents& currents) {
    Through out;
    for (const Element& e : d.elements) {
        const auto* transfer = std::get_if<Transfer>(&e);
        for (const EndOn& end : ends) {
            if (transfer != nullptr && end.end == End::From && end.port == transfer->out.pos) {
                out = larger(out, mostOf(currents[end.conductor]));
            }
        }
    }
    return out;
}

}  // namespace

std::optional<Through> mostThrough(const Circuit& circuit,
                                   std::size_t device,
                                   const MomentCurrents& currents) {
    const Device& d = circuit.devices[device];
    const std::vector<EndOn>& ends = circuit.index->endsOn[device];
    switch (kindRow(d.kind).rated) {
        case Rated::No:
            return std::nullopt;
        case Rated::ForItsIntake:
            return intake(d, ends, currents);
        case Rated::ForItsOutput:
            return output(d, ends, currents);
        case Rated::ForAllThatPasses:
            return mostPassing(circuit, d, ends, currents);
    }
    unreachable("mostThrough(Rated)");
}

}  // namespace spirk
