#include "work/practice_session.h"

#include "core/practice/practice_tests.h"

#include <algorithm>

namespace riflesso {
namespace {

bool isOf(const PracticeBlock& block, const PracticeChoice& choice) {
    return block.id && block.kind == choice.kind && block.fault == choice.fault && block.drill == choice.drill &&
           block.condition == choice.condition;
}

bool noneTold(const PracticeBlock& block) {
    return std::none_of(block.repetitions.begin(), block.repetitions.end(),
                        [](const PracticeRepetition& r) { return r.told != Told::None; });
}

} // namespace

int blockLength(PracticeKind kind) { return isTest(kind) ? kTestLength : kBlockLength; }

PracticeCondition ownCondition(const DrillDef& drill) { return {drill.stress, drill.conditions}; }

std::vector<SessionItem> todaysSession(const CaseData& data, const Prescription& prescription, const QDate& today,
                                       int minutes) {
    std::vector<SessionItem> out;
    for (LessonItem& item : lessonSheet(prescription, data.pack, minutes)) {
        SessionItem each;
        each.fault = item.drill.empty()                     ? std::string()
                     : item.part == LessonItem::Part::Minor ? prescription.focus[1].fault
                                                            : prescription.focus[0].fault;
        each.item = std::move(item);
        if (!each.item.drill.empty()) {
            std::vector<const PracticeBlock*> blocks;
            for (const PracticeBlock& block : data.practice)
                if (block.kind != PracticeKind::Home && block.fault == each.fault && block.drill == each.item.drill &&
                    block.day() == today)
                    blocks.push_back(&block);
            // The counted block is one after the first in which nothing was told.
            const bool counted = blocks.size() > 1 && noneTold(*blocks.back());
            if (each.item.part == LessonItem::Part::Test)
                blocks.erase(blocks.begin(), counted ? blocks.end() - 1 : blocks.end());
            else if (each.item.part == LessonItem::Part::Main && counted)
                blocks.pop_back();
            for (const PracticeBlock* block : blocks) {
                each.good += block->good();
                each.all += block->all();
                ++each.blocks;
            }
        }
        out.push_back(std::move(each));
    }
    return out;
}

const PracticeBlock* lastBlock(const CaseData& data, const PracticeChoice& choice) {
    for (auto block = data.practice.rbegin(); block != data.practice.rend(); ++block)
        if (block->kind == choice.kind && block->fault == choice.fault && block->drill == choice.drill &&
            block->condition == choice.condition)
            return &*block;
    return nullptr;
}

const PracticeBlock* openBlock(const CaseData& data, const PracticeChoice& choice, const QDateTime& now) {
    constexpr qint64 kLongestS = qint64(4) * 3600;
    for (auto block = data.practice.rbegin(); block != data.practice.rend(); ++block)
        if (isOf(*block, choice)) {
            const QDateTime last = block->repetitions.empty() ? block->started : block->repetitions.back().at;
            const bool open = !block->ended.isValid() && block->stop.isEmpty() &&
                              block->all() < blockLength(choice.kind) && last.secsTo(now) < kLongestS;
            return open ? &*block : nullptr;
        }
    return nullptr;
}

Moment momentFor(const PracticeBlock* block, const QDateTime& now) {
    if (!block)
        return {now, false};
    const QDateTime last = block->repetitions.empty() ? block->started : block->repetitions.back().at;
    if (now >= last)
        return {now, false};
    return {last.addSecs(1), true};
}

std::vector<PracticeBlock> blocksOf(const PracticeLog& log) {
    std::vector<PracticeBlock> out;
    for (const LoggedBlock& logged : log) {
        PracticeBlock block;
        const QDate day = QDate(1970, 1, 1).addDays(logged.date.time_since_epoch().count());
        const auto moment = [&](const std::string& time, const QTime& otherwise) {
            const QTime at = QTime::fromString(QString::fromStdString(time).leftJustified(8, u'0').replace(5, 1, u':'),
                                               QStringLiteral("HH:mm:ss"));
            return QDateTime(day, time.empty() || !at.isValid() ? otherwise : at).toUTC();
        };
        const QTime noon(12, 0);
        block.kind = logged.kind;
        block.fault = logged.fault, block.drill = logged.drill;
        block.condition = logged.condition;
        block.cue = QString::fromStdString(logged.cue), block.fedBy = QString::fromStdString(logged.fedBy);
        block.started = moment(logged.start, noon);
        block.count = logged.count;
        block.stop = QString::fromStdString(logged.stop);
        qint64 second = 0;
        for (const LoggedRepetition& r : logged.repetitions)
            block.repetitions.push_back(
                {0, r.good, r.result, r.feltRight, r.told, block.started.addSecs(second++), r.measured});
        block.ended =
            logged.end.empty() ? block.started.addSecs(std::max<qint64>(0, second - 1)) : moment(logged.end, noon);
        out.push_back(std::move(block));
    }
    return out;
}

} // namespace riflesso
