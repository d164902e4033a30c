#pragma once
// Pictures from a camera as they come, and a recording of them that is a clip like any other.

#include "media/clip_reader.h"

#include <functional>
#include <memory>
#include <string>
#include <vector>

namespace riflesso {

struct LiveDevice {
    std::string id;    ///< what start() takes
    std::string title; ///< for a person
};
/// Cameras of this machine (Video4Linux), and last the simulated camera: `simulatedClip` shown over and over at its
/// own speed; left out where that is empty.
[[nodiscard]] std::vector<LiveDevice> liveDevices(const std::string& simulatedClip);

/// Runs in a thread of its own until destroyed.
class LiveCapture {
public:
    /// `picture` is called in the camera's thread for every picture, its time counted from the first one; `failed`
    /// once, when the camera goes away or a recording cannot be written on. Bad input names the camera and what was
    /// wrong. An id is a device file, "simulated:" and a clip's path, or "lavfi:" and a description of made pictures.
    [[nodiscard]] static Result<std::unique_ptr<LiveCapture>>
    start(const std::string& id, std::function<void(const Picture&)> picture, std::function<void(Error)> failed);
    virtual ~LiveCapture() = default;
    /// What comes from now on goes into an MP4 at `path`, each picture at its own time, in milliseconds. What is
    /// written stays readable if the program is killed.
    [[nodiscard]] virtual Result<void> record(const std::string& path) = 0;
    /// Pictures of the recording until now; a busy machine writes fewer than the camera gives.
    [[nodiscard]] virtual int recordedSoFar() const = 0;
    /// Ends the recording; how many pictures it holds.
    [[nodiscard]] virtual Result<int> stopRecording() = 0;
};

} // namespace riflesso
