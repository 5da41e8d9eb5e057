// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/habits_page.h"

#include <QCheckBox>
#include <QLabel>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QStyle>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/shared/wrapped_label.h"
#include "paper/words.h"

namespace spirk::app {

HabitsPage::HabitsPage(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* inner = new QWidget(this);
    list_ = new QVBoxLayout(inner);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(inner);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(new WrappedLabel(
        tr("The least that the rules allow is often not what anybody would build. Each habit has "
           "its "
           "reason; 'why' of a size names the one that decided. Take one out to do without it."),
        this));
    layout->addWidget(scroll, 1);
    for (const Habit& habit : document.library().habits) {
        auto* box = new QCheckBox(unmarked(q(habit.name)), inner);
        box->setObjectName("habit." + QString::fromStdString(habit.id));
        connect(box, &QCheckBox::toggled, this, [this, id = habit.id](bool on) { put(id, on); });
        list_->addWidget(box);
        auto* reason = new WrappedLabel(q(habit.reason), inner);
        reason->setEnabled(false);
        reason->setIndent(box->style()->pixelMetric(QStyle::PM_IndicatorWidth) +
                          box->style()->pixelMetric(QStyle::PM_CheckBoxLabelSpacing));
        list_->addWidget(reason);
    }
    list_->addStretch();
    connect(&document, &Document::designChanged, this, &HabitsPage::follow);
    follow();
}

void HabitsPage::follow() {
    for (auto* box : findChildren<QCheckBox*>()) {
        const std::string id = box->objectName().mid(QString("habit.").size()).toStdString();
        const QSignalBlocker quiet(box);
        box->setChecked(!document_.plan().habitsOff.contains(id));
    }
}

void HabitsPage::put(const std::string& id, bool on) {
    Plan next = document_.plan();
    if (on) {
        next.habitsOff.erase(id);
    } else {
        next.habitsOff.insert(id);
    }
    document_.push(on ? tr("Follow a habit") : tr("Do without a habit"), std::move(next));
}

}  // namespace spirk::app
