#include "app/settings/settings_page.h"

#include "app/settings/library_panel.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/language.h"
#include "report/words.h"

#include <QApplication>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLocale>
#include <QScrollArea>
#include <QSettings>
#include <QSpinBox>
#include <QVBoxLayout>

namespace riflesso {

SettingsPage::SettingsPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* inner = new QWidget;
    auto* columns = new QHBoxLayout(inner);
    columns->setContentsMargins(24, 18, 24, 18);
    columns->setSpacing(48);
    columns->addLayout(buildFields(), 3);
    library_ = new LibraryPanel(workspace, inner);
    auto* right = new QVBoxLayout;
    right->addWidget(library_);
    right->addStretch();
    columns->addLayout(right, 2);
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    outer->addWidget(scrolled(inner));
    connect(library_, &LibraryPanel::anotherWanted, this, &SettingsPage::askForLibrary);
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
}

QLayout* SettingsPage::buildFields() {
    auto* rows = new QVBoxLayout;
    rows->setSpacing(4);
    QGridLayout* grid = nullptr;
    const auto group = [&](const QString& title) {
        if (grid)
            rows->addSpacing(14);
        rows->addWidget(label(title, theme::kHeading));
        grid = new QGridLayout;
        grid->setContentsMargins(0, 0, 0, 0);
        grid->setHorizontalSpacing(24);
        grid->setVerticalSpacing(2);
        grid->setColumnStretch(0, 2);
        grid->setColumnStretch(1, 3);
        rows->addLayout(grid);
    };
    const auto field = [&](QWidget* made, const char* name, const QString& title, const QString& note = {}) {
        made->setObjectName(QLatin1String(name));
        made->setAccessibleName(title);
        made->setAccessibleDescription(note);
        const int row = grid->rowCount();
        auto* words = label(title);
        words->setBuddy(made);
        grid->addWidget(words, row, 0);
        grid->addWidget(made, row, 1);
        if (!note.isEmpty())
            grid->addWidget(label(note, theme::kQuiet), row + 1, 1);
        grid->setRowMinimumHeight(row + 2, 6);
    };
    const auto nameOf = [](const QLocale& locale) {
        QString language = locale.nativeLanguageName();
        language[0] = language[0].toUpper();
        return language;
    };

    group(tr("LOOK"));
    theme_ = new ChoiceBox;
    theme_->addItems({tr("light"), tr("dark"), tr("as the system")});
    field(theme_, "theme", tr("Theme"));
    text_ = new ChoiceBox;
    for (const int percent : settings::kTextSizes)
        text_->addItem(percent == settings::kTextSizes[0] ? tr("usual") : tr("%1 %").arg(percent), percent);
    field(text_, "textSize", tr("Size of text and controls"),
          tr("From the next start on. A screen of 1920 × 1080 has room for 130 %."));

    group(tr("LANGUAGE"));
    language_ = new ChoiceBox;
    language_->addItem(tr("as the system"), QString());
    language_->addItem(QStringLiteral("English"), QStringLiteral("en"));
    for (const QString& name : translatedInto(shareFolder()))
        language_->addItem(nameOf(QLocale(name)), name);
    field(language_, "language", tr("Language"),
          tr("Of the window, the papers and the skills that have their words in it, from the next start "
             "on. What is missing stays English."));
    numbers_ = new ChoiceBox;
    numbers_->addItem(tr("as the words"), QString());
    for (const char* name : {"en_GB", "en_US", "cs_CZ", "da_DK", "de_DE", "es_ES", "fi_FI", "fr_FR", "it_IT", "nb_NO",
                             "nl_NL", "pl_PL", "pt_PT", "sv_SE"}) {
        const QLocale locale{QLatin1String(name)};
        numbers_->addItem(QStringLiteral("%1, %2").arg(nameOf(locale), locale.toString(1.5, 'f', 1)),
                          QLatin1String(name));
    }
    field(numbers_, "numbersLanguage", tr("Language of dates and numbers"),
          tr("From the next start on. Files are always written with a decimal point."));

    group(tr("MARKING AND JUDGING"));
    school_ = new ChoiceBox;
    newSchool_ = new ChoiceBox;
    for (ChoiceBox* each : {static_cast<ChoiceBox*>(school_), static_cast<ChoiceBox*>(newSchool_)})
        for (School school : {School::Root, School::Ground, School::Effect, School::Earliest})
            each->addItem(words::schoolName(school), words::text(toString(school)));
    field(school_, "school", tr("What to fix first, in this case"));
    field(newSchool_, "newSchool", tr("What to fix first, in new cases"));
    sigma_ = new QDoubleSpinBox;
    sigma_->setRange(settings::kLeastMarkSigma, settings::kMostMarkSigma);
    sigma_->setSingleStep(0.1);
    sigma_->setDecimals(1);
    sigma_->setSuffix(tr(" px at 1080 lines"));
    field(
        sigma_, "markSigma", tr("How sure a mark is"),
        tr("Standard uncertainty of a mark set from now on, where no repeatability was measured; marks that are there "
           "keep theirs. It scales with the height of the picture: 2 px at 1080 lines are 1 px at 540."));

    group(tr("MEMORY"));
    cache_ = new QSpinBox;
    cache_->setRange(settings::kLeastCacheMiB, settings::kMostCacheMiB);
    cache_->setSingleStep(64);
    cache_->setSuffix(tr(" MiB"));
    field(cache_, "cacheMiB", tr("Pictures kept of a clip"),
          tr("Of all clips together. More makes going back and forth quicker."));
    rows->addStretch();
    return rows;
}

void SettingsPage::askForLibrary() {
    auto* dialog = new QFileDialog(this, tr("Folder of the library"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setFileMode(QFileDialog::Directory);
    dialog->setOption(QFileDialog::DontUseNativeDialog);
    connect(dialog, &QFileDialog::fileSelected, this, &SettingsPage::moveTo);
    dialog->open();
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
    library_->refresh();
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
