#include "app/settings/settings_page.h"

#include "app/theme.h"
#include "report/words.h"

#include <QApplication>
#include <QComboBox>
#include <QFormLayout>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace riflesso {

SettingsPage::SettingsPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(24, 18, 24, 18);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(10);
    form->setHorizontalSpacing(24);
    theme_ = new QComboBox;
    theme_->setObjectName(QStringLiteral("theme"));
    theme_->addItems({tr("light"), tr("dark"), tr("as the system")});
    form->addRow(tr("Theme"), theme_);
    school_ = new QComboBox;
    school_->setObjectName(QStringLiteral("school"));
    for (School school : {School::Root, School::Ground, School::Effect, School::Earliest})
        school_->addItem(words::schoolName(school), words::text(toString(school)));
    form->addRow(tr("What to fix first, in this case"), school_);
    folder_ = label({});
    folder_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    form->addRow(tr("Library"), folder_);
    reset_ = new QPushButton(tr("Put the demo back to its first state"));
    reset_->setObjectName(QStringLiteral("resetDemo"));
    form->addRow(tr("Demo"), reset_);
    outer->addLayout(form);
    outer->addWidget(label(tr("A mark without a measured repeatability has a standard uncertainty of 2 px at 1080 "
                              "lines, scaled with the height of the picture. "
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
    connect(reset_, &QPushButton::clicked, this, [this] {
        const auto done = this->workspace().resetDemo();
        this->workspace().say(done ? tr("The demo is back in its first state.") : words::text(done.error().sentence()),
                              !done);
    });
}

QString SettingsPage::headline() const {
    return tr("Settings hold for this machine; the school of ranking for this case.");
}

void SettingsPage::refresh() {
    theme_->setCurrentIndex(QSettings().value(QStringLiteral("theme"), 0).toInt());
    folder_->setText(workspace().library() ? workspace().library()->folder() : QString());
    reset_->setEnabled(workspace().isDemo());
    reset_->setToolTip(workspace().isDemo() ? QString() : tr("Only the demo library can be put back."));
    school_->setEnabled(workspace().hasCase());
    school_->setCurrentIndex(static_cast<int>(workspace().school()));
}

} // namespace riflesso
