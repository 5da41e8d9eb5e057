// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Every unit of the system as a card: what it is, how it is joined with what speaks for that, what
// its way leaves to choose. A card opens where it stands; units are put in and taken out here.

#include <QFormLayout>
#include <QVBoxLayout>
#include <QWidget>
#include <functional>
#include <set>

#include "app/shared/document.h"
#include "app/shared/selection.h"

namespace spirk::app {

class UnitCards : public QWidget {
    Q_OBJECT
public:
    UnitCards(Document& document, Selection& selection, QWidget* parent);
    // Builds the cards anew where the gear has changed.
    void refresh();

private:
    struct Card {
        const UnitChoice& unit;
        WayKind of;
        QString title;    // its model
        QString summary;  // what it does
        std::function<void(QFormLayout*)> fields;
    };
    void addCard(const Card& card);
    void addBody(const Card& card, QVBoxLayout* layout);
    void addWay(const Card& card, QFormLayout* form);
    void addOptions(const Card& card, QFormLayout* form);
    void addAllBanks();
    void addAllSources();
    void addSource(const SourceChoice& source);
    void addAllInverters();
    void addPutIn();
    // One undo step; those of one field that follow each other are one.
    void push(const QString& field, const QString& text, const std::function<void(Gear&)>& change);
    template <class Model>
    void addModel(QFormLayout* form,
                  const QString& name,
                  const QString& label,
                  const std::string& chosen,
                  const std::function<std::string&(Gear&)>& of);
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
    QVBoxLayout* cards_;
    QWidget* inner_ = nullptr;
    Gear shown_;
    std::set<UnitId> open_;
};

}  // namespace spirk::app
