#include "app/practice/practice_page.h"

#include "app/practice/court_panel.h"
#include "app/practice/home_grid.h"
#include "app/practice/session_list.h"
#include "report/practice_words.h"
#include "report/words.h"

#include <QPushButton>

#include <algorithm>

// What a key writes into the log.

namespace riflesso {

void PracticePage::log(bool good) {
    if (!drill() || !home_->isHidden() || !yes_->isEnabled())
        return;
    const CaseData& data = workspace().data();
    const PracticeChoice chosen = choice();
    const QDateTime now = QDateTime::currentDateTimeUtc();
    const PracticeBlock* open = openBlock(data, chosen, now);
    const PracticeBlock* latest = open ? open : data.practice.empty() ? nullptr : &data.practice.back();
    const Moment moment = momentFor(latest && latest->kind != PracticeKind::Home ? latest : nullptr, now);
    if (moment.setBack)
        workspace().say(tr("The clock of this machine was set back: the log goes on after what it holds."));
    PracticeRepetition repetition;
    repetition.good = good;
    repetition.feltRight = felt_;
    repetition.at = moment.at;
    if (const auto filmed = court_->take()) {
        repetition.measured = filmed->measured;
        repetition.told = filmed->shown ? Told::Measured : Told::None;
    }
    const CaseId id = data.id;
    // A whole block ends with its last repetition.
    PracticeBlock whole = open ? *open : PracticeBlock();
    const bool isLast = whole.all() + 1 == blockLength(chosen.kind);
    whole.ended = repetition.at;
    const bool done = workspace().apply(good ? tr("Log a good repetition") : tr("Log a repetition that was not good"),
                                        [&](Edit& edit) -> Result<void> {
                                            if (whole.id) {
                                                auto added = edit.addPractice(id, whole.id, repetition);
                                                return added && isLast ? edit.setPracticeBlock(whole) : added;
                                            }
                                            PracticeBlock begun;
                                            begun.kind = chosen.kind;
                                            begun.fault = chosen.fault, begun.drill = chosen.drill;
                                            begun.condition = chosen.condition;
                                            begun.cue = chosen.cue, begun.fedBy = chosen.fedBy;
                                            begun.started = repetition.at;
                                            begun.repetitions.push_back(repetition);
                                            const auto made = edit.addPracticeBlock(id, begun);
                                            return made ? Result<void>() : Result<void>(made.error());
                                        });
    if (!done)
        return;
    felt_.reset();
    // The step of the session that it belongs to, where another stood open.
    const std::vector<SessionItem> today = items();
    if (item_ >= today.size() || today[item_].item.drill != chosen.drill)
        for (std::size_t i = 0; i < today.size(); ++i)
            if (today[i].item.drill == chosen.drill) {
                item_ = i;
                break;
            }
    refresh();
    setFocus();
}

void PracticePage::takeBack() {
    const PracticeBlock* block = drill() ? shownBlock() : nullptr;
    if (!block || block->repetitions.empty())
        return;
    const std::int64_t id = block->repetitions.back().id;
    PracticeBlock left = *block;
    const bool only = block->all() == 1;
    workspace().apply(tr("Take a repetition back"), [&](Edit& edit) -> Result<void> {
        if (only && left.id)
            return edit.removePracticeBlock(left.id);
        if (left.ended.isValid() && left.id) { // a whole block goes on again
            left.ended = {};
            if (auto done = edit.setPracticeBlock(left); !done)
                return done;
        }
        return edit.removePractice(id);
    });
    setFocus();
}

void PracticePage::change(const QString& name, const std::function<void(PracticeRepetition&)>& work) {
    const PracticeBlock* block = drill() ? shownBlock() : nullptr;
    if (!block || block->repetitions.empty() || !block->id)
        return;
    PracticeRepetition repetition = block->repetitions.back();
    work(repetition);
    workspace().apply(name, [repetition](Edit& edit) { return edit.setPractice(repetition); });
    setFocus();
}

void PracticePage::told(Told how) {
    change(tr("Feedback: %1").arg(words::toldName(how)), [how](PracticeRepetition& repetition) {
        repetition.told = repetition.told == how ? Told::None : how; // pressed again it is taken back
    });
}

void PracticePage::felt(bool right) {
    felt_ = (felt_ == std::optional(right)) ? std::nullopt : std::optional(right);
    showBlock();
    setFocus();
}

void PracticePage::result(std::size_t index) {
    const Pack& pack = workspace().data().pack;
    if (pack.results.empty() || index >= pack.results.front().values.size())
        return;
    const std::string value = pack.results.front().values[index];
    change(tr("Result: %1").arg(words::kept(value)), [value](PracticeRepetition& repetition) {
        repetition.result = repetition.result == value ? std::string() : value;
    });
}

void PracticePage::finish() {
    const std::vector<SessionItem> today = items();
    if (const PracticeBlock* open = openBlock(workspace().data(), choice(), QDateTime::currentDateTimeUtc())) {
        PracticeBlock ended = *open;
        ended.ended = momentFor(open, QDateTime::currentDateTimeUtc()).at;
        workspace().apply(tr("Finish a block"), [ended](Edit& edit) { return edit.setPracticeBlock(ended); });
    }
    if (item_ + 1 < today.size()) {
        chooseItem(item_ + 1);
        return;
    }
    const QString missing = leftOut(workspace().data().pack, today);
    workspace().say(missing.isEmpty() ? tr("The session is finished.")
                                      : tr("The session is finished. Left out: %1.").arg(missing));
    item_ = 0;
    refresh();
}

} // namespace riflesso
