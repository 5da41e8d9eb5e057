// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A window with what looks after its plan: copies of unsaved changes, others that open or change
// the file, and the last guard. What they say stays above the station.

#include <QObject>

#include "app/shared/plan_watch.h"
#include "app/shared/recovery.h"
#include "app/shell/guarded_application.h"
#include "app/shell/main_window.h"

namespace spirk::app {

class Session : public QObject {
    Q_OBJECT
public:
    // `folder` is where open plans are kept. Both others must outlive this.
    Session(GuardedApplication& application, MainWindow& window, const QString& folder);
    ~Session() override;
    Session(const Session&) = delete;
    Session& operator=(const Session&) = delete;
    Session(Session&&) = delete;
    Session& operator=(Session&&) = delete;

    // Opens what was left behind, unless another file was asked for. False: nothing was.
    bool takeLeftBehind(const QString& asked);

private:
    void broke(const QString& what);

    GuardedApplication& application_;
    MainWindow& window_;
    Recovery recovery_;
    PlanWatch watch_;
};

}  // namespace spirk::app
