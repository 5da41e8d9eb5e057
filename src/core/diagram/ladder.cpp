// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/diagram/ladder.h"

#include <algorithm>

#include "core/base/promise.h"
#include "core/circuit/kinds.h"

namespace spirk {

namespace {

// The port at the other side of a device that a chain comes to: of a switch or a shunt, of a
// converter from its input, of a battery.
std::optional<std::size_t> acrossFrom(const Device& d, std::size_t port) {
    const auto other = [&](const PortPair& pair) -> std::optional<std::size_t> {
        return port == pair.pos   ? std::optional(pair.neg)
               : port == pair.neg ? std::optional(pair.pos)
                                  : std::nullopt;
    };
    for (const Element& e : d.elements) {
        std::optional<std::size_t> found;
        if (const auto* contact = std::get_if<Contact>(&e)) {
            found = other(contact->poles.front());
        } else if (const auto* metal = std::get_if<Resistance>(&e)) {
            found = other(metal->between);
        } else if (const auto* emf = std::get_if<Emf>(&e)) {
            found = other(emf->at);
        } else if (const auto* transfer = std::get_if<Transfer>(&e)) {
            found = other({transfer->in.pos, transfer->out.pos});
        }
        if (found) {
            return found;
        }
    }
    return std::nullopt;
}

// Whether a rung goes on behind the device that a chain comes to: switches, the shunt, a converter
// from its input, and a battery in series with the one above it.
bool passesThrough(const Device& d, const Conductor& by, const std::string& port) {
    const bool positive = d.ports[portOf(d, port)].pole == Pole::Positive;
    if (d.kind == DeviceKind::Battery) {
        return positive && isHousePole(by, Pole::Negative);
    }
    if (kindRow(d.kind).stands != Stands::Leg) {
        return false;
    }
    const auto* transfer =
        d.elements.empty() ? nullptr : std::get_if<Transfer>(&d.elements.front());
    return transfer == nullptr || portOf(d, port) == transfer->in.pos;
}

bool opensToLadder(DeviceKind kind) { return kindRow(kind).opens == Opens::ToLadder; }

}  // namespace

TerminalId otherSide(const Circuit& circuit, const TerminalId& terminal) {
    const Device* d = findDevice(circuit, terminal.device);
    const auto across = acrossFrom(*d, portOf(*d, terminal.port));
    promise(across.has_value(), "a chain passes through what has another side");
    return {terminal.device, d->ports[*across].name};
}

namespace {

// Port of the device's negative, where its rung goes on downwards: of what gives at one side what
// it takes at another, the side where it gives.
std::string negativePort(const Device& d) {
    for (const Element& e : d.elements) {
        if (const auto* transfer = std::get_if<Transfer>(&e)) {
            return d.ports[transfer->out.neg].name;
        }
    }
    const auto at = std::ranges::find(d.ports, Pole::Negative, &Port::pole);
    return at == d.ports.end() ? d.ports.front().name : at->name;
}

// Where a block is fed: what hangs there as well is no tooth of it.
bool isIntake(const Device& d, const std::string& port) {
    return d.kind == DeviceKind::FuseBlock && portOf(d, port) == 0;
}

class Reader {
public:
    Reader(const Circuit& circuit, const std::set<DeviceId>& closed)
        : circuit_(circuit), closed_(closed) {}

    Reading read() {
        for (const Device& d : circuit_.devices) {
            const bool top = d.kind == DeviceKind::BusBar && d.ports.front().pole == Pole::Positive;
            const Device* bottom = top ? otherPoleOf(circuit_, d) : nullptr;
            if (bottom != nullptr) {
                out_.ladders.push_back({&d, bottom, {}});
                placed_.insert(d.id);
                placed_.insert(bottom->id);
            }
        }
        promise(!out_.ladders.empty(), "every circuit has bars");
        for (Ladder& ladder : out_.ladders) {
            fill(ladder);
            std::ranges::stable_sort(
                ladder.rungs, {}, [](const Rung& r) { return kindRow(r.device->kind).rank; });
        }
        out_.placed = placed_;
        hideInsideClosed();
        return std::move(out_);
    }

private:
    // What hangs behind the ways of a closed block or strip.
    void hideInsideClosed() {
        std::vector<DeviceId> open(closed_.begin(), closed_.end());
        while (!open.empty()) {
            const DeviceId id = open.back();
            open.pop_back();
            for (const Conductor& c : circuit_.conductors) {
                const bool behind = c.from.device == id && isHousePole(c, Pole::Positive);
                if (behind && !placed_.contains(c.to.device) &&
                    out_.hidden.insert(c.to.device).second) {
                    open.push_back(c.to.device);
                }
            }
        }
    }

