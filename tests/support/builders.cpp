// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/support/builders.h"

#include <algorithm>
#include <cstdlib>
#include <filesystem>

#include "core/base/promise.h"
#include "core/plan/plan_file.h"
#include "core/plan/units.h"

namespace spirk::test {

const Libraries& libraries() {
    static const Libraries loaded = [] {
        auto read = loadLibraries(SPIRK_DATA_DIR);
        promise(read.has_value(), "the shipped tables load");
        return std::move(*read);
    }();
    return loaded;
}

const Library& library() { return libraries().regions.front(); }

const Library& americanLibrary() {
    const Library* found = findRegion(libraries(), "north_america");
    promise(found != nullptr, "the shipped tables have North America");
    return *found;
}

Appliance aLoad(const std::string& id, Watts watts, Category category) {
    Appliance a;
    a.id = ApplianceId(id);
    a.name = id;
    a.category = category;
    a.rated = watts;
    a.uses = {{hours(19), hours(2), 1.0}};
    a.place = PlaceId("galley");
    return a;
}

Plan aSmallVan() {
    Plan plan = emptyPlan(library());
    plan.name = "small";
    plan.trip.daysWithoutSun = 1.0;
    plan.appliances = {aLoad("fridge", watts(45), Category::Kitchen),
                       aLoad("lamp", watts(10), Category::Lighting)};
    return plan;
}

void measureBoard(Plan& plan) {
    const Design d = design(plan, library());
    for (std::size_t i = 0; i < d.cables.rows.size(); ++i) {
        const Route& route = d.lengths.routes[i];
        if (route.places.size() == 1 && isNew(d.wiring.circuit.conductors[i])) {
            plan.amendments.emplace_back(SetLength{d.cables.rows[i].id, route.length});
        }
    }
}

Plan aMeasuredVan() {
    Plan plan = aSmallVan();
    for (VanPlace& place : plan.van.places) {
        place.ambient.degrees += 1.0;
    }
    putSolar(plan.gear, SolarChoice{"panel_180", 1, 1, "mppt_75_15"});
    unitOf(plan.gear, UnitId(kSunUnit))->way = WayId("before_switch");
    measureBoard(plan);
    return plan;
}

Plan aFullVan() {
    Plan plan = aSmallVan();
    plan.name = "full";
    putBank(plan.gear, "lfp_150", 3);
    putSolar(plan.gear, SolarChoice{"panel_180", 2, 2, "mppt_100_50"});
    putEngine(plan.gear, EngineChoice{"dcdc_30"});
    plan.van.vehicle.alternator = amps(180);
    putInverter(plan.gear, "inverter_1600", hours(2));
    Appliance kettle = aLoad("kettle", watts(1000), Category::Kitchen);
    kettle.feed = Feed::Mains;
    kettle.runs = Runs::Alone;
    plan.appliances.push_back(kettle);
    return plan;
}

Plan theDemo() {
    PlanReading reading = loadPlan(SPIRK_DATA_DIR "/demo/bookbinder.spirk");
    promise(reading.plan.has_value(), "the demo loads");
    return std::move(*reading.plan);
}

const Finding* findingOf(const Design& design, const std::string& rule) {
    const auto found = std::ranges::find(design.checks.findings, rule, &Finding::rule);
    return found == design.checks.findings.end() ? nullptr : &*found;
}

const CableRow& rowOf(const Design& design, const std::string& conductor) {
    const CableRow* row = findRow(design.cables, ConductorId(conductor));
    promise(row != nullptr, "the conductor is in the design");
    return *row;
}

bool has(const Design& design, const std::string& id) {
    return findDevice(design.wiring.circuit, DeviceId(id)) != nullptr ||
           findConductor(design.wiring.circuit, ConductorId(id)) != nullptr;
}

const MomentSolution& momentOf(const Design& design, const std::string& moment) {
    const auto solved = std::ranges::find(design.moments, moment, &MomentSolution::moment);
    promise(solved != design.moments.end(), "the moment is shown");
    return *solved;
}

double along(const Design& design, const std::string& moment, const std::string& conductor) {
    const auto& conductors = design.wiring.circuit.conductors;
    const auto at = std::ranges::find(conductors, ConductorId(conductor), &Conductor::id);
    promise(at != conductors.end(), "the conductor is in the design");
    return momentOf(design, moment)
        .conductor[static_cast<std::size_t>(at - conductors.begin())]
        .si();
}

Circuit circuitOf(const Plan& plan) { return design(plan, library()).wiring.circuit; }

std::optional<Amps> currentOf(const Circuit& circuit,
                              const MomentSolution& solved,
                              const std::string& device) {
    const Flow* flow = solved.flowOf(circuit, DeviceId(device));
    return flow == nullptr ? std::nullopt : std::optional(flow->through);
}

std::optional<Amps> inputOf(const Circuit& circuit,
                            const MomentSolution& solved,
                            const std::string& device) {
    const Flow* flow = solved.flowOf(circuit, DeviceId(device));
    return flow == nullptr ? std::nullopt : flow->input;
}

std::string temporaryPath(const std::string& name) {
    struct Folder {
        std::filesystem::path path;
        Folder() {
            std::string pattern =
                (std::filesystem::temp_directory_path() / "spirk-test-XXXXXX").string();
            promise(mkdtemp(pattern.data()) != nullptr, "a temporary folder can be made");
            path = pattern;
        }
        Folder(const Folder&) = delete;
        Folder& operator=(const Folder&) = delete;
        ~Folder() {
            std::error_code ignored;
            std::filesystem::remove_all(path, ignored);
        }
    };
    static const Folder folder;
    return (folder.path / name).string();
}

}  // namespace spirk::test
