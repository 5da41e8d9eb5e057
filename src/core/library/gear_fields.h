// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The parameters of each kind of gear as a described table: how each is named in files, read by
// people and bounded. Reading and writing files and the form for one's own gear all go by it, so a
// parameter is added in one place.

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <type_traits>
#include <vector>

#include "core/library/library.h"

namespace spirk {

enum class Presence { Required, Optional };

// A number, in the unit that `unit` names ('V', 'Ah', 'kg'); the key repeats it.
template <class Model>
struct NumberField {
    std::string_view key;
    Phrase label;
    std::string_view unit;
    double least = 0.0, most = 0.0;
    std::optional<double> (*get)(const Model&) = nullptr;
    void (*set)(Model&, std::optional<double>) = nullptr;
    Presence presence = Presence::Required;
};

// A text out of `choices`; where there are none, the ids of the library's chemistries, studs or
// fuse families, of which there may be none.
enum class TextFrom { Choices, Chemistries, Studs, FuseFamilies };
// One of the choices of a text field: as files have it, and as people read it.
struct TextChoice {
    std::string_view id;
    Phrase label;
};
template <class Model>
struct TextField {
    std::string_view key;
    Phrase label;
    TextFrom from = TextFrom::Choices;
    std::vector<TextChoice> choices;
    std::string (*get)(const Model&) = nullptr;
    void (*set)(Model&, const std::string&) = nullptr;
    Presence presence = Presence::Required;  // Optional: a file without it means the first choice
};

// Two numbers of which one is never above the other, by what they are: a panel's voltage at most
// power lies below its open-circuit voltage. Two that were swapped in copying are found by it.
enum class Equal { Allowed, Refused };
struct Order {
    std::string_view low, high;  // keys
    Equal equal = Equal::Allowed;
};

// A number that follows from two others up to rounding: watts from volts and amps.
struct Product {
    std::string_view result, first, second;  // keys
    double tolerance = 0.0;                  // part of the result
};

// An optional number that some models of a kind need.
template <class Model>
struct Need {
    std::string_view key;
    bool (*by)(const Model&) = nullptr;
};

template <class Model>
struct GearFields {
    std::string_view list;  // key of the kind in a gear file: 'batteries'
    Phrase title;           // 'Battery'
    std::vector<TextField<Model>> texts;
    std::vector<NumberField<Model>> numbers;
    std::vector<Order> orders;
    std::vector<Product> products;
    std::vector<Need<Model>> needs = {};
};

// What of the model's numbers cannot be true together: one error each, with all values; `where` is
// the key of the number that is named first. Empty: nothing was found.
template <class Model>
[[nodiscard]] std::vector<Error> contradictions(const Model& model);

// Specialised for each kind on a shelf. Id, name, weight and price are of every kind.
template <class Model>
[[nodiscard]] const GearFields<Model>& gearFields();
template <>
[[nodiscard]] const GearFields<BatteryModel>& gearFields();
template <>
[[nodiscard]] const GearFields<PanelModel>& gearFields();
template <>
[[nodiscard]] const GearFields<ControllerModel>& gearFields();
template <>
[[nodiscard]] const GearFields<DcdcModel>& gearFields();
template <>
[[nodiscard]] const GearFields<RelayModel>& gearFields();
template <>
[[nodiscard]] const GearFields<ShoreChargerModel>& gearFields();
template <>
[[nodiscard]] const GearFields<CombinedModel>& gearFields();
template <>
[[nodiscard]] const GearFields<AlternatorModel>& gearFields();
template <>
[[nodiscard]] const GearFields<TrickleModel>& gearFields();
template <>
[[nodiscard]] const GearFields<ConverterModel>& gearFields();
template <>
[[nodiscard]] const GearFields<InverterModel>& gearFields();
template <>
[[nodiscard]] const GearFields<HardwareModel>& gearFields();
template <>
[[nodiscard]] const GearFields<MonitorModel>& gearFields();

// Calls `visit(fields, list)` for every kind on the shelf, in a fixed order.
template <class AnyShelf, class Visit>
void forEachKind(AnyShelf& shelf, const Visit& visit) {
    visit(gearFields<BatteryModel>(), shelf.batteries);
    visit(gearFields<PanelModel>(), shelf.panels);
    visit(gearFields<ControllerModel>(), shelf.controllers);
    visit(gearFields<DcdcModel>(), shelf.dcdcs);
    visit(gearFields<RelayModel>(), shelf.relays);
    visit(gearFields<ShoreChargerModel>(), shelf.shoreChargers);
    visit(gearFields<CombinedModel>(), shelf.combineds);
    visit(gearFields<AlternatorModel>(), shelf.alternators);
    visit(gearFields<TrickleModel>(), shelf.trickles);
    visit(gearFields<ConverterModel>(), shelf.converters);
    visit(gearFields<InverterModel>(), shelf.inverters);
    visit(gearFields<MonitorModel>(), shelf.monitors);
    visit(gearFields<HardwareModel>(), shelf.hardware);
}

// The shelf's list of one kind.
template <class Model, class AnyShelf>
[[nodiscard]] auto& listOf(AnyShelf& shelf) {
    using List =
        std::conditional_t<std::is_const_v<AnyShelf>, const std::vector<Model>, std::vector<Model>>;
    List* found = nullptr;
    forEachKind(shelf, [&](const auto&, auto& list) {
        if constexpr (std::is_same_v<std::remove_reference_t<decltype(list)>, List>) {
            found = &list;
        }
    });
    return *found;
}

// Where a term comes from when it is one of a model's figures.
template <class Model>
[[nodiscard]] Origin fromGear(const Library& library, const Model& model) {
    const auto& sold = listOf<Model>(static_cast<const Shelf&>(library));
    if (model.table.empty() && findById(sold, model.id) == nullptr) {
        return FromPlan{"own." + std::string(gearFields<Model>().list) + "." + model.id};
    }
    return fromTable(library,
                     model.table.empty() ? std::string(gearFields<Model>().list) : model.table,
                     model.name);
}

}  // namespace spirk
