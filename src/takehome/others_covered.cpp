#include "takehome/others_covered.h"

#include "media/clip_reader.h"
#include "media/point_tracker.h"
#include "report/names_left_out.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// One person: the boxes that were drawn, by frame.
struct Somebody {
    std::map<int, QRectF> boxes;
};

QRectF boxOf(const DrawnNote& note) {
    return QRectF(QPointF(note.points[0].x, note.points[0].y), QPointF(note.points[1].x, note.points[1].y))
        .normalized();
}
bool isCover(const DrawnNote& note) { return note.kind == DrawnNote::Kind::Cover && note.points.size() == 2; }
bool isEnd(const DrawnNote& note) { return isCover(note) && note.points[0] == note.points[1]; }

/// Whether two boxes can be of one person, some frames apart.
bool near(const QRectF& a, const QRectF& b) {
    const QPointF apart = a.center() - b.center();
    return std::hypot(apart.x(), apart.y()) < std::max(a.width() + b.width(), a.height() + b.height());
}

std::vector<Somebody> peopleOf(const Clip& clip, const std::set<int>& ends) {
    std::map<int, std::vector<QRectF>> drawn;
    for (const DrawnNote& note : clip.drawn)
        if (isCover(note) && !isEnd(note))
            drawn[note.frame].push_back(boxOf(note));
    std::vector<Somebody> out;
    for (const auto& [frame, boxes] : drawn)
        for (const QRectF& box : boxes) {
            const auto own = std::find_if(out.begin(), out.end(), [&, frame = frame](const Somebody& each) {
                const auto& [last, there] = *each.boxes.rbegin();
                const auto end = ends.lower_bound(last);
                return last < frame && near(there, box) && (end == ends.end() || *end > frame);
            });
            if (own != out.end())
                own->boxes[frame] = box;
            else
                out.push_back({{{frame, box}}});
        }
    return out;
}

constexpr int kGrid = 4;

/// Where in the box a followed point lies, 0..1 each: in its middle, where it is the person and not what is behind.
QPointF shareOf(int index) {
    constexpr double kInset = .3;
    const auto along = [](int i) { return kInset + (1 - 2 * kInset) * i / (kGrid - 1); };
    return {along(index % kGrid), along(index / kGrid)};
}

/// The size of the box in a frame: between two drawn ones it goes over.
QSizeF sizeAt(const Somebody& who, int frame) {
    const auto after = who.boxes.lower_bound(frame);
    if (after == who.boxes.begin())
        return after->second.size();
    const auto before = std::prev(after);
    if (after == who.boxes.end())
        return before->second.size();
    const double share = static_cast<double>(frame - before->first) / (after->first - before->first);
    return before->second.size() * (1 - share) + after->second.size() * share;
}

/// The middle of the box as the points that were followed say it, and how far they differ; none: lost.
std::optional<std::pair<QPointF, double>> middleAt(const std::map<std::string, TrackedPath>& paths, std::size_t at,
                                                   const QSizeF& size) {
    std::vector<double> x, y;
    for (const auto& [name, path] : paths) {
        if (path[at].status == TrackedPoint::Status::Lost)
            continue;
        const QPointF share = shareOf(std::stoi(name));
        x.push_back(path[at].at.x - (share.x() - .5) * size.width());
        y.push_back(path[at].at.y - (share.y() - .5) * size.height());
    }
    constexpr std::size_t kLeast = 4; // of sixteen
    if (x.size() < kLeast)
        return {};
    const auto median = [](std::vector<double> values) {
        std::nth_element(values.begin(), values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2), values.end());
        return values[values.size() / 2];
    };
    const QPointF middle(median(x), median(y));
    std::vector<double> off;
    for (std::size_t i = 0; i < x.size(); ++i)
        off.push_back(std::hypot(x[i] - middle.x(), y[i] - middle.y()));
    return std::pair(middle, median(off));
}

