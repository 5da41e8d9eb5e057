// SPDX-License-Identifier: GPL-3.0-or-later
// What a model's numbers must be to each other, by the orders and products of its kind.

#include <fmt/format.h>

#include <cmath>

#include "core/base/promise.h"
#include "core/library/gear_fields.h"

namespace spirk {

namespace {

template <class Model>
const NumberField<Model>& fieldOf(const GearFields<Model>& fields, std::string_view key) {
    for (const NumberField<Model>& field : fields.numbers) {
        if (field.key == key) {
            return field;
        }
    }
    unreachable("a rule of gear names fields of its kind");
}

// 'open-circuit voltage (21.6 V)'
template <class Model>
Text shown(const NumberField<Model>& field, double value) {
    return {
        "{label} ({value})"_text,
        {{"label", field.label},
         {"value", fmt::format("{:.6g}{}{}", value, field.unit.empty() ? "" : " ", field.unit)}}};
}

template <class Model>
std::optional<Error> broken(const GearFields<Model>& fields, const Order& order, const Model& m) {
    const auto& low = fieldOf(fields, order.low);
    const auto& high = fieldOf(fields, order.high);
    const auto a = low.get(m);
    const auto b = high.get(m);
    const bool holds = !a || !b || *a < *b || (*a == *b && order.equal == Equal::Allowed);
    if (holds) {
        return std::nullopt;
    }
    const Phrase rule = order.equal == Equal::Allowed
                            ? "The {high} must not be below the {low}."_text
                            : "The {high} must be above the {low}."_text;
    return Error{{rule, {{"high", shown(high, *b)}, {"low", shown(low, *a)}}},
                 std::string(order.high),
                 "Check the data sheet: are the two swapped?"_text};
}

template <class Model>
std::optional<Error> broken(const GearFields<Model>& fields, const Product& rule, const Model& m) {
    const auto& result = fieldOf(fields, rule.result);
    const auto& first = fieldOf(fields, rule.first);
    const auto& second = fieldOf(fields, rule.second);
    const double stated = *result.get(m);
    const double product = *first.get(m) * *second.get(m);
    if (std::fabs(product - stated) <= rule.tolerance * stated) {
        return std::nullopt;
    }
    return Error{{"The {result} does not match the {first} times the {second}: {product}."_text,
                  {{"result", shown(result, stated)},
                   {"first", shown(first, *first.get(m))},
                   {"second", shown(second, *second.get(m))},
                   {"product", fmt::format("{:.4g} {}", product, result.unit)}}},
                 std::string(rule.result),
                 "Check the data sheet: one of the three was copied wrongly."_text};
}

template <class Model>
std::optional<Error> broken(const GearFields<Model>& fields,
                            const Need<Model>& rule,
                            const Model& m) {
    const auto& field = fieldOf(fields, rule.key);
    if (field.get(m) || !rule.by(m)) {
        return std::nullopt;
    }
    return Error{
        {"Enter its {number}: it cannot be planned without it."_text, {{"number", field.label}}},
        std::string(rule.key),
        "Count them, or check the data sheet."_text};
}

}  // namespace

template <class Model>
std::vector<Error> contradictions(const Model& model) {
    const GearFields<Model>& fields = gearFields<Model>();
    std::vector<Error> out;
    const auto look = [&](const auto& rule) {
        if (auto error = broken(fields, rule, model)) {
            out.push_back(std::move(*error));
        }
    };
    for (const Order& order : fields.orders) {
        look(order);
    }
    for (const Product& product : fields.products) {
        look(product);
    }
    for (const Need<Model>& need : fields.needs) {
        look(need);
    }
    return out;
}
template std::vector<Error> contradictions(const BatteryModel&);
template std::vector<Error> contradictions(const PanelModel&);
template std::vector<Error> contradictions(const ControllerModel&);
template std::vector<Error> contradictions(const DcdcModel&);
template std::vector<Error> contradictions(const RelayModel&);
template std::vector<Error> contradictions(const ShoreChargerModel&);
template std::vector<Error> contradictions(const CombinedModel&);
template std::vector<Error> contradictions(const AlternatorModel&);
template std::vector<Error> contradictions(const TrickleModel&);
template std::vector<Error> contradictions(const ConverterModel&);
template std::vector<Error> contradictions(const InverterModel&);
template std::vector<Error> contradictions(const HardwareModel&);
template std::vector<Error> contradictions(const MonitorModel&);

}  // namespace spirk
