#include "app/start/demo_door.h"
#include "app/translated.h"

#include "demo/demo_library.h"
#include "report/words.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QStandardPaths>

#include <memory>

namespace riflesso {

void openDemo(Workspace& workspace, QObject* receiver, std::function<void()> then) {
    if (workspace.isDemo() && workspace.hasCase()) { // it is open already, wherever it lies
        then();
        return;
    }
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/demo");
    const auto open = [&workspace, folder, then = std::move(then)] {
        workspace.setDemo(true);
        if (const auto opened = workspace.open(folder); !opened)
            workspace.say(words::text(opened.error().sentence()), true);
        else
            then();
    };
    if (QFileInfo::exists(folder + QStringLiteral("/library.sqlite"))) {
        open();
        return;
    }
    workspace.say(tr("The demo is being put together; it opens by itself."));
    // Asked for twice while it is: one is enough. Alive as long as the job is, whatever becomes of it.
    static std::weak_ptr<int> underWay;
    if (!underWay.expired())
        return;
    const auto one = std::make_shared<int>();
    underWay = one;
    const DemoSources sources = DemoSources::besideProgram(QCoreApplication::applicationDirPath());
    workspace.start<void>(
        tr("Putting the demo together"), receiver, workspace.ofCase(),
        [folder, sources, one](JobControl& control) {
            return buildDemoLibrary(folder, sources, [&](double share) { return control.goOn(share); });
        },
        [&workspace, open](const Result<void>& built) {
            if (!built)
                workspace.say(words::text(built.error().sentence()), built.error().kind != Error::Kind::Cancelled);
            else
                open();
        });
}

void openOwnLibrary(Workspace& workspace) {
    if (workspace.ownFolder().isEmpty())
        return;
    workspace.setDemo(false);
    if (const auto opened = workspace.open(workspace.ownFolder()); !opened)
        workspace.say(words::text(opened.error().sentence()), true);
}

} // namespace riflesso
