// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/first_plan_dialog.h"

#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "core/supply/supply.h"

namespace spirk::app {

namespace {

constexpr int kPauseMs = 200;
constexpr int kMostOwned = 4;

void addRow(QComboBox* box, const std::string& id, const QString& name) {
    box->addItem(name, q(id));
}

template <class Model>
void fillOwned(QComboBox* box, const std::vector<Model>& models) {
    box->clear();
    box->addItem(FirstPlanDialog::tr("none yet"), QString());
    for (const Model& model : models) {
        addRow(box, model.id, q(model.name));
    }
}

QString line(const QString& name, const QString& value) {
    return QStringLiteral("<tr><td>%1&nbsp;&nbsp;</td><td>%2</td></tr>")
        .arg(name.toHtmlEscaped(), value.toHtmlEscaped());
}

QString gearLines(const Design& d) {
    const auto many = [](int count, const Words& name) {
        return count == 1 ? q(name) : QStringLiteral("%1 × %2").arg(count).arg(q(name));
    };
    const System& gear = d.gear;
    QString out = line(FirstPlanDialog::tr("Bank"),
                       many(gear.bank().count * gear.bank().series, gear.bank().model->name));
    if (gear.sun()) {
        out += line(FirstPlanDialog::tr("Sun"),
                    many(gear.sun()->series * gear.sun()->parallel, gear.sun()->panel->name) +
                        ", " + q(gear.sun()->controller->name));
    }
    if (gear.engine()) {
        out += line(FirstPlanDialog::tr("Engine"), q(gear.engine()->charger->name));
    }
    if (!gear.relays.empty()) {
        out += line(FirstPlanDialog::tr("Engine"), q(gear.relays.front().relay->name));
    }
    if (!gear.shores.empty()) {
        out += line(FirstPlanDialog::tr("Shore"), q(gear.shores.front().charger->name));
    }
    if (gear.inverter() != nullptr) {
        out += line(FirstPlanDialog::tr("Inverter"), q(gear.inverter()->name));
    }
    if (gear.converter() != nullptr) {
        out += line(FirstPlanDialog::tr("12 V loads by"), q(gear.converter()->name));
    }
    return out;
}

}  // namespace

FirstPlanDialog::FirstPlanDialog(const Libraries& libraries,
                                 const std::string& region,
                                 QWidget* parent)
    : QDialog(parent),
      libraries_(libraries),
      job_([this](const Outcome& outcome) { showOutcome(outcome); }, [this] { offerAgain(); }) {
    setObjectName("first");
    setWindowTitle(tr("Five questions for a first plan"));
    QFormLayout* form = makeQuestions();
    outcome_ = new QLabel(this);
    outcome_->setObjectName("first.outcome");
    outcome_->setAccessibleName(tr("The plan this makes"));
    outcome_->setWordWrap(true);
    outcome_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    outcome_->setMinimumHeight(fontMetrics().lineSpacing() * 10);
    outcome_->setAlignment(Qt::AlignTop);

    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(outcome_, 1);
    layout->addWidget(makeButtons());

    pause_ = new QTimer(this);
    pause_->setSingleShot(true);
    pause_->setInterval(kPauseMs);
    connect(pause_, &QTimer::timeout, this, &FirstPlanDialog::compute);
    engine_->addItems(
        {tr("a DC-DC charger"), tr("nothing"), tr("a relay: an old van with a lead-acid bank")});
    shore_->addItems({tr("nothing"), tr("a charger on shore power")});
    for (const Library& each : libraries_.regions) {
        addRow(region_, each.region.id, q(each.region.name));
    }
    region_->setCurrentIndex(std::max(0, region_->findData(q(region))));
    fillForRegion();
    connect(region_, &QComboBox::currentIndexChanged, this, &FirstPlanDialog::fillForRegion);
    compute();
}

QFormLayout* FirstPlanDialog::makeQuestions() {
    auto* form = new QFormLayout;
    ask(form, tr("1  What kind of trip?"));
    trip_ = addChoice(form, "trip", tr("&Trip"));
    ask(form, tr("2  Where?"));
    region_ = addChoice(form, "region", tr("&Region"));
    climate_ = addChoice(form, "climate", tr("&Climate like"));
    ask(form, tr("3  What do you own already?"));
    battery_ = addChoice(form, "battery", tr("&Battery"));
    batteries_ = addCount(form, battery_, "batteries", tr("How many batteries"));
    panel_ = addChoice(form, "panel", tr("&Panel"));
    panels_ = addCount(form, panel_, "panels", tr("How many panels"));
    inverter_ = addChoice(form, "inverter", tr("&Inverter"));
    cables_ = new QLineEdit(this);
    cables_->setObjectName("first.cables");
    cables_->setPlaceholderText(tr("none; or like '6 m of 25 mm², 3 m of 50 mm²'"));
    form->addRow(tr("C&able"), cables_);
    connect(cables_, &QLineEdit::textChanged, this, &FirstPlanDialog::change);
    ask(form, tr("4  Which load matters most?"));
    load_ = addChoice(form, "load", tr("&Load"));
    ask(form, tr("5  What charges the bank besides the sun?"));
    engine_ = addChoice(form, "engine", tr("&While driving"));
    shore_ = addChoice(form, "shore", tr("Pl&ugged in"));
    return form;
}

QDialogButtonBox* FirstPlanDialog::makeButtons() {
    auto* buttons = new QDialogButtonBox(this);
    make_ = buttons->addButton(tr("&Make this plan"), QDialogButtonBox::AcceptRole);
    make_->setObjectName("first.make");
    make_->setDefault(true);
    QPushButton* empty = buttons->addButton(tr("Start &empty"), QDialogButtonBox::ActionRole);
    empty->setObjectName("first.empty");
    QPushButton* demo = buttons->addButton(tr("Look at a &demo"), QDialogButtonBox::ActionRole);
    demo->setObjectName("first.demo");
    connect(make_, &QPushButton::clicked, this, &FirstPlanDialog::make);
    connect(empty, &QPushButton::clicked, this, [this] {
        emit made(namedInLanguage(emptyPlan(library())));
        accept();
    });
    connect(demo, &QPushButton::clicked, this, [this] {
        emit demoAsked();
        accept();
    });
    return buttons;
}

void FirstPlanDialog::ask(QFormLayout* form, const QString& question) {
    auto* label = new QLabel(question, this);
    QFont strong = label->font();
    strong.setWeight(QFont::DemiBold);
    label->setFont(strong);
    form->addRow(label);
}

QComboBox* FirstPlanDialog::addChoice(QFormLayout* form,
                                      const QString& name,
                                      const QString& label) {
    auto* box = new QComboBox(this);
    box->setObjectName("first." + name);
    form->addRow(label, box);
    connect(box, &QComboBox::currentIndexChanged, this, &FirstPlanDialog::change);
    return box;
}

// In the row of what is counted.
QSpinBox* FirstPlanDialog::addCount(QFormLayout* form,
                                    QComboBox* counted,
                                    const QString& name,
                                    const QString& accessible) {
    auto* box = new QSpinBox(this);
    box->setObjectName("first." + name);
    box->setAccessibleName(accessible);
    box->setToolTip(accessible);
    box->setRange(1, kMostOwned);
    box->setPrefix(QStringLiteral("× "));
    int row = 0;
    QFormLayout::ItemRole role = QFormLayout::FieldRole;
    form->getWidgetPosition(counted, &row, &role);
    auto* both = new QHBoxLayout;
    form->removeWidget(counted);
    both->addWidget(counted, 1);
    both->addWidget(box);
    form->setLayout(row, QFormLayout::FieldRole, both);
    connect(box, &QSpinBox::valueChanged, this, &FirstPlanDialog::change);
    return box;
}

const Library& FirstPlanDialog::library() const {
    return libraryFor(libraries_, region_->currentData().toString().toStdString());
}

void FirstPlanDialog::fillForRegion() {
    const Library& lib = library();
    const QSignalBlocker quiet(this);
    const QVariant trip = trip_->currentData();
    trip_->clear();
    for (const TripKind& kind : lib.trips) {
        addRow(trip_, kind.id, q(kind.name));
    }
    trip_->setCurrentIndex(std::max(0, trip_->findData(trip)));
    climate_->clear();
    for (const Climate& climate : lib.climates) {
        addRow(climate_, climate.name.english, q(climate.name));
    }
    climate_->setCurrentIndex(climate_->findData(q(lib.region.firstClimate)));
    fillOwned(battery_, lib.batteries);
    fillOwned(panel_, lib.panels);
    fillOwned(inverter_, lib.inverters);
    load_->clear();
    load_->addItem(tr("none beyond lights, fridge, pump and phones"), QString());
    for (const CatalogueAppliance* a : heavyAppliances(lib)) {
        addRow(load_, a->id, tr("%1 (%2 per day)").arg(q(a->name), q(a->measured * a->onTime)));
    }
    change();
}

Result<std::vector<OwnedCable>> FirstPlanDialog::cables() const {
    return parseOwnedCables(
        cables_->text().toStdString(), library().region.units, sizesOf(library()));
}

FirstAnswers FirstPlanDialog::answers() const {
    const auto chosen = [](const QComboBox* box) {
        return box->currentData().toString().toStdString();
    };
    return {chosen(trip_),
            chosen(climate_),
            {chosen(battery_),
             batteries_->value(),
             chosen(panel_),
             panels_->value(),
             chosen(inverter_),
             cables().value_or(std::vector<OwnedCable>{})},
            chosen(load_),
            static_cast<FirstEngine>(engine_->currentIndex()),
            static_cast<FirstShore>(shore_->currentIndex())};
}

void FirstPlanDialog::change() {
    batteries_->setEnabled(!battery_->currentData().toString().isEmpty());
    panels_->setEnabled(!panel_->currentData().toString().isEmpty());
    outcomeNow_.reset();
    offerAgain();
    pause_->start();
}

void FirstPlanDialog::offerAgain() {
    makeAsked_ = false;
    make_->setEnabled(true);
    make_->setText(tr("&Make this plan"));
}

void FirstPlanDialog::compute() {
    job_.start([answers = answers(), &library = library()]() -> Outcome {
        Plan plan = namedInLanguage(firstPlan(answers, library));
        auto designed = std::make_shared<const Design>(design(plan, library));
        return {std::move(plan), std::move(designed)};
    });
}

// Whoever does not wait for the outcome gets the plan as soon as it is there.
void FirstPlanDialog::make() {
    if (outcomeNow_) {
        emit made(outcomeNow_->plan);
        accept();
        return;
    }
    makeAsked_ = true;
    make_->setEnabled(false);
    make_->setText(tr("Making it…"));
    pause_->stop();
    compute();
}

void FirstPlanDialog::showOutcome(const Outcome& outcome) {
    if (pause_->isActive()) {
        return;  // the answers have changed since
    }
    const Design& d = *outcome.design;
    const StandingFigures figures = standingFigures(d);
    QString text = "<b>" + tr("The plan this makes") + "</b><table>" + gearLines(d);
    text += line(tr("Carries"),
                 tr("%1 days without sun at %2 per day")
                     .arg(q(shownDays(d.supply.daysWithoutSun)), q(d.supply.demand)));
    text += line(tr("Built in"),
                 tr("about %1 and %2")
                     .arg(roughPrice(figures.price, figures.currency),
                          q(kilograms(figures.weightKg), d.plan.units)));
    if (const auto owned = cables(); !owned) {
        text += line(tr("Cable"), q(owned.error().remedy));
    }
    text += line(tr("Findings"), severityText(figures.findings, 3)) + "</table>";
    outcome_->setText(text);
    outcomeNow_ = outcome;
    if (makeAsked_) {
        make();
    }
}

}  // namespace spirk::app
