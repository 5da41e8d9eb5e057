// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/text.h"

#include <QStringList>

#include "core/result/promise.h"

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

QString suppliedText(Feed feed, Supplied supplied) {
    const auto tr = [](const char* text) { return QCoreApplication::translate("Supplied", text); };
    if (feed == Feed::Mains) {
        return tr("mains");
    }
    switch (supplied) {
        case Supplied::Twelve:
            return tr("12 V");
        case Supplied::TwentyFour:
            return tr("24 V");
        case Supplied::Either:
            return tr("12/24 V");
    }
    unreachable("suppliedText(Supplied)");
}

}  // namespace spirk::app
