// SPDX-License-Identifier: GPL-3.0-or-later
// Words of the trade in a text. Expected figures: own arithmetic.
#include "core/library/glossary.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "tests/support/builders.h"

namespace spirk {
namespace {

std::vector<std::string> in(const std::string& text, const Speech& speech = {}) {
    static const std::vector<GlossaryTerm> glossary{
        {Words{"bus bar|bars"}, Words{"where many cables meet"}},
        {Words{"fused bus distributor|distributor"}, Words{"a bar with fuses"}},
        {Words{"lug"}, Words{"a copper eyelet"}},
        {Words{"AGM"}, Words{"a kind of lead battery"}},
        {Words{"fuse block"}, Words{"many small fuses"}},
        {Words{"fuse"}, Words{"opens on too much current"}},
    };
    std::vector<std::string> names;
    for (const GlossaryTerm* term : termsIn(glossary, text, speech)) {
        names.push_back(shown(*term, speech));
    }
    return names;
}

using Names = std::vector<std::string>;

TEST(Glossary, ATermIsFoundInAnySpellingOnceAndInOrder) {
    EXPECT_EQ(in("Move some of them to the bars: a Bus bar takes four lugs."),
              (Names{"bus bar", "lug"}));
    EXPECT_EQ(in("Distributors"), (Names{"fused bus distributor"}));
}

TEST(Glossary, ATermBeginsAWordAndIsNotPartOfAnother) {
    EXPECT_EQ(in("plug and slug"), Names{});
    EXPECT_EQ(in("luggage"), Names{});
    EXPECT_EQ(in("a 4lug"), Names{});
    EXPECT_EQ(in("bolt;lug"), Names{"lug"});
    EXPECT_EQ(in("a lug, two lugs"), Names{"lug"});
}

TEST(Glossary, AnAbbreviationMindsItsCapitals) {
    EXPECT_EQ(in("AGM battery"), Names{"AGM"});
    EXPECT_EQ(in("agm"), Names{});
}

TEST(Glossary, OfTwoThatOverlapTheLongerCounts) {
    EXPECT_EQ(in("feed of the fuse block"), Names{"fuse block"});
    EXPECT_EQ(in("fuse of the fuse block"), (Names{"fuse", "fuse block"}));
}

TEST(Glossary, IsReadInThePersonsLanguage) {
    const Speech german{.translated = [](std::string_view english) {
        return std::string(english == "bus bar|bars" ? "Sammelschiene|Schiene" : english);
    }};
    EXPECT_EQ(in("An den Sammelschienen", german), Names{"Sammelschiene"});
    EXPECT_EQ(in("bars", german), Names{});
}

TEST(Glossary, OfTheLibraryNamesEachTermOnceAndExplainsIt) {
    std::set<std::string> names;
    for (const GlossaryTerm& term : test::library().glossary) {
        EXPECT_TRUE(names.insert(shown(term, {})).second) << term.name.english;
        EXPECT_GT(term.meaning.english.size(), 20u) << term.name.english;
    }
    EXPECT_GT(names.size(), 60u);
}

// What the window says most must be explained: each word that stands in a table's header or on a
// card and that only the trade uses.
TEST(Glossary, OfTheLibraryKnowsTheWordsOfCableTableAndCards) {
    const auto& glossary = test::library().glossary;
    for (const char* word : {"Ampacity",
                             "Drop, voltage drop",
                             "Studs",
                             "MPPT solar controller, 100 V",
                             "voltage-sensing relay, 80 A",
                             "class T fuse, 300 A",
                             "shunt",
                             "battery 1 to bus bars",
                             "inverter/charger",
                             "RCD"}) {
        EXPECT_FALSE(termsIn(glossary, word, {}).empty()) << word;
    }
}

}  // namespace
}  // namespace spirk
