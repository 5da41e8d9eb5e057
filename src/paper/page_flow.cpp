// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/page_flow.h"

#include <QPainter>
#include <QTextLayout>
#include <QTextOption>
#include <algorithm>
#include <cmath>

#include "paper/ink.h"

namespace spirk {

namespace {

constexpr double kWidth = 210.0, kHeight = 297.0;
constexpr double kMargin = 15.0;
constexpr double kTop = 26.0, kBottom = 279.0;
constexpr double kMmPerPoint = 25.4 / 72.0;
constexpr double kBody = 8.5;
constexpr double kCellPad = 1.0;

// Lays text out in points (exact on every device) and paints it scaled to millimetres.
struct Laid {
    QTextLayout layout;
    double heightMm = 0.0;
};

void lay(Laid& out,
         const QString& text,
         double widthMm,
         double points,
         Weight weight,
         Qt::Alignment align) {
    QFont font = unitFont(10.0, weight);
    // The layout works in hundredths of a point, so that rounding to pixels cannot show.
    font.setPixelSize(static_cast<int>(std::lround(points * 100.0)));
    QString flowing = text;
    flowing.replace('\n', QChar::LineSeparator);
    out.layout.setText(flowing);
    out.layout.setFont(font);
    QTextOption option(align);
    option.setWrapMode(QTextOption::WrapAtWordBoundaryOrAnywhere);
    out.layout.setTextOption(option);
    out.layout.beginLayout();
    double y = 0.0;
    for (QTextLine line = out.layout.createLine(); line.isValid(); line = out.layout.createLine()) {
        line.setLineWidth(widthMm / kMmPerPoint * 100.0);
        line.setPosition({0.0, y});
        y += line.height();
    }
    out.layout.endLayout();
    out.heightMm = y * kMmPerPoint / 100.0;
}

}  // namespace

double paintText(QPainter* painter,
                 const QRectF& mm,
                 const QString& text,
                 double points,
                 Weight weight,
                 Qt::Alignment align) {
    Laid laid;
    lay(laid, text, mm.width(), points, weight, align);
    if (painter != nullptr) {
        painter->save();
        painter->translate(mm.topLeft());
        painter->scale(kMmPerPoint / 100.0, kMmPerPoint / 100.0);
        painter->setPen(Qt::black);
        laid.layout.draw(painter, {0.0, 0.0});
        painter->restore();
    }
    return laid.heightMm;
}

void paintFrame(QPainter& painter,
                double widthMm,
                double heightMm,
                const QString& title,
                const QString& plan,
                const QString& foot,
                int page,
                int pages) {
    const double inner = widthMm - 2.0 * kMargin;
    paintText(&painter, {kMargin, 12.0, inner, 6.0}, title, 13.0, Weight::Strong);
    paintText(&painter, {kMargin, 13.5, inner, 6.0}, plan, kBody, Weight::Regular, Qt::AlignRight);
    painter.setPen(QPen(Qt::black, 0.25));
    painter.drawLine(QPointF(kMargin, 20.0), QPointF(widthMm - kMargin, 20.0));
    painter.drawLine(QPointF(kMargin, heightMm - 16.0),
                     QPointF(widthMm - kMargin, heightMm - 16.0));
    paintText(&painter, {kMargin, heightMm - 14.5, inner - 20.0, 8.0}, foot, 7.0, Weight::Regular);
    paintText(&painter,
              {kMargin, heightMm - 14.5, inner, 6.0},
              QStringLiteral("%1 / %2").arg(page).arg(pages),
              kBody,
              Weight::Regular,
              Qt::AlignRight);
}

PageFlow::PageFlow(QString title, QString plan, QString foot)
    : title_(std::move(title)),
      plan_(std::move(plan)),
      foot_(std::move(foot)),
      y_(kTop),
      pages_(1) {}

void PageFlow::need(double mm) {
    if (y_ + mm > kBottom && y_ > kTop) {
        pages_.emplace_back();
        y_ = kTop;
    }
}

void PageFlow::space(double mm) { y_ += mm; }

void PageFlow::heading(const QString& text) {
    need(18.0);  // a heading never stands alone at the foot
    const double y = y_ + 2.0;
    pages_.back().push_back([=](QPainter& p) {
        paintText(&p, {kMargin, y, kWidth - 2 * kMargin, 8.0}, text, 11.0, Weight::Strong);
    });
    y_ += 9.0;
}

void PageFlow::paragraph(const QString& text, Weight weight) {
    const QRectF box{kMargin, 0.0, kWidth - 2 * kMargin, 10.0};
    const double height = paintText(nullptr, box, text, kBody, weight);
    need(height + 1.0);
    const QRectF at = box.translated(0.0, y_);
    pages_.back().push_back([=](QPainter& p) { paintText(&p, at, text, kBody, weight); });
    y_ += height + 1.5;
}

void PageFlow::caution(const QString& text) {
    const QRectF box{kMargin + 3.0, 0.0, kWidth - 2 * kMargin - 6.0, 10.0};
    const double height = paintText(nullptr, box, text, kBody, Weight::Strong);
    need(height + 5.0);
    const double y = y_;
    pages_.back().push_back([=](QPainter& p) {
        p.setPen(QPen(Qt::black, 0.5));
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRectF(kMargin, y, kWidth - 2 * kMargin, height + 3.0));
        paintText(&p, box.translated(0.0, y + 1.5), text, kBody, Weight::Strong);
    });
    y_ += height + 5.0;
}

