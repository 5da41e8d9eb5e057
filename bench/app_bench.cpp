// SPDX-License-Identifier: GPL-3.0-or-later
// From nothing to the first painted window on the demo, and the memory that it takes.
#include <benchmark/benchmark.h>
#include <sys/resource.h>

#include <QApplication>
#include <QElapsedTimer>
#include <algorithm>
#include <vector>

#include "app/shared/theme.h"
#include "app/shell/main_window.h"
#include "core/base/promise.h"
#include "core/plan/units.h"

namespace {

void windowToFirstPaint(benchmark::State& state) {
    for ([[maybe_unused]] auto _ : state) {
        const auto library = spirk::loadLibraries(SPIRK_DATA_DIR);
        spirk::promise(library.has_value(), "the shipped library loads");
        const QString demos = QString(SPIRK_DATA_DIR) + "/demo";
        const QString demo = demos + "/bookbinder.spirk";
        spirk::app::MainWindow window(*library, demos, spirk::app::systemDialogs());
        window.openFile(demo);
        window.show();
        benchmark::DoNotOptimize(window.grab());
    }
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    state.counters["memory_MB"] = static_cast<double>(usage.ru_maxrss) / 1024.0;
}
BENCHMARK(windowToFirstPaint)->Unit(benchmark::kMillisecond)->Iterations(5);

// From an edit to the station painted again: every station, edits of all sorts, on the demo.
void editToRepaint(benchmark::State& state) {
    const auto library = spirk::loadLibraries(SPIRK_DATA_DIR);
    const QString demos = QString(SPIRK_DATA_DIR) + "/demo";
    spirk::app::MainWindow window(*library, demos, spirk::app::systemDialogs());
    window.openFile(demos + "/bookbinder.spirk");
    window.resize(1280, 800);
    window.show();
    const QString station = window.stationIds().at(state.range(0));
    window.showStation(station);
    window.selection().select(spirk::subject(spirk::ConductorId("inverter.feed+")));
    QCoreApplication::processEvents();
    std::vector<double> times;
    int edit = 0;
    for ([[maybe_unused]] auto _ : state) {
        spirk::Plan next = window.document().plan();
        ++edit;
        switch (edit % 3) {
            case 0:
                next.appliances[0].rated = spirk::watts(100.0 + edit);
                break;
            case 1:
                bankOf(next.gear).count = 1 + edit % 4;
                break;
            default:
                next.van.ways[0].length = spirk::metres(1.0 + edit % 7 * 0.5);
                break;
        }
        QElapsedTimer timer;
        timer.start();
        window.document().push("edit", std::move(next));
        QCoreApplication::sendPostedEvents();
        QCoreApplication::processEvents();
        times.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::ranges::sort(times);
    state.counters["p95_ms"] = times[times.size() * 95 / 100];
    state.counters["most_ms"] = times.back();
    state.SetLabel(station.toStdString());
}
BENCHMARK(editToRepaint)->DenseRange(0, 6)->Unit(benchmark::kMillisecond)->Iterations(120);

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    spirk::app::applyTheme(application, spirk::app::ThemeChoice::Light);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
