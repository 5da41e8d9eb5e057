// SPDX-License-Identifier: GPL-3.0-or-later
#include <QApplication>
#include <QComboBox>
#include <QCommandLineParser>
#include <QDir>
#include <QIcon>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QThread>
#include <algorithm>
#include <cstdio>
#include <optional>

#include "app/shared/language.h"
#include "app/shared/settings.h"
#include "app/shared/theme.h"
#include "app/shell/main_window.h"
#include "app/shell/session.h"
#include "core/library/find_data.h"

namespace {

constexpr int kBadInput = 2;
const QStringList kThemes{"light", "dark", "desktop"};

// A picture of each station, for machines without a display and for the guide.
constexpr int kRoundsToSettle = 4;

int takePictures(spirk::app::MainWindow& window, const QString& folder) {
    QDir().mkpath(folder);
    window.show();
    for (const QString& station : window.stationIds()) {
        window.showStation(station);
        // Layouts and tables settle by posted events; nothing else is let in.
        // One event may lead to another, as a width to a height.
        for (int i = 0; i < kRoundsToSettle || window.isBusy(); ++i) {
            QCoreApplication::sendPostedEvents();
            if (window.isBusy()) {
                QThread::msleep(1);
            }
        }
        for (int i = 0; i < kRoundsToSettle; ++i) {
            QCoreApplication::sendPostedEvents();
        }
        const QString file = QDir(folder).filePath(station + ".png");
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
        "moment", "Show this situation in the diagram, counted from 1.", "number"};
    QCommandLineOption select{"select", "Choose a conductor or a device by its id.", "id"};
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

// What was asked for and cannot be; nothing where all can.
std::optional<QString> refusal(const QCommandLineParser& parser, const Options& options) {
    const QString theme = parser.value(options.theme);
    if (!theme.isEmpty() && !kThemes.contains(theme)) {
        return QString("--theme is light, dark or desktop, not '%1'.").arg(theme);
    }
    static const QRegularExpression size("^[1-9][0-9]{2,4}x[1-9][0-9]{2,4}$");
    if (parser.isSet(options.size) && !size.match(parser.value(options.size)).hasMatch()) {
        return QString("--size is written like 1280x800, not '%1'.")
            .arg(parser.value(options.size));
    }
    bool number = true;
    if (parser.isSet(options.moment) &&
        (parser.value(options.moment).toInt(&number) < 0 || !number)) {
        return QString("--moment is a number, not '%1'.").arg(parser.value(options.moment));
    }
    if (parser.positionalArguments().size() > 1) {
        return QString("One plan is opened at a time; '%1' is a second.")
            .arg(parser.positionalArguments().at(1));
    }
    return std::nullopt;
}

// As the command line says; nothing: go on.
std::optional<int> answered(QCommandLineParser& parser, const Options& options) {
    if (!parser.parse(QCoreApplication::arguments())) {
        std::fprintf(stderr, "spirk: %s\n", qPrintable(parser.errorText()));
        return kBadInput;
    }
    if (parser.isSet("help")) {
        std::fputs(qPrintable(parser.helpText()), stdout);
        return 0;
    }
    if (parser.isSet("version")) {
        std::printf("spirk %s\n", SPIRK_VERSION);
        return 0;
    }
    if (const auto why = refusal(parser, options)) {
        std::fprintf(stderr, "spirk: %s\n", qPrintable(*why));
        return kBadInput;
    }
    return std::nullopt;
}

// The conductor or device of the open plan that has an id.
std::optional<spirk::Subject> named(spirk::app::MainWindow& window, const std::string& id) {
    const auto design = window.document().design();
    if (design == nullptr) {
        return std::nullopt;
    }
    const spirk::Circuit& circuit = design->wiring.circuit;
    if (spirk::findConductor(circuit, spirk::ConductorId(id)) != nullptr) {
        return spirk::subject(spirk::ConductorId(id));
    }
    if (spirk::findDevice(circuit, spirk::DeviceId(id)) != nullptr) {
        return spirk::subject(spirk::DeviceId(id));
    }
    return std::nullopt;
}

}  // namespace

int main(int argc, char** argv) {
    spirk::app::GuardedApplication application(argc, argv);
    QApplication::setApplicationName("Spirk");
    QApplication::setOrganizationName("Spirk");
    QApplication::setApplicationVersion(SPIRK_VERSION);
    QGuiApplication::setDesktopFileName("spirk");
    QApplication::setWindowIcon(QIcon(":/icons/spirk.svg"));
    QCommandLineParser parser;
    const Options options;
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addOptions({options.demo,
                       options.pictures,
                       options.theme,
                       options.size,
                       options.moment,
                       options.select});
    parser.addPositionalArgument("plan", "A .spirk file to open.", "[plan]");
    if (const auto code = answered(parser, options)) {
        return *code;
    }
    const std::string data = spirk::findDataFolder(argv[0]);
    const auto libraries = spirk::loadLibraries(data);
    if (!libraries) {
        std::fprintf(stderr, "spirk: %s\n", oneLine(libraries.error()).c_str());
        return kBadInput;
    }
    spirk::app::loadLanguage(application);
    spirk::app::applyTheme(application, themeOf(parser.value(options.theme)));
    const QString demos = QString::fromStdString(data + "/demo");
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
    const QString file =
        files.isEmpty() ? demos + "/" + spirk::app::demos().front().file : files.front();
    if (parser.isSet(options.demo) || !files.isEmpty()) {
        window.openFile(file);
    }
    if (parser.isSet(options.select)) {
        const auto chosen = named(window, parser.value(options.select).toStdString());
        if (!chosen) {
            std::fprintf(stderr,
                         "spirk: The plan has no conductor and no device '%s'.\n",
                         qPrintable(parser.value(options.select)));
            return kBadInput;
        }
        window.selection().select(*chosen);
    }
    if (parser.isSet(options.moment)) {
        // The diagram lists its moments when it is looked at.
        window.show();
        window.showStation("diagram");
        window.findChild<QComboBox*>("diagram.moment")
            ->setCurrentIndex(parser.value(options.moment).toInt());
    }
    if (parser.isSet(options.pictures)) {
        return takePictures(window, parser.value(options.pictures));
    }
    spirk::app::Session session(
        application,
        window,
        QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/open-plans");
    if (!session.takeLeftBehind(files.value(0)) && files.isEmpty() && !parser.isSet(options.demo)) {
        window.show();
        window.beginSession();
    }
    window.show();
    return QApplication::exec();
}
