// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <array>
#include <string_view>

#include "core/library/gear_file.h"
#include "core/library/table_readers.h"
#include "core/library/unit_names.h"

namespace spirk {

namespace {

constexpr std::array<std::string_view, 3> kMounts{"block", "holder", "stud"};
constexpr std::array<std::string_view, 5> kStandings{
    "vans", "boat", "maker", "practice", "general"};
constexpr std::array<std::string_view, 3> kSeverities{"danger", "fault", "advice"};

std::map<SquareMetres, Amps> readAmps(JsonFields& column) {
    std::map<SquareMetres, Amps> out;
    for (JsonFields& row : column.objects("rows")) {
        const SquareMetres area = readArea(row);
        out[area] = amps(row.number("amps", 1, 2000));
        row.settleUnknownKeys();
    }
    return out;
}

std::vector<EnvelopePoint> readEnvelope(JsonFields& family) {
    std::vector<EnvelopePoint> points;
    for (JsonFields& row : family.objects("envelope")) {
        EnvelopePoint point;
        point.multiple = row.number("multiple", 1.0, 100.0);
        point.shortest = seconds(row.number("shortest_s", 1e-4, 1e6));
        if (const auto longest = row.maybeNumber("longest_s", 1e-4, 1e6)) {
            point.longest = seconds(*longest);
        }
        if (!points.empty() && points.back().multiple >= point.multiple) {
            row.problem("multiple", "The envelope must rise."_text, "Sort its points."_text);
        }
        points.push_back(point);
        row.settleUnknownKeys();
    }
    return points;
}

}  // namespace

std::vector<Region> readRegions(JsonFields& fields) {
    std::vector<Region> out;
    readRows(fields, "rows", out, [](JsonFields& row, Region& region) {
        readName(row, region);
        region.currency = row.text("currency");
        region.units.length = static_cast<LengthUnit>(row.oneOf("length", kLengthUnitNames));
        region.units.temperature =
            static_cast<TemperatureUnit>(row.oneOf("temperature", kTemperatureUnitNames));
        region.heavyInsulation = row.text("heavy_insulation");
        region.smallInsulation = row.text("small_insulation");
        region.solarInsulation = row.text("solar_insulation");
        region.comparison = row.text("comparison");
        region.firstClimate = row.text("first_climate");
        region.positive.english = row.text("positive");
        region.negative.english = row.text("negative");
        region.arrayPositive.english = row.text("array_positive");
        region.arrayNegative.english = row.text("array_negative");
        region.control.english = row.text("control");
        for (const std::string& colour : row.texts("negative_choices")) {
            region.negatives.emplace_back().english = colour;
        }
        if (region.negatives.empty() || region.negatives.front() != region.negative) {
            row.problem("negative_choices",
                        "The usual colour of a negative is the first of its choices."_text,
                        "Put it first."_text);
        }
    });
    return out;
}

void readConductors(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.conductors, [&](JsonFields& row, ConductorRow& out) {
        out.area = readArea(row);
        out.ohmPerMetre20 = row.number("r20_ohm_per_km", 0.01, 200) * 1e-3;
        out.outerDiameter = millimetres(row.number("outer_mm", 0.1, 60));
        out.largestDevice = amps(row.maybeNumber("largest_device_a", 1, 100).value_or(0.0));
        if (!library.conductors.empty() && library.conductors.back().area >= out.area) {
            row.problem("area", "Rows must rise with the area."_text, "Sort the rows."_text);
        }
    });
}

void readAmpacity(JsonFields& fields, Library& library) {
    readRows(fields, "columns", library.ampacity, [](JsonFields& column, AmpacityColumn& out) {
        readName(column, out);
        out.source = column.text("source");
        out.certainty = column.text("certainty");
        out.maximum = celsius(column.number("max_c", 40, 250));
        out.reference = celsius(column.number("reference_c", 0, 100));
        out.adiabaticK = column.number("adiabatic_k", 50, 250);
        out.adiabaticSource = column.text("adiabatic_source");
        out.noGain = column.has("no_gain") && column.flag("no_gain");
        out.satisfiesChecks = column.flag("satisfies_checks");
        out.amps = readAmps(column);
    });
}

constexpr std::size_t kMostVoltages = 10;

void readUses(JsonFields& row, const FuseFamily& family, Library& library) {
    for (const std::string& use :
         row.has("usual_at") ? row.texts("usual_at") : std::vector<std::string>()) {
        const auto at = std::ranges::find(kFuseUseNames, use);
        if (at == kFuseUseNames.end()) {
            row.problem(
                "usual_at", "There is no such use of fuses."_text, "Correct the table."_text);
            continue;
        }
        library.usualFuses[static_cast<std::size_t>(at - kFuseUseNames.begin())].push_back(
            family.id);
    }
}

