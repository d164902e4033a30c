#include "app/walk/walk_recorder.h"

#include "app/mirror/wall.h"
#include "app/widgets/stage_view.h"
#include "app/widgets/voice_recorder.h"
#include "report/words.h"
#include "store/spoken_sound.h"
#include "takehome/take_home_film.h"

#include <QCursor>
#include <QListWidget>
#include <QTextDocumentFragment>

#include <cmath>

namespace riflesso {
namespace {

constexpr int kEveryMs = 40;
constexpr double kLongestTalkS = 3600, kTakenBackS = 10;

WalkStage stageOf(const StageView& view, const CaseData& data) {
    WalkStage out;
    out.clipPath = view.source().clipPath;
    out.clipHash = clipHashAt(data, out.clipPath);
    out.frame = view.source().frame;
    out.turnedOver = view.source().turnedOver;
    out.ofModel = view.source().ofModel;
    out.mirrored = view.transform().mirrored;
    const QRectF part = view.seenPart();
    out.part = QRectF(std::round(part.x()), std::round(part.y()), std::round(part.width()), std::round(part.height()));
    out.caption = view.caption();
    if (!view.figures().empty()) {
        out.marks = view.figures().front().marks;
        out.lines = view.figures().front().lines;
    }
    out.shape = view.shape();
    out.value = view.shape() ? view.shapeValue() : QString();
    out.drawn = view.strokes();
    if (view.underMouse())
        if (const QPointF at = view.transform().toPixel(view.mapFromGlobal(QPointF(QCursor::pos()))); part.contains(at))
            out.pointer = QPointF(std::round(at.x()), std::round(at.y()));
    return out;
}

WalkStage stageOf(const WallTile& tile, int frame, const Workspace& workspace) {
    WalkStage out;
    out.clipPath = tile.clipPath;
    out.clipHash = clipHashAt(workspace.data(), tile.clipPath);
    out.frame = frame;
    out.turnedOver = workspace.turnedOver(tile.clipPath, frame);
    out.mirrored = tile.mirrored;
    out.ofModel = tile.isModel;
    out.part = tile.box;
    out.caption = tile.title;
    out.value = tile.value;
    return out;
}

} // namespace

WalkRecorder::WalkRecorder(Workspace& workspace, std::function<InFront()> inFront, QObject* parent)
    : QObject(parent), workspace_(workspace), inFront_(std::move(inFront)) {
    ticks_.setInterval(kEveryMs);
    connect(&ticks_, &QTimer::timeout, this, &WalkRecorder::tick);
    connect(&workspace, &Workspace::closed, this, [this] {
        if (recording())
            end();
    });
}

WalkRecorder::~WalkRecorder() {
    if (voice_)
        (void)voice_->finish();
}

double WalkRecorder::seconds() const {
    if (voice_)
        return static_cast<double>(samples_) / kVoiceHz;
    return beforeS_ + (ticks_.isActive() ? static_cast<double>(clock_.elapsed()) / 1000 : 0);
}

void WalkRecorder::toggle() { recording() ? end() : begin(); }

void WalkRecorder::pause() {
    if (!recording())
        return;
    if (ticks_.isActive()) {
        tick();
        beforeS_ = seconds();
        ticks_.stop();
        microphone_.stop();
    } else {
        clock_.start();
        if (voice_)
            (void)microphone_.start();
        ticks_.start();
    }
    emit changed();
}

void WalkRecorder::takeBack() {
    if (!recording())
        return;
    if (ticks_.isActive())
        tick();
    if (!recording())
        return;
    const double now = seconds(), back = std::min(kTakenBackS, now);
    if (const auto written = score_->takeBack(now, back); !written)
        return failed(written.error());
    workspace_.say(tr("The last %1 seconds are left out: say them again.").arg(std::lround(back)));
}

void WalkRecorder::begin() {
    if (!workspace_.hasCase() || !workspace_.data().session(workspace_.session())) {
        workspace_.say(tr("A walk-through belongs to a session of an athlete: open a case first."), true);
        return;
    }
    if (!workspace_.library()->onlyShown().isEmpty()) {
        workspace_.say(tr("This library is only shown: nothing can be recorded in it."), true);
        return;
    }
    const Session& session = *workspace_.data().session(workspace_.session());
    auto score = WalkScore::begin(workspace_.library()->folder(), QString::fromStdString(session.uid),
                                  tr("%1, %2").arg(workspace_.data().athlete.name, session.title));
    if (!score)
        return failed(score.error());
    score_ = std::move(*score);
    case_ = workspace_.data().id;
    samples_ = 0;
    beforeS_ = 0;
    any_ = false;
    lastSecond_ = -1;
    if (const QString why = microphone_.start(); !why.isEmpty()) {
        workspace_.say(why + u' ' + tr("It is recorded without a voice."));
    } else {
        auto voice = VoiceWriter::create(score_->voicePath().toStdString());
        if (!voice)
            return failed(voice.error());
        voice_ = std::move(*voice);
    }
    clock_.start();
    ticks_.start();
    tick();
    emit changed();
}

void WalkRecorder::end() {
    if (ticks_.isActive())
        tick();
    if (recording()) // the last tick may have failed, or found another athlete
        finish(seconds());
}

void WalkRecorder::finish(double length) {
    ticks_.stop();
    microphone_.stop();
    const auto lasts = score_->lasts(length);
    const auto packed = lasts ? score_->pack() : Result<void>();
    const auto finished = voice_ ? voice_->finish() : Result<void>();
    voice_.reset();
    score_.reset();
    for (const auto* done : {&lasts, &packed, &finished})
        if (!*done)
            workspace_.say(words::text(done->error().sentence()), true);
    workspace_.say(
        tr("Kept: a walk-through of %1. Hand-over shows it and writes it as a film.").arg(spokenLength(length)));
    emit changed();
    emit kept();
}

void WalkRecorder::failed(const Error& error) {
    ticks_.stop();
    microphone_.stop();
    voice_.reset();
    score_.reset();
    workspace_.say(words::text(error.sentence()), true);
    emit changed();
}

WalkMoment WalkRecorder::now() const {
    WalkMoment out;
    const InFront front = inFront_();
    out.page = front.id;
    out.title = front.title;
    if (!front.page)
        return out;
    for (const StageView* view : front.page->findChildren<StageView*>())
        if (view->isVisible() && view->source().frame >= 0 && out.stages.size() < 2)
            out.stages.push_back(stageOf(*view, workspace_.data()));
    for (const Wall* wall : front.page->findChildren<Wall*>())
        for (std::size_t i = 0; wall->isVisible() && i < std::min(wall->tiles().size(), kMostOnWall); ++i) {
            const WallTile& tile = wall->tiles()[i];
            if (const auto frame = wall->shownFrame(tile))
                out.stages.push_back(stageOf(tile, *frame, workspace_));
        }
    if (!out.stages.empty())
        return out;
    out.words << QTextDocumentFragment::fromHtml(front.page->headline()).toPlainText();
    for (const auto* list : front.page->findChildren<QListWidget*>())
        if (list->isVisible() && list->currentItem() && out.words.size() < 2)
            out.words << list->currentItem()->text().section(u'\n', 0, 0);
    return out;
}

void WalkRecorder::tick() {
    if (!workspace_.hasCase() || workspace_.data().id != case_) {
        finish(seconds()); // what another athlete shows is not in it
        return;
    }
    if (voice_) {
        const QByteArray heard = microphone_.read();
        const auto count = static_cast<std::size_t>(heard.size() / 2);
        if (const auto written = voice_->write(reinterpret_cast<const std::int16_t*>(heard.constData()), count);
            !written)
            return failed(written.error());
        samples_ += static_cast<qint64>(count);
    }
    WalkMoment moment = now();
    moment.atS = seconds();
    if (!any_ || !showsTheSame(moment, last_)) {
        if (const auto written = score_->add(moment); !written)
            return failed(written.error());
        last_ = std::move(moment);
        any_ = true;
    }
    if (const int second = static_cast<int>(seconds()); second != lastSecond_) {
        lastSecond_ = second;
        if (const auto written = score_->lasts(seconds()); !written)
            return failed(written.error());
        emit changed();
        if (seconds() > kLongestTalkS)
            finish(seconds());
    }
}

} // namespace riflesso
