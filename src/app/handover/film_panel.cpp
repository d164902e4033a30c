#include "app/handover/film_panel.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/voice_recorder.h"
#include "report/words.h"
#include "takehome/clip_pictures.h"
#include "takehome/film_painter.h"
#include "takehome/take_home_film.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSlider>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <utility>

namespace riflesso {
namespace {

constexpr int kTickMs = 33, kWordsWaitMs = 500;

QSize pictureIn(const QSize& room) { return QSize(16, 9).scaled(room, Qt::KeepAspectRatio); }

QPushButton* namedButton(const char* name, const QString& text) {
    auto* out = new QPushButton(text);
    out->setObjectName(QLatin1String(name));
    return out;
}

int picturesOf(const FilmPart& part) {
    int out = 0;
    for (const FilmScene& scene : part.scenes)
        out += scene.pictures;
    return out;
}

} // namespace

FilmPanel::FilmPanel(Workspace& workspace, QWidget* parent)
    : QWidget(parent), workspace_(workspace), spokenAgain_(this) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(8);
    view_ = new FilmView;
    view_->setObjectName(QStringLiteral("filmPicture"));
    view_->setAccessibleName(tr("The film"));
    view_->setMinimumSize(320, 180);
    layout->addWidget(view_, 1);
    auto* bar = new QHBoxLayout;
    play_ = namedButton("playFilm", tr("Play"));
    bar->addWidget(play_);
    slider_ = new QSlider(Qt::Horizontal);
    slider_->setAccessibleName(tr("Place in the film"));
    bar->addWidget(slider_, 1);
    time_ = label({}, theme::kQuiet);
    time_->setWordWrap(false);
    bar->addWidget(time_);
    coverOther_ = namedButton("coverOther", tr("Cover somebody else"));
    coverOther_->setToolTip(
        tr("Then drag a box over their head on the picture: it is followed, and covers them wherever "
           "others are covered."));
    coverOther_->setCheckable(true);
    gone_ = namedButton("otherGone", tr("Gone here"));
    gone_->setToolTip(tr("From this picture on nobody else is there any more."));
    there_ = namedButton("lookThere", tr("Look there (L)"));
    there_->setToolTip(tr("Opens this frame on Mark. Coming back the film goes on where it is."));
    bar->addWidget(there_);
    bar->addWidget(coverOther_);
    bar->addWidget(gone_);
    layout->addLayout(bar);
    layout->addWidget(label(tr("PARTS"), theme::kHeading));
    layout->addWidget(buildPartRow());
    said_ = new QPlainTextEdit;
    said_->setTabChangesFocus(true);
    said_->setFixedHeight(62);
    said_->setObjectName(QStringLiteral("partSaid"));
    said_->setAccessibleName(tr("What is said in this part"));
    said_->setPlaceholderText(tr("This part has no sentence of its own."));
    layout->addWidget(said_);

    ticks_.setInterval(kTickMs);
    wordsWait_.setSingleShot(true);
    wordsWait_.setInterval(kWordsWaitMs);
    connect(&ticks_, &QTimer::timeout, this, &FilmPanel::tick);
    connect(play_, &QPushButton::clicked, this, &FilmPanel::playOrPause);
    connect(slider_, &QSlider::valueChanged, this, [this](int value) {
        if (!filling_)
            goTo(value);
    });
    connect(coverOther_, &QPushButton::toggled, this, [this](bool on) {
        stop();
        view_->setBoxing(on);
    });
    connect(there_, &QPushButton::clicked, this, &FilmPanel::lookThere);
    connect(view_, &FilmView::boxDrawn, this, &FilmPanel::cover);
    connect(gone_, &QPushButton::clicked, this, [this] {
        stop();
        for (const PaintedStage& stage : placed_)
            emit coverDrawn(stage.clipPath, stage.frame, {});
    });
    connectParts();
}

