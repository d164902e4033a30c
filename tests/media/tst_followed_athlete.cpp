// An athlete followed with looks at some pictures only: against a network that is made up, in a picture whose movement
// is known.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/followed_athlete.h"
#include "support/pictures.h"

#include <QtTest>

#include <atomic>
#include <cmath>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr int kLast = 40;
constexpr double kSpeedPx = 1.5; ///< a frame, to the right

double apart(PixelPoint a, PixelPoint b) { return std::hypot(a.x - b.x, a.y - b.y); }

const std::vector<std::pair<std::string, PixelPoint>>& body() {
    static const std::vector<std::pair<std::string, PixelPoint>> parts = [] {
        std::vector<std::pair<std::string, PixelPoint>> out = {{"nose", {250, 60}}};
        double y = 60;
        for (const char* part : {"eye", "ear", "shoulder", "elbow", "wrist", "hip", "knee", "ankle"}) {
            out.emplace_back(std::string("left_") + part, PixelPoint{230, y});
            out.emplace_back(std::string("right_") + part, PixelPoint{270, y});
            y += 40;
        }
        return out;
    }();
    return parts;
}

/// Sees the athlete move with the picture; what it is asked is noted.
class MadeUp final : public PoseNetwork {
public:
    std::set<int> looks, feetLooks;
    int lostFrom = 1000; ///< nobody is seen from here on
    std::function<PixelPoint(int frame)> wristOff = [](int) { return PixelPoint{}; };

    void lookIn(std::optional<PictureBox>) override {}
    void expect(const std::vector<ProposedPoint>& joints) override { expected = joints; }
    Result<std::vector<ProposedPoint>> joints(const Picture& picture) override {
        looks.insert(picture.index);
        std::vector<ProposedPoint> out;
        if (picture.index >= lostFrom)
            return out;
        for (const auto& [name, at] : body())
            out.push_back({name, {at.x + kSpeedPx * picture.index, at.y}, .9});
        for (ProposedPoint& point : out)
            if (point.landmark == "right_wrist") {
                const PixelPoint off = wristOff(picture.index);
                point.at = {point.at.x + off.x, point.at.y + off.y};
            }
        return out;
    }
    Result<std::vector<ProposedPoint>> feet(const Picture& picture, const std::vector<ProposedPoint>& joints) override {
        feetLooks.insert(picture.index);
        if (joints.empty())
            return std::vector<ProposedPoint>{};
        return std::vector<ProposedPoint>{{"left_heel", {225 + kSpeedPx * picture.index, 390}, .9},
                                          {"right_heel", {265 + kSpeedPx * picture.index, 390}, .9}};
    }
    Result<std::vector<std::array<double, 3>>> onePass(const Picture&, const PictureBox&) override {
        return std::vector<std::array<double, 3>>{};
    }
    std::vector<ProposedPoint> expected;
};

} // namespace

class TestFollowedAthlete : public QObject {
    Q_OBJECT

