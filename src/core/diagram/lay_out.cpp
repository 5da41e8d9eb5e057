// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <map>

#include "core/base/promise.h"
#include "core/circuit/kinds.h"
#include "core/diagram/geometry.h"
#include "core/diagram/ladder.h"
#include "core/diagram/measures.h"
#include "core/diagram/placed_device.h"
#include "core/diagram/strays.h"
#include "core/diagram/vehicle_side.h"

namespace spirk {

namespace {

using namespace measures;  // NOLINT(google-build-using-namespace): constants of this room

class Placer {
public:
    explicit Placer(const Circuit& circuit) : circuit_(circuit) {}

    DiagramGeometry place(const Reading& reading) {
        const double left = leftMargin();
        double height = kLeastLadder + std::max(pointsHeight(circuit_), panelsHeight());
        for (const Ladder& ladder : reading.ladders) {
            height = std::max(height, ladderHeight(ladder));
        }
        const double top = kMargin + kRailName;
        const double bottom = top + height;
        double end = placeLadder(reading, reading.ladders.front(), left, top, bottom);
        // Those of further bars beside it.
        for (std::size_t i = 1; i < reading.ladders.size(); ++i) {
            const double begin = end + kGap;
            end = std::max(placeRungs(reading.ladders[i], begin, top, bottom), begin + kColumn);
            addBars(reading.ladders[i], begin, end, top, bottom);
        }
        end = placeLostPanels(end, top);
        placeVehicle(circuit_, bottom, out_, terminals_);
        placeBond(left, bottom);
        if (firstOf(circuit_, DeviceKind::Inverter) != nullptr) {
            out_.mainsNote = Rect{end + kGap, top, kNoteWidth, kNoteHeight};
        }
        StrayRouter(circuit_, out_, terminals_, reading.used).route();
        finishBounds();
        return std::move(out_);
    }

private:
    // --- measuring

    static double chainHeight(const std::vector<Link>& links) {
        double h = 0.0;
        for (const Link& link : links) {
            h += kWire + (link.through != nullptr ? throughHeight(*link.through) : 0.0);
        }
        return h;
    }
    // Switches and the shunt are small; what has a name of its own is as large as any device.
    static bool isLarge(const Device& d) {
        return d.kind == DeviceKind::Converter || d.kind == DeviceKind::Battery;
    }
    static double throughHeight(const Device& d) { return isLarge(d) ? kDeviceHeight : kThrough; }
    static double throughWidth(const Device& d) {
        return isLarge(d) ? kDeviceWidth : kThroughWidth;
    }
    [[nodiscard]] double rungWidth(const Rung& rung) const {
        const double own = rung.inner ? std::max(kColumn, ladderWidth(*rung.inner)) : kColumn;
        return own + (rung.side != nullptr ? kConverterSide : 0.0) + besideWidth(rung);
    }
    // Of the batteries that are linked to the rung's own.
    static double besideWidth(const Rung& rung) {
        return rung.strings.empty() ? 0.0
                                    : kLinkColumn * static_cast<double>(rung.strings.size() - 1);
    }
    [[nodiscard]] double ladderWidth(const Ladder& ladder) const {
        double w = 0.0;
        for (const Rung& rung : ladder.rungs) {
            w += sideWidth(rung) + rungWidth(rung);
        }
        return std::max(w, kColumn);
    }
    static double rungHeight(const Rung& rung) {
        const double middle =
            rung.inner ? std::max(ladderHeight(*rung.inner), kWire) : kDeviceHeight;
        return chainHeight(rung.up) + middle + std::max(chainHeight(rung.down), kWire);
    }
    static double ladderHeight(const Ladder& ladder) {
        double h = 0.0;
        for (const Rung& rung : ladder.rungs) {
            h = std::max(h, rungHeight(rung));
        }
        return h;
    }
    // Room at the left of a rung for what stands before its device.
    [[nodiscard]] double sideWidth(const Rung& rung) const {
        const bool parted = std::ranges::any_of(circuit_.devices, [&](const Device& d) {
            const auto fed = fedThrough(circuit_, d);
            return fed && fed->device == rung.device->id;
        });
        return (meetsPanels(rung.device->kind) ? kArraySide : 0.0) +
               (parted ? kBeforeInput + kLane : 0.0);
    }
    // What more panels at one controller need above its middle.
    [[nodiscard]] double panelsHeight() const {
        std::size_t most = 0;
        for (const Device& d : circuit_.devices) {
            if (meetsPanels(d.kind)) {
                most = std::max(most, panelsAt(circuit_, d).size());
            }
        }
        constexpr std::size_t kThatFit = 2;
        return most <= kThatFit
                   ? 0.0
                   : 2.0 * (kDeviceHeight + 2.0 * kGap) * static_cast<double>(most - kThatFit);
    }
    [[nodiscard]] double leftMargin() const {
        const bool vehicle = firstOf(circuit_, DeviceKind::Starter) != nullptr;
        const bool points = std::ranges::any_of(circuit_.devices, isSupplyPoint);
        return kMargin + (vehicle ? kVehicleSide : 0.0) + (points ? kDeviceWidth + kSideWire : 0.0);
    }

