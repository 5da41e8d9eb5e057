// SPDX-License-Identifier: GPL-3.0-or-later
// A display, or a panel of gauges: fed before the main switch or behind it with a small fuse, or
// through the shunt's lead; a thin lead to the shunt and to each sensor. More sensors than ports
// are wired all the same, and told.

#include <array>

#include "core/wiring/ready_lead.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

struct SensorRow {
    const char* lead;
    const char* fixture;
};
// In the order of what sensors tell of.
constexpr std::array kSensorRows{SensorRow{"tank", "tank_sender"},
                                 SensorRow{"temperature", "temperature_sensor"},
                                 SensorRow{"voltage", "voltage_point"}};

void addSupply(Draft& draft, const MonitorUnit& monitor) {
    const std::string& id = monitor.id.value;
    const BankUnit& bank = draft.gear.bankOf(monitor.on);
    Device& d = draft.deviceAt(id);
    Draft::port(d, "+", monitor.model->connection, Pole::Positive);
    Draft::port(d, "-", monitor.model->connection, Pole::Negative);
    d.elements.emplace_back(Draw{.at = {d.ports.size() - 2, d.ports.size() - 1},
                                 .by = DrawnBy::Switch,
                                 .behaviour = Behaviour::Power,
                                 .used = monitor.model->draws,
                                 .largest = monitor.model->draws,
                                 .nominal = bank.nominal,
                                 .lowest = bank.chemistry.cutOff});
    const bool always = monitor.option("supply") == "always";
    const Text name = d.name;
    addSignal(draft,
              ConductorId(id + ".feed+"),
              {"supply of {monitor}"_text, {{"monitor", name}}},
              always ? bankPost(bank.id, Pole::Positive) : railPost(monitor.on, Pole::Positive),
              terminal(id, "+"),
              Pole::Positive,
              "G5");
    addSignal(draft,
              ConductorId(id + ".feed-"),
              {"supply of {monitor}, negative"_text, {{"monitor", name}}},
              terminal(id, "-"),
              railPost(monitor.on, Pole::Negative),
              Pole::Negative);
    draft.pair(id + ".feed+", id + ".feed-");
}

LiveStep switchedOn(const MonitorUnit& monitor) {
    const DeviceId id(monitor.id.value);
    LiveStep s;
    s.id = "on." + id.value;
    s.stage = Stage::Blocks;
    s.text = {"Insert the fuse of {monitor}: it lights up and shows its sensors."_text,
              {{"monitor", monitor.model->name}}};
    s.subjects = {subject(id)};
    s.fuses = {ConductorId(id.value + ".feed+")};
    Look look;
    look.loads = {id};
    look.readings = {{Reads::Across, TerminalId{id, "+"}, {}}};
    s.looks = {look};
    return s;
}

}  // namespace

Piece monitorOnRail(Draft draft, const MonitorUnit& monitor) {
    const std::string& id = monitor.id.value;
    draft.unit = monitor.id;
    Device& d = draft.ware(id, DeviceKind::Monitor, *monitor.model);
    d.place = draft.placeOf(d.id, "galley");
    if (monitor.model->draws.si() > 0.0) {
        addSupply(draft, monitor);
        draft.piece.steps = {switchedOn(monitor)};
    }
    const bool counted = draft.gear.rail(monitor.on).option("shunt") != "none";
    if (monitor.model->shunts > 0 && counted) {
        Draft::port(draft.deviceAt(id), "data", monitor.model->connection, Pole::None);
        addReadyLead(draft, id + ".data", "data", shuntPost(monitor.on), terminal(id, "data"));
    }
    for (const SensorChoice& sensor : monitor.sensors) {
        const SensorRow& row = kSensorRows.at(static_cast<std::size_t>(sensor.senses));
        addFarDevice(draft,
                     id,
                     sensor.id.value,
                     row.lead,
                     {id + "." + sensor.id.value,
                      DeviceKind::Sensor,
                      row.fixture,
                      Text::given(sensor.name),
                      sensor.place.value});
    }
    return std::move(draft.piece);
}

}  // namespace spirk
