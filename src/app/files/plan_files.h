// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Opening and saving the plan of a window: what is asked before anything is lost, and what is said
// when it could not be done.

#include <QObject>
#include <vector>

#include "app/dialogs/dialogs.h"
#include "app/shared/document.h"

namespace spirk::app {

struct Demo {
    const char* action;  // name of its action
    const char* text;
    const char* file;
};
// What ships with the program, the first being the one that is opened where none is named.
[[nodiscard]] const std::vector<Demo>& demos();

class PlanFiles : public QObject {
    Q_OBJECT
public:
    // `folder` holds the demos. `document` and `dialogs` must outlive this; `window` is the parent
    // of what is asked.
    PlanFiles(Document& document, const Dialogs& dialogs, QString folder, QWidget* window);

    // A plan, or a file of gear: that is taken into the open plan.
    void openFile(const QString& path);
    // The same if what is open may be left.
    void openInstead(const QString& path);
    void openDemo(const Demo& demo);
    void askOpen();
    // The file as it is on the disk now.
    void reopen();
    bool save();
    bool saveAs();
    // Asks about changes that are not saved. False: stay.
    [[nodiscard]] bool mayLeave();
    // One of ours, however it is reached: it is opened by everybody and saved under other names.
    [[nodiscard]] bool isDemo(const QString& path) const;
    void importGear(const QString& path);

signals:
    // Empty: nothing to say.
    void notice(const QString& text);
    void opened();

private:
    [[nodiscard]] QString keptText() const;
    [[nodiscard]] bool saveTo(const QString& path);
    bool settleConflict();

    Document& document_;
    const Dialogs& dialogs_;
    QString folder_;
    QWidget* window_;
};

// A name that every folder takes, made of a plan's.
[[nodiscard]] QString fileNameFor(const QString& plan);

}  // namespace spirk::app
