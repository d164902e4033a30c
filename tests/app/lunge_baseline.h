#pragma once
// Where several tests of the window begin: the fencer's calm baseline of the demo, assessed.

#include "window_driver.h"

namespace riflesso::test {

inline std::unique_ptr<Driver> openLungeBaseline(const QTemporaryDir& folder) {
    auto app = std::make_unique<Driver>();
    if (!app->workspace.open(demoCopy(folder)))
        qFatal("the demo could not be opened");
    app->selectAthlete(QStringLiteral("Ilka Sandrey"));
    for (const Session& session : app->data().sessions)
        if (session.title == QStringLiteral("Baseline"))
            app->workspace.selectSession(session.id);
    app->workspace.selectStress(Stress::Calm);
    constexpr int kMostMs = 30000;
    if (!QTest::qWaitFor([&] { return app->quiet(); }, kMostMs))
        qFatal("the baseline was not assessed");
    return app;
}

} // namespace riflesso::test
