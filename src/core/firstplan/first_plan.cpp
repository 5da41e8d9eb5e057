// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/firstplan/first_plan.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/base/promise.h"
#include "core/design/use_cables.h"
#include "core/plan/units.h"
#include "core/supply/frost.h"

namespace spirk {

namespace {

// Judgement: what the roof of a long van takes beside a fan and a hatch.
constexpr int kMostPanels = 4;
constexpr int kMostBatteries = 4;
// Judgement: a heavy load is one that a lamp, a phone or a fridge is not.
constexpr double kHeavyWattHours = 100.0;
constexpr double kHeavyWatts = 500.0;

// The library's row of that id. Requires that there is one.
template <class T>
const T& known(const std::vector<T>& rows, const std::string& id) {
    const T* found = findById(rows, id);
    promise(found != nullptr, "an answer names a row of the library");
    return *found;
}

int halfAYearOn(int month) { return (month + 5) % 12 + 1; }

class FirstPlan {
public:
    FirstPlan(const FirstAnswers& answers, const Library& library)
        : answers_(answers), library_(library), plan_(emptyPlan(library)) {}

    Plan made() {
        setTrip();
        addAppliances();
        setSystem();
        chooseInverter();
        chooseConverter();
        chooseBank();
        chooseSolar();
        chooseEngine();
        chooseShore();
        return std::move(plan_);
    }

private:
    void setTrip() {
        const TripKind& kind = known(library_.trips, answers_.trip);
        const Climate* climate = findClimate(library_, answers_.climate);
        promise(climate != nullptr, "an answer names a climate of the library");
        const bool south = climate->latitude < 0.0;
        plan_.name = kind.name.english;
        plan_.trip = {climate->name.english,
                      south ? halfAYearOn(kind.firstMonth) : kind.firstMonth,
                      south ? halfAYearOn(kind.lastMonth) : kind.lastMonth,
                      kind.daysWithoutSun,
                      kind.drivingPerDay};
    }

    void addAppliances() {
        std::vector<std::string> ids = known(library_.trips, answers_.trip).appliances;
        const std::string& heavy = answers_.decidingLoad;
        if (!heavy.empty() && std::ranges::find(ids, heavy) == ids.end()) {
            ids.push_back(heavy);
        }
        for (const std::string& id : ids) {
            plan_.appliances.push_back(fromCatalogue(known(library_.appliances, id), plan_));
        }
    }

    // What is there already decides the volts of all that follows.
    void setSystem() {
        const Owned& owned = answers_.owned;
        if (!owned.battery.empty()) {
            const BatteryModel& model = known(library_.batteries, owned.battery);
            // Two 6 V batteries make a string of 12 V.
            const int series = blocksOf(model.nominal) < 1.0 ? 2 : 1;
            putBank(plan_.gear, model.id, std::clamp(owned.batteries, 1, kMostBatteries), series);
            system_ = volts(12.0 * blocksOf(model.nominal) * series);
        } else if (!owned.inverter.empty()) {
            system_ = known(library_.inverters, owned.inverter).system;
        }
    }

    // The first of the candidates whose design raises none of the rules; the last where each does.
    Plan firstWithout(const std::set<std::string>& rules, const std::vector<Plan>& candidates) {
        promise(!candidates.empty(), "there is something to choose from");
        for (const Plan& candidate : candidates) {
            const Design d = design(candidate, library_);
            if (std::ranges::none_of(d.checks.findings,
                                     [&](const Finding& f) { return rules.contains(f.rule); })) {
                return candidate;
            }
        }
        return candidates.back();
    }

    // Candidates with each of the models that suit, cheapest first.
    template <class Model, class Suits, class Put>
    std::vector<Plan> withEach(const std::vector<Model>& models,
                               const Suits& suits,
                               const Put& put) {
        std::vector<const Model*> suited;
        for (const Model& model : models) {
            if (suits(model)) {
                suited.push_back(&model);
            }
        }
        std::ranges::stable_sort(suited, {}, &Model::price);
        std::vector<Plan> out;
        for (const Model* model : suited) {
            out.push_back(plan_);
            put(out.back(), *model);
        }
        return out;
    }

