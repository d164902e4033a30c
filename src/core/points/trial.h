#pragma once
// One repetition as marked: where the landmarks are, when the key events happen, what was seen.

#include "core/made_once.h"
#include "core/pack/pack.h"
#include "core/points/frame_map.h"
#include "core/points/landmark.h"
#include "core/signal/timebase.h"

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// A landmark in one frame. sigmaPx: standard uncertainty of each coordinate, in pixels; > 0.
struct Mark {
    PixelPoint at;
    double sigmaPx = 2;
    std::string source;
};
using MarksByFrame = FrameMap<Mark>;

/// Sources of marks and events that a program proposed and nobody has confirmed; the doubtful ones want a look.
inline constexpr std::string_view kProposedByNetwork = "network", kDoubtfulFromNetwork = "network?",
                                  kTracked = "tracked", kDoubtfullyTracked = "tracked?", kProposedEvent = "proposed",
                                  kDoubtfulEvent = "proposed?";
/// Source of a mark set by a person.
inline constexpr std::string_view kByHand = "analyst";
[[nodiscard]] bool isProposed(std::string_view source);
[[nodiscard]] inline bool isDoubtful(std::string_view source) { return source.ends_with('?'); }
/// Source of what was proposed and then confirmed: "network, confirmed".
[[nodiscard]] std::string confirmedSource(std::string_view source);

/// Set by a person's hand or brought from a table; what was proposed and then confirmed is not.
[[nodiscard]] bool isFromPerson(std::string_view source);

/// Standard uncertainty of a mark where nothing better is known: 2 px at 1080 lines (own choice), scaled with
/// the height of the picture where it is known.
[[nodiscard]] inline double defaultSigmaPx(int pictureHeight = 1080) {
    return 2.0 * (pictureHeight > 0 ? pictureHeight : 1080) / 1080.0;
}

struct TrialEvent {
    std::string event;
    double frame = 0; ///< may lie between frames
    double timeS = 0; ///< real time
    double uS = 0;    ///< standard uncertainty, real time
};

struct Trial {
    std::string id;
    std::string sameAs; ///< id of the leading trial, of the same movement before another camera; empty: none
    int number = 0;     ///< true number of the repetition in its set, from 1
    Capture capture;
    FrameTimes times;
    std::map<std::string, MarksByFrame> marks; ///< by anatomical name or the pack's own point
    std::vector<TrialEvent> events;
    std::map<std::string, std::string> observations; ///< yes, partly, no, or the value of its type
    std::string variant, performer;
    std::map<std::string, std::string> results;    ///< by result of the pack
    std::map<std::string, std::string> conditions; ///< by condition of the pack: what was noted
    std::optional<bool> variantFits;               ///< the analyst's word: was the chosen variant the right one here?
    std::optional<Stress> stress;
    /// The marks that touch the floor, in a calibrated plane of it; lengths between them are taken there.
    std::shared_ptr<const Trial> floor;

    [[nodiscard]] const TrialEvent* event(std::string_view id) const;
    /// What a result came to; empty: not noted.
    [[nodiscard]] std::string result(const std::string& id) const {
        const auto known = results.find(id);
        return known == results.end() ? std::string() : known->second;
    }
    MADE_ONCE(Trial);
};

/// Which repetitions of a set are meant: those at a level, of a form, under conditions. Empty: all.
struct SetChoice {
    std::optional<Stress> stress;
    std::string variant;
    std::map<std::string, std::string>
        conditions; ///< of the pack's; a repetition of which one is not noted is left out
    SetChoice() = default;
    // NOLINTBEGIN(google-explicit-constructor): a choice of level
    SetChoice(std::optional<Stress> level) : stress(level) {}
    SetChoice(Stress level) : stress(level) {}
    // NOLINTEND(google-explicit-constructor)
    auto operator<=>(const SetChoice&) const = default;
    [[nodiscard]] bool takes(const Trial& trial) const;
};

/// Side of every role of the pack in this trial. front_at and rear_at follow the marks at their event: the ankle,
/// toe, heel or knee further forward; a role that cannot be decided is left out.
[[nodiscard]] std::map<std::string, Side> resolveRoles(const Pack& pack, const Trial& trial);

/// Roles that handedness alone decides, for the words of a plan ("lead knee" prints as this athlete's left or right).
[[nodiscard]] std::map<std::string, Side> rolesByHand(const Pack& pack, Side handedness);

/// Stored name of a point: "left_knee"; empty when its role could not be decided.
[[nodiscard]] std::string resolvePoint(const PointRef& ref, const std::map<std::string, Side>& sides);

/// What an athlete brings to an assessment (A.json).
struct AthleteFacts {
    std::optional<Side> handedness, facing;
    std::optional<View> view;
    std::optional<double> scale, slowMotion, willingness;
    Limits limits; ///< those that hold now
    std::vector<std::string> competitions, equipment;
    std::optional<std::string> today;
    std::optional<Stress> masteredStress;
    std::string level, age, format; ///< which ranges and ladders of the pack hold (`for`)
    struct TrialFacts {
        std::optional<Side> facing;
        std::optional<double> bearingDeg, bearingUDeg;
        CameraPlace place;
        std::optional<Stress> stress;
        std::string performer;
        std::optional<std::string> variant;
        std::map<std::string, std::string> conditions, results;
    };
    std::map<std::string, TrialFacts> trials;
    bool waitsForAdvice = false; ///< pain was said in practice, and nobody has written who advised what
    bool equipmentKnown = false; ///< `equipment` was given: what is not in it is missing
};

} // namespace riflesso
