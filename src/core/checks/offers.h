// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What a mend may offer in place of a device that does not serve. Private to this room.

#include "core/checks/checks.h"

namespace spirk {

// The least by `rank` of what is on offer and `suits`; null where nothing does.
template <class Model, class Suits, class Rank>
[[nodiscard]] const Model* leastOnOffer(const std::vector<Model>& own,
                                        const std::vector<Model>& library,
                                        const Suits& suits,
                                        const Rank& rank) {
    const Model* best = nullptr;
    for (const Model* model : onOffer(own, library)) {
        if (suits(*model) && (best == nullptr || rank(*model) < rank(*best))) {
            best = model;
        }
    }
    return best;
}

// 'Use a DC-DC charger, 20 A': the model takes the place of the one there is.
template <class Model>
[[nodiscard]] Mend useInstead(const Model& model, const UnitId& unit, GearPart part) {
    return {{"Use: {model}"_text, {{"model", model.name}}}, {UseModel{unit, part, model.id}}};
}

[[nodiscard]] inline Mend setSize(const ConductorId& id, SquareMetres area) {
    return {{"Use {size}"_text, {{"size", measure(area)}}}, {Amend{SetSize{id, area}}}};
}
// Of the family that is computed where `family` is empty.
[[nodiscard]] inline Mend setFuse(const ConductorId& id,
                                  End end,
                                  const std::string& family,
                                  Amps rating) {
    return {{"Fit {fuse}"_text, {{"fuse", measure(rating)}}},
            {Amend{SetFuse{id, end, family, rating}}}};
}
// Where the person has set another.
[[nodiscard]] inline Mend fitComputed(const ConductorId& id, End end) {
    return {"Fit the computed fuse"_text, {TakeBack{SetFuse{id, end, "", {}}}}};
}

}  // namespace spirk
