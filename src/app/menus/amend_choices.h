// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What may be chosen for a conductor or a device in its menu: each choice with the plan that it
// leads to.

#include <QString>
#include <vector>

#include "core/design/design.h"

namespace spirk::app {

struct AmendChoice {
    QString text;
    Plan next;
    bool chosen = false;
};
using AmendChoices = std::vector<AmendChoice>;

// Sizes that the region sells, about the computed one; of both leads of a pair at once.
enum class Leads { One, Both };
[[nodiscard]] AmendChoices sizesFor(const Design& design,
                                    const Library& library,
                                    const Conductor& conductor,
                                    Leads leads);
// Ratings of its family about the computed one, and each other family's first that is enough.
// Empty where it has no fuse at its first end.
[[nodiscard]] AmendChoices fusesFor(const Design& design,
                                    const Library& library,
                                    const Conductor& conductor);
[[nodiscard]] AmendChoices insulationsFor(const Design& design,
                                          const Library& library,
                                          const Conductor& conductor);
// An isolator, a joint, a shunt, and a fuse at an end that has none.
[[nodiscard]] AmendChoices putInsFor(const Design& design, const Conductor& conductor);
// Empty where the device is no hardware.
[[nodiscard]] AmendChoices hardwareFor(const Design& design,
                                       const Library& library,
                                       const Device& device);
// A load stands where its appliance does.
[[nodiscard]] AmendChoices placesFor(const Design& design, const Device& device);

// The plan without the device, where it can be left out: by an option of its unit's way, or because
// an amendment put it in. Nothing else can be without what hangs on it.
[[nodiscard]] std::optional<Plan> withoutDevice(const Plan& plan, const Device& device);

}  // namespace spirk::app
