#include "app/tour/tour_steps.h"
#include "app/translated.h"

#include <QLabel>
#include <QListWidget>

namespace riflesso {
namespace {

QString labelText(const TourView& view, const char* name) {
    const auto* label = view.window.findChild<QLabel*>(QLatin1String(name));
    return label ? label->text() : QString();
}
QString visible(const TourView& view, const char* name) {
    const auto* widget = view.window.findChild<QWidget*>(QLatin1String(name));
    return widget && widget->isVisible() ? QStringLiteral("seen") : QString();
}
QString row(const TourView& view, const char* name) {
    const auto* list = view.window.findChild<QListWidget*>(QLatin1String(name));
    return list ? QString::number(list->currentRow()) : QString();
}
QString described(const TourView& view, const char* name) {
    const auto* widget = view.window.findChild<QWidget*>(QLatin1String(name));
    return widget ? widget->accessibleDescription() : QString();
}
QString decided(const TourView& view, Decision::Choice choice) {
    int count = 0;
    if (view.workspace.hasCase())
        for (const Decision& decision : view.workspace.data().decisions)
            count += decision.choice == choice;
    return QString::number(count);
}

std::vector<TourStep> made() {
    return {
        {QStringLiteral("course"),
         QStringLiteral("athlete"),
         QStringLiteral("course"),
         tr("The course"),
         tr("Work goes down this bar: who the athlete is, the film, the marks, the comparison, what was found, the "
            "plan, practice, what came of it, and the paper to hand over. Each step says where it stands. This is "
            "the demo, your own copy: nothing you do here can do harm."),
         {},
         {}},
        {QStringLiteral("belief"),
         QStringLiteral("athlete"),
         QStringLiteral("beliefMeasure"),
         tr("What she believes"),
         tr("Ilka, 17, left-handed, lunges at a pad on the wall. Before anything is shown she says what she thinks: "
            "her "
            "arm is \"a little late\". It is locked, so that nobody can have known it all along."),
         {},
         {}},
        {QStringLiteral("film"), QStringLiteral("film"), QStringLiteral("filmStage"), tr("Film"),
         tr("Two clips: lunges on a call, and lunges when a lamp lights up. The boxes on the line below are her "
            "repetitions, cut with C at the start and at the end of each; 1, 2, 3 keep the result."),
         tr("Press Space: the clip plays."), [](const TourView& view) { return labelText(view, "filmTime"); }},
        {QStringLiteral("mark"), QStringLiteral("mark"), QStringLiteral("events"), tr("Mark"),
         tr("A repetition has key events, in order, and landmarks that are clicked on the picture. The program can "
            "propose "
            "them (P) and follow them (T); every time has its ±, because a frame is not an instant."),
         tr("Press ↓: the next key event."), [](const TourView& view) { return row(view, "events"); }},
        {QStringLiteral("measure"), QStringLiteral("mirror"), QStringLiteral("athleteStage"), tr("Mirror"),
         tr("Athlete above, model below, at the same phase. The line between them is the waterline: a tie that leans "
            "is "
            "an event that comes early or late. Each ruler on the right has the model's band, every repetition a dot, "
            "and a shape for how sure the deviation is. The chosen measure is drawn on both pictures."),
         tr("Press ↓ to walk through the measures."),
         [](const TourView& view) { return described(view, "athleteStage"); }},
        {QStringLiteral("wall"), QStringLiteral("mirror"), QStringLiteral("wallView"), tr("The wall"),
         tr("All repetitions at once, with the model among them, moving together. Is it always so, or only once?"),
         tr("Press W, then Space to play."), [](const TourView& view) { return visible(view, "wall"); }},
        {QStringLiteral("why"), QStringLiteral("mirror"), QStringLiteral("value-elbow_down"), tr("Why this number?"),
         tr("Nothing has to be believed. Every number says how it is defined, from which marks and frames it comes, "
            "and "
            "what makes it unsure."),
         tr("Click a number at the right end of a ruler."),
         [](const TourView& view) { return visible(view, "whyPanel"); }},
        {QStringLiteral("work"), QStringLiteral("findings"), QStringLiteral("workOn"), tr("Findings"),
         tr("Deviations come together to faults, and faults cause each other: the late arm pulls the trunk forward, "
            "and "
            "that sends the knee past the ankle. The list puts the root first. You decide, and say why; the program "
            "only proposes."),
         tr("Choose \"work on this\" (W) for the first finding."),
         [](const TourView& view) { return decided(view, Decision::Choice::WorkOn); }},
        {QStringLiteral("park"), QStringLiteral("findings"), QStringLiteral("reason"), tr("Not everything at once"),
         tr("A follow-up of the root often goes by itself. Parking it is a decision too, and is kept with its reason."),
         tr("Click another finding, write a reason, and park it."),
         [](const TourView& view) { return decided(view, Decision::Choice::Park); }},
        {QStringLiteral("plan"),
         QStringLiteral("plan"),
         {},
         tr("Plan"),
         tr("The way back is a ladder: from a position one can feel to the full movement when surprised. Each rung has "
            "its "
            "cue, its dose, what counts as good, and its cautions. The weeks leave the last days before a competition "
            "without change, and say when to film again."),
         {},
         {}},
        {QStringLiteral("practice"), QStringLiteral("practice"), QStringLiteral("good"), tr("Practice"),
         tr("At the side of the hall: one key for good, one for not. The share decides whether to go up a rung, stay, "
            "or "
            "go back one, and says when it is too early to tell."),
         tr("Press G for a good repetition."),
         [](const TourView& view) {
             return view.workspace.hasCase() ? QString::number(view.workspace.data().loggedRepetitions()) : QString();
         }},
        {QStringLiteral("print"), QStringLiteral("handover"), QStringLiteral("writeFolder"), tr("Hand-over"),
         tr("What is ticked on the right is written into one folder: papers, a film to take home, pictures. Faces can "
            "be covered and names left out. With a paper the assessment is frozen: it prints the same in years."),
         tr("Press P: write the folder."),
         [](const TourView& view) {
             return view.workspace.hasCase() ? QString::number(view.workspace.data().assessments.size()) : QString();
         }},
        {QStringLiteral("own"),
         QStringLiteral("start"),
         QStringLiteral("newName"),
         tr("Your own first case"),
         tr("That was the whole way. For your own: a name, a skill, and a clip filmed square from the side the skill "
            "asks "
            "for. \"Back to my library\" leaves the demo; it stays as you leave it."),
         {},
         {}},
    };
}

} // namespace

const std::vector<TourStep>& tourSteps() {
    static const std::vector<TourStep> kSteps = made();
    return kSteps;
}

} // namespace riflesso
