// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/supply_station.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QScrollArea>
#include <QStyle>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/supply/months_chart.h"
#include "core/quantities/parse.h"

namespace spirk::app {

namespace {

// Choices to begin with when a part is added to a plan that had none.
constexpr const char* kNone = "";
const SolarChoice kFirstSolar{"panel_200", 1, 2, "mppt_100_30"};
const EngineChoice kFirstEngine{"dcdc_30", amps(150)};
const InverterChoice kFirstInverter{"inverter_1000", hours(2)};

template <class T>
void fill(QComboBox* box, const std::vector<T>& entries) {
    for (const T& entry : entries) {
        box->addItem(q(entry.name), q(entry.id));
    }
}

void choose(QComboBox* box, const QString& id) {
    const QSignalBlocker quiet(box);
    box->setCurrentIndex(box->findData(id));
}

void setValue(QSpinBox* box, int value) {
    const QSignalBlocker quiet(box);
    box->setValue(value);
}

QLabel* section(const QString& text) {
    auto* label = new QLabel(text);
    QFont font = label->font();
    font.setWeight(QFont::DemiBold);
    label->setFont(font);
    label->setContentsMargins(0, label->fontMetrics().height() / 2, 0, 0);
    return label;
}

}  // namespace

SupplyStation::SupplyStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent) {
    bankRule_ = new MarksRule(tr("Bank"), selection, this);
    sunRule_ = new MarksRule(tr("Sun"), selection, this);
    engineRule_ = new MarksRule(tr("Engine"), selection, this);
    inverterRule_ = new MarksRule(tr("Inverter"), selection, this);
    auto* rules = new QVBoxLayout;
    for (MarksRule* rule : {bankRule_, sunRule_, engineRule_, inverterRule_}) {
        rules->addWidget(rule);
    }
    rules->addWidget(new MonthsChart(document, this), 1);
    auto* layout = new QHBoxLayout(this);
    layout->addLayout(rules, 1);
    layout->addWidget(makeForm());
    SupplyStation::refresh();
}

QComboBox* SupplyStation::combo(QFormLayout* form, const QString& name, const QString& label) {
    auto* box = new QComboBox(this);
    box->setObjectName("supply." + name);
    box->setAccessibleName(label);
    box->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    form->addRow(label, box);
    return box;
}

QSpinBox* SupplyStation::spin(
    QFormLayout* form, const QString& name, const QString& label, int low, int high) {
    auto* box = new QSpinBox(this);
    box->setObjectName("supply." + name);
    box->setAccessibleName(label);
    box->setRange(low, high);
    form->addRow(label, box);
    return box;
}

void SupplyStation::edit(const QString& text, const std::function<void(Plan&)>& change) {
    Plan next = plan();
    change(next);
    document().push(text, std::move(next), {"supply/" + text});
}

QWidget* SupplyStation::makeForm() {
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inner = new QWidget(area);
    auto* form = new QFormLayout(inner);
    form->setRowWrapPolicy(QFormLayout::DontWrapRows);
    form->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    addTrip(form);
    addBank(form);
    addSolar(form);
    addEngine(form);
    addInverter(form);
    area->setWidget(inner);
    area->setMinimumWidth(inner->minimumSizeHint().width() +
                          style()->pixelMetric(QStyle::PM_ScrollBarExtent));
    return area;
}

