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

Result<void> buildDemoLibrary(const QString& folder, const DemoSources& sources) {
    if (QFileInfo::exists(folder + QStringLiteral("/library.sqlite")))
        return badInput(folder.toStdString(), "a folder without a library", "one that has a library");
    auto library = Library::open(folder);
    if (!library)
        return library.error();
    const auto stories = storiesIn(sources);
    if (!stories)
        return stories.error();
    std::vector<DemoPlace> places;
    for (const Story& story : *stories) {
        const auto place = addStory(**library, sources, story);
        if (!place)
            return place.error();
        places.push_back(*place);
    }
    for (auto place = places.rbegin(); place != places.rend(); ++place) // the first story was opened last
        if (auto noted = (*library)->noteOpened(place->id, place->session); !noted)
            return noted;
    return (*library)->forgetUndo();
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
