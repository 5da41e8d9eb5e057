// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/fault.h"

#include "core/circuit/nodal.h"
#include "core/result/promise.h"

namespace spirk {

struct FaultStudy::State {
    explicit State(const Network& of) : nodal(of) {}

    Nodal nodal;
    NodalFactor factor;
    Eigen::VectorXd open;  // voltages without a fault
};

FaultStudy::FaultStudy(FaultStudy&&) noexcept = default;
FaultStudy& FaultStudy::operator=(FaultStudy&&) noexcept = default;
FaultStudy::~FaultStudy() = default;

FaultStudy::FaultStudy(const Network& network) : state_(std::make_unique<State>(network)) {
    State& s = *state_;
    s.factor.compute(s.nodal.matrix(s.nodal.entries));
    const bool empty = s.nodal.size == 0;
    promise(empty || s.factor.info() == Eigen::Success, "a connected network factorises");
    s.open = empty ? s.nodal.injected : Eigen::VectorXd(s.factor.solve(s.nodal.injected));
}

Amps Fault::through(const Resistor& r) const {
    return (node[static_cast<std::size_t>(r.a)] - node[static_cast<std::size_t>(r.b)]) /
           r.resistance;
}

Fault FaultStudy::between(int pos, int neg) const {
    const State& s = *state_;
    Fault out;
    out.node.assign(s.nodal.unknown.size(), volts(0.0));
    if (pos == neg || !connected(s.nodal.parts, pos, neg)) {
        return out;
    }
    Eigen::VectorXd unit = Eigen::VectorXd::Zero(s.open.size());
    s.nodal.addTo(unit, pos, 1.0);
    s.nodal.addTo(unit, neg, -1.0);
    const Eigen::VectorXd response = s.factor.solve(unit);
    const double voltage = s.nodal.value(s.open, pos) - s.nodal.value(s.open, neg);
    const double resistance = s.nodal.value(response, pos) - s.nodal.value(response, neg);
    const double current = voltage / resistance;
    out.current = amps(current);
    const Eigen::VectorXd shorted = s.open - current * response;
    for (std::size_t node = 0; node < out.node.size(); ++node) {
        out.node[node] = volts(s.nodal.value(shorted, static_cast<int>(node)));
    }
    return out;
}

}  // namespace spirk
