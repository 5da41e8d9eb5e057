// SPDX-License-Identifier: GPL-3.0-or-later
// Blade-fuse blocks with a negative bus. Small loads of a category share a circuit through a
// terminal strip; larger ones have their own; those beyond a way's limit go to the bars with a fuse
// of their own. Each circuit is two-wire. On a 24 V bank the 12 V loads have a block of their own
// behind a converter.

#include <algorithm>
#include <array>

#include "core/base/promise.h"
#include "core/library/appliance_names.h"
#include "core/plan/units.h"
#include "core/wiring/ways.h"

namespace spirk {

namespace {

// Judgement: a load above this current gets a circuit of its own.
constexpr double kSharesUpTo = 4.0;
// Judgement: a blade fuse of a circuit runs at most at 1/1.25 of its rating.
constexpr double kContinuous = 1.25;

struct LoadCircuit {
    std::string id;  // 'circuit.lighting'
    Text title;
    std::vector<const Appliance*> appliances;
    Amps current;
};

Watts largestWatts(const Appliance& a) {
    return std::max(a.rated, a.measured.value_or(watts(0.0))) * static_cast<double>(a.count);
}

// What a shared circuit is called; its id has the category's name in files.
Phrase titleOf(Category category) {
    switch (category) {
        case Category::Kitchen:
            return "kitchen"_text;
        case Category::Climate:
            return "climate"_text;
        case Category::Water:
            return "water"_text;
        case Category::Lighting:
            return "lighting"_text;
        case Category::Electronics:
            return "electronics"_text;
        case Category::Work:
            return "work"_text;
        case Category::Mains:
            return "mains"_text;
    }
    unreachable("titleOf(Category)");
}

std::string_view stemOf(Category category) {
    return kCategoryNames.at(static_cast<std::size_t>(category));
}

// What circuits hang on: the bank's bars, or what a converter makes of them.
struct Hang {
    UnitId rail, main;
    std::optional<DeviceId> converter;
    Volts lowest;  // that loads are reckoned at
    Volts nominal;
    Volts base;  // that limits of drop refer to
};

Hang hangOf(const System& gear, const RailUnit& rail) {
    if (const ConverterModel* converter = rail.converter) {
        return {rail.id,
                rail.from,
                DeviceId(rail.id.value),
                converter->output,
                converter->output,
                volts(12.0)};
    }
    const BankUnit& bank = gear.bankOf(rail.id);
    return {rail.id, rail.id, {}, bank.chemistry.cutOff, bank.nominal, bank.system};
}

bool sharesCircuit(const Appliance& a, const Hang& rail) {
    return (largestWatts(a) / rail.lowest).si() <= kSharesUpTo;
}

// What the ids of shared circuits have between 'circuit.' and the group; those of the main rail
// have nothing there.
constexpr std::string_view kOnConverter = "12v.";
std::string onRail(const UnitId& rail) {
    if (rail.value == kMainRail) {
        return {};
    }
    return rail.value == kConverterRail ? std::string(kOnConverter) : rail.value + ".";
}
// The same of circuits that the person gave.
constexpr std::string_view kGiven = "given.";
// What sets an appliance's own circuit apart where its id reads like a group's.
constexpr std::string_view kOwn = "own.";

// Law: appliances with different ids give different names, none of which is a group's.
std::string ownCircuit(const ApplianceId& id) {
    constexpr std::array kGroups{Category::Kitchen,
                                 Category::Climate,
                                 Category::Water,
                                 Category::Lighting,
                                 Category::Electronics,
                                 Category::Work,
                                 Category::Mains};
    const bool likeGroup =
        std::ranges::any_of(kGroups, [&](Category group) { return id.value == stemOf(group); });
    const bool escaped = likeGroup || id.value.starts_with(kGiven) ||
                         id.value.starts_with(kOnConverter) || id.value.starts_with(kOwn);
    return escaped ? std::string(kOwn) + id.value : id.value;
}

std::vector<LoadCircuit> loadCircuits(const Draft& draft, const Hang& rail) {
    std::vector<LoadCircuit> out;
    for (const Appliance& a : draft.plan.appliances) {
        if (a.feed != Feed::Dc || a.count == 0 || railOf(a, draft.gear).id != rail.rail) {
            continue;
        }
        const std::string id = circuitOf(a, draft.gear);
        auto found = std::ranges::find(out, id, &LoadCircuit::id);
        if (found == out.end()) {
            const bool grouped = sharesCircuit(a, rail) && circuitWith(draft.gear, a.id) == nullptr;
            const Text title = grouped ? Text(titleOf(a.category)) : Text::given(a.name);
            out.push_back(
                {id,
                 rail.converter ? Text("{circuit}, 12 V"_text, {{"circuit", title}}) : title,
                 {},
                 {}});
            found = out.end() - 1;
        }
        found->appliances.push_back(&a);
        found->current += largestWatts(a) / rail.lowest;
    }
    return out;
}

Device& addLoadDevice(Draft& draft, const Hang& rail, const Appliance& a) {
    const DeviceId id = deviceOf(a.id);
    Device& d = draft.fixture(id.value, DeviceKind::Load, "load");
    d.name = a.count > 1 ? Text("{n} × {name}"_text, {{"n", count(a.count)}, {"name", a.name}})
                         : Text::given(a.name);
    d.place = draft.placeOf(id, a.place.value.empty() ? "galley" : a.place.value);
    d.appliance = a.id;
    d.elements.emplace_back(Draw{.at = {0, 1},
                                 .by = DrawnBy::Switch,
                                 .behaviour = a.behaviour,
                                 .used = wattsUsed(a) * static_cast<double>(a.count),
                                 .largest = largestWatts(a),
                                 .nominal = rail.nominal,
                                 .lowest = rail.lowest});
    d.fedBy = rail.converter;
    // Heavier cable needs a heavier terminal: an appliance comes with one for its own current.
    Connection own = draft.fixtureRow("load").connection;
    if (largestWatts(a) / rail.lowest > d.rating) {
        own = {"M6", squareMillimetres(35)};
    }
    Draft::port(d, "+", own, Pole::Positive);
    Draft::port(d, "-", own, Pole::Negative);
    return d;
}

// The far end of a circuit: the load itself, or a strip with a tail to each load.
struct FarEnd {
    TerminalId pos, neg;
    bool strip = false;
};

FarEnd addFarEnd(Draft& draft, const Hang& rail, const LoadCircuit& c) {
    for (const Appliance* a : c.appliances) {
        addLoadDevice(draft, rail, *a);
    }
    const DeviceId first = deviceOf(c.appliances.front()->id);
    if (c.appliances.size() == 1) {
        return {{first, "+"}, {first, "-"}};
    }
    const PlaceId place = findDevice(draft.circuit(), first)->place;
    const std::string id = c.id + ".strip";
    Device& strip = draft.hardware(
        id, DeviceKind::Strip, HardwareKind::Strip, listed({"terminal strip"_text, c.title}));
    strip.place = draft.placeOf(strip.id, place.value);
    strip.fedBy = rail.converter;
    Draft::port(strip, "+", Pole::Positive);
    Draft::port(strip, "-", Pole::Negative);
    return {terminal(id, "+"), terminal(id, "-"), true};
}

void addTails(Draft& draft, const LoadCircuit& c, const FarEnd& far) {
    if (!far.strip) {
        return;
    }
    for (const Appliance* a : c.appliances) {
        const DeviceId load = deviceOf(a->id);
        Conductor& pos = draft.conductor(load.value + ".tail+",
                                         {"{load}, tail"_text, {{"load", a->name}}},
                                         far.pos,
                                         TerminalId{load, "+"},
                                         Pole::Positive,
                                         Purpose::Link);
        pos.insulation = draft.library.region.smallInsulation;
        Conductor& neg = draft.conductor(load.value + ".tail-",
                                         {"{load}, tail, negative"_text, {{"load", a->name}}},
                                         TerminalId{load, "-"},
                                         far.neg,
                                         Pole::Negative,
                                         Purpose::Link);
        neg.insulation = draft.library.region.smallInsulation;
        draft.pair(load.value + ".tail+", load.value + ".tail-");
    }
}

// From the rail's own source: what feeds a block is on the way, too.
void addDropPaths(Draft& draft, const Hang& rail, const LoadCircuit& c) {
    for (const Appliance* a : c.appliances) {
        const DeviceId load = deviceOf(a->id);
        const bool critical = a->category == Category::Electronics;
        draft.drop(
            {.id = "drop." + load.value,
             .name = {rail.converter ? "converter to {load}"_text : "bus bars to {load}"_text,
                      {{"load", a->name}}},
             .rule = critical ? "drop_critical" : "drop_other",
             .moment = "sizing.full",
             .base = rail.base},
            {railPost(rail.rail, Pole::Positive), railPost(rail.main, Pole::Negative)},
            {TerminalId{load, "+"}, TerminalId{load, "-"}});
    }
}

struct NearEnd {
    Fixed pos, neg;
    std::string fuses;  // family of the block's ways; empty: not in a block
};

LiveStep loadsOn(const LoadCircuit& c, const ConductorId& feed) {
    LiveStep s;
    s.id = "on." + feed.value;
    s.stage = Stage::Circuits;
    s.text = "Fuse of {name} in; then switch its loads on."_text;
    s.subjects = {subject(feed)};
    s.fuses = {feed};
    Look look;
    for (const Appliance* a : c.appliances) {
        const DeviceId load = deviceOf(a->id);
        look.loads.insert(load);
        look.readings.push_back({Reads::Across, TerminalId{load, "+"}, {}});
    }
    look.readings.push_back(
        {Reads::Monitor, {}, "amps out of the bank, loads of this circuit on"_text});
    s.looks = {look};
    return s;
}

void addCircuit(Draft& draft, const Hang& rail, const LoadCircuit& c, const NearEnd& near) {
    draft.unit = UnitId(c.id);
    const FarEnd far = addFarEnd(draft, rail, c);
    Conductor& pos = draft.conductor(c.id + ".feed+",
                                     {"{loads}, circuit"_text, {{"loads", c.title}}},
                                     near.pos,
                                     far.pos,
                                     Pole::Positive,
                                     Purpose::Feed);
    Protection fuse = holderFuse(draft);
    if (!near.fuses.empty()) {
        fuse.family = near.fuses;
        fuse.holds = Holds::Block;
        fuse.distance = metres(0.0);
    }
    pos.insulation = draft.library.region.smallInsulation;
    const ConductorId feed = pos.id;
    draft.protect(feed, fuse);
    Conductor& neg = draft.conductor(c.id + ".feed-",
                                     {"{loads}, circuit, negative"_text, {{"loads", c.title}}},
                                     far.neg,
                                     near.neg,
                                     Pole::Negative,
                                     Purpose::Feed);
    neg.insulation = draft.library.region.smallInsulation;
    draft.pair(feed.value, neg.id.value);
    addTails(draft, c, far);
    addDropPaths(draft, rail, c);
    draft.piece.steps.push_back(loadsOn(c, feed));
}

// Its own fuse makes a block live, or that of the converter it hangs on.
LiveStep blockLive(const Hang& rail, const Device& block) {
    const std::string& id = block.id.value;
    const ConductorId fuse((rail.converter ? rail.converter->value : id) + ".feed+");
    LiveStep s;
    s.id = "on." + id;
    s.stage = Stage::Blocks;
    s.text =
        rail.converter
            ? Text("Fuse of the converter in, the ways of its block still empty."_text)
            : Text("Fuse of the {block} in, its ways still empty."_text, {{"block", block.name}});
    s.subjects = {subject(fuse)};
    s.fuses = {fuse};
    Look look;
    look.readings = {{Reads::Across, TerminalId{DeviceId(id), "in"}, {}}};
    s.looks = {look};
    return s;
}

// A block with its feed from the bars, or from a converter; returns its device.
Device& addBlock(Draft& draft, const Hang& rail, const std::string& id) {
    draft.unit = UnitId(id);
    Device& block =
        draft.hardware(id, DeviceKind::FuseBlock, HardwareKind::FuseBlock, "fuse block"_text);
    block.fedBy = rail.converter;
    Draft::port(block, "in", Pole::Positive);
    Draft::port(block, "neg", Pole::Negative);
    Conductor& feed = draft.conductor(
        id + ".feed+",
        rail.converter ? "converter to fuse block"_text : "positive bar to fuse block"_text,
        railPost(rail.rail, Pole::Positive),
        terminal(id, "in"),
        Pole::Positive,
        Purpose::Feed);
    // A converter limits itself: its output cable is sized for its rating instead.
    if (!rail.converter) {
        draft.protect(feed.id, holderFuse(draft));
    }
    draft.conductor(id + ".feed-",
                    "fuse block to negative bar"_text,
                    terminal(id, "neg"),
                    railPost(rail.main, Pole::Negative),
                    Pole::Negative,
                    Purpose::Feed);
    draft.pair(id + ".feed+", id + ".feed-");
    draft.piece.steps.push_back(blockLive(rail, draft.deviceAt(id)));
    return draft.deviceAt(id);
}

void addWay(Draft& draft, const std::string& blockId, const std::string& way) {
    Device& block = draft.deviceAt(blockId);
    Draft::port(block, way, {"blade", squareMillimetres(6)}, Pole::Positive);
    block.elements.emplace_back(Resistance{{0, block.ports.size() - 1}, {}});
}

std::string blockId(const Hang& rail, int index) {
    const std::string stem = rail.rail.value == kConverterRail
                                 ? "fuseblock." + std::string(kOnConverter.substr(0, 3))
                                 : partOf(rail.rail, "fuseblock");
    return index == 0 ? stem : stem + "." + std::to_string(index + 1);
}

// The block that takes one more circuit, put in where there is none yet.
struct Filling {
    std::string id;
    std::string fuses;  // family that its ways take
    int index = 0;
    int free = 0;
};

void nextBlock(Draft& draft, const Hang& rail, Filling& block) {
    block.id = blockId(rail, block.index++);
    addBlock(draft, rail, block.id);
    const HardwareModel& model = draft.largestFor(DeviceId(block.id), HardwareKind::FuseBlock);
    block.free = model.ways;
    block.fuses = model.fuses.empty() ? "blade" : model.fuses;
}

// All circuits of a rail; blocks as they fill.
void addCircuits(Draft& draft, const Hang& rail) {
    const Amps most = draft.largestFor(DeviceId(blockId(rail, 0)), HardwareKind::FuseBlock).maxWay;
    Filling block;
    for (const LoadCircuit& c : loadCircuits(draft, rail)) {
        const bool large = most.si() > 0.0 && c.current * kContinuous > most;
        // A converter has no bars: its large loads hang from its block's own studs.
        if ((large && rail.converter && block.id.empty()) || (!large && block.free == 0)) {
            nextBlock(draft, rail, block);
        }
        if (large && !rail.converter) {
            addCircuit(
                draft,
                rail,
                c,
                {railPost(rail.main, Pole::Positive), railPost(rail.main, Pole::Negative), {}});
        } else if (large) {
            addCircuit(draft, rail, c, {terminal(block.id, "in"), terminal(block.id, "neg"), {}});
        } else {
            --block.free;
            const std::string way = "way." + c.id.substr(std::string("circuit.").size());
            addWay(draft, block.id, way);
            addCircuit(
                draft, rail, c, {terminal(block.id, way), terminal(block.id, "neg"), block.fuses});
        }
    }
}

}  // namespace

DeviceId deviceOf(const ApplianceId& id) { return DeviceId("load." + id.value); }

std::string circuitOf(const Appliance& appliance, const System& gear) {
    if (const CircuitChoice* given = circuitWith(gear, appliance.id)) {
        return "circuit." + std::string(kGiven) + given->id.value;
    }
    const RailUnit& rail = railOf(appliance, gear);
    if (!sharesCircuit(appliance, hangOf(gear, rail))) {
        return "circuit." + ownCircuit(appliance.id);
    }
    return "circuit." + onRail(rail.id) + std::string(stemOf(appliance.category));
}

Piece bladeBlock(Draft draft, const RailUnit& rail) {
    addCircuits(draft, hangOf(draft.gear, rail));
    return std::move(draft.piece);
}

}  // namespace spirk