    [[nodiscard]] bool used(const Conductor& c) const { return out_.used.contains(c.id); }

    // Unused positive conductors that hang from the ladder's top.
    [[nodiscard]] std::vector<const Conductor*> hangingFrom(const Device& top) const {
        std::vector<const Conductor*> out;
        for (const Conductor& c : circuit_.conductors) {
            const bool here = c.from.device == top.id || c.to.device == top.id;
            const TerminalId& at = c.from.device == top.id ? c.from : c.to;
            if (here && !used(c) && isHousePole(c, Pole::Positive) && !isIntake(top, at.port)) {
                out.push_back(&c);
            }
        }
        return out;
    }

    // Follows a chain from `start` away through pass-through devices; empty where it comes back to
    // its own beginning or ends nowhere.
    struct Chain {
        std::vector<Link> links;
        const Device* end = nullptr;
        TerminalId endTerminal;
    };
    [[nodiscard]] Chain follow(const Conductor& first, const TerminalId& start) const {
        Chain chain;
        const Conductor* c = &first;
        TerminalId at = start;
        std::set<ConductorId> seen;
        while (c != nullptr && seen.insert(c->id).second) {
            const TerminalId far = c->from == at ? c->to : c->from;
            const Device* device = findDevice(circuit_, far.device);
            if (device == nullptr || !passesThrough(*device, *c, far.port)) {
                chain.links.push_back({c, nullptr});
                chain.end = device;
                chain.endTerminal = far;
                return chain;
            }
            chain.links.push_back({c, device});
            at = otherSide(circuit_, far);
            c = nextAt(at, seen);
        }
        return chain;
    }

    [[nodiscard]] const Conductor* nextAt(const TerminalId& at,
                                          const std::set<ConductorId>& seen) const {
        for (const Conductor& c : circuit_.conductors) {
            if ((c.from == at || c.to == at) && !used(c) && !seen.contains(c.id)) {
                return &c;
            }
        }
        return nullptr;
    }

    void markUsed(const std::vector<Link>& links) {
        for (const Link& link : links) {
            out_.used.insert(link.conductor->id);
            if (link.through != nullptr) {
                placed_.insert(link.through->id);
            }
        }
    }

    void fill(Ladder& ladder) {
        for (const Conductor* c : hangingFrom(*ladder.top)) {
            if (used(*c)) {
                continue;
            }
            const TerminalId start = c->from.device == ladder.top->id ? c->from : c->to;
            Chain up = follow(*c, start);
            if (up.end == nullptr || !placed_.insert(up.end->id).second) {
                continue;  // comes to something that has its place: routed as a stray
            }
            Rung rung;
            markUsed(up.links);
            rung.up = std::move(up.links);
            rung.device = up.end;
            openInner(rung);
            addStrings(rung);
            addDown(rung, *ladder.bottom);
            addSeries(rung);
            addSide(rung, *ladder.bottom);
            ladder.rungs.push_back(std::move(rung));
        }
    }

    // The negative of a converter that the chain passes through.
    void addSide(Rung& rung, const Device& bottom) {
        for (const Link& link : rung.up) {
            if (link.through == nullptr || link.through->kind != DeviceKind::Converter) {
                continue;
            }
            const TerminalId start{link.through->id, negativePort(*link.through)};
            for (const Conductor& c : circuit_.conductors) {
                if (!used(c) && c.from == start && c.to.device == bottom.id) {
                    rung.side = &c;
                    out_.used.insert(c.id);
                    return;
                }
            }
        }
    }

    void openInner(Rung& rung) {
        if (!opensToLadder(rung.device->kind) || closed_.contains(rung.device->id)) {
            return;
        }
        rung.inner = std::make_unique<Ladder>();
        rung.inner->top = rung.device;
        // Below a positive bar lies its negative one; a block or a strip holds both.
        const bool positive = rung.device->ports.front().pole == Pole::Positive;
        const Device* other = positive ? otherPoleOf(circuit_, *rung.device) : nullptr;
        rung.inner->bottom = other == nullptr ? rung.device : other;
        placed_.insert(rung.inner->bottom->id);
        fill(*rung.inner);
    }

