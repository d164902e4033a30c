#include "app/jobs.h"

namespace riflesso {

Jobs::Jobs(QObject* parent) : QObject(parent) {
    constexpr int kOfEach = 2;
    quick_.setMaxThreadCount(kOfEach);
    long_.setMaxThreadCount(kOfEach);
}

Jobs::~Jobs() {
    setGate(Gate::Open);
    for (auto& [id, job] : jobs_)
        drop(job);
    quick_.waitForDone();
    long_.waitForDone();
}

void Jobs::setGate(Gate gate) {
    const std::lock_guard lock(gateLock_);
    gate_ = gate;
    gateMoved_.notify_all();
}

int Jobs::atGate() const {
    const std::lock_guard lock(gateLock_);
    return atGate_;
}

void Jobs::waitAt(Gate gate) {
    std::unique_lock lock(gateLock_);
    ++atGate_;
    gateMoved_.wait(lock, [&] { return gate_ != gate; });
    --atGate_;
}

Error Jobs::failure(const QString& name, const char* what) {
    return fault(name.toStdString(), std::string("this could not be finished; nothing was changed") +
                                         (*what ? std::string(" (") + what + ")" : std::string()));
}

int Jobs::launch(const QString& name, QObject* receiver, const JobOwner& owner, Pace pace,
                 std::function<Delivery(JobControl&)> work) {
    if (!owner.request.isEmpty())
        for (auto& [id, job] : jobs_)
            if (job.receiver == receiver && job.owner.request == owner.request)
                drop(job);
    const int id = next_++;
    auto stop = std::make_shared<std::atomic<bool>>(false);
    jobs_.emplace(id, Job{{id, name, 0, pace}, owner, receiver, stop});
    emit changed();
    (pace == Pace::Quick ? quick_ : long_).start([this, id, stop, work = std::move(work)] {
        JobControl control(*stop, [this, id](double share) {
            QMetaObject::invokeMethod(
                this,
                [this, id, share] {
                    if (const auto job = jobs_.find(id); job != jobs_.end()) {
                        job->second.state.share = share;
                        emit changed();
                    }
                },
                Qt::QueuedConnection);
        });
        waitAt(Gate::BeforeWork);
        Delivery deliver = work(control);
        waitAt(Gate::AfterWork);
        QMetaObject::invokeMethod(
            this, [this, id, deliver = std::move(deliver)] { finished(id, deliver); }, Qt::QueuedConnection);
    });
    return id;
}

void Jobs::finished(int id, const Delivery& deliver) {
    const auto found = jobs_.find(id);
    if (found == jobs_.end())
        return;
    const Job job = found->second;
    jobs_.erase(found); // before: what it leads to may start another, or ask whether all is done
    if (job.receiver && !job.dropped)
        deliver();
    emit changed();
}

void Jobs::drop(Job& job) {
    job.dropped = true;
    *job.stop = true;
}

void Jobs::cancel(int id) {
    if (const auto found = jobs_.find(id); found != jobs_.end())
        *found->second.stop = true;
}

QList<JobState> Jobs::running() const {
    QList<JobState> states;
    for (const auto& [id, job] : jobs_)
        states.append(job.state);
    return states;
}

QStringList Jobs::retire(const std::function<bool(const JobOwner&)>& holds) {
    QStringList names;
    for (auto& [id, job] : jobs_) {
        if (job.dropped || holds(job.owner))
            continue;
        drop(job);
        if (job.state.pace == Pace::Long)
            names << job.state.name;
    }
    return names;
}

} // namespace riflesso
