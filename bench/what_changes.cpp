// What another edition of a skill would change: on a library with many cases that use it, how long the look takes, and,
// beside it, reading the same cases whole, one after the other.
//   build/bin/bench-what-changes LIBRARY [CASES [FOLDER]]      LIBRARY: the demo's; nothing in it is changed. FOLDER:
//   the large library is made there, and stays: the next time only what is missing is added

#include "work/what_changes.h"
#include "store/case_archive.h"
#include "store/edit.h"

#include <QCoreApplication>
#include <QTemporaryDir>

#include <chrono>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace riflesso;
using Clock = std::chrono::steady_clock;

double since(Clock::time_point start) { return std::chrono::duration<double>(Clock::now() - start).count(); }

int fail(const Error& error) {
    std::fprintf(stderr, "%s\n", error.sentence().c_str());
    return 1;
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication app(argc, argv);
    if (argc < 2) {
        std::fprintf(stderr, "usage: bench-what-changes LIBRARY [CASES [FOLDER]]\n");
        return 2;
    }
    const int wanted = argc > 2 ? std::atoi(argv[2]) : 200;
    const QTemporaryDir folder;
    const QString archive = folder.filePath(QStringLiteral("case.riflesso"));
    Pack pack;
    QString packText;
    {
        const auto demo = Library::open(QString::fromLocal8Bit(argv[1]), Library::Mode::ReadOnly);
        if (!demo)
            return fail(demo.error());
        const auto data = (*demo)->loadCase(CaseId{1});
        if (!data)
            return fail(data.error());
        pack = data->pack;
        const auto kept = (*demo)->packText(CaseId{1});
        if (!kept)
            return fail(kept.error());
        packText = *kept;
        if (const auto written = writeCaseArchive(**demo, CaseId{1}, archive, false); !written)
            return fail(written.error());
    }
    const auto library =
        Library::open(argc > 3 ? QString::fromLocal8Bit(argv[3]) : folder.filePath(QStringLiteral("library")));
    if (!library)
        return fail(library.error());
    const auto there = (*library)->casesWith(QString::fromStdString(pack.id));
    for (int i = there ? static_cast<int>(there->size()) : 0; i < wanted; ++i) {
        const auto read = CaseArchive::open(archive, (*library)->folder());
        if (!read)
            return fail(read.error());
        if (const auto added = (*read)->addTo(**library); !added)
            return fail(added.error());
    }
    // Another edition: tolerances of a fifth more.
    std::string text = packText.toStdString();
    for (std::size_t at = 0; (at = text.find("\"tolerance\": ", at)) != std::string::npos;) {
        at += 13;
        const std::size_t end = text.find_first_of(",}", at);
        text.replace(at, end - at, std::to_string(1.2 * std::atof(text.c_str() + at)));
    }
    auto start = Clock::now();
    const auto cases = (*library)->casesWith(QString::fromStdString(pack.id));
    if (!cases)
        return fail(cases.error());
    for (const CaseId id : *cases)
        if (const auto data = (*library)->loadCase(id); !data)
            return fail(data.error());
    const double reading = since(start);
    start = Clock::now();
    const auto changes = whatChanges((*library)->folder(), text, {}, QDate(2026, 11, 30));
    if (!changes)
        return fail(changes.error());
    const double whole = since(start);
    std::size_t differ = 0;
    for (const CaseChange& change : *changes)
        differ += change.any();
    std::printf("%zu cases, %zu would change: %.1f s; reading them whole, one after the other: %.1f s\n",
                changes->size(), differ, whole, reading);
    return 0;
}
