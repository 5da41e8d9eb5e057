// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// One selection for all stations, and the figure whose 'why' is asked.

#include <QObject>
#include <optional>

#include "core/explain/id.h"

namespace spirk::app {

class Selection : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    [[nodiscard]] const std::optional<Subject>& subject() const { return subject_; }
    void select(std::optional<Subject> subject) {
        if (subject != subject_) {
            subject_ = std::move(subject);
            emit changed();
        }
    }
    void askWhy(const FigureId& figure) { emit whyAsked(figure); }

signals:
    void changed();
    void whyAsked(const spirk::FigureId& figure);

private:
    std::optional<Subject> subject_;
};

}  // namespace spirk::app
