#include "app/handover/film_panel.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/voice_recorder.h"
#include "takehome/clip_pictures.h"
#include "takehome/film_painter.h"
#include "takehome/take_home_film.h"

#include <QHBoxLayout>
#include <QListWidget>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSlider>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <utility>

namespace riflesso {
namespace {

constexpr int kTickMs = 33;

QSize pictureIn(const QSize& room) { return QSize(16, 9).scaled(room, Qt::KeepAspectRatio); }

} // namespace

void FilmView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const QRect room(QPoint(0, 0), pictureIn(size()));
    const QRect where = room.translated((width() - room.width()) / 2, (height() - room.height()) / 2);
    painter.fillRect(where, look::dark().stage);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!image_.isNull())
        painter.drawImage(where, image_);
}

FilmPanel::FilmPanel(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(8);
    view_ = new FilmView;
    view_->setObjectName(QStringLiteral("filmPicture"));
    view_->setAccessibleName(tr("The film"));
    view_->setMinimumSize(320, 180);
    layout->addWidget(view_, 1);
    auto* bar = new QHBoxLayout;
    play_ = new QPushButton(tr("Play"));
    play_->setObjectName(QStringLiteral("playFilm"));
    bar->addWidget(play_);
    slider_ = new QSlider(Qt::Horizontal);
    slider_->setAccessibleName(tr("Place in the film"));
    bar->addWidget(slider_, 1);
    time_ = label({}, theme::kQuiet);
    time_->setWordWrap(false);
    bar->addWidget(time_);
    layout->addLayout(bar);
    layout->addWidget(label(tr("PARTS"), theme::kHeading));
    auto* row = new QHBoxLayout;
    parts_ = new QListWidget;
    parts_->setObjectName(QStringLiteral("filmParts"));
    parts_->setAccessibleName(tr("Parts of the film"));
    parts_->setFixedHeight(140);
    row->addWidget(parts_, 1);
    auto* order = new QVBoxLayout;
    up_ = new QPushButton(tr("Earlier"));
    up_->setObjectName(QStringLiteral("partUp"));
    down_ = new QPushButton(tr("Later"));
    down_->setObjectName(QStringLiteral("partDown"));
    order->addWidget(up_);
    order->addWidget(down_);
    order->addStretch();
    remove_ = new QPushButton(tr("Remove…"));
    remove_->setObjectName(QStringLiteral("removeFilm"));
    remove_->hide();
    order->addWidget(remove_);
    connect(remove_, &QPushButton::clicked, this, [this] {
        if (std::exchange(askedTwice_, true))
            emit removeAsked();
        else
            remove_->setText(tr("For good?"));
    });
    row->addLayout(order);
    layout->addLayout(row);
    said_ = new QPlainTextEdit;
    said_->setTabChangesFocus(true);
    said_->setFixedHeight(62);
    said_->setObjectName(QStringLiteral("partSaid"));
    said_->setAccessibleName(tr("What is said in this part"));
    said_->setPlaceholderText(tr("This part has no sentence of its own."));
    layout->addWidget(said_);

    ticks_.setInterval(kTickMs);
    connect(&ticks_, &QTimer::timeout, this, &FilmPanel::tick);
    connect(play_, &QPushButton::clicked, this, &FilmPanel::playOrPause);
    connect(slider_, &QSlider::valueChanged, this, [this](int value) {
        if (!filling_)
            goTo(value);
    });
    connect(parts_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        if (filling_)
            return;
        const auto index = static_cast<std::size_t>(parts_->row(item));
        film_.parts[index].shown = item->checkState() == Qt::Checked;
        rebuild();
        emit edited();
    });
    connect(parts_, &QListWidget::currentRowChanged, this, [this](int index) {
        if (filling_ || index < 0)
            return;
        showSaid();
        int first = 0;
        for (int i = 0; i < index; ++i)
            for (const FilmScene& scene : film_.parts[static_cast<std::size_t>(i)].scenes)
                first += film_.parts[static_cast<std::size_t>(i)].shown ? scene.pictures : 0;
        if (film_.parts[static_cast<std::size_t>(index)].shown)
            goTo(first);
    });
    connect(up_, &QPushButton::clicked, this, [this] { move(-1); });
    connect(down_, &QPushButton::clicked, this, [this] { move(1); });
    connect(said_, &QPlainTextEdit::textChanged, this, [this] {
        const int index = parts_->currentRow();
        if (filling_ || index < 0)
            return;
        FilmPart& part = film_.parts[static_cast<std::size_t>(index)];
        if (part.said < 0)
            return;
        part.scenes[static_cast<std::size_t>(part.said)].sentence = said_->toPlainText();
        rebuild();
        emit edited();
    });
}

