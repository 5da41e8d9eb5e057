// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Text of unknown length, made fit for a message.

#include <string>
#include <string_view>

namespace spirk {

// Judgement: two lines of a window.
inline constexpr std::size_t kMostShownText = 200;
// Judgement: of an id or a word that somebody gave, in a sentence.
inline constexpr std::size_t kMostShownId = 60;

// At most about `most` bytes, cut between characters of UTF-8; what was cut shows as '…'.
[[nodiscard]] inline std::string shortened(std::string_view text, std::size_t most) {
    if (text.size() <= most) {
        return std::string(text);
    }
    std::size_t end = most;
    const auto continues = [&](std::size_t at) {
        return (static_cast<unsigned char>(text[at]) & 0xC0U) == 0x80U;
    };
    while (end > 0 && continues(end)) {
        --end;
    }
    return std::string(text.substr(0, end)) + "…";
}

}  // namespace spirk
