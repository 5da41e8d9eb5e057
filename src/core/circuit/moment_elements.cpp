// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/moment_elements.h"

#include <algorithm>
#include <iterator>
#include <set>

#include "core/base/match.h"
#include "core/base/promise.h"
#include "core/circuit/parts.h"
#include "core/quantities/curve.h"

namespace spirk {

namespace {

// An element, whose it is, and where its ports are.
struct Place {
    ElementAt at;
    int firstNode = 0;
    [[nodiscard]] int node(std::size_t port) const { return firstNode + static_cast<int>(port); }
};

Place placeOf(const CircuitState& state, const ElementAt& at) {
    return {at, state.circuit->index->firstNode[at.device]};
}

PowerInput inputOf(const Place& p, const Transfer& x) {
    return {.pos = p.node(x.in.pos), .neg = p.node(x.in.neg), .efficiency = x.efficiency};
}

class Collector {
public:
    Collector(const CircuitState& state, const Moment& moment) : state_(state), moment_(moment) {
        std::vector<ElementAt> asked = state.circuit->index->sources;
        std::ranges::copy(drawsOn(), std::back_inserter(asked));
        std::ranges::sort(asked);
        for (const ElementAt& at : asked) {
            addElement(placeOf(state, at), state.circuit->devices[at.device].elements[at.element]);
        }
    }
    [[nodiscard]] MomentElements take() { return std::move(out_); }

private:
    // Those that may draw something. In a plan of a thousand loads mostly one is on.
    [[nodiscard]] std::vector<ElementAt> drawsOn() const {
        const CircuitIndex& index = *state_.circuit->index;
        if (moment_.loads == LoadsOn::All) {
            return index.draws;
        }
        std::set<std::size_t> devices;
        const auto add = [&](const DeviceId& id) {
            if (const auto at = index.devices.find(id); at != index.devices.end()) {
                devices.insert(at->second);
            }
        };
        std::ranges::for_each(moment_.only, add);
        for (const auto& [id, power] : moment_.drawn) {
            add(id);
        }
        std::vector<ElementAt> out;
        for (const std::size_t d : devices) {
            auto at = std::ranges::lower_bound(index.draws, d, {}, &ElementAt::device);
            for (; at != index.draws.end() && at->device == d; ++at) {
                out.push_back(*at);
            }
        }
        return out;
    }
    void addElement(const Place& place, const Element& element) {
        match(
            element,
            [&](const Emf& x) { addEmf(place, x); },
            [&](const PanelCurve& x) { addPanels(place, x); },
            [&](const Limited& x) { addLimited(place, x); },
            [&](const Transfer& x) { addTransfer(place, x); },
            [&](const Contact&) {},  // joins, and gives nothing: an edge of the skeleton
            [&](const Draw& x) { addDraw(place, x); },
            [&](const Resistance&) {});
    }
    template <class Entry>
    void add(const Place& place, NetList list, std::vector<Entry>& to, const Entry& entry) {
        out_.branches.push_back({place.at.device, place.at.element, list, to.size()});
        to.push_back(entry);
    }
    void addCharger(const Place& place, const Charger& charger) {
        add(place, NetList::Chargers, out_.chargers, charger);
    }

    [[nodiscard]] Ohms inside(const Emf& x) const {
        if (moment_.driving && x.onCharge) {
            return *x.onCharge;
        }
        switch (state_.batteries) {
            case Strength::Weak:
                return x.weak;
            case Strength::Typical:
                return x.typical;
            case Strength::Strong:
                return x.strong;
        }
        unreachable("inside(Strength)");
    }

