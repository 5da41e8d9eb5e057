// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/stations.h"

#include "app/build/build_station.h"
#include "app/cables/cables_station.h"
#include "app/checks/checks_station.h"
#include "app/diagram/diagram_station.h"
#include "app/needs/needs_station.h"
#include "app/powerup/powerup_station.h"
#include "app/supply/supply_station.h"

namespace spirk::app {

std::vector<Station*> makeStations(Document& document, Selection& selection, QWidget* parent) {
    return {new NeedsStation(document, selection, parent),
            new SupplyStation(document, selection, parent),
            new DiagramStation(document, selection, parent),
            new CablesStation(document, selection, parent),
            new ChecksStation(document, selection, parent),
            new BuildStation(document, selection, parent),
            new PowerUpStation(document, selection, parent)};
}

}  // namespace spirk::app
