#include "app/bench/bench_page.h"

#include "app/bench/lap_panel.h"
#include "app/widgets/live_panel.h"
#include "app/widgets/voice_recorder.h"
#include "report/words.h"
#include "work/clip_files.h"

#include <QDir>
#include <QDoubleSpinBox>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QLineEdit>
#include <QMimeData>
#include <QStackedWidget>

// Clips that come to the Bench and go on into a session.

namespace riflesso {

void BenchPage::askForClip(bool beside) {
    auto* dialog = new QFileDialog(this, tr("Open a clip"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setFileMode(QFileDialog::ExistingFile);
    dialog->setOption(QFileDialog::DontUseNativeDialog);
    connect(dialog, &QFileDialog::fileSelected, this, [this, beside](const QString& path) { openClip(path, beside); });
    dialog->open();
}

void BenchPage::openLive() {
    if (!workspace().library()) {
        workspace().say(tr("No library is open: what is recorded would have no place. Choose one in Settings."), true);
        return;
    }
    if (!live_) {
        live_ = new LivePanel(this);
        middle_->addWidget(live_);
        connect(live_, &LivePanel::left, this, &BenchPage::leaveLive);
        connect(live_, &LivePanel::said, this,
                [this](const QString& text, bool isError) { workspace().say(text, isError); });
        connect(live_, &LivePanel::recorded, this, [this](const QString& path) { openClip(path, false); });
    }
    for (BenchView* view : {first_, second_})
        view->stop();
    middle_->setCurrentWidget(live_);
    live_->start(QDir(workspace().library()->folder()).absoluteFilePath(QStringLiteral("media")));
    setFocus();
    emit headlineChanged();
}

void BenchPage::leaveLive() {
    if (!live_ || middle_->currentWidget() != live_)
        return;
    live_->stop();
    middle_->setCurrentIndex(0);
    setFocus();
    emit headlineChanged();
}

void BenchPage::openClip(const QString& path, bool beside) {
    const QString absolute = QFileInfo(path).absoluteFilePath();
    BenchView* view = beside && first_->isOpen() ? second_ : active_;
    const QString which = view == first_ ? QStringLiteral("first") : QStringLiteral("second");
    // A long clip takes seconds to be read; its first picture does not.
    workspace().start<Picture>(
        tr("First picture of %1").arg(QFileInfo(path).fileName()), this,
        Workspace::ofProgram().newest(QStringLiteral("picture of ") + which),
        [absolute](JobControl&) { return ClipReader::firstPicture(absolute.toStdString()); },
        [view, absolute](const Result<Picture>& first) {
            if (first) // what is wrong with it is said once, below
                view->preview(toImage(*first), QFileInfo(absolute).completeBaseName());
        },
        Pace::Quick);
    workspace().start<ClipInfo>(
        tr("Opening %1").arg(QFileInfo(path).fileName()), this,
        Workspace::ofProgram().newest(QStringLiteral("clip of ") + which),
        [absolute](JobControl&) -> Result<ClipInfo> {
            const auto reader = ClipReader::open(absolute.toStdString());
            if (!reader)
                return reader.error();
            return (*reader)->info();
        },
        [this, absolute, view](const Result<ClipInfo>& info) {
            if (!info) {
                if (info.error().kind != Error::Kind::Cancelled)
                    workspace().say(words::text(info.error().sentence()), true);
                return;
            }
            view->open(absolute, QFileInfo(absolute).completeBaseName(),
                       std::make_shared<const std::vector<double>>(info->timesS), info->displayHeight);
            view->setVisible(true);
            beatsS_.clear();
            apartS_.reset();
            timeFrom_.reset();
            timeTo_.reset();
            activate(view);
            refresh();
            setFocus();
        },
        Pace::Quick);
}

void BenchPage::keep() {
    if (!workspace().hasCase() || !active_->isOpen()) {
        workspace().say(tr("Open a case on the Cases page and a clip here first."));
        return;
    }
    const QString path = active_->path();
    const QString title = note_->text().trimmed().isEmpty() ? active_->title() : note_->text().trimmed();
    const auto span = active_->span();
    const bool whole = span.first == 0 && span.second + 1 == static_cast<int>(active_->timesS().size());
    const double slow = slow_->value();
    QStringList given;
    if (active_->points().size() > 1)
        given << points_->text();
    if (beatsS_.size() > 2)
        given << count_->text();
    if (timeTo_)
        given << time_->text();
    if (const QString laps = laps_->words(); !laps.isEmpty())
        given << laps;
    QString gave = given.join(QStringLiteral(" · "));
    const std::vector<DrawnNote> drawn = active_->drawn();
    gave.replace(QStringLiteral("<br>"), QStringLiteral(" · "))
        .remove(QStringLiteral("<b>"))
        .remove(QStringLiteral("</b>"));
    const SessionId session = workspace().session();
    const CaseId id = workspace().data().id;
    if (recorder_->isRecording())
        recorder_->toggle(); // what is being said is kept as well
    const QByteArray said = said_;
    workspace().start<NewClip>(
        tr("Keeping the clip"), this, workspace().ofCase(),
        [path, title](JobControl&) -> Result<NewClip> { return describeClip(path, path, title); },
        [this, session, id, span, whole, slow, gave, title, said, drawn](const Result<NewClip>& clip) {
            if (!clip) {
                if (clip.error().kind != Error::Kind::Cancelled)
                    workspace().say(words::text(clip.error().sentence()), true);
                return;
            }
            if (!workspace().data().session(session)) {
                workspace().say(tr("The session is not there any more; nothing was kept."), true);
                return;
            }
            const bool done = workspace().apply(tr("Keep from the Bench"), [&](Edit& edit) -> Result<void> {
                Section section;
                section.slowMotion = slow;
                const auto added = edit.addClip(session, *clip, section);
                if (!added)
                    return added.error();
                if (!said.isEmpty())
                    if (const auto kept = edit.addSpokenNote(*added, said); !kept)
                        return kept.error();
                for (const DrawnNote& note : drawn)
                    if (const auto kept = edit.addDrawnNote(*added, note); !kept)
                        return kept.error();
                if (!whole) {
                    const auto part = edit.firstSection(*added);
                    if (!part)
                        return part.error();
                    Repetition repetition;
                    repetition.number = 1;
                    repetition.from = span.first;
                    repetition.to = span.second;
                    if (const auto cut = edit.addRepetition(*part, repetition); !cut)
                        return cut.error();
                }
                return gave.isEmpty() ? Result<void>() : edit.note(id, tr("Bench, %1: %2").arg(title, gave), {});
            });
            if (done) {
                note_->clear();
                if (said_ == said)
                    showSaid({});
                workspace().say(tr("Kept: \"%1\" is in the session, on the Film page.").arg(title));
            }
        },
        Pace::Quick);
}

void BenchPage::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void BenchPage::dropEvent(QDropEvent* event) {
    bool beside = false;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) {
            openClip(url.toLocalFile(), beside);
            beside = true;
        }
    event->acceptProposedAction();
}

} // namespace riflesso
