#include "store/case_data.h"

#include "core/measure/joined_views.h"
#include "core/uncertainty/agreement.h"

namespace riflesso {

MADE_HERE(Repetition);
MADE_HERE(Section);
MADE_HERE(Clip);
MADE_HERE(CaseData);

namespace {

constexpr std::pair<Decision::Choice, std::string_view> kChoices[] = {{Decision::Choice::WorkOn, "work on"},
                                                                      {Decision::Choice::Park, "park"},
                                                                      {Decision::Choice::WorkRound, "work round"},
                                                                      {Decision::Choice::NotAFault, "not a fault"}};

} // namespace

bool mayShowResults(const CaseData& data) {
    const auto asked = [&](Guesser whose) {
        return data.notAsked.contains(whose) ||
               std::any_of(data.beliefs.begin(), data.beliefs.end(),
                           [whose](const Belief& belief) { return belief.whose == whose && belief.locked; });
    };
    return asked(Guesser::Athlete) && asked(Guesser::Analyst);
}

Limits AthleteLimit::meaning() const {
    if (!part)
        return limitsFromWords(words.toStdString());
    const bool whole = kind == LimitKind::Illness && *part != BodyPart::HeartAndBreath;
    return {{{whole ? BodyPart::WholeBody : *part, side, kind, words.toStdString()}}, {}};
}

std::string_view toString(Decision::Choice choice) {
    for (const auto& [value, word] : kChoices)
        if (value == choice)
            return word;
    return {};
}

std::optional<Decision::Choice> choiceFrom(std::string_view word) {
    for (const auto& [value, known] : kChoices)
        if (known == word)
            return value;
    return {};
}

const Session* CaseData::session(SessionId wanted) const {
    for (const Session& entry : sessions)
        if (entry.id == wanted)
            return &entry;
    return nullptr;
}

const Clip* CaseData::clip(ClipId wanted) const {
    for (const Session& entry : sessions)
        for (const Clip& clip : entry.clips)
            if (clip.id == wanted)
                return &clip;
    return nullptr;
}

const Repetition* CaseData::repetition(RepetitionId wanted) const { return placeOf(*this, wanted).repetition; }

Consent consentOn(const Athlete& athlete, const QDate& day) {
    if (!athlete.consentGiven.isValid() || athlete.consentGiven > day)
        return Consent::Missing;
    return athlete.consentUntil.isValid() && athlete.consentUntil < day ? Consent::Expired : Consent::Valid;
}

QString toWord(HandedOnAs as) {
    switch (as) {
    case HandedOnAs::Paper:
        return QStringLiteral("paper");
    case HandedOnAs::Film:
        return QStringLiteral("film");
    case HandedOnAs::Voice:
        return QStringLiteral("voice");
    }
    return {};
}

bool consentsTo(const Athlete& athlete, HandedOnAs as, const QDate& day) {
    return consentOn(athlete, day) == Consent::Valid &&
           (athlete.consentFor.isEmpty() || athlete.consentFor.contains(toWord(as)));
}

bool guardianMissing(const Athlete& athlete, const QDate& day) {
    constexpr int kOfAge = 18; // years; by the year alone: until it is surely over
    return athlete.birthYear > 0 && day.year() - athlete.birthYear <= kOfAge && athlete.consentGiven.isValid() &&
           athlete.consentBy.isEmpty();
}

const Section* sectionOf(const CaseData& data, SectionId id) {
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                if (section.id == id)
                    return &section;
    return nullptr;
}

bool sameFrames(const Section& then, const Section& now) {
    return then.from == now.from && then.to == now.to && then.picture.mirrored == now.picture.mirrored;
}

bool sameFrames(const RepetitionPlace& then, const RepetitionPlace& now) {
    return then && now && then.clip->hash == now.clip->hash && then.repetition->from == now.repetition->from &&
           then.repetition->to == now.repetition->to && then.section->picture.mirrored == now.section->picture.mirrored;
}

RepetitionPlace placeOf(const CaseData& data, RepetitionId id) {
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& repetition : section.repetitions)
                    if (repetition.id == id)
                        return {&session, &clip, &section, &repetition};
    return {};
}