void FilmPanel::setFilm(Film film) {
    if (film.pictures() > 0 && saysTheSame(film, made_))
        return;
    stop();
    made_ = film;
    film_ = std::move(film);
    at_ = 0;
    source_ = clipPictures();
    painting_ = false;
    showParts();
    rebuild();
}

void FilmPanel::setWish(const FaceWish& faces, const QStringList& hiddenNames, const SeenHeads& heads) {
    faces_ = faces;
    hiddenNames_ = hiddenNames;
    heads_ = heads;
    rebuild();
}

void FilmPanel::rebuild() {
    auto made = std::make_shared<Film>(film_);
    coverFaces(*made, faces_);
    useHeads(*made, heads_);
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
        int pictures = 0;
        for (const FilmScene& scene : part.scenes)
            pictures += scene.pictures;
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
    const FilmPart* part = index >= 0 ? &film_.parts[static_cast<std::size_t>(index)] : nullptr;
    const bool said = part && part->said >= 0;
    said_->setEnabled(said);
    const bool was = filling_;
    filling_ = true;
    said_->setPlainText(said ? part->scenes[static_cast<std::size_t>(part->said)].sentence : QString());
    filling_ = was;
    up_->setEnabled(index > 0);
    down_->setEnabled(index >= 0 && index + 1 < parts_->count());
}

void FilmPanel::move(int by) {
    const int index = parts_->currentRow(), other = index + by;
    if (index < 0 || other < 0 || other >= parts_->count())
        return;
    std::swap(film_.parts[static_cast<std::size_t>(index)], film_.parts[static_cast<std::size_t>(other)]);
    filling_ = true;
    parts_->setCurrentRow(other);
    filling_ = false;
    showParts();
    rebuild();
    emit edited();
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
    const double wanted = ticks_.isActive() ? shown_->voiceAtS(at_) : -1;
    constexpr double kApartS = .25;
    if (wanted < 0) {
        sound_.stop();
        soundS_ = -1;
        return;
    }
    const double expected = soundS_ < 0 ? -1 : soundS_ + static_cast<double>(soundClock_.elapsed()) / 1000;
    if (expected >= 0 && std::abs(expected - wanted) < kApartS)
        return;
    (void)sound_.play(shown_->voice, wanted);
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
    const int next = playedFrom_ + static_cast<int>(clock_.elapsed() * shown_->rate / 1000);
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
    workspace_.start<QImage>(
        tr("A picture of the film"), this, workspace_.ofCase().newest(QStringLiteral("film picture")),
        [film = shown_, at = at_, size, source = source_](JobControl&) -> Result<QImage> {
            QImage image(size, QImage::Format_RGB32);
            paintFilm(image, *film, at, source);
            return image;
        },
        [this, film = shown_](const Result<QImage>& image) {
            painting_ = false;
            if (image)
                view_->setPicture(*image);
            if (asked_ != at_ || film != shown_)
                paintPicture();
        },
        Pace::Quick);
}

void FilmPanel::resizeEvent(QResizeEvent*) { paintPicture(); }
void FilmPanel::showEvent(QShowEvent*) { paintPicture(); }
void FilmPanel::hideEvent(QHideEvent*) { stop(); }

} // namespace riflesso
