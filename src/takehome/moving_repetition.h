#pragma once
// A repetition as a film shows it: its clip, marks and heads by frame, and which frame stands at a time or a phase.

#include "core/signal/phase_map.h"
#include "store/case_data.h"
#include "takehome/film.h"

namespace riflesso {

class MovingRepetition {
public:
    using Lines = std::vector<std::pair<std::string, std::string>>;
    /// None where the repetition is gone.
    [[nodiscard]] static std::optional<MovingRepetition> of(const CaseData& data, RepetitionId id,
                                                            const PhaseAnchors& anchors, const Lines& lines);
    /// A figure without a clip.
    [[nodiscard]] static MovingRepetition drawn(Trial trial, const PhaseAnchors& anchors, const Lines& lines);

    /// All but the frames and the caption.
    [[nodiscard]] const FilmStage& stage() const { return stage_; }
    [[nodiscard]] FilmStage& stage() { return stage_; }
    [[nodiscard]] const Trial& trial() const { return trial_; }
    [[nodiscard]] const std::optional<PhaseMap>& map() const { return map_; }
    /// Real times of the first and the last frame.
    [[nodiscard]] double startS() const { return trial_.times.timeOf(from_); }
    [[nodiscard]] double endS() const { return trial_.times.timeOf(to_); }
    /// The frame nearest to a real time, within the repetition.
    [[nodiscard]] int frameAt(double timeS) const;

private:
    MovingRepetition(Trial trial, int from, int to, const PhaseAnchors& anchors, const Lines& lines);

    Trial trial_;
    int from_ = 0, to_ = 0;
    std::optional<PhaseMap> map_;
    FilmStage stage_;
};

} // namespace riflesso
