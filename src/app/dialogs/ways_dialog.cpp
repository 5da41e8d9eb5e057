// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/ways_dialog.h"

#include <QAbstractTableModel>
#include <QDialogButtonBox>
#include <QHeaderView>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <cmath>

#include "app/shared/text.h"

namespace spirk::app {

namespace {

// A column for each way, a row for each figure.
class WaysModel : public QAbstractTableModel {
public:
    WaysModel(std::vector<WayAnswer> ways, Units units, QString currency, QObject* parent)
        : QAbstractTableModel(parent),
          ways_(std::move(ways)),
          units_(units),
          currency_(std::move(currency)) {}

    enum Row { Chosen, Findings, Raised, Ended, Current, Drop, Price, Weight, Joints, Cable, Rows };

    [[nodiscard]] int rowCount(const QModelIndex& parent) const override {
        return parent.isValid() ? 0 : Rows;
    }
    [[nodiscard]] int columnCount(const QModelIndex& parent) const override {
        return parent.isValid() ? 0 : static_cast<int>(ways_.size());
    }
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override {
        const WayAnswer& way = ways_[static_cast<std::size_t>(index.column())];
        if (role == Qt::DisplayRole) {
            return shown(way, static_cast<Row>(index.row()));
        }
        return role == Qt::ToolTipRole ? QVariant(tip(q(way.speaksFor))) : QVariant();
    }
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override {
        if (role != Qt::DisplayRole) {
            return {};
        }
        if (orientation == Qt::Horizontal) {
            return q(ways_[static_cast<std::size_t>(section)].name);
        }
        const std::array names{WaysDialog::tr("in the plan now"),
                               WaysDialog::tr("findings"),
                               WaysDialog::tr("adds findings"),
                               WaysDialog::tr("removes findings"),
                               WaysDialog::tr("largest current"),
                               WaysDialog::tr("drop, of its limit"),
                               WaysDialog::tr("cost of the whole plan"),
                               WaysDialog::tr("weight"),
                               WaysDialog::tr("terminations"),
                               WaysDialog::tr("cable length")};
        return names.at(static_cast<std::size_t>(section));
    }

private:
    [[nodiscard]] static QString rulesOf(const std::vector<Finding>& findings) {
        QStringList rules;
        for (const Finding& f : findings) {
            rules << QStringLiteral("%1 %2").arg(q(name(f.severity)), q(f.rule));
        }
        rules.removeDuplicates();
        return rules.isEmpty() ? WaysDialog::tr("nothing") : rules.join(", ");
    }
    // Prices are orders of magnitude: of the others only how far they are from the plan's.
    [[nodiscard]] QString priceOf(const WayAnswer& way) const {
        const auto now = std::ranges::find(ways_, true, &WayAnswer::isChosen);
        constexpr double kStep = 5.0;
        const double more = now == ways_.end() || way.isChosen
                                ? way.price
                                : std::round((way.price - now->price) / kStep) * kStep;
        if (way.isChosen || now == ways_.end()) {
            constexpr double kWholeStep = 50.0;  // as in the strip
            const double about = std::round(more / kWholeStep) * kWholeStep;
            return WaysDialog::tr("about %1 %2").arg(q(number(about), units_), currency_);
        }
        return (more < 0.0 ? WaysDialog::tr("%1 %2 less") : WaysDialog::tr("%1 %2 more"))
            .arg(q(number(std::fabs(more)), units_), currency_);
    }
    [[nodiscard]] QString shown(const WayAnswer& way, Row row) const {
        switch (row) {
            case Chosen:
                return way.isChosen ? WaysDialog::tr("yes") : QString();
            case Findings:
                return severityText(way.findings, 3);
            case Raised:
                return rulesOf(way.raised);
            case Ended:
                return rulesOf(way.ended);
            case Current:
                return q(way.largest);
            case Drop:
                return way.drop > 0.0 ? q(percent(way.drop), units_)
                                      : WaysDialog::tr("none counted");
            case Price:
                return priceOf(way);
            case Weight:
                return q(Measure{way.weightKg, Unit::Kilogram}, units_);
            case Joints:
                return QString::number(way.joints);
            case Cable:
                return q(Measure{way.cable.si(), Unit::Metre}, units_);
            case Rows:
                break;
        }
        return {};
    }

