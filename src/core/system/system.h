// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Who feeds whom, and the library's entries behind a plan's choices. A choice that the library does
// not know becomes a finding and counts as not there, so that a design is always complete.

#include <map>
#include <memory>
#include <optional>
#include <vector>

#include "core/plan/finding.h"
#include "core/plan/plan.h"

namespace spirk {

// What every unit that could be resolved has.
struct SystemUnit {
    UnitId id;
    WayId way;                                   // one that this program knows
    std::string path;                            // in the plan's file: 'gear.banks.bank'
    std::map<std::string, std::string> options;  // all that the way has, each one of its choices

    // Requires that the way has that option.
    [[nodiscard]] const std::string& option(const std::string& name) const {
        return options.at(name);
    }
    // Of a way that may not have it.
    [[nodiscard]] bool chose(const std::string& name, const std::string& choice) const {
        const auto found = options.find(name);
        return found != options.end() && found->second == choice;
    }
};

// A string of a bank: its batteries, as they are now.
struct StringUnit {
    const BatteryModel* model = nullptr;
    Chemistry battery;  // volts and resistance of one battery
    double left = 1.0;  // part of the rated capacity
};
struct BankUnit : SystemUnit {
    const BatteryModel* model = nullptr;
    Chemistry battery;    // volts and resistance of one battery
    Chemistry chemistry;  // the same from pole to pole of the bank: `series` batteries
    int count = 0;        // strings in parallel
    int series = 1;
    std::vector<StringUnit> strings;  // `count` of them
    Volts nominal;                    // from pole to pole
    Volts system;                     // 12, 24 ...: what gear is sold for
    Venting venting = Venting::None;
    std::optional<SquareMetres> opening;
    std::optional<BatteryHeater> heater;
};
// What loads, sources and inverters hang on.
struct RailUnit : SystemUnit {
    UnitId bank;                                // that it hangs on, by a converter or not
    UnitId from;                                // the rail that it draws from; none of a bank's own
    const ConverterModel* converter = nullptr;  // that makes it of that; null: as it comes
    Distribution kind = Distribution::Bars;
    [[nodiscard]] bool atBank() const { return from.value.empty(); }
};
struct SunUnit : SystemUnit {
    UnitId into;
    const PanelModel* panel = nullptr;
    const ControllerModel* controller = nullptr;
    int series = 1;
    int parallel = 1;
    bool combined = false;  // a part of a unit that charges from the engine too
    UnitId beside;          // of more panels at another's controller, that other; else empty
};
struct EngineUnit : SystemUnit {
    UnitId into;
    const DcdcModel* charger = nullptr;
    const SupplyPoint* from = nullptr;  // null: the starter battery itself
    std::optional<Amps> withSun;  // of a part of a combined unit: what it gives beside the sun
    bool shoreToo = false;        // a shore charger feeds its input
    // What a day's driving brings: of a combined unit, while the sun is there too.
    [[nodiscard]] Amps usual() const { return withSun.value_or(charger->output); }
};
struct RelayUnit : SystemUnit {
    UnitId into;
    const RelayModel* relay = nullptr;
    const SupplyPoint* from = nullptr;
};
// Of engine and sun, which are among the system's own engines and suns too.
struct CombinedUnit : SystemUnit {
    UnitId into;
    const CombinedModel* model = nullptr;
    SunUnit sun;
    EngineUnit engine;
};
struct AlternatorUnit : SystemUnit {
    UnitId into;
    const AlternatorModel* model = nullptr;
};
struct TrickleUnit : SystemUnit {
    UnitId from;  // rail
    const TrickleModel* charger = nullptr;
};
struct ShoreUnit : SystemUnit {
    UnitId into;
    const ShoreChargerModel* charger = nullptr;
    Seconds perDay;
    UnitId through;  // the engine charger at whose input it gives; empty: at the rail itself
};
struct InverterUnit : SystemUnit {
    UnitId from;
    const InverterModel* model = nullptr;
    Seconds onPerDay;
    Watts most;  // that is ever drawn from it: its rating, or less where the person says so
    [[nodiscard]] bool held() const { return most < model->power; }
};
struct MonitorUnit : SystemUnit {
    UnitId on;  // rail
    const MonitorModel* model = nullptr;
    std::vector<SensorChoice> sensors;
};

// Units with the library's entries behind them, in the plan's order: who feeds whom. Borrows from
// the library and from the plan's own gear. There is always a bank: an unknown one falls back to
// the library's first battery, with a finding.
struct System {
    std::vector<BankUnit> banks;
    std::vector<RailUnit> rails;
    std::vector<SunUnit> suns;
    std::vector<SunUnit> besides;  // more panels at one of those
    std::vector<EngineUnit> engines;
    std::vector<RelayUnit> relays;
    std::vector<ShoreUnit> shores;
    std::vector<CombinedUnit> combineds;
    std::vector<AlternatorUnit> alternators;
    std::vector<TrickleUnit> trickles;
    std::vector<InverterUnit> inverters;
    std::vector<MonitorUnit> monitors;
    std::vector<CircuitChoice> circuits;  // that the person gave, on what is there
    std::vector<ModuleChoice> modules;    // of units that are there
    const Climate* climate = nullptr;
    std::vector<Finding> findings;
    // Of combined units, what their halves are as a controller and as a charger.
    std::vector<std::shared_ptr<const ControllerModel>> asControllers;
    std::vector<std::shared_ptr<const DcdcModel>> asChargers;

