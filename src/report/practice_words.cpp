#include "report/practice_words.h"

#include "report/report_content.h"
#include "report/report_text.h"
#include "report/words.h"

namespace riflesso::words {
namespace {

QString faultTitle(const Pack& pack, const std::string& id) {
    const FaultDef* def = pack.fault(id);
    return def ? text(def->title) : text(id);
}
QString drillTitle(const Pack& pack, const std::string& id) {
    const DrillDef* def = pack.drill(id);
    return def ? text(def->title) : text(id);
}

} // namespace

QString toldName(Told told) {
    switch (told) {
    case Told::None:
        return Report::tr("nothing told");
    case Told::Cue:
        return Report::tr("cue said");
    case Told::Shown:
        return Report::tr("shown");
    case Told::Measured:
        return Report::tr("measured value told");
    case Told::Asked:
        break;
    }
    return Report::tr("asked for");
}

QString blockVerdict(const BlockVerdict& verdict) {
    if (verdict.all == 0)
        return Report::tr("not begun");
    const QString word = verdict.verdict == RungVerdict::Advance ? Report::tr("go on")
                         : verdict.verdict == RungVerdict::Hold  ? Report::tr("stay")
                                                                 : Report::tr("make it easier");
    if (verdict.moreWanted > 0)
        return Report::tr("so far: %1").arg(word);
    return verdict.confirm ? Report::tr("%1, confirm with one more block").arg(word) : word;
}

QString conditionName(const PracticeCondition& condition) {
    QStringList out{stressName(condition.stress)};
    for (const auto& [axis, value] : condition.axes)
        out << QString(kept(axis) + u' ' + kept(value)).replace(u'_', u' ');
    return out.join(QStringLiteral(", "));
}

QString learningName(const LearningVerdict& verdict) {
    switch (verdict.verdict) {
    case Learning::TooFew:
        return Report::tr("%1: too few to say")
            .arg(counted(static_cast<std::size_t>(verdict.blocks), Report::tr("block"), Report::tr("blocks")));
    case Learning::Relapse:
        return Report::tr("a relapse");
    case Learning::Learning:
        return Report::tr("learning");
    case Learning::Step:
        return Report::tr("learning, in one step");
    case Learning::Plateau:
        break;
    }
    return Report::tr("no clear change in %1 repetitions").arg(verdict.blocks * kBlockLength);
}

QString learningBecause(const LearningVerdict& verdict) {
    if (verdict.verdict == Learning::TooFew)
        return Report::tr("A verdict wants 8 blocks of 12 on 3 days.");
    return Report::tr("%1 now, %2 before: %3 to %4 points of a hundred (95 % interval).")
        .arg(ofText(verdict.goodNow, verdict.allNow), ofText(verdict.goodBefore, verdict.allBefore))
        .arg(qRound(100 * verdict.difference.low))
        .arg(qRound(100 * verdict.difference.high));
}

QString testName(const PracticeTest& test) {
    switch (test.verdict) {
    case PracticeTest::Verdict::Learned:
        return Report::tr("learned");
    case PracticeTest::Verdict::ShownNotLearned:
        return Report::tr("shown, not learned");
    case PracticeTest::Verdict::NotShown:
        return Report::tr("not shown before");
    case PracticeTest::Verdict::Unclear:
        break;
    }
    return Report::tr("unclear");
}

QString testBecause(const PracticeTest& test) {
    using Unclear = PracticeTest::Unclear;
    QString out = test.kind == PracticeKind::Retention
                      ? Report::tr("%1 after %2 with nothing told")
                            .arg(ofText(test.good, test.all), counted(static_cast<std::size_t>(test.daysSince),
                                                                      Report::tr("day"), Report::tr("days")))
                      : Report::tr("%1 under %2 with nothing told")
                            .arg(ofText(test.good, test.all), conditionName(test.condition));
    if (test.baselineAll > 0)
        out += Report::tr("; at first %1").arg(ofText(test.baselineGood, test.baselineAll));
    switch (test.why) {
    case Unclear::None:
        break;
    case Unclear::TooFew:
        out += Report::tr("; a test wants 24");
        break;
    case Unclear::TooSoon:
        out += Report::tr("; it wants 7 days without practice");
        break;
    case Unclear::Told:
        out += Report::tr("; something was told in it");
        break;
    case Unclear::NoBaseline:
        out += Report::tr("; too few at first without feedback to compare with");
        break;
    case Unclear::NoDifference:
        out += Report::tr("; no more than chance allows");
        break;
    case Unclear::Between:
        out += Report::tr("; neither clearly there nor clearly gone");
        break;
    }
    return out + u'.';
}

QString nextName(const Pack& pack, const NextStep& step) {
    using What = NextStep::What;
    const QString drill = drillTitle(pack, step.drill);
    switch (step.what) {
    case What::GoOn:
        return Report::tr("Go on from \"%1\"").arg(drill);
    case What::Stay:
        return step.because == NextStep::Because::NothingLogged ? Report::tr("Begin with \"%1\"").arg(drill)
               : step.because == NextStep::Because::Again       ? Report::tr("Begin again with \"%1\"").arg(drill)
               : step.because == NextStep::Because::Eased       ? Report::tr("Back to \"%1\"").arg(drill)
                                                                : Report::tr("Stay with \"%1\"").arg(drill);
    case What::Ease:
        return Report::tr("Make \"%1\" easier").arg(drill);
    case What::ChangeCondition: {
        const auto condition = practiceConditionFrom(step.other);
        return Report::tr("\"%1\", but %2").arg(drill, condition ? conditionName(*condition) : text(step.other));
    }
    case What::BackToCause:
        return Report::tr("Back to the cause: \"%1\"").arg(faultTitle(pack, step.other));
    case What::Done:
        return Report::tr("\"%1\" is done").arg(faultTitle(pack, step.fault));
    case What::OpenNext:
        break;
    }
    return Report::tr("Open the next finding");
}

QString nextBecause(const Pack& pack, const NextStep& step) {
    using Because = NextStep::Because;
    const QString of = ofText(step.good, step.all);
    switch (step.because) {
    case Because::NothingLogged:
        return Report::tr("this drill was not practised yet");
    case Because::Advance:
        return Report::tr("%1 good in the last block").arg(of);
    case Because::Confirm:
        return Report::tr("%1 good: one more block to be sure").arg(of);
    case Because::Hold:
        return Report::tr("%1 good: more than half, fewer than three of four").arg(of);
    case Because::Few:
        return Report::tr("the last block has %1 of 12 repetitions").arg(step.all);
    case Because::HalfOrLess:
        return Report::tr("%1 good in the last block").arg(of);
    case Because::Plateau:
        return Report::tr("no clear change over 8 blocks or more, %1 good: the condition before the drill").arg(of);
    case Because::PlateauOverConditions:
        return Report::tr("no clear change under two conditions: \"%1\" follows from something else")
            .arg(faultTitle(pack, step.fault));
    case Because::Relapse:
        return Report::tr("a relapse, %1 good in the last two blocks").arg(of);
    case Because::BreaksHarder:
        return Report::tr("it holds under the easier condition and breaks there, %1 good").arg(of);
    case Because::LastRungPassed:
        return Report::tr("the last step of the ladder is passed");
    case Because::HeldAtMatch:
        return Report::tr("it held at match condition twice, a week later without feedback, and on film");
    case Because::Eased:
        return Report::tr("made easier: a block of it before anything else is decided");
    case Because::Again:
        return Report::tr("the step before it is passed again");
    case Because::FocusDone:
        break;
    }
    return Report::tr("this focus is done");
}

QString waitingName(const Pack& pack, const Waiting& waiting) {
    switch (waiting.what) {
    case Waiting::What::Advice:
        return Report::tr("who advised what, since %1").arg(date(waiting.since));
    case Waiting::What::Retest:
        return Report::tr("the retest, due %1").arg(date(waiting.since));
    case Waiting::What::RetentionTest:
        return Report::tr("the retention test, due %1").arg(date(waiting.since));
    case Waiting::What::AskAgain:
        break;
    }
    return Report::tr("\"%1\" to be asked about again, since %2")
        .arg(faultTitle(pack, waiting.fault), date(waiting.since));
}

} // namespace riflesso::words
