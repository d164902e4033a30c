#include "app/mark/mark_proposals.h"

#include "app/settings/stored_settings.h"
#include "app/widgets/section_pictures.h"
#include "core/signal/propose_events.h"
#include "media/implement_line.h"
#include "media/point_tracker.h"
#include "media/proposed_marks.h"
#include "report/words.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace riflesso {
namespace {

using Marks = std::map<std::string, MarksByFrame>;

std::set<std::string> landmarksOf(const CaseData& data, const RepetitionPlace& place) {
    std::set<std::string> out;
    const auto sides = resolveRoles(data.pack, toTrial(data, place));
    const auto byHand = rolesByHand(data.pack, place.section->handedness.value_or(data.athlete.handedness));
    for (const PointRef& ref : data.pack.marked) {
        const std::string name = resolvePoint(ref, sides);
        out.insert(name.empty() ? resolvePoint(ref, byHand) : name);
    }
    out.erase(std::string());
    return out;
}

bool isHidden(const Repetition& repetition, const std::string& landmark, int frame) {
    return std::any_of(repetition.hidden.begin(), repetition.hidden.end(),
                       [&](const HiddenMark& h) { return h.landmark == landmark && h.frame == frame; });
}

/// Of what was found, the marks that may be written: where a person set nothing, and nothing surer was proposed.
Marks toWrite(const CaseData& data, const RepetitionPlace& place, const Marks& found) {
    Marks out;
    const auto wanted = landmarksOf(data, place);
    for (const auto& [landmark, track] : found) {
        if (!wanted.contains(landmark))
            continue;
        const auto there = place.repetition->marks.find(landmark);
        for (const auto& [frame, mark] : track) {
            if (isHidden(*place.repetition, landmark, frame))
                continue;
            if (there != place.repetition->marks.end())
                if (const auto known = there->second.find(frame); known != there->second.end())
                    if (!isProposed(known->second.source) ||
                        (known->second.source != mark.source && known->second.sigmaPx <= mark.sigmaPx))
                        continue;
            out[landmark][frame] = mark;
        }
    }
    return out;
}

/// Key events of one repetition from the others that are marked (the models' where the athlete has none), else by rule.
std::map<std::string, StoredEvent> eventsFor(const CaseData& data, RepetitionId id, const Marks& marks) {
    const RepetitionPlace place = placeOf(data, id);
    Trial target = toTrial(data, place);
    for (const auto& [landmark, track] : marks)
        for (const auto& [frame, mark] : track)
            target.marks[landmark].insert_or_assign(frame, mark);
    const auto asExample = [&](const Trial& trial) {
        const Repetition* repetition = data.repetition(repetitionId(trial.id));
        constexpr std::size_t kDense = 10; // frames: a warp needs the movement, not its key positions alone
        return trial.id != target.id && trial.events.size() == data.pack.events.size() && !trial.marks.empty() &&
               trial.marks.begin()->second.size() >= kDense &&
               std::none_of(repetition->events.begin(), repetition->events.end(),
                            [](const auto& event) { return isProposed(event.second.source); });
    };
    constexpr std::size_t kMostExamples = 5; // more are no better, and slower
    std::vector<Trial> examples;
    for (const bool models : {false, true}) {
        if (!examples.empty())
            break;
        for (const Session& session : data.sessions)
            if (session.isModel == models)
                for (Trial& trial : trialsOf(data, session.id, {}))
                    if (examples.size() < kMostExamples && asExample(trial))
                        examples.push_back(std::move(trial));
    }
    std::map<std::string, StoredEvent> out;
    for (const TrialProposal& proposal : proposeEvents(data.pack, examples, {target}))
        for (const EventProposal& event : proposal.events) {
            const auto known = place.repetition->events.find(event.event);
            if (known != place.repetition->events.end() && !isProposed(known->second.source))
                continue;
            if (event.frame < place.repetition->from || event.frame > place.repetition->to)
                continue;
            out[event.event] = {event.frame, event.uS,
                                std::string(event.reviewFirst ? kDoubtfulEvent : kProposedEvent)};
        }
    return out;
}

/// Points of implements, and the landmark of the hand that holds them.
std::vector<std::pair<std::string, std::string>> heldPoints(const Pack& pack,
                                                            const std::map<std::string, Side>& sides) {
    std::vector<std::pair<std::string, std::string>> out;
    for (const OwnPoint& point : pack.points)
        if (point.on && (point.on->part == "hand" || point.on->part == "wrist")) {
            PointRef wrist = *point.on;
            wrist.part = "wrist";
            if (const std::string grip = resolvePoint(wrist, sides); !grip.empty())
                out.emplace_back(point.id, grip);
        }
    return out;
}

Result<void> writeMarks(Edit& edit, RepetitionId id, const Marks& marks) {
    for (const auto& [landmark, track] : marks)
        for (const auto& [frame, mark] : track)
            if (auto done = edit.setMark(id, landmark, frame, mark); !done)
                return done;
    return {};
}

std::size_t countOf(const Marks& marks) {
    std::size_t count = 0;
    for (const auto& [landmark, track] : marks)
        count += track.size();
    return count;
}

struct RepetitionProposal {
    RepetitionId id;
    Marks marks;
    std::map<std::string, StoredEvent> events;
};

struct Proposed {
    std::vector<RepetitionProposal> repetitions;
    SectionHabits habits;
    int asYours = 0; ///< repetitions of which the marks were moved by the habit of the analyst's own
};

/// Over these repetitions, and before them over those that teach where the analyst puts marks, where that is not known.
Result<Proposed> proposedFor(const CaseData& data, const std::vector<RepetitionId>& repetitions, const QString& models,
                             const std::optional<QRectF>& box, const SectionHabits& habits, JobControl& control) {
    const auto network = PoseNetwork::open(models.toStdString());
    if (!network)
        return network.error();
    Proposed out{{}, habits, 0};
    std::vector<RepetitionId> order = repetitions;
    for (const RepetitionId id : repetitions)
        if (const Section& section = *placeOf(data, id).section; out.habits.isToLearn(section))
            if (const RepetitionId teacher = teacherOf(section)->repetition;
                std::count(order.begin(), order.end(), teacher) == 0)
                order.insert(order.begin(), teacher);
    std::map<std::int64_t, ProposedMarks> seen; // by repetition
    for (std::size_t i = 0; i < order.size(); ++i) {
        const RepetitionPlace place = placeOf(data, order[i]);
        const auto reader = ClipReader::open(place.clip->path.toStdString());
        if (!reader)
            return reader.error();
        Marks set;
        for (const auto& [landmark, track] : place.repetition->marks)
            for (const auto& [frame, mark] : track)
                if (!isProposed(mark.source))
                    set[landmark][frame] = mark;
        // Where a person marked the athlete first; the network follows from the start of the repetition.
        std::optional<PictureBox> near;
        if (box && std::count(repetitions.begin(), repetitions.end(), order[i]) > 0)
            near = PictureBox{box->x(), box->y(), box->width(), box->height()};
        for (int frame = place.repetition->from; frame <= place.repetition->to && !near; ++frame)
            near = boxRound(set, frame);
        if (!near)
            near = boxInUse(place.section->picture);
        auto proposed = proposeMarks(
            **network, [&](int at) { return asShown((*reader)->frame(at), place.section->picture); },
            place.repetition->from, place.repetition->to, near, set,
            [&](double share) {
                return control.goOn((static_cast<double>(i) + share) / static_cast<double>(order.size()));
            });
        if (!proposed)
            return proposed.error();
        if (out.habits.isToLearn(*place.section) && teacherOf(*place.section)->repetition == order[i])
            out.habits.learn(*place.section, *proposed);
        seen[order[i].value] = std::move(*proposed);
    }
    for (const RepetitionId id : repetitions) {
        const RepetitionPlace place = placeOf(data, id);
        ProposedMarks& proposed = seen[id.value];
        out.asYours += out.habits.apply(*place.section, proposed);
        Marks marks;
        for (const auto& [landmark, track] : proposed)
            for (const auto& [frame, point] : track)
                marks[landmark][frame] = point.mark;
        marks = toWrite(data, place, marks);
        out.repetitions.push_back({id, marks, eventsFor(data, id, marks)});
    }
    return out;
}

/// What was proposed and looked at by a person loses the doubt: the network's keeps what its kind of landmark has, a
/// tracked one is as sure as a mark set by hand.
Mark confirmed(Mark mark, int pictureHeight) {
    if (mark.source == kDoubtfulFromNetwork)
        mark.sigmaPx = std::max(mark.sigmaPx / kDoubtFactor, settings::markSigmaPx(pictureHeight));
    else if (isDoubtful(mark.source))
        mark.sigmaPx = std::min(mark.sigmaPx, settings::markSigmaPx(pictureHeight));
    mark.source = confirmedSource(mark.source);
    return mark;
}

} // namespace

