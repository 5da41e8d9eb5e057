// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Text of the core, for widgets.

#include <QString>
#include <QTextDocument>

#include "core/checks/checks.h"
#include "paper/words.h"

namespace spirk::app {

// '1 danger, 2 faults': what there is, gravest first, at most `kinds` of them.
[[nodiscard]] QString severityText(const SeverityCount& count, int kinds);

// For a tool tip: text of a plan as it stands. A tip would take what looks like markup for markup,
// and load what it names.
[[nodiscard]] inline QString tip(const QString& text) {
    return Qt::mightBeRichText(text) ? "<span>" + text.toHtmlEscaped() + "</span>" : text;
}
// As the label of a field begins: names of tables are in small letters.
[[nodiscard]] inline QString capitalised(QString text) {
    return text.isEmpty() ? text : text.replace(0, 1, text.left(1).toUpper());
}
// For a button or a menu: '&' would mark a letter.
[[nodiscard]] inline QString unmarked(QString text) { return text.replace('&', "&&"); }

// A plan that the program made: what it named is named in the person's language, and from then on
// theirs.
[[nodiscard]] Plan namedInLanguage(Plan plan);

// Of a whole system: an order of magnitude, more digits would look like knowledge.
[[nodiscard]] QString roughPrice(double price, const std::string& currency);

// What an appliance is plugged into: '12 V', '24 V', '12/24 V', 'mains'.
[[nodiscard]] QString suppliedText(Feed feed, Supplied supplied);

}  // namespace spirk::app
