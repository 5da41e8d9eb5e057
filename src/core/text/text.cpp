// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/text/text.h"

#include <algorithm>
#include <utility>

#include "core/base/match.h"
#include "core/base/promise.h"

namespace spirk {

namespace {

constexpr std::string_view kWhole = "{}";  // a text that is its one value

std::string inLanguage(std::string_view english, const Speech& speech) {
    return speech.translated && !english.empty() && english != kWhole ? speech.translated(english)
                                                                      : std::string(english);
}

const Value& valueOf(const Text& text, std::string_view name) {
    const auto found = std::ranges::find(text.values(), name, &TextValue::name);
    promise(found != text.values().end(), "a text has a value for each name of its template");
    return found->value;
}

}  // namespace

Text::Text(Words words) {
    if (!words.english.empty()) {
        pattern_ = kWhole;
        values_.push_back({"", std::move(words)});
    }
}

Text Text::given(std::string words) {
    return words.empty() ? Text() : Text(Phrase{kWhole}, {{"", std::move(words)}});
}

// Spelled out: clang 14 cannot make it of a type that holds itself.
bool Text::operator==(const Text& other) const {
    return pattern_ == other.pattern_ && values_ == other.values_;
}

Text counted(Phrase one, Phrase many, int n) { return {n == 1 ? one : many, {{"n", count(n)}}}; }

Text then(Text first, Text second) {
    if (first.empty() || second.empty()) {
        return first.empty() ? second : first;
    }
    return {"{first} {second}"_text, {{"first", std::move(first)}, {"second", std::move(second)}}};
}

Text listed(const std::vector<Text>& texts) {
    Text out;
    for (const Text& text : texts) {
        out =
            out.empty() ? text : Text("{first}, {second}"_text, {{"first", out}, {"second", text}});
    }
    return out;
}

Text with(Text text, TextValue value) {
    std::vector<TextValue> values = text.values();
    values.push_back(std::move(value));
    return {Phrase{text.pattern()}, std::move(values)};
}

std::string say(const Measure& measure, const Speech& speech) {
    std::string out = format(measure, speech.units);
    const std::size_t point = out.find('.');
    if (point != std::string::npos) {
        out[point] = speech.decimalSign;
    }
    return out;
}

std::string say(const Value& value, const Speech& speech) {
    return match(
        value,
        [&](const Measure& m) { return say(m, speech); },
        [](const std::string& given) { return given; },
        [&](const Words& w) { return inLanguage(w.english, speech); },
        [&](const Text& t) { return say(t, speech); });
}

std::string say(const Text& text, const Speech& speech) {
    const std::string pattern = inLanguage(text.pattern(), speech);
    std::string out;
    std::size_t at = 0;
    while (at < pattern.size()) {
        const std::size_t open = pattern.find('{', at);
        if (open == std::string::npos) {
            return out.append(pattern, at);
        }
        const std::size_t close = pattern.find('}', open);
        promise(close != std::string::npos, "a text's template closes its braces");
        out.append(pattern, at, open - at);
        const auto name = std::string_view(pattern).substr(open + 1, close - open - 1);
        out += say(valueOf(text, name), speech);
        at = close + 1;
    }
    return out;
}

std::string english(const Text& text, const Units& units) {
    return say(text, Speech{.units = units});
}

std::string format(const Value& value, const Units& units) {
    return say(value, Speech{.units = units});
}

}  // namespace spirk
