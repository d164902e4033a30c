#include "demo/demo_library.h"

#include "core/json_walk.h"
#include "core/pack_reader.h"
#include "media/clip_reader.h"
#include "store/edit.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <cmath>
#include <random>

namespace riflesso {
namespace {

constexpr double kMarkingSdPx = 1.2; ///< of the marks in the demo, about what a careful analyst reaches at this size
constexpr double kEventMarkingFrames = 0.4; ///< SD with which the demo's events are set

Result<QString> readText(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return badInput(path.toStdString(), "a file of the demo", file.errorString().toStdString());
    return QString::fromUtf8(file.readAll());
}

Result<Json> readTruth(const QString& path) {
    const auto text = readText(path);
    if (!text)
        return text.error();
    std::vector<JsonFault> faults;
    auto json = parseJson(text->toStdString(), std::size_t(64) << 20, faults);
    if (!json)
        return badInput(path.toStdString(), "the truth of a simulated clip", faults[0].got);
    return std::move(*json);
}

/// A repetition as a careful analyst would have marked it: the truth with marking noise, seeded.
Repetition markedRepetition(const Json& truth, const Json& rep, Side handedness, const Pack& pack,
                            std::mt19937& random) {
    std::normal_distribution<double> normal;
    Repetition out;
    out.number = rep["number"];
    out.from = rep["from"];
    out.to = rep["to"];
    const double rate = truth["frame_rate"];
    for (const auto& [id, time] : rep["events_s"].items()) {
        const double frame = time.get<double>() * rate + kEventMarkingFrames * normal(random);
        out.events[id] = {std::round(frame), {}, "demo marking"};
    }
    const auto sides = rolesByHand(pack, handedness);
    for (const PointRef& ref : pack.marked) {
        const std::string name = resolvePoint(ref, sides);
        const Json& path = truth["landmarks_px"][name];
        for (int frame = out.from; frame <= out.to; ++frame) {
            const Json& at = path[static_cast<std::size_t>(frame)];
            out.marks[name][frame] = {{at[0].get<double>() + kMarkingSdPx * normal(random),
                                       at[1].get<double>() + kMarkingSdPx * normal(random)},
                                      kMarkingSdPx,
                                      "demo marking"};
        }
    }
    return out;
}

class DemoBuilder {
public:
    DemoBuilder(Library& library, const DemoSources& sources) : library_(library), sources_(sources) {}

    Result<void> run() {
        const auto text = readText(sources_.packs + QStringLiteral("/fencing_lunge.json"));
        if (!text)
            return text.error();
        PackReading reading = readPack(text->toStdString());
        if (!reading.faults.empty())
            return badInput("fencing_lunge.json: " + reading.faults[0].path, reading.faults[0].expected,
                            reading.faults[0].got);
        pack_ = std::move(reading.pack);
        for (const auto& [name, title] : clips())
            if (auto ready = prepare(name, title); !ready)
                return ready;
        if (const auto built =
                library_.change(QStringLiteral("Build the demo"), [&](Edit& edit) { return fill(edit, *text); });
            !built)
            return built.error();
        if (auto noted = library_.noteOpened(case_, baseline_); !noted) // the story begins there
            return noted;
        return library_.forgetUndo();
    }

    /// Names of the sources, and what the clips are called in the case.
    static std::vector<std::pair<QString, QString>> clips() {
        return {{QStringLiteral("ilka_baseline"), QStringLiteral("Lunge on call, side")},
                {QStringLiteral("ilka_baseline_lamp"), QStringLiteral("Lunge on a lamp, side")},
                {QStringLiteral("ilka_retest"), QStringLiteral("Lunge on call, side")},
                {QStringLiteral("ilka_retest_lamp"), QStringLiteral("Lunge on a lamp, side")},
                {QStringLiteral("instructors"), QStringLiteral("Two instructors, side")}};
    }

private:
    struct Prepared {
        NewClip clip;
        Json truth;
    };

