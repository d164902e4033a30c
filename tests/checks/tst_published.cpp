// Calibration, time warping and small statistics against what others published or compute; the source beside each.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/calibration.h"
#include "core/signal/time_warp.h"
#include "core/uncertainty/reliability.h"
#include "core/uncertainty/stats.h"
#include "support/files.h"

#include <QProcess>
#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Their planes have y down, as pictures do; ours has y up.
std::vector<KnownPoint> known(const Json& pixels, const Json& plane, const std::vector<std::size_t>& which) {
    std::vector<KnownPoint> out;
    for (std::size_t i : which)
        out.push_back({{pixels[i][0].get<double>(), pixels[i][1].get<double>()},
                       plane[i][0].get<double>(),
                       -plane[i][1].get<double>(),
                       1});
    return out;
}
std::vector<std::size_t> all(const Json& list) {
    std::vector<std::size_t> out(list.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = i;
    return out;
}
/// RMS distance of the mapped pixels from the plane's points.
double planeError(const Plane& plane, const Json& pixels, const Json& truth) {
    double squares = 0;
    for (std::size_t i = 0; i < pixels.size(); ++i) {
        const auto at = plane.at({pixels[i][0].get<double>(), pixels[i][1].get<double>()});
        squares += std::pow(at->xM - truth[i][0].get<double>(), 2) + std::pow(at->yM + truth[i][1].get<double>(), 2);
    }
    return std::sqrt(squares / static_cast<double>(pixels.size()));
}
Lens publishedLens(const Json& published) {
    const Json &k = published["K"], &d = published["dist"];
    Lens lens;
    lens.focalX = k[0][0].get<double>();
    lens.focalY = k[1][1].get<double>();
    lens.centre = {k[0][2].get<double>(), k[1][2].get<double>()};
    lens.k1 = d[0].get<double>();
    lens.k2 = d[1].get<double>();
    lens.p1 = d[2].get<double>();
    lens.p2 = d[3].get<double>();
    lens.k3 = d[4].get<double>();
    return lens;
}
Json askPython(const QString& script) {
    QProcess python;
    python.start(QStringLiteral("/usr/bin/python3"), {QStringLiteral("-c"), script});
    if (!python.waitForFinished(60000) || python.exitCode() != 0)
        qFatal("python3: %s", python.readAllStandardError().constData());
    return jsonOf(python.readAllStandardOutput().toStdString());
}

} // namespace

