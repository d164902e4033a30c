#pragma once
// The demo world as a library: made from the shipped clips of the simulated camera and their truth.

#include "core/result.h"
#include "store/edit.h"
#include "store/library.h"
#include "work/go_on.h"

#include <QDate>
#include <QString>
#include <QStringList>

namespace riflesso {

/// Where the shipped clips, truth files and packs lie.
struct DemoSources {
    QString clips, packs;
    /// The demo library as it was made when the program was built; empty or not there: it is made from its parts.
    QString ready = {};
    /// Beside the program: ../share/riflesso of the folder the program lies in.
    [[nodiscard]] static DemoSources besideProgram(const QString& programFolder);
};

/// Builds the demo library in a folder that has none: a copy of the one that is ready, if it is made of what ships and
/// can be opened, or from its parts. Clips are copied into its media folder. It is made beside it, in FOLDER.making,
/// and put in its place when it is whole: a build that is stopped or killed leaves no library.
[[nodiscard]] Result<void> buildDemoLibrary(const QString& folder, const DemoSources& sources, const GoOn& goOn = {});
/// What the demo that ships is made of, in one word: the same as long as nothing of it has changed.
[[nodiscard]] QString demoEdition(const DemoSources& sources);
/// The same of what a library was made of; empty: it was made before that was kept.
[[nodiscard]] QString editionOfDemo(const QString& folder);
/// Puts a demo in the place of the one in `folder`, which is kept beside it, changes and all: FOLDER-until-DAY. `made`:
/// a folder in which buildDemoLibrary made it. Both libraries are closed.
[[nodiscard]] Result<void> replaceDemo(const QString& folder, const QString& made, const QDate& day);
/// Demos of before, beside `folder`, the latest first.
[[nodiscard]] QStringList earlierDemos(const QString& folder);
/// Removes what is in the folder (a library of this program only) and builds the demo again.
[[nodiscard]] Result<void> resetDemoLibrary(const QString& folder, const DemoSources& sources);

} // namespace riflesso
