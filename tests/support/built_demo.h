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
    bool good = QDir().mkpath(into + QStringLiteral("/media"));
    for (const QString& clip : QDir(from + QStringLiteral("/media")).entryList(QDir::Files))
        good = QFile::copy(from + QStringLiteral("/media/") + clip, into + QStringLiteral("/media/") + clip) && good;
    const QString walks = QStringLiteral("/walk-throughs");
    for (const QString& walk : QDir(from + walks).entryList(QDir::Dirs | QDir::NoDotAndDotDot))
        for (const QString& file : QDir(from + walks + u'/' + walk).entryList(QDir::Files)) {
            const QString name = walks + u'/' + walk + u'/' + file;
            good = QDir().mkpath(into + walks + u'/' + walk) && QFile::copy(from + name, into + name) && good;
        }
    // Last: it is a library when all of it is there.
    return good && QFile::copy(from + QStringLiteral("/library.sqlite"), into + QStringLiteral("/library.sqlite"));
}

} // namespace riflesso::test
