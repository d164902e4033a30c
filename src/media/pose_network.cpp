#include "media/pose_network.h"

#include "media/network_answers.h"
#include "media/picture_mat.h"

#include <opencv2/dnn.hpp>
#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kInput = 256, kGrid = kInput / 4;
constexpr double kCentreBias = 1.8; // cells: keeps far cells comparable to the nearest one
constexpr double kSeen = 0.2;
constexpr double kUprightEnough = 0.6; ///< mean score of an upright look beside which no other is tried (own choice)
constexpr double kClearlySurer = 1.15, kSureEnough = 0.45; ///< own choices, of a turned look
constexpr double kAsSure = 0.95;                           ///< own choice, of one that the body asks for
constexpr std::size_t kJoints = 17;
const std::array<const char*, kJoints> kNames = {
    "nose",           "left_eye",   "right_eye",   "left_ear",   "right_ear",   "left_shoulder",
    "right_shoulder", "left_elbow", "right_elbow", "left_wrist", "right_wrist", "left_hip",
    "right_hip",      "left_knee",  "right_knee",  "left_ankle", "right_ankle"};
enum NetworkJoint { LeftShoulder = 5, RightShoulder = 6, LeftHip = 11, RightHip = 12, LeftAnkle = 15, RightAnkle = 16 };

struct Scored {
    cv::Point2d at;
    double score = 0;
};

double logistic(float value) { return 1 / (1 + std::exp(-static_cast<double>(value))); }

/// The largest of logistic(scores) / (distance to `near` + bias), as a cell.
int bestCell(const float* scores, double nearX, double nearY) {
    int best = 0;
    double most = -1;
    for (int y = 0; y < kGrid; ++y)
        for (int x = 0; x < kGrid; ++x) {
            const double value = logistic(scores[y * kGrid + x]) / (std::hypot(y - nearY, x - nearX) + kCentreBias);
            if (value > most) {
                most = value;
                best = y * kGrid + x;
            }
        }
    return best;
}

class Networks final : public PoseNetwork {
public:
    Networks(const cv::dnn::Net& joints, const cv::dnn::Net& feet) : jointNet_(joints), footNet_(feet) {}

    void lookIn(std::optional<PictureBox> box) override {
        box_ = box;
        last_.clear();
        turned_ = false;
    }

    void expect(const std::vector<ProposedPoint>& joints) override { last_ = scored(joints); }

    Result<std::vector<ProposedPoint>> joints(const Picture& picture) override {
        try {
            const cv::Mat rgb = matOf(picture);
            const std::optional<cv::Rect2d> expected = last_.empty() ? std::nullopt : cropRound(last_, rgb);
            if (expected)
                last_ = pass(rgb, *expected, turns_);
            else
                firstLook(rgb);
            if (!cropRound(last_, rgb)) {
                last_.clear();
                return std::vector<ProposedPoint>{};
            }
            std::vector<ProposedPoint> out;
            for (std::size_t j = 0; j < last_.size(); ++j)
                out.push_back({kNames[j], {last_[j].at.x, last_[j].at.y}, last_[j].score});
            return out;
        } catch (const cv::Exception& problem) {
            return fault("pose network", problem.what());
        }
    }

    Result<std::vector<ProposedPoint>> feet(const Picture& picture, const std::vector<ProposedPoint>& joints) override {
        try {
            return joints.size() < kJoints ? std::vector<ProposedPoint>{} : feetOf(matOf(picture), scored(joints));
        } catch (const cv::Exception& problem) {
            return fault("pose network", problem.what());
        }
    }

    Result<std::vector<std::array<double, 3>>> onePass(const Picture& picture, const PictureBox& square) override {
        try {
            std::vector<std::array<double, 3>> out;
            for (const Scored& point : pass(matOf(picture), {square.x, square.y, square.width, square.width}))
                // Back to the crop: its left edge lies half a pixel before its first pixel's centre.
                out.push_back({(point.at.y + kHalf - square.y) / square.width,
                               (point.at.x + kHalf - square.x) / square.width, point.score});
            return out;
        } catch (const cv::Exception& problem) {
            return fault("pose network", problem.what());
        }
    }

private:
    static constexpr double kHalf = 0.5;