std::string trialId(RepetitionId id) { return std::to_string(id.value); }
RepetitionId repetitionId(const std::string& trialId) { return {std::strtoll(trialId.c_str(), nullptr, 10)}; }

namespace {

/// Marks and events in the place of the first ones, where they were made again.
void takeAgain(const Repetition& repetition, Trial& trial) {
    trial.marks.clear();
    for (const auto& [landmark, marks] : repetition.marksAgain)
        for (const auto& [frame, at] : marks)
            trial.marks[landmark][frame] = {at, defaultSigmaPx(), "again"};
    for (TrialEvent& event : trial.events)
        if (const auto again = repetition.eventsAgain.find(event.event); again != repetition.eventsAgain.end()) {
            event.frame = again->second;
            event.timeS = trial.times.timeOf(event.frame);
        }
    trial.observations = repetition.observationsAgain;
}

enum class Look { Straight, AsFilmed, Again };

/// As it is marked, without what other cameras lend.
Trial asMarked(const CaseData& data, const RepetitionPlace& place, Look look = Look::Straight) {
    const Section& section = *place.section;
    const Repetition& repetition = *place.repetition;
    Trial trial;
    trial.id = trialId(repetition.id);
    if (repetition.sameAs)
        trial.sameAs = trialId(repetition.sameAs);
    trial.number = repetition.number;
    trial.capture = {section.view,
                     section.facing,
                     section.handedness.value_or(data.athlete.handedness),
                     section.metresPerPixel,
                     section.scaleRelativeU,
                     section.bearingDeg,
                     section.bearingDeg ? kBearingUDeg : kAssumedSquareUDeg};
    if (section.bearingDeg && section.metresPerPixel && !section.knownLengths.empty() &&
        *section.bearingDeg <= kMostObliqueDeg) {
        const auto asSeen = scaleFrom(section.knownLengths, 1),
                   square = scaleFrom(section.knownLengths, 1, *section.bearingDeg);
        if (asSeen && square)
            *trial.capture.metresPerPixel *= square->metresPerPixel / asSeen->metresPerPixel;
    }
    trial.capture.slowMotion = section.slowMotion;
    trial.capture.place = {section.cameraHeightM, section.cameraDistanceM};
    trial.times = FrameTimes::ofClip(place.clip->timesS, section.slowMotion);
    trial.marks = repetition.marks;
    for (auto& [landmark, marks] : trial.marks)
        if (const auto own = data.own.sigmaPx(landmark))
            for (auto& [frame, mark] : marks)
                if (mark.source == kByHand)
                    mark.sigmaPx = *own;
    for (const auto& [id, event] : repetition.events) {
        const double u = event.givenUS
                             ? *event.givenUS
                             : eventUncertainty(trial.times.intervalAt(event.frame), data.own.markingFrames(id));
        trial.events.push_back({id, event.frame, trial.times.timeOf(event.frame), u});
    }
    trial.observations = repetition.observations;
    trial.variant = repetition.variant;
    trial.variantFits = repetition.variantFits;
    trial.results = repetition.moreResults;
    if (!data.pack.results.empty() && !repetition.result.empty())
        trial.results[data.pack.results.front().id] = repetition.result;
    trial.conditions = section.conditions;
    trial.performer = section.performer.toStdString();
    trial.stress = section.stress;
    if (look == Look::Again)
        takeAgain(repetition, trial);
    if (look != Look::AsFilmed)
        trial = straightened(std::move(trial), section.picture, place.clip->width, place.clip->height);
    return trial;
}

Trial withLentEvents(const CaseData& data, const RepetitionPlace& place, Look look) {
    std::vector<Trial> trials = {asMarked(data, place, look)};
    // The same movement before other cameras of the session lends the events that are not marked here.
    const Repetition& own = *place.repetition;
    if (trials[0].events.size() < data.pack.events.size())
        for (const Clip& clip : place.session->clips)
            for (const Section& section : clip.sections)
                for (const Repetition& other : section.repetitions)
                    if (other.sameAs == own.id || (own.sameAs && own.sameAs == other.id))
                        trials.push_back(asMarked(data, {place.session, &clip, &section, &other}));
    return std::move(trials.size() > 1 ? (trials = withSharedEvents(std::move(trials))).front() : trials.front());
}

} // namespace

