// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/checks/checks_station.h"

#include <QScrollBar>
#include <algorithm>

#include "app/checks/finding_card.h"
#include "app/shared/text.h"
#include "core/plan/edit.h"

namespace spirk::app {

ChecksStation::ChecksStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent),
      head_(new QLabel(this)),
      area_(new QScrollArea(this)),
      job_([this](const std::vector<TriedMend>& mends) {
          shown_[waiting_.back()].card->offer(mends);
          waiting_.pop_back();
          tryNext();
      }) {
    head_->setWordWrap(true);
    area_->setObjectName("checks.list");
    area_->setAccessibleName(tr("Findings"));
    area_->setWidgetResizable(true);
    auto* inner = new QWidget(area_);
    cards_ = new QVBoxLayout(inner);
    more_ = new QPushButton(inner);
    more_->setObjectName("checks.more");
    connect(more_, &QPushButton::clicked, this, [this] {
        most_ += kCardsAtOnce;
        refresh();
    });
    area_->setWidget(inner);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(head_);
    layout->addWidget(area_, 1);
    ChecksStation::refresh();
}

QString ChecksStation::summary() const {
    // The rail has room for the two gravest kinds.
    return severityText(openFindings(design()), 2);
}

StationState ChecksStation::state() const {
    const SeverityCount c = openFindings(design());
    if (plan().appliances.empty()) {
        return StationState::Untouched;
    }
    return c.dangers + c.faults == 0 ? StationState::Settled : StationState::AtWork;
}

void ChecksStation::refresh() {
    head_->setText(design().checks.findings.empty()
                       ? tr("The rules found nothing. That is not a certificate: check what Spirk "
                            "cannot see, too.")
                       : tr("Findings of the rules. A fix is one step that can be undone; none is "
                            "offered where it could itself be dangerous."));
    const int position = area_->verticalScrollBar()->value();
    std::vector<const Finding*> all;
    // What is accepted stays listed, below what is open.
    for (const bool accepted : {false, true}) {
        for (const Finding& finding : design().checks.findings) {
            if (isAccepted(plan(), finding) == accepted) {
                all.push_back(&finding);
            }
        }
    }
    std::vector<Shown> now;
    for (std::size_t i = 0; i < all.size() && i < most_; ++i) {
        now.push_back(cardFor(*all[i]));
    }
    for (const Shown& before : shown_) {
        if (std::ranges::find(now, before.card, &Shown::card) == now.end()) {
            // A mend's button may be on the stack: the card goes when its click has returned.
            before.card->hide();
            before.card->deleteLater();
        }
    }
    shown_ = std::move(now);
    while (QLayoutItem* item = cards_->takeAt(0)) {
        delete item;  // NOLINT(cppcoreguidelines-owning-memory): a layout gives its items away
    }
    for (const Shown& each : shown_) {
        cards_->addWidget(each.card);
        each.card->show();
    }
    const int hidden = static_cast<int>(all.size() - shown_.size());
    more_->setText(tr("Show more: %n findings are not shown yet", nullptr, hidden));
    more_->setVisible(hidden > 0);
    cards_->addWidget(more_, 0, Qt::AlignLeft);
    cards_->addStretch(1);
    area_->verticalScrollBar()->setValue(position);
    tryAll();
}

void ChecksStation::tryAll() {
    job_.drop();
    waiting_.clear();
    for (std::size_t i = shown_.size(); i-- > 0;) {
        if (!shown_[i].finding.mends.empty()) {
            shown_[i].card->awaitMends();
            waiting_.push_back(i);
        }
    }
    tryNext();
}

void ChecksStation::tryNext() {
    if (waiting_.empty()) {
        return;
    }
    job_.start([design = document().design(),
                &library = library(),
                finding = shown_[waiting_.back()].finding] {
        return mendsToOffer(*design, library, finding);
    });
}

// The card that shows just this already, or a new one: most edits change few findings.
ChecksStation::Shown ChecksStation::cardFor(const Finding& finding) {
    const Accepted* accepted = acceptance(plan(), finding.id);
    const std::string reason = accepted == nullptr ? "" : accepted->reason;
    for (const Shown& before : shown_) {
        if (before.finding == finding && before.reason == reason) {
            return before;
        }
    }
    return {finding, reason, new FindingCard(finding, document(), selection(), area_->widget())};
}

}  // namespace spirk::app
