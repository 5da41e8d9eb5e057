// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/cables/fittings.h"

#include <algorithm>

#include "core/base/promise.h"

namespace spirk {

EndFitting fittingAt(const SizingTask& task, const TerminalId& terminal, SquareMetres area) {
    const Port* port = findPort(task.circuit(), terminal);
    promise(port != nullptr, "a conductor ends at a port");
    EndFitting out{port->connection.stud, true, true, port->connection.maxArea};
    out.sizeFits = area <= port->connection.maxArea;
    const bool lug = out.stud != "clamp" && out.stud != "blade";
    if (lug) {
        const auto row = std::ranges::find(task.library.lugs, area, &Lug::area);
        out.lugSold = row != task.library.lugs.end() &&
                      std::ranges::find(row->holes, out.stud) != row->holes.end();
    }
    return out;
}

bool fitsBoth(const SizingTask& task, const Conductor& c, SquareMetres area) {
    const EndFitting from = fittingAt(task, c.from, area);
    const EndFitting to = fittingAt(task, c.to, area);
    return from.lugSold && from.sizeFits && to.lugSold && to.sizeFits;
}

std::size_t fittingSize(const SizingTask& task, const Conductor& c, std::size_t least) {
    for (std::size_t size = least; size < task.library.conductors.size(); ++size) {
        if (fitsBoth(task, c, task.library.conductors[size].area)) {
            return size;
        }
    }
    return least;
}

}  // namespace spirk