    // --- placing

    // The first one, and what hangs from no rung.
    double placeLadder(
        const Reading& reading, const Ladder& ladder, double begin, double top, double bottom) {
        double x = placeRungs(ladder, begin, top, bottom);
        x = placeOrphans(reading, x, top, bottom);
        const double end = std::max(x, begin + kColumn);
        addBars(ladder, begin, end, top, bottom);
        return end;
    }
    void addBars(const Ladder& ladder, double begin, double end, double top, double bottom) {
        addRail(*ladder.top, {begin, top}, {end, top}, Pole::Positive);
        addRail(*ladder.bottom, {begin, bottom}, {end, bottom}, Pole::Negative);
    }

    void addRail(const Device& device, Point from, Point to, Pole pole) {
        const bool positive = pole == Pole::Positive;
        out_.rails.push_back({device.id, from, to, positive});
        for (const Port& port : device.ports) {
            if (port.pole != pole) {
                continue;
            }
            terminals_.try_emplace(TerminalId{device.id, port.name},
                                   Point{(from.x + to.x) / 2.0, from.y});
        }
    }

    void addDevice(const Device& device, Rect rect) {
        out_.devices.push_back(placedDevice(device, rect));
    }

    // A vertical conductor at x from y0 (upper) to y1 (lower).
    void addWire(const Conductor& c, const TerminalId& upper, double x, double y0, double y1) {
        PlacedWire wire;
        wire.id = c.id;
        const bool down = c.from == upper;
        wire.points = {{x, down ? y0 : y1}, {x, down ? y1 : y0}};
        const bool fuseAtTop = protectionAt(circuit_, c, down ? End::From : End::To) != nullptr;
        const double labelTop = y0 + (fuseAtTop ? kFuse : kLabelPad);
        wire.label = {x + kLabelPad, labelTop, kColumn / 2.0 - kLabelPad, y1 - labelTop};
        for (const End end : {End::From, End::To}) {
            if (protectionAt(circuit_, c, end) != nullptr) {
                const bool atTop = (end == End::From) == down;
                wire.fuses.push_back(
                    {end, {x, atTop ? y0 + kFuse / 2.0 : y1 - kFuse / 2.0}, false});
            }
        }
        out_.wires.push_back(std::move(wire));
    }

    // Places a chain from y downwards; the wire at `stretched` takes up `extra`. Returns where it
    // ends.
    double placeChain(const std::vector<Link>& links,
                      TerminalId upper,
                      double x,
                      double y,
                      std::size_t stretched,
                      double extra) {
        for (std::size_t i = 0; i < links.size(); ++i) {
            const Link& link = links[i];
            const double y1 = y + kWire + (i == stretched ? extra : 0.0);
            addWire(*link.conductor, upper, x, y, y1);
            const TerminalId lower =
                link.conductor->from == upper ? link.conductor->to : link.conductor->from;
            y = y1;
            upper = lower;
            if (link.through != nullptr) {
                const double height = throughHeight(*link.through);
                const double width = throughWidth(*link.through);
                const Rect rect{x - width / 2.0, y, width, height};
                addDevice(*link.through, rect);
                terminals_[lower] = {x, y};
                upper = otherSide(circuit_, lower);
                y += height;
                terminals_[upper] = {x, y};
                // What else it has stands at its side.
                for (const Port& port : link.through->ports) {
                    terminals_.try_emplace(TerminalId{lower.device, port.name},
                                           Point{rect.x + rect.w, y - height / 2.0});
                }
            }
        }
        return y;
    }

