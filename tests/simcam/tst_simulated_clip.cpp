// The simulated camera against its own truth: frames rendered again, angles and intervals from its landmarks.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/measure/measure.h"
#include "core/pack/pack_reader.h"
#include "media/clip_reader.h"
#include "simcam/simulated_clip.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Trials of a clip from its truth file alone: exact marks, events on the nearest frame.
std::vector<Trial> trialsOfTruth(const Json& truth, double sigma) {
    std::vector<double> times;
    for (int i = 0; i < truth["frames"].get<int>(); ++i)
        times.push_back(i / truth["frame_rate"].get<double>());
    std::vector<Trial> trials;
    for (const Json& take : truth["takes"])
        for (const Json& rep : take["repetitions"]) {
            Trial trial;
            trial.id = std::to_string(trials.size() + 1);
            trial.capture.handedness = *sideFrom(take["handedness"].get<std::string>());
            trial.capture.facing = *sideFrom(take["facing"].get<std::string>());
            trial.times = FrameTimes::ofClip(times);
            for (const auto& [name, path] : truth["landmarks_px"].items())
                for (int f = rep["from"]; f <= rep["to"].get<int>(); ++f)
                    trial.marks[name][f] = {
                        {path[static_cast<std::size_t>(f)][0], path[static_cast<std::size_t>(f)][1]}, sigma, "truth"};
            for (const auto& [id, time] : rep["events_s"].items()) {
                const double frame = std::round(time.get<double>() * truth["frame_rate"].get<double>());
                trial.events.push_back({id, frame, trial.times.timeOf(frame), 0.01});
            }
            trials.push_back(trial);
        }
    return trials;
}

double psnr(const std::vector<std::uint8_t>& a, const std::vector<std::uint8_t>& b) {
    double sum = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        sum += std::pow(static_cast<double>(a[i]) - b[i], 2);
    return 10 * std::log10(255.0 * 255 / (sum / static_cast<double>(a.size())));
}

} // namespace

