// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Text of the core: an English template with named, typed values in braces, which is put into words
// where it is shown: in the person's language, units and decimal sign, or in plain English.
//
// Marked once, where it is written: "{name}, fuse"_text. What the suffix marks is what there is to
// translate; the library's own words are marked by their type.

#include <functional>
#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "core/quantities/format.h"

namespace spirk {

// A literal of ours, to be translated. Requires that its characters live as long as the program.
struct Phrase {
    std::string_view english;
};
[[nodiscard]] constexpr Phrase operator""_text(const char* literal, std::size_t length) {
    return {{literal, length}};
}

// Words of the library's tables: translated as a whole, never a template.
struct Words {
    std::string english;
    [[nodiscard]] bool empty() const { return english.empty(); }
    // NOLINTNEXTLINE(modernize-use-nullptr): clang-tidy 14 takes the rewritten 0 for a pointer
    auto operator<=>(const Words&) const = default;
};

struct TextValue;

// Its values may be texts, so that all that makes, copies or ends one is defined where they are
// complete.
class Text {
public:
    Text() noexcept;
    // NOLINTNEXTLINE(google-explicit-constructor): a text without values is its phrase
    Text(Phrase phrase);
    // Requires a value for every {name} of the phrase.
    Text(Phrase phrase, std::vector<TextValue> values);
    // NOLINTNEXTLINE(google-explicit-constructor): the library's words are a text as they are
    Text(Words words);
    Text(const Text& other);
    Text(Text&& other) noexcept;
    Text& operator=(const Text& other);
    Text& operator=(Text&& other) noexcept;
    ~Text();
    // What a person gave: a name, a reason. It is nobody's to translate.
    [[nodiscard]] static Text given(std::string words);

    [[nodiscard]] bool empty() const { return pattern_.empty(); }
    [[nodiscard]] std::string_view pattern() const { return pattern_; }
    [[nodiscard]] const std::vector<TextValue>& values() const { return values_; }
    bool operator==(const Text& other) const;

private:
    std::string_view pattern_;
    std::vector<TextValue> values_;
};

// A figure or words inside a text or a derivation; a string is a person's, or a name in a file.
using Value = std::variant<Measure, std::string, Words, Text>;

struct TextValue {
    std::string_view name;  // a literal
    Value value;
    bool operator==(const TextValue&) const = default;
};

inline Text::Text() noexcept = default;
inline Text::Text(Phrase phrase) : pattern_(phrase.english) {}
inline Text::Text(Phrase phrase, std::vector<TextValue> values)
    : pattern_(phrase.english), values_(std::move(values)) {}
inline Text::Text(const Text& other) = default;
inline Text::Text(Text&& other) noexcept = default;
inline Text& Text::operator=(const Text& other) = default;
inline Text& Text::operator=(Text&& other) noexcept = default;
inline Text::~Text() = default;

// 'One' for a count of one, else 'many'; both may say {n}.
[[nodiscard]] Text counted(Phrase one, Phrase many, int n);
// One sentence after another; either may be empty.
[[nodiscard]] Text then(Text first, Text second);
// With ', ' in between.
[[nodiscard]] Text listed(const std::vector<Text>& texts);
// The text with one more value, for a phrase that is filled where another knows it.
[[nodiscard]] Text with(Text text, TextValue value);

// How texts are put into words: plain English with a decimal point, where nothing else is said.
struct Speech {
    Units units = {};
    char decimalSign = '.';
    // A template or words in the person's language; as they are where they have no translation.
    std::function<std::string(std::string_view english)> translated = {};
};
[[nodiscard]] std::string say(const Text& text, const Speech& speech);
[[nodiscard]] std::string say(const Value& value, const Speech& speech);
[[nodiscard]] std::string say(const Measure& measure, const Speech& speech);

[[nodiscard]] std::string english(const Text& text, const Units& units = {});
[[nodiscard]] std::string format(const Value& value, const Units& units = {});

}  // namespace spirk