void readFuses(JsonFields& fields, Library& library) {
    readRows(fields, "families", library.fuses, [&](JsonFields& row, FuseFamily& out) {
        readName(row, out);
        out.shortName.english = row.text("short_name");
        out.source = row.text("source");
        out.certainty = row.text("certainty");
        out.mount = static_cast<FuseMount>(row.oneOf("mount", kMounts));
        out.stud = row.text("stud");
        if (row.has("stud_up_to_a")) {
            for (JsonFields& at : row.objects("stud_up_to_a", kMostVoltages)) {
                out.studUpTo[amps(at.number("a", 1, 2000))] = at.text("stud");
                at.settleUnknownKeys();
            }
        }
        out.maxArea = squareMillimetres(row.number("max_area_mm2", 1, 500));
        out.volts = volts(row.number("volts", 12, 1000));
        out.interrupting = amps(row.number("interrupting_a", 100, 100e3));
        out.interruptingSource = row.text("interrupting_source");
        if (row.has("interrupting_up_to_v")) {
            for (JsonFields& at : row.objects("interrupting_up_to_v", kMostVoltages)) {
                out.interruptingUpTo[volts(at.number("v", 1, 1500))] =
                    amps(at.number("a", 1, 100e3));
                at.settleUnknownKeys();
            }
        }
        out.selfResets = row.has("self_resets") && row.flag("self_resets");
        out.selectiveRatio = row.number("selective_ratio", 1, 5);
        out.perKelvin = row.number("per_kelvin", 0, 0.02);
        out.dropAtRating = volts(row.number("volts_at_rating", 0.001, 1));
        for (const double rating : row.numbers("ratings_a", 0.5, 1000)) {
            out.ratings.push_back(amps(rating));
        }
        out.envelope = readEnvelope(row);
        out.price = row.number("price", 0, 1000);
        out.weightKg = row.number("weight_kg", 0, 5);
        readUses(row, out, library);
    });
    if (std::ranges::any_of(library.usualFuses, &std::vector<std::string>::empty)) {
        fields.problem(
            "families", "A use of fuses has no family."_text, "Name it in 'usual_at' of one."_text);
    }
}

void readStuds(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.studs, [](JsonFields& row, Stud& out) {
        readName(row, out);
        out.torqueLowNm = row.number("torque_low_nm", 0.1, 100);
        out.torqueHighNm = row.number("torque_high_nm", out.torqueLowNm, 100);
        out.adapter.english = row.textOr("adapter", "");
        if (!out.adapter.english.empty()) {
            out.adapterStud = row.text("adapter_stud");
        }
    });
}

void readLugs(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.lugs, [](JsonFields& row, Lug& out) {
        out.area = readArea(row);
        (void)row.maybeNumber("barrel_mm", 1, 30);
        out.holes = row.texts("holes");
    });
}

void readAlternator(JsonFields& fields, Library& library) {
    AlternatorCurve& curve = library.alternator;
    for (JsonFields& row : fields.objects("rows")) {
        curve.points.push_back({row.number("speed_per_min", 0, 20000), row.number("share", 0, 1)});
        row.settleUnknownKeys();
    }
    curve.idleSpeed = fields.number("idle_speed_per_min", 500, 10000);
    curve.hotFactor = fields.number("hot_factor", 0.1, 1);
    curve.roadShareLimit = fields.number("road_share_limit", 0.05, 1);
}

void readAmbients(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.ambients, [](JsonFields& row, Ambient& out) {
        readName(row, out);
        out.ambient = celsius(row.number("ambient_c", -20, 120));
    });
}

void readTypicalVan(JsonFields& fields, Library& library) {
    TypicalVan& van = library.typicalVan;
    readRows(fields, "places", van.places, [&](JsonFields& row, TypicalVan::Place& out) {
        out.id = PlaceId(row.text("id"));
        out.name.english = row.text("name");
        const Ambient* ambient = findById(library.ambients, row.text("ambient"));
        if (ambient == nullptr) {
            row.problem(
                "ambient", "There is no such ambient."_text, "Name a row of ambients.json."_text);
        } else {
            out.ambient = ambient->ambient;
        }
        out.livedIn = !row.has("lived_in") || row.flag("lived_in");
    });
    readRows(fields, "ways", van.ways, [&](JsonFields& row, TypicalVan::Way& out) {
        for (const auto& [key, end] : {std::pair{"from", &out.from}, std::pair{"to", &out.to}}) {
            *end = PlaceId(row.text(key));
            if (std::ranges::find(van.places, *end, &TypicalVan::Place::id) == van.places.end()) {
                row.problem(
                    key, "There is no such place."_text, "Name one of the places above."_text);
            }
        }
        out.length = metres(row.number("length_m", 0.1, 30));
    });
}

void readClimates(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.climates, [](JsonFields& row, Climate& out) {
        out.name.english = row.text("name");
        out.latitude = row.number("latitude", -90, 90);
        out.sun = row.numbers("sun_kwh_m2_day", 12, 0, 12);
        for (const double mean : row.numbers("mean_c", 12, -60, 60)) {
            out.mean.push_back(celsius(mean));
        }
        out.coldest = celsius(row.number("coldest_c", -70, 40));
    });
}

void readRules(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.rules, [](JsonFields& row, Rule& out) {
        out.id = row.text("id");
        out.value = row.number("value", 0, 1e6);
        out.unit = row.text("unit");
        out.text.english = row.text("text");
        out.source = row.text("source");
        out.standing = static_cast<Standing>(row.oneOf("standing", kStandings));
        out.certainty = onStanding(out.standing).english;
        if (out.source.empty()) {
            row.problem("source", "A rule needs a source."_text, "Name it."_text);
        }
    });
}

void readChecks(JsonFields& fields, Library& library) {
    readRows(fields, "rows", library.checks, [](JsonFields& row, CheckBasis& out) {
        out.id = row.text("id");
        out.title.english = row.text("title");
        out.severity = static_cast<Severity>(row.oneOf("severity", kSeverities));
        out.standing = static_cast<Standing>(row.oneOf("standing", kStandings));
        out.source.english = row.text("source");
        if (out.source.empty()) {
            row.problem("source", "A check needs a source."_text, "Name it."_text);
        }
    });
}

}  // namespace spirk