    /// Nobody is expected anywhere: finds the athlete, and which way up they are.
    void firstLook(const cv::Mat& rgb) {
        const cv::Rect2d wide = box_ ? squareRound(*box_) : wholeOf(rgb);
        const auto look = [&](int turns) {
            std::vector<Scored> seen = pass(rgb, wide, turns);
            const auto closer = cropRound(seen, rgb);
            return closer ? pass(rgb, *closer, turns) : seen;
        };
        const auto sure = [](const std::vector<Scored>& seen) {
            double sum = 0;
            for (const Scored& joint : seen)
                sum += joint.score;
            return sum;
        };
        turns_ = 0;
        last_ = look(0);
        // Lying, hanging, on the hands: the networks know upright people best.
        const int byBody = turnsToUpright(last_);
        const double upright = sure(last_);
        // Of pictures in which nobody stands, the first of a sequence alone is turned: one after the other they would
        // cost four passes each.
        const bool mayTurn = !turned_ || cropRound(last_, rgb).has_value();
        turned_ = true;
        double best = upright;
        for (int turns = 1; turns < 4; ++turns) {
            const bool asked = turns == byBody;
            if (!mayTurn || (!asked && upright >= kUprightEnough * static_cast<double>(kJoints)))
                continue;
            std::vector<Scored> seen = look(turns);
            const double score = sure(seen);
            const double least = asked ? kAsSure * upright
                                       : std::max(kClearlySurer * upright, kSureEnough * static_cast<double>(kJoints));
            if (score < least || (turns_ != 0 && score < best))
                continue;
            best = score;
            last_ = std::move(seen);
            turns_ = turns;
        }
    }

    /// Quarters clockwise after which the body stands, as far as its middle and its head tell.
    static int turnsToUpright(const std::vector<Scored>& joints) {
        const cv::Point2d hip = (joints[LeftHip].at + joints[RightHip].at) * 0.5;
        const cv::Point2d up = (joints[LeftShoulder].at + joints[RightShoulder].at) * 0.5 - hip,
                          down = (joints[LeftAnkle].at + joints[RightAnkle].at) * 0.5 - hip;
        const cv::Point2d axis = up - down; // towards the head
        if (std::abs(axis.y) >= std::abs(axis.x))
            return axis.y <= 0 ? 0 : 2;
        return axis.x > 0 ? 3 : 1;
    }

    static std::vector<Scored> scored(const std::vector<ProposedPoint>& joints) {
        std::vector<Scored> out;
        for (const ProposedPoint& joint : joints)
            out.push_back({{joint.at.x, joint.at.y}, joint.score});
        out.resize(std::min<std::size_t>(out.size(), kJoints)); // of more, the first are the joints
        return out;
    }

    static cv::Rect2d wholeOf(const cv::Mat& picture) {
        const double side = std::max(picture.cols, picture.rows);
        return {(picture.cols - side) / 2, (picture.rows - side) / 2, side, side};
    }
    static cv::Rect2d squareRound(const PictureBox& box) {
        constexpr double kRoom = 1.25;
        const double side = kRoom * std::max({box.width, box.height, 2.0});
        return {box.x + (box.width - side) / 2, box.y + (box.height - side) / 2, side, side};
    }

    /// The square for the next pass: round the mid-hip, wide enough for trunk and body; none where trunk is not seen.
    static std::optional<cv::Rect2d> cropRound(const std::vector<Scored>& joints, const cv::Mat& picture) {
        const auto seen = [&](int j) { return joints[static_cast<std::size_t>(j)].score > kSeen; };
        if (!(seen(LeftShoulder) || seen(RightShoulder)) || !(seen(LeftHip) || seen(RightHip)))
            return {};
        const cv::Point2d hip = (joints[LeftHip].at + joints[RightHip].at) * 0.5;
        double trunk = 0, body = 0;
        for (int j = 0; j < static_cast<int>(kJoints); ++j) {
            const cv::Point2d off = joints[static_cast<std::size_t>(j)].at - hip;
            const double extent = std::max(std::abs(off.x), std::abs(off.y));
            if (j == LeftShoulder || j == RightShoulder || j == LeftHip || j == RightHip)
                trunk = std::max(trunk, extent);
            if (seen(j))
                body = std::max(body, extent);
        }
        constexpr double kTrunkRoom = 1.9, kBodyRoom = 1.2, kLeast = 8;
        const double furthest = std::max({hip.x, picture.cols - hip.x, hip.y, picture.rows - hip.y});
        const double half = std::min(std::max(kTrunkRoom * trunk, kBodyRoom * body), furthest);
        if (half < kLeast)
            return {};
        return cv::Rect2d(hip.x - half, hip.y - half, 2 * half, 2 * half);
    }

