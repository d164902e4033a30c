#pragma once
// A number with its derivatives by the coordinates it came from (forward differentiation), so that first-order
// uncertainty needs no hand-written Jacobian.

#include <array>
#include <cmath>

namespace riflesso {

constexpr int kMaxInputs = 24;                   ///< landmarks one instant value may depend on
constexpr int kDerivatives = 2 * kMaxInputs + 1; ///< x and y of each, then the length unit
constexpr int kFewInputs = 4;                    ///< as many as most kinds have: a fifth of the work
constexpr int kFewDerivatives = 2 * kFewInputs + 1;

/// count: how many derivatives it carries.
template <int count> struct DualOf {
    static constexpr int kCount = count;
    double v = 0;
    std::array<double, static_cast<std::size_t>(count)> d{};

    DualOf() = default;
    DualOf(double value) : v(value) {}
    static DualOf variable(double value, int index) {
        DualOf x(value);
        x.d[static_cast<std::size_t>(index)] = 1;
        return x;
    }

    friend DualOf operator+(const DualOf& a, const DualOf& b) { return combine(a.v + b.v, a, 1, b, 1); }
    friend DualOf operator-(const DualOf& a, const DualOf& b) { return combine(a.v - b.v, a, 1, b, -1); }
    friend DualOf operator-(const DualOf& a) { return chain(-a.v, a, -1); }
    friend DualOf operator*(const DualOf& a, const DualOf& b) { return combine(a.v * b.v, a, b.v, b, a.v); }
    friend DualOf operator/(const DualOf& a, const DualOf& b) {
        return combine(a.v / b.v, a, 1 / b.v, b, -a.v / (b.v * b.v));
    }
    friend DualOf atan2(const DualOf& y, const DualOf& x) {
        const double r2 = x.v * x.v + y.v * y.v;
        return r2 > 0 ? combine(std::atan2(y.v, x.v), y, x.v / r2, x, -y.v / r2) : DualOf(0);
    }
    friend DualOf hypot(const DualOf& x, const DualOf& y) {
        const double r = std::hypot(x.v, y.v);
        return r > 0 ? combine(r, x, x.v / r, y, y.v / r) : DualOf(0);
    }
    friend DualOf sqrt(const DualOf& a) {
        const double root = std::sqrt(a.v);
        return root > 0 ? chain(root, a, 0.5 / root) : DualOf(0);
    }
    /// Keeps the derivative's size at 0: the uncertainty of |x| is that of x.
    friend DualOf abs(const DualOf& a) { return a.v < 0 ? -a : a; }

private:
    static DualOf combine(double value, const DualOf& a, double da, const DualOf& b, double db) {
        DualOf r(value);
        for (std::size_t i = 0; i < r.d.size(); ++i)
            r.d[i] = da * a.d[i] + db * b.d[i];
        return r;
    }
    static DualOf chain(double value, const DualOf& a, double da) {
        DualOf r(value);
        for (std::size_t i = 0; i < r.d.size(); ++i)
            r.d[i] = da * a.d[i];
        return r;
    }
};

inline double plain(double x) { return x; }
template <int count> double plain(const DualOf<count>& x) { return x.v; }

} // namespace riflesso