    // All rungs of a ladder from x on; returns where they end.
    double placeRungs(const Ladder& ladder, double x, double top, double bottom) {
        for (const Rung& rung : ladder.rungs) {
            // A bank stays on one page.
            if (ladder.top->kind != DeviceKind::CollectingBar) {
                out_.breaks.push_back(x + kNameBeyond);
            }
            x += sideWidth(rung);
            const double width = rungWidth(rung);
            const double side = rung.side != nullptr ? kConverterSide : 0.0;
            placeRung(rung, x, width - side, top, bottom);
            if (rung.side != nullptr) {
                placeSide(*rung.side, x + width - side, bottom);
            }
            if (meetsPanels(rung.device->kind)) {
                placeArray(*rung.device, x);
            }
            x += width;
        }
        return x;
    }

    void placeRung(const Rung& rung, double left, double width, double top, double bottom) {
        const double x = left + (width - besideWidth(rung)) / 2.0;
        const Conductor& first = *rung.up.front().conductor;
        const TerminalId start = startOf(rung, first);
        const double natural = rungHeight(rung);
        const double extra = bottom - top - natural;
        // A ladder inside takes the extra itself; a device hangs in the middle of its rung.
        const double above = rung.inner ? 0.0 : extra / 2.0;
        const double y = placeChain(rung.up, start, x, top, rung.up.size() - 1, above);
        const double lower = bottom - std::max(chainHeight(rung.down), kWire);
        if (rung.inner) {
            placeInner(rung, left, width, y, lower);
        } else {
            placeEndDevice(*rung.device, x, y);
        }
        if (!rung.strings.empty()) {
            placeStrings(rung, x, y, bottom);
        } else if (!rung.down.empty()) {
            const Device& from = rung.inner ? *rung.inner->bottom : *rung.device;
            const double begin = rung.inner ? lower : y + kDeviceHeight;
            const double slack = bottom - begin - chainHeight(rung.down);
            placeChain(rung.down, downStart(rung, from), x, begin, 0, slack);
        }
    }

    // --- batteries that are linked side by side: a column for each string

    struct Grid {
        const Rung& rung;
        double x = 0.0, y = 0.0;  // of the first string's centre, and its top
        [[nodiscard]] double column(std::size_t i) const {
            return x + kLinkColumn * static_cast<double>(i);
        }
        [[nodiscard]] double row(std::size_t k) const {
            return y + (kDeviceHeight + kWire) * static_cast<double>(k);
        }
        struct Cell {
            std::size_t column = 0, row = 0;
        };
        [[nodiscard]] Cell cellOf(const DeviceId& id) const {
            for (std::size_t i = 0; i < rung.strings.size(); ++i) {
                const auto& string = rung.strings[i];
                const auto at =
                    std::ranges::find(string, id, [](const Device* d) { return d->id; });
                if (at != string.end()) {
                    return {i, static_cast<std::size_t>(at - string.begin())};
                }
            }
            unreachable("a link joins batteries of its strings");
        }
    };

    void placeStrings(const Rung& rung, double x, double y, double bottom) {
        const Grid grid{rung, x, y};
        for (std::size_t i = 0; i < rung.strings.size(); ++i) {
            // The chain that goes down places those that it passes.
            const bool down = i == rung.downFrom && !rung.down.empty();
            const std::size_t own = down ? 1 : rung.strings[i].size();
            for (std::size_t k = i == 0 ? 1 : 0; k < own; ++k) {
                placeEndDevice(*rung.strings[i][k], grid.column(i), grid.row(k));
            }
        }
        if (!rung.down.empty()) {
            const auto& string = rung.strings[rung.downFrom];
            const double begin = y + kDeviceHeight;
            const double slack = bottom - begin - chainHeight(rung.down);
            placeChain(rung.down,
                       downStart(rung, *string.front()),
                       grid.column(rung.downFrom),
                       begin,
                       string.size() - 1,
                       slack);
        }
        for (const Conductor* link : rung.links) {
            placeLink(grid, *link);
        }
    }