void SupplyStation::addTrip(QFormLayout* form) {
    name_ = new Entry(
        "supply.name",
        tr("Name of the plan"),
        [this](const std::string& text) -> Result<QString> {
            const std::string name = q(text).trimmed().toStdString();
            if (name.empty()) {
                return failure(
                    "A plan needs a name.", "name", "Type one; it stands on every page.");
            }
            edit(tr("Name the plan"), [&](Plan& p) { p.name = name; });
            return QString();
        },
        this);
    form->addRow(tr("&Name of the plan"), name_);
    form->addRow(section(tr("Trip")));
    climate_ = combo(form, "climate", tr("&Climate like"));
    for (const Climate& c : library().climates) {
        climate_->addItem(q(c.name), q(c.name));
    }
    firstMonth_ = combo(form, "firstMonth", tr("&From"));
    lastMonth_ = combo(form, "lastMonth", tr("&To"));
    for (QComboBox* box : {firstMonth_, lastMonth_}) {
        for (int month = 1; month <= 12; ++month) {
            box->addItem(QLocale::c().monthName(month), month);
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
    form->addRow(tr("&Days without sun"), days_);
    driving_ = new Entry(
        "supply.driving",
        tr("Driving a day"),
        [this](const std::string& text) -> Result<QString> {
            const auto t = parseHours(text);
            if (!t) {
                return tl::unexpected(t.error());
            }
            edit(tr("Change driving a day"), [&](Plan& p) { p.trip.drivingPerDay = *t; });
            return QString();
        },
        this);
    form->addRow(tr("D&riving a day"), driving_);
}

void SupplyStation::addBank(QFormLayout* form) {
    form->addRow(section(tr("Bank")));
    battery_ = combo(form, "battery", tr("&Battery"));
    fill(battery_, library().batteries);
    connect(battery_, &QComboBox::activated, this, [this] {
        edit(tr("Choose the battery"), [&](Plan& p) {
            p.gear.bank.model = battery_->currentData().toString().toStdString();
        });
    });
    count_ = spin(form, "count", tr("I&n parallel"), 1, 4);
    connect(count_, &QSpinBox::valueChanged, this, [this](int n) {
        edit(tr("Change the number of batteries"), [&](Plan& p) { p.gear.bank.count = n; });
    });
}

void SupplyStation::addSolar(QFormLayout* form) {
    form->addRow(section(tr("Sun")));
    panel_ = combo(form, "panel", tr("&Panel"));
    panel_->addItem(tr("none"), kNone);
    fill(panel_, library().panels);
    connect(panel_, &QComboBox::activated, this, [this] {
        const std::string id = panel_->currentData().toString().toStdString();
        edit(tr("Choose the panel"), [&](Plan& p) {
            if (id.empty()) {
                p.gear.solar.reset();
                return;
            }
            p.gear.solar = p.gear.solar.value_or(kFirstSolar);
            p.gear.solar->panel = id;
        });
    });
    series_ = spin(form, "series", tr("In &series"), 1, 8);
    parallel_ = spin(form, "parallel", tr("Strings in para&llel"), 1, 8);
    connect(series_, &QSpinBox::valueChanged, this, [this](int n) {
        edit(tr("Change panels in series"), [&](Plan& p) { p.gear.solar->series = n; });
    });
    connect(parallel_, &QSpinBox::valueChanged, this, [this](int n) {
        edit(tr("Change strings in parallel"), [&](Plan& p) { p.gear.solar->parallel = n; });
    });
    controller_ = combo(form, "controller", tr("C&ontroller"));
    fill(controller_, library().controllers);
    connect(controller_, &QComboBox::activated, this, [this] {
        edit(tr("Choose the controller"), [&](Plan& p) {
            p.gear.solar->controller = controller_->currentData().toString().toStdString();
        });
    });
}

void SupplyStation::addEngine(QFormLayout* form) {
    form->addRow(section(tr("Engine")));
    charger_ = combo(form, "charger", tr("D&C-DC charger"));
    charger_->addItem(tr("none"), kNone);
    fill(charger_, library().dcdcs);
    connect(charger_, &QComboBox::activated, this, [this] {
        const std::string id = charger_->currentData().toString().toStdString();
        edit(tr("Choose the DC-DC charger"), [&](Plan& p) {
            if (id.empty()) {
                p.gear.engine.reset();
                return;
            }
            p.gear.engine = p.gear.engine.value_or(kFirstEngine);
            p.gear.engine->charger = id;
        });
    });
    alternator_ = new Entry(
        "supply.alternator",
        tr("Alternator"),
        [this](const std::string& text) -> Result<QString> {
            const auto rating = parseCurrent(text);
            if (!rating) {
                return tl::unexpected(rating.error());
            }
            if (rating->si() < 1.0) {
                return failure("An alternator gives more than that.",
                               "alternator",
                               "Read its plate: '150 A'.");
            }
            edit(tr("Change the alternator"),
                 [&](Plan& p) { p.gear.engine->alternator = *rating; });
            return QString();
        },
        this);
    form->addRow(tr("&Alternator"), alternator_);
}

void SupplyStation::addInverter(QFormLayout* form) {
    form->addRow(section(tr("Inverter")));
    inverter_ = combo(form, "inverter", tr("&Inverter"));
    inverter_->addItem(tr("none"), kNone);
    fill(inverter_, library().inverters);
    connect(inverter_, &QComboBox::activated, this, [this] {
        const std::string id = inverter_->currentData().toString().toStdString();
        edit(tr("Choose the inverter"), [&](Plan& p) {
            if (id.empty()) {
                p.gear.inverter.reset();
                return;
            }
            p.gear.inverter = p.gear.inverter.value_or(kFirstInverter);
            p.gear.inverter->model = id;
        });
    });
    inverterOn_ = new Entry(
        "supply.inverterOn",
        tr("Switched on a day"),
        [this](const std::string& text) -> Result<QString> {
            const auto t = parseHours(text);
            if (!t) {
                return tl::unexpected(t.error());
            }
            edit(tr("Change how long the inverter is on"),
                 [&](Plan& p) { p.gear.inverter->onPerDay = *t; });
            return QString();
        },
        this);
    form->addRow(tr("Switched on a da&y"), inverterOn_);
}

QString SupplyStation::summary() const {
    const Supply& s = design().supply;
    if (s.demand.si() <= 0.0) {
        return tr("nothing drawn yet");
    }
    return tr("%1 of %2 days")
        .arg(q(daysText(s.daysWithoutSun)), q(formatNumber(plan().trip.daysWithoutSun, 3)));
}

StationState SupplyStation::state() const {
    const Supply& s = design().supply;
    if (s.demand.si() <= 0.0) {
        return StationState::Untouched;
    }
    return s.bank.chosen.si < s.bank.needed.si ? StationState::AtWork : StationState::Settled;
}

void SupplyStation::refreshGear() {
    const Gear& gear = plan().gear;
    choose(battery_, q(gear.bank.model));
    setValue(count_, gear.bank.count);
    choose(panel_, gear.solar ? q(gear.solar->panel) : kNone);
    for (QWidget* w : std::initializer_list<QWidget*>{series_, parallel_, controller_}) {
        w->setEnabled(gear.solar.has_value());
    }
    if (gear.solar) {
        setValue(series_, gear.solar->series);
        setValue(parallel_, gear.solar->parallel);
        choose(controller_, q(gear.solar->controller));
    }
    choose(charger_, gear.engine ? q(gear.engine->charger) : kNone);
    alternator_->setEnabled(gear.engine.has_value());
    alternator_->show(gear.engine ? q(format(gear.engine->alternator)) : QString());
    choose(inverter_, gear.inverter ? q(gear.inverter->model) : kNone);
    inverterOn_->setEnabled(gear.inverter.has_value());
    inverterOn_->show(gear.inverter ? q(format(gear.inverter->onPerDay)) : QString());
}

void SupplyStation::refreshRules() {
    const Supply& s = design().supply;
    bankRule_->show(s.bank,
                    tr("usable energy; %1 days without sun").arg(q(daysText(s.daysWithoutSun))));
    sunRule_->show(s.sun,
                   s.sun ? tr("panels, for %1 alone").arg(QLocale::c().monthName(s.leanestMonth))
                         : tr("no panels chosen"));
    engineRule_->show(s.engine,
                      s.engineRefill ? tr("current into the bank; empty to full in %1 of driving")
                                           .arg(q(format(*s.engineRefill)))
                                     : tr("no engine charging chosen"));
    inverterRule_->show(
        s.inverter,
        s.inverter
            ? tr("worst case at once; short-time %1").arg(q(format(design().needs.worstSurge)))
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
    days_->show(q(formatNumber(trip.daysWithoutSun, 3)));
    driving_->show(q(format(trip.drivingPerDay)));
    refreshGear();
    refreshRules();
}

}  // namespace spirk::app
