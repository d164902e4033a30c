#pragma once
// Qt for commands that open libraries.

#include <QDir>
#include <QGuiApplication>

#include <memory>
#include <string>

namespace riflesso::cli {

/// Qt's application object, which its plugins (SQL, fonts) want; without a display.
struct QtLife {
    QtLife() {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        static int argc = 1;
        static char name[] = "riflesso-cli";
        static char* argv[] = {name, nullptr};
        app = std::make_unique<QGuiApplication>(argc, argv);
    }
    std::unique_ptr<QGuiApplication> app;
};

inline QString absolute(const std::string& path) {
    return QDir::current().absoluteFilePath(QString::fromStdString(path));
}

} // namespace riflesso::cli
