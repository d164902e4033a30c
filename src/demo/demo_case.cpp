#include "demo/demo_case.h"

#include "core/measure/single_cycles.h"
#include "core/pack/pack_reader.h"
#include "core/tables/json_walk.h"
#include "work/clip_files.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <algorithm>
#include <cmath>
#include <random>

namespace riflesso {
namespace {

constexpr double kMarkingSdPx = 1.2; ///< of the marks in the demo, about what a careful analyst reaches at this size
constexpr double kEventMarkingFrames = 0.4; ///< SD with which the demo's events are set
constexpr int kBesideStroke = 8;            ///< frames marked before and after a stroke

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

Side sideIn(const Json& take, const char* key) { return take[key] == "left" ? Side::Left : Side::Right; }

/// One story on its way into the library.
class StoryCase {
public:
    static Result<StoryCase> of(const Library& library, const DemoSources& sources, const Story& story,
                                const GoOn& goOn) {
        StoryCase out(story, goOn);
        for (const StorySession& session : story.sessions)
            out.clips_ += session.clips.size();
        const QString packFile = QString::fromStdString(story.packFile);
        auto text = readText(sources.packs + u'/' + packFile);
        if (!text)
            return text.error();
        out.packText_ = std::move(*text);
        auto pack = loadPack(out.packText_.toStdString(), story.packFile);
        if (!pack)
            return pack.error();
        out.pack_ = ofSingleCycles(std::move(*pack));
        for (const StorySession& session : story.sessions)
            for (const StoryClip& clip : session.clips) {
                if (!out.stepDone())
                    return cancelled();
                if (auto ready = out.prepare(library, sources, clip); !ready)
                    return ready.error();
            }
        return out;
    }

    Result<DemoPlace> addTo(Edit& edit) {
        const auto athlete = edit.addAthlete(story_.athlete);
        if (!athlete)
            return athlete.error();
        const auto id = edit.addCase(*athlete, story_.title, packText_);
        if (!id)
            return id.error();
        if (auto done = addSettings(edit, *athlete, *id); !done)
            return done.error();
        std::vector<SessionId> sessions;
        for (const StorySession& session : story_.sessions) {
            const auto made = edit.addSession(*id, session.date, session.title, session.isModel);
            if (!made)
                return made.error();
            sessions.push_back(*made);
        }
        for (std::size_t s = 0, clip = 0; s < sessions.size(); ++s)
            for (const StoryClip& filmed : story_.sessions[s].clips) {
                if (!stepDone())
                    return cancelled();
                if (auto done = addClip(edit, sessions[s], filmed, clip++); !done)
                    return done.error();
            }
        for (const PracticeBlock& block : story_.practice)
            if (auto done = edit.addPracticeBlock(*id, block); !done)
                return done.error();
        return DemoPlace{*id, sessions.front()};
    }

private:
    StoryCase(const Story& story, const GoOn& goOn) : story_(story), goOn_(goOn) {}

    /// A clip is prepared, then added: two steps each.
    bool stepDone() { return !goOn_ || goOn_(static_cast<double>(steps_++) / static_cast<double>(2 * clips_)); }

    Result<void> addSettings(Edit& edit, AthleteId athlete, CaseId id) const {
        for (const Competition& competition : story_.competitions)
            if (auto done = edit.addCompetition(athlete, competition.date, competition.title); !done)
                return done;
        for (Belief belief : story_.beliefs) {
            belief.said = story_.sessions.front().date; // asked before anything was shown
            if (auto done = edit.addBelief(id, belief); !done)
                return done;
        }
        if (auto done = edit.setGoal(id, story_.goal); !done)
            return done;
        for (const Decision& decision : story_.decisions)
            if (auto done = edit.decide(id, decision); !done)
                return done;
        return edit.setPlan(id, story_.plan);
    }

    Result<void> prepare(const Library& library, const DemoSources& sources, const StoryClip& filmed) {
        const QString name = QString::fromStdString(filmed.clip);
        const QString from = sources.clips + u'/' + name + QStringLiteral(".mp4");
        const auto hash = fileHash(from);
        if (!hash)
            return hash.error();
        const QString kept = QStringLiteral("media/") + *hash + QStringLiteral(".mp4");
        const QString to = QDir(library.folder()).absoluteFilePath(kept);
        if (!QFileInfo::exists(to) && !QFile::copy(from, to))
            return fault(to.toStdString(), "the clip could not be copied: is there space left?");
        auto clip = describeClip(to, kept, filmed.title);
        if (!clip)
            return clip.error();
        auto truth = readTruth(sources.clips + u'/' + name + QStringLiteral(".truth.json"));
        if (!truth)
            return truth.error();
        prepared_.push_back({std::move(*clip), std::move(*truth)});
        return {};
    }

    /// Every marked point in every frame: the truth with marking noise.
    void mark(Repetition& repetition, const Json& truth, const Section& section, Side handedness,
              const std::set<std::string>& unseen, std::mt19937& random) const {
        std::normal_distribution<double> normal;
        Capture capture;
        capture.handedness = handedness;
        capture.facing = section.facing;
        std::map<std::string, Side> sides;
        for (const auto& [role, rule] : pack_.roles)
            if (const auto side = resolveSide(rule, capture))
                sides[role] = *side;
        for (const PointRef& ref : pack_.marked) {
            const std::string name = resolvePoint(ref, sides);
            if (unseen.contains(name) || !truth["landmarks_px"].contains(name))
                continue;
            const Json& path = truth["landmarks_px"][name];
            for (int frame = repetition.from; frame <= repetition.to; ++frame) {
                const Json& at = path[static_cast<std::size_t>(frame)];
                repetition.marks[name][frame] = {{at[0].get<double>() + kMarkingSdPx * normal(random),
                                                  at[1].get<double>() + kMarkingSdPx * normal(random)},
                                                 kMarkingSdPx,
                                                 "demo marking"};
            }
        }
    }