    void placeLink(const Grid& grid, const Conductor& c) {
        const Grid::Cell from = grid.cellOf(c.from.device);
        const Grid::Cell to = grid.cellOf(c.to.device);
        if (from.column == to.column) {
            const bool down = from.row < to.row;
            const std::size_t above = std::min(from.row, to.row);
            addWire(c,
                    down ? c.from : c.to,
                    grid.column(from.column),
                    grid.row(above) + kDeviceHeight,
                    grid.row(above + 1));
            return;
        }
        const double y = grid.row(from.row) +
                         (isHousePole(c, Pole::Positive) ? kLinkInset : kDeviceHeight - kLinkInset);
        const double towards = to.column > from.column ? 1.0 : -1.0;
        const double half = towards * kDeviceWidth / 2.0;
        addLevel(c, {grid.column(from.column) + half, y}, {grid.column(to.column) - half, y});
    }

    // A level conductor; its label stands below it, clear of the fuses at its ends.
    void addLevel(const Conductor& c, Point from, Point to) {
        PlacedWire wire;
        wire.id = c.id;
        wire.points = {from, to};
        const double towards = to.x > from.x ? 1.0 : -1.0;
        for (const End end : {End::From, End::To}) {
            if (protectionAt(circuit_, c, end) != nullptr) {
                const double at = end == End::From ? from.x + towards * kFuse / 2.0
                                                   : to.x - towards * kFuse / 2.0;
                wire.fuses.push_back({end, {at, from.y}, true});
            }
        }
        wire.label = {std::min(from.x, to.x) + kFuse + kLabelPad,
                      from.y + 3.0,
                      kLinkWire - 2.0 * (kFuse + kLabelPad),
                      24.0};
        out_.wires.push_back(std::move(wire));
    }

    // From the converter's side to the right of the rung and down.
    void placeSide(const Conductor& c, double x, double bottom) {
        const Point begin = terminals_.at(c.from);
        const double down = x + 2.0 * kLane;
        PlacedWire wire;
        wire.id = c.id;
        wire.points = {begin, {down, begin.y}, {down, bottom}};
        wire.label = {
            down + kLabelPad, begin.y + kFuse, kConverterSide - 2.0 * kLane - kLabelPad, kWire};
        out_.wires.push_back(std::move(wire));
    }

    static TerminalId startOf(const Rung& rung, const Conductor& first) {
        if (rung.up.size() == 1) {
            return first.from.device == rung.device->id ? first.to : first.from;
        }
        const DeviceId through = rung.up.front().through->id;
        return first.from.device == through ? first.to : first.from;
    }
    static TerminalId downStart(const Rung& rung, const Device& from) {
        const Conductor& first = *rung.down.front().conductor;
        return first.from.device == from.id ? first.from : first.to;
    }

    void placeEndDevice(const Device& device, double x, double y) {
        const Rect rect{x - kDeviceWidth / 2.0, y, kDeviceWidth, kDeviceHeight};
        addDevice(device, rect);
        for (const Port& port : device.ports) {
            const bool negative = port.pole == Pole::Negative;
            terminals_[{device.id, port.name}] = {x, negative ? y + kDeviceHeight : y};
        }
        placeThinEnds(device, rect);
    }

    // Thin leads leave at the right, one below the other.
    void placeThinEnds(const Device& device, const Rect& rect) {
        const auto thin =
            static_cast<double>(std::ranges::count(device.ports, Pole::None, &Port::pole));
        double k = 0.0;
        for (const Port& port : device.ports) {
            if (port.pole == Pole::None) {
                k += 1.0;
                terminals_[{device.id, port.name}] = {rect.x + rect.w,
                                                      rect.y + rect.h * k / (thin + 1.0)};
            }
        }
    }

