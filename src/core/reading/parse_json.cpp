// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/parse_json.h"

#include <nlohmann/json.hpp>
#include <optional>
#include <set>
#include <utility>
#include <vector>

#include "core/base/shortened.h"
#include "core/reading/json_fields.h"

namespace spirk {

using nlohmann::json;

namespace {

constexpr std::size_t kMostShownToken = 40;

// The library's message carries line and column after its own tag in brackets, and the whole of
// what it read last.
std::string readable(const std::string& message) {
    const std::size_t tag = message.find("] ");
    std::string out = tag == std::string::npos ? message : message.substr(tag + 2);
    const std::string mark = "last read: '";
    const std::size_t token = out.find(mark);
    if (token != std::string::npos) {
        const std::size_t begin = token + mark.size();
        out = out.substr(0, begin) + shortened(out.substr(begin), kMostShownToken);
    }
    return shortened(out, kMostShownText);
}

// Walks the text without keeping it and stops at the first thing that may not be.
class Guard : public json::json_sax_t {
public:
    [[nodiscard]] const std::optional<Error>& problem() const { return problem_; }

    bool null() override { return value(); }
    bool boolean(bool) override { return value(); }
    bool number_integer(number_integer_t) override { return value(); }
    bool number_unsigned(number_unsigned_t) override { return value(); }
    bool number_float(number_float_t, const string_t&) override { return value(); }
    bool binary(binary_t&) override { return value(); }
    bool string(string_t& text) override {
        return value() && (text.size() <= kMostJsonText ||
                           refuse(tooLongText(kMostJsonText), "Shorten it."_text));
    }
    bool start_object(std::size_t) override { return open(Kind::Group); }
    bool end_object() override { return close(); }
    bool start_array(std::size_t) override { return open(Kind::List); }
    bool end_array() override { return close(); }
    bool key(string_t& name) override {
        Level& level = levels_.back();
        if (name.size() > kMostJsonKey) {
            return refuse(
                {"This field's name is longer than {n} bytes."_text, {{"n", count(kMostJsonKey)}}},
                "Shorten it."_text);
        }
        if (!level.seen.insert(name).second) {
            return refuse({"The field '{name}' appears twice in one group."_text,
                           {{"name", shortened(name, kMostShownToken)}}},
                          "Remove one of the two: Spirk does not guess which one counts."_text);
        }
        level.now = name;
        return true;
    }
    bool parse_error(std::size_t, const std::string&, const json::exception& e) override {
        problem_ =
            Error{{"This is not complete, valid JSON: {why}."_text, {{"why", readable(e.what())}}},
                  "",
                  "Restore the file from a copy; this one was left as it is."_text};
        return false;
    }

private:
    enum class Kind { Group, List };
    struct Level {
        Kind kind = Kind::Group;
        std::set<std::string> seen;
        std::string now;        // key of the value that is being read
        std::size_t index = 0;  // of the value that comes next in a list
    };

    bool value() {
        if (!levels_.empty() && levels_.back().kind == Kind::List) {
            ++levels_.back().index;
        }
        return true;
    }
    bool open(Kind kind) {
        value();
        if (levels_.size() >= kMostDepth) {
            return refuse({"Groups and lists are nested more than {n} deep here."_text,
                           {{"n", count(kMostDepth)}}},
                          "Remove what does not belong to a plan; no plan nests that deep."_text);
        }
        levels_.push_back({kind, {}, {}, 0});
        return true;
    }
    bool close() {
        levels_.pop_back();
        return true;
    }
    bool refuse(Text what, Text remedy) {
        problem_ = Error{std::move(what), place(), std::move(remedy)};
        return false;
    }
    [[nodiscard]] std::string place() const {
        std::string out;
        for (const Level& level : levels_) {
            if (level.kind == Kind::List) {
                out += "[" + std::to_string(level.index == 0 ? 0 : level.index - 1) + "]";
            } else if (!level.now.empty()) {
                out += (out.empty() ? "" : ".") + level.now;
            }
        }
        return shortened(out, kMostShownText);
    }

    std::vector<Level> levels_;
    std::optional<Error> problem_;
};

}  // namespace

Result<json> parseJson(const std::string& text, const std::string& name) {
    Guard guard;
    if (!json::sax_parse(text, &guard)) {
        Error error = *guard.problem();
        error.where = error.where.empty() ? name : name + ": " + error.where;
        return tl::unexpected(std::move(error));
    }
    // Cannot fail any more: the same parser has just read it.
    return json::parse(text);
}

}  // namespace spirk
