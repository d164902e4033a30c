// Is the stated uncertainty true from wherever the camera stands? A figure whose segments leave the plane of movement
// by angles drawn from N(0, 8 degrees), each by itself, is seen from 0, 10, 20, 30 and 45 degrees off square, by a
// camera whose bearing is known to 3 degrees. The truth is what a camera square on would give without noise: value +-
// 2u must hold it in 90 to 99 of 100 for each kind, 93 to 97 over all kinds. 8 degrees, 3 degrees: own choice. The
// movements are made up.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/measure/measure_set.h"
#include "core/signal/signal.h"
#include "support/made_movements.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr double kOffPlaneDeg = 8, kBearingU = 3, kSigma = 2;
constexpr std::array kBearings{0.0, 10.0, 20.0, 30.0, 45.0};
double rad(double degrees) { return degrees * std::numbers::pi / 180; }

/// How the figure stands out of its plane: segments by their far end, and the ways of free points.
struct Lean {
    std::map<std::string, double> tangents;
    bool fromHip = false; ///< ankle and tip end segments from the hip
    Lean(std::mt19937_64& random, bool isFromHip) : fromHip(isFromHip) {
        std::normal_distribution<double> normal;
        for (const char* part : {"right_knee", "right_ankle", "tip", "a", "b", "c", "d"})
            tangents[part] = std::tan(rad(kOffPlaneDeg * normal(random)));
    }
};

/// Towards the camera, pixels.
double depthOf(const Scene& scene, const Lean& lean, const std::string& point, double t) {
    const auto segment = [&](const std::string& from, const std::string& to) {
        const PixelPoint a = scene.at(from)(t), b = scene.at(to)(t);
        return lean.tangents.at(to) * std::hypot(b.x - a.x, b.y - a.y);
    };
    if (point == "right_hip")
        return 0;
    if (point == "right_knee")
        return segment("right_hip", "right_knee");
    if (lean.fromHip && (point == "right_ankle" || point == "tip"))
        return segment("right_hip", point);
    if (point == "right_ankle")
        return depthOf(scene, lean, "right_knee", t) + segment("right_knee", "right_ankle");
    // A free point's way leaves the plane as a whole: the plane it runs in leans about the upright.
    return lean.tangents.at(point) * (scene.at(point)(t).x - scene.at(point)(0).x);
}

/// What a camera `bearing` degrees off sees; `random` null: without noise. The middle of the picture stays where it is.
Trial seenFrom(const Scene& scene, const std::vector<std::pair<std::string, double>>& events, const Lean* lean,
               double bearing, std::mt19937_64* random, double sigma) {
    std::normal_distribution<double> normal;
    const auto noise = [&] { return random ? normal(*random) : 0; };
    Trial trial = emptyTrial(kSceneRate, kSceneFrames);
    trial.capture.metresPerPixel = 0.01;
    const double shift = random ? std::uniform_real_distribution<double>(0, 1)(*random) : 0;
    std::vector<double> times;
    for (int frame = 0; frame < kSceneFrames; ++frame)
        times.push_back((frame + shift) / kSceneRate);
    trial.times = FrameTimes::ofClip(times);
    const double half = std::sqrt(0.5) * sigma;
    for (const auto& [landmark, path] : scene) {
        const double dx = half * noise(), dy = half * noise();
        for (int frame = 0; frame < kSceneFrames; ++frame) {
            const double t = (frame + shift) / kSceneRate;
            PixelPoint at = path(t);
            if (lean)
                at.x = at.x * std::cos(rad(bearing)) + depthOf(scene, *lean, landmark, t) * std::sin(rad(bearing));
            trial.marks[landmark][frame] = {{at.x + dx + half * noise(), at.y + dy + half * noise()}, sigma, ""};
        }
    }
    for (const auto& [event, timeS] : events) {
        double frame = timeS * kSceneRate - shift;
        if (random)
            frame = std::round(frame + kDefaultMarkingFrames * normal(*random));
        addEvent(trial, event, frame, eventUncertainty(1 / kSceneRate, kDefaultMarkingFrames));
    }
    return trial;
}