    // Whether anything takes from the vehicle's own electrics, or gives to them.
    [[nodiscard]] bool usesVehicle() const;
    [[nodiscard]] bool takesFromVehicle() const { return !engines.empty() || !relays.empty(); }
    // Whether anything charges from the running engine.
    [[nodiscard]] bool usesEngine() const { return takesFromVehicle() || !alternators.empty(); }
    // Whether anything charges from shore power.
    [[nodiscard]] bool usesShore() const;
    // Requires that it is there, as every rail is that something hangs on.
    [[nodiscard]] const RailUnit& rail(const UnitId& id) const;
    // The converter's rail that a rail is, or is fed by; null where it has the bank's own volts.
    [[nodiscard]] const RailUnit* converterBehind(const UnitId& rail) const;
    // That a rail hangs on.
    [[nodiscard]] const BankUnit& bankOf(const UnitId& rail) const;

    // Calls `visit(unit, rail)` for all that hangs on a rail of a bank, in the plan's order of each
    // kind.
    template <class Visit>
    void eachOnRail(const Visit& visit) const {
        const auto all = [&](const auto& units, auto rail) {
            for (const auto& unit : units) {
                visit(unit, unit.*rail);
            }
        };
        all(suns, &SunUnit::into);
        all(engines, &EngineUnit::into);
        all(relays, &RelayUnit::into);
        all(shores, &ShoreUnit::into);
        all(alternators, &AlternatorUnit::into);
        all(trickles, &TrickleUnit::from);
        all(inverters, &InverterUnit::from);
        all(besides, &SunUnit::into);
        all(monitors, &MonitorUnit::on);
    }
    // The panels at a controller: its own, then those beside.
    [[nodiscard]] std::vector<const SunUnit*> panelsAt(const SunUnit& sun) const;
    // That a unit belongs to or hangs on; null where no unit has that id.
    [[nodiscard]] const BankUnit* bankBehind(const UnitId& unit) const;

    // The first of each kind; null where there is none.
    [[nodiscard]] const BankUnit& bank() const { return banks.front(); }
    [[nodiscard]] const SunUnit* sun() const { return suns.empty() ? nullptr : &suns.front(); }
    [[nodiscard]] const EngineUnit* engine() const {
        return engines.empty() ? nullptr : &engines.front();
    }
    [[nodiscard]] const InverterModel* inverter() const {
        return inverters.empty() ? nullptr : inverters.front().model;
    }
    [[nodiscard]] const ConverterModel* converter() const;
    // The rail that the bank feeds; that a converter makes, null where there is none.
    [[nodiscard]] const RailUnit& mainRail() const;
    [[nodiscard]] const RailUnit* converterRail() const;
};

// Own gear comes before the library's of the same id. Both must outlive the result.
[[nodiscard]] System systemOf(const Plan& plan, const Library& library);

// The entries that can be chosen: the person's own, then the library's.
template <class Model>
[[nodiscard]] std::vector<const Model*> onOffer(const std::vector<Model>& own,
                                                const std::vector<Model>& library) {
    std::vector<const Model*> out;
    for (const auto* list : {&own, &library}) {
        for (const Model& model : *list) {
            out.push_back(&model);
        }
    }
    return out;
}

// How many 12 V blocks a battery of this nominal voltage is, in halves: 12 V and 12.8 V are one,
// 6 V a half, 24 V and 25.6 V two.
[[nodiscard]] double blocksOf(Volts nominal);
// A 12 V block's chemistry, for `blocks` of them in series.
[[nodiscard]] Chemistry scaled(const Chemistry& block, double blocks);

// The rail that a DC appliance hangs on, of one on the vehicle the first: that of the circuit that
// the person gave it; else the converter's, where its bank has one and the appliance bears no more;
// else the first.
[[nodiscard]] const RailUnit& railOf(const Appliance& appliance, const System& gear);
// Whether that is a converter's.
[[nodiscard]] bool onConverter(const Appliance& appliance, const System& gear);

// The given circuit that a load is in; null where the program groups it.
[[nodiscard]] const CircuitChoice* circuitWith(const System& system, const ApplianceId& load);
// Whether a relay joins a circuit while the engine runs.
[[nodiscard]] bool isDriven(const CircuitChoice& circuit);
// The module that an appliance is in; null: none.
[[nodiscard]] const ModuleChoice* moduleWith(const System& system, const ApplianceId& load);
// Whether a load hangs on the vehicle's own battery: it takes nothing from the house.
[[nodiscard]] bool onVehicle(const Appliance& appliance, const System& gear);

// Of its own panels, without any beside.
[[nodiscard]] Watts arrayPower(const SunUnit& solar);
// Of all panels at its controller.
[[nodiscard]] Watts powerAt(const System& gear, const SunUnit& sun);
// Capacity of the whole bank: rated, less what aged batteries have lost.
[[nodiscard]] Coulombs bankCapacity(const BankUnit& bank);
// Whether all strings are of one model, and none has aged.
[[nodiscard]] bool isAlike(const BankUnit& bank);
// The sum of what each string of a bank may take or give for good: of its batteries the least, and
// of strings that share unevenly less comes out.
[[nodiscard]] Amps mostIn(const BankUnit& bank);
[[nodiscard]] Amps mostOut(const BankUnit& bank);

}  // namespace spirk
