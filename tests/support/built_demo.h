#pragma once
// The demo library that CTest builds once for all programs (the fixture demo-library), copied into a folder of one's
// own.

#include <QDir>
#include <QFile>
#include <QString>

namespace riflesso::test {

/// Empty where there is none: a test program that is run by itself.
inline QString builtDemo() {
    const QString built = qEnvironmentVariable("DEMO_LIBRARY");
    return QFile::exists(built + QStringLiteral("/library.sqlite")) ? built : QString();
}

/// false when a file could not be copied.
[[nodiscard]] inline bool copyLibrary(const QString& from, const QString& into) {
    bool good = QDir().mkpath(into + QStringLiteral("/media")) &&
                QFile::copy(from + QStringLiteral("/library.sqlite"), into + QStringLiteral("/library.sqlite"));
    for (const QString& clip : QDir(from + QStringLiteral("/media")).entryList(QDir::Files))
        good = QFile::copy(from + QStringLiteral("/media/") + clip, into + QStringLiteral("/media/") + clip) && good;
    return good;
}

} // namespace riflesso::test
