// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/explain/standing.h"

#include "core/result/promise.h"

namespace spirk {

std::string name(Severity severity) {
    switch (severity) {
        case Severity::Danger:
            return "danger";
        case Severity::Fault:
            return "fault";
        case Severity::Advice:
            return "advice";
    }
    unreachable("name(Severity)");
}

std::string name(Standing standing) {
    switch (standing) {
        case Standing::GovernsVans:
            return "rule that governs vans";
        case Standing::BoatPracticeByChoice:
            return "boat practice, used by choice";
        case Standing::Maker:
            return "maker's figure";
        case Standing::CommonPractice:
            return "common practice";
    }
    unreachable("name(Standing)");
}

}  // namespace spirk