    void addDown(Rung& rung, const Device& bottom) {
        const Device& own = rung.inner ? *rung.inner->bottom : *rung.device;
        if (rung.strings.empty()) {
            goDown(rung, own, bottom);
        }
        for (std::size_t i = 0; i < rung.strings.size(); ++i) {
            if (goDown(rung, *rung.strings[i].front(), bottom)) {
                rung.downFrom = i;
                return;
            }
        }
    }

    bool goDown(Rung& rung, const Device& from, const Device& bottom) {
        if (kindRow(from.kind).stands == Stands::Vehicle) {
            return false;  // an end moved there: the vehicle's side has its own place
        }
        const TerminalId start{from.id, negativePort(from)};
        for (const Conductor& c : circuit_.conductors) {
            const bool here = c.from == start || c.to == start;
            if (!here || used(c) || isHousePole(c, Pole::Positive) || !isOurs(c)) {
                continue;
            }
            Chain down = follow(c, start);
            if (down.end != nullptr && down.end->id == bottom.id) {
                markUsed(down.links);
                rung.down = std::move(down.links);
                return true;
            }
        }
        return false;
    }

    // --- batteries that are linked side by side

    static TerminalId poleOf(const Device& battery, Pole pole) {
        return {battery.id, std::ranges::find(battery.ports, pole, &Port::pole)->name};
    }

    // A conductor from here to the same or the other pole of another battery.
    struct ToBattery {
        const Conductor* conductor = nullptr;
        const Device* battery = nullptr;
    };
    [[nodiscard]] ToBattery toBattery(const TerminalId& at, Pole far) const {
        for (const Conductor& c : circuit_.conductors) {
            if (used(c) || (c.from != at && c.to != at)) {
                continue;
            }
            const TerminalId& other = c.from == at ? c.to : c.from;
            const Device* device = findDevice(circuit_, other.device);
            if (device != nullptr && device->kind == DeviceKind::Battery &&
                poleOf(*device, far) == other) {
                return {&c, device};
            }
        }
        return {};
    }

    [[nodiscard]] std::vector<const Device*> stringFrom(const Device& head) const {
        std::vector<const Device*> out{&head};
        while (true) {
            const Device* next =
                toBattery(poleOf(*out.back(), Pole::Negative), Pole::Positive).battery;
            if (next == nullptr || std::ranges::find(out, next) != out.end()) {
                return out;
            }
            out.push_back(next);
        }
    }

    void takeLink(Rung& rung, const Conductor* link) {
        out_.used.insert(link->id);
        rung.links.push_back(link);
    }

    void addStrings(Rung& rung) {
        if (rung.device->kind != DeviceKind::Battery) {
            return;
        }
        const Device* head = rung.device;
        while (true) {
            const ToBattery next = toBattery(poleOf(*head, Pole::Positive), Pole::Positive);
            if (next.battery == nullptr || !placed_.insert(next.battery->id).second) {
                break;
            }
            if (rung.strings.empty()) {
                rung.strings.push_back(stringFrom(*head));
            }
            takeLink(rung, next.conductor);
            head = next.battery;
            rung.strings.push_back(stringFrom(*head));
        }
        addNegativeLinks(rung);
    }

    void addNegativeLinks(Rung& rung) {
        for (std::size_t i = 0; i + 1 < rung.strings.size(); ++i) {
            const ToBattery next =
                toBattery(poleOf(*rung.strings[i].back(), Pole::Negative), Pole::Negative);
            if (next.battery == rung.strings[i + 1].back()) {
                takeLink(rung, next.conductor);
            }
        }
    }

    // Links inside the strings; those of the string that goes down are in its chain already.
    void addSeries(Rung& rung) {
        for (const std::vector<const Device*>& string : rung.strings) {
            for (std::size_t k = 0; k + 1 < string.size(); ++k) {
                placed_.insert(string[k + 1]->id);
                const ToBattery link =
                    toBattery(poleOf(*string[k], Pole::Negative), Pole::Positive);
                if (link.battery == string[k + 1]) {
                    takeLink(rung, link.conductor);
                }
            }
        }
    }

    const Circuit& circuit_;
    const std::set<DeviceId>& closed_;
    Reading out_;
    std::set<DeviceId> placed_;
};

}  // namespace

Reading readLadders(const Circuit& circuit, const std::set<DeviceId>& closed) {
    return Reader(circuit, closed).read();
}

}  // namespace spirk
