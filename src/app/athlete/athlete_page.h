#pragma once
// Athlete: who, goal, competitions, limits, equipment; what the athlete believes, locked before results; sessions.

#include "app/page.h"

class QComboBox;
class QDateEdit;
class QLineEdit;
class QPlainTextEdit;
class QSpinBox;
class QVBoxLayout;

namespace riflesso {

class AskBar;
class BeliefBox;
class ConsentBox;
class GoalBox;
class YardstickBox;
class JournalList;
class SkillsBox;
class WalkList;

class EquipmentBox;
class LimitsBox;

class AthletePage : public Page {
    Q_OBJECT
public:
    AthletePage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    void refresh() override;
    void forget() override;

private:
    QWidget* buildPerson();
    QWidget* buildMiddle();
    QWidget* buildSessions();
    void saveAthlete();
    void showCompetitions();
    void showSessions();
    void lookWhatWasFound();
    void askToDelete(const Session& session);

    QLineEdit *name_, *level_, *goal_, *competitionTitle_, *sessionTitle_;
    QSpinBox *born_, *willingness_;
    QComboBox* handedness_;
    LimitsBox* limits_;
    EquipmentBox* equipment_;
    QPlainTextEdit* notes_;
    QDateEdit *competitionDate_, *sessionDate_;
    BeliefBox* beliefs_;
    GoalBox* goalNumber_;
    YardstickBox* yardstick_;
    SkillsBox* skills_;
    ConsentBox* consent_;
    QVBoxLayout *competitions_, *sessions_;
    JournalList* journal_;
    WalkList* walks_;
    bool filling_ = false;
    AskBar* ask_;
    std::shared_ptr<const CaseData> lookedAt_;    ///< what found_ is of
    std::map<std::int64_t, QStringList> found_;   ///< titles of faults, by session
    std::map<std::int64_t, QLabel*> foundLabels_; ///< of the sessions shown
};

} // namespace riflesso
