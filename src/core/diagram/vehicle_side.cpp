// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/diagram/vehicle_side.h"

#include <algorithm>
#include <optional>

#include "core/circuit/kinds.h"
#include "core/diagram/measures.h"
#include "core/diagram/placed_device.h"

namespace spirk {

namespace {

using namespace measures;  // NOLINT(google-build-using-namespace): constants of this room

bool leavesStarter(const Circuit& circuit, const Conductor& c) {
    const Device* from = findDevice(circuit, c.from.device);
    return from != nullptr && from->kind == DeviceKind::Starter && c.pole != Pole::Negative;
}

class VehicleSide {
public:
    VehicleSide(const Circuit& circuit,
                DiagramGeometry& out,
                std::map<TerminalId, Point>& terminals)
        : circuit_(circuit), out_(out), terminals_(terminals) {}

    void placeAll(double bottom) {
        const Device* starter = firstOf(circuit_, DeviceKind::Starter);
        const Device* alternator = firstOf(circuit_, DeviceKind::Alternator);
        if (starter == nullptr || alternator == nullptr) {
            return;
        }
        const auto place = firstAtVehicle();
        placeInputs();
        placeInTheWay();
        const double y = place ? place->y + kDeviceHeight + kWire : bottom - 2.0 * kWire;
        const double x0 = kMargin;
        const double x1 = x0 + kDeviceWidth + kSideWire;
        addDevice(*alternator, {x0, y, kDeviceWidth, kDeviceHeight});
        addDevice(*starter, {x1, y, kDeviceWidth, kDeviceHeight});
        const PortPair given = std::get<Limited>(alternator->elements.front()).at;
        const PortPair stored = std::get<Emf>(starter->elements.front()).at;
        setTerminal(*alternator, given.pos, {x0 + kDeviceWidth, y + kPoleInset});
        setTerminal(*starter, stored.pos, {x1 + kDeviceWidth, y + kPoleInset});
        if (const Conductor* own = chargeLead(*alternator, *starter)) {
            const Point a{x0 + kDeviceWidth, y + kPoleInset};
            const Point b{x1, y + kPoleInset};
            out_.wires.push_back({own->id, {a, b}, {a.x, a.y, b.x - a.x, 24.0}, {}, false});
        }
        setTerminal(*alternator, given.neg, {x0 + kDeviceWidth / 2.0, y + kDeviceHeight});
        setTerminal(*starter, stored.neg, {x1 + kDeviceWidth / 2.0, y + kDeviceHeight});
        placePoints(x1 + kDeviceWidth + kSideWire, y);
        placeLiveSupply(x0, place ? place->y : y);
    }

private:
    // The vehicle's own conductor from the alternator to its battery, where no end of it was moved;
    // else it is a stray like any other.
    [[nodiscard]] const Conductor* chargeLead(const Device& alternator,
                                              const Device& starter) const {
        const auto at = std::ranges::find_if(circuit_.conductors, [&](const Conductor& c) {
            return !isOurs(c) && c.from.device == alternator.id && c.to.device == starter.id;
        });
        return at == circuit_.conductors.end() ? nullptr : &*at;
    }

    // The first that takes from the vehicle.
    [[nodiscard]] std::optional<Rect> firstAtVehicle() const {
        for (const Device& d : circuit_.devices) {
            const auto rect = meetsVehicle(d.kind) ? rectOf(d.id) : std::nullopt;
            if (rect) {
                return rect;
            }
        }
        return std::nullopt;
    }

    // Supply points, one below the other at the right of the starter battery, below all that leaves
    // it.
    void placePoints(double x, double y) {
        y -= kDeviceHeight + kGap;
        for (const Conductor& c : circuit_.conductors) {
            y += leavesStarter(circuit_, c) ? kBelow : 0.0;
        }
        for (const Device& d : circuit_.devices) {
            if (isSupplyPoint(d)) {
                y += kDeviceHeight + kGap;
                if (d.ports.size() == 1) {
                    addSplit(d, x, y + kDeviceHeight / 2.0);
                    continue;
                }
                const Rect rect{x, y, kDeviceWidth, kDeviceHeight};
                addDevice(d, rect);
                const PortPair through = std::get<Resistance>(d.elements.front()).between;
                setTerminal(d, through.pos, {x, y + kDeviceHeight / 2.0});
                setTerminal(d, through.neg, {x + kDeviceWidth, y + kDeviceHeight / 2.0});
            }
        }
    }

    // One feed that splits: a bar of its own.
    void addSplit(const Device& d, double x, double y) {
        out_.rails.push_back({d.id, {x, y}, {x + kDeviceWidth, y}, true});
        setTerminal(d, 0, {x, y});
    }

    // What comes from the vehicle's side enters at the left: the signal above, the feed below.
    void placeInputs() {
        for (const Device& d : circuit_.devices) {
            const auto place = rectOf(d.id);
            if (!place || !meetsVehicle(d.kind)) {
                continue;
            }
            // Where panels come in at the left, they have its ends.
            const bool panels = fromPanels(d) != nullptr;
            const double inset = panels ? 2.0 * kPoleInset : kPoleInset;
            const auto signal = std::ranges::find(d.ports, Pole::None, &Port::pole);
            if (signal != d.ports.end()) {
                terminals_[{d.id, signal->name}] = {place->x, place->y + inset};
            }
            setTerminal(d, 0, {place->x, place->y + place->h - inset});
            setOwnReturn(d, *place);
        }
    }

