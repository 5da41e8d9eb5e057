// SPDX-License-Identifier: GPL-3.0-or-later
// Banks and the rails that they feed.

#include <algorithm>

#include "core/base/promise.h"
#include "core/system/resolver.h"

namespace spirk {

void Resolver::addBanks() {
    promise(!library_.batteries.empty() && !library_.chemistries.empty(),
            "the library has batteries and their chemistries");
    promise(!plan_.gear.banks.empty(), "a plan has a bank");
    for (const BankChoice& choice : plan_.gear.banks) {
        out_.banks.push_back(bankUnit(choice));
    }
}

BankUnit Resolver::bankUnit(const BankChoice& choice) {
    auto out = unitAs<BankUnit>(choice, UnitList::Banks, WayKind::Bank);
    out.count = choice.count;
    out.series = choice.series;
    out.venting = choice.venting;
    out.opening = choice.opening;
    out.heater = choice.heater;
    out.model = look(&Shelf::batteries, choice.model, out.path + ".model");
    if (out.model == nullptr) {
        out.model = &library_.batteries.front();
    }
    const Chemistry* block = findById(library_.chemistries, out.model->chemistry);
    if (block == nullptr) {
        out_.findings.push_back(unknownGear("own_gear.batteries.chemistry", out.model->chemistry));
        block = &library_.chemistries.front();
    }
    const double blocks = blocksOf(out.model->nominal);
    out.battery = scaled(*block, blocks);
    out.strings.assign(static_cast<std::size_t>(out.count),
                       StringUnit{out.model, out.battery, 1.0});
    for (const UnlikeString& unlike : choice.unlike) {
        takeUnlike(unlike, out);
    }
    out.chemistry = scaled(*block, blocks * out.series);
    out.nominal = out.model->nominal * static_cast<double>(out.series);
    out.system = volts(12.0 * blocks * out.series);
    return out;
}

void Resolver::takeUnlike(const UnlikeString& unlike, BankUnit& bank) {
    if (unlike.string > bank.count) {
        return;  // sleeps until there are as many
    }
    StringUnit& string = bank.strings.at(static_cast<std::size_t>(unlike.string - 1));
    string.left = unlike.left;
    if (unlike.model.empty()) {
        return;
    }
    const BatteryModel* model = look(&Shelf::batteries, unlike.model, bank.path + ".unlike");
    const Chemistry* block =
        model == nullptr ? nullptr : findById(library_.chemistries, model->chemistry);
    if (block != nullptr) {
        string.model = model;
        string.battery = scaled(*block, blocksOf(model->nominal));
    }
}

void Resolver::addRails() {
    // A converter's rail may stand before the one that it draws from.
    for (const RailChoice& choice : plan_.gear.rails) {
        if (const auto* from = std::get_if<FromBank>(&choice.fedBy)) {
            addBankRail(choice, *from);
        }
    }
    for (const RailChoice& choice : plan_.gear.rails) {
        if (const auto* from = std::get_if<FromConverter>(&choice.fedBy)) {
            addConverterRail(choice, *from);
        }
    }
    for (const RailChoice& choice : plan_.gear.rails) {
        if (const auto* from = std::get_if<FromRail>(&choice.fedBy)) {
            addSubRail(choice, *from);
        }
    }
    promise(!out_.rails.empty(), "a plan has a rail at its bank");
    std::erase_if(out_.banks, [&](const BankUnit& bank) {
        const bool feeds =
            std::ranges::find(out_.rails, bank.id, &RailUnit::bank) != out_.rails.end();
        if (!feeds) {
            out_.findings.push_back(leftOut(bank.path,
                                            {"'{unit}' feeds no rail."_text, {{"unit", bank.path}}},
                                            "Name the rail it feeds in the plan's file."_text));
        }
        return !feeds;
    });
}

void Resolver::addBankRail(const RailChoice& choice, const FromBank& from) {
    auto out = unitAs<RailUnit>(choice, UnitList::Rails, WayKind::MainRail);
    out.kind = choice.kind;
    const bool there = std::ranges::find(out_.banks, from.bank, &BankUnit::id) != out_.banks.end();
    if (!there) {
        out_.findings.push_back(unfed(out.path, from.bank));
    }
    // The first hangs on the first bank then: without one there were no system to speak of.
    if (there || out_.rails.empty()) {
        out.bank = there ? from.bank : out_.banks.front().id;
        out_.rails.push_back(out);
    }
}

void Resolver::addConverterRail(const RailChoice& choice, const FromConverter& from) {
    auto out = unitAs<RailUnit>(choice, UnitList::Rails, WayKind::ConverterRail);
    out.converter = look(&Shelf::converters, from.model, out.path + ".model");
    if (out.converter != nullptr && hangsAtBank(from.rail, out.path)) {
        out.from = from.rail;
        out.bank = out_.rail(from.rail).bank;
        out_.rails.push_back(out);
    }
}

void Resolver::addSubRail(const RailChoice& choice, const FromRail& from) {
    auto out = unitAs<RailUnit>(choice, UnitList::Rails, WayKind::SubRail);
    if (!hasRail(from.rail, out.path)) {
        return;
    }
    const RailUnit& parent = out_.rail(from.rail);
    out.from = from.rail;
    out.bank = parent.bank;
    out_.rails.push_back(out);
}

}  // namespace spirk
