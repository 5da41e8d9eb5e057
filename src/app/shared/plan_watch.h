// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What others do with the file of the open plan: another window that has it open, another program
// that changes it. Says so as it happens; what is to be done is asked when saving.

#include <QFileSystemWatcher>
#include <QLockFile>
#include <QObject>
#include <QTimer>
#include <memory>

#include "app/shared/document.h"

namespace spirk::app {

class PlanWatch : public QObject {
    Q_OBJECT
public:
    // Marks of open plans stand in `folder`, which is made where it is missing. `document` must
    // outlive this.
    PlanWatch(Document& document, const QString& folder, QObject* parent = nullptr);
    ~PlanWatch() override;
    PlanWatch(const PlanWatch&) = delete;
    PlanWatch& operator=(const PlanWatch&) = delete;
    PlanWatch(PlanWatch&&) = delete;
    PlanWatch& operator=(PlanWatch&&) = delete;

signals:
    // Both are given again when they change; empty: no longer so.
    void openElsewhere(const QString& warning);
    void changedOnDisk(const QString& warning);

private:
    void follow();
    void mark();
    void look();

    Document& document_;
    QString folder_;
    QString followed_;
    std::unique_ptr<QLockFile> mark_;
    QFileSystemWatcher watcher_;
    QTimer settle_;  // a change on the disk is looked at when it is over
    QTimer again_;   // whether the other window has gone
};

}  // namespace spirk::app
