#pragma once
// The workshop: a skill of one's own, made by pointing at a model and by writing, part by part.

#include "app/page.h"
#include "core/workshop/pack_draft.h"

class QComboBox;
class QLineEdit;
class QListWidget;
class QPushButton;
class QStackedWidget;

namespace riflesso {

class CauseDrawing;
class ChangesBox;
class LadderBox;
class ModelStage;
class PartForm;
class RuleBox;
class SkillDesk;
struct PointedAt;

class Workshop : public QWidget {
    Q_OBJECT
public:
    Workshop(Workspace& workspace, QWidget* parent);
    void refresh();
    void forget();
    [[nodiscard]] QString headline() const;
    [[nodiscard]] std::vector<PageKey> keyTable();
    /// A file's text as a skill of one's own.
    bool takeText(const QString& text, const QString& name);
    [[nodiscard]] const SkillDesk& desk() const { return *desk_; }
    enum class Section { Positions, Points, Measures, Faults, Ladders, Words, Cases };
    void showSection(Section section);

    /// Writes the draft as a file.
    void giveTo(const QString& path);

signals:
    void headlineChanged();
    void fileChosen(const QString& path);

private:
    void buildLeft(QWidget* left);
    void buildMiddle(QWidget* middle);
    void buildRight(QWidget* right);
    void fillSkills();
    void fillSections();
    void fillMissing();
    void fillParts();
    void showPart();
    void showOffers();
    void namePosition();
    void setPosition();
    void nextRepetition(int by);
    void nextMoment();
    [[nodiscard]] PointedAt pointedAt() const;
    [[nodiscard]] std::vector<MeasureDef> offered() const;
    void takeOffer(int row);
    void takePoint(const std::string& id, bool on);
    void addOwnPoint();
    void addLine();
    void takePart();
    void drawArrow(const QString& cause, const QString& fault);
    void showArrow();
    void keepArrow();
    void measureRanges();
    void takeFile();
    void giveFile();
    void goToMissing(int row);
    [[nodiscard]] PartList listOf(Section section) const;
    [[nodiscard]] std::string chosenPart() const;
    [[nodiscard]] PartList chosenList() const;     ///< that the chosen part is in
    [[nodiscard]] std::string chosenEvent() const; ///< empty where a phase is chosen, or another section is open
    void choosePart(const std::string& id);

    Workspace& workspace_;
    SkillDesk* desk_;
    ModelStage* stage_;
    RuleBox* rules_;
    CauseDrawing* causes_;
    LadderBox* ladder_;
    ChangesBox* changes_;
    PartForm* form_;
    QComboBox *skills_, *weight_, *when_;
    QLineEdit *newName_, *because_, *ownPoint_, *lineName_;
    QListWidget *sections_, *missing_, *parts_, *offers_;
    QPushButton *begin_, *keep_, *follow_, *ranges_, *take_, *removeArrow_;
    QLabel *none_, *state_, *partsHeading_, *offersHeading_, *arrowSaid_;
    QStackedWidget *whole_, *below_, *middle_;
    QWidget* arrowRow_;
    Section section_ = Section::Positions;
    bool filling_ = false;
};

} // namespace riflesso
