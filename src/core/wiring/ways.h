// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The one list of ways that there are. A new way of a kind that is known: its file, its line in
// ways.cpp, its row in data/ways.json, its tests. Private to this room.

#include <span>
#include <string_view>

#include "core/wiring/draft.h"

namespace spirk {

// What a way joins; a Draft that holds nothing yet comes with each.
using BankWay = Piece (*)(Draft, const BankUnit&);
using RailWay = Piece (*)(Draft, const RailUnit&);  // main rail, converter's rail, circuits, bond
using SunWay = Piece (*)(Draft, const SunUnit&);
using EngineWay = Piece (*)(Draft, const EngineUnit&);
using RelayWay = Piece (*)(Draft, const RelayUnit&);
using ShoreWay = Piece (*)(Draft, const ShoreUnit&);
using CombinedWay = Piece (*)(Draft, const CombinedUnit&);
using AlternatorWay = Piece (*)(Draft, const AlternatorUnit&);
using TrickleWay = Piece (*)(Draft, const TrickleUnit&);
using MonitorWay = Piece (*)(Draft, const MonitorUnit&);
using InverterWay = Piece (*)(Draft, const InverterUnit&);

struct Way {
    std::string_view id;
    WayKind of;
    std::variant<BankWay,
                 RailWay,
                 SunWay,
                 EngineWay,
                 RelayWay,
                 ShoreWay,
                 CombinedWay,
                 AlternatorWay,
                 TrickleWay,
                 MonitorWay,
                 InverterWay>
        piece;
};
[[nodiscard]] std::span<const Way> ways();

// Each in a file of its own.
[[nodiscard]] Piece equalLeads(Draft draft, const BankUnit& bank);  // batteries, collecting bars
[[nodiscard]] Piece atOneBattery(Draft draft, const BankUnit& bank);
[[nodiscard]] Piece diagonal(Draft draft, const BankUnit& bank);
[[nodiscard]] Piece switchAndShunt(Draft draft, const RailUnit& rail);
[[nodiscard]] Piece oneBond(Draft draft, const RailUnit& rail);  // negative bar to chassis
[[nodiscard]] Piece solarBehindSwitch(Draft draft, const SunUnit& sun);
[[nodiscard]] Piece solarBeforeSwitch(Draft draft, const SunUnit& sun);
[[nodiscard]] Piece dcdcFromStarter(Draft draft, const EngineUnit& engine);
[[nodiscard]] Piece relayFromStarter(Draft draft, const RelayUnit& relay);
[[nodiscard]] Piece panelsBeside(Draft draft, const SunUnit& panels);
[[nodiscard]] Piece shoreOnBars(Draft draft, const ShoreUnit& shore);
[[nodiscard]] Piece shoreAtInput(Draft draft, const ShoreUnit& shore);
[[nodiscard]] Piece combinedFromStarter(Draft draft, const CombinedUnit& unit);
[[nodiscard]] Piece alternatorOnBars(Draft draft, const AlternatorUnit& second);
[[nodiscard]] Piece trickleToStarter(Draft draft, const TrickleUnit& trickle);
[[nodiscard]] Piece monitorOnRail(Draft draft, const MonitorUnit& monitor);
[[nodiscard]] Piece inverterOnBars(Draft draft, const InverterUnit& inverter);
[[nodiscard]] Piece converterOnBars(Draft draft, const RailUnit& rail);
[[nodiscard]] Piece bladeBlock(Draft draft, const RailUnit& rail);   // circuits and their loads
[[nodiscard]] Piece blockOnRail(Draft draft, const RailUnit& rail);  // the same, at another rail
[[nodiscard]] Piece starterCircuits(Draft draft);                    // at the vehicle's own battery

[[nodiscard]] Piece vehicle(Draft draft);  // where anything hangs on it

// All pieces of the draft's system, in the plan's order.
[[nodiscard]] std::vector<Piece> piecesOf(const Draft& draft);

}  // namespace spirk
