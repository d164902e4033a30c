#include "media/picture_room.h"

namespace riflesso {

std::shared_ptr<std::vector<std::uint8_t>> PictureRoom::take(std::size_t bytes) {
    std::unique_ptr<std::vector<std::uint8_t>> room;
    {
        const std::lock_guard guard(spare_->lock);
        if (!spare_->rooms.empty()) {
            room = std::move(spare_->rooms.back());
            spare_->rooms.pop_back();
        }
    }
    if (!room || room->capacity() < bytes)
        room = std::make_unique<std::vector<std::uint8_t>>(); // another clip's, or none
    room->resize(bytes);
    return {room.release(), [spare = spare_](std::vector<std::uint8_t>* done) {
                std::unique_ptr<std::vector<std::uint8_t>> back(done);
                constexpr std::size_t kMost = 3; // one is being filled, one shown, one on its way
                const std::lock_guard guard(spare->lock);
                if (spare->rooms.size() < kMost)
                    spare->rooms.push_back(std::move(back));
            }};
}

} // namespace riflesso
