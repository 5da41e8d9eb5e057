// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/fault.h"

#include <algorithm>
#include <array>
#include <initializer_list>

#include "core/base/promise.h"
#include "core/circuit/nodal.h"
#include "core/circuit/node_index.h"

namespace spirk {

namespace {

using Lower = NodalMatrix;

}  // namespace

struct FaultStudy::State {
    explicit State(const Network& of) : nodal(of) {
        factor.compute(nodal.matrix(nodal.entries));
        const bool empty = nodal.size == 0;
        promise(empty || factor.info() == Eigen::Success, "a connected network factorises");
        diagonal = factor.vectorD();
        open = empty ? nodal.injected : Eigen::VectorXd(factor.solve(nodal.injected));
    }

    [[nodiscard]] double openAt(int node) const { return nodal.value(open, node); }

    // Volts at `nodes` when one ampere is drawn in at `pos` and out at `neg`.
    template <std::size_t n>
    [[nodiscard]] std::array<double, n> response(int pos,
                                                 int neg,
                                                 const std::array<int, n>& nodes) const {
        std::vector<int> rows = ancestors({pos, neg});
        for (const int node : nodes) {
            const std::vector<int> more = ancestors({node});
            rows.insert(rows.end(), more.begin(), more.end());
        }
        std::ranges::sort(rows);
        rows.erase(std::unique(rows.begin(), rows.end()), rows.end());
        std::vector<double> x(rows.size(), 0.0);
        const auto valueOf = [&](int node) {
            const int row = nodal.unknown[at(node)];
            return row < 0 ? nullptr : &x[placeOf(rows, row)];
        };
        for (const auto& [node, current] : {std::pair(pos, 1.0), std::pair(neg, -1.0)}) {
            if (double* value = valueOf(node)) {
                *value += current;
            }
        }
        solveRows(rows, x);
        std::array<double, n> out{};
        for (std::size_t i = 0; i < n; ++i) {
            const double* value = valueOf(nodes[i]);
            out[i] = value == nullptr ? 0.0 : *value;
        }
        return out;
    }

    Nodal nodal;
    NodalFactor factor;
    Eigen::VectorXd diagonal;  // D of the factors
    Eigen::VectorXd open;      // voltages without a fault

private:
    [[nodiscard]] const Lower& lower() const { return factor.matrixL().nestedExpression(); }

    // Rows from those of the nodes up to the root of the elimination tree: a row's parent is the
    // first below it in its column. Only these take part when a current enters at the nodes.
    [[nodiscard]] std::vector<int> ancestors(std::initializer_list<int> nodes) const {
        std::vector<int> out;
        for (const int node : nodes) {
            int row = nodal.unknown[at(node)];
            while (row >= 0) {
                out.push_back(row);
                const Lower::InnerIterator below(lower(), row);
                row = below ? static_cast<int>(below.row()) : -1;
            }
        }
        return out;
    }

    [[nodiscard]] static std::size_t placeOf(const std::vector<int>& rows, Eigen::Index row) {
        return static_cast<std::size_t>(std::ranges::lower_bound(rows, row) - rows.begin());
    }
    // L D L' x = b over rows that hold all their ancestors, in rising order; x has one value for
    // each of them.
    void solveRows(const std::vector<int>& rows, std::vector<double>& x) const {
        for (std::size_t i = 0; i < rows.size(); ++i) {
            for (Lower::InnerIterator l(lower(), rows[i]); l; ++l) {
                x[placeOf(rows, l.row())] -= l.value() * x[i];
            }
        }
        for (std::size_t i = rows.size(); i-- > 0;) {
            double sum = x[i] / diagonal[rows[i]];
            for (Lower::InnerIterator l(lower(), rows[i]); l; ++l) {
                sum -= l.value() * x[placeOf(rows, l.row())];
            }
            x[i] = sum;
        }
    }
};

FaultStudy::FaultStudy(const Network& network) : state_(std::make_shared<const State>(network)) {}

Amps FaultStudy::Fault::through(const Resistor& r) const {
    if (!state_) {
        return {};
    }
    const auto [a, b] = state_->response(pos_, neg_, std::array{r.a, r.b});
    const double open = state_->openAt(r.a) - state_->openAt(r.b);
    return volts(open - current_.si() * (a - b)) / r.resistance;
}

FaultStudy::Fault FaultStudy::between(int pos, int neg) const {
    Fault out;
    if (pos == neg || !connected(state_->nodal.parts, pos, neg)) {
        return out;
    }
    const auto [a, b] = state_->response(pos, neg, std::array{pos, neg});
    out.state_ = state_;
    out.pos_ = pos;
    out.neg_ = neg;
    out.current_ = amps((state_->openAt(pos) - state_->openAt(neg)) / (a - b));
    return out;
}

}  // namespace spirk
