// SPDX-License-Identifier: GPL-3.0-or-later
// Blade-fuse blocks with a negative bus. Small loads of a category share a circuit through a
// terminal strip; larger ones have their own; those beyond a way's limit go to the bars with a fuse
// of their own. Each circuit is two-wire.

#include <algorithm>

#include "core/result/promise.h"
#include "core/wiring/draft.h"

namespace spirk {

namespace {

// Judgement: a load above this current gets a circuit of its own.
constexpr double kSharesUpTo = 4.0;
// Judgement: a blade fuse of a circuit runs at most at 1/1.25 of its rating.
constexpr double kContinuous = 1.25;

struct LoadCircuit {
    std::string id;  // 'circuit.lighting'
    std::string title;
    std::vector<const Appliance*> appliances;
    Amps current;
};

Watts largestWatts(const Appliance& a) {
    return std::max(a.rated, a.measured.value_or(watts(0.0))) * static_cast<double>(a.count);
}

const char* titleOf(Category category) {
    switch (category) {
        case Category::Kitchen:
            return "kitchen";
        case Category::Climate:
            return "climate";
        case Category::Water:
            return "water";
        case Category::Lighting:
            return "lighting";
        case Category::Electronics:
            return "electronics";
        case Category::Work:
            return "work";
        case Category::Mains:
            return "mains";
    }
    unreachable("titleOf(Category)");
}

std::vector<LoadCircuit> loadCircuits(const Draft& draft) {
    const Volts lowest = draft.gear.bank.chemistry.cutOff;
    std::vector<LoadCircuit> out;
    for (const Appliance& a : draft.plan.appliances) {
        if (a.feed != Feed::Dc || a.count == 0) {
            continue;
        }
        const std::string id = circuitOf(a, lowest);
        auto found = std::ranges::find(out, id, &LoadCircuit::id);
        if (found == out.end()) {
            const bool shared = id == "circuit." + std::string(titleOf(a.category));
            out.push_back({id, shared ? titleOf(a.category) : a.name, {}, {}});
            found = out.end() - 1;
        }
        found->appliances.push_back(&a);
        found->current += largestWatts(a) / lowest;
    }
    return out;
}

Device& addLoadDevice(Draft& draft, const Appliance& a) {
    const DeviceId id = deviceOf(a.id);
    Device& d = draft.hardware(id.value, DeviceKind::Load, "load");
    d.name = a.count > 1 ? std::to_string(a.count) + " × " + a.name : a.name;
    d.place = draft.placeOf(id, a.place.value.empty() ? "galley" : a.place.value);
    d.load =
        LoadRating{a.id, wattsUsed(a) * static_cast<double>(a.count), largestWatts(a), a.behaviour};
    // Heavier cable needs a heavier terminal: an appliance comes with one for its own current.
    Connection own = draft.connectionOf("load");
    if (largestWatts(a) / draft.gear.bank.chemistry.cutOff > d.rating) {
        own = {"M6", squareMillimetres(35)};
    }
    draft.port(d, "+", own, TerminalId{id, "-"});
    draft.port(d, "-", own);
    return d;
}

// The far end of a circuit: the load itself, or a strip with a tail to each load.
struct FarEnd {
    TerminalId pos, neg;
    bool strip = false;
};

FarEnd addFarEnd(Draft& draft, const LoadCircuit& c) {
    for (const Appliance* a : c.appliances) {
        addLoadDevice(draft, *a);
    }
    const DeviceId first = deviceOf(c.appliances.front()->id);
    if (c.appliances.size() == 1) {
        return {{first, "+"}, {first, "-"}};
    }
    const PlaceId place = findDevice(draft.circuit, first)->place;
    const std::string id = c.id + ".strip";
    Device& strip = draft.hardware(id, DeviceKind::Strip, "terminal_strip");
    strip.place = draft.placeOf(strip.id, place.value);
    strip.name += ", " + c.title;
    draft.port(strip, "+", draft.connectionOf("terminal_strip"), terminal(id, "-"));
    draft.port(strip, "-", draft.connectionOf("terminal_strip"));
    return {terminal(id, "+"), terminal(id, "-"), true};
}

void addTails(Draft& draft, const LoadCircuit& c, const FarEnd& far) {
    if (!far.strip) {
        return;
    }
    for (const Appliance* a : c.appliances) {
        const DeviceId load = deviceOf(a->id);
        Conductor& pos = draft.conductor(
            load.value + ".tail+", a->name + ", tail", far.pos, {load, "+"}, Role::Positive);
        pos.insulation = draft.library.region.smallInsulation;
        pos.protectedBy = ConductorId(c.id + ".feed+");
        Conductor& neg = draft.conductor(load.value + ".tail-",
                                         a->name + ", tail, negative",
                                         {load, "-"},
                                         far.neg,
                                         Role::Negative);
        neg.insulation = draft.library.region.smallInsulation;
        neg.protectedBy = ConductorId(c.id + ".feed+");
    }
}

void addDropPaths(Draft& draft,
                  const LoadCircuit& c,
                  const FarEnd& far,
                  const std::vector<ConductorId>& shared) {
    for (const Appliance* a : c.appliances) {
        std::vector<ConductorId> path = shared;
        path.emplace_back(c.id + ".feed+");
        path.emplace_back(c.id + ".feed-");
        if (far.strip) {
            path.emplace_back(deviceOf(a->id).value + ".tail+");
            path.emplace_back(deviceOf(a->id).value + ".tail-");
        }
        const bool critical = a->category == Category::Electronics;
        draft.circuit.paths.push_back({"drop." + deviceOf(a->id).value,
                                       "bus bars to " + a->name,
                                       critical ? "drop_critical" : "drop_other",
                                       "sizing.full",
                                       draft.base(),
                                       path});
    }
}

struct NearEnd {
    TerminalId pos, neg;
    bool inBlock = false;
};

void addCircuit(Draft& draft,
                const LoadCircuit& c,
                const NearEnd& near,
                const std::vector<ConductorId>& shared) {
    const FarEnd far = addFarEnd(draft, c);
    Conductor& pos =
        draft.conductor(c.id + ".feed+", c.title + ", circuit", near.pos, far.pos, Role::Positive);
    ProtectionSlot slot = fuseSlot(draft);
    if (near.inBlock) {
        slot.family = "blade";
        slot.inBlock = true;
        slot.distance = metres(0.0);
    }
    pos.atFrom = slot;
    pos.insulation = draft.library.region.smallInsulation;
    const ConductorId feed = pos.id;
    Conductor& neg = draft.conductor(
        c.id + ".feed-", c.title + ", circuit, negative", far.neg, near.neg, Role::Negative);
    neg.insulation = draft.library.region.smallInsulation;
    neg.protectedBy = feed;
    addTails(draft, c, far);
    addDropPaths(draft, c, far, shared);
}

// A block with its feed from the bars; returns its device.
Device& addBlock(Draft& draft, const std::string& id) {
    Device& block = draft.hardware(id, DeviceKind::FuseBlock, "fuse_block");
    const Connection connection = draft.connectionOf("fuse_block");
    draft.port(block, "in", connection, terminal(id, "neg"));
    draft.port(block, "neg", connection);
    draft
        .conductor(id + ".feed+",
                   "positive bar to fuse block",
                   terminal(kBusPos, kBar),
                   terminal(id, "in"),
                   Role::Positive)
        .atFrom = fuseSlot(draft);
    draft
        .conductor(id + ".feed-",
                   "fuse block to negative bar",
                   terminal(id, "neg"),
                   terminal(kBusNeg, kBar),
                   Role::Negative)
        .protectedBy = ConductorId(id + ".feed+");
    return block;
}

std::string blockId(int index) {
    return index == 0 ? "fuseblock" : "fuseblock." + std::to_string(index + 1);
}

}  // namespace

DeviceId deviceOf(const ApplianceId& id) { return DeviceId("load." + id.value); }

std::string circuitOf(const Appliance& appliance, Volts lowest) {
    const bool small = (largestWatts(appliance) / lowest).si() <= kSharesUpTo;
    return "circuit." + (small ? std::string(titleOf(appliance.category)) : appliance.id.value);
}

void addBladeBlock(Draft& draft) {
    const HardwareModel* model = findById(draft.library.hardware, "fuse_block");
    promise(model != nullptr, "the hardware table has a fuse block");
    int used = 0;
    for (const LoadCircuit& c : loadCircuits(draft)) {
        if (c.current * kContinuous > model->maxWay) {
            addCircuit(draft, c, {terminal(kBusPos, kBar), terminal(kBusNeg, kBar)}, {});
            continue;
        }
        const std::string id = blockId(used / model->ways);
        if (used % model->ways == 0) {
            addBlock(draft, id);
        }
        ++used;
        const auto found = std::ranges::find(draft.circuit.devices, DeviceId(id), &Device::id);
        const std::string way = "way." + c.id.substr(std::string("circuit.").size());
        draft.port(*found, way, {"blade", squareMillimetres(6)}, terminal(id, "neg"));
        addCircuit(draft,
                   c,
                   {terminal(id, way), terminal(id, "neg"), true},
                   {ConductorId(id + ".feed+"), ConductorId(id + ".feed-")});
    }
}

}  // namespace spirk
