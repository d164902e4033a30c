#include "app/status_line.h"

#include "app/theme.h"

#include <QFrame>
#include <QHBoxLayout>
#include <QPushButton>
#include <QTime>
#include <QTimer>
#include <QVBoxLayout>

#include <utility>

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
    stop_->setToolTip(tr("Stops what is named beside it"));
    more_ = new QPushButton;
    more_->setObjectName(QStringLiteral("moreJobs"));
    more_->setStyleSheet(stop_->styleSheet());
    more_->setToolTip(tr("Lists what else runs, each with its own stop"));
    more_->hide();
    recording_ = label({});
    recording_->setObjectName(QStringLiteral("recording"));
    recording_->setWordWrap(false);
    recording_->hide();
    layout->addWidget(recording_);
    layout->addWidget(saved_);
    layout->addWidget(jobs_);
    layout->addWidget(stop_);
    layout->addWidget(more_);
    layout->addStretch();
    layout->addWidget(keys_);
    connect(&workspace, &Workspace::dataChanged, this, [this] {
        if (workspace_.library() && !workspace_.library()->onlyShown().isEmpty())
            showSaved(tr("Only shown, not to be changed here"));
    });
    connect(&workspace, &Workspace::saved, this,
            [this] { showSaved(tr("Saved %1").arg(QTime::currentTime().toString(QStringLiteral("HH:mm:ss")))); });
    connect(&workspace.jobs(), &Jobs::changed, this, &StatusLine::showJobs);
    connect(stop_, &QPushButton::clicked, this, [this] { workspace_.jobs().cancel(shownJob_); });
    connect(more_, &QPushButton::clicked, this, &StatusLine::listJobs);
}

void StatusLine::showSaved(const QString& words) {
    if (words == saved_->text())
        return;
    saved_->setText(words);
    showKeys();
}

void StatusLine::setRecording(const QString& words) {
    recording_->setStyleSheet(QStringLiteral("background: %1; color: %2; padding: 2px 10px; font-weight: bold;")
                                  .arg(theme::colours().ink.name(), theme::colours().paper.name()));
    recording_->setText(words);
    recording_->setVisible(!words.isEmpty());
    showKeys();
}

namespace {

QString textOf(const JobState& job) {
    return job.share > 0 ? StatusLine::tr("%1 · %2 %").arg(job.name).arg(static_cast<int>(100 * job.share)) : job.name;
}

/// Those that can be stopped, in the order they were started.
QList<JobState> longOnes(const QList<JobState>& running) {
    QList<JobState> out;
    for (const JobState& job : running)
        if (job.pace == Pace::Long)
            out << job;
    return out;
}

} // namespace

void StatusLine::showJobs() {
    const QList<JobState> running = workspace_.jobs().running(), stoppable = longOnes(running);
    stop_->setVisible(!stoppable.isEmpty());
    more_->setVisible(stoppable.size() > 1);
    more_->setText(tr("%1 more").arg(stoppable.size() - 1));
    if (running.isEmpty()) {
        jobs_->clear();
        showKeys();
        return;
    }
    const JobState& job = stoppable.isEmpty() ? running.last() : stoppable.last();
    const bool another = std::exchange(shownJob_, job.id) != job.id || jobs_->text().isEmpty();
    jobs_->setText(textOf(job));
    if (another)
        showKeys();
}

void StatusLine::listJobs() {
    auto* list = new QFrame(this, Qt::Popup);
    list->setObjectName(QStringLiteral("jobList"));
    list->setAttribute(Qt::WA_DeleteOnClose);
    list->setFrameShape(QFrame::StyledPanel);
    auto* rows = new QVBoxLayout(list);
    const auto fill = [this, list, rows] {
        clearLayout(rows);
        const QList<JobState> jobs = longOnes(workspace_.jobs().running());
        if (jobs.isEmpty()) {
            list->close();
            return;
        }
        for (const JobState& job : jobs) {
            auto* row = new QHBoxLayout;
            QLabel* name = label(textOf(job));
            name->setWordWrap(false);
            auto* stop = new QPushButton(tr("stop"));
            stop->setObjectName(QStringLiteral("stopJob%1").arg(job.id));
            stop->setAccessibleName(tr("Stop: %1").arg(job.name));
            connect(stop, &QPushButton::clicked, list, [this, stop, id = job.id] {
                stop->setEnabled(false);
                workspace_.jobs().cancel(id);
            });
            row->addWidget(name, 1);
            row->addWidget(stop);
            rows->addLayout(row);
        }
        // Its height is known once its rows have been laid out.
        QTimer::singleShot(0, list, [this, list] {
            list->adjustSize();
            constexpr int kAbove = 6;
            list->move(more_->mapToGlobal(QPoint(0, -list->height() - kAbove)));
        });
    };
    fill();
    // Only when one comes or goes: a button that is being pressed must not be made anew at every step of progress.
    connect(&workspace_.jobs(), &Jobs::changed, list,
            [this, list, fill, shown = workspace_.jobs().running().size()]() mutable {
                const auto now = workspace_.jobs().running().size();
                if (std::exchange(shown, now) != now && list->isVisible())
                    fill();
            });
    list->show();
}

void StatusLine::setKeys(const QList<KeyHint>& keys) {
    hints_ = keys;
    showKeys();
}

void StatusLine::showKeys() {
    const QString all = QStringLiteral("<b>?</b>&nbsp;%1").arg(tr("all keys"));
    // A job's share grows while the keys stay.
    const int growing = jobs_->text().isEmpty() ? 0 : fontMetrics().horizontalAdvance(QStringLiteral(" · 100 %"));
    int room = width() - layout()->contentsMargins().left() - layout()->contentsMargins().right() - growing;
    for (const QWidget* other :
         {static_cast<QWidget*>(recording_), static_cast<QWidget*>(saved_), static_cast<QWidget*>(jobs_),
          static_cast<QWidget*>(stop_), static_cast<QWidget*>(more_)})
        if (!other->isHidden() && other->sizeHint().width() > 0)
            room -= other->sizeHint().width() + layout()->spacing();
    // The last ones give way, never what leads to all of them.
    for (qsizetype shown = hints_.size(); shown >= 0; --shown) {
        QStringList parts;
        for (const KeyHint& hint : hints_.first(shown))
            parts << QStringLiteral("<b>%1</b>&nbsp;%2").arg(hint.key.toHtmlEscaped(), hint.what.toHtmlEscaped());
        keys_->setText((parts << all).join(QStringLiteral(" &nbsp; ")));
        if (keys_->sizeHint().width() <= room)
            break;
    }
}

void StatusLine::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    showKeys();
}

} // namespace riflesso
