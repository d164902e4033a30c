#include "demo/demo_case.h"

namespace riflesso {
namespace {

enum class Round { First, Scored, Later };

void observe(Repetition& r, std::size_t index, Round round) {
    static const char* const kFirst[] = {"8", "5", "9", "4", "8", "7", "8"};
    static const char* const kScored[] = {"7", "3", "6"};
    static const char* const kLater[] = {"9", "8", "10", "9", "9"};
    r.result = round == Round::First    ? kFirst[index % std::size(kFirst)]
               : round == Round::Scored ? kScored[index % std::size(kScored)]
                                        : kLater[index % std::size(kLater)];
    r.felt = index % 4 == 1 ? "off" : "right";
    const bool later = round == Round::Later;
    r.observations = {{"grip_loose", later            ? "yes"
                                     : index % 3 == 0 ? "no"
                                                      : "partly"},
                      {"face_touch", later || index % 2 == 0 ? "yes" : "partly"},
                      {"let_down", later ? "yes" : "no"}};
}

} // namespace

Result<DemoPlace> addMirelle(Library& library, const DemoSources& sources) {
    auto prepared = DemoCase::of(library, sources, QStringLiteral("archery_shot.json"),
                                 {{QStringLiteral("mirelle_side"), QStringLiteral("Practice round, side")},
                                  {QStringLiteral("mirelle_rear"), QStringLiteral("Practice round, from behind")},
                                  {QStringLiteral("mirelle_scored"), QStringLiteral("Scored round, side")},
                                  {QStringLiteral("mirelle_retest"), QStringLiteral("Practice round, side")},
                                  {QStringLiteral("mirelle_best"), QStringLiteral("Her best five, side")}});
    if (!prepared)
        return prepared.error();
    DemoPlace place;
    const auto fill = [&](Edit& edit) -> Result<void> {
        const QDate baseline(2026, 9, 22);
        Athlete mirelle;
        mirelle.name = QStringLiteral("Mirelle Ostrand");
        mirelle.birthYear = 1997;
        mirelle.handedness = Side::Right;
        mirelle.level = QStringLiteral("club, ninth year, back after four months");
        mirelle.goal = QStringLiteral("Shoot a whole indoor round again without the shoulder speaking up.");
        mirelle.willingness = 0.8;
        mirelle.limits = {QStringLiteral("shoulder strain")};
        mirelle.equipment = {QStringLiteral("light band"), QStringLiteral("light bow"), QStringLiteral("metronome"),
                             QStringLiteral("mirror")};
        mirelle.consentGiven = baseline.addDays(-1);
        mirelle.consentUntil = baseline.addYears(1);
        mirelle.consentScope = QStringLiteral("Film and plan within the hall.");
        mirelle.notes = QStringLiteral("Shoots in the archery lane of the Lanternquay Sports Hall. Cleared for short "
                                       "holds by her physiotherapist, who decides on anything longer.");
        const auto athlete = edit.addAthlete(mirelle);
        if (!athlete)
            return athlete.error();
        const auto id = edit.addCase(*athlete, QStringLiteral("Archery shot"), prepared->packText());
        if (!id)
            return id.error();
        PlanSettings plan;
        plan.start = baseline.addDays(2);
        plan.retest = baseline.addDays(28);
        plan.retention = baseline.addDays(56);
        plan.noChangeDays = 10;
        plan.homeworkMinutes = 5;
        const QDateTime decided(baseline.addDays(1), QTime(18, 40));
        for (const Result<void>& step :
             {edit.addCompetition(*athlete, baseline.addDays(81), QStringLiteral("Lanternquay Indoor Round")),
              edit.addBelief(*id, {0, "hold_spread", QStringLiteral("I hold about two seconds, always."), 0.2, true}),
              edit.addBelief(*id, {0, "hold_spread", QStringLiteral("From one second to five: it is not one hold."),
                                   1.5, true, Guesser::Analyst}),
              edit.setGoal(*id, GoalTarget{"hold_spread", 0.5, baseline.addDays(81)}),
              edit.decide(*id, {"hold_varies", Decision::Choice::WorkOn,
                                QStringLiteral("An even, short hold spares the shoulder and is the root of the rest."),
                                decided}),
              edit.decide(*id, {"shaky", Decision::Choice::Park,
                                QStringLiteral("No long holds now: see what is left of it when the hold is short."),
                                decided.addSecs(60)}),
              edit.setPlan(*id, plan)})
            if (!step)
                return step;
        const auto session = edit.addSession(*id, baseline, QStringLiteral("Baseline"), false);
        const auto retest = edit.addSession(*id, baseline.addDays(28), QStringLiteral("Retest"), false);
        const auto best = edit.addSession(*id, baseline.addDays(-210), QStringLiteral("Before the strain"), true);
        for (const auto* made : {&session, &retest, &best})
            if (!*made)
                return made->error();
        place = {*id, *session};
        const auto noted = [](Round round) {
            return [=](Repetition& r, std::size_t index) { observe(r, index, round); };
        };
        // Before the second camera two key events are marked; the others are taken over from the first's.
        const auto fromBehind = [](Repetition& r, std::size_t) {
            r.events.erase("draw");
            r.events.erase("down");
        };
        for (const DemoCase::Filmed& filmed :
             {DemoCase::Filmed{*session, 0, Stress::Calm, noted(Round::First), {}},
              DemoCase::Filmed{*session, 1, Stress::Calm, fromBehind, {"nose", "left_hip"}, 0},
              DemoCase::Filmed{*session, 2, Stress::Scored, noted(Round::Scored), {}},
              DemoCase::Filmed{*retest, 3, Stress::Calm, noted(Round::Later), {}},
              DemoCase::Filmed{*best, 4, {}, {}, {}}})
            if (auto done = prepared->add(edit, filmed); !done)
                return done;
        // Even counts with the band at once, two flat evenings with the bow, a bad day after shooting too much.
        return addBlocks(edit, *id, "hold_varies", baseline.addDays(3),
                         {{0, "count_band", "111101111111"},
                          {3, "count_light_bow", "101101011011"},
                          {6, "count_light_bow", "110101101101"},
                          {10, "count_light_bow", "111101111011"},
                          {13, "count_close", "110111101111"},
                          {17, "count_close", "010100100110"},
                          {20, "count_close", "111011101111"}});
    };
    if (const auto built = library.change(QStringLiteral("Build the demo"), fill); !built)
        return built.error();
    return place;
}

} // namespace riflesso
