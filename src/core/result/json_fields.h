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

#include "core/result/kept_field.h"
#include "core/result/result.h"

namespace spirk {

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
    std::string text(const std::string& key);
    std::string textOr(const std::string& key, const std::string& absent);
    bool flag(const std::string& key);
    std::vector<double> numbers(const std::string& key, std::size_t size, double low, double high);
    std::vector<double> numbers(const std::string& key, double low, double high);
    std::vector<std::string> texts(const std::string& key);
    JsonFields object(const std::string& key);
    std::vector<JsonFields> objects(const std::string& key);
    // Index of the field's text in `names`.
    std::size_t oneOf(const std::string& key, std::span<const std::string_view> names);
    // All keys in file order; the values are then read as usual.
    [[nodiscard]] std::vector<std::string> keys() const;
    // Keeps each key that nobody asked for, or notes it as a problem.
    void settleUnknownKeys();
    void problem(const std::string& key, std::string what, std::string remedy);
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

// The text of a file, or why it can't be read.
[[nodiscard]] Result<std::string> readFile(const std::string& path);
// The JSON of a text; `name` stands in the error, which gives line and column.
[[nodiscard]] Result<nlohmann::json> parseJson(const std::string& text, const std::string& name);
// Problems as one error for callers that can only show one: the first, and how many more.
[[nodiscard]] Error summary(const std::vector<Error>& problems);

}  // namespace spirk
