// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/shared/job.h"
#include "app/shared/station.h"
#include "core/design/tried_mends.h"

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

    // While what is offered is still being found out.
    [[nodiscard]] bool isBusy() const override { return job_.isWanted(); }

protected:
    void refresh() override;

private:
    struct Shown {
        Finding finding;
        std::string reason;  // why it is accepted; empty: it is not
        FindingCard* card = nullptr;
    };
    [[nodiscard]] Shown cardFor(const Finding& finding);
    // Mends are tried off the interface's thread, finding by finding in the order shown.
    void tryAll();
    void tryNext();

    QLabel* head_;
    QScrollArea* area_;
    QVBoxLayout* cards_;
    QPushButton* more_ = nullptr;
    // Judgement: as many as anybody reads at one sitting; a plan gone wrong has thousands.
    static constexpr std::size_t kCardsAtOnce = 60;
    std::size_t most_ = kCardsAtOnce;
    std::vector<Shown> shown_;
    std::vector<std::size_t> waiting_;  // of those shown, whose mends are to be tried; last first
    Job<std::vector<TriedMend>> job_;
};

}  // namespace spirk::app