    /// One pass over a square given with its edges at pixel centres minus a half; black outside the picture.
    /// `turns`: quarters clockwise by which the network sees it turned.
    std::vector<Scored> pass(const cv::Mat& rgb, const cv::Rect2d& square, int turns = 0) {
        const double k = kInput / square.width;
        cv::Mat source = rgb, input;
        double scaleX = k, scaleY = k;
        double originX = square.x, originY = square.y; // picture edge coordinates: pixel centre + 0.5
        if (k < kHalf) {                               // strong reduction would alias
            const cv::Size smaller(std::max(1, static_cast<int>(std::lround(rgb.cols * k))),
                                   std::max(1, static_cast<int>(std::lround(rgb.rows * k))));
            cv::resize(rgb, source, smaller, 0, 0, cv::INTER_AREA);
            scaleX = k * rgb.cols / smaller.width;
            scaleY = k * rgb.rows / smaller.height;
        }
        // Edge coordinates e = centre + 0.5 scale linearly; the affine map works on centres.
        const cv::Mat warp = (cv::Mat_<double>(2, 3) << scaleX, 0, -originX * k + scaleX * kHalf - kHalf, 0, scaleY,
                              -originY * k + scaleY * kHalf - kHalf);
        cv::warpAffine(source, input, warp, cv::Size(kInput, kInput), cv::INTER_LINEAR, cv::BORDER_CONSTANT);
        if (turns)
            cv::rotate(input, input,
                       std::array{cv::ROTATE_90_CLOCKWISE, cv::ROTATE_180, cv::ROTATE_90_COUNTERCLOCKWISE}.at(
                           static_cast<std::size_t>(turns - 1)));
        const auto ask = [&] { return jointsIn(input); };
        const NetworkAnswers::Answer seen = answers_ ? answers_->of(input, 'j', ask) : ask();
        std::vector<Scored> out;
        for (std::size_t j = 0; j < kJoints; ++j) {
            const double x = seen[3 * j], y = seen[3 * j + 1];
            const cv::Point2d at = turns == 1   ? cv::Point2d(y, 1 - x)
                                   : turns == 2 ? cv::Point2d(1 - x, 1 - y)
                                   : turns == 3 ? cv::Point2d(1 - y, x)
                                                : cv::Point2d(x, y);
            out.push_back(
                {{square.x + at.x * square.width - kHalf, square.y + at.y * square.width - kHalf}, seen[3 * j + 2]});
        }
        return out;
    }

    /// x, y (0 to 1) and score of each joint in what the network is shown.
    NetworkAnswers::Answer jointsIn(const cv::Mat& input) {
        constexpr double kMiddle = 127.5;
        jointNet_.setInput(cv::dnn::blobFromImage(input, 1 / kMiddle, cv::Size(kInput, kInput),
                                                  cv::Scalar::all(kMiddle), false, false));
        std::vector<cv::Mat> answers;
        jointNet_.forward(answers, std::vector<cv::String>{"heatmap", "center", "regress", "offset"});
        const auto* heat = answers[0].ptr<float>();
        const auto* centre = answers[1].ptr<float>();
        const auto* regress = answers[2].ptr<float>();
        const auto* offset = answers[3].ptr<float>();
        constexpr int kArea = kGrid * kGrid;
        const int middle = bestCell(centre, kGrid / 2.0, kGrid / 2.0);
        NetworkAnswers::Answer out;
        for (int j = 0; j < static_cast<int>(kJoints); ++j) {
            const int middleRow = middle / kGrid;
            const double priorY = middleRow + static_cast<double>(regress[2 * j * kArea + middle]);
            const double priorX = middle % kGrid + static_cast<double>(regress[(2 * j + 1) * kArea + middle]);
            const int cell = bestCell(heat + static_cast<std::ptrdiff_t>(j) * kArea, priorX, priorY);
            const int cellRow = cell / kGrid;
            const double y = (cellRow + static_cast<double>(offset[2 * j * kArea + cell])) / kGrid;
            const double x = (cell % kGrid + static_cast<double>(offset[(2 * j + 1) * kArea + cell])) / kGrid;
            out.insert(out.end(), {x, y, logistic(heat[j * kArea + cell])});
        }
        return out;
    }

    struct Region { ///< of the second network: hip centre, and the point whose distance gives the size
        cv::Point2d centre, top;
    };

    /// Heels and toes, from the second network in a region turned so that the body stands upright.
    std::vector<ProposedPoint> feetOf(const cv::Mat& rgb, const std::vector<Scored>& joints) {
        const cv::Point2d hip = (joints[LeftHip].at + joints[RightHip].at) * 0.5;
        const cv::Point2d shoulder = (joints[LeftShoulder].at + joints[RightShoulder].at) * 0.5;
        const double trunk = cv::norm(shoulder - hip);
        double body = 0;
        for (const Scored& joint : joints)
            if (joint.score > kSeen)
                body = std::max(body, cv::norm(joint.at - hip));
        constexpr double kLeast = 2, kRoom = 1.05;
        if (trunk < kLeast || body < kLeast)
            return {};
        Region region{hip, hip + (shoulder - hip) * (kRoom * body / trunk)};
        std::vector<Scored> feet;
        for (int run = 0; run < 2; ++run) { // the second time from its own region points
            feet = footPass(rgb, region);
            if (cv::norm(region.top - region.centre) < kLeast)
                return {};
        }
        static constexpr std::array<const char*, 4> kFeet = {"left_heel", "right_heel", "left_toe", "right_toe"};
        std::vector<ProposedPoint> out;
        for (std::size_t i = 0; i < kFeet.size(); ++i)
            out.push_back({kFeet[i], {feet[i].at.x, feet[i].at.y}, feet[i].score});
        return out;
    }

