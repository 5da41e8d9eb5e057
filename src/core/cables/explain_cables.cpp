// SPDX-License-Identifier: GPL-3.0-or-later
// Derivations of every conductor's figures: load, fuse, ampacity, size, drop, short circuit.

#include "core/cables/conductor_physics.h"
#include "core/cables/figures.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/sizing.h"

namespace spirk {

FigureId cableFigure(const ConductorId& id, const std::string& figure) {
    return FigureId("cable." + id.value + "." + figure);
}

FigureId fuseFigure(const ConductorId& id, End end) {
    return cableFigure(id, end == End::From ? "fuse" : "fuse.to");
}

namespace {

class Explainer {
public:
    Explainer(const SizingTask& task, const SizingState& state, const Cables& cables)
        : task_(task), state_(state), cables_(cables) {}

    [[nodiscard]] Derivations all() {
        for (std::size_t i = 0; i < cables_.rows.size(); ++i) {
            const Conductor& c = task_.circuit().conductors[i];
            if (!isOurs(c)) {
                continue;
            }
            load(c, cables_.rows[i]);
            fuse(c, cables_.rows[i], End::From);
            fuse(c, cables_.rows[i], End::To);
            ampacityOf(c, cables_.rows[i], i);
            size(c, cables_.rows[i], i);
            drop(c, cables_.rows[i], i);
            shortCircuit(c, cables_.rows[i]);
        }
        for (std::size_t p = 0; p < cables_.drops.size(); ++p) {
            pathDrop(cables_.drops[p], p);
        }
        return std::move(out_);
    }

private:
    void add(Derivation d) { out_.add(std::move(d)); }

    [[nodiscard]] FromTable columnRow(const AmpacityColumn& column, SquareMetres area) const {
        return {"ampacity", column.name + ", " + format(area), column.source, column.certainty};
    }

    void load(const Conductor& c, const CableRow& row) {
        const std::string moment = row.loadMoment.empty() ? "no moment" : row.loadMoment;
        add({.id = cableFigure(c.id, "load"),
             .title = c.name + ", current",
             .formula = "largest current of all sizing moments",
             .terms = {{"I_B", moment, measure(row.load), FromSolver{moment}}},
             .result = measure(row.load),
             .source = "the network solved; loads draw their largest power at the lowest working "
                       "voltage",
             .note = ""});
    }

    void fuse(const Conductor& c, const CableRow& row, End end) {
        const auto& fitted = end == End::From ? row.fuseFrom : row.fuseTo;
        if (!fitted) {
            return;
        }
        const ChosenFuse& f = *fitted;
        const FuseFamily& family = familyOf(task_.library, f.family);
        Derivation d{
            .id = fuseFigure(c.id, end),
            .title = c.name + (end == End::From ? ", fuse" : ", fuse at its far end"),
            .formula = c.purpose == Purpose::Signal
                           ? "the smallest that shops keep"
                           : "needed = f · I_B; I_n: the family's next rating up; I_cn ≥ I_k",
            .terms =
                {{"I_B", "current", measure(row.load), FromFigure{cableFigure(c.id, "load")}},
                 {"f",
                  "for currents that run for hours",
                  number(rule(task_.library, "continuous_factor").value),
                  fromRule(task_.library, "continuous_factor")},
                 {"needed", "least rating", measure(f.needed), FromRule{"as the formula says"}},
                 {"I_n", "rating", measure(f.rating), ratingFrom(f, family)},
                 {"I_cn",
                  "interrupting capacity of the family",
                  measure(family.interrupting),
                  FromTable{"fuses", family.name, family.interruptingSource, family.certainty}},
                 {"I_k",
                  "largest current it may have to interrupt",
                  measure(f.prospective),
                  FromSolver{"a short at this fuse, cold cable, batteries in the middle "
                             "of their range"}}},
            .result = fuseText(task_.library, f),
            .source = "NEC 210.20/215.3 (1.25); " + family.source,
            .note = ""};
        if (f.amended) {
            d.note = "Set by you. Computed: " + familyOf(task_.library, f.computedFamily).name +
                     ", " + format(f.computedRating) + ".";
        }
        const auto next = ratingFor(familyOf(task_.library, f.computedFamily), f.needed);
        if (c.purpose != Purpose::Signal && next && *next < f.computedRating) {
            d.note += "One rating more: with a smaller fuse more current would come this way. ";
        }
        if (f.backup) {
            d.note += " The fuse of '" + f.backup->value +
                      "' interrupts for it (back-up protection, IEC 60364-4-43, 434.5.1).";
        }
        add(std::move(d));
    }

