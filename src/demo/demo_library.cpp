#include "demo/demo_library.h"

#include "demo/demo_case.h"

#include <QDir>
#include <QFileInfo>

#include <algorithm>

namespace riflesso {
namespace {

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

DemoSources DemoSources::besideProgram(const QString& programFolder) {
    const QString share = QDir::cleanPath(programFolder + QStringLiteral("/../share/riflesso"));
    return {share + QStringLiteral("/demo"), share + QStringLiteral("/packs")};
}

namespace {

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
    }
    for (auto place = places.rbegin(); place != places.rend(); ++place) // the first story was opened last
        if (auto noted = (*library)->noteOpened(place->id, place->session); !noted)
            return noted;
    return (*library)->forgetUndo();
}

/// All of one folder into another; the library itself last, so that it is there only with its clips.
Result<void> moveInto(const QString& from, const QString& to) {
    QStringList names = QDir(from).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
    std::stable_partition(names.begin(), names.end(),
                          [](const QString& name) { return name != QLatin1String("library.sqlite"); });
    if (!QDir().mkpath(to))
        return fault(to.toStdString(), "the folder cannot be made");
    for (const QString& name : names)
        if (!QDir().rename(from + u'/' + name, to + u'/' + name))
            return fault((to + u'/' + name).toStdString(), "the demo cannot be put in its place");
    QDir(from).removeRecursively();
    return {};
}

} // namespace

Result<void> buildDemoLibrary(const QString& folder, const DemoSources& sources, const GoOn& goOn) {
    if (QFileInfo::exists(folder + QStringLiteral("/library.sqlite")))
        return badInput(folder.toStdString(), "a folder without a library", "one that has a library");
    const QString making = QDir::cleanPath(folder) + QStringLiteral(".making"), media = QStringLiteral("/media");
    QDir(making).removeRecursively(); // of a build that was killed
    if (!QDir().mkpath(making))
        return fault(making.toStdString(), "the folder cannot be made");
    if (QFileInfo::exists(folder + media)) // of a demo that is put back: its clips need not be copied again
        QDir().rename(folder + media, making + media);
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
    return buildDemoLibrary(folder, sources);
}

} // namespace riflesso
