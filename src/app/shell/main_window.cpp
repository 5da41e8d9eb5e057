// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/main_window.h"

#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMimeData>
#include <QResizeEvent>
#include <QScreen>
#include <QScrollArea>
#include <QSplitter>
#include <QStyle>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>
#include <array>

#include "app/dialogs/finder.h"
#include "app/dialogs/first_plan_dialog.h"
#include "app/dialogs/ways_dialog.h"
#include "app/menus/amend_menu.h"
#include "app/menus/paper_menu.h"
#include "app/menus/plan_menu.h"
#include "app/menus/view_menu.h"
#include "app/shared/settings.h"
#include "app/shared/term_tips.h"
#include "app/shared/text.h"
#include "app/shell/stations.h"
#include "core/plan/plan_file.h"

namespace spirk::app {

namespace {

// Qt puts the mark of a changed plan in place of '[*]'; doubled, it stands for itself.
QString titled(QString text) { return text.replace("[*]", "[*][*]"); }

}  // namespace

MainWindow::MainWindow(const Libraries& libraries, const QString& demos, Dialogs dialogs)
    : dialogs_(std::move(dialogs)),
      document_(libraries),
      files_(new PlanFiles(document_, dialogs_, demos, this)) {
    setObjectName("mainWindow");
    setAcceptDrops(true);
    new TermTips(document_, this);
    addStations();
    makeFrame();
    makeFileMenu();
    makeEditMenu();
    makeViewMenu();
    makeHelpMenu();
    connect(&document_, &Document::designChanged, railModel_, &RailModel::refresh);
    connect(&document_, &Document::fileChanged, this, &MainWindow::refreshTitle);
    connect(&document_, &Document::designChanged, this, &MainWindow::refreshTitle);
    connect(&document_, &Document::designChanged, this, [this] { showNotice(QString()); });
    connect(&document_, &Document::broke, this, [this](const QString& what) {
        showNotice(tr("Spirk failed on this change and did not make it; your plan is unchanged. "
                      "This is a defect in Spirk (%1): please report it.")
                       .arg(what));
    });
    connect(&document_, &Document::refused, this, &MainWindow::showNotice);
    connect(files_, &PlanFiles::notice, this, &MainWindow::showNotice);
    connect(files_, &PlanFiles::opened, this, [this] { selection_.select(std::nullopt); });
    resize(usualSize());
    refreshTitle();
    showStation(stations_.front()->id());
}

QSize MainWindow::usualSize() const {
    // The frame that the desktop draws round it takes room too; how much is known only later.
    const int frame = style()->pixelMetric(QStyle::PM_TitleBarHeight) * 2;
    const QSize room = screen()->availableSize() - QSize(frame / 4, frame);
    return QSize(1280, 800).boundedTo(room);
}

void MainWindow::addStations() {
    stack_ = new QStackedWidget(this);
    stations_ = app::makeStations(document_, selection_, stack_);
    for (Station* station : stations_) {
        // A window smaller than the station needs shows a part of it, not all of it too small.
        auto* area = new QScrollArea(stack_);
        area->setFrameShape(QFrame::NoFrame);
        area->setWidgetResizable(true);
        area->setFocusPolicy(Qt::NoFocus);
        area->setWidget(station);
        stack_->addWidget(area);
        connect(station, &Station::notice, this, &MainWindow::showNotice);
    }
    auto* amend = new AmendMenu(document_, selection_, dialogs_, this);
    amend->setObjectName("menu.amend");
    connect(amend, &AmendMenu::notice, this, &MainWindow::showNotice);
    print_ = new PrintMenu(document_, dialogs_, this);
    for (Station* station : stations_) {
        connect(
            station, &Station::amendAsked, amend, [amend](const QPoint& at) { amend->popup(at); });
        connect(station, &Station::printAsked, print_, &PrintMenu::print);
        connect(station,
                &Station::compareAsked,
                this,
                [this](const UnitId& unit, const QString& title) {
                    auto* dialog = new WaysDialog(document_, unit, title, this);
                    dialog->setAttribute(Qt::WA_DeleteOnClose);
                    dialog->show();
                });
    }
}

// Of rail, station and drawer.
QList<int> MainWindow::usualWidths() const {
    const int unit = fontMetrics().averageCharWidth();
    return {unit * 23, unit * 118, unit * 36};
}

void MainWindow::makeFrame() {
    rail_ = new Rail(this);
    railModel_ = new RailModel(stations_, this);
    rail_->setModel(railModel_);
    connect(rail_->selectionModel(),
            &QItemSelectionModel::currentChanged,
            this,
            [this](const QModelIndex& now) {
                if (now.isValid()) {
                    showNotice(QString());  // it was about what was on show before
                    stack_->setCurrentIndex(now.row());
                }
            });
    notices_ = new Notices(this);

    auto* middle = new QWidget(this);
    auto* column = new QVBoxLayout(middle);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(notices_);
    column->addWidget(stack_, 1);
    drawer_ = new Drawer(document_, selection_, this);
    auto* splitter = new QSplitter(this);
    splitter->setObjectName("splitter");
    splitter->addWidget(rail_);
    splitter->addWidget(middle);
    splitter->addWidget(drawer_);
    splitter->setStretchFactor(1, 1);
    splitter->setChildrenCollapsible(false);
    const int unit = fontMetrics().averageCharWidth();
    rail_->setMinimumWidth(unit * 18);
    middle->setMinimumWidth(unit * 82);
    drawer_->setMinimumWidth(unit * 26);
    splitter->setSizes(usualWidths());
    auto* strip = new Strip(document_, selection_, this);
    connect(strip, &Strip::findingsAsked, this, [this] { showStation(QStringLiteral("checks")); });
    auto* frame = new QWidget(this);
    auto* layout = new QVBoxLayout(frame);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(splitter, 1);
    layout->addWidget(strip);
    setCentralWidget(frame);
}

QAction* MainWindow::action(QMenu* menu,
                            const QString& name,
                            const QString& text,
                            const QKeySequence& keys,
                            std::function<void()> run) {
    QAction* out = menu->addAction(text);
    out->setObjectName(name);
    out->setShortcut(keys);
    connect(out, &QAction::triggered, this, [run = std::move(run)] { run(); });
    return out;
}

void MainWindow::makeFileMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&File"));
    action(menu, "file.begin", tr("&New from five answers…"), QKeySequence::New, [this] {
        beginPlan();
    });
    action(menu, "file.new", tr("New, e&mpty"), QKeySequence("Ctrl+Shift+N"), [this] {
        newPlan(namedInLanguage(emptyPlan(document_.library())));
    });
    action(menu, "file.open", tr("&Open…"), QKeySequence::Open, [this] { files_->askOpen(); });
    QMenu* recent = menu->addMenu(tr("Open &recent"));
    recent->setObjectName("file.recent");
    connect(recent, &QMenu::aboutToShow, this, [this, recent] { fillRecent(recent); });
    addDemos(menu->addMenu(tr("Open a &demo")));
    menu->addSeparator();
    action(menu, "file.save", tr("&Save"), QKeySequence::Save, [this] { files_->save(); });
    action(menu, "file.saveAs", tr("Save &as…"), QKeySequence("Ctrl+Shift+S"), [this] {
        files_->saveAs();
    });
    action(menu, "file.reopen", tr("Reload from dis&k"), {}, [this] { files_->reopen(); });
    menu->addSeparator();
    auto* exports = new ExportMenu(document_, dialogs_, this);
    connect(exports, &ExportMenu::notice, this, &MainWindow::showNotice);
    menu->addMenu(exports);
    menu->addMenu(print_);
    menu->addSeparator();
    action(menu, "file.quit", tr("&Quit"), QKeySequence("Ctrl+Q"), [this] { close(); });
}

