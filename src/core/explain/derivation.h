// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// How a figure came about: formula in words and symbols, each term with its value and where it came
// from, the result, the source. Every figure that a person sees has one.

#include <map>
#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "core/explain/id.h"
#include "core/text/text.h"

namespace spirk {

struct FromFigure {  // another figure, which can be asked in turn
    FigureId figure;
    bool operator==(const FromFigure&) const = default;
};
struct FromPlan {  // what the person decided; the path as in the file
    std::string path;
    bool operator==(const FromPlan&) const = default;
};
// A row of the library, with its source and how sure it is. All but the row's name is borrowed from
// the library, which outlives every derivation, or is a literal: a design has a thousand of these.
struct FromTable {
    std::string_view table;
    Text row;
    std::string_view source;
    std::string_view certainty;
    bool operator==(const FromTable&) const = default;
};
struct FromSolver {  // a solved network, in the named moment
    Text moment;
    bool operator==(const FromSolver&) const = default;
};
struct FromRule {  // a rule or judgement, in words
    Text rule;
    bool operator==(const FromRule&) const = default;
};
using Origin = std::variant<FromFigure, FromPlan, FromTable, FromSolver, FromRule>;

struct Term {
    Text symbol;
    Text name;
    Value value;
    Origin origin;
    bool operator==(const Term&) const = default;
};

// Terms in the order of the formula. Built by moving: an initializer list would copy each of them.
class Terms : public std::vector<Term> {
public:
    Terms() = default;
    // NOLINTBEGIN(google-explicit-constructor): `.terms = {{...}, {...}}` is how they are written
    Terms(Term a) { take(a); }
    Terms(Term a, Term b) { take(a, b); }
    Terms(Term a, Term b, Term c) { take(a, b, c); }
    Terms(Term a, Term b, Term c, Term d) { take(a, b, c, d); }
    Terms(Term a, Term b, Term c, Term d, Term e) { take(a, b, c, d, e); }
    Terms(Term a, Term b, Term c, Term d, Term e, Term f) { take(a, b, c, d, e, f); }
    Terms(Term a, Term b, Term c, Term d, Term e, Term f, Term g) { take(a, b, c, d, e, f, g); }
    // NOLINTEND(google-explicit-constructor)

private:
    template <class... T>
    void take(T&... terms) {
        reserve(sizeof...(terms) + 2);
        (push_back(std::move(terms)), ...);
    }
};

struct Derivation {
    FigureId id;
    Text title;
    Text formula;
    Terms terms;
    Value result;
    Text source;
    Text note;  // what it was compared with, or what would change it most; may be empty
    bool operator==(const Derivation&) const = default;
};

// All derivations of a design by figure. Ordered, so that reports come out the same each time.
class Derivations {
public:
    // Requires that the figure has no derivation yet.
    void add(Derivation derivation);
    void merge(Derivations other);
    // Null where the figure is unknown.
    [[nodiscard]] const Derivation* find(const FigureId& id) const;
    [[nodiscard]] const std::map<FigureId, Derivation>& all() const { return byId_; }
    bool operator==(const Derivations&) const = default;

private:
    std::map<FigureId, Derivation> byId_;
};

// Where a term came from, in words: 'plan: gear.banks.bank.count', 'table ampacity, row ...'.
[[nodiscard]] Text describe(const Origin& origin);

// The whole derivation as indented text for the terminal and the printed report.
[[nodiscard]] std::string asText(const Derivation& derivation, const Speech& speech = {});

}  // namespace spirk