Trial toTrial(const CaseData& data, const RepetitionPlace& place) {
    return withLentEvents(data, place, Look::Straight);
}

Trial toTrialAsFilmed(const CaseData& data, const RepetitionPlace& place) {
    return withLentEvents(data, place, Look::AsFilmed);
}

Section turnedOver(Section section, int width) {
    section.facing = opposite(section.facing);
    section.picture = turnedOver(std::move(section.picture), width);
    for (KnownLength& length : section.knownLengths)
        for (PixelPoint* end : {&length.a, &length.b})
            end->x = width - 1 - end->x;
    return section;
}

std::optional<double> OwnError::sigmaPx(const std::string& landmark) const {
    const auto known = landmarks.find(landmark);
    constexpr double kSteadiest = 0.05; // pixels: a hand that hits the same pixel ten times still has its picture's
    return known != landmarks.end() && known->second.holds() ? std::optional(std::max(kSteadiest, known->second.error))
                                                             : std::nullopt;
}

double OwnError::markingFrames(const std::string& event) const {
    const auto known = events.find(event);
    return known != events.end() && known->second.holds() ? known->second.error : kDefaultMarkingFrames;
}

std::size_t CaseData::loggedRepetitions() const {
    std::size_t out = 0;
    for (const PracticeBlock& block : practice)
        out += block.repetitions.size();
    return out;
}

int PracticeBlock::good() const {
    return static_cast<int>(
        std::count_if(repetitions.begin(), repetitions.end(), [](const PracticeRepetition& r) { return r.good; }));
}

std::vector<PracticeBlock> blocksOfOldLog(const Pack& pack, const std::vector<OldPractice>& log) {
    std::vector<PracticeBlock> out;
    for (const OldPractice& each : log) {
        const bool goesOn = !out.empty() && out.back().fault == each.fault && out.back().drill == each.drill &&
                            out.back().all() < kBlockLength && out.back().day() == each.at.toLocalTime().date();
        if (!goesOn) {
            PracticeBlock block;
            block.fault = each.fault, block.drill = each.drill;
            if (const DrillDef* drill = pack.drill(each.drill)) {
                block.condition = {drill->stress, drill->conditions};
                block.cue = QString::fromStdString(drill->cue);
            }
            block.started = each.at;
            out.push_back(std::move(block));
        }
        out.back().ended = each.at;
        out.back().repetitions.push_back({each.id, each.good, {}, {}, Told::None, each.at});
    }
    return out;
}

PracticeLog practiceLog(const CaseData& data) {
    PracticeLog out;
    out.reserve(data.practice.size());
    for (const PracticeBlock& block : data.practice) {
        LoggedBlock logged;
        const QDate day = block.day();
        logged.date = Day(std::chrono::days(QDate(1970, 1, 1).daysTo(day)));
        const auto time = [](const QDateTime& at) {
            return at.isValid() ? at.toLocalTime().toString(QStringLiteral("HH:mm:ss")).toStdString() : std::string();
        };
        logged.kind = block.kind;
        logged.number = static_cast<int>(out.size()) + 1;
        logged.start = time(block.started), logged.end = time(block.ended);
        logged.fault = block.fault, logged.drill = block.drill;
        logged.condition = block.condition;
        logged.cue = block.cue.toStdString(), logged.fedBy = block.fedBy.toStdString();
        logged.count = block.count;
        logged.stop = block.stop.toStdString();
        for (const PracticeRepetition& repetition : block.repetitions)
            logged.repetitions.push_back(
                {repetition.good, repetition.result, repetition.feltRight, repetition.told, repetition.measured});
        out.push_back(std::move(logged));
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const LoggedBlock& a, const LoggedBlock& b) { return a.date < b.date; });
    return out;
}

