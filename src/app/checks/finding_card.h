// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// One finding: severity as a shape, what, why, what to do, on whose word; its place, its figures,
// its mends, once they have been tried.

#include <QFrame>
#include <QLabel>
#include <QLayout>

#include "app/shared/document.h"
#include "app/shared/selection.h"
#include "core/design/tried_mends.h"

namespace spirk::app {

class FindingCard : public QFrame {
    Q_OBJECT
public:
    FindingCard(const Finding& finding, Document& document, Selection& selection, QWidget* parent);

    // While its mends are tried on the plan as it is now, none can be chosen.
    void awaitMends();
    // Those that serve; what each brings is told beside it.
    void offer(const std::vector<TriedMend>& mends);

private:
    void clearMends();
    void say(const QString& text);
    void addAcceptance(const Finding& finding, Document& document, QWidget* bar, QLayout* layout);
    [[nodiscard]] QWidget* makeButtons(const Finding& finding,
                                       Document& document,
                                       Selection& selection);

    const QString id_;
    Document& document_;
    QWidget* mends_;
    QLabel* message_;  // in place of mends, or while they are tried
};

}  // namespace spirk::app