OpenProposals openProposals(const Repetition& repetition) {
    OpenProposals out;
    std::set<int> doubtful;
    for (const auto& [landmark, track] : repetition.marks)
        for (const auto& [frame, mark] : track)
            if (isProposed(mark.source)) {
                ++out.marks;
                if (isDoubtful(mark.source)) {
                    ++out.doubtful;
                    doubtful.insert(frame);
                }
            }
    for (const auto& [id, event] : repetition.events)
        if (isProposed(event.source)) {
            ++out.events;
            if (isDoubtful(event.source))
                doubtful.insert(static_cast<int>(std::lround(event.frame)));
        }
    out.doubtfulFrames.assign(doubtful.begin(), doubtful.end());
    return out;
}

QString openProposalsText(const Workspace& workspace) {
    std::size_t marks = 0, events = 0;
    const Workspace::Trials trials = workspace.chosenTrials();
    for (const Trial& trial : *trials) {
        const OpenProposals open = openProposals(*workspace.data().repetition(repetitionId(trial.id)));
        marks += static_cast<std::size_t>(open.marks);
        events += static_cast<std::size_t>(open.events);
    }
    return marks + events == 0
               ? QString()
               : MarkProposals::tr("Proposed and not confirmed: %1, %2. ")
                     .arg(words::counted(marks, MarkProposals::tr("mark"), MarkProposals::tr("marks")),
                          words::counted(events, MarkProposals::tr("key event"), MarkProposals::tr("key events")));
}