void MainWindow::addDemos(QMenu* menu) {
    for (const Demo& demo : demos()) {
        action(menu, demo.action, PlanFiles::tr(demo.text), {}, [this, &demo] {
            files_->openDemo(demo);
        });
    }
}

void MainWindow::fillRecent(QMenu* menu) {
    menu->clear();
    const QStringList paths = recentPlans();
    for (const QString& path : paths) {
        QAction* open = menu->addAction(unmarked(QFileInfo(path).fileName()));
        open->setObjectName("file.recent." + QFileInfo(path).fileName());
        connect(open, &QAction::triggered, this, [this, path] { files_->openInstead(path); });
    }
    if (paths.isEmpty()) {
        menu->addAction(tr("Nothing yet: plans that you save or open are listed here"))
            ->setEnabled(false);
    }
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    const QList<QUrl> urls = event->mimeData()->urls();
    if (urls.size() == 1 && urls.front().isLocalFile()) {
        event->acceptProposedAction();
    }
}

void MainWindow::dropEvent(QDropEvent* event) {
    files_->openInstead(event->mimeData()->urls().front().toLocalFile());
}

void MainWindow::restorePlace() {
    restoreGeometry(remembered(kGeometry).toByteArray());
    findChild<QSplitter*>("splitter")->restoreState(remembered(kSplitter).toByteArray());
    showStation(remembered(kStation).toString());
}

