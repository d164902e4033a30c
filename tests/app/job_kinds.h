#pragma once
// Every kind of job the window has, and how a user begins it in the demo's first case.

#include "app/bench/bench_page.h"
#include "app/film/clip_finder.h"
#include "app/film/section_picture.h"
#include "app/handover/handover_page.h"
#include "app/mark/other_observer.h"
#include "app/practice/court_panel.h"
#include "app/settings/library_panel.h"
#include "app/start/case_shelf.h"
#include "app/start/demo_door.h"
#include "window_driver.h"

#include <QLineEdit>
#include <QPushButton>
#include <QStandardPaths>

namespace riflesso::test::job_kinds {

inline const QString kClip = QStringLiteral(DEMO_CLIPS "/ilka_baseline.mp4"),
                     kOther = QStringLiteral(DEMO_CLIPS "/ilka_slow.mp4");

/// One kind of job: how a user begins it in the demo's first case. `Gate` says whether it is caught before its work
/// (where that takes seconds) or with its result in hand.
struct JobKind {
    const char* name;
    Jobs::Gate gate;
    std::function<void(Driver&)> begin;
    bool onTheRepetition = false; ///< it writes into the repetition that is chosen
    bool fails = false;           ///< where it is let finish: this clip has no chessboard, no sound
};

inline void push(Driver& app, const char* name) {
    auto* button = app.find<QAbstractButton>(name);
    QVERIFY2(button, name);
    button->click(); // some stand in a folded part
}

inline BenchPage* bench(Driver& app) { return qobject_cast<BenchPage*>(app.window->page(QStringLiteral("bench"))); }

inline void openOnBench(Driver& app, Jobs::Gate then = Jobs::Gate::Open) {
    app.workspace.jobs().setGate(Jobs::Gate::Open);
    app.step("bench");
    bench(app)->openClip(kClip, false);
    QTRY_VERIFY_WITH_TIMEOUT(app.workspace.jobs().idle(), 20000);
    QVERIFY(app.shows("benchFirst"));
    app.workspace.jobs().setGate(then);
}

inline void openHandOver(Driver& app) {
    app.workspace.jobs().setGate(Jobs::Gate::Open);
    app.step("handover");
    QTRY_VERIFY_WITH_TIMEOUT(app.quiet(), 20000);
}

inline void openWorkshop(Driver& app) {
    app.step("packs");
    push(app, "packWorkshop");
}

inline CaseShelf* shelf(Driver& app) { return app.window->findChild<CaseShelf*>(); }

/// A file beside the clips that says what a job left behind.
inline QString outside(const QString& name) { return QDir::temp().filePath(QStringLiteral("riflesso-late-") + name); }

inline std::vector<JobKind> jobKinds() {
    using Gate = Jobs::Gate;
    const auto chosenClip = [](Driver& app) { return *app.workspace.place().clip; };
    return {
        {"look through a clip", Gate::BeforeWork,
         [](Driver& app) {
             app.step("film");
             push(app, "lookThrough");
         }},
        {"find repetitions", Gate::BeforeWork,
         [](Driver& app) {
             app.step("film");
             app.key(Qt::Key_R);
         }},
        {"copy a clip into the library", Gate::AfterWork,
         [](Driver& app) {
             app.step("film");
             push(app, "copyClip");
         }},
        {"lens from a chessboard", Gate::BeforeWork,
         [](Driver& app) {
             app.step("film");
             app.window->findChild<SectionPicture*>()->lensFrom(kClip);
         }},
        {"listen for contacts", Gate::AfterWork,
         [](Driver& app) {
             app.step("film");
             app.window->findChild<SectionPicture*>()->listen();
         },
         false, true},
        {"follow the camera", Gate::BeforeWork,
         [](Driver& app) {
             app.step("film");
             app.window->findChild<SectionPicture*>()->followCamera();
         }},
        {"find a moved clip", Gate::AfterWork,
         [chosenClip](Driver& app) {
             app.step("film");
             findClip(app.workspace, app.window.get(), chosenClip(app), kClip);
         }},
        {"add clips, first picture and reading", Gate::AfterWork,
         [](Driver& app) {
             app.step("film");
             app.window->addClips({kOther});
         }},
        {"traces of a repetition", Gate::AfterWork,
         [](Driver& app) {
             app.step("mark");
             app.key(Qt::Key_PageDown);
         }},
        {"event at a sound", Gate::AfterWork,
         [](Driver& app) {
             app.step("mark");
             app.key(Qt::Key_K);
         },
         true, true},
        {"propose marks", Gate::BeforeWork,
         [](Driver& app) {
             app.step("mark");
             app.key(Qt::Key_P);
         },
         true},
        {"track marks", Gate::BeforeWork,
         [](Driver& app) {
             app.step("mark");
             app.key(Qt::Key_T);
         },
         true},
        {"assess", Gate::AfterWork,
         [](Driver& app) {
             app.step("findings");
             app.workspace.selectStress(app.workspace.stressLevels().back());
         }},
        {"compare sessions", Gate::AfterWork, [](Driver& app) { app.step("progress"); }},
        {"what each session shows", Gate::AfterWork, [](Driver& app) { app.step("athlete"); }},
        {"lay out the skill sheet", Gate::AfterWork,
         [](Driver& app) {
             app.step("packs");
             push(app, "packSheet");
         }},
        {"print the skill sheet", Gate::AfterWork,
         [](Driver& app) {
             app.workspace.jobs().setGate(Gate::Open);
             app.step("packs");
             push(app, "packSheet");
             QTRY_VERIFY_WITH_TIMEOUT(app.workspace.jobs().idle(), 20000);
             app.workspace.jobs().setGate(Gate::AfterWork);
             push(app, "printSheet");
         }},
        {"workshop: rules of a position", Gate::AfterWork,
         [](Driver& app) {
             openWorkshop(app);
             app.key(Qt::Key_R);
         }},
        {"workshop: carry a position over", Gate::AfterWork,
         [](Driver& app) {
             openWorkshop(app);
             app.key(Qt::Key_P);
         },
         true},
        {"workshop: ranges of the model", Gate::AfterWork,
         [](Driver& app) {
             openWorkshop(app);
             app.key(Qt::Key_3);
             push(app, "measureRanges");
         }},
        {"workshop: what would change", Gate::AfterWork,
         [](Driver& app) {
             openWorkshop(app);
             app.key(Qt::Key_7);
             push(app, "whatChanges");
         }},
        {"what was talked through", Gate::AfterWork, [](Driver& app) { app.step("athlete"); }},
        {"preview of a paper", Gate::AfterWork, [](Driver& app) { app.step("handover"); }},
        {"put the films together", Gate::AfterWork, [](Driver& app) { app.step("handover"); }},
        {"a picture of a film", Gate::AfterWork,
         [](Driver& app) {
             openHandOver(app);
             qobject_cast<HandoverPage*>(app.window->page(QStringLiteral("handover")))->show(QStringLiteral("film"));
             QTRY_VERIFY_WITH_TIMEOUT(app.workspace.jobs().idle(), 20000);
             app.workspace.jobs().setGate(Gate::AfterWork);
             app.key(Qt::Key_Right);
         }},
        {"look for the faces", Gate::BeforeWork,
         [](Driver& app) {
             openHandOver(app);
             app.workspace.jobs().setGate(Gate::BeforeWork);
             push(app, "coverAthlete");
         }},
        {"write the folder", Gate::AfterWork,
         [](Driver& app) {
             openHandOver(app);
             app.workspace.jobs().setGate(Gate::AfterWork);
             app.find<QLineEdit>("handoverFolder")->setText(outside(QStringLiteral("handed")));
             app.key(Qt::Key_P);
         }},
        {"print a frozen paper again", Gate::AfterWork,
         [](Driver& app) {
             openHandOver(app);
             app.find<QLineEdit>("handoverFolder")->setText(outside(QStringLiteral("handed")));
             app.key(Qt::Key_P);
             QTRY_VERIFY_WITH_TIMEOUT(app.workspace.jobs().idle(), 20000);
             app.workspace.jobs().setGate(Gate::AfterWork);
             for (auto* button : app.window->page(QStringLiteral("handover"))->findChildren<QPushButton*>())
                 if (button->text() == QLatin1String("Print again"))
                     button->click();
         }},
        {"write a case archive", Gate::AfterWork,
         [](Driver& app) {
             app.step("start");
             shelf(app)->writeArchive(outside(QStringLiteral("case.zip")));
         }},
        {"read a case archive", Gate::AfterWork,
         [](Driver& app) {
             app.step("start");
             shelf(app)->readArchive(outside(QStringLiteral("in.zip")));
         }},
        {"read another observer's case", Gate::AfterWork,
         [](Driver& app) {
             app.step("mark");
             app.window->findChild<OtherObserver*>()->compareWith(outside(QStringLiteral("in.zip")));
         }},
        {"put the demo together", Gate::BeforeWork,
         [](Driver& app) {
             app.step("start");
             QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/demo"))
                 .removeRecursively();
             openDemo(app.workspace, app.window.get(), [] {});
         }},
        {"measured feedback", Gate::BeforeWork,
         [](Driver& app) {
             app.step("practice");
             app.key(Qt::Key_C);
             app.window->findChild<CourtPanel*>()->measure(
                 {kClip, std::pair(0.3, 1.9), QDateTime::currentDateTime(), false});
         }},
        {"check the library", Gate::AfterWork,
         [](Driver& app) {
             app.window->showPage(QStringLiteral("settings"));
             push(app, "checkLibrary");
         }},
        {"copy the library", Gate::AfterWork,
         [](Driver& app) {
             QDir(outside(QStringLiteral("copy"))).removeRecursively();
             app.window->showPage(QStringLiteral("settings"));
             app.window->findChild<LibraryPanel*>()->copyTo(outside(QStringLiteral("copy")));
         }},
        {"Bench: first picture and opening", Gate::AfterWork,
         [](Driver& app) {
             app.step("bench");
             bench(app)->openClip(kOther, false);
         }},
        {"Bench: keep a clip", Gate::AfterWork,
         [](Driver& app) {
             openOnBench(app, Gate::AfterWork);
             app.key(Qt::Key_K);
         }},
        {"Bench: follow a point", Gate::BeforeWork,
         [](Driver& app) {
             openOnBench(app, Gate::BeforeWork);
             app.clickPixel("benchFirst", {300, 300});
             app.key(Qt::Key_F);
         }},
    };
}

} // namespace riflesso::test::job_kinds