MeasureValue valueOf(const Pack& pack, const std::string& id, const Trial& trial) {
    const auto measures = measureTrials(pack, {trial}, 6);
    const MeasureValue* value = measures.front().find(id);
    return value ? *value : MeasureValue();
}

/// What hangs on no place in the picture: no bearing changes it.
bool untouched(const MadeMeasure& made) {
    return made.is("interval") || made.is("phase\"") || made.is("rate\"") || made.is("peak_order");
}

} // namespace

class TestCameraPlace : public QObject {
    Q_OBJECT
    std::map<double, std::pair<int, int>> all_; ///< by bearing: held, of
private slots:
    void kinds_data() {
        QTest::addColumn<int>("row");
        int row = 0;
        for (const MadeMeasure& made : madeMeasures()) {
            // Marks of 2 px on segments of 17 px are mostly refused off square.
            if (!untouched(made) && made.scene != "short")
                QTest::newRow(made.name.c_str()) << row;
            ++row;
        }
    }
    void kinds() {
        QFETCH(int, row);
        const MadeMeasure made = madeMeasures()[static_cast<std::size_t>(row)];
        const Pack pack = made.pack();
        const Scene scene = made.movement();
        const auto events = made.events();
        const double sigma = made.scene == "fast" ? 0.5 : kSigma;
        const MeasureValue exact = valueOf(pack, made.id, seenFrom(scene, events, nullptr, 0, nullptr, 1e-9));
        QVERIFY2(exact.valid(), inEnglish(exact.reason).c_str());
        // A measure from hip to ankle takes that for one segment.
        const bool fromHip = made.is("overlap") || made.is("distance") || made.is("offset") || made.is("ratio");
        QString line;
        bool ok = false;
        const int asked =
            qEnvironmentVariableIntValue("RIFLESSO_COPIES", &ok); // 1000 for the table in docs/measures.md
        const int copies = ok && asked > 0 ? asked : 100;
        for (const double bearing : kBearings) {
            std::mt19937_64 random(static_cast<std::uint64_t>(bearing) + 7);
            std::normal_distribution<double> normal;
            int held = 0, all = 0;
            double stated = 0;
            for (int copy = 0; copy < copies; ++copy) {
                const Lean lean(random, fromHip);
                const double true_ = std::max(0.0, bearing + (bearing > 0 ? kBearingU * normal(random) : 0));
                Trial trial = seenFrom(scene, events, &lean, true_, &random, sigma);
                trial.capture.bearingDeg = bearing;
                trial.capture.bearingUDeg = bearing > 0 ? kBearingU : 0;
                const MeasureValue value = valueOf(pack, made.id, trial);
                if (!value.valid())
                    continue;
                ++all;
                held += std::abs(*value.value - *exact.value) <= 2 * value.u;
                stated += value.u;
            }
            QVERIFY2(all >= copies * 9 / 10, "too few copies could be measured");
            const double share = 100.0 * held / all;
            line += QStringLiteral(" | %1 (%2)").arg(share, 0, 'f', 0).arg(stated / all, 0, 'g', 2);
            all_[bearing].first += held;
            all_[bearing].second += all;
            // 90 to 99, and three standard deviations of a count of so few.
            const double slack = 300 * std::sqrt(.05 * .95 / all);
            QVERIFY2(share >= 90 - slack && share <= 99 + slack / 3, qPrintable(line));
        }
        qInfo("| %s%s |", QTest::currentDataTag(), qPrintable(line));
    }
    void allKinds() {
        for (const auto& [bearing, counted] : all_) {
            const double share = 100.0 * counted.first / counted.second;
            qInfo("%.0f degrees: %.1f of 100", bearing, share);
            QVERIFY2(share >= 93 && share <= 97, qPrintable(QString::number(share)));
        }
    }
};

QTEST_APPLESS_MAIN(TestCameraPlace)
#include "tst_camera_place.moc"
