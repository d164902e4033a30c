#pragma once
// Marks at an instant and over an unbroken run of frames.

#include "core/measure/instant.h"
#include "core/points/trial.h"
#include "core/sentence.h"

#include <Eigen/Core>
#include <variant>

namespace riflesso {

constexpr std::size_t kFramesForPercentile = 10; ///< below: the largest length stands for the 90th percentile
constexpr double kMaxBridgeS = 0.1;              ///< longest gap bridged (own choice)

struct SampledMark {
    PixelPoint at;
    double sigmaPx = 0;
    bool bridged = false; ///< between marks, by shape-preserving cubic
    int frame = 0;        ///< nearest frame with marks
};
/// Position of a landmark at a frame or between two; nothing where it is not marked (gaps up to 0.1 s are bridged).
[[nodiscard]] std::optional<SampledMark> markAt(const Trial& trial, const std::string& landmark, double frame);

/// All inputs of a measure over one unbroken run, evenly timed.
struct MarkRun {
    std::vector<double> timesS;
    Eigen::MatrixXd raw;   ///< samples x (2 * landmarks): x, y of each
    Eigen::MatrixXd sigma; ///< samples x landmarks
    std::vector<bool> bridged;
    double rateHz = 0;
    [[nodiscard]] std::size_t size() const { return timesS.size(); }
};
/// The run of frames that holds [fromS, toS], as long as it is marked without a break, at most 1500 samples.
[[nodiscard]] std::variant<MarkRun, Reason> runOver(const Trial& trial, const std::vector<std::string>& landmarks,
                                                    double fromS, double toS);

/// How long a body or metre unit is in pixels.
struct LengthScale {
    double pixels = 1;    ///< per unit
    double relativeU = 0; ///< relative standard uncertainty
    bool shared = false;  ///< the same error for all repetitions (calibration)
    PixelPoint along;     ///< the body unit as folded, X and Y, where it is as long as that; nothing for metres
    Sentence note;
};
/// medianPixels: median unit of the set, 0 where unknown (body units only). Of the pack only the marked lines are
/// asked.
[[nodiscard]] std::variant<LengthScale, Reason> lengthScale(const LengthUnit& unit, const Pack& pack,
                                                            const Trial& trial,
                                                            const std::map<std::string, Side>& sides,
                                                            double medianPixels);
/// Name under which a set's median unit is kept.
[[nodiscard]] std::string unitKey(const LengthUnit& unit);

} // namespace riflesso
