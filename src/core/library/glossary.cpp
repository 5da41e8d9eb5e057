// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/library/glossary.h"

#include <algorithm>

namespace spirk {

namespace {

// Letters that a word may have behind a term: 'fuses', 'Sicherungen'. An abbreviation has one at
// most.
constexpr std::size_t kEnding = 3, kShortEnding = 1;
constexpr std::size_t kAbbreviation = 4;

// Bytes of letters beyond ASCII are letters too.
bool isLetter(char c) {
    const auto byte = static_cast<unsigned char>(c);
    return byte >= 0x80 || (byte >= '0' && byte <= '9') ||
           ((byte | 0x20U) >= 'a' && (byte | 0x20U) <= 'z');
}
bool isCapital(char c) { return c >= 'A' && c <= 'Z'; }

std::string lower(std::string_view text) {
    std::string out(text);
    std::ranges::transform(
        out, out.begin(), [](char c) { return isCapital(c) ? static_cast<char>(c | 0x20) : c; });
    return out;
}

struct Match {
    std::size_t at, size;
    const GlossaryTerm* term;
};

// The non-empty parts between '|'. The text must outlive them.
std::vector<std::string_view> spellingsOf(std::string_view names) {
    std::vector<std::string_view> out;
    while (!names.empty()) {
        const std::size_t end = std::min(names.find('|'), names.size());
        if (end > 0) {
            out.push_back(names.substr(0, end));
        }
        names.remove_prefix(std::min(end + 1, names.size()));
    }
    return out;
}

bool endsHere(std::string_view text, std::size_t end, std::size_t size) {
    const std::size_t most = size <= kAbbreviation ? kShortEnding : kEnding;
    std::size_t letters = 0;
    while (end + letters < text.size() && isLetter(text[end + letters])) {
        ++letters;
    }
    return letters <= most;
}

void findSpelling(std::string_view text,
                  std::string_view spelling,
                  const GlossaryTerm& term,
                  std::vector<Match>& out) {
    const bool abbreviation = std::ranges::all_of(
        spelling, [](char c) { return isCapital(c) || !isLetter(c) || (c >= '0' && c <= '9'); });
    const std::string in = abbreviation ? std::string(text) : lower(text);
    const std::string what = abbreviation ? std::string(spelling) : lower(spelling);
    for (std::size_t at = in.find(what); at != std::string::npos; at = in.find(what, at + 1)) {
        if ((at == 0 || !isLetter(in[at - 1])) && endsHere(in, at + what.size(), what.size())) {
            out.push_back({at, what.size(), &term});
        }
    }
}

}  // namespace

std::string shown(const GlossaryTerm& term, const Speech& speech) {
    const std::string all = say(Text(term.name), speech);
    return all.substr(0, all.find('|'));
}

std::vector<const GlossaryTerm*> termsIn(const std::vector<GlossaryTerm>& glossary,
                                         std::string_view text,
                                         const Speech& speech) {
    std::vector<Match> matches;
    for (const GlossaryTerm& term : glossary) {
        const std::string names = say(Text(term.name), speech);
        for (const std::string_view spelling : spellingsOf(names)) {
            findSpelling(text, spelling, term, matches);
        }
    }
    // The longest first where two begin together, so that what it covers is passed over.
    std::ranges::sort(matches, [](const Match& a, const Match& b) {
        return a.at != b.at ? a.at < b.at : a.size > b.size;
    });
    std::vector<const GlossaryTerm*> found;
    std::size_t covered = 0;
    for (const Match& m : matches) {
        if (m.at < covered) {
            continue;
        }
        covered = m.at + m.size;
        if (std::ranges::find(found, m.term) == found.end()) {
            found.push_back(m.term);
        }
    }
    return found;
}

}  // namespace spirk
