#include "app/progress/progress_page.h"

#include "app/progress/practice_over_time.h"
#include "app/progress/run_chart_view.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/sign_label.h"
#include "core/listed.h"
#include "report/goal_words.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QStyledItemDelegate>
#include <QTableWidget>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {
namespace {

/// What is judged under an id: a measure or a lag.
const MeasureDef* judgedAs(const std::vector<MeasureDef>& judged, const std::string& id) {
    const auto found = std::find_if(judged.begin(), judged.end(), [&](const MeasureDef& def) { return def.id == id; });
    return found == judged.end() ? nullptr : &*found;
}

enum Column { Verdict, Title, Then, Now, Changed, Distance, kColumns };
constexpr int kDistanceRole = Qt::UserRole + 1; ///< then, now, tolerance, as a list of numbers

QString verdictText(const Change& change) {
    switch (change.verdict) {
    case ChangeVerdict::Better:
        return ProgressPage::tr("better");
    case ChangeVerdict::Worse:
        return ProgressPage::tr("worse");
    case ChangeVerdict::NoClearChange:
        return ProgressPage::tr("no clear change");
    case ChangeVerdict::NotComparable:
        return ProgressPage::tr("not comparable");
    }
    return {};
}

/// Where the athlete stood and stands, as a distance from the reference: its band at the left, then → now.
class DistanceDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        QStyledItemDelegate::paint(painter, option, index);
        const QVariantList numbers = index.data(kDistanceRole).toList();
        if (numbers.size() != 3)
            return;
        const double then = numbers[0].toDouble(), now = numbers[1].toDouble(), tolerance = numbers[2].toDouble();
        const double furthest = std::max({then, now, 2 * tolerance, 1e-9}) * 1.1;
        const look::Palette& p = theme::colours();
        const QRectF box = QRectF(option.rect).adjusted(8, 4, -8, -4);
        const auto x = [&](double value) { return box.left() + value / furthest * box.width(); };
        const double y = box.center().y();
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->fillRect(QRectF(QPointF(box.left(), box.top()), QPointF(x(tolerance), box.bottom())), p.modelSoft);
        painter->setPen(QPen(p.model, 2));
        painter->drawLine(QPointF(box.left(), box.top()), QPointF(box.left(), box.bottom()));
        painter->setPen(QPen(p.athlete, 2));
        painter->drawLine(QPointF(x(then), y), QPointF(x(now), y));
        painter->setBrush(p.raised);
        painter->drawEllipse(QPointF(x(then), y), 4, 4);
        painter->setBrush(p.athlete);
        painter->drawEllipse(QPointF(x(now), y), 4.5, 4.5);
        painter->restore();
    }
};

QString ofText(const LevelPoint& point) { return words::ofText(point.free, point.judged); }

const LevelPoint* levelOf(const OverConditions& over, Stress stress) {
    const auto found = std::find_if(over.levels.begin(), over.levels.end(),
                                    [stress](const LevelPoint& point) { return point.stress == stress; });
    return found == over.levels.end() ? nullptr : &*found;
}

} // namespace

ProgressPage::ProgressPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* switches = new QHBoxLayout;
    switches->setContentsMargins(16, 8, 16, 0);
    switches->setSpacing(6);
    const auto view = [&](const char* name, const QString& text, bool practice) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setCheckable(true);
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, [this, practice] { showView(practice); });
        switches->addWidget(made);
        return made;
    };
    toPractice_ = view("progressPractice", tr("Practice (P)"), true);
    toFilm_ = view("progressFilm", tr("Film (F)"), false);
    switches->addStretch();
    layout->addLayout(switches);
    views_ = new QStackedWidget;
    practice_ = new PracticeOverTime(workspace, this);
    connect(practice_, &PracticeOverTime::goTo, this, &ProgressPage::goTo);
    views_->addWidget(practice_);
    views_->addWidget(buildFilm());
    layout->addWidget(views_, 1);
}

void ProgressPage::showView(bool practice) {
    viewOf_ = workspace().hasCase() ? workspace().data().id : CaseId();
    views_->setCurrentIndex(practice ? 0 : 1);
    toPractice_->setChecked(practice);
    toFilm_->setChecked(!practice);
    emit headlineChanged();
}

