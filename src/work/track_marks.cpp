#include "work/track_marks.h"

#include "media/implement_line.h"
#include "work/shown_clip.h"

#include <algorithm>

namespace riflesso {

Result<std::map<std::string, TrackedPath>> trackInStretch(const StretchToTrack& stretch, const GoOn& goOn) {
    const auto clip = ShownClip::open(stretch.path, stretch.picture);
    if (!clip)
        return clip.error();
    auto paths = trackPoints(*clip, stretch.from, stretch.to, stretch.seeds, goOn);
    if (!paths)
        return paths;
    for (const auto& [tip, grip] : stretch.held)
        if (paths->contains(tip) && paths->contains(grip)) {
            auto found = tipsByLine(*clip, paths->at(tip), paths->at(grip), [&](double) { return !goOn || goOn(1); });
            if (!found)
                return found.error();
            (*paths)[tip] = std::move(*found);
        }
    return paths;
}

Marks marksOf(const std::map<std::string, TrackedPath>& paths) {
    using Status = TrackedPoint::Status;
    Marks out;
    for (const auto& [landmark, points] : paths)
        for (const TrackedPoint& point : points)
            if (point.status != Status::Lost)
                out[landmark][point.frame] = {
                    point.at, point.sigmaPx,
                    std::string(point.status == Status::Doubtful ? kDoubtfullyTracked : kTracked)};
    return out;
}

StretchToTrack stretchToTrack(const CaseData& data, const RepetitionPlace& place) {
    StretchToTrack out{place.clip->path.toStdString(),
                       place.section->picture,
                       place.repetition->from,
                       place.repetition->to,
                       {},
                       heldPoints(data.pack, resolveRoles(data.pack, toTrial(data, place)))};
    const auto wanted = wantedLandmarks(data, place);
    for (const auto& [landmark, track] : marksOfAnalyst(*place.repetition))
        for (const auto& [frame, mark] : track)
            if (wanted.contains(landmark))
                out.seeds.push_back({landmark, frame, mark.at, mark.sigmaPx});
    return out;
}

Result<TrackWritten> writeTracked(Edit& edit, const CaseData& now, RepetitionId id,
                                  const std::map<std::string, TrackedPath>& paths) {
    const Marks marks = marksToWrite(now, placeOf(now, id), marksOf(paths));
    if (auto done = writeMarks(edit, id, marks); !done)
        return done.error();
    std::size_t lost = 0;
    for (const auto& [landmark, path] : paths)
        lost += static_cast<std::size_t>(std::count_if(path.begin(), path.end(), [](const TrackedPoint& point) {
            return point.status == TrackedPoint::Status::Lost;
        }));
    return TrackWritten{countOf(marks), lost};
}

} // namespace riflesso