    static Origin ratingFrom(const ChosenFuse& f, const FuseFamily& family) {
        return f.amended ? Origin(FromPlan{"amendments"})
                         : Origin(FromTable{"fuses", family.name, family.source, family.certainty});
    }

    void ampacityOf(const Conductor& c, const CableRow& row, std::size_t i) {
        const AmpacityColumn& column = columnOf(task_.library, c.insulation);
        const Celsius ambient = task_.lengths.routes[i].ambient;
        const auto table = column.amps.find(row.area);
        if (table == column.amps.end()) {
            return;
        }
        const int tied = task_.lengths.routes[i].tied;
        const BundleFactor bundle = bundleFactor(task_.library, tied);
        Derivation d{
            .id = cableFigure(c.id, "ampacity"),
            .title = c.name + ", may carry",
            .formula = "I_z = I_table · √((T_max − T_a) / (T_max − T_ref))",
            .terms = {{"I_table",
                       column.name + ", " + format(row.area),
                       measure(table->second),
                       columnRow(column, row.area)},
                      {"T_max",
                       "of the insulation",
                       measure(column.maximum),
                       columnRow(column, row.area)},
                      {"T_a", "warmest place it passes", measure(ambient), FromPlan{"van.places"}},
                      {"T_ref",
                       "ambient of the table",
                       measure(column.reference),
                       columnRow(column, row.area)}},
            .result = measure(row.ampacity),
            .source = column.source,
            .note = trade(row.area)};
        if (bundle.rule != nullptr) {
            d.formula += " · k";
            d.terms.push_back({"k",
                               std::to_string(tied) + " conductors tied together",
                               number(bundle.factor),
                               fromRule(task_.library, bundle.rule)});
        }
        add(std::move(d));
    }

    // The shops' figure beside it, for comparison only.
    [[nodiscard]] std::string trade(SquareMetres area) const {
        const AmpacityColumn& shop = columnOf(task_.library, task_.library.region.comparison);
        const auto found = shop.amps.find(area);
        return found == shop.amps.end() ? ""
                                        : "For comparison, not used: " + shop.name + ", " +
                                              format(found->second) + " (" + shop.source + ").";
    }

    // The protecting fuse where it is the larger, else a rule.
    [[nodiscard]] Origin neededFrom(const Conductor& c, const CableRow& row) const {
        const bool array = c.side == Side::Panels;
        const Amps byLoad = row.load * rule(task_.library, "continuous_factor").value;
        if (row.protection && *row.protection >= byLoad) {
            return FromFigure{fuseFigure(*row.protectedBy, End::From)};
        }
        return fromRule(task_.library, array ? "array_factor" : "continuous_factor");
    }

    void size(const Conductor& c, const CableRow& row, std::size_t i) {
        const Amps needed = neededAmpacity(task_, state_, i, FuseView::Fitted);
        Derivation d{
            .id = cableFigure(c.id, "size"),
            .title = c.name + ", size",
            .formula = "smallest size with I_z ≥ needed, drop within its limit, k²S² ≥ I²t",
            .terms =
                {{"I_B", "current", measure(row.load), FromFigure{cableFigure(c.id, "load")}},
                 {"needed", "what it must carry for good", measure(needed), neededFrom(c, row)},
                 {"I_z",
                  "may carry",
                  measure(row.ampacity),
                  FromFigure{cableFigure(c.id, "ampacity")}},
                 {"drop",
                  "part of the limit used on its worst path",
                  percent(row.margins.drop),
                  FromFigure{cableFigure(c.id, "drop")}},
                 {"short",
                  "part of k²S² used",
                  percent(row.margins.shortCircuit),
                  FromFigure{cableFigure(c.id, "fault")}}},
            .result = measure(row.area),
            .source = "IEC 60364-4-43 (433.1, 434.5); limits of drop as chosen in the rules",
            .note = ""};
        if (c.purpose == Purpose::Bond) {
            d.note = "A bond is one size below the largest positive (ABYC E-11, from memory).";
        }
        if (row.areaAmended) {
            d.note =
                "Set by you. By current and short circuit alone: " + format(row.computedArea) + ".";
        }
        add(std::move(d));
    }

