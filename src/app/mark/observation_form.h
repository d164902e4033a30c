#pragma once
// What is seen and not measured: the pack's observations of the chosen repetition, and whether its variant was the
// right one. Answered in place, or asked one after the other while watching, a key each.

#include "app/workspace.h"

#include <QWidget>

class QVBoxLayout;

namespace riflesso {

/// What can be asked of a repetition. Answers are words as they are stored, in the order of their keys, 1 first; a
/// question without answers takes a number.
struct Question {
    std::string observation; ///< empty: whether the variant was the right one
    QString title, ask, unit;
    struct Answer {
        QString title;
        std::string word;
        bool operator==(const Answer&) const = default;
    };
    std::vector<Answer> answers;
    bool operator==(const Question&) const = default;
};
[[nodiscard]] std::vector<Question> questionsOf(const Pack& pack, const std::string& variant, View view);

class ObservationForm : public QWidget {
    Q_OBJECT
public:
    ObservationForm(Workspace& workspace, QWidget* parent);
    /// Shows the observations of the chosen repetition.
    void show();
    /// Asks those that are open one after the other, or all where none is; while asking: leaves.
    void ask();
    /// Only those that are open. False, and nothing is asked, where none is.
    bool askOpen();
    void leave();
    /// A second sitting: the repetitions that were answered are shown again in an order drawn by `seed`, the first
    /// answers unseen, and asked again.
    void watchAgain(unsigned seed);
    [[nodiscard]] bool watchingAgain() const { return !again_.empty(); }
    [[nodiscard]] bool asking() const { return asked_.has_value(); }
    /// While asking: 1 to 9 answers, 0 takes the answer away, Tab and Enter pass over. False: not a key of the
    /// question.
    bool answerBy(int key);

signals:
    /// The question in words, with its keys; empty: nothing is asked any more.
    void asked(const QString& question);
    /// All of this repetition are answered or passed over.
    void done();

private:
    /// What the rows show, so that they are made anew only where that is another.
    struct Row {
        Question question;
        std::string answer;
        bool current = false, enabled = false;
        bool operator==(const Row&) const = default;
    };
    void answer(const Question& question, const std::string& word);
    void askNext(std::size_t from);
    bool skipsAnswered_ = true;
    [[nodiscard]] std::vector<Question> questions() const;
    [[nodiscard]] std::string answered(const Question& question) const;
    void addRow(const Row& shown);
    Workspace& workspace_;
    QVBoxLayout* layout_;
    void nextAgain();
    std::optional<std::size_t> asked_;
    std::vector<RepetitionId> again_; ///< still to be watched a second time, the one shown first
    std::vector<Row> rows_;
};

/// "Eyes: kappa 0.72; loose shoulder: kappa 0.31, counts for half"; empty before anything was watched again.
[[nodiscard]] QString agreementWords(const Pack& pack, const OwnError& own);

} // namespace riflesso
