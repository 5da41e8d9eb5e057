// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Every unit of the system as a card: what it is, how it is joined with what speaks for that, what
// its way leaves to choose. A card opens where it stands; units are put in and taken out here.

#include <QFormLayout>
#include <QVBoxLayout>
#include <QWidget>
#include <array>
#include <functional>
#include <optional>
#include <set>

#include "app/shared/document.h"
#include "app/shared/entry.h"
#include "app/shared/selection.h"
#include "app/supply/offered.h"

namespace spirk::app {

class UnitCards : public QWidget {
    Q_OBJECT
public:
    // As energy flows: what charges, what stores and joins, what is fed.
    enum class Column { In, Store, Out };

    UnitCards(Document& document, Selection& selection, QWidget* parent);
    // Above the cards of a column, for good.
    void addAbove(Column column, QWidget* widget);
    // Builds the cards anew where the gear has changed.
    void refresh();

    // As wide as the widest column: the others may stand below it.
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    // In a narrow window the columns stand one below the other.
    void resizeEvent(QResizeEvent* event) override;

signals:
    void compareAsked(const spirk::UnitId& unit, const QString& title);

private:
    struct Card {
        UnitChoice unit;
        WayKind of;
        Column column;
        QString title;    // its model
        QString summary;  // what it does
        std::function<void(QFormLayout*)> fields;
    };
    void addCard(const Card& card);
    // A frame that opens where it stands.
    struct Folding {
        Column column;
        QString name;  // of the object
        QString title, summary;
        std::function<void(QVBoxLayout*)> body;
        std::function<void()> opened;  // or closed
    };
    void addFolding(const Folding& card);
    void addBody(const Card& card, QVBoxLayout* layout);
    void addWay(const Card& card, QFormLayout* form);
    [[nodiscard]] QString speaksFor(const Card& card) const;
    void addOptions(const Card& card, QFormLayout* form);
    void addAllBanks();
    void addRail(const RailChoice& rail);
    void addAllSources();
    void addSource(const SourceChoice& source);
    // A card of a source, in the column of what charges or what is fed.
    void addSourceCard(const SourceChoice& source,
                       WayKind of,
                       const QString& title,
                       const QString& summary,
                       std::function<void(QFormLayout*)> fields);
    void addSun(const SourceChoice& source, const SolarChoice& solar);
    void addCharger(const SourceChoice& source, const EngineChoice& engine);
    void addRelay(const SourceChoice& source, const RelayChoice& relay);
    void addShore(const SourceChoice& source, const ShoreChoice& shore);
    void addCombined(const SourceChoice& source, const CombinedChoice& combined);
    void addSecond(const SourceChoice& source, const AlternatorChoice& second);
    void addTrickle(const SourceChoice& source, const TrickleChoice& trickle);
    void addPanels(const SourceChoice& source, const PanelsChoice& panels);
    void addAllMonitors();
    void addSensor(QFormLayout* form, const UnitId& monitor, const SensorChoice& sensor);
    void addAllModules();
    [[nodiscard]] std::vector<std::pair<UnitId, QString>> modularUnits() const;
    void addModuleFields(const ModuleChoice& module, QVBoxLayout* layout);
    // A bank's batteries that differ from the others.
    void addUnlike(QFormLayout* form, const BankChoice& bank);
    void addPlace(QFormLayout* form,
                  const QString& name,
                  const PlaceId& now,
                  const std::function<void(Plan&, const PlaceId&)>& set);
    // Panels of a source; where it takes from the vehicle.
    void addArray(QFormLayout* form,
                  const UnitId& id,
                  const ArrayChoice& array,
                  const std::function<ArrayChoice&(Gear&)>& of);
    void addFrom(QFormLayout* form,
                 const UnitId& id,
                 const FromVehicle& from,
                 const std::function<FromVehicle&(Gear&)>& of);
    // Where a bank's gas goes; what keeps its batteries warm.
    void addCare(QFormLayout* form, const BankChoice& bank);
    void addVents(QFormLayout* form, const BankChoice& bank);
    [[nodiscard]] QSet<QString> cardNames() const;
    void askForRoom();
    // Unfolds a card and brings it into view.
    void openCard(const QString& name);
    void addAllInverters();
    void addCircuit(const CircuitChoice& circuit);
    void addCircuitFields(const CircuitChoice& circuit, QVBoxLayout* layout);
    void addSubRail(const RailChoice& rail, const FromRail& from);
    // As the person tells rails apart.
    [[nodiscard]] QString nameOf(const RailChoice& rail) const;
    void addChoice(QFormLayout* form,
                   const QString& name,
                   const QString& label,
                   const QStringList& choices,
                   int now,
                   const std::function<void(Gear&, int)>& set);
    void addVehicle();
    void addSupplyPoints(QFormLayout* form);
    void addFoundFields(QFormLayout* form, const SupplyPoint& point);
    void addRemovePoint(QFormLayout* form, const SupplyPoint& point);
    void addNewPoint(QFormLayout* form);
    void addPlanChoice(QFormLayout* form,
                       const QString& name,
                       const QString& label,
                       const QStringList& choices,
                       int now,
                       const std::function<void(Plan&, int)>& set);
    // One undo step of the vehicle's own electrics.
    void pushVehicle(const QString& field,
                     const QString& text,
                     const std::function<void(Vehicle&)>& change);
    void addPutIn();
    [[nodiscard]] QVBoxLayout* cardsOf(Column column) const;
    // One undo step; those of one field that follow each other are one.
    void push(const QString& field, const QString& text, const std::function<void(Gear&)>& change);
    void addModel(QFormLayout* form,
                  const QString& name,
                  const QString& label,
                  const std::string& chosen,
                  const std::vector<Offered>& models,
                  const std::function<std::string&(Gear&)>& of,
                  const std::function<void(Gear&)>& then = {});
    // After another battery was chosen: as many in series as keep the bank's voltage.
    void keepVoltage(Gear& gear, const UnitId& bank) const;
    // Of the bank that a rail hangs on: what is sold for another is not offered.
    [[nodiscard]] Volts systemOf(const UnitId& rail) const;
    // A field whose text the parser takes; `set` gets what it says.
    template <class Value>
    void addQuantity(QFormLayout* form,
                     const QString& name,
                     const QString& label,
                     const QString& now,
                     const std::function<Result<Value>(const std::string&)>& parse,
                     const std::function<void(Plan&, const Value&)>& set);
    void addCount(QFormLayout* form,
                  const QString& name,
                  const QString& label,
                  int now,
                  int most,
                  const std::function<int&(Gear&)>& of);
    void addHours(QFormLayout* form,
                  const QString& name,
                  const QString& label,
                  Seconds now,
                  const std::function<Seconds&(Gear&)>& of);

