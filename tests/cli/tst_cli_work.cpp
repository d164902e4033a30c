// Clips and whole cases worked on from the command line: the same work as the window's.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "store/case_archive.h"
#include "support/command_line.h"
#include "support/cut_clip.h"
#include "support/files.h"
#include "support/made_library.h"
#include "work/clip_files.h"

#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

const QString kClip = QStringLiteral(DEMO_CLIPS "/ilka_baseline.mp4");
const QString kFencing = QStringLiteral(PACKS "/fencing_lunge.json");

} // namespace

namespace {

QByteArray bytesOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

} // namespace

class TestCliWork : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    Json truth_ = readJson(DEMO_CLIPS "/ilka_baseline.truth.json");

    [[nodiscard]] PixelPoint at(const std::string& landmark, int frame) const {
        const Json& point = truth_["landmarks_px"][landmark][static_cast<std::size_t>(frame)];
        return {point[0].get<double>(), point[1].get<double>()};
    }
    [[nodiscard]] PixelPoint turned(PixelPoint at) const { return {truth_["width"].get<double>() - 1 - at.x, at.y}; }

    /// A table of marks.
    QString marks(const QString& name, const std::vector<std::tuple<std::string, int, PixelPoint>>& rows) const {
        QFile file(dir_.filePath(name));
        if (file.open(QIODevice::WriteOnly)) {
            file.write("landmark,x_px,y_px,frame,sigma_px\n");
            for (const auto& [landmark, frame, point] : rows)
                file.write(QStringLiteral("%1,%2,%3,%4,1\n")
                               .arg(QString::fromStdString(landmark))
                               .arg(point.x)
                               .arg(point.y)
                               .arg(frame)
                               .toUtf8());
        }
        return file.fileName();
    }
    static Answer run(const char* command, int from, int to, const QStringList& more) {
        return runCli(QStringList{QLatin1String(command), kClip, QStringLiteral("--from"), QString::number(from),
                                  QStringLiteral("--to"), QString::number(to)} +
                      more);
    }
    static const Json& framesOf(const Answer& answer, const std::string& landmark) {
        static const Json none = Json::array();
        for (const Json& point : answer.json["points"])
            if (point["landmark"] == landmark)
                return point["frames"];
        return none;
    }
    static int countOf(const Answer& answer, const std::string& landmark, const char* status) {
        int count = 0;
        for (const Json& frame : framesOf(answer, landmark))
            count += frame["status"] == status;
        return count;
    }
    /// Median distance of a landmark from where it is by `truth(frame)`, px.
    static double off(const Answer& answer, const std::string& landmark, const std::function<PixelPoint(int)>& truth) {
        std::vector<double> away;
        for (const Json& frame : framesOf(answer, landmark))
            if (frame["x_px"].is_number()) {
                const PixelPoint is = truth(frame["frame"].get<int>());
                away.push_back(std::hypot(frame["x_px"].get<double>() - is.x, frame["y_px"].get<double>() - is.y));
            }
        std::sort(away.begin(), away.end());
        return away.empty() ? 1e9 : away[away.size() / 2];
    }

