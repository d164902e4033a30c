// The pose network: against its own original (movenet_golden.json: TensorFlow.js on crops of a picture in Debian's
// opencv-doc), against the truth of the simulated camera, and what is made of its answers.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/uncertainty/stats.h"
#include "media/picture_maker.h"
#include "media/proposed_marks.h"
#include "support/files.h"
#include "support/pictures.h"

#include <QFileInfo>
#include <QTemporaryDir>
#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr double kBodyPx = 391; ///< body height of the demo's figures in their pictures

double apart(PixelPoint a, PixelPoint b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// A person standing in a side view, as a network would put it; `shift` moves all of it.
std::vector<ProposedPoint> standing(double shift = 0, double score = 0.9) {
    std::vector<ProposedPoint> out;
    const std::vector<std::pair<const char*, PixelPoint>> places = {{"shoulder", {100, 100}}, {"elbow", {110, 160}},
                                                                    {"wrist", {150, 190}},    {"hip", {100, 220}},
                                                                    {"knee", {110, 320}},     {"ankle", {100, 420}}};
    for (const auto& [part, at] : places) {
        out.push_back({std::string("left_") + part, {at.x + shift, at.y}, score});
        out.push_back({std::string("right_") + part, {at.x + 60 + shift, at.y + 5}, score});
    }
    return out;
}
ProposedPoint& pointOf(std::vector<ProposedPoint>& points, const std::string& landmark) {
    return *std::find_if(points.begin(), points.end(), [&](const auto& p) { return p.landmark == landmark; });
}

} // namespace

class TestPoseNetwork : public QObject {
    Q_OBJECT

