// SPDX-License-Identifier: GPL-3.0-or-later
// Anything typed into a field: refused with a reason, or a finite figure within the field's range
// that is understood again as it is shown.
#include <cmath>

#include "core/reading/parse.h"
#include "tests/fuzz/fuzz.h"

namespace {

using namespace spirk;  // NOLINT(google-build-using-namespace): a fuzz target, nobody includes it

template <class Parse>
void check(const std::string& text, const Parse& parse, double most) {
    const auto first = parse(text);
    if (!first) {
        fuzz::law(!first.error().what.empty() && !first.error().remedy.empty(), "says why");
        return;
    }
    const double value = measure(*first).si;
    fuzz::law(std::isfinite(value) && std::fabs(value) <= most, "finite and sane");
    fuzz::law(parse(format(*first)).has_value(), "what is shown is understood");
}

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const std::string text = fuzz::textOf(data, size);
    check(
        text, [](const std::string& t) { return parseLength(t); }, 101.0);
    check(
        text, [](const std::string& t) { return parseArea(t); }, 1.01e-3);
    check(
        text, [](const std::string& t) { return parsePower(t); }, 1.01e5);
    check(
        text, [](const std::string& t) { return parseHours(t); }, 24.01 * 3600.0);
    check(
        text, [](const std::string& t) { return parseCurrent(t); }, 1.01e4);
    check(
        text, [](const std::string& t) { return parseVoltage(t); }, 1001.0);
    check(
        text, [](const std::string& t) { return parseCharge(t); }, 1.01e4 * 3600.0);
    check(
        text, [](const std::string& t) { return parseTemperature(t); }, 151.0);
    const auto number = parseNumber(text, -5.0, 5.0);
    fuzz::law(!number || (*number >= -5.0 && *number <= 5.0), "within what was asked");
    return 0;
}
