#pragma once
// Limits and injuries of an athlete: part of the body, side and kind; and what a drill or a fault of a pack says of
// them. In: words or choices. Out: which drills are left out, which faults become a changed target. Whatever cannot be
// told is taken the careful way. A licensed professional decides about people; this only keeps drills back.

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// Parts, then regions that contain parts. HeartAndBreath is what physical work itself asks for.
enum class BodyPart {
    Head,
    Eye,
    Neck,
    Shoulder,
    Elbow,
    Forearm,
    Wrist,
    Hand,
    Finger,
    Chest,
    UpperBack,
    LowerBack,
    Hip,
    Groin,
    Thigh,
    Hamstring,
    Knee,
    Shin,
    Calf,
    Achilles,
    Ankle,
    Foot,
    Toe,
    HeartAndBreath,
    Arm,
    Leg,
    Back,
    Trunk,
    WholeBody
};
enum class LimitSide { Unsaid, Left, Right, Both };
enum class LimitKind { Pain, Healing, Stiff, Operated, Illness, Other };
inline constexpr int kBodyParts = static_cast<int>(BodyPart::WholeBody) + 1;
inline constexpr int kLimitKinds = static_cast<int>(LimitKind::Other) + 1;

/// Words of files: "upper_back", "left", "operated".
[[nodiscard]] std::string_view toString(BodyPart part);
[[nodiscard]] std::string_view toString(LimitSide side);
[[nodiscard]] std::string_view toString(LimitKind kind);
[[nodiscard]] std::optional<BodyPart> bodyPartFrom(std::string_view word);
[[nodiscard]] std::optional<LimitSide> limitSideFrom(std::string_view word);
[[nodiscard]] std::optional<LimitKind> limitKindFrom(std::string_view word);

/// Whether a region holds the part; a part holds itself. The shoulder is of the arm, the hip of the leg; chest, back
/// and groin are of the trunk.
[[nodiscard]] bool contains(BodyPart region, BodyPart part);

/// A limit that holds now.
struct Limit {
    BodyPart part = BodyPart::WholeBody; ///< of an illness: the whole body
    LimitSide side = LimitSide::Unsaid;
    LimitKind kind = LimitKind::Other;
    std::string words = {}; ///< as it was said; may be empty
    bool operator==(const Limit&) const = default;
};
/// "knee, left, pain" in the program's words.
[[nodiscard]] std::string inWords(const Limit& limit);

struct Limits {
    std::vector<Limit> known;
    std::vector<std::string> unclear; ///< words that name no part: they hold back every drill that is not for somebody
    [[nodiscard]] bool empty() const { return known.empty() && unclear.empty(); }
    bool operator==(const Limits&) const = default;
};

/// What free words mean: a limit for each part that they name. "No knee pain any more" is none, "knee pain, not bad" is
/// one: words are a denial only where nothing else stands beside it. Unclear where they name no part and deny nothing.
[[nodiscard]] Limits limitsFromWords(std::string_view words);
/// Of several lines.
[[nodiscard]] Limits limitsFromLines(const std::vector<std::string>& lines);

/// What a pack says a drill is not for, or a fault is limited by.
struct LimitRule {
    BodyPart part = BodyPart::WholeBody;
    std::vector<LimitKind> kinds = {}; ///< empty: all
    std::string words = {};            ///< as the pack says it
    bool operator==(const LimitRule&) const = default;
};
/// "knee: pain, healing"
[[nodiscard]] std::string inWords(const LimitRule& rule);
/// An entry of a pack in its text form: of `not_for` it means every kind ("knee pain" is the knee), of `limited_by`
/// the kind that it names. One for each part; words that name none mean the whole body.
[[nodiscard]] std::vector<LimitRule> rulesFromWords(std::string_view words, bool withKind);

/// Whether the limit is at that part, inside it, or at a region that contains it, whatever the side, and of one of the
/// rule's kinds: then the drill is left out, the fault's target changed.
[[nodiscard]] bool concerns(const LimitRule& rule, const Limit& limit);
/// The first of the limits that one of the rules concerns; null: none.
[[nodiscard]] const Limit* anyConcerns(const std::vector<LimitRule>& rules, const std::vector<Limit>& limits);

} // namespace riflesso
