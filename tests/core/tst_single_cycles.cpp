// A cyclic skill cut into repetitions of one cycle: the same numbers as in one long trial.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/measure/measure.h"
#include "core/measure/single_cycles.h"
#include "core/pack/pack_reader.h"
#include "support/files.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestSingleCycles : public QObject {
    Q_OBJECT
    Pack cyclic_;
    Trial whole_; ///< eight strokes without a break

private slots:
    void initTestCase() {
        cyclic_ = *loadPack(readText(PACKS "/indoor_rowing.json"), "indoor_rowing.json");
        const Json truth = readJson(DEMO_CLIPS "/davor_steady.truth.json");
        std::vector<double> times;
        for (int i = 0; i < truth["frames"].get<int>(); ++i)
            times.push_back(i / truth["frame_rate"].get<double>());
        whole_.id = "1";
        whole_.times = FrameTimes::ofClip(times);
        for (const auto& [name, path] : truth["landmarks_px"].items())
            for (std::size_t f = 0; f < path.size(); ++f)
                whole_.marks[name][static_cast<int>(f)] = {{path[f][0], path[f][1]}, 1, "truth"};
        for (const auto& [id, all] : truth["takes"][0]["repetitions"][0]["events_s"].items())
            for (const Json& time : all)
                whole_.events.push_back({id, whole_.times.frameOf(time), time, 0.01});
    }
    void endsWithTheNextStart() {
        const Pack single = ofSingleCycles(cyclic_);
        QCOMPARE(single.cycleEnd, std::string("catch_next"));
        QCOMPARE(single.events.back().id, single.cycleEnd);
        QCOMPARE(single.events.back().title, std::string("Next catch"));
        QVERIFY(single.family == Family::Discrete);
        QCOMPARE(single.phase("stroke")->to, single.cycleEnd);
        QCOMPARE(single.phase("way_back")->to, single.cycleEnd);
        QCOMPARE(single.phase("drive")->to, std::string("finish"));
    }
    void anIdThatIsTakenIsNotTakenAgain() {
        Pack pack = cyclic_;
        pack.events[1].id = "catch_next";
        QCOMPARE(ofSingleCycles(pack).cycleEnd, std::string("catch_next_next"));
    }
    void otherPacksStayAsTheyAre() {
        const Pack lunge = *loadPack(readText(PACKS "/fencing_lunge.json"), "fencing_lunge.json");
        const Pack same = ofSingleCycles(lunge);
        QVERIFY(same.cycleEnd.empty());
        QCOMPARE(same.events.size(), lunge.events.size());
        QVERIFY(same.family == Family::Discrete);
    }
    void theSameNumbersAsInOneLongTrial() {
        const auto long_ = measureTrials(cyclic_, {whole_}, 6);
        const Pack single = ofSingleCycles(cyclic_);
        std::vector<double> starts;
        for (const TrialEvent& event : whole_.events)
            if (event.event == "catch")
                starts.push_back(event.timeS);
        std::sort(starts.begin(), starts.end());
        QCOMPARE(starts.size(), std::size_t(9));
        std::vector<Trial> strokes;
        for (std::size_t k = 0; k + 1 < starts.size(); ++k) {
            Trial stroke = whole_;
            stroke.id = std::to_string(k + 1);
            stroke.events.clear();
            for (TrialEvent event : whole_.events) {
                if (event.timeS < starts[k] || event.timeS > starts[k + 1])
                    continue;
                if (event.event == "catch" && event.timeS > starts[k])
                    event.event = single.cycleEnd;
                stroke.events.push_back(event);
            }
            strokes.push_back(std::move(stroke));
        }
        const auto cut = measureTrials(single, strokes, 6);
        QCOMPARE(cut.size(), std::size_t(8));
        int compared = 0;
        for (const TrialMeasures& cycle : long_)
            for (const auto& [id, value] : cycle.measures) {
                if (cycle.cycle == 0)
                    continue;
                const MeasureValue* own = cut[static_cast<std::size_t>(cycle.cycle) - 1].find(id);
                QVERIFY2(own, id.c_str());
                QCOMPARE(own->valid(), value.valid());
                if (!value.valid())
                    continue;
                QVERIFY2(std::abs(*own->value - *value.value) < 1e-9, id.c_str());
                ++compared;
            }
        QVERIFY(compared > 8 * 12);
        // The rate of each stroke from its own two catches; their harmonic mean is that of the whole.
        double seconds = 0;
        for (const TrialMeasures& stroke : cut)
            seconds += 60 / *stroke.find("rate")->value;
        QVERIFY(std::abs(8 * 60 / seconds - *long_[0].find("rate")->value) < 1e-9);
    }
};

QTEST_APPLESS_MAIN(TestSingleCycles)
#include "tst_single_cycles.moc"
