// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/fittings.h"

#include <algorithm>

#include "core/circuit/made_of.h"

namespace spirk {

namespace {

bool lugIsSold(const Library& library, const std::string& stud, SquareMetres area) {
    const auto row = std::ranges::find(library.lugs, area, &Lug::area);
    return row != library.lugs.end() &&
           std::ranges::find(row->holes, lugStud(library, stud)) != row->holes.end();
}

bool fits(const SizingTask& task, const SizingState& state, const EndAt& end, SquareMetres area) {
    const Port& port = task.circuit().devices[end.device].ports[end.port];
    const auto& models = task.index.hardware[end.device];
    if (takes(task.library, port.connection, area)) {
        return true;
    }
    return !isClip(port) && !models.empty() &&
           std::any_of(models.begin() + static_cast<std::ptrdiff_t>(state.hardware[end.device]),
                       models.end(),
                       [&](const HardwareModel* model) {
                           return takes(task.library, model->connection, area);
                       });
}

}  // namespace

bool takes(const Library& library, const Connection& connection, SquareMetres area) {
    return area <= connection.maxArea &&
           (!needsLug(connection.stud) || lugIsSold(library, connection.stud, area));
}

EndFitting fittingAt(const SizingTask& task, const EndAt& end, SquareMetres area) {
    const Connection& connection = task.circuit().devices[end.device].ports[end.port].connection;
    EndFitting out{connection.stud, true, true, connection.maxArea};
    out.sizeFits = area <= connection.maxArea;
    out.lugSold = !needsLug(out.stud) || lugIsSold(task.library, out.stud, area);
    return out;
}

bool fitsBoth(const SizingTask& task,
              const SizingState& state,
              std::size_t conductor,
              SquareMetres area) {
    const auto& [from, to] = task.circuit().index->ends[conductor];
    return fits(task, state, from, area) && fits(task, state, to, area);
}

std::size_t fittingSize(const SizingTask& task,
                        const SizingState& state,
                        std::size_t conductor,
                        std::size_t least) {
    for (std::size_t size = least; size < task.library.conductors.size(); ++size) {
        if (fitsBoth(task, state, conductor, task.library.conductors[size].area)) {
            return size;
        }
    }
    return least;
}

std::size_t fittingUpTo(const SizingTask& task,
                        const SizingState& state,
                        std::size_t conductor,
                        std::size_t most) {
    while (most > 0 && !fitsBoth(task, state, conductor, task.library.conductors[most].area)) {
        --most;
    }
    return most;
}

}  // namespace spirk
