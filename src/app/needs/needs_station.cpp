// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/needs/needs_station.h"

#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QMenu>
#include <QPushButton>
#include <QSplitter>
#include <QVBoxLayout>
#include <algorithm>

#include "app/needs/wired_menu.h"
#include "app/shared/text.h"
#include "core/base/promise.h"
#include "core/library/appliance_names.h"

namespace spirk::app {

namespace {

QString titleOf(Category category) {
    switch (category) {
        case Category::Kitchen:
            return NeedsStation::tr("Kitchen");
        case Category::Climate:
            return NeedsStation::tr("Climate");
        case Category::Water:
            return NeedsStation::tr("Water");
        case Category::Lighting:
            return NeedsStation::tr("Light");
        case Category::Electronics:
            return NeedsStation::tr("Electronics");
        case Category::Work:
            return NeedsStation::tr("Work");
        case Category::Mains:
            return NeedsStation::tr("Other mains");
        case Category::Heating:
            return NeedsStation::tr("Heating");
    }
    unreachable("titleOf");
}

}  // namespace

NeedsStation::NeedsStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent),
      model_(new NeedsModel(document, this)),
      table_(new TableView("needs.table", tr("Appliances"), this)),
      ribbon_(new Ribbon(document, selection, this)),
      pages_(new QStackedWidget(this)),
      totals_(new QLabel(this)) {
    table_->setModel(model_);
    table_->stretch(NeedsModel::Name);
    totals_->setObjectName("needs.totals");
    totals_->setTextFormat(Qt::PlainText);
    auto* splitter = new QSplitter(Qt::Vertical, pages_);
    splitter->addWidget(table_);
    splitter->addWidget(ribbon_);
    splitter->setStretchFactor(0, 3);
    splitter->setStretchFactor(1, 2);
    pages_->addWidget(makeEmptyState());
    pages_->addWidget(splitter);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(makeToolbar());
    layout->addWidget(pages_, 1);
    layout->addWidget(totals_);
    connect(model_, &NeedsModel::refused, this, &Station::notice);
    connect(&selection, &Selection::changed, this, &NeedsStation::followSelection);
    connect(table_->selectionModel(),
            &QItemSelectionModel::currentRowChanged,
            this,
            [this](const QModelIndex& now) {
                if (now.isValid()) {
                    this->selection().select(subject(model_->at(now.row()).id));
                }
                wired_->setEnabled(chosenDc() != nullptr);
            });
    NeedsStation::refresh();
}

// A menu of its own for each category: all sixty at once would fill a screen.
void NeedsStation::addSection(QMenu& menu, Category category) {
    const auto& all = library().appliances;
    if (std::ranges::find(all, category, &CatalogueAppliance::category) == all.end()) {
        return;
    }
    QMenu* inner = menu.addMenu(titleOf(category));
    for (const CatalogueAppliance& entry : all) {
        if (entry.category != category) {
            continue;
        }
        QAction* action = inner->addAction(
            tr("%1, %2, %3")
                .arg(q(entry.name), suppliedText(entry.feed, entry.supplied), q(entry.measured)));
        action->setObjectName("needs.add." + q(entry.id));
        connect(
            action, &QAction::triggered, this, [this, id = q(entry.id)] { addFromCatalogue(id); });
    }
}

QWidget* NeedsStation::makeToolbar() {
    auto* bar = new QWidget(this);
    auto* layout = new QHBoxLayout(bar);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* add = new QPushButton(tr("&Add appliance"), bar);
    add->setObjectName("needs.add");
    auto* menu = new QMenu(add);
    for (std::size_t i = 0; i < kCategoryNames.size(); ++i) {
        addSection(*menu, static_cast<Category>(i));
    }
    menu->addSeparator();
    QAction* own = menu->addAction(tr("&Something else…"));
    own->setObjectName("needs.add.own");
    connect(own, &QAction::triggered, this, &NeedsStation::addOwn);
    add->setMenu(menu);
    remove_ = new QToolButton(bar);
    remove_->setObjectName("needs.remove");
    remove_->setText(tr("&Remove"));
    remove_->setToolTip(tr("Remove the selected appliance (Delete)"));
    remove_->setShortcut(QKeySequence::Delete);
    connect(remove_, &QToolButton::clicked, this, &NeedsStation::removeSelected);
    wired_ = new QToolButton(bar);
    wired_->setObjectName("needs.wired");
    wired_->setText(tr("&Wired"));
    wired_->setToolTip(tr("Place, switch and circuit of the selected DC appliance"));
    wired_->setPopupMode(QToolButton::InstantPopup);
    auto* wiring = new QMenu(wired_);
    connect(wiring, &QMenu::aboutToShow, this, [this, wiring] {
        if (const Appliance* chosen = chosenDc()) {
            fillWiredMenu(*wiring, document(), chosen->id);
        }
    });
    wired_->setMenu(wiring);
    auto* hint =
        new QLabel(tr("Edit in place; '1.2 kW', '90 min' and '0,75' are understood."), bar);
    hint->setEnabled(false);
    layout->addWidget(add);
    layout->addWidget(remove_);
    layout->addWidget(wired_);
    layout->addStretch(1);
    layout->addWidget(hint);
    return bar;
}

