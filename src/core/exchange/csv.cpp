// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/exchange/csv.h"

#include <charconv>
#include <string_view>
#include <utility>

namespace spirk {

namespace {

bool isNumber(const std::string& cell) {
    double ignored = 0.0;
    const char* end = cell.data() + cell.size();
    const auto read = std::from_chars(cell.data(), end, ignored);
    return read.ec == std::errc() && read.ptr == end;
}

// A spreadsheet takes a cell that begins like this for a formula and runs it. The usual way to have
// it as text is an apostrophe before it; one that is there already gets another, so that reading
// gives back what was written.
bool readsAsFormula(const std::string& cell) {
    const std::size_t first = cell.find_first_not_of('\'');
    return first != std::string::npos &&
           std::string_view("=+-@\t\r").find(cell[first]) != std::string_view::npos;
}

std::string asText(const std::string& cell) {
    return readsAsFormula(cell) && !isNumber(cell) ? "'" + cell : cell;
}
std::string fromText(std::string cell) {
    if (cell.starts_with('\'') && readsAsFormula(cell)) {
        cell.erase(0, 1);
    }
    return cell;
}

std::string quoted(const std::string& cell) {
    if (cell.find_first_of(",\"\r\n") == std::string::npos) {
        return cell;
    }
    std::string out = "\"";
    for (const char c : cell) {
        out += c;
        if (c == '"') {
            out += '"';
        }
    }
    return out + "\"";
}

std::string plain(double value) {
    char buffer[40];
    const auto end =
        std::to_chars(buffer, buffer + sizeof buffer, value, std::chars_format::general, 6);
    return {buffer, end.ptr};
}

std::string joined(const std::vector<Text>& parts) {
    std::string out;
    for (const Text& part : parts) {
        out += (out.empty() ? "" : " ") + english(part);
    }
    return out;
}

}  // namespace

std::string writeCsv(const std::vector<CsvRow>& rows) {
    std::string out;
    for (const CsvRow& row : rows) {
        for (std::size_t i = 0; i < row.size(); ++i) {
            out += (i == 0 ? "" : ",") + quoted(asText(row[i]));
        }
        out += "\r\n";
    }
    return out;
}

Result<std::vector<CsvRow>> readCsv(const std::string& text) {
    std::vector<CsvRow> rows;
    CsvRow row;
    std::string cell;
    bool inQuotes = false;
    int line = 1;
    int quoteLine = 0;
    const auto endCell = [&] { row.push_back(fromText(std::exchange(cell, {}))); };
    const auto endRow = [&] {
        endCell();
        rows.push_back(std::exchange(row, {}));
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        line += c == '\n' ? 1 : 0;
        if (inQuotes && c == '"' && i + 1 < text.size() && text[i + 1] == '"') {
            cell += '"';
            ++i;
        } else if (c == '"') {
            inQuotes = !inQuotes;
            quoteLine = line;
        } else if (!inQuotes && c == ',') {
            endCell();
        } else if (!inQuotes && c == '\n') {
            endRow();
        } else if (inQuotes || c != '\r') {
            cell += c;
        }
    }
    if (inQuotes) {
        return failure({"A quote is not closed in line {n}."_text, {{"n", count(quoteLine)}}},
                       "",
                       "Close it."_text);
    }
    if (!cell.empty() || !row.empty()) {
        endRow();
    }
    return rows;
}

std::string partsCsv(const Design& design) {
    std::vector<CsvRow> rows{
        {"group", "part", "quantity", "unit", "weight_kg", "price", "currency", "used_by"}};
    for (const Part& p : design.build.parts) {
        const bool length = p.quantity.unit == Unit::Metre;
        rows.push_back({std::string(kPartGroupNames.at(static_cast<std::size_t>(p.group))),
                        english(p.name),
                        plain(p.quantity.si),
                        length ? "m" : "pieces",
                        plain(p.weightKg),
                        plain(p.price),
                        design.build.currency,
                        joined(p.usedBy)});
    }
    return writeCsv(rows);
}

std::string cutsCsv(const Design& design) {
    std::vector<CsvRow> rows{{"piece",
                              "from",
                              "from_lug",
                              "to",
                              "to_lug",
                              "area_mm2",
                              "insulation",
                              "colour",
                              "length_mm"}};
    for (const CutPiece& c : design.build.cuts) {
        rows.push_back({c.piece,
                        english(c.from),
                        english(c.fromLug),
                        english(c.to),
                        english(c.toLug),
                        plain(inMm2(c.area)),
                        english(c.insulation),
                        english(c.colour),
                        plain(inMillimetres(c.length))});
    }
    return writeCsv(rows);
}

std::string labelsCsv(const Design& design) {
    std::vector<CsvRow> rows{{"number", "line_1", "line_2"}};
    for (const LabelText& l : design.build.labels) {
        rows.push_back({std::to_string(l.number), english(l.first), english(l.second)});
    }
    for (const WarningLabel& l : design.build.warnings) {
        rows.push_back({"", english(l.first), english(l.second)});
    }
    return writeCsv(rows);
}

std::string cablesCsv(const Design& design, const Library& library) {
    std::vector<CsvRow> rows{{"number",
                              "conductor",
                              "name",
                              "load_a",
                              "area_mm2",
                              "ampacity_a",
                              "fuse",
                              "fuse_a",
                              "length_m",
                              "drop_v",
                              "fault_near_a",
                              "fault_far_a"}};
    for (std::size_t i = 0; i < design.cables.rows.size(); ++i) {
        const Conductor& c = design.wiring.circuit.conductors[i];
        const CableRow& r = design.cables.rows[i];
        if (!isOurs(c)) {
            continue;
        }
        const bool fuse = r.fuseFrom && !r.fuseFrom->leftOut;
        rows.push_back({std::to_string(design.build.numbers.at(c.id)),
                        c.id.value,
                        english(c.name),
                        plain(r.load.si()),
                        plain(inMm2(r.area)),
                        plain(r.ampacity.si()),
                        fuse ? familyOf(library, r.fuseFrom->family).name.english : "",
                        fuse ? plain(r.fuseFrom->rating.si()) : "",
                        plain(design.lengths.routes[i].length.si()),
                        plain(r.drop.si()),
                        plain(r.faultNear.si()),
                        plain(r.faultFar.si())});
    }
    return writeCsv(rows);
}

}  // namespace spirk
