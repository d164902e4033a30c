#include "app/bench/bench_view.h"

#include "app/page.h"
#include "app/theme.h"
#include "media/point_tracker.h"
#include "report/look.h"
#include "report/words.h"

#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

BenchView::BenchView(Workspace& workspace, const QString& name, QWidget* parent)
    : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    stage_ = new StageView;
    stage_->setObjectName(name);
    stage_->setMarking(true);
    stage_->setLoupe(true);
    stage_->setStroking(true);
    layout->addWidget(stage_, 1);
    line_ = label({}, theme::kQuiet);
    line_->setObjectName(name + QStringLiteral("Line"));
    line_->setContentsMargins(14, 4, 14, 4);
    layout->addWidget(line_);
    connect(stage_, &StageView::clicked, this, [this](QPointF pixel) {
        emit pressed();
        if (!isOpen())
            return;
        constexpr std::size_t kMost = 4;
        if (points_.size() == kMost) {
            points_.clear(); // a fifth click starts anew
            circle_ = false;
        }
        points_.push_back({pixel.x(), pixel.y()});
        forgetPath();
        show();
    });
    connect(stage_, &StageView::stroked, this, [this](const QList<QPointF>& pixels) {
        emit pressed();
        if (!isOpen())
            return;
        Stroke stroke;
        stroke.note.frame = frame_;
        stroke.note.kind = DrawnNote::Kind::Stroke;
        for (const QPointF& pixel : pixels)
            stroke.note.points.push_back({pixel.x(), pixel.y()});
        strokes_.push_back(std::move(stroke));
        fading_.start();
        show();
    });
    constexpr int kFadeStepMs = 100;
    fading_.setInterval(kFadeStepMs);
    connect(&fading_, &QTimer::timeout, this, &BenchView::fade);
    connect(stage_, &StageView::markPressed, this, [this] { emit pressed(); });
    const auto drag = [this](const QString& mark, QPointF pixel) {
        const std::size_t index = mark.toUInt() - 1;
        if (index < points_.size()) {
            points_[index] = {pixel.x(), pixel.y()};
            ++asked_;
            show();
        }
    };
    connect(stage_, &StageView::markDragged, this, drag);
    connect(stage_, &StageView::markReleased, this, drag);
    connect(&player_, &Player::frameDue, this, [this](int frame) {
        if (frame > span_.second) {
            player_.play(span_.first, speed_);
            return;
        }
        goTo(frame);
        // The clip's end is the span's end: on from its start.
        if (frame == span_.second && frame + 1 >= static_cast<int>(timesS_->size()))
            player_.play(span_.first, speed_);
    });
    connect(&player_, &Player::stopped, this, &BenchView::playStopped);
}

void BenchView::preview(const QImage& image, const QString& title) {
    if (isOpen())
        return;
    stage_->setImage(image);
    stage_->setCaption(title, tr("reading the clip …"), look::dark().athlete);
}

void BenchView::open(const QString& path, const QString& title, std::shared_ptr<const std::vector<double>> timesS,
                     int height) {
    player_.setTimes(timesS);
    path_ = path;
    title_ = title;
    timesS_ = std::move(timesS);
    height_ = height;
    points_.clear();
    strokes_.clear();
    plumbX_.reset();
    circle_ = false;
    forgetPath();
    span_ = {0, static_cast<int>(timesS_->size()) - 1};
    frame_ = -1;
    goTo(0);
}

double BenchView::timeS() const { return isOpen() ? (*timesS_)[static_cast<std::size_t>(frame_)] : 0; }

void BenchView::goTo(int frame) {
    if (!isOpen())
        return;
    frame_ = std::clamp(frame, 0, static_cast<int>(timesS_->size()) - 1);
    stage_->setSource({path_, frame_, false, false});
    workspace_.requestFrame(path_, frame_, stage_, [this](const QImage& image, int) { stage_->setImage(image); });
    show();
}

void BenchView::play(double speed) {
    if (!isOpen())
        return;
    speed_ = speed;
    const bool inside = frame_ >= span_.first && frame_ < span_.second;
    player_.play(inside ? frame_ : span_.first, speed);
}

void BenchView::markSpanStart() {
    if (!isOpen())
        return;
    span_.first = frame_;
    if (span_.second <= frame_)
        span_.second = static_cast<int>(timesS_->size()) - 1;
    forgetPath();
    show();
}

void BenchView::markSpanEnd() {
    if (!isOpen())
        return;
    span_.second = frame_;
    if (span_.first >= frame_)
        span_.first = 0;
    forgetPath();
    show();
}

void BenchView::forgetPath() {
    followed_.clear();
    ++asked_; // one that is still being followed is of another point, span or clip
}

namespace {
constexpr int kStandsMs = 4000, kFadesMs = 1000; ///< of a stroke that nobody keeps
}

void BenchView::fade() {
    bool fading = false;
    for (Stroke& stroke : strokes_)
        if (!stroke.kept) {
            stroke.ageMs += fading_.interval();
            fading = true;
        }
    std::erase_if(strokes_, [](const Stroke& stroke) { return !stroke.kept && stroke.ageMs > kStandsMs + kFadesMs; });
    if (!fading)
        fading_.stop();
    show();
}

void BenchView::toggleCircle() {
    if (points_.size() != 2) {
        workspace_.say(tr("Two points make a circle: its middle, and a point on it."));
        return;
    }
    circle_ = !circle_;
    show();
}

void BenchView::togglePlumb() {
    if (!isOpen())
        return;
    if (plumbX_)
        plumbX_.reset();
    else
        plumbX_ = points_.empty() ? stage_->image().width() / 2.0 : points_.back().x;
    show();
}

