#include "app/workspace.h"

#include "demo/demo_library.h"
#include "report/words.h"
#include "takehome/walk_through.h"
#include "work/case_assessment.h"
#include "work/live_recordings.h"

#include <QCoreApplication>
#include <QDir>
#include <QTimer>

#include <algorithm>

namespace riflesso {

Workspace::Workspace(QObject* parent) : QObject(parent) {
    connect(&frames_, &ClipFrames::failed, this,
            [this](const Error& error) { say(words::text(error.sentence()), true); });
}

Workspace::~Workspace() = default;

JobOwner Workspace::ofLibrary() const {
    JobOwner owner;
    owner.library = openings_;
    return owner;
}

JobOwner Workspace::ofCase() const {
    JobOwner owner = ofLibrary();
    owner.caseId = data_ ? data_->id : CaseId();
    return owner;
}

JobOwner Workspace::ofClips(const std::vector<ClipId>& clips) const {
    JobOwner owner = ofCase();
    for (const ClipId id : clips)
        if (const Clip* clip = data_ ? data_->clip(id) : nullptr)
            owner.clips[id] = clip->hash;
    return owner;
}

bool Workspace::holds(const JobOwner& owner) const {
    if (owner.library && *owner.library != openings_)
        return false;
    if (owner.caseId && *owner.caseId != (data_ ? data_->id : CaseId()))
        return false;
    return std::all_of(owner.clips.begin(), owner.clips.end(), [this](const auto& wanted) {
        const Clip* clip = data_ ? data_->clip(wanted.first) : nullptr;
        return clip && clip->hash == wanted.second;
    });
}

void Workspace::retireJobs() {
    const QStringList stopped = jobs_.retire([this](const JobOwner& owner) { return holds(owner); });
    if (!stopped.isEmpty())
        say(tr("Stopped, with nothing changed, as what it was for is not open any more: %1.")
                .arg(stopped.join(QStringLiteral("; "))));
}

void Workspace::close() {
    ++openings_;
    ++assessGeneration_;
    frames_.letGo();
    library_.reset();
    data_.reset();
    assessment_.reset();
    input_.reset();
    assessing_ = false;
    trialsKept_.clear();
    modelTrialsKept_.reset();
    session_ = {};
    repetition_ = {};
    choice_ = {};
    retireJobs();
    emit closed();
}

Result<void> Workspace::open(const QString& folder) {
    auto opened = Library::openOrShow(folder);
    if (!opened)
        return opened.error();
    close();
    library_ = std::move(*opened);
    if (auto done = openRecent(); !done)
        return done;
    if (!library_->onlyShown().isEmpty())
        say(library_->onlyShown(), true);
    else if (!library_->recovered().isEmpty())
        say(library_->recovered());
    return {};
}

Result<void> Workspace::openRecent() {
    const auto cases = library_->cases();
    if (cases && !cases->empty())
        selectCase(cases->front().id);
    if (!data_) {
        emit selectionChanged();
        emit dataChanged();
    }
    return cases ? Result<void>() : Result<void>(cases.error());
}

namespace {
/// What lies beside the database of sessions that are no more.
void removeFilesOf(const QString& libraryFolder, const QStringList& sessions) {
    removeWalkThroughsOf(libraryFolder, sessions);
    LiveRecordings::removeOf(libraryFolder, sessions);
}
} // namespace

Result<void> Workspace::eraseAthlete(AthleteId id) {
    QStringList sessions; // of all cases of this athlete: what was said over their films goes as well
    const auto cases = library_->cases();
    const QDir folder(library_->folder());
    if (cases && (folder.exists(QStringLiteral("walk-throughs")) || folder.exists(QStringLiteral("recordings"))))
        for (const CaseEntry& entry : *cases)
            if (const auto data = library_->loadCase(entry.id); data && data->athlete.id == id)
                for (const Session& session : data->sessions)
                    sessions << QString::fromStdString(session.uid);
    std::unique_ptr<Library> library = std::move(library_);
    close(); // the clips as well
    library_ = std::move(library);
    const auto erased = library_->eraseAthlete(id);
    if (erased)
        removeFilesOf(library_->folder(), sessions);
    const auto opened = openRecent();
    return erased ? opened : erased;
}

Result<void> Workspace::eraseFromCase(const std::function<Result<void>()>& erase) {
    if (!library_ || !library_->onlyShown().isEmpty())
        return badInput("", "a library that can be written to", "one that is only shown");
    frames_.letGo();
    const auto erased = erase();
    reload();
    emit saved();
    return erased;
}
Result<void> Workspace::eraseSession(SessionId id) {
    const Session* session = data_ ? data_->session(id) : nullptr;
    const QString uid = session ? QString::fromStdString(session->uid) : QString();
    return eraseFromCase([&]() -> Result<void> {
        const auto erased = library_->eraseSession(id);
        if (erased && !uid.isEmpty())
            removeFilesOf(library_->folder(), {uid});
        return erased;
    });
}
Result<void> Workspace::eraseClip(ClipId id) {
    return eraseFromCase([&] { return library_->eraseClip(id); });
}

Result<void> Workspace::resetDemo() {
    if (!library_ || !demo_)
        return badInput("", "the demo library", "another one");
    const QString folder = library_->folder();
    close();
    const auto built = resetDemoLibrary(folder, DemoSources::besideProgram(QCoreApplication::applicationDirPath()));
    const auto opened = open(folder);
    if (!library_) {
        emit selectionChanged();
        emit dataChanged();
    }
    return built ? opened : built;
}

void Workspace::selectCase(CaseId id) {
    Result<CaseData> loaded = library_->loadCase(id);
    if (!loaded) {
        say(words::text(loaded.error().sentence()), true);
        return;
    }
    if (!data_ || data_->id != loaded->id) { // it tells of another case, in the words of another pack
        assessment_.reset();
        input_.reset();
    }
    setData(std::move(*loaded), false);
    retireJobs();
    session_ = {};
    for (const Session& session : data_->sessions)
        if (!session.isModel)
            session_ = session.id;
    // Where the work was left, else the newest session.
    if (const Session* last = data_->session(data_->lastSession); last && !last->isModel)
        session_ = last->id;
    noteOpened();
    const std::vector<Stress> levels = stressLevels();
    choice_ = levels.empty() ? std::nullopt : std::optional(levels.front());
    const Trials trials = chosenTrials();
    repetition_ = trials->empty() ? RepetitionId{} : repetitionId(trials->front().id);
    emit selectionChanged();
    emit dataChanged();
    assessLater();
}

void Workspace::noteOpened() {
    if (const auto noted = library_->noteOpened(data_->id, session_); !noted)
        say(words::text(noted.error().sentence()), true);
}

void Workspace::selectSession(SessionId id) {
    session_ = id;
    noteOpened();
    const std::vector<Stress> levels = stressLevels();
    choice_ = levels.empty() ? std::nullopt : std::optional(levels.front());
    const Trials trials = chosenTrials();
    repetition_ = trials->empty() ? RepetitionId{} : repetitionId(trials->front().id);
    emit selectionChanged();
    assessLater();
}

void Workspace::selectStress(Stress stress) {
    choice_ = SetChoice(stress);
    emit selectionChanged();
    assessLater();
}

void Workspace::selectChoice(const SetChoice& choice) {
    if (choice == choice_)
        return;
    choice_ = choice;
    const Trials trials = chosenTrials();
    if (std::none_of(trials->begin(), trials->end(),
                     [&](const Trial& trial) { return repetitionId(trial.id) == repetition_; }))
        repetition_ = trials->empty() ? RepetitionId{} : repetitionId(trials->front().id);
    emit selectionChanged();
    assessLater();
}

void Workspace::selectRepetition(RepetitionId id) {
    if (id == repetition_)
        return;
    repetition_ = id;
    emit selectionChanged();
}

std::vector<Stress> Workspace::stressLevels() const {
    std::vector<Stress> levels;
    if (!data_)
        return levels;
    if (const Session* session = data_->session(session_))
        for (const Clip& clip : session->clips)
            for (const Section& section : clip.sections)
                if (!section.repetitions.empty() &&
                    std::find(levels.begin(), levels.end(), section.stress) == levels.end())
                    levels.push_back(section.stress);
    std::sort(levels.begin(), levels.end());
    return levels;
}

School Workspace::school() const {
    return data_ ? schoolFrom(data_->school.toStdString()).value_or(School::Root) : School::Root;
}

void Workspace::setData(CaseData data, bool sameMarks) {
    data_ = std::make_shared<const CaseData>(std::move(data));
    if (sameMarks)
        return;
    ++measuring_;
    trialsKept_.clear();
    modelTrialsKept_.reset();
}

Workspace::Trials Workspace::trialsOf(SessionId session, const SetChoice& choice) const {
    Trials& kept = trialsKept_[{session.value, choice}];
    if (!kept)
        kept = std::make_shared<const std::vector<Trial>>(data_ ? riflesso::trialsOf(*data_, session, choice)
                                                                : std::vector<Trial>());
    return kept;
}

Workspace::Trials Workspace::modelTrials() const {
    if (!modelTrialsKept_)
        modelTrialsKept_ =
            std::make_shared<const std::vector<Trial>>(data_ ? modelTrialsOf(*data_) : std::vector<Trial>());
    return modelTrialsKept_;
}

void Workspace::reload() {
    if (data_)
        show(library_->loadCase(data_->id));
}

void Workspace::show(Result<CaseData> loaded, bool sameMarks) {
    if (!loaded) {
        say(words::text(loaded.error().sentence()), true);
        return;
    }
    setData(std::move(*loaded), sameMarks);
    retireJobs(); // a clip may have gone
    if (!data_->session(session_)) {
        session_ = {};
        for (const Session& session : data_->sessions)
            if (!session.isModel)
                session_ = session.id;
    }
    const std::vector<Stress> levels = stressLevels();
    if (!choice_.stress || std::find(levels.begin(), levels.end(), *choice_.stress) == levels.end() ||
        chosenTrials()->empty()) // a form, or a condition, that is noted no longer
        choice_ = levels.empty() ? std::nullopt : std::optional(levels.front());
    if (!data_->repetition(repetition_)) {
        const Trials trials = chosenTrials();
        repetition_ = trials->empty() ? RepetitionId{} : repetitionId(trials->front().id);
    }
    if (sameMarks && assessment_ && !assessing_ && input_) {
        // Nothing is measured again: the order follows at once.
        setChoices(*input_, *data_, school(), QDate::currentDate());
        assessment_ = std::make_shared<const Assessment>(judgedAgain(*assessment_, *input_));
        emit dataChanged();
        return;
    }
    emit dataChanged();
    assessLater();
}

bool Workspace::apply(const QString& name, const std::function<Result<void>(Edit&)>& work, const QString& mergeKey) {
    return changed([&] { return library_->change(name, work, mergeKey); });
}

bool Workspace::applyForGood(const std::function<Result<void>(Edit&)>& work) {
    return changed([&] { return library_->keep(work); });
}

bool Workspace::changed(const std::function<Result<Touched>()>& change) {
    if (!library_)
        return false;
    if (!library_->onlyShown().isEmpty()) {
        say(library_->onlyShown(), true);
        return false;
    }
    const Result<Touched> done = change();
    if (!done) {
        say(words::text(done.error().sentence()), true);
        return false;
    }
    emit saved();
    // A mark or an event changes one repetition: the others need not be read again.
    if (data_)
        show(done->more ? library_->loadCase(data_->id) : library_->reloaded(*data_, done->repetitions, done->course),
             done->course && !done->more && done->repetitions.empty());
    return true;
}

void Workspace::undo() {
    const QString name = undoName();
    if (name.isEmpty() || !library_) {
        say(tr("There is nothing to undo."));
        return;
    }
    const auto done = library_->undo();
    say(done ? tr("Undone: %1").arg(name) : words::text(done.error().sentence()), !done);
    emit saved();
    if (data_)
        reload();
}

void Workspace::redo() {
    const QString name = redoName();
    if (name.isEmpty() || !library_) {
        say(tr("There is nothing to redo."));
        return;
    }
    const auto done = library_->redo();
    say(done ? tr("Done again: %1").arg(name) : words::text(done.error().sentence()), !done);
    emit saved();
    if (data_)
        reload();
}

void Workspace::assessLater() {
    const int generation = ++assessGeneration_;
    if (!data_)
        return;
    assessing_ = true;
    // Gestures in a row (marking) are assessed once, a moment after the last.
    QTimer::singleShot(120, this, [this, generation] {
        if (generation != assessGeneration_ || !data_)
            return;
        const auto data = data_;
        const SessionId session = session_;
        const SetChoice choice = choice_;
        const School school = this->school();
        struct Assessed {
            std::shared_ptr<AssessmentInput> input;
            std::shared_ptr<const Assessment> assessment;
        };
        start<Assessed>(
            tr("Assessing"), this, ofCase().newest(QStringLiteral("assessment")),
            [data, session, choice, school](JobControl&) -> Result<Assessed> {
                auto input = std::make_shared<AssessmentInput>(
                    assessmentInput(*data, session, choice, school, QDate::currentDate()));
                auto assessment = std::make_shared<const Assessment>(assess(*input));
                return Assessed{std::move(input), std::move(assessment)};
            },
            [this, generation](Result<Assessed> result) {
                if (generation != assessGeneration_)
                    return; // a newer one is on its way
                assessing_ = false;
                ++measuring_;
                assessingFailed_ = result ? QString() : words::text(result.error().sentence());
                assessment_ = result && !result->assessment->measures.empty() ? result->assessment : nullptr;
                input_ = assessment_ ? result->input : nullptr;
                emit assessmentChanged();
            },
            Pace::Quick);
    });
}

QString Workspace::noAssessment() const {
    if (resultsHidden())
        return tr(
            "Results are shown once what is believed is locked. <b>Next: ask on the Athlete page, or say there that "
            "nobody was asked.</b>");
    if (assessing_)
        return tr("Measuring…");
    if (!assessingFailed_.isEmpty())
        return tr("Not measured: %1 <b>Next: change something, or open the case again.</b>")
            .arg(assessingFailed_.toHtmlEscaped());
    return tr("Nothing is marked in this set. <b>Next: mark key positions.</b>");
}

bool Workspace::turnedOver(const QString& clipPath, int frame) const {
    if (data_)
        for (const Session& session : data_->sessions)
            for (const Clip& clip : session.clips)
                if (clip.path == clipPath)
                    for (const Section& section : clip.sections)
                        if (section.from <= frame && frame <= section.to)
                            return section.picture.mirrored;
    return false;
}

ClipFrames::Ready Workspace::asShown(const QString& clipPath, ClipFrames::Ready ready) const {
    return [this, clipPath, ready = std::move(ready)](const QImage& image, int frame) {
        ready(turnedOver(clipPath, frame) ? image.mirrored(true, false) : image, frame);
    };
}

void Workspace::requestFrame(const QString& clipPath, int frame, QObject* view, ClipFrames::Ready ready) {
    frames_.request(clipPath, frame, view, asShown(clipPath, std::move(ready)));
}

void Workspace::enqueueFrame(const QString& clipPath, int frame, QObject* view, ClipFrames::Ready ready) {
    frames_.enqueue(clipPath, frame, view, asShown(clipPath, std::move(ready)));
}

void Workspace::enqueuePart(const QString& clipPath, int frame, SmallPart part, QObject* view,
                            ClipFrames::Ready ready) {
    if (turnedOver(clipPath, frame))
        for (const Session& session : data_->sessions)
            for (const Clip& clip : session.clips)
                if (clip.path == clipPath)
                    part.x = std::max(0, clip.width - part.x - part.width);
    frames_.enqueue(clipPath, frame, part, view, asShown(clipPath, std::move(ready)));
}

} // namespace riflesso
