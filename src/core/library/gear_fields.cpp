// SPDX-License-Identifier: GPL-3.0-or-later
// Of what stores and what charges.
#include "core/library/gear_fields.h"

#include <utility>

#include "core/library/field_kinds.h"

namespace spirk {

namespace {

using namespace field_kinds;

template <class Model>
TextField<Model> leadOnly() {
    return noOrYes<&Model::leadOnly>("lead_only", "charges lead-acid only"_text);
}

GearFields<BatteryModel> batteryFields() {
    using M = BatteryModel;
    GearFields<M> out{"batteries", "Battery"_text, {}, {}, {}, {}};
    out.texts = {{"chemistry",
                  "chemistry"_text,
                  TextFrom::Chemistries,
                  {},
                  [](const M& m) { return m.chemistry; },
                  [](M& m, const std::string& v) { m.chemistry = v; }},
                 {"heated",
                  "has a heater for charging in frost"_text,
                  TextFrom::Choices,
                  {kNoYes.begin(), kNoYes.end()},
                  [](const M& m) { return std::string(kNoYes.at(m.heated ? 1 : 0).id); },
                  [](M& m, const std::string& v) { m.heated = v == kNoYes.back().id; }},
                 noOrYes<&M::sleeps>("sleeps", "has its own switch or sleep mode"_text)};
    out.numbers = {
        inVolts<&M::nominal>("nominal_v", "nominal voltage"_text, 6, 60),
        number<&M::capacity, ampHours, inAmpHours>("capacity_ah", "capacity"_text, "Ah", 1, 2000),
        inAmps<&M::maxCharge>("max_charge_a", "largest charging current"_text, 1, 2000),
        inAmps<&M::maxDischarge>("max_discharge_a", "largest continuous discharge"_text, 1, 5000),
        {"short_circuit_a",
         "short-circuit current, if stated"_text,
         "A",
         100,
         100e3,
         [](const M& m) { return m.shortCircuit ? Optional(m.shortCircuit->si()) : std::nullopt; },
         [](M& m, Optional v) { m.shortCircuit = v ? std::optional(amps(*v)) : std::nullopt; },
         Presence::Optional}};
    out.orders = {{"max_discharge_a", "short_circuit_a", Equal::Refused},
                  {"max_charge_a", "short_circuit_a", Equal::Refused}};
    addConnection(out);
    addWare(out);
    return out;
}

// As files have them, in the order of PanelMount.
constexpr std::array kPanelMounts{TextChoice{"air_gap", "with an air gap"_text},
                                  TextChoice{"glued", "glued to the roof"_text},
                                  TextChoice{"open", "in the open, on legs"_text}};

GearFields<PanelModel> panelFields() {
    using M = PanelModel;
    GearFields<M> out{"panels", "Panel"_text, {}, {}, {}, {}};
    out.texts = {{"mount",
                  "mounted"_text,
                  TextFrom::Choices,
                  {kPanelMounts.begin(), kPanelMounts.end()},
                  [](const M& m) {
                      return std::string(kPanelMounts.at(static_cast<std::size_t>(m.mount)).id);
                  },
                  [](M& m, const std::string& v) {
                      const auto at = std::ranges::find(kPanelMounts, v, &TextChoice::id);
                      m.mount = static_cast<PanelMount>(at - kPanelMounts.begin());
                  },
                  Presence::Optional}};
    out.numbers = {
        inWatts<&M::power>("watts", "rated power"_text, 1, 1000),
        inVolts<&M::voc>("voc", "open-circuit voltage"_text, 1, 200),
        inVolts<&M::vmp>("vmp", "voltage at maximum power"_text, 1, 200),
        inAmps<&M::isc>("isc", "short-circuit current"_text, 0.1, 50),
        inAmps<&M::imp>("imp", "current at maximum power"_text, 0.1, 50),
        number<&M::gammaPerK, same, same>(
            "gamma_per_k", "power, change per kelvin"_text, "1/K", -0.01, 0),
        number<&M::betaVocPerK, same, same>(
            "beta_voc_per_k", "open-circuit voltage, change per kelvin"_text, "1/K", -0.01, 0),
        number<&M::noct, celsius, degreesOf>(
            "noct_c", "cell temperature at 800 W/m²"_text, "°C", 30, 60),
        number<&M::length, metres, siOf<Metres>>("length_m", "length"_text, "m", 0.1, 3),
        number<&M::width, metres, siOf<Metres>>("width_m", "width"_text, "m", 0.1, 3),
        inAmps<&M::maxSeriesFuse>("max_series_fuse_a", "largest series fuse"_text, 1, 100)};
    out.orders = {{"vmp", "voc", Equal::Refused}, {"imp", "isc", Equal::Refused}};
    // Judgement: data sheets round; a tenth is more than any of them does.
    out.products = {{"watts", "vmp", "imp", 0.1}};
    addWare(out);
    return out;
}

// As files have them, in the order of Tracking.
constexpr std::array kTracking{TextChoice{"mppt", "MPPT (tracks maximum power)"_text},
                               TextChoice{"pwm", "PWM (panels at the bank's voltage)"_text}};

// As files have them, in the order of PanelNegative.
constexpr std::array kPanelNegatives{
    TextChoice{"not_stated", "not stated"_text},
    TextChoice{"common", "joined to the battery's negative inside"_text},
    TextChoice{"measured", "measured or switched inside"_text}};

GearFields<ControllerModel> controllerFields() {
    using M = ControllerModel;
    GearFields<M> out{"controllers", "Solar controller"_text, {}, {}, {}, {}};
    out.texts = {
        {"tracking",
         "kind"_text,
         TextFrom::Choices,
         {kTracking.begin(), kTracking.end()},
         [](const M& m) {
             return std::string(kTracking.at(static_cast<std::size_t>(m.tracking)).id);
         },
         [](M& m, const std::string& v) {
             m.tracking = v == kTracking.front().id ? Tracking::Mppt : Tracking::Pwm;
         }},
        {"panel_negative",
         "panels' negative"_text,
         TextFrom::Choices,
         {kPanelNegatives.begin(), kPanelNegatives.end()},
         [](const M& m) {
             return std::string(kPanelNegatives.at(static_cast<std::size_t>(m.negative)).id);
         },
         [](M& m, const std::string& v) {
             const auto at = std::ranges::find(kPanelNegatives, v, &TextChoice::id);
             m.negative = static_cast<PanelNegative>(at - kPanelNegatives.begin());
         },
         Presence::Optional}};
    out.texts.push_back(leadOnly<M>());
    out.numbers = {
        inVolts<&M::maxVoc>("max_voc", "largest voltage of the array"_text, 10, 1000),
        inAmps<&M::maxOutput>("max_a", "largest output"_text, 1, 500),
        plain<&M::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1),
        inVolts<&M::startAbove>(
            "start_above_v", "starts this far above the bank's voltage"_text, 0, 20),
        atMost<&M::maxFuse>("max_fuse_a", "largest fuse allowed at the bank"_text, "A", 1, 1000),
        atMost<&M::maxArray>(
            "max_array_a", "largest short-circuit current of the array"_text, "A", 1, 500)};
    out.orders = {{"start_above_v", "max_voc", Equal::Refused}};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

// Of what charges from the engine: when it starts and stops, and what may feed it.
template <class Model>
void addEngineSide(GearFields<Model>& fields) {
    const auto add = [&](auto field) { fields.numbers.push_back(std::move(field)); };
    add(plain<&Model::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1));
    add(inVolts<&Model::start>("start_v", "starts above"_text, 10, 60));
    add(inVolts<&Model::stop>("stop_v", "stops below"_text, 10, 60));
    add(number<&Model::delay, seconds, siOf<Seconds>>(
        "start_delay_s", "starts after"_text, "s", 0, 600));
    add(inAmps<&Model::maxInputFuse>(
        "max_input_fuse_a", "largest fuse allowed at its input"_text, 1, 1000));
    fields.orders.push_back({"stop_v", "start_v", Equal::Refused});
}

GearFields<DcdcModel> dcdcFields() {
    using M = DcdcModel;
    GearFields<M> out{"dcdc_chargers", "DC-DC charger"_text, {}, {}, {}, {}};
    out.texts = {noOrYes<&M::isolated>("isolated", "input and output isolated"_text),
                 leadOnly<M>()};
    out.numbers = {inVolts<&M::outputSystem>("output_system_v", "charges a bank of"_text, 12, 24),
                   inAmps<&M::output>("output_a", "output"_text, 1, 500)};
    addEngineSide(out);
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

GearFields<RelayModel> relayFields() {
    using M = RelayModel;
    GearFields<M> out{"relays", "Voltage-sensing relay"_text, {}, {}, {}, {}};
    out.numbers = {inAmps<&M::maxCurrent>("max_a", "largest continuous current"_text, 1, 1000),
                   number<&M::resistance, milliohms, inMilliohms>(
                       "milliohm", "resistance of its contact"_text, "mΩ", 0, 100),
                   inVolts<&M::joins>("joins_v", "closes above"_text, 10, 60),
                   inVolts<&M::parts>("parts_v", "opens below"_text, 10, 60)};
    out.orders = {{"parts_v", "joins_v", Equal::Refused}};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

GearFields<ShoreChargerModel> shoreChargerFields() {
    using M = ShoreChargerModel;
    GearFields<M> out{"shore_chargers", "Charger on shore power"_text, {}, {}, {}, {}};
    out.texts = {leadOnly<M>()};
    out.numbers = {inVolts<&M::outputSystem>("output_system_v", "charges a bank of"_text, 12, 48),
                   inAmps<&M::output>("output_a", "output"_text, 1, 500),
                   plain<&M::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1)};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

GearFields<CombinedModel> combinedFields() {
    using M = CombinedModel;
    GearFields<M> out{"combined_chargers", "Charger for engine and sun"_text, {}, {}, {}, {}};
    out.texts = {leadOnly<M>()};
    out.numbers = {inVolts<&M::outputSystem>("output_system_v", "charges a bank of"_text, 12, 24),
                   inAmps<&M::output>("output_a", "output"_text, 1, 500),
                   inAmps<&M::eachOfBoth>(
                       "each_of_both_a", "from each while both are available"_text, 1, 500)};
    addEngineSide(out);
    out.numbers.push_back(
        inVolts<&M::maxVoc>("max_voc", "largest voltage of the array"_text, 10, 1000));
    out.numbers.push_back(inVolts<&M::startAbove>(
        "start_above_v", "starts this far above the bank's voltage"_text, 0, 20));
    out.orders.push_back({"each_of_both_a", "output_a", Equal::Allowed});
    out.orders.push_back({"start_above_v", "max_voc", Equal::Refused});
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

GearFields<AlternatorModel> alternatorFields() {
    using M = AlternatorModel;
    GearFields<M> out{"alternators", "Second alternator"_text, {}, {}, {}, {}};
    out.numbers = {inVolts<&M::outputSystem>("output_system_v", "charges a bank of"_text, 12, 48),
                   inAmps<&M::output>("output_a", "output, hot"_text, 1, 1000)};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

GearFields<TrickleModel> trickleFields() {
    using M = TrickleModel;
    GearFields<M> out{
        "trickle_chargers", "Trickle charger for the starter battery"_text, {}, {}, {}, {}};
    out.numbers = {inVolts<&M::inputSystem>("input_system_v", "from a bank of"_text, 12, 48),
                   inAmps<&M::output>("output_a", "output"_text, 0.1, 30),
                   plain<&M::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1),
                   inVolts<&M::full>("full_v", "full output above"_text, 10, 60),
                   inVolts<&M::none>("none_v", "no output below"_text, 10, 60)};
    out.orders = {{"none_v", "full_v", Equal::Refused}};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

}  // namespace

// Described once, on first use; never changed after.
template <>
const GearFields<BatteryModel>& gearFields() {
    static const GearFields<BatteryModel> fields = batteryFields();
    return fields;
}
template <>
const GearFields<PanelModel>& gearFields() {
    static const GearFields<PanelModel> fields = panelFields();
    return fields;
}
template <>
const GearFields<ControllerModel>& gearFields() {
    static const GearFields<ControllerModel> fields = controllerFields();
    return fields;
}
template <>
const GearFields<DcdcModel>& gearFields() {
    static const GearFields<DcdcModel> fields = dcdcFields();
    return fields;
}
template <>
const GearFields<RelayModel>& gearFields() {
    static const GearFields<RelayModel> fields = relayFields();
    return fields;
}
template <>
const GearFields<ShoreChargerModel>& gearFields() {
    static const GearFields<ShoreChargerModel> fields = shoreChargerFields();
    return fields;
}
template <>
const GearFields<CombinedModel>& gearFields() {
    static const GearFields<CombinedModel> fields = combinedFields();
    return fields;
}
template <>
const GearFields<AlternatorModel>& gearFields() {
    static const GearFields<AlternatorModel> fields = alternatorFields();
    return fields;
}
template <>
const GearFields<TrickleModel>& gearFields() {
    static const GearFields<TrickleModel> fields = trickleFields();
    return fields;
}

}  // namespace spirk
