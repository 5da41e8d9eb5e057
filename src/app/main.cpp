// SPDX-License-Identifier: GPL-3.0-or-later
#include <QApplication>
#include <QComboBox>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QIcon>
#include <QStandardPaths>
#include <algorithm>
#include <cstdio>

#include "app/shared/recovery.h"
#include "app/shared/settings.h"
#include "app/shared/theme.h"
#include "app/shell/main_window.h"
#include "core/library/find_data.h"
#include "core/plan/plan_file.h"

namespace {

constexpr int kDiagramStation = 2;

// A picture of each station, for machines without a display and for the guide.
int takePictures(spirk::app::MainWindow& window, const QString& folder) {
    QDir().mkpath(folder);
    window.show();
    for (int i = 0; i < window.stationCount(); ++i) {
        window.showStation(i);
        // Layouts and tables settle by posted events; nothing else is let in.
        QCoreApplication::sendPostedEvents();
        const QString file =
            QDir(folder).filePath(window.stationTitle(i).toLower().remove('-') + ".png");
        if (!window.grab().save(file)) {
            std::fprintf(stderr, "spirk: could not write %s\n", qPrintable(file));
            return 1;
        }
        std::printf("%s\n", qPrintable(file));
    }
    return 0;
}

struct Options {
    QCommandLineOption demo{"demo", "Open the demo plan."};
    QCommandLineOption pictures{
        "pictures", "Save a picture of each station into <folder> and quit.", "folder"};
    QCommandLineOption theme{"theme", "light, dark or desktop.", "theme"};
    QCommandLineOption size{"size", "Size of the window, as 1280x800.", "size"};
    QCommandLineOption moment{
        "moment", "Show this moment in the diagram, counted from 1.", "number"};
    QCommandLineOption select{"select", "Choose a conductor by its id.", "id"};
};

// As asked, else as it was left.
spirk::app::ThemeChoice themeOf(const QString& name) {
    if (name.isEmpty()) {
        const int left = spirk::app::remembered(spirk::app::kColours).toInt();
        return static_cast<spirk::app::ThemeChoice>(std::clamp(left, 0, 2));
    }
    return name == "dark"    ? spirk::app::ThemeChoice::Dark
           : name == "light" ? spirk::app::ThemeChoice::Light
                             : spirk::app::ThemeChoice::FollowDesktop;
}

// What was left behind comes back unless another file was asked for.
bool mayTake(const spirk::app::LeftBehind& left, const QStringList& asked) {
    return asked.isEmpty() || QFileInfo(asked.front()) == QFileInfo(left.fileName);
}

}  // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    QApplication::setApplicationName("Spirk");
    QApplication::setOrganizationName("Spirk");
    QGuiApplication::setDesktopFileName("spirk");
    QApplication::setWindowIcon(QIcon(":/icons/spirk.svg"));
    QCommandLineParser parser;
    const Options options;
    parser.addHelpOption();
    parser.addOptions({options.demo,
                       options.pictures,
                       options.theme,
                       options.size,
                       options.moment,
                       options.select});
    parser.addPositionalArgument("plan", "A .spirk file to open.", "[plan]");
    parser.process(application);
    const std::string data = spirk::findDataFolder(argv[0], SPIRK_SOURCE_DATA);
    const auto libraries = spirk::loadLibraries(data);
    if (!libraries) {
        std::fprintf(stderr, "spirk: %s\n", oneLine(libraries.error()).c_str());
        return 2;
    }
    spirk::app::loadTranslations(application);
    spirk::app::applyTheme(application, themeOf(parser.value(options.theme)));
    const QString demos = QString::fromStdString(data + "/demo");
    const QString demo = demos + "/bookbinder.spirk";
    spirk::app::MainWindow window(*libraries, demos, spirk::app::systemDialogs());
    const bool asked = parser.isSet(options.size) || parser.isSet(options.pictures);
    if (!asked) {
        window.restorePlace();
    }
    if (asked) {
        const QString wanted = parser.value(options.size);
        const QStringList size = (wanted.isEmpty() ? "1280x800" : wanted).split('x');
        window.resize(size.value(0).toInt(), size.value(1).toInt());
    }
    const QStringList files = parser.positionalArguments();
    if (parser.isSet(options.demo) || !files.isEmpty()) {
        window.openFile(files.isEmpty() ? demo : files.front());
    }
    if (parser.isSet(options.select)) {
        window.selection().select(
            spirk::subject(spirk::ConductorId(parser.value(options.select).toStdString())));
    }
    if (parser.isSet(options.moment)) {
        // The diagram lists its moments when it is looked at.
        window.show();
        window.showStation(kDiagramStation);
        window.findChild<QComboBox*>("diagram.moment")
            ->setCurrentIndex(parser.value(options.moment).toInt());
    }
    if (parser.isSet(options.pictures)) {
        return takePictures(window, parser.value(options.pictures));
    }
    spirk::app::Recovery recovery(
        window.document(),
        QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/open-plans");
    QObject::connect(
        &recovery, &spirk::app::Recovery::failed, &window, &spirk::app::MainWindow::showNotice);
    if (auto left = recovery.leftBehind(); left && mayTake(*left, files)) {
        const spirk::app::LeftBehind copy = *left;
        window.openRecovered(std::move(*left));
        recovery.take(copy);
    } else if (files.isEmpty() && !parser.isSet(options.demo)) {
        window.show();
        window.beginSession();
    }
    window.show();
    return QApplication::exec();
}