    // From what parts a feed up to the input's height, and in; its label stands between.
    void addUpAndOver(const Conductor& c, Point from, Point to) {
        out_.wires.push_back({c.id,
                              {from, {from.x, to.y}, to},
                              {from.x + kLabelPad, to.y + 3.0, to.x - from.x - kLabelPad, 24.0},
                              {},
                              false});
    }

    // What parts their feeds, below and before their inputs: its name stands at its right.
    void placeInTheWay() {
        for (const Device& d : circuit_.devices) {
            const auto fed = fedThrough(circuit_, d);
            const auto place = fed ? rectOf(fed->device) : std::nullopt;
            if (!place || rectOf(d.id)) {
                continue;
            }
            const Point input = terminals_.at(*fed);
            const double x = input.x - kBeforeInput;
            const double y = input.y + kBelow / 2.0 + kLane / 2.0;
            addDevice(d, {x - kThroughWidth / 2.0, y, kThroughWidth, kThrough});
            setTerminal(d, 0, {x, y + kThrough});
            setTerminal(d, 1, {x, y});
            for (const Conductor& c : circuit_.conductors) {
                if (c.from.device == d.id && c.to == *fed) {
                    addUpAndOver(c, {x, y}, input);
                }
            }
        }
    }

    // The input's negative of an isolated charger, below its positive.
    void setOwnReturn(const Device& d, const Rect& place) {
        for (const Element& e : d.elements) {
            const auto* transfer = std::get_if<Transfer>(&e);
            if (transfer != nullptr &&
                (transfer->live == Live::EngineRunning || transfer->live == Live::EngineOrShore) &&
                transfer->in.neg != transfer->out.neg) {
                setTerminal(d, transfer->in.neg, {place.x, place.y + place.h - kPoleInset / 2.0});
            }
        }
    }

    // What tells chargers and relays that the engine runs, above the vehicle's side.
    void placeLiveSupply(double x, double below) {
        const Device* live = firstOf(circuit_, DeviceKind::Ignition);
        if (live == nullptr) {
            return;
        }
        const double above = below - kDeviceHeight - kGap;
        addDevice(*live, {x, above, kDeviceWidth, kDeviceHeight});
        setTerminal(*live, 0, {x + kDeviceWidth, above + kDeviceHeight / 2.0});
    }

    [[nodiscard]] std::optional<Rect> rectOf(const DeviceId& id) const {
        const auto found = std::ranges::find(out_.devices, id, &PlacedDevice::id);
        return found == out_.devices.end() ? std::nullopt : std::optional(found->rect);
    }
    void addDevice(const Device& device, Rect rect) {
        out_.devices.push_back(placedDevice(device, rect));
    }
    void setTerminal(const Device& device, std::size_t port, Point at) {
        terminals_[{device.id, device.ports[port].name}] = at;
    }

    const Circuit& circuit_;
    DiagramGeometry& out_;
    std::map<TerminalId, Point>& terminals_;
};

}  // namespace

const Transfer* fromPanels(const Device& device) {
    for (const Element& e : device.elements) {
        const auto* transfer = std::get_if<Transfer>(&e);
        if (transfer != nullptr && transfer->live == Live::InSun) {
            return transfer;
        }
    }
    return nullptr;
}

std::optional<TerminalId> fedThrough(const Circuit& circuit, const Device& device) {
    constexpr std::size_t kInLinePorts = 2;
    if (kindRow(device.kind).stands != Stands::Leg || device.ports.size() != kInLinePorts ||
        device.ports.front().pole != Pole::Positive) {
        return std::nullopt;
    }
    for (const Conductor& c : circuit.conductors) {
        const Device& to = *findDevice(circuit, c.to.device);
        if (c.from.device == device.id && meetsVehicle(to.kind) && portOf(to, c.to.port) == 0) {
            return c.to;
        }
    }
    return std::nullopt;
}

bool isSupplyPoint(const Device& device) {
    return device.kind == DeviceKind::SupplyPoint || device.kind == DeviceKind::FeedSplit;
}

// Its own first.
std::vector<UnitId> panelsAt(const Circuit& circuit, const Device& controller) {
    std::vector<UnitId> out;
    const auto add = [&](const UnitId& unit) {
        const bool panels = firstOf(circuit, DeviceKind::Array, unit) != nullptr;
        if (panels && std::ranges::find(out, unit) == out.end()) {
            out.push_back(unit);
        }
    };
    add(controller.unit);
    const Transfer* fromSun = fromPanels(controller);
    for (const Conductor& c : circuit.conductors) {
        if (fromSun != nullptr && c.side == Side::Panels && c.to.device == controller.id) {
            add(c.unit);
        }
    }
    return out;
}

// What the vehicle's supply points need below what else leaves its battery.
double pointsHeight(const Circuit& circuit) {
    double points = 0.0;
    double leads = 0.0;
    for (const Device& d : circuit.devices) {
        points += isSupplyPoint(d) ? kDeviceHeight + kGap : 0.0;
    }
    for (const Conductor& c : circuit.conductors) {
        leads += leavesStarter(circuit, c) ? kBelow : 0.0;
    }
    // The ladder is twice as high as what stands below its middle.
    return points > 0.0 ? std::max(0.0, 2.0 * (points + leads) - kLeastLadder / 2.0) : 0.0;
}

void placeVehicle(const Circuit& circuit,
                  double bottom,
                  DiagramGeometry& out,
                  std::map<TerminalId, Point>& terminals) {
    VehicleSide(circuit, out, terminals).placeAll(bottom);
}

}  // namespace spirk
