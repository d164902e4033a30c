#include "app/widgets/microphone.h"

#include "app/widgets/voice_recorder.h"
#include "store/spoken_sound.h"

#include <QAudioDevice>
#include <QAudioFormat>
#include <QAudioSource>
#include <QMediaDevices>

namespace riflesso {
namespace {

Microphone::Made& madeVoice() {
    static Microphone::Made made;
    return made;
}

} // namespace

Microphone::Microphone() = default;
Microphone::~Microphone() { stop(); }

void Microphone::speakWith(Made made) { madeVoice() = std::move(made); }

QString Microphone::start() {
    stop();
    if (madeVoice()) {
        made_ = madeVoice()();
        from_ = made_.get();
        return from_ ? QString() : VoiceRecorder::tr("No microphone is there: plug one in, or type the note.");
    }
    const QAudioDevice device = QMediaDevices::defaultAudioInput();
    if (device.isNull())
        return VoiceRecorder::tr("No microphone is there: plug one in, or type the note.");
    QAudioFormat format;
    format.setSampleRate(kSpokenHz);
    format.setChannelCount(1);
    format.setSampleFormat(QAudioFormat::Int16);
    if (device.isFormatSupported(format)) {
        machine_ = std::make_unique<QAudioSource>(device, format);
        from_ = machine_->start();
    }
    if (from_)
        return {};
    machine_.reset();
    return VoiceRecorder::tr("The microphone \"%1\" gives no sound that can be recorded.").arg(device.description());
}

QByteArray Microphone::read() { return from_ ? from_->readAll() : QByteArray(); }

void Microphone::stop() {
    if (machine_)
        machine_->stop();
    machine_.reset();
    made_.reset();
    from_ = nullptr;
}

} // namespace riflesso
