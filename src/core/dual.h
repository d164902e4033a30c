#pragma once
// A number with its derivatives by the coordinates it came from (forward differentiation), so that first-order
// uncertainty needs no hand-written Jacobian.

#include <array>
#include <cmath>

namespace riflesso {

constexpr int kMaxInputs = 24;                   ///< landmarks one instant value may depend on
constexpr int kDerivatives = 2 * kMaxInputs + 1; ///< x and y of each, then the length unit

struct Dual {
    double v = 0;
    std::array<double, kDerivatives> d{};
    Dual() = default;
    Dual(double value) : v(value) {}
    static Dual variable(double value, int index) {
        Dual x(value);
        x.d[static_cast<std::size_t>(index)] = 1;
        return x;
    }
};

namespace detail {
inline Dual combine(double value, const Dual& a, double da, const Dual& b, double db) {
    Dual r(value);
    for (std::size_t i = 0; i < r.d.size(); ++i)
        r.d[i] = da * a.d[i] + db * b.d[i];
    return r;
}
inline Dual chain(double value, const Dual& a, double da) {
    Dual r(value);
    for (std::size_t i = 0; i < r.d.size(); ++i)
        r.d[i] = da * a.d[i];
    return r;
}
} // namespace detail

inline Dual operator+(const Dual& a, const Dual& b) { return detail::combine(a.v + b.v, a, 1, b, 1); }
inline Dual operator-(const Dual& a, const Dual& b) { return detail::combine(a.v - b.v, a, 1, b, -1); }
inline Dual operator-(const Dual& a) { return detail::chain(-a.v, a, -1); }
inline Dual operator*(const Dual& a, const Dual& b) { return detail::combine(a.v * b.v, a, b.v, b, a.v); }
inline Dual operator/(const Dual& a, const Dual& b) {
    return detail::combine(a.v / b.v, a, 1 / b.v, b, -a.v / (b.v * b.v));
}
inline Dual atan2(const Dual& y, const Dual& x) {
    const double r2 = x.v * x.v + y.v * y.v;
    return r2 > 0 ? detail::combine(std::atan2(y.v, x.v), y, x.v / r2, x, -y.v / r2) : Dual(0);
}
inline Dual hypot(const Dual& x, const Dual& y) {
    const double r = std::hypot(x.v, y.v);
    return r > 0 ? detail::combine(r, x, x.v / r, y, y.v / r) : Dual(0);
}
inline Dual sqrt(const Dual& a) {
    const double root = std::sqrt(a.v);
    return root > 0 ? detail::chain(root, a, 0.5 / root) : Dual(0);
}
/// Keeps the derivative's size at 0: the uncertainty of |x| is that of x.
inline Dual abs(const Dual& a) { return a.v < 0 ? -a : a; }

inline double plain(double x) { return x; }
inline double plain(const Dual& x) { return x.v; }

} // namespace riflesso
