// The command line as scripts see it: one JSON object on standard output, messages elsewhere, exit codes.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/command_line.h"
#include "support/files.h"

#include <QImage>
#include <QTemporaryDir>
#include <QtTest>

#include <QRegularExpression>
#include <QStringDecoder>

using namespace riflesso;
using namespace riflesso::test;

namespace {
const QString kWorked = QStringLiteral(TEST_DATA "/worked_assess/");

QStringList words(const char* text) { return QString::fromUtf8(text).split(u' '); }
} // namespace

namespace {
QByteArray readAll(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}
} // namespace

class TestCli : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    QString file(const QString& name, const QByteArray& content) const {
        QFile out(dir_.filePath(name));
        if (out.open(QIODevice::WriteOnly))
            out.write(content);
        return out.fileName();
    }

    struct Printed {
        int code = -1;
        QByteArray out, messages;
    };
    static Printed printed(const QString& program, const QStringList& arguments) {
        QProcess process;
        process.start(QStringLiteral(PROGRAMS "/") + program, arguments);
        if (!process.waitForFinished(30000))
            return {};
        return {process.exitCode(), process.readAllStandardOutput(), process.readAllStandardError()};
    }

private slots:
    void helpAndVersion() {
        for (const QString& program : {QStringLiteral("riflesso-cli"), QStringLiteral("riflesso")}) {
            const Printed version = printed(program, {QStringLiteral("--version")});
            QCOMPARE(version.code, 0);
            QVERIFY2(version.out.startsWith(program.toUtf8() + " 0."), version.out.constData());
            const Printed help = printed(program, {QStringLiteral("--help")});
            QCOMPARE(help.code, 0);
            QVERIFY(help.out.startsWith("usage: " + program.toUtf8()));
        }
        // Every command the list names tells its switches, and each of the switches is one.
        static const QRegularExpression command(QStringLiteral("^  ([a-z-]+) +\\S"),
                                                QRegularExpression::MultilineOption);
        static const QRegularExpression option(QStringLiteral("--([a-z-]+)"));
        auto each = command.globalMatch(
            QString::fromUtf8(printed(QStringLiteral("riflesso-cli"), {QStringLiteral("--help")}).out));
        int commands = 0;
        while (each.hasNext()) {
            const QString name = each.next().captured(1);
            const Printed help = printed(QStringLiteral("riflesso-cli"), {name, QStringLiteral("--help")});
            QCOMPARE(help.code, 0);
            QVERIFY2(help.out.startsWith("usage: riflesso-cli " + name.toUtf8()), help.out.constData());
            const QByteArray usage = help.out.left(help.out.indexOf('\n'));
            const Answer wrong = runCli({name, QStringLiteral("--no-such-switch"), QStringLiteral("1")});
            QCOMPARE(wrong.code, 2);
            auto told = option.globalMatch(QString::fromUtf8(usage));
            while (told.hasNext()) {
                const QString known = told.next().captured(0);
                QVERIFY2(wrong.messages.contains(known), qPrintable(name + u' ' + known + u' ' + wrong.messages));
            }
            ++commands;
        }
        QVERIFY2(commands >= 23, qPrintable(QString::number(commands)));
        const Printed wrong =
            printed(QStringLiteral("riflesso"), {QStringLiteral("--theme"), QStringLiteral("purple")});
        QCOMPARE(wrong.code, 2);
        QVERIFY(wrong.messages.contains("light or dark, got purple"));
    }
    void switchesAreStrict() {
        const auto said = [](const QStringList& words) { return runCli(words).messages; };
        const QString reps = QStringLiteral("--reps");
        QVERIFY(said({QStringLiteral("rung"), reps, QStringLiteral("9/12"), reps, QStringLiteral("9/12")})
                    .contains(QStringLiteral("once")));
        QVERIFY(said({QStringLiteral("rung"), reps}).contains(QStringLiteral("a value after --reps")));
        QCOMPARE(runCli({QStringLiteral("rung"), QStringLiteral("--reps=9/12")}).code, 0);
        QCOMPARE(runCli({QStringLiteral("rung"), reps, QStringLiteral("9/12"), QStringLiteral("-v")}).code, 2);
    }
    /// Whatever the input holds, messages can be read: UTF-8 on standard error, JSON on standard output.
    void messagesAreUtf8() {
        const QByteArray wrong = QByteArray("trial,frame,time_s,landmark,x_px,y_px\n1,0,0,left_knee,\xff\xfe\xc3(,2\n");
        const Printed said =
            printed(QStringLiteral("riflesso-cli"),
                    {QStringLiteral("track"), QStringLiteral(DEMO_CLIPS "/ilka_baseline.mp4"), QStringLiteral("--from"),
                     QStringLiteral("1"), QStringLiteral("--to"), QStringLiteral("2"), QStringLiteral("--points"),
                     file(QStringLiteral("wrong.csv"), wrong)});
        QCOMPARE(said.code, 2);
        QVERIFY(said.messages.contains("wrong.csv"));
        for (const QByteArray& bytes : {said.messages, said.out}) {
            QStringDecoder utf8(QStringDecoder::Utf8);
            const QString text = utf8(bytes);
            QVERIFY(!text.isEmpty() && !utf8.hasError());
        }
        // A long text is cut between characters.
        const Answer pack =
            runCli({QStringLiteral("pack"), QStringLiteral("check"),
                    file(QStringLiteral("pack.json"),
                         "{\"id\": [\"" + QByteArray("x") + QByteArray("\xc3\xa9").repeated(80) + "\"]}")});
        QCOMPARE(pack.code, 2);
        QVERIFY(!QString::fromStdString(pack.json.dump()).contains(QChar::ReplacementCharacter));
    }
    void trackAndPropose() {
        // Shapes as scripts rely on them; how good the places are is tests/media's matter.
        const QString clip = QStringLiteral(DEMO_CLIPS "/ilka_baseline.mp4");
        const Json truth = readJson(DEMO_CLIPS "/ilka_baseline.truth.json")["landmarks_px"];
        const auto at = [&](const char* landmark, std::size_t frame) {
            return QByteArray::number(truth[landmark][frame][0].get<double>()) + ',' +
                   QByteArray::number(truth[landmark][frame][1].get<double>());
        };
        const QString points =
            file(QStringLiteral("points.csv"), "landmark,x_px,y_px,frame,sigma_px\nleft_toe," + at("left_toe", 40) +
                                                   ",,0.2\nleft_toe," + at("left_toe", 44) + ",44,0.2\n");
        const QString out = dir_.filePath(QStringLiteral("tracked.csv"));
        const Answer tracked = runCli({QStringLiteral("track"), clip, QStringLiteral("--from"), QStringLiteral("40"),
                                       QStringLiteral("--to"), QStringLiteral("44"), QStringLiteral("--points"), points,
                                       QStringLiteral("--out"), out});
        QCOMPARE(tracked.code, 0);
        const Json& path = tracked.json["points"][0];
        QCOMPARE(path["landmark"].get<std::string>(), std::string("left_toe"));
        QCOMPARE(path["frames"].size(), std::size_t(5));
        QCOMPARE(path["frames"][2]["frame"].get<int>(), 42);
        QCOMPARE(path["frames"][2]["status"].get<std::string>(), std::string("tracked"));
        QVERIFY(std::abs(path["frames"][2]["x_px"].get<double>() - truth["left_toe"][42][0].get<double>()) < 2);
        QVERIFY(path["frames"][2]["sigma_px"].get<double>() > 0);
        // What comes out goes in again.
        QFile table(out);
        QVERIFY(table.open(QIODevice::ReadOnly));
        QVERIFY(table.readAll().startsWith("trial,frame,time_s,landmark,x_px,y_px,sigma_px,source\n"));
        const Answer again = runCli({QStringLiteral("track"), clip, QStringLiteral("--from"), QStringLiteral("40"),
                                     QStringLiteral("--to"), QStringLiteral("41"), QStringLiteral("--points"), out});
        QCOMPARE(again.code, 0);

        const Answer proposed = runCli({QStringLiteral("propose"), clip, QStringLiteral("--from"), QStringLiteral("40"),
                                        QStringLiteral("--to"), QStringLiteral("41")});
        QCOMPARE(proposed.code, 0);
        QCOMPARE(proposed.json["points"].size(), std::size_t(21)); // 17 joints, heels, toes
        const Json& point = proposed.json["points"][0]["frames"][0];
        for (const char* key : {"frame", "x_px", "y_px", "sigma_px", "confidence"})
            QVERIFY2(point[key].is_number(), key);
        for (const QStringList& bad :
             {QStringList{QStringLiteral("--from"), QStringLiteral("40"), QStringLiteral("--to"), QStringLiteral("39")},
              {QStringLiteral("--from"), QStringLiteral("40"), QStringLiteral("--to"), QStringLiteral("99999")},
              {QStringLiteral("--from"), QStringLiteral("40")},
              {QStringLiteral("--from"), QStringLiteral("0"), QStringLiteral("--to"), QStringLiteral("1"),
               QStringLiteral("--box"), QStringLiteral("1,2,3")}}) {
            const Answer answer = runCli(QStringList{QStringLiteral("propose"), clip} + bad);
            QVERIFY2(answer.code == 2 && answer.json["error"]["expected"].is_string(), qPrintable(bad.join(u' ')));
        }
        const QString broken = file(QStringLiteral("broken.csv"), "landmark,x_px,y_px\ntip,1,x\n");
        const Answer answer = runCli({QStringLiteral("track"), clip, QStringLiteral("--from"), QStringLiteral("0"),
                                      QStringLiteral("--to"), QStringLiteral("1"), QStringLiteral("--points"), broken});
        QCOMPARE(answer.code, 2);
        QVERIFY(answer.json["error"]["where"].get<std::string>().ends_with("broken.csv:2"));
    }
    void aCaseOutAndIn() {
        const QString library = dir_.filePath(QStringLiteral("lib")), zip = dir_.filePath(QStringLiteral("c.zip")),
                      other = dir_.filePath(QStringLiteral("other"));
        QCOMPARE(demoInto(library), 0);
        const Answer out = runCli({QStringLiteral("export"), library, QStringLiteral("--case"), QStringLiteral("1"),
                                   QStringLiteral("--out"), zip});
        QCOMPARE(out.code, 0);
        QCOMPARE(out.json["clips"].get<int>(), 5);
        QCOMPARE(out.json["clips_left_out"].get<int>(), 0);
        const Answer shown =
            runCli({QStringLiteral("import"), other, zip, QStringLiteral("--only-show"), QStringLiteral("yes")});
        QCOMPARE(shown.code, 0);
        QVERIFY(shown.json["case"].is_null());
        QCOMPARE(runCli({QStringLiteral("verify"), other}).json["cases"].get<int>(), 0);
        const Answer in = runCli({QStringLiteral("import"), other, zip});
        QCOMPARE(in.code, 0);
        QCOMPARE(in.json["athlete_known"].get<bool>(), false);
        QCOMPARE(out.json["state_kept"].get<bool>(), true);
        // The copy comes back: it is the case that is here, and nothing is new in it.
        const QString back = dir_.filePath(QStringLiteral("back.riflesso"));
        QCOMPARE(runCli({QStringLiteral("export"), other, QStringLiteral("--case"), QStringLiteral("1"),
                         QStringLiteral("--out"), back})
                     .code,
                 0);
        const Answer together =
            runCli({QStringLiteral("import"), library, back, QStringLiteral("--together"), QStringLiteral("ask")});
        QCOMPARE(together.code, 0);
        QCOMPARE(together.json["case"].get<int>(), 1);
        QVERIFY(together.json["together"]["done"].get<bool>() &&
                together.json["together"]["state_before_known"].get<bool>());
        QVERIFY(together.json["together"]["from_there"].empty() && together.json["together"]["questions"].empty());
        QCOMPARE(runCli({QStringLiteral("verify"), library}).json["cases"].get<int>(), 6);
        for (const QString id : {"2", "3", "4", "5", "6"}) { // the other cases of the demo
            const QString next = dir_.filePath(id + QStringLiteral(".zip"));
            QCOMPARE(
                runCli({QStringLiteral("export"), library, QStringLiteral("--case"), id, QStringLiteral("--out"), next})
                    .code,
                0);
            QCOMPARE(runCli({QStringLiteral("import"), other, next}).code, 0);
        }
        const Json before = runCli({QStringLiteral("verify"), library}).json,
                   after = runCli({QStringLiteral("verify"), other}).json;
        QCOMPARE(after.dump(), before.dump()); // as many of everything, and every clip with its hash
        QVERIFY(after["ok"].get<bool>());
        const QString second = dir_.filePath(QStringLiteral("second"));
        const Json copied = runCli({QStringLiteral("copy"), library, second}).json;
        QCOMPARE(copied["new_bytes"].get<qint64>(), copied["bytes"].get<qint64>());
        QVERIFY(copied["left_out"].empty());
        QCOMPARE(runCli({QStringLiteral("verify"), second}).json.dump(), before.dump());
        QCOMPARE(runCli({QStringLiteral("copy"), library, second}).json["new_files"].get<int>(), 0);
        QCOMPARE(runCli({QStringLiteral("copy"), other, second}).code, 2);
        QCOMPARE(runCli({QStringLiteral("import"), other, library + QStringLiteral("/library.sqlite")}).code, 2);
        QCOMPARE(runCli({QStringLiteral("export"), library, QStringLiteral("--case"), QStringLiteral("9"),
                         QStringLiteral("--out"), zip})
                     .code,
                 2);
    }
    void rungs() {
        const Answer nine = runCli(words("rung --reps 9/12"));
        QCOMPARE(nine.code, 0);
        QCOMPARE(nine.json["verdict"].get<std::string>(), std::string("advance"));
        QCOMPARE(nine.json["confirm"].get<bool>(), true);
        QVERIFY(std::abs(nine.json["interval"]["low"].get<double>() - 0.566676) < 1e-6);
        QVERIFY(runCli(words("rung --reps 0/0")).json["share"].is_null());
        QCOMPARE(runCli(words("rung --reps 5/6 --window 6")).json["more_wanted"].get<int>(), 0);
        for (const char* bad : {"rung --reps 13/12", "rung --reps 9", "rung --reps 9/12x", "rung --reps -1/3", "rung",
                                "rung --reps 1/2 --window 0", "rung --repetitions 1/2", "rung --reps 1/2 --reps 1/2"}) {
            const Answer answer = runCli(words(bad));
            QVERIFY2(answer.code == 2, bad);
            QVERIFY2(answer.json["error"]["expected"].is_string(), bad);
            QVERIFY(answer.messages.startsWith(QStringLiteral("riflesso-cli: ")));
        }
    }
    void assessAndMeasure() {
        const QStringList files = {QStringLiteral("--pack"),  kWorked + "pack.json",      QStringLiteral("--landmarks"),
                                   kWorked + "landmarks.csv", QStringLiteral("--events"), kWorked + "events.csv"};
        const Answer answer = runCli(QStringList{QStringLiteral("assess")} + files +
                                     words("--handedness right --facing right --view side --school ground"));
        QCOMPARE(answer.code, 0);
        QCOMPARE(answer.json["school"].get<std::string>(), std::string("ground"));
        QCOMPARE(answer.json["prescription"]["focus"][0]["fault"].get<std::string>(), std::string("deep_knee"));
        // Where the camera stood was not given: exactly square, and said.
        QCOMPARE(answer.json["assumed"].dump(), std::string(R"(["bearing"])"));
        const Answer measure = runCli(QStringList{QStringLiteral("measure")} + files);
        QCOMPARE(measure.json["trials"].size(), std::size_t(4));
        QCOMPARE(measure.json["assumed"].dump(), std::string(R"(["facing","handedness","view","bearing"])"));
        QVERIFY(measure.json["trials"][0]["measures"]["lean_down"]["reason"].is_null());
        QVERIFY(measure.json["set"]["measures"].is_object());
        // Slow motion divides times once: intervals shrink, angles stay.
        const Answer slow = runCli(QStringList{QStringLiteral("measure")} + files + words("--slow-motion 2"));
        QVERIFY(std::abs(slow.json["trials"][0]["measures"]["arm_before_foot"]["value"].get<double>() * 2 -
                         measure.json["trials"][0]["measures"]["arm_before_foot"]["value"].get<double>()) < 1e-9);
        // A model of ranges replaces the pack's for the measures it names.
        const QString model =
            file(QStringLiteral("M.json"),
                 R"({"ranges": [{"measure": "lean_down", "low": 0, "high": 30, "source": "coach"}]})");
        const Answer withModel =
            runCli(QStringList{QStringLiteral("assess")} + files + QStringList{QStringLiteral("--model"), model});
        QCOMPARE(withModel.json["deviations"][1]["reference"].get<std::string>(), std::string("file"));
        QCOMPARE(withModel.json["deviations"][1]["state"].get<std::string>(), std::string("within"));
        QCOMPARE(withModel.json["deviations"][0]["reference"].get<std::string>(), std::string("pack"));
        // The athlete as the model: no deviation from oneself.
        const Answer self = runCli(QStringList{QStringLiteral("assess")} + files +
                                   QStringList{QStringLiteral("--model-landmarks"), kWorked + "landmarks.csv",
                                               QStringLiteral("--model-events"), kWorked + "events.csv"});
        QCOMPARE(self.json["deviations"][0]["reference"].get<std::string>(), std::string("model"));
        QVERIFY(std::abs(self.json["deviations"][1]["deviation"].get<double>()) < 3);
    }
    void whereTheCameraStood() {
        const QStringList files = {QStringLiteral("--pack"),  kWorked + "pack.json",      QStringLiteral("--landmarks"),
                                   kWorked + "landmarks.csv", QStringLiteral("--events"), kWorked + "events.csv"};
        const auto measured = [&](const char* more) {
            return runCli(QStringList{QStringLiteral("measure")} + files + words(more))
                .json["trials"][0]["measures"]["lean_down"];
        };
        const Json square = measured("--bearing 0 --bearing-u 0"), oblique = measured("--bearing 30"),
                   sure = measured("--bearing 30 --bearing-u 0"), not_given = measured("");
        QCOMPARE(square.dump(), not_given.dump());
        QCOMPARE(oblique["validity"].get<std::string>(), std::string("corrected"));
        QVERIFY(oblique["u"].get<double>() > square["u"].get<double>());
        QVERIFY(oblique["view_u"].get<double>() > sure["view_u"].get<double>());
        QCOMPARE(oblique["value"].get<double>(), sure["value"].get<double>());
        const Json refused = measured("--bearing 75");
        QVERIFY(refused["value"].is_null());
        QCOMPARE(refused["validity"].get<std::string>(), std::string("refused"));
        for (const char* bad : {"--bearing 90", "--bearing -1", "--bearing-u 90"})
            QCOMPARE(runCli(QStringList{QStringLiteral("measure")} + files + words(bad)).code, 2);
    }
    void takesOfASkill() {
        QTemporaryDir folder;
        const auto simulated = [&](const char* how) {
            return runCli(QStringList{QStringLiteral("simulate")} + words(how) +
                          QStringList{QStringLiteral("--out"), folder.path()});
        };
        const Answer take =
            simulated("--pack riflesso.fencing-lunge --take trunk_tips --repetitions 4 --seed 5 --bearing 30");
        QCOMPARE(take.code, 0);
        QStringList assess = {QStringLiteral("assess"), QStringLiteral("--pack"),
                              QStringLiteral(PACKS "/fencing_lunge.json")};
        for (const char* table : {"landmarks", "events", "observations"})
            assess << QStringLiteral("--") + QLatin1String(table)
                   << QString::fromStdString(take.json[table].get<std::string>());
        for (const auto& entry : take.json["switches"].items())
            assess << QStringLiteral("--") + QString::fromStdString(entry.key())
                   << (entry.value().is_string() ? QString::fromStdString(entry.value().get<std::string>())
                                                 : QString::number(entry.value().get<double>()));
        const Answer said = runCli(assess);
        QCOMPARE(said.code, 0);
        QVERIFY(said.json["assumed"].empty());
        QCOMPARE(said.json["findings"][0]["fault"].get<std::string>(), std::string("trunk_tips"));
        QVERIFY(said.json["findings"][0]["present"].get<bool>());
        // The same again, to the byte; and what cannot be.
        const QByteArray before = readAll(folder.filePath(QStringLiteral("landmarks.csv")));
        QCOMPARE(
            simulated("--pack riflesso.fencing-lunge --take trunk_tips --repetitions 4 --seed 5 --bearing 30").code, 0);
        QCOMPARE(readAll(folder.filePath(QStringLiteral("landmarks.csv"))), before);
        const Answer cannot = simulated("--pack riflesso.archery-shot --take bow_leans");
        QCOMPARE(cannot.code, 2);
        QVERIFY(cannot.messages.contains(QStringLiteral("stands upright")));
        for (const char* bad :
             {"--pack riflesso.nothing", "--pack riflesso.fencing-lunge --take sneeze", "--take model",
              "--pack riflesso.fencing-lunge --bearing 81", "--pack riflesso.fencing-lunge --repetitions 0"})
            QVERIFY2(simulated(bad).code == 2, bad);
    }
    void aTakeIsDrawn() {
        QTemporaryDir folder;
        const QString picture = folder.filePath(QStringLiteral("serve.png"));
        const auto drawn = [&](const char* how) {
            return runCli(QStringList{QStringLiteral("simulate")} + words(how) +
                          QStringList{QStringLiteral("--out"), picture});
        };
        QCOMPARE(drawn("--pack riflesso.overhead-serve --picture load").code, 0);
        const QImage model(picture);
        QCOMPARE(model.size(), QSize(240, 180));
        QCOMPARE(drawn("--pack riflesso.overhead-serve --take elbow_low --picture load").code, 0);
        QVERIFY(QImage(picture) != model); // the fault is seen
        for (const char* bad : {"--picture load", "--pack riflesso.overhead-serve --picture lunch",
                                "--pack riflesso.overhead-serve --take sneeze --picture load",
                                "--pack riflesso.fencing-lunge --picture go"})
            QVERIFY2(drawn(bad).code == 2, bad);
    }
    void badTables_data() {
        QTest::addColumn<QStringList>("change");
        QTest::addColumn<QString>("where");
        const QString spoiled = file(QStringLiteral("E.csv"), "trial,event,time_s,frame\n1,go,abc,3\n");
        const QString packFile =
            file(QStringLiteral("P.json"), QByteArray::fromStdString(readText(TEST_DATA "/worked_assess/pack.json"))
                                               .replace("\"tolerance\": 5,", "\"tolerance\": 5, \"colour\": 1,"));
        QTest::newRow("wrong row") << QStringList{QStringLiteral("--events"), spoiled} << QStringLiteral("E.csv:2");
        QTest::newRow("wrong key in the pack")
            << QStringList{QStringLiteral("--pack"), packFile} << QStringLiteral("$.measures[1].colour");
        QTest::newRow("no such file") << QStringList{QStringLiteral("--landmarks"), QStringLiteral("/no/such.csv")}
                                      << QStringLiteral("/no/such.csv");
        QTest::newRow("view of no camera")
            << QStringList{QStringLiteral("--view"), QStringLiteral("below")} << QStringLiteral("--view");
        QTest::newRow("scale of zero") << QStringList{QStringLiteral("--scale"), QStringLiteral("0")}
                                       << QStringLiteral("--scale");
        QTest::newRow("cutoff too high") << QStringList{QStringLiteral("--cutoff"), QStringLiteral("40")}
                                         << QStringLiteral("--cutoff");
        QTest::newRow("unknown switch") << QStringList{QStringLiteral("--colour"), QStringLiteral("red")}
                                        << QStringLiteral("command line");
    }
    void badTables() {
        QFETCH(QStringList, change);
        QFETCH(QString, where);
        QMap<QString, QString> files = {{QStringLiteral("--pack"), kWorked + "pack.json"},
                                        {QStringLiteral("--landmarks"), kWorked + "landmarks.csv"},
                                        {QStringLiteral("--events"), kWorked + "events.csv"}};
        files[change[0]] = change[1];
        QStringList arguments = {QStringLiteral("measure")};
        for (auto it = files.begin(); it != files.end(); ++it)
            arguments << it.key() << it.value();
        const Answer answer = runCli(arguments);
        QCOMPARE(answer.code, 2);
        QVERIFY2(QString::fromStdString(answer.json["error"]["where"].get<std::string>()).contains(where),
                 answer.json.dump().c_str());
        QCOMPARE(answer.messages.count(u'\n'), 1); // one line of reason
    }
    void packsAreChecked() {
        const Answer good =
            runCli({QStringLiteral("pack"), QStringLiteral("check"), QStringLiteral(PACKS "/fencing_lunge.json")});
        QCOMPARE(good.code, 0);
        QCOMPARE(good.json["ok"].get<bool>(), true);
        const QString bad = file(QStringLiteral("bad.json"), R"({"format": "riflesso-skill-pack", "version": 1})");
        const Answer answer = runCli({QStringLiteral("pack"), QStringLiteral("check"), bad});
        QCOMPARE(answer.code, 2);
        QVERIFY(answer.json["faults"].size() > 5); // every fault, not the first
        QVERIFY(answer.json["faults"][0]["path"].get<std::string>().starts_with("$."));
        QCOMPARE(runCli(words("pack mend x.json")).code, 2);
    }
    void probesAndFrames() {
        const QString clip = QStringLiteral(DEMO_CLIPS "/instructors.mp4");
        const Answer probe = runCli({QStringLiteral("probe"), clip});
        QCOMPARE(probe.code, 0);
        QCOMPARE(probe.json["frames"].get<int>(), static_cast<int>(probe.json["times_s"].size()));
        QCOMPARE(probe.json["codec"].get<std::string>(), std::string("h264"));
        QCOMPARE(probe.json["stored"].dump(), std::string("[960,540]"));
        QVERIFY(!probe.json["has_sound"].get<bool>());
        QVERIFY(probe.json["gaps"].empty());
        const QString png = dir_.filePath(QStringLiteral("f.png"));
        const Answer frame = runCli({QStringLiteral("frame"), clip, QStringLiteral("--index"), QStringLiteral("60"),
                                     QStringLiteral("--out"), png});
        QCOMPARE(frame.code, 0);
        QVERIFY(std::abs(frame.json["time_s"].get<double>() - 1) < 1e-6);
        QVERIFY(QFileInfo(png).size() > 100000);
        QCOMPARE(runCli({QStringLiteral("frame"), clip, QStringLiteral("--index"), QStringLiteral("99999"),
                         QStringLiteral("--out"), png})
                     .code,
                 2);
        QCOMPARE(runCli({QStringLiteral("probe"), file(QStringLiteral("no.mp4"), "no clip")}).code, 2);
        QCOMPARE(runCli({QStringLiteral("probe"), file(QStringLiteral("empty.mp4"), {})})
                     .json["error"]["got"]
                     .get<std::string>(),
                 std::string("an empty file"));
    }
    void practiceAndProgress() {
        const QString folder = dir_.filePath(QStringLiteral("practice"));
        QCOMPARE(demoInto(folder), 0);
        const QString table = dir_.filePath(QStringLiteral("practice.csv"));
        const QStringList practice = {QStringLiteral("practice"), folder, QStringLiteral("--case"),
                                      QStringLiteral("1")};
        const Answer out = runCli(practice + QStringList{QStringLiteral("--out"), table});
        QCOMPARE(out.code, 0);
        QVERIFY(out.json["repetitions"].get<int>() > 200);
        QVERIFY(out.json["home_days"].get<int>() > 0);
        const QStringList take = practice + QStringList{QStringLiteral("--take"), table};
        QCOMPARE(runCli(take).json["taken"].get<int>(), 0); // all of it is there
        QFile file(table);
        QVERIFY(file.open(QIODevice::Append));
        for (int i = 1; i <= 12; ++i)
            file.write(QStringLiteral("2026-11-28,practice,900,18:00,18:09,late_arm,call_lunge,fed,Tip first,Coach,%1,"
                                      "%2,,,none,,,,,,\n")
                           .arg(i)
                           .arg(i == 7 ? 0 : 1)
                           .toUtf8());
        file.close();
        const auto progress = [&](const char* today) {
            return runCli({QStringLiteral("progress"), folder, QStringLiteral("--case"), QStringLiteral("1"),
                           QStringLiteral("--today"), QString::fromLatin1(today)});
        };
        const auto start = [](const Answer& answer) {
            return answer.json["start_here"][0]["drill"].get<std::string>();
        };
        QCOMPARE(start(progress("2026-11-29")), std::string("call_lunge"));
        QCOMPARE(runCli(take).json["taken"].get<int>(), 1);
        const Answer later = progress("2026-11-29");
        QCOMPARE(start(later), std::string("lamp_lunge")); // 11 of 12: the plan moved on
        QVERIFY(later.json["start_here"][0]["because"].get<std::string>().find("11 of 12") != std::string::npos);
        // Up to a day before, nothing of it is known.
        QCOMPARE(start(progress("2026-11-06")), std::string("hand_then_step"));
        QVERIFY(progress("2026-11-06").json["tests"].empty());
        QCOMPARE(later.json["tests"][0]["verdict"].get<std::string>(), std::string("learned"));
        for (const char* key :
             {"rungs", "charts", "breaks_first", "cues", "feedback_share", "felt", "home", "waits", "next"})
            QVERIFY2(later.json.contains(key), key);
        bool learning = false, measured = false;
        for (const auto& chart : later.json["charts"]) {
            learning = learning || (chart["id"] == "hand_then_step" && chart["verdict"] == "learning");
            measured = measured || (chart["what"] == "measure" && chart["id"] == "arm_before_foot" &&
                                    chart["condition"] == "calm" && chart["verdict"] == "learning");
        }
        QVERIFY(learning && measured);
        QCOMPARE(progress("tomorrow").code, 2);
        QVERIFY(file.open(QIODevice::Append));
        file.write("2026-11-28,practice,901,,,late_arm,moon_walk,fed,,,1,1,,,none,,,,,,\n");
        file.close();
        const Answer wrong = runCli(take);
        QCOMPARE(wrong.code, 2);
        QVERIFY(wrong.json["error"]["expected"].get<std::string>().find("drill of the skill pack") !=
                std::string::npos);
    }
    void demoVerifyTables() {
        const QString folder = dir_.filePath(QStringLiteral("demo"));
        QCOMPARE(runCli({QStringLiteral("demo"), folder}).code, 0);
        const Answer check = runCli({QStringLiteral("verify"), folder});
        QCOMPARE(check.code, 0);
        QCOMPARE(check.json["ok"].get<bool>(), true);
        QCOMPARE(check.json["repetitions"].get<int>(), 134);
        QCOMPARE(runCli({QStringLiteral("demo"), folder}).code, 2); // never over a library
        QCOMPARE(runCli({QStringLiteral("report"), folder, QStringLiteral("--assessment"), QStringLiteral("5"),
                         QStringLiteral("--out"), dir_.filePath(QStringLiteral("r.pdf"))})
                     .code,
                 2);
        QCOMPARE(runCli({QStringLiteral("verify"), dir_.filePath(QStringLiteral("none"))}).code, 2);
        const QString tables = dir_.filePath(QStringLiteral("tables"));
        const QStringList one = {QStringLiteral("tables"), folder, QStringLiteral("--case"), QStringLiteral("1"),
                                 QStringLiteral("--out"),  tables};
        QCOMPARE(runCli(one).json["trials"].get<int>(), 26); // of all sessions
        QCOMPARE(runCli(one + words("--session 2026-11-24")).json["trials"].get<int>(), 12);
        QCOMPARE(runCli(one + words("--session 1999-01-01")).code, 2);
        QCOMPARE(runCli(one + words("--stress sleepy")).code, 2);
        QCOMPARE(runCli(one + words("--session 2026-11-03 --stress calm")).json["trials"].get<int>(), 8);
        const Answer assessed =
            runCli({QStringLiteral("assess"), QStringLiteral("--pack"), tables + "/pack.json",
                    QStringLiteral("--landmarks"), tables + "/landmarks.csv", QStringLiteral("--events"),
                    tables + "/events.csv", QStringLiteral("--observations"), tables + "/observations.csv",
                    QStringLiteral("--athlete"), tables + "/athlete.json", QStringLiteral("--model-landmarks"),
                    tables + "/model-landmarks.csv", QStringLiteral("--model-events"), tables + "/model-events.csv",
                    QStringLiteral("--model-athlete"), tables + "/model-athlete.json"});
        QVERIFY2(assessed.code == 0, qPrintable(assessed.messages));
        QCOMPARE(assessed.json["prescription"]["focus"][0]["fault"].get<std::string>(), std::string("late_arm"));
        QCOMPARE(assessed.json["stress"].dump(), std::string(R"(["calm"])"));
        // A clip that was moved away is named.
        for (const QString& clip : QDir(folder + QStringLiteral("/media")).entryList(QDir::Files))
            QFile::remove(folder + QStringLiteral("/media/") + clip);
        const Answer gone = runCli({QStringLiteral("verify"), folder});
        QCOMPARE(gone.code, 2);
        QCOMPARE(gone.json["missing_media"].size(), std::size_t(26));
    }
    void unknownCommands() {
        QCOMPARE(runCli({}).code, 2);
        QCOMPARE(runCli({QStringLiteral("dance")}).code, 2);
        QVERIFY(QString::fromStdString(runCli({QStringLiteral("dance")}).json["error"]["expected"].get<std::string>())
                    .contains(QStringLiteral("assess")));
    }
};

QTEST_GUILESS_MAIN(TestCli)
#include "tst_cli.moc"
