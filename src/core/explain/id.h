// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Stable names of things, built from meaning ('bank.1', 'inverter', 'inverter.feed+'), so that
// amendments, labels and undo survive a recomputation. Each kind of name is a type of its own.

#include <algorithm>
#include <compare>
#include <string>
#include <string_view>

namespace spirk {

template <class Tag>
struct Id {
    std::string value;
    Id() = default;
    explicit Id(std::string text) : value(std::move(text)) {}
    // NOLINTNEXTLINE(modernize-use-nullptr): clang-tidy 14 takes the rewritten 0 for a pointer
    auto operator<=>(const Id&) const = default;
};

// Whether a person's id can be built into ours: letters of any script, digits, '.', '_' and '-'.
// Ours add '+' and ':', so that none of a person's can be taken for one of them.
[[nodiscard]] inline bool isPlainId(std::string_view text) {
    constexpr std::size_t kMostIdBytes = 100;
    const auto plain = [](char c) {
        const auto byte = static_cast<unsigned char>(c);
        const bool letter = (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
        return letter || (c >= '0' && c <= '9') || c == '.' || c == '_' || c == '-' || byte >= 0x80;
    };
    return !text.empty() && text.size() <= kMostIdBytes && std::ranges::all_of(text, plain);
}

using ApplianceId = Id<struct ApplianceTag>;
using DeviceId = Id<struct DeviceTag>;
using ConductorId = Id<struct ConductorTag>;
using PlaceId = Id<struct PlaceTag>;
using UnitId = Id<struct UnitTag>;  // of a part of the system: a bank, an array, an inverter
using WayId = Id<struct WayTag>;    // of doing one part of the system
using FigureId = Id<struct FigureTag>;

// A terminal is a named port of a device: 'inverter' 'dc+', written 'inverter:dc+'.
struct TerminalId {
    DeviceId device;
    std::string port;
    // NOLINTNEXTLINE(modernize-use-nullptr): clang-tidy 14 takes the rewritten 0 for a pointer
    auto operator<=>(const TerminalId&) const = default;
};

enum class End { From, To };  // of a conductor; stored by name
struct ConductorEnd {
    ConductorId conductor;
    End end = End::From;
    // NOLINTNEXTLINE(modernize-use-nullptr): clang-tidy 14 takes the rewritten 0 for a pointer
    auto operator<=>(const ConductorEnd&) const = default;
};

[[nodiscard]] inline std::string text(const TerminalId& t) { return t.device.value + ":" + t.port; }

// What a finding, a selection or a search hit points at.
enum class SubjectKind { Appliance, Device, Conductor, Figure, Amendment };
struct Subject {
    SubjectKind kind = SubjectKind::Device;
    std::string id;
    // NOLINTNEXTLINE(modernize-use-nullptr): clang-tidy 14 takes the rewritten 0 for a pointer
    auto operator<=>(const Subject&) const = default;
};

[[nodiscard]] inline Subject subject(const ApplianceId& id) {
    return {SubjectKind::Appliance, id.value};
}
[[nodiscard]] inline Subject subject(const DeviceId& id) { return {SubjectKind::Device, id.value}; }
[[nodiscard]] inline Subject subject(const ConductorId& id) {
    return {SubjectKind::Conductor, id.value};
}
[[nodiscard]] inline Subject subject(const FigureId& id) { return {SubjectKind::Figure, id.value}; }

}  // namespace spirk
