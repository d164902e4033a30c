// Every skill whose movement is told by postures finds its own faults: the model's take has no clear one, and in the
// take of each fault that fault, or a cause of it that the pack names, ranks first. A new skill is a row by its files.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/measure/single_cycles.h"
#include "core/signal/propose_events.h"
#include "core/uncertainty/stats.h"
#include "support/shipped_skill.h"

#include <QDir>
#include <QtTest>

#include <random>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

using Skill = ShippedSkill;
const std::map<std::string, Skill>& skills() {
    static const std::map<std::string, Skill> kSkills = [] {
        std::map<std::string, Skill> out;
        const QDir folder(QStringLiteral(DEMO_CLIPS "/../takes"));
        for (const QString& file : folder.entryList({QStringLiteral("*.takes.json")})) {
            const std::string name = file.toStdString().substr(0, file.toStdString().find('.'));
            auto skill = shippedSkill(name);
            if (!skill) {
                qWarning("%s", skill.error().sentence().c_str());
                continue;
            }
            if (skill->takes.movement == simcam::SkillTakes::Movement::Postures)
                out.emplace(name, Skill{ofSingleCycles(std::move(skill->pack)), std::move(skill->takes)});
        }
        return out;
    }();
    return kSkills;
}

std::vector<Trial> filmed(const Skill& skill, const std::string& take, int repetitions = 8, std::uint32_t seed = 3,
                          bool leftHanded = false) {
    simcam::TakeAsked asked;
    asked.take = take;
    asked.repetitions = repetitions;
    asked.seed = seed;
    asked.views = skill.pack.views;
    asked.leftHanded = leftHanded;
    auto made = makeTake(skill.takes, skill.pack, asked);
    return made ? std::move(*made) : std::vector<Trial>();
}
/// By residual analysis of the model's take: half of the time of an assessment, and the same for all takes of a figure.
double cutoffOf(const Skill& skill) {
    static std::map<std::string, double> known;
    double& hz = known[skill.pack.id];
    if (hz <= 0) {
        const std::vector<Trial> model = filmed(skill, "model");
        hz = chooseCutoff({&model}).hz;
    }
    return hz;
}
Assessment assessed(const Skill& skill, std::vector<Trial> trials) {
    AssessmentInput input;
    input.cutoffHz = cutoffOf(skill);
    input.pack = skill.pack;
    input.trials = std::move(trials);
    input.facts.handedness = input.trials.front().capture.handedness;
    return assess(input);
}
/// Of eight repetitions of a take: two tests ask for most of them.
const Assessment& ofTake(const Skill& skill, const std::string& take) {
    static std::map<std::pair<std::string, std::string>, Assessment> known;
    const auto key = std::pair(skill.pack.id, take);
    const auto there = known.find(key);
    return there != known.end() ? there->second
                                : known.emplace(key, assessed(skill, filmed(skill, take))).first->second;
}
/// Names and degrees of what was found, best first; in brackets what is not present.
std::string ranking(const Findings& findings) {
    std::string out;
    for (const Finding& finding : findings.ranked)
        out +=
            finding.present ? finding.fault + (finding.state == State::Clear ? "! " : " ") : "(" + finding.fault + ") ";
    return out;
}

void sayOutside(const std::string& take, const Assessment& assessment) {
    for (const SetDeviation& set : assessment.deviations)
        if (set.state != State::Within)
            qInfo("%s: %s is %s: %.3f, range %.3f to %.3f, u %.3f", take.c_str(), set.measure.c_str(),
                  std::string(toString(set.state)).c_str(), set.median, set.reference.low.value_or(-99),
                  set.reference.high.value_or(99), set.expandedU / 2);
}

} // namespace

class TestSkills : public QObject {
    Q_OBJECT

