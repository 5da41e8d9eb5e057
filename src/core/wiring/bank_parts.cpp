// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/bank_parts.h"

#include <algorithm>

#include "core/base/promise.h"
#include "core/gear/battery.h"
#include "core/plan/units.h"
#include "core/supply/frost.h"

namespace spirk {

namespace {

std::string batteryId(const BankUnit& bank, int string, int place) {
    const std::string id = stringId(bank, string);
    return bank.series == 1 ? id : id + "." + std::to_string(place);
}

void addBattery(Draft& draft, const BankUnit& bank, int string, int place) {
    const std::string id = batteryId(bank, string, place);
    const StringUnit& own = bank.strings.at(static_cast<std::size_t>(string - 1));
    const BatteryModel& model = *own.model;
    Device& d = draft.ware(id, DeviceKind::Battery, model);
    // Numbered as their leads are. Those of several banks are told apart with everything else.
    if (draft.gear.banks.size() == 1 &&
        bank.strings.size() * static_cast<std::size_t>(bank.series) > 1) {
        const int nth = (string - 1) * bank.series + place;
        d.name = {"{name} ({n})"_text, {{"name", d.name}, {"n", count(nth)}}};
    }
    d.rating = model.maxDischarge;
    d.headsString = place == 1;
    d.inSeries = bank.series;
    Draft::port(d, "+", model.connection, Pole::Positive);
    Draft::port(d, "-", model.connection, Pole::Negative);
    d.ports.front().batteryEnd = true;
    const auto inside = [&](ResistanceCase which) {
        return batteryResistance(model, own.battery, which, own.left);
    };
    d.elements.emplace_back(Emf{
        {0, 1},
        own.battery.restVolts,
        inside(ResistanceCase::High) * coldResistance(bankInCold(draft.plan, *draft.gear.climate)),
        inside(ResistanceCase::Mid),
        inside(ResistanceCase::Low),
        {},
        fromTable(draft.library,
                  "chemistries",
                  {"{chemistry}, at rest"_text, {{"chemistry", own.battery.name}}})});
}

// The string's current flows through its links; its fuse stands at the positive end.
void addString(Draft& draft, const BankUnit& bank, int string) {
    const std::string id = stringId(bank, string);
    for (int place = 1; place <= bank.series; ++place) {
        addBattery(draft, bank, string, place);
    }
    for (int place = 1; place < bank.series; ++place) {
        draft.conductor(id + ".link." + std::to_string(place),
                        {"battery {n}, link in series"_text, {{"n", count(string)}}},
                        terminal(batteryId(bank, string, place), "-"),
                        terminal(batteryId(bank, string, place + 1), "+"),
                        Pole::Negative,
                        Purpose::Link);
    }
}

// The rail that it feeds: its fuse is that of a bank of one string.
const RailUnit& railFed(const System& system, const BankUnit& bank) {
    const auto found = std::ranges::find_if(
        system.rails, [&](const RailUnit& rail) { return rail.atBank() && rail.bank == bank.id; });
    promise(found != system.rails.end(), "a bank feeds a rail");
    return *found;
}

}  // namespace

namespace {

bool sleeps(const BankUnit& bank) {
    return std::ranges::any_of(bank.strings,
                               [](const StringUnit& string) { return string.model->sleeps; });
}

}  // namespace

std::string stringId(const BankUnit& bank, int string) {
    return bank.id.value + "." + std::to_string(string);
}
BankEnds endsOf(const BankUnit& bank, int string) {
    return {terminal(batteryId(bank, string, 1), "+"),
            terminal(batteryId(bank, string, bank.series), "-")};
}

void addStrings(Draft& draft, const BankUnit& bank) {
    for (int k = 1; k <= bank.count; ++k) {
        addString(draft, bank, k);
    }
}

std::vector<LiveStep> asleep(const BankUnit& bank) {
    if (!sleeps(bank)) {
        return {};
    }
    LiveStep s;
    s.id = "dead.batteries." + bank.id.value;
    s.stage = Stage::MadeSafe;
    s.text =
        "Each battery off by its own switch or in sleep mode. Switch the loads off first, then the main switch, then the batteries."_text;
    s.subjects = {subject(DeviceId(batteryId(bank, 1, 1)))};
    return {s};
}

LiveStep firstVolts(const System& system, const BankUnit& bank, std::vector<ConductorId> fuses) {
    LiveStep s;
    s.id = bank.id.value == kBankUnit ? "on.batteries" : "on.batteries." + bank.id.value;
    s.stage = Stage::Bank;
    const bool lithium = bank.battery.family == Family::Lithium;
    s.text =
        bank.count > 1 && lithium
            ? "Charge each battery full by itself, with a charger for lithium, and let it rest for an hour: in the middle of its charge equal volts prove nothing. Then the voltage of each by itself, before the leads are joined: they should agree within 0.05 V. Then insert the battery fuses, main switch still off."_text
        : bank.count > 1
            ? "Voltage of each battery by itself, before the leads are joined: they should agree within 0.05 V. Then insert the battery fuses, main switch still off."_text
            : "Voltage of the battery. Then insert its fuse, main switch still off."_text;
    if (sleeps(bank)) {
        s.text = then(std::move(s.text), "Switch each battery on first, or wake it."_text);
    }
    s.caution = "From here on the bank is live: covers on, tools away from its terminals."_text;
    s.fuses = std::move(fuses);
    Look look;
    for (int k = 1; k <= bank.count; ++k) {
        const DeviceId head(batteryId(bank, k, 1));
        s.subjects.push_back(subject(head));
        look.readings.push_back({Reads::Across, TerminalId{head, "+"}, {}});
    }
    look.readings.push_back(
        {Reads::Across, railPost(railFed(system, bank).id, Pole::Positive), {}});
    s.looks = {look};
    return s;
}

}  // namespace spirk
