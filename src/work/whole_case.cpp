#include "work/whole_case.h"

#include "work/case_assessment.h"
#include "work/find_repetitions.h"
#include "work/propose_marks.h"
#include "work/track_marks.h"

#include <QUuid>

#include <algorithm>
#include <array>
#include <set>

namespace riflesso {
namespace {

constexpr std::array kSteps{CaseStep::Look, CaseStep::Find, CaseStep::Propose, CaseStep::Track, CaseStep::Assess};

/// One run: the library, what is in the case now, and what was done.
class Run {
public:
    Run(Library& library, CaseId id, const std::string& models, const StepGoOn& goOn)
        : library_(library), id_(id), models_(models), goOn_(goOn) {}

    Result<void> load() {
        auto data = library_.loadCase(id_);
        if (!data)
            return data.error();
        data_ = std::move(*data);
        return {};
    }

    Result<void> look() {
        const auto clips = clipsThere();
        for (std::size_t i = 0; i < clips.size(); ++i) {
            const auto reader = ClipReader::open(clips[i]->path.toStdString());
            auto checks = reader ? checkClip(**reader, part(CaseStep::Look, i, clips.size()))
                                 : Result<ClipChecks>(reader.error());
            if (!checks) {
                if (auto on = leaveOut(checks.error()); !on)
                    return on;
                continue;
            }
            out.looked.push_back({clips[i]->title, std::move(*checks)});
        }
        return {};
    }

    Result<void> find() {
        std::vector<std::pair<ClipId, SectionId>> empty;
        for (const Clip* clip : clipsThere())
            for (const Section& section : clip->sections)
                if (section.repetitions.empty())
                    empty.emplace_back(clip->id, section.id);
        for (std::size_t i = 0; i < empty.size(); ++i) {
            const auto spans = findSpans(data_, *data_.clip(empty[i].first), *sectionOf(data_, empty[i].second),
                                         models_, part(CaseStep::Find, i, empty.size()));
            if (!spans) {
                if (auto on = leaveOut(spans.error()); !on)
                    return on;
                continue;
            }
            auto fresh = repetitionsFrom(data_, empty[i].second, *spans);
            if (fresh.empty())
                continue;
            // Named by where they lie, not by chance: the same case gives the same bytes, here and on another machine.
            const QString home = QString::fromStdString(sectionOf(data_, empty[i].second)->uid);
            for (Repetition& repetition : fresh) {
                const QString place = QStringLiteral("%1 %2-%3").arg(home).arg(repetition.from).arg(repetition.to);
                repetition.uid = QUuid::createUuidV5(QUuid(), place).toString(QUuid::Id128).toStdString();
            }
            if (auto done = change("Find repetitions",
                                   [&](Edit& edit) -> Result<void> {
                                       const auto added = addRepetitions(edit, empty[i].second, fresh);
                                       if (!added)
                                           return added.error();
                                       return {};
                                   });
                !done)
                return done;
            out.found += fresh.size();
        }
        return {};
    }

    Result<void> propose() {
        const auto thin = thinRepetitions();
        SectionHabits habits;
        for (std::size_t i = 0; i < thin.size(); ++i) {
            const auto proposal =
                proposeRepetitions(data_, {thin[i]}, models_, {}, habits, part(CaseStep::Propose, i, thin.size()));
            if (!proposal) {
                if (auto on = leaveOut(proposal.error()); !on)
                    return on;
                continue;
            }
            habits = proposal->habits;
            ProposalWritten written;
            if (auto done = change("Propose marks",
                                   [&](Edit& edit) -> Result<void> {
                                       const auto all = writeProposal(edit, data_, data_, *proposal);
                                       if (!all)
                                           return all.error();
                                       written = *all;
                                       return {};
                                   });
                !done)
                return done;
            out.proposed += written.marks;
            out.doubtful += written.doubtful;
            out.events += written.events;
        }
        return {};
    }

    Result<void> track() {
        const auto thin = thinRepetitions();
        for (std::size_t i = 0; i < thin.size(); ++i) {
            const StretchToTrack stretch = stretchToTrack(data_, placeOf(data_, thin[i]));
            if (stretch.empty())
                continue;
            const auto paths = trackInStretch(stretch, part(CaseStep::Track, i, thin.size()));
            if (!paths) {
                if (auto on = leaveOut(paths.error()); !on)
                    return on;
                continue;
            }
            TrackWritten written;
            if (auto done = change("Track marks",
                                   [&](Edit& edit) -> Result<void> {
                                       const auto all = writeTracked(edit, data_, thin[i], *paths);
                                       if (!all)
                                           return all.error();
                                       written = *all;
                                       return {};
                                   });
                !done)
                return done;
            out.tracked += written.marks;
            out.lost += written.lost;
        }
        return {};
    }

