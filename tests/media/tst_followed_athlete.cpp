// An athlete followed with looks at some pictures only: against a network that is made up, in a picture whose movement
// is known.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/body_colours.h"
#include "media/followed_athlete.h"
#include "media/joint_shares.h"
#include "media/proposed_marks.h"
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
    int lostFrom = 1000;                    ///< nobody is seen from here on
    std::pair<int, int> hidden{1000, 1000}; ///< frames, last included, in which somebody else stands before the athlete
    double noseScore = .9;
    double otherOff = 0; ///< px, where their joints are then seen beside the athlete's
    std::function<PixelPoint(int frame)> wristOff = [](int) { return PixelPoint{}; };

    void lookIn(std::optional<PictureBox>) override {}
    void expect(const std::vector<ProposedPoint>& joints) override { expected = joints; }
    Result<std::vector<ProposedPoint>> joints(const Picture& picture) override {
        looks.insert(picture.index);
        std::vector<ProposedPoint> out;
        const bool behind = picture.index >= hidden.first && picture.index <= hidden.second;
        if (picture.index >= lostFrom || (behind && isGrey(picture, {kTrunk.x + otherOff, kTrunk.y})))
            return out;
        for (const auto& [name, at] : body())
            out.push_back({name, {at.x + kSpeedPx * picture.index + (behind ? otherOff : 0), at.y}, .9});
        out.front().score = noseScore;
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

    /// The middle of the trunk in frame 0; whether a picture was painted over there.
    static constexpr PixelPoint kTrunk{250, 200};
    static bool isGrey(const Picture& picture, PixelPoint at) {
        const auto x = static_cast<std::size_t>(at.x + kSpeedPx * picture.index), y = static_cast<std::size_t>(at.y);
        const auto pixel =
            picture.rgb->begin() + static_cast<std::ptrdiff_t>((y * static_cast<std::size_t>(picture.width) + x) * 3);
        return pixel[0] == 127 && pixel[1] == 127 && pixel[2] == 127;
    }
};

/// With a box of one colour in it: somebody's back.
Picture covered(const Picture& picture, int left, int top, int right, int bottom, std::array<std::uint8_t, 3> colour) {
    std::vector<std::uint8_t> rgb = *picture.rgb;
    for (int y = top; y < bottom; ++y)
        for (int x = left; x < right; ++x)
            std::copy(colour.begin(), colour.end(), rgb.begin() + (y * picture.width + x) * 3);
    Picture out = pictureOf(picture.width, picture.height, std::move(rgb));
    out.index = picture.index;
    return out;
}

} // namespace

class TestFollowedAthlete : public QObject {
    Q_OBJECT

    std::vector<Picture> pictures_;
    [[nodiscard]] Result<Picture> frame(int f) const { return pictures_[static_cast<std::size_t>(f)]; }
    Result<std::vector<ProposedFrame>> follow(PoseNetwork& network, const LookPlan& plan = {}) const {
        return followAthlete(
            network, [this](int f) { return frame(f); }, 0, kLast, {}, plan);
    }

