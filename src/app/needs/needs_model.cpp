// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/needs/needs_model.h"

#include <QFont>
#include <algorithm>

#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/plan/habits.h"
#include "core/quantities/parse.h"

namespace spirk::app {

namespace {

constexpr int kMostUnits = 100;

Result<Runs> parseRuns(const QString& text) {
    const QString clean = text.trimmed().toLower();
    if (QStringLiteral("alone").startsWith(clean) && !clean.isEmpty()) {
        return Runs::Alone;
    }
    if (QStringLiteral("together").startsWith(clean) && !clean.isEmpty()) {
        return Runs::WithOthers;
    }
    return failure("'" + text.toStdString() + "' is neither together nor alone.",
                   "runs",
                   "Write 'together' or 'alone'.");
}

Result<Feed> parseFeed(const QString& text) {
    const QString clean = text.trimmed().toLower();
    if (clean == "12 v" || clean == "12v" || clean == "dc") {
        return Feed::Dc;
    }
    if (clean == "mains" || clean == "230 v" || clean == "230v" || clean == "ac") {
        return Feed::Mains;
    }
    return failure(
        "'" + text.toStdString() + "' is not a supply.", "supply", "Write '12 V' or 'mains'.");
}

}  // namespace

NeedsModel::NeedsModel(Document& document, QObject* parent)
    : QAbstractTableModel(parent), document_(document), shown_(document.design()) {
    connect(&document, &Document::designChanged, this, &NeedsModel::refresh);
}

int NeedsModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(shown_->plan.appliances.size());
}
int NeedsModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

const Appliance& NeedsModel::at(int row) const {
    return shown_->plan.appliances[static_cast<std::size_t>(row)];
}

int NeedsModel::rowOf(const ApplianceId& id) const {
    const auto& all = shown_->plan.appliances;
    const auto found = std::ranges::find(all, id, &Appliance::id);
    return found == all.end() ? -1 : static_cast<int>(found - all.begin());
}

void NeedsModel::refresh() {
    const std::shared_ptr<const Design> now = document_.design();
    if (now->plan.appliances.size() != shown_->plan.appliances.size()) {
        beginResetModel();
        shown_ = now;
        endResetModel();
        return;
    }
    shown_ = now;
    if (rowCount() > 0) {
        emit dataChanged(index(0, 0), index(rowCount() - 1, ColumnCount - 1));
    }
}

QString NeedsModel::cell(const Appliance& a, int column) const {
    const auto& needs = shown_->needs.appliances;
    const auto need = std::ranges::find(needs, a.id, &ApplianceNeed::id);
    switch (static_cast<Column>(column)) {
        case Name:
            return q(a.name);
        case Supply:
            return a.feed == Feed::Dc ? tr("12 V") : tr("mains");
        case Count:
            return QString::number(a.count);
        case Rated:
            return q(format(a.rated));
        case Measured:
            return a.measured ? q(format(*a.measured)) : QString();
        case OnTime:
            return q(format(onTime(a)));
        case Start:
            return a.uses.empty() ? QString() : q(formatClock(a.uses.front().start));
        case Together:
            return a.runs == Runs::Alone ? tr("alone") : tr("together");
        case Energy:
            return q(format(need->perDay));
        case Share:
            return q(formatNumber(need->share * 100.0, 2)) + " %";
        case ColumnCount:
            break;
    }
    return {};
}

QVariant NeedsModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) {
        return {};
    }
    const Appliance& a = at(index.row());
    switch (role) {
        case Qt::DisplayRole:
        case Qt::EditRole:
            return cell(a, index.column());
        case Qt::TextAlignmentRole: {
            const bool number = index.column() == Count || index.column() == Rated ||
                                index.column() == Measured || index.column() == OnTime ||
                                index.column() >= Energy;
            return QVariant((number ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        }
        case Qt::FontRole: {
            QFont font;
            font.setWeight(shown_->needs.deciding == a.id ? QFont::DemiBold : QFont::Normal);
            return index.column() == Name || index.column() >= Energy ? QVariant(font) : QVariant();
        }
        case Qt::ForegroundRole:
            // The plate is not used where a measured value stands beside it.
            return index.column() == Rated && a.measured ? QVariant(currentInk().faint)
                                                         : QVariant();
        case Qt::ToolTipRole:
            return shown_->needs.deciding == a.id && index.column() == Name
                       ? QVariant(tr("This load decides the bank: look here first"))
                       : QVariant();
        default:
            return {};
    }
}

QVariant NeedsModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) {
        return {};
    }
    switch (static_cast<Column>(section)) {
        case Name:
            return tr("Appliance");
        case Supply:
            return tr("Supply");
        case Count:
            return tr("Count");
        case Rated:
            return tr("Plate");
        case Measured:
            return tr("Measured");
        case OnTime:
            return tr("On a day");
        case Start:
            return tr("From");
        case Together:
            return tr("Runs");
        case Energy:
            return tr("Energy a day");
        case Share:
            return tr("Share");
        case ColumnCount:
            break;
    }
    return {};
}

Qt::ItemFlags NeedsModel::flags(const QModelIndex& index) const {
    if (!index.isValid()) {
        return Qt::NoItemFlags;
    }
    const Qt::ItemFlags base = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    return index.column() < Energy ? base | Qt::ItemIsEditable : base;
}

Result<Appliance> NeedsModel::edited(Appliance a, int column, const QString& text) const {
    const std::string typed = text.toStdString();
    const auto set = [&](auto parsed, auto&& put) -> Result<Appliance> {
        if (!parsed) {
            return tl::unexpected(parsed.error());
        }
        put(*parsed);
        return a;
    };
    switch (static_cast<Column>(column)) {
        case Name:
            if (text.trimmed().isEmpty()) {
                return failure("An appliance needs a name.", "name", "Type one.");
            }
            a.name = text.trimmed().toStdString();
            return a;
        case Supply:
            return set(parseFeed(text), [&](Feed f) { a.feed = f; });
        case Count:
            return set(parseNumber(typed, 0, kMostUnits),
                       [&](double n) { a.count = static_cast<int>(n); });
        case Rated:
            return set(parsePower(typed), [&](Watts w) { a.rated = w; });
        case Measured:
            if (text.trimmed().isEmpty()) {
                a.measured.reset();
                return a;
            }
            return set(parsePower(typed), [&](Watts w) { a.measured = w; });
        case OnTime:
            return set(parseHours(typed), [&](Seconds t) { a = withOnTime(a, t); });
        case Start:
            return set(parseHours(typed), [&](Seconds t) { a = withStart(a, t); });
        case Together:
            return set(parseRuns(text), [&](Runs r) { a.runs = r; });
        case Energy:
        case Share:
        case ColumnCount:
            break;
    }
    return a;
}

bool NeedsModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || !index.isValid()) {
        return false;
    }
    const Appliance before = at(index.row());
    if (value.toString() == cell(before, index.column())) {
        return true;  // left as it was: rounding of the shown text is no edit
    }
    const auto after = edited(before, index.column(), value.toString());
    if (!after) {
        emit refused(q(after.error().what) + " " + q(after.error().remedy) + " " +
                     tr("Kept: %1.").arg(cell(before, index.column())));
        return false;
    }
    Plan next = document_.plan();
    next.appliances[static_cast<std::size_t>(index.row())] = *after;
    const QString field = headerData(index.column(), Qt::Horizontal, Qt::DisplayRole).toString();
    document_.push(tr("Change %1 of %2").arg(field.toLower(), q(before.name)),
                   std::move(next),
                   {q(before.id.value) + "/" + field});
    return true;
}

}  // namespace spirk::app
