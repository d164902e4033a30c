#pragma once
// What is known of the picture of a section beside its scale: which part is in use, whether it is mirrored, the lens, a
// plane of known points, which way is up, how the camera moved. And a trial with all of that taken out.

#include "core/points/calibration.h"

#include <array>
#include <map>
#include <string>

namespace riflesso {

/// A rectangle of the picture, pixels: the part in use, where the rest are bars.
struct PictureArea {
    int left = 0, top = 0, width = 0, height = 0; ///< width, height > 0
    bool operator==(const PictureArea&) const = default;
};

/// Two points of something that hangs or stands upright. They are ordered by the picture: the lower has the larger y.
struct PlumbLine {
    int frame = 0;
    PixelPoint lower, upper;
    bool operator==(const PlumbLine&) const = default;
};
/// Clockwise turn of the camera's picture that makes the line upright, degrees, within 45. None where the two points
/// are less than 2 px apart or the line lies closer to level than to upright.
[[nodiscard]] std::optional<double> rollDeg(const PlumbLine& line);
/// Standard uncertainty of the roll, degrees, from that of the two marks.
[[nodiscard]] double rollU(const PlumbLine& line, double sigmaPx);

/// Known points of a plane as seen in one frame.
struct PlanePoints {
    int frame = 0;
    PlaneOf of = PlaneOf::Floor;
    std::string venue; ///< id of the preset (venue.h) they come from; empty: typed
    std::vector<KnownPoint> points;
};

/// How a moving camera's picture lies over that of a frame of reference.
struct CameraMotion {
    /// 3 x 3, row by row, last entry 1: pixels of a frame to pixels of the frame of reference.
    struct Step {
        std::array<double, 9> map{1, 0, 0, 0, 1, 0, 0, 0, 1};
        double uPx = 0; ///< standard uncertainty of a mapped point, pixels
    };
    int reference = 0;         ///< frame of the clip
    std::map<int, Step> steps; ///< by frame of the clip; a frame that is not here is not known
    double residualPx = 0;     ///< median distance at which the background's points meet after mapping
    double seen = 0;           ///< share of the frames asked for that are known, 0..1
    /// Where a point of a frame lies in the picture of reference; none where the frame is not known.
    [[nodiscard]] std::optional<PixelPoint> steady(int frame, PixelPoint at) const;
};

enum class CameraHold {
    NotLooked, ///< taken for standing
    Stands,
    Moves ///< known to move; lengths over time need `motion`
};

struct PictureSetup {
    bool mirrored = false; ///< the file shows left for right; pictures and marks are turned back
    std::optional<PictureArea> area;
    std::optional<Lens> lens;
    double lensResidualPx = 0; ///< of the chessboards it comes from
    std::optional<PlanePoints> plane;
    std::optional<PlumbLine> vertical;
    CameraHold camera = CameraHold::NotLooked;
    std::optional<CameraMotion> motion;
    bool soundReplaced = false;        ///< music, a comment: nothing of the movement can be heard in it
    std::optional<double> microphoneM; ///< from the athlete, metres; none: not known
};

/// The trial as a standing camera without distortion would have seen it, upright: lens, then the camera's movement,
/// then the plane of movement or else the roll (about the picture's middle) are taken out. Marks in frames whose
/// movement is not known are left out. A plane of the floor leaves the marks where they are and goes with the trial
/// (Trial::floor): it serves only lengths between points that touch it. A plane that cannot be solved is left out.
[[nodiscard]] Trial straightened(Trial trial, const PictureSetup& setup, int width, int height);

/// The lens of the same camera as it looks in pictures `width` px wide that are turned left for right.
[[nodiscard]] Lens turnedOver(Lens lens, int width);
/// The setup of the same picture turned left for right. The camera's movement has to be looked for again.
[[nodiscard]] PictureSetup turnedOver(PictureSetup setup, int width);

} // namespace riflesso
