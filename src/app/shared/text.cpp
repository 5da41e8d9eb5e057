// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/text.h"

#include <QStringList>

namespace spirk::app {

QString severityText(const SeverityCount& count, int kinds) {
    const auto tr = [](const char* text, int n) {
        return QCoreApplication::translate("Severity", text, nullptr, n);
    };
    QStringList parts;
    if (count.dangers > 0) {
        parts << tr("%n danger(s)", count.dangers);
    }
    if (count.faults > 0) {
        parts << tr("%n fault(s)", count.faults);
    }
    if (count.advice > 0) {
        parts << tr("%n advice", count.advice);
    }
    return parts.isEmpty() ? QCoreApplication::translate("Severity", "nothing found")
                           : parts.mid(0, kinds).join(", ");
}

}  // namespace spirk::app
