#pragma once
// Long work in a pool: progress, cancel, and a value or an error handed back in the window's thread.

#include "core/result.h"

#include <QList>
#include <QObject>
#include <QPointer>
#include <QString>
#include <QThreadPool>

#include <atomic>
#include <functional>
#include <map>
#include <memory>

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

struct JobState {
    int id = 0;
    QString name;
    double share = 0;
};

class Jobs : public QObject {
    Q_OBJECT
public:
    explicit Jobs(QObject* parent = nullptr);
    ~Jobs() override; ///< cancels and waits

    /// Runs `work` in the pool; `done` gets its result in the window's thread unless `receiver` is gone by then.
    template <class T> int start(const QString& name, QObject* receiver, std::function<Result<T>(JobControl&)> work,
                                 std::function<void(Result<T>)> done) {
        const QPointer<QObject> guard(receiver);
        return launch(name, [this, guard, work = std::move(work), done = std::move(done)](JobControl& control) {
            auto result = std::make_shared<Result<T>>(work(control));
            QMetaObject::invokeMethod(
                this,
                [guard, done, result] {
                    if (guard)
                        done(std::move(*result));
                },
                Qt::QueuedConnection);
        });
    }
    void cancel(int id);
    [[nodiscard]] QList<JobState> running() const { return states_; }
    [[nodiscard]] bool idle() const { return states_.isEmpty(); }

signals:
    void changed();

private:
    int launch(const QString& name, std::function<void(JobControl&)> work);
    QThreadPool pool_;
    QList<JobState> states_;
    std::map<int, std::shared_ptr<std::atomic<bool>>> stops_;
    int next_ = 1;
};

} // namespace riflesso
