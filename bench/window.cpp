// The window on a library of any size: how long until it can be used, until a page is there, and a key of the search.
//   QT_QPA_PLATFORM=offscreen build/bin/bench-window LIBRARY

#include "window_time.h"

#include "app/main_window.h"
#include "app/theme.h"

#include <QApplication>
#include <QCompleter>
#include <QEventLoop>
#include <QKeyEvent>
#include <QLineEdit>

#include <algorithm>
#include <cstdio>
#include <vector>

namespace {

using namespace riflesso;

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    if (argc != 2) {
        std::fputs("usage: bench-window LIBRARY\n", stderr);
        return 2;
    }
    theme::apply(app, theme::Choice::Light);
    auto start = Clock::now();
    Workspace workspace;
    MainWindow window(workspace);
    window.resize(1280, 800);
    if (const auto opened = workspace.open(QString::fromLocal8Bit(argv[1])); !opened) {
        std::fprintf(stderr, "%s\n", opened.error().sentence().c_str());
        return 2;
    }
    window.showPage(QStringLiteral("athlete"));
    window.show();
    settle();
    std::printf("usable window: %.0f ms\n", millisecondsSince(start));
    while (!workspace.jobs().idle() || workspace.assessing())
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
    constexpr int kRounds = 5;
    for (const QString& page : MainWindow::pageIds()) {
        std::vector<double> times;
        for (int i = 0; i < kRounds; ++i) {
            window.showPage(QStringLiteral("settings"));
            settle();
            start = Clock::now();
            window.showPage(page);
            settle();
            times.push_back(millisecondsSince(start));
            while (!workspace.jobs().idle())
                QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
        }
        std::printf("page %-9s first %6.1f ms, then at most %6.1f ms\n", qPrintable(page), times[0],
                    *std::max_element(times.begin() + 1, times.end()));
    }
    auto* search = window.findChild<QLineEdit*>(QStringLiteral("search"));
    search->setFocus();
    std::vector<double> keys;
    for (const QChar letter : QStringLiteral("Athlete 3")) {
        start = Clock::now();
        QKeyEvent press(QEvent::KeyPress, letter.toUpper().unicode(), {}, letter);
        QCoreApplication::sendEvent(search, &press);
        settle();
        keys.push_back(millisecondsSince(start));
    }
    std::printf("search: first key %.1f ms, then at most %.1f ms; %d suggestions\n", keys[0],
                *std::max_element(keys.begin() + 1, keys.end()), search->completer()->completionCount());
}
