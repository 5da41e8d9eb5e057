// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/powerup/powerup_station.h"

#include <QHBoxLayout>
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
    SheetText(const Ink& ink, const Units& units) : ink_(ink), units_(units) {}

    void heading(const QString& text) { html_ += "<h3>" + text.toHtmlEscaped() + "</h3>"; }

    void step(const SwitchStep& s) {
        html_ += QStringLiteral("<p><b>%1</b>&nbsp; %2</p>")
                     .arg(++number_)
                     .arg(q(s.text, units_).toHtmlEscaped());
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
            const QString plain = rangeText(e);
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
    Units units_;
    QString html_;
    int number_ = 0;
};

}  // namespace

PowerUpStation::PowerUpStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent), sheet_(new QTextBrowser(this)) {
    sheet_->setObjectName("powerup.sheet");
    sheet_->setAccessibleName(tr("Sheet for the first switch-on"));
    sheet_->setOpenLinks(false);
    sheet_->setFont(plain(sheet_->font()));
    connect(sheet_, &QTextBrowser::anchorClicked, this, [&selection](const QUrl& link) {
        if (const auto figure = figureOf(link.toString(QUrl::FullyEncoded))) {
            selection.askWhy(*figure);
        }
    });
    auto* print = new QPushButton(tr("&Print the sheet…"), this);
    print->setObjectName("powerup.print");
    connect(print, &QPushButton::clicked, this, [this] {
        emit printAsked(PaperDocument::SwitchOnSheet);
    });
    auto* large = new QPushButton(tr("One step at a &time"), this);
    large->setObjectName("powerup.large");
    large->setToolTip(tr("Large type for reading in the van, by arrow keys or touch"));
    auto* top = new QHBoxLayout;
    top->addWidget(large);
    top->addWidget(print);
    top->addStretch(1);
    auto* whole = new QWidget(this);
    auto* column = new QVBoxLayout(whole);
    column->setContentsMargins(0, 0, 0, 0);
    column->addLayout(top);
    column->addWidget(sheet_, 1);
    cards_ = new StepCards(this);
    pages_ = new QStackedWidget(this);
    pages_->addWidget(whole);
    pages_->addWidget(cards_);
    connect(large, &QPushButton::clicked, this, [this] {
        pages_->setCurrentWidget(cards_);
        cards_->setFocus();
    });
    connect(cards_, &StepCards::left, this, [this, large] {
        pages_->setCurrentIndex(0);
        large->setFocus();
    });
    connect(cards_, &StepCards::shown, this, [&selection](const std::vector<Subject>& subjects) {
        if (!subjects.empty()) {
            selection.select(subjects.front());
        }
    });
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(pages_);
    PowerUpStation::refresh();
}

QString PowerUpStation::summary() const {
    const PowerUp& p = design().powerUp;
    return tr("%n step(s)",
              nullptr,
              static_cast<int>(p.deadTests.size() + p.switchOn.size() + p.shutDown.size()));
}

StationState PowerUpStation::state() const {
    return plan().appliances.empty() ? StationState::Untouched : StationState::AtWork;
}

void PowerUpStation::refresh() {
    const PowerUp& p = design().powerUp;
    SheetText text(currentInk(), document().plan().units);
    text.heading(tr("Dead tests: everything off"));
    for (const SwitchStep& s : p.deadTests) {
        text.step(s);
    }
    text.heading(tr("Settings"));
    text.settings(p.settings);
    text.heading(tr("Switching on: expected readings"));
    for (const SwitchStep& s : p.switchOn) {
        text.step(s);
    }
    text.heading(tr("Switching off, for work and for storage"));
    for (const SwitchStep& s : p.shutDown) {
        text.step(s);
    }
    cards_->setCards(cardsOf(p, document().plan().units));
    const int position = sheet_->verticalScrollBar()->value();
    sheet_->setHtml(text.take());
    sheet_->verticalScrollBar()->setValue(position);
}

}  // namespace spirk::app
