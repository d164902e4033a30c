#include "takehome/written_film.h"

#include "media/film_writer.h"
#include "media/sound_track.h"
#include "takehome/film_painter.h"

#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

#include <algorithm>
#include <atomic>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <thread>

namespace riflesso {
namespace {

/// The picture that stands for the film: what is measured of the first finding, else its middle.
int coverPicture(const Film& film) {
    int at = 0;
    for (const FilmPart& part : film.parts) {
        if (!part.shown)
            continue;
        for (std::size_t i = 0; i < part.scenes.size(); ++i) {
            if (static_cast<int>(i) == part.said)
                return at + part.scenes[i].pictures - 1;
            at += part.scenes[i].pictures;
        }
    }
    return film.pictures() / 2;
}

/// The film's voice, picture by picture, parts in the order in which they are shown.
class VoiceTrack {
public:
    /// Bad input where one of the parts' voices cannot be read.
    [[nodiscard]] static Result<void> check(const Film& film) {
        QString last;
        for (const FilmPart& part : film.parts)
            if (part.shown && !part.voice.isEmpty() && part.voice != last) {
                const auto opened = SoundTrack::open(part.voice.toStdString(), kFilmSoundHz);
                if (!opened)
                    return opened.error();
                if (!*opened)
                    return badInput(part.voice.toStdString(), "a voice that can be read", "none");
                last = part.voice;
            }
        return {};
    }
    /// The samples that go with a picture.
    [[nodiscard]] std::vector<float> at(const Film& film, int picture) {
        const auto count = static_cast<std::size_t>(kFilmSoundHz / film.rate);
        const Film::Place place = film.place(picture);
        std::vector<float> out;
        if (place.part != part_) {
            part_ = place.part;
            speaks_ = part_ && !part_->voice.isEmpty() && part_->voiceFromS >= 0;
            if (speaks_ && part_->voice != path_) {
                auto opened = SoundTrack::open(part_->voice.toStdString(), kFilmSoundHz);
                sound_ = opened ? std::move(*opened) : nullptr;
                path_ = part_->voice;
            }
            speaks_ = speaks_ && sound_ && sound_->seek(part_->voiceFromS);
        }
        if (speaks_)
            out = sound_->read(count);
        out.resize(count, 0.F);
        return out;
    }

private:
    std::unique_ptr<SoundTrack> sound_;
    const FilmPart* part_ = nullptr;
    QString path_;
    bool speaks_ = false;
};

/// What was painted waits here for the encoder: the two work side by side, a few pictures apart.
class PaintedAhead {
public:
    void put(QImage image) {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [this] { return images_.size() < kMost || done_; });
        images_.push_back(std::move(image));
        changed_.notify_all();
    }
    /// Null at the end.
    [[nodiscard]] QImage take() {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [this] { return !images_.empty() || done_; });
        if (images_.empty())
            return {};
        QImage out = std::move(images_.front());
        images_.pop_front();
        changed_.notify_all();
        return out;
    }
    void end() {
        const std::lock_guard lock(mutex_);
        done_ = true;
        changed_.notify_all();
    }

private:
    static constexpr std::size_t kMost = 2;
    std::mutex mutex_;
    std::condition_variable changed_;
    std::deque<QImage> images_;
    bool done_ = false;
};

Result<void> writeAside(const QString& path, const QByteArray& bytes) {
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size() || !file.commit())
        return fault(path.toStdString(), "could not be written: " + file.errorString().toStdString());
    return {};
}

} // namespace

Result<WrittenFilm> writeFilm(const Film& film, const QString& path, const QSize& size, const PictureSource& source,
                              const std::function<bool(double share)>& goOn) {
    WrittenFilm out;
    out.pictures = film.pictures();
    out.seconds = film.seconds();
    if (out.pictures == 0)
        return badInput(path.toStdString(), "a film with something in it", "no part that is shown");
    if (size.width() < 320 || size.height() < 180 || size.width() > 3840 || size.height() > 2160)
        return badInput(path.toStdString(), "a size from 320x180 to 3840x2160",
                        std::to_string(size.width()) + "x" + std::to_string(size.height()));
    FilmFormat format;
    format.width = size.width();
    format.height = size.height();
    format.frameRate = film.rate;
    format.title = film.title.toStdString();
    const auto chapters = film.chapters();
    for (std::size_t i = 0; i < chapters.size(); ++i)
        format.chapters.push_back(
            {static_cast<double>(chapters[i].first) / film.rate,
             static_cast<double>(i + 1 < chapters.size() ? chapters[i + 1].first : out.pictures) / film.rate,
             chapters[i].second.toStdString()});
    if (const auto voices = VoiceTrack::check(film); !voices)
        return voices.error();
    VoiceTrack voice;
    format.sound = film.speaks();
    auto writer = FilmWriter::create(path.toStdString(), format);
    if (!writer)
        return writer.error();

    PaintedAhead ahead;
    Result<void> written = Result<void>();
    std::atomic<bool> failed = false;
    std::thread encoding([&] {
        qint64 last = 0;
        int picture = 0;
        for (QImage image = ahead.take(); !image.isNull(); image = ahead.take()) {
            if (written)
                written = image.cacheKey() == last
                              ? (*writer)->again()
                              : (*writer)->picture({image.constBits(), static_cast<int>(image.bytesPerLine())});
            last = image.cacheKey();
            if (written && format.sound) {
                const std::vector<float> samples = voice.at(film, picture);
                written = (*writer)->sound(samples.data(), samples.size());
            }
            ++picture;
            failed = !written; // no need to paint on
        }
    });
    bool stopped = false;
    const int cover = coverPicture(film);
    QImage still, image;
    for (int i = 0; i < out.pictures && !stopped; ++i) {
        if (!film.standsStill(i)) {
            image = QImage(size, QImage::Format_RGB32);
            paintFilm(image, film, i, source);
        }
        if (i == cover)
            still = image;
        ahead.put(image);
        stopped = failed || (goOn && !goOn(static_cast<double>(i) / out.pictures));
    }
    ahead.end();
    encoding.join();
    if (!written)
        return written.error();
    if (stopped)
        return cancelled();
    if (const auto finished = (*writer)->finish(); !finished)
        return finished.error();
    const QString base = path.chopped(QFileInfo(path).suffix().size() + 1);
    if (const QString captions = webVtt(film); captions.contains(QStringLiteral("-->"))) {
        out.captions = base + QStringLiteral(".vtt");
        if (const auto said = writeAside(out.captions, captions.toUtf8()); !said)
            return said.error();
    }
    out.cover = base + QStringLiteral(".png");
    QSaveFile file(out.cover);
    if (!file.open(QIODevice::WriteOnly) || !still.save(&file, "PNG") || !file.commit())
        return fault(out.cover.toStdString(), "could not be written: " + file.errorString().toStdString());
    return out;
}

double expectedBytes(const Film& film, const QSize& size) {
    int moving = 0;
    for (const FilmPart& part : film.parts)
        for (const FilmScene& scene : part.scenes)
            for (int at = 0; part.shown && at < scene.pictures; ++at)
                moving += moves(scene, at);
    const int still = film.pictures() - moving;
    constexpr double kMovingBytesAPixel = .006, kStillBytesAPixel = .0004;
    constexpr double kVoiceBytesAS = 8000;
    return (film.speaks() ? kVoiceBytesAS * film.seconds() : 0) +
           size.width() * size.height() * (moving * kMovingBytesAPixel + still * kStillBytesAPixel);
}

} // namespace riflesso
