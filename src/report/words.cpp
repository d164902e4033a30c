#include "report/words.h"

#include "core/points/landmark.h"
#include "report/language.h"
#include "report/report_text.h"
#include "store/pack_language.h"

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace riflesso::words {

QString text(std::string_view utf8) { return QString::fromUtf8(utf8.data(), static_cast<qsizetype>(utf8.size())); }

namespace {

/// Named in sentences of the core: gathered here for translation.
[[maybe_unused]] constexpr const char* kLandmarkWords[] = {
    RIFLESSO_SAY("Landmark", "left eye"),      RIFLESSO_SAY("Landmark", "right eye"),
    RIFLESSO_SAY("Landmark", "left ear"),      RIFLESSO_SAY("Landmark", "right ear"),
    RIFLESSO_SAY("Landmark", "left shoulder"), RIFLESSO_SAY("Landmark", "right shoulder"),
    RIFLESSO_SAY("Landmark", "left elbow"),    RIFLESSO_SAY("Landmark", "right elbow"),
    RIFLESSO_SAY("Landmark", "left wrist"),    RIFLESSO_SAY("Landmark", "right wrist"),
    RIFLESSO_SAY("Landmark", "left hand"),     RIFLESSO_SAY("Landmark", "right hand"),
    RIFLESSO_SAY("Landmark", "left hip"),      RIFLESSO_SAY("Landmark", "right hip"),
    RIFLESSO_SAY("Landmark", "left knee"),     RIFLESSO_SAY("Landmark", "right knee"),
    RIFLESSO_SAY("Landmark", "left ankle"),    RIFLESSO_SAY("Landmark", "right ankle"),
    RIFLESSO_SAY("Landmark", "left heel"),     RIFLESSO_SAY("Landmark", "right heel"),
    RIFLESSO_SAY("Landmark", "left toe"),      RIFLESSO_SAY("Landmark", "right toe"),
    RIFLESSO_SAY("Landmark", "nose"),          RIFLESSO_SAY("Landmark", "chin"),
    RIFLESSO_SAY("Landmark", "head top"),      RIFLESSO_SAY("Landmark", "neck")};
[[maybe_unused]] constexpr const char* kAfterArticle[] = {
    RIFLESSO_SAY("LandmarkAfterArticle", "left eye"),      RIFLESSO_SAY("LandmarkAfterArticle", "right eye"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left ear"),      RIFLESSO_SAY("LandmarkAfterArticle", "right ear"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left shoulder"), RIFLESSO_SAY("LandmarkAfterArticle", "right shoulder"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left elbow"),    RIFLESSO_SAY("LandmarkAfterArticle", "right elbow"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left wrist"),    RIFLESSO_SAY("LandmarkAfterArticle", "right wrist"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left hand"),     RIFLESSO_SAY("LandmarkAfterArticle", "right hand"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left hip"),      RIFLESSO_SAY("LandmarkAfterArticle", "right hip"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left knee"),     RIFLESSO_SAY("LandmarkAfterArticle", "right knee"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left ankle"),    RIFLESSO_SAY("LandmarkAfterArticle", "right ankle"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left heel"),     RIFLESSO_SAY("LandmarkAfterArticle", "right heel"),
    RIFLESSO_SAY("LandmarkAfterArticle", "left toe"),      RIFLESSO_SAY("LandmarkAfterArticle", "right toe")};
[[maybe_unused]] constexpr const char* kViewWords[] = {RIFLESSO_SAY("Word", "side"),    RIFLESSO_SAY("Word", "front"),
                                                       RIFLESSO_SAY("Word", "rear"),    RIFLESSO_SAY("Word", "top"),
                                                       RIFLESSO_SAY("Word", "forward"), RIFLESSO_SAY("Word", "up")};

QString inWindow(const Named& named) {
    switch (named.what) {
    case Named::What::Landmark:
        return QCoreApplication::translate("Landmark", inWords(named.text).c_str());
    case Named::What::Title:
        return inSentence(text(named.text));
    case Named::What::Word: {
        const QString own = QCoreApplication::translate("Word", named.text.c_str());
        return own == text(named.text) ? keptWord(named.text) : own; // else a word that a pack keeps
    }
    case Named::What::Sentence:
        return text(*named.inner);
    case Named::What::Text:
        break;
    }
    return text(named.text);
}

} // namespace

QString text(const Sentence& sentence) {
    if (sentence.empty())
        return {};
    const QString pattern = QCoreApplication::translate("Sentence", sentence.phrase->english);
    QString out;
    for (qsizetype at = 0; at < pattern.size(); ++at) {
        const int place = pattern[at] == u'%' && at + 1 < pattern.size() ? pattern[at + 1].digitValue() : 0;
        if (place < 1 || place > std::ssize(sentence.named)) {
            out += pattern[at];
            continue;
        }
        out += inWindow(sentence.named[static_cast<std::size_t>(place) - 1]);
        ++at;
    }
    return out;
}

int decimalsFor(double expandedU) {
    if (!(expandedU > 0))
        return 2;
    return std::clamp(static_cast<int>(-std::floor(std::log10(expandedU * 1.0000001))), 0, 4);
}

QString number(double value, int decimals) {
    const bool zero = QString::number(std::abs(value), 'f', decimals).toDouble() == 0;
    const QString digits = QLocale().toString(std::abs(value), 'f', decimals);
    return value < 0 && !zero ? QChar(0x2212) + digits : digits;
}

QString figures(double value, int figures) {
    const QString digits = QLocale().toString(std::abs(value), 'g', figures);
    return value < 0 ? QChar(0x2212) + digits : digits;
}

QString date(const QDate& day) { return QLocale().toString(day, datePattern()); }
QString shortDate(const QDate& day) { return QLocale().toString(day, datePattern().remove(QStringLiteral(" yyyy"))); }
QString longDate(const QDate& day) {
    return QLocale().toString(day, datePattern().replace(QStringLiteral("MMM"), QStringLiteral("MMMM")));
}
QString moment(const QDateTime& at) {
    return QLocale().toString(at.toLocalTime(), datePattern() + QStringLiteral(" HH:mm"));
}

namespace {

/// The body unit by the name of its segment.
QString segmentName(const LengthUnit& unit) {
    const QString pair = text(unit.a.part) + u'-' + text(unit.b.part);
    if (pair == QLatin1String("hip-knee"))
        return Report::tr("thigh");
    if (pair == QLatin1String("knee-ankle"))
        return Report::tr("shank");
    if (pair == QLatin1String("hip-shoulder") || pair == QLatin1String("shoulder-hip"))
        return Report::tr("trunk");
    if (pair == QLatin1String("shoulder-elbow"))
        return Report::tr("upper arm");
    return Report::tr("body");
}

/// What the skill calls a point of its own, within a sentence; empty: it is none.
QString ownPoint(const Pack& pack, std::string_view id) {
    for (const OwnPoint& point : pack.points)
        if (point.id == id)
            return inSentence(text(point.title));
    return {};
}

QString points(const Pack& pack, const std::vector<PointRef>& refs) {
    const auto name = [&](const PointRef& ref) {
        const QString own = ownPoint(pack, ref.part);
        return own.isEmpty() ? word(inWords(ref.part)) : own;
    };
    QStringList names;
    for (const PointRef& ref : refs)
        names << name(ref) + (ref.role.empty() ? QString() : QStringLiteral(" (%1)").arg(word(ref.role)));
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

QString unitAfter(const MeasureDef& def) {
    const QString unit = unitOf(def);
    return unit.isEmpty() || unit.startsWith(u'°') ? unit : QChar(0x00A0) + unit;
}

QString named(const MeasureDef& def, double value) {
    int decimals = 0;
    for (double scaled = value; decimals < 2 && std::abs(scaled - std::round(scaled)) > 1e-6;
         scaled = value * std::pow(10, decimals))
        ++decimals;
    return number(value, decimals) + unitAfter(def);
}

QString withU(const MeasureDef& def, double value, double expandedU) {
    const int decimals = decimalsFor(expandedU);
    return number(value, decimals) + QStringLiteral("\u00a0±\u00a0") + number(expandedU, decimals) + unitAfter(def);
}

QString choiceName(const Pack& pack, const SetChoice& choice) {
    QStringList parts;
    if (choice.stress)
        parts << stressName(*choice.stress);
    if (const VariantDef* variant = choice.variant.empty() ? nullptr : pack.variant(choice.variant))
        parts << text(variant->title);
    for (const auto& [id, value] : choice.conditions)
        parts << kept(value);
    return parts.isEmpty() ? Report::tr("all conditions") : parts.join(QStringLiteral(", "));
}

QStringList positionEffects(const Pack& pack, const Assessment& assessment) {
    QStringList out;
    for (const PositionEffect& effect : assessment.positionEffects) {
        QString by = text(effect.position);
        for (const DisputeDef& dispute : pack.disputes)
            for (const DisputeDef::Position& position : dispute.positions)
                if (dispute.id == effect.dispute && position.id == effect.position)
                    by = text(position.title);
        const FaultDef* fault = pack.fault(effect.id);
        const QString name = effect.what == PositionEffect::What::Range ? text(pack.measureTitle(effect.id))
                             : fault                                    ? text(fault->title)
                                                                        : text(effect.id);
        switch (effect.what) {
        case PositionEffect::What::Range:
            out << Report::tr("By your position \"%1\" another range holds: %2.").arg(by, name);
            break;
        case PositionEffect::What::LeftOut:
            out << Report::tr("By your position \"%1\" this is no fault: %2.").arg(by, name);
            break;
        case PositionEffect::What::Ladder:
            out << Report::tr("By your position \"%1\" another ladder holds: %2.").arg(by, name);
            break;
        }
    }
    return out;
}

QString assumedSquare() {
    return Report::tr(
               "Camera assumed square on: nobody said where it stood, and every ± allows for %1° to either side.")
        .arg(number(2 * kAssumedSquareUDeg, 0));
}

QString referenceText(const MeasureDef& def, const SetDeviation& set) {
    QString out = referenceText(def, set.reference);
    if (set.modelCalmer)
        out = Report::tr("%1, filmed at an easier level").arg(out);
    if (set.bearingDeg && *set.bearingDeg > kSquareDeg)
        out = Report::tr("%1; corrected, camera %2° off").arg(out, number(*set.bearingDeg, 0));
    return out;
}

QString referenceText(const MeasureDef& def, const Reference& reference) {
    const int decimals = decimalsFor(def.tolerance / 2);
    if (reference.source == Reference::Source::Target) {
        Reference range = reference;
        range.source = Reference::Source::None;
        return Report::tr("own target %1").arg(referenceText(def, range));
    }
    if (reference.modelMean)
        return Report::tr("model %1").arg(number(*reference.modelMean, decimals)) + unitAfter(def);
    if (reference.low && reference.high)
        return Report::tr("%1 to %2").arg(number(*reference.low, decimals), number(*reference.high, decimals)) +
               unitAfter(def);
    if (reference.low)
        return Report::tr("at least %1").arg(number(*reference.low, decimals)) + unitAfter(def);
    if (reference.high)
        return Report::tr("at most %1").arg(number(*reference.high, decimals)) + unitAfter(def);
    return Report::tr("no reference");
}

QString kept(const std::string& word) { return keptWord(word); }

QString inSentence(const QString& title) { return nounsHaveCapitals() ? title : title.toLower(); }

QString landmark(const Pack& pack, std::string_view id) {
    const QString own = ownPoint(pack, id);
    return own.isEmpty() ? QCoreApplication::translate("Landmark", inWords(id).c_str()) : own;
}

QString said(std::string_view words, const std::map<std::string, Side>& sides) {
    static const QRegularExpression kPart(QStringLiteral("([a-z0-9_]+)@([a-z0-9_]+)"));
    const QString whole = text(std::string(words));
    QString out;
    qsizetype at = 0;
    for (auto parts = kPart.globalMatch(whole); parts.hasNext();) {
        const auto part = parts.next();
        const auto side = sides.find(part.captured(2).toStdString());
        if (side == sides.end())
            continue;
        const std::string name = std::string(toString(side->second)) + "_" + part.captured(1).toStdString();
        out += whole.mid(at, part.capturedStart() - at) +
               QCoreApplication::translate("LandmarkAfterArticle", inWords(name).c_str());
        at = part.capturedEnd();
    }
    return out + whole.mid(at);
}

QString quoted(const QString& words) { return Report::tr("“%1”").arg(words); }

QString word(std::string_view english) {
    // Gathered for translation here; which there are is said where they are defined.
    [[maybe_unused]] static constexpr const char* kAll[] = {
        QT_TRANSLATE_NOOP("Word", "angle"),         QT_TRANSLATE_NOOP("Word", "flexion"),
        QT_TRANSLATE_NOOP("Word", "segment angle"), QT_TRANSLATE_NOOP("Word", "line angle"),
        QT_TRANSLATE_NOOP("Word", "clock"),         QT_TRANSLATE_NOOP("Word", "distance"),
        QT_TRANSLATE_NOOP("Word", "offset"),        QT_TRANSLATE_NOOP("Word", "ratio"),
        QT_TRANSLATE_NOOP("Word", "stack"),         QT_TRANSLATE_NOOP("Word", "turn"),
        QT_TRANSLATE_NOOP("Word", "speed"),         QT_TRANSLATE_NOOP("Word", "angular speed"),
        QT_TRANSLATE_NOOP("Word", "heading"),       QT_TRANSLATE_NOOP("Word", "interval"),
        QT_TRANSLATE_NOOP("Word", "phase share"),   QT_TRANSLATE_NOOP("Word", "tempo ratio"),
        QT_TRANSLATE_NOOP("Word", "rate"),          QT_TRANSLATE_NOOP("Word", "cycle length"),
        QT_TRANSLATE_NOOP("Word", "cycle speed"),   QT_TRANSLATE_NOOP("Word", "dwell"),
        QT_TRANSLATE_NOOP("Word", "overlap"),       QT_TRANSLATE_NOOP("Word", "peak order"),
        QT_TRANSLATE_NOOP("Word", "path length"),   QT_TRANSLATE_NOOP("Word", "straightness"),
        QT_TRANSLATE_NOOP("Word", "reversals"),     QT_TRANSLATE_NOOP("Word", "steadiness"),
        QT_TRANSLATE_NOOP("Word", "smoothness"),    QT_TRANSLATE_NOOP("Word", "brake"),
        QT_TRANSLATE_NOOP("Word", "symmetry"),      QT_TRANSLATE_NOOP("Word", "drift"),
        QT_TRANSLATE_NOOP("Word", "variability"),   QT_TRANSLATE_NOOP("Word", "difference"),
        QT_TRANSLATE_NOOP("Word", "observed"),      QT_TRANSLATE_NOOP("Word", "maximum"),
        QT_TRANSLATE_NOOP("Word", "minimum"),       QT_TRANSLATE_NOOP("Word", "range"),
        QT_TRANSLATE_NOOP("Word", "mean"),          QT_TRANSLATE_NOOP("Word", "horizontal"),
        QT_TRANSLATE_NOOP("Word", "vertical"),      QT_TRANSLATE_NOOP("Word", "clear"),
        QT_TRANSLATE_NOOP("Word", "possible"),      QT_TRANSLATE_NOOP("Word", "within"),
        QT_TRANSLATE_NOOP("Word", "strength"),      QT_TRANSLATE_NOOP("Word", "safety"),
        QT_TRANSLATE_NOOP("Word", "capacity"),      QT_TRANSLATE_NOOP("Word", "equipment"),
        QT_TRANSLATE_NOOP("Word", "habit"),         QT_TRANSLATE_NOOP("Word", "earlier advice"),
        QT_TRANSLATE_NOOP("Word", "leverage"),      QT_TRANSLATE_NOOP("Word", "frequency"),
        QT_TRANSLATE_NOOP("Word", "certainty"),     QT_TRANSLATE_NOOP("Word", "effect"),
        QT_TRANSLATE_NOOP("Word", "readiness"),     QT_TRANSLATE_NOOP("Word", "dominant"),
        QT_TRANSLATE_NOOP("Word", "other"),         QT_TRANSLATE_NOOP("Word", "shoulder"),
        QT_TRANSLATE_NOOP("Word", "elbow"),         QT_TRANSLATE_NOOP("Word", "wrist"),
        QT_TRANSLATE_NOOP("Word", "hand"),          QT_TRANSLATE_NOOP("Word", "hip"),
        QT_TRANSLATE_NOOP("Word", "knee"),          QT_TRANSLATE_NOOP("Word", "ankle"),
        QT_TRANSLATE_NOOP("Word", "heel"),          QT_TRANSLATE_NOOP("Word", "toe"),
        QT_TRANSLATE_NOOP("Word", "eye"),           QT_TRANSLATE_NOOP("Word", "ear"),
        QT_TRANSLATE_NOOP("Word", "nose"),          QT_TRANSLATE_NOOP("Word", "mid shoulder"),
        QT_TRANSLATE_NOOP("Word", "mid hip"),       QT_TRANSLATE_NOOP("Word", "mid ankle"),
        QT_TRANSLATE_NOOP("Word", "com"),           QT_TRANSLATE_NOOP("Word", "arm"),
        QT_TRANSLATE_NOOP("Word", "lead"),          QT_TRANSLATE_NOOP("Word", "rear leg"),
        QT_TRANSLATE_NOOP("Word", "near"),          QT_TRANSLATE_NOOP("Word", "bow"),
        QT_TRANSLATE_NOOP("Word", "string")};
    return QCoreApplication::translate("Word", std::string(english).c_str());
}

QString viewName(View view) { return word(toString(view)); }

QString resultText(const Pack& pack, const std::string& result) {
    const QString unit = pack.results.empty() ? QString() : kept(pack.results.front().unit);
    return kept(result) + (unit.isEmpty() || result.empty() ? QString() : u' ' + unit);
}

QString shortTitle(const Pack& pack, const MeasureDef& def) {
    const auto beginning = [](const MeasureDef& each) { return text(each.title).section(u',', 0, 0); };
    const bool alone = std::none_of(pack.measures.begin(), pack.measures.end(), [&](const MeasureDef& other) {
        return other.id != def.id && other.at == def.at && beginning(other) == beginning(def);
    });
    return alone ? beginning(def) : text(def.title);
}

QString ruleText(const Pack& pack, const EventRule& rule) {
    const auto event = [&](const std::string& id) {
        const EventDef* found = pack.event(id);
        return found ? text(found->title) : text(id);
    };
    QString signal = definition(pack, rule.signal);
    while (signal.endsWith(u'.'))
        signal.chop(1);
    const QString unit = text(rule.signal.unit);
    QString out;
    using enum EventRule::Feature;
    switch (rule.feature) {
    case Maximum:
        out = Report::tr("%1 is largest").arg(signal);
        break;
    case Minimum:
        out = Report::tr("%1 is smallest").arg(signal);
        break;
    case Rise:
        out = Report::tr("%1 rises through %2 %3").arg(signal, figures(rule.level, 3), unit);
        break;
    case Fall:
        out = Report::tr("%1 falls through %2 %3").arg(signal, figures(rule.level, 3), unit);
        break;
    case Start:
        out = Report::tr("%1 starts to change (%2 % of its fastest)").arg(signal, number(100 * rule.share, 0));
        break;
    case Stop:
        out = Report::tr("%1 comes to rest (%2 % of its fastest)").arg(signal, number(100 * rule.share, 0));
        break;
    }
    if (!rule.after.empty())
        out += Report::tr(", after \"%1\"").arg(event(rule.after));
    if (!rule.before.empty())
        out += Report::tr(", before \"%1\"").arg(event(rule.before));
    return out;
}

QString definition(const Pack& pack, const MeasureDef& def) {
    QString out = word(inWords(toString(def.kind)));
    const auto event = [&](const std::string& id) {
        const EventDef* found = pack.event(id);
        return found ? text(found->title) : text(id);
    };
    const auto phase = [&](const std::string& id) {
        const PhaseDef* found = pack.phase(id);
        return found ? text(found->title) : text(id);
    };
    if (def.kind == Kind::Interval)
        return Report::tr("Time from \"%1\" to \"%2\"; negative when the second comes first.")
            .arg(event(def.fromEvent), event(def.toEvent));
    const auto measure = [&](const std::string& id) { return quoted(inSentence(text(pack.measureTitle(id)))); };
    if (def.kind == Kind::Change)
        return Report::tr("Change of %1 from \"%2\" to \"%3\".")
            .arg(measure(def.ofMeasure), event(def.fromEvent), event(def.toEvent));
    if (def.kind == Kind::Quotient)
        return Report::tr("The measure %1 over %2.").arg(measure(def.leftMeasure), measure(def.rightMeasure));
    if (def.kind == Kind::Surplus)
        return Report::tr("The measure %1 less %2.").arg(measure(def.leftMeasure), measure(def.rightMeasure));
    if (!def.ofMeasure.empty())
        out += Report::tr(" of %1").arg(measure(def.ofMeasure));
    if (def.conditions.size() > 1)
        out += Report::tr(", %1 less %2").arg(text(def.conditions[1]), text(def.conditions[0]));
    if (def.stat != Stat::None)
        out = Report::tr("%1 of the %2").arg(word(toString(def.stat)), out);
    if (!def.points.empty())
        out += Report::tr(" of ") + points(pack, def.points);
    if (def.relativeTo)
        out += Report::tr(" seen from ") + points(pack, {*def.relativeTo});
    if (!def.otherPoints.empty())
        out += Report::tr(" to ") + points(pack, def.otherPoints);
    if (!def.against.empty())
        out += Report::tr(" against the ") + word(inWords(def.against));
    if (def.axis)
        out += Report::tr(", along ") + word(toString(*def.axis));
    if (!def.at.empty())
        out += Report::tr(", at \"%1\"").arg(event(def.at));
    if (!def.over.empty() && def.kind == Kind::Heading)
        out += Report::tr(", straight through %1").arg(inSentence(phase(def.over)));
    else if (!def.over.empty())
        out += Report::tr(", over %1 (low-pass filtered)").arg(inSentence(phase(def.over)));
    if (!def.phase.empty())
        out += Report::tr(" of %1 in %2").arg(phase(def.phase), phase(def.otherPhase));
    out[0] = out[0].toUpper();
    return out + u'.';
}

QString schoolName(School school) {
    switch (school) {
    case School::Root:
        return Report::tr("root first");
    case School::Ground:
        return Report::tr("ground up");
    case School::Effect:
        return Report::tr("effect first");
    case School::Earliest:
        return Report::tr("earliest first");
    }
    return {};
}

QString levelName(Level level) {
    static const QStringList kNames = {Report::tr("Foot"),      Report::tr("Ankle"), Report::tr("Knee"),
                                       Report::tr("Hip"),       Report::tr("Trunk"), Report::tr("Shoulder"),
                                       Report::tr("Arm"),       Report::tr("Elbow"), Report::tr("Wrist"),
                                       Report::tr("Hand"),      Report::tr("Head"),  Report::tr("Implement"),
                                       Report::tr("Whole body")};
    return kNames[static_cast<int>(level)];
}

QString stageName(Stage stage) {
    static const QStringList kNames = {Report::tr("position and feel"),
                                       Report::tr("slow shadow"),
                                       Report::tr("with an aid"),
                                       Report::tr("single feed"),
                                       Report::tr("varied feed"),
                                       Report::tr("live routine"),
                                       Report::tr("scored"),
                                       Report::tr("competition")};
    return kNames[static_cast<int>(stage)];
}

QString stressName(Stress stress) {
    static const QStringList kNames = {
        Report::tr("calm"), Report::tr("fed by hand"), Report::tr("fed by machine"), Report::tr("reacting"),
        Report::tr("live"), Report::tr("scored"),      Report::tr("competition")};
    return kNames[static_cast<int>(stress)];
}

QString doseText(const Dose& dose) {
    QString out;
    if (dose.sets > 0 && dose.repetitions > 0)
        out = QStringLiteral("%1 × %2").arg(dose.sets).arg(dose.repetitions);
    if (dose.minutes > 0)
        out += (out.isEmpty() ? QString() : Report::tr(", about ")) + Report::tr("%1 min").arg(dose.minutes);
    return out;
}

QString ofText(int part, int whole) { return Report::tr("%1 of %2").arg(part).arg(whole); }

QString counted(std::size_t count, const QString& one, const QString& many) {
    return QStringLiteral("%1 %2").arg(count).arg(count == 1 ? one : many);
}

} // namespace riflesso::words