    /// In the frames that the network knows as `hidden` somebody's green back is in the picture.
    Result<std::vector<ProposedFrame>> followPastSomebody(MadeUp& network) const {
        return followAthlete(network,
                             [&](int f) -> Result<Picture> {
                                 const Picture& as = pictures_[static_cast<std::size_t>(f)];
                                 const bool there = f >= network.hidden.first && f <= network.hidden.second;
                                 return there ? covered(as, 150, 150, 400, 350, {20, 220, 40}) : as;
                             },
                             0, kLast, {});
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
    /// In frames 15 to 24 somebody in another kit stands there: they are not taken for the athlete.
    void whoWalksPastIsSomebodyElse() {
        MadeUp network;
        network.hidden = {15, 24};
        network.otherOff = 40;
        const auto frames = followPastSomebody(network);
        QVERIFY(frames.ok());
        for (const ProposedFrame& each : *frames)
            QVERIFY2(each.points.empty() == (each.frame >= 15 && each.frame <= 24),
                     qPrintable(QString("frame %1").arg(each.frame)));
        // Both ends were looked for as often as it took, the rest as seldom as before.
        QVERIFY(network.looks.contains(14) && network.looks.contains(25));
        QVERIFY(!network.looks.contains(3) && !network.looks.contains(33));
    }
    /// The same, but what is seen goes on where the athlete was and will be: they are half covered, which is doubtful.
    void whoIsHalfCoveredIsDoubtful() {
        MadeUp network;
        network.hidden = {15, 24};
        const auto frames = followPastSomebody(network);
        QVERIFY(frames.ok());
        for (const ProposedFrame& each : *frames) {
            const bool half = each.frame >= 15 && each.frame <= 24;
            QVERIFY(each.points.size() >= body().size());
            for (std::size_t i = 0; i < body().size(); ++i) {
                QCOMPARE(each.points[i].score < kSure, half);
                QVERIFY(!half || std::abs(each.points[i].at.x - body()[i].second.x - kSpeedPx * each.frame) < 1);
            }
        }
    }
    /// A network that is not sure of the nose sees a back: the face is doubtful, knees are less exact.
    void fromBehindLessIsKnown() {
        const auto marks = [&](double noseScore) {
            MadeUp network;
            network.noseScore = noseScore;
            return *proposeMarks(network, [this](int f) { return frame(f); }, 0, kLast, {}, {});
        };
        const ProposedMarks before = marks(.9), behind = marks(.5);
        const auto ratio = [&](const char* landmark) {
            return behind.at(landmark).at(10).mark.sigmaPx / before.at(landmark).at(10).mark.sigmaPx;
        };
        QVERIFY(std::abs(ratio("left_hip") - 1) < .001);
        QVERIFY(std::abs(ratio("left_knee") - 9 / 7.0) < .01); // shares of the height, 0.9 and 0.7 %
        QVERIFY(std::abs(ratio("nose") - kDoubtFactor) < .01);
        for (const char* landmark : {"nose", "left_ear", "right_eye"}) {
            QCOMPARE(behind.at(landmark).at(10).mark.source, std::string(kDoubtfulFromNetwork));
            QCOMPARE(before.at(landmark).at(10).mark.source, std::string(kProposedByNetwork));
        }
        QVERIFY(std::abs(behind.at("nose").at(10).mark.at.x - before.at("nose").at(10).mark.at.x) < 0.5);
    }
    void whatSomebodyWearsIsTold() {
        // Red above, blue below, dark legs; the medians do not mind a stripe.
        Picture picture = plainPicture(500, 500, 200);
        picture = covered(picture, 220, 140, 280, 200, {200, 30, 30});
        picture = covered(picture, 220, 200, 280, 262, {30, 30, 200});
        picture = covered(picture, 220, 262, 280, 310, {30, 30, 30});
        picture = covered(picture, 220, 160, 280, 164, {255, 255, 255});
        std::vector<ProposedPoint> joints;
        for (const auto& [name, at] : body())
            joints.push_back({name, at, .9});
        const BodyColours red = coloursOf(picture, joints);
        // sRGB to CIELAB under D65, worked out apart from the program (IEC 61966-2-1, CIE 15): L*, a*, b*.
        const BodyColours::Lab upper{43.22f, 63.04f, 45.22f}, lower{27.77f, 58.06f, -83.88f}, legs{11.26f, 0, 0};
        const std::array expected{upper, lower, legs};
        for (std::size_t part = 0; part < expected.size(); ++part)
            for (std::size_t c = 0; c < 3; ++c)
                QVERIFY2(red.parts[part] && std::abs((*red.parts[part])[c] - expected[part][c]) < 1,
                         qPrintable(QString("%1 %2: %3").arg(part).arg(c).arg((*red.parts[part])[c])));
        QVERIFY(*unlike(red, red) < 1e-6);
        // Of two parts that differ the mean; legs alone differ by half of it.
        BodyColours other = red;
        other.parts[BodyColours::UpperTrunk] = lower;
        other.parts[BodyColours::Thighs] = BodyColours::Lab{31.26f, 0, 0};
        const double trunk = std::hypot(15.45, 4.98, 129.1);
        QVERIFY(std::abs(*unlike(red, other) - (trunk + 20) / 2) < 1);
        QVERIFY(!unlike(red, {}));
        // Joints that are not seen tell nothing.
        for (ProposedPoint& joint : joints)
            if (joint.landmark.ends_with("shoulder"))
                joint.score = .1;
        QVERIFY(!coloursOf(picture, joints).parts[BodyColours::UpperTrunk]);
        const Picture without = withoutBody(picture, joints);
        QVERIFY(MadeUp::isGrey(without, {230, 300}));
        QCOMPARE((*without.rgb)[3 * (20 * 500 + 20)], std::uint8_t(200));
        QCOMPARE((*picture.rgb)[3 * (300 * 500 + 230)], std::uint8_t(30)); // the picture itself is as it was
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
