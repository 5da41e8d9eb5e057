// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A number with its dimension, stored in SI. Named constructors and accessors (units.h) are the
// only way in and out, so that no bare number enters an interface. Arithmetic that makes no
// physical sense does not compile.

#include <cmath>
#include <compare>

namespace spirk {

// Exponents of metre, kilogram, second, ampere.
template <int M, int Kg, int S, int A>
class Quantity {
public:
    constexpr Quantity() = default;
    static constexpr Quantity fromSi(double value) { return Quantity(value); }
    [[nodiscard]] constexpr double si() const { return value_; }

    // NOLINTNEXTLINE(modernize-use-nullptr): clang-tidy 14 takes the rewritten 0 for a pointer
    constexpr auto operator<=>(const Quantity&) const = default;
    constexpr Quantity operator-() const { return Quantity(-value_); }
    constexpr Quantity& operator+=(Quantity o) {
        value_ += o.value_;
        return *this;
    }
    constexpr Quantity& operator-=(Quantity o) {
        value_ -= o.value_;
        return *this;
    }
    friend constexpr Quantity operator+(Quantity a, Quantity b) {
        return Quantity(a.value_ + b.value_);
    }
    friend constexpr Quantity operator-(Quantity a, Quantity b) {
        return Quantity(a.value_ - b.value_);
    }
    friend constexpr Quantity operator*(Quantity a, double k) { return Quantity(a.value_ * k); }
    friend constexpr Quantity operator*(double k, Quantity a) { return Quantity(a.value_ * k); }
    friend constexpr Quantity operator/(Quantity a, double k) { return Quantity(a.value_ / k); }
    friend constexpr double operator/(Quantity a, Quantity b) { return a.value_ / b.value_; }

private:
    constexpr explicit Quantity(double value) : value_(value) {}
    double value_ = 0.0;
};

template <int M, int Kg, int S, int A, int N, int G, int T, int B>
constexpr auto operator*(Quantity<M, Kg, S, A> a, Quantity<N, G, T, B> b) {
    return Quantity<M + N, Kg + G, S + T, A + B>::fromSi(a.si() * b.si());
}
template <int M, int Kg, int S, int A, int N, int G, int T, int B>
constexpr auto operator/(Quantity<M, Kg, S, A> a, Quantity<N, G, T, B> b) {
    return Quantity<M - N, Kg - G, S - T, A - B>::fromSi(a.si() / b.si());
}
template <int M, int Kg, int S, int A>
Quantity<M, Kg, S, A> abs(Quantity<M, Kg, S, A> q) {
    return Quantity<M, Kg, S, A>::fromSi(std::fabs(q.si()));
}

}  // namespace spirk