QWidget* FilmPanel::buildPartRow() {
    auto* out = new QWidget;
    auto* row = new QHBoxLayout(out);
    row->setContentsMargins(0, 0, 0, 0);
    parts_ = new QListWidget;
    parts_->setObjectName(QStringLiteral("filmParts"));
    parts_->setAccessibleName(tr("Parts of the film"));
    parts_->setFixedHeight(140);
    row->addWidget(parts_, 1);
    auto* own = new QVBoxLayout; // of a walk-through
    name_ = new QLineEdit;
    name_->setObjectName(QStringLiteral("partName"));
    name_->setAccessibleName(tr("Name of this part"));
    name_->setFixedWidth(160);
    cutHere_ = namedButton("cutHere", tr("Cut here (C)"));
    again_ = namedButton("sayAgain", tr("Say again…"));
    asFirstSaid_ = namedButton("asFirstSaid", tr("As first said"));
    for (QWidget* each : std::initializer_list<QWidget*>{name_, cutHere_, again_, asFirstSaid_}) {
        own->addWidget(each);
        each->hide();
    }
    own->addStretch();
    row->addLayout(own);
    auto* order = new QVBoxLayout;
    up_ = namedButton("partUp", tr("Earlier"));
    down_ = namedButton("partDown", tr("Later"));
    order->addWidget(up_);
    order->addWidget(down_);
    order->addStretch();
    remove_ = namedButton("removeFilm", tr("Remove…"));
    remove_->hide();
    order->addWidget(remove_);
    row->addLayout(order);
    return out;
}

void FilmPanel::connectParts() {
    connect(remove_, &QPushButton::clicked, this, [this] {
        if (std::exchange(askedTwice_, true))
            emit removeAsked();
        else
            remove_->setText(tr("For good?"));
    });
    connect(parts_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        if (!filling_)
            edit({PartEdit::Kind::Show, parts_->row(item), item->checkState() == Qt::Checked, 0, 0, {}, 0});
    });
    connect(parts_, &QListWidget::currentRowChanged, this, [this](int index) {
        if (filling_ || index < 0)
            return;
        keepWords();
        showSaid();
        if (film_.parts[static_cast<std::size_t>(index)].shown)
            goTo(firstOf(index));
    });
    connect(up_, &QPushButton::clicked, this, [this] { move(-1); });
    connect(down_, &QPushButton::clicked, this, [this] { move(1); });
    connect(cutHere_, &QPushButton::clicked, this, &FilmPanel::cutHere);
    connect(again_, &QPushButton::clicked, this, &FilmPanel::sayAgain);
    connect(asFirstSaid_, &QPushButton::clicked, this, [this] {
        edit({PartEdit::Kind::SaidAgain, parts_->currentRow(), true, 0, 0, {}, 0});
    });
    connect(name_, &QLineEdit::editingFinished, this, [this] {
        if (const FilmPart* chosen = part(); chosen && name_->text().trimmed() != chosen->title)
            edit({PartEdit::Kind::Name, parts_->currentRow(), true, 0, 0, name_->text(), 0});
    });
    connect(&spokenAgain_, &SpokenAgain::failed, this, [this](const QString& why) {
        stop();
        workspace_.say(why, true);
        showSaid();
    });
    connect(&wordsWait_, &QTimer::timeout, this, &FilmPanel::keepWords);
    connect(said_, &QPlainTextEdit::textChanged, this, [this] {
        if (filling_ || !part())
            return;
        wordsOf_ = parts_->currentRow();
        if (keep_)
            wordsWait_.start();
        else
            keepWords();
    });
}

void FilmPanel::setKept(std::function<void(const PartEdit&)> keep, std::function<QString()> nextAgain) {
    keep_ = std::move(keep);
    nextAgain_ = std::move(nextAgain);
    for (QWidget* each : std::initializer_list<QWidget*>{name_, cutHere_, again_})
        each->show();
    said_->setPlaceholderText(tr("Words that stand below the pictures of this part."));
}

