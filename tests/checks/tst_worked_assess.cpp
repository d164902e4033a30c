// A whole assessment worked by hand (worked_assess: our own arithmetic, no published source): every number of the
// answer, and the workings of all four schools.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/pack/pack_reader.h"
#include "core/tables/csv.h"
#include "support/files.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr double kLastDigit = 6e-9; ///< the answers list nine decimals

AssessmentInput input(School school) {
    AssessmentInput in;
    in.pack = readPack(readText(TEST_DATA "/worked_assess/pack.json")).pack;
    const std::string landmarks = readText(TEST_DATA "/worked_assess/landmarks.csv"),
                      events = readText(TEST_DATA "/worked_assess/events.csv");
    TrialDefaults defaults;
    defaults.facing = defaults.handedness = Side::Right;
    defaults.view = View::Side;
    auto trials = readTrials({landmarks, "landmarks.csv", events, "events.csv", {}, {}}, defaults, {}, in.pack);
    if (trials)
        in.trials = trials->trials;
    in.school = school;
    return in;
}

void compare(const Json& expected, const Json& got, const std::string& path, QStringList& wrong) {
    if (expected.is_object()) {
        for (const auto& [key, value] : expected.items())
            if (!got.contains(key))
                wrong << QString::fromStdString(path + "." + key + " is missing");
            else
                compare(value, got[key], path + "." + key, wrong);
    } else if (expected.is_array()) {
        if (!got.is_array() || got.size() != expected.size()) {
            wrong << QString::fromStdString(path + " has another length");
            return;
        }
        for (std::size_t i = 0; i < expected.size(); ++i)
            compare(expected[i], got[i], path + "[" + std::to_string(i) + "]", wrong);
    } else if (expected.is_number()) {
        if (!got.is_number() || std::abs(expected.get<double>() - got.get<double>()) > kLastDigit)
            wrong << QString::fromStdString(path + ": expected " + expected.dump() + ", got " + got.dump());
    } else if (expected != got) {
        wrong << QString::fromStdString(path + ": expected " + expected.dump() + ", got " + got.dump());
    }
}

} // namespace

class TestWorkedAssess : public QObject {
    Q_OBJECT
private slots:
    void theAnswerToTheLastDigit() {
        QStringList wrong;
        compare(readJson(TEST_DATA "/worked_assess/expected.json")["answer"],
                assessmentJson(assess(input(School::Root))), "answer", wrong);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(u'\n')));
    }
    void theWorkings() {
        const Json workings = readJson(TEST_DATA "/worked_assess/expected.json")["workings"];
        const Assessment answer = assess(input(School::Root));
        for (const auto& [measure, sd] : workings["sd_of_d"].items())
            QVERIFY(std::abs(answer.deviation(measure)->spread - sd.get<double>()) < kLastDigit);
        for (const auto& [fault, degrees] : workings["degrees"].items()) {
            const Finding* finding = answer.findings.find(fault);
            for (std::size_t i = 0; i < degrees.size(); ++i) {
                QVERIFY(std::abs(finding->repetitions[i].degree - degrees[i].get<double>()) < 2e-8);
                if (degrees[i].get<double>() > 0)
                    QVERIFY(std::abs(finding->repetitions[i].probability - workings["P"][fault][i].get<double>()) <
                            kLastDigit);
            }
        }
    }
    void theOrdersOfAllSchools_data() {
        QTest::addColumn<QString>("school");
        for (const char* school : {"root", "ground", "effect", "earliest"})
            QTest::newRow(school) << QString::fromUtf8(school);
    }
    void theOrdersOfAllSchools() {
        QFETCH(QString, school);
        const Json expected =
            readJson(TEST_DATA "/worked_assess/expected.json")["workings"]["orders"][school.toStdString()];
        const Assessment answer = assess(input(*schoolFrom(school.toStdString())));
        QCOMPARE(Json(answer.findings.unlifted).dump(), expected["without_lift"].dump());
        Json ranked = Json::array(), focus = Json::array();
        for (const Finding& finding : answer.findings.ranked)
            ranked.push_back(finding.fault);
        for (const Focus& entry : answer.prescription.focus)
            focus.push_back(entry.fault);
        QCOMPARE(ranked.dump(), expected["ranked"].dump());
        QCOMPARE(focus.dump(), expected["focus"].dump());
    }
};

QTEST_APPLESS_MAIN(TestWorkedAssess)
#include "tst_worked_assess.moc"