class TestPublished : public QObject {
    Q_OBJECT
    const Json calibration_ = readJson(TEST_DATA "/calibration_homography.json");
private slots:
    /// Source: OpenCV's chessboard left01.jpg with its published left_intrinsics.yml (Debian's opencv-doc 4.6):
    /// undistorted corners and sample points as cv2.undistortPoints gives them.
    void undistortionAsOpenCv() {
        const Lens lens = publishedLens(calibration_["published"]);
        const Json &corners = calibration_["left01_corners_px"], &wanted = calibration_["left01_corners_undist_px"];
        QVERIFY(corners.size() >= 50);
        for (std::size_t i = 0; i < corners.size(); ++i) {
            const auto at = undistorted(lens, {corners[i][0].get<double>(), corners[i][1].get<double>()});
            QVERIFY(std::abs(at->x - wanted[i][0].get<double>()) < 0.01);
            QVERIFY(std::abs(at->y - wanted[i][1].get<double>()) < 0.01);
        }
        const Json& samples = calibration_["undistort_samples"];
        for (std::size_t i = 0; i < samples["px"].size(); ++i) {
            const auto at = undistorted(lens, {samples["px"][i][0].get<double>(), samples["px"][i][1].get<double>()});
            const double dx = at->x - samples["out"][i][0].get<double>(),
                         dy = at->y - samples["out"][i][1].get<double>();
            // Theirs stops after five rounds; the corner of the picture has not settled by then.
            QVERIFY2(std::hypot(dx, dy) < 0.2, qPrintable(QString::number(std::hypot(dx, dy))));
        }
    }
    /// Source: the same board, 25 mm squares: plane error of all corners, of a plane from its four outer corners, and
    /// what is left when distortion stays in.
    void planeOfTheChessboard() {
        const Json &pixels = calibration_["left01_corners_undist_px"], &board = calibration_["board_mm"],
                   &wanted = calibration_["plane_err_mm"];
        const auto whole = Plane::solve(known(pixels, board, all(pixels)), PlaneOf::Movement);
        QVERIFY2(whole.ok(), whole.ok() ? "" : whole.error().sentence().c_str());
        QVERIFY(std::abs(planeError(*whole, pixels, board) - wanted["all_rms"].get<double>()) < 0.001);
        const Json& h = calibration_["H_undistpx_to_mm"];
        for (int row = 0; row < 3; ++row)
            for (int column = 0; column < 3; ++column) {
                const double sign = row == 1 ? -1 : 1, theirs = h[row][column].get<double>();
                QVERIFY(std::abs(sign * whole->map()[static_cast<std::size_t>(3 * row + column)] - theirs) <
                        1e-4 * std::max(1.0, std::abs(theirs)));
            }
        const std::vector<std::size_t> corners{0, 8, board.size() - 9, board.size() - 1};
        const auto four = Plane::solve(known(pixels, board, corners), PlaneOf::Movement);
        QVERIFY(!four->residualM());
        QVERIFY(std::abs(planeError(*four, pixels, board) - wanted["four_corner_rms"].get<double>()) < 0.001);
        const Json& raw = calibration_["left01_corners_px"];
        const auto bent = Plane::solve(known(raw, board, corners), PlaneOf::Movement);
        QVERIFY(std::abs(planeError(*bent, raw, board) - wanted["four_corner_raw_rms"].get<double>()) < 0.001);
    }
    /// Source: OpenCV's getPerspectiveTransform on a badminton court of 13.40 by 6.10 m (federation dimensions, from
    /// memory): three points of the court, and its diagonal.
    void courtFromFourCorners() {
        const Json& court = calibration_["four_point_badminton"];
        const auto plane = Plane::solve(known(court["img"], court["world_m"], all(court["img"])), PlaneOf::Floor);
        QVERIFY(plane.ok());
        for (std::size_t i = 0; i < court["q"].size(); ++i) {
            const auto at = plane->at({court["q"][i][0].get<double>(), court["q"][i][1].get<double>()});
            // Their corners are single precision: 13.4 m is 2e-7 m off.
            QVERIFY(std::abs(at->xM - court["out"][i][0].get<double>()) < 1e-6);
            QVERIFY(std::abs(at->yM + court["out"][i][1].get<double>()) < 1e-6);
        }
        const auto a = plane->at({0, 0}), b = plane->at({600, 470});
        QVERIFY(std::abs(std::hypot(b->xM - a->xM, b->yM - a->yM) - 14.723111084278349) < 1e-9);
    }
    /// Source: OpenCV's H1to3p.xml (Debian's opencv-doc): the published homography of two pictures, through six points.
    void publishedHomography() {
        const Json& graf = calibration_["graf_H1to3"];
        const auto plane = Plane::solve(known(graf["src"], graf["dst"], {0, 1, 2, 3}), PlaneOf::Movement);
        QVERIFY2(plane.ok(), plane.ok() ? "" : plane.error().sentence().c_str());
        QVERIFY(planeError(*plane, graf["src"], graf["dst"]) < 1e-6);
    }
    /// Source: dynamic time warping with unit steps on absolute differences, by an independent implementation and by
    /// brute force over all paths.
    void costOfTimeWarping() {
        const Json cases = readJson(TEST_DATA "/time_warp.json");
        QCOMPARE(cases.size(), 3U);
        for (const Json& one : cases) {
            const auto a = one["a"].get<std::vector<double>>(), b = one["b"].get<std::vector<double>>();
            Eigen::MatrixXd distance(a.size(), b.size());
            for (std::size_t i = 0; i < a.size(); ++i)
                for (std::size_t j = 0; j < b.size(); ++j)
                    distance(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(j)) = std::abs(a[i] - b[j]);
            const Warp warp = timeWarp(distance, WarpSteps::Free);
            QVERIFY(warp.found);
            QCOMPARE(warp.total, one["d"].get<double>());
            double along = 0;
            for (const auto& [i, j] : warp.path)
                along += distance(i, j);
            QCOMPARE(along, warp.total);
        }
    }
    /// Our own arithmetic: the slope-limited warp against every path tried by recursion.
    void slopeLimitedWarpIsTheCheapest() {
        std::mt19937 random(2);
        std::uniform_real_distribution<double> any(0, 1);
        for (int copy = 0; copy < 50; ++copy) {
            const Eigen::Index n = 4 + copy % 4, m = 4 + copy % 5;
            Eigen::MatrixXd d(n, m);
            for (double& value : d.reshaped())
                value = any(random);
            const std::function<double(Eigen::Index, Eigen::Index)> cheapest = [&](Eigen::Index i,
                                                                                   Eigen::Index j) -> double {
                if (i == 0 && j == 0)
                    return 2 * d(0, 0);
                double best = std::numeric_limits<double>::infinity();
                if (i >= 1 && j >= 1)
                    best = std::min(best, cheapest(i - 1, j - 1) + 2 * d(i, j));
                if (i >= 1 && j >= 2)
                    best = std::min(best, cheapest(i - 1, j - 2) + 2 * d(i, j - 1) + d(i, j));
                if (i >= 2 && j >= 1)
                    best = std::min(best, cheapest(i - 2, j - 1) + 2 * d(i - 1, j) + d(i, j));
                return best;
            };
            const double wanted = cheapest(n - 1, m - 1);
            const Warp warp = timeWarp(d, WarpSteps::SlopeOne);
            QCOMPARE(warp.found, std::isfinite(wanted));
            if (warp.found)
                QVERIFY(std::abs(warp.total - wanted) < 1e-12);
        }
        QVERIFY(!timeWarp(Eigen::MatrixXd::Ones(4, 12), WarpSteps::SlopeOne).found); // three times as long
    }
    /// Source: NumPy's percentile, SciPy's binomtest (Wilson) and t distribution, scikit-learn's cohen_kappa_score, run
    /// here and now.
    void statisticsAsPythonHasThem() {
        const Json theirs = askPython(QStringLiteral(R"(
import json, numpy as np
from scipy import stats
from sklearn.metrics import cohen_kappa_score
r = np.random.default_rng(4)
values = r.normal(size=37).round(6).tolist()
pairs = [(int(k), int(n)) for n in (1, 5, 12, 40, 200) for k in (0, n // 3, n)]
a, b = r.integers(0, 5, 60), r.integers(0, 5, 60)
b[:30] = a[:30]
print(json.dumps({
  "values": values, "percentiles": [[p, float(np.percentile(values, 100 * p))] for p in (0, .1, .25, .5, .77, .9, 1)],
  "wilson": [[k, n, *map(float, stats.binomtest(k, n).proportion_ci(.95, "wilson"))] for k, n in pairs],
  "t": [[d, float(stats.t.ppf(.975, d))] for d in (1, 2, 3, 4, 7, 9, 15, 29, 60)],
  "a": a.tolist(), "b": b.tolist(), "kappa": float(cohen_kappa_score(a, b, weights="linear")),
  "sd": float(np.std(values, ddof=1)), "cdf": [[z, float(stats.norm.cdf(z))] for z in (-3, -1.2, 0, .4, 2.5)]}))
)"));
        const auto values = theirs["values"].get<std::vector<double>>();
        for (const Json& row : theirs["percentiles"])
            QVERIFY(std::abs(percentile(values, row[0].get<double>()) - row[1].get<double>()) < 1e-12);
        for (const Json& row : theirs["wilson"]) {
            const Interval own = wilson(row[0].get<int>(), row[1].get<int>(), kZ95);
            QVERIFY(std::abs(own.low - row[2].get<double>()) < 1e-12);
            QVERIFY(std::abs(own.high - row[3].get<double>()) < 1e-12);
        }
        for (const Json& row : theirs["t"])
            QVERIFY(std::abs(studentT975(row[0].get<int>()) / row[1].get<double>() - 1) < 1e-6);
        for (const Json& row : theirs["cdf"])
            QVERIFY(std::abs(normalCdf(row[0].get<double>()) - row[1].get<double>()) < 1e-12);
        QVERIFY(std::abs(standardDeviation(values) - theirs["sd"].get<double>()) < 1e-12);
        const double kappa = weightedKappa(theirs["a"].get<std::vector<int>>(), theirs["b"].get<std::vector<int>>(), 5);
        QVERIFY(std::abs(kappa - theirs["kappa"].get<double>()) < 1e-12);
    }
};

QTEST_APPLESS_MAIN(TestPublished)
#include "tst_published.moc"
