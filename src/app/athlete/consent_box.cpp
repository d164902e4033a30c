#include "app/athlete/consent_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/words.h"
#include "store/case_data.h"

#include <QCheckBox>
#include <QDateEdit>
#include <QGridLayout>
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
        return athlete.consentUntil.isValid()
                   ? ConsentBox::tr("Consent holds until %1.").arg(words::date(athlete.consentUntil))
                   : ConsentBox::tr("Consent holds, without an end date.");
    }
    return {};
}

ConsentBox::ConsentBox(QWidget* parent) : QWidget(parent) {
    auto* layout = new QGridLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setHorizontalSpacing(8);
    layout->setVerticalSpacing(6);
    const auto date = [this](const char* name, const QString& accessible) {
        auto* edit = new QDateEdit(QDate::currentDate());
        edit->setObjectName(QLatin1String(name));
        edit->setAccessibleName(accessible);
        edit->setCalendarPopup(true);
        edit->setDisplayFormat(QStringLiteral("d MMM yyyy"));
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
    scope_->setPlaceholderText(tr("For what, and who signed: a parent for a child"));
    state_ = label({}, theme::kQuiet);
    state_->setObjectName(QStringLiteral("consentState"));
    layout->addWidget(given_, 0, 0);
    layout->addWidget(from_, 0, 1);
    layout->addWidget(ends_, 0, 2);
    layout->addWidget(until_, 0, 3);
    layout->setColumnStretch(4, 1);
    layout->addWidget(scope_, 1, 0, 1, 5);
    layout->addWidget(state_, 2, 0, 1, 5);
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
    from_->setEnabled(given_->isChecked());
    ends_->setEnabled(given_->isChecked());
    until_->setEnabled(given_->isChecked() && ends_->isChecked());
    state_->setText(consentText(athlete, QDate::currentDate()));
}

void ConsentBox::fill(Athlete& athlete) const {
    athlete.consentGiven = given_->isChecked() ? from_->date() : QDate();
    athlete.consentUntil = given_->isChecked() && ends_->isChecked() ? until_->date() : QDate();
    athlete.consentScope = scope_->text().trimmed();
}

} // namespace riflesso
