#include "work/track_marks.h"

#include "media/implement_line.h"
#include "work/shown_clip.h"

#include <algorithm>

namespace riflesso {

Result<std::map<std::string, TrackedPath>> trackInStretch(const StretchToTrack& stretch, const GoOn& goOn) {
    const auto clip = ShownClip::open(stretch.path, stretch.picture);
    if (!clip)
        return clip.error();
    std::vector<TrackSeed> seeds = stretch.seeds;
    for (const TipToRecall& recall : stretch.recall) {
        const auto found =
            recallTip(*clip, recall.tip, recall.arms, recall.looks, [&](double) { return !goOn || goOn(0); });
        if (!found)
            return found.error();
        seeds.insert(seeds.end(), found->begin(), found->end());
    }
    if (seeds.empty())
        return std::map<std::string, TrackedPath>();
    auto paths = trackPoints(*clip, stretch.from, stretch.to, seeds, goOn);
    if (!paths)
        return paths;
    for (const auto& [tip, wrist] : stretch.held) {
        const auto carried = paths->find(wrist);
        const auto marked = stretch.hands.find(wrist);
        const TrackedPath* hand = carried != paths->end()         ? &carried->second
                                  : marked != stretch.hands.end() ? &marked->second
                                                                  : nullptr;
        if (paths->contains(tip) && hand) {
            std::vector<int> marked;
            for (const TrackSeed& seed : seeds)
                if (seed.landmark == tip)
                    marked.push_back(seed.frame);
            auto found = tipsByLine(*clip, paths->at(tip), *hand, marked, [&](double) { return !goOn || goOn(1); });
            if (!found)
                return found.error();
            (*paths)[tip] = std::move(*found);
        }
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

namespace {

const Mark* markIn(const Repetition& repetition, const std::string& landmark, int frame) {
    const auto track = repetition.marks.find(landmark);
    if (track == repetition.marks.end())
        return nullptr;
    const auto mark = track->second.find(frame);
    return mark == track->second.end() || isDoubtful(mark->second.source) ? nullptr : &mark->second;
}

std::optional<Forearm> forearmIn(const Repetition& repetition, const std::string& wrist, int frame) {
    const std::string elbow = wrist.substr(0, wrist.find('_')) + "_elbow";
    const Mark *from = markIn(repetition, elbow, frame), *to = markIn(repetition, wrist, frame);
    return from && to ? std::optional(Forearm{from->at, to->at}) : std::nullopt;
}

/// A hand through a repetition as it is marked.
TrackedPath handOf(const Repetition& repetition, const std::string& wrist) {
    using Status = TrackedPoint::Status;
    const auto track = repetition.marks.find(wrist);
    TrackedPath out;
    for (int frame = repetition.from; frame <= repetition.to; ++frame) {
        TrackedPoint point{frame, {}, 0, Status::Lost};
        if (track != repetition.marks.end())
            if (const auto mark = track->second.find(frame); mark != track->second.end())
                point = {frame, mark->second.at, mark->second.sigmaPx,
                         isDoubtful(mark->second.source) ? Status::Doubtful : Status::Tracked};
        out.push_back(point);
    }
    return out;
}

/// What other repetitions of the section tell of a tip.
TipToRecall toRecall(const RepetitionPlace& place, const HeldPoint& held) {
    TipToRecall out{held.tip, {}, {}};
    for (const Repetition& other : place.section->repetitions)
        if (other.id != place.repetition->id) {
            const Marks byHand = marksOfAnalyst(other);
            if (const auto tips = byHand.find(held.tip); tips != byHand.end())
                for (const auto& [frame, tip] : tips->second)
                    if (const auto arm = forearmIn(other, held.wrist, frame))
                        out.looks.push_back({frame, *arm, tip.at});
        }
    if (!out.looks.empty())
        for (int frame = place.repetition->from; frame <= place.repetition->to; ++frame)
            if (const auto arm = forearmIn(*place.repetition, held.wrist, frame))
                out.arms.emplace(frame, *arm);
    return out;
}

} // namespace

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
    for (const HeldPoint& held : out.held) {
        out.hands.emplace(held.wrist, handOf(*place.repetition, held.wrist));
        const bool marked = std::any_of(out.seeds.begin(), out.seeds.end(),
                                        [&](const TrackSeed& seed) { return seed.landmark == held.tip; });
        if (!marked && wanted.contains(held.tip))
            if (TipToRecall recall = toRecall(place, held); !recall.looks.empty() && !recall.arms.empty())
                out.recall.push_back(std::move(recall));
    }
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
