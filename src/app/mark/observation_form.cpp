#include "app/mark/observation_form.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QLineEdit>
#include <QVBoxLayout>

#include <algorithm>
#include <random>

namespace riflesso {
namespace {

constexpr int kSteps = 5; ///< of a scale

} // namespace

std::vector<Question> questionsOf(const Pack& pack, const std::string& variant, View view) {
    std::vector<Question> out;
    const auto yesNo = [](bool partly) {
        std::vector<Question::Answer> answers{{ObservationForm::tr("yes"), "yes"}};
        if (partly)
            answers.push_back({ObservationForm::tr("partly"), "partly"});
        answers.push_back({ObservationForm::tr("no"), "no"});
        return answers;
    };
    for (const ObservationDef& def : pack.observations) {
        if (!pack.asksFor(def, variant, view))
            continue;
        Question question{def.id, words::text(def.title), words::text(def.ask), words::text(def.unit), {}};
        if (def.type == ObservationType::YesPartlyNo)
            question.answers = yesNo(true);
        for (const std::string& value : def.values)
            if (def.type == ObservationType::Choice)
                question.answers.push_back({words::kept(value), value});
        for (int step = 1; def.type == ObservationType::Scale && step <= kSteps; ++step)
            question.answers.push_back({QString::number(step), std::to_string(step)});
        out.push_back(std::move(question));
    }
    const auto chosen = std::find_if(pack.variants.begin(), pack.variants.end(),
                                     [&variant](const VariantDef& def) { return def.id == variant; });
    if (pack.variants.size() > 1 && chosen != pack.variants.end())
        out.push_back({{},
                       ObservationForm::tr("Right variant: %1").arg(words::inSentence(words::text(chosen->title))),
                       ObservationForm::tr("Was it the right one here? %1").arg(words::text(chosen->fitsWhen)),
                       {},
                       yesNo(false)});
    return out;
}

QString agreementWords(const Pack& pack, const OwnError& own) {
    QStringList out;
    for (const auto& [id, kappa] : own.kappas)
        if (const ObservationDef* def = pack.observation(id))
            out << (isWeak(own.kappas, id)
                        ? ObservationForm::tr("%1 κ %2, too weak: it counts for half and is never clear")
                        : ObservationForm::tr("%1 κ %2"))
                       .arg(words::inSentence(words::text(def->title)), words::number(kappa, 2));
    return out.join(QStringLiteral("; "));
}

ObservationForm::ObservationForm(Workspace& workspace, QWidget* parent)
    : QWidget(parent), workspace_(workspace), layout_(new QVBoxLayout(this)) {
    layout_->setContentsMargins(0, 0, 0, 0);
    layout_->setSpacing(3);
}

std::vector<Question> ObservationForm::questions() const {
    const RepetitionPlace place = workspace_.place();
    std::vector<Question> out = questionsOf(workspace_.data().pack, place ? place.repetition->variant : std::string(),
                                            place ? place.section->view : View::Side);
    if (watchingAgain())
        std::erase_if(out, [&](const Question& question) {
            return question.observation.empty() || !place ||
                   !place.repetition->observations.contains(question.observation);
        });
    return out;
}

std::string ObservationForm::answered(const Question& question) const {
    const RepetitionPlace place = workspace_.place();
    if (!place)
        return {};
    if (question.observation.empty())
        return place.repetition->variantFits ? *place.repetition->variantFits ? "yes" : "no" : "";
    const auto& answers = watchingAgain() ? place.repetition->observationsAgain : place.repetition->observations;
    const auto seen = answers.find(question.observation);
    return seen == answers.end() ? std::string() : seen->second;
}

void ObservationForm::answer(const Question& question, const std::string& word) {
    const RepetitionId repetition = workspace_.repetition();
    if (answered(question) == word)
        return;
    if (watchingAgain()) {
        if (!word.empty())
            workspace_.apply(tr("Observe again: %1").arg(question.title), [&](Edit& edit) {
                return edit.setSecondObservation(repetition, question.observation, word);
            });
        return;
    }
    workspace_.apply(tr("Observe: %1").arg(question.title), [&](Edit& edit) {
        return question.observation.empty()
                   ? edit.setVariantFits(repetition, word.empty() ? std::nullopt : std::optional(word == "yes"))
                   : edit.setObservation(repetition, question.observation, word);
    });
}

void ObservationForm::addRow(const Row& shown) {
    const Question& question = shown.question;
    const bool there = shown.enabled, current = shown.current;
    const QString id = question.observation.empty()
                           ? QStringLiteral("variantFits")
                           : QStringLiteral("observation-") + words::text(question.observation);
    auto* row = new QHBoxLayout;
    auto* name = label(question.title, current ? theme::kStrong : theme::kQuiet);
    name->setToolTip(question.ask);
    row->addWidget(name, 1);
    const QString stored = words::text(shown.answer);
    if (question.answers.empty()) {
        auto* edit = new QLineEdit(stored);
        edit->setObjectName(id);
        edit->setAccessibleName(question.title);
        edit->setPlaceholderText(question.unit.isEmpty() ? tr("how many") : question.unit);
        edit->setFixedWidth(90);
        edit->setEnabled(there);
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, question] {
            bool isNumber = false;
            const QString text = edit->text().trimmed();
            const double value = QLocale().toDouble(text, &isNumber);
            if (!text.isEmpty() && !isNumber)
                workspace_.say(tr("A number is expected here, not \"%1\".").arg(text), true);
            else
                answer(question, text.isEmpty() ? std::string() : QString::number(value, 'g', 12).toStdString());
        });
        row->addWidget(edit);
    } else {
        auto* box = new ChoiceBox;
        box->setObjectName(id);
        box->setAccessibleName(question.title);
        box->setFocusPolicy(Qt::TabFocus);
        box->setToolTip(question.ask);
        box->addItem(tr("not judged"), QString());
        for (const Question::Answer& each : question.answers)
            box->addItem(each.title, words::text(each.word));
        box->setCurrentIndex(std::max(0, box->findData(stored)));
        box->setEnabled(there);
        connect(box, &QComboBox::activated, this,
                [this, box, question] { answer(question, box->currentData().toString().toStdString()); });
        row->addWidget(box);
    }
    layout_->addLayout(row);
}

