// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Choices out of a fuzzer's bytes; when they are used up, all choices are the first.

#include <cstddef>
#include <cstdint>

namespace spirk::fuzz {

class Bytes {
public:
    Bytes(const std::uint8_t* data, std::size_t size) : data_(data), size_(size) {}

    [[nodiscard]] bool empty() const { return at_ >= size_; }
    [[nodiscard]] std::size_t below(std::size_t count) {
        return count == 0 ? 0 : (next() * 256U + next()) % count;
    }
    // The ends of the range as often as what lies between.
    [[nodiscard]] double within(double least, double most) {
        const std::size_t kind = below(4);
        const double part = static_cast<double>(below(65536)) / 65535.0;
        return kind == 0 ? least : kind == 1 ? most : least + (most - least) * part;
    }

private:
    std::size_t next() { return at_ < size_ ? data_[at_++] : 0U; }

    const std::uint8_t* data_;
    std::size_t size_;
    std::size_t at_ = 0;
};

}  // namespace spirk::fuzz
