// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/diagram/ladder.h"

#include <algorithm>

#include "core/result/promise.h"

namespace spirk {

namespace {

// Whether a rung goes on behind the device that a chain comes to: switches, the shunt, a converter,
// and a battery in series with the one above it.
bool passesThrough(const Device& d, const Conductor& by, const std::string& port) {
    switch (d.kind) {
        case DeviceKind::MainSwitch:
        case DeviceKind::Isolator:
        case DeviceKind::Shunt:
            return true;
        case DeviceKind::Converter:
            return port == "in+";
        case DeviceKind::Battery:
            return port == "+" && isHousePole(by, Pole::Negative);
        default:
            return false;
    }
}

bool opensToLadder(DeviceKind kind) {
    return kind == DeviceKind::FuseBlock || kind == DeviceKind::Strip ||
           kind == DeviceKind::CollectingBar;
}

}  // namespace

std::string otherPort(const std::string& port) {
    if (port == "in+" || port == "out+") {
        return port == "in+" ? "out+" : "in+";
    }
    if (port == "+" || port == "-") {
        return port == "+" ? "-" : "+";
    }
    return port == "a" ? "b" : "a";
}

namespace {

// Port of the device's negative, where its rung goes on downwards.
std::string negativePort(const Device& d) {
    switch (d.kind) {
        case DeviceKind::Inverter:
            return "dc-";
        case DeviceKind::SolarController:
            return "bat-";
        case DeviceKind::DcdcCharger:
        case DeviceKind::FuseBlock:
            return "neg";
        case DeviceKind::CollectingBar:
        case DeviceKind::BusBar:
            return "bar";
        default:
            return "-";
    }
}

// Position of a device among the rungs: ways in, bank, ways out.
int rungOrder(DeviceKind kind) {
    switch (kind) {
        case DeviceKind::DcdcCharger:
            return 0;
        case DeviceKind::SolarController:
            return 1;
        case DeviceKind::Battery:
        case DeviceKind::CollectingBar:
            return 2;
        case DeviceKind::Inverter:
            return 3;
        case DeviceKind::Load:
        case DeviceKind::Strip:
            return 4;
        case DeviceKind::FuseBlock:
            return 5;
        default:
            return 6;
    }
}

class Reader {
public:
    Reader(const Circuit& circuit, const std::set<DeviceId>& closed)
        : circuit_(circuit), closed_(closed) {}

    Reading read() {
        out_.main.top = findDevice(circuit_, DeviceId("bus.pos"));
        out_.main.bottom = findDevice(circuit_, DeviceId("bus.neg"));
        promise(out_.main.top != nullptr && out_.main.bottom != nullptr, "every circuit has bars");
        fill(out_.main);
        std::ranges::stable_sort(
            out_.main.rungs, {}, [](const Rung& r) { return rungOrder(r.device->kind); });
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
            const std::string& port = c.from.device == top.id ? c.from.port : c.to.port;
            if (here && !used(c) && isHousePole(c, Pole::Positive) && port != "in") {
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
            at = {far.device, otherPort(far.port)};
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
            addDown(rung, *ladder.bottom);
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
            const TerminalId start{link.through->id, "neg"};
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
        rung.inner->bottom = rung.device->kind == DeviceKind::CollectingBar
                                 ? findDevice(circuit_, DeviceId("bank.neg"))
                                 : rung.device;
        placed_.insert(rung.inner->bottom->id);
        fill(*rung.inner);
    }

    void addDown(Rung& rung, const Device& bottom) {
        const Device& from = rung.inner ? *rung.inner->bottom : *rung.device;
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
                return;
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
