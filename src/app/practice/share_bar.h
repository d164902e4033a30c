#pragma once
// A block as the coach sees it from two metres: each repetition, and the share of good ones with its interval.

#include "core/plan/prescription.h"
#include "store/case_data.h"

#include <QWidget>

namespace riflesso {

/// A circle a repetition, filled for good; below it what was felt, and a bar where feedback followed.
class BlockView : public QWidget {
    Q_OBJECT
public:
    explicit BlockView(QWidget* parent = nullptr);
    /// `length`: of a whole block; `felt`: said of the repetition to come.
    void setBlock(const std::vector<PracticeRepetition>& repetitions, int length, std::optional<bool> felt);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<PracticeRepetition> repetitions_;
    int length_ = kBlockLength;
    std::optional<bool> felt_;
};

/// The share with its interval in the three zones of the rung rule.
class ShareBar : public QWidget {
    Q_OBJECT
public:
    explicit ShareBar(QWidget* parent = nullptr);
    void setVerdict(const BlockVerdict& verdict);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    BlockVerdict verdict_;
};

} // namespace riflesso
