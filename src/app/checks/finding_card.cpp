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
#include "core/build/conductor_numbers.h"
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
    : QFrame(parent),
      id_(q(finding.id)),
      document_(document),
      mends_(new QWidget(this)),
      message_(textLabel(QString(), this, QFont::Normal)) {
    setObjectName("checks.card." + id_);
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
    const QString numbers = q(conductorNumbers(document.design()->build.numbers, finding.where));
    auto* source = textLabel(
        (numbers + " " + tr("%1. Status: %2.").arg(q(finding.source), q(name(finding.standing))))
            .trimmed(),
        this,
        QFont::Normal);
    source->setEnabled(false);
    text->addWidget(source);
    if (isAccepted(document.plan(), finding)) {
        const Accepted* accepted = acceptance(document.plan(), finding.id);
        text->addWidget(
            textLabel(tr("Accepted by you: %1").arg(q(accepted->reason)), this, QFont::DemiBold));
    }
    (new FlowLayout(mends_))->setContentsMargins(0, 2, 0, 0);
    mends_->hide();
    message_->setEnabled(false);
    message_->hide();
    text->addWidget(message_);
    text->addWidget(mends_);
    text->addWidget(makeButtons(finding, document, selection));
    auto* layout = new QHBoxLayout(this);
    layout->addWidget(new Mark(finding.severity, this), 0, Qt::AlignTop);
    layout->addLayout(text, 1);
}

void FindingCard::clearMends() {
    while (QLayoutItem* item = mends_->layout()->takeAt(0)) {
        // A button's own click may be on the stack.
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;  // NOLINT(cppcoreguidelines-owning-memory): a layout gives its items away
    }
    mends_->hide();
}

void FindingCard::say(const QString& text) {
    message_->setText(text);
    message_->setVisible(!text.isEmpty());
}

void FindingCard::awaitMends() {
    clearMends();
    say(tr("Trying what would end this…"));
}

void FindingCard::offer(const std::vector<TriedMend>& mends) {
    clearMends();
    say(mends.empty() ? tr("No single step that Spirk has tried ends this without bringing "
                           "something as grave.")
                      : QString());
    mends_->setVisible(!mends.empty());
    const StandingFigures now = standingFigures(*document_.design());
    for (std::size_t i = 0; i < mends.size(); ++i) {
        const Mend& mend = mends[i].mend;
        auto* button = new QPushButton(unmarked(q(mend.label)), mends_);
        button->setObjectName(QStringLiteral("checks.mend.%1.%2").arg(id_).arg(i));
        const QString brings = q(consequence(now, mends[i].after));
        button->setToolTip(brings.isEmpty()
                               ? tr("Ends this in one step that can be undone")
                               : tr("Ends this in one step that can be undone: %1").arg(brings));
        connect(button, &QPushButton::clicked, this, [this, mend] {
            document_.push(q(mend.label, document_.plan().units),
                           spirk::apply(document_.plan(), mend));
        });
        mends_->layout()->addWidget(button);
    }
}

QWidget* FindingCard::makeButtons(const Finding& finding,
                                  Document& document,
                                  Selection& selection) {
    auto* bar = new QWidget(this);
    auto* layout = new FlowLayout(bar);
    layout->setContentsMargins(0, 2, 0, 0);
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
