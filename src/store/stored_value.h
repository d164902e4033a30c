#pragma once
// How one value of a stored field lies in the library and in case.json: Kept<Value> for each type that a field may
// have. A type without one does not compile.

#include "core/judge/findings.h"
#include "core/pack/pack.h"
#include "core/practice/said_and_felt.h"
#include "core/progress/progress.h"
#include "core/tables/json_walk.h"
#include "store/known_lengths_text.h"
#include "store/picture_text.h"

#include <QDate>
#include <QDateTime>
#include <QStringList>
#include <QVariant>

namespace riflesso {

/// Smallest and largest number of a field, whether case.json must say it, and what stands where it does not.
struct Bounds {
    double low = -1e9, high = 1e9;
    bool required = false;
    double fallback = 0;
};
constexpr Bounds kRequired{-1e9, 1e9, true};

namespace stored {

[[nodiscard]] inline QString qt(std::string_view text) {
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}
/// A text that is not NULL.
[[nodiscard]] inline QString text(const QString& value) { return value.isNull() ? QStringLiteral("") : value; }
[[nodiscard]] inline bool given(const JsonNode& node, const char* key) {
    return node.has(key) && !node.at(key).json().is_null();
}

} // namespace stored

template <class Value> struct Kept;

template <> struct Kept<QString> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const QString& value) { return stored::text(value); }
    static QString fromRow(const QVariant& cell) { return cell.toString(); }
    static Json toJson(const QString& value) { return value.toStdString(); }
    static QString fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
        return stored::qt(node.text(key, bounds.required));
    }
};
template <> struct Kept<std::string> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const std::string& value) { return stored::text(stored::qt(value)); }
    static std::string fromRow(const QVariant& cell) { return cell.toString().toStdString(); }
    static Json toJson(const std::string& value) { return value; }
    static std::string fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
        return node.text(key, bounds.required);
    }
};
template <> struct Kept<int> {
    static constexpr const char* kColumn = "INTEGER NOT NULL DEFAULT 0";
    static QVariant toRow(int value) { return value; }
    static int fromRow(const QVariant& cell) { return cell.toInt(); }
    static Json toJson(int value) { return value; }
    static int fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
        return node.integer(key, static_cast<int>(bounds.fallback), static_cast<int>(bounds.low),
                            static_cast<int>(bounds.high));
    }
};
template <> struct Kept<double> {
    static constexpr const char* kColumn = "REAL NOT NULL DEFAULT 0";
    static QVariant toRow(double value) { return value; }
    static double fromRow(const QVariant& cell) { return cell.toDouble(); }
    static Json toJson(double value) { return value; }
    static double fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
        return bounds.required ? node.requiredNumber(key, bounds.low, bounds.high)
                               : node.number(key, bounds.fallback, bounds.low, bounds.high);
    }
};
template <> struct Kept<bool> {
    static constexpr const char* kColumn = "INTEGER NOT NULL DEFAULT 0";
    static QVariant toRow(bool value) { return value; }
    static bool fromRow(const QVariant& cell) { return cell.toBool(); }
    static Json toJson(bool value) { return value; }
    static bool fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
        return node.boolean(key, bounds.fallback > 0);
    }
};
/// None is NULL in the library and null in case.json.
template <class Value>
requires(std::is_same_v<Value, double> || std::is_same_v<Value, bool>) struct Kept<std::optional<Value>> {
    static constexpr const char* kColumn = std::is_same_v<Value, bool> ? "INTEGER" : "REAL";
    static QVariant toRow(const std::optional<Value>& value) { return value ? QVariant(*value) : QVariant(); }
    static std::optional<Value> fromRow(const QVariant& cell) {
        return cell.isNull() ? std::nullopt : std::optional(Kept<Value>::fromRow(cell));
    }
    static Json toJson(const std::optional<Value>& value) { return value ? Json(*value) : Json(nullptr); }
    static std::optional<Value> fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
        if (!stored::given(node, key))
            return {};
        return Kept<Value>::fromJson(node, key, bounds);
    }
};
/// Not valid is the empty text.
template <> struct Kept<QDate> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const QDate& value) { return stored::text(value.toString(Qt::ISODate)); }
    static QDate fromRow(const QVariant& cell) { return QDate::fromString(cell.toString(), Qt::ISODate); }
    static Json toJson(const QDate& value) { return value.toString(Qt::ISODate).toStdString(); }
    static QDate fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};
template <> struct Kept<QDateTime> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const QDateTime& value) { return stored::text(value.toUTC().toString(Qt::ISODateWithMs)); }
    static QDateTime fromRow(const QVariant& cell);
    static Json toJson(const QDateTime& value) { return value.toUTC().toString(Qt::ISODateWithMs).toStdString(); }
    static QDateTime fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};
/// Lines of a text in the library, a list in case.json.
template <> struct Kept<QStringList> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const QStringList& value) { return stored::text(value.join(u'\n')); }
    static QStringList fromRow(const QVariant& cell) { return cell.toString().split(u'\n', Qt::SkipEmptyParts); }
    static Json toJson(const QStringList& value);
    static QStringList fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};
template <> struct Kept<std::map<std::string, std::string>> {
    using Texts = std::map<std::string, std::string>;
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const Texts& value);
    static Texts fromRow(const QVariant& cell);
    static Json toJson(const Texts& value);
    static Texts fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};
template <> struct Kept<std::map<std::string, std::map<std::string, double>>> {
    using Numbers = std::map<std::string, std::map<std::string, double>>;
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const Numbers& value);
    static Numbers fromRow(const QVariant& cell);
    static Json toJson(const Numbers& value) { return value; }
    static Numbers fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};
