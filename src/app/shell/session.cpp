// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/session.h"

#include <QFileInfo>

namespace spirk::app {

Session::Session(GuardedApplication& application, MainWindow& window, const QString& folder)
    : application_(application),
      window_(window),
      recovery_(window.document(), folder),
      watch_(window.document(), folder) {
    const auto warn = [this](Warning which) {
        return [this, which](const QString& text) { window_.showWarning(which, text); };
    };
    connect(&recovery_, &Recovery::problemChanged, this, warn(Warning::NotKept));
    connect(&watch_, &PlanWatch::openElsewhere, this, warn(Warning::OpenElsewhere));
    connect(&watch_, &PlanWatch::changedOnDisk, this, warn(Warning::ChangedOnDisk));
    window_.showWarning(Warning::NotKept, recovery_.problem());
    application_.guard([this](const QString& what) { broke(what); });
}

Session::~Session() { application_.guard({}); }

void Session::broke(const QString& what) {
    recovery_.write();
    window_.showWarning(Warning::Broken,
                        tr("Spirk has failed (%1), which is a defect in Spirk. Your plan is as it "
                           "was before; save it under another name, then start Spirk again.")
                            .arg(what));
}

bool Session::takeLeftBehind(const QString& asked) {
    auto left = recovery_.leftBehind();
    if (!left || (!asked.isEmpty() && QFileInfo(asked) != QFileInfo(left->fileName))) {
        return false;
    }
    const LeftBehind copy = *left;
    window_.openRecovered(std::move(*left));
    recovery_.take(copy);
    return true;
}

}  // namespace spirk::app
