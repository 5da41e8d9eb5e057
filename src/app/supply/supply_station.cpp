// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/supply/supply_station.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>
#include <QStyle>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "app/supply/months_chart.h"
#include "core/plan/units.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

// Choices to begin with when a part is added to a plan that had none.
constexpr const char* kNone = "";
constexpr int kNameLetters = 18;
const SolarChoice kFirstSolar{"panel_200", 1, 2, "mppt_100_30"};
const EngineChoice kFirstEngine{"dcdc_30"};
constexpr double kFirstInverterHours = 2.0;

// Lists what is on offer and `suits`, and the chosen one even if it does not. Nothing is touched
// where the list is the same: a list that is open must not close under the hand.
template <class T, class Suits>
void offer(QComboBox* box,
           const std::vector<T>& own,
           const std::vector<T>& library,
           const std::string& chosen,
           const Suits& suits) {
    QStringList names, ids;
    const bool optional = box->count() > 0 && box->itemData(0).toString() == kNone;
    if (optional) {
        names << box->itemText(0);
        ids << kNone;
    }
    for (const T* model : onOffer(own, library)) {
        const bool twice = ids.contains(q(model->id));
        if (!twice && (suits(*model) || model->id == chosen)) {
            names << q(model->name);
            ids << q(model->id);
        }
    }
    QStringList now;
    for (int i = 0; i < box->count(); ++i) {
        now << box->itemData(i).toString();
    }
    if (now == ids) {
        return;
    }
    const QSignalBlocker quiet(box);
    box->clear();
    for (qsizetype i = 0; i < ids.size(); ++i) {
        box->addItem(names[i], ids[i]);
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
    // Long names are read in the open list and in the tip.
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(kNameLetters);
    connect(box, &QComboBox::currentTextChanged, box, [box](const QString& text) {
        box->setToolTip(tip(text));
    });
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
    form->addRow(section(tr("Everything in the system")));
    units_ = new UnitCards(document(), selection(), this);
    form->addRow(units_);
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
                    "A plan needs a name."_text, "name", "Type one; it stands on every page."_text);
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
    connect(battery_, &QComboBox::activated, this, [this] {
        edit(tr("Choose the battery"), [&](Plan& p) {
            bankOf(p.gear).model = battery_->currentData().toString().toStdString();
        });
    });
    count_ = spin(form, "count", tr("I&n parallel"), 1, 4);
    inSeries_ = spin(form, "bankSeries", tr("In series"), 1, 4);
    connect(inSeries_, &QSpinBox::valueChanged, this, [this](int n) {
        edit(tr("Change batteries in series"), [&](Plan& p) { bankOf(p.gear).series = n; });
    });
    distribution_ = combo(form, "distribution", tr("Distribution"));
    distribution_->addItem(tr("bus bars"), 0);
    distribution_->addItem(tr("fused distributor"), 1);
    distribution_->setToolTip(
        tr("Bars with separate holders are flexible; a distributor holds the fuses, tidy and "
           "covered"));
    connect(distribution_, &QComboBox::activated, this, [this] {
        edit(tr("Choose the distribution"), [&](Plan& p) {
            mainRailOf(p.gear).kind =
                static_cast<Distribution>(distribution_->currentData().toInt());
        });
    });
    converter_ = combo(form, "converter", tr("12 V loads by"));
    converter_->addItem(tr("no converter"), kNone);
    connect(converter_, &QComboBox::activated, this, [this] {
        edit(tr("Choose the converter"), [&](Plan& p) {
            const std::string id = converter_->currentData().toString().toStdString();
            if (id.empty()) {
                takeOutConverter(p.gear);
            } else {
                putConverter(p.gear, id);
            }
        });
    });
    connect(count_, &QSpinBox::valueChanged, this, [this](int n) {
        edit(tr("Change the number of batteries"), [&](Plan& p) { bankOf(p.gear).count = n; });
    });
}

