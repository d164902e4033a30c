#include "app/walk/spoken_again.h"

#include "report/words.h"

#include <QFile>

#include <utility>

namespace riflesso {

SpokenAgain::SpokenAgain(QObject* parent) : QObject(parent) {
    constexpr int kEveryMs = 40;
    ticks_.setInterval(kEveryMs);
    connect(&ticks_, &QTimer::timeout, this, &SpokenAgain::listen);
}

SpokenAgain::~SpokenAgain() { drop(); }

double SpokenAgain::seconds() const { return static_cast<double>(samples_) / kVoiceHz; }

QString SpokenAgain::start(const QString& path) {
    drop();
    if (const QString why = microphone_.start(); !why.isEmpty())
        return why;
    auto voice = VoiceWriter::create(path.toStdString());
    if (!voice) {
        microphone_.stop();
        return words::text(voice.error().sentence());
    }
    voice_ = std::move(*voice);
    path_ = path;
    samples_ = 0;
    ticks_.start();
    return {};
}

void SpokenAgain::listen() {
    const QByteArray heard = microphone_.read();
    const auto count = static_cast<std::size_t>(heard.size() / 2);
    if (const auto written = voice_->write(reinterpret_cast<const std::int16_t*>(heard.constData()), count); !written) {
        drop();
        emit failed(words::text(written.error().sentence()));
        return;
    }
    samples_ += static_cast<qint64>(count);
}

Result<double> SpokenAgain::finish() {
    if (voice_)
        listen();
    if (!voice_)
        return fault(path_.toStdString(), "nothing is recorded");
    ticks_.stop();
    microphone_.stop();
    const auto finished = std::exchange(voice_, nullptr)->finish();
    if (!finished) {
        QFile::remove(path_);
        return finished.error();
    }
    return seconds();
}

void SpokenAgain::drop() {
    ticks_.stop();
    microphone_.stop();
    if (std::exchange(voice_, nullptr))
        QFile::remove(path_);
}

} // namespace riflesso