    std::unique_ptr<PoseNetwork> network_;

private slots:
    void initTestCase() {
        auto network = PoseNetwork::open(PROGRAMS "/../share/riflesso/models");
        QVERIFY2(network.ok(), network.ok() ? "" : network.error().sentence().c_str());
        network_ = std::move(*network);
    }
    void asTheOriginal() {
        const Json golden = readJson(TEST_DATA "/movenet_golden.json");
        const Picture picture = pictureFrom(OPENCV_DATA "/messi5.jpg");
        QVERIFY2(picture.width > 0, "opencv-doc is not installed");
        double worst = 0, worstScore = 0;
        for (std::size_t i = 0; i < golden["crops_x_y"].size(); ++i) {
            const Json& corner = golden["crops_x_y"][i];
            const auto joints = network_->onePass(picture, {corner[0], corner[1], 256, 256});
            QVERIFY(joints.ok());
            QCOMPARE(joints->size(), golden["keypoints"][i].size());
            for (std::size_t j = 0; j < joints->size(); ++j) {
                const Json& expected = golden["keypoints"][i][j];
                for (std::size_t k = 0; k < 2; ++k)
                    worst = std::max(worst, 256 * std::abs((*joints)[j][k] - expected[k].get<double>()));
                worstScore = std::max(worstScore, std::abs((*joints)[j][2] - expected[2].get<double>()));
            }
        }
        QVERIFY2(worst <= 0.01, qPrintable(QString::number(worst)));
        QVERIFY2(worstScore <= 0.001, qPrintable(QString::number(worstScore)));
    }
    void nearTheTruthOfTheSimulatedCamera() {
        // The figure's own rule: joints that are seen within 1.5 % of the body's height in the median, hips 3 %.
        std::map<std::string, std::vector<double>> shares;
        int covered = 0, all = 0;
        for (const char* clip : {"ilka_baseline", "instructors"}) {
            const Json truth = readJson(std::string(DEMO_CLIPS "/") + clip + ".truth.json");
            const auto reader = ClipReader::open(std::string(DEMO_CLIPS "/") + clip + ".mp4");
            QVERIFY(reader.ok());
            constexpr int kFrom = 40, kTo = 64;
            const auto marks =
                proposeMarks(*network_, [&](int at) { return (*reader)->frame(at); }, kFrom, kTo, {}, {});
            QVERIFY(marks.ok());
            for (const auto& [landmark, track] : *marks)
                if (truth["landmarks_px"].contains(landmark))
                    for (const auto& [frame, point] : track) {
                        const Json& at = truth["landmarks_px"][landmark][static_cast<std::size_t>(frame)];
                        const double dx = point.mark.at.x - at[0].get<double>(),
                                     dy = point.mark.at.y - at[1].get<double>();
                        covered += (std::abs(dx) <= 2 * point.mark.sigmaPx) + (std::abs(dy) <= 2 * point.mark.sigmaPx);
                        all += 2;
                        if (!isDoubtful(point.mark.source))
                            shares[landmark.substr(landmark.find('_') + 1)].push_back(std::hypot(dx, dy) / kBodyPx);
                    }
        }
        for (const char* joint : {"shoulder", "elbow", "wrist", "knee", "ankle"})
            QVERIFY2(median(shares[joint]) <= 0.015,
                     qPrintable(QString("%1 %2").arg(joint).arg(median(shares[joint]))));
        QVERIFY2(median(shares["hip"]) <= 0.03, qPrintable(QString::number(median(shares["hip"]))));
        qInfo("%.1f of 100 coordinates within 2 u", 100.0 * covered / all);
        QVERIFY(covered >= 0.93 * all);
    }
    void whoDoesNotStandIsSeenTurned() {
        // The same lunge filmed with the camera on its side, and on its head: as exact as upright.
        const Json truth = readJson(std::string(DEMO_CLIPS "/ilka_baseline.truth.json"));
        const auto reader = ClipReader::open(DEMO_CLIPS "/ilka_baseline.mp4");
        QVERIFY(reader.ok());
        constexpr int kFrom = 40, kTo = 52;
        std::vector<double> medians;
        for (const int quarters : {0, 1, 2}) {
            int width = 0, height = 0;
            const auto frame = [&](int at) -> Result<Picture> {
                auto picture = (*reader)->frame(at);
                if (!picture)
                    return picture;
                width = picture->width, height = picture->height;
                picture->rgb = std::make_shared<const std::vector<std::uint8_t>>(
                    turned(*picture->rgb, width, height, 90 * quarters));
                if (quarters % 2)
                    std::swap(picture->width, picture->height);
                return picture;
            };
            const auto marks = proposeMarks(*network_, frame, kFrom, kTo, {}, {}, {.feet = false});
            QVERIFY(marks.ok());
            std::vector<double> off;
            for (const auto& [landmark, track] : *marks)
                if (truth["landmarks_px"].contains(landmark))
                    for (const auto& [at, point] : track) {
                        const Json& there = truth["landmarks_px"][landmark][static_cast<std::size_t>(at)];
                        const PixelPoint is{there[0], there[1]};
                        off.push_back(apart(point.mark.at, quarters == 0 ? is
                                                           : quarters == 1
                                                               ? PixelPoint{height - 1 - is.y, is.x}
                                                               : PixelPoint{width - 1 - is.x, height - 1 - is.y}));
                    }
            medians.push_back(median(off));
        }
        qInfo("%.2f upright, %.2f on the side, %.2f on the head", medians[0], medians[1], medians[2]);
        QVERIFY(medians[1] <= 1.3 * medians[0] && medians[2] <= 1.3 * medians[0]); // unturned: 1.5 to 1.8 times
    }
    void nobodyThere() {
        const Picture grey = plainPicture(640, 360, 110);
        network_->lookIn({});
        const auto points = network_->joints(grey);
        QVERIFY(points.ok());
        QVERIFY(points->empty());
    }
    void answersAreKept() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("answers"));
        const Picture picture = pictureFrom(OPENCV_DATA "/messi5.jpg");
        const PictureBox box{100, 30, 256, 256};
        const auto told = *network_->onePass(picture, box);
        const auto through = [&] {
            qputenv("RIFLESSO_NETWORK_ANSWERS", file.toLocal8Bit());
            const auto network = PoseNetwork::open(PROGRAMS "/../share/riflesso/models");
            qunsetenv("RIFLESSO_NETWORK_ANSWERS");
            return *(*network)->onePass(picture, box);
        };
        QVERIFY(through() == told);
        const qint64 one = QFileInfo(file).size();
        QVERIFY(one > 0);
        QVERIFY(through() == told);
        QCOMPARE(QFileInfo(file).size(), one); // not asked again
        // It is what the file says: a file of something else says something else.
        QFile answers(file);
        QVERIFY(answers.open(QIODevice::ReadWrite));
        QVERIFY(answers.seek(one - 1));
        answers.write("\x3d", 1); // the last byte of the last number, a score
        answers.close();
        QVERIFY(through() != told);
        QVERIFY(QFile::resize(file, one / 2)); // cut off: asked again, and kept again
        QVERIFY(through() == told);
        QCOMPARE(QFileInfo(file).size(), one);
    }
    void weightsThatAreNotThere() {
        const auto network = PoseNetwork::open("/nowhere");
        QVERIFY(!network.ok());
        QVERIFY(network.error().sentence().find("movenet-thunder.onnx") != std::string::npos);
    }
    void stopsWhenAsked() {
        int asked = 0;
        const auto marks = proposeMarks(
            *network_, [](int) -> Result<Picture> { return plainPicture(64, 64, 0); }, 0, 100, {}, {}, {},
            [&](double) { return ++asked < 2; });
        QVERIFY(!marks.ok());
        QCOMPARE(marks.error().kind, Error::Kind::Cancelled);
        QCOMPARE(asked, 2);
    }

    void leftAndRightAreCarriedAlong() {
        std::vector<ProposedFrame> frames;
        for (int f = 0; f < 5; ++f)
            frames.push_back({f, standing(2 * f)});
        for (const char* part : {"shoulder", "elbow", "wrist"}) { // the arms of the third frame come out exchanged
            auto& points = frames[2].points;
            std::swap(pointOf(points, std::string("left_") + part).at,
                      pointOf(points, std::string("right_") + part).at);
        }
        const ProposedMarks marks = settleProposals(frames, {});
        QCOMPARE(marks.at("left_wrist").at(2).mark.at.x, 154.0);
        QCOMPARE(marks.at("right_wrist").at(2).mark.at.x, 214.0);
        QCOMPARE(marks.at("left_knee").at(2).mark.at.x, 114.0);
    }
    void aPersonsMarkSaysWhichSideIsWhich() {
        const std::map<std::string, MarksByFrame> set = {{"left_wrist", {{0, {{210, 195}, 1, "analyst"}}}},
                                                         {"right_wrist", {{0, {{150, 190}, 1, "analyst"}}}},
                                                         {"left_elbow", {{0, {{170, 165}, 1, "analyst"}}}},
                                                         {"right_elbow", {{0, {{110, 160}, 1, "analyst"}}}}};
        const ProposedMarks marks = settleProposals({{0, standing()}, {1, standing(1)}}, set);
        QCOMPARE(marks.at("left_wrist").at(1).mark.at.x, 211.0);
        QCOMPARE(marks.at("left_knee").at(1).mark.at.x, 111.0); // nobody said anything of the legs
    }
    void doubtsAreSaid() {
        std::vector<ProposedFrame> frames;
        for (int f = 0; f < 9; ++f)
            frames.push_back({f, standing()});
        pointOf(frames[1].points, "left_knee").score = 0.3;      // low
        pointOf(frames[2].points, "left_knee").score = 0.1;      // too low to place
        pointOf(frames[4].points, "right_ankle").at.y += 60;     // the shank far too long, and a jump
        pointOf(frames[6].points, "left_wrist").at = {210, 196}; // on the other wrist
        const ProposedMarks marks = settleProposals(frames, {});
        const auto doubtful = [&](const char* landmark, int frame) {
            return isDoubtful(marks.at(landmark).at(frame).mark.source);
        };
        QVERIFY(doubtful("left_knee", 1));
        QVERIFY(!marks.at("left_knee").contains(2));
        QVERIFY(doubtful("right_ankle", 4));
        QVERIFY(doubtful("left_wrist", 6) || doubtful("right_wrist", 6));
        QVERIFY(!doubtful("left_knee", 5));
        const double sure = marks.at("left_knee").at(5).mark.sigmaPx, unsure = marks.at("left_knee").at(1).mark.sigmaPx;
        // Trunk 120, thigh and shank 100.5 each: a body 415 px high; a knee 0.7 % of it, 3 where the score is low.
        QVERIFY(std::abs(sure - 0.007 * 415) < 0.2);
        QVERIFY(std::abs(unsure - 0.03 * 415) < 0.5);
        QVERIFY(isProposed(marks.at("left_knee").at(5).mark.source));
        QVERIFY(!isProposed(confirmedSource(marks.at("left_knee").at(1).mark.source)));
    }
    /// Two who are doubtful in most frames are doubtful in all: the network does not know this body.
    void mostlyDoubtfulIsAllDoubtful() {
        std::vector<ProposedFrame> frames;
        for (int f = 0; f < 9; ++f) {
            frames.push_back({f, standing()});
            for (ProposedPoint& point : frames.back().points)
                if (f < 6)
                    point.score = 0.3;
        }
        const ProposedMarks marks = settleProposals(frames, {});
        QVERIFY(isDoubtful(marks.at("left_knee").at(8).mark.source));
        frames.erase(frames.begin(), frames.begin() + 3);
        QVERIFY(!isDoubtful(settleProposals(frames, {}).at("left_knee").at(8).mark.source));
    }
    void whoLiesIsLessSure() {
        std::vector<ProposedFrame> upright = {{0, standing()}}, lying = upright, unclear = {{0, standing(0, .4)}};
        for (ProposedPoint& point : lying[0].points)
            point.at = {point.at.y, 300 - point.at.x};
        const ProposedMarks up = settleProposals(upright, {}), down = settleProposals(lying, {}),
                            hardly = settleProposals(unclear, {});
        const Mark &knee = up.at("left_knee").at(0).mark, &lyingKnee = down.at("left_knee").at(0).mark;
        QVERIFY(std::abs(lyingKnee.sigmaPx / knee.sigmaPx - 3.3 / 0.7) < 0.05);
        QVERIFY(!isDoubtful(lyingKnee.source) && isDoubtful(down.at("left_wrist").at(0).mark.source));
        for (const auto& [landmark, track] : hardly)
            QVERIFY2(isDoubtful(track.at(0).mark.source), landmark.c_str());
    }
    void roomRoundMarks() {
        const std::map<std::string, MarksByFrame> marks = {{"left_knee", {{3, {{100, 200}, 1, ""}}}},
                                                           {"left_hip", {{3, {{100, 100}, 1, ""}}}},
                                                           {"nose", {{3, {{150, 50}, 1, ""}}}},
                                                           {"tip", {{3, {{900, 50}, 1, ""}}}}};
        const auto box = boxRound(marks, 3);
        QVERIFY(box.has_value());
        QVERIFY(box->x < 100 && box->x + box->width > 150 && box->x + box->width < 400);
        QVERIFY(!boxRound(marks, 4).has_value());
        QVERIFY(apart({box->x, box->y}, {77.5, 27.5}) < 1e-9);
    }
};

QTEST_APPLESS_MAIN(TestPoseNetwork)
#include "tst_pose_network.moc"