std::vector<PageKey> ProgressPage::keyTable() {
    const bool practice = views_->currentIndex() == 0;
    return {
        {QStringLiteral("P"), {}, tr("practice over weeks"), {Qt::Key_P}, [this](KeyPress) { showView(true); }},
        {QStringLiteral("F"), {}, tr("the film of two sessions"), {Qt::Key_F}, [this](KeyPress) { showView(false); }},
        {QStringLiteral("↑ ↓"),
         tr("what next"),
         {},
         {Qt::Key_Up, Qt::Key_Down},
         [this](KeyPress press) { practice_->move(press.key == Qt::Key_Up ? -1 : 1); },
         practice},
        {QStringLiteral("W"),
         tr("take on"),
         tr("take the next step on"),
         {Qt::Key_W},
         [this](KeyPress) { practice_->takeOn(); },
         practice}};
}

void ProgressPage::forget() { viewOf_ = {}; }

QWidget* ProgressPage::buildFilm() {
    auto* film = new QWidget;
    auto* layout = new QHBoxLayout(film);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* left = new QVBoxLayout;
    left->setContentsMargins(16, 10, 16, 10);
    left->setSpacing(8);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    const auto choice = [&](const QString& name, const char* object) {
        row->addWidget(label(name, theme::kQuiet));
        auto* box = new ChoiceBox;
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        row->addWidget(box);
        connect(box, &QComboBox::activated, this, [this] {
            comparedData_.reset();
            compare();
        });
        return box;
    };
    before_ = choice(tr("Earlier"), "earlier");
    after_ = choice(tr("Later"), "later");
    level_ = choice(tr("Condition"), "progressLevel");
    row->addStretch();
    left->addLayout(row);
    changes_ = new QTableWidget(0, kColumns);
    changes_->setObjectName(QStringLiteral("changes"));
    changes_->setAccessibleName(tr("What changed, measure by measure"));
    changes_->setHorizontalHeaderLabels(
        {tr("Verdict"), tr("Measure"), tr("Then"), tr("Now"), tr("Change"), tr("From the model")});
    changes_->horizontalHeaderItem(Changed)->setToolTip(
        tr("With the smallest change that these two sets can tell from chance, 95 of 100 times."));
    changes_->horizontalHeaderItem(Distance)->setToolTip(
        tr("From the reference at the left: its tolerance as a band, open where the athlete stood, filled where the "
           "athlete stands."));
    changes_->verticalHeader()->hide();
    changes_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    changes_->setSelectionBehavior(QAbstractItemView::SelectRows);
    changes_->setSelectionMode(QAbstractItemView::SingleSelection);
    changes_->setShowGrid(false);
    changes_->setTabKeyNavigation(false);
    changes_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    changes_->setItemDelegateForColumn(Distance, new DistanceDelegate(changes_));
    for (int column : {Verdict, Then, Now, Changed})
        changes_->horizontalHeader()->setSectionResizeMode(column, QHeaderView::ResizeToContents);
    changes_->horizontalHeader()->setSectionResizeMode(Title, QHeaderView::Stretch);
    // A narrower column wants more lines, a wider one fewer.
    connect(changes_->horizontalHeader(), &QHeaderView::sectionResized, changes_, [this](int column, int, int) {
        if (column == Title)
            QTimer::singleShot(0, changes_, &QTableView::resizeRowsToContents);
    });
    changes_->horizontalHeader()->setSectionResizeMode(Distance, QHeaderView::Fixed);
    changes_->setColumnWidth(Distance, 160);
    connect(changes_, &QTableWidget::itemSelectionChanged, this, &ProgressPage::showChart);
    left->addWidget(changes_, 3);
    chart_ = new RunChartView;
    chart_->setObjectName(QStringLiteral("runChart"));
    left->addWidget(chart_, 1);
    layout->addLayout(left, 1);
    layout->addWidget(buildSide());
    return film;
}

QWidget* ProgressPage::buildSide() {
    auto* inner = new QWidget;
    side_ = new QVBoxLayout(inner);
    side_->setContentsMargins(12, 10, 12, 10);
    side_->setSpacing(4);
    QScrollArea* scroll = scrolled(inner);
    scroll->setFixedWidth(330);
    return scroll;
}

std::vector<const Session*> ProgressPage::own() const {
    std::vector<const Session*> out;
    if (workspace().hasCase())
        for (const Session& session : workspace().data().sessions)
            if (!session.isModel)
                out.push_back(&session);
    return out;
}

