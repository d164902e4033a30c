#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/groups.h"
#include "core/judge/typical_trial.h"
#include "core/reasons.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestGroups : public QObject {
    Q_OBJECT
private slots:
    void twoGroupsOnOneScale() {
        const Pack pack = packOf(observedPack());
        const MeasureDef& def = pack.measures.front();
        Reference reference;
        reference.source = Reference::Source::Pack;
        reference.low = 0.9;
        const auto groups = deviationsOfGroups(pack, def, reference,
                                               {{"calm", seen("yyyyyy")}, {"live", seen("nnnnpn")}, {"none", {}}}, 6);
        QCOMPARE(groups.size(), std::size_t(2)); // one without repetitions is left out
        QCOMPARE(groups[0].name, std::string("calm"));
        QCOMPARE(groups[0].set.median, 1.0);
        QCOMPARE(groups[1].set.median, 0.0);
        QCOMPARE(groups[1].set.repetitions.size(), std::size_t(6));
        const Change change = changeBetween(groups[0].summary(), groups[1].summary(), {});
        QCOMPARE(change.change, -1.0);
        QVERIFY(change.verdict == ChangeVerdict::Worse);
        const Change back = changeBetween(groups[1].summary(), groups[0].summary(), {});
        QVERIFY(back.verdict == ChangeVerdict::Better);
        const Change same = changeBetween(groups[0].summary(), groups[0].summary(), {});
        QVERIFY(same.verdict == ChangeVerdict::NoClearChange);
        const Change refused = changeBetween(groups[0].summary(), groups[1].summary(), obstacles::kView);
        QVERIFY(!refused.comparable());
        QCOMPARE(refused.reason.code(), std::string_view("view"));
    }
    void fewAreNotJudged() {
        const Pack pack = packOf(observedPack());
        Reference reference;
        reference.source = Reference::Source::Pack;
        reference.low = 0.9;
        const auto groups =
            deviationsOfGroups(pack, pack.measures.front(), reference, {{"a", seen("y")}, {"b", seen("n")}}, 6);
        const Change change = changeBetween(groups[0].summary(), groups[1].summary(), {});
        QVERIFY(change.verdict == ChangeVerdict::NoClearChange);
        QCOMPARE(change.reason.code(), std::string_view("too few repetitions"));
    }

private:
    static Json observedPack() {
        Json json = smallPack();
        json["faults"] = Json::array();
        json["ladders"] = Json::array();
        json["model"] = jsonOf(R"({"ranges": []})");
        json["observations"] = jsonOf(R"([{"id": "low", "title": "Low", "ask": "?"}])");
        json["measures"] = jsonOf(
            R"([{"id": "how_low", "title": "How low", "kind": "observed", "observation": "low", "unit": "1",
                 "tolerance": 0.1, "source": "t"}])");
        return json;
    }
    /// A repetition for each letter: y yes, p partly, n no.
    static std::vector<Trial> seen(const std::string& letters) {
        std::vector<Trial> out;
        for (const char letter : letters) {
            Trial trial;
            trial.id = std::to_string(out.size() + 1);
            trial.number = static_cast<int>(out.size() + 1);
            trial.observations["low"] = letter == 'y' ? "yes" : letter == 'p' ? "partly" : "no";
            out.push_back(trial);
        }
        return out;
    }
    void theMostTypicalTrial() {
        const Pack pack = packOf(smallPack()); // knee in degrees, tolerance 5; time in s, tolerance 0.05
        const auto trial = [](const char* id, std::optional<double> knee, std::optional<double> time) {
            TrialMeasures out{id, 0, {}};
            for (const auto& [name, value] : {std::pair{"knee", knee}, {"time", time}}) {
                MeasureValue measured;
                measured.value = value;
                if (!value)
                    measured.reason = reasons::kNeverTogether;
                out.measures.emplace_back(name, measured);
            }
            return out;
        };
        // Medians 20 and 0.3. "c" is nearest in tolerances; "d" has one value only, far off, and what it lacks does not
        // count for it.
        const std::vector<TrialMeasures> set{trial("a", 10, 0.30), trial("b", 20, 0.50), trial("c", 21, 0.31),
                                             trial("d", 40, {}), trial("e", 12, 0.20)};
        QCOMPARE(mostTypicalTrial(pack, set), std::string("c"));
        QCOMPARE(mostTypicalTrial(pack, {trial("a", {}, {})}), std::string());
    }
};

QTEST_GUILESS_MAIN(TestGroups)
#include "tst_groups.moc"
