// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/plan_watch.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>

namespace spirk::app {

namespace {

constexpr int kSettleMs = 50;
constexpr int kAgainMs = 2000;

// The same for one file, whatever way leads to it.
QString markOf(const QString& folder, const QString& file) {
    const QString canonical = QFileInfo(file).canonicalFilePath();
    const QByteArray name = (canonical.isEmpty() ? file : canonical).toUtf8();
    const QByteArray hash = QCryptographicHash::hash(name, QCryptographicHash::Sha256).toHex();
    return QDir(folder).filePath(QString::fromLatin1(hash.left(32)) + ".open");
}

}  // namespace

PlanWatch::PlanWatch(Document& document, const QString& folder, QObject* parent)
    : QObject(parent), document_(document), folder_(folder) {
    QDir().mkpath(folder_);
    settle_.setSingleShot(true);
    settle_.setInterval(kSettleMs);
    again_.setInterval(kAgainMs);
    connect(&settle_, &QTimer::timeout, this, &PlanWatch::look);
    connect(&again_, &QTimer::timeout, this, &PlanWatch::mark);
    connect(&watcher_, &QFileSystemWatcher::fileChanged, &settle_, qOverload<>(&QTimer::start));
    connect(
        &watcher_, &QFileSystemWatcher::directoryChanged, &settle_, qOverload<>(&QTimer::start));
    connect(&document_, &Document::fileChanged, this, &PlanWatch::follow);
    follow();
}

PlanWatch::~PlanWatch() { document_.disconnect(this); }

void PlanWatch::follow() {
    const QString& file = document_.fileName();
    if (file != followed_) {
        followed_ = file;
        mark_.reset();
        mark();
    }
    look();
}

void PlanWatch::mark() {
    again_.stop();
    if (followed_.isEmpty()) {
        emit openElsewhere(QString());
        return;
    }
    if (!mark_) {
        mark_ = std::make_unique<QLockFile>(markOf(folder_, followed_));
        mark_->setStaleLockTime(0);
    }
    if (mark_->isLocked() || mark_->tryLock(0)) {
        emit openElsewhere(QString());
        return;
    }
    // A folder that cannot be written says nothing about other windows.
    if (mark_->error() == QLockFile::LockFailedError) {
        emit openElsewhere(tr("'%1' is open in another Spirk window too. Whichever window saves "
                              "last will ask which version to keep.")
                               .arg(QFileInfo(followed_).fileName()));
        again_.start();
    }
}

void PlanWatch::look() {
    if (!watcher_.files().isEmpty()) {
        watcher_.removePaths(watcher_.files());
    }
    if (!watcher_.directories().isEmpty()) {
        watcher_.removePaths(watcher_.directories());
    }
    if (followed_.isEmpty()) {
        emit changedOnDisk(QString());
        return;
    }
    // The folder too: a file that is replaced whole is another file.
    watcher_.addPath(QFileInfo(followed_).absolutePath());
    if (QFileInfo::exists(followed_)) {
        watcher_.addPath(followed_);
    }
    emit changedOnDisk(document_.changedOnDisk()
                           ? tr("'%1' has been changed by another program since it was opened "
                                "here. Saving will ask which version to keep.")
                                 .arg(QFileInfo(followed_).fileName())
                           : QString());
}

}  // namespace spirk::app
