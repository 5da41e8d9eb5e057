// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A language that no one speaks: each letter of a text that can be translated becomes a full-width
// one, so that what is still plain English was not marked, or not asked for where it was marked.

#include <QFile>
#include <QRegularExpression>
#include <QTranslator>
#include <QXmlStreamReader>
#include <set>
#include <utility>

namespace spirk::test {

// The text with its letters full-width; placeholders (%1, %n, {name}), mnemonics and markup stay.
[[nodiscard]] inline QString inPseudo(const QString& text) {
    static const QRegularExpression kept("%L?[0-9]+|%n|\\{[^}]*\\}|<[^>]*>|&[a-z]+;");
    QString out;
    qsizetype at = 0;
    const auto add = [&](const QString& words) {
        for (const QChar c : words) {
            const bool letter = (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
            out += letter ? QChar(c.unicode() - u'!' + u'\uFF01') : c;
        }
    };
    for (auto found = kept.globalMatch(text); found.hasNext();) {
        const QRegularExpressionMatch match = found.next();
        add(text.mid(at, match.capturedStart() - at));
        out += match.captured();
        at = match.capturedEnd();
    }
    add(text.mid(at));
    return out;
}

// Translates what a translation file lists, in the context in which it is listed, and Qt's own.
class PseudoTranslator : public QTranslator {
public:
    explicit PseudoTranslator(const QString& ts) {
        QFile file(ts);
        if (!file.open(QIODevice::ReadOnly)) {
            return;
        }
        QXmlStreamReader xml(&file);
        QString context;
        while (!xml.atEnd()) {
            if (xml.readNext() != QXmlStreamReader::StartElement) {
                continue;
            }
            if (xml.name() == QLatin1String("name")) {
                context = xml.readElementText();
            } else if (xml.name() == QLatin1String("source")) {
                texts_.emplace(context, xml.readElementText());
            }
        }
    }
    [[nodiscard]] bool isEmpty() const override { return texts_.empty(); }
    [[nodiscard]] std::size_t size() const { return texts_.size(); }
    [[nodiscard]] QString translate(const char* context,
                                    const char* source,
                                    const char* /*disambiguation*/,
                                    int n) const override {
        const QString text = QString::fromUtf8(source);
        const bool qts = context[0] == 'Q';
        if (!qts && !texts_.contains({QString::fromUtf8(context), text})) {
            return {};
        }
        QString out = inPseudo(text);
        return n >= 0 ? out.replace("%n", QString::number(n)) : out;
    }

private:
    std::set<std::pair<QString, QString>> texts_;
};

}  // namespace spirk::test
