#pragma once
// Practice: one key for good, one for not; share, interval and verdict large enough to read from two metres.

#include "app/page.h"
#include "core/plan/prescription.h"

class QComboBox;
class QPushButton;
class QVBoxLayout;

namespace riflesso {

class StopBox;

/// The share of the block with its interval, and the three zones of the rung rule.
class ShareBar : public QWidget {
    Q_OBJECT
public:
    explicit ShareBar(QWidget* parent = nullptr);
    void setVerdict(const BlockVerdict& verdict, const std::vector<bool>& block);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    BlockVerdict verdict_;
    std::vector<bool> block_;
};

class PracticePage : public Page {
    Q_OBJECT
public:
    PracticePage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;

public slots:
    /// "fault/drill": that rung.
    void show(const QString& detail) override;

private:
    void log(bool good);
    void takeBack();
    [[nodiscard]] std::pair<std::string, std::string> rung() const;
    [[nodiscard]] std::vector<PracticeRepetition> ofRung() const;

    QComboBox* rung_;
    QLabel *cue_, *good_, *share_, *verdict_, *detail_;
    ShareBar* bar_;
    QPushButton *yes_, *no_, *back_, *stop_, *advice_;
    StopBox* stopBox_;
    QVBoxLayout* history_;
};

} // namespace riflesso
