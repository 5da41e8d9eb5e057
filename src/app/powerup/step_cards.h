// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The first switch-on one step at a time, in type that is read at arm's length, for keyboard only
// or touch: large buttons, arrow keys, Escape back to the sheet.

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QWidget>
#include <vector>

#include "core/powerup/powerup.h"

namespace spirk::app {

struct StepCard {
    QString heading;  // 'Dead tests', 'Settings', 'Switching on'
    QString text;
    QString caution;  // may be empty
    struct Row {
        QString name;
        QString value;
        QString range;  // may be empty
    };
    std::vector<Row> rows;
    std::vector<Subject> subjects;
};

// In the order of the sheet.
[[nodiscard]] std::vector<StepCard> cardsOf(const PowerUp& powerUp, const Units& units);
// '12.1 V to 12.6 V', 'above 100 Ω'
[[nodiscard]] QString rangeText(const Expected& expected);

class StepCards : public QWidget {
    Q_OBJECT
public:
    explicit StepCards(QWidget* parent);
    // Stays at the same place where there still is one.
    void setCards(std::vector<StepCard> cards);
    [[nodiscard]] int current() const { return current_; }
    [[nodiscard]] int count() const { return static_cast<int>(cards_.size()); }
    void show(int card);

signals:
    void shown(const std::vector<spirk::Subject>& subjects);
    void left();  // back to the sheet

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void changeEvent(QEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    QPushButton* big(const QString& name, const QString& text, const QString& keys);
    void setFonts();
    void fill();

    std::vector<StepCard> cards_;
    int current_ = 0;
    QProgressBar* progress_;
    QScrollArea* scroll_;
    QLabel* text_;
    QPushButton *back_, *sheet_, *next_;
};

}  // namespace spirk::app
