#include "store/spoken_sound.h"

#include <QtEndian>

#include <algorithm>

namespace riflesso {
namespace {

constexpr qsizetype kWavHeader = 44, kSampleBytes = 2;
constexpr qsizetype kMostSoundBytes = kSampleBytes * kSpokenHz * kMostSpokenS;

QByteArray headerFor(qsizetype bytes) {
    QByteArray out;
    const auto number = [&out](auto value) {
        value = qToLittleEndian(value);
        out.append(reinterpret_cast<const char*>(&value), sizeof(value));
    };
    out += "RIFF";
    number(static_cast<quint32>(kWavHeader - 8 + bytes));
    out += "WAVEfmt ";
    number(quint32(16));
    number(quint16(1)); // plain samples
    number(quint16(1)); // one channel
    number(quint32(kSpokenHz));
    number(static_cast<quint32>(kSampleBytes * kSpokenHz));
    number(static_cast<quint16>(kSampleBytes));
    number(static_cast<quint16>(8 * kSampleBytes));
    out += "data";
    number(static_cast<quint32>(bytes));
    return out;
}

} // namespace

QByteArray spokenSound(const QByteArray& samples) {
    const qsizetype bytes = std::min(kMostSoundBytes, samples.size() / kSampleBytes * kSampleBytes);
    return headerFor(bytes) + samples.first(bytes);
}

std::optional<double> spokenSeconds(const QByteArray& sound) {
    const qsizetype bytes = sound.size() - kWavHeader;
    if (bytes < 0 || bytes > kMostSoundBytes || bytes % kSampleBytes || !sound.startsWith(headerFor(bytes)))
        return {};
    return static_cast<double>(bytes) / (kSampleBytes * kSpokenHz);
}

} // namespace riflesso
