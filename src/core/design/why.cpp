// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/design/why.h"

#include "core/circuit/explain_moment.h"

namespace spirk {

namespace {

// What follows `prefix` in `text`; nothing where it does not begin so.
std::optional<std::string> after(const std::string& text, const std::string& prefix) {
    return text.starts_with(prefix) ? std::optional(text.substr(prefix.size())) : std::nullopt;
}

std::optional<TerminalId> terminalOf(const std::string& text) {
    const std::size_t colon = text.rfind(':');
    return colon == std::string::npos
               ? std::nullopt
               : std::optional(TerminalId{DeviceId(text.substr(0, colon)), text.substr(colon + 1)});
}

// The figure's name within the moment; nothing where it belongs to another.
std::optional<std::string> inThis(const Moment& moment, const FigureId& figure) {
    return after(figure.value, "moment." + moment.id + ".");
}

std::optional<Derivation> inMoment(const MomentStory& story, const std::string& figure) {
    if (figure == "bank") {
        return explainBank(story);
    }
    if (const auto conductor = after(figure, "current.")) {
        return explainCurrent(story, ConductorId(*conductor));
    }
    if (const auto terminal = after(figure, "volts.")) {
        const auto id = terminalOf(*terminal);
        return id ? explainVolts(story, *id) : std::nullopt;
    }
    const auto device = after(figure, "device.");
    if (!device) {
        return std::nullopt;
    }
    const auto named = [&](const std::string& part) {
        return device->ends_with(part)
                   ? std::optional(DeviceId(device->substr(0, device->size() - part.size())))
                   : std::nullopt;
    };
    if (const auto charger = named(".input")) {
        return explainInput(story, *charger);
    }
    if (const auto charger = named(".power")) {
        return explainPower(story, *charger);
    }
    return explainDevice(story, DeviceId(*device));
}

}  // namespace

std::optional<Derivation> why(const Design& design, const FigureId& figure) {
    if (const Derivation* recorded = design.why.find(figure)) {
        return *recorded;
    }
    const CircuitState state = stateOf(design);
    for (std::size_t i = 0; i < design.moments.size(); ++i) {
        const Moment& moment = design.wiring.moments[i];
        if (const auto rest = inThis(moment, figure)) {
            return inMoment({state, moment, design.moments[i]}, *rest);
        }
    }
    const CircuitState onceSound{&switchedOn(design).circuit, state.ohms, state.batteries};
    // Steps of the switch-on are solved again: their solutions are not kept. One step's name may
    // begin like another's.
    for (const Moment& moment : design.powerUp.moments) {
        if (const auto rest = inThis(moment, figure)) {
            const MomentSolution solved = solveMoment(onceSound, moment);
            if (auto found = inMoment({onceSound, moment, solved}, *rest)) {
                return found;
            }
        }
    }
    return std::nullopt;
}

}  // namespace spirk
