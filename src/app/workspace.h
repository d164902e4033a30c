#pragma once
// What the window works on: the open library, the chosen case and set, its frames and its assessment.
// Pages read values from here and change things only through apply().

#include "app/clip_frames.h"
#include "app/jobs.h"
#include "core/judge/assessment.h"
#include "store/edit.h"
#include "store/library.h"

#include <QObject>

#include <map>
#include <memory>

namespace riflesso {

class Workspace : public QObject {
    Q_OBJECT
public:
    explicit Workspace(QObject* parent = nullptr);
    ~Workspace() override;

    /// Opens a library and its most recent case.
    [[nodiscard]] Result<void> open(const QString& folder);
    /// Puts the demo back to its first state; false where this is not the demo's folder.
    [[nodiscard]] Result<void> resetDemo();
    void setDemo(bool demo) { demo_ = demo; }
    /// Pictures kept in memory, of all clips together.
    void setCacheMiB(int mebibytes) { frames_.setCacheBytes(static_cast<std::size_t>(mebibytes) << 20); }
    /// Folder of the library that is the user's own, to come back to from the demo; empty: there is none.
    void setOwnFolder(const QString& folder) { ownFolder_ = folder; }
    [[nodiscard]] const QString& ownFolder() const { return ownFolder_; }
    [[nodiscard]] bool isDemo() const { return demo_; }

    [[nodiscard]] Library* library() const { return library_.get(); }
    /// What runs now; started by start() alone.
    [[nodiscard]] Jobs& jobs() { return jobs_; }
    /// Owners of jobs. What a job of the program gives lies outside the library (a file that was asked for); what one
    /// of a case or a clip gives is dropped when another library or case is open by then, or the clip is gone.
    [[nodiscard]] static JobOwner ofProgram() { return {}; }
    [[nodiscard]] JobOwner ofLibrary() const;
    [[nodiscard]] JobOwner ofCase() const;
    [[nodiscard]] JobOwner ofClips(const std::vector<ClipId>& clips) const;
    [[nodiscard]] JobOwner ofClip(ClipId clip) const { return ofClips({clip}); }
    /// The one door of background work: runs `work` in the pool; `done` gets its result in the window's thread unless
    /// by then `receiver` is gone or the job's owner is not what is open any more. Before `done` changes what was read
    /// when the job began, it looks at what is there now.
    template <class T> int start(const QString& name, QObject* receiver, const JobOwner& owner,
                                 std::type_identity_t<std::function<Result<T>(JobControl&)>> work,
                                 std::type_identity_t<std::function<void(Result<T>)>> done, Pace pace = Pace::Long) {
        return jobs_.start<T>(name, receiver, owner, pace, std::move(work), std::move(done));
    }
    [[nodiscard]] bool hasCase() const { return data_ != nullptr; }
    /// Precondition: hasCase().
    [[nodiscard]] const CaseData& data() const { return *data_; }
    [[nodiscard]] std::shared_ptr<const CaseData> snapshot() const { return data_; }

    void selectCase(CaseId id);
    /// Deletes an athlete for good and opens the case opened last before, if there is one.
    [[nodiscard]] Result<void> eraseAthlete(AthleteId id);
    /// Deletes a session, or a clip, of the open case for good.
    [[nodiscard]] Result<void> eraseSession(SessionId id);
    [[nodiscard]] Result<void> eraseClip(ClipId id);
    void selectSession(SessionId id);
    void selectStress(Stress stress);
    /// Which repetitions of the session are judged: a level, and within it a form or conditions.
    void selectChoice(const SetChoice& choice);
    void selectRepetition(RepetitionId id);
    [[nodiscard]] SessionId session() const { return session_; }
    [[nodiscard]] std::optional<Stress> stress() const { return choice_.stress; }
    [[nodiscard]] const SetChoice& choice() const { return choice_; }
    [[nodiscard]] RepetitionId repetition() const { return repetition_; }
    [[nodiscard]] RepetitionPlace place() const { return data_ ? placeOf(*data_, repetition_) : RepetitionPlace(); }
    /// What trialsOf and modelTrialsOf give for the open case, made once; kept until marks or settings change.
    using Trials = std::shared_ptr<const std::vector<Trial>>;
    [[nodiscard]] Trials trialsOf(SessionId session, const SetChoice& choice) const;
    [[nodiscard]] Trials modelTrials() const;
    /// Of the chosen session and choice.
    [[nodiscard]] Trials chosenTrials() const { return trialsOf(session_, choice_); }
    /// Stress levels of the session's repetitions, from easy to hard.
    [[nodiscard]] std::vector<Stress> stressLevels() const;
    /// Whether the section of the frame is shown left for right, against the file.
    [[nodiscard]] bool turnedOver(const QString& clipPath, int frame) const;
    [[nodiscard]] School school() const;