    Document& document_;
    Selection& selection_;
    QBoxLayout* columns_;
    std::array<QVBoxLayout*, 3> above_{};  // of each column
    std::array<QVBoxLayout*, 3> cards_{};
    std::array<QWidget*, 3> inner_{};  // rebuilt with the gear
    struct Shown {
        Gear gear;
        Vehicle vehicle;
        std::map<DeviceId, PlaceId> placed;
        std::vector<std::pair<ApplianceId, std::string>> loads;  // that a module may hold
        bool operator==(const Shown&) const = default;
    };
    std::optional<Shown> shown_;
    std::set<QString> open_;
};

template <class Value>
void UnitCards::addQuantity(QFormLayout* form,
                            const QString& name,
                            const QString& label,
                            const QString& now,
                            const std::function<Result<Value>(const std::string&)>& parse,
                            const std::function<void(Plan&, const Value&)>& set) {
    auto* entry = new Entry(
        name,
        label,
        [this, name, label, parse, set](const std::string& text) -> Result<QString> {
            const auto value = parse(text);
            if (!value) {
                return tl::unexpected(value.error());
            }
            Plan next = document_.plan();
            set(next, *value);
            document_.push(tr("Change: %1").arg(label), std::move(next), {name});
            return QString();
        },
        this);
    entry->show(now);
    form->addRow(label, entry);
}

}  // namespace spirk::app
