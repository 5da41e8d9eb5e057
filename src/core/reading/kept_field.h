// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A field of a file that this version does not know. It is reported, kept with the value, and
// written again where it stood, so that a file from elsewhere loses nothing.

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

namespace spirk {

struct KeptField {
    // The way to the group it stands in: keys, and for entries of a list '=id' where the entry has
    // an id, else '#index'.
    std::vector<std::string> place;
    std::string key;
    std::string json;  // its value as text
    bool operator==(const KeptField&) const = default;
};

// 'appliances[=fridge].colour': for messages.
[[nodiscard]] std::string describe(const KeptField& field);

// Writes each back into `root`; one whose place has gone is left out with it.
void restore(const std::vector<KeptField>& fields, nlohmann::ordered_json& root);

}  // namespace spirk
