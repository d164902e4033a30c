#pragma once
// Drawn copies of one value along time: what NoisyCopies gives, but worked to first order where the value is smooth, so
// that a set of a thousand trials is measured in a second.

#include "core/measure/span.h"

#include <cmath>

namespace riflesso {

/// Which value runs along time.
struct SeriesKind {
    enum class What {
        Value, ///< the kind's own value at every sample
        Speed, ///< speed of one point of the plan, in the unit a second
        Rate   ///< angular speed of two or three points of the plan, degrees a second, unsigned
    };
    What what = What::Value;
    std::size_t point = 0, points = 1; ///< of Speed and Rate: first point of the plan, and how many
};

/// The value without added noise at every sample of the span's copy; angles unwrapped along time.
[[nodiscard]] std::vector<double> seriesOf(const Span& span, const SpanCopy& copy, const SeriesKind& kind);

enum class Extreme { Largest, Smallest, None };

/// Copies of a series on the samples that can matter.
class SeriesDraws {
public:
    /// extreme: only samples that could hold it are drawn; None: all samples.
    SeriesDraws(const Span& span, const SeriesKind& kind, const std::vector<double>& series, Extreme extreme);

    struct Peak {
        double timeS = 0, value = 0;
        bool atEdge = false;
    };
    /// Largest (or smallest) of one copy inside its phase; none when fewer than three samples lie there.
    [[nodiscard]] std::optional<Peak> peak(int draw) const;
    /// Mean over the phase of one copy, weighted by time. Precondition: all samples are drawn.
    [[nodiscard]] std::optional<double> mean(int draw) const;

private:
    [[nodiscard]] bool drawLinear(const SeriesKind& kind, const std::vector<double>& series);
    void drawWhole(const SeriesKind& kind);

    void findTops();
    /// Values of one row, a draw after the other.
    [[nodiscard]] float* row(Eigen::Index i) { return values_.data() + i * kDraws; }
    /// Of a row in a draw, in the measure's unit.
    [[nodiscard]] double value(std::size_t row, int draw) const {
        return centre_ + sign_ * static_cast<double>(values_[row * kDraws + static_cast<std::size_t>(draw)]);
    }

    const Span& span_;
    bool linear_ = false;              ///< drawn to first order
    double sign_ = 1;                  ///< -1: the smallest is sought
    double centre_ = 0;                ///< what the values below are counted from
    std::vector<std::size_t> samples_; ///< of the copy, one a row, increasing
    std::vector<int> rowAt_;           ///< for each sample, and one more: the first row at or after it
    std::vector<float> values_;        ///< rows x kDraws: sign * (value - centre)
    std::vector<int> first_, last_;    ///< of each draw: samples inside its phase
    std::vector<int> top_;             ///< of each draw: the row that holds the extreme; -1: too few samples
};

/// Parts of the standard uncertainty of a mean over the phase, in the measure's unit.
struct MeanUncertainty {
    double marks = 0, from = 0, to = 0, unit = 0;
    [[nodiscard]] double whole() const { return std::sqrt(marks * marks + from * from + to * to + unit * unit); }
};
/// To first order, exact where the value is linear in the marks: no copies are drawn. None where it is not straight
/// over a few standard uncertainties of a mark.
[[nodiscard]] std::optional<MeanUncertainty> meanToFirstOrder(const Span& span, const std::vector<double>& series);

/// Mean over [fromS, toS] weighted by time: trapezoids, the ends interpolated.
[[nodiscard]] double timeMean(const std::vector<double>& timesS, const std::vector<double>& values, double fromS,
                              double toS);

} // namespace riflesso
