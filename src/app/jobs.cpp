#include "app/jobs.h"

namespace riflesso {

Jobs::Jobs(QObject* parent) : QObject(parent) { pool_.setMaxThreadCount(2); }

Jobs::~Jobs() {
    for (const auto& [id, stop] : stops_)
        *stop = true;
    pool_.waitForDone();
}

int Jobs::launch(const QString& name, std::function<void(JobControl&)> work) {
    const int id = next_++;
    auto stop = std::make_shared<std::atomic<bool>>(false);
    stops_[id] = stop;
    states_.append({id, name, 0});
    emit changed();
    pool_.start([this, id, stop, work = std::move(work)] {
        JobControl control(*stop, [this, id](double share) {
            QMetaObject::invokeMethod(
                this,
                [this, id, share] {
                    for (JobState& state : states_)
                        if (state.id == id)
                            state.share = share;
                    emit changed();
                },
                Qt::QueuedConnection);
        });
        work(control);
        QMetaObject::invokeMethod(
            this,
            [this, id] {
                stops_.erase(id);
                states_.removeIf([id](const JobState& state) { return state.id == id; });
                emit changed();
            },
            Qt::QueuedConnection);
    });
    return id;
}

void Jobs::cancel(int id) {
    const auto found = stops_.find(id);
    if (found != stops_.end())
        *found->second = true;
}

} // namespace riflesso
