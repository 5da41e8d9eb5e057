// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/recovery.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QUuid>

#include "app/shared/text.h"
#include "core/plan/plan_file.h"

namespace spirk::app {

namespace {

// The name of the plan's own file stands beside its copy.
QString nameFileOf(const QString& copy) { return copy + ".name"; }
QString lockOf(const QString& copy) { return copy.chopped(6) + ".lock"; }  // without '.spirk'

QString textOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
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
    QDir().mkpath(folder_);
    lock_ = std::make_unique<QLockFile>(lockOf(copyPath()));
    lock_->setStaleLockTime(0);
    if (!lock_->tryLock(0)) {
        problem_ = tr("Unsaved changes are not kept: '%1' cannot be written.").arg(folder_);
    }
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

void Recovery::write() {
    if (!document_.isModified()) {
        removeAll(copyPath());
        return;
    }
    const std::string copy = copyPath().toStdString();
    const auto named =
        saveText(document_.fileName().toStdString(), nameFileOf(copyPath()).toStdString());
    const auto saved = savePlan(document_.plan(), copy);
    const QString before = problem_;
    problem_ = saved && named ? QString()
                              : tr("Unsaved changes are not kept. %1")
                                    .arg(q(oneLine(saved ? named.error() : saved.error())));
    if (!problem_.isEmpty() && problem_ != before) {
        emit failed(problem_);
    }
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
            return LeftBehind{std::move(*reading.plan), textOf(nameFileOf(copy)), copy};
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
