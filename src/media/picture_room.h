#pragma once
// Memory of pictures that play.

#include <cstdint>
#include <memory>
#include <mutex>
#include <vector>

namespace riflesso {

/// Room for pictures that is used again once no one holds the picture: 6 MB that are neither asked of the system nor
/// cleared for each frame that plays. Pictures may be let go in any thread, and outlive this.
class PictureRoom {
public:
    /// `bytes` long, of any content.
    [[nodiscard]] std::shared_ptr<std::vector<std::uint8_t>> take(std::size_t bytes);

private:
    struct Spare {
        std::mutex lock;
        std::vector<std::unique_ptr<std::vector<std::uint8_t>>> rooms;
    };
    std::shared_ptr<Spare> spare_ = std::make_shared<Spare>();
};

} // namespace riflesso
