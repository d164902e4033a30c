#pragma once
// A made library with something of every kind in its case.

#include "store/spoken_sound.h"
#include "support/made_library.h"

#include <QFile>

namespace riflesso::test {

/// A made library with something of every kind in its case, and a clip that is there.
inline MadeLibrary richLibrary(const QString& folder) {
    MadeLibrary made = makeLibrary(folder);
    QFile clip(folder + QStringLiteral("/media/clip.mp4"));
    if (!clip.open(QIODevice::WriteOnly) || clip.write(QByteArray(100'000, 'v')) < 0)
        qFatal("no clip");
    clip.close();
    const QString hash = *fileHash(clip.fileName());
    const auto done = made.library->change(QStringLiteral("Fill"), [&](Edit& edit) -> Result<void> {
        std::vector<Result<void>> steps;
        const RepetitionId r = made.repetitions[0];
        NewClip there{QStringLiteral("Second, \"quoted\""),
                      QStringLiteral("media/clip.mp4"),
                      hash,
                      640,
                      480,
                      {0, 1 / 3.0, 0.7000000000000001, 1, 4 / 3.0, 5 / 3.0, 2, 7 / 3.0}};
        Section section;
        section.performer = QStringLiteral("Performer");
        section.handedness = Side::Left;
        section.metresPerPixel = 1 / 7.0;
        section.bearingDeg = 1 / 3.0;
        section.picture = knownPicture();
        section.knownLengths = {{2, {1 / 3.0, 2}, {400.125, 7}, 1.1, .0025}};
        const auto models = edit.addSession(made.caseId, QDate(2026, 10, 1), QStringLiteral("Models"), true);
        const auto clipId = edit.addClip(*models, there, section);
        if (!clipId)
            return clipId.error();
        for (const char* words : {"mmmmmmmm", "nnnnnnnn"})
            if (const auto said = edit.addSpokenNote(*clipId, spokenSound(QByteArray(words).repeated(4000))); !said)
                return said.error();
        steps.push_back(edit.setMark(r, "left_knee", 70, {{1 / 3.0, 2e-7}, 1.25, "network, confirmed"}));
        steps.push_back(edit.setMark(r, "left_knee", 71, {{100, 200}, 0.1, "tracked?"}));
        steps.push_back(edit.setHidden(r, "right_knee", 70, "behind, the body"));
        steps.push_back(edit.setEvent(r, made.data().pack.events[0].id, {70.25, 0.012, "proposed"}));
        steps.push_back(edit.setEvent(r, made.data().pack.events[0].id, {71, {}, "analyst"}));
        steps.push_back(edit.setSecondMark(r, "left_knee", 70, {1 / 3.0, 5}));
        steps.push_back(edit.setSecondEvent(r, made.data().pack.events[0].id, 72));
        steps.push_back(edit.setPosition(made.caseId, "how_low", "lower", QStringLiteral("she is short")));
        steps.push_back(edit.setResult(r, "hit"));
        steps.push_back(edit.setVariantFits(r, false));
        steps.push_back(edit.setCue(made.caseId, made.data().pack.drills[0].id, QStringLiteral("a \"door\" opens")));
        steps.push_back(edit.setFelt(r, "off"));
        Athlete athlete = made.data().athlete;
        athlete.consentGiven = QDate(2026, 11, 1);
        athlete.consentBy = QStringLiteral("A parent");
        athlete.consentFor = QStringList{toWord(HandedOnAs::Paper), toWord(HandedOnAs::Voice)};
        steps.push_back(edit.setAthlete(athlete));
        steps.push_back(edit.setWalkCut(made.caseId, QStringLiteral("some-walk"), QStringLiteral("{\"cut\": 1}")));
        steps.push_back(edit.addCompetition(made.data().athlete.id, QDate(2026, 12, 8), QStringLiteral("Cup")));
        steps.push_back(
            edit.addBelief(made.caseId, {0, "m", QStringLiteral("a \"little\" late\nand low"), -0.02, true}));
        steps.push_back(
            edit.addBelief(made.caseId, {0, "knee", QStringLiteral("too deep"), 1 / 3.0, true, Guesser::Analyst}));
        steps.push_back(edit.setGoal(made.caseId, GoalTarget{"knee", 1 / 7.0, QDate(2026, 12, 24)}));
        steps.push_back(edit.setSameAs(made.repetitions[1], r));
        steps.push_back(edit.decide(made.caseId, {"deep", Decision::Choice::Park, QStringLiteral("later"),
                                                  QDateTime(QDate(2026, 11, 4), QTime(10, 0), Qt::UTC)}));
        steps.push_back(edit.setOverride(made.caseId, {"bent", Term::Effect, 1 / 3.0, "a \"short\" season"}));
        steps.push_back(addPractised(edit, made.caseId, QDateTime(QDate(2026, 11, 5), QTime(9, 0), Qt::UTC)));
        steps.push_back(edit.decide(made.caseId,
                                    {"bent", Decision::Choice::WorkRound, QStringLiteral("no time"),
                                     QDateTime(QDate(2026, 11, 4), QTime(10, 1), Qt::UTC), QStringLiteral("the cup")}));
        steps.push_back(edit.setPlan(
            made.caseId,
            {2, 7, 10, QDate(2026, 11, 5), QDate(2026, 11, 24), {}, {true, true}, QStringLiteral("few weeks")}));
        if (!edit.addAssessment(made.caseId, {{},
                                              made.session,
                                              QDateTime(QDate(2026, 11, 4), QTime(8, 0), Qt::UTC),
                                              QStringLiteral("Plan"),
                                              QStringLiteral("0.1.0"),
                                              QStringLiteral("{\"a\": [1, 2]}")}))
            return badInput("assessment", "", "");
        for (const Result<void>& step : steps)
            if (!step)
                return step;
        return {};
    });
    if (!done)
        qFatal("%s", done.error().sentence().c_str());
    return made;
}

} // namespace riflesso::test
