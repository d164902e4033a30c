#pragma once
// Why a value is not there, what is said beside one that is, and where its uncertainty comes from.

#include "core/sentence.h"

namespace riflesso {

namespace reasons {

// Events and their order
inline constexpr Phrase kEventNotSet{"event_not_set", RIFLESSO_SAY("Sentence", "the event \"%1\" is not set")};
inline constexpr Phrase kFewStarts{"few_cycle_starts", RIFLESSO_SAY("Sentence", "fewer than two \"%1\" are set")};
inline constexpr Phrase kSetTwice{"event_set_twice", RIFLESSO_SAY("Sentence", "\"%1\" is set twice in this cycle")};
inline constexpr Phrase kOrderReversed{"order_reversed",
                                       RIFLESSO_SAY("Sentence", "order reversed: a phase ends before it starts")};
inline constexpr Phrase kPhaseReversed{"phase_reversed",
                                       RIFLESSO_SAY("Sentence", "order reversed: %1 ends before it starts")};
// Marks
inline constexpr Phrase kNobodySeen{"nobody_seen", RIFLESSO_SAY("Sentence", "nobody was seen in the picture")};
inline constexpr Phrase kDoubtfulMarks{"doubtful_marks",
                                       RIFLESSO_SAY("Sentence", "marks that it rests on are doubtful")};
inline constexpr Phrase kNotMarked{"not_marked", RIFLESSO_SAY("Sentence", "%1 is not marked")};
inline constexpr Phrase kNotMarkedAt{"not_marked_at", RIFLESSO_SAY("Sentence", "%1 is not marked at \"%2\"")};
inline constexpr Phrase kNotMarkedFrom{"not_marked_from", RIFLESSO_SAY("Sentence", "%1 is not marked from frame %2")};
inline constexpr Phrase kNotMarkedThroughout{"not_marked_throughout",
                                             RIFLESSO_SAY("Sentence", "%1 is not marked throughout frames %2 to %3")};
inline constexpr Phrase kNotMarkedAtEnds{"not_marked_at_ends",
                                         RIFLESSO_SAY("Sentence", "%1 is not marked at the first and last %2")};
inline constexpr Phrase kFewMarked{"few_frames_marked",
                                   RIFLESSO_SAY("Sentence", "only %1 frames in a row are marked, 10 are needed")};
inline constexpr Phrase kTooFewMarked{"few_frames_marked",
                                      RIFLESSO_SAY("Sentence", "too few frames in a row are marked, 10 are needed")};
inline constexpr Phrase kNeverTogether{"never_marked_together",
                                       RIFLESSO_SAY("Sentence", "its points are not marked together in one frame")};
inline constexpr Phrase kLineNotTogether{"line_not_marked",
                                         RIFLESSO_SAY("Sentence", "the line is not marked in one frame together")};
inline constexpr Phrase kMassNeeds{"mass_needs", RIFLESSO_SAY("Sentence", "the centre of mass needs the %1")};
inline constexpr Phrase kSideUnknown{"side_unknown",
                                     RIFLESSO_SAY("Sentence", "which side is %1 could not be told from the marks")};
inline constexpr Phrase kManyLandmarks{"many_landmarks",
                                       RIFLESSO_SAY("Sentence", "more than %1 landmarks in one measure")};
inline constexpr Phrase kGap{"gap", RIFLESSO_SAY("Sentence", "its extreme lies in or beside a gap in the marks")};
inline constexpr Phrase kPathTooShort{"path_too_short",
                                      RIFLESSO_SAY("Sentence", "the path is too short for these marks")};
inline constexpr Phrase kHardlyMoves{
    "hardly_moves",
    RIFLESSO_SAY("Sentence", "the point hardly moves there: these marks do not tell in which direction")};
inline constexpr Phrase kTooRough{
    "too_rough", RIFLESSO_SAY("Sentence", "the marks are too rough: their noise outweighs the jerk of the movement")};
inline constexpr Phrase kBelowNoise{
    "below_noise",
    RIFLESSO_SAY("Sentence", "the speed below which it counts is not above what a still point shows with these marks")};
// Camera, view and scale
inline constexpr Phrase kWrongView{"wrong_view", RIFLESSO_SAY("Sentence", "not valid in a %1 view: film from the %2")};
inline constexpr Phrase kNoAhead{"no_ahead_line",
                                 RIFLESSO_SAY("Sentence", "the line \"ahead\" is not marked in this top view")};
inline constexpr Phrase kAxisNotSeen{"axis_not_seen", RIFLESSO_SAY("Sentence", "the axis %1 is not seen in a %2 view")};
inline constexpr Phrase kNoPlumbLine{"no_plumb_line", RIFLESSO_SAY("Sentence", "no plumb line in a %1 view")};
inline constexpr Phrase kNoVertical{"no_vertical", RIFLESSO_SAY("Sentence", "no vertical in a %1 view")};
inline constexpr Phrase kBendNoSign{
    "bend_without_sign", RIFLESSO_SAY("Sentence", "this joint's bend has no sign in a %1 view: film from the side")};
inline constexpr Phrase kForwardNotSeen{"forward_not_seen",
                                        RIFLESSO_SAY("Sentence", "the way forward is not seen in a %1 view")};
inline constexpr Phrase kCameraMoves{
    "camera_moves",
    RIFLESSO_SAY("Sentence", "the camera moves: take its movement out on the Film page, or film from a stand")};
inline constexpr Phrase kOblique{
    "oblique", RIFLESSO_SAY("Sentence", "filmed %1 degrees off the plane of movement: film square to it")};
inline constexpr Phrase kNoScale{
    "no_scale",
    RIFLESSO_SAY("Sentence", "lengths in metres need a scale: set a known length in Film, or give --scale")};
inline constexpr Phrase kNearZero{
    "near_zero",
    RIFLESSO_SAY("Sentence", "what is divided by cannot be told from 0: mark more exactly, or film closer")};
inline constexpr Phrase kTooShort{"too_short_in_view", RIFLESSO_SAY("Sentence", "too short in this view")};
inline constexpr Phrase kUnitTooShort{"too_short_in_view",
                                      RIFLESSO_SAY("Sentence", "the body unit %1 is too short in this view")};
inline constexpr Phrase kUnitNotMarked{"unit_not_marked", RIFLESSO_SAY("Sentence", "the body unit %1 is not marked")};
inline constexpr Phrase kUnitNotTogether{
    "unit_not_marked", RIFLESSO_SAY("Sentence", "the body unit %1 is not marked in one frame together")};
// Time
inline constexpr Phrase kTimesUnknown{"times_unknown",
                                      RIFLESSO_SAY("Sentence", "the times of the frames are not known")};
inline constexpr Phrase kCutoffTooHigh{
    "cutoff_too_high",
    RIFLESSO_SAY("Sentence", "a cutoff of %1 Hz is too high for %2 frames a second (0.45 of it at most)")};
inline constexpr Phrase kFewFrames{"few_frames", RIFLESSO_SAY("Sentence", "fewer than 3 frames in %1")};
inline constexpr Phrase kNoPeakInside{"no_peak_inside",
                                      RIFLESSO_SAY("Sentence", "fastest at the edge of %1: no peak inside")};
inline constexpr Phrase kPeakAtEdge{"peak_at_edge", RIFLESSO_SAY("Sentence", "a peak of speed lies at the edge of %1")};
inline constexpr Phrase kNothingMoves{"nothing_moves", RIFLESSO_SAY("Sentence", "nothing moves in %1")};
inline constexpr Phrase kNoSeries{"no_series", RIFLESSO_SAY("Sentence", "no value in every frame")};
// Observations and sets
inline constexpr Phrase kNotObserved{"not_observed", RIFLESSO_SAY("Sentence", "not observed in this repetition")};
inline constexpr Phrase kChoiceNoNumber{"choice_no_number", RIFLESSO_SAY("Sentence", "a choice has no number")};
inline constexpr Phrase kFewRepetitions{"few_repetitions", RIFLESSO_SAY("Sentence", "needs %1 repetitions, has %2")};
inline constexpr Phrase kSameNumber{"same_number", RIFLESSO_SAY("Sentence", "all repetitions have the same number")};
inline constexpr Phrase kNoneOnLeft{"none_on_left", RIFLESSO_SAY("Sentence", "no valid value on the left")};
inline constexpr Phrase kNoneOnRight{"none_on_right", RIFLESSO_SAY("Sentence", "no valid value on the right")};
inline constexpr Phrase kSidesSmall{
    "sides_small", RIFLESSO_SAY("Sentence", "both sides are too small against their uncertainty for a share")};
inline constexpr Phrase kNoneUnder{"none_under", RIFLESSO_SAY("Sentence", "no repetition under the condition \"%1\"")};
inline constexpr Phrase kTwoConditions{"two_conditions", RIFLESSO_SAY("Sentence", "two conditions are needed")};
inline constexpr Phrase kNoReference{"no_reference_for_it", RIFLESSO_SAY("Sentence", "no reference for it")};

} // namespace reasons

/// Beside a value that is there.
namespace notes {

inline constexpr Phrase kBridged{"bridged", RIFLESSO_SAY("Sentence", "%1 bridged")};
inline constexpr Phrase kSimulated{"short_segment",
                                   RIFLESSO_SAY("Sentence", "short segment: uncertainty by simulation")};
inline constexpr Phrase kCoarseTurn{"coarse_turn",
                                    RIFLESSO_SAY("Sentence", "near square: in steps of 30 degrees only")};
inline constexpr Phrase kWidestSeen{"widest_seen", RIFLESSO_SAY("Sentence", "true width: the widest seen in this set")};
inline constexpr Phrase kNoTimeU{
    "no_time_u", RIFLESSO_SAY("Sentence", "uncertainty of the event's time is not in it: mark the frames beside it")};
inline constexpr Phrase kAtEdge{"at_edge", RIFLESSO_SAY("Sentence", "at the edge of the phase")};
inline constexpr Phrase kNearEnd{
    "near_end", RIFLESSO_SAY("Sentence", "near the end of the marks: mark more frames outside the phase")};
inline constexpr Phrase kFrameRate{"frame_rate", RIFLESSO_SAY("Sentence", "frame rate too low")};
inline constexpr Phrase kWithinNoise{"within_noise", RIFLESSO_SAY("Sentence", "within noise")};
inline constexpr Phrase kOneCycle{"one_cycle", RIFLESSO_SAY("Sentence", "one cycle from %1 to the next %1")};
inline constexpr Phrase kCameraStill{"camera_still", RIFLESSO_SAY("Sentence", "the camera is taken to stand still")};
inline constexpr Phrase kCorrected{"corrected",
                                   RIFLESSO_SAY("Sentence", "corrected for a camera %1 degrees off square")};
inline constexpr Phrase kOnFloor{"on_floor", RIFLESSO_SAY("Sentence", "in the plane of the floor")};
inline constexpr Phrase kForeshortened{"unit_foreshortened", RIFLESSO_SAY("Sentence", "unit foreshortened")};

inline constexpr Phrase kMixed{"mixed", RIFLESSO_SAY("Sentence", "mixed %1")};
inline constexpr Phrase kBoth{"both", RIFLESSO_SAY("Sentence", "%1, %2")};
inline constexpr Phrase kStressLevels{"stress_levels", RIFLESSO_SAY("Sentence", "stress levels")};
inline constexpr Phrase kViews{"views", RIFLESSO_SAY("Sentence", "views")};
inline constexpr Phrase kBearing{"bearing", RIFLESSO_SAY("Sentence", "the cameras stood in different places")};
inline constexpr Phrase kBearingUnknown{
    "bearing_unknown",
    RIFLESSO_SAY("Sentence", "nobody said where the camera stood, so some of the change may be its place")};
inline constexpr Phrase kCameraHeight{"camera_height",
                                      RIFLESSO_SAY("Sentence", "the camera stood %1 m high, then %2 m")};
inline constexpr Phrase kCameraDistance{"camera_distance",
                                        RIFLESSO_SAY("Sentence", "the camera stood %1 m away, then %2 m")};
inline constexpr Phrase kBearings{"bearings", RIFLESSO_SAY("Sentence", "bearings")};
inline constexpr Phrase kVariants{"variants", RIFLESSO_SAY("Sentence", "variants")};
inline constexpr Phrase kModelTooVariable{"model_too_variable", RIFLESSO_SAY("Sentence", "model too variable here")};
inline constexpr Phrase kNotJudged{"not_judged", RIFLESSO_SAY("Sentence", "cannot be judged with this set-up")};

} // namespace notes

/// Why two sets cannot be compared, or their change not be judged.
namespace obstacles {

inline constexpr Phrase kView{"view", RIFLESSO_SAY("Sentence", "filmed from another side")};
inline constexpr Phrase kStress{"stress", RIFLESSO_SAY("Sentence", "another condition")};
inline constexpr Phrase kPack{"pack", RIFLESSO_SAY("Sentence", "another skill pack, or another edition of it")};
inline constexpr Phrase kUnit{"unit", RIFLESSO_SAY("Sentence", "another unit")};
inline constexpr Phrase kCutoff{"cutoff", RIFLESSO_SAY("Sentence", "another low-pass cutoff")};
inline constexpr Phrase kNoReference{"no reference", RIFLESSO_SAY("Sentence", "no reference")};
inline constexpr Phrase kFewRepetitions{"too few repetitions", RIFLESSO_SAY("Sentence", "too few repetitions")};

} // namespace obstacles

/// Sources of a number's uncertainty.
namespace sources {

inline constexpr Phrase kLandmark{"landmark", RIFLESSO_SAY("Sentence", "%1")};
inline constexpr Phrase kEventTime{"event_time", RIFLESSO_SAY("Sentence", "time of %1")};
inline constexpr Phrase kStartTime{"start_time", RIFLESSO_SAY("Sentence", "time of the start of %1")};
inline constexpr Phrase kEndTime{"end_time", RIFLESSO_SAY("Sentence", "time of the end of %1")};
inline constexpr Phrase kEndTimes{"end_times", RIFLESSO_SAY("Sentence", "times of the first and last %1")};
inline constexpr Phrase kUnit{"length_unit", RIFLESSO_SAY("Sentence", "length unit")};
inline constexpr Phrase kMarks{"marks", RIFLESSO_SAY("Sentence", "marks")};
inline constexpr Phrase kFilteredMarks{"filtered_marks", RIFLESSO_SAY("Sentence", "marks, filtered")};
inline constexpr Phrase kDrawnMarks{"drawn_marks", RIFLESSO_SAY("Sentence", "marks, by simulation")};
inline constexpr Phrase kDrawn{"drawn", RIFLESSO_SAY("Sentence", "marks, event times and unit, by simulation")};
inline constexpr Phrase kSpread{"spread", RIFLESSO_SAY("Sentence", "the repetitions' spread")};
inline constexpr Phrase kBearing{"bearing", RIFLESSO_SAY("Sentence", "camera %1 degrees off square")};
inline constexpr Phrase kAssumedSquare{"assumed_square", RIFLESSO_SAY("Sentence", "camera assumed square on")};
inline constexpr Phrase kOwnMarking{"own_marking", RIFLESSO_SAY("Sentence", "marking again, blind")};

} // namespace sources

} // namespace riflesso
