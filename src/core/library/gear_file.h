// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Gear as JSON, by the described tables: rows of the library, a person's own gear inside a plan,
// and gear files (.spirkgear) that carry it from plan to plan.

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <vector>

#include "core/library/gear_fields.h"
#include "core/reading/json_fields.h"

namespace spirk {

inline constexpr int kGearFormatVersion = 1;
// Judgement: nobody has so many data sheets of one kind.
inline constexpr std::size_t kMostGearOfAKind = 500;

// Size of a conductor: 'area_mm2', or 'awg' where it is sold by gauge.
[[nodiscard]] SquareMetres readArea(JsonFields& row);

// One entry; every problem is noted with its key.
template <class Model>
void readGear(JsonFields& row, Model& out) {
    const GearFields<Model>& fields = gearFields<Model>();
    const std::size_t before = row.problemCount();
    out.id = row.text("id");
    out.name.english = row.text("name");
    for (const TextField<Model>& field : fields.texts) {
        const std::string key(field.key);
        if (field.from == TextFrom::Choices) {
            std::vector<std::string_view> choices;
            for (const TextChoice& choice : field.choices) {
                choices.push_back(choice.id);
            }
            const bool given = field.presence == Presence::Required || row.has(key);
            field.set(out, std::string(choices[given ? row.oneOf(key, choices) : 0]));
        } else {
            field.set(out, row.text(key));
        }
    }
    for (const NumberField<Model>& field : fields.numbers) {
        const std::string key(field.key);
        field.set(out,
                  field.presence == Presence::Optional
                      ? row.maybeNumber(key, field.least, field.most)
                      : row.number(key, field.least, field.most));
    }
    // Numbers that could not be read contradict nothing.
    if (row.problemCount() == before) {
        for (const Error& error : contradictions(out)) {
            row.problem(error.where, error.what, error.remedy);
        }
    }
}

// All kinds of a shelf, each a list; a missing list is an empty one.
[[nodiscard]] Shelf readShelf(JsonFields& fields);
[[nodiscard]] nlohmann::ordered_json writeShelf(const Shelf& shelf);

// A gear file, or all that is wrong with it.
struct GearReading {
    std::optional<Shelf> shelf;
    std::vector<Error> problems;
};
[[nodiscard]] GearReading readGearFile(const std::string& text, const std::string& name);
[[nodiscard]] std::string writeGearFile(const Shelf& shelf);

[[nodiscard]] bool empty(const Shelf& shelf);

}  // namespace spirk
