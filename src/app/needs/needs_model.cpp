// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/needs/needs_model.h"

#include <QFont>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/plan/habits.h"
#include "core/reading/parse.h"

namespace spirk::app {

namespace {

constexpr int kMostUnits = 100;

// The word as the table shows it, or its first letters.
bool begins(const QString& word, const QString& typed) {
    return !typed.isEmpty() && word.startsWith(typed, Qt::CaseInsensitive);
}

Result<Runs> parseRuns(const QString& text) {
    const QString clean = text.trimmed();
    if (begins(NeedsModel::tr("alone"), clean)) {
        return Runs::Alone;
    }
    if (begins(NeedsModel::tr("together"), clean)) {
        return Runs::WithOthers;
    }
    return failure({"'{text}' is neither together nor alone."_text, {{"text", text.toStdString()}}},
                   "runs",
                   "Write 'together' or 'alone'."_text);
}

// What an appliance is plugged into: mains, or the volts that it takes from the bank's side.
struct Plug {
    Feed feed = Feed::Dc;
    Supplied supplied = Supplied::Either;
};

Result<Plug> parsePlug(const QString& text) {
    const QString clean = text.trimmed().toLower().remove(' ');
    if (clean == "12v" || clean == "12") {
        return Plug{Feed::Dc, Supplied::Twelve};
    }
    if (clean == "24v" || clean == "24") {
        return Plug{Feed::Dc, Supplied::TwentyFour};
    }
    if (clean == "12/24v" || clean == "12/24" || clean == "dc") {
        return Plug{Feed::Dc, Supplied::Either};
    }
    if (clean == suppliedText(Feed::Mains, Supplied::Either).toLower() || clean == "230v" ||
        clean == "120v" || clean == "ac") {
        return Plug{Feed::Mains, Supplied::Either};
    }
    return failure({"'{text}' is not a supply."_text, {{"text", text.toStdString()}}},
                   "supply",
                   "Write '12 V', '24 V', '12/24 V' or 'mains'."_text);
}

// The appliance with what was typed into a column.
Result<Appliance> withEntry(Appliance a, int column, const QString& text) {
    const std::string typed = text.toStdString();
    const auto set = [&](auto parsed, auto&& put) -> Result<Appliance> {
        if (!parsed) {
            return tl::unexpected(parsed.error());
        }
        put(*parsed);
        return a;
    };
    switch (static_cast<NeedsModel::Column>(column)) {
        case NeedsModel::Name:
            if (text.trimmed().isEmpty()) {
                return failure("An appliance needs a name."_text, "name", "Type one."_text);
            }
            a.name = text.trimmed().toStdString();
            return a;
        case NeedsModel::Supply:
            return set(parsePlug(text), [&](const Plug& plug) {
                a.feed = plug.feed;
                a.supplied = plug.supplied;
            });
        case NeedsModel::Count:
            return set(parseNumber(typed, 0, kMostUnits),
                       [&](double n) { a.count = static_cast<int>(n); });
        case NeedsModel::Rated:
            return set(parsePower(typed), [&](Watts w) { a.rated = w; });
        case NeedsModel::Measured:
            if (text.trimmed().isEmpty()) {
                a.measured.reset();
                return a;
            }
            return set(parsePower(typed), [&](Watts w) { a.measured = w; });
        case NeedsModel::OnTime:
            return set(parseHours(typed), [&](Seconds t) { a = withOnTime(a, t); });
        case NeedsModel::Start:
            return set(parseHours(typed), [&](Seconds t) { a = withStart(a, t); });
        case NeedsModel::Together:
            return set(parseRuns(text), [&](Runs r) { a.runs = r; });
        case NeedsModel::Energy:
        case NeedsModel::Share:
        case NeedsModel::ColumnCount:
            break;
    }
    return a;
}

}  // namespace

NeedsModel::NeedsModel(Document& document, QObject* parent)
    : PlanTable(document,
                {tr("Appliance"),
                 tr("Supply"),
                 tr("Count"),
                 tr("Rated"),
                 tr("Measured"),
                 tr("On"),
                 tr("From"),
                 tr("Runs"),
                 tr("Per day"),
                 tr("Share")},
                parent) {}

int NeedsModel::rows(const Design& design) const {
    return static_cast<int>(design.plan.appliances.size());
}

const Appliance& NeedsModel::at(int row) const {
    return shown().plan.appliances[static_cast<std::size_t>(row)];
}

int NeedsModel::rowOf(const ApplianceId& id) const {
    const auto& all = shown().plan.appliances;
    const auto found = std::ranges::find(all, id, &Appliance::id);
    return found == all.end() ? -1 : static_cast<int>(found - all.begin());
}

QString NeedsModel::cell(int row, int column) const {
    const Appliance& a = at(row);
    const auto& needs = shown().needs.appliances;
    const auto need = std::ranges::find(needs, a.id, &ApplianceNeed::id);
    switch (static_cast<Column>(column)) {
        case Name:
            return q(a.name);
        case Supply:
            return suppliedText(a.feed, a.supplied);
        case Count:
            return QString::number(a.count);
        case Rated:
            return q(a.rated);
        case Measured:
            return a.measured ? q(*a.measured) : QString();
        case OnTime:
            return q(onTime(a));
        case Start:
            return a.uses.empty() ? QString() : q(formatClock(a.uses.front().start));
        case Together:
            return a.runs == Runs::Alone ? tr("alone") : tr("together");
        case Energy:
            return q(need->perDay);
        case Share:
            return localNumber(formatNumber(need->share * 100.0, 2)) + " %";
        case ColumnCount:
            break;
    }
    return {};
}

QVariant NeedsModel::look(int row, int column, int role) const {
    const Appliance& a = at(row);
    switch (role) {
        case Qt::TextAlignmentRole: {
            const bool number = column == Count || column == Rated || column == Measured ||
                                column == OnTime || column >= Energy;
            return QVariant((number ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        }
        case Qt::FontRole: {
            QFont font;
            font.setWeight(shown().needs.deciding == a.id ? QFont::DemiBold : QFont::Normal);
            return column == Name || column >= Energy ? QVariant(font) : QVariant();
        }
        case Qt::ForegroundRole:
            // The plate is not used where a measured value stands beside it.
            return column == Rated && a.measured ? QVariant(currentInk().faint) : QVariant();
        case Qt::ToolTipRole:
            return shown().needs.deciding == a.id && column == Name
                       ? QVariant(tr("The largest load on the bank: look here first"))
                       : QVariant();
        default:
            return {};
    }
}

bool NeedsModel::editable(int, int column) const { return column < Energy; }

Result<PlanTable::Edit> NeedsModel::edited(int row, int column, const QString& typed) const {
    const Appliance& before = at(row);
    auto after = withEntry(before, column, typed);
    if (!after) {
        return tl::unexpected(after.error());
    }
    Plan next = plan();
    next.appliances[static_cast<std::size_t>(row)] = std::move(*after);
    const QString field = headerData(column, Qt::Horizontal, Qt::DisplayRole).toString();
    return Edit{tr("Change %1 of %2").arg(field.toLower(), q(before.name)),
                std::move(next),
                {q(before.id.value) + "/" + field}};
}

}  // namespace spirk::app
