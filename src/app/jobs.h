#pragma once
// Long work in a pool: progress, cancel, and a value or an error handed back in the window's thread, if by then it
// still belongs to what is open.

#include "core/result.h"
#include "store/case_data.h"

#include <QList>
#include <QObject>
#include <QPointer>
#include <QString>
#include <QThreadPool>

#include <atomic>
#include <condition_variable>
#include <exception>
#include <functional>
#include <map>
#include <memory>
#include <mutex>

namespace riflesso {

/// What a running job sees: report how far it is, and ask whether to go on.
class JobControl {
public:
    JobControl(std::atomic<bool>& stop, std::function<void(double)> report) : stop_(stop), report_(std::move(report)) {}
    /// share: 0..1 of the work. False: stop now and return cancelled().
    bool goOn(double share) {
        report_(share);
        return !stop_;
    }

private:
    std::atomic<bool>& stop_;
    std::function<void(double)> report_;
};

/// What a job was begun for: its result is dropped when that is no longer what is open. Made by Workspace (ofProgram,
/// ofLibrary, ofCase, ofClip), the only one who starts jobs.
struct JobOwner {
    std::optional<int> library; ///< the how-many-th opening of a library; none: it outlives what is open
    std::optional<CaseId> caseId;
    std::map<ClipId, QString> clips; ///< with their content: row ids are given again
    QString request; ///< a newer job of the same receiver and request replaces this one; empty: none does
    /// The same owner; of this request only the newest job counts.
    [[nodiscard]] JobOwner newest(const QString& name) const {
        JobOwner owner = *this;
        owner.request = name;
        return owner;
    }
};

/// Quick jobs (a first picture, a preview) have threads of their own, so that long ones do not keep them waiting.
enum class Pace { Quick, Long };

struct JobState {
    int id = 0;
    QString name;
    double share = 0;
    Pace pace = Pace::Long;
};

class Jobs : public QObject {
    Q_OBJECT
public:
    explicit Jobs(QObject* parent = nullptr);
    ~Jobs() override; ///< cancels and waits

    void cancel(int id);
    /// For tests of what comes late: from now on jobs wait before their work, or after it, until the gate is open
    /// again.
    enum class Gate { Open, BeforeWork, AfterWork };
    void setGate(Gate gate);
    [[nodiscard]] int atGate() const; ///< how many jobs wait there
    [[nodiscard]] QList<JobState> running() const;
    [[nodiscard]] bool idle() const { return jobs_.empty(); }

signals:
    void changed();

private:
    friend class Workspace;

    /// Runs `work` in the pool; `done` gets its result in the window's thread unless the receiver is gone by then, a
    /// newer job of the same request was started, or the owner was retired. What `work` throws becomes a fault.
    template <class T> int start(const QString& name, QObject* receiver, const JobOwner& owner, Pace pace,
                                 std::function<Result<T>(JobControl&)> work, std::function<void(Result<T>)> done) {
        return launch(name, receiver, owner, pace,
                      [name, work = std::move(work), done = std::move(done)](JobControl& control) {
                          auto result = std::make_shared<Result<T>>(control.goOn(0) ? guarded<T>(name, work, control)
                                                                                    : Result<T>(cancelled()));
                          return [done, result] { done(std::move(*result)); };
                      });
    }
    /// Drops, and cancels, all jobs whose owner does not hold any more; gives the names of the long ones.
    QStringList retire(const std::function<bool(const JobOwner&)>& holds);

    /// What comes out of the pool: a call that hands the result over.
    using Delivery = std::function<void()>;
    int launch(const QString& name, QObject* receiver, const JobOwner& owner, Pace pace,
               std::function<Delivery(JobControl&)> work);
    void finished(int id, const Delivery& deliver);
    [[nodiscard]] static Error failure(const QString& name, const char* what);

    template <class T> static Result<T> guarded(const QString& name, const std::function<Result<T>(JobControl&)>& work,
                                                JobControl& control) {
        try {
            return work(control);
        } catch (const std::exception& thrown) {
            return failure(name, thrown.what());
        } catch (...) {
            return failure(name, "");
        }
    }

    struct Job {
        JobState state;
        JobOwner owner;
        QPointer<QObject> receiver;
        std::shared_ptr<std::atomic<bool>> stop;
        bool dropped = false;
    };
    void drop(Job& job);

    void waitAt(Gate gate);
    mutable std::mutex gateLock_; // guards gate_ and atGate_
    std::condition_variable gateMoved_;
    Gate gate_ = Gate::Open;
    int atGate_ = 0;

    QThreadPool quick_, long_;
    std::map<int, Job> jobs_; ///< in the order they were started
    int next_ = 1;
};

} // namespace riflesso
