#include "demo/demo_library.h"

#include "demo/demo_case.h"
#include "media/clip_reader.h"

#include <QDir>
#include <QFileInfo>

namespace riflesso {

DemoSources DemoSources::besideProgram(const QString& programFolder) {
    const QString share = QDir::cleanPath(programFolder + QStringLiteral("/../share/riflesso"));
    return {share + QStringLiteral("/demo"), share + QStringLiteral("/packs")};
}

Result<NewClip> describeClip(const QString& path, const QString& keptPath, const QString& title) {
    const auto reader = ClipReader::open(path.toStdString());
    if (!reader)
        return reader.error();
    const auto hash = fileHash(path);
    if (!hash)
        return hash.error();
    const ClipInfo& info = (*reader)->info();
    return NewClip{title, keptPath, *hash, info.displayWidth, info.displayHeight, info.timesS};
}

Result<void> buildDemoLibrary(const QString& folder, const DemoSources& sources) {
    if (QFileInfo::exists(folder + QStringLiteral("/library.sqlite")))
        return badInput(folder.toStdString(), "a folder without a library", "one that has a library");
    auto library = Library::open(folder);
    if (!library)
        return library.error();
    const auto ilka = addIlka(**library, sources);
    if (!ilka)
        return ilka.error();
    const auto davor = addDavor(**library, sources);
    if (!davor)
        return davor.error();
    const auto mirelle = addMirelle(**library, sources);
    if (!mirelle)
        return mirelle.error();
    for (const DemoPlace& place : {*mirelle, *davor, *ilka}) // the first story was opened last
        if (auto noted = (*library)->noteOpened(place.id, place.session); !noted)
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
