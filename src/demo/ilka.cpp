#include "demo/demo_case.h"

namespace riflesso {
namespace {

void observe(Repetition& r, std::size_t index, Stress stress, bool later) {
    static const char* const kFirst[8] = {"hit", "rim", "hit", "missed", "hit", "rim", "hit", "hit"};
    static const char* const kLamp[8] = {"missed", "rim", "hit", "missed", "rim", "missed", "rim", "hit"};
    static const char* const kLater[8] = {"hit", "hit", "rim", "hit", "hit", "hit", "hit", "rim"};
    const char* const* kResults = stress == Stress::Surprise ? kLamp : later ? kLater : kFirst;
    static const char* const kRearFoot[8] = {"yes", "yes", "partly", "yes", "yes", "partly", "yes", "yes"};
    const std::size_t i = index % 8;
    r.variant = "lunge";
    r.variantFits = true; // the pad hangs within one long step
    r.result = kResults[i];
    r.felt = i == 3 ? "off" : "right"; // she hardly feels what the film shows
    r.observations = {{"eyes", "yes"}, {"rear_foot", kRearFoot[i]}, {"loose_shoulder", i % 3 == 2 ? "partly" : "yes"}};
}

} // namespace

Result<DemoPlace> addIlka(Library& library, const DemoSources& sources) {
    auto prepared = DemoCase::of(library, sources, QStringLiteral("fencing_lunge.json"),
                                 {{QStringLiteral("ilka_baseline"), QStringLiteral("Lunge on call, side")},
                                  {QStringLiteral("ilka_baseline_lamp"), QStringLiteral("Lunge on a lamp, side")},
                                  {QStringLiteral("ilka_retest"), QStringLiteral("Lunge on call, side")},
                                  {QStringLiteral("ilka_retest_lamp"), QStringLiteral("Lunge on a lamp, side")},
                                  {QStringLiteral("instructors"), QStringLiteral("Two instructors, side")}});
    if (!prepared)
        return prepared.error();
    DemoPlace place;
    const auto fill = [&](Edit& edit) -> Result<void> {
        const QDate baseline(2026, 11, 3);
        Athlete ilka;
        ilka.name = QStringLiteral("Ilka Sandrey");
        ilka.birthYear = 2009;
        ilka.handedness = Side::Left;
        ilka.level = QStringLiteral("club, second year");
        ilka.goal = QStringLiteral("Score with the first attack, also when the signal comes as a surprise.");
        ilka.willingness = 0.9;
        ilka.equipment = {QStringLiteral("wall pad"), QStringLiteral("sheet of paper"), QStringLiteral("lamp"),
                          QStringLiteral("mirror"),   QStringLiteral("floor tape"),     QStringLiteral("light box")};
        ilka.consentGiven = baseline.addDays(-2);
        ilka.consentUntil = baseline.addYears(1);
        ilka.consentScope = QStringLiteral("Film and plan within the club; signed by a parent.");
        ilka.notes = QStringLiteral("Trains in the fencing room of the Lanternquay Sports Hall.");
        const auto athlete = edit.addAthlete(ilka);
        if (!athlete)
            return athlete.error();
        const auto id = edit.addCase(*athlete, QStringLiteral("Fencing lunge"), prepared->packText());
        if (!id)
            return id.error();
        PlanSettings plan;
        plan.start = baseline.addDays(2);
        plan.retest = baseline.addDays(21);
        plan.retention = baseline.addDays(42);
        plan.noChangeDays = 10;
        for (const Result<void>& step :
             {edit.addCompetition(*athlete, baseline.addDays(35), QStringLiteral("Quay Cup")),
              edit.addBelief(*id, {0, "arm_before_foot", QStringLiteral("My arm is a little late."), -0.02, true}),
              edit.addBelief(*id,
                             {0, "arm_before_foot", QStringLiteral("A tenth late or more, and the root of the rest."),
                              -0.12, true, Guesser::Analyst}),
              edit.setGoal(*id, GoalTarget{"arm_before_foot", 0.03, baseline.addDays(35)}), edit.setPlan(*id, plan)})
            if (!step)
                return step;
        const auto session = edit.addSession(*id, baseline, QStringLiteral("Baseline"), false);
        const auto retest = edit.addSession(*id, baseline.addDays(21), QStringLiteral("Retest"), false);
        const auto models = edit.addSession(*id, baseline.addDays(-30), QStringLiteral("Club instructors"), true);
        for (const auto* made : {&session, &retest, &models})
            if (!*made)
                return made->error();
        place = {*id, *session};
        const auto noted = [](Stress stress, bool later) {
            return [=](Repetition& r, std::size_t index) { observe(r, index, stress, later); };
        };
        const auto asModel = [](Repetition& r, std::size_t) { r.variant = "lunge"; };
        for (const DemoCase::Filmed& filmed :
             {DemoCase::Filmed{*session, 0, Stress::Calm, noted(Stress::Calm, false)},
              DemoCase::Filmed{*session, 1, Stress::Surprise, noted(Stress::Surprise, false)},
              DemoCase::Filmed{*retest, 2, Stress::Calm, noted(Stress::Calm, true)},
              DemoCase::Filmed{*retest, 3, Stress::Surprise, noted(Stress::Surprise, true)},
              DemoCase::Filmed{*models, 4, {}, asModel}})
            if (auto done = prepared->add(edit, filmed); !done)
                return done;
        // The first rung held and then good, the second flat for two evenings, then good.
        return addBlocks(edit, *id, "late_arm", baseline.addDays(3),
                         {{0, "hand_leads_wall", "110110110101"},
                          {4, "hand_leads_wall", "111011111101"},
                          {7, "hand_then_step", "101011010110"},
                          {9, "hand_then_step", "011011010110"},
                          {11, "hand_then_step", "101101101011"},
                          {14, "hand_then_step", "111101111111"}});
    };
    if (const auto built = library.change(QStringLiteral("Build the demo"), fill); !built)
        return built.error();
    return place;
}

} // namespace riflesso
