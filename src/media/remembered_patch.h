#pragma once
// A piece of a picture round a point, found again in later pictures: moved, turned, stretched and in another light.

#include <opencv2/core.hpp>

#include <Eigen/Core>

namespace riflesso {

/// Where a remembered patch stands in a picture.
struct PatchFit {
    double match = 0; ///< correlation with what is remembered, -1 to 1; 0 where it could not be held against it
    cv::Point2d at;   ///< its centre, px
    /// Standard uncertainty of each coordinate, px: what the patch leaves unexplained, over how sharply it has a place.
    double sigmaPx = 0;
    Eigen::Matrix2f shape; ///< its linear deformation since it was remembered
};

/// Aligns by the inverse compositional method (Baker and Matthews, "Lucas-Kanade 20 years on", IJCV 56, 2004): affine,
/// and blind to brightness and contrast, which are projected out of the patch's derivatives.
class RememberedPatch {
public:
    RememberedPatch() = default;
    /// `side` px wide and high, odd, round `at`; the picture is 8 bit grey and may end before the patch does.
    RememberedPatch(const cv::Mat& grey, cv::Point2d at, int side);

    /// Looks for it from `guess` on, in the shape it had in the fit last kept. Nothing is changed.
    [[nodiscard]] PatchFit find(const cv::Mat& grey, cv::Point2d guess) const;
    /// The next search starts from this fit's shape.
    void keep(const PatchFit& fit) { shape_ = fit.shape; }

private:
    int side_ = 0;
    bool textured_ = false;
    Eigen::VectorXf values_;                              ///< mean 0, norm 1
    Eigen::Matrix<float, Eigen::Dynamic, 6> derivatives_; ///< of the values by shift x, y and the four of the shape
    Eigen::Matrix<float, 6, 6> inverse_ = Eigen::Matrix<float, 6, 6>::Zero(); ///< of derivatives' normal matrix
    float stiffness_ = 0; ///< of the shape against the one kept, in the normal matrix
    Eigen::Matrix2f shape_ = Eigen::Matrix2f::Identity();
};

} // namespace riflesso
