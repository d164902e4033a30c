#include "app/workspace.h"

#include "demo/demo_library.h"
#include "report/words.h"
#include "store/case_assessment.h"

#include <QCoreApplication>
#include <QPointer>
#include <QTimer>

#include <algorithm>

namespace riflesso {

Workspace::Workspace(QObject* parent) : QObject(parent) {}

Workspace::~Workspace() { servers_.clear(); }

QImage toImage(const Picture& picture) {
    auto* keep = new std::shared_ptr<const std::vector<std::uint8_t>>(picture.rgb);
    return QImage(
        picture.rgb->data(), picture.width, picture.height, qsizetype(3) * picture.width, QImage::Format_RGB888,
        [](void* held) { delete static_cast<std::shared_ptr<const std::vector<std::uint8_t>>*>(held); }, keep);
}

Result<void> Workspace::open(const QString& folder) {
    auto opened = Library::openOrShow(folder);
    if (!opened)
        return opened.error();
    servers_.clear();
    framesUnderWay_ = 0;
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
    data_.reset();
    assessment_.reset();
    session_ = {};
    repetition_ = {};
    const auto cases = library_->cases();
    if (!cases)
        return cases.error();
    if (!cases->empty())
        selectCase(cases->front().id);
    else
        emit dataChanged();
    return {};
}

Result<void> Workspace::eraseAthlete(AthleteId id) {
    servers_.clear(); // they hold the clips open
    framesUnderWay_ = 0;
    const auto erased = library_->eraseAthlete(id);
    const auto opened = openRecent();
    return erased ? opened : erased;
}

Result<void> Workspace::eraseFromCase(const std::function<Result<void>()>& erase) {
    if (!library_ || !library_->onlyShown().isEmpty())
        return badInput("", "a library that can be written to", "one that is only shown");
    servers_.clear();
    framesUnderWay_ = 0;
    const auto erased = erase();
    reload();
    emit saved();
    return erased;
}
Result<void> Workspace::eraseSession(SessionId id) {
    return eraseFromCase([&] { return library_->eraseSession(id); });
}
Result<void> Workspace::eraseClip(ClipId id) {
    return eraseFromCase([&] { return library_->eraseClip(id); });
}

Result<void> Workspace::resetDemo() {
    if (!library_ || !demo_)
        return badInput("", "the demo library", "another one");
    const QString folder = library_->folder();
    servers_.clear();
    framesUnderWay_ = 0;
    library_.reset();
    data_.reset();
    const auto built = resetDemoLibrary(folder, DemoSources::besideProgram(QCoreApplication::applicationDirPath()));
    const auto opened = open(folder);
    return built ? opened : built;
}

void Workspace::selectCase(CaseId id) {
    Result<CaseData> loaded = library_->loadCase(id);
    if (!loaded) {
        say(words::text(loaded.error().sentence()), true);
        return;
    }
    if (!data_ || data_->id != loaded->id)
        assessment_.reset(); // it tells of another case, in the words of another pack
    setData(std::move(*loaded), false);
    session_ = {};
    for (const Session& session : data_->sessions)
        if (!session.isModel)
            session_ = session.id;
    // Where the work was left, else the newest session.
    if (const Session* last = data_->session(data_->lastSession); last && !last->isModel)
        session_ = last->id;
    noteOpened();
    const std::vector<Stress> levels = stressLevels();
    stress_ = levels.empty() ? std::nullopt : std::optional(levels.front());
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
    stress_ = levels.empty() ? std::nullopt : std::optional(levels.front());
    const Trials trials = chosenTrials();
    repetition_ = trials->empty() ? RepetitionId{} : repetitionId(trials->front().id);
    emit selectionChanged();
    assessLater();
}

void Workspace::selectStress(Stress stress) {
    stress_ = stress;
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
    const Trials trials = trialsOf(session_, {});
    for (const Trial& trial : *trials)
        if (trial.stress && std::find(levels.begin(), levels.end(), *trial.stress) == levels.end())
            levels.push_back(*trial.stress);
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

Workspace::Trials Workspace::trialsOf(SessionId session, std::optional<Stress> stress) const {
    Trials& kept = trialsKept_[{session.value, stress}];
    if (!kept)
        kept = std::make_shared<const std::vector<Trial>>(data_ ? riflesso::trialsOf(*data_, session, stress)
                                                                : std::vector<Trial>());
    return kept;
}

Workspace::Trials Workspace::modelTrials() const {
    if (!modelTrialsKept_)
        modelTrialsKept_ =
            std::make_shared<const std::vector<Trial>>(data_ ? modelTrialsOf(*data_) : std::vector<Trial>());
    return modelTrialsKept_;
}

void Workspace::reload() { show(library_->loadCase(data_->id)); }

void Workspace::show(Result<CaseData> loaded, bool sameMarks) {
    if (!loaded) {
        say(words::text(loaded.error().sentence()), true);
        return;
    }
    setData(std::move(*loaded), sameMarks);
    if (!data_->session(session_)) {
        session_ = {};
        for (const Session& session : data_->sessions)
            if (!session.isModel)
                session_ = session.id;
    }
    const std::vector<Stress> levels = stressLevels();
    if (!stress_ || std::find(levels.begin(), levels.end(), *stress_) == levels.end())
        stress_ = levels.empty() ? std::nullopt : std::optional(levels.front());
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
    if (!library_)
        return false;
    if (!library_->onlyShown().isEmpty()) {
        say(library_->onlyShown(), true);
        return false;
    }
    const Result<Touched> done = library_->change(name, work, mergeKey);
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
        const auto stress = stress_;
        const School school = this->school();
        struct Assessed {
            std::shared_ptr<AssessmentInput> input;
            std::shared_ptr<const Assessment> assessment;
        };
        jobs_.start<Assessed>(
            tr("Assessing"), this,
            [data, session, stress, school](JobControl& control) -> Result<Assessed> {
                if (!control.goOn(0))
                    return cancelled();
                auto input = std::make_shared<AssessmentInput>(
                    assessmentInput(*data, session, stress, school, QDate::currentDate()));
                auto assessment = std::make_shared<const Assessment>(assess(*input));
                return Assessed{std::move(input), std::move(assessment)};
            },
            [this, generation](Result<Assessed> result) {
                if (generation != assessGeneration_)
                    return; // a newer one is on its way
                assessing_ = false;
                ++measuring_;
                assessment_ = result && !result->assessment->measures.empty() ? result->assessment : nullptr;
                input_ = assessment_ ? result->input : nullptr;
                emit assessmentChanged();
            });
    });
}

