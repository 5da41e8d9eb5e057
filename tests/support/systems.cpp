// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/support/systems.h"

#include <random>

#include "core/plan/units.h"

namespace spirk::test {

namespace {

class Builder {
public:
    Builder(unsigned seed, const Library& library)
        : dice_(seed), library_(library), plan_(emptyPlan(library)) {}

    Plan build() {
        plan_.name = "by chance";
        plan_.trip.drivingPerDay = hours(roll(4));
        plan_.van.vehicle.alternator = amps(90.0 + 30.0 * roll(6));
        plan_.van.vehicle.regulation = static_cast<Regulation>(roll(2));
        addPoints();
        addBanks();
        addRails();
        addSources();
        addInverters();
        addLoads();
        addCircuits();
        addMonitors();
        addModules();
        return std::move(plan_);
    }

private:
    // Below `sides`; not by a distribution, which differs from one library to another.
    int roll(std::size_t sides) { return static_cast<int>(dice_() % sides); }
    bool oneIn(std::size_t sides) { return roll(sides) == 0; }
    template <class List>
    const auto& pick(const List& list) {
        return list[static_cast<std::size_t>(roll(list.size()))];
    }
    const std::string& place() { return pick(plan_.van.places).id.value; }

    // A way of a kind, and some of its options.
    UnitChoice unit(const std::string& id, WayKind of) {
        std::vector<const WayRow*> ways;
        for (const WayRow& way : library_.ways) {
            if (way.of == of) {
                ways.push_back(&way);
            }
        }
        const WayRow& way = *pick(ways);
        UnitChoice out{UnitId(id), WayId(way.id), {}};
        for (const WayOption& option : way.options) {
            if (oneIn(2)) {
                out.options[option.id] = pick(option.choices).id;
            }
        }
        return out;
    }
    UnitId id(const char* stem) { return UnitId(stem + std::to_string(++last_)); }

