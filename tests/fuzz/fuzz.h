// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What every fuzz target says when a law is broken: it stops, and the fuzzer keeps the input.

#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <string>

namespace spirk::fuzz {

inline void law(bool holds, const char* what) {
    if (!holds) {
        std::fprintf(stderr, "broken law: %s\n", what);
        std::abort();
    }
}

inline std::string textOf(const std::uint8_t* data, std::size_t size) {
    return {reinterpret_cast<const char*>(data), size};  // NOLINT: bytes are text here
}

}  // namespace spirk::fuzz