    void drop(const Conductor& c, const CableRow& row, std::size_t i) {
        const ConductorRow& conductor = task_.library.conductors[state_.conductors[i].size];
        Derivation d{
            .id = cableFigure(c.id, "drop"),
            .title = c.name + ", drop",
            .formula = "ΔV = I_B · (R_20 · L · (1 + 0.00393 (T − 20)) + joints + fuse)",
            .terms = {{"I_B", "current", measure(row.load), FromFigure{cableFigure(c.id, "load")}},
                      {"R_20",
                       "per metre at 20 °C",
                       measure(ohms(conductor.ohmPerMetre20)),
                       fromTable(task_.library, "conductors", format(row.area))},
                      {"L",
                       "length, one way",
                       measure(task_.lengths.routes[i].length),
                       FromFigure{lengthFigure(c.id)}},
                      {"T",
                       "conductor's temperature under this load",
                       measure(row.temperature),
                       FromRule{"T_a + (T_max − T_ref) (I / I_table)²"}},
                      {"joints",
                       "two lugs",
                       measure(milliohms(2.0 * rule(task_.library, "contact_lug_mohm").value)),
                       fromRule(task_.library, "contact_lug_mohm")}},
            .result = measure(row.drop),
            .source = "Ohm's law; IEC 60228 resistance and temperature coefficient",
            .note = "This conductor alone; the path out and back has the limit."};
        addFuseOhms(d, row.fuseFrom);
        addFuseOhms(d, row.fuseTo);
        add(std::move(d));
    }

    void addFuseOhms(Derivation& d, const std::optional<ChosenFuse>& fuse) const {
        if (fuse && !fuse->leftOut) {
            const FuseFamily& family = familyOf(task_.library, fuse->family);
            d.terms.push_back(
                {"fuse",
                 "fuse and holder",
                 measure(fuseResistance(family, fuse->rating)),
                 FromTable{"fuses", family.name, "common practice", "common practice"}});
        }
    }

    void shortCircuit(const Conductor& c, const CableRow& row) {
        const AmpacityColumn& column = columnOf(task_.library, c.insulation);
        Derivation d{
            .id = cableFigure(c.id, "fault"),
            .title = c.name + ", short circuit",
            .formula = "I²t ≤ k² · S²",
            .terms = {{"I_near",
                       "short at its near end",
                       measure(row.faultNear),
                       FromSolver{"short, cold cable, batteries in the middle of their range"}},
                      {"I_far",
                       "short at its far end",
                       measure(row.faultFar),
                       FromSolver{"short, warm cable, weak batteries"}},
                      {"k",
                       column.name,
                       number(column.adiabaticK),
                       FromTable{
                           "ampacity", column.name, column.adiabaticSource, column.certainty}},
                      {"S", "size", measure(row.area), FromFigure{cableFigure(c.id, "size")}},
                      {"k²S²",
                       "what it bears",
                       Measure{row.withstand, Unit::JouleIntegral},
                       FromRule{"k in A√s/mm², S in mm²"}}},
            .result = row.letThrough ? Value(Measure{*row.letThrough, Unit::JouleIntegral})
                                     : Value(std::string("no fuse bounds it")),
            .source = "IEC 60364-4-43, adiabatic, t ≤ 5 s; fuse's latest opening",
            .note = row.protectedBy ? "Protected by the fuse of '" + row.protectedBy->value + "'."
                                    : ""};
        add(std::move(d));
    }

    // The conductors' drops of one moment: each may carry more in another.
    void pathDrop(const PathDrop& path, std::size_t index) {
        const std::size_t moment = task_.index.pathMoment[index];
        Derivation d{.id = path.figure,
                     .title = "Drop, " + path.name,
                     .formula = "sum of ΔV over the conductors, out and back, over V",
                     .terms = {{"V",
                                "the system's volts",
                                measure(task_.circuit().paths[index].base),
                                FromRule{"what the limit is a part of"}}},
                     .result = percent(path.fraction),
                     .source = "own arithmetic; limit " + format(percent(path.limit)),
                     .note = "In volts: " + format(path.drop) + "."};
        for (const std::size_t i : task_.index.paths[index]) {
            const Volts here = dropIn(task_, state_, i, moment);
            const CableRow& row = cables_.rows[i];
            const bool most = here == row.drop;
            d.terms.push_back({"ΔV",
                               task_.circuit().conductors[i].name,
                               measure(here),
                               most ? Origin(FromFigure{cableFigure(row.id, "drop")})
                                    : Origin(FromSolver{task_.wiring.sizing[moment].name})});
        }
        add(std::move(d));
    }

    const SizingTask& task_;
    const SizingState& state_;
    const Cables& cables_;
    Derivations out_;
};

}  // namespace

Derivations explainCables(const SizingTask& task, const SizingState& state, const Cables& cables) {
    return Explainer(task, state, cables).all();
}

}  // namespace spirk
