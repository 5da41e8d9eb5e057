// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/powerup/powerup_station.h"

#include <QPushButton>
#include <QScrollBar>
#include <QUrl>
#include <QVBoxLayout>

#include "app/shared/links.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

namespace {

class SheetText {
public:
    explicit SheetText(const Ink& ink) : ink_(ink) {}

    void heading(const QString& text) { html_ += "<h3>" + text.toHtmlEscaped() + "</h3>"; }

    void step(const SwitchStep& s) {
        html_ += QStringLiteral("<p><b>%1</b>&nbsp; %2</p>")
                     .arg(++number_)
                     .arg(q(s.text).toHtmlEscaped());
        if (!s.caution.empty()) {
            html_ += QStringLiteral(
                         "<table width='96%' cellpadding=6 cellspacing=0 border=1 "
                         "style='border-color:%1; border-collapse:collapse'><tr><td "
                         "style='color:%1'><b>%2</b></td></tr></table>")
                         .arg(ink_.danger.name(), q(s.caution).toHtmlEscaped());
        }
        if (s.readings.empty()) {
            return;
        }
        html_ += "<table cellpadding=3 width='96%'>";
        for (const Expected& e : s.readings) {
            const bool ohms = e.value.unit == Unit::Ohm;
            const QString plain = ohms && e.low.si > 0.0
                                      ? PowerUpStation::tr("above %1").arg(q(e.low))
                                  : ohms ? PowerUpStation::tr("below %1").arg(q(e.high))
                                         : PowerUpStation::tr("%1 to %2").arg(q(e.low), q(e.high));
            html_ +=
                QStringLiteral(
                    "<tr><td width='56%'>%1</td><td width='16%' align='right'><b>%2</b></td><td "
                    "align='right' style='color:%4'>%3</td></tr>")
                    .arg(q(e.where).toHtmlEscaped(),
                         ohms ? QString() : whyLink(e.figure, q(e.value)),
                         ohms ? whyLink(e.figure, plain) : plain,
                         ink_.faint.name());
        }
        html_ += "</table>";
    }

    void settings(const std::vector<DeviceSetting>& settings) {
        html_ += "<table cellpadding=3 width='96%'>";
        DeviceId before;
        for (const DeviceSetting& s : settings) {
            // A device is named once, above its further settings.
            const QString name = s.device == before ? QString() : q(s.name).toHtmlEscaped();
            before = s.device;
            html_ +=
                QStringLiteral(
                    "<tr><td width='44%'>%1</td><td width='30%'>%2</td><td><b>%3</b></td></tr>")
                    .arg(name, q(s.setting).toHtmlEscaped(), q(s.value).toHtmlEscaped());
        }
        html_ += "</table>";
    }

    [[nodiscard]] QString take() const { return html_; }

private:
    Ink ink_;
    QString html_;
    int number_ = 0;
};

}  // namespace

PowerUpStation::PowerUpStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent), sheet_(new QTextBrowser(this)) {
    sheet_->setObjectName("powerup.sheet");
    sheet_->setAccessibleName(tr("Sheet for the first switch-on"));
    sheet_->setOpenLinks(false);
    connect(sheet_, &QTextBrowser::anchorClicked, this, [&selection](const QUrl& link) {
        if (const auto figure = figureOf(link.toString(QUrl::FullyEncoded))) {
            selection.askWhy(*figure);
        }
    });
    auto* print = new QPushButton(tr("&Print the sheet…"), this);
    print->setObjectName("powerup.print");
    connect(print, &QPushButton::clicked, this, &PowerUpStation::printAsked);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(print, 0, Qt::AlignLeft);
    layout->addWidget(sheet_, 1);
    PowerUpStation::refresh();
}

QString PowerUpStation::summary() const {
    const PowerUp& p = design().powerUp;
    return tr("%n step(s)", nullptr, static_cast<int>(p.deadTests.size() + p.switchOn.size()));
}

StationState PowerUpStation::state() const {
    return plan().appliances.empty() ? StationState::Untouched : StationState::AtWork;
}

void PowerUpStation::refresh() {
    const PowerUp& p = design().powerUp;
    SheetText text(currentInk());
    text.heading(tr("Dead tests: everything off"));
    for (const SwitchStep& s : p.deadTests) {
        text.step(s);
    }
    text.heading(tr("Settings"));
    text.settings(p.settings);
    text.heading(tr("Switching on: expected readings, bank half charged"));
    for (const SwitchStep& s : p.switchOn) {
        text.step(s);
    }
    const int position = sheet_->verticalScrollBar()->value();
    sheet_->setHtml(text.take());
    sheet_->verticalScrollBar()->setValue(position);
}

}  // namespace spirk::app