double PageFlow::rowHeight(const std::vector<Column>& columns, const QStringList& cells) const {
    double height = 0.0;
    for (std::size_t i = 0; i < columns.size(); ++i) {
        const QRectF box{0, 0, columns[i].width - 2 * kCellPad, 10};
        const QString cell = cells.value(static_cast<qsizetype>(i));
        height = std::max(height, paintText(nullptr, box, cell, kBody, Weight::Regular));
    }
    return height + 1.2;
}

void PageFlow::row(const std::vector<Column>& columns, const QStringList& cells, RowKind kind) {
    const double height = rowHeight(columns, cells);
    const double y = y_;
    pages_.back().push_back([=](QPainter& p) {
        double x = kMargin;
        for (std::size_t i = 0; i < columns.size(); ++i) {
            const QRectF box{x + kCellPad, y + 0.6, columns[i].width - 2 * kCellPad, height};
            paintText(&p,
                      box,
                      cells.value(static_cast<qsizetype>(i)),
                      kBody,
                      kind == RowKind::Head ? Weight::Strong : Weight::Regular,
                      columns[i].right ? Qt::AlignRight : Qt::AlignLeft);
            x += columns[i].width;
        }
        p.setPen(QPen(Qt::black, kind == RowKind::Head ? 0.3 : 0.08));
        p.drawLine(QPointF(kMargin, y + height), QPointF(kWidth - kMargin, y + height));
    });
    y_ += height;
}

void PageFlow::table(const std::vector<Column>& columns, const std::vector<QStringList>& rows) {
    QStringList titles;
    for (const Column& c : columns) {
        titles << c.title;
    }
    need(14.0);
    row(columns, titles, RowKind::Head);
    for (const QStringList& cells : rows) {
        const std::size_t page = pages_.size();
        need(rowHeight(columns, cells));
        if (pages_.size() != page) {
            row(columns, titles, RowKind::Head);
        }
        row(columns, cells, RowKind::Body);
    }
    y_ += 3.0;
}

std::vector<Page> PageFlow::take() {
    std::vector<Page> out;
    const int count = static_cast<int>(pages_.size());
    for (int i = 0; i < count; ++i) {
        Page page;
        page.paint = [ops = pages_[static_cast<std::size_t>(i)],
                      title = title_,
                      plan = plan_,
                      foot = foot_,
                      i,
                      count](QPainter& p) {
            paintFrame(p, kWidth, kHeight, title, plan, foot, i + 1, count);
            for (const auto& op : ops) {
                op(p);
            }
        };
        out.push_back(std::move(page));
    }
    return out;
}

}  // namespace spirk