    Result<void> prepare(const QString& name, const QString& title) {
        const QString from = sources_.clips + u'/' + name + QStringLiteral(".mp4");
        const auto hash = fileHash(from);
        if (!hash)
            return hash.error();
        const QString kept = QStringLiteral("media/") + *hash + QStringLiteral(".mp4");
        const QString to = QDir(library_.folder()).absoluteFilePath(kept);
        if (!QFileInfo::exists(to) && !QFile::copy(from, to))
            return fault(to.toStdString(), "the clip could not be copied: is there space left?");
        auto clip = describeClip(to, kept, title);
        if (!clip)
            return clip.error();
        auto truth = readTruth(sources_.clips + u'/' + name + QStringLiteral(".truth.json"));
        if (!truth)
            return truth.error();
        prepared_.push_back({std::move(*clip), std::move(*truth)});
        return {};
    }

    Result<void> fill(Edit& edit, const QString& packText) {
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
        const auto id = edit.addCase(*athlete, QStringLiteral("Fencing lunge"), packText);
        if (!id)
            return id.error();
        Belief belief{0, "arm_before_foot", QStringLiteral("My arm is a little late."), -0.02, true};
        PlanSettings plan;
        plan.start = baseline.addDays(2);
        plan.retest = baseline.addDays(21);
        plan.retention = baseline.addDays(42);
        plan.noChangeDays = 10;
        for (const Result<void>& step :
             {edit.addCompetition(*athlete, baseline.addDays(35), QStringLiteral("Quay Cup")),
              edit.addBelief(*id, belief), edit.setPlan(*id, plan)})
            if (!step)
                return step;
        const auto session = edit.addSession(*id, baseline, QStringLiteral("Baseline"), false);
        const auto retest = edit.addSession(*id, baseline.addDays(21), QStringLiteral("Retest"), false);
        const auto models = edit.addSession(*id, baseline.addDays(-30), QStringLiteral("Club instructors"), true);
        for (const auto* made : {&session, &retest, &models})
            if (!*made)
                return made->error();
        case_ = *id;
        baseline_ = *session;
        const std::pair<SessionId, Stress> places[] = {{*session, Stress::Calm},
                                                       {*session, Stress::Surprise},
                                                       {*retest, Stress::Calm},
                                                       {*retest, Stress::Surprise}};
        for (std::size_t i = 0; i < std::size(places); ++i)
            if (auto done = addClip(edit, places[i].first, prepared_[i], places[i].second, 401 + 10 * i); !done)
                return done;
        if (auto done = addClip(edit, *models, prepared_.back(), {}, 402); !done)
            return done;
        return practice(edit, *id, baseline.addDays(3));
    }

    /// stress: of the athlete's repetitions; none: a model's clip.
    Result<void> addClip(Edit& edit, SessionId session, const Prepared& prepared, std::optional<Stress> stress,
                         std::size_t seed) {
        const bool model = !stress;
        std::mt19937 random(static_cast<std::mt19937::result_type>(seed));
        const Json& takes = prepared.truth["takes"];
        const auto section = [&](const Json& take, int from, int to) {
            Section out;
            out.from = from;
            out.to = to;
            out.facing = take["facing"] == "left" ? Side::Left : Side::Right;
            out.stress = stress.value_or(Stress::Calm);
            if (model) {
                out.handedness = take["handedness"] == "left" ? Side::Left : Side::Right;
                out.performer = QString::fromStdString(take["performer"].get<std::string>());
            }
            return out;
        };
        const int last = static_cast<int>(prepared.clip.timesS.size()) - 1;
        const auto clip = edit.addClip(session, prepared.clip, section(takes[0], 0, last));
        if (!clip)
            return clip.error();
        for (std::size_t t = 0; t < takes.size(); ++t) {
            const Json& reps = takes[t]["repetitions"];
            const int from = t == 0 ? 0 : reps[0]["from"].get<int>() - 6;
            const int to = t + 1 < takes.size() ? takes[t + 1]["repetitions"][0]["from"].get<int>() - 7 : last;
            Section shape = section(takes[t], from, to);
            if (t == 0) {
                const auto first = edit.firstSection(*clip);
                if (!first)
                    return first.error();
                shape.id = *first;
                if (auto set = edit.setSection(shape); !set)
                    return set;
            } else {
                const auto added = edit.addSection(*clip, shape);
                if (!added)
                    return added.error();
                shape.id = *added;
            }
            const Side handedness = takes[t]["handedness"] == "left" ? Side::Left : Side::Right;
            for (const Json& rep : reps) {
                Repetition repetition = markedRepetition(prepared.truth, rep, handedness, pack_, random);
                if (!model)
                    observe(repetition, *stress, session != baseline_);
                repetition.variant = "lunge";
                const auto added = edit.addRepetition(shape.id, repetition);
                if (!added)
                    return added.error();
            }
        }
        return {};
    }

