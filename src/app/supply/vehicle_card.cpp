// SPDX-License-Identifier: GPL-3.0-or-later
// The vehicle's own electrics, where anything takes from them: its alternator, and the points where
// its maker lets others take current.

#include <QComboBox>
#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

#include "app/shared/text.h"
#include "app/supply/unit_cards.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

constexpr double kLeastAmps = 1.0;
constexpr double kMostAmps = 1000.0;

Result<Amps> parseAlternator(const std::string& text) {
    const auto amperes = parseCurrent(text);
    if (!amperes) {
        return amperes;
    }
    if (amperes->si() < kLeastAmps || amperes->si() > kMostAmps) {
        return failure("An alternator's rating is 1 to 1000 A."_text,
                       "alternator",
                       "Read its rating plate: '150 A'."_text);
    }
    return amperes;
}

// An empty field, or a question mark, says that nobody knows.
template <class Value, class Parse>
Result<std::optional<Value>> unlessUnknown(const std::string& text, const Parse& parse) {
    const bool unknown = std::ranges::all_of(text, [](char c) { return c == ' ' || c == '?'; });
    if (unknown) {
        return std::optional<Value>();
    }
    const auto value = parse(text);
    if (!value) {
        return tl::unexpected(value.error());
    }
    return std::optional<Value>(*value);
}

SupplyPoint& pointIn(Plan& plan, const UnitId& id) {
    return *std::ranges::find(plan.van.vehicle.points, id, &SupplyPoint::id);
}

// 'point', 'point2' ...
UnitId freshPoint(const Vehicle& vehicle) {
    std::string id = "point";
    for (int n = 2;
         std::ranges::find(vehicle.points, UnitId(id), &SupplyPoint::id) != vehicle.points.end();
         ++n) {
        id = "point" + std::to_string(n);
    }
    return UnitId(id);
}

// Nothing takes from it any more.
void forget(Plan& plan, const UnitId& id) {
    std::erase_if(plan.van.vehicle.points, [&](const SupplyPoint& p) { return p.id == id; });
    for (SourceChoice& source : plan.gear.sources) {
        std::visit(
            [&](auto& what) {
                if constexpr (requires { what.from.point; }) {
                    what.from.point = what.from.point == id ? UnitId() : what.from.point;
                }
            },
            source.what);
    }
}

}  // namespace

void UnitCards::pushVehicle(const QString& field,
                            const QString& text,
                            const std::function<void(Vehicle&)>& change) {
    Plan next = document_.plan();
    change(next.van.vehicle);
    document_.push(text, std::move(next), {field});
}

void UnitCards::addVehicle() {
    if (!document_.design()->gear.usesVehicle()) {
        return;
    }
    auto* frame = new QFrame(inner_[static_cast<std::size_t>(Column::In)]);
    frame->setFrameShape(QFrame::StyledPanel);
    auto* form = new QFormLayout(frame);
    form->setRowWrapPolicy(QFormLayout::WrapAllRows);
    auto* title = new QLabel(tr("The vehicle"), frame);
    form->addRow(title);
    const Vehicle& vehicle = document_.plan().van.vehicle;
    addQuantity<Amps>(form,
                      "supply.alternator",
                      tr("Alternator"),
                      q(vehicle.alternator),
                      parseAlternator,
                      [](Plan& plan, const Amps& rating) { plan.van.vehicle.alternator = rating; });
    auto* regulation = new QComboBox(this);
    regulation->setObjectName("supply.regulation");
    regulation->setAccessibleName(tr("Its voltage"));
    regulation->addItem(tr("constant, about 14 V"));
    regulation->addItem(tr("variable (smart alternator)"));
    regulation->setCurrentIndex(static_cast<int>(vehicle.regulation));
    regulation->setToolTip(
        tr("Many newer vehicles let the alternator's voltage fall to save fuel and raise it when "
           "braking: a relay then charges badly"));
    form->addRow(tr("Its voltage"), regulation);
    connect(regulation, &QComboBox::activated, this, [this](int nth) {
        pushVehicle("supply.regulation",
                    tr("Change the alternator's voltage"),
                    [nth](Vehicle& changed) { changed.regulation = static_cast<Regulation>(nth); });
    });
    addSupplyPoints(form);
    cardsOf(Column::In)->addWidget(frame);
}

