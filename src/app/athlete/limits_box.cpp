#include "app/athlete/limits_box.h"

#include "app/athlete/limit_choice.h"
#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/date_edit.h"
#include "report/limit_words.h"
#include "report/words.h"

#include <QDateEdit>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace riflesso {
namespace {

QString beginning(QString text) {
    if (!text.isEmpty())
        text[0] = text[0].toUpper();
    return text;
}

AthleteLimit withMeaning(AthleteLimit limit, const Limit& meant) {
    limit.part = meant.part;
    limit.side = meant.side;
    limit.kind = meant.kind;
    return limit;
}

} // namespace

LimitsBox::LimitsBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("LIMITS AND INJURIES"), theme::kHeading));
    list_ = new QVBoxLayout;
    list_->setSpacing(6);
    layout->addLayout(list_);
    choice_ = new LimitChoice(QStringLiteral("limit"), tr("by the words"));
    layout->addWidget(choice_);
    since_ = dateEdit(QDate::currentDate(), "limitSince", tr("Since when"));
    words_ = new QLineEdit;
    words_->setObjectName(QStringLiteral("limitWords"));
    words_->setAccessibleName(tr("The limit in words"));
    words_->setPlaceholderText(tr("Such as: sore left knee"));
    auto* addButton = new QPushButton(tr("Add"));
    addButton->setObjectName(QStringLiteral("addLimit"));
    addButton->setAccessibleName(tr("Add the limit"));
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    row->addWidget(words_, 1);
    row->addWidget(since_);
    row->addWidget(addButton);
    layout->addLayout(row);
    connect(addButton, &QPushButton::clicked, this, &LimitsBox::add);
    connect(words_, &QLineEdit::returnPressed, this, &LimitsBox::add);
}

void LimitsBox::refresh() {
    const std::vector<AthleteLimit>& limits = workspace_.data().athlete.limits;
    if (filled_ && limits == shown_)
        return;
    filled_ = true;
    shown_ = limits;
    clearLayout(list_);
    const QDate today = QDate::currentDate();
    QStringList earlier;
    bool any = false;
    for (const AthleteLimit& limit : limits) {
        if (limit.waitsForAdvice())
            addAdvice(limit);
        if (!limit.holdsOn(today)) {
            const QString name = limit.part ? words::limit(limit.meaning().known.front()) : limit.words;
            earlier << tr("%1 until %2").arg(name, words::date(limit.over));
            continue;
        }
        any = true;
        if (limit.part)
            addRow(limit);
        else
            addQuestion(limit);
    }
    if (!any)
        list_->addWidget(label(tr("None known. A limit changes the target, not the athlete."), theme::kQuiet));
    if (!earlier.isEmpty())
        list_->addWidget(label(tr("Earlier: %1.").arg(earlier.join(QStringLiteral("; "))), theme::kQuiet));
}

void LimitsBox::addRow(const AthleteLimit& limit) {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    QStringList more;
    if (limit.since.isValid())
        more << tr("since %1").arg(words::date(limit.since));
    if (!limit.words.isEmpty())
        more << words::quoted(limit.words).toHtmlEscaped();
    if (!limit.advice.isEmpty())
        more << tr("advised on %1: %2").arg(words::date(limit.advisedOn), limit.advice.toHtmlEscaped());
    auto* text =
        label(QStringLiteral("<b>%1</b>%2")
                  .arg(beginning(words::limit(limit.meaning().known.front())).toHtmlEscaped(),
                       more.isEmpty() ? QString() : QStringLiteral("<br>") + more.join(QStringLiteral(" · "))));
    text->setObjectName(QStringLiteral("limitRow"));
    row->addWidget(text, 1);
    auto* over = new QPushButton(tr("Over"));
    over->setObjectName(QStringLiteral("limitOver"));
    over->setToolTip(tr("It does not hold from today on; it stays in the history."));
    over->setAccessibleName(tr("%1 is over").arg(words::bodyPart(*limit.part)));
    connect(over, &QPushButton::clicked, this, [this, limit] {
        AthleteLimit ended = limit;
        ended.over = QDate::currentDate();
        change(tr("A limit is over"), ended);
    });
    row->addWidget(over, 0, Qt::AlignTop);
    auto* wrong = new QPushButton(tr("Not so"));
    wrong->setObjectName(QStringLiteral("limitWrong"));
    wrong->setToolTip(tr("It was written down by mistake."));
    wrong->setAccessibleName(tr("Take away: %1").arg(words::bodyPart(*limit.part)));
    connect(wrong, &QPushButton::clicked, this, [this, id = limit.id] { remove(id); });
    row->addWidget(wrong, 0, Qt::AlignTop);
    list_->addLayout(row);
}

