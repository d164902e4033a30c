#include "app/film/film_page.h"

#include "app/film/left_recordings_box.h"
#include "app/film/length_bar.h"
#include "app/film/picture_bar.h"
#include "app/film/repetition_finder.h"
#include "app/film/section_panel.h"
#include "app/film/section_picture.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/live_panel.h"
#include "app/widgets/sound_player.h"
#include "core/measure/joined_views.h"
#include "report/words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QHideEvent>
#include <QListWidget>
#include <QPushButton>
#include <QStackedWidget>
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
    middle_ = new QStackedWidget;
    stageSide_ = buildStage();
    middle_->addWidget(stageSide_);
    layout->addWidget(middle_, 1);
    sound_ = new SoundPlayer(this);
    side_ = new SectionPanel(workspace, this);
    layout->addWidget(side_);
    connect(side_, &SectionPanel::lengthAsked, this, &FilmPage::measureLength);
    connect(side_, &SectionPanel::frameAsked, this, &FilmPage::goToFrame);
    connect(side_, &SectionPanel::cutsFound, this,
            [this](const std::vector<int>& frames) { timeline_->setCuts(frames); });
    connect(length_, &LengthBar::changed, this, &FilmPage::showFigures);
    connect(length_, &LengthBar::left, this, &FilmPage::endPointing);
    connect(picture_, &PictureBar::left, this, &FilmPage::endPointing);
    connect(picture_, &PictureBar::changed, this, [this] {
        showFigures();
        emit headlineChanged();
    });
    SectionPicture* picture = side_->picture();
    connect(picture, &SectionPicture::asked, this,
            [this](PictureBar::Work work) { markPicture(static_cast<int>(work)); });
    connect(picture_, &PictureBar::uprightKept, picture, &SectionPicture::keepUpright);
    connect(picture_, &PictureBar::planeKept, picture, &SectionPicture::keepPlane);
    connect(picture_, &PictureBar::areaKept, picture, &SectionPicture::keepArea);
    connect(length_, &LengthBar::kept, this, [this](QPointF a, QPointF b, double metres) {
        side_->addLength({frame_, {a.x(), a.y()}, {b.x(), b.y()}, metres, 0});
        setFocus();
    });
    connect(length_, &LengthBar::forgotten, side_, &SectionPanel::forgetLengths);
    connect(stage_, &StageView::clicked, this, [this](QPointF pixel) {
        if (picture_->active())
            picture_->click(pixel);
        else
            length_->click(pixel);
    });
    connect(stage_, &StageView::markDragged, this, [this](const QString& end, QPointF pixel) {
        if (picture_->active())
            picture_->move(end, pixel);
        else
            length_->move(end, pixel);
    });
    connect(player_, &Player::frameDue, this, &FilmPage::goToFrame);
    connect(player_, &Player::stopped, this, [this] {
        sound_->stop();
        play_->setText(tr("Play"));
    });
    connect(picture, &SectionPicture::heard, timeline_, &ClipTimeline::setSounds);
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
    find_ = new QPushButton(tr("Find them (R)"));
    find_->setObjectName(QStringLiteral("findRepetitions"));
    find_->setToolTip(
        tr("Looks for repetitions in this section: like the first marked one, or a model's, else movement "
           "between rests."));
    bar->addWidget(time_, 1);
    bar->addWidget(find_);
    bar->addWidget(cut_);
    finder_ = new RepetitionFinder(workspace(), this);
    connect(find_, &QPushButton::clicked, this, [this] {
        if (clip() && section())
            finder_->find(*clip(), *section());
    });
    connect(finder_, &RepetitionFinder::found, this, &FilmPage::headlineChanged);
    layout->addLayout(bar);
    length_ = new LengthBar;
    layout->addWidget(length_);
    picture_ = new PictureBar;
    layout->addWidget(picture_);
    timeline_ = new ClipTimeline;
    timeline_->setObjectName(QStringLiteral("clipTimeline"));
    layout->addWidget(timeline_);
    for (QWidget* control : std::initializer_list<QWidget*>{play_, find_, cut_})
        control->setFocusPolicy(Qt::TabFocus);
    connect(play_, &QPushButton::clicked, this, &FilmPage::togglePlay);
    connect(cut_, &QPushButton::clicked, this, &FilmPage::cut);
    connect(timeline_, &ClipTimeline::frameAsked, this, [this](int frame) {
        player_->stop();
        goToFrame(frame);
    });
    connect(timeline_, &ClipTimeline::picturesAsked, this, [this](const QList<int>& frames) {
        const Clip* shown = clip();
        if (!shown || shown->missing)
            return;
        const ClipId of = shown->id;
        const int asked = ++picturesAsked_;
        for (const int frame : frames)
            workspace().enqueueFrame(shown->path, frame, timeline_, [this, of, asked](const QImage& image, int at) {
                // A clip, or a stretch of it, that is not in sight any more.
                if (of == clip_ && asked == picturesAsked_)
                    timeline_->setPicture(at, image);
            });
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
    if (middle_->currentWidget() != stageSide_)
        return live_ && middle_->currentWidget() == live_
                   ? tr("The camera live. <b>Next: record with Space; what is recorded becomes a clip of this "
                        "session.</b>")
                   : tr("Before filming: what a set-up can tell apart. <b>Next: change it until nothing is left under "
                        "\"what to change\".</b>");
    if (picture_->active())
        return tr("The picture of this section. <b>Next: %1.</b>").arg(picture_->asked());
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
    return tr("%1, %2, %3 with a result. %4<b>Next: mark the key positions.</b>")
        .arg(words::counted(session->clips.size(), tr("clip"), tr("clips")),
             words::counted(static_cast<std::size_t>(repetitions), tr("repetition"), tr("repetitions")))
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
    const std::size_t repetitions = countMovements(*workspace().trialsOf(session->id, {}));
    return {repetitions ? StepState::Kind::Done : StepState::Kind::InWork,
            words::counted(repetitions, tr("repetition", "beside Film, little room"),
                           tr("repetitions", "beside Film, little room"))};
}

std::vector<PageKey> FilmPage::keyTable() {
    const auto leave = [this](KeyPress) { leaveAll(); };
    if (live_ && middle_->currentWidget() == live_)
        return {{tr("Space"), tr("record, stop"), {}, {Qt::Key_Space}, [this](KeyPress) { live_->toggleRecording(); }},
                {tr("Esc"), tr("done"), {}, {Qt::Key_Escape}, leave}};
    if (middle_->currentWidget() != stageSide_)
        return {{tr("Esc"), tr("back to the clip"), {}, {Qt::Key_Escape}, leave}};
    const std::size_t results = workspace().hasCase() && !workspace().data().pack.results.empty()
                                    ? workspace().data().pack.results.front().values.size()
                                    : 0;
    QList<int> numbers;
    for (std::size_t i = 0; i < std::min<std::size_t>(results, 9); ++i)
        numbers << Qt::Key_1 + static_cast<int>(i);
    const auto work = [this](PictureBar::Work what) {
        return [this, what](KeyPress) { markPicture(static_cast<int>(what)); };
    };
    std::vector<PageKey> table{
        {tr("Space"), tr("play"), {}, {Qt::Key_Space}, [this](KeyPress) { togglePlay(); }},
        {QStringLiteral("← →"),
         tr("frame"),
         tr("frame; Shift: ten"),
         {Qt::Key_Left, Qt::Key_Right},
         [this](KeyPress p) { step(p); }},
        {QStringLiteral(", ."),
         {},
         tr("the sound before, the next one"),
         {Qt::Key_Comma, Qt::Key_Period},
         [this](KeyPress p) { jumpToSound(p.key == Qt::Key_Comma ? -1 : 1); }},
        {tr("Page Up, Page Down"),
         {},
         tr("the repetition before, the next one"),
         {Qt::Key_PageUp, Qt::Key_PageDown},
         [this](KeyPress p) { jumpToRepetition(p.key == Qt::Key_PageUp ? -1 : 1); }},
        {QStringLiteral("+ − 0"),
         {},
         tr("the line nearer, further, whole; the wheel too, with Shift along it"),
         {Qt::Key_Plus, Qt::Key_Minus, Qt::Key_0, Qt::Key_Equal},
         [this](KeyPress p) { zoomLine(p.key); }},
        {QStringLiteral("C"),
         tr("cut"),
         tr("cut: first frame of a repetition, then its last"),
         {Qt::Key_C},
         [this](KeyPress) { cut(); }},
        {QStringLiteral("R"), tr("find"), tr("find repetitions"), {Qt::Key_R}, [this](KeyPress) { find_->click(); }},
        {QStringLiteral("S"),
         tr("split section"),
         tr("split the section here"),
         {Qt::Key_S},
         [this](KeyPress) { side_->splitAt(frame_); }},
        {QStringLiteral("L"),
         tr("length"),
         tr("a known length: the scale"),
         {Qt::Key_L},
         [this](KeyPress) { measureLength(); }},
        {QStringLiteral("V"), {}, tr("something upright"), {Qt::Key_V}, work(PictureBar::Work::Upright)},
        {QStringLiteral("K"), {}, tr("known points"), {Qt::Key_K}, work(PictureBar::Work::Plane)},
        {QStringLiteral("1…%1").arg(results), tr("result"), tr("result of the repetition"), numbers,
         [this](KeyPress p) { side_->setResult(p.key - Qt::Key_1); }, results > 0, results > 0},
        {QStringLiteral("F O"),
         tr("felt right, off"),
         tr("the athlete felt it right, off"),
         {Qt::Key_F, Qt::Key_O},
         [this](KeyPress p) { side_->setFelt(p.key == Qt::Key_F); }},
        {QStringLiteral("T"),
         {},
         tr("next form of the movement"),
         {Qt::Key_T},
         [this](KeyPress) { side_->nextVariant(); }},
        {tr("Del"), tr("remove repetition"), {}, {Qt::Key_Delete}, [this](KeyPress) { side_->removeRepetition(); }},
        {tr("Esc"), {}, tr("leave what was begun"), {Qt::Key_Escape}, leave}};
    if (picture_->active()) { // the rest works on, unsaid
        for (PageKey& row : table)
            row.line.clear();
        table.back().line = tr("done");
        table.insert(table.begin(), {{tr("click"), tr("set a point"), {}}, {tr("drag"), tr("move it"), {}}});
        return table;
    }
    for (PageKey& row : undoRow(workspace()))
        table.push_back(std::move(row));
    return table;
}

void FilmPage::step(KeyPress press) {
    const int by = press.shift ? 10 : 1;
    player_->stop();
    goToFrame(frame_ + (press.key == Qt::Key_Left ? -by : by));
}

void FilmPage::leaveAll() {
    length_->leave();
    picture_->leave();
    backToClip();
    cutStart_.reset();
    timeline_->setCutStart({});
    cut_->setText(tr("Start of a repetition"));
    emit headlineChanged();
}

void FilmPage::forget() {
    player_->stop();
    left_->forget(live_ ? live_->recordingTo() : QString());
    picture_->leave();
    cutStart_.reset();
    timeline_->setCutStart({});
    filling_ = true;
    list_->clear();
    filling_ = false;
    clip_ = {};
    frame_ = 0;
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
    showFilmingList();
    timeline_->setClip(clip(), workspace().repetition());
    showSide();
    goToFrame(frame_);
    filling_ = false;
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
    // Never cut off, and never narrower again, so that the bar stands still while the film runs.
    time_->ensurePolished();
    time_->setMinimumWidth(
        std::max(time_->minimumWidth(), time_->fontMetrics().horizontalAdvance(time_->text()) + 2 * time_->margin()));
    if (shown->missing) {
        stage_->setImage({});
        stage_->setCaption(tr("The clip is not at %1. Put it back there, or find it (on the right).").arg(shown->path),
                           {}, look::dark().athlete);
        return;
    }
    const auto& area = part ? part->picture.area : std::optional<PictureArea>();
    stage_->setArea(area && !(picture_->active() && picture_->work() == PictureBar::Work::Area)
                        ? QRectF(area->left - .5, area->top - .5, area->width, area->height)
                        : QRectF());
    stage_->setSource({shown->path, frame_, part && part->picture.mirrored, false});
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
    picture_->leave();
    stage_->setMarking(true);
    stage_->setLoupe(true);
    length_->start();
    showFigures();
    setFocus();
    emit headlineChanged();
}

void FilmPage::markPicture(int work) {
    if (!section())
        return;
    player_->stop();
    length_->leave();
    stage_->setMarking(true);
    stage_->setLoupe(true);
    picture_->start(static_cast<PictureBar::Work>(work));
    showSide();
    setFocus();
    emit headlineChanged();
}

void FilmPage::endPointing() {
    stage_->setMarking(false);
    stage_->setLoupe(false);
    showFigures();
    setFocus();
    emit headlineChanged();
}

void FilmPage::showFigures() {
    stage_->setFigures(length_->active()    ? length_->figures(frame_)
                       : picture_->active() ? picture_->figures()
                                            : std::vector<StageFigure>());
    if (const Clip* shown = clip())
        stage_->setDrawings(drawingsAt(shown->drawn, frame_, QSizeF(shown->width, shown->height)));
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
    const double speed = speed_->currentData().toDouble();
    player_->play(from, speed);
    if (std::abs(speed - 1) < 1e-6 && !shown->missing) // heard at the speed it was made, or not at all
        sound_->play(shown->path, (*shown->timesS)[static_cast<std::size_t>(from)]);
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
    find_->setEnabled(part != nullptr && !clip()->missing);
    play_->setEnabled(part != nullptr);
    side_->show(clip(), part, frame_);
    if (const Clip* shown = clip())
        picture_->setPicture(frame_, {shown->width, shown->height}, settings::markSigmaPx(shown->height));
    length_->setLengths(part ? part->knownLengths : std::vector<KnownLength>(), clip() ? clip()->height : 0);
    showFigures();
}

void FilmPage::show(const QString& detail) {
    if (detail.startsWith(QLatin1String("add:")))
        addClips(detail.mid(4).split(u'\n'));
    else if (detail == QLatin1String("plan"))
        planCamera();
    else if (detail == QLatin1String("live"))
        openLive();
    else if (detail == QLatin1String("picture"))
        side_->picture()->unfold();
    else if (detail == QLatin1String("points")) {
        side_->picture()->unfold();
        markPicture(static_cast<int>(PictureBar::Work::Plane));
    }
}

void FilmPage::hideEvent(QHideEvent* event) {
    player_->stop();
    // Nobody is filmed behind a page that is not seen; a recording goes on until it is stopped.
    if (!event->spontaneous() && live_ && middle_->currentWidget() == live_ && !live_->recording()) {
        live_->stop();
        middle_->setCurrentWidget(stageSide_);
        side_->setVisible(true);
    }
}

void FilmPage::jumpToRepetition(int by) {
    player_->stop();
    const RepetitionId id = timeline_->repetitionFrom(frame_, by);
    if (!id) {
        workspace().say(tr("No repetition further that way."));
        return;
    }
    workspace().selectRepetition(id);
    if (const Repetition* there = workspace().data().repetition(id))
        goToFrame(there->from);
}

void FilmPage::zoomLine(int key) {
    constexpr double kStep = 2.5;
    if (key == Qt::Key_0)
        timeline_->showWhole();
    else
        timeline_->zoom(key == Qt::Key_Minus ? 1 / kStep : kStep);
}

void FilmPage::jumpToSound(int by) {
    player_->stop();
    if (const auto frame = timeline_->soundFrom(frame_, by))
        goToFrame(*frame);
    else
        workspace().say(timeline_->hasSounds()
                            ? tr("No sudden sound further that way.")
                            : tr("Listen for contacts first (Picture, lens, camera, on the right)."));
}

} // namespace riflesso