    void chooseInverter() {
        const Needs needs = needsOf(plan_);
        const Owned& owned = answers_.owned;
        if (needs.worstMains.si() <= 0.0 && owned.inverter.empty()) {
            return;
        }
        const Seconds on = timeOnMains();
        if (!owned.inverter.empty()) {
            putInverter(plan_.gear, owned.inverter, on);
            return;
        }
        const auto put = [&](Plan& p, const InverterModel& model) {
            putInverter(p.gear, model.id, on);
        };
        const auto ofSystem = [&](const InverterModel& m) { return m.system == system_; };
        const auto strong = [&](const InverterModel& m) {
            return ofSystem(m) && m.power >= needs.worstMains && m.surge >= needs.worstSurge;
        };
        std::vector<Plan> candidates = withEach(library_.inverters, strong, put);
        // Nothing sold is strong enough: the largest, and the finding says what is missing.
        plan_ = candidates.empty() ? withEach(library_.inverters, ofSystem, put).back()
                                   : std::move(candidates.front());
    }

    // Switched on while a mains appliance may run, and half an hour of waiting for it.
    [[nodiscard]] Seconds timeOnMains() const {
        Seconds sum = hours(0.5);
        for (const Appliance& a : plan_.appliances) {
            for (const Use& use : a.uses) {
                sum = a.feed == Feed::Mains ? sum + use.span : sum;
            }
        }
        return std::min(sum, hours(24));
    }

    void chooseConverter() {
        const bool twelve = std::ranges::any_of(plan_.appliances, [](const Appliance& a) {
            return a.feed == Feed::Dc && a.supplied == Supplied::Twelve;
        });
        const auto fits = [&](const ConverterModel& m) { return m.inputSystem == system_; };
        if (system_ <= volts(12.0) || !twelve || std::ranges::none_of(library_.converters, fits)) {
            return;
        }
        plan_ = firstWithout(
            {"W13"}, withEach(library_.converters, fits, [](Plan& p, const ConverterModel& m) {
                putConverter(p.gear, m.id);
            }));
    }

    [[nodiscard]] bool freezes() const {
        const Climate* climate = findClimate(library_, plan_.trip.climate);
        return coldNight(plan_, *climate).degrees < rule(library_, "charge_below_c").value;
    }

    void chooseBank() {
        if (!answers_.owned.battery.empty()) {
            return;
        }
        const bool heated = freezes();
        struct Choice {
            double price = 0.0;
            std::string model;
            int count = 1;
        };
        std::vector<Choice> banks;
        for (const BatteryModel& model : library_.batteries) {
            // A relay limits nothing: lead-acid limits itself, and does not mind frost.
            const bool kind = answers_.engine == FirstEngine::Relay
                                  ? model.chemistry == "agm"
                                  : model.chemistry == "lfp" && model.heated == heated;
            const bool fits = kind && volts(12.0 * blocksOf(model.nominal)) == system_;
            for (int count = 1; fits && count <= kMostBatteries; ++count) {
                banks.push_back({model.price * count, model.id, count});
            }
        }
        std::ranges::stable_sort(banks, {}, &Choice::price);
        std::vector<Plan> candidates;
        for (const Choice& bank : banks) {
            candidates.push_back(plan_);
            putBank(candidates.back().gear, bank.model, bank.count);
        }
        plan_ = firstWithout({"B1", "B2", "SERVE"}, candidates);
    }

    // Up to what a roof takes, until the leanest month's sun carries the day.
    void chooseSolar() {
        const Owned& owned = answers_.owned;
        const bool has = !owned.panel.empty();
        for (int panels = has ? owned.panels : 1; panels <= std::max(kMostPanels, owned.panels);
             ++panels) {
            addSolar(has ? owned.panel : "panel_200", panels);
            const Design d = design(plan_, library_);
            const Supply& s = d.supply;
            const Joules sun = s.months[static_cast<std::size_t>(s.leanestMonth - 1)].perDay;
            if (has || sun * d.gear.bank().chemistry.chargeEfficiencyWh >= s.demand) {
                return;
            }
        }
    }