const FilmPart* FilmPanel::part() const {
    const int index = parts_->currentRow();
    return index >= 0 && static_cast<std::size_t>(index) < film_.parts.size()
               ? &film_.parts[static_cast<std::size_t>(index)]
               : nullptr;
}

int FilmPanel::firstOf(int index) const {
    int first = 0;
    for (int i = 0; i < index; ++i)
        if (const FilmPart& before = film_.parts[static_cast<std::size_t>(i)]; before.shown)
            first += picturesOf(before);
    return first;
}

void FilmPanel::edit(const PartEdit& edit) {
    if (edit.kind != PartEdit::Kind::Say)
        keepWords();
    if (edit.part < 0 || static_cast<std::size_t>(edit.part) >= film_.parts.size())
        return;
    if (keep_) {
        keep_(edit); // and gives the film anew
        return;
    }
    FilmPart& part = film_.parts[static_cast<std::size_t>(edit.part)];
    if (edit.kind == PartEdit::Kind::Show)
        part.shown = edit.on;
    else if (edit.kind == PartEdit::Kind::Move)
        std::swap(part, film_.parts[static_cast<std::size_t>(edit.part + edit.by)]);
    else if (edit.kind == PartEdit::Kind::Say && part.said >= 0)
        part.scenes[static_cast<std::size_t>(part.said)].sentence = edit.words;
    else
        return;
    if (edit.kind == PartEdit::Kind::Move)
        showParts();
    rebuild();
    emit edited();
}

void FilmPanel::keepWords() {
    wordsWait_.stop();
    if (const int of = std::exchange(wordsOf_, -1); of >= 0)
        edit({PartEdit::Kind::Say, of, true, 0, 0, said_->toPlainText(), 0});
}

void FilmPanel::cutHere() {
    int at = at_;
    for (std::size_t i = 0; keep_ && i < film_.parts.size(); ++i) {
        const int pictures = film_.parts[i].shown ? picturesOf(film_.parts[i]) : 0;
        if (at < pictures) {
            edit({PartEdit::Kind::CutAt, static_cast<int>(i), true, 0, at, {}, 0});
            return;
        }
        at -= pictures;
    }
}

/// The part's pictures pass once more while it is spoken to; the last one stands until it is ended.
void FilmPanel::sayAgain() {
    const int index = parts_->currentRow();
    if (spokenAgain_.recording()) {
        const auto seconds = spokenAgain_.finish();
        stop();
        if (!seconds)
            workspace_.say(words::text(seconds.error().sentence()), true);
        else
            edit({PartEdit::Kind::SaidAgain, index, true, 0, 0, QFileInfo(againPath_).fileName(), *seconds});
        showSaid();
        return;
    }
    if (!part() || !part()->shown || !nextAgain_)
        return;
    keepWords();
    stop();
    againPath_ = nextAgain_();
    if (const QString why = spokenAgain_.start(againPath_); !why.isEmpty()) {
        workspace_.say(why, true);
        return;
    }
    playedFrom_ = firstOf(index);
    goTo(playedFrom_);
    clock_.start();
    ticks_.start();
    showSaid();
}

void FilmPanel::lookThere() {
    stop();
    const auto own =
        std::find_if(placed_.begin(), placed_.end(), [](const PaintedStage& stage) { return !stage.ofModel; });
    if (own != placed_.end())
        emit leaveFor(own->clipPath, own->frame);
}

void FilmPanel::cover(const QRectF& shares) {
    coverOther_->setChecked(false);
    const QSizeF size = view_->picture().size();
    const QRectF box(shares.x() * size.width(), shares.y() * size.height(), shares.width() * size.width(),
                     shares.height() * size.height());
    for (const PaintedStage& stage : placed_)
        if (stage.where.contains(box.center())) {
            emit coverDrawn(stage.clipPath, stage.frame, stage.toClip.mapRect(box));
            return;
        }
    workspace_.say(tr("Draw the box on a filmed picture."));
}