void MainWindow::rememberPlace() const {
    remember(kGeometry, saveGeometry());
    remember(kSplitter, findChild<QSplitter*>("splitter")->saveState());
    remember(kStation, stations_[static_cast<std::size_t>(stack_->currentIndex())]->id());
    remember(kOpenPlan, files_->isDemo(document_.fileName()) ? QString() : document_.fileName());
}

void MainWindow::beginSession() {
    const QString last = remembered(kOpenPlan).toString();
    if (QFileInfo::exists(last)) {
        files_->openFile(last);
    } else {
        beginPlan();
    }
}

void MainWindow::makeEditMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = document_.undoStack().createUndoAction(this, tr("&Undo"));
    undo->setObjectName("edit.undo");
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = document_.undoStack().createRedoAction(this, tr("&Redo"));
    redo->setObjectName("edit.redo");
    redo->setShortcuts({QKeySequence("Ctrl+Shift+Z"), QKeySequence("Ctrl+Y")});
    menu->addAction(undo);
    menu->addAction(redo);
    menu->addSeparator();
    menu->addMenu(findChild<AmendMenu*>("menu.amend"));
    menu->addSeparator();
    action(menu, "edit.find", tr("&Find anything…"), QKeySequence("Ctrl+K"), [this] { find(); });
    auto* plan = new PlanMenu(document_, dialogs_, this);
    plan->setObjectName("menu.plan");
    menuBar()->addMenu(plan);
    connect(plan, &PlanMenu::notice, this, &MainWindow::showNotice);
    connect(plan, &PlanMenu::gearFileChosen, files_, &PlanFiles::importGear);
}

void MainWindow::makeViewMenu() {
    auto* menu = new ViewMenu(stations_, this);
    menuBar()->addMenu(menu);
    connect(menu, &ViewMenu::stationAsked, this, &MainWindow::showStation);
    connect(menu, &ViewMenu::drawerAsked, drawer_, &QWidget::setVisible);
    drawerAction_ = menu->findChild<QAction*>("view.drawer");
    // The answer stands there.
    connect(&selection_, &Selection::whyAsked, this, [this] { drawerAction_->setChecked(true); });
    connect(menu, &ViewMenu::fullScreenAsked, this, [this](bool on) {
        setWindowState(windowState().setFlag(Qt::WindowFullScreen, on));
    });
    connect(menu, &ViewMenu::languageChosen, this, &MainWindow::showNotice);
    connect(menu, &ViewMenu::looksChanged, this, [this] {
        // Drawn colours and rich text follow at the next design; nothing in the plan changes.
        emit document_.designChanged();
        emit selection_.changed();
        update();
    });
}

void MainWindow::find() {
    std::vector<QAction*> actions;
    for (QAction* action : findChildren<QAction*>()) {
        const QString name = action->objectName();
        if (!name.isEmpty() && !name.startsWith("qt_") && name != "edit.find") {
            actions.push_back(action);
        }
    }
    auto* finder = new Finder(document_, selection_, actions, this);
    finder->setAttribute(Qt::WA_DeleteOnClose);
    connect(finder, &Finder::explained, this, &MainWindow::showNotice);
    finder->open();
}

void MainWindow::makeHelpMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Help"));
    action(menu, "help.why", tr("&Why this figure?"), QKeySequence("F1"), [this] { askWhy(); });
}

QStringList MainWindow::stationIds() const {
    QStringList out;
    for (const Station* station : stations_) {
        out << station->id();
    }
    return out;
}

void MainWindow::showStation(const QString& id) {
    const auto index = static_cast<int>(stationIds().indexOf(id));
    if (index >= 0) {
        rail_->setCurrentIndex(railModel_->index(index));
        stack_->setCurrentIndex(index);
    }
}