void ObservationForm::show() {
    const std::vector<Question> all = questions();
    std::vector<Row> rows;
    for (std::size_t i = 0; i < all.size(); ++i)
        rows.push_back({all[i], answered(all[i]), asked_ == i, static_cast<bool>(workspace_.place())});
    if (rows == rows_)
        return;
    rows_ = std::move(rows);
    clearLayout(layout_);
    for (const Row& row : rows_)
        addRow(row);
}

void ObservationForm::ask() {
    if (asked_ || !workspace_.place()) {
        leave();
        return;
    }
    if (!askOpen()) {
        skipsAnswered_ = false;
        askNext(0);
    }
}

bool ObservationForm::askOpen() {
    skipsAnswered_ = true;
    askNext(0);
    return asking();
}

void ObservationForm::watchAgain(unsigned seed) {
    leave();
    const Pack& pack = workspace_.data().pack;
    for (const Trial& trial : *workspace_.chosenTrials()) {
        const Repetition* repetition = workspace_.data().repetition(repetitionId(trial.id));
        const bool open =
            repetition &&
            std::any_of(repetition->observations.begin(), repetition->observations.end(), [&](const auto& seen) {
                return pack.observation(seen.first) && !repetition->observationsAgain.contains(seen.first);
            });
        if (open)
            again_.push_back(repetition->id);
    }
    if (again_.empty()) {
        workspace_.say(tr("Nothing in this set was watched that is not watched again already."));
        return;
    }
    std::mt19937 random(seed);
    std::shuffle(again_.begin(), again_.end(), random);
    skipsAnswered_ = true;
    workspace_.selectRepetition(again_.front());
    askNext(0);
}

void ObservationForm::nextAgain() {
    again_.erase(again_.begin());
    if (again_.empty()) {
        leave();
        const QString words = agreementWords(workspace_.data().pack, workspace_.data().own);
        workspace_.say(words.isEmpty() ? tr("Kept. Four repetitions watched twice give an agreement.")
                                       : tr("Your own eye: %1.").arg(words));
        return;
    }
    workspace_.selectRepetition(again_.front());
    askNext(0);
}

void ObservationForm::leave() {
    again_.clear();
    asked_.reset();
    show();
    emit asked({});
}

void ObservationForm::askNext(std::size_t from) {
    const std::vector<Question> all = questions();
    std::size_t next = from;
    while (skipsAnswered_ && next < all.size() && !answered(all[next]).empty())
        ++next;
    asked_.reset();
    if (next >= all.size()) {
        show();
        return;
    }
    asked_ = next;
    show();
    QStringList keys;
    for (std::size_t i = 0; i < all[next].answers.size(); ++i)
        keys << QStringLiteral("%1 %2").arg(i + 1).arg(all[next].answers[i].title);
    if (all[next].answers.empty())
        keys << tr("0 to 9, or in the field on the right");
    emit asked(QStringLiteral("%1 · %2 · %3 · %4")
                   .arg(tr("%1 of %2").arg(next + 1).arg(all.size()), all[next].ask, keys.join(QStringLiteral(" · ")),
                        tr("Enter passes over")));
}

bool ObservationForm::answerBy(int key) {
    const std::vector<Question> all = questions();
    if (!asked_ || *asked_ >= all.size())
        return false;
    const Question& question = all[*asked_];
    const std::size_t here = *asked_;
    if (key >= Qt::Key_0 && key <= Qt::Key_9) {
        const auto digit = static_cast<std::size_t>(key - Qt::Key_0);
        if (question.answers.empty())
            answer(question, std::to_string(digit));
        else if (digit > question.answers.size())
            return true;
        else
            answer(question, digit == 0 ? std::string() : question.answers[digit - 1].word);
    } else if (key != Qt::Key_Return && key != Qt::Key_Enter) {
        return false;
    }
    askNext(here + 1);
    if (!asked_) {
        if (watchingAgain())
            nextAgain();
        else
            emit done();
    }
    return true;
}

} // namespace riflesso
