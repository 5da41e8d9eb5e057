// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/supply_station.h"

#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>
#include <array>

#include "app/shared/text.h"
#include "app/supply/months_chart.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

constexpr int kNameLetters = 12;
constexpr int kMonthsLines = 12;

void choose(QComboBox* box, const QString& id) {
    const QSignalBlocker quiet(box);
    box->setCurrentIndex(box->findData(id));
}

}  // namespace

SupplyStation::SupplyStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent) {
    bankRule_ = new MarksRule(tr("Bank"), selection, this);
    sunRule_ = new MarksRule(tr("Sun"), selection, this);
    engineRule_ = new MarksRule(tr("Engine"), selection, this);
    inverterRule_ = new MarksRule(tr("Inverter"), selection, this);
    bankRule_->setObjectName("supply.rule.bank");
    sunRule_->setObjectName("supply.rule.sun");
    engineRule_->setObjectName("supply.rule.engine");
    inverterRule_->setObjectName("supply.rule.inverter");
    units_ = new UnitCards(document, selection, this);
    connect(units_, &UnitCards::compareAsked, this, &Station::compareAsked);
    units_->addAbove(UnitCards::Column::In, sunRule_);
    units_->addAbove(UnitCards::Column::In, engineRule_);
    units_->addAbove(UnitCards::Column::Store, bankRule_);
    units_->addAbove(UnitCards::Column::Out, inverterRule_);
    auto* inner = new QWidget(this);
    auto* below = new QVBoxLayout(inner);
    below->addWidget(units_);
    auto* months = new MonthsChart(document, this);
    months->setMinimumHeight(fontMetrics().height() * kMonthsLines);
    below->addWidget(months, 1);
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setWidget(inner);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(makeTrip());
    layout->addWidget(area, 1);
    SupplyStation::refresh();
}

QComboBox* SupplyStation::combo(const QString& name, const QString& label) {
    auto* box = new QComboBox(this);
    box->setObjectName("supply." + name);
    box->setAccessibleName(label);
    // Long names are read in the open list and in the tip.
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(kNameLetters);
    connect(box, &QComboBox::currentTextChanged, box, [box](const QString& text) {
        box->setToolTip(tip(text));
    });
    return box;
}

void SupplyStation::edit(const QString& text, const std::function<void(Plan&)>& change) {
    Plan next = plan();
    change(next);
    document().push(text, std::move(next), {"supply/" + text});
}

// Two rows across the station: what the trip is, and how long the bank must carry it.
QGridLayout* SupplyStation::makeTrip() {
    addTrip();
    auto* grid = new QGridLayout;
    struct Field {
        QString label;
        QWidget* widget;
    };
    const std::array fields{Field{tr("&Name of the plan"), name_},
                            Field{tr("&Climate like"), climate_},
                            Field{tr("&From"), firstMonth_},
                            Field{tr("&Days without sun"), days_},
                            Field{tr("D&riving per day"), driving_},
                            Field{tr("&To"), lastMonth_}};
    constexpr int kAcross = 3;
    for (int i = 0; i < static_cast<int>(fields.size()); ++i) {
        const Field& field = fields[static_cast<std::size_t>(i)];
        auto* label = new QLabel(field.label, this);
        label->setBuddy(field.widget);
        grid->addWidget(label, i / kAcross, 2 * (i % kAcross));
        grid->addWidget(field.widget, i / kAcross, 2 * (i % kAcross) + 1);
        grid->setColumnStretch(2 * (i % kAcross) + 1, 1);
    }
    return grid;
}