QWidget* NeedsStation::makeEmptyState() {
    auto* page = new QWidget(pages_);
    auto* layout = new QVBoxLayout(page);
    auto* text = new QLabel(
        tr("List everything that draws power: DC and mains, also what nobody lists, such as "
           "the router and the heater's fan.\n\nFor example: a fridge draws about 45 W while its "
           "compressor runs, some 7 hours of the day."),
        page);
    text->setWordWrap(true);
    text->setAlignment(Qt::AlignCenter);
    auto* button = new QPushButton(tr("Add the fridge"), page);
    button->setObjectName("needs.add.first");
    connect(button, &QPushButton::clicked, this, [this] { addFromCatalogue("fridge_50"); });
    layout->addStretch(1);
    layout->addWidget(text);
    layout->addWidget(button, 0, Qt::AlignHCenter);
    layout->addStretch(2);
    return page;
}

QString NeedsStation::summary() const {
    return plan().appliances.empty() ? tr("nothing listed yet")
                                     : tr("%1 per day").arg(q(design().supply.demand));
}

StationState NeedsStation::state() const {
    if (plan().appliances.empty()) {
        return StationState::Untouched;
    }
    const bool guessed =
        std::ranges::any_of(plan().appliances, [](const Appliance& a) { return !a.measured; });
    return guessed ? StationState::AtWork : StationState::Settled;
}

void NeedsStation::add(Appliance appliance) {
    Plan next = plan();
    const ApplianceId id = appliance.id;
    const QString name = q(appliance.name);
    next.appliances.push_back(std::move(appliance));
    document().push(tr("Add %1").arg(name), std::move(next));
    selection().select(subject(id));
    followSelection();
    table_->setFocus();
}

void NeedsStation::addFromCatalogue(const QString& id) {
    if (const CatalogueAppliance* entry = findById(library().appliances, id.toStdString())) {
        Appliance appliance = fromCatalogue(*entry, plan());
        appliance.name = q(entry->name).toStdString();
        add(std::move(appliance));
    }
}

void NeedsStation::addOwn() {
    Appliance own;
    own.id = freshId("own", plan());
    own.name = tr("my appliance").toStdString();
    own.rated = watts(10);
    own.uses = {{hours(19), hours(1), 1.0}};
    own.place = PlaceId("galley");
    add(std::move(own));
}

void NeedsStation::removeSelected() {
    const QModelIndex now = table_->currentIndex();
    if (!now.isValid()) {
        return;
    }
    Plan next = plan();
    const QString name = q(next.appliances[static_cast<std::size_t>(now.row())].name);
    next.appliances.erase(next.appliances.begin() + now.row());
    selection().select(std::nullopt);
    document().push(tr("Remove %1").arg(name), std::move(next));
}

const Appliance* NeedsStation::chosenDc() const {
    const QModelIndex now = table_->currentIndex();
    const bool there = now.isValid() && now.row() < model_->rowCount();
    const Appliance* chosen = there ? &model_->at(now.row()) : nullptr;
    return chosen != nullptr && chosen->feed == Feed::Dc ? chosen : nullptr;
}

void NeedsStation::followSelection() {
    const auto& chosen = selection().subject();
    std::optional<ApplianceId> id;
    if (chosen && chosen->kind == SubjectKind::Appliance) {
        id = ApplianceId(chosen->id);
    } else if (chosen && chosen->kind == SubjectKind::Device) {
        const Device* d = findDevice(design().wiring.circuit, DeviceId(chosen->id));
        id = d == nullptr ? std::nullopt : d->appliance;
    }
    const int row = id ? model_->rowOf(*id) : -1;
    table_->choose(row);
    wired_->setEnabled(chosenDc() != nullptr);
}

void NeedsStation::refresh() {
    pages_->setCurrentIndex(plan().appliances.empty() ? 0 : 1);
    remove_->setEnabled(!plan().appliances.empty());
    wired_->setEnabled(chosenDc() != nullptr);
    const Needs& needs = design().needs;
    totals_->setText(tr("DC %1 · mains %2 · losses, less what is off with the inverter, %3 · from "
                        "the bank %4 per day")
                         .arg(q(needs.dcPerDay),
                              q(needs.mainsPerDay),
                              q(beyondAppliances(design())),
                              q(design().supply.demand)));
}

}  // namespace spirk::app
