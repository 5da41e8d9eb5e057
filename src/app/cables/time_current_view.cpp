// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/cables/time_current_view.h"

#include <qcustomplot.h>

#include <QEvent>
#include <QLabel>
#include <QVBoxLayout>
#include <array>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace spirk::app {

namespace {

// What the axes span, as powers of ten.
constexpr int kLeastAmps = 0, kMostAmps = 4;
constexpr int kLeastSeconds = -3, kMostSeconds = 4;
// Two points at one current have no order: the second is put this much before.
constexpr double kJustBelow = 0.9999;

double power(int exponent) { return std::pow(10.0, exponent); }

// Decades named as people say them: 100 A, 1 kA; 10 ms, 17 min.
QSharedPointer<QCPAxisTickerText> decades(int least, int most, Unit unit) {
    auto ticks = QSharedPointer<QCPAxisTickerText>::create();
    ticks->setSubTickCount(0);
    for (int exponent = least; exponent <= most; ++exponent) {
        ticks->addTick(power(exponent), q(Measure{power(exponent), unit}));
    }
    return ticks;
}

QCPGraph* curve(QCustomPlot* plot, const std::vector<CurvePoint>& points) {
    QCPGraph* graph = plot->addGraph();
    for (const CurvePoint& p : points) {
        graph->addData(p.current.si(), p.time.si());
    }
    return graph;
}

}  // namespace

TimeCurrentView::TimeCurrentView(Document& document, Selection& selection, QWidget* parent)
    : QWidget(parent),
      document_(document),
      selection_(selection),
      words_(new QLabel(this)),
      plot_(new QCustomPlot(this)) {
    setObjectName("cables.timeCurrent");
    words_->setWordWrap(true);
    words_->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    // The legend has a column of its own right of the picture.
    auto* beside = new QCPLayoutGrid;
    plot_->plotLayout()->addElement(0, 1, beside);
    plot_->plotLayout()->setColumnStretchFactor(1, 0.001);
    beside->addElement(0, 0, plot_->legend);
    beside->addElement(1, 0, new QCPLayoutElement);
    beside->setRowStretchFactor(0, 0.001);
    plot_->legend->setVisible(true);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(words_);
    layout->addWidget(plot_, 1);
    layout->addStretch(0);
    connect(&document, &Document::designChanged, this, &TimeCurrentView::refresh);
    connect(&selection, &Selection::changed, this, &TimeCurrentView::refresh);
    refresh();
}

QSize TimeCurrentView::sizeHint() const { return {520, fontMetrics().height() * 14}; }
QSize TimeCurrentView::minimumSizeHint() const { return {300, fontMetrics().height() * 9}; }
QString TimeCurrentView::inWords() const { return words_->text(); }

QStringList TimeCurrentView::named() const {
    QStringList names;
    for (int i = 0; i < plot_->legend->itemCount(); ++i) {
        if (auto* item = qobject_cast<QCPPlottableLegendItem*>(plot_->legend->item(i))) {
            names << item->plottable()->name();
        }
    }
    return names;
}

void TimeCurrentView::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange || event->type() == QEvent::FontChange) {
        draw();
    }
}

void TimeCurrentView::refresh() {
    const Design& d = *document_.design();
    const auto& chosen = selection_.subject();
    const bool conductor = chosen && chosen->kind == SubjectKind::Conductor;
    auto now = conductor
                   ? timeCurrentOf(
                         document_.library(), d.wiring.circuit, d.cables, ConductorId(chosen->id))
                   : std::nullopt;
    const bool same = now == shown_ && !words_->text().isEmpty();
    if (same) {
        return;  // most edits leave it as it is, and drawing costs more than the rest
    }
    shown_ = std::move(now);
    QString words;
    if (!shown_) {
        words =
            tr("Select a conductor above to see its load, when its fuse opens, "
               "and how long its cable withstands a short circuit.");
    } else if (shown_->fuse.empty()) {
        words = tr("No fuse protects this conductor.");
    } else if (shown_->opensWithin && shown_->bears) {
        words = tr("At the lowest short-circuit current, %1, the %2 opens within %3; its cable "
                   "withstands %4.")
                    .arg(q(shown_->faultFar),
                         q(shown_->fuse),
                         q(Measure{shown_->opensWithin->si(), Unit::Second}),
                         q(Measure{shown_->bears->si(), Unit::Second}));
    } else {
        words =
            tr("%1. It does not have to open at the lowest short-circuit current, %2: the cable "
               "carries %3 continuously.")
                .arg(q(shown_->fuse), q(shown_->faultFar), q(shown_->ampacity));
    }
    words_->setText(words);
    plot_->setAccessibleName(tr("Time-current curves of the selected conductor"));
    plot_->setAccessibleDescription(words);
    setAccessibleName(plot_->accessibleName());
    setAccessibleDescription(words);
    draw();
}

