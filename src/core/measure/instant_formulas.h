#pragma once
// The formulas of kinds that read where points are in one frame. Included by instant.h.

#include "core/measure/instant.h"

namespace riflesso {

/// A formula without lengths whose shortness spoils it.
struct NoCriticalLength {
    static std::vector<double> critical(const Placed<double>&) { return {}; }
    /// Lengths that have to be long beside the critical ones for the value to be straight; none: it never is.
    static std::optional<std::vector<double>> straight(const Placed<double>&) { return std::vector<double>(); }
};

struct JointLengths : NoCriticalLength {
    static std::vector<double> critical(const Placed<double>& at) { return {at.length(0, 1), at.length(1, 2)}; }
};

template <> struct InstantFormula<Kind::Angle> : JointLengths {
    template <class T> static T value(const Placed<T>& at) {
        using std::abs;
        return T(180) - abs(detail::turnDeg(at.p[0], at.p[1], at.p[2]));
    }
};

template <> struct InstantFormula<Kind::Flexion> : JointLengths {
    template <class T> static T value(const Placed<T>& at) {
        return detail::flexionDeg(detail::turnDeg(at.p[0], at.p[1], at.p[2]), at.def(), at.plan.view);
    }
};

template <> struct InstantFormula<Kind::SegmentAngle> : NoCriticalLength {
    template <class T> static T value(const Placed<T>& at) {
        T angle = detail::directionDeg(at.p[0], at.p[1]);
        if (at.def().against == "vertical")
            angle = T(90) - angle;
        else if (at.def().against != "horizontal")
            angle = angle - detail::directionDeg(at.p[2], at.p[3]);
        return at.def().undirected ? detail::wrapInto(angle, -90, 180) : detail::wrapInto(angle, -180, 360);
    }
    static std::vector<double> critical(const Placed<double>& at) {
        return at.plan.points.size() > 3 ? std::vector<double>{at.length(0, 1), at.length(2, 3)}
                                         : std::vector<double>{at.length(0, 1)};
    }
};

template <> struct InstantFormula<Kind::LineAngle> : NoCriticalLength {
    template <class T> static T value(const Placed<T>& at) {
        using std::abs;
        const T angle =
            detail::wrapInto(detail::directionDeg(at.p[0], at.p[1]) - detail::directionDeg(at.p[2], at.p[3]), -90, 180);
        return at.def().isSigned ? angle : abs(angle);
    }
    static std::vector<double> critical(const Placed<double>& at) { return {at.length(0, 1), at.length(2, 3)}; }
    static std::optional<std::vector<double>> straight(const Placed<double>& at) {
        return at.def().isSigned ? std::optional(std::vector<double>()) : std::nullopt; // a corner at 0
    }
};

template <> struct InstantFormula<Kind::Clock> : NoCriticalLength {
    template <class T> static T value(const Placed<T>& at) {
        return detail::wrapInto((T(90) - detail::directionDeg(at.p[0], at.p[1])) / T(30), 0, 12);
    }
    static std::vector<double> critical(const Placed<double>& at) { return {at.length(0, 1)}; }
};

template <> struct InstantFormula<Kind::Distance> : NoCriticalLength {
    template <class T> static T value(const Placed<T>& at) { return at.length(0, 1) / at.unit; }
    static std::optional<std::vector<double>> straight(const Placed<double>& at) {
        return std::vector<double>{at.length(0, 1)};
    }
};

template <> struct InstantFormula<Kind::Offset> : NoCriticalLength {
    template <class T> static T value(const Placed<T>& at) { return at.along(0, 1) / at.unit; }
};

template <> struct InstantFormula<Kind::Ratio> : NoCriticalLength {
    template <class T> static T length(const Placed<T>& at, std::size_t a, std::size_t b) {
        using std::abs;
        return at.plan.axis ? abs(at.along(a, b)) : at.length(a, b);
    }
    template <class T> static T value(const Placed<T>& at) { return length(at, 0, 1) / length(at, 2, 3); }
    static std::vector<double> critical(const Placed<double>& at) { return {length(at, 2, 3)}; }
    static std::optional<std::vector<double>> straight(const Placed<double>& at) {
        if (at.plan.axis) // a corner where a length along it is 0
            return {};
        return std::vector<double>{at.length(0, 1)};
    }
};

template <> struct InstantFormula<Kind::Stack> : NoCriticalLength {
    template <class T> static T value(const Placed<T>& at) {
        using std::abs;
        T largest(0);
        for (std::size_t i = 0; i < at.plan.ownPoints; ++i) {
            const T offset = at.along(0, i) / at.unit;
            if (at.offsets)
                at.offsets->push_back(plain(offset));
            if (std::abs(plain(offset)) >= plain(largest))
                largest = abs(offset);
        }
        return largest;
    }
    static std::optional<std::vector<double>> straight(const Placed<double>&) { return {}; } // the largest of several
};

template <> struct InstantFormula<Kind::Turn> : NoCriticalLength {
    /// arccos(apparent width / true width); positive when the right side is nearer, where the pack says so.
    template <class T> static T value(const Placed<T>& at) {
        using std::atan2;
        using std::sqrt;
        const T share = at.length(0, 1) / T(at.plan.trueWidthPx);
        if (plain(share) >= 1)
            return T(0);
        const T angle = atan2(sqrt(T(1) - share * share), share) * T(kDegrees);
        return at.def().near == Side::Left ? -angle : angle;
    }
    static std::optional<std::vector<double>> straight(const Placed<double>&) { return {}; } // a root at its full width
};

/// A path is differentiated along time (valuesAlong in measure_span.h): nothing of it is in one frame.
template <> struct InstantFormula<Kind::Speed> : NoCriticalLength {
    template <class T> static T value(const Placed<T>&) { return T(0); }
};

template <> struct InstantFormula<Kind::Heading> : InstantFormula<Kind::Speed> {};

/// The angle whose rate is wanted.
template <> struct InstantFormula<Kind::AngularSpeed> : NoCriticalLength {
    template <class T> static T value(const Placed<T>& at) {
        return at.plan.points.size() > 2 ? detail::turnDeg(at.p[0], at.p[1], at.p[2])
                                         : detail::directionDeg(at.p[0], at.p[1]);
    }
};

template <class T>
T instantValue(const InstantPlan& plan, const std::vector<Vec<T>>& in, const T& unit, std::vector<double>* offsets) {
    // All kinds but stack have few points: no memory is asked for.
    constexpr std::size_t kFew = 6;
    std::array<Vec<T>, kFew> few;
    std::vector<Vec<T>> many(plan.points.size() > kFew ? plan.points.size() : 0);
    Vec<T>* p = many.empty() ? few.data() : many.data();
    for (std::size_t i = 0; i < plan.points.size(); ++i)
        p[i] = detail::foldedPoint(plan, plan.points[i], in);
    if (!plan.lean.empty())
        detail::lean(plan, p);
    const Placed<T> at{plan, p, unit, offsets};
    return withKind<T, MeasuredBy::Places, MeasuredBy::Rates>(
        plan.def->kind, [&](auto kind) { return InstantFormula<kind()>::value(at); });
}

} // namespace riflesso
