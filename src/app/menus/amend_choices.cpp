// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/amend_choices.h"

#include <algorithm>
#include <array>

#include "app/menus/amend_menu.h"
#include "app/shared/text.h"
#include "core/cables/fuse_curve.h"
#include "core/plan/edit.h"
#include "core/plan/own_gear.h"
#include "core/plan/units.h"

namespace spirk::app {

namespace {

const CableRow& rowOf(const Design& design, const Conductor& c) {
    return *findRow(design.cables, c.id);
}

// Sets the size of one lead, or of its pair as well; no size: as computed.
Plan sized(Plan plan, const Conductor& c, Leads leads, std::optional<SquareMetres> area) {
    std::vector<ConductorId> ids{c.id};
    if (leads == Leads::Both && c.pair) {
        ids.push_back(*c.pair);
    }
    for (const ConductorId& id : ids) {
        plan = area ? amended(std::move(plan), SetSize{id, *area})
                    : withoutKind(std::move(plan), SetSize{id, {}});
    }
    return plan;
}

void addRatings(const Plan& plan,
                const ConductorId& id,
                const ChosenFuse& fuse,
                const FuseFamily& family,
                AmendChoices& out) {
    constexpr double kLeastPart = 0.4;
    constexpr double kMostPart = 2.5;
    for (const Amps rating : family.ratings) {
        const bool about =
            rating >= fuse.computedRating * kLeastPart && rating <= fuse.computedRating * kMostPart;
        if (about) {
            out.push_back({q(family.name) + ", " + q(rating),
                           amended(plan, SetFuse{id, End::From, family.id, rating}),
                           fuse.amended && fuse.family == family.id && fuse.rating == rating});
        }
    }
}

// The amendment that put the device into its conductor; nothing where its unit brings it.
std::optional<PutIn> putInOf(const Plan& plan, const Device& device) {
    for (const Amendment& amendment : plan.amendments) {
        const auto* put = std::get_if<PutIn>(&amendment);
        if (put != nullptr && device.id.value.starts_with(put->conductor.value + ".") &&
            device.amended) {
            return *put;
        }
    }
    return std::nullopt;
}

}  // namespace

AmendChoices sizesFor(const Design& design,
                      const Library& library,
                      const Conductor& c,
                      Leads leads) {
    constexpr std::ptrdiff_t kEachSide = 5;
    const CableRow& row = rowOf(design, c);
    AmendChoices out{{AmendMenu::tr("As computed, %1").arg(q(row.computedArea)),
                      sized(design.plan, c, leads, std::nullopt),
                      !row.areaAmended}};
    const auto& sold = library.conductors;
    const auto at = std::ranges::find(sold, row.computedArea, &ConductorRow::area) - sold.begin();
    for (std::ptrdiff_t i = std::max<std::ptrdiff_t>(0, at - kEachSide);
         i <= at + kEachSide && i < std::ssize(sold);
         ++i) {
        const SquareMetres area = sold[static_cast<std::size_t>(i)].area;
        out.push_back(
            {q(area), sized(design.plan, c, leads, area), row.areaAmended && area == row.area});
    }
    return out;
}

AmendChoices fusesFor(const Design& design, const Library& library, const Conductor& c) {
    const CableRow& row = rowOf(design, c);
    if (!row.fuseFrom) {
        return {};
    }
    const ChosenFuse& fuse = *row.fuseFrom;
    AmendChoices out{{AmendMenu::tr("As computed, %1").arg(q(fuse.computedRating)),
                      withoutKind(design.plan, SetFuse{c.id, End::From, "", {}}),
                      !fuse.amended}};
    const FuseFamily& own = familyOf(library, fuse.family);
    addRatings(design.plan, c.id, fuse, own, out);
    for (const FuseFamily& family : library.fuses) {
        const auto rating = ratingFor(family, fuse.needed);
        if (rating && family.id != own.id) {
            out.push_back({q(family.name) + ", " + q(*rating),
                           amended(design.plan, SetFuse{c.id, End::From, family.id, *rating}),
                           false});
        }
    }
    return out;
}

AmendChoices insulationsFor(const Design& design, const Library& library, const Conductor& c) {
    const auto set = std::ranges::any_of(design.plan.amendments, [&](const Amendment& a) {
        const auto* insulation = std::get_if<SetInsulation>(&a);
        return insulation != nullptr && insulation->conductor == c.id;
    });
    AmendChoices out{
        {AmendMenu::tr("As usual"), withoutKind(design.plan, SetInsulation{c.id, ""}), !set}};
    for (const AmpacityColumn& column : library.ampacity) {
        if (column.satisfiesChecks) {
            out.push_back({q(column.name),
                           amended(design.plan, SetInsulation{c.id, column.id}),
                           set && c.insulation == column.id});
        }
    }
    return out;
}

AmendChoices putInsFor(const Design& design, const Conductor& c) {
    AmendChoices out;
    for (const InLine what : {InLine::Isolator, InLine::Strip, InLine::Shunt}) {
        out.push_back({q(nameOf(what)), amended(design.plan, PutIn{c.id, what}), false});
    }
    for (const End end : {End::From, End::To}) {
        if (protectionAt(design.wiring.circuit, c, end) == nullptr) {
            out.push_back({end == End::From ? AmendMenu::tr("fuse at its first end")
                                            : AmendMenu::tr("fuse at its second end"),
                           amended(design.plan, PutInProtection{c.id, end, ""}),
                           false});
        }
    }
    return out;
}

AmendChoices hardwareFor(const Design& design, const Library& library, const Device& d) {
    if (!d.made) {
        return {};
    }
    const SetHardware slot{d.id, ""};
    AmendChoices out{{AmendMenu::tr("The smallest that is enough"),
                      withoutKind(design.plan, slot),
                      !d.made->named}};
    for (const HardwareModel* model : onOffer(design.plan.own.hardware, library.hardware)) {
        if (model->kind == d.made->kind) {
            out.push_back({q(model->name),
                           amended(design.plan, SetHardware{d.id, model->id}),
                           d.made->named && d.made->model == model->id});
        }
    }
    return out;
}

AmendChoices placesFor(const Design& design, const Device& d) {
    AmendChoices out;
    for (const VanPlace& place : design.plan.van.places) {
        Plan next = design.plan;
        if (d.appliance) {
            std::ranges::find(next.appliances, *d.appliance, &Appliance::id)->place = place.id;
        } else {
            next.van.placed[d.id] = place.id;
        }
        out.push_back({unmarked(q(place.name)), std::move(next), place.id == d.place});
    }
    return out;
}

std::optional<Plan> withoutDevice(const Plan& plan, const Device& device) {
    Plan next = plan;
    if (const auto put = putInOf(plan, device)) {
        return withoutKind(std::move(next), *put);
    }
    if (!device.leftOutBy) {
        return std::nullopt;
    }
    UnitChoice* unit = unitOf(next.gear, device.unit);
    if (unit == nullptr) {
        return std::nullopt;
    }
    unit->options[device.leftOutBy->option] = device.leftOutBy->choice;
    // What was said of the device goes with it.
    std::erase_if(next.amendments,
                  [&](const Amendment& a) { return targetOf(a) == subject(device.id); });
    return next;
}

}  // namespace spirk::app