QString ProgressPage::headline() const {
    if (views_->currentIndex() == 0 && !practice_->sentence().isEmpty())
        return practice_->sentence();
    if (own().size() < 2)
        return tr("There is one session. <b>Next: film a retest from the same camera place, and add its session on the "
                  "Athlete page.</b>");
    if (workspace().resultsHidden())
        return workspace().noAssessment();
    if (!progress_ || comparing_)
        return comparing_ ? tr("Comparing the sessions.")
                          : tr("The two sessions have no marked set in common. <b>Next: "
                               "mark the later one.</b>");
    int better = 0, worse = 0, open = 0;
    for (const Change& change : progress_->retest.measures) {
        better += change.verdict == ChangeVerdict::Better;
        worse += change.verdict == ChangeVerdict::Worse;
        open += change.verdict == ChangeVerdict::NotComparable;
    }
    QString relapse;
    for (const FaultOverConditions& fault : progress_->conditions)
        if (fault.after.relapseAt && relapse.isEmpty())
            relapse = tr("\"%1\" is back at %2")
                          .arg(words::inSentence(words::text(workspace().data().pack.fault(fault.fault)->title)),
                               words::stressName(*fault.after.relapseAt));
    return tr("%1 better, %2 worse by more than chance%3. <b>Next: %4.</b>")
        .arg(words::counted(static_cast<std::size_t>(better), tr("measure"), tr("measures")))
        .arg(worse)
        .arg(open ? tr(", %1 not comparable").arg(open) : QString(),
             relapse.isEmpty() ? tr("go on with the plan, or choose the next focus")
                               : tr("%1: practise there").arg(relapse));
}

StepState ProgressPage::state() const {
    const auto sessions = own();
    if (sessions.size() < 2)
        return {StepState::Kind::Untouched, {}};
    return {StepState::Kind::InWork, words::counted(sessions.size(), tr("session"), tr("sessions"))};
}

void ProgressPage::refresh() {
    if (!workspace().hasCase())
        return;
    practice_->refresh();
    // Practice first, where there is enough of it to see anything.
    if (viewOf_ != workspace().data().id)
        showView(!practice_->record().charts.empty());
    fillChoices();
    if (comparedData_ != workspace().snapshot())
        compare();
}

void ProgressPage::fillChoices() {
    filling_ = true;
    const auto sessions = own();
    const auto fill = [&](QComboBox* box, std::size_t otherwise) {
        const qint64 chosen = box->currentData().toLongLong();
        box->clear();
        for (const Session* session : sessions)
            box->addItem(tr("%1, %2").arg(session->title, words::shortDate(session->date)), qint64(session->id.value));
        const int kept = box->findData(chosen);
        box->setCurrentIndex(kept >= 0 ? kept : static_cast<int>(otherwise));
    };
    fill(before_, 0);
    fill(after_, sessions.empty() ? 0 : sessions.size() - 1);
    filling_ = false;
}

void ProgressPage::compare() {
    const int generation = ++generation_;
    progress_.reset();
    comparedData_ = workspace().snapshot();
    const SessionId before{before_->currentData().toLongLong()}, after{after_->currentData().toLongLong()};
    const std::vector<Stress> levels =
        before && after && before != after ? commonLevels(workspace().data(), before, after) : std::vector<Stress>();
    const QVariant chosen = level_->currentData();
    level_->clear();
    for (Stress stress : levels)
        level_->addItem(words::stressName(stress), static_cast<int>(stress));
    level_->setCurrentIndex(std::max(0, level_->findData(chosen)));
    comparing_ = !levels.empty() && !workspace().resultsHidden();
    if (!comparing_) {
        showChanges();
        showSide();
        emit headlineChanged();
        return;
    }
    const auto data = comparedData_;
    const auto stress = static_cast<Stress>(level_->currentData().toInt());
    const School school = workspace().school();
    workspace().start<std::shared_ptr<const Progress>>(
        tr("Comparing sessions"), this, workspace().ofCase().newest(QStringLiteral("comparison")),
        [data, before, after, stress, school](JobControl&) -> Result<std::shared_ptr<const Progress>> {
            return std::make_shared<const Progress>(
                progressOf(*data, before, after, stress, school, QDate::currentDate()));
        },
        [this, generation](const Result<std::shared_ptr<const Progress>>& result) {
            if (generation != generation_)
                return; // a newer one is on its way
            comparing_ = false;
            if (result)
                progress_ = *result;
            showChanges();
            showSide();
            emit headlineChanged();
        },
        Pace::Quick);
}