    void placeInner(const Rung& rung, double left, double width, double top, double bottom) {
        const Ladder& ladder = *rung.inner;
        double x = left + (width - ladderWidth(ladder)) / 2.0;
        const double begin = x;
        x = placeRungs(ladder, x, top, bottom);
        const double inset = kRailInset;
        const double end = std::max(x, begin + kColumn);
        addRail(*ladder.top, {begin + inset, top}, {end - inset, top}, Pole::Positive);
        addRail(*ladder.bottom, {begin + inset, bottom}, {end - inset, bottom}, Pole::Negative);
    }

    // Devices that hang from no rung, because an end was moved: a column each at the right.
    double placeOrphans(const Reading& reading, double x, double top, double bottom) {
        std::vector<const Device*> atLeads;
        for (const Device& d : circuit_.devices) {
            const Stands stands = kindRow(d.kind).stands;
            const bool ownPlace = stands != Stands::Rung && stands != Stands::Leg;
            if (ownPlace || reading.placed.contains(d.id) || reading.hidden.contains(d.id)) {
                continue;
            }
            if (d.ports.size() == 1) {
                atLeads.push_back(&d);
                continue;
            }
            if (fedThrough(circuit_, d)) {
                continue;
            }
            const bool controller = meetsPanels(d.kind);
            x += controller ? kArraySide : 0.0;
            placeEndDevice(d, x + kColumn / 2.0, (top + bottom - kDeviceHeight) / 2.0);
            if (controller) {
                placeArray(d, x);
            }
            x += kColumn;
        }
        return placeAtLeads(atLeads, x, top, bottom);
    }

    // Sensors and panels at the far ends of thin leads: one below the other.
    double placeAtLeads(const std::vector<const Device*>& devices,
                        double x,
                        double top,
                        double bottom) {
        const double step = kDeviceHeight + kGap;
        double y = top + kWire;
        x += devices.empty() ? 0.0 : kSideWire;  // room for the leads' labels
        for (const Device* d : devices) {
            if (y + step > bottom) {
                x += kColumn + kSideWire;
                y = top + kWire;
            }
            placeEndDevice(*d, x + kColumn / 2.0, y);
            terminals_[firstTerminal(*d)] = {x + (kColumn - kDeviceWidth) / 2.0,
                                             y + kDeviceHeight / 2.0};
            y += step;
        }
        return devices.empty() ? x : x + kColumn;
    }

    // --- what stands before the controller: array and isolator, at its left

    [[nodiscard]] std::optional<Rect> rectOf(const DeviceId& id) const {
        const auto found = std::ranges::find(out_.devices, id, &PlacedDevice::id);
        return found == out_.devices.end() ? std::nullopt : std::optional(found->rect);
    }

    void setTerminal(const Device& device, std::size_t port, Point at) {
        terminals_[{device.id, device.ports[port].name}] = at;
    }

    void placeArray(const Device& controller, double left) {
        const Rect own = *rectOf(controller.id);
        const Transfer* fromSun = fromPanels(controller);
        if (fromSun == nullptr) {
            return;
        }
        const double plus = own.y + kPoleInset;
        const double minus = own.y + own.h - kPoleInset;
        setTerminal(controller, fromSun->in.pos, {own.x, plus});
        if (isPanelsNegative(controller, fromSun->in.neg)) {
            setTerminal(controller, fromSun->in.neg, {own.x, minus});
        }
        double y = own.y;
        for (const UnitId& unit : panelsAt(circuit_, controller)) {
            placePanels(unit, left - kArraySide + kGap, y, own.h);
            y -= own.h + 2.0 * kGap;  // upwards: below it what comes from the engine passes
        }
    }

    // Not where its negative goes straight to the bar: its input then ends at its battery's.
    static bool isPanelsNegative(const Device& controller, std::size_t port) {
        return port != fromPanels(controller)->out.neg;
    }

