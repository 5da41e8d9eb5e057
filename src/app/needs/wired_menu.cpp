// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/needs/wired_menu.h"

#include <QActionGroup>
#include <QCoreApplication>
#include <algorithm>

#include "app/shared/text.h"
#include "core/plan/circuit_edits.h"

namespace spirk::app {

namespace {

struct WiredMenu {
    Q_DECLARE_TR_FUNCTIONS(spirk::app::WiredMenu)
};

class Filler {
public:
    Filler(Document& document, const ApplianceId& id)
        : document_(document), id_(id), load_(*appliance(document.plan())) {}

    void fill(QMenu& menu) {
        QMenu* places = menu.addMenu(WiredMenu::tr("&Place"));
        addPlaces(*places, "wired.place.", load_.place, [](Appliance& a, const PlaceId& place) {
            a.place = place;
        });
        addSwitches(*menu.addMenu(WiredMenu::tr("&Switch")));
        addCircuits(*menu.addMenu(WiredMenu::tr("&Circuit")));
        add(menu,
            "wired.always_on",
            WiredMenu::tr("works with the main switch off"),
            load_.alwaysOn,
            [self = *this]() mutable {
                self.change(WiredMenu::tr("Choose what the main switch leaves on"),
                            [](Appliance& a) { a.alwaysOn = !a.alwaysOn; });
            });
    }

private:
    using Change = std::function<void(Appliance&)>;

    [[nodiscard]] const Appliance* appliance(const Plan& plan) const {
        const auto at = std::ranges::find(plan.appliances, id_, &Appliance::id);
        return at == plan.appliances.end() ? nullptr : &*at;
    }
    void add(QMenu& menu,
             const QString& name,
             const QString& text,
             bool now,
             std::function<void()> chosen) {
        QAction* action = menu.addAction(unmarked(text));
        action->setObjectName(name);
        action->setCheckable(true);
        action->setChecked(now);
        QObject::connect(action, &QAction::triggered, &menu, std::move(chosen));
    }
    void change(const QString& text, const Change& set) {
        Plan next = document_.plan();
        set(*std::ranges::find(next.appliances, id_, &Appliance::id));
        document_.push(text, std::move(next));
    }
    void addPlaces(QMenu& menu,
                   const QString& name,
                   const PlaceId& now,
                   const std::function<void(Appliance&, const PlaceId&)>& set) {
        for (const VanPlace& place : document_.plan().van.places) {
            add(menu,
                name + q(place.id.value),
                q(place.name),
                place.id == now,
                [self = *this, set, id = place.id]() mutable {
                    self.change(WiredMenu::tr("Choose a place"), [&](Appliance& a) { set(a, id); });
                });
        }
    }
    void addSwitches(QMenu& menu) {
        add(menu,
            "wired.switch.none",
            WiredMenu::tr("its own switch, or none"),
            !load_.switched,
            [self = *this]() mutable {
                self.change(WiredMenu::tr("Take out a switch"),
                            [](Appliance& a) { a.switched.reset(); });
            });
        const std::array kinds{WiredMenu::tr("a switch at"),
                               WiredMenu::tr("two-way switches, the first at"),
                               WiredMenu::tr("a dimmer at")};
        for (std::size_t i = 0; i < kinds.size(); ++i) {
            const auto kind = static_cast<SwitchKind>(i);
            const bool same = load_.switched && load_.switched->kind == kind;
            addPlaces(*menu.addMenu(kinds[i]),
                      QString("wired.switch.%1.").arg(i),
                      same ? load_.switched->place : PlaceId(),
                      [kind](Appliance& a, const PlaceId& place) {
                          LoadSwitch chosen = a.switched.value_or(LoadSwitch{});
                          chosen.kind = kind;
                          chosen.place = place;
                          // The second one, until it is said, beside the lamp.
                          const bool second = kind == SwitchKind::TwoWay;
                          chosen.second = !second                       ? PlaceId()
                                          : chosen.second.value.empty() ? a.place
                                                                        : chosen.second;
                          a.switched = chosen;
                      });
        }
        if (load_.switched && load_.switched->kind == SwitchKind::TwoWay) {
            addPlaces(*menu.addMenu(WiredMenu::tr("the second one at")),
                      "wired.switch.second.",
                      load_.switched->second,
                      [](Appliance& a, const PlaceId& place) { a.switched->second = place; });
        }
    }
    void addCircuits(QMenu& menu) {
        const CircuitChoice* now = circuitWith(document_.plan().gear, id_);
        add(menu,
            "wired.circuit.none",
            WiredMenu::tr("grouped automatically"),
            now == nullptr,
            [self = *this] {
                self.document_.push(WiredMenu::tr("Group automatically"),
                                    inCircuit(self.document_.plan(), self.id_, UnitId()));
            });
        for (const CircuitChoice& circuit : document_.plan().gear.circuits) {
            add(menu,
                "wired.circuit." + q(circuit.id.value),
                WiredMenu::tr("with %1").arg(firstOf(circuit)),
                now == &circuit,
                [self = *this, id = circuit.id] {
                    self.document_.push(WiredMenu::tr("Choose a circuit"),
                                        inCircuit(self.document_.plan(), self.id_, id));
                });
        }
        add(menu,
            "wired.circuit.own",
            WiredMenu::tr("its own circuit: set in Supply"),
            false,
            [self = *this] {
                self.document_.push(WiredMenu::tr("Give it a circuit of its own"),
                                    inOwnCircuit(self.document_.plan(), self.id_));
            });
    }
    [[nodiscard]] QString firstOf(const CircuitChoice& circuit) const {
        const auto& all = document_.plan().appliances;
        const auto at = circuit.loads.empty()
                            ? all.end()
                            : std::ranges::find(all, circuit.loads.front(), &Appliance::id);
        return at == all.end() ? q(circuit.id.value) : q(at->name);
    }

    Document& document_;
    const ApplianceId id_;
    const Appliance load_;
};

}  // namespace

void fillWiredMenu(QMenu& menu, Document& document, const ApplianceId& appliance) {
    menu.clear();
    const auto& all = document.plan().appliances;
    const auto at = std::ranges::find(all, appliance, &Appliance::id);
    if (at != all.end() && at->feed == Feed::Dc) {
        Filler(document, appliance).fill(menu);
    }
}

}  // namespace spirk::app
