// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/gear_fields.h"

#include "core/result/promise.h"

namespace spirk {

namespace {

template <class Model>
using Number = NumberField<Model>;
template <class Model>
using Text = TextField<Model>;
using Optional = std::optional<double>;

template <class Model>
void addWare(std::vector<Number<Model>>& numbers) {
    numbers.push_back({"weight_kg",
                       "weight",
                       "kg",
                       0,
                       300,
                       [](const Model& m) { return Optional(m.weightKg); },
                       [](Model& m, Optional v) { m.weightKg = *v; }});
    numbers.push_back({"price",
                       "price, order of magnitude",
                       "",
                       0,
                       50e3,
                       [](const Model& m) { return Optional(m.price); },
                       [](Model& m, Optional v) { m.price = *v; }});
}

template <class Model>
void addConnection(GearFields<Model>& fields) {
    fields.texts.push_back({"stud",
                            "terminal",
                            TextFrom::Studs,
                            {},
                            [](const Model& m) { return m.connection.stud; },
                            [](Model& m, const std::string& v) { m.connection.stud = v; }});
    fields.numbers.push_back(
        {"max_area_mm2",
         "largest cable",
         "mm²",
         0.5,
         500,
         [](const Model& m) { return Optional(inMm2(m.connection.maxArea)); },
         [](Model& m, Optional v) { m.connection.maxArea = squareMillimetres(*v); }});
}

GearFields<BatteryModel> batteryFields() {
    using M = BatteryModel;
    GearFields<M> out{"batteries", "Battery", {}, {}};
    out.texts = {{"chemistry",
                  "chemistry",
                  TextFrom::Chemistries,
                  {},
                  [](const M& m) { return m.chemistry; },
                  [](M& m, const std::string& v) { m.chemistry = v; }},
                 {"heated",
                  "heats itself before charging in frost",
                  TextFrom::Choices,
                  {"no", "yes"},
                  [](const M& m) { return std::string(m.heated ? "yes" : "no"); },
                  [](M& m, const std::string& v) { m.heated = v == "yes"; }}};
    out.numbers = {
        {"nominal_v",
         "nominal voltage",
         "V",
         6,
         60,
         [](const M& m) { return Optional(m.nominal.si()); },
         [](M& m, Optional v) { m.nominal = volts(*v); }},
        {"capacity_ah",
         "capacity",
         "Ah",
         1,
         2000,
         [](const M& m) { return Optional(inAmpHours(m.capacity)); },
         [](M& m, Optional v) { m.capacity = ampHours(*v); }},
        {"max_charge_a",
         "largest charging current",
         "A",
         1,
         2000,
         [](const M& m) { return Optional(m.maxCharge.si()); },
         [](M& m, Optional v) { m.maxCharge = amps(*v); }},
        {"max_discharge_a",
         "largest continuous discharge",
         "A",
         1,
         5000,
         [](const M& m) { return Optional(m.maxDischarge.si()); },
         [](M& m, Optional v) { m.maxDischarge = amps(*v); }},
        {"short_circuit_a",
         "short-circuit current, if stated",
         "A",
         100,
         100e3,
         [](const M& m) { return m.shortCircuit ? Optional(m.shortCircuit->si()) : std::nullopt; },
         [](M& m, Optional v) { m.shortCircuit = v ? std::optional(amps(*v)) : std::nullopt; },
         Presence::Optional}};
    addConnection(out);
    addWare(out.numbers);
    return out;
}

GearFields<PanelModel> panelFields() {
    using M = PanelModel;
    GearFields<M> out{"panels", "Panel", {}, {}};
    out.numbers = {{"watts",
                    "rated power",
                    "W",
                    1,
                    1000,
                    [](const M& m) { return Optional(m.power.si()); },
                    [](M& m, Optional v) { m.power = watts(*v); }},
                   {"voc",
                    "open-circuit voltage",
                    "V",
                    1,
                    200,
                    [](const M& m) { return Optional(m.voc.si()); },
                    [](M& m, Optional v) { m.voc = volts(*v); }},
                   {"vmp",
                    "voltage at most power",
                    "V",
                    1,
                    200,
                    [](const M& m) { return Optional(m.vmp.si()); },
                    [](M& m, Optional v) { m.vmp = volts(*v); }},
                   {"isc",
                    "short-circuit current",
                    "A",
                    0.1,
                    50,
                    [](const M& m) { return Optional(m.isc.si()); },
                    [](M& m, Optional v) { m.isc = amps(*v); }},
                   {"imp",
                    "current at most power",
                    "A",
                    0.1,
                    50,
                    [](const M& m) { return Optional(m.imp.si()); },
                    [](M& m, Optional v) { m.imp = amps(*v); }},
                   {"gamma_per_k",
                    "power, part per kelvin",
                    "1/K",
                    -0.01,
                    0,
                    [](const M& m) { return Optional(m.gammaPerK); },
                    [](M& m, Optional v) { m.gammaPerK = *v; }},
                   {"beta_voc_per_k",
                    "open-circuit voltage, part per kelvin",
                    "1/K",
                    -0.01,
                    0,
                    [](const M& m) { return Optional(m.betaVocPerK); },
                    [](M& m, Optional v) { m.betaVocPerK = *v; }},
                   {"noct_c",
                    "cell temperature at 800 W/m²",
                    "°C",
                    30,
                    60,
                    [](const M& m) { return Optional(m.noct.degrees); },
                    [](M& m, Optional v) { m.noct = celsius(*v); }},
                   {"length_m",
                    "length",
                    "m",
                    0.1,
                    3,
                    [](const M& m) { return Optional(m.length.si()); },
                    [](M& m, Optional v) { m.length = metres(*v); }},
                   {"width_m",
                    "width",
                    "m",
                    0.1,
                    3,
                    [](const M& m) { return Optional(m.width.si()); },
                    [](M& m, Optional v) { m.width = metres(*v); }},
                   {"max_series_fuse_a",
                    "largest series fuse",
                    "A",
                    1,
                    100,
                    [](const M& m) { return Optional(m.maxSeriesFuse.si()); },
                    [](M& m, Optional v) { m.maxSeriesFuse = amps(*v); }}};
    addWare(out.numbers);
    return out;
}

GearFields<ControllerModel> controllerFields() {
    using M = ControllerModel;
    GearFields<M> out{"controllers", "Solar controller", {}, {}};
    out.texts = {
        {"tracking",
         "kind",
         TextFrom::Choices,
         {"mppt", "pwm"},
         [](const M& m) { return std::string(m.tracking == Tracking::Mppt ? "mppt" : "pwm"); },
         [](M& m, const std::string& v) {
             m.tracking = v == "mppt" ? Tracking::Mppt : Tracking::Pwm;
         }}};
    out.numbers = {{"max_voc",
                    "largest voltage of the array",
                    "V",
                    10,
                    1000,
                    [](const M& m) { return Optional(m.maxVoc.si()); },
                    [](M& m, Optional v) { m.maxVoc = volts(*v); }},
                   {"max_a",
                    "largest output",
                    "A",
                    1,
                    500,
                    [](const M& m) { return Optional(m.maxOutput.si()); },
                    [](M& m, Optional v) { m.maxOutput = amps(*v); }},
                   {"efficiency",
                    "efficiency, part",
                    "",
                    0.5,
                    1,
                    [](const M& m) { return Optional(m.efficiency); },
                    [](M& m, Optional v) { m.efficiency = *v; }},
                   {"start_above_v",
                    "starts this far above the bank",
                    "V",
                    0,
                    20,
                    [](const M& m) { return Optional(m.startAbove.si()); },
                    [](M& m, Optional v) { m.startAbove = volts(*v); }}};
    addConnection(out);
    addWare(out.numbers);
    return out;
}

GearFields<DcdcModel> dcdcFields() {
    using M = DcdcModel;
    GearFields<M> out{"dcdc_chargers", "DC-DC charger", {}, {}};
    out.numbers = {{"output_system_v",
                    "charges a bank of",
                    "V",
                    12,
                    24,
                    [](const M& m) { return Optional(m.outputSystem.si()); },
                    [](M& m, Optional v) { m.outputSystem = volts(*v); }},
                   {"output_a",
                    "output",
                    "A",
                    1,
                    500,
                    [](const M& m) { return Optional(m.output.si()); },
                    [](M& m, Optional v) { m.output = amps(*v); }},
                   {"efficiency",
                    "efficiency, part",
                    "",
                    0.5,
                    1,
                    [](const M& m) { return Optional(m.efficiency); },
                    [](M& m, Optional v) { m.efficiency = *v; }},
                   {"start_v",
                    "starts above",
                    "V",
                    10,
                    60,
                    [](const M& m) { return Optional(m.start.si()); },
                    [](M& m, Optional v) { m.start = volts(*v); }},
                   {"stop_v",
                    "stops below",
                    "V",
                    10,
                    60,
                    [](const M& m) { return Optional(m.stop.si()); },
                    [](M& m, Optional v) { m.stop = volts(*v); }},
                   {"start_delay_s",
                    "starts after",
                    "s",
                    0,
                    600,
                    [](const M& m) { return Optional(m.delay.si()); },
                    [](M& m, Optional v) { m.delay = seconds(*v); }},
                   {"max_input_fuse_a",
                    "largest fuse at its input",
                    "A",
                    1,
                    1000,
                    [](const M& m) { return Optional(m.maxInputFuse.si()); },
                    [](M& m, Optional v) { m.maxInputFuse = amps(*v); }}};
    addConnection(out);
    addWare(out.numbers);
    return out;
}

GearFields<ConverterModel> converterFields() {
    using M = ConverterModel;
    GearFields<M> out{"converters", "Converter for 12 V loads", {}, {}};
    out.numbers = {{"input_system_v",
                    "from a bank of",
                    "V",
                    24,
                    48,
                    [](const M& m) { return Optional(m.inputSystem.si()); },
                    [](M& m, Optional v) { m.inputSystem = volts(*v); }},
                   {"output_v",
                    "output voltage",
                    "V",
                    11,
                    15,
                    [](const M& m) { return Optional(m.output.si()); },
                    [](M& m, Optional v) { m.output = volts(*v); }},
                   {"max_a",
                    "largest output",
                    "A",
                    1,
                    200,
                    [](const M& m) { return Optional(m.maxOutput.si()); },
                    [](M& m, Optional v) { m.maxOutput = amps(*v); }},
                   {"efficiency",
                    "efficiency, part",
                    "",
                    0.5,
                    1,
                    [](const M& m) { return Optional(m.efficiency); },
                    [](M& m, Optional v) { m.efficiency = *v; }}};
    addConnection(out);
    addWare(out.numbers);
    return out;
}

GearFields<InverterModel> inverterFields() {
    using M = InverterModel;
    GearFields<M> out{"inverters", "Inverter", {}, {}};
    out.numbers = {{"system_v",
                    "on a bank of",
                    "V",
                    12,
                    48,
                    [](const M& m) { return Optional(m.system.si()); },
                    [](M& m, Optional v) { m.system = volts(*v); }},
                   {"watts",
                    "continuous power",
                    "W",
                    50,
                    20e3,
                    [](const M& m) { return Optional(m.power.si()); },
                    [](M& m, Optional v) { m.power = watts(*v); }},
                   {"surge_w",
                    "short-time power",
                    "W",
                    50,
                    40e3,
                    [](const M& m) { return Optional(m.surge.si()); },
                    [](M& m, Optional v) { m.surge = watts(*v); }},
                   {"loss_a",
                    "idle loss, part of the rating",
                    "",
                    0,
                    0.1,
                    [](const M& m) { return Optional(m.lossA); },
                    [](M& m, Optional v) { m.lossA = *v; }},
                   {"loss_b",
                    "loss in proportion to the load",
                    "",
                    0,
                    0.5,
                    [](const M& m) { return Optional(m.lossB); },
                    [](M& m, Optional v) { m.lossB = *v; }},
                   {"loss_c",
                    "loss with the square of the load",
                    "",
                    0,
                    0.5,
                    [](const M& m) { return Optional(m.lossC); },
                    [](M& m, Optional v) { m.lossC = *v; }}};
    addConnection(out);
    addWare(out.numbers);
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
const GearFields<ConverterModel>& gearFields() {
    static const GearFields<ConverterModel> fields = converterFields();
    return fields;
}
template <>
const GearFields<InverterModel>& gearFields() {
    static const GearFields<InverterModel> fields = inverterFields();
    return fields;
}

}  // namespace spirk
