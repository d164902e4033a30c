#pragma once
// Repetitions of a simulated athlete: one after the other, each with natural variation round a style.

#include "simcam/simulated_clip.h"

namespace riflesso::simcam {

constexpr float kBeforeFirstStrokeS = .4f; ///< of a rowing piece, before its first catch

/// All from frame `start` (or 0) on, at `rate` frames a second of the camera; the same seed gives the same.
void addLunges(Take& take, int count, int start, int firstNumber, const LungeStyle& style, int rate,
               std::uint32_t seed);
/// One repetition: a piece of `count` strokes; `drift` is added stroke after stroke.
void addPiece(Take& take, int count, int start, int number, const StrokeStyle& style, const StrokeStyle& drift,
              int rate, std::uint32_t seed);
/// A shot for each of the holds, in seconds.
void addShots(Take& take, const ShotStyle& style, const std::vector<float>& holdsS, int firstNumber, int rate,
              std::uint32_t seed);

} // namespace riflesso::simcam