    static void rows() {
        QTest::addColumn<QString>("name");
        for (const auto& [name, skill] : skills())
            QTest::newRow(name.c_str()) << QString::fromStdString(name);
    }
    static const Skill& skillOf(const QString& name) { return skills().at(name.toStdString()); }

private slots:
    void allAreRead() {
        const QDir folder(QStringLiteral(DEMO_CLIPS "/../takes"));
        const std::set<std::string> older{"fencing_lunge", "indoor_rowing", "archery_shot"}; // tst_takes.cpp
        for (const QString& file : folder.entryList({QStringLiteral("*.takes.json")})) {
            const std::string name = file.toStdString().substr(0, file.toStdString().find('.'));
            QVERIFY2(older.contains(name) || skills().contains(name), name.c_str());
        }
    }
    void theModelHasNoClearFault_data() { rows(); }
    void theModelHasNoClearFault() {
        QFETCH(QString, name);
        const Skill& skill = skillOf(name);
        std::set<std::string> measured;
        for (const auto& [take, how] : skill.takes.told.takes) {
            const bool isFault = skill.pack.fault(take) != nullptr;
            if (!how.cannot.empty())
                continue;
            for (const bool leftHanded : {false, true}) {
                const Assessment assessment =
                    leftHanded ? assessed(skill, filmed(skill, take, 8, 3, true)) : ofTake(skill, take);
                for (const TrialMeasures& entry : assessment.judged)
                    for (const auto& [id, value] : entry.measures)
                        if (value.valid())
                            measured.insert(id);
                for (const auto& [id, value] : assessment.setMeasures)
                    if (value.valid())
                        measured.insert(id);
                if (isFault)
                    break;
                sayOutside(take + (leftHanded ? " (left-handed)" : ""), assessment);
                QVERIFY2(std::none_of(assessment.findings.ranked.begin(), assessment.findings.ranked.end(),
                                      [](const Finding& finding) { return finding.state == State::Clear; }),
                         (take + ": " + ranking(assessment.findings)).c_str());
            }
        }
        for (const MeasureDef& def : skill.pack.measures)
            QVERIFY2(measured.contains(def.id), (def.id + " is available in no take").c_str());
    }
    void aFaultsTakeShowsIt_data() { rows(); }
    void aFaultsTakeShowsIt() {
        QFETCH(QString, name);
        const Skill& skill = skillOf(name);
        int shown = 0;
        QStringList wrong;
        for (const FaultDef& fault : skill.pack.faults) {
            if (!skill.takes.told.takes.at(fault.id).cannot.empty())
                continue;
            const Assessment& assessment = ofTake(skill, fault.id);
            const Findings& findings = assessment.findings;
            const Finding* first = findings.ranked.empty() ? nullptr : &findings.ranked.front();
            const bool named = first && first->present &&
                               (first->fault == fault.id ||
                                std::any_of(fault.causes.begin(), fault.causes.end(),
                                            [&](const CauseDef& cause) { return cause.fault == first->fault; }));
            const Finding* own = findings.find(fault.id);
            qInfo("%s: %s", fault.id.c_str(), ranking(findings).c_str());
            if (!named || !own || !own->present) {
                wrong << QString::fromStdString(fault.id);
                sayOutside(fault.id, assessment);
            }
            ++shown;
        }
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(u' ')));
        QVERIFY(shown >= 3 || skill.pack.faults.empty()); // "Any movement" has none
    }
    void eventsAreProposedWhereTheyAre_data() { rows(); }
    void eventsAreProposedWhereTheyAre() {
        QFETCH(QString, name);
        const Skill& skill = skillOf(name);
        std::mt19937 random(1);
        std::normal_distribution<double> normal(0, 2);
        simcam::TakeAsked asked;
        asked.repetitions = 12;
        auto made = makeTake(skill.takes, skill.pack, asked);
        QVERIFY(made);
        std::map<std::string, std::map<std::string, double>> truth;
        for (Trial& trial : *made) {
            for (auto& [landmark, marks] : trial.marks)
                for (auto& [frame, mark] : marks) {
                    mark.at.x += normal(random);
                    mark.at.y += normal(random);
                    mark.sigmaPx = 2;
                }
            for (const TrialEvent& event : trial.events)
                truth[trial.id][event.event] = event.timeS;
        }
        std::map<std::string, std::pair<int, int>> byEvent;
        std::map<std::string, std::vector<double>> offMs; // what was proposed, where anything was
        int near[2] = {0, 0}, all[2] = {0, 0};
        for (int example = 0; example < 3; ++example) {
            std::vector<Trial> targets;
            for (int i = 0; i < static_cast<int>(made->size()); ++i)
                if (i != example) {
                    targets.push_back((*made)[static_cast<std::size_t>(i)]);
                    targets.back().events.clear();
                }
            for (const TrialProposal& proposal :
                 proposeEvents(skill.pack, {(*made)[static_cast<std::size_t>(example)]}, targets))
                for (const auto& [event, timeS] : truth[proposal.trial]) {
                    const auto& rule = skill.pack.event(event)->rule;
                    if (!rule)
                        continue;
                    const bool soft =
                        rule->feature == EventRule::Feature::Start || rule->feature == EventRule::Feature::Stop;
                    const auto own = std::find_if(proposal.events.begin(), proposal.events.end(),
                                                  [&](const EventProposal& one) { return one.event == event; });
                    const bool isNear = own != proposal.events.end() && std::abs(own->timeS - timeS) <= 2 / 60.0 + 1e-9;
                    if (own != proposal.events.end())
                        offMs[event].push_back(1000 * (own->timeS - timeS));
                    near[soft] += isNear;
                    ++all[soft];
                    byEvent[event].first += isNear;
                    ++byEvent[event].second;
                }
        }
        for (const auto& [event, counts] : byEvent)
            qInfo("%s: %d of %d within two frames, of %zu the middle is off by %.0f ms", event.c_str(), counts.first,
                  counts.second, offMs[event].size(), offMs[event].empty() ? 0 : median(offMs[event]));
        QVERIFY2(near[0] >= .95 * all[0], qPrintable(QStringLiteral("sharp: %1 of %2").arg(near[0]).arg(all[0])));
        QVERIFY2(near[1] >= .85 * all[1],
                 qPrintable(QStringLiteral("start and stop: %1 of %2").arg(near[1]).arg(all[1])));
    }
    void thePackIsDeep_data() { rows(); }
    void thePackIsDeep() {
        QFETCH(QString, name);
        const Pack& pack = skillOf(name).pack;
        if (pack.faults.empty()) {
            QVERIFY2(name == QLatin1String("any_movement") && pack.ladders.empty() && pack.drills.empty(), "no faults");
            QVERIFY(pack.measures.size() >= 12);
            return;
        }
        // Where nothing is marked, only times and counts are measured; the eye does the rest.
        const std::size_t least = pack.marked.empty() ? 7 : 12;
        QVERIFY2(pack.measures.size() >= least && pack.measures.size() <= 26, "measures");
        QVERIFY2(pack.measures.size() + pack.observations.size() >= 12, "measures and observations");
        QVERIFY2(pack.faults.size() >= 7 && pack.faults.size() <= 12, "faults");
        std::set<std::vector<std::string>> ladders;
        std::set<std::string> reached;
        for (const LadderDef& ladder : pack.ladders) {
            ladders.insert(ladder.rungs);
            reached.insert(ladder.rungs.begin(), ladder.rungs.end());
            const DrillDef* first = pack.drill(ladder.rungs.front());
            QVERIFY2(first && !first->partner, ("somebody alone cannot begin " + ladder.fault).c_str());
            QVERIFY2(ladder.rungs.size() >= 4 && ladder.rungs.size() <= 6, ladder.fault.c_str());
        }
        QVERIFY2(ladders.size() >= 3, "ladders");
        for (const FaultDef& fault : pack.faults)
            QVERIFY2(pack.ladder(fault.id), (fault.id + " has no ladder").c_str());
        for (const DrillDef& drill : pack.drills)
            QVERIFY2(reached.contains(drill.id), (drill.id + " is on no ladder").c_str());
    }
};

QTEST_APPLESS_MAIN(TestSkills)
#include "tst_skills.moc"