Result<void> followOne(ClipReader& reader, const Clip& clip, const Somebody& who, int from, int to, CoveredOthers& out,
                       const GoOn& goOn) {
    std::vector<TrackSeed> seeds;
    for (const auto& [frame, box] : who.boxes)
        for (int i = 0; i < kGrid * kGrid; ++i) {
            const QPointF share = shareOf(i);
            seeds.push_back({std::to_string(i),
                             frame,
                             {box.left() + share.x() * box.width(), box.top() + share.y() * box.height()},
                             1});
        }
    const auto paths = trackPoints([&](int frame) { return reader.frame(frame); }, from, to, seeds, goOn);
    if (!paths)
        return paths.error();
    const QRectF picture(0, 0, clip.width, clip.height);
    const int first = who.boxes.begin()->first, last = who.boxes.rbegin()->first;
    // Outwards from what was drawn, so that leaving the picture ends it.
    const auto cover = [&](int frame) {
        const QSizeF size = sizeAt(who, frame);
        const auto drawn = who.boxes.find(frame);
        const auto middle = drawn != who.boxes.end() ? std::optional(std::pair(drawn->second.center(), 0.0))
                                                     : middleAt(*paths, static_cast<std::size_t>(frame - from), size);
        if (!middle) {
            out.unsure.insert(frame);
            return true;
        }
        constexpr double kWider = .06, kSpreads = 2, kLeastPx = 2; // own choice
        const double more = kLeastPx + kWider * std::max(size.width(), size.height()) + kSpreads * middle->second;
        QRectF box(QPointF(0, 0), size + QSizeF(2 * more, 2 * more));
        box.moveCenter(middle->first);
        out.boxes[frame].push_back(box);
        return picture.contains(middle->first);
    };
    for (int frame = first; frame <= last; ++frame)
        (void)cover(frame);
    for (int frame = last + 1; frame <= to; ++frame)
        if (!cover(frame))
            break;
    for (int frame = first - 1; frame >= from; --frame)
        if (!cover(frame))
            break;
    return {};
}

} // namespace

std::vector<DrawnNote> coversOn(const Clip& clip) {
    std::vector<DrawnNote> out;
    std::copy_if(clip.drawn.begin(), clip.drawn.end(), std::back_inserter(out), isCover);
    return out;
}

Result<CoveredOthers> followCovers(const Clip& clip, int from, int to, const GoOn& goOn) {
    CoveredOthers out{from, to, coversOn(clip), {}, {}};
    std::set<int> ends;
    for (const DrawnNote& note : clip.drawn)
        if (isEnd(note))
            ends.insert(note.frame);
    const std::vector<Somebody> people = peopleOf(clip, ends);
    if (people.empty())
        return out;
    auto reader = ClipReader::open(clip.path.toStdString());
    if (!reader)
        return reader.error();
    for (std::size_t i = 0; i < people.size(); ++i) {
        const int first = people[i].boxes.begin()->first, last = people[i].boxes.rbegin()->first;
        int start = std::min(from, first), end = std::max(to, last);
        for (const int frame : ends) {
            if (frame < first)
                start = std::max(start, frame + 1);
            else if (frame > last) {
                end = std::min(end, frame - 1);
                break;
            }
        }
        const auto done =
            followOne(**reader, clip, people[i], start, std::min(end, clip.frames() - 1), out, [&](double share) {
                return !goOn || goOn((static_cast<double>(i) + share) / static_cast<double>(people.size()));
            });
        if (!done)
            return done.error();
    }
    return out;
}

FramesOfClips framesOf(const Film& film) {
    FramesOfClips out;
    for (const FilmPart& part : film.parts)
        for (const FilmScene& scene : part.scenes)
            for (const FilmStage& stage : scene.stages)
                if (part.shown && !stage.clipPath.isEmpty())
                    out[stage.clipPath].insert(stage.frames.begin(), stage.frames.end());
    return out;
}

FramesOfClips framesOf(ReportContent content) {
    FramesOfClips out;
    forEachPicture(content, [&](PictureRef& ref) { out[ref.clipPath].insert(ref.frame); });
    return out;
}

Result<OthersSeen> coveredOthers(const CaseData& data, const FramesOfClips& frames, const OthersSeen& known,
                                 const GoOn& goOn) {
    OthersSeen out;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips) {
            const auto own = frames.find(clip.path);
            if (own == frames.end() || own->second.empty() || coversOn(clip).empty())
                continue;
            const auto before = known.find(clip.path);
            if (before != known.end() && before->second.drawn == coversOn(clip) &&
                before->second.from <= *own->second.begin() && before->second.to >= *own->second.rbegin()) {
                out[clip.path] = before->second;
                continue;
            }
            auto followed = followCovers(clip, *own->second.begin(), *own->second.rbegin(), goOn);
            if (!followed)
                return followed.error();
            out[clip.path] = std::move(*followed);
        }
    return out;
}

void useOthers(Film& film, const OthersSeen& seen, bool on) {
    for (FilmPart& part : film.parts)
        for (FilmScene& scene : part.scenes)
            for (FilmStage& stage : scene.stages) {
                const auto clip = seen.find(stage.clipPath);
                stage.others = on && clip != seen.end() ? clip->second.boxes : std::map<int, std::vector<QRectF>>();
                stage.othersUnsure = on && clip != seen.end() ? clip->second.unsure : std::set<int>();
            }
}

void useOthers(ReportContent& content, const OthersSeen& seen) {
    forEachPicture(content, [&](PictureRef& ref) {
        const auto clip = seen.find(ref.clipPath);
        if (clip == seen.end())
            return;
        if (const auto boxes = clip->second.boxes.find(ref.frame); boxes != clip->second.boxes.end())
            ref.others = boxes->second;
        ref.leftOut = clip->second.unsure.contains(ref.frame);
    });
}

} // namespace riflesso