    std::vector<Picture> pictures_;
    [[nodiscard]] Result<Picture> frame(int f) const { return pictures_[static_cast<std::size_t>(f)]; }
    Result<std::vector<ProposedFrame>> follow(PoseNetwork& network, const LookPlan& plan = {}) const {
        return followAthlete(
            network, [this](int f) { return frame(f); }, 0, kLast, {}, plan);
    }

private slots:
    void initTestCase() {
        const Picture still = pictureFrom(OPENCV_DATA "/basketball1.png");
        QVERIFY2(still.width > 0, "opencv-doc is not installed");
        for (int f = 0; f <= kLast; ++f) {
            pictures_.push_back(moved(still, [f](double x, double y) { return std::pair(x - kSpeedPx * f, y); }));
            pictures_.back().index = f;
        }
    }
    void looksAtFewAndCarriesBetween() {
        MadeUp network;
        const auto frames = follow(network);
        QVERIFY(frames.ok());
        QCOMPARE(frames->size(), std::size_t(kLast + 1));
        QCOMPARE(network.looks, (std::set<int>{0, 6, 12, 18, 24, 30, 36, 40}));
        QCOMPARE(network.feetLooks, (std::set<int>{0, 8, 16, 24, 32, 40}));
        for (const ProposedFrame& each : *frames) {
            QCOMPARE(each.points.size(), body().size() + 2);
            for (std::size_t i = 0; i < body().size(); ++i) {
                const PixelPoint truth{body()[i].second.x + kSpeedPx * each.frame, body()[i].second.y};
                QVERIFY2(apart(each.points[i].at, truth) < 1,
                         qPrintable(QString("frame %1, %2").arg(each.frame).arg(body()[i].first.c_str())));
                QCOMPARE(each.points[i].carried, !network.looks.contains(each.frame));
                QCOMPARE(each.points[i].onward.has_value(), each.frame < kLast);
            }
            QCOMPARE(each.points.back().carried, !network.feetLooks.contains(each.frame));
        }
        // It expects the athlete where the picture carried them.
        QVERIFY(std::abs(network.expected.front().at.x - (250 + kSpeedPx * kLast)) < 1);
    }
    void withoutFeetTheSecondNetworkRests() {
        MadeUp network;
        const auto frames = follow(network, {.feet = false});
        QVERIFY(frames.ok());
        QVERIFY(network.feetLooks.empty());
        QCOMPARE(frames->front().points.size(), body().size());
    }
    void everyFrameWhereThatIsAsked() {
        MadeUp network;
        const auto frames = follow(network, {.mostApart = 1});
        QVERIFY(frames.ok());
        QCOMPARE(network.looks.size(), std::size_t(kLast + 1));
        QCOMPARE(network.feetLooks.size(), std::size_t(kLast + 1));
        for (const ProposedFrame& each : *frames)
            for (const ProposedPoint& point : each.points)
                QVERIFY(!point.carried);
    }
    void looksAgainWhereTheTwoDisagree() {
        // A hand that jumps in frame 21, while the picture goes on: looked at again round the jump, as often as may be.
        MadeUp network;
        network.wristOff = [](int f) { return f > 20 ? PixelPoint{80, 0} : PixelPoint{}; };
        const auto frames = follow(network);
        QVERIFY(frames.ok());
        QVERIFY(network.looks.contains(21) && network.looks.contains(19));
        QVERIFY(!network.looks.contains(9) && !network.looks.contains(33));
    }
    void looksAgainOnlySoOften() {
        // It never agrees: there is an end to it.
        MadeUp network;
        network.wristOff = [](int f) { return PixelPoint{f % 2 ? 90.0 : 0.0, 60.0 * (f % 3)}; };
        QVERIFY(follow(network).ok());
        QVERIFY2(network.looks.size() <= 16, qPrintable(QString::number(network.looks.size())));
    }
    void nobodyFromHereOn() {
        MadeUp network;
        network.lostFrom = 15;
        const auto frames = follow(network);
        QVERIFY(frames.ok());
        QVERIFY(!(*frames)[14].points.empty() && !(*frames)[12].points.empty());
        QVERIFY((*frames)[18].points.empty() && (*frames)[kLast].points.empty());
    }
    void stopsWhenAskedAndSaysWhatCannotBeRead() {
        MadeUp network;
        int asked = 0;
        const auto stopped = followAthlete(
            network, [this](int f) { return frame(f); }, 0, kLast, {}, {}, [&](double) { return ++asked < 3; });
        QVERIFY(!stopped.ok());
        QCOMPARE(stopped.error().kind, Error::Kind::Cancelled);
        const auto broken =
            followAthlete(network,
                          [this](int f) -> Result<Picture> {
                              return f < 20 ? frame(f) : Result<Picture>(badInput("clip.mp4", "a frame", "none"));
                          },
                          0, kLast, {});
        QVERIFY(!broken.ok());
        QVERIFY(broken.error().sentence().find("clip.mp4") != std::string::npos);
    }
};

QTEST_GUILESS_MAIN(TestFollowedAthlete)
#include "tst_followed_athlete.moc"
