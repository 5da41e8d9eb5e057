// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/strip.h"

#include <QHBoxLayout>
#include <QPainter>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "paper/severity_mark.h"

namespace spirk::app {

namespace {

QIcon markIcon(const SeverityCount& count, int size) {
    QPixmap picture(size * 2, size * 2);
    picture.setDevicePixelRatio(2.0);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    const Severity worst = count.dangers > 0  ? Severity::Danger
                           : count.faults > 0 ? Severity::Fault
                                              : Severity::Advice;
    paintSeverity(painter, QRectF(1, 1, size - 2, size - 2), worst, currentInk());
    return QIcon(picture);
}

}  // namespace

Strip::Strip(Document& document, Selection& selection, QWidget* parent)
    : QWidget(parent), document_(document), selection_(selection) {
    setObjectName("strip");
    days_ = figure("strip.days", FigureId("supply.days"));
    worst_ = figure("strip.worst", FigureId("needs.inverter.worst"));
    weight_ = figure("strip.weight", FigureId("build.weight"));
    price_ = figure("strip.price", FigureId("build.price"));
    findings_ = new QToolButton(this);
    findings_->setObjectName("strip.findings");
    findings_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    findings_->setAutoRaise(true);
    findings_->setToolTip(tr("Show the findings"));
    connect(findings_, &QToolButton::clicked, this, &Strip::findingsAsked);
    consequence_ = new QLabel(this);
    consequence_->setTextFormat(Qt::PlainText);
    consequence_->setObjectName("strip.consequence");
    consequence_->setAccessibleName(tr("What the last edit changed"));
    consequence_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(8, 2, 8, 2);
    layout->addWidget(days_);
    layout->addWidget(worst_);
    layout->addWidget(findings_);
    layout->addWidget(weight_);
    layout->addWidget(price_);
    layout->addSpacing(fontMetrics().averageCharWidth() * 2);
    layout->addWidget(consequence_, 1);
    connect(&document, &Document::designChanged, this, &Strip::refresh);
    refresh();
}

QToolButton* Strip::figure(const QString& name, const FigureId& id) {
    auto* button = new QToolButton(this);
    button->setObjectName(name);
    button->setAutoRaise(true);
    button->setToolTip(tr("Why? Shows how this figure is calculated"));
    connect(button, &QToolButton::clicked, this, [this, id] { selection_.askWhy(id); });
    return button;
}

void Strip::refresh() {
    const StandingFigures s = standingFigures(*document_.design());
    days_->setText(s.daysWithoutSun ? tr("%1 days without sun").arg(q(shownDays(*s.daysWithoutSun)))
                                    : tr("nothing used yet"));
    worst_->setText(s.worstOnInverter > watts(0.0)
                        ? tr("inverter peak %1").arg(q(s.worstOnInverter))
                        : tr("no mains loads"));
    weight_->setText(q(kilograms(s.weightKg), document_.plan().units));
    price_->setText(tr("about %1").arg(roughPrice(s.price, s.currency)));
    findings_->setText(severityText(s.findings, 3));
    findings_->setIcon(markIcon(s.findings, fontMetrics().height() * 3 / 4));
    const QString& last = document_.consequence();
    consequence_->setText(last.isEmpty() ? QString() : tr("Last edit: %1").arg(last));
    consequence_->setToolTip(tip(consequence_->text()));
}

}  // namespace spirk::app
