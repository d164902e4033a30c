#pragma once
// Clips as phones and editing programs leave them, made of the pictures of the simulated camera's clips: turned by a
// note in the file, with frames lost and shown twice, from a camera that pans, edited together. With their exact truth.

#include "simcam/simulated_clip.h"

#include <array>

namespace riflesso::simcam {

/// A map of a picture's plane, row by row: (x y 1) to (X Y W), pixel centres at whole numbers.
using PlaneMap = std::array<double, 9>;
[[nodiscard]] PixelPosition mapped(const PlaneMap& map, PixelPosition p);

/// One frame: which picture it shows, where that lies, and when.
struct OddFrame {
    int sourceFrame = 0;
    PlaneMap toPicture{1, 0, 0, 0, 1, 0, 0, 0, 1};
    int tick = 0; ///< stored time, in 1 / rate of the clip
};

/// A stretch that shows one repetition of another clip.
struct OddSection {
    std::string source; ///< name of the clip its pictures come from
    int repetition = 0; ///< number there
    std::string performer;
    bool leftHanded = false, facesLeft = false; ///< as the picture shows it
    double slowMotion = 1;                      ///< stored time over real time
    bool mirrored = false;
    std::array<int, 4> area{};       ///< left, top, width, height of what is not a black bar
    std::vector<OddFrame> frames;    ///< with rising ticks, on from the section before
    std::vector<int> repeatedFrames; ///< frames of the clip that show the picture before them again
    std::vector<std::pair<std::string, double>> eventTimesS; ///< stored time in the clip
};

struct OddClip {
    std::string name, about;
    int width = 0, height = 0; ///< upright
    int rate = 60;
    int rotationDeg = 0;
    std::vector<OddSection> sections;
    [[nodiscard]] int frames() const;
};

/// "odd_upright", "odd_uneven", "odd_panning", "odd_edited".
[[nodiscard]] std::vector<OddClip> oddClips();

/// Truth of the whole clip, in the words of truthJson() of the others.
[[nodiscard]] Json truthJson(const OddClip& clip);

/// Writes NAME.mp4 and NAME.truth.json into a folder from the clips in `sources`; `goOn` gets the share done and may
/// stop it.
[[nodiscard]] Result<void> makeOddClip(const OddClip& clip, const std::string& sources, const std::string& folder,
                                       const std::function<bool(double share)>& goOn);

} // namespace riflesso::simcam
