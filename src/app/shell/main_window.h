// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Rail at the left, the station in the middle, drawer at the right, strip at the foot; menus for
// everything.

#include <QMainWindow>
#include <QStackedWidget>

#include "app/dialogs/dialogs.h"
#include "app/drawer/drawer.h"
#include "app/files/plan_files.h"
#include "app/shared/document.h"
#include "app/shared/recovery.h"
#include "app/shared/selection.h"
#include "app/shell/notices.h"
#include "app/shell/rail.h"
#include "app/shell/strip.h"
#include "paper/pages.h"

namespace spirk::app {

class PrintMenu;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    // `libraries` must outlive the window; `demos` is the folder of the demo plans.
    MainWindow(const Libraries& libraries, const QString& demos, Dialogs dialogs);

    [[nodiscard]] Document& document() { return document_; }
    [[nodiscard]] Selection& selection() { return selection_; }
    void openFile(const QString& path);
    // Place, widths and station of the last session, and for the next one.
    void restorePlace();
    void rememberPlace() const;
    // The plan that was open last; where there is none, the five questions of a first plan.
    void beginSession();
    // Opens what was left behind and says so above the station.
    void openRecovered(LeftBehind left);
    void showNotice(const QString& text);
    // Stays above the station until it is given anew, empty.
    void showWarning(Warning which, const QString& text);
    // An id that no station has shows what is shown.
    void showStation(const QString& id);
    // Whether a station that is shown is still computing something.
    [[nodiscard]] bool isBusy() const;
    // In the order of the work.
    [[nodiscard]] QStringList stationIds() const;
    // What stands above the station; empty where there is nothing.
    [[nodiscard]] QString noticeText() const { return notices_->noticeText(); }
    [[nodiscard]] QString warningText() const { return notices_->warningText(); }

protected:
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    // A plan's file may be dropped on the window.
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    // At most what the screen has room for.
    [[nodiscard]] QSize usualSize() const;
    void giveStation(int wanted);
    [[nodiscard]] QList<int> usualWidths() const;
    void addStations();
    void makeFrame();
    void makeFileMenu();
    void addDemos(QMenu* menu);
    void fillRecent(QMenu* menu);
    void makeEditMenu();
    void makeViewMenu();
    void makeHelpMenu();
    QAction* action(QMenu* menu,
                    const QString& name,
                    const QString& text,
                    const QKeySequence& keys,
                    std::function<void()> run);

    void newPlan(Plan plan);
    // The five questions.
    void beginPlan();
    void askWhy();
    void find();
    void refreshTitle();

    Dialogs dialogs_;
    Document document_;
    PlanFiles* files_;
    Selection selection_;
    std::vector<Station*> stations_;
    QStackedWidget* stack_ = nullptr;
    PrintMenu* print_ = nullptr;
    Rail* rail_ = nullptr;
    RailModel* railModel_ = nullptr;
    Drawer* drawer_ = nullptr;
    Notices* notices_ = nullptr;
    QAction* drawerAction_ = nullptr;
    bool madeRoom_ = false;  // the drawer was closed because the window is narrow
    QList<int> wideSizes_;   // from before
};

}  // namespace spirk::app
