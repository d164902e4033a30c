#include "app/widgets/player.h"

#include "app/widgets/choice_box.h"

#include <algorithm>

namespace riflesso {

QComboBox* speedChooser(const char* objectName) {
    auto* box = new ChoiceBox;
    box->setObjectName(QLatin1String(objectName));
    box->setAccessibleName(Player::tr("Speed of play"));
    box->setFocusPolicy(Qt::TabFocus);
    box->addItem(Player::tr("full speed"), 1.0);
    box->addItem(Player::tr("half speed"), 0.5);
    box->addItem(Player::tr("quarter speed"), 0.25);
    return box;
}

Player::Player(QObject* parent) : QObject(parent) {
    timer_.setInterval(8);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, [this] {
        const int frame = frameAfter(*timesS_, from_, static_cast<double>(clock_.nsecsElapsed()) * 1e-9, speed_);
        if (frame != last_) {
            last_ = frame;
            emit frameDue(frame);
        }
        if (frame + 1 >= static_cast<int>(timesS_->size()))
            stop();
    });
}

void Player::setTimes(std::shared_ptr<const std::vector<double>> timesS) {
    stop();
    timesS_ = std::move(timesS);
}

void Player::play(int fromFrame, double speed) {
    if (!timesS_ || timesS_->empty())
        return;
    from_ = std::clamp(fromFrame, 0, static_cast<int>(timesS_->size()) - 1);
    last_ = -1;
    speed_ = speed;
    clock_.restart();
    timer_.start();
}

void Player::stop() {
    if (!timer_.isActive())
        return;
    timer_.stop();
    emit stopped();
}

int Player::frameAfter(const std::vector<double>& timesS, int fromFrame, double elapsedS, double speed) {
    const double at = timesS[static_cast<std::size_t>(fromFrame)] + elapsedS * speed;
    const auto after = std::upper_bound(timesS.begin(), timesS.end(), at);
    return std::max(fromFrame, static_cast<int>(after - timesS.begin()) - 1);
}

} // namespace riflesso
