// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Text and tables flowing over A4 pages. Collects drawing steps; a page breaks where the next block
// does not fit. Private to this room.

#include <QColor>
#include <QString>
#include <QStringList>
#include <vector>

#include "paper/ink.h"
#include "paper/pages.h"

namespace spirk {

struct Column {
    QString title;
    double width = 0.0;  // mm
    bool right = false;
};

class PageFlow {
public:
    // `plan` stands in each page's head, `foot` at its foot.
    PageFlow(QString title, QString plan, QString foot);

    void heading(const QString& text);
    void paragraph(const QString& text, Weight weight = Weight::Regular);
    // A boxed caution.
    void caution(const QString& text);
    // Repeats the head on each new page.
    void table(const std::vector<Column>& columns, const std::vector<QStringList>& rows);
    void space(double mm);
    [[nodiscard]] std::vector<Page> take();

private:
    enum class RowKind { Head, Body };
    void need(double mm);
    void row(const std::vector<Column>& columns, const QStringList& cells, RowKind kind);
    [[nodiscard]] double rowHeight(const std::vector<Column>& columns,
                                   const QStringList& cells) const;

    QString title_, plan_, foot_;
    double y_ = 0.0;
    std::vector<std::vector<std::function<void(QPainter&)>>> pages_;
};

// Paints text within a box in millimetres; returns the height it takes.
double paintText(QPainter* painter,
                 const QRectF& mm,
                 const QString& text,
                 double points,
                 Weight weight,
                 Qt::Alignment align = Qt::AlignLeft);

// Head and foot of a page in millimetres.
void paintFrame(QPainter& painter,
                double widthMm,
                double heightMm,
                const QString& title,
                const QString& plan,
                const QString& foot,
                int page,
                int pages);

}  // namespace spirk
