#include "app/start/demo_door.h"
#include "app/translated.h"

#include "demo/demo_library.h"
#include "report/words.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

#include <memory>

namespace riflesso {
namespace {

QString demoFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/demo");
}
bool isThere(const QString& folder) { return QFileInfo::exists(folder + QStringLiteral("/library.sqlite")); }
DemoSources shipped() { return DemoSources::besideProgram(QCoreApplication::applicationDirPath()); }

/// Opens a demo that is there.
void enter(Workspace& workspace, const QString& folder, const std::function<void()>& then) {
    workspace.setDemo(true);
    if (const auto opened = workspace.open(folder); !opened)
        workspace.say(words::text(opened.error().sentence()), true);
    else
        then();
}

/// In a job; `done` is called once it is whole.
void build(Workspace& workspace, QObject* receiver, const QString& folder, std::function<void()> done) {
    workspace.say(tr("The demo is being put together; it opens by itself."));
    // Asked for twice while it is: one is enough. Alive as long as the job is, whatever becomes of it.
    static std::weak_ptr<int> underWay;
    if (!underWay.expired())
        return;
    const auto one = std::make_shared<int>();
    underWay = one;
    workspace.start<void>(
        tr("Putting the demo together"), receiver, workspace.ofCase(),
        [folder, sources = shipped(), one](JobControl& control) {
            return buildDemoLibrary(folder, sources, [&](double share) { return control.goOn(share); });
        },
        [&workspace, done = std::move(done)](const Result<void>& built) {
            if (!built)
                workspace.say(words::text(built.error().sentence()), built.error().kind != Error::Kind::Cancelled);
            else
                done();
        });
}

} // namespace

void openDemo(Workspace& workspace, QObject* receiver, std::function<void()> then) {
    if (workspace.isDemo() && workspace.hasCase()) { // it is open already, wherever it lies
        then();
        return;
    }
    const QString folder = demoFolder();
    if (isThere(folder))
        enter(workspace, folder, then);
    else
        build(workspace, receiver, folder,
              [&workspace, folder, then = std::move(then)] { enter(workspace, folder, then); });
}

bool newerDemoShips() {
    if (!isThere(demoFolder()))
        return false;
    static const QString kShipped = demoEdition(shipped());
    return editionOfDemo(demoFolder()) != kShipped;
}

void openNewerDemo(Workspace& workspace, QObject* receiver, std::function<void()> then) {
    const QString folder = demoFolder(), next = folder + QStringLiteral("-next");
    QDir(next).removeRecursively(); // of one that was not put in its place
    build(workspace, receiver, next, [&workspace, folder, next, then = std::move(then)] {
        if (workspace.library() && workspace.library()->folder() == folder)
            openOwnLibrary(workspace); // it is put aside: not while it is open
        if (const auto replaced = replaceDemo(folder, next, QDate::currentDate()); !replaced)
            workspace.say(words::text(replaced.error().sentence()), true);
        else
            enter(workspace, folder, then);
    });
}

QStringList demosOfBefore() { return earlierDemos(demoFolder()); }

void openDemoOfBefore(Workspace& workspace, const QString& folder) {
    enter(workspace, folder, [] {});
}

void openOwnLibrary(Workspace& workspace) {
    if (workspace.ownFolder().isEmpty())
        return;
    workspace.setDemo(false);
    if (const auto opened = workspace.open(workspace.ownFolder()); !opened)
        workspace.say(words::text(opened.error().sentence()), true);
}

} // namespace riflesso