    std::vector<Scored> footPass(const cv::Mat& rgb, Region& region) {
        constexpr double kHalfSide = 1.25;
        const cv::Point2d along = region.top - region.centre;
        const double length = cv::norm(along), half = kHalfSide * length;
        const cv::Point2d up = along / length, right(-up.y, up.x);
        const cv::Point2d topLeft = region.centre + up * half - right * half, acrossX = right * (2 * half),
                          acrossY = up * (-2 * half);
        const std::array<cv::Point2f, 3> from = {cv::Point2f(topLeft), cv::Point2f(topLeft + acrossX),
                                                 cv::Point2f(topLeft + acrossY)};
        const std::array<cv::Point2f, 3> to = {cv::Point2f(0, 0), cv::Point2f(kInput, 0), cv::Point2f(0, kInput)};
        cv::Mat input;
        cv::warpAffine(rgb, input, cv::getAffineTransform(from.data(), to.data()), cv::Size(kInput, kInput),
                       cv::INTER_LINEAR, cv::BORDER_CONSTANT);
        const auto ask = [&] { return feetIn(input); };
        const NetworkAnswers::Answer seen = answers_ ? answers_->of(input, 'f', ask) : ask();
        const auto point = [&](std::size_t i) {
            return Scored{topLeft + acrossX * seen[3 * i] + acrossY * seen[3 * i + 1], seen[3 * i + 2]};
        };
        region = {point(4).at, point(5).at};
        return {point(0), point(1), point(2), point(3)};
    }

    /// x, y (0 to 1) and visibility of the heels, the toes, and the next region's two points.
    NetworkAnswers::Answer feetIn(const cv::Mat& input) {
        constexpr double kWhite = 255;
        footNet_.setInput(
            cv::dnn::blobFromImage(input, 1 / kWhite, cv::Size(kInput, kInput), cv::Scalar(), false, false));
        std::vector<cv::Mat> answers;
        footNet_.forward(answers, std::vector<cv::String>{"ld_3d"});
        const auto* points = answers[0].ptr<float>(); // 39 of x, y, z, visibility, presence
        constexpr int kFields = 5, kVisibility = 3, kLeftHeel = 29, kCentre = 33, kTop = 34;
        NetworkAnswers::Answer out;
        for (const int j : {kLeftHeel, kLeftHeel + 1, kLeftHeel + 2, kLeftHeel + 3, kCentre, kTop}) {
            const float* of = points + static_cast<std::ptrdiff_t>(j) * kFields;
            out.insert(out.end(), {static_cast<double>(of[0]) / kInput, static_cast<double>(of[1]) / kInput,
                                   logistic(of[kVisibility])});
        }
        return out;
    }

    cv::dnn::Net jointNet_, footNet_;
    std::unique_ptr<NetworkAnswers> answers_ = NetworkAnswers::named();
    std::optional<PictureBox> box_;
    bool turned_ = false;      ///< whether this sequence was looked at turned once
    int turns_ = 0;            ///< quarters clockwise by which the sequence is looked at turned
    std::vector<Scored> last_; ///< where the athlete was, or is expected
};

} // namespace

Result<std::unique_ptr<PoseNetwork>> PoseNetwork::open(const std::string& folder) {
    try {
        cv::dnn::Net joints = cv::dnn::readNetFromONNX(folder + "/movenet-thunder.onnx");
        cv::dnn::Net feet = cv::dnn::readNetFromONNX(folder + "/blazepose-full.onnx");
        for (cv::dnn::Net* net : {&joints, &feet}) {
            net->setPreferableBackend(cv::dnn::DNN_BACKEND_OPENCV);
            net->setPreferableTarget(cv::dnn::DNN_TARGET_CPU);
        }
        return std::unique_ptr<PoseNetwork>(std::make_unique<Networks>(joints, feet));
    } catch (const cv::Exception& problem) {
        return badInput(folder, "the weights of the pose network (movenet-thunder.onnx, blazepose-full.onnx)",
                        problem.err);
    }
}

} // namespace riflesso
