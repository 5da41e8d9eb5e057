// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// From the plan's choices to units: each is looked up, and hangs on what is there. Of the room
// itself.

#include <string>
#include <utility>
#include <vector>

#include "core/plan/units.h"
#include "core/system/system.h"

namespace spirk {

// What the library does not have (GEAR); what cannot be resolved and is left out, or hangs on
// nothing (T4).
[[nodiscard]] Finding unknownGear(const std::string& field, const std::string& given);
[[nodiscard]] Finding leftOut(const std::string& path, Text what, Text remedy);
[[nodiscard]] Finding unfed(const std::string& path, const UnitId& on);

template <class T>
const T* lookUp(const std::vector<T>& own,
                const std::vector<T>& entries,
                const std::string& id,
                const char* field,
                std::vector<Finding>& findings) {
    const T* found = findById(own, id);
    found = found == nullptr ? findById(entries, id) : found;
    if (found == nullptr) {
        findings.push_back(unknownGear(field, id));
    }
    return found;
}

// Puts the plan's units together one after another; what cannot be resolved is told and left out.
class Resolver {
public:
    Resolver(const Plan& plan, const Library& library);
    [[nodiscard]] System take() { return std::move(out_); }

private:
    template <class T>
    const T* look(const std::vector<T> Shelf::*list, const std::string& id, const std::string& at) {
        return lookUp(plan_.own.*list, library_.*list, id, at.c_str(), out_.findings);
    }
    template <class UnitType>
    [[nodiscard]] UnitType unitAs(const UnitChoice& choice, UnitList list, WayKind kind) {
        UnitType out;
        static_cast<SystemUnit&>(out) = unitOf(choice, list, kind);
        return out;
    }
    // A way that is not known is told, and the usual one of its kind taken.
    [[nodiscard]] SystemUnit unitOf(const UnitChoice& choice, UnitList list, WayKind kind);
    [[nodiscard]] bool hasRail(const UnitId& rail, const std::string& path);
    // Of a source or an inverter: a converter's rail neither takes a charge nor bears them.
    [[nodiscard]] bool hangsAtBank(const UnitId& rail, const std::string& path);

    // resolve_rails.cpp
    void addBanks();
    [[nodiscard]] BankUnit bankUnit(const BankChoice& choice);
    void takeUnlike(const UnlikeString& unlike, BankUnit& bank);
    void addRails();
    void addBankRail(const RailChoice& choice, const FromBank& from);
    void addConverterRail(const RailChoice& choice, const FromConverter& from);
    // Of a rail of a bank or of a converter, or of a block that stands before it.
    void addSubRail(const RailChoice& choice, const FromRail& from);

    // resolve_sources.cpp
    void addSource(const SourceChoice& choice);
    void addOfAnother(const SourceChoice& choice);
    [[nodiscard]] bool atInput(const SourceChoice& choice) const;
    void addPanels(const SourceChoice& choice, const PanelsChoice& panels);
    void takeArray(const ArrayChoice& array, SunUnit& out);
    // Null: the starter battery itself, also in place of a point that is not there.
    [[nodiscard]] const SupplyPoint* pointOf(const FromVehicle& from, const std::string& path);
    void addSun(const SourceChoice& choice, const SolarChoice& solar);
    void addEngine(const SourceChoice& choice, const EngineChoice& engine);
    void addRelay(const SourceChoice& choice, const RelayChoice& relay);
    void addShore(const SourceChoice& choice, const ShoreChoice& shore);
    // At the input of an engine charger, which stands before it in the plan.
    void addAtInput(ShoreUnit shore);
    void addCombined(const SourceChoice& choice, const CombinedChoice& combined);
    void addAlternator(const SourceChoice& choice, const AlternatorChoice& second);
    void addTrickle(const SourceChoice& choice, const TrickleChoice& trickle);

    // resolve_loads.cpp
    void addInverter(const InverterChoice& choice);
    void addMonitor(const MonitorChoice& choice);
    // Of its units those that are there, and in no module before it.
    void addModule(const ModuleChoice& choice);
    [[nodiscard]] bool isThere(const UnitId& unit) const;
    [[nodiscard]] bool inModule(const UnitId& unit) const;
    // Of its loads those that take DC and are in no circuit before it. A rail whose volts do not
    // suit one is the person's choice, and is told (V2).
    void addCircuit(const CircuitChoice& choice);
    // What has to work with the main switch off, on each rail of a bank: one small circuit with a
    // fuse of its own. A rail behind a converter is fed from behind that switch.
    void addAlwaysOn();
    [[nodiscard]] bool takesDc(const ApplianceId& load) const;

    const Plan& plan_;
    const Library& library_;
    System out_;
};

}  // namespace spirk