    /// One gesture: one transaction, one undo step. False after an error, which has been said.
    bool apply(const QString& name, const std::function<Result<void>(Edit&)>& work, const QString& mergeKey = {});
    /// The same for what no undo takes back (Library::keep).
    bool applyForGood(const std::function<Result<void>(Edit&)>& work);
    void undo();
    void redo();
    [[nodiscard]] QString undoName() const { return library_ ? library_->undoName() : QString(); }
    [[nodiscard]] QString redoName() const { return library_ ? library_->redoName() : QString(); }

    /// Of the chosen set; null while it is being made, when nothing is marked, when it failed, or while what is
    /// believed is not locked (see noAssessment): no page, paper or status shows a result before.
    [[nodiscard]] std::shared_ptr<const Assessment> assessment() const {
        return resultsHidden() ? nullptr : assessment_;
    }
    /// Neither locked nor said that nobody was asked (mayShowResults).
    [[nodiscard]] bool resultsHidden() const { return data_ && !mayShowResults(*data_); }
    [[nodiscard]] bool assessing() const { return assessing_; }
    /// Why there is no assessment, and what to do next, in words. May hold <b>.
    [[nodiscard]] QString noAssessment() const;
    /// Another number after everything was measured or read anew; the same while only what is decided has changed.
    [[nodiscard]] int measuring() const { return measuring_; }
    /// The repetitions that were assessed. Precondition: assessment().
    [[nodiscard]] const std::vector<Trial>& trials() const { return input_->trials; }

    /// Asks for a frame for `view`; `ready` is called in the window's thread, a newer request of the view drops it.
    void requestFrame(const QString& clipPath, int frame, QObject* view, ClipFrames::Ready ready);
    /// Asks for a frame that nothing replaces (strips, key pictures).
    void enqueueFrame(const QString& clipPath, int frame, QObject* view, ClipFrames::Ready ready);
    /// The same of a part of it, as it is shown, in small.
    void enqueuePart(const QString& clipPath, int frame, SmallPart part, QObject* view, ClipFrames::Ready ready);
    [[nodiscard]] const ClipFrames& frames() const { return frames_; }

    void say(const QString& text, bool isError = false) { emit said(text, isError); }

signals:
    void closed();           ///< nothing is open; another library may be soon
    void dataChanged();      ///< the case's values are new
    void selectionChanged(); ///< another session, set or repetition
    void assessmentChanged();
    void said(const QString& text, bool isError);
    void saved();

private:
    bool changed(const std::function<Result<Touched>()>& change);
    /// Nothing is open any more: pages are told, jobs and pictures of before are dropped.
    void close();
    Result<void> openRecent();
    Result<void> eraseFromCase(const std::function<Result<void>()>& erase);
    void noteOpened();
    void reload();
    /// sameMarks: only what is decided and planned is new.
    void show(Result<CaseData> loaded, bool sameMarks = false);
    void setData(CaseData data, bool sameMarks);
    void assessLater();
    [[nodiscard]] bool holds(const JobOwner& owner) const;
    void retireJobs();
    [[nodiscard]] ClipFrames::Ready asShown(const QString& clipPath, ClipFrames::Ready ready) const;

    std::unique_ptr<Library> library_;
    std::shared_ptr<const CaseData> data_;
    mutable std::map<std::pair<std::int64_t, SetChoice>, Trials> trialsKept_; ///< by session and choice
    mutable Trials modelTrialsKept_;
    SessionId session_;
    SetChoice choice_;
    RepetitionId repetition_;
    std::shared_ptr<const Assessment> assessment_;
    std::shared_ptr<AssessmentInput> input_; ///< what it was made of
    bool assessing_ = false, demo_ = false;
    QString assessingFailed_; ///< why; empty: it did not
    QString ownFolder_;
    int openings_ = 0, assessGeneration_ = 0, measuring_ = 0;
    Jobs jobs_;
    ClipFrames frames_; // before jobs_ goes: stopped first
};

} // namespace riflesso
