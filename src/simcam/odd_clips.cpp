#include "simcam/odd_clips.h"

#include "core/tables/json_walk.h"
#include "media/clip_writer.h"
#include "media/picture_mat.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>
#include <set>

namespace riflesso::simcam {
namespace {

constexpr int kQuality = 24;
constexpr PlaneMap kAsItIs{1, 0, 0, 0, 1, 0, 0, 0, 1};

const SimulatedClip& clipCalled(const std::string& name) {
    static const std::vector<SimulatedClip> kClips = demoClips();
    return *std::find_if(kClips.begin(), kClips.end(), [&](const SimulatedClip& c) { return c.name == name; });
}

struct Source {
    const SimulatedClip* clip;
    const Take* take;
    const SimulatedRepetition* repetition;
};
Source repetitionOf(const std::string& name, int number) {
    const SimulatedClip& clip = clipCalled(name);
    for (const Take& take : clip.takes)
        for (const SimulatedRepetition& repetition : take.repetitions)
            if (repetition.number == number)
                return {&clip, &take, &repetition};
    return {&clip, &clip.takes.front(), &clip.takes.front().repetitions.front()};
}

PlaneMap shifted(double dx, double dy) { return {1, 0, dx, 0, 1, dy, 0, 0, 1}; }

/// What is done to a repetition's pictures on the way into another clip.
struct Handling {
    double slowMotion = 1;
    double fromS = 0, toS = 1e9;    ///< of the repetition
    int frozen = 0;                 ///< ticks that its last picture stands still
    std::set<int> lost, shownTwice; ///< by their place in the section
    std::function<PlaneMap(int sourceFrame)> map = [](int) { return kAsItIs; };
};

/// The section that shows a repetition from `tick` on; `firstFrame` is its first frame in the clip.
OddSection sectionOf(const std::string& name, int number, int rate, int tick, int firstFrame, const Handling& how) {
    const Source source = repetitionOf(name, number);
    const double sourceRate = source.clip->frameRate;
    const auto at = [&](double s) {
        return std::min(source.repetition->to, source.repetition->from + static_cast<int>(std::lround(s * sourceRate)));
    };
    const int from = at(how.fromS), to = at(std::min(how.toS, 1e6));
    OddSection out;
    out.source = name;
    out.repetition = number;
    out.performer = source.take->performer;
    out.leftHanded = source.take->leftHanded;
    out.facesLeft = source.take->facesLeft;
    out.slowMotion = how.slowMotion;
    const double ticksPerFrame = how.slowMotion * rate / sourceRate;
    const int moving = static_cast<int>(std::ceil((to - from + 1) * ticksPerFrame - 1e-9));
    for (int k = 0; k < moving + how.frozen; ++k) {
        if (how.lost.contains(k))
            continue;
        int shown = std::min(to, from + static_cast<int>(std::floor(k / ticksPerFrame + 1e-9)));
        if (how.shownTwice.contains(k))
            shown = out.frames.back().sourceFrame;
        if (!out.frames.empty() && shown == out.frames.back().sourceFrame)
            out.repeatedFrames.push_back(firstFrame + static_cast<int>(out.frames.size()));
        out.frames.push_back({shown, how.map(shown), tick + k});
    }
    const double startS = static_cast<double>(tick) / rate, endS = startS + static_cast<double>(moving - 1) / rate;
    for (const auto& [event, time] : source.repetition->eventTimesS) {
        const double stored = startS + how.slowMotion * (time - from / sourceRate);
        if (stored >= startS && stored <= endS)
            out.eventTimesS.emplace_back(event, stored);
    }
    return out;
}

/// A head in the picture that the other became.
SeenEllipse headThrough(const PlaneMap& map, const SeenEllipse& head) {
    const double turn = head.deg * std::numbers::pi / 180, c = std::cos(turn), s = std::sin(turn);
    const auto at = [&](double along, double across) {
        return mapped(map, {static_cast<float>(head.x + along * c - across * s),
                            static_cast<float>(head.y + along * s + across * c)});
    };
    return ellipseOf(at(0, 0), at(head.a, 0), at(0, head.b));
}

void add(OddClip& clip, const std::string& name, int number, const Handling& how) {
    const int tick = clip.sections.empty() ? 0 : clip.sections.back().frames.back().tick + 1;
    OddSection section = sectionOf(name, number, clip.rate, tick, clip.frames(), how);
    section.area = {0, 0, clip.width, clip.height};
    clip.sections.push_back(std::move(section));
}

OddClip upright() {
    OddClip clip{
        "odd_upright", "A phone held upright: stored on its side, with a note to turn it.", 360, 540, 25, 90, {}};
    Handling how;
    how.map = [](int) { return shifted(-318, 0); };
    add(clip, "mirelle_side", 1, how);
    return clip;
}

OddClip uneven() {
    OddClip clip{"odd_uneven", "Frames that the camera lost, and frames it stored twice.", 960, 540, 60, 0, {}};
    Handling how;
    how.lost = {20, 21, 45, 70};
    how.shownTwice = {27, 34, 35};
    add(clip, "ilka_baseline", 3, how);
    return clip;
}

/// A camera on a tripod that follows the athlete, with a restless hand on it. Turning about its centre maps the picture
/// by K' R K⁻¹, whatever stands before it.
OddClip panning() {
    OddClip clip{"odd_panning", "The camera pans with the athlete.", 720, 404, 60, 0, {}};
    const Source source = repetitionOf("ilka_baseline", 1);
    const Camera camera = cameraOf(*source.clip, source.take->facesLeft);
    const double f = static_cast<double>(camera.focalPx), cx = (camera.width - 1) / 2.0, cy = (camera.height - 1) / 2.0;
    std::vector<double> hips;
    for (int i = source.repetition->from; i <= source.repetition->to; ++i) {
        const FrameTruth truth = frameTruth(*source.clip, i);
        hips.push_back(static_cast<double>(truth.at("left_hip").x + truth.at("right_hip").x) / 2);
    }
    Handling how;
    how.map = [=, first = source.repetition->from](int frame) {
        constexpr int kLag = 10; // frames that the hand on the camera is late, and how much it smooths
        const int i = frame - first;
        double x = 0;
        for (int k = i - 2 * kLag; k <= i; ++k)
            x += hips[static_cast<std::size_t>(std::clamp(k, 0, static_cast<int>(hips.size()) - 1))] / (2 * kLag + 1);
        const double pan = std::clamp(std::atan((x - cx) / f), -.088, .088);
        const double tilt = .0022 * std::sin(.31 * i) + .0012 * std::sin(.83 * i + 1);
        const double cp = std::cos(pan), sp = std::sin(pan), ct = std::cos(tilt), st = std::sin(tilt);
        const cv::Matx33d out(f, 0, (720 - 1) / 2.0, 0, f, (404 - 1) / 2.0, 0, 0, 1);
        const cv::Matx33d in(f, 0, cx, 0, f, cy, 0, 0, 1);
        const cv::Matx33d turn =
            cv::Matx33d(1, 0, 0, 0, ct, -st, 0, st, ct) * cv::Matx33d(cp, 0, -sp, 0, 1, 0, sp, 0, cp);
        const cv::Matx33d h = out * turn * in.inv();
        PlaneMap map;
        std::copy_n(h.val, 9, map.begin());
        return map;
    };
    add(clip, "ilka_baseline", 1, how);
    return clip;
}

OddClip edited() {
    OddClip clip{"odd_edited",
                 "Put together by an editing program: a lunge, the same again four times slower and frozen at its end, "
                 "another lunge in black bars and mirrored, an archery shot of another frame rate.",
                 960,
                 540,
                 30,
                 0,
                 {}};
    add(clip, "ilka_baseline", 2, {});
    Handling slow;
    slow.slowMotion = 4;
    slow.fromS = .35;
    slow.toS = .95;
    slow.frozen = 15;
    add(clip, "ilka_baseline", 2, slow);
    constexpr double kSmaller = .8;
    Handling mirrored;
    mirrored.map = [](int) {
        return PlaneMap{-kSmaller, 0,        960 * (1 + kSmaller) / 2 - .5 - kSmaller * .5,
                        0,         kSmaller, 540 * (1 - kSmaller) / 2 - .5 + kSmaller * .5,
                        0,         0,        1};
    };
    add(clip, "instructors", 1, mirrored);
    clip.sections.back().mirrored = true;
    clip.sections.back().facesLeft = !clip.sections.back().facesLeft;
    clip.sections.back().area = {96, 54, 768, 432};
    add(clip, "mirelle_side", 1, {});
    return clip;
}

} // namespace

PixelPosition mapped(const PlaneMap& m, PixelPosition p) {
    const double x = static_cast<double>(p.x), y = static_cast<double>(p.y), w = m[6] * x + m[7] * y + m[8];
    return {static_cast<float>((m[0] * x + m[1] * y + m[2]) / w), static_cast<float>((m[3] * x + m[4] * y + m[5]) / w)};
}

int OddClip::frames() const {
    return std::accumulate(sections.begin(), sections.end(), 0,
                           [](int n, const OddSection& s) { return n + static_cast<int>(s.frames.size()); });
}

std::vector<OddClip> oddClips() { return {upright(), uneven(), panning(), edited()}; }

Json truthJson(const OddClip& clip) {
    Json out;
    out["about"] = clip.about;
    out["clip"] = clip.name + ".mp4";
    out["frame_rate"] = clip.rate;
    out["frames"] = clip.frames();
    out["width"] = clip.width;
    out["height"] = clip.height;
    out["rotation"] = clip.rotationDeg;
    int first = 0;
    Json landmarks = Json::object();
    for (const OddSection& section : clip.sections) {
        Json events = Json::object();
        for (const auto& [event, time] : section.eventTimesS)
            events[event] = inTruth(time);
        const int last = first + static_cast<int>(section.frames.size()) - 1;
        out["sections"].push_back({{"from", first},
                                   {"to", last},
                                   {"source", section.source},
                                   {"repetition", section.repetition},
                                   {"performer", section.performer},
                                   {"handedness", section.leftHanded ? "left" : "right"},
                                   {"facing", section.facesLeft ? "left" : "right"},
                                   {"slow_motion", section.slowMotion},
                                   {"mirrored", section.mirrored},
                                   {"area", section.area},
                                   {"repeated", section.repeatedFrames},
                                   {"events_s", events}});
        first = last + 1;
        for (const OddFrame& frame : section.frames) {
            out["times_s"].push_back(inTruth(static_cast<double>(frame.tick) / clip.rate));
            out["map_from_source"].push_back(frame.toPicture);
            out["head_px"].push_back(
                inTruth(headThrough(frame.toPicture, headTruth(clipCalled(section.source), frame.sourceFrame))));
            for (const auto& [name, at] : frameTruth(clipCalled(section.source), frame.sourceFrame)) {
                const PixelPosition p = mapped(frame.toPicture, at);
                // An implement that another section does not have leaves its place empty.
                Json& path = landmarks[name];
                while (path.size() + 1 < out["times_s"].size())
                    path.push_back(nullptr);
                path.push_back({inTruth(static_cast<double>(p.x)), inTruth(static_cast<double>(p.y))});
            }
        }
    }
    for (auto& [name, path] : landmarks.items())
        while (path.size() < out["times_s"].size())
            path.push_back(nullptr);
    out["landmarks_px"] = std::move(landmarks);
    return out;
}

Result<void> makeOddClip(const OddClip& clip, const std::string& sources, const std::string& folder,
                         const std::function<bool(double share)>& goOn) {
    const bool sideways = clip.rotationDeg % 180 == 90;
    auto writer = ClipWriter::create(folder + "/" + clip.name + ".mp4",
                                     {sideways ? clip.height : clip.width, sideways ? clip.width : clip.height,
                                      clip.rate, kQuality, 60, clip.rotationDeg});
    if (!writer)
        return writer.error();
    int tick = -1, done = 0;
    for (const OddSection& section : clip.sections) {
        const auto reader = ClipReader::open(sources + "/" + section.source + ".mp4");
        if (!reader)
            return reader.error();
        for (const OddFrame& frame : section.frames) {
            if (goOn && !goOn(static_cast<double>(done++) / clip.frames()))
                return cancelled();
            const auto picture = (*reader)->frame(frame.sourceFrame);
            if (!picture)
                return picture.error();
            const cv::Matx33d map(frame.toPicture.data());
            cv::Mat made;
            cv::warpPerspective(matOf(*picture), made, map, {clip.width, clip.height}, cv::INTER_CUBIC);
            if (clip.rotationDeg == 90)
                cv::rotate(made, made, cv::ROTATE_90_COUNTERCLOCKWISE);
            const std::vector<std::uint8_t> rgb(made.datastart, made.dataend);
            if (const auto written = (*writer)->write(rgb, frame.tick - tick - 1); !written)
                return written;
            tick = frame.tick;
        }
    }
    if (const auto finished = (*writer)->finish(); !finished)
        return finished;
    return writeTruth(truthJson(clip), folder, clip.name);
}

} // namespace riflesso::simcam
