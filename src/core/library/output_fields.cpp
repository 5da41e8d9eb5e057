// SPDX-License-Identifier: GPL-3.0-or-later
// Of what gives power on and what stands between: converters, inverters, hardware, displays.
#include "core/library/field_kinds.h"
#include "core/library/gear_fields.h"

namespace spirk {

namespace {

using namespace field_kinds;

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
        plain<&M::lossC>("loss_c", "loss with the square of the load"_text, 0, 0.5),
        atMost<&M::makerFuse>("maker_fuse_a", "fuse that its maker asks for"_text, "A", 1, 2000),
        atMostArea<&M::makerArea>("maker_area_mm2", "cable that its maker asks for"_text)};
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
