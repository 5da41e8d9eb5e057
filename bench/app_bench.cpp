// SPDX-License-Identifier: GPL-3.0-or-later
// From nothing to the first painted window on the demo, and the memory that it takes.
#include <benchmark/benchmark.h>
#include <sys/resource.h>

#include <QApplication>

#include "app/shared/theme.h"
#include "app/shell/main_window.h"
#include "core/result/promise.h"

namespace {

void windowToFirstPaint(benchmark::State& state) {
    for (auto _ : state) {
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

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    spirk::app::applyTheme(application, spirk::app::ThemeChoice::Light);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
