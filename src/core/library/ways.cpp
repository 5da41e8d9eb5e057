// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <array>

#include "core/base/promise.h"
#include "core/library/table_readers.h"

namespace spirk {

namespace {

constexpr std::array<std::string_view, 16> kWayKindNames{"bank",
                                                         "main_rail",
                                                         "converter_rail",
                                                         "sub_rail",
                                                         "bond",
                                                         "sun",
                                                         "engine",
                                                         "relay",
                                                         "shore",
                                                         "combined",
                                                         "alternator",
                                                         "trickle",
                                                         "panels",
                                                         "monitor",
                                                         "inverter",
                                                         "circuits"};

WayOption readOption(JsonFields& row) {
    WayOption out;
    readName(row, out);
    readRows(row, "choices", out.choices, [](JsonFields& choice, WayChoice& into) {
        readName(choice, into);
        into.speaksFor.english = choice.text("speaks_for");
    });
    if (out.choices.empty()) {
        row.problem("choices", "An option has nothing to choose."_text, "Add its choices."_text);
    }
    return out;
}

}  // namespace

void readWays(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.ways, [](JsonFields& row, WayRow& out) {
        out.id = row.text("id");
        out.of = static_cast<WayKind>(row.oneOf("of", kWayKindNames));
        out.name.english = row.text("name");
        out.speaksFor.english = row.text("speaks_for");
        out.source = row.text("source");
        if (row.has("options")) {
            for (JsonFields& option : row.objects("options")) {
                out.options.push_back(readOption(option));
                option.settleUnknownKeys();
            }
        }
        out.pastSwitch = row.has("past_switch") && row.flag("past_switch");
        out.atInput = row.has("at_input") && row.flag("at_input");
    });
    for (std::size_t kind = 0; kind < kWayKindNames.size(); ++kind) {
        if (std::ranges::find(library.ways, static_cast<WayKind>(kind), &WayRow::of) ==
            library.ways.end()) {
            fields.problem("rows",
                           {"There is no way of the kind '{kind}'."_text,
                            {{"kind", std::string(kWayKindNames[kind])}}},
                           "Each kind needs at least one."_text);
        }
    }
}

const WayRow* findWay(const Library& library, WayKind of, const std::string& id) {
    const auto found = std::ranges::find_if(
        library.ways, [&](const WayRow& way) { return way.of == of && way.id == id; });
    return found == library.ways.end() ? nullptr : &*found;
}

const WayRow& usualWay(const Library& library, WayKind of) {
    const auto found = std::ranges::find(library.ways, of, &WayRow::of);
    promise(found != library.ways.end(), "each kind has a way: its reader holds it to that");
    return *found;
}

}  // namespace spirk
