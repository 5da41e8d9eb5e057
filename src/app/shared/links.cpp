// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/links.h"

#include <QUrl>

namespace spirk::app {

namespace {

QString percentEncoded(const std::string& id) {
    return QString::fromLatin1(QUrl::toPercentEncoding(QString::fromStdString(id)));
}
std::string decoded(const QString& text) {
    return QUrl::fromPercentEncoding(text.toLatin1()).toStdString();
}

const QString kWhy = QStringLiteral("why:");
const QString kSelect = QStringLiteral("select:");

}  // namespace

QString whyLink(const FigureId& figure, const QString& text) {
    return QStringLiteral("<a href=\"%1%2\">%3</a>")
        .arg(kWhy, percentEncoded(figure.value), text.toHtmlEscaped());
}

QString selectLink(const Subject& subject) {
    return QStringLiteral("%1%2/%3")
        .arg(kSelect)
        .arg(static_cast<int>(subject.kind))
        .arg(percentEncoded(subject.id));
}

std::optional<FigureId> figureOf(const QString& link) {
    return link.startsWith(kWhy) ? std::optional(FigureId(decoded(link.mid(kWhy.size()))))
                                 : std::nullopt;
}

std::optional<Subject> subjectOf(const QString& link) {
    if (!link.startsWith(kSelect)) {
        return std::nullopt;
    }
    const QString rest = link.mid(kSelect.size());
    return Subject{static_cast<SubjectKind>(rest.section('/', 0, 0).toInt()),
                   decoded(rest.section('/', 1))};
}

}  // namespace spirk::app
