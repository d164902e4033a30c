#include "work/heard_sounds.h"

#include "core/signal/sound_onsets.h"
#include "media/sound_track.h"

#include <algorithm>
#include <cmath>

namespace riflesso {

Result<std::vector<HeardSound>> heardSounds(const Clip& clip, const Section& section, int from, int to,
                                            const GoOn& goOn) {
    const std::string path = clip.path.toStdString();
    if (std::abs(section.slowMotion - 1) > 1e-6)
        return badInput(path, "sound at the speed it was made", "a section in slow motion");
    if (section.picture.soundReplaced)
        return badInput(path, "sound of this scene", "a section whose sound was replaced");
    const std::vector<double>& times = *clip.timesS;
    const auto timeOf = [&](int frame) {
        return times[static_cast<std::size_t>(std::clamp(frame, 0, clip.frames() - 1))];
    };
    const auto piece = readSound(path, timeOf(from), timeOf(to), goOn);
    if (!piece)
        return piece.error();
    constexpr double kFarthestUnknownM = 10;
    const double wayM = section.picture.microphoneM.value_or(kFarthestUnknownM / 2);
    const double wayU = section.picture.microphoneM ? 0 : kFarthestUnknownM / kSpeedOfSound / std::sqrt(12.0);
    const FrameTimes frames = FrameTimes::ofClip(times);
    std::vector<HeardSound> out;
    for (const SoundOnset& onset : soundOnsets(piece->samples, piece->rateHz)) {
        const double at = piece->fromS + onset.timeS - wayM / kSpeedOfSound;
        if (at >= timeOf(from) && at <= timeOf(to))
            out.push_back({frames.frameOf(at), std::hypot(onset.uS, wayU), onset.strength});
    }
    return out;
}

Result<HeardSound> heardNear(const Clip& clip, const Section& section, int frame) {
    constexpr double kNearS = 0.2, kRoundS = 1.5;
    const FrameTimes frames = FrameTimes::ofClip(clip.timesS);
    const double at = frames.timeOf(frame);
    const auto within = [&](double timeS) {
        return std::clamp(static_cast<int>(std::lround(frames.frameOf(timeS))), section.from, section.to);
    };
    const auto sounds = heardSounds(clip, section, within(at - kRoundS), within(at + kRoundS));
    if (!sounds)
        return sounds.error();
    const HeardSound* best = nullptr;
    for (const HeardSound& sound : *sounds)
        if (std::abs(frames.timeOf(sound.frame) - at) <= kNearS &&
            (!best || std::abs(sound.frame - frame) < std::abs(best->frame - frame)))
            best = &sound;
    if (!best)
        return badInput(clip.path.toStdString(), "a sudden sound within 0.2 s of this frame", "none");
    return *best;
}

} // namespace riflesso
