// Two cameras on one movement: events lent, values joined, nothing counted twice.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/measure/joined_views.h"
#include "core/pack/pack_reader.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

#include <algorithm>
#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr double kEventU = .012;

/// Shots of a truth file, with exact marks; events to the millisecond.
std::vector<Trial> shots(const char* clip, View view, const char* prefix) {
    const Json truth = readJson(std::string(DEMO_CLIPS "/") + clip + ".truth.json");
    std::vector<double> times;
    for (int i = 0; i < truth["frames"].get<int>(); ++i)
        times.push_back(i / truth["frame_rate"].get<double>());
    std::vector<Trial> out;
    for (const Json& rep : truth["takes"][0]["repetitions"]) {
        Trial trial;
        trial.number = rep["number"];
        trial.id = prefix + std::to_string(trial.number);
        trial.capture.view = view;
        trial.times = FrameTimes::ofClip(times);
        for (const auto& [name, path] : truth["landmarks_px"].items())
            for (int f = rep["from"]; f <= rep["to"].get<int>(); ++f)
                trial.marks[name][f] = {
                    {path[static_cast<std::size_t>(f)][0], path[static_cast<std::size_t>(f)][1]}, 1, "truth"};
        for (const auto& [id, time] : rep["events_s"].items())
            trial.events.push_back({id, trial.times.frameOf(time), time, kEventU});
        out.push_back(std::move(trial));
    }
    return out;
}

void remove(Trial& trial, const std::string& event) {
    std::erase_if(trial.events, [&](const TrialEvent& e) { return e.event == event; });
}

} // namespace

class TestJoinedViews : public QObject {
    Q_OBJECT
    Pack pack_;
    std::vector<Trial> side_, rear_; ///< five shots; the first and the last again, from behind

