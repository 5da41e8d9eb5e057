// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/amend_menu.h"

#include <algorithm>

#include "app/shared/text.h"
#include "core/cables/fuse_curve.h"
#include "core/plan/edit.h"
#include "core/reading/parse.h"

namespace spirk::app {

AmendMenu::AmendMenu(Document& document,
                     Selection& selection,
                     const Dialogs& dialogs,
                     QWidget* parent)
    : QMenu(tr("&Amend what is chosen"), parent),
      document_(document),
      selection_(selection),
      dialogs_(dialogs) {
    const auto add = [this](const QString& name, const QString& text, auto slot) {
        QAction* action = addAction(text);
        action->setObjectName(name);
        connect(action, &QAction::triggered, this, slot);
        return action;
    };
    size_ = addMenu(tr("Its si&ze"));
    size_->setObjectName("amend.size");
    connect(size_, &QMenu::aboutToShow, this, &AmendMenu::fillSizes);
    rating_ = addMenu(tr("Its f&use"));
    rating_->setObjectName("amend.rating");
    connect(rating_, &QMenu::aboutToShow, this, &AmendMenu::fillFuses);
    length_ = add("amend.length", tr("Its len&gth…"), [this] { enterLength(); });
    distance_ = add(
        "amend.distance", tr("How far its fuse is from the &source…"), [this] { enterDistance(); });
    addSeparator();
    isolator_ = add("amend.isolator", tr("&Insert an isolator"), [this] { insertIsolator(); });
    fuse_ = add("amend.fuse", tr("&Leave its fuse out"), [this] { toggleFuse(); });
    moveFrom_ = add("amend.moveFrom", tr("Move its &first end…"), [this] { moveEnd(End::From); });
    moveTo_ = add("amend.moveTo", tr("Move its &second end…"), [this] { moveEnd(End::To); });
    addSeparator();
    place_ = addMenu(tr("Where the &device stands"));
    place_->setObjectName("amend.place");
    connect(place_, &QMenu::aboutToShow, this, &AmendMenu::fillPlaces);
    addSeparator();
    takeBack_ = add("amend.takeBack", tr("&Take all its amendments back"), [this] { takeBack(); });
    connect(&document, &Document::designChanged, this, &AmendMenu::refresh);
    connect(&selection, &Selection::changed, this, &AmendMenu::refresh);
    refresh();
}

const Protection* AmendMenu::fuseOf(const Conductor* c) const {
    return c == nullptr ? nullptr : protectionAt(document_.design()->wiring.circuit, *c, End::From);
}

const Conductor* AmendMenu::chosen() const {
    const auto& subject = selection_.subject();
    if (!subject || subject->kind != SubjectKind::Conductor) {
        return nullptr;
    }
    const Conductor* c =
        findConductor(document_.design()->wiring.circuit, ConductorId(subject->id));
    return c != nullptr && isOurs(*c) ? c : nullptr;
}

const Device* AmendMenu::device() const {
    const auto& subject = selection_.subject();
    return subject && subject->kind == SubjectKind::Device
               ? findDevice(document_.design()->wiring.circuit, DeviceId(subject->id))
               : nullptr;
}

void AmendMenu::refresh() {
    const Conductor* c = chosen();
    for (QAction* action : {isolator_, moveFrom_, moveTo_, length_, size_->menuAction()}) {
        action->setEnabled(c != nullptr);
    }
    place_->menuAction()->setEnabled(device() != nullptr);
    const Protection* fuse = fuseOf(c);
    const bool fused = fuse != nullptr && !fuse->leftOut;
    rating_->menuAction()->setEnabled(fused);
    distance_->setEnabled(fused);
    fuse_->setEnabled(fuse != nullptr);
    fuse_->setText(fuse != nullptr && fuse->leftOut ? tr("&Put its fuse back")
                                                    : tr("&Leave its fuse out"));
    takeBack_->setEnabled(c != nullptr &&
                          std::ranges::any_of(document_.plan().amendments, [&](const Amendment& a) {
                              return targetOf(a) == subject(c->id);
                          }));
}

const CableRow& AmendMenu::row() const {
    return *findRow(document_.design()->cables, chosen()->id);
}

QAction* AmendMenu::addChoice(QMenu* menu, const QString& text, const Plan& next) {
    QAction* action = menu->addAction(text);
    action->setObjectName(menu->objectName() + "." + text);
    action->setCheckable(true);
    const QString step =
        tr("Set %1 of %2").arg(menu->title().remove('&').toLower(), q(chosen()->name));
    connect(action, &QAction::triggered, this, [this, step, next] { document_.push(step, next); });
    return action;
}

// The sizes that the region sells, about the computed one.
void AmendMenu::fillSizes() {
    constexpr std::ptrdiff_t kEachSide = 5;
    size_->clear();
    if (chosen() == nullptr) {
        return;
    }
    const CableRow& r = row();
    const Plan& plan = document_.plan();
    addChoice(
        size_, tr("As computed, %1").arg(q(r.computedArea)), withoutKind(plan, SetSize{r.id, {}}))
        ->setChecked(!r.areaAmended);
    const auto& sold = document_.library().conductors;
    const auto at = std::ranges::find(sold, r.computedArea, &ConductorRow::area) - sold.begin();
    for (std::ptrdiff_t i = std::max<std::ptrdiff_t>(0, at - kEachSide);
         i <= at + kEachSide && i < std::ssize(sold);
         ++i) {
        const SquareMetres area = sold[static_cast<std::size_t>(i)].area;
        addChoice(size_, q(area), amended(plan, SetSize{r.id, area}))
            ->setChecked(r.areaAmended && area == r.area);
    }
}

// Ratings of its family about the computed one, and each other family's first that is enough.
void AmendMenu::fillFuses() {
    constexpr double kLeastPart = 0.4;
    constexpr double kMostPart = 2.5;
    rating_->clear();
    if (chosen() == nullptr || !row().fuseFrom) {
        return;
    }
    const CableRow& r = row();
    const ChosenFuse& fuse = *r.fuseFrom;
    const Plan& plan = document_.plan();
    const auto add = [&](const FuseFamily& family, Amps rating) {
        addChoice(rating_,
                  q(family.name) + ", " + q(rating),
                  amended(plan, SetFuse{r.id, End::From, family.id, rating}))
            ->setChecked(fuse.amended && fuse.family == family.id && fuse.rating == rating);
    };
    addChoice(rating_,
              tr("As computed, %1").arg(q(fuse.computedRating)),
              withoutKind(plan, SetFuse{r.id, End::From, "", {}}))
        ->setChecked(!fuse.amended);
    const FuseFamily& own = familyOf(document_.library(), fuse.family);
    for (const Amps rating : own.ratings) {
        if (rating >= fuse.computedRating * kLeastPart &&
            rating <= fuse.computedRating * kMostPart) {
            add(own, rating);
        }
    }
    rating_->addSeparator();
    for (const FuseFamily& family : document_.library().fuses) {
        const auto rating = ratingFor(family, fuse.needed);
        if (rating && family.id != own.id) {
            add(family, *rating);
        }
    }
}

// A load stands where its appliance does.
void AmendMenu::fillPlaces() {
    place_->clear();
    const Device* d = device();
    if (d == nullptr) {
        return;
    }
    const Plan& plan = document_.plan();
    for (const VanPlace& place : plan.van.places) {
        Plan next = plan;
        if (d->appliance) {
            std::ranges::find(next.appliances, *d->appliance, &Appliance::id)->place = place.id;
        } else {
            next.van.placed[d->id] = place.id;
        }
        QAction* action = place_->addAction(unmarked(q(place.name)));
        action->setObjectName("amend.place." + q(place.id.value));
        action->setCheckable(true);
        action->setChecked(place.id == d->place);
        const QString step = tr("Put the %1 elsewhere").arg(q(d->name));
        connect(
            action, &QAction::triggered, this, [this, step, next] { document_.push(step, next); });
    }
}

// A length typed in either unit; empty goes back to what is computed.
void AmendMenu::enter(const QString& title,
                      const QString& now,
                      const std::function<Plan(const Plan&, std::optional<Metres>)>& put) {
    const auto typed = dialogs_.enter(parentWidget(), title, now);
    if (!typed) {
        return;
    }
    const Plan& plan = document_.plan();
    if (typed->trimmed().isEmpty()) {
        document_.push(title, put(plan, std::nullopt));
        return;
    }
    const auto length = parseLength(typed->toStdString(), plan.units);
    if (!length) {
        emit notice(q(length.error()));
        return;
    }
    document_.push(title, put(plan, *length));
}

void AmendMenu::enterLength() {
    if (const Conductor* c = chosen()) {
        const ConductorId id = c->id;
        const Design& d = *document_.design();
        const std::size_t at = static_cast<std::size_t>(c - d.wiring.circuit.conductors.data());
        enter(tr("Length of %1").arg(q(c->name)),
              q(d.lengths.routes[at].length, d.plan.units),
              [id](const Plan& plan, std::optional<Metres> length) {
                  return length ? amended(plan, SetLength{id, *length})
                                : withoutKind(plan, SetLength{id, {}});
              });
    }
}

void AmendMenu::enterDistance() {
    const Conductor* c = chosen();
    if (c != nullptr && row().fuseFrom) {
        const ConductorId id = c->id;
        enter(tr("Fuse of %1 from its source").arg(q(c->name)),
              q(row().fuseFrom->distance, document_.plan().units),
              [id](const Plan& plan, std::optional<Metres> distance) {
                  return distance ? amended(plan, SetFuseDistance{id, End::From, *distance})
                                  : withoutKind(plan, SetFuseDistance{id, End::From, {}});
              });
    }
}

void AmendMenu::insertIsolator() {
    if (const Conductor* c = chosen()) {
        document_.push(tr("Insert an isolator in %1").arg(q(c->name)),
                       amended(document_.plan(), PutIn{c->id, InLine::Isolator}));
    }
}

void AmendMenu::toggleFuse() {
    const Conductor* c = chosen();
    const Protection* fuse = fuseOf(c);
    if (fuse == nullptr) {
        return;
    }
    const LeaveOutProtection amendment{c->id, End::From};
    if (fuse->leftOut) {
        document_.push(tr("Put the fuse of %1 back").arg(q(c->name)),
                       withoutAmendment(document_.plan(), amendment));
    } else {
        document_.push(tr("Leave the fuse of %1 out").arg(q(c->name)),
                       amended(document_.plan(), amendment));
    }
}

void AmendMenu::moveEnd(End end) {
    const Conductor* c = chosen();
    if (c == nullptr) {
        return;
    }
    const ConductorId id = c->id;
    QStringList choices;
    std::vector<TerminalId> terminals;
    for (const Device& d : document_.design()->wiring.circuit.devices) {
        for (const Port& port : d.ports) {
            terminals.push_back({d.id, port.name});
            choices << q(text(terminals.back())) + "  (" + q(d.name) + ")";
        }
    }
    const QString answer =
        dialogs_.choose(parentWidget(), tr("Move the end of %1 to").arg(q(c->name)), choices);
    const auto index = choices.indexOf(answer);
    if (index < 0) {
        return;
    }
    document_.push(
        tr("Move an end of %1").arg(q(id.value)),
        amended(document_.plan(), MoveEnd{id, end, terminals[static_cast<std::size_t>(index)]}));
}

void AmendMenu::takeBack() {
    const Conductor* c = chosen();
    if (c == nullptr) {
        return;
    }
    Plan next = document_.plan();
    std::erase_if(next.amendments,
                  [&](const Amendment& a) { return targetOf(a) == subject(c->id); });
    document_.push(tr("Take the amendments of %1 back").arg(q(c->name)), std::move(next));
}

}  // namespace spirk::app
