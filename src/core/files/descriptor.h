// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// An open file of the system, closed when it goes, and what the system says of an error.

#include <unistd.h>

#include <string>
#include <system_error>
#include <utility>

namespace spirk {

class Descriptor {
public:
    explicit Descriptor(int number) : number_(number) {}
    ~Descriptor() { (void)close(); }
    Descriptor(Descriptor&& other) noexcept : number_(std::exchange(other.number_, -1)) {}
    Descriptor& operator=(Descriptor&&) = delete;
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;

    // Below zero: not open.
    [[nodiscard]] int get() const { return number_; }
    // Whether it was closed without an error: some disks tell only now that they are full.
    [[nodiscard]] bool close() {
        const int number = std::exchange(number_, -1);
        return number < 0 || ::close(number) == 0;
    }

private:
    int number_;
};

[[nodiscard]] inline std::string systemSays(int code) {
    return std::generic_category().message(code);
}

}  // namespace spirk
