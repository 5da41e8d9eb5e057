// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/amend_menu.h"

#include <algorithm>

#include "app/shared/text.h"
#include "core/plan/edit.h"
#include "core/reading/parse.h"

namespace spirk::app {

AmendMenu::AmendMenu(Document& document,
                     Selection& selection,
                     const Dialogs& dialogs,
                     QWidget* parent)
    : QMenu(tr("&Change the selection"), parent),
      document_(document),
      selection_(selection),
      dialogs_(dialogs) {
    const auto add = [this](const QString& name, const QString& text, auto slot) {
        QAction* action = addAction(text);
        action->setObjectName(name);
        connect(action, &QAction::triggered, this, slot);
        return action;
    };
    const auto ofConductor = [this](auto make) {
        return [this, make] {
            const Conductor* c = chosen();
            return c == nullptr ? AmendChoices() : make(*document_.design(), *c);
        };
    };
    const auto ofDevice = [this](auto make) {
        return [this, make] {
            const Device* d = device();
            return d == nullptr ? AmendChoices() : make(*document_.design(), *d);
        };
    };
    const auto sizes = [this](Leads leads) {
        return [this, leads](const Design& design, const Conductor& c) {
            return sizesFor(design, document_.library(), c, leads);
        };
    };
    size_ = addChoices(
        "amend.size", tr("Si&ze"), tr("Set the size of %1"), ofConductor(sizes(Leads::One)));
    pairSize_ = addChoices("amend.pairSize",
                           tr("Size of &both its leads"),
                           tr("Set the size of both leads of %1"),
                           ofConductor(sizes(Leads::Both)));
    rating_ = addChoices("amend.rating",
                         tr("F&use"),
                         tr("Set the fuse of %1"),
                         ofConductor([this](const Design& design, const Conductor& c) {
                             return fusesFor(design, document_.library(), c);
                         }));
    insulation_ = addChoices("amend.insulation",
                             tr("Insulatio&n"),
                             tr("Set the insulation of %1"),
                             ofConductor([this](const Design& design, const Conductor& c) {
                                 return insulationsFor(design, document_.library(), c);
                             }));
    length_ = add("amend.length", tr("Len&gth…"), [this] { enterLength(); });
    distance_ = add("amend.distance", tr("Distance of its fuse from the &source…"), [this] {
        enterDistance();
    });
    sheath_ =
        add("amend.sheath", tr("Cable up to its fuse in a shea&th"), [this] { toggleSheath(); });
    sheath_->setCheckable(true);
    addSeparator();
    putIn_ = addChoices(
        "amend.putIn",
        tr("&Insert"),
        tr("Insert into %1"),
        ofConductor([](const Design& design, const Conductor& c) { return putInsFor(design, c); }));
    fuse_ = add("amend.fuse", tr("&Leave its fuse out"), [this] { toggleFuse(); });
    moveFrom_ = add("amend.moveFrom", tr("Move its &first end…"), [this] { moveEnd(End::From); });
    moveTo_ = add("amend.moveTo", tr("Move its s&econd end…"), [this] { moveEnd(End::To); });
    swap_ = add("amend.swap", tr("S&wap it with its other lead"), [this] { swapLeads(); });
    addSeparator();
    hardware_ = addChoices("amend.hardware",
                           tr("&Model"),
                           tr("Choose what %1 is"),
                           ofDevice([this](const Design& design, const Device& d) {
                               return hardwareFor(design, document_.library(), d);
                           }));
    place_ = addChoices(
        "amend.place",
        tr("&Place of this device"),
        tr("Move the %1"),
        ofDevice([](const Design& design, const Device& d) { return placesFor(design, d); }));
    takeOut_ = add("amend.takeOut", tr("Remove it fr&om the plan"), [this] { takeOut(); });
    addSeparator();
    takeBack_ = add("amend.takeBack", tr("&Reset to computed"), [this] { takeBack(); });
    connect(&document, &Document::designChanged, this, &AmendMenu::refresh);
    connect(&selection, &Selection::changed, this, &AmendMenu::refresh);
    refresh();
}

QMenu* AmendMenu::addChoices(const QString& name,
                             const QString& title,
                             const QString& step,
                             const std::function<AmendChoices()>& choices) {
    QMenu* menu = addMenu(title);
    menu->setObjectName(name);
    connect(menu, &QMenu::aboutToShow, this, [this, menu, step, choices] {
        menu->clear();
        for (const AmendChoice& choice : choices()) {
            QAction* action = menu->addAction(choice.text);
            action->setObjectName(menu->objectName() + "." + choice.text);
            action->setCheckable(true);
            action->setChecked(choice.chosen);
            connect(action,
                    &QAction::triggered,
                    this,
                    [this, text = step.arg(nameOfChosen()), next = choice.next] {
                        document_.push(text, next);
                    });
        }
    });
    return menu;
}

QString AmendMenu::nameOfChosen() const {
    const Conductor* c = chosen();
    const Device* d = device();
    return c != nullptr ? q(c->name) : d != nullptr ? q(d->name) : QString();
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
    const Device* d = device();
    for (QAction* action : {size_->menuAction(),
                            insulation_->menuAction(),
                            putIn_->menuAction(),
                            moveFrom_,
                            moveTo_,
                            length_}) {
        action->setEnabled(c != nullptr);
    }
    for (QAction* action : {pairSize_->menuAction(), swap_}) {
        action->setEnabled(c != nullptr && c->pair);
    }
    place_->menuAction()->setEnabled(d != nullptr);
    hardware_->menuAction()->setEnabled(d != nullptr && d->made);
    takeOut_->setEnabled(d != nullptr && withoutDevice(document_.plan(), *d));
    const Protection* fuse = fuseOf(c);
    const bool fused = fuse != nullptr && !fuse->leftOut;
    rating_->menuAction()->setEnabled(fused);
    distance_->setEnabled(fused);
    sheath_->setEnabled(fused);
    sheath_->setChecked(fused && fuse->sheathed);
    fuse_->setEnabled(fuse != nullptr);
    fuse_->setText(fuse != nullptr && fuse->leftOut ? tr("Put its fuse bac&k")
                                                    : tr("&Leave its fuse out"));
    takeBack_->setEnabled(selection_.subject() &&
                          std::ranges::any_of(document_.plan().amendments, [&](const Amendment& a) {
                              return targetOf(a) == *selection_.subject();
                          }));
}

const CableRow& AmendMenu::row() const {
    return *findRow(document_.design()->cables, chosen()->id);
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
              [id, sheathed = row().fuseFrom->sheathed](const Plan& plan,
                                                        std::optional<Metres> distance) {
                  return distance
                             ? amended(plan, SetFuseDistance{id, End::From, *distance, sheathed})
                             : withoutKind(plan, SetFuseDistance{id, End::From, {}});
              });
    }
}

