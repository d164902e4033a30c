#include "core/points/homography.h"

#include <Eigen/Cholesky>
#include <Eigen/Eigenvalues>
#include <Eigen/Geometry>
#include <Eigen/LU>

#include <algorithm>
#include <cmath>

namespace riflesso {

namespace {

using Eigen::Matrix3d;
using Eigen::Vector2d;
using Eigen::Vector3d;

/// Moves and scales points to lie round the origin at a mean distance of √2 (from memory: Hartley 1997).
Matrix3d normalisation(const std::vector<Vector2d>& points) {
    Vector2d centre = Vector2d::Zero();
    for (const Vector2d& p : points)
        centre += p / static_cast<double>(points.size());
    double distance = 0;
    for (const Vector2d& p : points)
        distance += (p - centre).norm() / static_cast<double>(points.size());
    const double s = std::sqrt(2.0) / std::max(distance, 1e-12);
    Matrix3d out;
    out << s, 0, -s * centre.x(), 0, s, -s * centre.y(), 0, 0, 1;
    return out;
}

} // namespace

std::optional<Matrix3d> homographyOf(const std::vector<Vector2d>& from, const std::vector<Vector2d>& to) {
    const Matrix3d nf = normalisation(from), nt = normalisation(to);
    const auto count = static_cast<Eigen::Index>(from.size());
    // Of a size known only when it runs: solvers of a fixed size are unrolled, which takes a minute to compile.
    Eigen::MatrixXd a = Eigen::MatrixXd::Zero(2 * count, 9);
    for (Eigen::Index i = 0; i < count; ++i) {
        const Vector3d p = nf * from[static_cast<std::size_t>(i)].homogeneous();
        const Vector2d q = (nt * to[static_cast<std::size_t>(i)].homogeneous()).hnormalized();
        a.block<1, 3>(2 * i, 3) = -p.transpose();
        a.block<1, 3>(2 * i, 6) = q.y() * p.transpose();
        a.block<1, 3>(2 * i + 1, 0) = p.transpose();
        a.block<1, 3>(2 * i + 1, 6) = -q.x() * p.transpose();
    }
    const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> axes(a.transpose() * a); // the smallest first
    // A second null direction: three points in a line, or two in one place.
    constexpr double kDegenerate = 1e-14;
    if (axes.eigenvalues()[1] < kDegenerate * axes.eigenvalues()[8])
        return {};
    const Eigen::VectorXd null = axes.eigenvectors().col(0);
    Matrix3d h;
    h << null.segment<3>(0).transpose(), null.segment<3>(3).transpose(), null.segment<3>(6).transpose();
    if (std::abs(h(2, 2)) < 1e-12)
        return {};
    h /= h(2, 2);
    // Gauss-Newton on the normalised points; from the linear solution a few steps are enough.
    constexpr int kSteps = 10;
    for (int step = 0; step < kSteps; ++step) {
        Eigen::MatrixXd jacobian = Eigen::MatrixXd::Zero(2 * count, 8);
        Eigen::VectorXd residual(2 * count);
        for (Eigen::Index i = 0; i < count; ++i) {
            const Vector3d p = nf * from[static_cast<std::size_t>(i)].homogeneous(), q = h * p;
            const Vector2d target = (nt * to[static_cast<std::size_t>(i)].homogeneous()).hnormalized();
            const double w = q.z();
            residual.segment<2>(2 * i) = q.head<2>() / w - target;
            for (Eigen::Index c = 0; c < 3; ++c) {
                jacobian(2 * i, c) = p[c] / w;
                jacobian(2 * i + 1, 3 + c) = p[c] / w;
                if (c < 2) {
                    jacobian(2 * i, 6 + c) = -q.x() * p[c] / (w * w);
                    jacobian(2 * i + 1, 6 + c) = -q.y() * p[c] / (w * w);
                }
            }
        }
        const Eigen::MatrixXd normal = jacobian.transpose() * jacobian;
        const Eigen::VectorXd right = -jacobian.transpose() * residual, change = normal.ldlt().solve(right);
        for (Eigen::Index k = 0; k < 8; ++k)
            h(k / 3, k % 3) += change[k];
        if (change.norm() < 1e-14)
            break;
    }
    Matrix3d out = nt.inverse() * h * nf;
    if (!out.allFinite() || std::abs(out(2, 2)) < 1e-15)
        return {};
    return out / out(2, 2);
}

} // namespace riflesso
