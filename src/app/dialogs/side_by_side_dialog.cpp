// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/side_by_side_dialog.h"

#include <QAbstractTableModel>
#include <QDialogButtonBox>
#include <QHeaderView>
#include <QVBoxLayout>

#include "app/shared/text.h"

namespace spirk::app {

namespace {

class SideBySideModel : public QAbstractTableModel {
public:
    SideBySideModel(SideBySide answers, QObject* parent)
        : QAbstractTableModel(parent), answers_(std::move(answers)) {}
    [[nodiscard]] int rowCount(const QModelIndex& parent) const override {
        return parent.isValid() ? 0 : static_cast<int>(answers_.conductors.size());
    }
    [[nodiscard]] int columnCount(const QModelIndex& parent) const override {
        return parent.isValid() ? 0 : 1 + 2 * static_cast<int>(answers_.regions.size());
    }
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override {
        if (role != Qt::DisplayRole) {
            return {};
        }
        const ConductorAnswers& row = answers_.conductors[static_cast<std::size_t>(index.row())];
        if (index.column() == 0) {
            return q(row.name);
        }
        const std::size_t region = static_cast<std::size_t>(index.column() - 1) / 2;
        if (region >= row.regions.size()) {
            return {};
        }
        const RegionAnswer& answer = row.regions[region];
        return q(index.column() % 2 == 1 ? answer.size : answer.fuse);
    }
    [[nodiscard]] QVariant headerData(int section,
                                      Qt::Orientation orientation,
                                      int role) const override {
        if (orientation != Qt::Horizontal || role != Qt::DisplayRole) {
            return {};
        }
        if (section == 0) {
            return SideBySideDialog::tr("Conductor");
        }
        const QString region = q(answers_.regions[static_cast<std::size_t>(section - 1) / 2]);
        return (section % 2 == 1 ? SideBySideDialog::tr("%1: size")
                                 : SideBySideDialog::tr("%1: fuse"))
            .arg(region);
    }

private:
    SideBySide answers_;
};

}  // namespace

SideBySideDialog::SideBySideDialog(Document& document, QWidget* parent)
    : QDialog(parent),
      document_(document),
      job_([this](Answer answer) { showAnswer(std::move(answer)); }) {
    setObjectName("sideBySide");
    setWindowTitle(tr("Both regions side by side"));
    head_ = new QLabel(this);
    head_->setObjectName("sideBySide.head");
    head_->setWordWrap(true);
    head_->setTextFormat(Qt::PlainText);
    table_ = new QTableView(this);
    table_->setObjectName("sideBySide.table");
    table_->setAccessibleName(tr("Size and fuse of each conductor by region"));
    table_->verticalHeader()->hide();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(head_);
    layout->addWidget(table_, 1);
    layout->addWidget(buttons);
    connect(&document, &Document::designChanged, this, &SideBySideDialog::refresh);
    refresh();
    const int letter = fontMetrics().averageCharWidth();
    resize(letter * 130, letter * 80);
}

void SideBySideDialog::refresh() {
    if (table_->model() == nullptr) {
        head_->setText(tr("Comparing…"));
    }
    job_.start([revision = document_.revision(),
                plan = document_.plan(),
                &libraries = document_.libraries()]() -> Answer {
        return {revision, sideBySide(plan, libraries)};
    });
}

void SideBySideDialog::showAnswer(Answer answer) {
    if (answer.revision != document_.revision()) {
        return;
    }
    SideBySide& answers = answer.sides;
    QStringList parts;
    for (std::size_t i = 0; i < answers.regions.size(); ++i) {
        parts << tr("%1: %2").arg(q(answers.regions[i]), severityText(answers.findings[i], 3));
    }
    head_->setText(tr("The same plan with each region's own cables and rules, without the sizes "
                      "you have set. %1.")
                       .arg(parts.join("; ")));
    QAbstractItemModel* old = table_->model();
    table_->setModel(new SideBySideModel(std::move(answers), this));
    if (old != nullptr) {
        old->deleteLater();
    }
    table_->resizeColumnsToContents();
}

}  // namespace spirk::app