void AmendMenu::toggleSheath() {
    const Conductor* c = chosen();
    if (c != nullptr && row().fuseFrom) {
        const ChosenFuse& fuse = *row().fuseFrom;
        document_.push((fuse.sheathed ? tr("Cable of %1 up to its fuse without a sheath")
                                      : tr("Cable of %1 up to its fuse in a sheath"))
                           .arg(q(c->name)),
                       amended(document_.plan(),
                               SetFuseDistance{c->id, End::From, fuse.distance, !fuse.sheathed}));
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

// Both ends at what a lead joins change places: what is the wrong way round, or is put right.
void AmendMenu::swapLeads() {
    const Conductor* c = chosen();
    if (c == nullptr || !c->pair) {
        return;
    }
    const Conductor& other = *findConductor(document_.design()->wiring.circuit, *c->pair);
    // The far ends: where the positive arrives and where the negative leaves.
    const End mine = c->pole == Pole::Negative ? End::From : End::To;
    const End its = other.pole == Pole::Negative ? End::From : End::To;
    const TerminalId& here = mine == End::From ? c->from : c->to;
    const TerminalId& there = its == End::From ? other.from : other.to;
    document_.push(tr("Swap the leads of %1").arg(q(c->name)),
                   amended(amended(document_.plan(), MoveEnd{c->id, mine, there}),
                           MoveEnd{other.id, its, here}));
}

void AmendMenu::takeOut() {
    const Device* d = device();
    const auto next = d == nullptr ? std::nullopt : withoutDevice(document_.plan(), *d);
    if (next) {
        document_.push(tr("Remove: %1").arg(q(d->name)), *next);
    }
}

void AmendMenu::takeBack() {
    const auto& subject = selection_.subject();
    if (!subject) {
        return;
    }
    Plan next = document_.plan();
    std::erase_if(next.amendments, [&](const Amendment& a) { return targetOf(a) == *subject; });
    document_.push(tr("Reset %1 to computed").arg(nameOfChosen()), std::move(next));
}

}  // namespace spirk::app
