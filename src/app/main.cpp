// Riflesso: riflesso [--library DIR | --demo] [--shot PAGE[:DETAIL] FILE.png [--size WxH] [--theme light|dark]] [FILE…]

#include "app/main_window.h"
#include "app/running_window.h"
#include "app/settings/stored_settings.h"
#include "app/start/demo_door.h"
#include "app/theme.h"
#include "demo/demo_library.h"
#include "report/language.h"
#include "report/words.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QLocale>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>

#include <cstdio>
#include <cstring>

#ifndef RIFLESSO_VERSION
#error "the build names the version"
#endif

namespace {

constexpr const char* kUsage =
    "usage: riflesso [--library DIR | --demo] [--case ID] [--theme light|dark] [--text SIZE] [--language LANGUAGE] "
    "[--numbers LANGUAGE] [FILE…]\n"
    "       riflesso … --shot PAGE[:DETAIL] FILE.png [--size WxH]\n"
    "       riflesso --help | --version\n"
    "  --library DIR  the library to open, made where there is none\n"
    "  --demo         the demo library, made where there is none\n"
    "  --case ID      the case to show first\n"
    "  --text SIZE    size of text and controls in per cent, for this time\n"
    "  --language LANGUAGE  language of window, papers and skills, such as de, for this time\n"
    "  --numbers LANGUAGE  language of dates and numbers, such as de_DE, for this time\n"
    "  --shot         saves a picture of a page and ends; DETAIL as a page takes it: mirror:wall,\n"
    "                 findings:whole, mark:questions, bench:CLIP, PAGE:keys\n"
    "  FILE…          clips to add to the session shown; a case archive (.riflesso) to bring in; a skill\n"
    "                 (.riflesso-skill) to look at. A window that runs already takes them\n";

struct Options {
    QString library, shotPage, shotDetail, shotFile;
    QSize size{1280, 800};
    std::optional<riflesso::theme::Choice> theme;
    std::optional<QString> language, numbers;
    bool demo = false;
    qint64 caseId = 0; ///< 0: the one opened last
    QStringList clips;
};

/// None where a word is not understood; `problem` says which.
std::optional<Options> parse(const QStringList& words, QString& problem) {
    QCommandLineParser parser;
    const auto option = [&](const char* name, bool value = true) {
        parser.addOption(QCommandLineOption(QLatin1String(name), {}, value ? QStringLiteral("value") : QString()));
    };
    for (const char* name : {"library", "case", "theme", "text", "language", "numbers", "shot", "size"})
        option(name);
    option("demo", false);
    Options out;
    const auto wrong = [&](const QString& expected, const QString& got) {
        problem = QStringLiteral("expected %1, got %2").arg(expected, got);
        return std::nullopt;
    };
    if (!parser.parse(words)) {
        problem = parser.errorText();
        return {};
    }
    const auto value = [&](const char* name) { return parser.value(QLatin1String(name)); };
    const auto given = [&](const char* name) { return parser.isSet(QLatin1String(name)); };
    out.library = value("library");
    out.demo = given("demo");
    if (given("case")) {
        out.caseId = value("case").toLongLong();
        if (out.caseId <= 0)
            return wrong(QStringLiteral("--case and the number of a case"), value("case"));
    }
    if (given("text") && value("text").toInt() <= 0)
        return wrong(QStringLiteral("--text and a size in per cent"), value("text"));
    if (given("theme")) {
        const bool dark = value("theme") == QLatin1String("dark");
        if (!dark && value("theme") != QLatin1String("light"))
            return wrong(QStringLiteral("--theme light or dark"), value("theme"));
        out.theme = dark ? riflesso::theme::Choice::Dark : riflesso::theme::Choice::Light;
    }
    if (given("language"))
        out.language = value("language");
    if (given("numbers"))
        out.numbers = value("numbers");
    if (given("size")) {
        const QStringList sides = value("size").split(u'x');
        constexpr int kLeast = 200;
        if (sides.size() != 2 || sides[0].toInt() < kLeast || sides[1].toInt() < kLeast)
            return wrong(QStringLiteral("--size WIDTHxHEIGHT, 200 or more each"), value("size"));
        out.size = {sides[0].toInt(), sides[1].toInt()};
    }
    QStringList plain = parser.positionalArguments();
    if (given("shot")) {
        out.shotPage = value("shot").section(u':', 0, 0);
        out.shotDetail = value("shot").section(u':', 1);
        if (plain.isEmpty())
            return wrong(QStringLiteral("--shot PAGE FILE.png"), QStringLiteral("no file"));
        out.shotFile = plain.takeFirst();
    }
    for (const QString& clip : plain)
        out.clips << QFileInfo(clip).absoluteFilePath();
    return out;
}

/// Saves the window's picture once nothing moves any more.
void shootWhenQuiet(riflesso::MainWindow& window, riflesso::Workspace& workspace, const Options& options) {
    auto* timer = new QTimer(&window);
    auto* quiet = new int(0);
    QObject::connect(timer, &QTimer::timeout, &window, [&window, &workspace, options, quiet] {
        const bool still = workspace.jobs().idle() && !workspace.assessing() && workspace.frames().underWay() == 0;
        *quiet = still ? *quiet + 1 : 0;
        if (*quiet < 8)
            return;
        QPixmap picture = window.grab();
        if (QWidget* popup = QApplication::activePopupWidget()) // a window of its own, over ours
            popup->render(&picture, window.mapFromGlobal(popup->pos()));
        const bool saved = picture.save(options.shotFile);
        if (!saved)
            std::fprintf(stderr, "riflesso: %s could not be written\n", qPrintable(options.shotFile));
        QApplication::exit(saved ? 0 : 2);
    });
    timer->start(150);
}

/// Text and controls grow together. Qt reads the factor once, at the start.
void enlarge(int argc, char** argv) {
    int percent = riflesso::settings::textPercent();
    for (int i = 1; i + 1 < argc; ++i)
        if (std::strcmp(argv[i], "--text") == 0)
            percent = QByteArray(argv[i + 1]).toInt();
    constexpr int kUsual = 100, kMost = 300;
    if (percent > 0 && percent <= kMost && percent != kUsual && !qEnvironmentVariableIsSet("QT_SCALE_FACTOR"))
        qputenv("QT_SCALE_FACTOR", QByteArray::number(percent / double(kUsual)));
}

} // namespace

