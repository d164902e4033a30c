#pragma once
// Landmarks proposed by a pose network, offline: the network proposes, the analyst disposes.

#include "media/clip_reader.h"
#include "media/picture_steps.h"

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
    bool carried = false; ///< not seen by the network in this picture: brought here by the picture's own movement
    std::optional<PictureStep> onward = {}; ///< how the picture moves there until the next one, where that can be told
};

/// One athlete followed through the frames of a clip. Weights: MoveNet Thunder (17 joints) and BlazePose (heels and
/// toes), see THIRD_PARTY.md. Not thread safe, but that feet() may run beside joints().
class PoseNetwork {
public:
    /// Reads the weights from a folder that holds movenet-thunder.onnx and blazepose-full.onnx.
    [[nodiscard]] static Result<std::unique_ptr<PoseNetwork>> open(const std::string& folder);
    virtual ~PoseNetwork() = default;

    /// The next picture starts a new sequence: the athlete is looked for in `box`, or in the whole picture.
    virtual void lookIn(std::optional<PictureBox> box) = 0;
    /// In the next picture the athlete is about here, rather than where the last one showed them.
    virtual void expect(const std::vector<ProposedPoint>& joints) = 0;
    /// Joints of the athlete in this picture, always the same 17 in one order, whatever their score. The first picture
    /// of a sequence takes two passes, a later one starts from where the athlete was. Empty where no person is seen.
    [[nodiscard]] virtual Result<std::vector<ProposedPoint>> joints(const Picture& picture) = 0;
    /// Heels and toes of the athlete whose joints these are; empty where they do not tell where to look.
    [[nodiscard]] virtual Result<std::vector<ProposedPoint>> feet(const Picture& picture,
                                                                  const std::vector<ProposedPoint>& joints) = 0;
    /// One pass of the first network over a square: y/size, x/size and score of 17 joints (COCO order). For checks.
    [[nodiscard]] virtual Result<std::vector<std::array<double, 3>>> onePass(const Picture& picture,
                                                                             const PictureBox& square) = 0;
};

} // namespace riflesso
