// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/draft.h"

#include <algorithm>
#include <array>

#include "core/base/promise.h"
#include "core/circuit/made_of.h"
#include "core/plan/own_gear.h"
#include "core/plan/units.h"
#include "core/quantities/format.h"

namespace spirk {

TerminalId terminal(const std::string& device, const std::string& port) {
    return {DeviceId(device), port};
}

Post railPost(const UnitId& rail, Pole pole) { return {rail, pole, SwitchSide::BehindSwitch}; }
Post bankPost(const UnitId& bank, Pole pole) { return {bank, pole, SwitchSide::BeforeSwitch}; }
Post shuntPost(const UnitId& rail) { return {rail, Pole::None, SwitchSide::BehindSwitch}; }
Post farBankPost(const UnitId& bank, Pole pole) {
    return {UnitId(bank.value + ".far"), pole, SwitchSide::BeforeSwitch};
}
Post starterPost(Pole pole) { return {UnitId("engine"), pole, SwitchSide::BeforeSwitch}; }
Post liveSupplyPost() { return {UnitId("engine"), Pole::None, SwitchSide::BehindSwitch}; }
Post vehiclePost(const SupplyPoint* point) {
    return point == nullptr ? starterPost(Pole::Positive)
                            : Post{point->id, Pole::Positive, SwitchSide::BeforeSwitch};
}
Text vehicleName(const SupplyPoint* point) {
    return point == nullptr ? Text("starter battery"_text) : Text::given(point->name);
}
Post chassisPost() { return {UnitId("chassis"), Pole::Negative, SwitchSide::BehindSwitch}; }

const Fixture& Draft::fixtureRow(const std::string& row) const {
    const Fixture* found = findById(library.fixtures, row);
    promise(found != nullptr, "what is there is a row of the table of fixtures");
    return *found;
}

namespace {

// Parts of units that formats 1 and 2 had, where they were not called after their unit.
struct OldName {
    std::string_view unit, part;
};
constexpr std::array kOldNames{OldName{kSunUnit, "array"},
                               OldName{kMainRail, "bus.pos"},
                               OldName{kMainRail, "bus.neg"},
                               OldName{kMainRail, "shunt"},
                               OldName{kMainRail, "fuseblock"},
                               OldName{kEngineUnit, "engine"}};

}  // namespace

std::string partOf(const UnitId& unit, std::string_view part) {
    const bool old = std::ranges::any_of(kOldNames, [&](const OldName& name) {
        return name.unit == unit.value && name.part == part;
    });
    return old ? std::string(part) : unit.value + "." + std::string(part);
}

namespace {

// The last one counts; null where there is none, or of another kind.
const HardwareModel* namedFor(const Draft& draft, const DeviceId& device, HardwareKind of) {
    const HardwareModel* out = nullptr;
    for (const Amendment& amendment : draft.plan.amendments) {
        const auto* set = std::get_if<SetHardware>(&amendment);
        if (set != nullptr && set->device == device) {
            out = findHardware(draft.plan, draft.library, set->model);
        }
    }
    return out != nullptr && out->kind == of ? out : nullptr;
}

}  // namespace

const HardwareModel& Draft::largestFor(const DeviceId& device, HardwareKind of) const {
    if (const HardwareModel* named = namedFor(*this, device, of)) {
        return *named;
    }
    const HardwareModel* out = nullptr;
    for (const HardwareModel& model : library.hardware) {
        out = model.kind == of && (out == nullptr || model.ways > out->ways) ? &model : out;
    }
    promise(out != nullptr, "the library has hardware of each kind");
    return *out;
}

void makeHardware(Draft& draft) {
    for (Device& device : draft.circuit().devices) {
        if (!device.made) {
            continue;
        }
        const HardwareKind kind = device.made->kind;
        const HardwareModel* named = namedFor(draft, device.id, kind);
        device.made->named = named != nullptr;
        device.amended = device.amended || named != nullptr;
        makeOf(device, named != nullptr ? *named : *hardwareOf(draft.library, kind).front());
    }
}

PlaceId Draft::placeOf(const DeviceId& id, const std::string& usual) const {
    const auto found = plan.van.placed.find(id);
    return found == plan.van.placed.end() ? PlaceId(usual) : found->second;
}

Device& Draft::device(const std::string& id, DeviceKind kind, const Text& name) {
    Device d;
    d.id = DeviceId(id);
    d.kind = kind;
    d.unit = unit;
    d.name = name;
    d.part = name;
    d.place = placeOf(d.id, kUsualPlace);
    piece.circuit.devices.push_back(std::move(d));
    return piece.circuit.devices.back();
}

Device& Draft::ware(const std::string& id, DeviceKind kind, const Ware& model) {
    Device& d = device(id, kind, model.name);
    d.weightKg = model.weightKg;
    d.price = model.price;
    d.boxedFuses = model.boxedFuses;
    d.boxedLeads = model.boxedLeads;
    return d;
}

Device& Draft::hardware(const std::string& id, DeviceKind kind, HardwareKind of, const Text& name) {
    Device& d = device(id, kind, name);
    d.made = Made{.kind = of};
    return d;
}

Device& Draft::fixture(const std::string& id, DeviceKind kind, const std::string& rowId) {
    const Fixture& row = fixtureRow(rowId);
    Device& d = ware(id, kind, row);
    d.rating = row.maxCurrent;
    return d;
}

Device& Draft::deviceAt(const std::string& id) {
    const auto found = std::ranges::find(piece.circuit.devices, DeviceId(id), &Device::id);
    promise(found != piece.circuit.devices.end(), "the device was added before");
    return *found;
}

void Draft::port(Device& device, const std::string& name, const Connection& connection, Pole pole) {
    device.ports.push_back({name, connection, pole, {}, {}, {}, false});
}

TerminalId Draft::resolved(const Fixed& fixed, std::variant<ConductorEnd, PathTerminal> of) {
    if (const auto* post = std::get_if<Post>(&fixed)) {
        piece.asks.push_back({std::move(of), *post});
        return {};
    }
    return std::get<TerminalId>(fixed);
}

void Draft::drop(DropPath path, const FixedPair& source, const FixedPair& far) {
    const std::size_t at = piece.circuit.paths.size();
    const auto both = [&](const FixedPair& pair, PathEnd end) -> TerminalPair {
        return {resolved(pair.pos, PathTerminal{at, end, Pole::Positive}),
                resolved(pair.neg, PathTerminal{at, end, Pole::Negative})};
    };
    path.source = both(source, PathEnd::Source);
    path.far = both(far, PathEnd::Far);
    piece.circuit.paths.push_back(std::move(path));
}

Conductor& Draft::conductor(const std::string& id,
                            const Text& name,
                            const Fixed& from,
                            const Fixed& to,
                            Pole pole,
                            Purpose purpose) {
    Conductor c;
    c.id = ConductorId(id);
    c.name = name;
    c.from = resolved(from, ConductorEnd{c.id, End::From});
    c.to = resolved(to, ConductorEnd{c.id, End::To});
    c.pole = pole;
    c.purpose = purpose;
    c.unit = unit;
    c.insulation = library.region.heavyInsulation;
    piece.circuit.conductors.push_back(std::move(c));
    return piece.circuit.conductors.back();
}

Conductor& Draft::conductorAt(const ConductorId& id) {
    // As a rule it is one of the last.
    const auto found = std::find_if(piece.circuit.conductors.rbegin(),
                                    piece.circuit.conductors.rend(),
                                    [&](const Conductor& c) { return c.id == id; });
    promise(found != piece.circuit.conductors.rend(), "the conductor was added before");
    return *found;
}

void Draft::pair(const std::string& a, const std::string& b) {
    conductorAt(ConductorId(a)).pair = ConductorId(b);
    conductorAt(ConductorId(b)).pair = ConductorId(a);
}

DeviceId protectionOf(const ConductorEnd& end) {
    return DeviceId(end.conductor.value + (end.end == End::From ? ".fuse" : ".fuse.to"));
}

void Draft::protect(const ConductorId& conductor, Protection protection, End end) {
    protection.id = protectionOf({conductor, end});
    protection.poles = {{conductor, end}};
    piece.circuit.protections.push_back(std::move(protection));
}

Protection* Draft::protectionAt(const ConductorEnd& end) {
    const auto found = std::ranges::find_if(piece.circuit.protections, [&](const Protection& p) {
        return std::ranges::find(p.poles, end) != p.poles.end();
    });
    return found == piece.circuit.protections.end() ? nullptr : &*found;
}

Protection holderFuse(const Draft& draft) {
    Protection out;
    out.distance = metres(rule(draft.library, "fuse_pigtail_m").value);
    return out;
}

Protection guarding(Protection protection, const std::string& rule) {
    protection.missing = rule;
    return protection;
}

void addSignal(Draft& draft,
               const ConductorId& id,
               const Text& name,
               const Fixed& from,
               const Fixed& to,
               Pole pole,
               const std::string& rule) {
    Conductor& lead = draft.conductor(id.value, name, from, to, pole, Purpose::Signal);
    lead.insulation = draft.library.region.smallInsulation;
    if (!rule.empty()) {
        draft.protect(id, guarding(holderFuse(draft), rule));
    }
}

std::vector<WantedSetting> chargeSettings(const DeviceId& charger, const Chemistry& chemistry) {
    const bool lithium = chemistry.family == Family::Lithium;
    std::vector<WantedSetting> out{
        {charger, Sets::Charging, "battery type"_text, chemistry.name},
        {charger, Sets::Charging, "absorption"_text, measure(chemistry.absorption)},
        {charger, Sets::Charging, "float"_text, measure(chemistry.floating)},
        {charger, Sets::Charging, "equalise"_text, Text("off"_text)},
        {charger,
         Sets::Charging,
         "temperature compensation"_text,
         lithium ? Text("off"_text)
                 : Text("{mv} mV/K from 25 °C"_text, {{"mv", number(chemistry.millivoltsPerK)}})}};
    if (lithium) {
        out.push_back(
            {charger, Sets::Charging, "no charging below"_text, measure(chemistry.chargeFrom)});
    }
    return out;
}

std::vector<WantedSetting> inputSettings(const DeviceId& charger, Volts start, Volts stop) {
    return {{charger, Sets::Charging, "starts above, at its input"_text, measure(start)},
            {charger, Sets::Charging, "stops below, at its input"_text, measure(stop)}};
}

}  // namespace spirk
