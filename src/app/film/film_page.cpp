#include "app/film/film_page.h"

#include "app/film/length_bar.h"
#include "app/film/section_panel.h"
#include "app/theme.h"
#include "core/joined_views.h"
#include "demo/demo_library.h"
#include "report/words.h"

#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {

FilmPage::FilmPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    player_ = new Player(this);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildClips());
    layout->addWidget(buildStage(), 1);
    side_ = new SectionPanel(workspace, this);
    layout->addWidget(side_);
    connect(side_, &SectionPanel::lengthAsked, this, &FilmPage::measureLength);
    connect(length_, &LengthBar::changed, this, &FilmPage::showFigures);
    connect(length_, &LengthBar::left, this, [this] {
        stage_->setMarking(false);
        stage_->setLoupe(false);
        showFigures();
        setFocus();
        emit headlineChanged();
    });
    connect(length_, &LengthBar::kept, this, [this](QPointF a, QPointF b, double metres) {
        side_->addLength({frame_, {a.x(), a.y()}, {b.x(), b.y()}, metres, 0});
        setFocus();
    });
    connect(length_, &LengthBar::forgotten, side_, &SectionPanel::forgetLengths);
    connect(stage_, &StageView::clicked, this, [this](QPointF pixel) { length_->click(pixel); });
    connect(stage_, &StageView::markDragged, this,
            [this](const QString& end, QPointF pixel) { length_->move(end, pixel); });
    connect(player_, &Player::frameDue, this, &FilmPage::goToFrame);
    connect(player_, &Player::stopped, this, [this] { play_->setText(tr("Play")); });
}

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
    auto* add = new QPushButton(tr("Add a clip…"));
    add->setObjectName(QStringLiteral("addClip"));
    layout->addWidget(add);
    layout->addWidget(label(tr("Or drop files anywhere in the window."), theme::kQuiet));
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

QWidget* FilmPage::buildStage() {
    auto* widget = new QWidget;
    auto* layout = new QVBoxLayout(widget);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    stage_ = new StageView;
    stage_->setObjectName(QStringLiteral("filmStage"));
    layout->addWidget(stage_, 1);
    auto* bar = new QHBoxLayout;
    bar->setContentsMargins(14, 6, 14, 6);
    bar->setSpacing(10);
    play_ = new QPushButton(tr("Play"));
    play_->setObjectName(QStringLiteral("play"));
    play_->setFixedWidth(80);
    speed_ = speedChooser("speed");
    cut_ = new QPushButton(tr("Start of a repetition"));
    cut_->setObjectName(QStringLiteral("cut"));
    cut_->setProperty("role", "main");
    time_ = label({});
    time_->setObjectName(QStringLiteral("filmTime"));
    time_->setWordWrap(false);
    bar->addWidget(play_);
    bar->addWidget(speed_);
    bar->addWidget(time_, 1);
    bar->addWidget(cut_);
    layout->addLayout(bar);
    length_ = new LengthBar;
    layout->addWidget(length_);
    timeline_ = new ClipTimeline;
    timeline_->setObjectName(QStringLiteral("clipTimeline"));
    layout->addWidget(timeline_);
    for (QWidget* control : {static_cast<QWidget*>(play_), static_cast<QWidget*>(cut_)})
        control->setFocusPolicy(Qt::TabFocus);
    connect(play_, &QPushButton::clicked, this, &FilmPage::togglePlay);
    connect(cut_, &QPushButton::clicked, this, &FilmPage::cut);
    connect(timeline_, &ClipTimeline::frameAsked, this, [this](int frame) {
        player_->stop();
        goToFrame(frame);
    });
    connect(timeline_, &ClipTimeline::repetitionClicked, this,
            [this](RepetitionId id) { this->workspace().selectRepetition(id); });
    return widget;
}

const Clip* FilmPage::clip() const { return workspace().hasCase() ? workspace().data().clip(clip_) : nullptr; }