void FilmPanel::setFilm(Film film) {
    if (film.pictures() > 0 && saysTheSame(film, made_))
        return;
    stop();
    made_ = film;
    film_ = std::move(film);
    if (!keep_)
        at_ = 0; // else it is the same one, corrected
    source_ = clipPictures();
    painting_ = false;
    showParts();
    rebuild();
}

void FilmPanel::setWish(const FaceWish& faces, const QStringList& hiddenNames, const SeenHeads& heads,
                        const OthersSeen& others) {
    faces_ = faces;
    hiddenNames_ = hiddenNames;
    heads_ = heads;
    others_ = others;
    rebuild();
}

void FilmPanel::rebuild() {
    auto made = std::make_shared<Film>(film_);
    coverFaces(*made, faces_);
    useHeads(*made, heads_);
    useOthers(*made, others_, faces_.others);
    leaveOutNames(*made, hiddenNames_);
    shown_ = std::move(made);
    const bool was = filling_;
    filling_ = true;
    slider_->setRange(0, std::max(0, shown_->pictures() - 1));
    slider_->setPageStep(shown_->rate * 5);
    filling_ = was;
    goTo(at_);
}

void FilmPanel::showParts() {
    filling_ = true;
    const int index = std::max(0, parts_->currentRow());
    parts_->clear();
    for (const FilmPart& part : film_.parts) {
        const int pictures = picturesOf(part);
        auto* item = new QListWidgetItem(
            QStringLiteral("%1  ·  %2 s").arg(part.title).arg((pictures + film_.rate / 2) / film_.rate), parts_);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(part.shown ? Qt::Checked : Qt::Unchecked);
    }
    parts_->setCurrentRow(std::min(index, parts_->count() - 1));
    filling_ = false;
    showSaid();
}

void FilmPanel::showSaid() {
    const int index = parts_->currentRow();
    const FilmPart* chosen = part();
    const bool speaking = spokenAgain_.recording(), said = chosen && (keep_ || chosen->said >= 0);
    const QString words = !said   ? QString()
                          : keep_ ? chosen->caption
                                  : chosen->scenes[static_cast<std::size_t>(chosen->said)].sentence;
    const bool was = filling_;
    filling_ = true;
    if (wordsOf_ != index && said_->toPlainText() != words)
        said_->setPlainText(words);
    if (chosen && !name_->hasFocus())
        name_->setText(chosen->title);
    filling_ = was;
    said_->setEnabled(said && !speaking);
    for (QWidget* each : std::initializer_list<QWidget*>{parts_, name_, cutHere_, slider_, play_})
        each->setEnabled(!speaking);
    again_->setEnabled(chosen && chosen->shown);
    again_->setText(speaking ? tr("Stop") : tr("Say again…"));
    asFirstSaid_->setVisible(keep_ && chosen && chosen->voice.contains(QStringLiteral("/again-")));
    up_->setEnabled(index > 0 && !speaking);
    down_->setEnabled(index >= 0 && index + 1 < parts_->count() && !speaking);
}

void FilmPanel::move(int by) {
    const int index = parts_->currentRow(), other = index + by;
    if (index < 0 || other < 0 || other >= parts_->count())
        return;
    keepWords();
    filling_ = true;
    parts_->setCurrentRow(other);
    filling_ = false;
    edit({PartEdit::Kind::Move, index, true, by, 0, {}, 0});
}

void FilmPanel::goTo(int picture) {
    at_ = std::clamp(picture, 0, std::max(0, shown_->pictures() - 1));
    filling_ = true;
    slider_->setValue(at_);
    filling_ = false;
    time_->setText(
        tr("%1 of %2").arg(spokenLength(static_cast<double>(at_) / shown_->rate), spokenLength(shown_->seconds())));
    paintPicture();
}

void FilmPanel::setRemovable(bool removable) { remove_->setVisible(removable); }

