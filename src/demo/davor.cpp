#include "demo/demo_case.h"

namespace riflesso {
namespace {

/// Pace over 500 m as the machine shows it, in whole seconds.
void observe(Repetition& r, std::size_t index, int pace, bool later) {
    static constexpr int kWander[10] = {0, 1, -1, 0, 2, 1, -1, 0, 1, 2};
    static const char* const kStraps[10] = {"partly", "yes", "no",     "partly", "no",
                                            "partly", "no",  "partly", "no",     "no"};
    const std::size_t i = index % 10;
    r.result = std::to_string(pace + kWander[i]);
    r.felt = i % 4 == 3 ? "off" : "right";
    r.observations = {{"straps", later ? "yes" : kStraps[i]}, {"grip", later ? "yes" : "partly"}, {"head", "yes"}};
}

} // namespace

Result<DemoPlace> addDavor(Library& library, const DemoSources& sources) {
    auto prepared =
        DemoCase::of(library, sources, QStringLiteral("indoor_rowing.json"),
                     {{QStringLiteral("davor_steady"), QStringLiteral("Easy rowing, side")},
                      {QStringLiteral("davor_race"), QStringLiteral("Race pace, last strokes, side")},
                      {QStringLiteral("davor_retest"), QStringLiteral("Easy rowing, side")},
                      {QStringLiteral("davor_retest_race"), QStringLiteral("Race pace, last strokes, side")},
                      {QStringLiteral("club_rowers"), QStringLiteral("Three club rowers, side")}});
    if (!prepared)
        return prepared.error();
    DemoPlace place;
    const auto fill = [&](Edit& edit) -> Result<void> {
        const QDate baseline(2026, 10, 13);
        Athlete davor;
        davor.name = QStringLiteral("Davor Quillane");
        davor.birthYear = 1982;
        davor.level = QStringLiteral("masters, tenth winter");
        davor.goal = QStringLiteral("Two thousand metres in one piece, without the back going first.");
        davor.willingness = 0.7;
        davor.limits = {QStringLiteral("stiff hips")};
        davor.equipment = {QStringLiteral("metronome"), QStringLiteral("mirror"), QStringLiteral("floor tape")};
        davor.consentGiven = baseline;
        davor.consentUntil = baseline.addYears(2);
        davor.consentScope = QStringLiteral("Film, plan and comparison within the hall.");
        davor.notes =
            QStringLiteral("Rows in the indoor-rowing corner of the Lanternquay Sports Hall. Reaches as far as "
                           "his hips let him: that is a changed target, not a fault.");
        const auto athlete = edit.addAthlete(davor);
        if (!athlete)
            return athlete.error();
        const auto id = edit.addCase(*athlete, QStringLiteral("Indoor-rowing stroke"), prepared->packText());
        if (!id)
            return id.error();
        PlanSettings plan;
        plan.start = baseline.addDays(3);
        plan.retest = baseline.addDays(41);
        plan.retention = baseline.addDays(70);
        plan.noChangeDays = 14;
        plan.homeworkMinutes = 6;
        const QDateTime decided(baseline.addDays(1), QTime(19, 20));
        for (const Result<void>& step :
             {edit.addCompetition(*athlete, baseline.addDays(67), QStringLiteral("Lanternquay Winter Two Thousand")),
              edit.addBelief(*id,
                             {0, "arms_after_legs", QStringLiteral("My legs start, the arms come after."), 0.0, true}),
              edit.addBelief(*id, {0, "rhythm", QStringLiteral("Drive and way back take about the same time."), 1.1,
                                   true, Guesser::Analyst}),
              edit.setGoal(*id, GoalTarget{"arms_after_legs", 0.0, baseline.addDays(67)}),
              edit.decide(*id, {"early_arms", Decision::Choice::WorkOn,
                                QStringLiteral("The trunk opens because the arms pull; and it is there at every pace."),
                                decided}),
              edit.decide(*id, {"short_reach", Decision::Choice::NotAFault,
                                QStringLiteral("His hips end there. The target is what he reaches without rounding."),
                                decided.addSecs(60)}),
              edit.decide(*id, {"rushed", Decision::Choice::Park,
                                QStringLiteral("Wait and see what is left of it once the arms come later."),
                                decided.addSecs(120)}),
              edit.setPlan(*id, plan)})
            if (!step)
                return step;
        const auto session = edit.addSession(*id, baseline, QStringLiteral("Baseline"), false);
        const auto retest = edit.addSession(*id, baseline.addDays(41), QStringLiteral("Retest"), false);
        const auto models = edit.addSession(*id, baseline.addDays(-20), QStringLiteral("Club rowers"), true);
        for (const auto* made : {&session, &retest, &models})
            if (!*made)
                return made->error();
        place = {*id, *session};
        constexpr int kEasyPace = 138, kRacePace = 114, kLaterEasy = 134, kLaterRace = 112; // s over 500 m
        const auto noted = [](int pace, bool later) {
            return [=](Repetition& r, std::size_t index) { observe(r, index, pace, later); };
        };
        for (const DemoCase::Filmed& filmed : {DemoCase::Filmed{*session, 0, Stress::Calm, noted(kEasyPace, false)},
                                               DemoCase::Filmed{*session, 1, Stress::Scored, noted(kRacePace, false)},
                                               DemoCase::Filmed{*retest, 2, Stress::Calm, noted(kLaterEasy, true)},
                                               DemoCase::Filmed{*retest, 3, Stress::Scored, noted(kLaterRace, true)},
                                               DemoCase::Filmed{*models, 4, {}, {}}})
            if (auto done = prepared->add(edit, filmed); !done)
                return done;
        // Good at once, a plateau of three evenings on the second rung, a step back on the third after a week away.
        return addBlocks(edit, *id, "early_arms", baseline.addDays(4),
                         {{0, "legs_only", "111011011111"},
                          {3, "legs_only", "111111011111"},
                          {7, "legs_trunk", "101101100110"},
                          {10, "legs_trunk", "110101101010"},
                          {14, "legs_trunk", "101101011011"},
                          {17, "legs_trunk", "111101110111"},
                          {21, "legs_trunk", "111111101111"},
                          {30, "one_full_three", "100101001010"},
                          {33, "one_full_three", "110111011101"}});
    };
    if (const auto built = library.change(QStringLiteral("Build the demo"), fill); !built)
        return built.error();
    return place;
}

} // namespace riflesso
