// The work that both faces do, without a network: what may be written of what was found, clips in and found again,
// repetitions numbered, cameras kept.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/files.h"
#include "support/made_library.h"
#include "work/camera_setup.h"
#include "work/case_assessment.h"
#include "work/clip_files.h"
#include "work/doubtful_stretches.h"
#include "work/find_repetitions.h"
#include "work/held_points.h"
#include "work/proposals.h"
#include "work/second_observer.h"
#include "work/second_sitting.h"
#include "work/section_habits.h"

#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestWork : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    MadeLibrary made_;

    void apply(const std::function<Result<void>(Edit&)>& work) {
        const auto done = made_.library->change(QStringLiteral("Change"), work);
        QVERIFY2(done, done ? "" : done.error().sentence().c_str());
    }
    [[nodiscard]] Repetition first() const { return *made_.data().repetition(made_.repetitions[0]); }

private slots:
    void init() {
        static int number = 0;
        made_ = makeLibrary(dir_.filePath(QString::number(++number)));
    }
    void cleanup() { made_ = {}; }

    void twoObserversOfTheSameFilm() {
        const CaseData mine = made_.data();
        CaseData theirs = mine;
        QCOMPARE(agreementOf(mine, theirs).repetitions, made_.repetitions.size());
        // Another film is no repetition in common; neither is another stretch of the same.
        for (Session& session : theirs.sessions)
            for (Clip& clip : session.clips)
                clip.hash = QStringLiteral("0000000000000000");
        QCOMPARE(agreementOf(mine, theirs).repetitions, std::size_t(0));
        theirs = mine;
        Repetition& moved = theirs.sessions[0].clips[0].sections[0].repetitions[0];
        const int length = moved.to - moved.from;
        moved.from += length, moved.to += length;
        QCOMPARE(agreementOf(mine, theirs).repetitions, made_.repetitions.size() - 1);
        // The weakest that is known counts.
        CaseData both = mine;
        both.own.kappas = {{"a", .9}, {"b", .2}};
        both.yardstick.observers = {{"One", {{"a", .3}, {"c", .8}}}, {"Two", {{"b", .6}}}};
        QCOMPARE(weakestKappas(both), (std::map<std::string, double>{{"a", .3}, {"b", .2}, {"c", .8}}));
    }
    void aPersonsMarkIsNeverWrittenOver() {
        const RepetitionId id = made_.repetitions[0];
        apply([&](Edit& edit) -> Result<void> {
            for (const auto& [landmark, frame, mark] :
                 {std::tuple{"right_knee", 60, Mark{{1, 1}, 2, std::string(kByHand)}},
                  {"right_knee", 61, Mark{{1, 1}, 2, confirmedSource(kTracked)}},
                  {"right_knee", 62, Mark{{1, 1}, 3, std::string(kTracked)}},
                  {"right_knee", 63, Mark{{1, 1}, 9, std::string(kTracked)}},
                  {"right_knee", 64, Mark{{1, 1}, 1, std::string(kProposedByNetwork)}}})
                if (auto done = edit.setMark(id, landmark, frame, mark); !done)
                    return done;
            return edit.setHidden(id, "right_knee", 65, "behind");
        });
        const CaseData data = made_.data();
        Marks found;
        for (int frame = 60; frame <= 66; ++frame)
            found["right_knee"][frame] = {{5, 5}, 4, std::string(kProposedByNetwork)};
        found["left_ear"][60] = {{5, 5}, 4, std::string(kProposedByNetwork)}; // the pack wants none
        const Marks written = marksToWrite(data, placeOf(data, id), found);
        QCOMPARE(written.size(), std::size_t(1));
        std::vector<int> frames;
        for (const auto& [frame, mark] : written.at("right_knee"))
            frames.push_back(frame);
        // 60, 61: a person's. 62: surer by another way. 63: less sure, gives way. 64: the same way, anew. 65: hidden.
        QCOMPARE(frames, (std::vector<int>{63, 64, 66}));
        QCOMPARE(countOf(written), std::size_t(3));
    }

    void theWorstDoubtOfASetComesFirst() {
        const std::vector<RepetitionId> set{made_.repetitions[0], made_.repetitions[1]};
        QVERIFY(doubtfulStretches(made_.data(), set).empty());
        const int first = made_.data().repetition(set[0])->from + 2, second = made_.data().repetition(set[1])->from + 2;
        QVERIFY(!made_.data().repetition(set[1])->events.contains("go"));
        apply([&](Edit& edit) -> Result<void> {
            for (const auto& [id, frame, sigma] : {std::tuple{set[0], first, 20.0},
                                                   {set[0], first + 1, 31.0},
                                                   {set[0], first + 4, 40.0},
                                                   {set[1], second + 8, 12.0}})
                if (auto done = edit.setMark(id, "right_knee", frame, {{1, 1}, sigma, std::string(kDoubtfullyTracked)});
                    !done)
                    return done;
            return edit.setEvent(set[1], "go", {second + 8.2, 0.01, std::string(kByHand)});
        });
        const auto found = doubtfulStretches(made_.data(), set);
        QCOMPARE(found.size(), std::size_t(3));
        QVERIFY(found[0].repetition == set[1] && found[0].atEvent); // findings rest on it
        QCOMPARE(found[1].from, first + 4);
        QCOMPARE(found[2].from, first);
        QCOMPARE(found[2].to, first + 1);
        QCOMPARE(found[2].worst, first + 1);
        QCOMPARE(found[2].landmark, std::string("right_knee"));
        QCOMPARE(found[2].sigmaPx, 31.0);
        apply([&](Edit& edit) { return confirmFrames(edit, *made_.data().repetition(set[0]), first, first + 1, 2); });
        QCOMPARE(doubtfulStretches(made_.data(), set).size(), std::size_t(2));
        apply([&](Edit& edit) -> Result<void> { // as it was
            for (const auto& [id, frame] :
                 {std::pair{set[0], first}, {set[0], first + 1}, {set[0], first + 4}, {set[1], second + 8}})
                if (auto done = edit.removeMark(id, "right_knee", frame); !done)
                    return done;
            return edit.removeEvent(set[1], "go");
        });
    }

    void confirmingTakesTheDoubt() {
        const RepetitionId id = made_.repetitions[0];
        apply([&](Edit& edit) -> Result<void> {
            for (const auto& [landmark, sigma, source] : {std::tuple{"right_hip", 12.0, kDoubtfulFromNetwork},
                                                          {"right_knee", 9.0, kDoubtfullyTracked},
                                                          {"right_ankle", 3.0, kTracked}})
                if (auto done = edit.setMark(id, landmark, 60, {{1, 1}, sigma, std::string(source)}); !done)
                    return done;
            if (auto done = edit.setMark(id, "right_ankle", 61, {{1, 1}, 3, std::string(kTracked)}); !done)
                return done;
            return edit.setEvent(id, "go", {60.2, 0.01, std::string(kDoubtfulEvent)});
        });
        const OpenProposals open = openProposals(first());
        QCOMPARE(open.marks, 4);
        QCOMPARE(open.doubtful, 2);
        QCOMPARE(open.events, 1);
        QCOMPARE(open.doubtfulFrames, std::vector<int>{60});

        apply([&](Edit& edit) { return confirmSure(edit, first(), 2); });
        QCOMPARE(openProposals(first()).marks, 2); // the doubtful ones wait
        QCOMPARE(openProposals(first()).events, 1);
        QCOMPARE(first().marks.at("right_ankle").at(60).sigmaPx, 3.0);

        apply([&](Edit& edit) { return confirmFrame(edit, first(), 60, 2); });
        QCOMPARE(openProposals(first()).marks + openProposals(first()).events, 0);
        QCOMPARE(first().marks.at("right_hip").at(60).sigmaPx, 3.0);  // the network's own, without the doubt
        QCOMPARE(first().marks.at("right_knee").at(60).sigmaPx, 2.0); // as sure as one by hand
        QVERIFY(!isFromPerson(first().marks.at("right_knee").at(60).source));
        QCOMPARE(first().events.at("go").frame, 60.2);
    }

    void implementsAreHeldByWrists() {
        Json json = smallPack();
        json["points"].push_back({{"id", "blade"}, {"title", "Blade"}, {"on", "hand@lead"}});
        const Pack pack = packOf(json);
        const auto sides = rolesByHand(pack, Side::Left);
        const auto held = heldPoints(pack, sides);
        QCOMPARE(held.size(), std::size_t(1));
        QCOMPARE(held[0].tip, std::string("blade"));
        QCOMPARE(held[0].wrist, std::string("left_wrist"));
        QVERIFY(heldBy(pack, sides, "left_wrist") && heldBy(pack, sides, "blade"));
        QVERIFY(!heldBy(pack, sides, "right_wrist") && !heldBy(pack, sides, "tip"));
    }

    void foundRepetitionsAreNumberedOn() {
        const CaseData data = made_.data(); // two there: 60 to 100, 120 to 160
        const auto fresh =
            repetitionsFrom(data, made_.section, {{0, 20}, {30, 33}, {90, 110}, {101, 119}, {161, 199}, {55, 170}});
        std::vector<std::tuple<int, int, int>> got;
        for (const Repetition& r : fresh)
            got.emplace_back(r.number, r.from, r.to);
        // 30 to 33 is too short, 90 to 110 and 55 to 170 lie across one that is there.
        QCOMPARE(got, (std::vector<std::tuple<int, int, int>>{{3, 0, 20}, {4, 101, 119}, {5, 161, 199}}));
        RepetitionId id;
        apply([&](Edit& edit) -> Result<void> {
            const auto added = addRepetitions(edit, made_.section, fresh);
            if (!added)
                return added.error();
            id = *added;
            return {};
        });
        QCOMPARE(made_.data().repetition(id)->from, 0);
        QVERIFY(repetitionsFrom(data, SectionId{12345}, {{0, 20}}).empty());
    }

    void aLensTurnsWithThePicture() {
        apply([&](Edit& edit) { return splitAtCuts(edit, *made_.data().clip(made_.clip), {110}); });
        Section second = made_.data().clip(made_.clip)->sections[1];
        second.repetitions.clear();
        second.picture.mirrored = true;
        apply([&](Edit& edit) { return edit.setSection(second); });
        LensFit fit;
        fit.lens = Lens{800, 801, {300, 240}, -0.2, 0.03, 0.001, -0.002, 0.01};
        fit.residualPx = 0.2;
        apply([&](Edit& edit) { return keepLens(edit, *made_.data().clip(made_.clip), fit); });
        const CaseData data = made_.data();
        const auto& sections = data.clip(made_.clip)->sections;
        QCOMPARE(sections[0].picture.lens->centre.x, 300.0);
        QCOMPARE(sections[1].picture.lens->centre.x, 640.0 - 1 - 300);
        QCOMPARE(sections[1].picture.lens->p2, 0.002);
        QCOMPARE(sections[0].repetitions.size() + sections[1].repetitions.size(), std::size_t(2));
    }

    void aCameraIsKeptAsItWasFound() {
        FollowedCamera followed;
        followed.motion.seen = 0.9;
        PictureSetup setup = knownPicture();
        QVERIFY(keepCamera(setup, followed, 1080) == CameraFound::Stands);
        QVERIFY(setup.camera == CameraHold::Stands && !setup.motion);
        followed.farthestPx = 50;
        QVERIFY(keepCamera(setup, followed, 1080) == CameraFound::TakenOut);
        QVERIFY(setup.camera == CameraHold::Moves && setup.motion);
        followed.motion.seen = 0.5;
        QVERIFY(keepCamera(setup, followed, 1080) == CameraFound::TooLittleSeen);
        QVERIFY(setup.camera == CameraHold::Moves && !setup.motion); // not the movement of before
        Section longer = made_.data().clip(made_.clip)->sections[0];
        longer.to = 20'001;
        const auto refused = followCameraOf(*made_.data().clip(made_.clip), longer, {});
        QVERIFY(!refused && refused.error().kind == Error::Kind::BadInput);
    }

    void aCopyThatIsStoppedLeavesNothing() {
        const QString from = dir_.filePath(QStringLiteral("a.mp4")), to = dir_.filePath(QStringLiteral("b.mp4"));
        QFile file(from);
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(QByteArray(9 << 20, 'x')) > 0);
        file.close();
        const auto stopped = copyFile(from, to, [](double share) { return share < 0.4; });
        QVERIFY(!stopped && stopped.error().kind == Error::Kind::Cancelled);
        QVERIFY(!QFile::exists(to) && !QFile::exists(to + QStringLiteral(".incoming")));
        QVERIFY(copyFile(from, to, [](double) { return true; }));
        QCOMPARE(*fileHash(from), *fileHash(to));
    }

    void movedClipsAreKnownByContent() {
        const QString place = dir_.filePath(QStringLiteral("moved"));
        QVERIFY(QDir().mkpath(place));
        const auto put = [&](const QString& name, const QByteArray& content) {
            QFile file(place + u'/' + name);
            QVERIFY(file.open(QIODevice::WriteOnly) && file.write(content) == content.size());
        };
        put(QStringLiteral("renamed.mp4"), "one");
        put(QStringLiteral("two.mp4"), "two");
        put(QStringLiteral("three.mp4"), "something else under its name");
        std::vector<ClipId> ids;
        apply([&](Edit& edit) -> Result<void> {
            for (const char* name : {"one", "two", "three"}) {
                NewClip clip{
                    QLatin1String(name), QStringLiteral("/gone/%1.mp4").arg(QLatin1String(name)), {}, 64, 48, {0, 0.1}};
                clip.hash =
                    QString::fromLatin1(QCryptographicHash::hash(QByteArray(name), QCryptographicHash::Sha256).toHex());
                ids.push_back(*edit.addClip(made_.session, clip, {}));
            }
            return {};
        });
        const CaseData data = made_.data();
        const auto found = findMoved(data, ids[0], place + QStringLiteral("/renamed.mp4"), [](double) { return true; });
        QVERIFY2(found, found ? "" : found.error().sentence().c_str());
        QCOMPARE(found->size(), std::size_t(2));
        QCOMPARE((*found)[1].first, ids[1]);
        const auto other = findMoved(data, ids[0], place + QStringLiteral("/two.mp4"), [](double) { return true; });
        QVERIFY(!other && other.error().kind == Error::Kind::BadInput);
        apply([&](Edit& edit) { return keepPlaces(edit, place, *found); });
        QCOMPARE(made_.data().clip(ids[1])->path,
                 QDir(made_.library->folder()).absoluteFilePath(QStringLiteral("two.mp4"))); // kept as "two.mp4"
    }

    void cutsSplitSections() {
        QCOMPARE(openCuts(*made_.data().clip(made_.clip), {0, 50, 110}), (std::vector<int>{50, 110}));
        apply([&](Edit& edit) { return splitAtCuts(edit, *made_.data().clip(made_.clip), {50, 110}); });
        const CaseData data = made_.data();
        const auto& sections = data.clip(made_.clip)->sections;
        QCOMPARE(sections.size(), std::size_t(3));
        QCOMPARE(sections[1].from, 50);
        QCOMPARE(sections[2].from, 110);
        QCOMPARE(sections[2].repetitions.size(), std::size_t(1));
        QVERIFY(openCuts(*data.clip(made_.clip), {0, 50, 110}).empty());
        // Within a repetition: bad input, and nothing is split.
        const auto refused = made_.library->change(QStringLiteral("Split"), [&](Edit& edit) {
            return splitAtCuts(edit, *made_.data().clip(made_.clip), {20, 70});
        });
        QVERIFY(!refused && refused.error().kind == Error::Kind::BadInput);
        QCOMPARE(made_.data().clip(made_.clip)->sections.size(), std::size_t(3));
    }

    void onlyWhatAPersonSetTeaches() {
        const RepetitionId id = made_.repetitions[0];
        const auto mark = [&](int frame, std::string_view source) {
            apply([&](Edit& edit) -> Result<void> {
                for (const char* name : {"right_hip", "right_knee", "right_ankle"})
                    if (auto done = edit.setMark(id, name, frame, {{1, 1}, 2, std::string(source)}); !done)
                        return done;
                return {};
            });
        };
        const auto section = [&] { return *sectionOf(made_.data(), made_.section); };
        mark(60, kByHand);
        mark(61, kTracked);
        mark(62, confirmedSource(kProposedByNetwork));
        QVERIFY(!teacherOf(section())); // one frame by hand
        mark(63, kByHand);
        const auto teacher = teacherOf(section());
        QVERIFY(teacher && teacher->repetition == id);
        QCOMPARE(teacher->byHand.at("right_hip").size(), std::size_t(2));
        // The second sitting asks for the same two frames, and for no other.
        const auto tasks = secondTasks(made_.data(), made_.session, {}, 1, 9, 9);
        QCOMPARE(tasks.size(), std::size_t(2));
        apply([&](Edit& edit) { return edit.setSecondMark(id, "right_hip", 60, {2, 2}); });
        QCOMPARE(openLandmarks(first(), 60, {"right_ankle", "right_hip", "right_knee"}),
                 (std::vector<std::string>{"right_ankle", "right_knee"}));
    }

    void aFaultComesBackFromAnySessionBefore() {
        Json json = smallPack();
        json["faults"][0]["when"] = jsonOf(R"([{"observation": "eyes"}])");
        CaseData data;
        data.pack = packOf(json);
        const auto times = std::make_shared<const std::vector<double>>(std::vector<double>{0, 0.02, 0.04, 0.06, 0.08});
        std::int64_t id = 0;
        for (const char* eyes : {"no", "yes", "yes", "no"}) { // seen, gone, gone, seen again
            Session session;
            session.id = {++id};
            session.date = QDate(2026, 9, 1).addDays(7 * id);
            Clip clip;
            clip.id = {id};
            clip.timesS = times;
            Section section;
            section.to = 4;
            for (int n = 1; n <= 4; ++n) {
                Repetition repetition;
                repetition.id = {10 * id + n};
                repetition.number = n;
                repetition.to = 4;
                repetition.observations["eyes"] = eyes;
                section.repetitions.push_back(repetition);
            }
            clip.sections = {section};
            session.clips = {clip};
            data.sessions.push_back(session);
        }
        const auto verdict = [&](std::int64_t before, std::int64_t after) {
            const Progress progress = progressOf(data, {before}, {after}, {}, School::Root, QDate(2026, 10, 30));
            return progress.retest.faults.empty() ? std::string() : progress.retest.faults.at(0).verdict;
        };
        QCOMPARE(verdict(3, 4), std::string("returned")); // neither of the two before had it
        QCOMPARE(verdict(2, 4), std::string("returned"));
        QCOMPARE(verdict(1, 2), std::string("gone"));
        QCOMPARE(verdict(2, 3), std::string());
        data.sessions.erase(data.sessions.begin());
        QCOMPARE(verdict(3, 4), std::string("new"));
        data.sessions.front().clips.front().sections.front().repetitions.clear();
        QCOMPARE(verdict(3, 4), std::string("new"));
    }
};

QTEST_GUILESS_MAIN(TestWork)
#include "tst_work.moc"
