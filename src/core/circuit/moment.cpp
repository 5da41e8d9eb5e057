// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/circuit/moment.h"

#include "core/base/promise.h"

namespace spirk {

double stateOfChargeOf(const Moment& moment, const UnitId& unit) {
    const auto own = moment.chargeOf.find(unit);
    return own == moment.chargeOf.end() ? moment.stateOfCharge : own->second;
}

bool lives(Live live, const Moment& moment) {
    switch (live) {
        case Live::Always:
            return true;
        case Live::EngineRunning:
            return moment.driving;
        case Live::InSun:
            return moment.sun > 0.0;
        case Live::OnShore:
            return moment.onShore;
        case Live::EngineOrShore:
            return moment.driving || moment.onShore;
    }
    unreachable("lives(Live)");
}

}  // namespace spirk
