// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Widgets side by side, in as many rows as the width asks for.

#include <QLayout>
#include <memory>
#include <vector>

namespace spirk::app {

class FlowLayout : public QLayout {
public:
    explicit FlowLayout(QWidget* parent) : QLayout(parent) {}

    void addItem(QLayoutItem* item) override { items_.emplace_back(item); }
    [[nodiscard]] int count() const override { return static_cast<int>(items_.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int index) const override;
    QLayoutItem* takeAt(int index) override;
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override { return minimumSize(); }
    // Of the largest item: the rest goes to the next row.
    [[nodiscard]] QSize minimumSize() const override;
    void setGeometry(const QRect& rect) override;

private:
    // A place for each item that is shown, and the height of all rows.
    struct Placed {
        std::vector<std::pair<QLayoutItem*, QRect>> items;
        int height = 0;
    };
    [[nodiscard]] Placed placed(const QRect& rect) const;
    [[nodiscard]] int gap() const;

    std::vector<std::unique_ptr<QLayoutItem>> items_;
};

}  // namespace spirk::app
