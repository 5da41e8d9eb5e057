// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Finds any device, conductor, appliance, figure, rule or action by its words, and goes there; says
// what a word of the trade means.

#include <QDialog>
#include <QLineEdit>
#include <QListView>
#include <QSortFilterProxyModel>
#include <QStandardItemModel>
#include <functional>
#include <vector>

#include "app/shared/document.h"
#include "app/shared/selection.h"

namespace spirk::app {

class Finder : public QDialog {
    Q_OBJECT
public:
    struct Entry {
        QString text;  // what is found
        QString kind;  // 'conductor', 'action'
        std::function<void()> go;
    };
    // What can be found now: the plan's own things; `actions` are the window's.
    Finder(Document& document,
           Selection& selection,
           const std::vector<QAction*>& actions,
           QWidget* parent);

signals:
    // The meaning of a word of the trade that was chosen.
    void explained(const QString& text);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void add(const QString& text, const QString& kind, std::function<void()> go);
    void addActions(const std::vector<QAction*>& actions);
    void addCircuit(const Design& design, Selection& selection);
    void addUnits(Document& document, Selection& selection);
    void addFigures(const Design& design, Selection& selection);
    void addFindings(const Design& design, Selection& selection);
    void addTerms(const Library& library);
    void filter(const QString& typed);
    void goToChosen();

    QLineEdit* field_;
    QListView* list_;
    QStandardItemModel* model_;
    QSortFilterProxyModel* found_;
    std::vector<Entry> entries_;
};

}  // namespace spirk::app
