// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/gear_fields.h"

#include <algorithm>
#include <array>

namespace spirk {

namespace {

using Optional = std::optional<double>;

template <class Quantity>
double siOf(Quantity q) {
    return q.si();
}
double degreesOf(Celsius t) { return t.degrees; }
double same(double v) { return v; }

template <class Model, class Value>
Model modelOf(Value Model::*);

// A parameter kept in `Member`; `In` and `Out` convert between it and the file's unit.
template <auto Member, auto In, auto Out>
auto number(std::string_view key, Phrase label, std::string_view unit, double least, double most) {
    using Model = decltype(modelOf(Member));
    return NumberField<Model>{key,
                              label,
                              unit,
                              least,
                              most,
                              [](const Model& m) { return Optional(Out(m.*Member)); },
                              [](Model& m, Optional v) { m.*Member = In(*v); }};
}
template <auto Member>
auto inVolts(std::string_view key, Phrase label, double least, double most) {
    return number<Member, volts, siOf<Volts>>(key, label, "V", least, most);
}
template <auto Member>
auto inAmps(std::string_view key, Phrase label, double least, double most) {
    return number<Member, amps, siOf<Amps>>(key, label, "A", least, most);
}
template <auto Member>
auto inWatts(std::string_view key, Phrase label, double least, double most) {
    return number<Member, watts, siOf<Watts>>(key, label, "W", least, most);
}
template <auto Member>
auto plain(std::string_view key, Phrase label, double least, double most) {
    return number<Member, same, same>(key, label, "", least, most);
}

// Optional; zero where it is not stated.
template <auto Member>
auto atMost(std::string_view key, Phrase label, std::string_view unit, double least, double most) {
    using Model = decltype(modelOf(Member));
    auto out = number<Member, amps, siOf<Amps>>(key, label, unit, least, most);
    out.get = [](const Model& m) {
        return (m.*Member).si() > 0.0 ? Optional((m.*Member).si()) : std::nullopt;
    };
    out.set = [](Model& m, Optional v) { m.*Member = amps(v.value_or(0.0)); };
    out.presence = Presence::Optional;
    return out;
}

// Optional.
template <auto Member>
auto inMillimetres(std::string_view key, Phrase label, double least, double most) {
    using Model = decltype(modelOf(Member));
    constexpr double kPerMetre = 1000.0;
    return NumberField<Model>{
        key,
        label,
        "mm",
        least,
        most,
        [](const Model& m) {
            return m.*Member ? Optional((m.*Member)->si() * kPerMetre) : std::nullopt;
        },
        [](Model& m, Optional v) {
            m.*Member = v ? std::optional(metres(*v / kPerMetre)) : std::nullopt;
        },
        Presence::Optional};
}
// Optional; none of them where it is not stated.
template <auto Member>
auto ports(std::string_view key, Phrase label) {
    using Model = decltype(modelOf(Member));
    return NumberField<Model>{
        key,
        label,
        "",
        0,
        32,
        [](const Model& m) { return Optional(m.*Member); },
        [](Model& m, Optional v) { m.*Member = static_cast<int>(v.value_or(0.0)); },
        Presence::Optional};
}

// As files have them.
constexpr std::array kNoYes{TextChoice{"no", "no"_text}, TextChoice{"yes", "yes"_text}};

// Optional: 'no' where the file does not say it.
template <auto Member>
auto noOrYes(std::string_view key, Phrase label) {
    using Model = decltype(modelOf(Member));
    return TextField<Model>{
        key,
        label,
        TextFrom::Choices,
        {kNoYes.begin(), kNoYes.end()},
        [](const Model& m) { return std::string(kNoYes.at(m.*Member ? 1 : 0).id); },
        [](Model& m, const std::string& v) { m.*Member = v == kNoYes.back().id; },
        Presence::Optional};
}

// What comes with a unit that has leads of its own.
template <class Model>
void addBox(GearFields<Model>& fields) {
    const auto flag = [&](std::string_view key, Phrase label, auto get, auto set) {
        fields.texts.push_back({key,
                                label,
                                TextFrom::Choices,
                                {kNoYes.begin(), kNoYes.end()},
                                get,
                                set,
                                Presence::Optional});
    };
    flag(
        "boxed_fuses",
        "fuses and holders included"_text,
        [](const Model& m) { return std::string(kNoYes.at(m.boxedFuses ? 1 : 0).id); },
        [](Model& m, const std::string& v) { m.boxedFuses = v == kNoYes.back().id; });
    flag(
        "boxed_leads",
        "leads included"_text,
        [](const Model& m) { return std::string(kNoYes.at(m.boxedLeads ? 1 : 0).id); },
        [](Model& m, const std::string& v) { m.boxedLeads = v == kNoYes.back().id; });
}

// Weight and price, of every kind.
template <class Model>
void addWare(GearFields<Model>& fields) {
    fields.numbers.push_back({"weight_kg",
                              "weight"_text,
                              "kg",
                              0,
                              300,
                              [](const Model& m) { return Optional(m.weightKg); },
                              [](Model& m, Optional v) { m.weightKg = *v; }});
    fields.numbers.push_back({"price",
                              "price, approximate"_text,
                              "",
                              0,
                              50e3,
                              [](const Model& m) { return Optional(m.price); },
                              [](Model& m, Optional v) { m.price = *v; }});
}

// Of every kind that is connected by terminals.
template <class Model>
void addConnection(GearFields<Model>& fields) {
    fields.texts.push_back({"stud",
                            "terminal"_text,
                            TextFrom::Studs,
                            {},
                            [](const Model& m) { return m.connection.stud; },
                            [](Model& m, const std::string& v) { m.connection.stud = v; }});
    fields.numbers.push_back(
        {"max_area_mm2",
         "largest cable"_text,
         "mm²",
         0.5,
         500,
         [](const Model& m) { return Optional(inMm2(m.connection.maxArea)); },
         [](Model& m, Optional v) { m.connection.maxArea = squareMillimetres(*v); }});
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

GearFields<PanelModel> panelFields() {
    using M = PanelModel;
    GearFields<M> out{"panels", "Panel"_text, {}, {}, {}, {}};
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
    out.numbers = {inVolts<&M::maxVoc>("max_voc", "largest voltage of the array"_text, 10, 1000),
                   inAmps<&M::maxOutput>("max_a", "largest output"_text, 1, 500),
                   plain<&M::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1),
                   inVolts<&M::startAbove>(
                       "start_above_v", "starts this far above the bank's voltage"_text, 0, 20)};
    out.orders = {{"start_above_v", "max_voc", Equal::Refused}};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

GearFields<DcdcModel> dcdcFields() {
    using M = DcdcModel;
    GearFields<M> out{"dcdc_chargers", "DC-DC charger"_text, {}, {}, {}, {}};
    out.texts = {noOrYes<&M::isolated>("isolated", "input and output isolated"_text)};
    out.numbers = {inVolts<&M::outputSystem>("output_system_v", "charges a bank of"_text, 12, 24),
                   inAmps<&M::output>("output_a", "output"_text, 1, 500),
                   plain<&M::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1),
                   inVolts<&M::start>("start_v", "starts above"_text, 10, 60),
                   inVolts<&M::stop>("stop_v", "stops below"_text, 10, 60),
                   number<&M::delay, seconds, siOf<Seconds>>(
                       "start_delay_s", "starts after"_text, "s", 0, 600),
                   inAmps<&M::maxInputFuse>(
                       "max_input_fuse_a", "largest fuse allowed at its input"_text, 1, 1000)};
    out.orders = {{"stop_v", "start_v", Equal::Refused}};
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
    out.numbers = {
        inVolts<&M::outputSystem>("output_system_v", "charges a bank of"_text, 12, 24),
        inAmps<&M::output>("output_a", "output"_text, 1, 500),
        inAmps<&M::eachOfBoth>("each_of_both_a", "from each while both are available"_text, 1, 500),
        plain<&M::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1),
        inVolts<&M::start>("start_v", "starts above"_text, 10, 60),
        inVolts<&M::stop>("stop_v", "stops below"_text, 10, 60),
        number<&M::delay, seconds, siOf<Seconds>>(
            "start_delay_s", "starts after"_text, "s", 0, 600),
        inAmps<&M::maxInputFuse>(
            "max_input_fuse_a", "largest fuse allowed at its input"_text, 1, 1000),
        inVolts<&M::maxVoc>("max_voc", "largest voltage of the array"_text, 10, 1000),
        inVolts<&M::startAbove>(
            "start_above_v", "starts this far above the bank's voltage"_text, 0, 20)};
    out.orders = {{"stop_v", "start_v", Equal::Refused},
                  {"each_of_both_a", "output_a", Equal::Allowed},
                  {"start_above_v", "max_voc", Equal::Refused}};
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

GearFields<ConverterModel> converterFields() {
    using M = ConverterModel;
    GearFields<M> out{"converters", "Converter for 12 V loads"_text, {}, {}, {}, {}};
    out.numbers = {inVolts<&M::inputSystem>("input_system_v", "from a bank of"_text, 24, 48),
                   inVolts<&M::output>("output_v", "output voltage"_text, 11, 15),
                   inAmps<&M::maxOutput>("max_a", "largest output"_text, 1, 200),
                   plain<&M::efficiency>("efficiency", "efficiency (0 to 1)"_text, 0.5, 1)};
    out.orders = {{"output_v", "input_system_v", Equal::Refused}};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

GearFields<InverterModel> inverterFields() {
    using M = InverterModel;
    GearFields<M> out{"inverters", "Inverter"_text, {}, {}, {}, {}};
    out.numbers = {
        inVolts<&M::system>("system_v", "on a bank of"_text, 12, 48),
        inWatts<&M::power>("watts", "continuous power"_text, 50, 20e3),
        inWatts<&M::surge>("surge_w", "surge power"_text, 50, 40e3),
        atMost<&M::charge>("charge_a", "charges the bank from shore with"_text, "A", 1, 500),
        plain<&M::lossA>("loss_a", "idle loss, share of the rating"_text, 0, 0.1),
        plain<&M::lossB>("loss_b", "loss proportional to the load"_text, 0, 0.5),
        plain<&M::lossC>("loss_c", "loss with the square of the load"_text, 0, 0.5)};
    out.orders = {{"watts", "surge_w", Equal::Allowed}};
    addConnection(out);
    addBox(out);
    addWare(out);
    return out;
}

// As files have them, in the order of HardwareKind.
constexpr std::array kHardwareKinds{TextChoice{"bus_bar", "bus bar"_text},
                                    TextChoice{"distributor", "fused distributor"_text},
                                    TextChoice{"switch", "battery switch"_text},
                                    TextChoice{"pv_isolator", "solar isolator"_text},
                                    TextChoice{"shunt", "shunt"_text},
                                    TextChoice{"fuse_block", "blade fuse block"_text},
                                    TextChoice{"breaker_panel", "breaker panel"_text},
                                    TextChoice{"strip", "terminal strip"_text},
                                    TextChoice{"panel_inlet", "inlet for portable panels"_text},
                                    TextChoice{"plug", "plug and socket"_text}};

bool holdsFuses(const HardwareModel& m) {
    return m.kind == HardwareKind::Distributor || m.kind == HardwareKind::FuseBlock ||
           m.kind == HardwareKind::BreakerPanel;
}

GearFields<HardwareModel> hardwareFields() {
    using M = HardwareModel;
    GearFields<M> out{"hardware", "Bar, switch, block"_text, {}, {}, {}, {}};
    out.texts = {{"kind",
                  "kind"_text,
                  TextFrom::Choices,
                  {kHardwareKinds.begin(), kHardwareKinds.end()},
                  [](const M& m) {
                      return std::string(kHardwareKinds.at(static_cast<std::size_t>(m.kind)).id);
                  },
                  [](M& m, const std::string& v) {
                      const auto at = std::ranges::find(kHardwareKinds, v, &TextChoice::id);
                      m.kind = static_cast<HardwareKind>(at - kHardwareKinds.begin());
                  }},
                 {"fuses",
                  "fuses its ways take"_text,
                  TextFrom::FuseFamilies,
                  {},
                  [](const M& m) { return m.fuses; },
                  [](M& m, const std::string& v) { m.fuses = v; }}};
    out.numbers = {inAmps<&M::maxCurrent>("max_a", "largest continuous current"_text, 1, 5000),
                   number<&M::resistance, milliohms, inMilliohms>(
                       "milliohm", "resistance of a pole or a way"_text, "mΩ", 0, 100),
                   {"ways",
                    "ways, or studs of a bar"_text,
                    "",
                    1,
                    48,
                    [](const M& m) { return m.ways > 0 ? Optional(m.ways) : std::nullopt; },
                    [](M& m, Optional v) { m.ways = static_cast<int>(v.value_or(0.0)); },
                    Presence::Optional},
                   atMost<&M::maxWay>("max_way_a", "largest fuse of a way"_text, "A", 1, 1000),
                   inMillimetres<&M::width>("width_mm", "width of a home-made bar"_text, 5, 200),
                   inMillimetres<&M::thickness>("thickness_mm", "its thickness"_text, 1, 30)};
    out.needs = {{"ways", holdsFuses}};
    addConnection(out);
    addWare(out);
    return out;
}

GearFields<MonitorModel> monitorFields() {
    using M = MonitorModel;
    GearFields<M> out{"monitors", "Monitor"_text, {}, {}, {}, {}};
    out.numbers = {
        {"draws_w",
         "current it draws"_text,
         "W",
         0,
         100,
         [](const M& m) { return m.draws.si() > 0.0 ? Optional(m.draws.si()) : std::nullopt; },
         [](M& m, Optional v) { m.draws = watts(v.value_or(0.0)); },
         Presence::Optional},
        ports<&M::shunts>("shunt_ports", "ports for shunts"_text),
        ports<&M::tanks>("tank_ports", "ports for tanks"_text),
        ports<&M::temperatures>("temperature_ports", "ports for temperatures"_text),
        ports<&M::voltages>("voltage_ports", "ports for voltages"_text)};
    addConnection(out);
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
template <>
const GearFields<ConverterModel>& gearFields() {
    static const GearFields<ConverterModel> fields = converterFields();
    return fields;
}
template <>
const GearFields<HardwareModel>& gearFields() {
    static const GearFields<HardwareModel> fields = hardwareFields();
    return fields;
}
template <>
const GearFields<InverterModel>& gearFields() {
    static const GearFields<InverterModel> fields = inverterFields();
    return fields;
}

template <>
const GearFields<MonitorModel>& gearFields() {
    static const GearFields<MonitorModel> fields = monitorFields();
    return fields;
}

}  // namespace spirk
