// SPDX-License-Identifier: GPL-3.0-or-later
// Derivations of every conductor's figures: load, fuse, ampacity, size, drop, short circuit.

#include <algorithm>

#include "core/base/promise.h"
#include "core/cables/conductor_physics.h"
#include "core/cables/figures.h"
#include "core/cables/fuse_curve.h"
#include "core/cables/sizing.h"
#include "core/library/gear_fields.h"
#include "core/plan/good_practice.h"

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
            load(c, cables_.rows[i], i);
            fuse(c, cables_.rows[i], End::From);
            fuse(c, cables_.rows[i], End::To);
            ampacityOf(c, cables_.rows[i], i);
            size(c, cables_.rows[i]);
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
    static Text of(const Conductor& c, Phrase title) { return {title, {{"conductor", c.name}}}; }

    [[nodiscard]] FromTable columnRow(const AmpacityColumn& column, SquareMetres area) const {
        return {"ampacity",
                {"{column}, {size}"_text, {{"column", column.name}, {"size", measure(area)}}},
                column.source,
                column.certainty};
    }

    void load(const Conductor& c, const CableRow& row, std::size_t i) {
        if (const RatedCurrent& rated = task_.index.rated[i];
            rated.taken && rated.most == row.load) {
            loadByRating(c, row, *rated.taken);
            return;
        }
        const Text moment = row.loadMoment.empty() ? "no situation"_text : row.loadMoment;
        add({.id = cableFigure(c.id, "load"),
             .title = of(c, "{conductor}, current"_text),
             .formula = "largest current of all situations used for sizing"_text,
             .terms = {{"I_B"_text, moment, measure(row.load), FromSolver{moment}}},
             .result = measure(row.load),
             .source =
                 "network solved; loads draw their largest power at the lowest working voltage"_text,
             .note = {}});
    }

    // What makes a rail, by its rating: more may hang on it one day than does now.
    void loadByRating(const Conductor& c, const CableRow& row, const RailMaker& maker) {
        const Transfer& x = maker.by;
        const ConverterModel& model = *task_.gear.rail(maker.rail).converter;
        const Chemistry& chemistry = task_.gear.bankOf(maker.rail).chemistry;
        add({.id = cableFigure(c.id, "load"),
             .title = of(c, "{conductor}, current"_text),
             .formula = "I_B = I_max · U_out / (η · U_low)"_text,
             .terms = {{"I_max"_text,
                        "it gives at most"_text,
                        measure(x.most),
                        fromGear(task_.library, model)},
                       {"U_out"_text,
                        "at its output"_text,
                        measure(x.set),
                        fromGear(task_.library, model)},
                       {"η"_text,
                        "efficiency"_text,
                        percent(x.efficiency),
                        fromGear(task_.library, model)},
                       {"U_low"_text,
                        "lowest voltage at its input"_text,
                        measure(*x.wholeAt),
                        fromTable(task_.library, "chemistries", chemistry.name)}},
             .result = measure(row.load),
             .source = "own arithmetic"_text,
             .note =
                 "It is wired for its whole rating; to wire it only for what hangs on it now, say so on its card in Supply."_text});
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
            .title = of(c,
                        end == End::From ? "{conductor}, fuse"_text
                                         : "{conductor}, fuse at its far end"_text),
            .formula =
                c.purpose == Purpose::Signal
                    ? "the smallest that is commonly sold"_text
                    : (f.bears
                           ? "needed = f · I_B / w; I_n: the family's next rating up; I_cn ≥ I_k"_text
                           : "needed = f · I_B; I_n: the family's next rating up; I_cn ≥ I_k"_text),
            .terms =
                {{"I_B"_text,
                  "current"_text,
                  measure(row.load),
                  FromFigure{cableFigure(c.id, "load")}},
                 {"f"_text,
                  "for currents that run for hours"_text,
                  number(rule(task_.library, f.factorRule).value),
                  fromRule(task_.library, f.factorRule)},
                 {"needed"_text,
                  "least rating"_text,
                  measure(f.needed),
                  FromRule{"by the formula"_text}},
                 {"I_n"_text, "rating"_text, measure(f.rating), ratingFrom(f, family)},
                 {"I_cn"_text,
                  "interrupting capacity of the family"_text,
                  measure(f.interrupts),
                  FromTable{"fuses", family.name, family.interruptingSource, family.certainty}},
                 {"I_k"_text,
                  "largest current it may have to interrupt"_text,
                  measure(f.strongest),
                  FromSolver{
                      "short circuit at this fuse, itself a link, cold cable, the strongest batteries that are sold"_text}}},
            .result = fuseText(task_.library, f),
            .source = {"NEC 210.20/215.3 (1.25); {source}"_text,
                       {{"source", Words{family.source}}}},
            .note = {}};
        if (f.bears && c.purpose != Purpose::Signal) {
            d.terms.insert(d.terms.begin() + 2,
                           {"w"_text,
                            "part of its rating that it bears for hours where it stands"_text,
                            percent(*f.bears),
                            FromTable{"fuses", family.name, "", family.certainty}});
        }
        if (f.found) {
            d.note = "It is already in the vehicle, as entered in the plan."_text;
        }
        if (f.amended) {
            d.note = {"Set by you. Computed: {family}, {rating}."_text,
                      {{"family", familyOf(task_.library, f.computedFamily).name},
                       {"rating", measure(f.computedRating)}}};
        }
        const auto next = ratingFor(familyOf(task_.library, f.computedFamily), f.needed);
        if (c.purpose != Purpose::Signal && next && *next < f.computedRating) {
            d.note = then(
                std::move(d.note),
                "One rating larger: with a smaller fuse more current would flow this way."_text);
        }
        if (f.backup) {
            d.note = then(std::move(d.note),
                          {"The fuse of '{id}' interrupts for it (back-up protection, "
                           "IEC 60364-4-43, 434.5.1)."_text,
                           {{"id", f.backup->value}}});
        }
        add(std::move(d));
    }

    static Origin ratingFrom(const ChosenFuse& f, const FuseFamily& family) {
        return f.amended ? Origin(FromPlan{"amendments"})
               : f.found ? Origin(FromPlan{"van.vehicle.supply_points"})
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
        Derivation d{.id = cableFigure(c.id, "ampacity"),
                     .title = of(c, "{conductor}, ampacity"_text),
                     .formula = bundle.rule == nullptr
                                    ? "I_z = I_table · √((T_max − T_a) / (T_max − T_ref))"_text
                                    : "I_z = I_table · √((T_max − T_a) / (T_max − T_ref)) · k"_text,
                     .terms = {{"I_table"_text,
                                columnRow(column, row.area).row,
                                measure(table->second),
                                columnRow(column, row.area)},
                               {"T_max"_text,
                                "of the insulation"_text,
                                measure(column.maximum),
                                columnRow(column, row.area)},
                               {"T_a"_text,
                                "warmest place it passes"_text,
                                measure(ambient),
                                FromPlan{"van.places"}},
                               {"T_ref"_text,
                                "ambient of the table"_text,
                                measure(column.reference),
                                columnRow(column, row.area)}},
                     .result = measure(row.ampacity),
                     .source = Words{column.source},
                     .note = trade(row.area)};
        if (column.noGain && ambient < column.reference) {
            d.formula = bundle.rule == nullptr ? "I_z = I_table, no more in cooler places"_text
                                               : "I_z = I_table · k, no more in cooler places"_text;
        }
        if (bundle.rule != nullptr) {
            d.terms.push_back({"k"_text,
                               {"{n} conductors bundled together"_text, {{"n", count(tied)}}},
                               number(bundle.factor),
                               fromRule(task_.library, bundle.rule)});
        }
        add(std::move(d));
    }

    // The shops' figure beside it, for comparison only.
    [[nodiscard]] Text trade(SquareMetres area) const {
        const AmpacityColumn& shop = columnOf(task_.library, task_.library.region.comparison);
        const auto found = shop.amps.find(area);
        return found == shop.amps.end() ? Text()
                                        : Text(
                                              "For comparison, not used: {column}, {amps} "
                                              "({source})."_text,
                                              {{"column", shop.name},
                                               {"amps", measure(found->second)},
                                               {"source", Words{shop.source}}});
    }

    // The fuse that asks for it, else a rule.
    [[nodiscard]] Origin neededFrom(const Conductor& c, const CableRow& row) const {
        if (row.neededBy) {
            return FromFigure{fuseFigure(*row.neededBy, End::From)};
        }
        const bool array = c.side == Side::Panels;
        return fromRule(task_.library, array ? "array_factor" : "continuous_factor");
    }

    // In words, what decided.
    [[nodiscard]] Text decided(const CableRow& row) const {
        switch (row.decides) {
            case Decides::Least:
                return "Decided by: the smallest size that is allowed there."_text;
            case Decides::Current:
                return "Decided by: the current that it must carry for good."_text;
            case Decides::Returns:
                return "Decided by: what returns through it from another source, as long as that one's fuse bears it."_text;
            case Decides::Device:
                return "Decided by: the largest fuse that is allowed before a thinner cable."_text;
            case Decides::ShortCircuit:
                return "Decided by: the short circuit that it must withstand."_text;
            case Decides::Backup:
                return "Decided by: the fuse before its own. A short circuit here is more than its own fuse can interrupt; the one before opens instead, and this cable bears what that lets through."_text;
            case Decides::Drop:
                return "Decided by: the voltage drop of a path through it."_text;
            case Decides::Maker:
                return "Decided by: what the maker of what it feeds asks for."_text;
            case Decides::Bond:
                return "Decided by: the least size of a bond."_text;
            case Decides::Habit:
                return habitText(row.habit);
            case Decides::Alike:
                return "Decided by: one cable through. Positive and negative, both sides of a switch, and all leads of a bank's batteries use one size: the largest that any of them needs."_text;
            case Decides::Lug:
                return "Decided by: the terminal. For thinner cable no lug fits its stud."_text;
            case Decides::Laid:
                return "It is there already."_text;
        }
        unreachable("decided(Decides)");
    }
    [[nodiscard]] Text habitText(const std::string& id) const {
        const Habit* habit = findById(task_.library.habits, id);
        promise(habit != nullptr, "a habit that decides is in the library");
        return {"Decided by: {habit}. {reason}"_text,
                {{"habit", habit->name}, {"reason", habit->reason}}};
    }

    void size(const Conductor& c, const CableRow& row) {
        Derivation d{
            .id = cableFigure(c.id, "size"),
            .title = of(c, "{conductor}, size"_text),
            .formula = "smallest size with I_z ≥ needed, drop within its limit, k²S² ≥ I²t"_text,
            .terms = {{"I_B"_text,
                       "current"_text,
                       measure(row.load),
                       FromFigure{cableFigure(c.id, "load")}},
                      {"needed"_text,
                       "continuous current it must carry"_text,
                       measure(row.needed),
                       neededFrom(c, row)},
                      {"I_z"_text,
                       "ampacity"_text,
                       measure(row.ampacity),
                       FromFigure{cableFigure(c.id, "ampacity")}},
                      {"drop"_text,
                       "share of the limit used on its worst path"_text,
                       percent(row.margins.drop),
                       FromFigure{cableFigure(c.id, "drop")}},
                      {"fault"_text,
                       "share of k²S² used"_text,
                       percent(row.margins.shortCircuit),
                       FromFigure{cableFigure(c.id, "fault")}}},
            .result = measure(row.area),
            .source =
                "IEC 60364-4-43 (433.1, 434.5); voltage drop limits as chosen in the rules"_text,
            .note = decided(row)};
        if (row.areaAmended) {
            d.note =
                then({"Set by you. Computed: {size}."_text, {{"size", measure(row.computedArea)}}},
                     decided(row));
        }
        add(std::move(d));
    }

    void drop(const Conductor& c, const CableRow& row, std::size_t i) {
        const ConductorRow& conductor = task_.library.conductors[state_.conductors[i].size];
        Derivation d{
            .id = cableFigure(c.id, "drop"),
            .title = of(c, "{conductor}, drop"_text),
            .formula = "ΔV = I_B · (R_20 · L · (1 + 0.00393 (T − 20)) + joints + fuse)"_text,
            .terms = {{"I_B"_text,
                       "current"_text,
                       measure(row.load),
                       FromFigure{cableFigure(c.id, "load")}},
                      {"R_20"_text,
                       "per metre at 20 °C"_text,
                       measure(ohms(conductor.ohmPerMetre20)),
                       fromTable(task_.library,
                                 "conductors",
                                 {"{size}"_text, {{"size", measure(row.area)}}})},
                      {"L"_text,
                       "length, one way"_text,
                       measure(task_.lengths.routes[i].length),
                       FromFigure{lengthFigure(c.id)}},
                      {"T"_text,
                       "conductor's temperature under this load"_text,
                       measure(row.temperature),
                       FromRule{"T_a + (T_max − T_ref) (I / I_table)²"_text}},
                      {"joints"_text,
                       "two lugs"_text,
                       measure(lugContact(task_.library, row.area).resistance * 2.0),
                       fromRule(task_.library, lugContact(task_.library, row.area).rule)}},
            .result = measure(row.drop),
            .source = "Ohm's law; IEC 60228 resistance and temperature coefficient"_text,
            .note = "This conductor alone; the limit applies to the whole path out and back."_text};
        addFuseOhms(d, row.fuseFrom);
        addFuseOhms(d, row.fuseTo);
        add(std::move(d));
    }

    void addFuseOhms(Derivation& d, const std::optional<ChosenFuse>& fuse) const {
        if (fuse && !fuse->leftOut) {
            const FuseFamily& family = familyOf(task_.library, fuse->family);
            d.terms.push_back(
                {"fuse"_text,
                 "fuse and holder"_text,
                 measure(fuseResistance(family, fuse->rating)),
                 FromTable{"fuses", family.name, "common practice", "common practice"}});
        }
    }

    void shortCircuit(const Conductor& c, const CableRow& row) {
        const AmpacityColumn& column = columnOf(task_.library, c.insulation);
        Derivation d{
            .id = cableFigure(c.id, "fault"),
            .title = of(c, "{conductor}, short circuit"_text),
            .formula = "I²t ≤ k² · S²"_text,
            .terms =
                {{"I_near"_text,
                  "short circuit at its near end"_text,
                  measure(row.faultNear),
                  FromSolver{
                      "short circuit, cold cable, batteries in the middle of their range"_text}},
                 {"I_far"_text,
                  "short circuit at its far end"_text,
                  measure(row.faultFar),
                  FromSolver{"short circuit, warm cable, weak batteries"_text}},
                 {"k"_text,
                  column.name,
                  number(column.adiabaticK),
                  FromTable{"ampacity", column.name, column.adiabaticSource, column.certainty}},
                 {"S"_text,
                  "size, as it is laid"_text,
                  measure(row.area),
                  FromRule{"the row of this conductor in Cables"_text}},
                 {"k²S²"_text,
                  "what it withstands"_text,
                  Measure{row.withstand, Unit::JouleIntegral},
                  FromRule{"k in A√s/mm², S in mm²"_text}}},
            .result = row.letThrough ? Value(Measure{*row.letThrough, Unit::JouleIntegral})
                                     : Value(Text("no fuse limits it"_text)),
            .source = "IEC 60364-4-43, adiabatic, t ≤ 5 s; longest opening time of the fuse"_text,
            .note = row.protectedBy ? Text("Protected by the fuse of '{id}'."_text,
                                           {{"id", row.protectedBy->value}})
                                    : Text()};
        addOpening(row, d);
        if (row.letThroughBy && row.letThroughBy != row.protectedBy) {
            d.note = then(std::move(d.note),
                          {"The worst returns through it while the fuse of '{id}' opens."_text,
                           {{"id", row.letThroughBy->value}}});
        }
        add(std::move(d));
    }

    // Whose fuse opens, at which current, and how long it may take.
    void addOpening(const CableRow& row, Derivation& d) const {
        const auto index = static_cast<std::size_t>(&row - cables_.rows.data());
        const auto through = letThroughOf(task_, state_, index, FuseView::Fitted);
        const CableRow* owner = through ? findRow(cables_, through->fuse) : nullptr;
        if (owner == nullptr || !owner->fuseFrom || through->current.si() <= 0.0) {
            return;
        }
        const double amps = through->current.si();
        const FuseFamily& family = familyOf(task_.library, owner->fuseFrom->family);
        d.terms.push_back({"I_n"_text,
                           {"rating of the fuse of '{id}'"_text, {{"id", owner->id.value}}},
                           measure(owner->fuseFrom->rating),
                           FromFigure{fuseFigure(owner->id, End::From)}});
        d.terms.push_back({"I"_text,
                           "of these currents the one that lets most through"_text,
                           measure(through->current),
                           FromRule{"the worse of near and far end"_text}});
        d.terms.push_back({"t"_text,
                           "longest time that this fuse takes to open at it"_text,
                           measure(seconds(through->a2s / (amps * amps))),
                           FromTable{"fuses", family.name, family.source, family.certainty}});
    }

    // What of the feed's current in that moment does not count, and by which habit.
    void addIdle(std::size_t path, Derivation& d) const {
        const auto& shared = task_.circuit().paths[path].shared;
        if (!shared || task_.index.shared[path].empty() || shared->idle.si() <= 0.0) {
            return;
        }
        d.terms.push_back({"I_off"_text,
                           "off in the others' busiest quarter hour: not counted on the feed"_text,
                           measure(shared->idle),
                           FromRule{habitText(habit::kTimetableShare)}});
    }

    // The conductors' drops of one moment: each may carry more in another.
    void pathDrop(const PathDrop& path, std::size_t index) {
        const std::size_t moment = task_.index.pathMoment[index];
        Derivation d{
            .id = path.figure,
            .title = {"Drop, {path}"_text, {{"path", path.name}}},
            .formula = "sum of ΔV over the conductors, out and back, over V"_text,
            .terms = {{"V"_text,
                       "system voltage"_text,
                       measure(task_.circuit().paths[index].base),
                       FromRule{"what the limit refers to"_text}}},
            .result = percent(path.fraction),
            .source = {"own arithmetic; limit {limit}"_text, {{"limit", percent(path.limit)}}},
            .note = {"In volts: {drop}."_text, {{"drop", measure(path.drop)}}}};
        addIdle(index, d);
        Volts others = path.drop;
        for (const std::size_t i : task_.index.paths[index]) {
            const Volts here = dropOnPath(task_, state_, index, i);
            const CableRow& row = cables_.rows[i];
            const bool most = here == row.drop;
            others = others - here;
            d.terms.push_back({"ΔV"_text,
                               task_.circuit().conductors[i].name,
                               measure(here),
                               most ? Origin(FromFigure{cableFigure(row.id, "drop")})
                                    : Origin(FromSolver{task_.wiring.sizing[moment].name})});
        }
        // Switches, shunts, blocks, a body return: what lies between and is no cable of ours.
        d.terms.push_back({"ΔV"_text,
                           "all else between its ends: switches, shunts, blocks"_text,
                           measure(others),
                           FromSolver{task_.wiring.sizing[moment].name}});
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
