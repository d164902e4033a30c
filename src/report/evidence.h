#pragma once
// Pictures that show a finding and the key positions, with what is measured drawn on them.

#include "core/judge/assessment.h"
#include "report/key_picture.h"

namespace riflesso {

/// The measure that carries a fault most: its heaviest judged measure condition; empty for none.
[[nodiscard]] std::string leadingMeasure(const Pack& pack, const Assessment& assessment, const FaultDef& fault);

/// The pictures of a finding: the athlete's repetition with the median deviation, and a model's, at its key event. Its
/// measure is drawn; where that is a time, the one that deviates most at the event.
[[nodiscard]] std::vector<PictureRef> evidencePictures(const CaseData& data, const Assessment& assessment,
                                                       const FaultDef& fault);

/// A repetition that has just been measured (of `data`, which may be stored nowhere), and the model's that lies nearest
/// to the reference, both at the moment of the measure with what is measured drawn on them. Without the event only what
/// is seen in the middle of the repetition.
[[nodiscard]] std::vector<PictureRef> measuredPictures(const CaseData& data, const Assessment& reference,
                                                       RepetitionId id, const MeasureDef& def, const QString& value);

/// Event at which a measure is best seen; empty for none.
[[nodiscard]] std::string bestSeenAt(const Pack& pack, const MeasureDef& def);
/// A repetition at one of its key events, with what is marked in that frame; none where the event is not marked.
[[nodiscard]] std::optional<PictureRef> eventPicture(const CaseData& data, RepetitionId id, const std::string& event,
                                                     const QString& words);

/// One key event of the movement: the most typical repetition of the set and of the model, with the measure that
/// deviates most there drawn on both.
struct KeyPosition {
    std::string event;
    std::optional<PictureRef> own, model;
    std::vector<const MeasureDef*> measures; ///< taken at it, with a value in the set
};
[[nodiscard]] std::vector<KeyPosition> keyPositions(const CaseData& data, const Assessment& assessment);

} // namespace riflesso