class TestSimulatedClip : public QObject {
    Q_OBJECT
private slots:
    void threeFramesRenderedAgain_data() {
        QTest::addColumn<int>("clip");
        QTest::addColumn<int>("frame");
        QTest::newRow("guard") << 0 << 12;
        QTest::newRow("lunge") << 0 << 57;
        QTest::newRow("second instructor") << 4 << 480;
        QTest::newRow("catch") << 5 << 12;
        QTest::newRow("finish at race pace") << 6 << 40;
        QTest::newRow("full draw") << 10 << 40;
        QTest::newRow("after the shot, from behind") << 11 << 70;
    }
    void threeFramesRenderedAgain() {
        QFETCH(int, clip);
        QFETCH(int, frame);
        const simcam::SimulatedClip spec = simcam::demoClips()[static_cast<std::size_t>(clip)];
        const auto reader = ClipReader::open(std::string(DEMO_CLIPS "/") + spec.name + ".mp4");
        QVERIFY(reader);
        QCOMPARE((*reader)->info().frames(), spec.frames);
        simcam::ClipRenderer renderer(spec);
        const std::vector<std::uint8_t> again = renderer.frame(frame);
        // The shipped clip is lossy and carries sensor noise that coding takes away; the same picture gives over 34 dB.
        const double same = psnr(again, *(*reader)->frame(frame)->rgb);
        QVERIFY2(same > 32, qPrintable(QString::number(same)));
        // Another moment is clearly another picture: the measure can tell.
        QVERIFY(psnr(again, *(*reader)->frame(frame + 25)->rgb) < same - 4);
        QCOMPARE(renderer.frame(frame), again); // seeded: the same bytes twice
    }
    void theShippedTruthIsTheProgramsOwn() {
        for (const simcam::SimulatedClip& clip : simcam::demoClips()) {
            const Json shipped = readJson(std::string(DEMO_CLIPS "/") + clip.name + ".truth.json");
            const simcam::FrameTruth truth = simcam::frameTruth(clip, 61);
            for (const auto& [name, at] : truth) {
                QVERIFY(std::abs(shipped["landmarks_px"][name][61][0].get<double>() - static_cast<double>(at.x)) <
                        0.01);
                QVERIFY(std::abs(shipped["landmarks_px"][name][61][1].get<double>() - static_cast<double>(at.y)) <
                        0.01);
            }
        }
    }
    void anglesFromItsLandmarks() {
        // The truth's angles come from the law of cosines; the core's from turns: within 0.1 degrees.
        for (const char* name : {"ilka_baseline", "instructors"}) {
            const Json truth = readJson(std::string(DEMO_CLIPS "/") + name + ".truth.json");
            Json pack = smallPack();
            for (const auto& [id, points] :
                 {std::pair<const char*, Json>{"left_knee", {"left_hip", "left_knee", "left_ankle"}},
                  {"right_elbow", {"right_shoulder", "right_elbow", "right_wrist"}},
                  {"left_elbow", {"left_shoulder", "left_elbow", "left_wrist"}}})
                pack["measures"].push_back({{"id", id},
                                            {"title", id},
                                            {"kind", "angle"},
                                            {"points", points},
                                            {"at", "down"},
                                            {"unit", "deg"},
                                            {"tolerance", 1},
                                            {"source", "t"}});
            const auto trials = trialsOfTruth(truth, 1);
            int compared = 0;
            for (const TrialMeasures& measures : measureTrials(packOf(pack), trials, 6))
                for (const char* id : {"left_knee", "right_elbow", "left_elbow"}) {
                    const MeasureValue& value = *measures.find(id);
                    QVERIFY2(value.valid(), inEnglish(value.reason).c_str());
                    const double expected = truth["included_angles_deg"][id][static_cast<std::size_t>(value.frames[0])];
                    QVERIFY(std::abs(*value.value - expected) < 0.1);
                    ++compared;
                }
            QCOMPARE(compared, 24);
        }
    }
    void intervalsFromItsEvents() {
        const Json truth = readJson(DEMO_CLIPS "/ilka_baseline.truth.json");
        const Pack pack = readPack(readText(PACKS "/fencing_lunge.json")).pack;
        const auto trials = trialsOfTruth(truth, 1);
        const auto measures = measureTrials(pack, trials, 6);
        std::size_t i = 0;
        for (const Json& rep : truth["takes"][0]["repetitions"]) {
            const double expected = rep["events_s"]["down"].get<double>() - rep["events_s"]["straight"].get<double>();
            const double got = *measures[i++].find("arm_before_foot")->value;
            // Each event lies on its nearest frame: within half a frame each.
            QVERIFY(std::abs(got - expected) <= 1.0 / 60 + 1e-6);
            QVERIFY(std::abs(got - std::round(got * 60) / 60) < 1e-9);
        }
        // On the average of eight repetitions that is within half a frame.
        double sum = 0;
        i = 0;
        for (const Json& rep : truth["takes"][0]["repetitions"])
            sum += *measures[i++].find("arm_before_foot")->value -
                   (rep["events_s"]["down"].get<double>() - rep["events_s"]["straight"].get<double>());
        QVERIFY(std::abs(sum / 8) < 0.5 / 60);
    }
    void theBodyIsMadeOfItsBones() {
        // Segment lengths in the hall's unit are those of the proportions, in every pose of a lunge.
        for (float t : {0.f, .3f, .6f, .8f, 1.2f}) {
            const auto body = simcam::buildBody(simcam::lungePose({}, t), 0);
            for (std::size_t i = 0; i < 2; ++i) {
                QVERIFY(std::abs(simcam::length(body.joints.knee[i] - body.joints.hip[i]) -
                                 simcam::Proportions::thigh) < 1e-4f);
                QVERIFY(std::abs(simcam::length(body.joints.ankle[i] - body.joints.knee[i]) -
                                 simcam::Proportions::shank) < 1e-4f);
                QVERIFY(std::abs(simcam::length(body.joints.elbow[i] - body.joints.shoulder[i]) -
                                 simcam::Proportions::upperArm) < 1e-4f);
                QVERIFY(body.joints.heel[i].y > -.01f); // above the floor
            }
        }
        const auto right = simcam::buildBody(simcam::lungePose({}, .8f), 0),
                   left = simcam::buildBody(simcam::mirrored(simcam::lungePose({}, .8f)), 0);
        QVERIFY(std::abs(right.joints.knee[simcam::kRight].x - left.joints.knee[simcam::kLeft].x) <
                1e-5f); // a left-hander is the mirror image
        QVERIFY(std::abs(right.joints.tip.z + left.joints.tip.z) < 1e-5f);
    }
    void renderingCanBeStoppedAndFailsInWords() {
        const simcam::SimulatedClip clip = simcam::demoClips()[0];
        int asked = 0;
        const auto stopped =
            simcam::renderClip(clip, QDir::tempPath().toStdString(), [&asked](double) { return ++asked < 2; });
        QVERIFY(!stopped);
        QVERIFY(stopped.error().kind == Error::Kind::Cancelled);
        QVERIFY(!simcam::renderClip(clip, "/no/such/folder", {}));
    }
};

QTEST_APPLESS_MAIN(TestSimulatedClip)
#include "tst_simulated_clip.moc"
