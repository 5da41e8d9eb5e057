// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A sentence of the core: an English template with named, typed values in braces. The window may
// translate the template and format the values by locale; the command line prints it as it is.

#include <string>
#include <variant>
#include <vector>

#include "core/quantities/format.h"

namespace spirk {

// A figure or a name inside a sentence or a derivation.
using Value = std::variant<Measure, std::string>;

[[nodiscard]] std::string format(const Value& value, const Units& units = {});

struct MessageValue {
    std::string name;
    Value value;
    bool operator==(const MessageValue&) const = default;
};

struct Message {
    std::string pattern;
    std::vector<MessageValue> values;
    bool operator==(const Message&) const = default;
};

// The sentence in English. Requires every {name} of the pattern to have a value.
[[nodiscard]] std::string english(const Message& message, const Units& units = {});

}  // namespace spirk
