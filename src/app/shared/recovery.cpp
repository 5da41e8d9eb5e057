// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/recovery.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QUuid>

#include "app/shared/text.h"
#include "core/plan/plan_file.h"
#include "paper/save_bytes.h"

namespace spirk::app {

namespace {

// The name of the plan's own file stands beside its copy, with the fingerprint of what it held.
QString nameFileOf(const QString& copy) { return copy + ".name"; }
QString lockOf(const QString& copy) { return copy.chopped(6) + ".lock"; }  // without '.spirk'

QByteArray textOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

void removeAll(const QString& copy) {
    QFile::remove(copy);
    QFile::remove(nameFileOf(copy));
}

}  // namespace

Recovery::Recovery(Document& document, const QString& folder, QObject* parent)
    : QObject(parent),
      document_(document),
      folder_(folder),
      name_(QUuid::createUuid().toString(QUuid::WithoutBraces)) {
    problem_ = holdFolder();
    // Once the event that made the change is over: a burst of changes is one copy.
    timer_.setSingleShot(true);
    timer_.setInterval(0);
    connect(&timer_, &QTimer::timeout, this, &Recovery::write);
    connect(&document, &Document::designChanged, &timer_, qOverload<>(&QTimer::start));
    connect(&document, &Document::fileChanged, &timer_, qOverload<>(&QTimer::start));
}

Recovery::~Recovery() {
    removeAll(copyPath());
    lock_->unlock();
}

QString Recovery::copyPath() const { return QDir(folder_).filePath(name_ + ".spirk"); }

// Without its lock a copy would be taken for one that was left behind.
QString Recovery::holdFolder() {
    if (lock_ && lock_->isLocked()) {
        return {};
    }
    QDir().mkpath(folder_);
    lock_ = std::make_unique<QLockFile>(lockOf(copyPath()));
    lock_->setStaleLockTime(0);
    return lock_->tryLock(0)
               ? QString()
               : tr("Unsaved changes are not kept: '%1' cannot be written.").arg(folder_);
}

void Recovery::setProblem(const QString& problem) {
    if (problem != problem_) {
        problem_ = problem;
        emit problemChanged(problem_);
    }
}

void Recovery::write() {
    if (!document_.isModified()) {
        removeAll(copyPath());
        return;
    }
    const QString folder = holdFolder();
    if (!folder.isEmpty()) {
        setProblem(folder);
        return;
    }
    const QByteArray name = document_.fileName().toUtf8() + '\n' + document_.onDisk().toHex();
    const auto saved =
        saveTogether({{nameFileOf(copyPath()), name},
                      {copyPath(), QByteArray::fromStdString(writePlan(document_.plan()))}});
    setProblem(saved ? QString() : tr("Unsaved changes are not kept. %1").arg(q(saved.error())));
}

std::optional<LeftBehind> Recovery::leftBehind() const {
    const QFileInfoList copies = QDir(folder_).entryInfoList({"*.spirk"}, QDir::Files, QDir::Time);
    for (const QFileInfo& info : copies) {
        const QString copy = info.filePath();
        QLockFile lock(lockOf(copy));
        lock.setStaleLockTime(0);
        if (copy == copyPath() || !lock.tryLock(0)) {
            continue;  // its program is running
        }
        PlanReading reading = loadPlan(copy.toStdString());
        if (reading.plan) {
            const QByteArray name = textOf(nameFileOf(copy));
            const qsizetype end = name.lastIndexOf('\n');
            return LeftBehind{std::move(*reading.plan),
                              QString::fromUtf8(name.left(end)),
                              copy,
                              end < 0 ? QByteArray() : QByteArray::fromHex(name.mid(end + 1))};
        }
    }
    return std::nullopt;
}

void Recovery::take(const LeftBehind& left) {
    write();
    if (problem_.isEmpty()) {
        removeAll(left.copy);
        QFile::remove(lockOf(left.copy));
    }
}

}  // namespace spirk::app
