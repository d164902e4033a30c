#pragma once
// Playing a clip at its true times, at full, half or quarter speed: says which frame is due.

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

#include <memory>
#include <vector>

class QComboBox;

namespace riflesso {

/// Full, half and quarter speed; its data is the factor.
[[nodiscard]] QComboBox* speedChooser(const char* objectName);

class Player : public QObject {
    Q_OBJECT
public:
    explicit Player(QObject* parent = nullptr);
    /// Stored times of all frames.
    void setTimes(std::shared_ptr<const std::vector<double>> timesS);
    void play(int fromFrame, double speed);
    void stop();
    [[nodiscard]] bool playing() const { return timer_.isActive(); }

    /// Frame shown `elapsedS` after `fromFrame` began, at a speed; the last frame at the end.
    [[nodiscard]] static int frameAfter(const std::vector<double>& timesS, int fromFrame, double elapsedS,
                                        double speed);

signals:
    void frameDue(int frame);
    void stopped();

private:
    std::shared_ptr<const std::vector<double>> timesS_;
    QTimer timer_;
    QElapsedTimer clock_;
    int from_ = 0, last_ = -1;
    double speed_ = 1;
};

} // namespace riflesso
