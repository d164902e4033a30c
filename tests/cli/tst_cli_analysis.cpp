// The commands that need no clip and no library, as scripts see them: events, retest, smooth, reliability,
// plan-capture.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/command_line.h"
#include "support/files.h"

#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {
const QString kWorked = QStringLiteral(TEST_DATA "/worked_assess/");
} // namespace

class TestCliAnalysis : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    QString file(const QString& name, const QByteArray& content) const {
        QFile out(dir_.filePath(name));
        if (out.open(QIODevice::WriteOnly))
            out.write(content);
        return out.fileName();
    }
    static QByteArray read(const QString& path) {
        QFile in(path);
        return in.open(QIODevice::ReadOnly) ? in.readAll() : QByteArray();
    }

private slots:
    void smoothingAgainstSciPy() {
        // filtfilt of a second-order Butterworth at 6 Hz itself: the cutoff whose design frequency is 6 Hz is given.
        const Json data = readJson(TEST_DATA "/filters.json");
        const std::vector<double> y = data["signal"]["x"];
        const double fs = data["signal"]["fs"], pi = std::numbers::pi;
        const double cutoff = fs / pi * std::atan(std::pow(std::sqrt(2.0) - 1, 0.25) * std::tan(pi * 6 / fs));
        QByteArray table = "time_s,value\n";
        for (std::size_t i = 0; i < y.size(); ++i)
            table += QByteArray::number(static_cast<double>(i) / fs, 'g', 17) + ',' +
                     QByteArray::number(y[i], 'g', 17) + '\n';
        const Answer answer = runCli({"smooth", file("S.csv", table), "--cutoff", QString::number(cutoff, 'g', 17)});
        QCOMPARE(answer.code, 0);
        QCOMPARE(answer.json["pad"].get<int>(), 9);
        const std::vector<double> ours = answer.json["values"], scipy = data["filtfilt_butter2_6Hz_default"]["y"];
        QCOMPARE(ours.size(), scipy.size());
        for (std::size_t i = 0; i < ours.size(); ++i)
            QVERIFY2(std::abs(ours[i] - scipy[i]) < 1e-9, qPrintable(QString::number(ours[i] - scipy[i])));
        QCOMPARE(answer.json["velocities"].size(), ours.size());
        const Answer chosen = runCli({"smooth", dir_.filePath("S.csv"), "--cutoff", "auto"});
        QVERIFY(chosen.json["cutoff_hz"].get<double>() >= 5);
    }
    void smoothingRefuses_data() {
        QTest::addColumn<QByteArray>("table");
        QTest::addColumn<QString>("cutoff");
        QTest::addColumn<QString>("where");
        QByteArray good = "time_s,value\n", gap = good, back = good;
        for (int i = 0; i < 20; ++i) {
            good += QByteArray::number(i * 0.02) + ",1\n";
            gap += QByteArray::number(i * 0.02 + (i > 9 ? 0.2 : 0)) + ",1\n";
            back += QByteArray::number(i == 9 ? 0.1 : i * 0.02) + ",1\n";
        }
        QTest::newRow("another header") << QByteArray("t,v\n1,2\n") << "6"
                                        << "S.csv:1";
        QTest::newRow("text for a number") << good + "x,1\n"
                                           << "6"
                                           << "S.csv:22";
        QTest::newRow("time goes back") << back << "6"
                                        << "S.csv:11";
        QTest::newRow("a gap") << gap << "6"
                               << "S.csv";
        QTest::newRow("too few") << QByteArray("time_s,value\n0,1\n0.1,2\n") << "6"
                                 << "S.csv";
        QTest::newRow("cutoff above 0.45 of the rate") << good << "23"
                                                       << "--cutoff";
        QTest::newRow("no cutoff") << good << "fast"
                                   << "--cutoff";
    }
    void smoothingRefuses() {
        QFETCH(QByteArray, table);
        QFETCH(QString, cutoff);
        QFETCH(QString, where);
        const Answer answer = runCli({"smooth", file("S.csv", table), "--cutoff", cutoff});
        QCOMPARE(answer.code, 2);
        QVERIFY2(QString::fromStdString(answer.json["error"]["where"].get<std::string>()).endsWith(where),
                 answer.json.dump().c_str());
        QCOMPARE(answer.messages.count(u'\n'), 1);
    }
    void reliabilityOfThePublishedTable() {
        // Shrout & Fleiss 1979, table 2: six targets, four judges.
        const Json table = readJson(TEST_DATA "/stats.json")["shrout_fleiss_1979"];
        QByteArray csv = "subject,rater,value\n";
        for (std::size_t s = 0; s < table["table"].size(); ++s)
            for (std::size_t r = 0; r < 4; ++r)
                csv += QByteArray::number(int(s)) + ',' + char('a' + int(r)) + ',' +
                       QByteArray::number(table["table"][s][r].get<double>()) + '\n';
        const Answer answer = runCli({"reliability", file("R.csv", csv)});
        QCOMPARE(answer.code, 0);
        const char* names[] = {"1,1", "2,1", "3,1", "1,k", "2,k", "3,k"};
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY2(std::abs(answer.json["icc"][names[i]].get<double>() - table["published"]["icc"][i].get<double>()) <
                         0.006,
                     names[i]);
        QVERIFY(std::abs(answer.json["typical_error"].get<double>() - 1.0097) < 1e-4);
        QVERIFY(std::abs(answer.json["sem"].get<double>() - 2.5028) < 1e-4);
        QVERIFY(std::abs(answer.json["mdc95"].get<double>() - 6.9373) < 1e-4);
        QVERIFY(answer.json["agreement"].is_null()); // only for two raters
        QCOMPARE(runCli({"reliability", file("R.csv", "subject,rater\n")}).code, 2);
    }
    void limitsOfAgreement() {
        // Bland & Altman 1986: peak flow by a large and a mini meter, first readings.
        const Json data = readJson(TEST_DATA "/stats.json")["bland_altman_1986_pefr"];
        QByteArray csv = "subject,rater,value\n";
        for (std::size_t i = 0; i < data["wright1"].size(); ++i)
            csv += QByteArray::number(int(i)) + ",wright," + QByteArray::number(data["wright1"][i].get<int>()) + '\n' +
                   QByteArray::number(int(i)) + ",mini," + QByteArray::number(data["mini1"][i].get<int>()) + '\n';
        const Json agreement = runCli({"reliability", file("R.csv", csv)}).json["agreement"];
        QVERIFY(std::abs(agreement["mean"].get<double>() + 2.1) < 0.05);
        QVERIFY(std::abs(agreement["sd"].get<double>() - 38.8) < 0.05);
        QVERIFY(std::abs(agreement["low"].get<double>() + 79.7) < 0.1);
        QVERIFY(std::abs(agreement["high"].get<double>() - 75.5) < 0.1);
    }
    void retestOfTwoAnswers() {
        const QStringList files = {"assess",
                                   "--pack",
                                   kWorked + "pack.json",
                                   "--landmarks",
                                   kWorked + "landmarks.csv",
                                   "--events",
                                   kWorked + "events.csv"};
        const Answer assessed = runCli(files);
        QCOMPARE(assessed.code, 0);
        const QString before = file("B.json", QByteArray::fromStdString(assessed.json.dump()));
        // The same set again: nothing changed, every fault stayed.
        const Answer same = runCli({"retest", "--before", before, "--after", before});
        QCOMPARE(same.code, 0);
        QCOMPARE(same.json["measures"].size(), assessed.json["deviations"].size());
        for (const Json& measure : same.json["measures"]) {
            QCOMPARE(measure["change"].get<double>(), 0.0);
            QCOMPARE(measure["verdict"].get<std::string>(), "no_clear_change");
            QVERIFY(measure["comparable"].get<bool>());
        }
        for (const Json& fault : same.json["faults"])
            QCOMPARE(fault["verdict"].get<std::string>(), "stayed");
        // From another view the change is printed and not judged.
        Json other = assessed.json;
        other["view"] = "front";
        const Answer turned =
            runCli({"retest", "--before", before, "--after", file("A.json", QByteArray::fromStdString(other.dump()))});
        QCOMPARE(turned.json["measures"][0]["verdict"].get<std::string>(), "not_comparable");
        QCOMPARE(turned.json["measures"][0]["reason"].get<std::string>(), "view");
        // The camera's place goes with the answer, by a switch or by the trial, and a retest says where it changed.
        const auto placed = [&](const QStringList& more) { return runCli(files + more); };
        const Answer low = placed({"--camera-height", "0.9", "--camera-distance", "5"});
        QCOMPARE(low.json["camera"]["height_m"].get<double>(), 0.9);
        const QString trial = QString::fromStdString(low.json["measures"]["trials"][0]["trial"].get<std::string>());
        const Answer high =
            placed({"--athlete",
                    file("place.json",
                         QStringLiteral("{\"trials\": {\"%1\": {\"camera_height\": 1.5}}}").arg(trial).toUtf8())});
        QCOMPARE(high.json["camera"]["height_m"].get<double>(), 1.5);
        const Answer moved = runCli({"retest", "--before", file("low.json", QByteArray::fromStdString(low.json.dump())),
                                     "--after", file("high.json", QByteArray::fromStdString([&] {
                                                         Json far = low.json;
                                                         far["camera"] = {{"height_m", 1.5}, {"distance_m", 8}};
                                                         return far.dump();
                                                     }()))});
        QCOMPARE(moved.json["notes"].size(), 2U);
        QCOMPARE(moved.json["notes"][0]["note"].get<std::string>(), std::string("camera_height"));
        QCOMPARE(moved.json["notes"][1]["text"].get<std::string>(),
                 std::string("the camera stood 5.0 m away, then 8.0 m"));
        for (const char* bad : {"-1", "101", "low"})
            QCOMPARE(placed({"--camera-height", bad}).code, 2);
        QCOMPARE(runCli({"retest", "--before", before, "--after", file("A.json", "{}")}).code, 2);
        QCOMPARE(runCli({"retest", "--before", before}).code, 2);
    }
    void eventsOfTheDemo() {
        const QString library = dir_.filePath("demo"), tables = dir_.filePath("tables");
        QCOMPARE(demoInto(library), 0);
        QCOMPARE(
            runCli({"tables", library, "--case", "1", "--out", tables, "--session", "2026-11-03", "--stress", "calm"})
                .code,
            0);
        // The first repetition is the example; the others' own marks are what the proposals are held against.
        QByteArray example;
        QMap<QString, double> truth;
        for (const QByteArray& line : read(tables + "/events.csv").split('\n')) {
            const QList<QByteArray> cells = line.split(',');
            if (cells.size() < 4)
                continue;
            if (cells[0] == "trial" || cells[0] == "1")
                example += line + '\n';
            else
                truth[cells[0] + '/' + cells[1]] = cells[2].toDouble();
        }
        const QStringList common = {"events",
                                    "--pack",
                                    tables + "/pack.json",
                                    "--landmarks",
                                    tables + "/landmarks.csv",
                                    "--athlete",
                                    tables + "/athlete.json"};
        const QString out = dir_.filePath("P.csv");
        const Answer answer = runCli(common + QStringList{"--example", file("E.csv", example), "--out", out});
        QVERIFY2(answer.code == 0, qPrintable(answer.messages));
        QCOMPARE(answer.json["trials"].size(), 7U);
        int near = 0, all = 0;
        for (const Json& trial : answer.json["trials"])
            for (const Json& event : trial["events"]) {
                const QString key =
                    QString::fromStdString(trial["trial"].get<std::string>() + "/" + event["event"].get<std::string>());
                QVERIFY(truth.contains(key));
                near += std::abs(event["time_s"].get<double>() - truth[key]) <= 2 / 60.0 + 1e-9;
                ++all;
                QVERIFY(event["u_s"].get<double>() > 0.004);
                QVERIFY(event["by"] == "rule" || event["by"] == "transfer");
            }
        QVERIFY(all >= 34);
        QVERIFY2(near >= 0.7 * all, qPrintable(QString("%1 of %2").arg(near).arg(all)));
        // What was written can be measured.
        const Answer measured =
            runCli({"measure", "--pack", tables + "/pack.json", "--landmarks", tables + "/landmarks.csv", "--events",
                    out, "--athlete", tables + "/athlete.json"});
        QVERIFY2(measured.code == 0, qPrintable(measured.messages));
        QVERIFY(measured.json["trials"][3]["measures"].size() > 8);
    }
    void aRecordingIsCutFirst() {
        // One trial, no example: from movement to rest, and only events with a rule.
        QByteArray landmarks = "trial,frame,time_s,landmark,x_px,y_px,sigma_px,source\n";
        for (int frame = 0; frame < 300; ++frame) {
            const double t = frame / 60.0, x = std::clamp((std::fmod(t, 2.5) - 0.8) / 1.2, 0.0, 1.0);
            const double bend = 50 * (1 - std::cos(2 * std::numbers::pi * x));
            const auto row = [&](const char* name, double px, double py) {
                landmarks += "1," + QByteArray::number(frame) + ',' + QByteArray::number(t, 'f', 6) + ',' + name + ',' +
                             QByteArray::number(px, 'f', 3) + ',' + QByteArray::number(py, 'f', 3) + ",1,\n";
            };
            row("right_hip", 300, 200);
            row("right_knee", 300, 300);
            row("right_ankle", 300 - 100 * std::sin(bend / 57.3), 300 + 100 * std::cos(bend / 57.3));
        }
        const QString pack = file(
            "P.json",
            R"({"format": "riflesso-skill-pack", "version": 1, "id": "t", "edition": "1", "title": "T", "family": "discrete",
            "views": ["side"], "sources": {}, "roles": {"lead": "dominant"}, "marked": ["hip@lead", "knee@lead", "ankle@lead"],
            "events": [{"id": "bends", "title": "Bends", "hint": "?", "suggest": {"signal": {"kind": "flexion", "joint": "knee", "points": ["hip@lead", "knee@lead", "ankle@lead"]}, "feature": "rise", "level": 50}},
                       {"id": "free", "title": "Free", "hint": "?"}], "measures": []})");
        const Answer answer = runCli({"events", "--pack", pack, "--landmarks", file("L.csv", landmarks)});
        QVERIFY2(answer.code == 0, qPrintable(answer.messages));
        QCOMPARE(answer.json["repetitions"].size(), 2U);
        QCOMPARE(answer.json["trials"].size(), 2U);
        for (std::size_t i = 0; i < 2; ++i) {
            const Json& trial = answer.json["trials"][i];
            QCOMPARE(trial["events"].size(), 1U);
            QVERIFY(std::abs(trial["events"][0]["time_s"].get<double>() - (1.1 + 2.5 * double(i))) <
                    0.03); // a quarter of the way
            QCOMPARE(trial["not_found"][0]["event"].get<std::string>(), "free");
        }
    }
    void aModelFileJudgesLikeItsTrials() {
        const QStringList set = {"--pack",   kWorked + "pack.json", "--landmarks", kWorked + "landmarks.csv",
                                 "--events", kWorked + "events.csv"};
        const QString out = dir_.filePath("M.json");
        const Answer made = runCli(QStringList{"model"} + set +
                                   QStringList{"--title", "Made up", "--source", "for a test", "--out", out});
        QVERIFY2(made.code == 0, qPrintable(made.messages));
        QCOMPARE(made.json["trials"].get<int>(), 4);
        const Answer byFile = runCli(QStringList{"assess"} + set + QStringList{"--model", out});
        const Answer byTrials = runCli(
            QStringList{"assess"} + set +
            QStringList{"--model-landmarks", kWorked + "landmarks.csv", "--model-events", kWorked + "events.csv"});
        QVERIFY2(byFile.code == 0, qPrintable(byFile.messages));
        QCOMPARE(byFile.json["deviations"].dump(), byTrials.json["deviations"].dump());
        QCOMPARE(byFile.json["deviations"][0]["reference"].get<std::string>(), std::string("model"));
        QCOMPARE(runCli(QStringList{"model"} + set + QStringList{"--title", "No source", "--out", out}).code, 2);
        // A model of another pack is refused, by name.
        QByteArray other = read(out);
        other.replace("\"id\": \"", "\"id\": \"x");
        const Answer refused = runCli(QStringList{"assess"} + set + QStringList{"--model", file("N.json", other)});
        QCOMPARE(refused.code, 2);
        QVERIFY(
            QString::fromStdString(refused.json["error"]["where"].get<std::string>()).endsWith("N.json: $.pack.id"));
    }
    void choicesChangeTheAnswer() {
        const QStringList set = {"assess",
                                 "--pack",
                                 kWorked + "pack.json",
                                 "--landmarks",
                                 kWorked + "landmarks.csv",
                                 "--events",
                                 kWorked + "events.csv"};
        const Answer plain = runCli(set);
        const QString choices = file(
            "C.json", R"({"overrides":[{"fault":"late_arm","term":"effect","value":0,"reason":"she scores anyway"}],
            "targets":[{"measure":"knee_down","low":0,"high":170,"source":"coach"}],"own_best":["4"]})");
        const Answer chosen = runCli(set + QStringList{"--choices", choices});
        QVERIFY2(chosen.code == 0, qPrintable(chosen.messages));
        QCOMPARE(plain.json["measures"]["trials"].size(), 4U);
        QCOMPARE(chosen.json["measures"]["trials"].size(), 3U);
        for (const Json& set : chosen.json["deviations"])
            QCOMPARE(set["reference"].get<std::string>(),
                     std::string(set["measure"] == "knee_down" ? "target" : "model"));
        QVERIFY(plain.json["filming_list"].is_array());
        for (const Json& finding : chosen.json["findings"])
            if (finding["fault"] == "late_arm") {
                QCOMPARE(finding["score"].get<double>(), 0.0);
                QCOMPARE(finding["overridden"][0]["reason"].get<std::string>(), std::string("she scores anyway"));
            }
        const Answer wrong = runCli(set + QStringList{"--choices", file("D.json", R"({"own_best":["99"]})")});
        QCOMPARE(wrong.code, 2);
        QVERIFY(QString::fromStdString(wrong.json["error"]["where"].get<std::string>()).endsWith("D.json: $.own_best"));
    }
    void aPlaneGivesMetres() {
        const QString pack = file(
            "plane-pack.json",
            R"({"format": "riflesso-skill-pack", "version": 1, "id": "t", "edition": "1", "title": "T", "family": "discrete",
            "views": ["side"], "sources": {"t": "t"}, "roles": {"lead": "dominant"}, "marked": ["hip@lead", "knee@lead"],
            "events": [{"id": "go", "title": "Go", "hint": "?"}, {"id": "on", "title": "On", "hint": "?"}],
            "measures": [{"id": "thigh", "title": "Thigh", "kind": "distance", "points": ["hip@lead", "knee@lead"], "in": "m", "at": "go", "unit": "m", "tolerance": 0.1, "source": "t"}]})");
        const QString landmarks = file("plane-L.csv", "trial,frame,time_s,landmark,x_px,y_px,sigma_px,source\n1,0,0,"
                                                      "right_hip,300,200,1,\n1,0,0,right_knee,300,300,1,\n");
        const QString events = file("plane-E.csv", "trial,event,time_s,frame\n1,go,0,0\n1,on,0.1,6\n");
        // A pixel is half a centimetre.
        const QString points =
            file("plane.csv", "x_px,y_px,x_m,y_m\n0,400,0,0\n800,400,4,0\n800,0,4,2\n0,0,0,2\n400,200,2,1\n");
        const QStringList set = {"measure", "--pack", pack, "--landmarks", landmarks, "--events", events};
        const Answer answer = runCli(set + QStringList{"--plane", points});
        QVERIFY2(answer.code == 0, qPrintable(answer.messages));
        const Json& thigh = answer.json["trials"][0]["measures"]["thigh"];
        QVERIFY(std::abs(thigh["value"].get<double>() - 0.5) < 1e-9);
        QVERIFY(thigh["u"].get<double>() > 0.005 * std::sqrt(2.0)); // two marks, and the plane's own
        QVERIFY(!runCli(set).json["trials"][0]["measures"]["thigh"]["valid"].get<bool>());
        QCOMPARE(runCli(set + QStringList{"--plane", points, "--scale", "0.01"}).code, 2);
        QCOMPARE(runCli(set + QStringList{"--plane", points, "--plane-of", "wall"}).code, 2);
        const Answer line = runCli(
            set + QStringList{"--plane", file("line.csv", "x_px,y_px,x_m,y_m\n0,0,0,0\n1,1,1,1\n2,2,2,2\n3,3,3,3\n")});
        QCOMPARE(line.code, 2);
        const QString lens = file("lens.json", R"({"fx":800,"fy":800,"cx":400,"cy":200,"k1":-0.3})");
        const Answer bent = runCli(set + QStringList{"--plane", points, "--lens", lens});
        QVERIFY(bent.json["trials"][0]["measures"]["thigh"]["value"].get<double>() > 0.504); // 0.5048 by hand
    }
    void countsWithoutMarks() {
        const QString laps = file("laps.csv", "distance_m,time_s,cycles\n25,20,15\n25,22,16\n");
        const Answer answer = runCli({"laps", laps, "--count", "sides"});
        QCOMPARE(answer.code, 0);
        QCOMPARE(answer.json["laps"][0]["rate_per_minute"]["value"].get<double>(), 45.0);
        QCOMPARE(answer.json["whole"]["per"].get<std::string>(), std::string("side"));
        QCOMPARE(runCli({"laps", laps, "--count", "arms"}).code, 2);
        const Answer taps = runCli({"taps", file("taps.csv", "time_s\n0\n1.5\n3\n4.5\n")});
        QCOMPARE(taps.json["rate_per_minute"]["value"].get<double>(), 40.0);
        QCOMPARE(taps.json["by_the_other_count"]["value"].get<double>(), 80.0);
        QCOMPARE(runCli({"taps", file("taps2.csv", "time_s\n0\n1\n1\n")}).code, 2);
    }
    void twoSittingsAreCompared() {
        QByteArray pack = read(kWorked + "pack.json");
        Json json = jsonOf(pack.toStdString());
        json["observations"] = jsonOf(R"([{"id":"eyes","title":"Eyes","ask":"?"}])");
        const QString withEyes = file("eyes.json", QByteArray::fromStdString(json.dump()));
        QByteArray first = "trial,observation,value\n", second = first;
        const char* one[] = {"yes", "no", "yes", "no"};
        const char* two[] = {"no", "yes", "yes", "no"};
        for (int i = 0; i < 4; ++i) {
            first += QByteArray::number(i + 1) + ",eyes," + one[i] + "\n";
            second += QByteArray::number(i + 1) + ",eyes," + two[i] + "\n";
        }
        const Answer answer = runCli({"assess", "--pack", withEyes, "--landmarks", kWorked + "landmarks.csv",
                                      "--events", kWorked + "events.csv", "--observations", file("O.csv", first),
                                      "--observations-again", file("O2.csv", second)});
        QVERIFY2(answer.code == 0, qPrintable(answer.messages));
        QVERIFY(std::abs(answer.json["kappas"]["eyes"].get<double>()) < 1e-12); // half alike, as chance would have it
    }
    void planningACapture() {
        const Answer answer =
            runCli({"plan-capture", "--width", "1920", "--height", "1080", "--fps", "60", "--field-width", "4.8",
                    "--exposure", "0.002", "--speed", "5", "--angle", "120", "--bearing", "20"});
        QCOMPARE(answer.code, 0);
        QCOMPARE(answer.json["pixels_per_metre"].get<double>(), 400.0);
        QCOMPARE(answer.json["blur_px"].get<double>(), 4.0);
        // 120 degrees seen 20 degrees off lies anywhere in 116.9 to 123.0 (over all postures).
        QVERIFY(std::abs(answer.json["angle"]["seen_low_deg"].get<double>() - 116.9) < 0.1);
        QVERIFY(std::abs(answer.json["angle"]["seen_high_deg"].get<double>() - 123.0) < 0.1);
        QVERIFY(answer.json["advice"].is_array());
        QCOMPARE(runCli({"plan-capture", "--bearing", "90"}).code, 2);
        QCOMPARE(runCli({"plan-capture", "--fps", "none"}).code, 2);
        QCOMPARE(runCli({"plan-capture", "--lens", "wide"}).code, 2);
    }
};

QTEST_GUILESS_MAIN(TestCliAnalysis)
#include "tst_cli_analysis.moc"
