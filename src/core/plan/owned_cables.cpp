// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/owned_cables.h"

#include "core/reading/parse.h"

namespace spirk {

namespace {

std::string_view trimmed(std::string_view text) {
    while (!text.empty() && text.front() == ' ') {
        text.remove_prefix(1);
    }
    while (!text.empty() && text.back() == ' ') {
        text.remove_suffix(1);
    }
    return text;
}

bool isDigit(char c) { return c >= '0' && c <= '9'; }

// Where the size begins: at the last number. Whatever word a language puts before it, 'of', 'von',
// belongs to neither.
std::size_t sizeBegins(std::string_view text) {
    for (std::size_t at = text.size(); at-- > 1;) {
        if (isDigit(text[at]) && text[at - 1] == ' ') {
            return at;
        }
    }
    return std::string_view::npos;
}

// The length of '6 m', '6 m of', '6 m x'.
Result<Metres> lengthBefore(std::string_view text, const Units& units) {
    const auto whole = parseLength(text, units);
    const std::size_t last = text.rfind(' ');
    if (whole || last == std::string_view::npos) {
        return whole;
    }
    const auto less = parseLength(text.substr(0, last), units);
    return less ? less : whole;
}

Result<OwnedCable> parseOne(std::string_view text, const Units& units, CableSizes sizes) {
    const std::size_t at = sizeBegins(text);
    if (at == std::string_view::npos) {
        return failure({"'{text}' is not a length and a size."_text, {{"text", std::string(text)}}},
                       "cables",
                       "Write it like '6 m of 25 mm²', several separated by commas."_text);
    }
    const auto length = lengthBefore(trimmed(text.substr(0, at)), units);
    if (!length) {
        return tl::unexpected(length.error());
    }
    const auto area = parseArea(text.substr(at), sizes);
    if (!area) {
        return tl::unexpected(area.error());
    }
    return OwnedCable{*area, *length};
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
