// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/exchange/table_json.h"

#include <charconv>
#include <nlohmann/json.hpp>

#include "core/base/promise.h"
#include "core/exchange/csv.h"

namespace spirk {

namespace {

using Json = nlohmann::ordered_json;

Json cell(const std::string& text) {
    double value = 0.0;
    const char* end = text.data() + text.size();
    const auto [at, error] = std::from_chars(text.data(), end, value);
    return error == std::errc() && at == end && !text.empty() ? Json(value) : Json(text);
}

}  // namespace

std::string tableFor(const std::string& path, const std::string& csv) {
    if (!path.ends_with(".json")) {
        return csv;
    }
    const auto rows = readCsv(csv);
    promise(rows.has_value() && !rows->empty(), "our own table can be read");
    const CsvRow& names = rows->front();
    Json out = Json::array();
    for (std::size_t r = 1; r < rows->size(); ++r) {
        Json row = Json::object();
        for (std::size_t c = 0; c < names.size(); ++c) {
            row[names[c]] = cell((*rows)[r][c]);
        }
        out.push_back(std::move(row));
    }
    return out.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

}  // namespace spirk
