// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/powerup/shut_down.h"

#include <algorithm>

namespace spirk {

namespace {

// All devices of a kind.
std::vector<Subject> all(const Circuit& circuit, DeviceKind kind) {
    std::vector<Subject> out;
    for (const Device& d : circuit.devices) {
        if (d.kind == kind) {
            out.push_back(subject(d.id));
        }
    }
    return out;
}

class ShutDown {
public:
    explicit ShutDown(const PowerUpInput& in) : in_(in) {}

    std::vector<SwitchStep> steps() {
        add("off.loads",
            "Loads off, one after the other, and what still runs by itself: heater, fridge."_text);
        inverter();
        shore();
        sun();
        engine();
        master();
        proveDead();
        storage();
        return std::move(out_);
    }

private:
    [[nodiscard]] const Circuit& circuit() const { return in_.wiring.circuit; }
    SwitchStep& add(const char* id, Text text, std::vector<Subject> subjects = {}) {
        SwitchStep s;
        s.id = id;
        s.text = std::move(text);
        s.subjects = std::move(subjects);
        out_.push_back(std::move(s));
        return out_.back();
    }
    void inverter() {
        if (!in_.gear.inverters.empty()) {
            add("off.inverter",
                "Inverter off at its own switch, its output unplugged."_text,
                all(circuit(), DeviceKind::Inverter));
        }
    }
    void shore() {
        if (in_.gear.usesShore()) {
            add("off.shore", "Shore power unplugged, at the post first."_text);
        }
    }
    void sun() {
        if (in_.gear.suns.empty()) {
            return;
        }
        add("off.panels",
            "Panels first: solar isolator open, or the panels covered where there is none."_text,
            all(circuit(), DeviceKind::PvIsolator))
            .caution =
            "The panels' side stays live in daylight. Never pull their plugs under load."_text;
        add("off.controller",
            "Only then the controller from its battery: its isolator, or its fuse."_text,
            all(circuit(), DeviceKind::SolarController))
            .caution =
            "A controller that loses its battery while the sun shines on its panels can be destroyed."_text;
    }
    void engine() {
        if (in_.gear.usesEngine()) {
            add("off.engine",
                "Engine stopped, ignition off. What comes from the starter battery is still live up to its fuse there."_text);
        }
    }
    void master() {
        auto switches = all(circuit(), DeviceKind::MainSwitch);
        const bool parted = !switches.empty();
        add("off.main",
            parted ? "Main switch off. What hangs before it stays live: see its labels."_text
                   : "There is no main switch: take off the bank's negative lead."_text,
            std::move(switches));
    }
    void proveDead() {
        SwitchStep& s = add(
            "off.dead",
            "Wait five minutes: capacitors of inverters and chargers keep their charge. Then prove the bars dead, plus to minus and each to the body, with a meter that has just shown the bank's voltage."_text,
            all(circuit(), DeviceKind::BusBar));
        s.caution =
            "For work at the bank itself: its negative lead off first, and on last. Bolted fuses come out only when all this is done."_text;
    }
    void storage() {
        if (anyBankIs(Family::Lithium)) {
            add("off.storage",
                "For storage: leave lithium about half full and above freezing, and look at it every two months."_text);
        }
        if (anyBankIs(Family::Lead)) {
            add("off.storage.lead",
                "For storage: leave lead-acid full, and charge it every two months, more often in the warm."_text);
        }
    }
    [[nodiscard]] bool anyBankIs(Family family) const {
        return std::ranges::any_of(
            in_.gear.banks, [&](const BankUnit& bank) { return bank.battery.family == family; });
    }

    const PowerUpInput& in_;
    std::vector<SwitchStep> out_;
};

}  // namespace

std::vector<SwitchStep> shutDown(const PowerUpInput& in) { return ShutDown(in).steps(); }

}  // namespace spirk
