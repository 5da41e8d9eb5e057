// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/diagram/diagram_station.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QToolButton>
#include <QVBoxLayout>

#include "app/shared/text.h"

namespace spirk::app {

DiagramStation::DiagramStation(Document& document, Selection& selection, QWidget* parent)
    : Station(document, selection, parent),
      view_(new DiagramView(document, selection, this)),
      moments_(new QComboBox(this)) {
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(makeToolbar());
    layout->addWidget(view_, 1);
    connect(view_, &DiagramView::amendAsked, this, &Station::amendAsked);
    DiagramStation::refresh();
}

QWidget* DiagramStation::makeToolbar() {
    auto* bar = new QWidget(this);
    auto* layout = new QHBoxLayout(bar);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* label = new QLabel(tr("S&ituation"), bar);
    label->setBuddy(moments_);
    moments_->setObjectName("diagram.moment");
    moments_->setAccessibleName(tr("Situation whose voltages and currents are shown"));
    connect(moments_, &QComboBox::currentIndexChanged, this, [this](int index) {
        view_->setMoment(index > 0 ? std::optional(static_cast<std::size_t>(index - 1))
                                   : std::nullopt);
    });
    layout->addWidget(label);
    layout->addWidget(moments_);
    layout->addStretch(1);
    const auto button =
        [&](const QString& name, const QString& text, const QString& tip, auto slot) {
            auto* b = new QToolButton(bar);
            b->setObjectName(name);
            b->setText(text);
            b->setToolTip(tip);
            b->setAccessibleName(tip);
            connect(b, &QToolButton::clicked, this, slot);
            layout->addWidget(b);
        };
    button("diagram.zoomIn", "+", tr("Zoom in (+)"), [this] { view_->zoomBy(1.25); });
    button("diagram.zoomOut", "−", tr("Zoom out (-)"), [this] { view_->zoomBy(0.8); });
    button(
        "diagram.readable", tr("Readable"), tr("A size at which labels can be read (1)"), [this] {
            view_->showReadable();
        });
    button("diagram.fit", tr("Fit"), tr("Fit to the window (0)"), [this] { view_->fit(); });
    return bar;
}

QString DiagramStation::summary() const {
    int ours = 0;
    for (const Conductor& c : design().wiring.circuit.conductors) {
        ours += isOurs(c) ? 1 : 0;
    }
    return tr("%n conductor(s)", nullptr, ours);
}

StationState DiagramStation::state() const {
    return plan().appliances.empty() ? StationState::Untouched : StationState::AtWork;
}

void DiagramStation::refresh() {
    QStringList names{tr("None: sizes and lengths")};
    for (const Moment& m : design().wiring.moments) {
        names << q(m.name);
    }
    QStringList now;
    for (int i = 0; i < moments_->count(); ++i) {
        now << moments_->itemText(i);
    }
    if (names == now) {
        return;
    }
    // Moments come and go with the gear; the one that is shown stays chosen by its name.
    const QString chosen = moments_->currentText();
    moments_->clear();
    moments_->addItems(names);
    moments_->setCurrentIndex(std::max(0, moments_->findText(chosen)));
}

}  // namespace spirk::app
