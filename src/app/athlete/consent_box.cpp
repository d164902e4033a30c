#include "app/athlete/consent_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/date_edit.h"
#include "report/words.h"
#include "store/case_data.h"

#include <QCheckBox>
#include <QDateEdit>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QSignalBlocker>

namespace riflesso {
QString consentText(const Athlete& athlete, const QDate& today) {
    switch (consentOn(athlete, today)) {
    case Consent::Missing:
        return ConsentBox::tr("No consent to film is written down: nothing of this athlete should leave this machine.");
    case Consent::Expired:
        return ConsentBox::tr("The consent to film ended on %1: nothing more should leave this machine.")
            .arg(words::date(athlete.consentUntil));
    case Consent::Valid:
        break;
    }
    QString out = athlete.consentUntil.isValid()
                      ? ConsentBox::tr("Consent holds until %1.").arg(words::date(athlete.consentUntil))
                      : ConsentBox::tr("Consent holds, without an end date.");
    QStringList without;
    for (const auto& [kind, name] : {std::pair(HandedOnAs::Paper, ConsentBox::tr("papers and pictures")),
                                     {HandedOnAs::Film, ConsentBox::tr("films")},
                                     {HandedOnAs::Voice, ConsentBox::tr("voices")}})
        if (!consentsTo(athlete, kind, today))
            without << name;
    if (!without.isEmpty())
        out += u' ' + ConsentBox::tr("Not for: %1.").arg(without.join(QStringLiteral(", ")));
    if (!athlete.consentBy.isEmpty())
        out += u' ' + ConsentBox::tr("Given by %1.").arg(athlete.consentBy);
    if (guardianMissing(athlete, today))
        out += u' ' + ConsentBox::tr("The athlete may be a minor: write down which parent or guardian gave it.");
    return out;
}

ConsentBox::ConsentBox(QWidget* parent) : QWidget(parent) {
    auto* layout = new QGridLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setHorizontalSpacing(8);
    layout->setVerticalSpacing(6);
    const auto date = [this](const char* name, const QString& accessible) {
        auto* edit = dateEdit(QDate::currentDate(), name, accessible);
        connect(edit, &QDateEdit::editingFinished, this, &ConsentBox::edited);
        return edit;
    };
    given_ = new QCheckBox(tr("Given on"));
    given_->setObjectName(QStringLiteral("consentGiven"));
    from_ = date("consentFrom", tr("Consent given on"));
    ends_ = new QCheckBox(tr("until"));
    ends_->setObjectName(QStringLiteral("consentEnds"));
    until_ = date("consentUntil", tr("Consent ends on"));
    scope_ = new QLineEdit;
    scope_->setObjectName(QStringLiteral("consentScope"));
    scope_->setAccessibleName(tr("What the consent covers"));
    scope_->setPlaceholderText(tr("For what: training, teaching, publication"));
    state_ = label({}, theme::kQuiet);
    state_->setObjectName(QStringLiteral("consentState"));
    by_ = new QLineEdit;
    by_->setObjectName(QStringLiteral("consentBy"));
    by_->setAccessibleName(tr("Who gave the consent"));
    by_->setPlaceholderText(tr("Given by: the athlete, or a child's parent or guardian"));
    auto* as = new QHBoxLayout;
    as->addWidget(label(tr("To hand on"), theme::kQuiet));
    const std::array named{std::pair("consentPaper", tr("papers, pictures")), std::pair("consentFilm", tr("films")),
                           std::pair("consentVoice", tr("voices"))};
    for (std::size_t i = 0; i < as_.size(); ++i) {
        const auto& [name, text] = named[i];
        auto* box = new QCheckBox(text);
        box->setObjectName(QLatin1String(name));
        connect(box, &QCheckBox::clicked, this, &ConsentBox::edited);
        as->addWidget(box);
        as_[i] = box;
    }
    as->addStretch();
    layout->addWidget(by_, 1, 0, 1, 5);
    layout->addLayout(as, 2, 0, 1, 5);
    connect(by_, &QLineEdit::editingFinished, this, &ConsentBox::edited);
    layout->addWidget(given_, 0, 0);
    layout->addWidget(from_, 0, 1);
    layout->addWidget(ends_, 0, 2);
    layout->addWidget(until_, 0, 3);
    layout->setColumnStretch(4, 1);
    layout->addWidget(scope_, 3, 0, 1, 5);
    layout->addWidget(state_, 4, 0, 1, 5);
    connect(given_, &QCheckBox::clicked, this, &ConsentBox::edited);
    connect(ends_, &QCheckBox::clicked, this, [this](bool on) {
        constexpr int kUsualYears = 1;
        if (on)
            until_->setDate(from_->date().addYears(kUsualYears));
        emit edited();
    });
    connect(scope_, &QLineEdit::editingFinished, this, &ConsentBox::edited);
}

void ConsentBox::setAthlete(const Athlete& athlete) {
    const QSignalBlocker block(this);
    given_->setChecked(athlete.consentGiven.isValid());
    ends_->setChecked(athlete.consentUntil.isValid());
    if (athlete.consentGiven.isValid())
        from_->setDate(athlete.consentGiven);
    if (athlete.consentUntil.isValid())
        until_->setDate(athlete.consentUntil);
    if (!scope_->hasFocus())
        scope_->setText(athlete.consentScope);
    if (!by_->hasFocus())
        by_->setText(athlete.consentBy);
    for (std::size_t i = 0; i < as_.size(); ++i) {
        as_[i]->setChecked(athlete.consentFor.isEmpty() || athlete.consentFor.contains(toWord(kHandedOnAs[i])));
        as_[i]->setEnabled(given_->isChecked());
    }
    from_->setEnabled(given_->isChecked());
    ends_->setEnabled(given_->isChecked());
    until_->setEnabled(given_->isChecked() && ends_->isChecked());
    state_->setText(consentText(athlete, QDate::currentDate()));
}

void ConsentBox::fill(Athlete& athlete) const {
    athlete.consentGiven = given_->isChecked() ? from_->date() : QDate();
    athlete.consentUntil = given_->isChecked() && ends_->isChecked() ? until_->date() : QDate();
    athlete.consentScope = scope_->text().trimmed();
    athlete.consentBy = by_->text().trimmed();
    athlete.consentFor.clear();
    for (std::size_t i = 0; i < as_.size(); ++i)
        if (as_[i]->isChecked())
            athlete.consentFor << toWord(kHandedOnAs[i]);
    if (athlete.consentFor.size() == static_cast<qsizetype>(kHandedOnAs.size()))
        athlete.consentFor.clear(); // all of it
    else if (athlete.consentFor.isEmpty())
        athlete.consentFor << QStringLiteral("none");
}

} // namespace riflesso