void LimitsBox::addQuestion(const AthleteLimit& limit) {
    const Limits read = limit.meaning();
    QString question;
    if (!read.known.empty())
        question = tr("%1 is read as: %2. Is that what is meant?")
                       .arg(words::quoted(limit.words), words::limit(read.known.front()));
    else if (read.unclear.empty())
        question = tr("%1 is read as: no limit. Is that so?").arg(words::quoted(limit.words));
    else
        question = tr("%1: which part is meant? Until somebody says so, every drill that is not for all is held back.")
                       .arg(words::quoted(limit.words));
    auto* text = label(question, read.known.empty() && !read.unclear.empty() ? theme::kSafety : nullptr);
    text->setTextFormat(Qt::PlainText);
    text->setObjectName(QStringLiteral("limitQuestion"));
    list_->addWidget(text);
    auto* choice = new LimitChoice(QStringLiteral("meant"), tr("which part?"));
    if (!read.known.empty())
        choice->choose(read.known.front());
    list_->addWidget(choice);
    auto* row = new QHBoxLayout;
    row->addStretch();
    auto* keep = new QPushButton(tr("That is meant"));
    keep->setObjectName(QStringLiteral("limitMeant"));
    connect(keep, &QPushButton::clicked, this, [this, limit, choice, rest = read.known] {
        const AthleteId athlete = workspace_.data().athlete.id;
        workspace_.apply(tr("What a limit means"), [&](Edit& edit) -> Result<void> {
            if (auto done = edit.setLimit(withMeaning(limit, *choice->chosen())); !done)
                return done;
            for (std::size_t i = 1; i < rest.size(); ++i) { // the words named more than one part
                AthleteLimit other = withMeaning(limit, rest[i]);
                other.uid.clear();
                if (const auto added = edit.addLimit(athlete, other); !added)
                    return added.error();
            }
            return {};
        });
    });
    const auto mayKeep = [keep, choice] { keep->setEnabled(choice->chosen().has_value()); };
    connect(choice, &LimitChoice::changed, keep, mayKeep);
    mayKeep();
    row->addWidget(keep);
    auto* none = new QPushButton(tr("No limit"));
    none->setObjectName(QStringLiteral("limitNone"));
    connect(none, &QPushButton::clicked, this, [this, id = limit.id] { remove(id); });
    row->addWidget(none);
    list_->addLayout(row);
}

void LimitsBox::addAdvice(const AthleteLimit& limit) {
    auto* text = label(tr("Stopped in practice%1: %2. The plan waits until it is written down who advised what.")
                           .arg(limit.since.isValid() ? tr(" on %1").arg(words::date(limit.since)) : QString(),
                                limit.part ? words::limit(limit.meaning().known.front()) : words::quoted(limit.words)),
                       theme::kSafety);
    text->setTextFormat(Qt::PlainText);
    text->setObjectName(QStringLiteral("limitWaits"));
    list_->addWidget(text);
    auto* who = new QLineEdit(limit.advice);
    who->setObjectName(QStringLiteral("limitAdvice"));
    who->setAccessibleName(tr("Who advised what"));
    who->setPlaceholderText(tr("Who advised what"));
    auto* day = dateEdit(QDate::currentDate(), "limitAdvised", tr("Day of the advice"));
    auto* keep = new QPushButton(tr("Write down"));
    keep->setObjectName(QStringLiteral("keepAdvice"));
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    row->addWidget(who, 1);
    row->addWidget(day);
    row->addWidget(keep);
    list_->addLayout(row);
    const auto save = [this, limit, who, day] {
        if (who->text().trimmed().isEmpty()) {
            workspace_.say(tr("Write down who advised what; a licensed professional decides."), true);
            return;
        }
        AthleteLimit advised = limit;
        advised.advice = who->text().trimmed();
        advised.advisedOn = day->date();
        change(tr("What was advised"), advised);
    };
    connect(keep, &QPushButton::clicked, this, save);
    connect(who, &QLineEdit::returnPressed, this, save);
}

void LimitsBox::add() {
    AthleteLimit limit;
    limit.words = words_->text().trimmed();
    limit.since = since_->date();
    std::vector<AthleteLimit> rows;
    if (const auto chosen = choice_->chosen())
        rows.push_back(withMeaning(limit, *chosen));
    else
        for (const Limit& meant : limitsFromWords(limit.words.toStdString()).known)
            rows.push_back(withMeaning(limit, meant));
    if (rows.empty() && limit.words.isEmpty()) {
        workspace_.say(tr("Choose a part of the body, or write the limit in words."), true);
        return;
    }
    if (rows.empty())
        rows.push_back(limit); // asked about in the list
    const AthleteId athlete = workspace_.data().athlete.id;
    const bool done = workspace_.apply(tr("Add a limit"), [&](Edit& edit) -> Result<void> {
        for (const AthleteLimit& row : rows)
            if (const auto added = edit.addLimit(athlete, row); !added)
                return added.error();
        return {};
    });
    if (!done)
        return;
    words_->clear();
    choice_->chooseNone();
    since_->setDate(QDate::currentDate());
}

void LimitsBox::change(const QString& what, const AthleteLimit& limit) {
    workspace_.apply(what, [&](Edit& edit) { return edit.setLimit(limit); });
}

void LimitsBox::remove(std::int64_t id) {
    workspace_.apply(tr("Take a limit away"), [id](Edit& edit) { return edit.removeLimit(id); });
}

} // namespace riflesso
