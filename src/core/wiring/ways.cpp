// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wiring/ways.h"

#include <algorithm>
#include <array>

#include "core/base/promise.h"

namespace spirk {

namespace {

constexpr std::array kWays{
    Way{"equal_leads", WayKind::Bank, equalLeads},
    Way{"at_one_battery", WayKind::Bank, atOneBattery},
    Way{"diagonal", WayKind::Bank, diagonal},
    Way{"switch_and_shunt", WayKind::MainRail, switchAndShunt},
    Way{"converter_on_bars", WayKind::ConverterRail, converterOnBars},
    Way{"block_on_rail", WayKind::SubRail, blockOnRail},
    Way{"one_bond", WayKind::Bond, oneBond},
    Way{"behind_switch", WayKind::Sun, solarBehindSwitch},
    Way{"before_switch", WayKind::Sun, solarBeforeSwitch},
    Way{"dcdc_from_starter", WayKind::Engine, dcdcFromStarter},
    Way{"relay_from_starter", WayKind::Relay, relayFromStarter},
    Way{"panels_beside", WayKind::Panels, panelsBeside},
    Way{"shore_on_bars", WayKind::Shore, shoreOnBars},
    Way{"shore_at_input", WayKind::Shore, shoreAtInput},
    Way{"combined_from_starter", WayKind::Combined, combinedFromStarter},
    Way{"alternator_on_bars", WayKind::Alternator, alternatorOnBars},
    Way{"trickle_to_starter", WayKind::Trickle, trickleToStarter},
    Way{"monitor_on_rail", WayKind::Monitor, monitorOnRail},
    Way{"inverter_on_bars", WayKind::Inverter, inverterOnBars},
    Way{"blade_block", WayKind::Circuits, bladeBlock},
};

template <class Unit>
Piece pieceBy(const Draft& draft, WayKind of, std::string_view id, const Unit& unit) {
    const auto way =
        std::ranges::find_if(kWays, [&](const Way& w) { return w.of == of && w.id == id; });
    promise(way != kWays.end(), "each way of the table is in the list");
    return std::get<Piece (*)(Draft, const Unit&)>(way->piece)(draft, unit);
}

// By the way that the plan says, which the system has held against the table.
template <class Unit>
Piece pieceOf(const Draft& draft, WayKind of, const Unit& unit) {
    return pieceBy(draft, of, unit.way.value, unit);
}

}  // namespace

std::span<const Way> ways() { return kWays; }

std::vector<Piece> piecesOf(const Draft& draft) {
    const System& system = draft.gear;
    const auto usual = [&](WayKind of) { return usualWay(draft.library, of).id; };
    std::vector<Piece> out;
    for (const BankUnit& bank : system.banks) {
        out.push_back(pieceOf(draft, WayKind::Bank, bank));
    }
    for (const RailUnit& rail : system.rails) {
        if (rail.atBank()) {
            out.push_back(pieceOf(draft, WayKind::MainRail, rail));
        }
    }
    out.push_back(pieceBy(draft, WayKind::Bond, usual(WayKind::Bond), system.mainRail()));
    if (system.usesVehicle()) {
        out.push_back(vehicle(draft));
    }
    for (const SunUnit& sun : system.suns) {
        if (!sun.combined) {
            out.push_back(pieceOf(draft, WayKind::Sun, sun));
        }
    }
    for (const EngineUnit& engine : system.engines) {
        if (!engine.withSun) {
            out.push_back(pieceOf(draft, WayKind::Engine, engine));
        }
    }
    for (const CombinedUnit& unit : system.combineds) {
        out.push_back(pieceOf(draft, WayKind::Combined, unit));
    }
    for (const SunUnit& panels : system.besides) {
        out.push_back(pieceOf(draft, WayKind::Panels, panels));
    }
    for (const RelayUnit& relay : system.relays) {
        out.push_back(pieceOf(draft, WayKind::Relay, relay));
    }
    for (const ShoreUnit& shore : system.shores) {
        out.push_back(pieceOf(draft, WayKind::Shore, shore));
    }
    for (const AlternatorUnit& second : system.alternators) {
        out.push_back(pieceOf(draft, WayKind::Alternator, second));
    }
    for (const TrickleUnit& trickle : system.trickles) {
        out.push_back(pieceOf(draft, WayKind::Trickle, trickle));
    }
    for (const InverterUnit& inverter : system.inverters) {
        out.push_back(pieceOf(draft, WayKind::Inverter, inverter));
    }
    for (const RailUnit& rail : system.rails) {
        if (rail.converter != nullptr) {
            out.push_back(pieceOf(draft, WayKind::ConverterRail, rail));
        }
        out.push_back(rail.atBank() || rail.converter != nullptr
                          ? pieceBy(draft, WayKind::Circuits, usual(WayKind::Circuits), rail)
                          : pieceOf(draft, WayKind::SubRail, rail));
    }
    for (const MonitorUnit& monitor : system.monitors) {
        out.push_back(pieceOf(draft, WayKind::Monitor, monitor));
    }
    out.push_back(starterCircuits(draft));
    return out;
}

}  // namespace spirk
