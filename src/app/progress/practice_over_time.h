#pragma once
// Does it hold? The practice of a case over weeks, by drill and condition, the tests, what was felt and said, and what
// to do next.

#include "app/page.h"
#include "work/practice_record.h"

class QPushButton;
class QVBoxLayout;

namespace riflesso {

class WeeksView;

class PracticeOverTime : public QWidget {
    Q_OBJECT
public:
    PracticeOverTime(Workspace& workspace, QWidget* parent);
    void refresh();
    /// Another step of "what next" by -1 or 1.
    void move(int by);
    /// Writes down that this step is taken, and goes there.
    void takeOn();
    [[nodiscard]] const PracticeRecord& record() const { return record_; }
    /// One sentence: what the practice says, and what is next.
    [[nodiscard]] QString sentence() const;

signals:
    void goTo(const QString& page, const QString& detail);

private:
    void showCharts();
    void showSide();
    void showNext();
    Workspace& workspace_;
    PracticeRecord record_;
    std::shared_ptr<const CaseData> of_;
    std::shared_ptr<const Assessment> after_;
    QVBoxLayout *charts_, *side_, *next_;
    WeeksView* weeks_;
    std::size_t chosen_ = 0;
};

} // namespace riflesso