namespace {
QImage turned(const QImage& image, bool over) { return over ? image.mirrored(true, false) : image; }
} // namespace

FrameServer& Workspace::server(const QString& clipPath) {
    std::unique_ptr<FrameServer>& server = servers_[clipPath];
    if (!server)
        server = std::make_unique<FrameServer>(clipPath.toStdString(), cacheBytes_);
    return *server;
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

void Workspace::requestFrame(const QString& clipPath, int frame, QObject* view,
                             std::function<void(QImage, int)> ready) {
    auto& id = viewIds_[view];
    if (id == 0)
        id = nextView_++;
    const QPointer<QObject> guard(view);
    server(clipPath).request(id, frame,
                             [this, guard, clipPath, frame, ready = std::move(ready)](Result<Picture> picture) {
                                 QMetaObject::invokeMethod(
                                     this,
                                     [this, guard, clipPath, frame, ready, picture = std::move(picture)] {
                                         if (!guard)
                                             return;
                                         if (picture)
                                             ready(turned(toImage(*picture), turnedOver(clipPath, frame)), frame);
                                         else
                                             say(words::text(picture.error().sentence()), true);
                                     },
                                     Qt::QueuedConnection);
                             });
}

void Workspace::enqueueFrame(const QString& clipPath, int frame, QObject* view,
                             std::function<void(QImage, int)> ready) {
    const QPointer<QObject> guard(view);
    ++framesUnderWay_;
    server(clipPath).enqueue(frame, [this, guard, clipPath, frame, ready = std::move(ready)](Result<Picture> picture) {
        QMetaObject::invokeMethod(
            this,
            [this, guard, clipPath, frame, ready, picture = std::move(picture)] {
                framesUnderWay_ = std::max(0, framesUnderWay_ - 1); // some may be of a library closed since
                if (guard && picture)
                    ready(turned(toImage(*picture), turnedOver(clipPath, frame)), frame);
            },
            Qt::QueuedConnection);
    });
}

} // namespace riflesso
