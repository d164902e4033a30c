#pragma once
// Measured feedback: each repetition that is filmed is marked and measured at once; its picture, the model's, the
// number with its ±, and whether it lies in the band.

#include "app/practice/court_source.h"
#include "app/workspace.h"
#include "work/measured_feedback.h"

#include <QPixmap>
#include <QWidget>

#include <deque>

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;

namespace riflesso {

class CourtPanel : public QWidget {
    Q_OBJECT
public:
    explicit CourtPanel(Workspace& workspace, QWidget* parent = nullptr);
    ~CourtPanel() override;

    /// Offers what can be measured; `fault`: of the drill, whose leading measure comes first. Says why where nothing
    /// can. Nothing is filmed before a camera or a folder is chosen.
    void open(const std::string& fault);
    void close();
    [[nodiscard]] bool isOpen() const { return open_; }
    /// Watches a folder from now on.
    void watch(const QString& folder);
    /// Its turn comes after those that were filmed before.
    void measure(const FilmedNow& film);
    void endMovement() { source_.endMovement(); }

    /// What the repetition came to that waits for the coach's word, and whether its number was shown; taken away. None:
    /// none waits.
    struct Waiting {
        MeasuredThere measured;
        bool shown = false;
    };
    [[nodiscard]] std::optional<Waiting> take();
    /// The verdict that a key accepts; none: not sure, not shown, or none waits.
    [[nodiscard]] std::optional<bool> proposed() const;
    /// Shows the number of the repetition that waits, whether or not it is its turn.
    void showNumber();
    /// Repetitions of the block so far: whose turn it is.
    void setDone(int repetitions) { done_ = repetitions; }

signals:
    void changed(); ///< another repetition waits, or none any more
    void left();
    void said(const QString& text, bool isError);

protected:
    void resizeEvent(QResizeEvent*) override;
    void hideEvent(QHideEvent*) override; ///< nobody is filmed behind another page

private:
    struct Shot {
        MeasuredRepetition repetition;
        QImage own, model;
        double seconds = 0; ///< from the end of the movement until it stands here
    };
    struct Answer {
        std::vector<Shot> shots;
        FeedbackBand band;
    };

    QLayout* buildChoices();
    QLayout* buildButtons();
    void fillMeasures();
    /// Ready before the first repetition comes.
    void prepare();
    void chooseSource();
    void askFolder();
    /// Whether a consent to be filmed holds today; says where it does not.
    [[nodiscard]] bool mayFilm();
    void next();
    void came(const Result<Answer>& answer, const QString& name, int epoch);
    void tick();
    void refresh();
    void forget();
    [[nodiscard]] const MeasureDef* def() const;
    [[nodiscard]] bool isTurn() const;

    Workspace& workspace_;
    CourtSource source_;
    QTimer ticks_;
    QComboBox *from_, *filmedAs_, *measure_, *every_;
    QCheckBox* keep_;
    QLabel *own_, *model_, *value_, *verdict_, *why_, *state_;
    QPushButton *end_, *number_, *leave_;
    QPixmap ownPicture_, modelPicture_;

    bool open_ = false, running_ = false;
    int epoch_ = 0; ///< another camera, measure or case: what comes of an older one is dropped
    int done_ = 0;
    std::string fault_;
    std::shared_ptr<const Assessment> assessment_; ///< as it was when filming began: what is measured against
    CaseId of_;
    std::deque<FilmedNow> films_;
    std::deque<Shot> waiting_;
    bool shown_ = false; ///< the number of the first that waits
    FeedbackBand band_;
    int measured_ = 0, unsure_ = 0;
    std::shared_ptr<std::unique_ptr<MeasuredFeedback>> feedback_; ///< used by one job at a time
};

} // namespace riflesso
