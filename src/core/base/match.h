// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Visits a std::variant with one lambda per alternative; a missing one does not compile.

#include <variant>

namespace spirk {

template <class... Fs>
struct Match : Fs... {
    using Fs::operator()...;
};
// clang 14 needs the guide spelled out.
template <class... Fs>
Match(Fs...) -> Match<Fs...>;

template <class Variant, class... Fs>
decltype(auto) match(Variant&& variant, Fs&&... fs) {
    return std::visit(Match{std::forward<Fs>(fs)...}, std::forward<Variant>(variant));
}

}  // namespace spirk