private slots:
    void aSkillIsMadeOfACase() {
        const QString library = dir_.filePath(QStringLiteral("demo-of-skill")),
                      made = dir_.filePath(QStringLiteral("ours.json"));
        QCOMPARE(demoInto(library), 0);
        const auto make = [&](int id) {
            return runCli({QStringLiteral("pack"), QStringLiteral("new"), QStringLiteral("--from-case"), library,
                           QStringLiteral("--case"), QString::number(id), QStringLiteral("--out"), made,
                           QStringLiteral("--title"), QStringLiteral("Our way")});
        };
        const Answer answer = make(1);
        QVERIFY2(answer.code == 0, qPrintable(answer.messages));
        QCOMPARE(answer.json["pack"].get<std::string>(), std::string("own.our-way"));
        QVERIFY(answer.json["ok"].get<bool>() && answer.json["ranges"].get<int>() >= 10);
        const Answer check = runCli({QStringLiteral("pack"), QStringLiteral("check"), made});
        QCOMPARE(check.code, 0);
        const Answer diff = runCli({QStringLiteral("pack"), QStringLiteral("diff"), kFencing, made});
        bool ranges = false;
        for (const Json& change : diff.json["changes"])
            ranges = ranges || (change["kind"] == "ranges" && change["path"].get<std::string>().starts_with("model"));
        QVERIFY2(ranges, diff.json.dump().substr(0, 600).c_str());
        const Answer none = make(4); // drawn from the skill: nobody shows how it should be
        QCOMPARE(none.code, 2);
        QVERIFY2(none.messages.contains(QStringLiteral("marked repetitions of a model")), qPrintable(none.messages));
    }
    void rulesAreProposed() {
        const QString folder = dir_.filePath(QStringLiteral("take"));
        const Answer take = runCli({QStringLiteral("simulate"), QStringLiteral("--pack"),
                                    QStringLiteral("riflesso.fencing-lunge"), QStringLiteral("--take"),
                                    QStringLiteral("model"), QStringLiteral("--repetitions"), QStringLiteral("6"),
                                    QStringLiteral("--seed"), QStringLiteral("4"), QStringLiteral("--out"), folder});
        QCOMPARE(take.code, 0);
        QStringList ask = {QStringLiteral("pack"), QStringLiteral("rules"), QStringLiteral("--pack"), kFencing};
        for (const char* table : {"landmarks", "events"})
            ask << QStringLiteral("--") + QLatin1String(table)
                << QString::fromStdString(take.json[table].get<std::string>());
        for (const auto& entry : take.json["switches"].items())
            ask << QStringLiteral("--") + QString::fromStdString(entry.key())
                << (entry.value().is_string() ? QString::fromStdString(entry.value().get<std::string>())
                                              : QString::number(entry.value().get<double>()));
        const Answer all = runCli(ask);
        QVERIFY2(all.code == 0, qPrintable(all.messages));
        QCOMPARE(all.json["events"].size(), std::size_t(5));
        for (const Json& event : all.json["events"]) {
            QCOMPARE(event["repetitions"].get<int>(), 6);
            QVERIFY(event["signals"].get<int>() > 20);
            const Json& best = event["rules"][0];
            QVERIFY2(best["holds"].get<bool>() && best["rms_frames"].get<double>() <= 2, event.dump().c_str());
        }
        QCOMPARE(runCli(ask + QStringList{QStringLiteral("--event"), QStringLiteral("down")}).json["events"].size(),
                 std::size_t(1));
        QCOMPARE(runCli(ask + QStringList{QStringLiteral("--event"), QStringLiteral("sneeze")}).code, 2);
    }
    void tipsAreTrackedAlongTheirLine() {
        constexpr int kFrom = 30, kTo = 90; // a lunge: the tip blurs
        std::vector<std::tuple<std::string, int, PixelPoint>> rows, over;
        for (const char* name : {"tip", "right_wrist"})
            for (const int frame : {kFrom, kTo}) {
                rows.emplace_back(name, frame, at(name, frame));
                over.emplace_back(name, frame, turned(at(name, frame)));
            }
        const QStringList points{QStringLiteral("--points"), marks(QStringLiteral("p.csv"), rows)};
        const QStringList pack{QStringLiteral("--pack"), kFencing};
        const Answer plain = run("track", kFrom, kTo, points), along = run("track", kFrom, kTo, points + pack);
        QCOMPARE(plain.code, 0);
        QCOMPARE(along.code, 0);
        QVERIFY2(countOf(along, "tip", "tracked") > 2 * countOf(plain, "tip", "tracked"),
                 qPrintable(QString::number(countOf(along, "tip", "tracked"))));
        // The weapon hand of a left-handed athlete is not marked here: nothing to go along.
        const Answer left = run("track", kFrom, kTo,
                                points + pack + QStringList{QStringLiteral("--handedness"), QStringLiteral("left")});
        QCOMPARE(countOf(left, "tip", "tracked"), countOf(plain, "tip", "tracked"));
        // Turned over, the same is found at the other side.
        const Answer mirrored = run("track", kFrom, kTo,
                                    QStringList{QStringLiteral("--points"), marks(QStringLiteral("m.csv"), over),
                                                QStringLiteral("--mirrored"), QStringLiteral("yes")} +
                                        pack);
        QVERIFY(std::abs(countOf(mirrored, "tip", "tracked") - countOf(along, "tip", "tracked")) <= 3);
        for (const char* word : {"--mirrored", "--handedness"})
            QCOMPARE(run("track", kFrom, kTo, points + QStringList{QLatin1String(word), QStringLiteral("maybe")}).code,
                     2);
    }

    void proposalsFollowTheHand() {
        constexpr int kFrom = 40, kTo = 45;
        const std::vector<std::string> names{"left_hip",  "left_knee",  "left_ankle",
                                             "right_hip", "right_knee", "right_ankle"};
        const auto opposite = [](std::string name) {
            return name.starts_with("left_") ? "right_" + name.substr(5) : "left_" + name.substr(6);
        };
        const Answer plain = run("propose", kFrom, kTo, {});
        QCOMPARE(plain.code, 0);
        QCOMPARE(plain.json["placed_as_by_hand"].get<int>(), 0);
        // Here the network's answers may come from a file, as in all tests of the window: they are what it says itself.
        const QByteArray answers = qgetenv("RIFLESSO_NETWORK_ANSWERS");
        const qint64 known = QFileInfo(QString::fromLocal8Bit(answers)).size();
        qunsetenv("RIFLESSO_NETWORK_ANSWERS");
        const Answer asked = run("propose", kFrom, kTo, {});
        qputenv("RIFLESSO_NETWORK_ANSWERS", answers);
        for (const std::string& name : names) { // another machine rounds otherwise
            const Json &kept = framesOf(plain, name), &own = framesOf(asked, name);
            QCOMPARE(kept.size(), own.size());
            QVERIFY(!kept.empty());
            for (std::size_t i = 0; i < kept.size(); ++i)
                for (const char* axis : {"x_px", "y_px"})
                    QVERIFY(kept[i][axis].is_number() && own[i][axis].is_number() &&
                            std::abs(kept[i][axis].get<double>() - own[i][axis].get<double>()) < .1);
        }
        if (!answers.isEmpty()) { // and nothing of it had to be asked: else tools/network_answers.sh
            QCOMPARE(run("propose", kFrom, kTo, {}).code, 0);
            QCOMPARE(QFileInfo(QString::fromLocal8Bit(answers)).size(), known);
        }
        // The hand says that left is right, and puts everything 9 px higher.
        constexpr double kHigher = 9;
        std::vector<std::tuple<std::string, int, PixelPoint>> rows;
        for (const std::string& name : names)
            for (const int frame : {kFrom, kFrom + 2, kTo}) {
                const PixelPoint is = at(opposite(name), frame);
                rows.emplace_back(name, frame, PixelPoint{is.x, is.y - kHigher});
            }
        const Answer byHand =
            run("propose", kFrom, kTo, {QStringLiteral("--points"), marks(QStringLiteral("h.csv"), rows)});
        QCOMPARE(byHand.code, 0);
        QVERIFY(byHand.json["placed_as_by_hand"].get<int>() >= 4);
        constexpr double kNear = 8; // px; the two ankles are over 100 px apart
        for (const char* name : {"left_ankle", "right_ankle"}) {
            QVERIFY(off(plain, name, [&](int frame) { return at(name, frame); }) < kNear);
            const double away = off(byHand, name, [&](int frame) {
                const PixelPoint is = at(opposite(name), frame);
                return PixelPoint{is.x, is.y - kHigher};
            });
            QVERIFY2(away < kNear, qPrintable(QString::number(away)));
        }
        // Turned over, a landmark lies at the other side of the picture.
        const Answer mirrored = run("propose", kFrom, kFrom + 1, {QStringLiteral("--mirrored"), QStringLiteral("yes")});
        const double nose = off(mirrored, "nose", [&](int frame) { return turned(at("nose", frame)); });
        QVERIFY2(nose < 2 * kNear, qPrintable(QString::number(nose)));
        QCOMPARE(run("propose", kFrom, kTo,
                     {QStringLiteral("--points"), marks(QStringLiteral("x.csv"), {{"nose", 99999, {1, 1}}})})
                     .code,
                 2);
    }

    void aFolderIsWatched() {
        const QString library = dir_.filePath(QStringLiteral("demo")), in = dir_.filePath(QStringLiteral("in"));
        QCOMPARE(demoInto(library), 0);
        QVERIFY(QDir().mkpath(in));
        const auto watch = [&](const QStringList& more) {
            QProcess process;
            process.start(QStringLiteral(PROGRAMS "/riflesso-cli"),
                          QStringList{QStringLiteral("watch"), in, QStringLiteral("--library"), library} + more);
            std::vector<Json> lines;
            if (process.waitForFinished(120000))
                for (const QByteArray& line : process.readAllStandardOutput().split('\n'))
                    if (!line.isEmpty())
                        lines.push_back(Json::parse(line.toStdString(), nullptr, false));
            return std::pair(process.exitCode(), lines);
        };
        const QStringList once = {QStringLiteral("--case"), QStringLiteral("1"), QStringLiteral("--once")};
        // Nothing there: it ends at once, and says so.
        const auto [code, none] = watch(once);
        QCOMPARE(code, 0);
        QCOMPARE(none.size(), std::size_t(1));
        QCOMPARE(none[0]["clips"].get<int>(), 0);
        QCOMPARE(none[0]["measure"].get<std::string>(), std::string("arm_before_foot")); // of the plan's first focus

        constexpr int kFrom = 111, kTo = 218; // the second lunge
        QVERIFY(cutClip(kClip.toStdString(), kFrom, kTo, (in + QStringLiteral("/a.mp4")).toStdString()));
        QVERIFY(QFile::copy(in + QStringLiteral("/a.mp4"), in + QStringLiteral("/b.mp4")));
        QFile junk(in + QStringLiteral("/c.mov"));
        QVERIFY(junk.open(QIODevice::WriteOnly));
        junk.write("no film");
        junk.close();
        const auto [again, lines] = watch(once);
        QCOMPARE(again, 0);
        const Json& end = lines.back();
        QCOMPARE(end["clips"].get<int>(), 1);
        QCOMPARE(end["came_again"].get<int>(), 1); // the same film under another name
        QCOMPARE(end["unreadable"].get<int>(), 1);
        QCOMPARE(end["repetitions"].get<int>(), 1);
        const auto measured =
            std::find_if(lines.begin(), lines.end(), [](const Json& line) { return line.contains("verdict"); });
        QVERIFY(measured != lines.end());
        const Json& events = truth_["takes"][0]["repetitions"][1]["events_s"];
        const double truth = events["down"].get<double>() - events["straight"].get<double>();
        const double value = (*measured)["value"], u = (*measured)["u"];
        constexpr double kCertain = 3; // u: one in twenty lies outside two, and no machine computes quite like another
        QVERIFY2(std::abs(value - truth) <= kCertain * u, qPrintable(QString("%1 against %2").arg(value).arg(truth)));
        QCOMPARE((*measured)["verdict"].get<std::string>(), std::string("below"));
        QCOMPARE((*measured)["unit"].get<std::string>(), std::string("s"));

        for (const QStringList& wrong : {QStringList{QStringLiteral("--once")},
                                         once + QStringList{QStringLiteral("--measure"), QStringLiteral("x")},
                                         once + QStringList{QStringLiteral("--section"), QStringLiteral("99999")},
                                         QStringList{QStringLiteral("--case"), QStringLiteral("77")}})
            QCOMPARE(watch(wrong).first, 2);
    }
    void aWholeCaseIsWorkedOn() {
        // One clip; in its first section nothing is cut yet, in its second one repetition with two frames by hand.
        const QString zip = dir_.filePath(QStringLiteral("case.zip")),
                      out = dir_.filePath(QStringLiteral("worked.zip")),
                      again = dir_.filePath(QStringLiteral("again.zip"));
        constexpr int kSecond = 113, kFrom = 120, kTo = 130;
        {
            auto library = Library::open(dir_.filePath(QStringLiteral("lib")));
            QVERIFY(library);
            CaseId id;
            const auto built = (*library)->change(QStringLiteral("Build"), [&](Edit& edit) -> Result<void> {
                Athlete athlete;
                athlete.name = QStringLiteral("Test Person");
                id = *edit.addCase(*edit.addAthlete(athlete), QStringLiteral("Lunge"),
                                   QString::fromStdString(readText(kFencing.toStdString())));
                const SessionId session = *edit.addSession(id, QDate(2026, 11, 3), QStringLiteral("First"), false);
                const auto clip = describeClip(kClip, kClip, QStringLiteral("Lunges"));
                if (!clip)
                    return clip.error();
                const ClipId added = *edit.addClip(session, *clip, {});
                Section section;
                section.id = *edit.firstSection(added);
                section.to = static_cast<int>(clip->timesS.size()) - 1;
                const SectionId second = *edit.splitSection(section, kSecond);
                Repetition repetition;
                repetition.number = 1;
                repetition.from = kFrom;
                repetition.to = kTo;
                const RepetitionId made = *edit.addRepetition(second, repetition);
                for (const char* name : {"right_hip", "right_knee", "right_ankle"})
                    for (const int frame : {kFrom, kTo})
                        if (auto done = edit.setMark(made, name, frame, {at(name, frame), 1, std::string(kByHand)});
                            !done)
                            return done;
                return {};
            });
            QVERIFY2(built, built ? "" : built.error().sentence().c_str());
            QVERIFY(writeCaseArchive(**library, id, zip, true));
        }
        const auto work = [](const QString& in, const char* steps, const QString& to) {
            return runCli({QStringLiteral("work"), in, QStringLiteral("--do"), QLatin1String(steps),
                           QStringLiteral("--out"), to});
        };
        const Answer first = work(zip, "look,track,find", out);
        QVERIFY2(first.code == 0, qPrintable(first.messages));
        QCOMPARE(first.json["looked"].size(), std::size_t(1));
        QVERIFY(first.json["repetitions_found"].get<int>() >= 1);
        QVERIFY(first.json["marks_tracked"].get<int>() > 10);
        QVERIFY(first.json["left_out"].empty());
        QVERIFY(first.messages.contains(QStringLiteral("\"step\":\"find\"")));
        // On its own output there is nothing left to find; what was worked on is there.
        const Answer second = work(out, "find,assess", again);
        QVERIFY2(second.code == 0, qPrintable(second.messages));
        QCOMPARE(second.json["repetitions_found"].get<int>(), 0);
        QCOMPARE(second.json["assess"].size(), std::size_t(1));
        QCOMPARE(second.json["assess"][0]["session"].get<std::string>(), std::string("2026-11-03"));
        QCOMPARE(second.json["assess"][0]["answer"]["measures"]["trials"].size(),
                 first.json["repetitions_found"].get<std::size_t>() + 1);
        {
            auto library = Library::open(dir_.filePath(QStringLiteral("lib2")));
            auto archive = CaseArchive::open(again, (*library)->folder());
            QVERIFY(archive);
            const auto& sections = (*archive)->data().sessions[0].clips[0].sections;
            // Nothing marked is there to seek: movement between rests, and there are two, out and back.
            constexpr int kGo = 27, kBack = 98; // frames of the lunge's first and last key event
            const auto& found = sections[0].repetitions;
            QVERIFY2(found.front().from <= kGo && found.back().to >= kBack - 3,
                     qPrintable(QStringLiteral("%1 %2").arg(found.front().from).arg(found.back().to)));
            QCOMPARE(found.front().number, 2); // counted on
            const auto& knee = sections[1].repetitions[0].marks.at("right_knee");
            QCOMPARE(knee.size(), std::size_t(kTo - kFrom + 1));
            QCOMPARE(knee.at(kFrom).source, std::string(kByHand)); // as it was set
        }
        // No folder of its own stays behind, and bad words name themselves.
        QVERIFY(QDir(dir_.path()).entryList({QStringLiteral(".riflesso-work*")}, QDir::Dirs | QDir::Hidden).isEmpty());
        // The same bytes by one thread, and over what a run that was killed has left.
        const QString once = dir_.filePath(QStringLiteral("once.zip")),
                      left = dir_.filePath(QStringLiteral(".riflesso-work-once.zip"));
        QVERIFY(QDir().mkpath(left + QStringLiteral("/media")));
        const Answer alone =
            runCli({QStringLiteral("work"), zip, QStringLiteral("--do"), QStringLiteral("look,track,find"),
                    QStringLiteral("--out"), once, QStringLiteral("--threads"), QStringLiteral("1")});
        QVERIFY2(alone.code == 0, qPrintable(alone.messages));
        QVERIFY(!QDir(left).exists());
        QVERIFY(bytesOf(once) == bytesOf(out));
        QCOMPARE(runCli({QStringLiteral("work"), zip, QStringLiteral("--do"), QStringLiteral("look"),
                         QStringLiteral("--out"), once, QStringLiteral("--threads"), QStringLiteral("0")})
                     .code,
                 2);
        const Answer bad = work(zip, "look,paint", out);
        QVERIFY(bad.code == 2 && bad.json["error"]["got"] == "paint");
        QCOMPARE(work(dir_.filePath(QStringLiteral("none.zip")), "look", out).code, 2);
    }

    void aFilmToBeTakenHome() {
        const QString library = dir_.filePath(QStringLiteral("library")),
                      out = dir_.filePath(QStringLiteral("one.mp4"));
        QCOMPARE(demoInto(library), 0);
        QStringList film{"film",       library,        "--case", "1",      "--kind",
                         "repetition", "--repetition", "1",      "--size", "320x180"};
        const auto with = [&](const QStringList& more) { return runCli(film + more); };
        const Answer answer = with({"--cover", "athlete", "--names", "no", "--out", out});
        QVERIFY2(answer.code == 0, qPrintable(answer.messages));
        QCOMPARE(answer.json["streams"], Json::array({"h264"}));
        QVERIFY(answer.json["unsure"].empty());
        QCOMPARE(answer.json["chapters"].size(), std::size_t(1));
        const auto clip = ClipReader::open(out.toStdString());
        QVERIFY(clip.ok());
        QCOMPARE((*clip)->info().frames(), answer.json["frames"].get<int>());
        QVERIFY(std::abs(answer.json["seconds"].get<double>() - answer.json["frames"].get<int>() / 30.0) < 1e-6);
        QVERIFY(QFile::exists(QString::fromStdString(answer.json["captions"].get<std::string>())));
        // What is asked wrongly is said, and nothing is written.
        const QString none = dir_.filePath(QStringLiteral("none.mp4"));
        for (const auto& [more, word] : std::initializer_list<std::pair<QStringList, const char*>>{
                 {{"--out", none, "--cover", "everybody"}, "athlete, model, others or all"},
                 {{"--out", none, "--unsure", "maybe"}, "cover or stop"},
                 {{"--out", dir_.filePath(QStringLiteral("none.gif"))}, ".mp4 or .webm"}}) {
            const Answer wrong = with(more);
            QCOMPARE(wrong.code, 2);
            QVERIFY2(QString::fromStdString(wrong.json.dump()).contains(QLatin1String(word)), word);
        }
        film[7] = QStringLiteral("999999");
        QCOMPARE(with({"--out", none}).code, 2);
        // Without a consent nothing leaves.
        film[7] = QStringLiteral("1");
        {
            const auto opened = Library::open(library);
            QVERIFY(opened.ok());
            Athlete athlete = (*opened)->loadCase(CaseId{1})->athlete;
            athlete.consentGiven = {};
            QVERIFY((*opened)
                        ->change(QStringLiteral("No consent"), [&](Edit& edit) { return edit.setAthlete(athlete); })
                        .ok());
        }
        const Answer refused = with({"--out", none});
        QCOMPARE(refused.code, 2);
        QVERIFY(QString::fromStdString(refused.json.dump()).contains(QStringLiteral("consent")));
        QVERIFY(!QFile::exists(none));
    }
};

QTEST_GUILESS_MAIN(TestCliWork)
#include "tst_cli_work.moc"
