// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/diagram/strays.h"

#include <algorithm>
#include <cmath>

#include "core/circuit/kinds.h"
#include "core/diagram/free_label.h"
#include "core/diagram/measures.h"

namespace spirk {

namespace {

using namespace measures;  // NOLINT(google-build-using-namespace): constants of this room

// Points of a conductor that leaves its terminal by itself; corners of one that leaves it beside
// others.
constexpr std::size_t kStraight = 4;
constexpr std::size_t kLeaves = 2;
// From a ladder's devices to a thin lead down beside them.
constexpr double kBesideLadder = 10.0;

bool level(const Point& a, const Point& b) { return std::fabs(a.y - b.y) < 0.5; }

// The longest stretch of a route carries the label.
Rect labelBox(const std::vector<Point>& points) {
    std::size_t best = 0;
    double longest = -1.0;
    for (std::size_t i = 0; i + 1 < points.size(); ++i) {
        const double length =
            std::fabs(points[i].x - points[i + 1].x) + std::fabs(points[i].y - points[i + 1].y);
        const double worth = level(points[i], points[i + 1]) ? length : length * 0.6;
        if (worth > longest) {
            best = i;
            longest = worth;
        }
    }
    const Point& a = points[best];
    const Point& b = points[best + 1];
    if (level(a, b)) {
        return {std::min(a.x, b.x) + 4.0, a.y + 3.0, std::fabs(a.x - b.x) - 8.0, 24.0};
    }
    return {a.x + kLabelPad, std::min(a.y, b.y) + 4.0, kColumn / 2.0, std::fabs(a.y - b.y) - 8.0};
}

PlacedFuse fuseAt(End end, const Point& at, const Point& next) {
    const bool horizontal = level(at, next);
    const double dx = next.x > at.x ? 1.0 : -1.0;
    const double dy = next.y > at.y ? 1.0 : -1.0;
    const double reach = kFuse / 2.0 + 4.0;
    return {end,
            horizontal ? Point{at.x + dx * reach, at.y} : Point{at.x, at.y + dy * reach},
            horizontal};
}

}  // namespace

bool StrayRouter::drawn(const ConductorId& id) const {
    return std::ranges::find(geometry_.wires, id, &PlacedWire::id) != geometry_.wires.end();
}

// On a rail a conductor lands opposite its other end.
std::optional<Point> StrayRouter::pointOf(const TerminalId& terminal, const Point* other) const {
    const auto rail = std::ranges::find(geometry_.rails, terminal.device, &PlacedRail::device);
    if (rail != geometry_.rails.end()) {
        const double x = other == nullptr ? rail->from.x : other->x;
        return Point{std::clamp(x, rail->from.x, rail->to.x), rail->from.y};
    }
    const auto found = terminals_.find(terminal);
    return found == terminals_.end() ? std::nullopt : std::optional(found->second);
}

void StrayRouter::route() {
    for (const Conductor& c : circuit_.conductors) {
        if (used_.contains(c.id) || drawn(c.id)) {
            continue;
        }
        const auto roughFrom = pointOf(c.from, nullptr);
        const auto roughTo = pointOf(c.to, nullptr);
        if (!roughFrom || !roughTo) {
            continue;  // inside a closed block
        }
        const Point from = *pointOf(c.from, &*roughTo);
        const Point to = *pointOf(c.to, &from);
        routeOne(c, from, to);
    }
}

// Where a lead turns that leaves a device, or comes to it, beside it: on the right, or on the left
// where that is still the device.
double StrayRouter::besideOf(const DeviceId& id, const Point& terminal) const {
    const double right = terminal.x + kDeviceWidth / 2.0 + kLane * 0.5;
    const PlacedDevice* device = placed(id);
    const bool within = device != nullptr && right < device->rect.x + device->rect.w;
    return within ? device->rect.x - kLane * 0.5 : right;
}

std::vector<Point> StrayRouter::roundTheOutside(const Conductor& c, Point a, Point b) {
    double lowest = 0.0;
    for (const PlacedRail& rail : geometry_.rails) {
        lowest = std::max(lowest, rail.to.y);
    }
    const double y = lowest + kLane * (2.0 + lane_++);
    const double out = besideOf(c.from.device, a);
    const double in = besideOf(c.to.device, b);
    return {a, {out, a.y}, {out, y}, {in, y}, {in, b.y}, b};
}

// Over to a lane before the target, then up or down, then in. Those that leave one terminal leave
// it one below the other, each with its own fuse and label.
std::vector<Point> StrayRouter::besideTheTarget(const Conductor& c, Point a, Point b) {
    const bool signal = c.purpose == Purpose::Signal;
    const double lane = b.x - (signal ? kLane * 0.5 : kLane);
    const double x = lane > a.x ? lane : (a.x + b.x) / 2.0;
    const int before = leaving_[c.from]++;
    if (before == 0) {
        return {a, {x, a.y}, {x, b.y}, b};
    }
    const double out = a.x + kLane * 0.5;
    const double y = a.y + (signal ? -kBelow : kBelow) * before;
    return {a, {out, a.y}, {out, y}, {x, y}, {x, b.y}, b};
}

// Over a little, up or down, and along at the target's own height: there its label stands.
std::vector<Point> StrayRouter::alongTheTarget(Point a, Point b) {
    const double x = a.x + kLane * 0.5;
    return {a, {x, a.y}, {x, b.y}, b};
}

const PlacedDevice* StrayRouter::placed(const DeviceId& id) const {
    const auto at = std::ranges::find(geometry_.devices, id, &PlacedDevice::id);
    return at == geometry_.devices.end() ? nullptr : &*at;
}

// On the left of what stands in a leg, and of all that is in the way between two heights.
double StrayRouter::laneBeside(const Rect& leg, double y, double other) const {
    const auto inTheWay = [&](double x) {
        return std::ranges::find_if(geometry_.devices, [&](const PlacedDevice& d) {
            return x > d.rect.x - 1.0 && x < d.rect.x + d.rect.w + 1.0 &&
                   std::max(y, other) > d.rect.y && std::min(y, other) < d.rect.y + d.rect.h;
        });
    };
    double lane = leg.x - kBesideLadder;
    for (auto d = inTheWay(lane); d != geometry_.devices.end(); d = inTheWay(lane)) {
        lane = d->rect.x - kBesideLadder;
    }
    return lane;
}

// From what stands in a leg out to the left, below what comes to it there, and down to a rail.
std::vector<Point> StrayRouter::downToTheRail(const Rect& leg, const PlacedRail& rail) const {
    const Point begin{leg.center().x - kBesideLadder / 2.0, leg.center().y + kBesideLadder / 2.0};
    const double lane = laneBeside(leg, begin.y, rail.from.y);
    std::vector<Point> out{begin, {lane, begin.y}, {lane, rail.from.y}};
    if (lane < rail.from.x) {
        out.push_back(rail.from);
    }
    return out;
}

// From before a ladder's legs to what stands in one of them: down on the left of what is in the
// way, and in from there.
std::vector<Point> StrayRouter::besideTheLadder(const Conductor& c,
                                                Point a,
                                                const Rect& target) const {
    const Point end{target.center().x - kBesideLadder / 2.0, target.center().y};
    const double lane = laneBeside(target, a.y, end.y);
    if (const PlacedDevice* from = placed(c.from.device)) {
        const Point begin{from->rect.x + kBesideLadder, from->rect.y};
        const double above = clearLevel(geometry_, begin.x, lane, begin.y - kFuse - kBesideLadder);
        return {begin, {begin.x, above}, {lane, above}, {lane, end.y}, end};
    }
    const auto rail = std::ranges::find(geometry_.rails, c.from.device, &PlacedRail::device);
    if (rail != geometry_.rails.end() && lane < rail->from.x) {
        return {rail->from, {lane, a.y}, {lane, end.y}, end};
    }
    return {{lane, a.y}, {lane, end.y}, end};
}

// Whether a stretch of it lies on a device that it does not end at.
bool StrayRouter::crossesDevice(const Conductor& c, const std::vector<Point>& points) const {
    return std::ranges::any_of(geometry_.devices, [&](const PlacedDevice& d) {
        if (d.id == c.from.device || d.id == c.to.device) {
            return false;
        }
        for (std::size_t i = 0; i + 1 < points.size(); ++i) {
            const auto [left, right] = std::minmax(points[i].x, points[i + 1].x);
            const auto [upper, lower] = std::minmax(points[i].y, points[i + 1].y);
            if (right > d.rect.x && left < d.rect.x + d.rect.w && lower > d.rect.y - 1.0 &&
                upper < d.rect.y + d.rect.h + 1.0) {
                return true;
            }
        }
        return false;
    });
}

StrayRouter::Route StrayRouter::routeOf(const Conductor& c, Point a, Point b) {
    const PlacedDevice* target = placed(c.to.device);
    const Device* device = findDevice(circuit_, c.to.device);
    if (c.purpose == Purpose::Signal && c.ready.empty() && !c.amended && target != nullptr &&
        kindRow(device->kind).stands == Stands::Leg) {
        return {besideTheLadder(c, a, target->rect), false};
    }
    const PlacedDevice* source = placed(c.from.device);
    const auto rail = std::ranges::find(geometry_.rails, c.to.device, &PlacedRail::device);
    if (c.purpose == Purpose::Signal && !c.amended && source != nullptr &&
        rail != geometry_.rails.end() &&
        kindRow(findDevice(circuit_, c.from.device)->kind).stands == Stands::Leg) {
        return {downToTheRail(source->rect, *rail), false};
    }
    std::vector<Point> out;
    if (level(a, b) || std::fabs(a.x - b.x) < 0.5) {
        out = {a, b};
    } else if (!c.amended) {
        out = c.ready.empty() ? besideTheTarget(c, a, b) : alongTheTarget(a, b);
    }
    const bool stray = out.empty() || crossesDevice(c, out);
    return {stray ? roundTheOutside(c, a, b) : std::move(out), stray};
}

void StrayRouter::routeOne(const Conductor& c, Point a, Point b) {
    PlacedWire wire;
    wire.id = c.id;
    Route route = routeOf(c, a, b);
    wire.points = std::move(route.points);
    wire.stray = route.stray;
    const bool along = !c.ready.empty() && !wire.stray && wire.points.size() == kStraight;
    wire.label = labelBox(along ? std::vector<Point>(wire.points.end() - 2, wire.points.end())
                                : wire.points);
    const Protection* from = protectionAt(circuit_, c, End::From);
    // A fuse stands past the corners by which a conductor leaves: round the outside it is clear of
    // the device's name then, and beside others of its terminal on its own line.
    std::size_t past = wire.stray ? 1 : wire.points.size() > kStraight ? kLeaves : 0;
    // No fuse fits a stretch that only steps aside.
    const auto lengthAt = [&](std::size_t i) {
        return std::fabs(wire.points[i].x - wire.points[i + 1].x) +
               std::fabs(wire.points[i].y - wire.points[i + 1].y);
    };
    const auto shortAt = [&](std::size_t i) { return lengthAt(i) < kFuse; };
    while (past + 2 < wire.points.size() && shortAt(past)) {
        ++past;
    }
    // It stands where the lead begins, not where it arrives.
    while (!wire.stray && past > 1 && (shortAt(past) || lengthAt(past - 1) > kColumn)) {
        --past;
    }
    const std::size_t line = wire.stray ? 0 : past;
    const Point& begin = wire.points[line];
    if (from != nullptr && level(begin, wire.points[line + 1]) &&
        wire.label.x < begin.x + 2 * kFuse && wire.label.y > begin.y) {
        wire.label.x += 2.0 * kFuse - 16.0;  // clear of the fuse at its beginning
    }
    if (from != nullptr) {
        const Point& next = wire.points[past + 1];
        wire.fuses.push_back(
            clearFuse(geometry_, fuseAt(End::From, wire.points[past], next), next));
    }
    if (protectionAt(circuit_, c, End::To) != nullptr) {
        const std::size_t n = wire.points.size();
        const std::size_t before = n - (wire.stray ? 2 : 1);
        wire.fuses.push_back(fuseAt(End::To, wire.points[before], wire.points[before - 1]));
    }
    wire.label = freeLabel(geometry_, wire);
    geometry_.wires.push_back(std::move(wire));
}

}  // namespace spirk
