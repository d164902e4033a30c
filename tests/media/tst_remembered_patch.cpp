// A remembered piece of picture, found again where a known map has put it.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/remembered_patch.h"

#include <QtTest>

#include <opencv2/imgproc.hpp>

#include <cmath>

using namespace riflesso;

namespace {

constexpr int kSide = 31;

/// Smooth random texture.
cv::Mat texture() {
    cv::RNG random(5);
    cv::Mat out(240, 320, CV_8UC1);
    random.fill(out, cv::RNG::UNIFORM, 0, 255);
    cv::GaussianBlur(out, out, {0, 0}, 2.5);
    cv::normalize(out, out, 20, 220, cv::NORM_MINMAX);
    return out;
}

/// What stood at `from` comes to `to`, turned by `degrees` and stretched; in another light.
cv::Mat moved(const cv::Mat& picture, cv::Point2d from, cv::Point2d to, double degrees, double stretch, double contrast,
              double brightness) {
    const double a = degrees * CV_PI / 180;
    const double c = stretch * std::cos(a), s = std::sin(a), d = std::cos(a), e = stretch * std::sin(a);
    cv::Mat map =
        (cv::Mat_<double>(2, 3) << c, -s, to.x - c * from.x + s * from.y, e, d, to.y - e * from.x - d * from.y);
    cv::Mat out;
    cv::warpAffine(picture, out, map, picture.size(), cv::INTER_CUBIC, cv::BORDER_REFLECT);
    out.convertTo(out, CV_8U, contrast, brightness);
    return out;
}

} // namespace

class TestRememberedPatch : public QObject {
    Q_OBJECT

private slots:
    void foundAgainMovedTurnedStretchedAndInAnotherLight_data() {
        QTest::addColumn<double>("degrees");
        QTest::addColumn<double>("stretch");
        QTest::addColumn<double>("contrast");
        QTest::addColumn<double>("brightness");
        QTest::newRow("moved") << 0.0 << 1.0 << 1.0 << 0.0;
        QTest::newRow("turned") << 6.0 << 1.0 << 1.0 << 0.0;
        QTest::newRow("stretched") << 0.0 << 1.06 << 1.0 << 0.0;
        QTest::newRow("darker") << 0.0 << 1.0 << 0.6 << 10.0;
        QTest::newRow("all of it") << -4.0 << 0.96 << 0.8 << 30.0;
    }
    void foundAgainMovedTurnedStretchedAndInAnotherLight() {
        QFETCH(double, degrees);
        QFETCH(double, stretch);
        QFETCH(double, contrast);
        QFETCH(double, brightness);
        const cv::Mat picture = texture();
        const cv::Point2d from(150.3, 120.7), to(151.6, 119.4);
        const cv::Mat now = moved(picture, from, to, degrees, stretch, contrast, brightness);
        const RememberedPatch patch(picture, from, kSide);
        const PatchFit fit = patch.find(now, from);
        const QString what = QStringLiteral("off by %1 px, match %2").arg(cv::norm(fit.at - to)).arg(fit.match);
        // The picture itself is moved in steps of 1/32 px.
        QVERIFY2(cv::norm(fit.at - to) < 0.07, qPrintable(what));
        QVERIFY2(fit.match > 0.99, qPrintable(what));
        // The shape is the map's, but for the little it is held back by.
        QVERIFY(std::abs(static_cast<double>(fit.shape(0, 0)) - stretch * std::cos(degrees * CV_PI / 180)) < 0.03);
        QVERIFY(std::abs(static_cast<double>(fit.shape(0, 1)) + std::sin(degrees * CV_PI / 180)) < 0.03);
    }
    void goesOnFromTheShapeThatWasKept() {
        // A quarter turn in steps: each is near the one before, none but the first near the start.
        const cv::Mat picture = texture();
        const cv::Point2d at(160, 120);
        RememberedPatch patch(picture, at, kSide);
        for (double degrees = 6; degrees <= 90; degrees += 6) {
            const PatchFit fit = patch.find(moved(picture, at, at, degrees, 1, 1, 0), at);
            QVERIFY2(fit.match > 0.98 && cv::norm(fit.at - at) < 0.1,
                     qPrintable(QStringLiteral("at %1 degrees: match %2").arg(degrees).arg(fit.match)));
            patch.keep(fit);
        }
        const RememberedPatch fresh(picture, at, kSide);
        QVERIFY(fresh.find(moved(picture, at, at, 90, 1, 1, 0), at).match < 0.9);
    }
    void noPlaceOfItsOwnIsSaid() {
        const RememberedPatch flat(cv::Mat(100, 100, CV_8UC1, cv::Scalar(80)), {50, 50}, kSide);
        QCOMPARE(flat.find(texture(), {50, 50}).match, 0.0);
        const RememberedPatch patch(texture(), {150, 120}, kSide);
        QCOMPARE(patch.find(cv::Mat(240, 320, CV_8UC1, cv::Scalar(80)), {150, 120}).match, 0.0);
        QVERIFY(patch.find(texture(), {80, 60}).match < 0.9); // somewhere else altogether
        QCOMPARE(RememberedPatch().find(texture(), {80, 60}).match, 0.0);
        // Along an edge it may slide: that is uncertain where a corner is not.
        cv::Mat edge(120, 120, CV_8UC1, cv::Scalar(60)), corner = edge.clone();
        edge.colRange(60, 120) = 180;
        corner(cv::Rect(60, 60, 60, 60)) = 180;
        cv::Mat noise(120, 120, CV_8UC1);
        cv::RNG random(9);
        random.fill(noise, cv::RNG::NORMAL, 8, 3);
        const RememberedPatch ofEdge(edge, {60, 60}, kSide), ofCorner(corner, {60, 60}, kSide);
        QVERIFY(ofEdge.find(edge + noise, {60, 60}).sigmaPx > 3 * ofCorner.find(corner + noise, {60, 60}).sigmaPx);
    }
    void atThePicturesEdgeTheLastPixelGoesOn() {
        const cv::Mat picture = texture();
        for (const cv::Point2d at : {cv::Point2d(2, 3), cv::Point2d(318, 238), cv::Point2d(-20, 500)}) {
            const RememberedPatch patch(picture, at, kSide);
            const PatchFit fit = patch.find(picture, at);
            QVERIFY(fit.match >= -1.001 && fit.match <= 1.001);
        }
        QCOMPARE(RememberedPatch(cv::Mat(1, 1, CV_8UC1, cv::Scalar(3)), {0, 0}, kSide).find(picture, {0, 0}).match,
                 0.0);
    }
};

QTEST_APPLESS_MAIN(TestRememberedPatch)
#include "tst_remembered_patch.moc"