bool MainWindow::isBusy() const {
    return std::ranges::any_of(stations_, [](const Station* s) { return s->isBusy(); });
}

void MainWindow::showNotice(const QString& text) { notices_->showNotice(text); }

void MainWindow::showWarning(Warning which, const QString& text) {
    notices_->showWarning(which, text);
}

void MainWindow::refreshTitle() {
    const QString file = document_.fileName().isEmpty()
                             ? tr("not saved yet")
                             : QFileInfo(document_.fileName()).fileName();
    setWindowTitle(tr("%1[*] (%2) – Spirk").arg(titled(q(document_.plan().name)), titled(file)));
    setWindowModified(document_.isModified());
}

void MainWindow::newPlan(Plan plan) {
    if (files_->mayLeave()) {
        selection_.select(std::nullopt);
        document_.setPlan(std::move(plan), QString());
        showStation(stations_.front()->id());
    }
}

void MainWindow::beginPlan() {
    auto* dialog = new FirstPlanDialog(document_.libraries(), document_.plan().region, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &FirstPlanDialog::made, this, [this](const Plan& plan) { newPlan(plan); });
    connect(
        dialog, &FirstPlanDialog::demoAsked, this, [this] { files_->openDemo(demos().front()); });
    dialog->open();
}

void MainWindow::openFile(const QString& path) { files_->openFile(path); }

void MainWindow::openRecovered(LeftBehind left) {
    const QString file =
        left.fileName.isEmpty() ? tr("never saved") : QFileInfo(left.fileName).fileName();
    const QString name = q(left.plan.name);
    document_.setRecovered(std::move(left.plan), left.fileName, left.onDisk);
    selection_.select(std::nullopt);
    showNotice(tr("'%1' (%2) was open when Spirk stopped. It is recovered with all its changes, "
                  "which are not saved yet: save it, or open the file again to discard them.")
                   .arg(name, file));
}

// A narrow window is the station's: the drawer makes room when it becomes narrow, comes back when
// it is wide again, and can be had in between.
void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    int station = 0;
    for (const Station* each : stations_) {
        station = std::max(station, each->minimumSizeHint().width());
    }
    const int needed = station + rail_->minimumWidth() + drawer_->minimumWidth();
    const bool was = event->oldSize().width() < 0 || event->oldSize().width() >= needed;
    const bool is = event->size().width() >= needed;
    auto* splitter = findChild<QSplitter*>("splitter");
    if (was && !is && drawerAction_->isChecked()) {
        madeRoom_ = true;
        wideSizes_ = event->oldSize().isValid() ? splitter->sizes() : usualWidths();
        drawerAction_->setChecked(false);
    } else if (!was && is && madeRoom_) {
        madeRoom_ = false;
        drawerAction_->setChecked(true);
        splitter->setSizes(wideSizes_);
    }
    // When the parts have their new widths: they get them after the window.
    QMetaObject::invokeMethod(
        this,
        [this, wanted = is ? station : width()] { giveStation(wanted); },
        Qt::QueuedConnection);
}

// What the station lacks comes out of the drawer first, then out of the rail.
void MainWindow::giveStation(int wanted) {
    auto* splitter = findChild<QSplitter*>("splitter");
    QList<int> sizes = splitter->sizes();
    int lacking = wanted - sizes[1];
    const std::array<QWidget*, 3> parts{rail_, nullptr, drawer_};
    for (const int i : {2, 0}) {
        const int spare =
            std::max(0, sizes[i] - parts[static_cast<std::size_t>(i)]->minimumWidth());
        const int taken = std::clamp(lacking, 0, spare);
        sizes[i] -= taken;
        sizes[1] += taken;
        lacking -= taken;
    }
    splitter->setSizes(sizes);
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!files_->mayLeave()) {
        event->ignore();
        return;
    }
    rememberPlace();
    event->accept();
}

void MainWindow::askWhy() {
    const FigureId figure =
        stations_[static_cast<std::size_t>(stack_->currentIndex())]->mainFigure();
    if (!figure.value.empty()) {
        selection_.askWhy(figure);
        return;
    }
    const auto& chosen = selection_.subject();
    const bool conductor = chosen && chosen->kind == SubjectKind::Conductor;
    selection_.askWhy(FigureId(conductor ? "cable." + chosen->id + ".size" : "supply.days"));
}

}  // namespace spirk::app