void SupplyStation::addSolar(QFormLayout* form) {
    form->addRow(section(tr("Sun")));
    panel_ = combo(form, "panel", tr("&Panel"));
    panel_->addItem(tr("none"), kNone);
    connect(panel_, &QComboBox::activated, this, [this] {
        const std::string id = panel_->currentData().toString().toStdString();
        edit(tr("Choose the panel"), [&](Plan& p) {
            if (id.empty()) {
                takeOutSolar(p.gear);
                return;
            }
            if (solarOf(p.gear) == nullptr) {
                putSolar(p.gear, kFirstSolar);
            }
            solarOf(p.gear)->panel = id;
        });
    });
    series_ = spin(form, "series", tr("In &series"), 1, 8);
    parallel_ = spin(form, "parallel", tr("Strings in para&llel"), 1, 8);
    connect(series_, &QSpinBox::valueChanged, this, [this](int n) {
        edit(tr("Change panels in series"), [&](Plan& p) { solarOf(p.gear)->series = n; });
    });
    connect(parallel_, &QSpinBox::valueChanged, this, [this](int n) {
        edit(tr("Change strings in parallel"), [&](Plan& p) { solarOf(p.gear)->parallel = n; });
    });
    controller_ = combo(form, "controller", tr("C&ontroller"));
    connect(controller_, &QComboBox::activated, this, [this] {
        edit(tr("Choose the controller"), [&](Plan& p) {
            solarOf(p.gear)->controller = controller_->currentData().toString().toStdString();
        });
    });
    joins_ = combo(form, "joins", tr("&Joins"));
    connect(joins_, &QComboBox::activated, this, [this] {
        edit(tr("Choose where the controller joins"), [&](Plan& p) {
            firstSourceOf<SolarChoice>(p.gear)->way =
                WayId(joins_->currentData().toString().toStdString());
        });
    });
}

// Ways of a kind with what speaks for each in its tip; the first is the usual one.
void SupplyStation::offerWays(QComboBox* box, WayKind of) const {
    const QSignalBlocker quiet(box);
    box->clear();
    for (const WayRow& way : library().ways) {
        if (way.of == of) {
            box->addItem(q(way.name), q(way.id));
            box->setItemData(box->count() - 1, tip(q(way.speaksFor)), Qt::ToolTipRole);
        }
    }
}

