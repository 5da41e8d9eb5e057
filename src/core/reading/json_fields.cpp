// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/json_fields.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <sstream>

#include "core/base/promise.h"
#include "core/base/shortened.h"

namespace spirk {

using nlohmann::json;

namespace {

const json& emptyObject() {
    static const json empty = json::object();
    return empty;
}

// Judgement: a later version may know so many more.
constexpr std::size_t kMostKept = 1000;

std::string shortNumber(double value) {
    std::ostringstream out;
    out.imbue(std::locale::classic());
    out << value;
    return out.str();
}

}  // namespace

JsonFields::JsonFields(const json& object,
                       std::string path,
                       std::vector<Error>& problems,
                       std::vector<KeptField>* kept)
    : object_(&object), path_(std::move(path)), problems_(&problems), kept_(kept) {
    if (!object.is_object()) {
        problems_->push_back(
            {"Expected a group of fields in braces."_text, path_, "Check this place."_text});
        object_ = &emptyObject();
    }
}

void JsonFields::problem(const std::string& key, Text what, Text remedy) {
    const std::string where = path_.empty() ? key : path_ + "." + key;
    problems_->push_back({std::move(what), shortened(where, kMostShownText), std::move(remedy)});
}

bool JsonFields::has(std::string_view key) const { return object_->contains(std::string(key)); }

const json* JsonFields::find(const std::string& key) {
    asked_.insert(key);
    const auto found = object_->find(key);
    return found == object_->end() || found->is_null() ? nullptr : &*found;
}

const json* JsonFields::need(const std::string& key) {
    const json* value = find(key);
    if (value == nullptr) {
        problem(
            key, "This field is missing."_text, "Add it, or restore the file from a copy."_text);
    }
    return value;
}

double JsonFields::asNumber(const json& value, const std::string& key, double low, double high) {
    if (!value.is_number()) {
        problem(key, "Expected a number."_text, "Write a plain number without quotes."_text);
        return low;
    }
    const double number = value.get<double>();
    if (!std::isfinite(number) || number < low || number > high) {
        problem(key,
                {"The number {number} is out of range."_text, {{"number", shortNumber(number)}}},
                {"Use {low} to {high}."_text,
                 {{"low", shortNumber(low)}, {"high", shortNumber(high)}}});
        return low;
    }
    return number;
}

double JsonFields::number(const std::string& key, double low, double high) {
    const json* value = need(key);
    return value == nullptr ? low : asNumber(*value, key, low, high);
}

std::optional<double> JsonFields::maybeNumber(const std::string& key, double low, double high) {
    const json* value = find(key);
    return value == nullptr ? std::nullopt : std::optional(asNumber(*value, key, low, high));
}

int JsonFields::integer(const std::string& key, int low, int high) {
    const double value = number(key, low, high);
    if (value != std::floor(value)) {
        problem(key, "Expected a whole number."_text, "Leave the fraction out."_text);
    }
    return static_cast<int>(value);
}

std::string JsonFields::text(const std::string& key, std::size_t most) {
    const json* value = need(key);
    if (value == nullptr) {
        return {};
    }
    if (!value->is_string()) {
        problem(key, "Expected text."_text, "Write it in quotes."_text);
        return {};
    }
    if (value->get_ref<const std::string&>().size() > most) {
        problem(key, tooLongText(most), "Shorten it."_text);
        return {};
    }
    return value->get<std::string>();
}

std::string JsonFields::textOr(const std::string& key,
                               const std::string& absent,
                               std::size_t most) {
    return find(key) == nullptr ? absent : text(key, most);
}

bool JsonFields::flag(const std::string& key) {
    const json* value = need(key);
    if (value != nullptr && !value->is_boolean()) {
        problem(key, "Expected true or false."_text, "Write true or false without quotes."_text);
        return false;
    }
    return value != nullptr && value->get<bool>();
}

std::vector<double> JsonFields::numbers(const std::string& key, double low, double high) {
    const json* value = need(key);
    std::vector<double> out;
    if (value == nullptr || !value->is_array()) {
        problem(key, "Expected a list of numbers."_text, "Write them in square brackets."_text);
        return out;
    }
    for (std::size_t i = 0; i < value->size(); ++i) {
        out.push_back(asNumber((*value)[i], key + "[" + std::to_string(i) + "]", low, high));
    }
    return out;
}

std::vector<double> JsonFields::numbers(const std::string& key,
                                        std::size_t size,
                                        double low,
                                        double high) {
    std::vector<double> out = numbers(key, low, high);
    if (out.size() != size) {
        problem(
            key, {"Expected {n} numbers."_text, {{"n", count(size)}}}, "Complete the list."_text);
        out.resize(size, low);
    }
    return out;
}

std::vector<std::string> JsonFields::texts(const std::string& key) {
    const json* value = need(key);
    std::vector<std::string> out;
    const bool list = value != nullptr && value->is_array();
    if (!list || !std::ranges::all_of(*value, [](const json& v) { return v.is_string(); })) {
        problem(key,
                "Expected a list of texts."_text,
                "Write them in quotes, in square brackets."_text);
        return out;
    }
    return value->get<std::vector<std::string>>();
}

JsonFields JsonFields::object(const std::string& key) {
    const json* value = need(key);
    return child(
        value == nullptr ? emptyObject() : *value, path_.empty() ? key : path_ + "." + key, key);
}

JsonFields JsonFields::child(const json& object, std::string path, std::string segment) const {
    JsonFields out(object, std::move(path), *problems_, kept_);
    out.place_ = place_;
    out.place_.push_back(std::move(segment));
    return out;
}

std::vector<JsonFields> JsonFields::objects(const std::string& key, std::size_t most) {
    const json* value = need(key);
    std::vector<JsonFields> out;
    if (value == nullptr || !value->is_array()) {
        problem(key, "Expected a list."_text, "Write it in square brackets."_text);
        return out;
    }
    if (value->size() > most) {
        problem(key,
                {"The list has {n} entries; at most {most} are read."_text,
                 {{"n", count(value->size())}, {"most", count(most)}}},
                "Remove what is not needed."_text);
        return out;
    }
    const std::string base = path_.empty() ? key : path_ + "." + key;
    for (std::size_t i = 0; i < value->size(); ++i) {
        const json& entry = (*value)[i];
        const auto id = entry.find("id");
        const bool named = entry.is_object() && id != entry.end() && id->is_string();
        const std::string index = std::to_string(i);
        JsonFields row = child(
            entry, base + "[" + index + "]", named ? "=" + id->get<std::string>() : "#" + index);
        row.place_.insert(row.place_.end() - 1, key);
        out.push_back(std::move(row));
    }
    return out;
}

std::size_t JsonFields::oneOf(const std::string& key, std::span<const std::string_view> names) {
    const std::string given = text(key);
    const auto found = std::ranges::find(names, given);
    if (found != names.end()) {
        return static_cast<std::size_t>(found - names.begin());
    }
    std::string all;
    for (const std::string_view one : names) {
        all += (all.empty() ? "'" : ", '") + std::string(one) + "'";
    }
    problem(key,
            {"'{given}' is not known here."_text, {{"given", shortened(given, kMostShownId)}}},
            {"Use one of {all}."_text, {{"all", all}}});
    return 0;
}

std::vector<std::string> JsonFields::keys(std::size_t most) {
    std::vector<std::string> out;
    if (object_->size() > most) {
        problems_->push_back({{"The group has {n} fields; at most {most} are read."_text,
                               {{"n", count(object_->size())}, {"most", count(most)}}},
                              path_,
                              "Remove what is not needed."_text});
        return out;
    }
    for (const auto& [key, value] : object_->items()) {
        out.push_back(key);
    }
    return out;
}

void JsonFields::settleUnknownKeys() {
    for (const auto& [key, value] : object_->items()) {
        if (asked_.contains(key)) {
            continue;
        }
        if (kept_ != nullptr && kept_->size() < kMostKept) {
            kept_->push_back({place_, key, value.dump()});
        } else if (kept_ != nullptr) {
            problem(key,
                    {"More than {n} fields of this file are not known to this version."_text,
                     {{"n", count(kMostKept)}}},
                    "Is it a plan? Open it with the version that wrote it."_text);
            return;
        } else {
            problem(key,
                    "This field is not known to this version."_text,
                    "Open the file with the version that wrote it, or remove the field."_text);
        }
    }
}

Text tooLongText(std::size_t most) {
    return {"This text is longer than {n} bytes."_text, {{"n", count(most)}}};
}

Error summary(const std::vector<Error>& problems) {
    promise(!problems.empty(), "a summary needs a problem");
    Error first = problems.front();
    if (problems.size() > 1) {
        first.remedy = then(std::move(first.remedy),
                            counted("({n} more problem in this file.)"_text,
                                    "({n} more problems in this file.)"_text,
                                    static_cast<int>(problems.size() - 1)));
    }
    return first;
}

}  // namespace spirk
