// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// One finding: severity as a shape, what, why, what to do, on whose word; its place, its figures,
// its mends.

#include <QFrame>
#include <QLayout>

#include "app/shared/document.h"
#include "app/shared/selection.h"

namespace spirk::app {

class FindingCard : public QFrame {
    Q_OBJECT
public:
    FindingCard(const Finding& finding, Document& document, Selection& selection, QWidget* parent);

private:
    void addAcceptance(const Finding& finding, Document& document, QWidget* bar, QLayout* layout);
    [[nodiscard]] QWidget* makeButtons(const Finding& finding,
                                       Document& document,
                                       Selection& selection);
};

}  // namespace spirk::app