    void addEmf(const Place& p, const Emf& x) {
        const Device& battery = state_.circuit->devices[p.at.device];
        if (moment_.gone.contains(battery.id)) {
            return;
        }
        add(p,
            NetList::Sources,
            out_.sources,
            {p.node(x.at.pos),
             p.node(x.at.neg),
             along(x.atRest, x.atRest.size() == 1 ? 0.0 : stateOfChargeOf(moment_, battery.unit)),
             inside(x)});
    }
    void addPanels(const Place& p, const PanelCurve& x) {
        if (moment_.sun > 0.0) {
            const Ohms slope = (x.open - x.best) / (x.bestCurrent * moment_.sun);
            add(p,
                NetList::Sources,
                out_.sources,
                {.pos = p.node(x.at.pos),
                 .neg = p.node(x.at.neg),
                 .emf = x.open,
                 .resistance = slope,
                 .knee = Knee{x.best, x.bestCurrent * moment_.sun, x.shortCurrent * moment_.sun}});
        }
    }
    void addLimited(const Place& p, const Limited& x) {
        if (lives(x.live, moment_)) {
            const Volts set = moment_.reckoning == Reckoning::AtLowVoltage ? x.lowest : x.set;
            addCharger(p,
                       {p.node(x.at.pos), p.node(x.at.neg), set, x.most, watts(kNoPowerLimit), {}});
        }
    }
    // Of a device's transfers that share a limit, less while another gives too.
    [[nodiscard]] Amps mostOf(const Place& p, const Transfer& x) const {
        const auto& elements = state_.circuit->devices[p.at.device].elements;
        const auto gives = [&](const Element& e) {
            const auto* other = std::get_if<Transfer>(&e);
            return other != nullptr && lives(other->live, moment_);
        };
        return x.withOthers && std::ranges::count_if(elements, gives) > 1 ? *x.withOthers : x.most;
    }
    // Sizing reckons with the most that is ever drawn: down to volts at which nothing of that kind
    // works any more. A supply that cannot give it even there is what limits it.
    [[nodiscard]] Undervoltage lowOf(const Undervoltage& low) const {
        constexpr double kFullAt = 0.8;  // of the volts below which it takes nothing; judgement
        constexpr double kNoneAt = 0.6;
        return moment_.reckoning == Reckoning::AtLowVoltage
                   ? Undervoltage{low.none * kFullAt, low.none * kNoneAt}
                   : low;
    }
    void addTransfer(const Place& p, const Transfer& x) {
        if (!lives(x.live, moment_)) {
            return;
        }
        if (x.inside) {
            out_.rails.push_back(p.at);
            return;
        }
        const Watts most = x.inFullSun ? *x.inFullSun * moment_.sun : watts(kNoPowerLimit);
        PowerInput input = inputOf(p, x);
        if (x.bestInput) {
            input.most = *x.bestInput * moment_.sun;
        }
        if (x.low) {
            const Undervoltage low = lowOf(*x.low);
            input.fold = Fold{low.full, low.none, x.set * mostOf(p, x) / x.efficiency};
        }
        addCharger(p, {p.node(x.out.pos), p.node(x.out.neg), x.set, mostOf(p, x), most, input});
    }

    // What a draw takes in this moment; nothing where it is off.
    [[nodiscard]] std::optional<Watts> drawnBy(const Draw& x, const DeviceId& id) const {
        if (x.by == DrawnBy::Moment) {
            const auto at = moment_.drawn.find(id);
            return at == moment_.drawn.end() ? std::nullopt : std::optional(at->second);
        }
        const bool on = moment_.loads == LoadsOn::All || moment_.only.contains(id);
        const bool sizing = moment_.reckoning == Reckoning::AtLowVoltage;
        return on ? std::optional(sizing ? x.largest : x.used) : std::nullopt;
    }
    void addDraw(const Place& p, const Draw& x) {
        const auto power = drawnBy(x, state_.circuit->devices[p.at.device].id);
        if (!power) {
            return;
        }
        NetLoad load{p.node(x.at.pos), p.node(x.at.neg), Behaviour::Power, *power, {}, ohms(1.0)};
        if (moment_.reckoning == Reckoning::AtLowVoltage) {
            load.behaviour = Behaviour::Current;
            load.current = *power / x.lowest;
        } else if (x.behaviour == Behaviour::Current) {
            load.behaviour = Behaviour::Current;
            load.current = *power / x.nominal;
        } else if (x.behaviour == Behaviour::Resistance && power->si() > 0.0) {
            load.behaviour = Behaviour::Resistance;
            load.resistance = x.nominal * x.nominal / *power;
        }
        add(p, NetList::Loads, out_.loads, load);
    }

    const CircuitState& state_;
    const Moment& moment_;
    MomentElements out_;
};

}  // namespace

MomentElements elementsOf(const CircuitState& state, const Moment& moment) {
    return Collector(state, moment).take();
}

Assembly withRails(Assembly assembly,
                   const CircuitState& state,
                   std::span<const ElementAt> rails,
                   Detail detail) {
    if (rails.empty()) {
        return assembly;
    }
    Network& network = assembly.network;
    const Parts parts = partsOf(network);
    for (const ElementAt& at : rails) {
        const Place p = placeOf(state, at);
        const auto& x = std::get<Transfer>(state.circuit->devices[at.device].elements[at.element]);
        if (!connected(parts, p.node(x.in.pos), p.node(x.in.neg))) {
            continue;
        }
        // Into a short it gives no more than its rating: it limits itself.
        const Ohms inside = detail != Detail::Terminals ? x.set / x.most : *x.inside;
        assembly.elements.push_back(
            {at.device, at.element, NetList::Sources, network.sources.size()});
        network.sources.push_back(
            {p.node(x.out.pos), p.node(x.out.neg), x.set, inside, inputOf(p, x)});
    }
    std::ranges::sort(assembly.elements, [](const ElementBranch& a, const ElementBranch& b) {
        return std::pair(a.device, a.element) < std::pair(b.device, b.element);
    });
    return assembly;
}

}  // namespace spirk
