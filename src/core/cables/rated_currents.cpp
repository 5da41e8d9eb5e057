// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/rated_currents.h"

#include "core/cables/sizing.h"
#include "core/circuit/kinds.h"

namespace spirk {

namespace {

RatedCurrent larger(const RatedCurrent& a, const RatedCurrent& b) {
    return b.most > a.most ? b : a;
}

// What an element gives or takes at a port, by its rating; of panels less comes than their
// controller could give. What goes on from an input to something else carries that thing's.
RatedCurrent ratedAt(const Device& device, std::size_t port, End end) {
    RatedCurrent out;
    for (const Element& e : device.elements) {
        if (const auto* limited = std::get_if<Limited>(&e)) {
            out = limited->at.pos == port ? larger(out, {limited->most, {}}) : out;
        } else if (const auto* transfer = std::get_if<Transfer>(&e)) {
            const bool gives = transfer->out.pos == port && transfer->live != Live::InSun;
            out = gives ? larger(out, {transfer->most, {}}) : out;
            const bool takes = end == End::To && transfer->in.pos == port;
            out = takes ? larger(out, {takenAtRating(*transfer), {{device.unit, *transfer}}}) : out;
        }
    }
    return out;
}

// A strong bank takes all that a charger gives, and what makes a rail gives it to whatever draws.
RatedCurrent ratedOf(const Circuit& circuit, std::size_t conductor) {
    // What is taken from the vehicle's own alternator is what hangs on it.
    const auto at = [&](const EndAt& here, End end) {
        const Device& d = circuit.devices[here.device];
        return kindRow(d.kind).stands == Stands::Vehicle ? RatedCurrent()
                                                         : ratedAt(d, here.port, end);
    };
    const auto& [from, to] = circuit.index->ends[conductor];
    return larger(at(from, End::From), at(to, End::To));
}

}  // namespace

Amps takenAtRating(const Transfer& transfer) {
    return transfer.wholeAt
               ? transfer.most * (transfer.set / (*transfer.wholeAt * transfer.efficiency))
               : Amps();
}

std::vector<RatedCurrent> ratedCurrents(const Circuit& circuit) {
    std::vector<RatedCurrent> out(circuit.conductors.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        const Conductor& c = circuit.conductors[i];
        if (c.pole == Pole::Negative) {
            continue;
        }
        const RatedCurrent here = ratedOf(circuit, i);
        out[i] = larger(out[i], here);
        if (c.protectedBy && here.taken) {
            RatedCurrent& before = out[indexOf(circuit, *c.protectedBy)];
            before = larger(before, here);
        }
    }
    for (std::size_t i = 0; i < out.size(); ++i) {
        if (circuit.conductors[i].pole == Pole::Negative) {
            const auto pair = circuit.index->pair[i];
            out[i] = pair ? out[*pair] : ratedOf(circuit, i);
        }
    }
    return out;
}

}  // namespace spirk