void SupplyStation::addTrip() {
    name_ = new Entry(
        "supply.name",
        tr("Name of the plan"),
        [this](const std::string& text) -> Result<QString> {
            const std::string name = q(text).trimmed().toStdString();
            if (name.empty()) {
                return failure("A plan needs a name."_text,
                               "name",
                               "Type one; it is printed on every page."_text);
            }
            edit(tr("Name the plan"), [&](Plan& p) { p.name = name; });
            return QString();
        },
        this);
    climate_ = combo("climate", tr("Climate like"));
    for (const Climate& c : library().climates) {
        climate_->addItem(q(c.name), q(c.name.english));  // plans have its English name
    }
    firstMonth_ = combo("firstMonth", tr("From"));
    lastMonth_ = combo("lastMonth", tr("To"));
    for (QComboBox* box : {firstMonth_, lastMonth_}) {
        for (int month = 1; month <= 12; ++month) {
            box->addItem(q(monthName(month)), month);
        }
    }
    connect(climate_, &QComboBox::activated, this, [this] {
        edit(tr("Choose the climate"),
             [&](Plan& p) { p.trip.climate = climate_->currentData().toString().toStdString(); });
    });
    connect(firstMonth_, &QComboBox::activated, this, [this] {
        edit(tr("Change the first month"),
             [&](Plan& p) { p.trip.firstMonth = firstMonth_->currentData().toInt(); });
    });
    connect(lastMonth_, &QComboBox::activated, this, [this] {
        edit(tr("Change the last month"),
             [&](Plan& p) { p.trip.lastMonth = lastMonth_->currentData().toInt(); });
    });
    days_ = new Entry(
        "supply.days",
        tr("Days without sun"),
        [this](const std::string& text) -> Result<QString> {
            const auto days = parseNumber(text, 0, 60);
            if (!days) {
                return tl::unexpected(days.error());
            }
            edit(tr("Change days without sun"), [&](Plan& p) { p.trip.daysWithoutSun = *days; });
            return QString();
        },
        this);
    driving_ = new Entry(
        "supply.driving",
        tr("Driving per day"),
        [this](const std::string& text) -> Result<QString> {
            const auto t = parseHours(text);
            if (!t) {
                return tl::unexpected(t.error());
            }
            edit(tr("Change driving per day"), [&](Plan& p) { p.trip.drivingPerDay = *t; });
            return QString();
        },
        this);
}

QString SupplyStation::summary() const {
    const Supply& s = design().supply;
    if (s.demand.si() <= 0.0) {
        return tr("nothing used yet");
    }
    return tr("%1 of %2 days")
        .arg(q(shownDays(s.daysWithoutSun)),
             localNumber(formatNumber(plan().trip.daysWithoutSun, 3)));
}

StationState SupplyStation::state() const {
    const Supply& s = design().supply;
    if (s.demand.si() <= 0.0) {
        return StationState::Untouched;
    }
    return s.bank.chosen.si < s.bank.needed.si ? StationState::AtWork : StationState::Settled;
}

void SupplyStation::refreshRules() {
    const Supply& s = design().supply;
    bankRule_->show(s.bank, tr("%1 days without sun").arg(q(shownDays(s.daysWithoutSun))));
    sunRule_->show(s.sun,
                   s.sun ? tr("panels for %1 alone").arg(q(monthName(s.leanestMonth)))
                         : tr("no panels chosen"));
    engineRule_->show(
        s.engine,
        s.engineRefill ? tr("current into the bank; what of it is used is back after %1 of driving")
                             .arg(q(*s.engineRefill))
                       : tr("no engine charging chosen"));
    inverterRule_->show(s.inverter,
                        s.inverter
                            ? tr("worst case at once; surge %1").arg(q(design().needs.worstSurge))
                            : tr("no inverter chosen"));
}

void SupplyStation::refresh() {
    const Trip& trip = plan().trip;
    name_->show(q(plan().name));
    choose(climate_, q(trip.climate));
    const QSignalBlocker first(firstMonth_);
    const QSignalBlocker last(lastMonth_);
    firstMonth_->setCurrentIndex(trip.firstMonth - 1);
    lastMonth_->setCurrentIndex(trip.lastMonth - 1);
    days_->show(localNumber(formatNumber(trip.daysWithoutSun, 3)));
    driving_->show(q(trip.drivingPerDay));
    refreshRules();
    units_->refresh();
}

}  // namespace spirk::app
