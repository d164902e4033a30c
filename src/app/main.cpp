// Riflesso: riflesso [--library DIR | --demo] [--shot PAGE[:DETAIL] FILE.png [--size WxH] [--theme light|dark]] [CLIP…]

#include "app/main_window.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "demo/demo_library.h"
#include "report/words.h"

#include <QApplication>
#include <QDir>
#include <QFileInfo>
#include <QLocale>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>
#include <QTranslator>

#include <cstdio>
#include <cstring>

#ifndef RIFLESSO_VERSION
#error "the build names the version"
#endif

namespace {

constexpr const char* kUsage =
    "usage: riflesso [--library DIR | --demo] [--case ID] [--theme light|dark] [--text SIZE] [--numbers LANGUAGE] "
    "[CLIP…]\n"
    "       riflesso … --shot PAGE[:DETAIL] FILE.png [--size WxH]\n"
    "  --library DIR  the library to open, made where there is none\n"
    "  --demo         the demo library, made where there is none\n"
    "  --case ID      the case to show first\n"
    "  --text SIZE    size of text and controls in per cent, for this time\n"
    "  --numbers LANGUAGE  language of dates and numbers, such as de_DE, for this time\n"
    "  --shot         saves a picture of a page and ends; DETAIL as a page takes it: mirror:wall,\n"
    "                 findings:whole, mark:questions, bench:CLIP, PAGE:keys\n"
    "  CLIP…          clips to add to the session shown\n";

struct Options {
    QString library, shotPage, shotDetail, shotFile;
    QSize size{1280, 800};
    std::optional<riflesso::theme::Choice> theme;
    std::optional<QString> numbers;
    bool demo = false;
    qint64 caseId = 0; ///< 0: the one opened last
    QStringList clips;
};

std::optional<Options> parse(const QStringList& words) {
    Options out;
    for (qsizetype i = 1; i < words.size(); ++i) {
        const auto next = [&] { return ++i < words.size() ? words[i] : QString(); };
        if (words[i] == QLatin1String("--library"))
            out.library = next();
        else if (words[i] == QLatin1String("--case")) {
            out.caseId = next().toLongLong();
            if (out.caseId <= 0)
                return {};
        } else if (words[i] == QLatin1String("--text")) {
            if (next().toInt() <= 0)
                return {};
        } else if (words[i] == QLatin1String("--demo"))
            out.demo = true;
        else if (words[i] == QLatin1String("--shot")) {
            const QString page = next();
            out.shotPage = page.section(u':', 0, 0);
            out.shotDetail = page.section(u':', 1);
            out.shotFile = next();
            if (out.shotFile.isEmpty())
                return {};
        } else if (words[i] == QLatin1String("--size")) {
            const QStringList sides = next().split(u'x');
            if (sides.size() != 2 || sides[0].toInt() < 200 || sides[1].toInt() < 200)
                return {};
            out.size = {sides[0].toInt(), sides[1].toInt()};
        } else if (words[i] == QLatin1String("--theme"))
            out.theme =
                next() == QLatin1String("dark") ? riflesso::theme::Choice::Dark : riflesso::theme::Choice::Light;
        else if (words[i] == QLatin1String("--numbers"))
            out.numbers = next();
        else if (words[i].startsWith(QLatin1String("--")))
            return {};
        else
            out.clips << QFileInfo(words[i]).absoluteFilePath();
    }
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
        }
    QCoreApplication::setOrganizationName(QStringLiteral("riflesso"));
    QCoreApplication::setApplicationName(QStringLiteral("riflesso"));
    enlarge(argc, argv);
    QApplication app(argc, argv);
    QTranslator translator;
    if (translator.load(QLocale::system(), QStringLiteral("riflesso"), QStringLiteral("_"),
                        QCoreApplication::applicationDirPath() + QStringLiteral("/../share/riflesso/translations")))
        QCoreApplication::installTranslator(&translator);
    QCoreApplication::setApplicationVersion(QStringLiteral(RIFLESSO_VERSION));
    const auto options = parse(app.arguments());
    if (!options) {
        std::fputs(kUsage, stderr);
        return 2;
    }
    if (!options->shotPage.isEmpty() && !riflesso::MainWindow::pageIds().contains(options->shotPage)) {
        std::fprintf(stderr, "riflesso: expected a page of %s, got %s\n",
                     qPrintable(riflesso::MainWindow::pageIds().join(u' ')), qPrintable(options->shotPage));
        return 2;
    }
    riflesso::settings::applyNumbersLanguage(options->numbers.value_or(riflesso::settings::numbersLanguage()));
    riflesso::theme::apply(app, options->theme.value_or(static_cast<riflesso::theme::Choice>(
                                    QSettings().value(QStringLiteral("theme"), 0).toInt())));
    const QString data = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const QString demoFolder = data + QStringLiteral("/demo");
    const QString usual = riflesso::settings::libraryFolder().isEmpty() ? data + QStringLiteral("/library")
                                                                        : riflesso::settings::libraryFolder();
    QString folder = options->library.isEmpty() ? usual : QDir::current().absoluteFilePath(options->library);
    bool demo = options->demo;
    if (demo) {
        folder = options->library.isEmpty() ? demoFolder : folder;
        if (!QFileInfo::exists(folder + QStringLiteral("/library.sqlite"))) {
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
    const auto opened = workspace.open(folder);
    if (!opened) {
        std::fprintf(stderr, "riflesso: %s\n", opened.error().sentence().c_str());
        if (!options->shotPage.isEmpty())
            return 2;
        workspace.say(riflesso::words::text(opened.error().sentence()), true);
    }
    if (opened && options->caseId > 0)
        workspace.selectCase({options->caseId});
    window.showPage(options->shotPage.isEmpty() ? QStringLiteral("athlete") : options->shotPage, options->shotDetail);
    if (!options->clips.isEmpty())
        window.addClips(options->clips);
    if (!options->shotPage.isEmpty())
        shootWhenQuiet(window, workspace, *options);
    return app.exec();
}