    // Each way of wiring the panels with each controller, the cheapest controller first.
    void addSolar(const std::string& panel, int panels) {
        const auto tracks = [](const ControllerModel& m) { return m.tracking == Tracking::Mppt; };
        putSolar(plan_.gear, SolarChoice{panel, 1, panels, ""});
        const auto put = [](Plan& p, const ControllerModel& m) {
            solarOf(p.gear)->controller = m.id;
        };
        std::vector<Plan> candidates;
        for (const Plan& with : withEach(library_.controllers, tracks, put)) {
            for (int series = 1; series <= panels; ++series) {
                if (panels % series == 0) {
                    candidates.push_back(with);
                    solarOf(candidates.back().gear)->series = series;
                    solarOf(candidates.back().gear)->parallel = panels / series;
                }
            }
        }
        plan_ = firstWithout({"S1", "S2", "S3", "S4", "S14", "W7", "W13"}, candidates);
    }

    // The weakest that makes up for what the sun leaves, or the strongest that spares the
    // alternator.
    void chooseEngine() {
        if (plan_.trip.drivingPerDay.si() <= 0.0 || answers_.engine == FirstEngine::None) {
            return;
        }
        if (answers_.engine == FirstEngine::Relay) {
            chooseRelay();
            return;
        }
        std::vector<Plan> candidates = withEach(
            library_.dcdcs,
            [&](const DcdcModel& m) { return m.outputSystem == system_; },
            [](Plan& p, const DcdcModel& m) { putEngine(p.gear, EngineChoice{m.id}); });
        if (candidates.empty()) {
            return;
        }
        Plan best = candidates.front();
        for (Plan& candidate : candidates) {
            const Design d = design(candidate, library_);
            const Marks& marks = *d.supply.engine;
            if (marks.limit && marks.chosen.si > marks.limit->si) {
                break;
            }
            best = std::move(candidate);
            if (marks.chosen.si >= marks.needed.si) {
                break;
            }
        }
        plan_ = std::move(best);
    }

    void addSource(Plan& plan, const char* unit, WayKind of, decltype(SourceChoice::what) what) {
        plan.gear.sources.push_back({{UnitId(unit), WayId(usualWay(library_, of).id), {}},
                                     mainRailOf(plan.gear).id,
                                     std::move(what)});
    }
    void chooseRelay() {
        plan_ = firstWithout({"W13"},
                             withEach(
                                 library_.relays,
                                 [](const RelayModel&) { return true; },
                                 [&](Plan& p, const RelayModel& m) {
                                     addSource(p, "relay", WayKind::Relay, RelayChoice{m.id, {}});
                                 }));
    }
    // The cheapest that fills the bank in a day and does not ask too much of it.
    void chooseShore() {
        const auto fits = [&](const ShoreChargerModel& m) { return m.outputSystem == system_; };
        if (answers_.shore == FirstShore::None ||
            std::ranges::none_of(library_.shoreChargers, fits)) {
            return;
        }
        constexpr double kHoursADay = 8.0;  // judgement: a night at a pitch
        plan_ = firstWithout(
            {"B3"},
            withEach(library_.shoreChargers, fits, [&](Plan& p, const ShoreChargerModel& m) {
                addSource(p, "shore", WayKind::Shore, ShoreChoice{m.id, hours(kHoursADay)});
            }));
    }

    const FirstAnswers& answers_;
    const Library& library_;
    Plan plan_;
    Volts system_ = volts(12.0);
};

}  // namespace

Plan firstPlan(const FirstAnswers& answers, const Library& library) {
    Plan plan = FirstPlan(answers, library).made();
    plan.cables = answers.owned.cables;
    return withOwnedCables(std::move(plan), library);
}

std::vector<const CatalogueAppliance*> heavyAppliances(const Library& library) {
    std::vector<const CatalogueAppliance*> out;
    for (const CatalogueAppliance& a : library.appliances) {
        if (inWattHours(a.measured * a.onTime) >= kHeavyWattHours ||
            a.measured >= watts(kHeavyWatts)) {
            out.push_back(&a);
        }
    }
    std::ranges::stable_sort(out, [](const auto* a, const auto* b) {
        return a->measured * a->onTime > b->measured * b->onTime;
    });
    return out;
}

}  // namespace spirk