OwnError findOwnError(const CaseData& data) {
    std::vector<MarkedTwice> marks, events;
    std::vector<Trial> first, again, watched, watchedAgain;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& r : section.repetitions) {
                    for (const auto& [landmark, track] : r.marksAgain)
                        for (const auto& [frame, at] : track)
                            if (const auto known = r.marks.find(landmark); known != r.marks.end())
                                if (const auto mark = known->second.find(frame); mark != known->second.end())
                                    marks.push_back({landmark, mark->second.at, at});
                    for (const auto& [event, frame] : r.eventsAgain)
                        if (const auto known = r.events.find(event); known != r.events.end())
                            events.push_back({event, {known->second.frame, 0}, {frame, 0}});
                    if (!r.observationsAgain.empty()) {
                        Trial seen;
                        seen.id = trialId(r.id);
                        seen.observations = r.observations;
                        watched.push_back(seen);
                        seen.observations = r.observationsAgain;
                        watchedAgain.push_back(std::move(seen));
                    }
                    if (!r.marksAgain.empty() || !r.eventsAgain.empty()) {
                        const RepetitionPlace place{&session, &clip, &section, &r};
                        first.push_back(asMarked(data, place));
                        again.push_back(asMarked(data, place, Look::Again));
                    }
                }
    OwnError own;
    own.landmarks = typicalErrors(marks, true);
    own.events = typicalErrors(events, false);
    own.kappas = observationKappas(data.pack, watched, watchedAgain);
    if (!first.empty())
        own.measures = typicalErrorsOfMeasures(data.pack, first, again);
    return own;
}

std::vector<Trial> trialsOf(const CaseData& data, SessionId wanted, const SetChoice& choice) {
    std::vector<Trial> trials;
    const Session* session = data.session(wanted);
    if (!session)
        return trials;
    for (const Clip& clip : session->clips)
        for (const Section& section : clip.sections)
            for (const Repetition& repetition : section.repetitions)
                if (!choice.stress || section.stress == *choice.stress)
                    if (Trial trial = toTrial(data, {session, &clip, &section, &repetition}); choice.takes(trial))
                        trials.push_back(std::move(trial));
    return trials;
}

std::vector<Trial> modelTrialsOf(const CaseData& data) {
    std::vector<Trial> trials;
    for (const Session& session : data.sessions)
        if (session.isModel)
            for (const Trial& trial : trialsOf(data, session.id, {}))
                trials.push_back(trial);
    return trials;
}

AthleteFacts factsOf(const CaseData& data, const QDate& today) {
    AthleteFacts facts;
    facts.handedness = data.athlete.handedness;
    facts.willingness = data.athlete.willingness;
    for (const AthleteLimit& limit : data.athlete.limits) {
        facts.waitsForAdvice = facts.waitsForAdvice || limit.waitsForAdvice();
        if (!limit.holdsOn(today))
            continue;
        Limits own = limit.meaning();
        std::move(own.known.begin(), own.known.end(), std::back_inserter(facts.limits.known));
        std::move(own.unclear.begin(), own.unclear.end(), std::back_inserter(facts.limits.unclear));
    }
    for (const QString& thing : data.athlete.equipment)
        facts.equipment.push_back(thing.toStdString());
    facts.equipmentKnown = !data.athlete.equipment.isEmpty();
    for (const Competition& competition : data.competitions)
        facts.competitions.push_back(competition.date.toString(Qt::ISODate).toStdString());
    facts.level = data.yardstick.level;
    facts.age = data.yardstick.age;
    facts.format = data.yardstick.format;
    facts.today = today.toString(Qt::ISODate).toStdString();
    return facts;
}

} // namespace riflesso
