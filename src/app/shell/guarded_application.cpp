// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/guarded_application.h"

#include <exception>

namespace spirk::app {

GuardedApplication::GuardedApplication(int& argc, char** argv) : QApplication(argc, argv) {}

void GuardedApplication::guard(std::function<void(const QString&)> broke) {
    broke_ = std::move(broke);
}

bool GuardedApplication::notify(QObject* receiver, QEvent* event) {
    if (!broke_) {
        return QApplication::notify(receiver, event);
    }
    try {
        return QApplication::notify(receiver, event);
    } catch (const std::exception& e) {
        broke_(QString::fromUtf8(e.what()));
        return true;
    }
}

}  // namespace spirk::app
