// Readers of strangers' files under mutation: never a crash, never silence about a broken file, never a second for one.
// A fixed corpus runs always; MUTATIONS=100000 in the environment runs as many of each.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/csv.h"
#include "core/measure.h"
#include "core/pack_reader.h"
#include "core/reliability.h"
#include "core/retest.h"
#include "support/files.h"

#include <QElapsedTimer>
#include <QtTest>

#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// A few bytes changed, dropped, doubled or moved; numbers made strange.
std::string mutated(const std::string& text, std::mt19937& random) {
    static const std::vector<std::string> kStrange = {"-1",
                                                      "1e999",
                                                      "nan",
                                                      "\"",
                                                      "{",
                                                      "}",
                                                      "[",
                                                      "]",
                                                      ",",
                                                      "\n",
                                                      "\r\n",
                                                      "null",
                                                      "99999999999999999999",
                                                      "\xff\xfe",
                                                      "0.0000001",
                                                      "@",
                                                      ";",
                                                      std::string(1, '\0')};
    std::string out = text;
    const auto at = [&] { return out.empty() ? 0 : random() % out.size(); };
    for (unsigned changes = 1 + random() % 4; changes > 0; --changes)
        switch (random() % 5) {
        case 0:
            if (!out.empty())
                out[at()] = static_cast<char>(random());
            break;
        case 1:
            out.erase(at(), 1 + random() % 20);
            break;
        case 2:
            out.insert(at(), kStrange[random() % kStrange.size()]);
            break;
        case 3:
            out.insert(at(), out.substr(at(), 1 + random() % 40));
            break;
        default:
            out.resize(at());
        }
    return out;
}

} // namespace

class TestMutations : public QObject {
    Q_OBJECT

    /// Runs a reader over mutations of a sound text; `said`: whether it read, or else said what was wrong and where.
    static void run(const std::string& sound, const std::function<bool(const std::string&)>& said) {
        const int wanted = qEnvironmentVariableIsSet("MUTATIONS") ? qEnvironmentVariableIntValue("MUTATIONS") : 400;
        QVERIFY(said(sound));
        std::mt19937 random(99);
        qint64 longest = 0;
        for (int i = 0; i < wanted; ++i) {
            const std::string text = mutated(sound, random);
            QElapsedTimer timer;
            timer.start();
            QVERIFY2(said(text), text.substr(0, 400).c_str());
            longest = std::max(longest, timer.elapsed());
        }
        qInfo("%d mutations, the slowest took %lld ms", wanted, longest);
        QVERIFY(longest < 1000);
    }
    static bool isSaid(const Error& error) { return !error.where.empty() && !error.expected.empty(); }

private slots:
    void packs() {
        run(readText(PACKS "/fencing_lunge.json"), [](const std::string& text) {
            const PackReading reading = readPack(text);
            return std::all_of(reading.faults.begin(), reading.faults.end(),
                               [](const JsonFault& fault) { return !fault.path.empty() && !fault.expected.empty(); });
        });
    }
    void tablesOfTrials() {
        const Pack pack = readPack(readText(TEST_DATA "/worked_assess/pack.json")).pack;
        const std::string landmarks = readText(TEST_DATA "/worked_assess/landmarks.csv"),
                          events = readText(TEST_DATA "/worked_assess/events.csv");
        const auto read = [&](const std::string& l, const std::string& e) {
            const auto trials = readTrials({l, "L.csv", e, "E.csv", {}, {}}, {}, {}, pack);
            if (!trials)
                return isSaid(trials.error());
            (void)measureTrials(pack, trials->trials, 6); // what was read can be measured, or says why not
            return true;
        };
        run(landmarks, [&](const std::string& text) { return read(text, events); });
        run(events, [&](const std::string& text) { return read(landmarks, text); });
    }
    void athletes() {
        run(R"({"handedness": "left", "facing": "right", "view": "side", "scale": 0.004, "slow_motion": 8, "limits": ["knee pain"],
                "willingness": 0.5, "competitions": ["2026-12-08"], "today": "2026-11-25", "equipment": ["mat"], "mastered_stress": "fed",
                "trials": {"1": {"facing": "left", "stress": "live", "performer": "A"}}})",
            [](const std::string& text) {
                const auto facts = readAthleteFacts(text, "A.json");
                return facts || isSaid(facts.error());
            });
    }
    void models() {
        const Pack pack = readPack(readText(TEST_DATA "/worked_assess/pack.json")).pack;
        run(R"({"ranges": [{"measure": "lean_down", "low": 0, "high": 30, "source": "coach"}, {"measure": "knee_down", "high": 80, "source": "coach", "for": {"level": "club"}}]})",
            [&](const std::string& text) {
                const auto ranges = readModelRanges(text, "M.json", pack);
                return ranges || isSaid(ranges.error());
            });
    }
    void ratings() {
        run("subject,rater,value\na,x,1\na,y,2\nb,x,3\nb,y,4.5\nc,x,2\nc,y,2\n", [](const std::string& text) {
            const auto table = readRatings(text, "R.csv");
            if (table)
                (void)reliabilityOf(*table);
            return table || isSaid(table.error());
        });
    }
    void answersOfAssess() {
        run(R"({"view":"side","stress":["calm"],"pack":{"id":"p","edition":"1"},"cutoff_hz":6,"measures":{"trials":[{"trial":"1","measures":{"knee":{"value":80,"u":1,"unit":"deg"}}}]},
               "deviations":[{"measure":"knee","median":81,"deviation":11,"tolerance":5,"expanded_u":3,"state":"clear","unit":"deg","repetitions":[{},{}]}],"findings":[{"fault":"deep","present":true}]})",
            [](const std::string& text) {
                const auto set = readAssessedSet(text, "B.json");
                if (set)
                    (void)retestJson(compareSets(*set, *set));
                return set || isSaid(set.error());
            });
    }
};

QTEST_APPLESS_MAIN(TestMutations)
#include "tst_mutations.moc"
