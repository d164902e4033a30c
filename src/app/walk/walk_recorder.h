#pragma once
// Talk it through: what is shown and pointed at on any page, kept as a score beside the voice, on the disk each second.

#include "app/page.h"
#include "app/widgets/microphone.h"
#include "media/voice_writer.h"
#include "takehome/walk_through.h"

#include <QElapsedTimer>
#include <QTimer>

namespace riflesso {

class WalkRecorder : public QObject {
    Q_OBJECT
public:
    /// What is in front now: the page, its id and its name.
    struct InFront {
        Page* page = nullptr;
        QString id, title;
    };
    WalkRecorder(Workspace& workspace, std::function<InFront()> inFront, QObject* parent);
    ~WalkRecorder() override; ///< what was recorded is kept

    void toggle();
    void pause(); ///< and on again
    /// The last ten seconds are left out of what is shown: they are said again.
    void takeBack();
    [[nodiscard]] bool recording() const { return score_ != nullptr; }
    [[nodiscard]] bool paused() const { return recording() && !ticks_.isActive(); }
    [[nodiscard]] double seconds() const;

signals:
    void changed(); ///< begun, a second longer, paused, ended
    void kept();

private:
    void begin();
    void end();
    void finish(double length);
    void tick();
    void failed(const Error& error);
    [[nodiscard]] WalkMoment now() const;

    Workspace& workspace_;
    std::function<InFront()> inFront_;
    std::unique_ptr<WalkScore> score_;
    std::unique_ptr<VoiceWriter> voice_;
    Microphone microphone_;
    QTimer ticks_;
    QElapsedTimer clock_;
    double beforeS_ = 0; ///< that passed before the last pause, without a voice
    qint64 samples_ = 0; ///< of the voice: its clock, where there is one
    WalkMoment last_;
    CaseId case_;
    bool any_ = false;
    int lastSecond_ = -1;
};

} // namespace riflesso
