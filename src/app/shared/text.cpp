// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/text.h"

#include <QCoreApplication>
#include <QStringList>
#include <cmath>

#include "core/base/promise.h"

namespace spirk::app {

namespace {

struct Severities {
    Q_DECLARE_TR_FUNCTIONS(spirk::app::Severities)
};
struct Supplies {
    Q_DECLARE_TR_FUNCTIONS(spirk::app::Supplies)
};

}  // namespace

QString severityText(const SeverityCount& count, int kinds) {
    QStringList parts;
    if (count.dangers > 0) {
        parts << Severities::tr("%n danger(s)", nullptr, count.dangers);
    }
    if (count.faults > 0) {
        parts << Severities::tr("%n fault(s)", nullptr, count.faults);
    }
    if (count.advice > 0) {
        parts << Severities::tr("%n advice", nullptr, count.advice);
    }
    return parts.isEmpty() ? Severities::tr("nothing found") : parts.mid(0, kinds).join(", ");
}

Plan namedInLanguage(Plan plan) {
    const auto rename = [](std::string& name) { name = q(Words{name}).toStdString(); };
    rename(plan.name);
    for (Appliance& appliance : plan.appliances) {
        rename(appliance.name);
    }
    for (VanPlace& place : plan.van.places) {
        rename(place.name);
    }
    return plan;
}

QString roughPrice(double price, const std::string& currency) {
    constexpr double kStep = 50.0;
    return q(formatPrice(std::round(price / kStep) * kStep, currency));
}

QString suppliedText(Feed feed, Supplied supplied) {
    if (feed == Feed::Mains) {
        return Supplies::tr("mains");
    }
    switch (supplied) {
        case Supplied::Twelve:
            return Supplies::tr("12 V");
        case Supplied::TwentyFour:
            return Supplies::tr("24 V");
        case Supplied::Either:
            return Supplies::tr("12/24 V");
    }
    unreachable("suppliedText(Supplied)");
}

}  // namespace spirk::app
