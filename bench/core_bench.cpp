// SPDX-License-Identifier: GPL-3.0-or-later
// The full design of the demo, and the solver at 20 and 200 nodes.
#include <benchmark/benchmark.h>

#include "core/base/promise.h"
#include "core/design/design.h"
#include "core/diagram/geometry.h"
#include "core/plan/plan_file.h"
#include "tests/support/networks.h"

namespace {

using spirk::promise;

const spirk::Library& library() {
    static const spirk::Library loaded = [] {
        auto read = spirk::loadLibraries(SPIRK_DATA_DIR);
        promise(read.has_value(), "the shipped library loads");
        return std::move(read->regions.front());
    }();
    return loaded;
}

const spirk::Plan& demo() {
    static const spirk::Plan plan = [] {
        auto reading = spirk::loadPlan(std::string(SPIRK_DATA_DIR) + "/demo/bookbinder.spirk");
        promise(reading.plan.has_value(), "the demo loads");
        return std::move(*reading.plan);
    }();
    return plan;
}

void designOfTheDemo(benchmark::State& state) {
    for ([[maybe_unused]] auto _ : state) {
        benchmark::DoNotOptimize(spirk::design(demo(), library()));
    }
}
BENCHMARK(designOfTheDemo)->Unit(benchmark::kMillisecond);

// The demo with small loads of all kinds added.
void designOfManyLoads(benchmark::State& state) {
    spirk::Plan plan = demo();
    for (int i = 0; static_cast<int>(plan.appliances.size()) < state.range(0); ++i) {
        spirk::Appliance load = plan.appliances.front();
        load.id = spirk::ApplianceId("more." + std::to_string(i));
        load.feed = spirk::Feed::Dc;
        load.rated = spirk::watts(5.0 + i % 20);
        load.measured.reset();
        load.category = static_cast<spirk::Category>(i % 6);
        plan.appliances.push_back(std::move(load));
    }
    const spirk::Design once = spirk::design(plan, library());
    state.counters["conductors"] = static_cast<double>(once.wiring.circuit.conductors.size());
    for ([[maybe_unused]] auto _ : state) {
        benchmark::DoNotOptimize(spirk::design(plan, library()));
    }
}
BENCHMARK(designOfManyLoads)->Arg(40)->Arg(120)->Arg(1000)->Unit(benchmark::kMillisecond);

// The demo with loads that each have a circuit of their own.
void designOfManyCircuits(benchmark::State& state) {
    spirk::Plan plan = demo();
    for (int i = 0; i < state.range(0); ++i) {
        spirk::Appliance load = plan.appliances.front();
        load.id = spirk::ApplianceId("more." + std::to_string(i));
        load.feed = spirk::Feed::Dc;
        load.rated = spirk::watts(70.0);
        load.measured.reset();
        plan.appliances.push_back(std::move(load));
    }
    for ([[maybe_unused]] auto _ : state) {
        benchmark::DoNotOptimize(spirk::design(plan, library()));
    }
}
BENCHMARK(designOfManyCircuits)->Arg(250)->Arg(1000)->Unit(benchmark::kMillisecond);

// The demo in a van of a chain of places.
void designInManyPlaces(benchmark::State& state) {
    spirk::Plan plan = demo();
    spirk::PlaceId before = plan.van.places.front().id;
    for (int i = 0; i < state.range(0); ++i) {
        const spirk::PlaceId id("more." + std::to_string(i));
        plan.van.places.push_back({id, "place", spirk::celsius(30.0)});
        plan.van.ways.push_back({before, id, spirk::metres(0.01), spirk::Bundling::Loose});
        plan.appliances[static_cast<std::size_t>(i) % plan.appliances.size()].place = id;
        before = id;
    }
    for ([[maybe_unused]] auto _ : state) {
        benchmark::DoNotOptimize(spirk::design(plan, library()));
    }
}
BENCHMARK(designInManyPlaces)->Arg(200)->Arg(2000)->Unit(benchmark::kMillisecond);

// The demo with amendments of what is not there.
void designWithDeadAmendments(benchmark::State& state) {
    spirk::Plan plan = demo();
    for (int i = 0; i < state.range(0); ++i) {
        plan.amendments.push_back(spirk::SetSize{spirk::ConductorId("nothing." + std::to_string(i)),
                                                 spirk::squareMillimetres(6.0)});
    }
    for ([[maybe_unused]] auto _ : state) {
        benchmark::DoNotOptimize(spirk::design(plan, library()));
    }
}
BENCHMARK(designWithDeadAmendments)->Arg(1000)->Arg(10000)->Unit(benchmark::kMillisecond);

void diagramOfTheDemo(benchmark::State& state) {
    const spirk::Design d = spirk::design(demo(), library());
    for ([[maybe_unused]] auto _ : state) {
        benchmark::DoNotOptimize(spirk::layOut(d.wiring.circuit, {}));
    }
}
BENCHMARK(diagramOfTheDemo)->Unit(benchmark::kMillisecond);

void solver(benchmark::State& state) {
    const spirk::Network network = spirk::test::randomNetwork(7, static_cast<int>(state.range(0)));
    for ([[maybe_unused]] auto _ : state) {
        benchmark::DoNotOptimize(spirk::solve(network));
    }
}
BENCHMARK(solver)->Arg(20)->Arg(200)->Unit(benchmark::kMillisecond);

}  // namespace
