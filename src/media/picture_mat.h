#pragma once
// A picture as OpenCV sees it, without a copy.

#include "media/clip_reader.h"

#include <opencv2/core.hpp>

namespace riflesso {

/// Shares the picture's bytes: valid while the picture lives, and not to be written to.
[[nodiscard]] inline cv::Mat matOf(const Picture& picture) {
    return {picture.height, picture.width, CV_8UC3, const_cast<std::uint8_t*>(picture.rgb->data())};
}

} // namespace riflesso
