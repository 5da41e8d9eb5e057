// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/explain/message.h"

#include <algorithm>

#include "core/result/match.h"
#include "core/result/promise.h"

namespace spirk {

std::string format(const Value& value, const Units& units) {
    return match(
        value,
        [&](const Measure& m) { return format(m, units); },
        [](const std::string& s) { return s; });
}

std::string english(const Message& message, const Units& units) {
    std::string out;
    std::size_t at = 0;
    while (at < message.pattern.size()) {
        const std::size_t open = message.pattern.find('{', at);
        if (open == std::string::npos) {
            return out + message.pattern.substr(at);
        }
        const std::size_t close = message.pattern.find('}', open);
        promise(close != std::string::npos, "message pattern closes its braces");
        const std::string name = message.pattern.substr(open + 1, close - open - 1);
        const auto found = std::ranges::find(message.values, name, &MessageValue::name);
        promise(found != message.values.end(), "message pattern has a value for each name");
        out += message.pattern.substr(at, open - at) + format(found->value, units);
        at = close + 1;
    }
    return out;
}

}  // namespace spirk
