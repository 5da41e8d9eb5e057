// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/shared/station.h"

namespace spirk::app {

class FindingCard;

class ChecksStation : public Station {
    Q_OBJECT
public:
    ChecksStation(Document& document, Selection& selection, QWidget* parent);
    [[nodiscard]] QString id() const override { return QStringLiteral("checks"); }
    [[nodiscard]] QString title() const override { return tr("Checks"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] StationState state() const override;

protected:
    void refresh() override;

private:
    struct Shown {
        Finding finding;
        std::string reason;  // why it is accepted; empty: it is not
        FindingCard* card = nullptr;
    };
    [[nodiscard]] Shown cardFor(const Finding& finding);

    QLabel* head_;
    QScrollArea* area_;
    QVBoxLayout* cards_;
    QPushButton* more_ = nullptr;
    // Judgement: as many as anybody reads at one sitting; a plan gone wrong has thousands.
    static constexpr std::size_t kCardsAtOnce = 60;
    std::size_t most_ = kCardsAtOnce;
    std::vector<Shown> shown_;
};

}  // namespace spirk::app
