// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/plan_menu.h"

#include <QActionGroup>

#include "app/dialogs/own_gear_dialog.h"
#include "app/dialogs/side_by_side_dialog.h"
#include "app/files/export_files.h"
#include "app/shared/text.h"
#include "core/design/use_cables.h"
#include "core/library/gear_file.h"
#include "core/plan/edit.h"
#include "core/plan/owned_cables.h"

namespace spirk::app {

PlanMenu::PlanMenu(Document& document, const Dialogs& dialogs, QWidget* parent)
    : QMenu(tr("&Plan"), parent), document_(document), dialogs_(dialogs) {
    addRegions();
    addUnits();
    addSeparator();
    addGear();
    connect(&document, &Document::designChanged, this, &PlanMenu::refresh);
    refresh();
}

QAction* PlanMenu::check(QMenu* menu, const QString& name, const QString& text) {
    QAction* action = menu->addAction(text);
    action->setObjectName(name);
    action->setCheckable(true);
    return action;
}

void PlanMenu::addRegions() {
    QMenu* menu = addMenu(tr("&Region"));
    auto* group = new QActionGroup(this);
    for (const Library& library : document_.libraries().regions) {
        const Region& region = library.region;
        QAction* action = check(menu, "plan.region." + q(region.id), q(region.name));
        group->addAction(action);
        regions_.push_back(action);
        connect(action, &QAction::triggered, this, [this, &region] { moveTo(region); });
    }
    QAction* both = addAction(tr("&Both regions side by side…"));
    both->setObjectName("plan.sideBySide");
    connect(both, &QAction::triggered, this, &PlanMenu::showSideBySide);
}

void PlanMenu::addUnits() {
    QMenu* menu = addMenu(tr("&Units"));
    auto* lengths = new QActionGroup(this);
    metres_ = check(menu, "plan.units.metre", tr("&Metres and kilograms"));
    feet_ = check(menu, "plan.units.foot", tr("&Feet and pounds"));
    menu->addSeparator();
    auto* temperatures = new QActionGroup(this);
    celsius_ = check(menu, "plan.units.celsius", tr("Degrees &Celsius"));
    fahrenheit_ = check(menu, "plan.units.fahrenheit", tr("Degrees Fahren&heit"));
    lengths->addAction(metres_);
    lengths->addAction(feet_);
    temperatures->addAction(celsius_);
    temperatures->addAction(fahrenheit_);
    const auto set = [this](QAction* action, auto change) {
        connect(action, &QAction::triggered, this, [this, change] {
            Units units = document_.plan().units;
            change(units);
            setUnits(units);
        });
    };
    negatives_ = menu->addMenu(tr("Colour of &negative"));
    negatives_->setObjectName("plan.negative");
    set(metres_, [](Units& u) { u.length = LengthUnit::Metre; });
    set(feet_, [](Units& u) { u.length = LengthUnit::Foot; });
    set(celsius_, [](Units& u) { u.temperature = TemperatureUnit::Celsius; });
    set(fahrenheit_, [](Units& u) { u.temperature = TemperatureUnit::Fahrenheit; });
}

void PlanMenu::addGear() {
    const auto add = [this](const QString& name, const QString& text, auto slot) {
        QAction* action = addAction(text);
        action->setObjectName(name);
        connect(action, &QAction::triggered, this, slot);
        return action;
    };
    add("plan.gear.enter", tr("&Your own gear…"), [this] { enterGear(); });
    add("plan.cables", tr("Cable that you &own…"), [this] { enterCables(); });
    add("plan.gear.import", tr("&Import gear from a file…"), [this] { importGear(); });
    exportGear_ = add("plan.gear.export", tr("&Export your own gear…"), [this] { exportGear(); });
}

void PlanMenu::refresh() {
    const Plan& plan = document_.plan();
    for (std::size_t i = 0; i < regions_.size(); ++i) {
        regions_[i]->setChecked(document_.libraries().regions[i].region.id == plan.region);
    }
    metres_->setChecked(plan.units.length == LengthUnit::Metre);
    feet_->setChecked(plan.units.length == LengthUnit::Foot);
    celsius_->setChecked(plan.units.temperature == TemperatureUnit::Celsius);
    fahrenheit_->setChecked(plan.units.temperature == TemperatureUnit::Fahrenheit);
    exportGear_->setEnabled(!empty(plan.own));
    refreshNegatives();
}

// Those that the plan's region leaves to choose.
void PlanMenu::refreshNegatives() {
    const Region& region = document_.library().region;
    const Words now = asChosen(region, document_.plan()).negative;
    negatives_->clear();
    negatives_->menuAction()->setEnabled(region.negatives.size() > 1);
    for (const Words& colour : region.negatives) {
        QAction* action = check(negatives_, "plan.negative." + q(colour.english), q(Text(colour)));
        action->setChecked(colour == now);
        connect(action, &QAction::triggered, this, [this, colour] {
            Plan next = document_.plan();
            next.negative = colour.english;
            document_.push(tr("Choose the negative's colour"), std::move(next));
        });
    }
}

void PlanMenu::moveTo(const Region& region) {
    if (region.id != document_.plan().region) {
        document_.push(tr("Change the region: %1").arg(q(region.name)),
                       movedTo(document_.plan(), region));
    }
}

void PlanMenu::setUnits(const Units& units) {
    Plan next = document_.plan();
    next.units = units;
    document_.push(tr("Change the units"), std::move(next));
}

void PlanMenu::showSideBySide() {
    auto* dialog = new SideBySideDialog(document_, parentWidget());
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->show();
}

void PlanMenu::enterGear() {
    auto* dialog = new OwnGearDialog(document_, parentWidget());
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->show();
}

void PlanMenu::enterCables() {
    const Plan& plan = document_.plan();
    const auto typed = dialogs_.enter(
        parentWidget(), tr("Cable that you own"), q(textOf(plan.cables), plan.units));
    if (!typed) {
        return;
    }
    const auto cables =
        parseOwnedCables(typed->toStdString(), plan.units, sizesOf(document_.library()));
    if (!cables) {
        emit notice(q(cables.error().what) + " " + q(cables.error().remedy));
        return;
    }
    Plan next = plan;
    next.cables = *cables;
    document_.push(tr("Change the cable that you own"),
                   withOwnedCables(std::move(next), document_.library()));
}

void PlanMenu::importGear() {
    const QString path =
        dialogs_.openFile(parentWidget(), tr("Import gear"), tr("Gear (*.spirkgear)"));
    if (!path.isEmpty()) {
        emit gearFileChosen(path);
    }
}

void PlanMenu::exportGear() {
    const QString path = dialogs_.saveFile(
        parentWidget(), tr("Export your own gear"), "gear.spirkgear", tr("Gear (*.spirkgear)"));
    if (path.isEmpty()) {
        return;
    }
    const QByteArray bytes = QByteArray::fromStdString(writeGearFile(document_.plan().own));
    emit notice(exported(document_, dialogs_, parentWidget(), {{path, bytes}}, path));
}

}  // namespace spirk::app
