// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/kept_field.h"

#include <algorithm>
#include <charconv>
#include <nlohmann/json.hpp>

namespace spirk {

namespace {

using Json = nlohmann::ordered_json;

Json* entryOf(Json& list, const std::string& segment) {
    const std::string_view wanted = std::string_view(segment).substr(1);
    if (segment.front() == '=') {
        const auto found = std::ranges::find_if(list, [&](const Json& entry) {
            return entry.is_object() && entry.value("id", "") == wanted;
        });
        return found == list.end() ? nullptr : &*found;
    }
    std::size_t index = 0;
    std::from_chars(wanted.data(), wanted.data() + wanted.size(), index);
    return index < list.size() ? &list[index] : nullptr;
}

Json* childOf(Json& at, const std::string& segment) {
    if (at.is_array()) {
        return entryOf(at, segment);
    }
    const auto found = at.find(segment);
    return found == at.end() ? nullptr : &*found;
}

}  // namespace

std::string describe(const KeptField& field) {
    std::string out;
    for (const std::string& segment : field.place) {
        const bool entry = segment.front() == '=' || segment.front() == '#';
        out += entry ? "[" + segment.substr(1) + "]" : (out.empty() ? "" : ".") + segment;
    }
    return out.empty() ? field.key : out + "." + field.key;
}

void restore(const std::vector<KeptField>& fields, Json& root) {
    for (const KeptField& field : fields) {
        Json* at = &root;
        for (const std::string& segment : field.place) {
            at = at == nullptr ? nullptr : childOf(*at, segment);
        }
        if (at != nullptr && at->is_object() && !at->contains(field.key)) {
            (*at)[field.key] = Json::parse(field.json);
        }
    }
}

}  // namespace spirk
