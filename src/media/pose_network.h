#pragma once
// Landmarks proposed by a pose network, offline: the network proposes, the analyst disposes.

#include "media/clip_reader.h"

#include "core/points/landmark.h"

#include <array>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// Part of an upright picture, in pixels; may reach beyond it.
struct PictureBox {
    double x = 0, y = 0, width = 0, height = 0;
};

/// What a network says of one landmark: where, and how sure it is (0..1). Left and right are the athlete's.
struct ProposedPoint {
    std::string landmark;
    PixelPoint at;
    double score = 0;
};

/// One athlete followed through the frames of a clip. Not thread safe. Weights: MoveNet Thunder (17 joints) and
/// BlazePose (heels and toes), see THIRD_PARTY.md.
class PoseNetwork {
public:
    /// Reads the weights from a folder that holds movenet-thunder.onnx and blazepose-full.onnx.
    [[nodiscard]] static Result<std::unique_ptr<PoseNetwork>> open(const std::string& folder);
    virtual ~PoseNetwork() = default;

    /// The next picture starts a new sequence: the athlete is looked for in `box`, or in the whole picture.
    virtual void lookIn(std::optional<PictureBox> box) = 0;
    /// Landmarks of the athlete in this picture, whatever their score. The first picture of a sequence takes two
    /// passes, a later one starts from where the athlete was. Empty where no person is seen.
    [[nodiscard]] virtual Result<std::vector<ProposedPoint>> propose(const Picture& picture) = 0;
    /// One pass of the first network over a square: y/size, x/size and score of 17 joints (COCO order). For checks.
    [[nodiscard]] virtual Result<std::vector<std::array<double, 3>>> joints(const Picture& picture,
                                                                            const PictureBox& square) = 0;
};

} // namespace riflesso