void BenchView::keepStrokes() {
    bool any = false;
    for (Stroke& stroke : strokes_)
        if (!stroke.kept && stroke.note.frame == frame_)
            any = stroke.kept = true;
    workspace_.say(any ? tr("Kept with this picture.") : tr("No stroke on this picture that is not kept already."));
    show();
}

std::vector<DrawnNote> BenchView::drawn() const {
    using Kind = DrawnNote::Kind;
    std::vector<DrawnNote> out;
    constexpr std::size_t kTwo = 2, kThree = 3, kFour = 4;
    if (points_.size() >= kTwo)
        out.push_back({frame_,
                       points_.size() == kFour    ? Kind::TwoLines
                       : points_.size() == kThree ? Kind::Angle
                       : circle_                  ? Kind::Circle
                                                  : Kind::Line,
                       points_});
    if (plumbX_)
        out.push_back({frame_, Kind::Plumb, {{*plumbX_, 0}}});
    for (const Stroke& stroke : strokes_)
        if (stroke.kept)
            out.push_back(stroke.note);
    return out;
}

void BenchView::clearPoints() {
    points_.clear();
    circle_ = false;
    plumbX_.reset();
    strokes_.clear();
    forgetPath();
    show();
}

void BenchView::follow() {
    if (points_.empty()) {
        workspace_.say(tr("Click the point to follow first."));
        return;
    }
    if (frame_ < span_.first || frame_ > span_.second) {
        workspace_.say(tr("The picture shown lies outside the marked span."));
        return;
    }
    const std::string path = path_.toStdString();
    const int from = span_.first, to = span_.second;
    const int number = ++asked_;
    const TrackSeed seed{"point", frame_, points_.back(), sigmaPx()};
    workspace_.start<TrackedPath>(
        tr("Following the point"), this, Workspace::ofProgram().newest(QStringLiteral("path")),
        [path, from, to, seed](JobControl& control) -> Result<TrackedPath> {
            const auto reader = ClipReader::open(path);
            if (!reader)
                return reader.error();
            auto tracked = trackPoints([&](int at) { return (*reader)->frame(at); }, from, to, {seed},
                                       [&](double share) { return control.goOn(share); });
            if (!tracked)
                return tracked.error();
            return tracked->at("point");
        },
        [this, number](const Result<TrackedPath>& result) {
            if (number != asked_)
                return;
            if (!result) {
                if (result.error().kind != Error::Kind::Cancelled)
                    workspace_.say(words::text(result.error().sentence()), true);
                return;
            }
            followed_.clear();
            for (const TrackedPoint& point : *result)
                if (point.status != TrackedPoint::Status::Lost)
                    followed_.emplace_back(point.frame, point.at);
            if (followed_.size() < result->size())
                workspace_.say(tr("Lost in %1 of %2 pictures: the path has a gap there.")
                                   .arg(result->size() - followed_.size())
                                   .arg(result->size()));
            show();
        });
}

void BenchView::setActive(bool active) {
    active_ = active;
    show();
}

void BenchView::show() {
    if (!isOpen()) {
        stage_->setCaption(tr("Open a clip, or drop one here"), {}, look::dark().athlete);
        line_->clear();
        return;
    }
    StageFigure points;
    points.colour = look::dark().athlete;
    for (std::size_t i = 0; i < points_.size(); ++i) {
        points.marks[std::to_string(i + 1)] = {points_[i].x, points_[i].y};
        constexpr std::size_t kTwoLines = 4;
        if (i > 0 && !circle_ && (points_.size() < kTwoLines || i % 2 == 1))
            points.lines.emplace_back(std::to_string(i), std::to_string(i + 1));
    }
    StageFigure path;
    path.colour = look::dark().athlete;
    path.dots = false;
    for (std::size_t i = 0; i < followed_.size(); ++i) {
        path.marks[std::to_string(followed_[i].first)] = {followed_[i].second.x, followed_[i].second.y};
        if (i > 0 && followed_[i].first == followed_[i - 1].first + 1)
            path.lines.emplace_back(std::to_string(followed_[i - 1].first), std::to_string(followed_[i].first));
    }
    stage_->setFigures({points, path});
    const QSizeF size = stage_->image().size();
    std::vector<StageDrawing> drawings;
    const auto add = [&](const DrawnNote& note, double opacity) {
        for (StageDrawing& drawing : drawingsOf(note, size)) {
            drawing.opacity = opacity;
            drawings.push_back(std::move(drawing));
        }
    };
    if (circle_ && points_.size() == 2)
        add({frame_, DrawnNote::Kind::Circle, points_}, 1);
    if (plumbX_)
        add({frame_, DrawnNote::Kind::Plumb, {{*plumbX_, 0}}}, 1);
    for (const Stroke& stroke : strokes_)
        if (!stroke.kept || stroke.note.frame == frame_)
            add(stroke.note, stroke.kept ? 1 : std::clamp(1 - double(stroke.ageMs - kStandsMs) / kFadesMs, 0.0, 1.0));
    stage_->setDrawings(std::move(drawings));
    stage_->setCaption(title_, active_ ? tr("keys act here") : QString(), look::dark().athlete);
    const bool whole = span_.first == 0 && span_.second + 1 == static_cast<int>(timesS_->size());
    line_->setText(tr("frame %1 of %2 · %3 s%4")
                       .arg(frame_)
                       .arg(timesS_->size())
                       .arg(words::number(timeS(), 3))
                       .arg(whole ? QString() : tr(" · span %1 to %2").arg(span_.first).arg(span_.second)));
    emit changed();
}

} // namespace riflesso
