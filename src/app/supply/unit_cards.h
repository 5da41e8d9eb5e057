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
#include "app/shared/selection.h"

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

private:
    struct Card {
        const UnitChoice& unit;
        WayKind of;
        Column column;
        QString title;    // its model
        QString summary;  // what it does
        std::function<void(QFormLayout*)> fields;
    };
    void addCard(const Card& card);
    void addBody(const Card& card, QVBoxLayout* layout);
    void addWay(const Card& card, QFormLayout* form);
    void addOptions(const Card& card, QFormLayout* form);
    void addAllBanks();
    void addRail(const RailChoice& rail);
    void addAllSources();
    void addSource(const SourceChoice& source);
    void addSun(const SourceChoice& source, const SolarChoice& solar);
    void addCharger(const SourceChoice& source, const EngineChoice& engine);
    void addRelay(const SourceChoice& source, const RelayChoice& relay);
    void addShore(const SourceChoice& source, const ShoreChoice& shore);
    void addAllInverters();
    void addVehicle();
    void addPutIn();
    [[nodiscard]] QVBoxLayout* cardsOf(Column column) const;
    // One undo step; those of one field that follow each other are one.
    void push(const QString& field, const QString& text, const std::function<void(Gear&)>& change);
    // Of those on offer that suit, and the chosen one; all where nothing is asked.
    template <class Model>
    void addModel(QFormLayout* form,
                  const QString& name,
                  const QString& label,
                  const std::string& chosen,
                  const std::function<std::string&(Gear&)>& of,
                  const std::function<bool(const Model&)>& suits = {});
    // Of the bank that a rail hangs on: what is sold for another is not offered.
    [[nodiscard]] Volts systemOf(const UnitId& rail) const;
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
    std::optional<std::pair<Gear, Vehicle>> shown_;
    std::set<UnitId> open_;
};

}  // namespace spirk::app
