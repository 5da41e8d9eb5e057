// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/settings.h"

#include <QFileInfo>

namespace spirk::app {

QStringList recentPlans() {
    QStringList out;
    for (const QString& path : remembered(kRecentPlans).toStringList()) {
        if (QFileInfo::exists(path)) {
            out << path;
        }
    }
    return out;
}

void rememberPlan(const QString& path) {
    const QString whole = QFileInfo(path).absoluteFilePath();
    QStringList paths = remembered(kRecentPlans).toStringList();
    paths.removeAll(whole);
    paths.prepend(whole);
    remember(kRecentPlans, paths.mid(0, kMostRecent));
}

}  // namespace spirk::app
