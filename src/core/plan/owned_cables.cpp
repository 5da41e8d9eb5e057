// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/owned_cables.h"

#include "core/reading/parse.h"

namespace spirk {

namespace {

constexpr std::string_view kOf = " of ";

Result<OwnedCable> parseOne(std::string_view text, const Units& units, CableSizes sizes) {
    const std::size_t at = text.find(kOf);
    if (at == std::string_view::npos) {
        return failure({"'{text}' is not a length and a size."_text, {{"text", std::string(text)}}},
                       "cables",
                       "Write it like '6 m of 25 mm²', several separated by commas."_text);
    }
    const auto length = parseLength(text.substr(0, at), units);
    if (!length) {
        return tl::unexpected(length.error());
    }
    const auto area = parseArea(text.substr(at + kOf.size()), sizes);
    if (!area) {
        return tl::unexpected(area.error());
    }
    return OwnedCable{*area, *length};
}

std::string_view trimmed(std::string_view text) {
    while (!text.empty() && text.front() == ' ') {
        text.remove_prefix(1);
    }
    while (!text.empty() && text.back() == ' ') {
        text.remove_suffix(1);
    }
    return text;
}

}  // namespace

Result<std::vector<OwnedCable>> parseOwnedCables(std::string_view text,
                                                 const Units& units,
                                                 CableSizes sizes) {
    std::vector<OwnedCable> out;
    text = trimmed(text);
    while (!text.empty()) {
        // A comma between digits is a decimal one.
        std::size_t comma = text.find(", ");
        comma = comma == std::string_view::npos ? text.size() : comma;
        const auto one = parseOne(trimmed(text.substr(0, comma)), units, sizes);
        if (!one) {
            return tl::unexpected(one.error());
        }
        out.push_back(*one);
        text = trimmed(text.substr(std::min(text.size(), comma + 1)));
    }
    return out;
}

Text textOf(const std::vector<OwnedCable>& cables) {
    Text out;
    for (const OwnedCable& cable : cables) {
        const Text one{"{length} of {size}"_text,
                       {{"length", measure(cable.length)}, {"size", measure(cable.area)}}};
        out = out.empty() ? one : Text("{first}, {second}"_text, {{"first", out}, {"second", one}});
    }
    return out;
}

}  // namespace spirk
