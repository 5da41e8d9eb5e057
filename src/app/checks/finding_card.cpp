// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/checks/finding_card.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>

#include "app/shared/flow_layout.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/plan/edit.h"
#include "paper/severity_mark.h"

namespace spirk::app {

namespace {

class Mark : public QWidget {
public:
    Mark(Severity severity, QWidget* parent) : QWidget(parent), severity_(severity) {
        const int side = fontMetrics().height();
        setFixedSize(side, side);
        setAccessibleName(q(name(severity)));
    }

protected:
    void paintEvent(QPaintEvent* /*event*/) override {
        QPainter painter(this);
        paintSeverity(painter, QRectF(rect()).adjusted(1, 1, -1, -1), severity_, currentInk());
    }

private:
    Severity severity_;
};

QLabel* textLabel(const QString& text, QWidget* parent, QFont::Weight weight) {
    auto* label = new QLabel(text, parent);
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    label->setFocusPolicy(Qt::NoFocus);
    QFont font = plain(label->font());
    font.setWeight(weight);
    label->setFont(font);
    return label;
}

}  // namespace

FindingCard::FindingCard(const Finding& finding,
                         Document& document,
                         Selection& selection,
                         QWidget* parent)
    : QFrame(parent) {
    setObjectName("checks.card." + q(finding.id));
    setAccessibleName(q(name(finding.severity)) + " " + q(finding.rule) + ": " +
                      q(finding.what, document.plan().units));
    setFrameShape(QFrame::StyledPanel);
    auto* text = new QVBoxLayout;
    text->setSpacing(3);
    text->addWidget(textLabel(
        q(finding.rule) + " · " + q(finding.what, document.plan().units), this, QFont::DemiBold));
    text->addWidget(textLabel(
        q(finding.why, document.plan().units) + " " + q(finding.remedy, document.plan().units),
        this,
        QFont::Normal));
    auto* source =
        textLabel(tr("%1. Status: %2.").arg(q(finding.source), q(name(finding.standing))),
                  this,
                  QFont::Normal);
    source->setEnabled(false);
    text->addWidget(source);
    if (isAccepted(document.plan(), finding)) {
        const Accepted* accepted = acceptance(document.plan(), finding.id);
        text->addWidget(
            textLabel(tr("Accepted by you: %1").arg(q(accepted->reason)), this, QFont::DemiBold));
    }
    text->addWidget(makeButtons(finding, document, selection));
    auto* layout = new QHBoxLayout(this);
    layout->addWidget(new Mark(finding.severity, this), 0, Qt::AlignTop);
    layout->addLayout(text, 1);
}

QWidget* FindingCard::makeButtons(const Finding& finding,
                                  Document& document,
                                  Selection& selection) {
    auto* bar = new QWidget(this);
    auto* layout = new FlowLayout(bar);
    layout->setContentsMargins(0, 2, 0, 0);
    for (std::size_t i = 0; i < finding.mends.size(); ++i) {
        auto* button = new QPushButton(unmarked(q(finding.mends[i].label)), bar);
        button->setObjectName(QStringLiteral("checks.mend.%1.%2").arg(q(finding.id)).arg(i));
        button->setToolTip(tr("Fixes this in one step that can be undone"));
        connect(button, &QPushButton::clicked, this, [&document, mend = finding.mends[i]] {
            document.push(q(mend.label, document.plan().units),
                          spirk::apply(document.plan(), mend));
        });
        layout->addWidget(button);
    }
    if (!finding.where.empty()) {
        auto* show = new QToolButton(bar);
        show->setText(tr("Show where"));
        show->setObjectName("checks.where." + q(finding.id));
        connect(show, &QToolButton::clicked, this, [&selection, where = finding.where.front()] {
            selection.select(where);
        });
        layout->addWidget(show);
    }
    if (!finding.figures.empty()) {
        auto* why = new QToolButton(bar);
        why->setText(tr("Why these figures?"));
        connect(why, &QToolButton::clicked, this, [&selection, figure = finding.figures.front()] {
            selection.askWhy(figure);
        });
        layout->addWidget(why);
    }
    if (mayBeAccepted(finding)) {
        addAcceptance(finding, document, bar, layout);
    }
    return bar;
}

// A reason is typed, then the finding is accepted; it can be opened again.
void FindingCard::addAcceptance(const Finding& finding,
                                Document& document,
                                QWidget* bar,
                                QLayout* layout) {
    auto* button = new QToolButton(bar);
    button->setObjectName("checks.accept." + q(finding.id));
    layout->addWidget(button);
    const std::string id = finding.id;
    if (isAccepted(document.plan(), finding)) {
        button->setText(tr("Open it again"));
        connect(button, &QToolButton::clicked, this, [&document, id] {
            document.push(tr("Open a finding again"), notAccepting(document.plan(), id));
        });
        return;
    }
    button->setText(tr("Accept…"));
    button->setToolTip(tr("Leave it as it is, with a reason; the finding stays listed"));
    auto* reason = new QLineEdit(bar);
    reason->setObjectName("checks.reason." + q(finding.id));
    reason->setAccessibleName(tr("Why you accept it"));
    reason->setPlaceholderText(tr("Why you accept it, then Enter"));
    reason->hide();
    reason->setMinimumWidth(reason->fontMetrics().averageCharWidth() * 36);
    layout->addWidget(reason);
    connect(button, &QToolButton::clicked, reason, [reason] {
        reason->show();
        reason->setFocus();
    });
    connect(reason, &QLineEdit::returnPressed, this, [&document, reason, id] {
        const std::string why = reason->text().trimmed().toStdString();
        if (!why.empty()) {
            document.push(tr("Accept a finding"), accepting(document.plan(), id, why));
        }
    });
}

}  // namespace spirk::app