void ProgressPage::showChanges() {
    filling_ = true;
    changes_->setRowCount(0);
    if (progress_) {
        const Pack& pack = comparedData_->pack;
        const std::vector<MeasureDef> judged = pack.judged();
        // What changed first, in the pack's order within each verdict.
        std::vector<const Change*> order;
        for (auto verdict :
             {ChangeVerdict::Worse, ChangeVerdict::Better, ChangeVerdict::NoClearChange, ChangeVerdict::NotComparable})
            for (const Change& change : progress_->retest.measures)
                if (change.verdict == verdict)
                    order.push_back(&change);
        for (const Change* change : order) {
            const MeasureDef* def = judgedAs(judged, change->measure);
            if (!def)
                continue;
            const int row = changes_->rowCount();
            changes_->insertRow(row);
            const SetSummary *then = progress_->first.find(change->measure),
                             *now = progress_->second.find(change->measure);
            const auto put = [&](int column, const QString& text, bool number = true) {
                auto* item = new QTableWidgetItem(text);
                if (number)
                    item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
                changes_->setItem(row, column, item);
                return item;
            };
            QTableWidgetItem* verdict = put(Verdict, verdictText(*change), false);
            verdict->setData(Qt::UserRole, words::text(change->measure));
            verdict->setToolTip(words::text(change->reason));
            QFont weight = changes_->font();
            weight.setBold(change->verdict == ChangeVerdict::Better || change->verdict == ChangeVerdict::Worse);
            verdict->setFont(weight);
            if (change->verdict == ChangeVerdict::Worse)
                verdict->setForeground(theme::colours().deviation);
            else if (change->verdict == ChangeVerdict::Better)
                verdict->setForeground(theme::colours().model);
            put(Title, words::text(def->title), false)->setToolTip(words::definition(pack, *def));
            put(Then, then ? words::withU(*def, then->median, 2 * then->u) : QStringLiteral("–"));
            put(Now, now ? words::withU(*def, now->median, 2 * now->u) : QStringLiteral("–"));
            put(Changed,
                change->comparable() ? words::withU(*def, change->change, change->detectable) : QStringLiteral("–"));
            QTableWidgetItem* distance = put(Distance, {});
            if (then && now && then->deviation && now->deviation) {
                distance->setData(kDistanceRole,
                                  QVariantList{std::abs(*then->deviation), std::abs(*now->deviation), then->tolerance});
                distance->setToolTip(change->gapClosed
                                         ? tr("%1 % of the gap closed").arg(words::number(100 * *change->gapClosed, 0))
                                         : tr("It lay within the tolerance then."));
            }
            if (change->verdict == ChangeVerdict::NotComparable)
                changes_->item(row, Changed)->setToolTip(words::text(change->reason));
        }
    }
    changes_->resizeRowsToContents();
    filling_ = false;
    if (changes_->rowCount() > 0)
        changes_->selectRow(0);
    showChart();
}

void ProgressPage::showChart() {
    if (filling_)
        return;
    const int row = changes_->currentRow();
    const QTableWidgetItem* item = row >= 0 ? changes_->item(row, Verdict) : nullptr;
    const std::vector<MeasureDef> judged = comparedData_ ? comparedData_->pack.judged() : std::vector<MeasureDef>();
    const MeasureDef* def = item ? judgedAs(judged, item->data(Qt::UserRole).toString().toStdString()) : nullptr;
    if (!progress_ || !def) {
        chart_->setChart({}, {}, {});
        return;
    }
    const RunChart chart = runChartOf(*progress_, def->id);
    QString title = words::text(def->title);
    if (chart.moved)
        title += tr(" · moved: the last two sessions lie outside the band on the same side");
    else
        title += tr(" · the band is what chance alone would do");
    chart_->setChart(chart, title, words::unitAfter(*def));
}

