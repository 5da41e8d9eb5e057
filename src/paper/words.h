// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Texts and figures of the core in the person's language, for paper and window. The interface's
// language is the program's: its translators and its default locale.

#include <QString>
#include <string>

#include "core/result/result.h"
#include "core/text/text.h"

namespace spirk {

// The interface's language and decimal sign, with these units.
[[nodiscard]] Speech speech(const Units& units = {});

[[nodiscard]] inline QString q(const std::string& text) { return QString::fromStdString(text); }
[[nodiscard]] QString q(const Text& text, const Units& units = {});
[[nodiscard]] QString q(Phrase phrase);
[[nodiscard]] QString q(const Words& words);
[[nodiscard]] QString q(const Value& value, const Units& units = {});
[[nodiscard]] QString q(const Measure& measure, const Units& units = {});
template <int M, int Kg, int S, int A>
[[nodiscard]] QString q(Quantity<M, Kg, S, A> quantity, const Units& units = {}) {
    return q(measure(quantity), units);
}
[[nodiscard]] inline QString q(Celsius temperature, const Units& units = {}) {
    return q(measure(temperature), units);
}
// In one line.
[[nodiscard]] QString q(const Error& error);
// With ', ' in between.
[[nodiscard]] QString q(const std::vector<Text>& texts);
// A figure that was formatted before, '12.34': with the locale's decimal sign.
[[nodiscard]] QString localNumber(const std::string& number);

}  // namespace spirk
