#include "demo/demo_library.h"

#include "demo/demo_walk.h"
#include "store/edit.h"
#include "work/skill_of_case.h"

#include <QCryptographicHash>
#include <QDir>
#include <QDirIterator>
#include <QFile>
#include <QFileInfo>

#include <algorithm>

namespace riflesso {
namespace {

const QString kEdition = QStringLiteral("demo-edition");

/// All that lie beside the clips, in the order of their shelf.
Result<std::vector<Story>> storiesIn(const DemoSources& sources) {
    std::vector<Story> out;
    for (const QFileInfo& entry : QDir(sources.clips).entryInfoList({QStringLiteral("*.story.json")}, QDir::Files)) {
        QFile file(entry.filePath());
        if (!file.open(QIODevice::ReadOnly))
            return badInput(file.fileName().toStdString(), "a file of the demo", file.errorString().toStdString());
        auto story = readStory(file.readAll().toStdString(), entry.fileName().toStdString());
        if (!story)
            return story.error();
        out.push_back(std::move(*story));
    }
    if (out.empty())
        return badInput(sources.clips.toStdString(), "a folder with stories of the demo", "none");
    std::sort(out.begin(), out.end(), [](const Story& a, const Story& b) { return a.shelf < b.shelf; });
    return out;
}

} // namespace

QString demoEdition(const DemoSources& sources) {
    QCryptographicHash hash(QCryptographicHash::Sha256);
    const QDir dir(sources.clips);
    for (const QFileInfo& entry : dir.entryInfoList(QDir::Files, QDir::Name)) {
        hash.addData(entry.fileName().toUtf8() + ' ' + QByteArray::number(entry.size()) + '\n');
        // What is told and marked is small, and may change without its length.
        if (QFile file(entry.filePath()); entry.suffix() == QLatin1String("json") && file.open(QIODevice::ReadOnly))
            hash.addData(file.readAll());
    }
    return QString::fromLatin1(hash.result().toHex().left(16));
}

QString editionOfDemo(const QString& folder) {
    QFile file(folder + u'/' + kEdition);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.read(64)).trimmed() : QString();
}

Result<void> replaceDemo(const QString& folder, const QString& made, const QDate& day) {
    const QString name = QDir::cleanPath(folder) + QStringLiteral("-until-") + day.toString(Qt::ISODate);
    QString aside = name;
    for (int n = 2; QFileInfo::exists(aside); ++n)
        aside = name + u'-' + QString::number(n);
    if (!QDir().rename(folder, aside))
        return fault(aside.toStdString(), "the demo of before could not be put aside");
    if (QDir().rename(made, folder))
        return {};
    static_cast<void>(QDir().rename(aside, folder));
    return fault(folder.toStdString(), "the newer demo could not be put in its place");
}

QStringList earlierDemos(const QString& folder) {
    const QFileInfo here(QDir::cleanPath(folder));
    QStringList out;
    for (const QFileInfo& entry :
         QDir(here.path())
             .entryInfoList({here.fileName() + QStringLiteral("-until-*")}, QDir::Dirs, QDir::Name | QDir::Reversed))
        out << entry.filePath();
    return out;
}

DemoSources DemoSources::besideProgram(const QString& programFolder) {
    const QString share = QDir::cleanPath(programFolder + QStringLiteral("/../share/riflesso"));
    return {share + QStringLiteral("/demo"), share + QStringLiteral("/packs"), share + QStringLiteral("/demo-library")};
}