void ProgressPage::showSide() {
    clearLayout(side_);
    if (!progress_) {
        side_->addWidget(label(tr("Film the retest as the first session was filmed: same camera place, same set, same "
                                  "conditions. What was filmed otherwise is not compared, and says why."),
                               theme::kQuiet));
        side_->addStretch();
        return;
    }
    const Pack& pack = comparedData_->pack;
    side_->addWidget(label(tr("FAULTS, THEN AND NOW"), theme::kHeading));
    static const std::array<std::pair<const char*, const char*>, 4> kVerdicts = {
        {{"gone", QT_TR_NOOP("gone")},
         {"stayed", QT_TR_NOOP("still there")},
         {"new", QT_TR_NOOP("new")},
         {"returned", QT_TR_NOOP("back again")}}};
    for (const FaultChange& change : progress_->retest.faults)
        for (const auto& [id, shown] : kVerdicts)
            if (change.verdict == id && pack.fault(change.fault)) {
                QLabel* line = label(
                    tr("%1: <b>%2</b>").arg(words::text(pack.fault(change.fault)->title).toHtmlEscaped(), tr(shown)));
                line->setObjectName(QStringLiteral("faultChange"));
                side_->addWidget(line);
            }
    if (progress_->retest.faults.empty())
        side_->addWidget(label(tr("None in either."), theme::kQuiet));
    // The camera's place, once for all measures.
    std::vector<Sentence> places = progress_->retest.notes;
    for (const Change& change : progress_->retest.measures)
        for (const Sentence& note : change.notes)
            if (!holds(places, note))
                places.push_back(note);
    if (!places.empty()) {
        side_->addSpacing(8);
        side_->addWidget(label(tr("FILMED FROM ELSEWHERE"), theme::kHeading));
        for (const Sentence& place : places) {
            QLabel* line = label(words::text(place).toHtmlEscaped());
            line->setObjectName(QStringLiteral("placeNote"));
            side_->addWidget(line);
        }
    }
    if (!progress_->conditions.empty()) {
        side_->addSpacing(8);
        side_->addWidget(label(tr("FROM EASY TO HARD"), theme::kHeading));
        side_->addWidget(label(tr("Repetitions without the fault, then and now."), theme::kQuiet));
        for (const FaultOverConditions& fault : progress_->conditions) {
            QStringList lines;
            std::vector<Stress> levels;
            for (const OverConditions* over : {&fault.before, &fault.after})
                for (const LevelPoint& point : over->levels)
                    if (std::find(levels.begin(), levels.end(), point.stress) == levels.end())
                        levels.push_back(point.stress);
            std::sort(levels.begin(), levels.end());
            for (Stress stress : levels) {
                const LevelPoint *then = levelOf(fault.before, stress), *now = levelOf(fault.after, stress);
                lines << tr("%1: %2, now %3")
                             .arg(words::stressName(stress), then ? ofText(*then) : tr("not filmed"),
                                  now ? ofText(*now) : tr("not filmed"));
            }
            if (fault.after.relapseAt)
                lines << tr("<b>Back again at %1.</b>").arg(words::stressName(*fault.after.relapseAt));
            else if (fault.after.mastered)
                lines << tr("Mastered up to %1.").arg(words::stressName(*fault.after.mastered));
            QLabel* text = label(QStringLiteral("<b>%1</b><br>%2")
                                     .arg(words::text(pack.fault(fault.fault)->title).toHtmlEscaped(),
                                          lines.join(QStringLiteral("<br>"))));
            text->setObjectName(QStringLiteral("overConditions"));
            side_->addWidget(text);
        }
    }
    const auto& goalSet = comparedData_->goal;
    if (const std::optional<MeasureDef> def = goalSet ? pack.judgedAs(goalSet->measure) : std::nullopt) {
        side_->addSpacing(8);
        side_->addWidget(label(tr("THE GOAL"), theme::kHeading));
        const SetSummary *then = progress_->first.find(def->id), *now = progress_->second.find(def->id);
        QString line = tr("%1: %2").arg(words::text(def->title).toHtmlEscaped(), words::named(*def, goalSet->value));
        if (goalSet->by.isValid())
            line += tr(" by %1").arg(words::date(goalSet->by));
        line += u'.';
        if (then && now) {
            line +=
                tr(" %1, now %2.")
                    .arg(words::withU(*def, then->median, 2 * then->u), words::withU(*def, now->median, 2 * now->u));
            if (const auto share = shareOfTheWay(goalSet->value, then->median, now->median))
                line +=
                    u' ' + (*share < 0 ? tr("<b>Further away than before.</b>")
                                       : tr("<b>%1&nbsp;% of the way.</b>").arg(qRound(100 * std::min(1.0, *share))));
        } else {
            line += u' ' + tr("Not measured in both sets.");
        }
        QLabel* goal = label(line);
        goal->setObjectName(QStringLiteral("goalProgress"));
        side_->addWidget(goal);
    }
    if (!progress_->guesses.empty()) {
        side_->addSpacing(8);
        side_->addWidget(label(tr("BELIEVED, GUESSED, FORECAST AND MEASURED"), theme::kHeading));
        for (const GuessScore& score : progress_->guesses) {
            const std::optional<MeasureDef> def = pack.judgedAs(score.guess.measure);
            if (!def)
                continue;
            const int decimals = words::decimalsFor(std::max(2 * score.u, 1e-9));
            const bool own = score.guess.whose == Guesser::Analyst;
            const bool ahead =
                score.guess.whose == Guesser::Forecast; // of the later session; the others of the earlier
            QString line = (ahead ? tr("%1: forecast %2, measured later %3.")
                            : own ? tr("%1: first guess %2, measured %3.")
                                  : tr("%1: believed %2, measured %3."))
                               .arg(words::text(def->title).toHtmlEscaped(),
                                    words::number(score.guess.value, decimals) + words::unitAfter(*def),
                                    words::withU(*def, score.measured, 2 * score.u));
            if (ahead)
                line += u' ' + (score.right ? tr("It came as forecast.") : tr("It came otherwise."));
            else if (score.factor && std::abs(*score.factor) >= 2)
                line += u' ' + (own ? tr("The deviation is %1 times what was guessed.")
                                    : tr("The deviation is %1 times what was believed."))
                                   .arg(words::number(*score.factor, 1));
            side_->addWidget(label(line));
        }
    }
    for (const ResultScore& score : progress_->results)
        for (const ResultDef& def : pack.results) {
            if (def.id != score.result)
                continue;
            const bool share = def.type == ResultType::Choice;
            const auto said = [&](double value) {
                return share ? tr("%1 % good").arg(words::number(100 * value, 0))
                             : (words::number(value, 2) + u' ' + words::text(score.unit)).trimmed();
            };
            QLabel* line = label(tr("%1: forecast %2, it became %3 (%4 to %5, %6 repetitions). %7")
                                     .arg(words::text(def.title).toHtmlEscaped(), said(score.forecast),
                                          said(score.measured), said(score.interval.low), said(score.interval.high))
                                     .arg(score.repetitions)
                                     .arg(score.right ? tr("It came as forecast.") : tr("It came otherwise.")));
            line->setObjectName(QStringLiteral("resultForecast"));
            side_->addWidget(line);
        }
    if (!progress_->records.empty()) {
        side_->addSpacing(8);
        side_->addWidget(label(tr("WHO GUESSES HOW WELL, OVER TIME"), theme::kHeading));
        for (const GuessRecord& record : progress_->records) {
            const QString who = record.whose == Guesser::Athlete   ? tr("The athlete")
                                : record.whose == Guesser::Analyst ? tr("You, at first sight")
                                                                   : tr("Your forecasts");
            // Half a tolerance either way is no leaning.
            constexpr double kLeans = .5;
            const QString way = record.bias > kLeans    ? tr("mostly said too low")
                                : record.bias < -kLeans ? tr("mostly said too high")
                                                        : tr("to neither side");
            QLabel* line =
                label(tr("<b>%1</b>: %2 right; off by %3 tolerances, %4.")
                          .arg(who, words::ofText(record.right, record.scored), words::number(record.off, 1), way));
            line->setObjectName(QStringLiteral("record-") + words::text(toString(record.whose)));
            QStringList each;
            for (const ScoredGuess& guess : record.guesses)
                if (const std::optional<MeasureDef> def = pack.judgedAs(guess.score.guess.measure))
                    each << QStringLiteral("%1, %2: %3 → %4")
                                .arg(words::date(QDate(1970, 1, 1).addDays(guess.said.time_since_epoch().count())),
                                     words::text(def->title), words::named(*def, guess.score.guess.value),
                                     words::withU(*def, guess.score.measured, 2 * guess.score.u));
            line->setToolTip(each.join(u'\n'));
            side_->addWidget(line);
        }
    }
    side_->addStretch();
}

} // namespace riflesso