    // Whose leads were moved away from every controller.
    double placeLostPanels(double x, double top) {
        for (const Device& d : circuit_.devices) {
            if (d.kind == DeviceKind::Array && !rectOf(d.id)) {
                placePanels(d.unit, x + kGap, top + kWire, kDeviceHeight);
                x += kArraySide + kGap;
            }
        }
        return x;
    }

    // The panels of a unit and what parts them from their controller.
    void placePanels(const UnitId& unit, double x0, double y, double height) {
        const Device& array = *firstOf(circuit_, DeviceKind::Array, unit);
        if (!rectOf(array.id)) {  // else a lead that was moved there has hung it on a rung
            const Rect rect{x0, y, kDeviceWidth, height};
            addDevice(array, rect);
            const PortPair panels = std::get<PanelCurve>(array.elements.front()).at;
            setTerminal(array, panels.pos, {rect.x + rect.w, y + kPoleInset});
            setTerminal(array, panels.neg, {rect.x + rect.w, y + height - kPoleInset});
        }
        for (const Device& d : circuit_.devices) {
            const bool between = kindRow(d.kind).stands == Stands::BeforeController;
            if (d.unit == unit && between && d.id != array.id && !rectOf(d.id)) {
                placeArrayIsolator(d, {x0 + kDeviceWidth + kSideWire, y, kThroughWidth, height});
            }
        }
    }

    void placeArrayIsolator(const Device& isolator, const Rect& rect) {
        addDevice(isolator, rect);
        for (const PortPair& pole : std::get<Contact>(isolator.elements.front()).poles) {
            const double y = isolator.ports[pole.pos].pole == Pole::Positive
                                 ? rect.y + kPoleInset
                                 : rect.y + rect.h - kPoleInset;
            setTerminal(isolator, pole.pos, {rect.x, y});
            setTerminal(isolator, pole.neg, {rect.x + rect.w, y});
        }
    }

    // --- the bond

    void placeBond(double begin, double bottom) {
        const Device* chassis = firstOf(circuit_, DeviceKind::Chassis);
        if (chassis == nullptr) {
            return;
        }
        const double y = bottom + kWire;
        const bool vehicle = firstOf(circuit_, DeviceKind::Starter) != nullptr;
        const double left = vehicle ? kMargin : begin;
        addRail(*chassis, {left, y}, {begin + kColumn * 0.75, y}, Pole::Negative);
        const auto bond =
            std::ranges::find(circuit_.conductors, Purpose::Bond, &Conductor::purpose);
        const Device* bar = barOf(circuit_, Pole::Negative);
        // Where it was moved elsewhere, it is drawn as what it is now.
        if (bond != circuit_.conductors.end() && bond->from.device == bar->id &&
            bond->to.device == chassis->id) {
            addWire(*bond, bond->from, begin + kColumn * 0.5, bottom, y);
        }
    }

    void finishBounds() {
        double right = 0.0;
        double bottom = 0.0;
        const auto grow = [&](double x, double y) {
            right = std::max(right, x);
            bottom = std::max(bottom, y);
        };
        for (const PlacedDevice& d : out_.devices) {
            grow(d.rect.x + d.rect.w, d.rect.y + d.rect.h);
        }
        for (const PlacedRail& r : out_.rails) {
            grow(r.to.x, r.to.y);
        }
        for (const PlacedWire& w : out_.wires) {
            grow(w.label.x + std::max(w.label.w, kLabelWidth),
                 w.label.y + std::max(w.label.h, kLabelHeight));
            for (const Point& p : w.points) {
                grow(p.x, p.y);
            }
        }
        if (out_.mainsNote) {
            grow(out_.mainsNote->x + out_.mainsNote->w, out_.mainsNote->y + out_.mainsNote->h);
        }
        std::ranges::sort(out_.breaks);
        out_.bounds = {0.0, 0.0, right + kMargin, bottom + kMargin};
    }

    const Circuit& circuit_;
    DiagramGeometry out_;
    std::map<TerminalId, Point> terminals_;
};

}  // namespace

DiagramGeometry layOut(const Circuit& circuit, const std::set<DeviceId>& closed) {
    const Reading reading = readLadders(circuit, closed);
    return Placer(circuit).place(reading);
}

}  // namespace spirk