    std::vector<Repetition> repetitionsOf(const Json& truth, const Json& rep, const Section& section, Side handedness,
                                          const StoryClip& filmed, std::mt19937& random) const {
        std::normal_distribution<double> normal;
        const double rate = truth["frame_rate"];
        const auto marked = [&](double timeS) {
            return StoredEvent{std::round(timeS * rate + kEventMarkingFrames * normal(random)), {}, "demo marking"};
        };
        const Json& events = rep["events_s"];
        std::vector<Repetition> out;
        if (pack_.cycleEnd.empty()) {
            Repetition& one = out.emplace_back();
            one.number = rep["number"];
            one.from = rep["from"];
            one.to = rep["to"];
            for (const auto& [id, time] : events.items())
                one.events[id] = marked(time);
        } else {
            const std::string& start = pack_.events.front().id;
            std::vector<StoredEvent> starts;
            for (const Json& time : events[start])
                starts.push_back(marked(time));
            for (std::size_t k = 0; k + 1 < starts.size(); ++k) {
                Repetition& stroke = out.emplace_back();
                stroke.number = static_cast<int>(k) + 1;
                stroke.from = std::max(rep["from"].get<int>(), static_cast<int>(starts[k].frame) - kBesideStroke);
                stroke.to = std::min(rep["to"].get<int>(), static_cast<int>(starts[k + 1].frame) + kBesideStroke);
                for (const auto& [id, times] : events.items())
                    if (id != start)
                        stroke.events[id] = marked(times[k]);
                stroke.events[start] = starts[k];
                stroke.events[pack_.cycleEnd] = starts[k + 1];
            }
        }
        for (Repetition& repetition : out)
            mark(repetition, truth, section, handedness, filmed.unseen, random);
        return out;
    }

    Result<void> addClip(Edit& edit, SessionId session, const StoryClip& filmed, std::size_t number) {
        const Prepared& prepared = prepared_[number];
        const bool model = !filmed.stress;
        constexpr std::size_t kFirstSeed = 401, kSeedStep = 10, kModelSeed = 402;
        std::mt19937 random(
            static_cast<std::mt19937::result_type>(model ? kModelSeed : kFirstSeed + kSeedStep * number));
        const Json& takes = prepared.truth["takes"];
        const auto sectionOf = [&](const Json& take, int from, int to) {
            Section out;
            out.from = from;
            out.to = to;
            out.facing = sideIn(take, "facing");
            out.view = viewFrom(prepared.truth.value("view", "side")).value_or(View::Side);
            out.stress = filmed.stress.value_or(Stress::Calm);
            out.bearingDeg = 0; // the cameras of the demo stand square on
            if (model) {
                out.handedness = sideIn(take, "handedness");
                out.performer = QString::fromStdString(take["performer"].get<std::string>());
            }
            return out;
        };
        constexpr int kLead = 6; // frames of a section before its first repetition
        const auto startOf = [&](std::size_t take) {
            return take == 0 ? 0 : std::max(0, takes[take]["repetitions"][0]["from"].get<int>() - kLead);
        };
        const int last = static_cast<int>(prepared.clip.timesS.size()) - 1;
        const auto clip = edit.addClip(session, prepared.clip, sectionOf(takes[0], 0, last));
        if (!clip)
            return clip.error();
        for (std::size_t t = 0, index = 0; t < takes.size(); ++t) {
            Section shape = sectionOf(takes[t], startOf(t), t + 1 < takes.size() ? startOf(t + 1) - 1 : last);
            const auto added = t == 0 ? edit.firstSection(*clip) : edit.addSection(*clip, shape);
            if (!added)
                return added.error();
            shape.id = *added;
            if (t == 0)
                if (auto set = edit.setSection(shape); !set)
                    return set;
            for (const Json& rep : takes[t]["repetitions"])
                for (Repetition& repetition :
                     repetitionsOf(prepared.truth, rep, shape, sideIn(takes[t], "handedness"), filmed, random)) {
                    filmed.notes.noteIn(repetition, index++);
                    std::erase_if(repetition.events,
                                  [&](const auto& event) { return filmed.unmarked.contains(event.first); });
                    if (!filmed.sameAs.empty()) {
                        const auto leading = added_.find({filmed.sameAs, repetition.number});
                        if (leading == added_.end())
                            return badInput(filmed.clip, "a repetition of the same number in " + filmed.sameAs,
                                            std::to_string(repetition.number));
                        repetition.sameAs = leading->second;
                    }
                    const auto kept = edit.addRepetition(shape.id, repetition);
                    if (!kept)
                        return kept.error();
                    added_[{filmed.clip, repetition.number}] = *kept;
                }
        }
        return {};
    }

    struct Prepared {
        NewClip clip;
        Json truth;
    };
    const Story& story_;
    GoOn goOn_;
    std::size_t clips_ = 0, steps_ = 0;
    QString packText_;
    Pack pack_;
    std::vector<Prepared> prepared_;                            ///< in the order of the story
    std::map<std::pair<std::string, int>, RepetitionId> added_; ///< by clip and number
};

} // namespace

Result<DemoPlace> addStory(Library& library, const DemoSources& sources, const Story& story, const GoOn& goOn) {
    auto filled = StoryCase::of(library, sources, story, goOn);
    if (!filled)
        return filled.error();
    DemoPlace place;
    const auto built = library.change(QStringLiteral("Build the demo"), [&](Edit& edit) -> Result<void> {
        const auto added = filled->addTo(edit);
        if (!added)
            return added.error();
        place = *added;
        return {};
    });
    if (!built)
        return built.error();
    return place;
}

} // namespace riflesso
