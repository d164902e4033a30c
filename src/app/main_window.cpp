#include "app/main_window.h"
#include "app/key_list.h"

#include "app/athlete/athlete_page.h"
#include "app/bench/bench_page.h"
#include "app/film/film_page.h"
#include "app/findings/findings_page.h"
#include "app/guide_window.h"
#include "app/handover/handover_page.h"
#include "app/mark/mark_page.h"
#include "app/mirror/mirror_page.h"
#include "app/packs/packs_page.h"
#include "app/packs/shipped_packs.h"
#include "app/plan/plan_page.h"
#include "app/practice/practice_page.h"
#include "app/progress/progress_page.h"
#include "app/settings/settings_page.h"
#include "app/start/demo_door.h"
#include "app/start/start_page.h"
#include "app/theme.h"
#include "app/walk/walk_recorder.h"
#include "core/measure/joined_views.h"
#include "report/words.h"

#include <QCompleter>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QMenu>
#include <QMimeData>
#include <QShortcut>
#include <QStringListModel>
#include <QTimer>
#include <QVBoxLayout>

namespace riflesso {
namespace {
bool worksWithoutCase(const QString& page) {
    return page == QLatin1String("settings") || page == QLatin1String("packs") || page == QLatin1String("bench");
}
} // namespace

MainWindow::MainWindow(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    readShippedPacks(); // in a thread of its own, while the rest is put together
    const theme::Unstyled whileItIsBuilt;
    setObjectName(QStringLiteral("window"));
    setAttribute(Qt::WA_StyledBackground);
    setWindowTitle(QStringLiteral("Riflesso"));
    setAcceptDrops(true);
    setMinimumSize(960, 640);
    course_ = new CourseBar;

    auto* caseBar = new QWidget;
    caseBar->setObjectName(QStringLiteral("caseLine"));
    caseBar->setAttribute(Qt::WA_StyledBackground);
    caseBar->setFixedHeight(44);
    auto* caseLayout = new QHBoxLayout(caseBar);
    caseLayout->setContentsMargins(16, 0, 14, 0);
    caseLine_ = label({});
    caseLine_->setObjectName(QStringLiteral("caseText"));
    caseLine_->setWordWrap(false);
    search_ = new QLineEdit;
    search_->setObjectName(QStringLiteral("search"));
    search_->setPlaceholderText(tr("Find athlete, measure, drill, command   Ctrl K"));
    search_->setAccessibleName(tr("Find"));
    search_->setFixedWidth(340);
    caseLayout->addWidget(caseLine_, 1);
    caseLayout->addWidget(search_);

    headline_ = label({});
    headline_->setObjectName(QStringLiteral("headline"));
    message_ = label({});
    message_->setTextFormat(Qt::PlainText);
    message_->setObjectName(QStringLiteral("message"));
    message_->hide();
    stack_ = new QStackedWidget;
    status_ = new StatusLine(workspace);

    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(caseBar);
    right->addWidget(headline_);
    right->addWidget(message_);
    right->addWidget(stack_, 1);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(0);
    middle->addWidget(course_);
    middle->addLayout(right, 1);
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    outer->setSpacing(0);
    outer->addLayout(middle, 1);
    outer->addWidget(status_);
    why_ = new WhyPanel(workspace, this);
    pictures_ = new PictureMenu(workspace, this);
    tour_ = new Tour(workspace, this);
    connect(tour_, &Tour::pageAsked, this, [this](const QString& id) { showPage(id); });

    addPage(QStringLiteral("athlete"), tr("Athlete"), new AthletePage(workspace, stack_), true);
    auto* film = new FilmPage(workspace, stack_);
    addPage(QStringLiteral("film"), tr("Film"), film, true);
    addPage(QStringLiteral("mark"), tr("Mark"), new MarkPage(workspace, stack_), true);
    addPage(QStringLiteral("mirror"), tr("Mirror"), new MirrorPage(workspace, stack_), true);
    addPage(QStringLiteral("findings"), tr("Findings"), new FindingsPage(workspace, stack_), true);
    addPage(QStringLiteral("plan"), tr("Plan"), new PlanPage(workspace, stack_), true);
    addPage(QStringLiteral("practice"), tr("Practice"), new PracticePage(workspace, stack_), true);
    addPage(QStringLiteral("progress"), tr("Progress"), new ProgressPage(workspace, stack_), true);
    addPage(QStringLiteral("handover"), tr("Hand-over"), new HandoverPage(workspace, stack_), true);
    addPage(QStringLiteral("bench"), tr("Bench"), new BenchPage(workspace, stack_), false);
    auto* start = new StartPage(workspace, stack_);
    addPage(QStringLiteral("start"), tr("Cases"), start, false);
    addPage(QStringLiteral("packs"), tr("Skill packs"), new PacksPage(workspace, stack_), false);
    addPage(QStringLiteral("settings"), tr("Settings"), new SettingsPage(workspace, stack_), false);

    connect(course_, &CourseBar::asked, this, [this](const QString& id) { showPage(id); });
    connect(&workspace, &Workspace::closed, this, [this] {
        for (const auto& [id, page] : pages_)
            page->forget();
    });
    connect(&workspace, &Workspace::dataChanged, this, &MainWindow::refreshAll);
    connect(&workspace, &Workspace::selectionChanged, this, &MainWindow::refreshAll);
    connect(&workspace, &Workspace::assessmentChanged, this, &MainWindow::refreshAll);
    auto* hideMessage = new QTimer(this);
    hideMessage->setSingleShot(true);
    connect(hideMessage, &QTimer::timeout, message_, &QWidget::hide);
    connect(&workspace, &Workspace::said, this, [this, hideMessage](const QString& text, bool isError) {
        message_->setText(text);
        message_->setProperty("error", isError);
        message_->setStyleSheet(message_->styleSheet()); // takes the property up
        message_->show();
        hideMessage->start(isError ? 20000 : 7000);
    });
    connect(why_, &WhyPanel::goToFrame, this, &MainWindow::showFrameOfTrial);

    const auto shortcut = [this](const QKeySequence& keys, auto work) {
        connect(new QShortcut(keys, this), &QShortcut::activated, this, work);
    };
    shortcut(QKeySequence(QStringLiteral("Ctrl+K")), [this] {
        search_->setFocus();
        search_->selectAll();
    });
    shortcut(QKeySequence(QStringLiteral("Ctrl+Z")), [this] { workspace_.undo(); });
    shortcut(QKeySequence(QStringLiteral("Ctrl+Shift+Z")), [this] { workspace_.redo(); });
    shortcut(QKeySequence(QStringLiteral("Ctrl+Shift+C")), [this] {
        QWidget* view = pictureView(childAt(mapFromGlobal(QCursor::pos())));
        pictures_->copy(view ? *view : *stack_->currentWidget(), true);
    });
    walk_ = new WalkRecorder(
        workspace,
        [this] {
            return WalkRecorder::InFront{page(current_), current_, titles_[current_]};
        },
        this);
    connect(walk_, &WalkRecorder::changed, this, [this] {
        const int seconds = static_cast<int>(walk_->seconds());
        status_->setRecording(
            !walk_->recording()
                ? QString()
                : (walk_->paused() ? tr("Paused at %1") : tr("Recording %1"))
                      .arg(QStringLiteral("%1:%2").arg(seconds / 60).arg(seconds % 60, 2, 10, QLatin1Char('0'))));
    });
    connect(walk_, &WalkRecorder::kept, this, &MainWindow::refreshAll);
    shortcut(QKeySequence(QStringLiteral("Ctrl+Shift+R")), [this] { walk_->toggle(); });
    shortcut(QKeySequence(QStringLiteral("Ctrl+Shift+P")), [this] { walk_->pause(); });
    shortcut(QKeySequence(QStringLiteral("Ctrl+Shift+B")), [this] { walk_->takeBack(); });
    shortcut(QKeySequence(QStringLiteral("?")), [this] { listKeys(); });
    shortcut(QKeySequence(QStringLiteral("F1")), [this] {
        if (!guide_)
            guide_ = new GuideWindow(this);
        guide_->showPage(current_);
    });
    for (int i = 0; i < 9; ++i) // the steps of the course
        shortcut(QKeySequence(QStringLiteral("Alt+%1").arg(i + 1)), [this, i] { showPage(pageIds()[i]); });
    auto* completer = new QCompleter(new QStringListModel(this), this);
    completer->setCaseSensitivity(Qt::CaseInsensitive);
    completer->setFilterMode(Qt::MatchContains);
    completer->setMaxVisibleItems(12);
    search_->setCompleter(completer);
    connect(completer, QOverload<const QString&>::of(&QCompleter::activated), this, &MainWindow::runSearch,
            Qt::QueuedConnection);
    connect(search_, &QLineEdit::returnPressed, this, [this] { runSearch(search_->text()); });
    connect(search_, &QLineEdit::textEdited, this, [this, first = true]() mutable {
        if (first)
            fillSearch();
        first = search_->text().isEmpty();
    });
}

QStringList MainWindow::pageIds() {
    return {QStringLiteral("athlete"),  QStringLiteral("film"),  QStringLiteral("mark"),     QStringLiteral("mirror"),
            QStringLiteral("findings"), QStringLiteral("plan"),  QStringLiteral("practice"), QStringLiteral("progress"),
            QStringLiteral("handover"), QStringLiteral("packs"), QStringLiteral("settings"), QStringLiteral("start"),
            QStringLiteral("bench")};
}

Page* MainWindow::page(const QString& id) const {
    const auto found = pages_.find(id);
    return found == pages_.end() ? nullptr : found->second;
}

void MainWindow::addPage(const QString& id, const QString& title, Page* page, bool isStep) {
    pages_[id] = page;
    titles_[id] = title;
    stack_->addWidget(page);
    course_->add(id, title, isStep);
    connect(page, &Page::goTo, this, &MainWindow::showPage);
    connect(page, &Page::why, this, &MainWindow::explain);
    connect(page, &Page::changeTarget, this, [this](const QString& measure) {
        explain(measure, {});
        why_->changeTarget(measure);
    });
    connect(page, &Page::headlineChanged, this, [this, id, page] {
        if (!workspace_.hasCase() && !worksWithoutCase(id) && id != QLatin1String("start"))
            return; // it has nothing to tell of
        course_->setState(id, page->state());
        if (current_ == id) {
            headline_->setText(page->headline());
            status_->setKeys(page->keys());
        }
    });
}

void MainWindow::showPage(const QString& wanted, const QString& detail) {
    if (wanted == QLatin1String("tour")) {
        takeTour();
        return;
    }
    const bool needsCase = !worksWithoutCase(wanted);
    const QString id = needsCase && !workspace_.hasCase() ? QStringLiteral("start") : wanted;
    Page* page = this->page(id);
    if (!page)
        return;
    current_ = id;
    why_->hide();
    stack_->setCurrentWidget(page);
    course_->setCurrent(id);
    page->refresh();
    if (detail == QLatin1String("keys"))
        QTimer::singleShot(0, this, &MainWindow::listKeys); // once the page stands
    else if (!detail.isEmpty())
        page->show(detail);
    headline_->setText(page->headline());
    headline_->setVisible(!page->headline().isEmpty());
    status_->setKeys(page->keys());
    page->setFocus();
}

void MainWindow::listKeys() {
    if (Page* page = this->page(current_))
        (new KeyList(course_->titleOf(current_), page->allKeys(), this))
            ->showIn(QRect(mapToGlobal(QPoint(0, 0)), size()));
}

void MainWindow::takeTour() {
    openDemo(workspace_, this, [this] { tour_->start(); });
}

void MainWindow::refreshAll() {
    if (!workspace_.hasCase()) {
        caseLine_->setText(tr("<b>No case yet</b>"));
        if (!worksWithoutCase(current_))
            showPage(QStringLiteral("start"));
        return;
    }
    const CaseData& data = workspace_.data();
    const Session* session = data.session(workspace_.session());
    QStringList parts = {QStringLiteral("<b>%1</b>").arg(data.athlete.name.toHtmlEscaped()),
                         words::text(data.pack.title).toHtmlEscaped()};
    if (session)
        parts << QStringLiteral("%1, %2").arg(session->title.toHtmlEscaped(), words::date(session->date));
    if (workspace_.stress())
        parts << QStringLiteral("%1, %2").arg(
            words::choiceName(data.pack, workspace_.choice()),
            words::counted(countMovements(*workspace_.chosenTrials()), tr("repetition"), tr("repetitions")));
    caseLine_->setText(
        parts.join(QStringLiteral("<span style='color:%1'> &nbsp;/&nbsp; </span>").arg(theme::colours().slate.name())));
    for (const auto& [id, page] : pages_)
        course_->setState(id, page->state());
    if (Page* page = this->page(current_)) {
        page->refresh();
        headline_->setText(page->headline());
        status_->setKeys(page->keys());
    }
}

void MainWindow::showFrameOfTrial(const QString& trial, int frame) {
    workspace_.selectRepetition(repetitionId(trial.toStdString()));
    showPage(QStringLiteral("mark"), QStringLiteral("frame:%1").arg(frame));
}

void MainWindow::fillSearch() {
    found_.clear();
    const auto pageEntry = [this](const QString& text, const QString& id) {
        found_[text] = [this, id] { showPage(id); };
    };
    pageEntry(tr("Go to Athlete"), QStringLiteral("athlete"));
    pageEntry(tr("Go to Film"), QStringLiteral("film"));
    pageEntry(tr("Go to Mark"), QStringLiteral("mark"));
    pageEntry(tr("Go to Mirror"), QStringLiteral("mirror"));
    pageEntry(tr("Go to Findings"), QStringLiteral("findings"));
    pageEntry(tr("Go to Plan"), QStringLiteral("plan"));
    pageEntry(tr("Go to Practice"), QStringLiteral("practice"));
    pageEntry(tr("Go to Progress"), QStringLiteral("progress"));
    pageEntry(tr("Go to Hand-over"), QStringLiteral("handover"));
    pageEntry(tr("Go to the Bench"), QStringLiteral("bench"));
    pageEntry(tr("Go to Cases"), QStringLiteral("start"));
    pageEntry(tr("Go to Skill packs"), QStringLiteral("packs"));
    pageEntry(tr("Go to Settings"), QStringLiteral("settings"));
    found_[tr("Take the ten-minute tour")] = [this] { takeTour(); };
    found_[tr("Undo")] = [this] { workspace_.undo(); };
    found_[tr("Redo")] = [this] { workspace_.redo(); };
    if (workspace_.library())
        if (const auto cases = workspace_.library()->cases())
            for (const CaseEntry& entry : *cases)
                found_[tr("Athlete: %1, %2").arg(entry.athlete, words::kept(entry.title.toStdString()))] =
                    [this, id = entry.id] {
                        workspace_.selectCase(id);
                        showPage(QStringLiteral("athlete"));
                    };
    if (workspace_.hasCase()) {
        const Pack& pack = workspace_.data().pack;
        for (const MeasureDef& def : pack.measures)
            found_[tr("Measure: %1").arg(words::text(def.title))] = [this, id = words::text(def.id)] {
                showPage(QStringLiteral("mirror"), id);
                explain(id, {});
            };
        for (const DrillDef& drill : pack.drills)
            found_[tr("Drill: %1").arg(words::text(drill.title))] = [this, id = words::text(drill.id)] {
                showPage(QStringLiteral("packs"), id);
            };
        for (const Session& session : workspace_.data().sessions)
            if (!session.isModel)
                found_[tr("Session: %1, %2").arg(session.title, words::date(session.date))] = [this, id = session.id] {
                    workspace_.selectSession(id);
                };
    }
    QStringList texts;
    for (const auto& [text, work] : found_)
        texts << text;
    static_cast<QStringListModel*>(search_->completer()->model())->setStringList(texts);
}

void MainWindow::runSearch(const QString& text) {
    if (text.isEmpty())
        return;
    if (found_.empty())
        fillSearch();
    auto match = found_.find(text);
    for (auto it = found_.begin(); match == found_.end() && it != found_.end(); ++it)
        if (it->first.contains(text, Qt::CaseInsensitive))
            match = it;
    if (match == found_.end()) {
        workspace_.say(tr("Nothing is called \"%1\" here.").arg(text));
        return;
    }
    const auto work = match->second;
    search_->clear();
    if (Page* page = this->page(current_))
        page->setFocus();
    work();
}

void MainWindow::addClips(const QStringList& paths) {
    if (!workspace_.hasCase()) {
        showPage(QStringLiteral("start"));
        static_cast<StartPage*>(page(QStringLiteral("start")))->keepClips(paths);
        return;
    }
    showPage(QStringLiteral("film"));
    static_cast<FilmPage*>(page(QStringLiteral("film")))->addClips(paths);
}

void MainWindow::takeFiles(const QStringList& paths) {
    QStringList clips;
    for (const QString& path : paths)
        if (path.endsWith(QStringLiteral(".riflesso"), Qt::CaseInsensitive) ||
            path.endsWith(QStringLiteral(".zip"), Qt::CaseInsensitive)) {
            showPage(QStringLiteral("start"));
            static_cast<StartPage*>(page(QStringLiteral("start")))->bringIn(path);
        } else if (path.endsWith(QStringLiteral(".riflesso-skill"), Qt::CaseInsensitive) ||
                   path.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
            showPage(QStringLiteral("packs"));
            static_cast<PacksPage*>(page(QStringLiteral("packs")))->offerFile(path);
        } else {
            clips << path;
        }
    if (!clips.isEmpty())
        addClips(clips);
}

void MainWindow::explain(const QString& measure, const QString& trial) {
    why_->placeIn(QRect(stack_->mapTo(this, QPoint(0, 0)), stack_->size()));
    why_->explain(measure, trial);
}

void MainWindow::contextMenuEvent(QContextMenuEvent* event) {
    QMenu menu(this);
    pictures_->fill(menu, childAt(event->pos()), stack_->currentWidget());
    menu.exec(event->globalPos());
}

void MainWindow::resizeEvent(QResizeEvent*) { why_->placeIn(QRect(stack_->mapTo(this, QPoint(0, 0)), stack_->size())); }

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    takeFiles(paths);
}

} // namespace riflesso
