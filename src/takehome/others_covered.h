#pragma once
// Others in a picture, who are covered by boxes drawn by hand: each box is followed through the frames that are shown.

#include "report/report_content.h"
#include "store/case_data.h"
#include "takehome/film.h"
#include "work/go_on.h"

#include <set>

namespace riflesso {

/// Where somebody else is hidden in a clip, by frame, pixels of its file. A frame in `unsure` lies where a box could
/// not be followed.
struct CoveredOthers {
    int from = 0, to = 0;         ///< frames that were looked at
    std::vector<DrawnNote> drawn; ///< what was followed
    std::map<int, std::vector<QRectF>> boxes;
    std::set<int> unsure;
};
/// By the clip's path.
using OthersSeen = std::map<QString, CoveredOthers>;

/// The boxes and ends that were drawn on a clip (DrawnNote::Kind::Cover); two equal corners: nobody is there any more.
[[nodiscard]] std::vector<DrawnNote> coversOn(const Clip& clip);

/// Follows them through frames from..to. A box belongs to whom the box before belongs to where it lies near that one;
/// between two boxes of one person the size goes over from one to the other. It ends where it is said that nobody is
/// there any more, or where its middle leaves the picture. Each is drawn wider than the box by what following is not
/// sure of.
[[nodiscard]] Result<CoveredOthers> followCovers(const Clip& clip, int from, int to, const GoOn& goOn);

/// Frames by the path of their clip.
using FramesOfClips = std::map<QString, std::set<int>>;
[[nodiscard]] FramesOfClips framesOf(const Film& film);
/// Those of the case's clips that boxes were drawn on; what `known` holds of the same boxes is not followed again.
[[nodiscard]] Result<OthersSeen> coveredOthers(const CaseData& data, const FramesOfClips& frames,
                                               const OthersSeen& known, const GoOn& goOn);
/// Into the film; where `on` is not set, out of it.
void useOthers(Film& film, const OthersSeen& seen, bool on);
/// Into every picture of a paper.
void useOthers(ReportContent& content, const OthersSeen& seen);
[[nodiscard]] FramesOfClips framesOf(ReportContent content);

} // namespace riflesso
