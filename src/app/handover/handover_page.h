#pragma once
// Hand-over: what is taken home. Papers as they will print, films, pictures, dates; whose faces and names leave; all of
// it written as one folder, from an assessment frozen with its numbers.

#include "app/page.h"
#include "report/paper.h"
#include "takehome/others_covered.h"
#include "takehome/seen_heads.h"
#include "takehome/walk_cut.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;
class QStackedWidget;
class QTreeWidget;
class QTreeWidgetItem;
class QVBoxLayout;

namespace riflesso {

class FilmPanel;

class HandoverPage : public Page {
    Q_OBJECT
public:
    HandoverPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;
    void forget() override;

public slots:
    /// The word of a thing to take home: plan, page, home, positions, card, progress, film, then-and-now, pictures,
    /// repetition, dates, case; of a film also its part to go to, "film:2".
    void show(const QString& detail) override;

private:
    QWidget* buildSide();
    [[nodiscard]] ReportContent compose() const;
    [[nodiscard]] QString suggestedFolder() const;
    [[nodiscard]] QTreeWidgetItem* itemOf(const QString& word) const;
    [[nodiscard]] bool isTicked(const QString& word) const;
    [[nodiscard]] QString shownWord() const;
    [[nodiscard]] std::optional<Paper> shownPaper() const;
    [[nodiscard]] bool may(HandedOnAs as) const; ///< a consent that holds today
    [[nodiscard]] FaceWish faces() const;
    [[nodiscard]] QStringList hiddenNames() const;
    [[nodiscard]] QSize filmSize() const;
    void fillItems(const ReportContent& content);
    void describe();   ///< beside each thing, and what leaves
    void showChosen(); ///< on the left
    void preview();
    void makeFilms();
    void wishChanged();
    void lookForFaces();
    void showStored();
    void writeAll();
    void writeInto(const ReportContent& content, const QString& folder);
    void printStored(const StoredAssessment& stored);
    [[nodiscard]] FilmPanel* shownFilm() const;
    /// The word of a film, its panel, and its file's name.
    struct FilmRow {
        QString word, file;
        FilmPanel* panel;
    };
    [[nodiscard]] std::vector<FilmRow> films() const;
    using Walks = std::vector<std::pair<std::shared_ptr<const WalkThrough>, Film>>;
    void setWalks(const Walks& walks);
    [[nodiscard]] FilmPanel* walkPanel(const QString& id);
    [[nodiscard]] const WalkThrough* walkOf(const QString& id) const;
    void editWalk(const QString& id, const PartEdit& edit);
    void keepCover(const QString& clipPath, int frame, const QRectF& box);
    void tellWishes();
    void lookAt(const QString& clipPath, int frame);
    [[nodiscard]] QString walksAndCovers() const; ///< another text whenever they changed

    QStackedWidget* left_;
    QVBoxLayout *pages_, *stored_;
    QWidget* papers_;
    FilmPanel *home_, *then_, *one_, *all_, *side_;
    struct Walk {
        std::shared_ptr<const WalkThrough> of;
        QString title;
        FilmPanel* panel;
    };
    std::vector<Walk> walks_; ///< of the session
    QString walksThere_;
    QComboBox* filmKind_;
    QLabel* note_;
    QTreeWidget* items_;
    QCheckBox *coverAthlete_, *coverModel_, *coverOthers_, *leaveNames_;
    QLabel *unsure_, *leaves_;
    QLineEdit* folder_;
    QPushButton* write_;
    std::shared_ptr<const Assessment> shown_; ///< held: another must not lie where it lay
    ReportContent content_;                   ///< with names and faces as they are
    SeenHeads heads_;
    OthersSeen others_;
    std::pair<CaseId, SessionId> filmsOf_; ///< what the films tell of
    RepetitionId filmedRepetition_;
    std::map<QString, bool> ticks_{{paperFileWord(Paper::Plan), true},
                                   {paperFileWord(Paper::AthletePage), true},
                                   {paperFileWord(Paper::HomeSheet), true}}; ///< by word; kept while nothing is there
    int wantedPart_ = -1;
    QString wanted_; ///< what show() asked for before it was there
    bool folderEdited_ = false, filling_ = false, looking_ = false, hasThen_ = false, makingFilms_ = false;
};

} // namespace riflesso
