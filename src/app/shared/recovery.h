// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Keeps a copy of the open plan while it has changes that are not saved, so that a plan that was
// open when the program or the machine was stopped comes back. One copy per running program, held
// by a lock that dies with it.

#include <QLockFile>
#include <QObject>
#include <QTimer>
#include <memory>
#include <optional>

#include "app/shared/document.h"

namespace spirk::app {

// What another program left behind when it was stopped.
struct LeftBehind {
    Plan plan;
    QString fileName;   // of the plan when it was open; empty: never saved
    QString copy;       // the file of the copy
    QByteArray onDisk;  // fingerprint of the plan's file when it was open
};

class Recovery : public QObject {
    Q_OBJECT
public:
    // Copies stand in `folder`, which is made where it is missing. `document` must outlive this.
    Recovery(Document& document, const QString& folder, QObject* parent = nullptr);
    // Ended in the usual way: what is unsaved was asked about, the copy is not wanted.
    ~Recovery() override;

    Recovery(const Recovery&) = delete;
    Recovery& operator=(const Recovery&) = delete;
    Recovery(Recovery&&) = delete;
    Recovery& operator=(Recovery&&) = delete;

    // The newest copy whose program runs no more. It stays on the disk until take().
    [[nodiscard]] std::optional<LeftBehind> leftBehind() const;
    // The document holds it now: a copy of its own is written before the old one goes.
    void take(const LeftBehind& left);

    // A copy now, not after the event: something is about to go wrong, or has.
    void write();

    // Why unsaved changes are not kept; empty once they are again.
    [[nodiscard]] const QString& problem() const { return problem_; }

signals:
    // Whenever it becomes another one, or none.
    void problemChanged(const QString& problem);

private:
    void setProblem(const QString& problem);
    [[nodiscard]] QString holdFolder();
    [[nodiscard]] QString copyPath() const;

    Document& document_;
    QString folder_;
    QString name_;  // of this program's copy, without ending
    std::unique_ptr<QLockFile> lock_;
    QTimer timer_;
    QString problem_;
};

}  // namespace spirk::app