void TimeCurrentView::draw() {
    plot_->clearGraphs();
    plot_->setVisible(shown_.has_value());
    if (!shown_) {
        return;
    }
    const Ink ink = currentInk();
    drawAxes(ink);
    drawFuse(ink);
    drawCable(ink);
    drawMark(shown_->load, tr("load, %1").arg(q(shown_->load)), QPen(ink.text, 1.4));
    drawMark(shown_->faultFar,
             tr("short circuit at the far end, %1").arg(q(shown_->faultFar)),
             QPen(ink.advice, 1.4, Qt::DotLine));
    drawMark(shown_->faultNear,
             tr("short circuit at the near end, %1").arg(q(shown_->faultNear)),
             QPen(ink.advice, 1.4, Qt::DashDotLine));
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void TimeCurrentView::drawAxes(const Ink& ink) {
    plot_->setBackground(palette().brush(QPalette::Window));
    plot_->legend->setBrush(Qt::NoBrush);
    plot_->legend->setBorderPen(Qt::NoPen);
    plot_->legend->setTextColor(ink.text);
    plot_->legend->setFont(font());
    plot_->xAxis->setTicker(decades(kLeastAmps, kMostAmps, Unit::Ampere));
    plot_->yAxis->setTicker(decades(kLeastSeconds, kMostSeconds, Unit::Second));
    plot_->xAxis->setRange(power(kLeastAmps), power(kMostAmps));
    plot_->yAxis->setRange(power(kLeastSeconds), power(kMostSeconds));
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setScaleType(QCPAxis::stLogarithmic);
        axis->setTickLabelFont(font());
        axis->setTickLabelColor(ink.faint);
        axis->setBasePen(QPen(ink.line));
        axis->setTickPen(QPen(ink.line));
        axis->grid()->setPen(QPen(ink.line));
    }
}

void TimeCurrentView::drawFuse(const Ink& ink) {
    if (shown_->shortest.empty() || shown_->longest.empty()) {
        return;
    }
    QColor band = ink.accent;
    band.setAlphaF(0.22F);
    QCPGraph* longest = curve(plot_, shown_->longest);
    // Below its first point it may stay closed for ever: the band goes on to the top of the
    // picture.
    const double never = power(kMostSeconds + 1);
    const double first = shown_->longest.front().current.si();
    longest->addData({shown_->shortest.front().current.si(), first * kJustBelow}, {never, never});
    longest->setPen(QPen(ink.accent, 1.2));
    longest->setName(tr("fuse opens between these lines"));
    longest->setBrush(band);
    QCPGraph* shortest = curve(plot_, shown_->shortest);
    shortest->setPen(QPen(ink.accent, 1.2));
    shortest->removeFromLegend();
    longest->setChannelFillGraph(shortest);
}

void TimeCurrentView::drawCable(const Ink& ink) {
    QCPGraph* cable = curve(plot_, shown_->cable);
    cable->setPen(QPen(ink.danger, 2.0, Qt::DashLine));
    cable->setName(tr("longest the cable withstands"));
}

void TimeCurrentView::drawMark(Amps current, const QString& name, const QPen& pen) {
    // Less than the picture begins with has no place in it, and is named all the same.
    QCPGraph* mark = plot_->addGraph();
    mark->setPen(pen);
    mark->setName(name);
    if (current.si() >= power(kLeastAmps)) {
        mark->setData({current.si(), current.si()}, {power(kLeastSeconds), power(kMostSeconds)});
    }
}

}  // namespace spirk::app
