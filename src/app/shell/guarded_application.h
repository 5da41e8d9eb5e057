// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The last guard: whatever breaks while an event is handled is caught here, where the plan still
// is, instead of taking the window and unsaved work with it.

#include <QApplication>
#include <functional>

namespace spirk::app {

class GuardedApplication : public QApplication {
    Q_OBJECT
public:
    // `argc` must outlive it, as with any application.
    GuardedApplication(int& argc, char** argv);

    // Called with what broke. Without it, nothing is caught.
    void guard(std::function<void(const QString& what)> broke);

    bool notify(QObject* receiver, QEvent* event) override;

private:
    std::function<void(const QString&)> broke_;
};

}  // namespace spirk::app
