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
        for (const QString& name : {QStringLiteral("ilka_baseline"), QStringLiteral("instructors")})
            if (auto ready = prepare(name); !ready)
                return ready;
        if (const auto built =
                library_.change(QStringLiteral("Build the demo"), [&](Edit& edit) { return fill(edit, *text); });
            !built)
            return built.error();
        return library_.forgetUndo();
    }

private:
    struct Prepared {
        NewClip clip;
        Json truth;
    };

    Result<void> prepare(const QString& name) {
        const QString from = sources_.clips + u'/' + name + QStringLiteral(".mp4");
        const auto hash = fileHash(from);
        if (!hash)
            return hash.error();
        const QString kept = QStringLiteral("media/") + *hash + QStringLiteral(".mp4");
        const QString to = QDir(library_.folder()).absoluteFilePath(kept);
        if (!QFileInfo::exists(to) && !QFile::copy(from, to))
            return fault(to.toStdString(), "the clip could not be copied: is there space left?");
        auto clip = describeClip(to, kept,
                                 name == QLatin1String("instructors") ? QStringLiteral("Two instructors, side")
                                                                      : QStringLiteral("Lunge on call, side"));
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
        const auto models = edit.addSession(*id, baseline.addDays(-30), QStringLiteral("Club instructors"), true);
        if (!session || !models)
            return !session ? session.error() : models.error();
        if (auto done = addClip(edit, *session, prepared_[0], false); !done)
            return done;
        if (auto done = addClip(edit, *models, prepared_[1], true); !done)
            return done;
        return practice(edit, *id, baseline.addDays(3));
    }

    Result<void> addClip(Edit& edit, SessionId session, const Prepared& prepared, bool model) {
        std::mt19937 random(model ? 402 : 401);
        const Json& takes = prepared.truth["takes"];
        const auto section = [&](const Json& take, int from, int to) {
            Section out;
            out.from = from;
            out.to = to;
            out.facing = take["facing"] == "left" ? Side::Left : Side::Right;
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
                    observe(repetition);
                repetition.variant = "lunge";
                const auto added = edit.addRepetition(shape.id, repetition);
                if (!added)
                    return added.error();
            }
        }
        return {};
    }

    static void observe(Repetition& r) {
        static const char* const kResults[8] = {"hit", "rim", "hit", "missed", "hit", "rim", "hit", "hit"};
        static const char* const kRearFoot[8] = {"yes", "yes", "partly", "yes", "yes", "partly", "yes", "yes"};
        const auto i = static_cast<std::size_t>(r.number - 1) % 8;
        r.result = kResults[i];
        r.felt = i == 3 ? "off" : "right"; // she hardly feels what the film shows
        r.observations = {
            {"eyes", "yes"}, {"rear_foot", kRearFoot[i]}, {"loose_shoulder", i % 3 == 2 ? "partly" : "yes"}};
    }

    /// Two blocks on the first rung: the first held, the second good.
    static Result<void> practice(Edit& edit, CaseId id, const QDate& from) {
        const char* const blocks[2] = {"110110110101", "111011111101"};
        for (int block = 0; block < 2; ++block)
            for (int i = 0; i < 12; ++i) {
                const QDateTime at(from.addDays(qint64(7) * block), QTime(17, 10).addSecs(40 * i));
                if (auto done = edit.addPractice(id, {0, "late_arm", "hand_leads_wall", blocks[block][i] == '1', at});
                    !done)
                    return done;
            }
        return {};
    }

    Library& library_;
    DemoSources sources_;
    Pack pack_;
    std::vector<Prepared> prepared_;
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
