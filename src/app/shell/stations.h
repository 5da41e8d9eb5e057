// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Which stations there are, in the order of the work: the one place that knows them all. Shortcuts,
// rail and settings follow from it.

#include <vector>

#include "app/shared/station.h"

namespace spirk::app {

[[nodiscard]] std::vector<Station*> makeStations(Document& document,
                                                 Selection& selection,
                                                 QWidget* parent);

}  // namespace spirk::app
