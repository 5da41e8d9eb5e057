// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A field for a quantity. Text goes through the core's parser; a wrong entry keeps the last good
// value, says what is wrong beside the field, and loses nothing.

#include <QLabel>
#include <QLineEdit>
#include <QWidget>
#include <functional>

#include "core/result/result.h"

namespace spirk::app {

class Entry : public QWidget {
    Q_OBJECT
public:
    // `accept` gets the text and pushes the edit; its error is shown.
    using Accept = std::function<Result<QString>(const std::string&)>;
    Entry(const QString& objectName, const QString& accessibleName, Accept accept, QWidget* parent);

    // What the plan holds now; ignored while the person types.
    void show(const QString& text);
    [[nodiscard]] QLineEdit* field() const { return field_; }
    [[nodiscard]] QString problem() const { return problem_->text(); }

private:
    void commit();

    QLineEdit* field_;
    QLabel* problem_;
    Accept accept_;
    QString shown_;
};

}  // namespace spirk::app
