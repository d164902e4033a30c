#include "app/film/spoken_notes_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/voice_recorder.h"
#include "store/spoken_sound.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include <set>

namespace riflesso {

SpokenNotesBox::SpokenNotesBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("SAID OF THE CLIP, AND DRAWN"), theme::kHeading));
    rows_ = new QVBoxLayout;
    rows_->setSpacing(4);
    layout->addLayout(rows_);
    recorder_ = new VoiceRecorder({}, this);
    layout->addWidget(recorder_);
    player_ = new VoicePlayer(this);
    connect(recorder_, &VoiceRecorder::said, this, &SpokenNotesBox::add);
    connect(recorder_, &VoiceRecorder::cannot, this, [this](const QString& why) { workspace_.say(why, true); });
}

void SpokenNotesBox::show(const Clip* clip) {
    const ClipId now = clip ? clip->id : ClipId();
    std::vector<std::int64_t> notes;
    if (clip)
        for (const SpokenNote& note : clip->spoken)
            notes.push_back(note.id);
    if (now == clip_ && notes == shown_ && (!clip || clip->drawn == drawn_))
        return;
    drawn_ = clip ? clip->drawn : std::vector<DrawnNote>();
    if (!(now == clip_))
        recorder_->giveUp();
    player_->stop();
    clip_ = now;
    shown_ = notes;
    clearLayout(rows_);
    setVisible(clip);
    if (!clip)
        return;
    for (std::size_t i = 0; i < clip->spoken.size(); ++i) {
        const SpokenNote& note = clip->spoken[i];
        auto* row = new QHBoxLayout;
        row->addWidget(label(tr("Note %1, %2").arg(i + 1).arg(spokenLength(spokenSeconds(note.sound).value_or(0)))));
        row->addStretch();
        const auto button = [&](const QString& words, const char* name, const QString& what, auto work) {
            auto* made = new QPushButton(words);
            made->setObjectName(QLatin1String(name));
            made->setAccessibleName(what.arg(i + 1));
            made->setFocusPolicy(Qt::TabFocus);
            connect(made, &QPushButton::clicked, this, work);
            row->addWidget(made);
        };
        button(tr("Listen"), "listenToNote", tr("Listen to note %1"), [this, sound = note.sound] { listen(sound); });
        button(tr("Remove"), "removeNote", tr("Remove note %1"), [this, id = note.id] {
            workspace_.apply(tr("Remove a spoken note"), [&](Edit& edit) { return edit.removeSpokenNote(id); });
        });
        rows_->addLayout(row);
    }
    showDrawn(*clip);
}

void SpokenNotesBox::showDrawn(const Clip& clip) {
    std::set<int> frames;
    for (const DrawnNote& note : clip.drawn)
        frames.insert(note.frame);
    for (const int frame : frames) {
        auto* row = new QHBoxLayout;
        row->addWidget(label(tr("Drawn on frame %1").arg(frame)));
        row->addStretch();
        auto* go = new QPushButton(tr("Show"));
        go->setObjectName(QStringLiteral("showDrawn"));
        go->setAccessibleName(tr("Show what is drawn on frame %1").arg(frame));
        auto* remove = new QPushButton(tr("Remove"));
        remove->setObjectName(QStringLiteral("removeDrawn"));
        remove->setAccessibleName(tr("Remove what is drawn on frame %1").arg(frame));
        for (QPushButton* button : {go, remove}) {
            button->setFocusPolicy(Qt::TabFocus);
            row->addWidget(button);
        }
        connect(go, &QPushButton::clicked, this, [this, frame] { emit frameAsked(frame); });
        connect(remove, &QPushButton::clicked, this, [this, id = clip.id, frame] {
            workspace_.apply(tr("Remove a drawing"), [&](Edit& edit) { return edit.removeDrawnNotes(id, frame); });
        });
        rows_->addLayout(row);
    }
}

void SpokenNotesBox::add(const QByteArray& sound) {
    if (clip_.value)
        workspace_.apply(tr("Speak a note"), [&](Edit& edit) -> Result<void> {
            const auto added = edit.addSpokenNote(clip_, sound);
            return added ? Result<void>() : added.error();
        });
}

void SpokenNotesBox::listen(const QByteArray& sound) {
    if (!player_->play(sound))
        workspace_.say(tr("There is nothing to hear it with: no loudspeaker or headphones are there."), true);
}

} // namespace riflesso
