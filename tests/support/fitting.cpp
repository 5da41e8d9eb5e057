// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/support/fitting.h"

#include <algorithm>
#include <functional>
#include <random>

#include "core/plan/units.h"
#include "core/system/system.h"

namespace spirk::test {

namespace {

class Fitting {
public:
    Fitting(unsigned seed, const Library& library)
        : dice_(seed), library_(library), plan_(emptyPlan(library)) {}

private:
    UnitChoice unit(const char* id, WayKind of) { return {UnitId(id), way(of), {}}; }
    // Below `sides`; not by a distribution, which differs from one library to another.
    int roll(std::size_t sides) { return static_cast<int>(dice_() % sides); }
    bool oneIn(std::size_t sides) { return roll(sides) == 0; }
    template <class List>
    const auto& pick(const List& list) {
        return list[static_cast<std::size_t>(roll(list.size()))];
    }
    // Null where none suits.
    template <class Model>
    const Model* pickThat(const std::vector<Model>& list,
                          const std::function<bool(const Model&)>& suits) {
        std::vector<const Model*> suited;
        for (const Model& model : list) {
            if (suits(model)) {
                suited.push_back(&model);
            }
        }
        return suited.empty() ? nullptr : pick(suited);
    }
    WayId way(WayKind of) {
        std::vector<const WayRow*> ways;
        for (const WayRow& way : library_.ways) {
            if (way.of == of && !way.atInput) {
                ways.push_back(&way);
            }
        }
        return WayId(pick(ways)->id);
    }

    void addBank() {
        const BatteryModel& battery = pick(library_.batteries);
        const double blocks = blocksOf(battery.nominal);
        const int series = blocks < 1.0 ? 2 : (blocks < 2.0 && oneIn(3) ? 2 : 1);
        putBank(plan_.gear, battery.id, 1 + roll(4), series);
        BankChoice& bank = bankOf(plan_.gear);
        // Two may be linked; more, or such with small studs, have leads of their own.
        const bool links = bank.count <= 2 && battery.connection.stud != "M6";
        bank.way = links ? way(WayKind::Bank) : WayId(usualWay(library_, WayKind::Bank).id);
        mainRailOf(plan_.gear).kind = static_cast<Distribution>(roll(2));
        system_ = volts(12.0 * blocks * series);
        most_ = battery.maxDischarge * bank.count;
        lithium_ = battery.chemistry == "lfp";
    }
    void addInverter() {
        if (oneIn(4)) {
            return;
        }
        const auto* model =
            pickThat<InverterModel>(library_.inverters, [&](const InverterModel& m) {
                return m.system == system_ && m.power.si() / (0.85 * system_.si()) <= most_.si();
            });
        if (model == nullptr) {
            return;
        }
        InverterChoice out;
        static_cast<UnitChoice&>(out) = unit("inverter", WayKind::Inverter);
        out.from = mainRailOf(plan_.gear).id;
        out.model = model->id;
        out.onPerDay = hours(2.0);
        plan_.gear.inverters.push_back(out);
    }
    template <class What>
    void source(const char* id, WayKind of, What what) {
        SourceChoice out;
        static_cast<UnitChoice&>(out) = unit(id, of);
        out.into = mainRailOf(plan_.gear).id;
        out.what = std::move(what);
        plan_.gear.sources.push_back(std::move(out));
    }
    // Judgement: a tenth above the standard conditions' volts is what a cold morning brings.
    template <class Array>
    bool putPanels(Array& array, Volts most) {
        const PanelModel& panel = pick(library_.panels);
        array.panel = panel.id;
        array.series = 1 + roll(3);
        array.parallel = 1 + roll(3);
        return panel.voc.si() * 1.2 * array.series <= most.si() &&
               panel.vmp.si() * 0.8 * array.series >= system_.si() * 1.25;
    }
    void addSun() {
        SolarChoice sun;
        const ControllerModel& controller = pick(library_.controllers);
        sun.controller = controller.id;
        const auto current = [&] {
            return findById(library_.panels, sun.panel)->isc * static_cast<double>(sun.parallel);
        };
        if (putPanels(sun, controller.maxVoc) && current() <= controller.maxArray) {
            source("sun", WayKind::Sun, sun);
        }
    }
    void addEngine() {
        const int kind = roll(4);
        if (kind == 0 && !lithium_ && system_ == volts(12.0)) {
            // Of those that carry what the alternator gives.
            const auto* relay = pickThat<RelayModel>(library_.relays, [&](const RelayModel& m) {
                return m.maxCurrent >= plan_.van.vehicle.alternator;
            });
            if (relay != nullptr) {
                source("relay", WayKind::Relay, RelayChoice{relay->id, {}});
            }
            return;
        }
        if (kind == 1) {
            const auto* model = pickThat<CombinedModel>(
                library_.combineds,
                [&](const CombinedModel& m) { return m.outputSystem == system_; });
            CombinedChoice combined;
            if (model != nullptr && putPanels(combined, model->maxVoc)) {
                combined.unit = model->id;
                source("duo", WayKind::Combined, combined);
            }
            return;
        }
        const auto* model = pickThat<DcdcModel>(
            library_.dcdcs, [&](const DcdcModel& m) { return m.outputSystem == system_; });
        if (kind > 1 && model != nullptr) {
            source("dcdc", WayKind::Engine, EngineChoice{model->id, {}});
        }
    }
    void addShore() {
        const auto* model = pickThat<ShoreChargerModel>(
            library_.shoreChargers,
            [&](const ShoreChargerModel& m) { return m.outputSystem == system_; });
        if (model != nullptr && oneIn(2)) {
            source("shore", WayKind::Shore, ShoreChoice{model->id, hours(4.0)});
        }
    }
    void addLoads() {
        const bool mains = !plan_.gear.inverters.empty();
        const auto strongest =
            std::ranges::max_element(library_.converters, {}, [&](const ConverterModel& m) {
                return m.inputSystem == system_ ? m.maxOutput : Amps();
            });
        if (system_ > volts(12.0) && strongest->inputSystem == system_) {
            putConverter(plan_.gear, strongest->id);
        }
        for (int i = 2 + roll(8); i > 0; --i) {
            const CatalogueAppliance& entry = pick(library_.appliances);
            if (mains || entry.feed == Feed::Dc) {
                plan_.appliances.push_back(fromCatalogue(entry, plan_));
            }
        }
    }

public:
    Plan build() {
        plan_.name = "gear that goes together";
        plan_.trip.climate = pick(library_.climates).name.english;
        plan_.trip.drivingPerDay = hours(roll(4));
        plan_.van.vehicle.alternator = amps(120.0 + 30.0 * roll(5));
        addBank();
        addInverter();
        addSun();
        addEngine();
        addShore();
        addLoads();
        return std::move(plan_);
    }

private:
    std::mt19937 dice_;
    const Library& library_;
    Plan plan_;
    Volts system_;
    Amps most_;
    bool lithium_ = false;
};

}  // namespace

Plan fittingSystem(unsigned seed, const Library& library) { return Fitting(seed, library).build(); }

}  // namespace spirk::test
