#include "app/widgets/ask_bar.h"

#include "app/page.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace riflesso {

AskBar::AskBar(const QString& name, QWidget* parent) : QWidget(parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    question_ = label({});
    question_->setObjectName(name + QStringLiteral("Question"));
    layout->addWidget(question_);
    auto* answers = new QHBoxLayout;
    yes_ = new QPushButton;
    yes_->setObjectName(name + QStringLiteral("Yes"));
    yes_->setProperty("role", "main");
    no_ = new QPushButton(tr("Leave it"));
    no_->setObjectName(name + QStringLiteral("No"));
    answers->addWidget(yes_);
    answers->addWidget(no_);
    answers->addStretch();
    layout->addLayout(answers);
    connect(no_, &QPushButton::clicked, this, &AskBar::drop);
    connect(yes_, &QPushButton::clicked, this, [this] {
        const auto work = std::exchange(work_, {});
        drop();
        if (work)
            work();
    });
    drop();
}

void AskBar::ask(const QString& question, const QString& yes, std::function<void()> work) {
    work_ = std::move(work);
    question_->setText(question);
    yes_->setText(yes);
    setVisible(static_cast<bool>(work_));
    if (work_)
        no_->setFocus();
}

} // namespace riflesso