/// The voice goes with the picture; where a part is left out or moved it leaps.
void FilmPanel::hear() {
    const double wanted = ticks_.isActive() && !spokenAgain_.recording() ? shown_->voiceAtS(at_) : -1;
    constexpr double kApartS = .25;
    if (wanted < 0) {
        sound_.stop();
        soundS_ = -1;
        return;
    }
    const double expected = soundS_ < 0 ? -1 : soundS_ + static_cast<double>(soundClock_.elapsed()) / 1000;
    const QString voice = shown_->place(at_).part->voice;
    if (expected >= 0 && voice == heard_ && std::abs(expected - wanted) < kApartS)
        return;
    (void)sound_.play(voice, wanted);
    heard_ = voice;
    soundS_ = wanted;
    soundClock_.start();
}

void FilmPanel::goToPart(int index) {
    if (index < 0 || index >= parts_->count())
        return;
    parts_->setCurrentRow(index);
    const FilmPart& part = film_.parts[static_cast<std::size_t>(index)];
    int on = 0;
    for (int i = 0; i < part.said; ++i)
        on += part.scenes[static_cast<std::size_t>(i)].pictures;
    if (part.said >= 0)
        goTo(at_ + on + part.scenes[static_cast<std::size_t>(part.said)].pictures - 1);
}

void FilmPanel::step(int pictures) {
    stop();
    goTo(at_ + pictures);
}

void FilmPanel::playOrPause() {
    if (ticks_.isActive()) {
        stop();
        return;
    }
    if (shown_->pictures() == 0)
        return;
    playedFrom_ = at_ + 1 >= shown_->pictures() ? 0 : at_;
    clock_.start();
    ticks_.start();
    hear();
    play_->setText(tr("Pause"));
}

void FilmPanel::stop() {
    ticks_.stop();
    hear();
    play_->setText(tr("Play"));
}

void FilmPanel::tick() {
    int next = playedFrom_ + static_cast<int>(clock_.elapsed() * shown_->rate / 1000);
    if (spokenAgain_.recording()) {
        next = std::min(next, playedFrom_ + (part() ? picturesOf(*part()) : 1) - 1);
        again_->setText(tr("Stop at %1").arg(spokenLength(spokenAgain_.seconds())));
    }
    if (next >= shown_->pictures()) {
        stop();
        goTo(shown_->pictures() - 1);
    } else if (next != at_) {
        goTo(next);
        hear();
    }
}

void FilmPanel::paintPicture() {
    if (!isVisible() || painting_ || shown_->pictures() == 0)
        return; // the next one is asked for when this one is there
    constexpr int kWidest = 1280;
    const QSize room = pictureIn(view_->size() * devicePixelRatioF());
    const QSize size = room.width() > kWidest ? QSize(kWidest, kWidest * 9 / 16) : room;
    if (size.isEmpty())
        return;
    painting_ = true;
    asked_ = at_;
    struct Painted {
        QImage image;
        std::vector<PaintedStage> placed;
    };
    workspace_.start<Painted>(
        tr("A picture of the film"), this, workspace_.ofCase().newest(QStringLiteral("film picture")),
        [film = shown_, at = at_, size, source = source_](JobControl&) -> Result<Painted> {
            Painted out{QImage(size, QImage::Format_RGB32), {}};
            paintFilm(out.image, *film, at, source, &out.placed);
            return out;
        },
        [this, film = shown_](const Result<Painted>& painted) {
            painting_ = false;
            if (painted) {
                view_->setPicture(painted->image);
                placed_ = painted->placed;
                coverOther_->setEnabled(!placed_.empty());
                gone_->setEnabled(!placed_.empty());
                there_->setEnabled(!placed_.empty());
            }
            if (asked_ != at_ || film != shown_)
                paintPicture();
        },
        Pace::Quick);
}

void FilmPanel::resizeEvent(QResizeEvent*) { paintPicture(); }
void FilmPanel::showEvent(QShowEvent*) { paintPicture(); }
void FilmPanel::hideEvent(QHideEvent*) {
    keepWords();
    if (spokenAgain_.recording())
        sayAgain(); // what was said is kept
    stop();
}

} // namespace riflesso
