#include "takehome/moving_repetition.h"

#include "takehome/drawn_model.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// All that is marked and every head, with room round them.
QRectF wholeOf(const FilmStage& stage) {
    QRectF box;
    const auto hold = [&](const QRectF& what) { box = box.isNull() ? what : box.united(what); };
    for (const auto& [frame, marks] : stage.marks)
        for (const auto& [name, at] : marks)
            hold(QRectF(at, QSizeF(1, 1)));
    if (box.isNull())
        return box;
    for (const auto& [frame, head] : stage.heads)
        hold(
            QRectF(head.centre.x - head.radiusPx, head.centre.y - head.radiusPx, 2 * head.radiusPx, 2 * head.radiusPx));
    const double room = .07 * std::max(box.width(), box.height());
    return box.adjusted(-room, -room, room, room);
}

} // namespace

MovingRepetition::MovingRepetition(Trial trial, int from, int to, const PhaseAnchors& anchors, const Lines& lines)
    : trial_(std::move(trial)), from_(from), to_(to), map_(PhaseMap::of(anchors, trial_)) {
    stage_.lines = lines;
    for (const auto& [landmark, marks] : trial_.marks)
        for (auto mark = marks.lower_bound(from_); mark != marks.end() && mark->first <= to_; ++mark)
            stage_.marks[mark->first][landmark] = QPointF(mark->second.at.x, mark->second.at.y);
    constexpr double kBridgedS = .12; // a head is hardly anywhere else so soon
    const double interval = (endS() - startS()) / std::max(1, to_ - from_);
    const int bridged = interval > 0 ? static_cast<int>(std::lround(kBridgedS / interval)) : 1;
    stage_.heads = headCovers(trial_.marks, from_, to_, std::max(2, bridged));
    stage_.part = wholeOf(stage_);
}

std::optional<MovingRepetition> MovingRepetition::of(const CaseData& data, RepetitionId id, const PhaseAnchors& anchors,
                                                     const Lines& lines) {
    const RepetitionPlace place = placeOf(data, id);
    if (!place || !place.clip->timesS || place.clip->timesS->size() < 2)
        return {};
    MovingRepetition out(toTrialAsFilmed(data, place), place.repetition->from, place.repetition->to, anchors, lines);
    out.stage_.clipPath = place.clip->path;
    out.stage_.turnedOver = place.section->picture.mirrored;
    out.stage_.setup = place.section->picture;
    out.stage_.ofModel = place.session->isModel;
    if (out.stage_.part.isNull()) // nothing is marked: the whole picture
        out.stage_.part = QRectF(0, 0, std::max(2, place.clip->width), std::max(2, place.clip->height));
    return out;
}

MovingRepetition MovingRepetition::drawn(Trial trial, const PhaseAnchors& anchors, const Lines& lines) {
    const int last = lastMarkedFrame(trial);
    MovingRepetition out(std::move(trial), 0, last, anchors, lines);
    out.stage_.ofModel = true;
    return out;
}

int MovingRepetition::frameAt(double timeS) const {
    return std::clamp(static_cast<int>(std::lround(trial_.times.frameOf(timeS))), from_, to_);
}

} // namespace riflesso
