#pragma once
// When somebody before a standing camera begins to move and when they have come to rest, from the pictures alone.

#include "media/clip_reader.h"

#include <deque>
#include <optional>
#include <vector>

namespace riflesso {

class MovementWatch {
public:
    /// From the first to the last picture in which something moved, stored time.
    struct Moved {
        double fromS = 0, toS = 0;
    };
    /// Takes the next picture; a movement that has ended: nothing moved for 0.35 s after it. One shorter than 0.25 s is
    /// none (own choices).
    [[nodiscard]] std::optional<Moved> add(const Picture& picture);
    /// It ends now, at the last picture; where nothing seems to move, the last `atMostS` seconds. None before the first
    /// picture.
    [[nodiscard]] std::optional<Moved> endNow(double atMostS);
    [[nodiscard]] bool moving() const { return moving_.has_value(); }
    [[nodiscard]] double nowS() const { return lastS_; }

private:
    /// Brightness of coarse parts of a picture.
    struct Coarse {
        double timeS = 0;
        std::vector<float> cells;
    };
    static Coarse coarse(const Picture& picture);

    std::deque<Coarse> before_; ///< of the last tenth of a second
    std::optional<Moved> moving_;
    double lastS_ = -1;
};

} // namespace riflesso
