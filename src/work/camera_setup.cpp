#include "work/camera_setup.h"

#include "media/proposed_marks.h"
#include "work/shown_clip.h"

namespace riflesso {
namespace {

constexpr double kFewestSeen = 0.6; ///< share of the frames: less is no way to take a movement out

/// Where the athlete is in the frames that are marked.
std::function<std::optional<PictureBox>(int)> athleteIn(const Section& section) {
    std::map<int, PictureBox> boxes;
    for (const Repetition& repetition : section.repetitions)
        for (int frame = repetition.from; frame <= repetition.to; ++frame)
            if (const auto box = boxRound(repetition.marks, frame))
                boxes[frame] = *box;
    return [boxes = std::move(boxes)](int frame) {
        const auto found = boxes.find(frame);
        return found == boxes.end() ? std::nullopt : std::optional(found->second);
    };
}

} // namespace

Result<FollowedCamera> followCameraOf(const Clip& clip, const Section& section, const GoOn& goOn) {
    constexpr int kMostFrames = 20'000;
    const std::string path = clip.path.toStdString();
    if (section.to - section.from > kMostFrames)
        return badInput(path, "a section of at most 20000 frames to follow its camera in; split it into takes",
                        std::to_string(section.to - section.from + 1) + " frames");
    const auto pictures = ShownClip::open(path, section.picture);
    if (!pictures)
        return pictures.error();
    return followCamera(*pictures, section.from, section.to, athleteIn(section), goOn);
}

CameraFound keepCamera(PictureSetup& setup, const FollowedCamera& followed, int pictureHeight) {
    setup.motion.reset();
    setup.camera = followed.moved(pictureHeight) ? CameraHold::Moves : CameraHold::Stands;
    if (setup.camera == CameraHold::Stands)
        return CameraFound::Stands;
    if (followed.motion.seen < kFewestSeen)
        return CameraFound::TooLittleSeen;
    setup.motion = followed.motion;
    return CameraFound::TakenOut;
}

Result<LensFit> lensFor(const Clip& clip, const std::string& boards, const BoardSize& board, const GoOn& goOn) {
    const auto reader = ClipReader::open(boards);
    if (!reader)
        return reader.error();
    const ClipInfo& info = (*reader)->info();
    const auto size = [](int w, int h) { return std::to_string(w) + " x " + std::to_string(h); };
    if (info.displayWidth != clip.width || info.displayHeight != clip.height)
        return badInput(boards, "a chessboard clip of the same camera, " + size(clip.width, clip.height),
                        size(info.displayWidth, info.displayHeight));
    return lensFromBoards([&](int at) { return (*reader)->frame(at); }, info.frames(), board, goOn);
}

Result<void> keepLens(Edit& edit, const Clip& clip, const LensFit& fit) {
    for (Section part : clip.sections) {
        part.repetitions.clear();
        part.picture.lens = part.picture.mirrored ? turnedOver(fit.lens, clip.width) : fit.lens;
        part.picture.lensResidualPx = fit.residualPx;
        if (auto done = edit.setSection(part); !done)
            return done;
    }
    return {};
}

} // namespace riflesso
