// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/powerup/step_cards.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

namespace {

constexpr double kTextScale = 1.9;
constexpr double kButtonScale = 1.4;

void addSteps(std::vector<StepCard>& cards,
              const QString& heading,
              const std::vector<SwitchStep>& steps,
              const Units& units) {
    for (const SwitchStep& s : steps) {
        StepCard card{heading, q(s.text, units), q(s.caution), {}, s.subjects};
        for (const Expected& e : s.readings) {
            const bool ohms = e.value.unit == Unit::Ohm;
            card.rows.push_back(
                {q(e.where), ohms ? rangeText(e) : q(e.value), ohms ? QString() : rangeText(e)});
        }
        cards.push_back(std::move(card));
    }
}

// A card for each device: its settings are made together.
void addSettings(std::vector<StepCard>& cards, const std::vector<DeviceSetting>& settings) {
    for (std::size_t i = 0; i < settings.size(); ++i) {
        const DeviceSetting& s = settings[i];
        if (i == 0 || settings[i - 1].device != s.device) {
            cards.push_back({StepCards::tr("Settings"),
                             StepCards::tr("Set the %1.").arg(q(s.name)),
                             {},
                             {},
                             {subject(s.device)}});
        }
        cards.back().rows.push_back({q(s.setting), q(s.value), {}});
    }
}

}  // namespace

QString rangeText(const Expected& e) {
    const bool ohms = e.value.unit == Unit::Ohm;
    return ohms && e.low.si > 0.0 ? StepCards::tr("above %1").arg(q(e.low))
           : ohms                 ? StepCards::tr("below %1").arg(q(e.high))
                                  : StepCards::tr("%1 to %2").arg(q(e.low), q(e.high));
}

std::vector<StepCard> cardsOf(const PowerUp& powerUp, const Units& units) {
    std::vector<StepCard> out;
    addSteps(out, StepCards::tr("Dead tests: everything off"), powerUp.deadTests, units);
    addSettings(out, powerUp.settings);
    addSteps(out, StepCards::tr("Switching on"), powerUp.switchOn, units);
    addSteps(out, StepCards::tr("Switching off"), powerUp.shutDown, units);
    return out;
}

StepCards::StepCards(QWidget* parent) : QWidget(parent) {
    setObjectName("powerup.cards");
    setFocusPolicy(Qt::StrongFocus);
    progress_ = new QProgressBar(this);
    progress_->setObjectName("powerup.cards.progress");
    progress_->setFormat(tr("Step %v of %m"));
    text_ = new QLabel(this);
    text_->setObjectName("powerup.cards.text");
    text_->setAccessibleName(tr("The step"));
    text_->setWordWrap(true);
    text_->setTextFormat(Qt::RichText);
    text_->setAlignment(Qt::AlignTop);
    text_->setMargin(12);
    scroll_ = new QScrollArea(this);
    scroll_->setWidget(text_);
    scroll_->setWidgetResizable(true);
    scroll_->setFrameShape(QFrame::NoFrame);
    back_ = big("powerup.cards.back", tr("&Back"), tr("Left"));
    sheet_ = big("powerup.cards.sheet", tr("&Whole sheet"), tr("Escape"));
    next_ = big("powerup.cards.next", tr("&Next"), tr("Right"));
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(back_, 1);
    buttons->addWidget(sheet_, 1);
    buttons->addWidget(next_, 2);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(progress_);
    layout->addWidget(scroll_, 1);
    layout->addLayout(buttons);
    connect(back_, &QPushButton::clicked, this, [this] { show(current_ - 1); });
    connect(next_, &QPushButton::clicked, this, [this] { show(current_ + 1); });
    connect(sheet_, &QPushButton::clicked, this, &StepCards::left);
    setFonts();
}

QPushButton* StepCards::big(const QString& name, const QString& text, const QString& keys) {
    auto* button = new QPushButton(text, this);
    button->setObjectName(name);
    button->setToolTip(tr("%1 (%2)").arg(QString(text).remove('&'), keys));
    return button;
}

void StepCards::setFonts() {
    QFont large = font();
    large.setPointSizeF(font().pointSizeF() * kTextScale);
    text_->setFont(large);
    QFont middle = font();
    middle.setPointSizeF(font().pointSizeF() * kButtonScale);
    for (QPushButton* button : {back_, sheet_, next_}) {
        button->setFont(middle);
        button->setMinimumHeight(QFontMetrics(middle).height() * 5 / 2);
    }
}

void StepCards::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::FontChange) {
        setFonts();
    }
}

// The application's style sheet settles fonts when a widget is first shown.
void StepCards::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    setFonts();
}

void StepCards::setCards(std::vector<StepCard> cards) {
    cards_ = std::move(cards);
    current_ = std::clamp(current_, 0, std::max(0, count() - 1));
    fill();
}

void StepCards::show(int card) {
    if (card < 0 || card >= count()) {
        return;
    }
    current_ = card;
    fill();
    emit shown(cards_[static_cast<std::size_t>(card)].subjects);
}

void StepCards::fill() {
    progress_->setRange(0, std::max(1, count()));
    progress_->setValue(cards_.empty() ? 0 : current_ + 1);
    back_->setEnabled(current_ > 0);
    next_->setEnabled(current_ + 1 < count());
    if (cards_.empty()) {
        text_->setText(tr("Nothing to switch on yet."));
        return;
    }
    const StepCard& card = cards_[static_cast<std::size_t>(current_)];
    const Ink ink = currentInk();
    QString html = QStringLiteral("<p style='color:%1'>%2</p>")
                       .arg(ink.faint.name(), card.heading.toHtmlEscaped());
    if (!card.caution.isEmpty()) {
        html += QStringLiteral("<p style='color:%1'><b>%2</b></p>")
                    .arg(ink.danger.name(), card.caution.toHtmlEscaped());
    }
    html += "<p>" + card.text.toHtmlEscaped() + "</p>";
    html += "<table cellpadding=6 width='100%'>";
    for (const StepCard::Row& row : card.rows) {
        html += QStringLiteral(
                    "<tr><td>%1</td><td align='right'><b>%2</b></td><td align='right' "
                    "style='color:%4'>%3</td></tr>")
                    .arg(row.name.toHtmlEscaped(),
                         row.value.toHtmlEscaped(),
                         row.range.toHtmlEscaped(),
                         ink.faint.name());
    }
    text_->setText(html + "</table>");
}

void StepCards::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_Right:
        case Qt::Key_PageDown:
        case Qt::Key_Space:
            show(current_ + 1);
            break;
        case Qt::Key_Left:
        case Qt::Key_PageUp:
            show(current_ - 1);
            break;
        case Qt::Key_Home:
            show(0);
            break;
        case Qt::Key_End:
            show(count() - 1);
            break;
        case Qt::Key_Escape:
            emit left();
            break;
        default:
            QWidget::keyPressEvent(event);
    }
}

}  // namespace spirk::app
