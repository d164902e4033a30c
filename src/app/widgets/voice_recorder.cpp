#include "app/widgets/voice_recorder.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/sound_player.h"
#include "store/spoken_sound.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTemporaryFile>
#include <QTimer>

#include <algorithm>
#include <cmath>
#include <cstdlib>

namespace riflesso {
namespace {

constexpr qsizetype kBytesASecond = 2 * kSpokenHz;

double loudest(const QByteArray& samples) {
    const auto* values = reinterpret_cast<const std::int16_t*>(samples.constData());
    int most = 0;
    for (qsizetype i = 0; i < samples.size() / 2; ++i)
        most = std::max(most, std::abs(static_cast<int>(values[i])));
    constexpr double kFull = 32768;
    return most / kFull;
}

} // namespace

QString spokenLength(double seconds) {
    const int whole = static_cast<int>(std::lround(seconds));
    return QStringLiteral("%1:%2").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

VoiceRecorder::VoiceRecorder(const QString& key, QWidget* parent) : QWidget(parent), key_(key) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    button_ = new QPushButton;
    button_->setObjectName(QStringLiteral("speak"));
    button_->setCheckable(true);
    button_->setFocusPolicy(Qt::TabFocus);
    state_ = label({}, theme::kQuiet);
    state_->setObjectName(QStringLiteral("speakState"));
    row->addWidget(button_);
    row->addWidget(state_, 1);
    clock_ = new QTimer(this);
    constexpr int kEveryMs = 50;
    clock_->setInterval(kEveryMs);
    connect(clock_, &QTimer::timeout, this, &VoiceRecorder::take);
    connect(button_, &QPushButton::clicked, this, &VoiceRecorder::toggle);
    showState();
}

VoiceRecorder::~VoiceRecorder() { silence(); }

void VoiceRecorder::toggle() {
    if (!isRecording()) {
        samples_.clear();
        level_ = 0;
        if (listen())
            clock_->start();
        showState();
        return;
    }
    take();
    if (!isRecording())
        return; // it had just come to its end
    silence();
    showState();
    // Less than that is a slip of the finger.
    constexpr qsizetype kLeast = kBytesASecond / 4;
    if (samples_.size() >= kLeast)
        emit said(spokenSound(samples_));
    else
        emit cannot(tr("Nothing was heard: is the microphone switched on?"));
}

void VoiceRecorder::giveUp() {
    silence();
    showState();
}

bool VoiceRecorder::listen() {
    if (const QString why = microphone_.start(); !why.isEmpty()) {
        emit cannot(why);
        return false;
    }
    return true;
}

void VoiceRecorder::take() {
    if (!isRecording())
        return;
    const QByteArray heard = microphone_.read();
    if (!heard.isEmpty())
        level_ = loudest(heard);
    samples_ += heard;
    showState();
    if (samples_.size() >= kBytesASecond * kMostSpokenS) {
        silence();
        showState();
        emit said(spokenSound(samples_));
    }
}

void VoiceRecorder::silence() {
    clock_->stop();
    microphone_.stop();
}

void VoiceRecorder::showState() {
    const QString words = isRecording() ? tr("Stop") : tr("Speak a note");
    button_->setText(key_.isEmpty() ? words : QStringLiteral("%1 (%2)").arg(words, key_));
    button_->setChecked(isRecording());
    if (!isRecording()) {
        state_->clear();
        return;
    }
    constexpr int kBars = 8;
    const int bars = std::min(kBars, static_cast<int>(std::ceil(kBars * std::sqrt(level_))));
    state_->setText(tr("%1 of at most %2 %3")
                        .arg(spokenLength(static_cast<double>(samples_.size()) / kBytesASecond),
                             spokenLength(kMostSpokenS), QString(bars, QChar(0x258c))));
}

VoicePlayer::VoicePlayer(QObject* parent) : QObject(parent) {}
VoicePlayer::~VoicePlayer() { stop(); }

bool VoicePlayer::play(const QByteArray& sound) {
    stop();
    file_ = std::make_unique<QTemporaryFile>();
    if (!file_->open() || file_->write(sound) != sound.size() || !file_->flush())
        return false;
    player_ = std::make_unique<SoundPlayer>();
    return player_->play(file_->fileName(), 0);
}

void VoicePlayer::stop() {
    player_.reset();
    file_.reset();
}

} // namespace riflesso
