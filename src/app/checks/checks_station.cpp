// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/checks/checks_station.h"

#include <QScrollBar>

#include "app/checks/finding_card.h"
#include "app/shared/text.h"

namespace spirk::app {

ChecksStation::ChecksStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent), head_(new QLabel(this)), area_(new QScrollArea(this)) {
    head_->setWordWrap(true);
    area_->setObjectName("checks.list");
    area_->setAccessibleName(tr("Findings"));
    area_->setWidgetResizable(true);
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

void ChecksStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    if (!built_) {
        rebuild();
    }
}

// Cards are built when they are looked at: an edit elsewhere need not wait for them.
void ChecksStation::refresh() {
    const std::vector<Finding>& now = design().checks.findings;
    head_->setText(
        now.empty()
            ? tr("Nothing found by the rules that were checked. That is not a certificate: look at "
                 "what Spirk cannot see.")
            : tr("What the rules found. A mend is one step that can be undone; where a mend could "
                 "itself be dangerous there is none."));
    if (built_ && now == shown_ && plan().accepted == accepted_) {
        return;
    }
    built_ = false;
    if (isVisible()) {
        rebuild();
    }
}

void ChecksStation::rebuild() {
    const int position = area_->verticalScrollBar()->value();
    shown_ = design().checks.findings;
    accepted_ = plan().accepted;
    auto* inner = new QWidget;
    auto* cards = new QVBoxLayout(inner);
    // What is accepted stays listed, below what is open.
    for (const bool accepted : {false, true}) {
        for (const Finding& finding : shown_) {
            if (isAccepted(plan(), finding) == accepted) {
                cards->addWidget(new FindingCard(finding, document(), selection(), inner));
            }
        }
    }
    cards->addStretch(1);
    // A mend's button may be on the stack: the old cards go when its click has returned.
    if (QWidget* old = area_->takeWidget()) {
        old->deleteLater();
    }
    area_->setWidget(inner);
    area_->verticalScrollBar()->setValue(position);
    built_ = true;
}

}  // namespace spirk::app
