#pragma once
// What hurts: the athlete's limits by part, side and kind. Words that nobody has explained are asked about; pain said
// in practice waits for what was advised.

#include "app/workspace.h"

#include <QWidget>

class QDateEdit;
class QLineEdit;
class QVBoxLayout;

namespace riflesso {

class LimitChoice;

class LimitsBox : public QWidget {
    Q_OBJECT
public:
    LimitsBox(Workspace& workspace, QWidget* parent);
    void refresh();

private:
    void add();
    void addRow(const AthleteLimit& limit);
    /// Words alone: what do they mean?
    void addQuestion(const AthleteLimit& limit);
    void addAdvice(const AthleteLimit& limit);
    void change(const QString& what, const AthleteLimit& limit);
    void remove(std::int64_t id);

    Workspace& workspace_;
    QVBoxLayout* list_;
    LimitChoice* choice_;
    QDateEdit* since_;
    QLineEdit* words_;
    std::vector<AthleteLimit> shown_;
    bool filled_ = false;
};

} // namespace riflesso
