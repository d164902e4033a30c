#pragma once
// What was said of the shown clip: listened to, added to, taken away.

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

private:
    void add(const QByteArray& sound);
    void listen(const QByteArray& sound);

    Workspace& workspace_;
    ClipId clip_;
    std::vector<std::int64_t> shown_;
    QVBoxLayout* rows_;
    VoiceRecorder* recorder_;
    VoicePlayer* player_;
};

} // namespace riflesso