template <> struct Kept<PracticeCondition> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT 'calm'";
    static QVariant toRow(const PracticeCondition& value) { return stored::qt(toString(value)); }
    static PracticeCondition fromRow(const QVariant& cell) {
        return practiceConditionFrom(cell.toString().toStdString()).value_or(PracticeCondition());
    }
    static Json toJson(const PracticeCondition& value) { return toString(value); }
    static PracticeCondition fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};
template <> struct Kept<PictureSetup> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const PictureSetup& value) { return pictureToText(value); }
    static PictureSetup fromRow(const QVariant& cell) { return pictureFromText(cell.toString()); }
    static Json toJson(const PictureSetup& value) { return pictureToJson(value); }
    static PictureSetup fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};
template <> struct Kept<std::vector<KnownLength>> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const std::vector<KnownLength>& value) { return lengthsToText(value); }
    static std::vector<KnownLength> fromRow(const QVariant& cell) { return lengthsFromText(cell.toString()); }
    static Json toJson(const std::vector<KnownLength>& value);
    static std::vector<KnownLength> fromJson(const JsonNode& node, const char* key, const Bounds& bounds);
};

/// Words of an enumeration: how one is read, what a message names, and what stands where nothing is said.
template <class Enum> struct Words;
template <> struct Words<Side> {
    static constexpr const char* kAll = "left, right";
    static constexpr Side kElse = Side::Right;
    static std::optional<Side> from(std::string_view word) { return sideFrom(word); }
};
template <> struct Words<BodyPart> {
    static constexpr const char* kAll = "a part of the body, such as knee or lower_back";
    static constexpr BodyPart kElse = BodyPart::WholeBody;
    static std::optional<BodyPart> from(std::string_view word) { return bodyPartFrom(word); }
};
template <> struct Words<LimitSide> {
    static constexpr const char* kAll = "left, right, both, or nothing";
    static constexpr LimitSide kElse = LimitSide::Unsaid;
    static std::optional<LimitSide> from(std::string_view word) { return limitSideFrom(word); }
};
template <> struct Words<LimitKind> {
    static constexpr const char* kAll = "pain, healing, stiff, operated, illness, other";
    static constexpr LimitKind kElse = LimitKind::Other;
    static std::optional<LimitKind> from(std::string_view word) { return limitKindFrom(word); }
};
template <> struct Words<View> {
    static constexpr const char* kAll = "side, front, rear, top";
    static constexpr View kElse = View::Side;
    static std::optional<View> from(std::string_view word) { return viewFrom(word); }
};
template <> struct Words<Stress> {
    static constexpr const char* kAll = "a stress level";
    static constexpr Stress kElse = Stress::Calm;
    static std::optional<Stress> from(std::string_view word) { return stressFrom(word); }
};
template <> struct Words<Guesser> {
    static constexpr const char* kAll = "athlete, analyst, forecast";
    static constexpr Guesser kElse = Guesser::Athlete;
    static std::optional<Guesser> from(std::string_view word) { return guesserFrom(word); }
};
template <> struct Words<PracticeKind> {
    static constexpr const char* kAll = "practice, home, retention, transfer";
    static constexpr PracticeKind kElse = PracticeKind::Practice;
    static std::optional<PracticeKind> from(std::string_view word) { return practiceKindFrom(word); }
};
template <> struct Words<Told> {
    static constexpr const char* kAll = "none, cue, shown, measured, asked";
    static constexpr Told kElse = Told::None;
    static std::optional<Told> from(std::string_view word) { return toldFrom(word); }
};
template <> struct Words<FeedbackSchool> {
    static constexpr const char* kAll = "faded, bandwidth, summary, asked";
    static constexpr FeedbackSchool kElse = FeedbackSchool::Faded;
    static std::optional<FeedbackSchool> from(std::string_view word) { return feedbackSchoolFrom(word); }
};
template <> struct Words<Term> {
    static constexpr const char* kAll = "severity, frequency, certainty, leverage, effect, readiness";
    static constexpr Term kElse = Term::Effect;
    static std::optional<Term> from(std::string_view word) { return termFrom(word); }
};

template <class Enum>
requires std::is_enum_v<Enum>
struct Kept<Enum> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(Enum value) { return stored::qt(toString(value)); }
    static Enum fromRow(const QVariant& cell) {
        return Words<Enum>::from(cell.toString().toStdString()).value_or(Words<Enum>::kElse);
    }
    static Json toJson(Enum value) { return toString(value); }
    static Enum fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
        return node.word(key, Words<Enum>::kElse, bounds.required, Words<Enum>::kAll, Words<Enum>::from);
    }
};
/// None is the empty text in the library and null in case.json.
template <class Enum>
requires std::is_enum_v<Enum>
struct Kept<std::optional<Enum>> {
    static constexpr const char* kColumn = "TEXT NOT NULL DEFAULT ''";
    static QVariant toRow(const std::optional<Enum>& value) {
        return value ? Kept<Enum>::toRow(*value) : QVariant(QStringLiteral(""));
    }
    static std::optional<Enum> fromRow(const QVariant& cell) {
        return Words<Enum>::from(cell.toString().toStdString());
    }
    static Json toJson(const std::optional<Enum>& value) { return value ? Json(toString(*value)) : Json(nullptr); }
    static std::optional<Enum> fromJson(const JsonNode& node, const char* key, const Bounds&) {
        if (!stored::given(node, key))
            return {};
        return node.optionalWord<Enum>(key, Words<Enum>::kAll, Words<Enum>::from);
    }
};

} // namespace riflesso
