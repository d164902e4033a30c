#pragma once
// A number seconds after the repetition: a clip that was just filmed, looked through, marked and measured as the case's
// own sessions are, and held against the same reference.

#include "core/judge/assessment.h"
#include "media/pose_network.h"
#include "store/case_data.h"
#include "work/go_on.h"
#include "work/section_habits.h"

#include <memory>
#include <string>
#include <vector>

namespace riflesso {

/// What is measured of every repetition, and how it is filmed.
struct FeedbackMeasure {
    std::string measure; ///< of the pack, with a reference
    SectionId filmedAs;  ///< the camera stands as it stood for this section: view, side, scale, lens, bearing
};

/// NotSure: not measured, or it rests on a mark or a key event that is doubtful.
enum class FeedbackVerdict { In, Below, Above, NotSure };
[[nodiscard]] std::string_view toString(FeedbackVerdict verdict);

/// Where a value counts as good: the reference, widened by its tolerance, in the measure's unit.
struct FeedbackBand {
    std::optional<double> low, high;
    [[nodiscard]] FeedbackVerdict of(double value) const;
};

struct MeasuredRepetition {
    RepetitionId id; ///< in MeasuredClip::data
    int from = 0, to = 0;
    std::optional<double> value; ///< none: not measured, with `why`
    double u = 0;
    FeedbackVerdict verdict = FeedbackVerdict::NotSure;
    Sentence why;                    ///< of NotSure
    std::vector<std::string> doubts; ///< of NotSure: landmarks and events that are doubtful
};
struct MeasuredClip {
    std::shared_ptr<const CaseData> data;        ///< the case with this clip in a session of its own; stored nowhere
    std::vector<MeasuredRepetition> repetitions; ///< in the order of the film; empty: none was found
};

/// Measures of the case that can be fed back: those with a reference that the section's view shows and one repetition
/// gives, as the assessment has them.
[[nodiscard]] std::vector<std::string> measuresToFeedBack(const CaseData& data, const Assessment& assessment,
                                                          SectionId filmedAs);
/// The athlete's sections that a camera can stand as, newest first, one for each view and side of a session.
[[nodiscard]] std::vector<SectionId> setupsToFilmAs(const CaseData& data);

/// Of one case as it was when this began. Not thread safe.
class MeasuredFeedback {
public:
    /// `models`: folder of the networks' weights. `reference`: an assessment of the case, for the reference and the
    /// cutoff. Takes as long as a repetition does where the section has marks by hand to learn from. Bad input: a
    /// measure without a reference, a section that is not there.
    [[nodiscard]] static Result<std::unique_ptr<MeasuredFeedback>> open(std::shared_ptr<const CaseData> data,
                                                                        const Assessment& reference,
                                                                        const FeedbackMeasure& measure,
                                                                        const std::string& models, const GoOn& goOn);

    [[nodiscard]] const FeedbackBand& band() const { return band_; }
    [[nodiscard]] const MeasureDef& def() const { return *data_->pack.measure(of_.measure); }

    /// The stretch of a clip, stored time, in which one repetition lies.
    using Stretch = std::pair<double, double>;
    /// Looks through a clip: the repetition of `stretch`, or where none is given those that are found in it (movements
    /// between rests before a camera that stands, else as findSpans). Errors as
    /// of ClipReader; a clip in which nobody moves has no repetitions.
    [[nodiscard]] Result<MeasuredClip> measure(const QString& path, const std::optional<Stretch>& stretch,
                                               const GoOn& goOn);

private:
    MeasuredFeedback() = default;
    [[nodiscard]] MeasuredRepetition judged(const CaseData& data, RepetitionId id) const;

    std::shared_ptr<const CaseData> data_;
    FeedbackMeasure of_;
    std::string models_;
    FeedbackBand band_;
    double cutoffHz_ = 0;
    std::unique_ptr<PoseNetwork> network_;
    SectionHabits habits_;
};

} // namespace riflesso