namespace {

/// A skill of one's own, made of the first case and its model, to look round the workshop in.
Result<void> addOwnSkill(Library& library, CaseId of) {
    const auto text = library.packText(of);
    const auto data = library.loadCase(of);
    if (!text || !data)
        return !text ? text.error() : data.error();
    const auto made = makeSkill(text->toStdString(), *data, "Lunge as our club teaches it");
    if (!made)
        return made.error();
    const auto kept = library.change(QStringLiteral("A skill of one's own"), [&](Edit& edit) -> Result<void> {
        const auto added = edit.addOwnSkill(QString::fromStdString(made->draft.text()));
        return added ? Result<void>() : Result<void>(added.error());
    });
    return kept ? Result<void>() : Result<void>(kept.error());
}

Result<void> buildIn(const QString& folder, const DemoSources& sources, const GoOn& goOn) {
    const auto stories = storiesIn(sources);
    if (!stories)
        return stories.error();
    auto library = Library::open(folder);
    if (!library)
        return library.error();
    std::vector<DemoPlace> places;
    for (const Story& story : *stories) {
        const auto share = [&](double done) {
            return !goOn || goOn((static_cast<double>(places.size()) + done) / static_cast<double>(stories->size()));
        };
        const auto place = addStory(**library, sources, story, share);
        if (!place)
            return place.error();
        places.push_back(*place);
        if (const auto talked = addTalk(**library, sources, story, *place); !talked)
            return talked.error();
    }
    if (const auto added = addOwnSkill(**library, places.front().id); !added)
        return added;
    for (auto place = places.rbegin(); place != places.rend(); ++place) // the first story was opened last
        if (auto noted = (*library)->noteOpened(place->id, place->session); !noted)
            return noted;
    QFile edition(folder + u'/' + kEdition);
    if (!edition.open(QIODevice::WriteOnly) || edition.write(demoEdition(sources).toUtf8()) < 0)
        return fault(edition.fileName().toStdString(), "cannot be written");
    return (*library)->forgetUndo();
}

/// Copies the one that is ready; false: there is none of what ships, or it cannot be opened by this program.
bool copyReady(const QString& folder, const DemoSources& sources, const GoOn& goOn) {
    const QDir ready(sources.ready);
    if (sources.ready.isEmpty() || editionOfDemo(sources.ready) != demoEdition(sources))
        return false;
    QDirIterator files(sources.ready, QDir::Files, QDirIterator::Subdirectories);
    while (files.hasNext()) {
        const QString name = ready.relativeFilePath(files.next()), to = folder + u'/' + name;
        if (name.startsWith(QLatin1String("library.")) && name != QLatin1String("library.sqlite"))
            continue; // of who has it open
        if ((goOn && !goOn(0)) || !QDir().mkpath(QFileInfo(to).path()) || !QFile::copy(files.filePath(), to))
            return false;
    }
    return QFileInfo::exists(folder + QStringLiteral("/library.sqlite")) && static_cast<bool>(Library::open(folder));
}

/// All of one folder into another; the library itself last, so that it is there only with its clips. A clip that lies
/// there already stays: its name tells its content.
Result<void> moveInto(const QString& from, const QString& to) {
    if (!QDir().mkpath(to))
        return fault(to.toStdString(), "the folder cannot be made");
    QFileInfoList entries = QDir(from).entryInfoList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
    std::stable_partition(entries.begin(), entries.end(),
                          [](const QFileInfo& entry) { return entry.fileName() != QLatin1String("library.sqlite"); });
    for (const QFileInfo& entry : entries) {
        const QString target = to + u'/' + entry.fileName();
        if (entry.isDir()) {
            if (auto moved = moveInto(entry.filePath(), target); !moved)
                return moved;
        } else if (!QFileInfo::exists(target) && !QDir().rename(entry.filePath(), target)) {
            return fault(target.toStdString(), "the demo cannot be put in its place");
        }
    }
    QDir(from).removeRecursively();
    return {};
}

} // namespace

Result<void> buildDemoLibrary(const QString& folder, const DemoSources& sources, const GoOn& goOn) {
    if (QFileInfo::exists(folder + QStringLiteral("/library.sqlite")))
        return badInput(folder.toStdString(), "a folder without a library", "one that has a library");
    const QString making = QDir::cleanPath(folder) + QStringLiteral(".making");
    QDir(making).removeRecursively(); // of a build that was killed
    if (copyReady(making, sources, goOn))
        return moveInto(making, folder);
    QDir(making).removeRecursively(); // of a copy that failed
    if (!QDir().mkpath(making))
        return fault(making.toStdString(), "the folder cannot be made");
    const auto built = buildIn(making, sources, goOn);
    if (!built) {
        QDir(making).removeRecursively();
        return built;
    }
    return moveInto(making, folder);
}

Result<void> resetDemoLibrary(const QString& folder, const DemoSources& sources) {
    QDir dir(folder);
    for (const QString& name :
         dir.entryList({QStringLiteral("library.sqlite*"), QStringLiteral("library.lock")}, QDir::Files))
        if (!dir.remove(name))
            return fault(folder.toStdString(), "the old demo could not be removed");
    QDir(folder + QStringLiteral("/walk-throughs")).removeRecursively(); // of sessions that are no more
    dir.remove(kEdition);
    return buildDemoLibrary(folder, sources);
}

} // namespace riflesso