    static void observe(Repetition& r, Stress stress, bool later) {
        static const char* const kFirst[8] = {"hit", "rim", "hit", "missed", "hit", "rim", "hit", "hit"};
        static const char* const kLamp[8] = {"missed", "rim", "hit", "missed", "rim", "missed", "rim", "hit"};
        static const char* const kLater[8] = {"hit", "hit", "rim", "hit", "hit", "hit", "hit", "rim"};
        const char* const* kResults = stress == Stress::Surprise ? kLamp : later ? kLater : kFirst;
        static const char* const kRearFoot[8] = {"yes", "yes", "partly", "yes", "yes", "partly", "yes", "yes"};
        const auto i = static_cast<std::size_t>(r.number - 1) % 8;
        r.result = kResults[i];
        r.felt = i == 3 ? "off" : "right"; // she hardly feels what the film shows
        r.observations = {
            {"eyes", "yes"}, {"rear_foot", kRearFoot[i]}, {"loose_shoulder", i % 3 == 2 ? "partly" : "yes"}};
    }

    /// Three weeks of blocks: the first rung held and then good, the second flat for two evenings, then good.
    static Result<void> practice(Edit& edit, CaseId id, const QDate& from) {
        struct Block {
            int day;
            const char *drill, *good;
        };
        static constexpr Block kBlocks[] = {
            {0, "hand_leads_wall", "110110110101"}, {4, "hand_leads_wall", "111011111101"},
            {7, "hand_then_step", "101011010110"},  {9, "hand_then_step", "011011010110"},
            {11, "hand_then_step", "101101101011"}, {14, "hand_then_step", "111101111111"}};
        for (const Block& block : kBlocks)
            for (int i = 0; block.good[i] != 0; ++i) {
                const QDateTime at(from.addDays(block.day), QTime(17, 10).addSecs(40 * i));
                if (auto done = edit.addPractice(id, {0, "late_arm", block.drill, block.good[i] == '1', at}); !done)
                    return done;
            }
        return {};
    }

    Library& library_;
    DemoSources sources_;
    Pack pack_;
    std::vector<Prepared> prepared_;
    CaseId case_;
    SessionId baseline_;
};

} // namespace

DemoSources DemoSources::besideProgram(const QString& programFolder) {
    const QString share = QDir::cleanPath(programFolder + QStringLiteral("/../share/riflesso"));
    return {share + QStringLiteral("/demo"), share + QStringLiteral("/packs")};
}

Result<NewClip> describeClip(const QString& path, const QString& keptPath, const QString& title) {
    const auto reader = ClipReader::open(path.toStdString());
    if (!reader)
        return reader.error();
    const auto hash = fileHash(path);
    if (!hash)
        return hash.error();
    const ClipInfo& info = (*reader)->info();
    return NewClip{title, keptPath, *hash, info.displayWidth, info.displayHeight, info.timesS};
}

Result<void> buildDemoLibrary(const QString& folder, const DemoSources& sources) {
    if (QFileInfo::exists(folder + QStringLiteral("/library.sqlite")))
        return badInput(folder.toStdString(), "a folder without a library", "one that has a library");
    auto library = Library::open(folder);
    if (!library)
        return library.error();
    return DemoBuilder(**library, sources).run();
}

Result<void> resetDemoLibrary(const QString& folder, const DemoSources& sources) {
    QDir dir(folder);
    for (const QString& name :
         dir.entryList({QStringLiteral("library.sqlite*"), QStringLiteral("library.lock")}, QDir::Files))
        if (!dir.remove(name))
            return fault(folder.toStdString(), "the old demo could not be removed");
    return buildDemoLibrary(folder, sources);
}

} // namespace riflesso