MarkProposals::MarkProposals(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

void MarkProposals::propose(const std::vector<RepetitionId>& repetitions, std::optional<QRectF> box) {
    if (repetitions.empty())
        return;
    const auto data = workspace_.snapshot();
    const QString models = poseModels();
    const QString name =
        repetitions.size() == 1
            ? tr("Proposing marks of repetition %1").arg(placeOf(*data, repetitions[0]).repetition->number)
            : tr("Proposing marks of %1").arg(words::counted(repetitions.size(), tr("repetition"), tr("repetitions")));
    std::vector<ClipId> clips;
    for (const RepetitionId id : repetitions)
        if (const RepetitionPlace place = placeOf(*data, id))
            clips.push_back(place.clip->id);
    workspace_.start<Proposed>(
        name, this, workspace_.ofClips(clips),
        [data, repetitions, models, box, habits = habits_](JobControl& control) -> Result<Proposed> {
            return proposedFor(*data, repetitions, models, box, habits, control);
        },
        [this, data](const Result<Proposed>& result) {
            if (!result) {
                workspace_.say(result.error().kind == Error::Kind::Cancelled
                                   ? tr("Stopped. Nothing was changed.")
                                   : tr("No marks proposed. %1").arg(words::text(result.error().sentence())),
                               result.error().kind != Error::Kind::Cancelled);
                return;
            }
            habits_ = result->habits;
            std::size_t marks = 0, events = 0, doubtful = 0;
            const auto written = workspace_.apply(tr("Propose marks"), [&](Edit& edit) -> Result<void> {
                for (const RepetitionProposal& found : result->repetitions) {
                    // It may have been marked or removed meanwhile.
                    const RepetitionPlace place = placeOf(workspace_.data(), found.id);
                    if (!sameFrames(placeOf(*data, found.id), place))
                        continue;
                    const Marks now = toWrite(workspace_.data(), place, found.marks);
                    if (auto done = writeMarks(edit, found.id, now); !done)
                        return done;
                    marks += countOf(now);
                    for (const auto& [landmark, track] : now)
                        for (const auto& [frame, mark] : track)
                            doubtful += isDoubtful(mark.source);
                    for (const auto& [event, value] : found.events) {
                        const auto known = place.repetition->events.find(event);
                        if (known != place.repetition->events.end() && !isProposed(known->second.source))
                            continue;
                        if (auto done = edit.setEvent(found.id, event, value); !done)
                            return done;
                        ++events;
                    }
                }
                return {};
            });
            if (written && std::none_of(result->repetitions.begin(), result->repetitions.end(), [&](const auto& found) {
                    return sameFrames(placeOf(*data, found.id), placeOf(workspace_.data(), found.id));
                }))
                workspace_.say(tr("The repetitions were changed meanwhile: nothing was proposed."));
            else if (written)
                workspace_.say(marks == 0
                                   ? tr("No person was found in these frames. Mark three landmarks of one frame, "
                                        "so that it is known where to look.")
                                   : tr("Proposed: %1 and %2%3. Look at the doubtful ones first (D).")
                                         .arg(words::counted(marks, tr("mark"), tr("marks")),
                                              words::counted(events, tr("key event"), tr("key events")),
                                              result->asYours ? tr(", placed as you place yours") : QString()));
        });
}

void MarkProposals::track(RepetitionId repetition) {
    const auto data = workspace_.snapshot();
    const RepetitionPlace place = placeOf(*data, repetition);
    if (!place)
        return;
    std::vector<TrackSeed> seeds;
    const auto wanted = landmarksOf(*data, place);
    for (const auto& [landmark, track] : place.repetition->marks)
        for (const auto& [frame, mark] : track)
            if (wanted.contains(landmark) && !isProposed(mark.source))
                seeds.push_back({landmark, frame, mark.at, mark.sigmaPx});
    if (seeds.empty()) {
        workspace_.say(tr("Set or confirm marks in one or more frames first: tracking carries them to the others."));
        return;
    }
    const QString path = place.clip->path;
    const int from = place.repetition->from, to = place.repetition->to;
    const PictureSetup picture = place.section->picture;
    const auto held = heldPoints(data->pack, resolveRoles(data->pack, toTrial(*data, place)));
    workspace_.start<Marks>(
        tr("Tracking repetition %1").arg(place.repetition->number), this,
        workspace_.ofClip(place.clip->id).newest(QStringLiteral("track %1").arg(repetition.value)),
        [path, from, to, seeds, picture, held](JobControl& control) -> Result<Marks> {
            const auto reader = ClipReader::open(path.toStdString());
            if (!reader)
                return reader.error();
            const auto tracked = trackPoints([&](int at) { return asShown((*reader)->frame(at), picture); }, from, to,
                                             seeds, [&](double share) { return control.goOn(share); });
            if (!tracked)
                return tracked.error();
            // The tip of an implement blurs away first: its line from the hand still tells where it is.
            std::map<std::string, TrackedPath> paths = *tracked;
            for (const auto& [tip, grip] : held)
                if (paths.contains(tip) && paths.contains(grip)) {
                    auto found = tipsByLine([&](int at) { return asShown((*reader)->frame(at), picture); },
                                            paths.at(tip), paths.at(grip), [&](double) { return control.goOn(1); });
                    if (!found)
                        return found.error();
                    paths[tip] = std::move(*found);
                }
            Marks marks;
            for (const auto& [landmark, points] : paths)
                for (const TrackedPoint& point : points)
                    if (point.status != TrackedPoint::Status::Lost)
                        marks[landmark][point.frame] = {point.at, point.sigmaPx,
                                                        std::string(point.status == TrackedPoint::Status::Doubtful
                                                                        ? kDoubtfullyTracked
                                                                        : kTracked)};
            return marks;
        },
        [this, data, repetition, seeds, from, to](const Result<Marks>& result) {
            if (!result) {
                workspace_.say(result.error().kind == Error::Kind::Cancelled
                                   ? tr("Stopped. Nothing was changed.")
                                   : tr("Not tracked. %1").arg(words::text(result.error().sentence())),
                               result.error().kind != Error::Kind::Cancelled);
                return;
            }
            const RepetitionPlace now = placeOf(workspace_.data(), repetition);
            if (!sameFrames(placeOf(*data, repetition), now)) {
                workspace_.say(tr("The repetition was changed meanwhile: nothing was tracked."));
                return;
            }
            const Marks marks = toWrite(workspace_.data(), now, *result);
            std::set<std::string> landmarks;
            for (const TrackSeed& seed : seeds)
                landmarks.insert(seed.landmark);
            std::size_t found = 0;
            for (const auto& [landmark, track] : *result)
                found += track.size();
            const std::size_t lost = landmarks.size() * static_cast<std::size_t>(to - from + 1) - found;
            if (workspace_.apply(tr("Track marks"), [&](Edit& edit) { return writeMarks(edit, repetition, marks); }))
                workspace_.say(tr("Tracked: %1%2.")
                                   .arg(words::counted(countOf(marks), tr("mark"), tr("marks")),
                                        lost ? tr("; lost in %1").arg(words::counted(lost, tr("place"), tr("places")))
                                             : QString()));
        });
}

void MarkProposals::confirmFrame(RepetitionId repetition, int frame) {
    const RepetitionPlace place = workspace_.place();
    if (!place)
        return;
    workspace_.apply(tr("Confirm frame %1").arg(frame), [&](Edit& edit) -> Result<void> {
        for (const auto& [landmark, track] : place.repetition->marks)
            if (const auto mark = track.find(frame); mark != track.end() && isProposed(mark->second.source))
                if (auto done = edit.setMark(repetition, landmark, frame, confirmed(mark->second, place.clip->height));
                    !done)
                    return done;
        for (const auto& [id, event] : place.repetition->events)
            if (isProposed(event.source) && std::lround(event.frame) == frame)
                if (auto done = edit.setEvent(repetition, id, {event.frame, {}, confirmedSource(event.source)}); !done)
                    return done;
        return {};
    });
}

void MarkProposals::confirmSure(RepetitionId repetition) {
    const RepetitionPlace place = workspace_.place();
    if (!place)
        return;
    workspace_.apply(tr("Confirm what is sure"), [&](Edit& edit) -> Result<void> {
        for (const auto& [landmark, track] : place.repetition->marks)
            for (const auto& [frame, mark] : track)
                if (isProposed(mark.source) && !isDoubtful(mark.source))
                    if (auto done = edit.setMark(repetition, landmark, frame, confirmed(mark, place.clip->height));
                        !done)
                        return done;
        for (const auto& [id, event] : place.repetition->events)
            if (isProposed(event.source) && !isDoubtful(event.source))
                if (auto done = edit.setEvent(repetition, id, {event.frame, {}, confirmedSource(event.source)}); !done)
                    return done;
        return {};
    });
}

} // namespace riflesso