    Result<void> assess(const QDate& today) {
        const School school = schoolFrom(data_.school.toStdString()).value_or(School::Root);
        std::vector<std::pair<SessionId, std::optional<Stress>>> sets;
        for (const Session& session : data_.sessions) {
            std::set<std::optional<Stress>> levels;
            if (!session.isModel)
                for (const Trial& trial : trialsOf(data_, session.id, {}))
                    levels.insert(trial.stress);
            for (const auto& level : levels)
                sets.emplace_back(session.id, level);
        }
        for (std::size_t i = 0; i < sets.size(); ++i) {
            if (!goOn_(CaseStep::Assess, static_cast<double>(i) / static_cast<double>(sets.size())))
                return cancelled();
            out.assessed.push_back(
                {sets[i].first, sets[i].second,
                 riflesso::assess(assessmentInput(data_, sets[i].first, sets[i].second, school, today))});
        }
        return {};
    }

    CaseWorked out;

private:
    [[nodiscard]] std::vector<const Clip*> clipsThere() {
        std::vector<const Clip*> clips;
        for (const Session& session : data_.sessions)
            for (const Clip& clip : session.clips)
                if (!clip.missing)
                    clips.push_back(&clip);
                else
                    note(clip.title.toStdString() + ": its file is not there");
        return clips;
    }

    /// Of clips that are there, less than half marked.
    [[nodiscard]] std::vector<RepetitionId> thinRepetitions() {
        std::vector<RepetitionId> out;
        for (const Clip* clip : clipsThere())
            for (const Section& section : clip->sections)
                for (const Repetition& repetition : section.repetitions) {
                    const RepetitionPlace place = placeOf(data_, repetition.id);
                    const std::size_t frames = static_cast<std::size_t>(repetition.to - repetition.from + 1);
                    if (2 * countOf(repetition.marks) < wantedLandmarks(data_, place).size() * frames)
                        out.push_back(repetition.id);
                }
        return out;
    }

    /// The share of a whole step that its i-th of `count` pieces reports.
    GoOn part(CaseStep step, std::size_t i, std::size_t count) const {
        return [this, step, i, count](double share) {
            return goOn_(step, (static_cast<double>(i) + share) / static_cast<double>(count));
        };
    }

    Result<void> change(const char* name, const std::function<Result<void>(Edit&)>& work) {
        const auto done = library_.change(QLatin1String(name), work);
        return done ? load() : Result<void>(done.error());
    }

    void note(const std::string& what) {
        if (std::find(out.leftOut.begin(), out.leftOut.end(), what) == out.leftOut.end())
            out.leftOut.push_back(what);
    }

    /// One piece that cannot be done keeps none of the others back; a stop does.
    Result<void> leaveOut(const Error& error) {
        if (error.kind == Error::Kind::Cancelled)
            return error;
        note(error.sentence());
        return {};
    }

    Library& library_;
    CaseId id_;
    const std::string& models_;
    const StepGoOn& goOn_;
    CaseData data_;
};

} // namespace

const char* toString(CaseStep step) {
    switch (step) {
    case CaseStep::Look:
        return "look";
    case CaseStep::Find:
        return "find";
    case CaseStep::Propose:
        return "propose";
    case CaseStep::Track:
        return "track";
    case CaseStep::Assess:
        return "assess";
    }
    return "";
}

std::optional<CaseStep> caseStepFrom(const std::string& word) {
    for (const CaseStep step : kSteps)
        if (word == toString(step))
            return step;
    return {};
}

Result<CaseWorked> workOnCase(Library& library, CaseId id, const std::vector<CaseStep>& steps,
                              const std::string& models, const QDate& today, const StepGoOn& goOn) {
    Run run(library, id, models, goOn);
    if (auto loaded = run.load(); !loaded)
        return loaded.error();
    for (const CaseStep step : kSteps) {
        if (std::find(steps.begin(), steps.end(), step) == steps.end())
            continue;
        Result<void> done = step == CaseStep::Look      ? run.look()
                            : step == CaseStep::Find    ? run.find()
                            : step == CaseStep::Propose ? run.propose()
                            : step == CaseStep::Track   ? run.track()
                                                        : run.assess(today);
        if (!done)
            return done.error();
    }
    return std::move(run.out);
}

} // namespace riflesso
