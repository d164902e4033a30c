#pragma once
// A spoken note as a sound file that anything can play: WAV, 16 bit, one channel, 16,000 samples a second.

#include <QByteArray>

#include <optional>

namespace riflesso {

constexpr int kSpokenHz = 16'000;
constexpr int kMostSpokenS = 120; ///< s; a note, no lecture

/// `samples`: 16 bit, little end first; the part of a last sample is dropped, and what is longer than kMostSpokenS.
[[nodiscard]] QByteArray spokenSound(const QByteArray& samples);

/// Its length in seconds; none for anything but what spokenSound() writes.
[[nodiscard]] std::optional<double> spokenSeconds(const QByteArray& sound);

} // namespace riflesso
