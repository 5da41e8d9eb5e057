// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/own_gear.h"

#include <cctype>

#include "core/base/shortened.h"

namespace spirk {

namespace {

constexpr std::size_t kMostStem = 60;

// Letters and digits of the name, the rest as single dashes. Letters beyond ASCII stay as they are.
std::string stemOf(const std::string& name) {
    std::string out;
    for (const char c : name) {
        const auto byte = static_cast<unsigned char>(c);
        if (byte >= 0x80 || std::isalnum(byte) != 0) {
            out += static_cast<char>(byte >= 0x80 ? byte : std::tolower(byte));
        } else if (!out.empty() && !out.ends_with('-')) {
            out += '-';
        }
    }
    return shortened(out, kMostStem);
}

template <class Model>
void take(Model model, std::vector<Model>& own, const Libraries& libraries, ImportedGear& out) {
    const Model* same = findById(own, model.id);
    if (same != nullptr && *same == model) {
        out.changed.push_back({"'{name}' is in the plan already."_text, {{"name", model.name}}});
        return;
    }
    const std::string before = model.id;
    if (isLibraryGear(model, libraries)) {
        model.id = freshGearId("own." + before, own);
        out.changed.push_back(
            {"'{name}' has the id of library gear ({id}), which stays as it is: it is now {new}."_text,
             {{"name", model.name}, {"id", before}, {"new", model.id}}});
    } else if (same != nullptr) {
        model.id = freshGearId(before, own);
        out.changed.push_back(
            {"'{name}' differs from the plan's own '{old}' ({id}), which stays as it is: the new "
             "one is {new}."_text,
             {{"name", model.name}, {"old", same->name}, {"id", before}, {"new", model.id}}});
    }
    own.push_back(std::move(model));
    ++out.taken;
}

}  // namespace

const HardwareModel* findHardware(const Plan& plan, const Library& library, const std::string& id) {
    const HardwareModel* own = findById(plan.own.hardware, id);
    return own != nullptr ? own : findById(library.hardware, id);
}

std::string idOfName(const std::string& name) { return "own." + stemOf(name); }

ImportedGear withGear(Plan plan, const Shelf& shelf, const Libraries& libraries) {
    ImportedGear out;
    forEachKind(shelf, [&](const auto&, const auto& list) {
        using Model = typename std::remove_cvref_t<decltype(list)>::value_type;
        for (const Model& model : list) {
            take(model, listOf<Model>(plan.own), libraries, out);
        }
    });
    out.plan = std::move(plan);
    return out;
}

}  // namespace spirk