void UnitCards::addSupplyPoints(QFormLayout* form) {
    for (const SupplyPoint& point : document_.plan().van.vehicle.points) {
        const UnitId id = point.id;
        const QString at = "supply.point." + q(id.value);
        addQuantity<std::string>(
            form,
            at + ".name",
            tr("Supply point"),
            q(point.name),
            [](const std::string& text) -> Result<std::string> {
                if (text.empty()) {
                    return failure("A supply point needs a name."_text,
                                   "name",
                                   "Use the name in the vehicle's manual."_text);
                }
                return text;
            },
            [id](Plan& plan, const std::string& name) { pointIn(plan, id).name = name; });
        addPlanChoice(
            form,
            at + ".laid",
            tr("Model"),
            {tr("already in the van"), tr("to be installed: one feed for several units")},
            static_cast<int>(point.laid),
            [id](Plan& plan, int nth) { pointIn(plan, id).laid = static_cast<PointLaid>(nth); });
        addPlanChoice(
            form,
            at + ".at",
            tr("Fed from"),
            {tr("the starter battery"), tr("the alternator's post")},
            static_cast<int>(point.at),
            [id](Plan& plan, int nth) { pointIn(plan, id).at = static_cast<PointAt>(nth); });
        addPlace(form, at + ".place", point.place, [id](Plan& plan, const PlaceId& place) {
            pointIn(plan, id).place = place;
        });
        if (point.laid == PointLaid::Found) {
            addFoundFields(form, point);
        }
        addRemovePoint(form, point);
    }
    addNewPoint(form);
}

// What is known of one that is there; a question mark for what is not.
void UnitCards::addFoundFields(QFormLayout* form, const SupplyPoint& point) {
    const Units units = document_.plan().units;
    const auto alone = sizesOf(document_.library());
    const UnitId id = point.id;
    const QString at = "supply.point." + q(id.value);
    addQuantity<std::optional<Amps>>(
        form,
        at + ".fuse",
        tr("Its fuse"),
        point.fuse ? q(*point.fuse) : QString("?"),
        [](const std::string& text) { return unlessUnknown<Amps>(text, parseCurrent); },
        [id](Plan& plan, const std::optional<Amps>& fuse) { pointIn(plan, id).fuse = fuse; });
    addQuantity<std::optional<SquareMetres>>(
        form,
        at + ".area",
        tr("Its cable"),
        point.area ? q(*point.area) : QString("?"),
        [alone](const std::string& text) {
            return unlessUnknown<SquareMetres>(
                text, [alone](const std::string& size) { return parseArea(size, alone); });
        },
        [id](Plan& plan, const std::optional<SquareMetres>& area) {
            pointIn(plan, id).area = area;
        });
    addQuantity<Metres>(
        form,
        at + ".length",
        tr("Length of its cable"),
        q(point.length),
        [units](const std::string& text) { return parseLength(text, units); },
        [id](Plan& plan, const Metres& length) { pointIn(plan, id).length = length; });
}

void UnitCards::addRemovePoint(QFormLayout* form, const SupplyPoint& point) {
    auto* out = new QPushButton(tr("Remove"), this);
    out->setObjectName("supply.point." + q(point.id.value) + ".remove");
    form->addRow(QString(), out);
    connect(out, &QPushButton::clicked, this, [this, id = point.id, name = q(point.name)] {
        Plan next = document_.plan();
        forget(next, id);
        document_.push(tr("Remove: %1").arg(name), std::move(next));
    });
}

void UnitCards::addPlanChoice(QFormLayout* form,
                              const QString& name,
                              const QString& label,
                              const QStringList& choices,
                              int now,
                              const std::function<void(Plan&, int)>& set) {
    auto* box = new QComboBox(this);
    box->setObjectName(name);
    box->setAccessibleName(label);
    box->addItems(choices);
    box->setCurrentIndex(now);
    form->addRow(label, box);
    connect(box, &QComboBox::activated, this, [this, name, label, set](int nth) {
        Plan next = document_.plan();
        set(next, nth);
        document_.push(tr("Choose: %1").arg(label), std::move(next), {name});
    });
}

void UnitCards::addPlace(QFormLayout* form,
                         const QString& name,
                         const PlaceId& now,
                         const std::function<void(Plan&, const PlaceId&)>& set) {
    QStringList names;
    std::vector<PlaceId> ids;
    int chosen = -1;
    for (const VanPlace& place : document_.plan().van.places) {
        chosen = place.id == now ? static_cast<int>(ids.size()) : chosen;
        names << q(place.name);
        ids.push_back(place.id);
    }
    addPlanChoice(form, name, tr("Place"), names, chosen, [ids, set](Plan& plan, int nth) {
        set(plan, ids.at(static_cast<std::size_t>(nth)));
    });
}

void UnitCards::addNewPoint(QFormLayout* form) {
    auto* add = new QPushButton(tr("Add a supply point"), this);
    add->setObjectName("supply.point.add");
    add->setToolTip(
        tip(tr("Where the vehicle's maker provides a supply for added equipment: a socket, a "
               "terminal or a body-builder interface, with its own fuse and cable")));
    form->addRow(QString(), add);
    connect(add, &QPushButton::clicked, this, [this] {
        const std::string name = tr("supply point at the seat").toStdString();
        pushVehicle("supply.point.add", tr("Add a supply point"), [name](Vehicle& vehicle) {
            constexpr double kUsualMetres = 1.5;  // judgement: to a seat box
            vehicle.points.push_back({freshPoint(vehicle),
                                      name,
                                      PlaceId("seat"),
                                      PointAt::Starter,
                                      PointLaid::Found,
                                      metres(kUsualMetres),
                                      std::nullopt,
                                      std::nullopt});
        });
    });
}

}  // namespace spirk::app
