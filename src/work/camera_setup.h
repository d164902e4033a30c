#pragma once
// What a clip itself tells of the camera that took it: how it moved, and what its lens does.

#include "media/camera_follow.h"
#include "media/lens_from_boards.h"
#include "store/edit.h"
#include "work/go_on.h"

namespace riflesso {

/// How the camera moved through a section, from what stands still behind the athlete. Bad input where the section is
/// longer than 20,000 frames.
[[nodiscard]] Result<FollowedCamera> followCameraOf(const Clip& clip, const Section& section, const GoOn& goOn);

enum class CameraFound { Stands, TooLittleSeen, TakenOut };
/// What was found goes into the setup: a camera that stands, one whose movement is taken out, or one that moves and of
/// which too little could be followed. `pictureHeight`: px.
CameraFound keepCamera(PictureSetup& setup, const FollowedCamera& followed, int pictureHeight);

/// The lens, from a clip of the same camera and zoom in which a chessboard is shown; bad input where its pictures are
/// of another size than `clip`'s.
[[nodiscard]] Result<LensFit> lensFor(const Clip& clip, const std::string& boards, const BoardSize& board,
                                      const GoOn& goOn);
/// One camera took the whole clip: the lens is that of all its sections.
[[nodiscard]] Result<void> keepLens(Edit& edit, const Clip& clip, const LensFit& fit);

} // namespace riflesso
