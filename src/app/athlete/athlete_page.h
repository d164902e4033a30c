#pragma once
// Athlete: who, goal, competitions, limits, equipment; what the athlete believes, locked before results; sessions.

#include "app/page.h"

class QComboBox;
class QDateEdit;
class QDoubleSpinBox;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;
class QVBoxLayout;

namespace riflesso {

class JournalList;

class ConsentBox;

class AthletePage : public Page {
    Q_OBJECT
public:
    AthletePage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    void refresh() override;

private:
    QWidget* buildPerson();
    QWidget* buildMiddle();
    QWidget* buildSessions();
    void saveAthlete();
    void showCompetitions();
    void showBeliefs();
    void showSessions();
    void addBelief();

    QLineEdit *name_, *level_, *goal_, *competitionTitle_, *beliefWords_, *sessionTitle_;
    QSpinBox *born_, *willingness_;
    QComboBox *handedness_, *beliefMeasure_;
    QPlainTextEdit *limits_, *equipment_, *notes_;
    QDateEdit *competitionDate_, *sessionDate_;
    QDoubleSpinBox* beliefValue_;
    QPushButton* lock_;
    ConsentBox* consent_;
    QVBoxLayout *competitions_, *beliefs_, *sessions_;
    JournalList* journal_;
    bool filling_ = false;
};

} // namespace riflesso
