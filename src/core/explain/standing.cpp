// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/explain/standing.h"

#include "core/base/promise.h"

namespace spirk {

Phrase name(Severity severity) {
    switch (severity) {
        case Severity::Danger:
            return "danger"_text;
        case Severity::Fault:
            return "fault"_text;
        case Severity::Advice:
            return "advice"_text;
    }
    unreachable("name(Severity)");
}

Phrase name(Standing standing) {
    switch (standing) {
        case Standing::GovernsVans:
            return "rule that governs vans"_text;
        case Standing::BoatPracticeByChoice:
            return "boat practice, used by choice"_text;
        case Standing::Maker:
            return "maker's figure"_text;
        case Standing::CommonPractice:
            return "common practice"_text;
        case Standing::GeneralByChoice:
            return "general standard, used by choice"_text;
    }
    unreachable("name(Standing)");
}

Phrase onStanding(Standing standing) {
    switch (standing) {
        case Standing::GovernsVans:
            return "status: rule that governs vans"_text;
        case Standing::BoatPracticeByChoice:
            return "status: boat practice, used by choice"_text;
        case Standing::Maker:
            return "status: maker's figure"_text;
        case Standing::CommonPractice:
            return "status: common practice"_text;
        case Standing::GeneralByChoice:
            return "status: general standard, used by choice"_text;
    }
    unreachable("onStanding(Standing)");
}

}  // namespace spirk
