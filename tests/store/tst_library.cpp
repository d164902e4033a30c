#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/made_library.h"
#include "support/same.h"

#include "store/schema.h"
#include "work/case_assessment.h"

#include <QTemporaryDir>

using namespace riflesso;
using namespace riflesso::test;

namespace {
Mark markAtX(double x) { return {{x, 20}, 1.5, "analyst"}; }
} // namespace

class TestLibrary : public QObject {
    Q_OBJECT

private slots:
    void whatIsWrittenIsReadBack() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const RepetitionId rep = made.repetitions[0];
        QVERIFY(made.library->change(QStringLiteral("All"), [&](Edit& edit) -> Result<void> {
            for (const Result<void>& step :
                 {edit.setEvent(rep, "down", {72.5, 0.01, "analyst"}),
                  edit.setMark(rep, "left_knee", 72, markAtX(311.25)),
                  edit.setHidden(rep, "left_hip", 72, "behind the arm"), edit.setObservation(rep, "eyes", "partly"),
                  edit.setResult(rep, "hit"),
                  edit.setPlan(made.caseId, {2, 7, 9, QDate(2026, 11, 5), QDate(2026, 11, 26), {}}),
                  addPractised(edit, made.caseId, QDateTime(QDate(2026, 11, 6), QTime(17, 0), Qt::UTC)),
                  edit.decide(made.caseId, {"bent", Decision::Choice::Park, QStringLiteral("later"),
                                            QDateTime::currentDateTimeUtc()}),
                  edit.addBelief(made.caseId, {0, "knee", QStringLiteral("straight"), 4.5, false})})
                if (!step)
                    return step;
            return {};
        }));
        made.library.reset();
        auto again = Library::open(dir.path());
        QVERIFY(again);
        const CaseData data = *(*again)->loadCase(made.caseId);
        QCOMPARE(limitsOf(data.athlete), std::string("knee pain"));
        const Repetition& r = *data.repetition(rep);
        QCOMPARE(r.events.at("down").frame, 72.5);
        QCOMPARE(*r.events.at("down").givenUS, 0.01);
        QCOMPARE(r.marks.at("left_knee").at(72).at.x, 311.25);
        QCOMPARE(r.marks.at("left_knee").at(72).sigmaPx, 1.5);
        QCOMPARE(r.hidden.size(), std::size_t(1));
        QVERIFY(!r.marks.contains("left_hip"));
        QCOMPARE(r.observations.at("eyes"), std::string("partly"));
        QCOMPARE(r.result, std::string("hit"));
        QCOMPARE(data.plan.retest, QDate(2026, 11, 26));
        QVERIFY(!data.plan.retention.isValid());
        QCOMPARE(data.decisions[0].reason, QStringLiteral("later"));
        QCOMPARE(*data.beliefs[0].value, 4.5);
        QCOMPARE(data.practice[0].repetitions[0].at.toUTC().time(), QTime(17, 0));
        QVERIFY(data.practice[0].repetitions[0].told == Told::Shown && !*data.practice[0].repetitions[0].feltRight);
        QCOMPARE(data.clip(made.clip)->frames(), 200);
        QVERIFY(data.clip(made.clip)->missing);
    }
    void aTermSetByHandRanksAndIsTakenBack() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const auto set = [&](const TermOverride& entry) {
            return made.library->change(QStringLiteral("Set"),
                                        [&](Edit& edit) { return edit.setOverride(made.caseId, entry); });
        };
        QVERIFY(!set({"bent", Term::Effect, .2, ""}));         // without a reason
        QVERIFY(!set({"bent", Term::Effect, 1.2, "why not"})); // beyond its range
        QVERIFY(made.data().overrides.empty());
        QVERIFY(set({"bent", Term::Effect, .2, "it hardly matters to her"}));
        QVERIFY(set({"bent", Term::Effect, .25, "a little more"})); // in its place
        QCOMPARE(made.data().overrides.size(), std::size_t(1));
        QCOMPARE(made.data().overrides[0].value, .25);
        QCOMPARE(made.data().overrides[0].reason, std::string("a little more"));
        const auto input = assessmentInput(made.data(), made.session, {}, School::Root, QDate(2026, 11, 25));
        QCOMPARE(input.choices.overrides.size(), std::size_t(1));
        QVERIFY(set({"no such fault", Term::Effect, .5, "left from another edition"}));
        QCOMPARE(
            assessmentInput(made.data(), made.session, {}, School::Root, QDate(2026, 11, 25)).choices.overrides.size(),
            std::size_t(1));
        QVERIFY(made.library->undo());
        QVERIFY(made.library->change(QStringLiteral("Back"), [&](Edit& edit) {
            return edit.removeOverride(made.caseId, "bent", Term::Effect);
        }));
        QVERIFY(made.data().overrides.empty());
        QVERIFY(made.library->undo());
        QCOMPARE(made.data().overrides.size(), std::size_t(1));
        const auto journal = made.library->journal(made.caseId);
        QVERIFY(std::any_of(journal->begin(), journal->end(), [](const JournalEntry& line) {
            return line.what.contains(QStringLiteral("effect of bent set to 0.25")) &&
                   line.reason == QStringLiteral("a little more");
        }));
    }
    void aSectionIsSplitAndJoined() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const auto sections = [&] { return made.data().clip(made.clip)->sections; };
        // What is known of the section goes to both; a length stays with the frames it was marked in.
        QVERIFY(made.library->change(QStringLiteral("Scale"), [&](Edit& edit) {
            Section section = sections()[0];
            section.knownLengths = {{70, {1.5, 2}, {301.5, 2}, 1.25, .0025}, {150, {0, 0}, {0, 480}, 2, .0025}};
            section.metresPerPixel = 1.25 / 300;
            section.scaleRelativeU = .01;
            section.bearingDeg = 12.5;
            return edit.setSection(section);
        }));
        QCOMPARE(sections()[0].knownLengths.size(), std::size_t(2));
        QCOMPARE(sections()[0].knownLengths[0].b.x, 301.5);
        QCOMPARE(*sections()[0].bearingDeg, 12.5);
        const std::string before = printed(made.data());
        // Inside a repetition, and at the ends, nothing is split.
        for (int frame : {0, 61, 100, 200})
            QVERIFY(!made.library->change(QStringLiteral("Split"), [&](Edit& edit) -> Result<void> {
                const auto done = edit.splitSection(sections()[0], frame);
                return done ? Result<void>() : done.error();
            }));
        QCOMPARE(printed(made.data()), before);
        QVERIFY(made.library->change(QStringLiteral("Split"), [&](Edit& edit) -> Result<void> {
            const auto done = edit.splitSection(sections()[0], 110);
            return done ? Result<void>() : done.error();
        }));
        auto now = sections();
        QCOMPARE(now.size(), std::size_t(2));
        QCOMPARE(now[0].to, 109);
        QCOMPARE(now[1].from, 110);
        QCOMPARE(now[1].to, 199);
        QCOMPARE(now[0].repetitions.size(), std::size_t(1));
        QCOMPARE(now[1].repetitions.size(), std::size_t(1));
        QVERIFY(now[1].repetitions[0].id == made.repetitions[1]);
        QCOMPARE(now[1].metresPerPixel, now[0].metresPerPixel);
        QCOMPARE(now[0].knownLengths.size(), std::size_t(1));
        QCOMPARE(now[1].knownLengths.size(), std::size_t(1));
        QCOMPARE(now[1].knownLengths[0].frame, 150);
        QVERIFY(made.library->undo());
        QCOMPARE(printed(made.data()), before);
        QVERIFY(made.library->redo());
        now = sections();
        QVERIFY(!made.library->change(QStringLiteral("Join"),
                                      [&](Edit& edit) { return edit.joinSections(now[1], now[0]); }));
        QVERIFY(made.library->change(QStringLiteral("Join"),
                                     [&](Edit& edit) { return edit.joinSections(now[0], now[1]); }));
        QCOMPARE(printed(made.data()), before);
        // The bearing reaches the core.
        QCOMPARE(*toTrial(made.data(), placeOf(made.data(), made.repetitions[0])).capture.bearingDeg, 12.5);
    }
    void onlyWhatWasTouchedIsReadAgain() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const CaseData before = made.data();
        const RepetitionId first = made.repetitions[0], second = made.repetitions[1];
        const auto change = [&](const std::function<Result<void>(Edit&)>& work) {
            const auto touched = made.library->change(QStringLiteral("Change"), work);
            if (!touched)
                qFatal("%s", touched.error().sentence().c_str());
            return *touched;
        };
        Touched touched = change([&](Edit& edit) -> Result<void> {
            for (const Result<void>& step :
                 {edit.setMark(second, "left_knee", 125, markAtX(10)),
                  edit.setEvent(second, "go", {121, {}, "analyst"}), edit.setObservation(second, "eyes", "no"),
                  edit.setResult(second, "hit"), edit.setSpan(second, 20, 50)}) // now before the other
                if (!step)
                    return step;
            return {};
        });
        QVERIFY(!touched.more);
        QCOMPARE(touched.repetitions, std::set<std::int64_t>{second.value});
        const CaseData again = *made.library->reloaded(before, touched.repetitions);
        QCOMPARE(printed(again), printed(made.data()));
        QVERIFY(printed(again) != printed(before));
        // A change from elsewhere to a repetition that is not named stays unseen: it really is not read.
        change([&](Edit& edit) { return edit.setResult(first, "missed"); });
        QCOMPARE(made.library->reloaded(again, {second.value})->repetition(first)->result, std::string());
        touched = change([&](Edit& edit) { return edit.removeMark(second, "left_knee", 125); });
        QVERIFY(!touched.more);
        QVERIFY(change([&](Edit& edit) { return edit.removeRepetition(first); }).more);
        QVERIFY(change([&](Edit& edit) { return edit.setSchool(made.caseId, QStringLiteral("ground")); }).course);
    }
    void whatIsKnownOfAPictureIsKept() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const std::string before = printed(made.data());
        Section section = made.data().clip(made.clip)->sections[0];
        section.picture = knownPicture();
        QVERIFY(made.library->change(QStringLiteral("Picture"), [&](Edit& edit) { return edit.setSection(section); }));
        const PictureSetup kept = made.data().clip(made.clip)->sections[0].picture;
        QCOMPARE(pictureToText(kept), pictureToText(section.picture));
        QVERIFY(kept.motion->steps.at(7).map == section.picture.motion->steps.at(7).map);
        QCOMPARE(kept.lens->k3, 0.01);
        QVERIFY(made.library->undo());
        QCOMPARE(printed(made.data()), before);
        // What cannot be read says nothing, rather than half of it.
        QVERIFY(!pictureFromText(QStringLiteral(R"({"mirrored": true, "area": {"x": -4}})")).mirrored);
        QVERIFY(!pictureFromText(QStringLiteral("{")).area);
        QVERIFY(pictureFromText(QStringLiteral(R"({"mirrored": true})")).mirrored);
    }
    void aMirroredFileTurnsItsMarksOver() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const RepetitionId rep = made.repetitions[0];
        QVERIFY(made.library->change(QStringLiteral("Mark"), [&](Edit& edit) -> Result<void> {
            for (const Result<void>& step :
                 {edit.setMark(rep, "left_knee", 70, markAtX(100)), edit.setSecondMark(rep, "left_knee", 70, {104, 5}),
                  edit.setHidden(rep, "left_hip", 70, "hidden")})
                if (!step)
                    return step;
            return {};
        }));
        const std::string before = printed(made.data());
        const Section section = made.data().clip(made.clip)->sections[0];
        const Section over = turnedOver(section, 640);
        SAME(over.facing, opposite(section.facing));
        QVERIFY(made.library->change(QStringLiteral("Turn"), [&](Edit& edit) { return edit.setSection(over); }));
        const CaseData data = made.data();
        const Repetition& r = *data.repetition(rep);
        QCOMPARE(r.marks.at("left_knee").at(70).at.x, 539.0);
        QCOMPARE(r.marksAgain.at("left_knee").at(70).x, 535.0);
        QCOMPARE(r.hidden.size(), std::size_t(1));
        // Only once: the same again moves nothing.
        QVERIFY(made.library->change(QStringLiteral("Again"), [&](Edit& edit) { return edit.setSection(over); }));
        QCOMPARE(made.data().repetition(rep)->marks.at("left_knee").at(70).at.x, 539.0);
        QVERIFY(made.library->undo());
        if (printed(made.data()) != before)
            QVERIFY(made.library->undo());
        QCOMPARE(printed(made.data()), before);
    }
    void whatWasProposedIsRememberedWhenCorrected() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const RepetitionId rep = made.repetitions[0];
        const auto set = [&](const StoredEvent& event) {
            QVERIFY(made.library->change(QStringLiteral("Set"),
                                         [&](Edit& edit) { return edit.setEvent(rep, "go", event); }));
        };
        set({70, {}, std::string(kByHand)});
        QVERIFY(!made.data().repetition(rep)->events.at("go").proposedFrame);
        set({71.5, 0.01, std::string(kProposedEvent)});
        set({74, {}, std::string(kByHand)});
        const StoredEvent now = made.data().repetition(rep)->events.at("go");
        QCOMPARE(now.frame, 74.0);
        QCOMPARE(*now.proposedFrame, 71.5);
    }
    void markedAgainCountsFromTenPairsOn() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const RepetitionId rep = made.repetitions[0];
        const auto pairs = [&](int from, int to) {
            QVERIFY(made.library->change(QStringLiteral("Pairs"), [&](Edit& edit) -> Result<void> {
                for (int frame = from; frame < to; ++frame)
                    for (const Result<void>& step :
                         {edit.setMark(rep, "left_knee", frame, {{100, 100}, 2, std::string(kByHand)}),
                          edit.setSecondMark(rep, "left_knee", frame,
                                             {frame % 2 ? 103.0 : 97.0, frame % 2 ? 97.0 : 103.0})})
                        if (!step)
                            return step;
                return {};
            }));
        };
        pairs(60, 69);
        QCOMPARE(made.data().own.landmarks.at("left_knee").pairs, std::size_t(9));
        QCOMPARE(toTrial(made.data(), placeOf(made.data(), rep)).marks.at("left_knee").at(60).sigmaPx, 2.0);
        pairs(69, 70);
        // Differences of ± 3 px: SD √(10·9/9) = √10, / √2.
        const double expected = std::sqrt(10.0) / std::sqrt(2.0);
        const CaseData data = made.data();
        QVERIFY(std::abs(data.own.landmarks.at("left_knee").error - expected) < 1e-9);
        QVERIFY(std::abs(toTrial(data, placeOf(data, rep)).marks.at("left_knee").at(60).sigmaPx - expected) < 1e-9);
        // Read again alone, it still holds.
        const auto touched = made.library->change(QStringLiteral("One more"), [&](Edit& edit) {
            return edit.setSecondMark(rep, "left_knee", 60, {110, 100});
        });
        const CaseData again = *made.library->reloaded(data, touched->repetitions);
        QVERIFY(again.own.landmarks.at("left_knee").error > expected);
    }
    void trialsOfTheStore() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        QVERIFY(made.library->change(QStringLiteral("x"), [&](Edit& edit) -> Result<void> {
            Section section = made.data().clip(made.clip)->sections[0];
            section.slowMotion = 4;
            section.stress = Stress::Surprise;
            section.facing = Side::Left;
            if (auto done = edit.setSection(section); !done)
                return done;
            return edit.setEvent(made.repetitions[0], "go", {100, {}, "analyst"});
        }));
        const CaseData data = made.data();
        const auto trials = trialsOf(data, made.session, Stress::Surprise);
        QCOMPARE(trials.size(), std::size_t(2));
        QVERIFY(trialsOf(data, made.session, Stress::Calm).empty());
        QCOMPARE(trials[0].event("go")->timeS, 0.5); // stored second 2, filmed four times as fast
        QVERIFY(std::abs(trials[0].event("go")->uS - eventUncertainty(0.005, 0.5)) < 1e-12);
        SAME(trials[0].capture.facing, Side::Left);
        QCOMPARE(repetitionId(trials[0].id), made.repetitions[0]);
    }
    void everyChangeIsOneUndoStepWithItsName() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        Library& library = *made.library;
        const RepetitionId rep = made.repetitions[0];
        QStringList states = {QString::fromStdString(printed(made.data()))};
        const std::vector<std::pair<const char*, std::function<Result<void>(Edit&)>>> gestures = {
            {"Mark knee", [&](Edit& e) { return e.setMark(rep, "left_knee", 70, markAtX(1)); }},
            {"Move knee", [&](Edit& e) { return e.setMark(rep, "left_knee", 70, markAtX(2)); }},
            {"Hide hip", [&](Edit& e) { return e.setHidden(rep, "left_hip", 70, "hidden"); }},
            {"Set event",
             [&](Edit& e) {
                 return e.setEvent(rep, "down", {71, {}, ""});
             }},
            {"Move event",
             [&](Edit& e) {
                 return e.setEvent(rep, "down", {73, {}, ""});
             }},
            {"Observe", [&](Edit& e) { return e.setObservation(rep, "eyes", "no"); }},
            {"Practise", [&](Edit& e) { return addPractised(e, made.caseId, QDateTime::currentDateTimeUtc()); }},
            {"Decide",
             [&](Edit& e) {
                 return e.decide(made.caseId, {"bent", Decision::Choice::WorkOn, {}, QDateTime::currentDateTimeUtc()});
             }},
            {"Remove clip",
             [&](Edit& e) { return e.removeClip(made.clip); }}, // takes sections, repetitions and marks along
        };
        for (const auto& [name, work] : gestures) {
            QVERIFY(library.change(QString::fromUtf8(name), work));
            QCOMPARE(library.undoName(), QString::fromUtf8(name));
            states << QString::fromStdString(printed(made.data()));
        }
        QVERIFY(states.last() != states[states.size() - 2]);
        for (qsizetype i = states.size() - 2; i >= 0; --i) {
            QVERIFY(library.undo());
            QCOMPARE(QString::fromStdString(printed(made.data())), states[i]);
            QCOMPARE(library.redoName(), QString::fromUtf8(gestures[static_cast<std::size_t>(i)].first));
        }
        for (qsizetype i = 1; i < states.size(); ++i) {
            QVERIFY(library.redo());
            QCOMPARE(QString::fromStdString(printed(made.data())), states[i]);
        }
        QVERIFY(library.verify()->problems.isEmpty());
    }
    void undoLivesAcrossSessionsAndANewChangeEndsRedo() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const RepetitionId rep = made.repetitions[0];
        QVERIFY(made.library->change(QStringLiteral("One"), [&](Edit& e) { return e.setResult(rep, "hit"); }));
        made.library.reset();
        made.library = std::move(*Library::open(dir.path()));
        QCOMPARE(made.library->undoName(), QStringLiteral("One"));
        QVERIFY(made.library->undo());
        QCOMPARE(made.data().repetition(rep)->result, std::string());
        QCOMPARE(made.library->redoName(), QStringLiteral("One"));
        QVERIFY(made.library->change(QStringLiteral("Two"), [&](Edit& e) { return e.setResult(rep, "rim"); }));
        QVERIFY(made.library->redoName().isEmpty());
        QVERIFY(made.library->redo()); // nothing to do, nothing done
        QCOMPARE(made.data().repetition(rep)->result, std::string("rim"));
    }
    void nudgesOfOneMarkAreOneStep() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const RepetitionId rep = made.repetitions[0];
        QVERIFY(made.library->change(QStringLiteral("Mark"),
                                     [&](Edit& e) { return e.setMark(rep, "left_knee", 70, markAtX(10)); }));
        for (int i = 1; i <= 5; ++i)
            QVERIFY(made.library->change(
                QStringLiteral("Nudge"), [&](Edit& e) { return e.setMark(rep, "left_knee", 70, markAtX(10 + .1 * i)); },
                QStringLiteral("nudge:knee")));
        QVERIFY(made.library->change(
            QStringLiteral("Nudge"), [&](Edit& e) { return e.setMark(rep, "left_hip", 70, markAtX(3)); },
            QStringLiteral("nudge:hip")));
        QVERIFY(made.library->undo()); // the hip
        QCOMPARE(made.data().repetition(rep)->marks.at("left_knee").at(70).at.x, 10.5);
        QVERIFY(made.library->undo()); // all five nudges
        QCOMPARE(made.data().repetition(rep)->marks.at("left_knee").at(70).at.x, 10.0);
        QVERIFY(made.library->redo());
        QCOMPARE(made.data().repetition(rep)->marks.at("left_knee").at(70).at.x, 10.5);
    }
    void aFailingGestureLeavesNothing() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const std::string before = printed(made.data());
        const QString name = made.library->undoName();
        const auto failed = made.library->change(QStringLiteral("Half"), [&](Edit& edit) -> Result<void> {
            if (auto done = edit.setResult(made.repetitions[0], "hit"); !done)
                return done;
            return badInput("here", "something else", "this");
        });
        QVERIFY(!failed);
        QCOMPARE(failed.error().where, std::string("here"));
        QCOMPARE(printed(made.data()), before);
        QCOMPARE(made.library->undoName(), name);
        // A wrong id breaks a foreign key: the same.
        QVERIFY(!made.library->change(QStringLiteral("Nobody's"),
                                      [](Edit& edit) { return edit.setMark({999}, "left_knee", 1, markAtX(1)); }));
        QCOMPARE(printed(made.data()), before);
        QVERIFY(made.library->change(QStringLiteral("After"),
                                     [&](Edit& e) { return e.setResult(made.repetitions[0], "rim"); }));
    }
    void lockedBeliefsStay() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        QVERIFY(made.library->change(QStringLiteral("b"), [&](Edit& e) {
            return e.addBelief(made.caseId, {0, "knee", QStringLiteral("fine"), {}, false});
        }));
        QVERIFY(made.library->change(QStringLiteral("l"), [&](Edit& e) { return e.lockBeliefs(made.caseId); }));
        const std::int64_t id = made.data().beliefs[0].id;
        QVERIFY(made.library->change(QStringLiteral("r"), [&](Edit& e) { return e.removeBelief(id); }));
        QCOMPARE(made.data().beliefs.size(), std::size_t(1));
        QVERIFY(made.data().beliefs[0].locked);
    }
    void theJournalIsNotTakenBack() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        QVERIFY(made.library->change(QStringLiteral("Decide"), [&](Edit& e) {
            return e.decide(made.caseId,
                            {"bent", Decision::Choice::Park, QStringLiteral("style"), QDateTime::currentDateTimeUtc()});
        }));
        QVERIFY(made.library->undo());
        QVERIFY(made.data().decisions.empty());
        made.library.reset();
        const auto db = Database::open(dir.filePath(QStringLiteral("library.sqlite")), false);
        QCOMPARE(db->value(QStringLiteral("SELECT reason FROM journal"))->toString(), QStringLiteral("style"));
    }
    void aLibraryFromANewerVersion() {
        QTemporaryDir dir;
        makeLibrary(dir.path()).library.reset();
        {
            const auto db = Database::open(dir.filePath(QStringLiteral("library.sqlite")), true);
            QVERIFY(db->run(QStringLiteral("PRAGMA user_version=99")).ok());
        }
        QFile file(dir.filePath(QStringLiteral("library.sqlite")));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray before = file.readAll();
        file.close();
        for (auto mode : {Library::Mode::ReadWrite, Library::Mode::ReadOnly}) {
            const auto opened = Library::open(dir.path(), mode);
            QVERIFY(!opened);
            QVERIFY(opened.error().where.find("library.sqlite") != std::string::npos);
            QVERIFY(opened.error().got.find("99") != std::string::npos);
        }
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll(), before); // never written to
    }
    void filesThatAreNoLibrary_data() {
        QTest::addColumn<QByteArray>("content");
        QTest::newRow("text") << QByteArray("no library at all, but long enough to be looked at\n").repeated(40);
        QTest::newRow("zeros") << QByteArray(8192, '\0');
    }
    void filesThatAreNoLibrary() {
        QFETCH(QByteArray, content);
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("library.sqlite")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(content);
        file.close();
        const auto opened = Library::open(dir.path());
        QVERIFY(!opened);
        QVERIFY(opened.error().kind == Error::Kind::BadInput);
    }
    void noLibraryHere() {
        QTemporaryDir dir;
        const auto opened = Library::open(dir.path(), Library::Mode::ReadOnly);
        QVERIFY(!opened);
        QVERIFY(opened.error().got.find("library.sqlite") != std::string::npos);
        QVERIFY(!Library::open(QStringLiteral("/proc/nowhere/library")));
    }
    void twoWindowsOnOneLibrary() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const auto second = Library::open(dir.path());
        QVERIFY(!second);
        QVERIFY(second.error().expected.find("no other window") != std::string::npos);
        QVERIFY(Library::open(dir.path(), Library::Mode::ReadOnly));
        made.library.reset();
        QVERIFY(Library::open(dir.path()));
    }
    void noSpaceLeft() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const std::string before = printed(made.data());
        QVERIFY(made.library->limitPages(1)); // SQLite keeps at least what is used now
        Result<Touched> full = Touched();
        int marks = 0;
        for (; full && marks < 5000; ++marks)
            full = made.library->change(QStringLiteral("Mark"), [&](Edit& edit) -> Result<void> {
                for (int k = 0; k < 200; ++k)
                    if (auto done = edit.setMark(made.repetitions[0], "left_knee", 1000 * marks + k, markAtX(k)); !done)
                        return done;
                return {};
            });
        QVERIFY(!full);
        QVERIFY2(full.error().expected.find("no space is left") != std::string::npos, full.error().expected.c_str());
        const CaseData after = made.data();
        const auto& tracks = after.repetition(made.repetitions[0])->marks;
        QCOMPARE(tracks.contains("left_knee") ? tracks.at("left_knee").size() : 0,
                 static_cast<std::size_t>(200 * (marks - 1))); // nothing half-written
        QVERIFY(made.library->limitPages(0));
        QVERIFY(made.library->verify()->problems.isEmpty());
        QVERIFY(made.library->change(QStringLiteral("Again"),
                                     [&](Edit& e) { return e.setResult(made.repetitions[0], "hit"); }));
        while (!made.library->undoName().isEmpty() && made.library->undoName() != QStringLiteral("Build"))
            QVERIFY(made.library->undo());
        QCOMPARE(printed(made.data()), before);
    }
    void aReadOnlyLibraryTakesNoChange() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        made.library.reset();
        auto opened = Library::open(dir.path(), Library::Mode::ReadOnly);
        QVERIFY(
            !(*opened)->change(QStringLiteral("x"), [&](Edit& e) { return e.setResult(made.repetitions[0], "hit"); }));
        QVERIFY((*opened)->loadCase(made.caseId));
    }
    void missingCasesAndAssessments() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        QVERIFY(!made.library->loadCase({77}));
        QVERIFY(!made.library->loadAssessment({77}));
        AssessmentId id;
        QVERIFY(made.library->change(QStringLiteral("Freeze"), [&](Edit& edit) -> Result<void> {
            id = *edit.addAssessment(made.caseId, {{},
                                                   made.session,
                                                   QDateTime::currentDateTimeUtc(),
                                                   QStringLiteral("T"),
                                                   QStringLiteral("0.1"),
                                                   QStringLiteral("{}")});
            return {};
        }));
        QCOMPARE(made.library->loadAssessment(id)->content, QStringLiteral("{}"));
    }
    /// A program that is killed while it makes its lock leaves an empty one: it holds nobody out.
    void anEmptyLockHoldsNobodyOut() {
        QTemporaryDir dir;
        { const MadeLibrary made = makeLibrary(dir.path()); }
        QFile lock(dir.filePath(QStringLiteral("library.lock")));
        QVERIFY(lock.open(QIODevice::WriteOnly));
        lock.close();
        const auto opened = Library::open(dir.path());
        QVERIFY2(opened.ok(), opened ? "" : opened.error().sentence().c_str());
        QVERIFY(!Library::open(dir.path()).ok()); // its own holds
    }
    void verifyNamesWhatIsWrong() {
        QTemporaryDir dir;
        MadeLibrary made = makeLibrary(dir.path());
        const LibraryCheck check = *made.library->verify();
        QVERIFY(check.problems.isEmpty());
        QCOMPARE(check.missingClips.size(), 1u);
        QCOMPARE(check.missingClips[0].path, QStringLiteral("media/none.mp4"));
        QVERIFY(!check.sound);
        QCOMPARE(check.version, schemaVersion());
        QCOMPARE(check.holds.repetitions, 2);
    }
};

QTEST_GUILESS_MAIN(TestLibrary)
#include "tst_library.moc"
