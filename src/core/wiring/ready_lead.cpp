// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/ready_lead.h"

#include <array>

#include "core/base/promise.h"

namespace spirk {

namespace {

const Connection kPlugged{"blade", squareMillimetres(1)};

}  // namespace

void addReadyLead(
    Draft& draft, const std::string& id, const char* lead, const Fixed& from, const Fixed& to) {
    const ReadyLead* row = findById(draft.library.readyLeads, lead);
    promise(row != nullptr, "a thin lead is a row of the table of ready leads");
    Conductor& c = draft.conductor(id, row->name, from, to, Pole::None, Purpose::Signal);
    c.ready = row->id;
    c.insulation = draft.library.region.smallInsulation;
}

void addFarDevice(Draft& draft,
                  const std::string& unit,
                  const std::string& port,
                  const char* lead,
                  const FarDevice& far) {
    Draft::port(draft.deviceAt(unit), port, kPlugged, Pole::None);
    Device& d = draft.fixture(far.id, far.kind, far.fixture);
    d.name = far.name;
    d.place = draft.placeOf(d.id, far.place);
    Draft::port(d, "lead", kPlugged, Pole::None);
    addReadyLead(draft, far.id + ".lead", lead, terminal(unit, port), terminal(far.id, "lead"));
}

void addRemote(Draft& draft, const SystemUnit& unit) {
    if (!unit.chose("remote", "one")) {
        return;
    }
    const Text name = draft.deviceAt(unit.id.value).name;
    addFarDevice(draft,
                 unit.id.value,
                 "remote",
                 "remote",
                 {unit.id.value + ".remote",
                  DeviceKind::RemotePanel,
                  "remote_panel",
                  {"remote panel of {unit}"_text, {{"unit", name}}},
                  "bed"});
}

namespace {

struct BatterySensor {
    const char* choice;
    const char* fixture;
    Phrase name;
};
constexpr std::array kBatterySensors{
    BatterySensor{"temperature", "temperature_sensor", "temperature sensor at the bank"_text},
    BatterySensor{"voltage", "voltage_point", "sense point at the bank"_text}};

}  // namespace

void addBatterySensor(Draft& draft, const SystemUnit& unit, const BankUnit& bank) {
    for (const BatterySensor& sensor : kBatterySensors) {
        if (unit.chose("sensor", sensor.choice) || unit.chose("sensor", "both")) {
            addFarDevice(draft,
                         unit.id.value,
                         sensor.choice,
                         sensor.choice,
                         {unit.id.value + "." + sensor.choice,
                          DeviceKind::Sensor,
                          sensor.fixture,
                          sensor.name,
                          draft.placeOf(DeviceId(bank.id.value + ".1"), "cupboard").value});
        }
    }
}

}  // namespace spirk
