#pragma once
// What was said of the shown clip, and drawn on it: listened to, gone to, added to, taken away.

#include "app/workspace.h"

#include <QWidget>

class QVBoxLayout;

namespace riflesso {

class VoicePlayer;
class VoiceRecorder;

class SpokenNotesBox : public QWidget {
    Q_OBJECT
public:
    SpokenNotesBox(Workspace& workspace, QWidget* parent);
    void show(const Clip* clip);

signals:
    void frameAsked(int frame); ///< of something drawn

private:
    void showDrawn(const Clip& clip);
    void add(const QByteArray& sound);
    void listen(const QByteArray& sound);

    Workspace& workspace_;
    ClipId clip_;
    std::vector<std::int64_t> shown_;
    std::vector<DrawnNote> drawn_;
    QVBoxLayout* rows_;
    VoiceRecorder* recorder_;
    VoicePlayer* player_;
};

} // namespace riflesso
