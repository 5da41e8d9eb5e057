// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The kinds of field that gear has: a figure in the unit of its file, one that may be missing, a
// choice of words; and what every kind of gear has. Private to this room.

#include <algorithm>
#include <array>

#include "core/library/gear_fields.h"

namespace spirk::field_kinds {

using Optional = std::optional<double>;

template <class Quantity>
double siOf(Quantity q) {
    return q.si();
}
inline double degreesOf(Celsius t) { return t.degrees; }
inline double same(double v) { return v; }

template <class Model, class Value>
Model modelOf(Value Model::*);

// A parameter kept in `Member`; `In` and `Out` convert between it and the file's unit.
template <auto Member, auto In, auto Out>
auto number(std::string_view key, Phrase label, std::string_view unit, double least, double most) {
    using Model = decltype(modelOf(Member));
    return NumberField<Model>{key,
                              label,
                              unit,
                              least,
                              most,
                              [](const Model& m) { return Optional(Out(m.*Member)); },
                              [](Model& m, Optional v) { m.*Member = In(*v); }};
}
template <auto Member>
auto inVolts(std::string_view key, Phrase label, double least, double most) {
    return number<Member, volts, siOf<Volts>>(key, label, "V", least, most);
}
template <auto Member>
auto inAmps(std::string_view key, Phrase label, double least, double most) {
    return number<Member, amps, siOf<Amps>>(key, label, "A", least, most);
}
template <auto Member>
auto inWatts(std::string_view key, Phrase label, double least, double most) {
    return number<Member, watts, siOf<Watts>>(key, label, "W", least, most);
}
template <auto Member>
auto plain(std::string_view key, Phrase label, double least, double most) {
    return number<Member, same, same>(key, label, "", least, most);
}

// Optional; zero where it is not stated.
template <auto Member>
auto atMost(std::string_view key, Phrase label, std::string_view unit, double least, double most) {
    using Model = decltype(modelOf(Member));
    auto out = number<Member, amps, siOf<Amps>>(key, label, unit, least, most);
    out.get = [](const Model& m) {
        return (m.*Member).si() > 0.0 ? Optional((m.*Member).si()) : std::nullopt;
    };
    out.set = [](Model& m, Optional v) { m.*Member = amps(v.value_or(0.0)); };
    out.presence = Presence::Optional;
    return out;
}

// Optional; zero where it is not stated.
template <auto Member>
auto atMostArea(std::string_view key, Phrase label) {
    using Model = decltype(modelOf(Member));
    return NumberField<Model>{
        key,
        label,
        "mm²",
        0.5,
        500,
        [](const Model& m) {
            return (m.*Member).si() > 0.0 ? Optional(inMm2(m.*Member)) : std::nullopt;
        },
        [](Model& m, Optional v) { m.*Member = squareMillimetres(v.value_or(0.0)); },
        Presence::Optional};
}
// Optional.
template <auto Member>
auto inMillimetres(std::string_view key, Phrase label, double least, double most) {
    using Model = decltype(modelOf(Member));
    constexpr double kPerMetre = 1000.0;
    return NumberField<Model>{
        key,
        label,
        "mm",
        least,
        most,
        [](const Model& m) {
            return m.*Member ? Optional((m.*Member)->si() * kPerMetre) : std::nullopt;
        },
        [](Model& m, Optional v) {
            m.*Member = v ? std::optional(metres(*v / kPerMetre)) : std::nullopt;
        },
        Presence::Optional};
}
// Optional; none of them where it is not stated.
template <auto Member>
auto ports(std::string_view key, Phrase label) {
    using Model = decltype(modelOf(Member));
    return NumberField<Model>{
        key,
        label,
        "",
        0,
        32,
        [](const Model& m) { return Optional(m.*Member); },
        [](Model& m, Optional v) { m.*Member = static_cast<int>(v.value_or(0.0)); },
        Presence::Optional};
}

// As files have them.
inline constexpr std::array kNoYes{TextChoice{"no", "no"_text}, TextChoice{"yes", "yes"_text}};

// Optional: 'no' where the file does not say it.
template <auto Member>
auto noOrYes(std::string_view key, Phrase label) {
    using Model = decltype(modelOf(Member));
    return TextField<Model>{
        key,
        label,
        TextFrom::Choices,
        {kNoYes.begin(), kNoYes.end()},
        [](const Model& m) { return std::string(kNoYes.at(m.*Member ? 1 : 0).id); },
        [](Model& m, const std::string& v) { m.*Member = v == kNoYes.back().id; },
        Presence::Optional};
}

// What comes with a unit that has leads of its own.
template <class Model>
void addBox(GearFields<Model>& fields) {
    const auto flag = [&](std::string_view key, Phrase label, auto get, auto set) {
        fields.texts.push_back({key,
                                label,
                                TextFrom::Choices,
                                {kNoYes.begin(), kNoYes.end()},
                                get,
                                set,
                                Presence::Optional});
    };
    flag(
        "boxed_fuses",
        "fuses and holders included"_text,
        [](const Model& m) { return std::string(kNoYes.at(m.boxedFuses ? 1 : 0).id); },
        [](Model& m, const std::string& v) { m.boxedFuses = v == kNoYes.back().id; });
    flag(
        "boxed_leads",
        "leads included"_text,
        [](const Model& m) { return std::string(kNoYes.at(m.boxedLeads ? 1 : 0).id); },
        [](Model& m, const std::string& v) { m.boxedLeads = v == kNoYes.back().id; });
}

// Weight and price, of every kind.
template <class Model>
void addWare(GearFields<Model>& fields) {
    fields.numbers.push_back({"weight_kg",
                              "weight"_text,
                              "kg",
                              0,
                              300,
                              [](const Model& m) { return Optional(m.weightKg); },
                              [](Model& m, Optional v) { m.weightKg = *v; }});
    fields.numbers.push_back({"price",
                              "price, approximate"_text,
                              "",
                              0,
                              50e3,
                              [](const Model& m) { return Optional(m.price); },
                              [](Model& m, Optional v) { m.price = *v; }});
}

// Of every kind that is connected by terminals.
template <class Model>
void addConnection(GearFields<Model>& fields) {
    fields.texts.push_back({"stud",
                            "terminal"_text,
                            TextFrom::Studs,
                            {},
                            [](const Model& m) { return m.connection.stud; },
                            [](Model& m, const std::string& v) { m.connection.stud = v; }});
    fields.numbers.push_back(
        {"max_area_mm2",
         "largest cable"_text,
         "mm²",
         0.5,
         500,
         [](const Model& m) { return Optional(inMm2(m.connection.maxArea)); },
         [](Model& m, Optional v) { m.connection.maxArea = squareMillimetres(*v); }});
}

}  // namespace spirk::field_kinds