    std::vector<WayAnswer> ways_;
    Units units_;
    QString currency_;
};

}  // namespace

WaysDialog::WaysDialog(Document& document, UnitId unit, const QString& title, QWidget* parent)
    : QDialog(parent),
      document_(document),
      unit_(std::move(unit)),
      job_([this](Answer answer) { showAnswer(std::move(answer)); }) {
    setObjectName("ways");
    setWindowTitle(tr("Compare: %1").arg(title));
    question_ = new QComboBox(this);
    question_->setObjectName("ways.question");
    question_->setAccessibleName(tr("What is compared"));
    table_ = new QTableView(this);
    table_->setObjectName("ways.table");
    table_->setAccessibleName(tr("What each would mean for this plan"));
    table_->setSelectionBehavior(QAbstractItemView::SelectColumns);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setWordWrap(true);
    says_ = new QLabel(this);
    says_->setObjectName("ways.says");
    says_->setWordWrap(true);
    says_->setTextFormat(Qt::PlainText);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    take_ = buttons->addButton(tr("&Use this one"), QDialogButtonBox::ActionRole);
    take_->setObjectName("ways.take");
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(question_);
    layout->addWidget(table_, 1);
    layout->addWidget(says_);
    layout->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    connect(take_, &QPushButton::clicked, this, &WaysDialog::take);
    connect(question_, &QComboBox::activated, this, &WaysDialog::compare);
    connect(&document, &Document::designChanged, this, &WaysDialog::ask);
    ask();
    const int letter = fontMetrics().averageCharWidth();
    resize(letter * 120, letter * 70);
}

// The questions of the unit as it is now.
void WaysDialog::ask() {
    const QString now = question_->currentData().toString();
    const std::vector<WayQuestion> questions =
        questionsOf(*document_.design(), document_.library(), unit_);
    if (questions.empty()) {
        close();
        return;
    }
    question_->clear();
    for (const WayQuestion& each : questions) {
        question_->addItem(q(each.name), q(each.option));
    }
    question_->setCurrentIndex(std::max(0, question_->findData(now)));
    compare();
}

void WaysDialog::compare() {
    take_->setEnabled(false);
    says_->setText(tr("Comparing…"));
    job_.start([revision = document_.revision(),
                design = document_.design(),
                &library = document_.library(),
                unit = unit_,
                option = question_->currentData().toString().toStdString()]() -> Answer {
        return {revision, option, compareWays(*design, library, unit, option)};
    });
}

void WaysDialog::showAnswer(Answer answer) {
    const bool current = answer.revision == document_.revision() &&
                         q(answer.option) == question_->currentData().toString();
    if (!current) {
        return;  // a newer one is on its way
    }
    ways_ = std::move(answer.ways);
    QAbstractItemModel* old = table_->model();
    table_->setModel(
        new WaysModel(ways_, document_.plan().units, q(document_.library().region.currency), this));
    if (old != nullptr) {
        old->deleteLater();
    }
    connect(table_->selectionModel(),
            &QItemSelectionModel::selectionChanged,
            this,
            &WaysDialog::showChosen);
    const auto chosen = std::ranges::find(ways_, true, &WayAnswer::isChosen);
    table_->selectColumn(chosen == ways_.end() ? 0 : static_cast<int>(chosen - ways_.begin()));
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->resizeRowsToContents();
    showChosen();
}

void WaysDialog::showChosen() {
    const QModelIndexList at = table_->selectionModel()->selectedIndexes();
    const bool one = !at.isEmpty();
    const WayAnswer* way = one ? &ways_.at(static_cast<std::size_t>(at.front().column())) : nullptr;
    says_->setText(one ? q(way->speaksFor) : QString());
    take_->setEnabled(one && !way->isChosen);
}

void WaysDialog::take() {
    const QModelIndexList at = table_->selectionModel()->selectedIndexes();
    if (at.isEmpty()) {
        return;
    }
    const auto nth = static_cast<std::size_t>(at.front().column());
    const QString name = q(ways_.at(nth).name);
    document_.push(tr("Choose: %1").arg(name),
                   withAnswer(*document_.design(),
                              document_.library(),
                              unit_,
                              question_->currentData().toString().toStdString(),
                              nth));
}

}  // namespace spirk::app
