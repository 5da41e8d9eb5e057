// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Reads the fields of a JSON object one by one and notes every problem with its key path: missing,
// wrong type, out of range, unknown key. The caller goes on reading and looks at the problems at
// the end, so that a person sees all of them, not the first. Fallbacks it returns after a problem
// are never used by anyone: a reader with problems gives no value.

#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <set>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/reading/kept_field.h"
#include "core/result/result.h"

namespace spirk {

// Judgements: what a name or an id may take, and what a table or a list that nobody types may.
inline constexpr std::size_t kMostText = 500;  // bytes
inline constexpr std::size_t kMostEntries = 10'000;

class JsonFields {
public:
    // Borrows all but `path` for its lifetime. `path` names the object in messages. With `kept`,
    // unknown keys are kept there; without, they are problems.
    JsonFields(const nlohmann::json& object,
               std::string path,
               std::vector<Error>& problems,
               std::vector<KeptField>* kept = nullptr);

    [[nodiscard]] bool has(std::string_view key) const;
    double number(const std::string& key, double low, double high);
    std::optional<double> maybeNumber(const std::string& key, double low, double high);
    int integer(const std::string& key, int low, int high);
    // At most `most` bytes long.
    std::string text(const std::string& key, std::size_t most = kMostText);
    std::string textOr(const std::string& key,
                       const std::string& absent,
                       std::size_t most = kMostText);
    bool flag(const std::string& key);
    std::vector<double> numbers(const std::string& key, std::size_t size, double low, double high);
    std::vector<double> numbers(const std::string& key, double low, double high);
    std::vector<std::string> texts(const std::string& key);
    JsonFields object(const std::string& key);
    // At most `most` of them: a longer list is a problem, and none of it is read.
    std::vector<JsonFields> objects(const std::string& key, std::size_t most = kMostEntries);
    // Index of the field's text in `names`.
    std::size_t oneOf(const std::string& key, std::span<const std::string_view> names);
    // All keys, sorted; the values are then read as usual. More than `most` are a problem, and none
    // of them is given.
    [[nodiscard]] std::vector<std::string> keys(std::size_t most = kMostEntries);
    // Keeps each key that nobody asked for, or notes it as a problem.
    void settleUnknownKeys();
    void problem(const std::string& key, Text what, Text remedy);
    // So far, of the whole file.
    [[nodiscard]] std::size_t problemCount() const { return problems_->size(); }
    [[nodiscard]] const std::string& path() const { return path_; }

private:
    const nlohmann::json* find(const std::string& key);
    const nlohmann::json* need(const std::string& key);
    JsonFields child(const nlohmann::json& object, std::string path, std::string segment) const;
    double asNumber(const nlohmann::json& value, const std::string& key, double low, double high);

    const nlohmann::json* object_;
    std::string path_;
    std::vector<Error>* problems_;
    std::vector<KeptField>* kept_;
    std::vector<std::string> place_;  // as in KeptField
    std::set<std::string> asked_;
};

// 'This text is longer than ...'
[[nodiscard]] Text tooLongText(std::size_t most);

// Problems as one error for callers that can only show one: the first, and how many more.
[[nodiscard]] Error summary(const std::vector<Error>& problems);

}  // namespace spirk
