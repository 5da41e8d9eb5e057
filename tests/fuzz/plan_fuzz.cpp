// SPDX-License-Identifier: GPL-3.0-or-later
// Any bytes as a plan's file: refused with a problem, or a plan that is written and read again
// unchanged, and that can be designed.
#include "core/design/design.h"
#include "core/plan/plan_file.h"
#include "tests/fuzz/libraries.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace spirk;  // NOLINT(google-build-using-namespace): the entry point is outside
    const PlanReading first = readPlan(fuzz::textOf(data, size), "fuzz");
    fuzz::law(first.plan.has_value() == first.problems.empty(), "a plan, or what is wrong");
    if (!first.plan) {
        return 0;
    }
    const std::string written = writePlan(*first.plan);
    const PlanReading again = readPlan(written, "again");
    fuzz::law(again.plan.has_value(), "what was written can be read");
    fuzz::law(writePlan(*again.plan) == written, "written twice, the same bytes");
    const Library& library = libraryFor(fuzz::libraries(), first.plan->region);
    fuzz::law(!design(*first.plan, library).why.all().empty(), "a plan that is read is designed");
    return 0;
}
