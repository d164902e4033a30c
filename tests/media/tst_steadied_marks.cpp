// Trembling points and the picture's own movement together: against paths known in advance.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/uncertainty/stats.h"
#include "media/steadied_marks.h"
#include "support/pictures.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr double kTremblePx = 3;

PixelPoint pathAt(int frame) { return {200 + 30 * std::sin(frame / 9.0), 150 + 0.8 * frame}; }
double apart(PixelPoint a, PixelPoint b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// Seen with a tremble of kTremblePx, moved with an error of a tenth of a pixel.
std::vector<CarriedPoint> trembling(int frames) {
    std::mt19937 random(7);
    std::normal_distribution<double> off(0, kTremblePx), stepOff(0, 0.1);
    std::vector<CarriedPoint> run;
    for (int f = 0; f < frames; ++f) {
        const PixelPoint at = pathAt(f);
        CarriedPoint point{{at.x + off(random), at.y + off(random)}, kTremblePx};
        if (f) {
            const PixelPoint before = pathAt(f - 1);
            point.step = {{at.x - before.x + stepOff(random), at.y - before.y + stepOff(random)}, 0.3};
        }
        run.push_back(point);
    }
    return run;
}

double largestError(const std::vector<PixelPoint>& path) {
    double largest = 0;
    for (std::size_t i = 0; i < path.size(); ++i)
        largest = std::max(largest, apart(path[i], pathAt(static_cast<int>(i))));
    return largest;
}

/// A picture that moves along the path, and marks on it that tremble.
class Moving {
public:
    Moving() : picture_(pictureFrom(OPENCV_DATA "/basketball1.png")) {}
    [[nodiscard]] bool there() const { return picture_.width > 0; }
    [[nodiscard]] Result<Picture> frame(int f) const {
        const double dx = pathAt(f).x - pathAt(0).x, dy = pathAt(f).y - pathAt(0).y;
        return moved(picture_, [=](double x, double y) { return std::pair(x - dx, y - dy); });
    }
    [[nodiscard]] static ProposedMarks marks(int frames) {
        ProposedMarks out;
        const std::vector<CarriedPoint> run = trembling(frames);
        for (int f = 0; f < frames; ++f)
            out["left_knee"][f] = {{run[static_cast<std::size_t>(f)].seen, kTremblePx, "network"}, .8};
        return out;
    }

private:
    Picture picture_;
};

std::vector<double> errorsOf(const ProposedMarks& marks) {
    std::vector<double> out;
    for (const auto& [f, point] : marks.at("left_knee"))
        out.push_back(apart(point.mark.at, pathAt(f)));
    return out;
}

} // namespace

class TestSteadiedMarks : public QObject {
    Q_OBJECT

private slots:
    void theTrembleGoesThePathStays() {
        const std::vector<CarriedPoint> run = trembling(80);
        std::vector<PixelPoint> as;
        for (const CarriedPoint& point : run)
            as.push_back(point.seen);
        QVERIFY(largestError(as) > 2 * kTremblePx);
        const double left = largestError(steadied(run));
        QVERIFY2(left < kTremblePx / 2, qPrintable(QString::number(left)));
    }
    void aPointSeenElsewhereHasNoSay() {
        std::vector<CarriedPoint> run = trembling(80);
        const std::vector<PixelPoint> without = steadied(run);
        for (const std::size_t i : {30, 31, 32})
            run[i].seen = {300, 40};
        const std::vector<PixelPoint> with = steadied(run);
        for (std::size_t i = 25; i < 38; ++i)
            QVERIFY2(apart(with[i], without[i]) < kTremblePx / 3,
                     qPrintable(QString::number(apart(with[i], without[i]))));
    }
    void aStepWithSomethingElseHasNoSay() {
        // Something else passes in front and takes the picture with it for two frames: what was seen carries on alone.
        std::vector<CarriedPoint> run = trembling(80);
        run[40].step->by.x += 40;
        run[41].step->by.x += 40;
        const double left = largestError(steadied(run));
        QVERIFY2(left < 1.5 * kTremblePx, qPrintable(QString::number(left)));
    }
    void withoutStepsAsSeen() {
        std::vector<CarriedPoint> run = trembling(10);
        for (CarriedPoint& point : run)
            point.step.reset();
        const std::vector<PixelPoint> path = steadied(run);
        for (std::size_t i = 0; i < run.size(); ++i)
            QVERIFY(apart(path[i], run[i].seen) < 1e-9);
        QVERIFY(steadied({}).empty());
    }
    void byThePicturesOwnMovement() {
        const Moving clip;
        QVERIFY2(clip.there(), "opencv-doc is not installed");
        ProposedMarks marks = Moving::marks(30);
        marks["left_knee"].erase(12); // not placed there, and stays so
        const std::vector<double> before = errorsOf(marks);
        QVERIFY(steadyByPicture(
                    marks, [&](int f) { return clip.frame(f); }, 0, 29)
                    .ok());
        const std::vector<double> after = errorsOf(marks);
        QCOMPARE(after.size(), std::size_t(29));
        QVERIFY2(median(after) < median(before) / 2,
                 qPrintable(QStringLiteral("%1, before %2").arg(median(after)).arg(median(before))));
        QCOMPARE(marks.at("left_knee").at(5).mark.sigmaPx, kTremblePx);
        QCOMPARE(marks.at("left_knee").at(5).score, .8);
    }
    void stoppedNothingIsChanged() {
        const Moving clip;
        ProposedMarks marks = Moving::marks(10);
        const std::vector<double> before = errorsOf(marks);
        int asked = 0;
        const auto done = steadyByPicture(
            marks, [&](int f) { return clip.frame(f); }, 0, 9, [&](double) { return ++asked < 4; });
        QVERIFY(!done.ok());
        QCOMPARE(done.error().kind, Error::Kind::Cancelled);
        QCOMPARE(errorsOf(marks), before);
    }
    void aPictureThatCannotBeReadIsSaid() {
        ProposedMarks marks = Moving::marks(5);
        const auto done = steadyByPicture(
            marks, [](int) -> Result<Picture> { return badInput("clip.mp4", "a frame", "none"); }, 0, 4);
        QVERIFY(!done.ok());
        QVERIFY(done.error().sentence().find("clip.mp4") != std::string::npos);
    }
};

QTEST_GUILESS_MAIN(TestSteadiedMarks)
#include "tst_steadied_marks.moc"