const Section* FilmPage::section() const {
    const Clip* shown = clip();
    if (!shown)
        return nullptr;
    const Section* best = shown->sections.empty() ? nullptr : &shown->sections.front();
    for (const Section& entry : shown->sections)
        if (entry.from <= frame_ && frame_ <= entry.to)
            best = &entry;
    return best;
}

QString FilmPage::headline() const {
    if (!workspace().hasCase())
        return {};
    const Session* session = workspace().data().session(workspace().session());
    if (!session)
        return tr("No session is chosen. <b>Next: add one on the Athlete page.</b>");
    int repetitions = 0, results = 0;
    for (const Clip& entry : session->clips)
        for (const Section& part : entry.sections)
            for (const Repetition& repetition : part.repetitions)
                if (!repetition.sameAs) { // another camera's picture is no repetition more
                    ++repetitions;
                    results += !repetition.result.empty();
                }
    if (session->clips.empty())
        return tr("%1 has no clip. <b>Next: add a clip, filmed from the side the skill asks for.</b>")
            .arg(session->title.toHtmlEscaped());
    if (length_->active())
        return tr("Scale of this section: click both ends of something of known length, in the plane of movement. "
                  "<b>Next: type its length and keep it.</b>");
    if (cutStart_)
        return tr("A repetition starts at frame %1. <b>Next: go to its end and press C again.</b>").arg(*cutStart_);
    if (repetitions == 0)
        return tr("%1, no repetition cut. <b>Next: play, press C at the start and again at the end of each "
                  "repetition.</b>")
            .arg(words::counted(session->clips.size(), tr("clip"), tr("clips")));
    const QString missing = repetitions < 4 ? tr("Missing: fewer than four repetitions prove little. ")
                            : results < repetitions && !workspace().data().pack.results.empty()
                                ? tr("Missing: the result of %1. ").arg(repetitions - results)
                                : QString();
    return tr("%1, %2 repetitions, %3 with a result. %4<b>Next: mark the key positions.</b>")
        .arg(words::counted(session->clips.size(), tr("clip"), tr("clips")))
        .arg(repetitions)
        .arg(results)
        .arg(missing);
}

StepState FilmPage::state() const {
    if (!workspace().hasCase())
        return {};
    const Session* session = workspace().data().session(workspace().session());
    if (!session || session->clips.empty())
        return {StepState::Kind::Untouched, {}};
    const bool missing =
        std::any_of(session->clips.begin(), session->clips.end(), [](const Clip& c) { return c.missing; });
    if (missing)
        return {StepState::Kind::Attention, tr("clip not found")};
    const std::size_t repetitions = countMovements(trialsOf(workspace().data(), session->id, {}));
    return {repetitions ? StepState::Kind::Done : StepState::Kind::InWork, tr("%1 repetitions").arg(repetitions)};
}

QList<KeyHint> FilmPage::keys() const {
    QList<KeyHint> hints = {{tr("Space"), tr("play")},
                            {QStringLiteral("← →"), tr("frame")},
                            {QStringLiteral("C"), tr("cut")},
                            {QStringLiteral("S"), tr("split section")},
                            {QStringLiteral("L"), tr("length")}};
    if (workspace().hasCase() && !workspace().data().pack.results.empty() &&
        !workspace().data().pack.results.front().values.empty())
        hints.append(
            KeyHint{QStringLiteral("1…%1").arg(workspace().data().pack.results.front().values.size()), tr("result")});
    hints.append(KeyHint{QStringLiteral("F O"), tr("felt right, off")});
    hints.append(KeyHint{tr("Del"), tr("remove repetition")});
    if (const QString name = workspace().undoName(); !name.isEmpty())
        hints.append(KeyHint{QStringLiteral("Ctrl Z"), tr("undo \"%1\"").arg(name)});
    return hints;
}