    void addPoints() {
        for (int i = roll(3); i > 0; --i) {
            SupplyPoint point;
            point.id = id("point");
            point.name = "a point";
            point.place = PlaceId(place());
            point.length = metres(1.0 + roll(5));
            point.at = static_cast<PointAt>(oneIn(4) ? 1 : 0);
            point.laid = static_cast<PointLaid>(oneIn(3) ? 1 : 0);
            if (oneIn(2)) {
                point.area = pick(library_.conductors).area;
            }
            if (oneIn(2)) {
                point.fuse = amps(10.0 * (1 + roll(10)));
            }
            plan_.van.vehicle.points.push_back(point);
        }
    }
    void addBanks() {
        plan_.gear.banks.clear();
        for (int i = 1 + (oneIn(4) ? 1 : 0); i > 0; --i) {
            BankChoice bank;
            static_cast<UnitChoice&>(bank) = unit(id("bank").value, WayKind::Bank);
            bank.model = pick(library_.batteries).id;
            bank.count = 1 + roll(4);
            bank.series = 1 + (oneIn(3) ? 1 : 0);
            bank.venting = static_cast<Venting>(roll(4));
            if (oneIn(4)) {
                bank.unlike = {{1 + roll(4),
                                oneIn(2) ? pick(library_.batteries).id : std::string(),
                                0.5 + 0.1 * roll(6)}};
            }
            if (oneIn(4)) {
                bank.heater = BatteryHeater{watts(60), celsius(-3)};
            }
            plan_.gear.banks.push_back(bank);
        }
    }
    void addRails() {
        plan_.gear.rails.clear();
        for (const BankChoice& bank : plan_.gear.banks) {
            RailChoice rail;
            static_cast<UnitChoice&>(rail) = unit(id("rail").value, WayKind::MainRail);
            rail.fedBy = FromBank{bank.id};
            rail.kind = static_cast<Distribution>(roll(2));
            atBank_.push_back(rail.id);
            plan_.gear.rails.push_back(rail);
        }
        if (oneIn(4)) {
            RailChoice second = plan_.gear.rails.front();
            static_cast<UnitChoice&>(second) = unit(id("rail").value, WayKind::MainRail);
            atBank_.push_back(second.id);
            plan_.gear.rails.push_back(second);
        }
        for (int i = roll(3); i > 0; --i) {
            RailChoice rail;
            if (oneIn(2)) {
                static_cast<UnitChoice&>(rail) = unit(id("conv").value, WayKind::ConverterRail);
                rail.fedBy = FromConverter{pick(atBank_), pick(library_.converters).id};
            } else {
                static_cast<UnitChoice&>(rail) = unit(id("block").value, WayKind::SubRail);
                rail.fedBy = FromRail{pick(plan_.gear.rails).id};
            }
            plan_.gear.rails.push_back(rail);
        }
    }
    FromVehicle from() {
        const auto& points = plan_.van.vehicle.points;
        return points.empty() || oneIn(2) ? FromVehicle{} : FromVehicle{pick(points).id};
    }
    template <class Array>
    Array array() {
        Array out;
        out.panel = pick(library_.panels).id;
        out.series = 1 + roll(3);
        out.parallel = 1 + roll(3);
        return out;
    }
    void addSources() {
        for (int i = roll(6); i > 0; --i) {
            addSource(roll(8));
        }
        atEngineChargers();
    }
    // A shore charger whose way asks for it, where there is an engine charger.
    void atEngineChargers() {
        std::vector<UnitId> chargers;
        for (const SourceChoice& source : plan_.gear.sources) {
            if (std::holds_alternative<EngineChoice>(source.what)) {
                chargers.push_back(source.id);
            }
        }
        for (SourceChoice& source : plan_.gear.sources) {
            const WayRow* way = findWay(library_, WayKind::Shore, source.way.value);
            if (way != nullptr && way->atInput && !chargers.empty()) {
                source.into = pick(chargers);
            }
        }
    }
    // A unit with panels; where there is none, one that takes none.
    UnitId takesPanels() {
        std::vector<UnitId> units;
        for (const SourceChoice& source : plan_.gear.sources) {
            if (std::holds_alternative<SolarChoice>(source.what) ||
                std::holds_alternative<CombinedChoice>(source.what)) {
                units.push_back(source.id);
            }
        }
        return units.empty() ? pick(atBank_) : pick(units);
    }
    template <class What>
    void source(const char* stem, WayKind of, What what) {
        SourceChoice out;
        static_cast<UnitChoice&>(out) = unit(id(stem).value, of);
        out.into = of == WayKind::Panels ? takesPanels() : pick(atBank_);
        out.what = std::move(what);
        plan_.gear.sources.push_back(std::move(out));
    }
    void addSource(int kind) {
        switch (kind) {
            case 0: {
                auto solar = array<SolarChoice>();
                solar.controller = pick(library_.controllers).id;
                return source("sun", WayKind::Sun, solar);
            }
            case 1:
                return source(
                    "dcdc", WayKind::Engine, EngineChoice{pick(library_.dcdcs).id, from()});
            case 2:
                return source(
                    "relay", WayKind::Relay, RelayChoice{pick(library_.relays).id, from()});
            case 3:
                return source("shore",
                              WayKind::Shore,
                              ShoreChoice{pick(library_.shoreChargers).id, hours(roll(10))});
            case 4: {
                auto combined = array<CombinedChoice>();
                combined.unit = pick(library_.combineds).id;
                combined.from = from();
                return source("duo", WayKind::Combined, combined);
            }
            case 5:
                return source(
                    "second", WayKind::Alternator, AlternatorChoice{pick(library_.alternators).id});
            case 6:
                return source("panels", WayKind::Panels, array<PanelsChoice>());
            default:
                return source(
                    "trickle", WayKind::Trickle, TrickleChoice{pick(library_.trickles).id});
        }
    }
    void addInverters() {
        for (int i = roll(3); i > 0; --i) {
            InverterChoice out;
            static_cast<UnitChoice&>(out) = unit(id("inverter").value, WayKind::Inverter);
            out.from = pick(atBank_);
            out.model = pick(library_.inverters).id;
            out.onPerDay = hours(roll(24));
            plan_.gear.inverters.push_back(out);
        }
    }
    void addLoads() {
        for (int i = roll(10); i > 0; --i) {
            Appliance a = fromCatalogue(pick(library_.appliances), plan_);
            a.place = PlaceId(place());
            if (oneIn(4)) {
                LoadSwitch by;
                by.kind = static_cast<SwitchKind>(roll(3));
                by.place = PlaceId(place());
                by.second = by.kind == SwitchKind::TwoWay ? PlaceId(place()) : PlaceId();
                by.plate = oneIn(2) ? "plate" : "";
                a.switched = by;
            }
            plan_.appliances.push_back(a);
        }
    }
    void addCircuits() {
        for (const Appliance& a : plan_.appliances) {
            if (!oneIn(3)) {
                continue;
            }
            if (!plan_.gear.circuits.empty() && oneIn(3)) {
                plan_.gear.circuits.back().loads.push_back(a.id);
                continue;
            }
            CircuitChoice out;
            out.id = id("given");
            out.on = oneIn(4) ? UnitId(kOnVehicle) : pick(plan_.gear.rails).id;
            out.loads = {a.id};
            out.tap = static_cast<Tap>(roll(2));
            out.live = static_cast<LiveWhen>(roll(3));
            out.back = static_cast<Back>(roll(2));
            plan_.gear.circuits.push_back(out);
        }
    }

    void addMonitors() {
        for (int i = oneIn(2) ? roll(3) : 0; i > 0; --i) {
            MonitorChoice out;
            static_cast<UnitChoice&>(out) = unit(id("monitor").value, WayKind::Monitor);
            out.on = pick(atBank_);
            out.model = pick(library_.monitors).id;
            for (int k = roll(5); k > 0; --k) {
                out.sensors.push_back(
                    {id("sensor"), static_cast<Senses>(roll(3)), "a sensor", PlaceId(place())});
            }
            plan_.gear.monitors.push_back(out);
        }
    }
    void addModules() {
        std::vector<UnitId> units = atBank_;
        for (const BankChoice& bank : plan_.gear.banks) {
            units.push_back(bank.id);
        }
        for (const SourceChoice& source : plan_.gear.sources) {
            units.push_back(source.id);
        }
        for (int i = oneIn(4) ? 1 + roll(2) : 0; i > 0; --i) {
            ModuleChoice out{id("module"), "a module", PlaceId(place()), {}};
            for (int k = 1 + roll(3); k > 0; --k) {
                out.units.push_back(pick(units));
            }
            if (oneIn(2) && !plan_.appliances.empty()) {
                out.units.push_back(UnitId(pick(plan_.appliances).id.value));
            }
            plan_.gear.modules.push_back(out);
        }
    }

    std::mt19937 dice_;
    const Library& library_;
    Plan plan_;
    std::vector<UnitId> atBank_;
    int last_ = 0;
};

}  // namespace

Plan systemAtRandom(unsigned seed, const Library& library) {
    return Builder(seed, library).build();
}

}  // namespace spirk::test
