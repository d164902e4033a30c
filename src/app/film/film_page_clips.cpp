#include "app/film/film_page.h"

#include "app/film/capture_planner.h"
#include "app/film/left_recordings_box.h"
#include "app/film/picture_bar.h"
#include "app/film/section_panel.h"
#include "app/theme.h"
#include "app/widgets/live_panel.h"
#include "core/judge/filming_list.h"
#include "report/words.h"
#include "work/clip_files.h"
#include "work/live_recordings.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QScopeGuard>
#include <QStackedWidget>
#include <QVBoxLayout>

#include <algorithm>

// The list of the session's clips at the left of Film, and how clips come into it.

namespace riflesso {

QWidget* FilmPage::buildClips() {
    auto* widget = new QWidget;
    widget->setFixedWidth(216);
    auto* layout = new QVBoxLayout(widget);
    layout->setContentsMargins(12, 10, 8, 10);
    layout->addWidget(label(tr("CLIPS"), theme::kHeading));
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("clips"));
    list_->setIconSize({176, 40});
    list_->setWordWrap(true);
    list_->setFocusPolicy(Qt::TabFocus);
    list_->setAccessibleName(tr("Clips of the session"));
    layout->addWidget(list_, 1);
    left_ = new LeftRecordingsBox(workspace(), this);
    layout->addWidget(left_);
    connect(left_, &LeftRecordingsBox::wanted, this, &FilmPage::addRecording);
    auto* add = new QPushButton(tr("Add a clip…"));
    add->setObjectName(QStringLiteral("addClip"));
    add->setToolTip(tr("Or drop files anywhere in the window."));
    auto* record = new QPushButton(tr("Record…"));
    record->setObjectName(QStringLiteral("openLive"));
    record->setToolTip(tr("From a camera of this computer, with a look at what was some seconds ago."));
    auto* plan = new QPushButton(tr("Plan the camera…"));
    plan->setObjectName(QStringLiteral("planCamera"));
    plan->setToolTip(tr("Where to stand and how to set the camera, before filming."));
    for (QPushButton* button : {add, record, plan}) {
        button->setFocusPolicy(Qt::TabFocus);
        layout->addWidget(button);
    }
    connect(record, &QPushButton::clicked, this, &FilmPage::openLive);
    connect(plan, &QPushButton::clicked, this, &FilmPage::planCamera);
    filming_ = label({});
    filming_->setObjectName(QStringLiteral("filmingList"));
    filming_->setTextFormat(Qt::RichText);
    layout->addWidget(filming_);
    connect(list_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item && !filling_)
            chooseClip({item->data(Qt::UserRole).toLongLong()});
    });
    connect(add, &QPushButton::clicked, this, [this] {
        auto* dialog = new QFileDialog(this, tr("Add a clip"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setFileMode(QFileDialog::ExistingFiles);
        dialog->setOption(QFileDialog::DontUseNativeDialog);
        connect(dialog, &QFileDialog::filesSelected, this, &FilmPage::addClips);
        dialog->open();
    });
    return widget;
}

void FilmPage::showFilmingList() {
    const auto assessment = workspace().assessment();
    const CaseData& data = workspace().data();
    QStringList lines, rest;
    if (assessment)
        for (const FilmingWish& wish : filmingList(data.pack, *workspace().chosenTrials(), *assessment))
            if (wish.needsClip()) {
                constexpr int kRoom = 3;
                (lines.size() < kRoom ? lines : rest) << words::text(wish.film).toHtmlEscaped();
            }
    filming_->setVisible(!lines.isEmpty());
    filming_->setToolTip(rest.join(QStringLiteral("<br>")));
    filming_->setText(tr("<b>TO FILM NEXT</b>") + QStringLiteral("<br>") + lines.join(QStringLiteral("<br>")) +
                      (rest.isEmpty() ? QString() : tr("<br><i>and %1 more</i>").arg(rest.size())));
}

void FilmPage::planCamera() {
    player_->stop();
    if (!planner_) {
        planner_ = new CapturePlanner;
        middle_->addWidget(planner_);
        connect(planner_, &CapturePlanner::left, this, &FilmPage::backToClip);
    }
    double rate = 0;
    const Clip* shown = clip();
    if (shown && shown->frames() > 1)
        rate = (shown->frames() - 1) / (shown->timesS->back() - shown->timesS->front());
    planner_->begin(workspace().data().pack, shown ? shown->width : 0, shown ? shown->height : 0, rate);
    middle_->setCurrentWidget(planner_);
    side_->hide();
    emit headlineChanged();
}

void FilmPage::openLive() {
    const Session* session = workspace().hasCase() ? workspace().data().session(workspace().session()) : nullptr;
    if (!session) {
        workspace().say(tr("Choose or add a session on the Athlete page first."), true);
        return;
    }
    player_->stop();
    if (!live_) {
        live_ = new LivePanel(this);
        middle_->addWidget(live_);
        connect(live_, &LivePanel::left, this, &FilmPage::backToClip);
        connect(live_, &LivePanel::said, this,
                [this](const QString& text, bool isError) { workspace().say(text, isError); });
        connect(live_, &LivePanel::begun, this, [this](const QString& path) { left_->setBusy(path, true); });
        connect(live_, &LivePanel::recorded, this, &FilmPage::addRecording);
    }
    middle_->setCurrentWidget(live_);
    side_->hide();
    live_->start(LiveRecordings(workspace().library()->folder(), *session).folder());
    setFocus();
    emit headlineChanged();
}

void FilmPage::backToClip() {
    if (middle_->currentWidget() == stageSide_)
        return;
    if (live_)
        live_->stop();
    middle_->setCurrentWidget(stageSide_);
    side_->setVisible(true);
    refresh();
    setFocus();
    emit headlineChanged();
}

void FilmPage::showClips() {
    QList<ClipId> wanted;
    for (const Session& session : workspace().data().sessions)
        for (const Clip& entry : session.clips)
            if (session.id == workspace().session() || session.isModel)
                wanted.append(entry.id);
    QList<ClipId> have;
    for (int i = 0; i < list_->count(); ++i)
        have.append(ClipId{list_->item(i)->data(Qt::UserRole).toLongLong()});
    left_->show(workspace().data().session(workspace().session()));
    if (have != wanted) {
        list_->clear();
        for (const ClipId id : wanted) {
            const Clip* entry = workspace().data().clip(id);
            auto* item = new QListWidgetItem(list_);
            item->setData(Qt::UserRole, qint64(id.value));
            auto* row = new QWidget;
            auto* column = new QVBoxLayout(row);
            column->setContentsMargins(6, 6, 4, 6);
            column->setSpacing(3);
            auto* strip = new QLabel;
            strip->setFixedSize(176, 40);
            QPixmap ground(176, 40);
            ground.fill(theme::colours().stage);
            strip->setPixmap(ground);
            column->addWidget(strip);
            column->addWidget(label({}));
            row->setAttribute(Qt::WA_TransparentForMouseEvents);
            list_->setItemWidget(item, row);
            // A contact strip of four frames through the clip.
            for (int i = 0; !entry->missing && i < 4; ++i)
                workspace().enqueueFrame(
                    entry->path, entry->frames() * (2 * i + 1) / 8, strip, [strip, i](const QImage& image, int) {
                        QPixmap pixmap = strip->pixmap();
                        QPainter painter(&pixmap);
                        const QImage small =
                            image.scaled(44, 40, Qt::KeepAspectRatioByExpanding, Qt::SmoothTransformation);
                        painter.drawImage(QRect(44 * i, 0, 43, 40), small, QRect((small.width() - 43) / 2, 0, 43, 40));
                        painter.end();
                        strip->setPixmap(pixmap);
                    });
        }
    }
    for (int i = 0; i < list_->count(); ++i) {
        QListWidgetItem* item = list_->item(i);
        const Clip* entry = workspace().data().clip({item->data(Qt::UserRole).toLongLong()});
        QString text = entry->title.toHtmlEscaped();
        for (const Session& session : workspace().data().sessions)
            for (const Clip& clip : session.clips)
                if (clip.id == entry->id && session.isModel)
                    text += tr("<br><span style='color:%1'>model</span>").arg(theme::colours().model.name());
        if (entry->missing)
            text += tr("<br>not found: %1").arg(entry->path.toHtmlEscaped());
        item->setData(Qt::AccessibleTextRole, entry->title);
        QWidget* row = list_->itemWidget(item);
        static_cast<QLabel*>(row->layout()->itemAt(1)->widget())->setText(text);
        item->setSizeHint(row->sizeHint() + QSize(0, 10));
        if (entry->id == clip_)
            list_->setCurrentRow(i);
    }
}

void FilmPage::chooseClip(ClipId id) {
    if (id == clip_)
        return;
    player_->stop();
    picture_->leave();
    cutStart_.reset();
    timeline_->setCutStart({});
    clip_ = id;
    const Clip* shown = clip();
    if (!shown)
        return;
    player_->setTimes(shown->timesS);
    frame_ = 0;
    if (!shown->sections.empty() && !shown->sections.front().repetitions.empty())
        frame_ = shown->sections.front().repetitions.front().from;
    timeline_->setClip(shown, workspace().repetition());
    showSide();
    goToFrame(frame_);
    emit headlineChanged();
}

void FilmPage::addClips(const QStringList& paths) {
    if (paths.isEmpty())
        return;
    if (!workspace().hasCase() || !workspace().session()) {
        workspace().say(tr("Choose or add a session on the Athlete page first."), true);
        return;
    }
    readInto(workspace().session(), paths, [] {});
}

void FilmPage::addRecording(const QString& path) {
    left_->setBusy(path, false);
    const std::string uid = QFileInfo(path).dir().dirName().toStdString();
    const Session* made = nullptr; // somebody else may have been chosen while it was made
    if (workspace().hasCase())
        for (const Session& session : workspace().data().sessions)
            if (session.uid == uid)
                made = &session;
    if (!made) {
        workspace().say(tr("The recording stays with the session it was made for; it is taken in on that Film page."));
        return;
    }
    const LiveRecordings recordings(workspace().library()->folder(), *made);
    const auto kept = recordings.putAmongClips(path);
    if (!kept) {
        workspace().say(words::text(kept.error().sentence()), true);
        return;
    }
    left_->setBusy(path, true);
    readInto(made->id, {*kept}, [this, path, kept = *kept] {
        if (workspace().hasCase() && LiveRecordings::isClip(workspace().data(), kept))
            LiveRecordings::taken(path);
        left_->setBusy(path, false);
    });
}

void FilmPage::readInto(SessionId session, const QStringList& paths, std::function<void()> then) {
    // A long clip takes seconds to be read; its first picture does not.
    const QString first = QFileInfo(paths.front()).absoluteFilePath();
    workspace().start<Picture>(
        tr("First picture of %1").arg(QFileInfo(first).fileName()), this,
        workspace().ofCase().newest(QStringLiteral("first picture")),
        [first](JobControl&) { return ClipReader::firstPicture(first.toStdString()); },
        [this, first](const Result<Picture>& picture) {
            if (!picture || clip())
                return; // what is wrong with it is said once, below
            stage_->setImage(toImage(*picture));
            stage_->setCaption(QFileInfo(first).completeBaseName(), tr("reading the clip …"), look::dark().athlete);
        },
        Pace::Quick);
    workspace().start<std::vector<Result<NewClip>>>(
        tr("Reading %1").arg(words::counted(static_cast<std::size_t>(paths.size()), tr("clip"), tr("clips"))), this,
        workspace().ofCase(),
        [paths](JobControl& control) {
            return describeClips(paths, [&](double share) { return control.goOn(share); });
        },
        [this, session, then = std::move(then)](Result<std::vector<Result<NewClip>>> result) {
            const auto done = qScopeGuard(then);
            if (!result) {
                if (result.error().kind != Error::Kind::Cancelled)
                    workspace().say(words::text(result.error().sentence()), true);
                return;
            }
            if (!workspace().data().session(session)) {
                workspace().say(tr("The session is not there any more; its clips were not added."), true);
                return;
            }
            for (Result<NewClip>& read : *result) {
                if (!read) {
                    workspace().say(words::text(read.error().sentence()), true);
                    continue;
                }
                ClipId made;
                workspace().apply(tr("Add the clip %1").arg(read->title), [&](Edit& edit) -> Result<void> {
                    const auto id = takeClip(edit, workspace().data().pack, session, *read);
                    if (!id)
                        return id.error();
                    made = *id;
                    return {};
                });
                if (made)
                    chooseClip(made);
            }
            refresh();
            emit headlineChanged();
        });
}

} // namespace riflesso