    [[nodiscard]] std::vector<Trial> linked() const {
        std::vector<Trial> all = side_;
        for (Trial trial : rear_) {
            trial.sameAs = "side" + std::to_string(trial.number);
            all.push_back(std::move(trial));
        }
        return all;
    }

private slots:
    void initTestCase() {
        pack_ = *loadPack(readText(PACKS "/archery_shot.json"), "archery_shot.json");
        side_ = shots("mirelle_side", View::Side, "side");
        rear_ = shots("mirelle_rear", View::Rear, "rear");
        QCOMPARE(rear_.size(), std::size_t(2));
    }
    void eventsAreLentBySharedOnes() {
        std::vector<Trial> trials = linked();
        for (Trial& trial : trials)
            if (trial.capture.view == View::Rear)
                for (const char* event : {"draw", "anchor", "down"})
                    remove(trial, event);
        remove(trials[0], "anchor"); // this way round it has nobody to lend it
        const std::vector<Trial> lent = withSharedEvents(trials);
        for (std::size_t i = 0; i < rear_.size(); ++i) {
            const Trial& after = lent[side_.size() + i];
            for (const char* event : {"draw", "down"}) {
                const TrialEvent *there = after.event(event), *truth = rear_[i].event(event);
                QVERIFY(there);
                QVERIFY(std::abs(there->timeS - truth->timeS) < 1e-3); // the truth is written to the tenth of a ms
                QVERIFY(std::abs(there->frame - truth->frame) < .03);
                // One shared event: √(u² + π/2 · 2u²).
                QVERIFY(std::abs(there->uS - kEventU * std::sqrt(1 + std::numbers::pi)) < 1e-9);
            }
        }
        QVERIFY(!lent[side_.size()].event("anchor"));
        QVERIFY(lent.back().event("anchor"));
        // What is marked stays as it is.
        QCOMPARE(lent[0].events.size(), trials[0].events.size());
        QCOMPARE(lent.back().event("release")->uS, kEventU);
    }
    void theLeadingTrialBorrowsToo() {
        std::vector<Trial> trials = linked();
        remove(trials[0], "release");
        const std::vector<Trial> lent = withSharedEvents(trials);
        QVERIFY(std::abs(lent[0].event("release")->timeS - side_[0].event("release")->timeS) < 1e-3);
    }
    void nothingInCommonLendsNothing() {
        std::vector<Trial> trials = linked();
        Trial& behind = trials[side_.size()];
        behind.events.erase(behind.events.begin() + 1, behind.events.end());
        remove(trials[0], behind.events[0].event);
        const std::vector<Trial> lent = withSharedEvents(trials);
        QCOMPARE(lent[side_.size()].events.size(), std::size_t(1));
        QCOMPARE(lent[0].events.size(), trials[0].events.size());
    }
    void valuesOfBothCamerasAreOneMovements() {
        const std::vector<Trial> trials = linked();
        const auto measures = measureTrials(pack_, trials, 6);
        const auto joined = joinedMeasures(trials, measures);
        QCOMPARE(joined.size(), side_.size());
        QCOMPARE(countMovements(trials), side_.size());
        int fromBehind = 0;
        for (const auto& [id, value] : joined[0].measures) {
            const MeasureValue *own = measures[0].find(id), *other = measures[side_.size()].find(id);
            if (own->valid()) {
                QCOMPARE(*value.value, *own->value);
                QVERIFY(value.seenIn.empty());
            } else if (other->valid()) {
                QCOMPARE(*value.value, *other->value);
                QCOMPARE(value.seenIn, std::string("rear1"));
                ++fromBehind;
            } else {
                QVERIFY(!value.valid());
            }
        }
        QVERIFY2(fromBehind >= 2, qPrintable(QString::number(fromBehind)));
        // The shot that no second camera saw has none of them.
        for (const auto& [id, value] : joined[1].measures)
            QVERIFY(value.seenIn.empty());
    }
    void aSetCountsAMovementOnce() {
        AssessmentInput input;
        input.pack = pack_;
        input.trials = linked();
        input.trials.back().observations["grip_loose"] = "no";
        input.trials.back().results["ring"] = "9";
        input.cutoffHz = 6;
        const Assessment both = assess(input);
        QCOMPARE(both.measures.size(), side_.size() + 2);
        QCOMPARE(both.judged.size(), side_.size());
        input.trials = side_;
        const Assessment one = assess(input);
        int more = 0;
        for (const SetDeviation& set : both.deviations) {
            const SetDeviation* alone = one.deviation(set.measure);
            QVERIFY2(set.repetitions.size() <= side_.size(), set.measure.c_str());
            if (alone && alone->repetitions.size() == set.repetitions.size()) {
                QCOMPARE(set.median, alone->median);
                QCOMPARE(set.expandedU, alone->expandedU);
            }
            more += !alone;
        }
        QVERIFY(more >= 2);
        QCOMPARE(both.seenIn("side1", "hold_time"), std::string("side1"));
        QCOMPARE(both.seenIn("side1", "bow_tilt"), std::string("rear1"));
        // Not linked, the same shots count twice.
        input.trials = linked();
        for (Trial& trial : input.trials)
            trial.sameAs.clear();
        const Assessment twice = assess(input);
        QCOMPARE(twice.judged.size(), side_.size() + 2);
    }
    void whatWasObservedStandsInTheMovement() {
        std::vector<Trial> trials = linked();
        trials.back().observations = {{"grip_loose", "no"}, {"let_down", "yes"}};
        trials[4].observations = {{"let_down", "no"}};
        trials.back().results["ring"] = "9";
        const std::vector<Trial> movements = movementsOf(trials);
        QCOMPARE(movements.size(), side_.size());
        QCOMPARE(movements[4].observations.at("grip_loose"), std::string("no"));
        QCOMPARE(movements[4].observations.at("let_down"), std::string("no")); // the leading camera's word stands
        QCOMPARE(movements[4].result("ring"), std::string("9"));
    }
    void withoutItsLeadingTrialOneStaysForItself() {
        std::vector<Trial> trials = {linked().back()};
        QCOMPARE(movementsOf(trials).size(), std::size_t(1));
        QCOMPARE(countMovements(trials), std::size_t(1));
        QCOMPARE(joinedMeasures(trials, measureTrials(pack_, trials, 6)).size(), std::size_t(1));
        trials[0].sameAs = trials[0].id; // nobody leads himself
        QCOMPARE(movementsOf(trials).size(), std::size_t(1));
    }
};

QTEST_APPLESS_MAIN(TestJoinedViews)
#include "tst_joined_views.moc"
