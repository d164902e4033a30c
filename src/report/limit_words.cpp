#include "report/limit_words.h"

#include "core/sentence.h"

#include <QCoreApplication>
#include <QStringList>

#include <array>

namespace riflesso::words {
namespace {

// In the order of the enumerations.
constexpr std::array<const char*, kBodyParts> kParts = {
    RIFLESSO_SAY("Body", "head"),       RIFLESSO_SAY("Body", "eye"),
    RIFLESSO_SAY("Body", "neck"),       RIFLESSO_SAY("Body", "shoulder"),
    RIFLESSO_SAY("Body", "elbow"),      RIFLESSO_SAY("Body", "forearm"),
    RIFLESSO_SAY("Body", "wrist"),      RIFLESSO_SAY("Body", "hand"),
    RIFLESSO_SAY("Body", "finger"),     RIFLESSO_SAY("Body", "chest"),
    RIFLESSO_SAY("Body", "upper back"), RIFLESSO_SAY("Body", "lower back"),
    RIFLESSO_SAY("Body", "hip"),        RIFLESSO_SAY("Body", "groin"),
    RIFLESSO_SAY("Body", "thigh"),      RIFLESSO_SAY("Body", "hamstring"),
    RIFLESSO_SAY("Body", "knee"),       RIFLESSO_SAY("Body", "shin"),
    RIFLESSO_SAY("Body", "calf"),       RIFLESSO_SAY("Body", "Achilles tendon"),
    RIFLESSO_SAY("Body", "ankle"),      RIFLESSO_SAY("Body", "foot"),
    RIFLESSO_SAY("Body", "toe"),        RIFLESSO_SAY("Body", "heart and breath"),
    RIFLESSO_SAY("Body", "arm"),        RIFLESSO_SAY("Body", "leg"),
    RIFLESSO_SAY("Body", "back"),       RIFLESSO_SAY("Body", "trunk"),
    RIFLESSO_SAY("Body", "whole body")};
constexpr std::array<const char*, kLimitKinds> kKinds = {
    RIFLESSO_SAY("Body", "pain"),     RIFLESSO_SAY("Body", "healing"), RIFLESSO_SAY("Body", "stiff"),
    RIFLESSO_SAY("Body", "operated"), RIFLESSO_SAY("Body", "illness"), RIFLESSO_SAY("Body", "other")};
constexpr std::array<const char*, 4> kSides = {"", RIFLESSO_SAY("Body", "left"), RIFLESSO_SAY("Body", "right"),
                                               RIFLESSO_SAY("Body", "both sides")};

QString inWindow(const char* name) { return *name ? QCoreApplication::translate("Body", name) : QString(); }

} // namespace

QString bodyPart(BodyPart part) { return inWindow(kParts[static_cast<std::size_t>(part)]); }
QString limitSide(LimitSide side) { return inWindow(kSides[static_cast<std::size_t>(side)]); }
QString limitKind(LimitKind kind) { return inWindow(kKinds[static_cast<std::size_t>(kind)]); }

QString limit(const Limit& limit) {
    QStringList out{bodyPart(limit.part)};
    if (limit.side != LimitSide::Unsaid)
        out << limitSide(limit.side);
    if (limit.kind != LimitKind::Other)
        out << limitKind(limit.kind);
    return out.join(QStringLiteral(", "));
}

QString rule(const LimitRule& rule) {
    QStringList kinds;
    for (const LimitKind kind : rule.kinds)
        kinds << limitKind(kind);
    return kinds.isEmpty() ? bodyPart(rule.part)
                           : bodyPart(rule.part) + QStringLiteral(": ") + kinds.join(QStringLiteral(", "));
}

} // namespace riflesso::words
