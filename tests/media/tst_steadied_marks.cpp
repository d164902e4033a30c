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
        CarriedPoint point{PixelPoint{at.x + off(random), at.y + off(random)}, kTremblePx};
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

/// A picture that moves along the path.
class Moving {
public:
    Moving() : picture_(pictureFrom(OPENCV_DATA "/basketball1.png")) {}
    [[nodiscard]] bool there() const { return picture_.width > 0; }
    [[nodiscard]] Result<Picture> frame(int f) const {
        const double dx = pathAt(f).x - pathAt(0).x, dy = pathAt(f).y - pathAt(0).y;
        return moved(picture_, [=](double x, double y) { return std::pair(x - dx, y - dy); });
    }

private:
    Picture picture_;
};

/// Marks that tremble and bring the steps along.
ProposedMarks marksWithSteps(int frames) {
    ProposedMarks out;
    const std::vector<CarriedPoint> run = trembling(frames);
    for (int f = 0; f < frames; ++f) {
        const auto at = static_cast<std::size_t>(f);
        out["left_knee"][f] = {{*run[at].seen, kTremblePx, "network"}, .8};
        if (at + 1 < run.size())
            out["left_knee"][f].onward = run[at + 1].step;
    }
    return out;
}

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
            as.push_back(*point.seen);
        QVERIFY(largestError(as) > 2 * kTremblePx);
        const double left = largestError(steadied(run));
        QVERIFY2(left < kTremblePx / 2, qPrintable(QString::number(left)));
    }
    void aPointSeenElsewhereHasNoSay() {
        std::vector<CarriedPoint> run = trembling(80);
        const std::vector<PixelPoint> without = steadied(run);
        for (const std::size_t i : {30, 31, 32})
            run[i].seen = PixelPoint{300, 40};
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
            QVERIFY(apart(path[i], *run[i].seen) < 1e-9);
        QVERIFY(steadied({}).empty());
    }
    void whatLiesBetweenLooksIsCarried() {
        // Seen in every sixth frame only; the steps tell the way between, where they are known.
        std::vector<CarriedPoint> run = trembling(79);
        for (std::size_t i = 0; i < run.size(); ++i)
            if (i % 6 != 0)
                run[i].seen.reset();
        QVERIFY2(largestError(steadied(run)) < kTremblePx, qPrintable(QString::number(largestError(steadied(run)))));
        for (CarriedPoint& point : run)
            point.step.reset();
        const std::vector<PixelPoint> straight = steadied(run);
        for (std::size_t i = 0; i + 6 < run.size(); i += 6) {
            const PixelPoint a = *run[i].seen, b = *run[i + 6].seen;
            QVERIFY(apart(straight[i + 3], {(a.x + b.x) / 2, (a.y + b.y) / 2}) < 0.1);
        }
    }
    void marksBringTheirStepsAlong() {
        ProposedMarks marks = marksWithSteps(30);
        marks["left_knee"].erase(12); // not placed there, and stays so
        const std::vector<double> before = errorsOf(marks);
        steady(marks);
        const std::vector<double> after = errorsOf(marks);
        QCOMPARE(after.size(), std::size_t(29));
        QVERIFY2(median(after) < median(before) / 2,
                 qPrintable(QStringLiteral("%1, before %2").arg(median(after)).arg(median(before))));
        QCOMPARE(marks.at("left_knee").at(5).mark.sigmaPx, kTremblePx);
        QCOMPARE(marks.at("left_knee").at(5).score, .8);
    }
    void howThePictureMoved() {
        const Moving clip;
        QVERIFY2(clip.there(), "opencv-doc is not installed");
        const auto before = StepPicture::of(*clip.frame(20)), now = StepPicture::of(*clip.frame(21));
        QVERIFY(before.ok() && now.ok());
        const PixelPoint moved{pathAt(21).x - pathAt(20).x, pathAt(21).y - pathAt(20).y};
        const auto steps = before->stepsTo(*now, {{200, 150}, {320, 240}, {400, 300}});
        QVERIFY(steps.ok());
        QCOMPARE(steps->size(), std::size_t(3));
        for (const auto& step : *steps) {
            QVERIFY(step.has_value());
            QVERIFY2(apart(step->by, moved) < 0.1, qPrintable(QString::number(apart(step->by, moved))));
        }
        const auto other = StepPicture::of(plainPicture(64, 64, 0));
        QVERIFY(other.ok());
        QVERIFY(!(*before->stepsTo(*other, {{20, 20}}))[0].has_value()); // of another size: nothing can be told
    }
};

QTEST_GUILESS_MAIN(TestSteadiedMarks)
#include "tst_steadied_marks.moc"
