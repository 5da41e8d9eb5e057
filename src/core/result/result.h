// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Errors as values at the edges: reading a file, an entry field, a device. What is physically wrong
// with a plan is never an Error but a Finding.

#include <string>
#include <tl/expected.hpp>
#include <utility>
#include <vector>

#include "core/text/text.h"

namespace spirk {

struct Error {
    Text what;          // what went wrong, in words for the person
    std::string where;  // file, key path or field
    Text remedy;        // what to do about it
    bool operator==(const Error&) const = default;
};

// tl::expected is not [[nodiscard]] and an alias could not make it so, hence a class.
template <class T>
class [[nodiscard]] Result : public tl::expected<T, Error> {
public:
    using tl::expected<T, Error>::expected;
    // NOLINTNEXTLINE(google-explicit-constructor): a Result is meant to convert from its base
    Result(tl::expected<T, Error> e) : tl::expected<T, Error>(std::move(e)) {}
};

// Shorthand for returning an error from a function that gives a Result.
[[nodiscard]] inline tl::unexpected<Error> failure(Text what, std::string where, Text remedy) {
    return tl::unexpected<Error>(Error{std::move(what), std::move(where), std::move(remedy)});
}

// One line for a log or a terminal: what, where and remedy.
[[nodiscard]] inline std::string oneLine(const Error& e, const Speech& speech = {}) {
    const std::string text = say(then(e.what, e.remedy), speech);
    return e.where.empty() ? text : e.where + ": " + text;
}

}  // namespace spirk
