#pragma once
// One drill under one condition over weeks: a point a block, three quarters as a band, what a verdict rests on.

#include "core/practice/learning.h"
#include "core/practice/practice_tests.h"

#include <QWidget>

namespace riflesso {

class LearningView : public QWidget {
    Q_OBJECT
public:
    explicit LearningView(QWidget* parent = nullptr);
    /// first, last: days at its ends, the same for all charts. tests: of this drill and condition.
    void setChart(const DrillChart& chart, const QString& title, const QString& verdict, Day first, Day last,
                  const std::vector<PracticeTest>& tests);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    DrillChart chart_;
    QString title_, verdict_;
    Day first_, last_;
    std::vector<PracticeTest> tests_;
};

/// The weeks as rows of days: full for a session, light for homework kept, open for neither.
class WeeksView : public QWidget {
    Q_OBJECT
public:
    explicit WeeksView(QWidget* parent = nullptr);
    struct OnDay {
        bool session = false, home = false;
    };
    void setDays(Day first, Day last, const std::map<Day, OnDay>& days);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Day first_, last_;
    std::map<Day, OnDay> days_;
};

} // namespace riflesso
