#include "report/words.h"

#include <cmath>

namespace riflesso::words {

QString text(std::string_view utf8) { return QString::fromUtf8(utf8.data(), static_cast<qsizetype>(utf8.size())); }

int decimalsFor(double expandedU) {
    if (!(expandedU > 0))
        return 2;
    return std::clamp(static_cast<int>(-std::floor(std::log10(expandedU * 1.0000001))), 0, 4);
}

QString number(double value, int decimals) {
    QString digits = QString::number(std::abs(value), 'f', decimals);
    const bool zero = digits.toDouble() == 0;
    return value < 0 && !zero ? QChar(0x2212) + digits : digits;
}

namespace {

/// The body unit by the name of its segment.
QString segmentName(const LengthUnit& unit) {
    const QString pair = text(unit.a.part) + u'-' + text(unit.b.part);
    if (pair == QLatin1String("hip-knee"))
        return QStringLiteral("thigh");
    if (pair == QLatin1String("knee-ankle"))
        return QStringLiteral("shank");
    if (pair == QLatin1String("hip-shoulder") || pair == QLatin1String("shoulder-hip"))
        return QStringLiteral("trunk");
    if (pair == QLatin1String("shoulder-elbow"))
        return QStringLiteral("upper arm");
    return QStringLiteral("body");
}

QString points(const std::vector<PointRef>& refs) {
    QStringList names;
    for (const PointRef& ref : refs)
        names << text(inWords(ref.part)) + (ref.role.empty() ? QString() : QStringLiteral(" (%1)").arg(text(ref.role)));
    return names.join(QStringLiteral(", "));
}

} // namespace

QString unitOf(const MeasureDef& def) {
    const QString unit = text(def.unit);
    if (unit == QLatin1String("deg"))
        return QStringLiteral("°");
    if (unit == QLatin1String("deg/s"))
        return QStringLiteral("°/s");
    if (unit == QLatin1String("body"))
        return segmentName(def.in);
    if (unit == QLatin1String("body/s"))
        return segmentName(def.in) + QStringLiteral("/s");
    return unit == QLatin1String("1") ? QString() : unit;
}

namespace {
QString unitTail(const MeasureDef& def) {
    const QString unit = unitOf(def);
    if (unit.isEmpty())
        return {};
    return unit == QStringLiteral("°") ? unit : QChar(0x00A0) + unit;
}
} // namespace

QString withU(const MeasureDef& def, double value, double expandedU) {
    const int decimals = decimalsFor(expandedU);
    return number(value, decimals) + QStringLiteral(" ± ") + number(expandedU, decimals) + unitTail(def);
}

QString referenceText(const MeasureDef& def, const Reference& reference) {
    const int decimals = decimalsFor(def.tolerance / 2);
    if (reference.modelMean)
        return QStringLiteral("model %1").arg(number(*reference.modelMean, decimals)) + unitTail(def);
    if (reference.low && reference.high)
        return QStringLiteral("%1 to %2").arg(number(*reference.low, decimals), number(*reference.high, decimals)) +
               unitTail(def);
    if (reference.low)
        return QStringLiteral("at least %1").arg(number(*reference.low, decimals)) + unitTail(def);
    if (reference.high)
        return QStringLiteral("at most %1").arg(number(*reference.high, decimals)) + unitTail(def);
    return QStringLiteral("no reference");
}

QString resultText(const Pack& pack, const std::string& result) {
    const QString unit = pack.results.empty() ? QString() : text(pack.results.front().unit);
    return text(result) + (unit.isEmpty() || result.empty() ? QString() : u' ' + unit);
}

QString definition(const Pack& pack, const MeasureDef& def) {
    QString out = text(inWords(toString(def.kind)));
    const auto event = [&](const std::string& id) {
        const EventDef* found = pack.event(id);
        return found ? text(found->title) : text(id);
    };
    const auto phase = [&](const std::string& id) {
        const PhaseDef* found = pack.phase(id);
        return found ? text(found->title) : text(id);
    };
    if (def.kind == Kind::Interval)
        return QStringLiteral("Time from \"%1\" to \"%2\"; negative when the second comes first.")
            .arg(event(def.fromEvent), event(def.toEvent));
    if (def.stat != Stat::None)
        out = QStringLiteral("%1 of the %2").arg(text(toString(def.stat)), out);
    if (!def.points.empty())
        out += QStringLiteral(" of ") + points(def.points);
    if (!def.otherPoints.empty())
        out += QStringLiteral(" to ") + points(def.otherPoints);
    if (!def.against.empty())
        out += QStringLiteral(" against the ") + text(inWords(def.against));
    if (def.axis)
        out += QStringLiteral(", along ") + text(toString(*def.axis));
    if (!def.at.empty())
        out += QStringLiteral(", at \"%1\"").arg(event(def.at));
    if (!def.over.empty())
        out += QStringLiteral(", over %1 (low-pass filtered)").arg(phase(def.over).toLower());
    if (!def.phase.empty())
        out += QStringLiteral(" of %1 in %2").arg(phase(def.phase), phase(def.otherPhase));
    out[0] = out[0].toUpper();
    return out + u'.';
}

QString schoolName(School school) {
    switch (school) {
    case School::Root:
        return QStringLiteral("root first");
    case School::Ground:
        return QStringLiteral("ground up");
    case School::Effect:
        return QStringLiteral("effect first");
    case School::Earliest:
        return QStringLiteral("earliest first");
    }
    return {};
}

QString stageName(Stage stage) {
    static const QStringList kNames = {QStringLiteral("position and feel"),
                                       QStringLiteral("slow shadow"),
                                       QStringLiteral("with an aid"),
                                       QStringLiteral("single feed"),
                                       QStringLiteral("varied feed"),
                                       QStringLiteral("live routine"),
                                       QStringLiteral("scored"),
                                       QStringLiteral("competition")};
    return kNames[static_cast<int>(stage)];
}

QString stressName(Stress stress) {
    static const QStringList kNames = {QStringLiteral("calm"),           QStringLiteral("fed by hand"),
                                       QStringLiteral("fed by machine"), QStringLiteral("reacting"),
                                       QStringLiteral("live"),           QStringLiteral("scored"),
                                       QStringLiteral("competition")};
    return kNames[static_cast<int>(stress)];
}

QString doseText(const Dose& dose) {
    QString out;
    if (dose.sets > 0 && dose.repetitions > 0)
        out = QStringLiteral("%1 × %2").arg(dose.sets).arg(dose.repetitions);
    if (dose.minutes > 0)
        out += (out.isEmpty() ? QString() : QStringLiteral(", about ")) + QStringLiteral("%1 min").arg(dose.minutes);
    return out;
}

QString ofText(int part, int whole) { return QStringLiteral("%1 of %2").arg(part).arg(whole); }

QString counted(std::size_t count, const QString& one, const QString& many) {
    return QStringLiteral("%1 %2").arg(count).arg(count == 1 ? one : many);
}

} // namespace riflesso::words