void FilmPage::refresh() {
    if (!workspace().hasCase())
        return;
    filling_ = true;
    const Session* session = workspace().data().session(workspace().session());
    const RepetitionPlace place = workspace().place();
    const bool known = clip() != nullptr;
    if (!known) {
        clip_ = place && place.session == session    ? place.clip->id
                : session && !session->clips.empty() ? session->clips.front().id
                                                     : ClipId{};
        if (const Clip* shown = clip()) {
            player_->setTimes(shown->timesS);
            frame_ = place && place.clip == shown ? place.repetition->from : 0;
        }
    }
    showClips();
    showSide();
    timeline_->setClip(clip(), workspace().repetition());
    goToFrame(frame_);
    filling_ = false;
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

void FilmPage::goToFrame(int frame) {
    const Clip* shown = clip();
    if (!shown) {
        stage_->setImage({});
        stage_->setCaption(tr("Add a clip to begin"), {}, look::dark().athlete);
        time_->clear();
        return;
    }
    frame_ = std::clamp(frame, 0, std::max(0, shown->frames() - 1));
    timeline_->setFrame(frame_);
    const Section* part = section();
    const double stored = (*shown->timesS)[static_cast<std::size_t>(frame_)];
    const double real = stored / (part ? part->slowMotion : 1);
    time_->setText(tr("frame %1 of %2 · %3 s").arg(frame_).arg(shown->frames()).arg(words::number(real, 3)));
    if (shown->missing) {
        stage_->setImage({});
        stage_->setCaption(tr("The clip is not at %1. Put it back there, or find it (on the right).").arg(shown->path),
                           {}, look::dark().athlete);
        return;
    }
    workspace().requestFrame(shown->path, frame_, stage_,
                             [this](const QImage& image, int) { stage_->setImage(image); });
    stage_->setCaption(shown->title, part && !part->performer.isEmpty() ? part->performer : QString(),
                       part && !part->performer.isEmpty() ? look::dark().model : look::dark().athlete);
    if (!player_->playing())
        showSide();
}

void FilmPage::measureLength() {
    if (length_->active()) {
        length_->leave();
        return;
    }
    if (!section())
        return;
    player_->stop();
    stage_->setMarking(true);
    stage_->setLoupe(true);
    length_->start();
    showFigures();
    setFocus();
    emit headlineChanged();
}

void FilmPage::showFigures() {
    stage_->setFigures(length_->active() ? length_->figures(frame_) : std::vector<StageFigure>());
}

void FilmPage::togglePlay() {
    if (player_->playing()) {
        player_->stop();
        return;
    }
    const Clip* shown = clip();
    if (!shown)
        return;
    const int from = frame_ + 1 >= shown->frames() ? 0 : frame_;
    play_->setText(tr("Stop"));
    player_->play(from, speed_->currentData().toDouble());
}

void FilmPage::cut() {
    const Clip* shown = clip();
    const Section* part = section();
    if (!shown || !part)
        return;
    if (!cutStart_) {
        cutStart_ = frame_;
        timeline_->setCutStart(frame_);
        cut_->setText(tr("End of the repetition"));
        emit headlineChanged();
        return;
    }
    const int from = std::min(*cutStart_, frame_), to = std::max(*cutStart_, frame_);
    cutStart_.reset();
    timeline_->setCutStart({});
    cut_->setText(tr("Start of a repetition"));
    if (to - from < 2) {
        workspace().say(tr("A repetition needs at least three frames; nothing was cut."), true);
        emit headlineChanged();
        return;
    }
    Repetition repetition;
    repetition.from = from;
    repetition.to = to;
    repetition.number = 1;
    for (const Session& entry : workspace().data().sessions)
        for (const Clip& c : entry.clips)
            if (c.id == clip_)
                for (const Clip& other : entry.clips)
                    for (const Section& s : other.sections)
                        for (const Repetition& r : s.repetitions)
                            if (s.performer == part->performer)
                                repetition.number = std::max(repetition.number, r.number + 1);
    if (!workspace().data().pack.variants.empty())
        repetition.variant = workspace().data().pack.variants.front().id;
    RepetitionId made;
    workspace().apply(tr("Cut repetition %1").arg(repetition.number), [&](Edit& edit) -> Result<void> {
        const auto id = edit.addRepetition(part->id, repetition);
        if (!id)
            return id.error();
        made = *id;
        return {};
    });
    if (made)
        workspace().selectRepetition(made);
    emit headlineChanged();
}

void FilmPage::showSide() {
    const Section* part = section();
    cut_->setEnabled(part != nullptr);
    play_->setEnabled(part != nullptr);
    side_->show(clip(), part, frame_);
    length_->setLengths(part ? part->knownLengths : std::vector<KnownLength>(), clip() ? clip()->height : 0);
    showFigures();
}

void FilmPage::addClips(const QStringList& paths) {
    if (!workspace().hasCase() || !workspace().session()) {
        workspace().say(tr("Choose or add a session on the Athlete page first."), true);
        return;
    }
    const SessionId session = workspace().session();
    workspace().jobs().start<std::vector<Result<NewClip>>>(
        tr("Reading %1").arg(words::counted(static_cast<std::size_t>(paths.size()), tr("clip"), tr("clips"))), this,
        [paths](JobControl& control) -> Result<std::vector<Result<NewClip>>> {
            std::vector<Result<NewClip>> clips;
            for (const QString& path : paths) {
                if (!control.goOn(static_cast<double>(clips.size()) / static_cast<double>(paths.size())))
                    return cancelled();
                const QString absolute = QFileInfo(path).absoluteFilePath();
                clips.push_back(describeClip(absolute, absolute, QFileInfo(path).completeBaseName()));
            }
            return clips;
        },
        [this, session](Result<std::vector<Result<NewClip>>> result) {
            if (!result)
                return;
            for (Result<NewClip>& read : *result) {
                if (!read) {
                    workspace().say(words::text(read.error().sentence()), true);
                    continue;
                }
                Section whole;
                whole.view = workspace().data().pack.views.front();
                ClipId made;
                workspace().apply(tr("Add the clip %1").arg(read->title), [&](Edit& edit) -> Result<void> {
                    const auto id = edit.addClip(session, *read, whole);
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

void FilmPage::show(const QString& detail) {
    if (detail.startsWith(QLatin1String("add:")))
        addClips(detail.mid(4).split(u'\n'));
}

void FilmPage::keyPressEvent(QKeyEvent* event) {
    const int step = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
    switch (event->key()) {
    case Qt::Key_Space:
        togglePlay();
        return;
    case Qt::Key_Left:
    case Qt::Key_Right:
        player_->stop();
        goToFrame(frame_ + (event->key() == Qt::Key_Left ? -step : step));
        return;
    case Qt::Key_C:
        cut();
        return;
    case Qt::Key_F:
    case Qt::Key_O:
        side_->setFelt(event->key() == Qt::Key_F);
        return;
    case Qt::Key_Delete:
        side_->removeRepetition();
        return;
    case Qt::Key_L:
        measureLength();
        return;
    case Qt::Key_S:
        side_->splitAt(frame_);
        return;
    case Qt::Key_Escape:
        length_->leave();
        cutStart_.reset();
        timeline_->setCutStart({});
        cut_->setText(tr("Start of a repetition"));
        emit headlineChanged();
        return;
    default:
        break;
    }
    if (event->key() >= Qt::Key_1 && event->key() <= Qt::Key_9 && event->modifiers() == Qt::NoModifier) {
        side_->setResult(event->key() - Qt::Key_1);
        return;
    }
    Page::keyPressEvent(event);
}

void FilmPage::hideEvent(QHideEvent*) { player_->stop(); }

} // namespace riflesso
