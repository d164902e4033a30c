// The lens from chessboards: against the published calibration of OpenCV's own pictures.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/lens_from_boards.h"
#include "support/files.h"
#include "support/pictures.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

class TestLensFromBoards : public QObject {
    Q_OBJECT
private slots:
    /// Source: left01..14.jpg and left_intrinsics.yml of OpenCV 4.6 (Debian's opencv-doc), 9 x 6 inner corners: focal
    /// length 535.9157, centre 342.2832 / 235.5708, k1 -0.2664, rms .392591.
    void againstThePublishedLens() {
        std::vector<Picture> boards;
        for (int i = 1; i <= 14; ++i) {
            const std::string file =
                std::string(OPENCV_DATA) + "/left" + (i < 10 ? "0" : "") + std::to_string(i) + ".jpg";
            if (Picture picture = pictureFrom(file.c_str()); picture.width > 0)
                boards.push_back(picture);
        }
        QCOMPARE(boards.size(), std::size_t(13)); // there is no tenth
        const auto fit = lensFromBoards([&](int at) -> Result<Picture> { return boards[static_cast<std::size_t>(at)]; },
                                        static_cast<int>(boards.size()), {9, 6});
        QVERIFY2(fit.ok(), fit.ok() ? "" : fit.error().sentence().c_str());
        const Json published = readJson(TEST_DATA "/calibration_homography.json")["published"];
        qInfo("%d boards, f %.3f, centre %.3f %.3f, k1 %.4f, rms %.4f", fit->boards, fit->lens.focalX,
              fit->lens.centre.x, fit->lens.centre.y, fit->lens.k1, fit->residualPx);
        QCOMPARE(fit->boards, 13);
        QVERIFY(std::abs(fit->lens.focalX - published["K"][0][0].get<double>()) < 0.5);
        QVERIFY(std::abs(fit->lens.focalY - fit->lens.focalX) < 1e-6);
        QVERIFY(std::abs(fit->lens.centre.x - published["K"][0][2].get<double>()) < 0.5);
        QVERIFY(std::abs(fit->lens.centre.y - published["K"][1][2].get<double>()) < 0.5);
        QVERIFY(std::abs(fit->lens.k1 - published["dist"][0].get<double>()) < 0.01);
        // The pictures come through another JPEG reader, which moves corners by hundredths of a pixel.
        QVERIFY(std::abs(fit->residualPx - published["rms"].get<double>()) < 0.03);
    }
    void tooFewBoards() {
        const Picture one = pictureFrom(OPENCV_DATA "/left01.jpg");
        const auto none = lensFromBoards([&](int) -> Result<Picture> { return one; }, 50, {9, 6});
        QVERIFY(!none.ok());
        QVERIFY2(none.error().got.find("1") != std::string::npos,
                 none.error().got.c_str()); // the same view again is no other
        const auto empty =
            lensFromBoards([&](int) -> Result<Picture> { return plainPicture(640, 480, 80); }, 20, {9, 6});
        QVERIFY(!empty.ok());
    }
};

QTEST_GUILESS_MAIN(TestLensFromBoards)
#include "tst_lens_from_boards.moc"
