#include "app/status_line.h"

#include "app/theme.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QTime>

namespace riflesso {

StatusLine::StatusLine(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    setObjectName(QStringLiteral("statusLine"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(30);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 0, 14, 0);
    layout->setSpacing(10);
    saved_ = label(tr("Every step is saved when it is done"), theme::kQuiet);
    jobs_ = label({}, theme::kQuiet);
    keys_ = label({}, theme::kQuiet);
    for (QLabel* text : {saved_, jobs_, keys_})
        text->setWordWrap(false);
    keys_->setTextFormat(Qt::RichText);
    stop_ = new QPushButton(tr("stop"));
    stop_->setObjectName(QStringLiteral("stopJob"));
    stop_->setStyleSheet(QStringLiteral("padding: 0 6px; font-size: 8.5pt;"));
    stop_->hide();
    layout->addWidget(saved_);
    layout->addWidget(jobs_);
    layout->addWidget(stop_);
    layout->addStretch();
    layout->addWidget(keys_);
    connect(&workspace, &Workspace::dataChanged, this, [this] {
        if (workspace_.library() && !workspace_.library()->onlyShown().isEmpty())
            saved_->setText(tr("Only shown, not to be changed here"));
    });
    connect(&workspace, &Workspace::saved, this,
            [this] { saved_->setText(tr("Saved %1").arg(QTime::currentTime().toString(QStringLiteral("HH:mm:ss")))); });
    connect(&workspace.jobs(), &Jobs::changed, this, &StatusLine::showJobs);
    connect(stop_, &QPushButton::clicked, this, [this] {
        for (const JobState& job : workspace_.jobs().running())
            workspace_.jobs().cancel(job.id);
    });
}

void StatusLine::showJobs() {
    const QList<JobState> running = workspace_.jobs().running();
    stop_->setVisible(!running.isEmpty());
    if (running.isEmpty()) {
        jobs_->clear();
        return;
    }
    const JobState& job = running.last();
    jobs_->setText(job.share > 0 ? tr("%1 · %2 %").arg(job.name).arg(static_cast<int>(100 * job.share)) : job.name);
}

void StatusLine::setKeys(const QList<KeyHint>& keys) {
    QStringList parts;
    for (const KeyHint& hint : keys)
        parts << QStringLiteral("<b>%1</b>&nbsp;%2").arg(hint.key.toHtmlEscaped(), hint.what.toHtmlEscaped());
    parts << QStringLiteral("<b>?</b>&nbsp;%1").arg(tr("all keys"));
    keys_->setText(parts.join(QStringLiteral(" &nbsp; ")));
}

} // namespace riflesso