int main(int argc, char** argv) {
    // Before a window system is asked for: help works on a machine without one.
    for (int i = 1; i < argc; ++i)
        if (std::strcmp(argv[i], "--help") == 0 || std::strcmp(argv[i], "-h") == 0) {
            std::fputs(kUsage, stdout);
            return 0;
        } else if (std::strcmp(argv[i], "--version") == 0) {
            std::puts("riflesso " RIFLESSO_VERSION);
            return 0;
        }
    QCoreApplication::setOrganizationName(QStringLiteral("riflesso"));
    QCoreApplication::setApplicationName(QStringLiteral("riflesso"));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.riflesso.Riflesso"));
    enlarge(argc, argv);
    QApplication app(argc, argv);
    QCoreApplication::setApplicationVersion(QStringLiteral(RIFLESSO_VERSION));
    QString problem;
    const auto options = parse(app.arguments(), problem);
    if (!options) {
        std::fprintf(stderr, "riflesso: %s\n%s", qPrintable(problem), kUsage);
        return 2;
    }
    if (!options->shotPage.isEmpty() && !riflesso::MainWindow::pageIds().contains(options->shotPage)) {
        std::fprintf(stderr, "riflesso: expected a page of %s, got %s\n",
                     qPrintable(riflesso::MainWindow::pageIds().join(u' ')), qPrintable(options->shotPage));
        return 2;
    }
    const QString running = riflesso::RunningWindow::usualName();
    if (!options->clips.isEmpty() && options->shotPage.isEmpty() && options->library.isEmpty() && !options->demo &&
        riflesso::RunningWindow::handTo(running, options->clips))
        return 0; // the window that is there has them
    const QString language = options->language.value_or(riflesso::settings::language());
    riflesso::speak(riflesso::languageOf(language), riflesso::shareFolder());
    // Dates and numbers follow the language, unless they have their own.
    const QString numbers = options->numbers.value_or(riflesso::settings::numbersLanguage());
    riflesso::settings::applyNumbersLanguage(numbers.isEmpty() ? language : numbers);
    riflesso::theme::apply(app, options->theme.value_or(static_cast<riflesso::theme::Choice>(
                                    QSettings().value(QStringLiteral("theme"), 0).toInt())));
    const QString data = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const QString demoFolder = data + QStringLiteral("/demo");
    const QString usual = riflesso::settings::libraryFolder().isEmpty() ? data + QStringLiteral("/library")
                                                                        : riflesso::settings::libraryFolder();
    QString folder = options->library.isEmpty() ? usual : QDir::current().absoluteFilePath(options->library);
    bool demo = options->demo;
    bool demoLater = false; // the window is there at once, and the demo as soon as it is put together
    if (demo) {
        folder = options->library.isEmpty() ? demoFolder : folder;
        const bool there = QFileInfo::exists(folder + QStringLiteral("/library.sqlite"));
        demoLater = !there && options->library.isEmpty() && options->shotPage.isEmpty();
        if (!there && !demoLater) {
            const auto built = riflesso::buildDemoLibrary(
                folder, riflesso::DemoSources::besideProgram(QCoreApplication::applicationDirPath()));
            if (!built) {
                std::fprintf(stderr, "riflesso: %s\n", built.error().sentence().c_str());
                return 2;
            }
        }
    }
    riflesso::Workspace workspace;
    workspace.setDemo(demo);
    workspace.setOwnFolder(demo ? usual : folder);
    workspace.setCacheMiB(riflesso::settings::cacheMiB());
    riflesso::MainWindow window(workspace);
    window.resize(options->size);
    window.show();
    const auto opened = demoLater ? riflesso::Result<void>() : workspace.open(folder);
    if (!opened) {
        std::fprintf(stderr, "riflesso: %s\n", opened.error().sentence().c_str());
        if (!options->shotPage.isEmpty())
            return 2;
        workspace.say(riflesso::words::text(opened.error().sentence()), true);
    }
    if (opened && !demoLater && options->caseId > 0)
        workspace.selectCase({options->caseId});
    window.showPage(options->shotPage.isEmpty() ? QStringLiteral("athlete") : options->shotPage, options->shotDetail);
    if (demoLater)
        riflesso::openDemo(workspace, &window, [&window, clips = options->clips] {
            window.showPage(QStringLiteral("athlete"));
            window.takeFiles(clips);
        });
    else
        window.takeFiles(options->clips);
    std::unique_ptr<riflesso::RunningWindow> door;
    if (options->shotPage.isEmpty()) {
        door = std::make_unique<riflesso::RunningWindow>(running);
        QObject::connect(door.get(), &riflesso::RunningWindow::asked, &window, [&window](const QStringList& files) {
            window.setWindowState(window.windowState() & ~Qt::WindowMinimized);
            window.raise();
            window.activateWindow();
            window.takeFiles(files);
        });
    } else {
        shootWhenQuiet(window, workspace, *options);
    }
    return app.exec();
}
