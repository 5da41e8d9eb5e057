// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The .spirk file: UTF-8 JSON with a format version, documented in docs/file-format.md. Numbers are
// stored in the unit that their key names. Reading notes every problem with its key path and gives
// a plan only where there is none; unknown keys are kept in it. Files of older versions are brought
// up to date; a newer version than this is refused and the file left untouched.

#include <string>
#include <vector>

#include "core/plan/plan.h"
#include "core/result/result.h"

namespace spirk {

inline constexpr int kPlanFormatVersion = 3;

// A plan, or all that is wrong with the file.
struct PlanReading {
    std::optional<Plan> plan;
    std::vector<Error> problems;
};

[[nodiscard]] PlanReading readPlan(const std::string& text, const std::string& name);
[[nodiscard]] PlanReading loadPlan(const std::string& path);

// The same for a plan that is to be worked with: also refused is what no library can tell the
// meaning of (see references.h).
[[nodiscard]] PlanReading openPlan(const std::string& path, const Libraries& libraries);

// The file's bytes; the same plan gives the same bytes.
[[nodiscard]] std::string writePlan(const Plan& plan);

// Saved as save_text.h says: after a power cut either the old or the new plan is there.
[[nodiscard]] Result<std::string> savePlan(const Plan& plan, const std::string& path);

}  // namespace spirk
