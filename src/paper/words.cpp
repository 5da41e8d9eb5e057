// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/words.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>

namespace spirk {

Speech speech(const Units& units) {
    return {
        .units = units,
        .decimalSign = QLocale().decimalPoint().front().toLatin1(),
        .translated = [](std::string_view english) {
            return QCoreApplication::translate("Core", std::string(english).c_str()).toStdString();
        }};
}

QString q(const Text& text, const Units& units) { return q(say(text, speech(units))); }
QString q(Phrase phrase) { return q(Text(phrase)); }
QString q(const Words& words) { return q(Text(words)); }
QString q(const Value& value, const Units& units) { return q(say(value, speech(units))); }
QString q(const Measure& measure, const Units& units) { return q(say(measure, speech(units))); }

QString q(const Error& error) { return q(oneLine(error, speech())); }

QString q(const std::vector<Text>& texts) {
    QStringList out;
    for (const Text& text : texts) {
        out << q(text);
    }
    return out.join(", ");
}

QString localNumber(const std::string& number) {
    return q(number).replace('.', QLocale().decimalPoint());
}

}  // namespace spirk
