// The computation against things nobody here made; each source stands beside its check.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/measure/measure.h"
#include "core/plan/prescription.h"
#include "core/signal/signal.h"
#include "core/tables/csv.h"
#include "core/uncertainty/stats.h"
#include "support/files.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

class TestOutside : public QObject {
    Q_OBJECT
private slots:
    /// Source: CMU motion capture, subject 1 trial 1 (mocap.cs.cmu.edu, NSF EIA-0196217), forward kinematics agreeing
    /// between three.js and NumPy. Seven frames of real jumps, read as landmarks and events tables; the picture is the
    /// sagittal projection (z forward, y up), in which the left knee's included angle must come out to 0.05 degrees.
    void kneeOfARealJump() {
        const Json motion = readJson(TEST_DATA "/bvh_cmu_01_01.json");
        std::map<int, double> expected;
        std::size_t column = 0;
        for (std::size_t i = 0; i < motion["columns"].size(); ++i)
            if (motion["columns"][i] == "kneeL_included_2D_zy_deg")
                column = i;
        for (const Json& row : motion["rows"])
            expected[row[0].get<int>()] = row[column];
        Json pack = smallPack();
        pack["measures"].push_back(jsonOf(
            R"({"id": "included", "title": "Included", "kind": "angle", "points": ["left_hip", "left_knee", "left_ankle"], "at": "down", "unit": "deg", "tolerance": 1, "source": "t"})"));
        pack["measures"].push_back(jsonOf(
            R"({"id": "bend", "title": "Bend", "kind": "flexion", "joint": "knee", "points": ["left_hip", "left_knee", "left_ankle"], "at": "down", "unit": "deg", "tolerance": 1, "source": "t"})"));
        constexpr double kPixelsPerUnit = 20, kMidX = 1000, kFloorY = 900;
        std::string landmarks = "trial,frame,time_s,landmark,x_px,y_px,sigma_px,source\n",
                    events = "trial,event,time_s,frame\n";
        const double frameTime = motion["frame_time_s"];
        int frames = 0;
        for (const auto& [frame, joints] : motion["joint_positions"].items()) {
            ++frames;
            for (const auto& [joint, landmark] :
                 {std::pair{"LeftUpLeg", "left_hip"}, {"LeftLeg", "left_knee"}, {"LeftFoot", "left_ankle"}}) {
                char line[200];
                std::snprintf(line, sizeof line, "%s,%s,%.7f,%s,%.6f,%.6f,2,mocap\n", frame.c_str(), frame.c_str(),
                              std::stoi(frame) * frameTime, landmark,
                              kMidX + kPixelsPerUnit * joints[joint][2].get<double>(),
                              kFloorY - kPixelsPerUnit * joints[joint][1].get<double>());
                landmarks += line;
            }
            events += frame + ",down," + std::to_string(std::stoi(frame) * frameTime) + "," + frame + "\n";
        }
        QCOMPARE(frames, 7);
        const Pack read = packOf(pack);
        const auto trials = readTrials({landmarks, "L.csv", events, "E.csv", {}, {}}, {}, {}, read);
        QVERIFY2(trials, trials ? "" : trials.error().sentence().c_str());
        int compared = 0;
        for (const TrialMeasures& trial : measureTrials(read, trials->trials, 6)) {
            const int frame = std::stoi(trial.trial);
            const double included = *trial.find("included")->value;
            QVERIFY(std::abs(std::abs(*trial.find("bend")->value) - (180 - included)) <
                    1e-9); // the sign tells which way the jumper faces
            if (!expected.contains(frame))
                continue;
            ++compared;
            QVERIFY2(
                std::abs(included - expected[frame]) < 0.05,
                qPrintable(QStringLiteral("frame %1: %2, expected %3").arg(frame).arg(included).arg(expected[frame])));
        }
        QCOMPARE(compared, 4); // frames 1, 197, 1257 and 2057 stand in both tables
    }
    /// Source: SciPy 1.10 butter(2, fc/(fs/2)); the coefficients for fc/fs 0.1 are those of Winter, Biomechanics and
    /// Motor Control of Human Movement (from memory).
    void butterworthCoefficients_data() {
        QTest::addColumn<QString>("name");
        const Json filters = readJson(TEST_DATA "/filters.json");
        for (const auto& [name, entry] : filters["butter2"].items())
            QTest::newRow(name.c_str()) << QString::fromStdString(name);
    }
    void butterworthCoefficients() {
        QFETCH(QString, name);
        const Json entry = readJson(TEST_DATA "/filters.json")["butter2"][name.toStdString()];
        const LowPass filter = designSinglePass(entry["fc"], entry["fs"]);
        const double got[5] = {filter.b0, filter.b1, filter.b2, filter.a1, filter.a2};
        const double expected[5] = {entry["b"][0], entry["b"][1], entry["b"][2], entry["a"][1], entry["a"][2]};
        for (int i = 0; i < 5; ++i)
            QVERIFY(std::abs(got[i] - expected[i]) < 1e-12);
    }
    /// Source: SciPy 1.10 filtfilt with its default padding (odd, 9 samples). Dual-pass design after Winter (from
    /// memory).
    void zeroLagFilter() {
        const Json filters = readJson(TEST_DATA "/filters.json");
        const std::vector<double> x = filters["signal"]["x"], expected = filters["filtfilt_butter2_6Hz_default"]["y"];
        const std::vector<double> y = filterZeroLag(x, designSinglePass(6, 100));
        QCOMPARE(y.size(), expected.size());
        for (std::size_t i = 0; i < y.size(); ++i)
            QVERIFY2(std::abs(y[i] - expected[i]) < 1e-9, qPrintable(QString::number(i)));
        QVERIFY(std::abs(designFrequency(6, 100) - filters["dual_pass_example"]["fc_design_exact"].get<double>()) <
                1e-9);
        const LowPass dual = designDualPass(6, 100);
        QVERIFY(std::abs(dual.b0 - filters["dual_pass_example"]["b"][0].get<double>()) < 1e-12);
    }
    /// Source: NumPy gradient over the same samples (inner points).
    void centralDifferences() {
        const Json filters = readJson(TEST_DATA "/filters.json");
        const std::vector<double> x = filters["signal"]["x"], expected = filters["central_diff_velocity"]["y"];
        std::vector<double> t;
        for (std::size_t i = 0; i < x.size(); ++i)
            t.push_back(static_cast<double>(i) / 100);
        const std::vector<double> v = velocities(t, x);
        for (std::size_t i = 1; i + 1 < x.size(); ++i)
            QVERIFY(std::abs(v[i] - expected[i]) < 1e-9 * (1 + std::abs(expected[i])));
    }
    /// Source: Wilson 1927, worked by hand: 9 of 12.
    void wilsonInterval() {
        const Interval p95 = wilson(9, 12, kZ95), p80 = wilson(9, 12, kZ80);
        QVERIFY(std::abs(p95.low - 0.468) < 5e-4 && std::abs(p95.high - 0.911) < 5e-4);
        QVERIFY(std::abs(p80.low - 0.567) < 5e-4 && std::abs(p80.high - 0.873) < 5e-4);
        QCOMPARE(wilson(0, 0, kZ95).high, 1.0);
        QCOMPARE(wilson(0, 5, kZ95).low, 0.0);
        QCOMPARE(wilson(5, 5, kZ95).high, 1.0);
    }
    /// Source: tables of Student's t (two-sided 95 %): 4.303, 2.776, 2.262, 2.045 (from memory).
    void studentQuantiles() {
        for (const auto& [dof, t] : {std::pair{2, 4.303}, {4, 2.776}, {9, 2.262}, {29, 2.045}})
            QVERIFY(std::abs(studentT975(dof) - t) < 6e-4);
        QVERIFY(std::abs(normalCdf(1.96) - 0.9750021) < 1e-7);
    }
    /// Source: rectangular distribution (JCGM 100:2008): with perfect marking one event has SD w/sqrt(12) and an
    /// interval w/sqrt(6). Simulated: instants anywhere, each seen at the first frame at or after it.
    void frameTiming() {
        std::mt19937 random(9);
        std::uniform_real_distribution<double> anywhere(0, 1);
        constexpr double w = 1 / 60.0;
        std::vector<double> one, two;
        for (int i = 0; i < 20000; ++i) {
            const double a = anywhere(random), b = anywhere(random) + 2;
            const auto seen = [](double t) { return std::ceil(t / w) * w; };
            one.push_back(seen(a) - a);
            two.push_back((seen(b) - seen(a)) - (b - a));
        }
        QVERIFY(std::abs(standardDeviation(one) / eventUncertainty(w, 0) - 1) < 0.03);
        QVERIFY(std::abs(standardDeviation(two) / (std::numbers::sqrt2 * eventUncertainty(w, 0)) - 1) < 0.03);
    }
    /// Common practice, no source: stay where about three quarters are good, easier at half, on when it holds.
    void threeQuartersRule() {
        SAME(judgeBlock(9, 12).verdict, RungVerdict::Advance);
        SAME(judgeBlock(8, 12).verdict, RungVerdict::Hold);
        SAME(judgeBlock(6, 12).verdict, RungVerdict::Ease);
    }
    /// Source: the circular mean in SciPy: 355, 5 and 15 degrees have mean 5.
    void circularMean() { QVERIFY(std::abs(mean(unwrapSet({355, 5, 15}, 360)) - 5) < 1e-9); }
};

QTEST_APPLESS_MAIN(TestOutside)
#include "tst_outside.moc"
