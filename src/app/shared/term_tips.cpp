// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/term_tips.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QApplication>
#include <QComboBox>
#include <QGroupBox>
#include <QHeaderView>
#include <QHelpEvent>
#include <QLabel>
#include <QTabBar>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextCursor>
#include <QTextDocumentFragment>
#include <QToolTip>
#include <algorithm>

#include "app/shared/text.h"
#include "core/library/glossary.h"

namespace spirk::app {

namespace {

// More would be a page.
constexpr std::size_t kMostTerms = 4;

struct Pointed {
    QString text;  // what is written there
    QString tip;   // what it says of itself
};

QString plainText(const QString& text) {
    return Qt::mightBeRichText(text) ? QTextDocumentFragment::fromHtml(text).toPlainText() : text;
}

QString ofHeader(const QHeaderView& header, QPoint place, int role) {
    const int section = header.logicalIndexAt(place);
    return header.model() == nullptr || section < 0
               ? QString()
               : header.model()->headerData(section, header.orientation(), role).toString();
}

// In a text the paragraph under the pointer, or the cell of a table.
QString nearPointer(QTextBrowser& text, QPoint place) {
    return text.cursorForPosition(place).block().text();
}

// Views get the event at their viewport.
Pointed pointedAt(QWidget* widget, QPoint place) {
    if (auto* header = qobject_cast<QHeaderView*>(widget->parentWidget())) {
        return {ofHeader(*header, place, Qt::DisplayRole),
                ofHeader(*header, place, Qt::ToolTipRole)};
    }
    if (auto* view = qobject_cast<QAbstractItemView*>(widget->parentWidget())) {
        const QModelIndex index = view->indexAt(place);
        return {index.data(Qt::DisplayRole).toString(), index.data(Qt::ToolTipRole).toString()};
    }
    if (auto* text = qobject_cast<QTextBrowser*>(widget->parentWidget())) {
        return {nearPointer(*text, place), {}};
    }
    if (auto* label = qobject_cast<QLabel*>(widget)) {
        return {plainText(label->text()), label->toolTip()};
    }
    if (auto* button = qobject_cast<QAbstractButton*>(widget)) {
        return {button->text(), button->toolTip()};
    }
    if (auto* box = qobject_cast<QGroupBox*>(widget)) {
        return {box->title(), box->toolTip()};
    }
    if (auto* choice = qobject_cast<QComboBox*>(widget)) {
        return {choice->currentText(), choice->toolTip()};
    }
    if (auto* tabs = qobject_cast<QTabBar*>(widget)) {
        return {tabs->tabText(tabs->tabAt(place)), tabs->tabToolTip(tabs->tabAt(place))};
    }
    return {};
}

}  // namespace

TermTips::TermTips(const Document& document, QObject* parent)
    : QObject(parent), document_(document) {
    qApp->installEventFilter(this);
}

QString TermTips::tipAt(QWidget* widget, QPoint place) const {
    Pointed pointed = pointedAt(widget, place);
    pointed.text.remove('&');
    const auto& glossary = document_.library().glossary;
    const auto terms = termsIn(glossary, pointed.text.toStdString(), speech());
    if (terms.empty()) {
        return {};
    }
    QStringList rows;
    if (!pointed.tip.isEmpty()) {
        rows << plainText(pointed.tip).toHtmlEscaped();
    }
    for (std::size_t i = 0; i < std::min(terms.size(), kMostTerms); ++i) {
        rows << "<b>" + q(shown(*terms[i], speech())).toHtmlEscaped() +
                    "</b>: " + q(terms[i]->meaning).toHtmlEscaped();
    }
    return "<p>" + rows.join("</p><p>") + "</p>";
}

bool TermTips::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        if (auto* widget = qobject_cast<QWidget*>(watched)) {
            const auto* help = static_cast<QHelpEvent*>(event);
            const QString text = tipAt(widget, help->pos());
            if (!text.isEmpty()) {
                QToolTip::showText(help->globalPos(), text, widget);
                return true;
            }
        }
    }
    return QObject::eventFilter(watched, event);
}

}  // namespace spirk::app