void SupplyStation::addEngine(QFormLayout* form) {
    form->addRow(section(tr("Engine")));
    charger_ = combo(form, "charger", tr("D&C-DC charger"));
    charger_->addItem(tr("none"), kNone);
    connect(charger_, &QComboBox::activated, this, [this] {
        const std::string id = charger_->currentData().toString().toStdString();
        edit(tr("Choose the DC-DC charger"), [&](Plan& p) {
            if (id.empty()) {
                takeOutEngine(p.gear);
                return;
            }
            if (engineOf(p.gear) == nullptr) {
                putEngine(p.gear, kFirstEngine);
            }
            engineOf(p.gear)->charger = id;
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
                return failure("An alternator gives more than that."_text,
                               "alternator",
                               "Read its plate: '150 A'."_text);
            }
            edit(tr("Change the alternator"), [&](Plan& p) { p.van.vehicle.alternator = *rating; });
            return QString();
        },
        this);
    form->addRow(tr("&Alternator"), alternator_);
}

void SupplyStation::addInverter(QFormLayout* form) {
    form->addRow(section(tr("Inverter")));
    inverter_ = combo(form, "inverter", tr("&Inverter"));
    inverter_->addItem(tr("none"), kNone);
    connect(inverter_, &QComboBox::activated, this, [this] {
        const std::string id = inverter_->currentData().toString().toStdString();
        edit(tr("Choose the inverter"), [&](Plan& p) {
            if (id.empty()) {
                takeOutInverter(p.gear);
                return;
            }
            const InverterChoice* there = inverterOf(p.gear);
            putInverter(
                p.gear, id, there == nullptr ? hours(kFirstInverterHours) : there->onPerDay);
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
                 [&](Plan& p) { inverterOf(p.gear)->onPerDay = *t; });
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

// Only what fits the bank's voltage, and what is chosen.
void SupplyStation::offerGear() {
    const Gear& gear = plan().gear;
    const Shelf& own = plan().own;
    const Volts system = design().gear.bank().system;
    const auto any = [](const auto&) { return true; };
    const EngineChoice* engine = engineOf(gear);
    const InverterChoice* inverter = inverterOf(gear);
    const FromConverter* converter = converterOf(gear);
    offer(battery_, own.batteries, library().batteries, bankOf(gear).model, any);
    offer(panel_, own.panels, library().panels, "", any);
    offer(controller_, own.controllers, library().controllers, "", any);
    offerWays(joins_, WayKind::Sun);
    offer(charger_,
          own.dcdcs,
          library().dcdcs,
          engine == nullptr ? "" : engine->charger,
          [&](const DcdcModel& m) { return m.outputSystem == system; });
    offer(inverter_,
          own.inverters,
          library().inverters,
          inverter == nullptr ? "" : inverter->model,
          [&](const InverterModel& m) { return m.system == system; });
    offer(converter_,
          own.converters,
          library().converters,
          converter == nullptr ? "" : converter->model,
          [&](const ConverterModel& m) { return m.inputSystem == system; });
}

void SupplyStation::refreshGear() {
    const Gear& gear = plan().gear;
    offerGear();
    const BankChoice& bank = bankOf(gear);
    choose(battery_, q(bank.model));
    setValue(count_, bank.count);
    setValue(inSeries_, bank.series);
    {
        const QSignalBlocker quiet(distribution_);
        distribution_->setCurrentIndex(static_cast<int>(mainRailOf(gear).kind));
    }
    const FromConverter* converter = converterOf(gear);
    choose(converter_, converter == nullptr ? kNone : q(converter->model));
    converter_->setEnabled(design().gear.bank().system > volts(12.0) || converter != nullptr);
    refreshSun();
    const EngineChoice* engine = engineOf(gear);
    choose(charger_, engine == nullptr ? kNone : q(engine->charger));
    const bool driven = design().gear.usesEngine();
    alternator_->setEnabled(driven);
    alternator_->show(!driven ? QString() : q(plan().van.vehicle.alternator));
    const InverterChoice* inverter = inverterOf(gear);
    choose(inverter_, inverter == nullptr ? kNone : q(inverter->model));
    inverterOn_->setEnabled(inverter != nullptr);
    inverterOn_->show(inverter == nullptr ? QString() : q(inverter->onPerDay));
}

void SupplyStation::refreshSun() {
    const SourceChoice* source = firstSourceOf<SolarChoice>(plan().gear);
    for (QWidget* w : std::initializer_list<QWidget*>{series_, parallel_, controller_, joins_}) {
        w->setEnabled(source != nullptr);
    }
    if (source == nullptr) {
        choose(panel_, kNone);
        return;
    }
    const auto& solar = std::get<SolarChoice>(source->what);
    choose(panel_, q(solar.panel));
    setValue(series_, solar.series);
    setValue(parallel_, solar.parallel);
    choose(controller_, q(solar.controller));
    choose(joins_, q(source->way.value));
}

void SupplyStation::refreshRules() {
    const Supply& s = design().supply;
    bankRule_->show(s.bank,
                    tr("usable energy; %1 days without sun").arg(q(shownDays(s.daysWithoutSun))));
    sunRule_->show(s.sun,
                   s.sun ? tr("panels, for %1 alone").arg(q(monthName(s.leanestMonth)))
                         : tr("no panels chosen"));
    engineRule_->show(
        s.engine,
        s.engineRefill
            ? tr("current into the bank; empty to full in %1 of driving").arg(q(*s.engineRefill))
            : tr("no engine charging chosen"));
    inverterRule_->show(
        s.inverter,
        s.inverter ? tr("worst case at once; short-time %1").arg(q(design().needs.worstSurge))
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
    refreshGear();
    refreshRules();
    units_->refresh();
}

}  // namespace spirk::app
