// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/gear_file.h"

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/base/shortened.h"
#include "core/quantities/tidy.h"
#include "core/reading/parse.h"
#include "core/reading/parse_json.h"

namespace spirk {

namespace {

using Json = nlohmann::ordered_json;

template <class Model>
Json gearRow(const GearFields<Model>& fields, const Model& model) {
    Json out{{"id", model.id}, {"name", model.name.english}};
    for (const TextField<Model>& field : fields.texts) {
        out[std::string(field.key)] = field.get(model);
    }
    for (const NumberField<Model>& field : fields.numbers) {
        const auto value = field.get(model);
        out[std::string(field.key)] = value ? Json(tidy(*value)) : Json(nullptr);
    }
    return out;
}

template <class Model>
void readList(const GearFields<Model>& fields, JsonFields& from, std::vector<Model>& into) {
    const std::string key(fields.list);
    if (!from.has(key)) {
        return;
    }
    for (JsonFields& row : from.objects(key, kMostGearOfAKind)) {
        Model out;
        readGear(row, out);
        if (out.id.empty() || findById(into, out.id) != nullptr) {
            row.problem(
                "id", "The id is empty or used twice."_text, "Give each entry its own id."_text);
        }
        into.push_back(std::move(out));
        row.settleUnknownKeys();
    }
}

}  // namespace

SquareMetres readArea(JsonFields& row) {
    if (!row.has("awg")) {
        return squareMillimetres(row.number("area_mm2", 0.1, 1000));
    }
    const std::string gauge = row.text("awg");
    const auto area = gaugeArea(gauge);
    if (!area) {
        row.problem("awg",
                    {"'{text}' is not a gauge."_text, {{"text", shortened(gauge, 20)}}},
                    "Write it like \"4\" or \"2/0\"."_text);
    }
    return area.value_or(squareMillimetres(1));
}

Shelf readShelf(JsonFields& fields) {
    Shelf out;
    forEachKind(out, [&](const auto& kind, auto& list) { readList(kind, fields, list); });
    return out;
}

Json writeShelf(const Shelf& shelf) {
    Json out = Json::object();
    forEachKind(shelf, [&](const auto& kind, const auto& list) {
        for (const auto& model : list) {
            out[std::string(kind.list)].push_back(gearRow(kind, model));
        }
    });
    return out;
}

GearReading readGearFile(const std::string& text, const std::string& name) {
    GearReading reading;
    const auto parsed = parseJson(text, name);
    if (!parsed) {
        reading.problems.push_back(parsed.error());
        return reading;
    }
    if (!parsed->is_object() || !parsed->contains("spirk_gear")) {
        reading.problems.push_back(
            {"This is not a file of gear."_text, name, "Choose a .spirkgear file."_text});
        return reading;
    }
    JsonFields root(*parsed, "", reading.problems);
    (void)root.integer("spirk_gear", 1, kGearFormatVersion);
    Shelf shelf = readShelf(root);
    root.settleUnknownKeys();
    if (reading.problems.empty()) {
        reading.shelf = std::move(shelf);
    }
    return reading;
}

std::string writeGearFile(const Shelf& shelf) {
    Json out{{"spirk_gear", kGearFormatVersion}};
    out.update(writeShelf(shelf));
    return out.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

bool empty(const Shelf& shelf) {
    bool none = true;
    forEachKind(shelf, [&](const auto&, const auto& list) { none = none && list.empty(); });
    return none;
}

}  // namespace spirk
