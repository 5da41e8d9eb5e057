// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Kirchhoff's current law of one network as equations in the volts of its nodes, with what Newton's
// method asks of them. Unknowns are the volts of all nodes but the parts' references. Private to
// this room.

#include <Eigen/Dense>
#include <vector>

#include "core/circuit/branches.h"
#include "core/circuit/nodal.h"

namespace spirk {

using Vector = Eigen::VectorXd;

class Equations {
public:
    explicit Equations(const Network& network);

    [[nodiscard]] const Parts& parts() const { return nodal_.parts; }
    [[nodiscard]] int size() const { return nodal_.size; }
    [[nodiscard]] bool active(int pos, int neg) const { return connected(nodal_.parts, pos, neg); }
    [[nodiscard]] double voltage(const Vector& v, int node) const { return nodal_.value(v, node); }
    [[nodiscard]] double across(const Vector& v, int pos, int neg) const {
        return voltage(v, pos) - voltage(v, neg);
    }
    // Below these volts a constant-power load has left the branch that exists.
    [[nodiscard]] double floorOf(int node) const;

    // What a charger that is connected gives at `v` and draws at its input, and how each grows with
    // the volts at the other.
    struct Passed {
        Branch given, drawn;
        double givenByInput = 0.0, drawnByOutput = 0.0;
    };
    [[nodiscard]] Passed passed(const Charger& charger, const Vector& v) const;
    [[nodiscard]] Branch branchOf(const Charger& charger, double v, double power) const {
        return chargerBranch(charger, v, power, charger.maxCurrent.si() * allowed_, regulator_);
    }
    // Out of panels' positive, less than by their line.
    [[nodiscard]] Branch missingAt(const VoltageSource& panels, const Vector& v) const;
    // Power that a converter gives at `v`: never less than nothing.
    [[nodiscard]] double given(const VoltageSource& converter, const Vector& v) const;

    // The unknowns at given volts of each node, against whatever.
    [[nodiscard]] Vector unknowns(const std::vector<Volts>& node) const;
    // Sum of currents leaving each unknown node.
    [[nodiscard]] Vector residual(const Vector& v, double scale) const;
    // Factorises the Jacobian at `v`; false where it is singular. `damping` siemens from each node
    // to where it is hold the step back.
    [[nodiscard]] bool factorise(const Vector& v, double scale, double damping = 0.0);
    // By Sherman, Morrison and Woodbury: what passes power on couples two pairs of nodes in one
    // direction only, a few of them, so that the symmetric rest is factorised and these are put in
    // afterwards.
    [[nodiscard]] Vector newtonStep(const Vector& f) const;
    // Whether a solution at `v` would come back to itself when it is disturbed. Of two that meet
    // where no more can be drawn, the one of higher volts does.
    [[nodiscard]] bool stable(const Vector& v, double scale);
    // Largest current anywhere, to measure residuals by.
    [[nodiscard]] double currentScale(const Vector& v, double scale) const;
    // What sums of currents cannot be told from zero at `v`: rounding of the largest of their
    // terms.
    [[nodiscard]] double rounding(const Vector& v) const;
    // The network with its constant currents only, and all that is fed from outside holding its
    // volts. Every other load draws more, so that this lies above the solution sought, on the
    // high-voltage branch.
    [[nodiscard]] Vector start();

    // Regulators hold their volts by a slope of so many ohms from here on.
    void regulate(double slope) { regulator_ = slope; }
    // Chargers give that part of their largest current from here on.
    void allow(double part) { allowed_ = part; }

private:
    // A current into one pair of nodes that grows with the volts across another.
    struct Pair {
        int pos = 0, neg = 0;
    };
    struct Coupling {
        Pair into, by;
        double slope = 0.0;  // of the current that leaves the network at `into`
    };
    template <class Visit>
    void forBranches(const Vector& v, double scale, Visit visit) const;
    [[nodiscard]] double acrossOf(const Vector& v, const Pair& pair) const {
        return across(v, pair.pos, pair.neg);
    }
    [[nodiscard]] std::vector<Coupling> couplingsAt(const Vector& v) const;
    // What the couplings put in the factorised rest's place.
    void couple(const Vector& v);
    // How the current of an input at `w` volts grows with the power that it draws.
    [[nodiscard]] double perWatt(const PowerInput& in, double w) const;
    // An input that draws `power` at `w` volts.
    [[nodiscard]] Branch drawing(const PowerInput& in, double power, double w) const;
    // The linear part with a place for every slope that a load or charger may add, so that one
    // ordering serves all factorisations.
    [[nodiscard]] Nodal::Entries patternEntries() const;

    const Network& net_;
    Nodal nodal_;
    NodalMatrix linear_;
    NodalMatrix jacobian_;
    NodalFactor factor_;
    double regulator_ = kRegulatorOhms;
    double allowed_ = 1.0;
    std::vector<Coupling> couplings_;
    Eigen::MatrixXd spread_;  // of each coupling, the volts that its current makes
    Eigen::MatrixXd small_;
};

}  // namespace spirk
