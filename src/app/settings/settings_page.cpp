#include "app/settings/settings_page.h"

#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/language.h"
#include "report/words.h"

#include <QApplication>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLocale>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>
#include <QVBoxLayout>

namespace riflesso {

SettingsPage::SettingsPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(24, 18, 24, 18);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(10);
    form->setHorizontalSpacing(24);
    theme_ = new ChoiceBox;
    theme_->setObjectName(QStringLiteral("theme"));
    theme_->addItems({tr("light"), tr("dark"), tr("as the system")});
    form->addRow(tr("Theme"), theme_);
    text_ = new ChoiceBox;
    text_->setObjectName(QStringLiteral("textSize"));
    for (const int percent : settings::kTextSizes)
        text_->addItem(percent == settings::kTextSizes[0] ? tr("usual") : tr("%1 %").arg(percent), percent);
    text_->setToolTip(tr("From the next start on. A screen of 1920 × 1080 has room for 130 %."));
    form->addRow(tr("Size of text and controls"), text_);
    const auto nameOf = [](const QLocale& locale) {
        QString language = locale.nativeLanguageName();
        language[0] = language[0].toUpper();
        return language;
    };
    language_ = new ChoiceBox;
    language_->setObjectName(QStringLiteral("language"));
    language_->addItem(tr("as the system"), QString());
    language_->addItem(QStringLiteral("English"), QStringLiteral("en"));
    for (const QString& name : translatedInto(shareFolder()))
        language_->addItem(nameOf(QLocale(name)), name);
    language_->setToolTip(
        tr("Of the window, the papers and the skills that have their words in it, from the next start "
           "on. What is missing stays English."));
    form->addRow(tr("Language"), language_);
    numbers_ = new ChoiceBox;
    numbers_->setObjectName(QStringLiteral("numbersLanguage"));
    numbers_->addItem(tr("as the words"), QString());
    for (const char* name : {"en_GB", "en_US", "cs_CZ", "da_DK", "de_DE", "es_ES", "fi_FI", "fr_FR", "it_IT", "nb_NO",
                             "nl_NL", "pl_PL", "pt_PT", "sv_SE"}) {
        const QLocale locale{QLatin1String(name)};
        numbers_->addItem(QStringLiteral("%1, %2").arg(nameOf(locale), locale.toString(1.5, 'f', 1)),
                          QLatin1String(name));
    }
    numbers_->setToolTip(tr("From the next start on. Files are always written with a decimal point."));
    form->addRow(tr("Language of dates and numbers"), numbers_);
    school_ = new ChoiceBox;
    school_->setObjectName(QStringLiteral("school"));
    for (School school : {School::Root, School::Ground, School::Effect, School::Earliest})
        school_->addItem(words::schoolName(school), words::text(toString(school)));
    form->addRow(tr("What to fix first, in this case"), school_);
    newSchool_ = new ChoiceBox;
    newSchool_->setObjectName(QStringLiteral("newSchool"));
    for (School school : {School::Root, School::Ground, School::Effect, School::Earliest})
        newSchool_->addItem(words::schoolName(school), words::text(toString(school)));
    form->addRow(tr("What to fix first, in new cases"), newSchool_);
    cache_ = new QSpinBox;
    cache_->setObjectName(QStringLiteral("cacheMiB"));
    cache_->setRange(settings::kLeastCacheMiB, settings::kMostCacheMiB);
    cache_->setSingleStep(64);
    cache_->setSuffix(tr(" MiB"));
    cache_->setToolTip(tr("Pictures kept in memory, of all clips together. More makes going back and forth quicker."));
    form->addRow(tr("Pictures kept of a clip"), cache_);
    sigma_ = new QDoubleSpinBox;
    sigma_->setObjectName(QStringLiteral("markSigma"));
    sigma_->setRange(settings::kLeastMarkSigma, settings::kMostMarkSigma);
    sigma_->setSingleStep(0.1);
    sigma_->setDecimals(1);
    sigma_->setSuffix(tr(" px at 1080 lines"));
    sigma_->setToolTip(tr("Standard uncertainty of a mark set from now on, where no repeatability was measured. Marks "
                          "that are there keep theirs."));
    form->addRow(tr("How sure a mark is"), sigma_);
    auto* library = new QHBoxLayout;
    folder_ = label({});
    folder_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* other = new QPushButton(tr("Another folder…"));
    other->setObjectName(QStringLiteral("otherLibrary"));
    library->addWidget(folder_, 1);
    library->addWidget(other);
    form->addRow(tr("Library"), library);
    reset_ = new QPushButton(tr("Put the demo back to its first state"));
    reset_->setObjectName(QStringLiteral("resetDemo"));
    auto* demo = new QHBoxLayout;
    demo->addWidget(reset_);
    demo->addStretch();
    form->addRow(tr("Demo"), demo);
    auto* fields = new QWidget;
    fields->setMaximumWidth(680); // longer fields hold no more
    form->setContentsMargins(0, 0, 0, 0);
    fields->setLayout(form);
    outer->addWidget(fields);
    outer->addWidget(
        label(tr("How sure a mark is scales with the height of the picture: 2 px at 1080 lines are 1 px at "
                 "540. "
                 "Nothing leaves this machine; the program never uses a network."),
              theme::kQuiet));
    outer->addStretch();
    connect(theme_, &QComboBox::activated, this, [](int index) {
        QSettings().setValue(QStringLiteral("theme"), index);
        theme::apply(*qApp, static_cast<theme::Choice>(index));
        for (QWidget* widget : QApplication::allWidgets())
            widget->update();
    });
    connect(school_, &QComboBox::activated, this, [this] {
        if (!this->workspace().hasCase())
            return;
        const CaseId id = this->workspace().data().id;
        const QString school = school_->currentData().toString();
        this->workspace().apply(tr("Change the school of ranking"),
                                [id, school](Edit& edit) { return edit.setSchool(id, school); });
    });
    connect(newSchool_, &QComboBox::activated, this,
            [this] { settings::setNewSchool(newSchool_->currentData().toString()); });
    connect(cache_, &QSpinBox::editingFinished, this, [this] {
        if (cache_->value() == settings::cacheMiB())
            return;
        settings::setCacheMiB(cache_->value());
        this->workspace().setCacheMiB(cache_->value());
        this->workspace().say(tr("The clips keep %1 MiB of pictures together.").arg(cache_->value()));
    });
    connect(text_, &QComboBox::activated, this, [this] {
        settings::setTextPercent(text_->currentData().toInt());
        this->workspace().say(tr("Text and controls have the new size from the next start on."));
    });
    connect(language_, &QComboBox::activated, this, [this] {
        settings::setLanguage(language_->currentData().toString());
        this->workspace().say(tr("Window, papers and skills are in this language from the next start on."));
    });
    connect(numbers_, &QComboBox::activated, this, [this] {
        settings::setNumbersLanguage(numbers_->currentData().toString());
        this->workspace().say(tr("Dates and numbers are in this language from the next start on."));
    });
    connect(sigma_, &QDoubleSpinBox::editingFinished, this, [this] {
        if (qFuzzyCompare(sigma_->value(), settings::markSigma()))
            return;
        settings::setMarkSigma(sigma_->value());
        this->workspace().say(tr("Marks set from now on: %1 px at 1080 lines.").arg(words::number(sigma_->value(), 1)));
    });
    connect(other, &QPushButton::clicked, this, [this] {
        auto* dialog = new QFileDialog(this, tr("Folder of the library"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setFileMode(QFileDialog::Directory);
        dialog->setOption(QFileDialog::DontUseNativeDialog);
        connect(dialog, &QFileDialog::fileSelected, this, &SettingsPage::moveTo);
        dialog->open();
    });
    connect(reset_, &QPushButton::clicked, this, [this] {
        const auto done = this->workspace().resetDemo();
        this->workspace().say(done ? tr("The demo is back in its first state.") : words::text(done.error().sentence()),
                              !done);
    });
}

void SettingsPage::moveTo(const QString& folder) {
    const QString before = workspace().library() ? workspace().library()->folder() : QString();
    const bool wasDemo = workspace().isDemo();
    workspace().setDemo(false);
    if (const auto opened = workspace().open(folder); !opened) {
        workspace().setDemo(wasDemo);
        workspace().say(words::text(opened.error().sentence()), true);
        return;
    }
    settings::setLibraryFolder(folder);
    workspace().setOwnFolder(folder);
    workspace().say(before.isEmpty()
                        ? tr("Open is the library in %1.").arg(folder)
                        : tr("Open is the library in %1. The one in %2 stays as it is.").arg(folder, before));
    refresh();
}

QString SettingsPage::headline() const {
    return tr("Settings hold for this machine; the school of ranking for this case.");
}

void SettingsPage::refresh() {
    theme_->setCurrentIndex(QSettings().value(QStringLiteral("theme"), 0).toInt());
    folder_->setText(workspace().library() ? workspace().library()->folder() : QString());
    reset_->setEnabled(workspace().isDemo());
    reset_->setToolTip(workspace().isDemo() ? QString() : tr("Only the demo library can be put back."));
    newSchool_->setCurrentIndex(std::max(0, newSchool_->findData(settings::newSchool())));
    cache_->setValue(settings::cacheMiB());
    text_->setCurrentIndex(std::max(0, text_->findData(settings::textPercent())));
    language_->setCurrentIndex(std::max(0, language_->findData(settings::language())));
    numbers_->setCurrentIndex(std::max(0, numbers_->findData(settings::numbersLanguage())));
    sigma_->setValue(settings::markSigma());
    school_->setEnabled(workspace().hasCase());
    school_->setCurrentIndex(static_cast<int>(workspace().school()));
}

} // namespace riflesso
