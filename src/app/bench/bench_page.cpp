#include "app/bench/bench_page.h"

#include "app/bench/lap_panel.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/live_panel.h"
#include "app/widgets/voice_recorder.h"
#include "app/widgets/wrapping_row.h"
#include "report/words.h"
#include "store/spoken_sound.h"

#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

QString plusMinus(const Uncertain& value, const QString& unit) {
    const double expanded = 2 * value.u;
    const int decimals = words::decimalsFor(std::max(expanded, 1e-6));
    return QStringLiteral("%1 ± %2%3")
        .arg(words::number(value.value, decimals), words::number(expanded, decimals), unit);
}

} // namespace

BenchPage::BenchPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAcceptDrops(true);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    auto* views = new QHBoxLayout;
    views->setSpacing(2);
    first_ = new BenchView(workspace, QStringLiteral("benchFirst"), this);
    second_ = new BenchView(workspace, QStringLiteral("benchSecond"), this);
    for (BenchView* view : {first_, second_}) {
        views->addWidget(view, 1);
        connect(view, &BenchView::pressed, this, [this, view] { activate(view); });
        connect(view, &BenchView::changed, this, &BenchPage::showPoints);
        connect(view, &BenchView::changed, this, [this, view] { follow(view); });
        connect(view, &BenchView::playStopped, this,
                [this] { play_->setText(first_->playing() || second_->playing() ? tr("Stop") : tr("Play")); });
    }
    second_->hide();
    active_ = first_;
    left->addLayout(views, 1);
    auto* bar = new WrappingRow(10);
    bar->setContentsMargins(14, 6, 14, 6);
    const auto button = [&](const char* name, const QString& text, auto work) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, work);
        bar->addWidget(made);
        return made;
    };
    button("benchOpen", tr("Open a clip…"), [this] { askForClip(false); })->setProperty("role", "main");
    button("benchBeside", tr("Another beside it…"), [this] { askForClip(true); });
    button("benchLive", tr("A camera…"), [this] { openLive(); });
    play_ = button("benchPlay", tr("Play"), [this] { togglePlay(); });
    play_->setFixedWidth(80);
    speed_ = speedChooser("benchSpeed");
    bar->addWidget(speed_);
    button("benchFrom", tr("Span from here (I)"), [this] { active_->markSpanStart(); });
    button("benchTo", tr("to here (O)"), [this] { active_->markSpanEnd(); });
    left->addLayout(bar);
    auto* clips = new QWidget;
    left->setContentsMargins(0, 0, 0, 0);
    clips->setLayout(left);
    middle_ = new QStackedWidget;
    middle_->addWidget(clips);
    layout->addWidget(middle_, 1);
    layout->addWidget(buildSide());
    activate(first_);
}

QWidget* BenchPage::buildSide() {
    auto* inner = new QWidget;
    auto* layout = new QVBoxLayout(inner);
    layout->setContentsMargins(12, 10, 12, 10);
    layout->setSpacing(6);
    WrappingRow* row = nullptr; // that buttons come into
    const auto newRow = [&] { layout->addLayout(row = new WrappingRow); };
    const auto button = [&](const char* name, const QString& text, auto work) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, work);
        row->addWidget(made);
        return made;
    };
    layout->addWidget(label(tr("POINTS"), theme::kHeading));
    points_ = label({});
    points_->setObjectName(QStringLiteral("benchPoints"));
    layout->addWidget(points_);
    newRow();
    button("benchUnit", tr("This line is the unit (U)"), [this] {
        if (active_->points().size() < 2) {
            workspace().say(tr("Two points make the line that is to be the unit."));
            return;
        }
        const PictureLine line = lineBetween(active_->points()[0], active_->points()[1], active_->sigmaPx());
        if (line.lengthPx.value <= 0)
            return;
        unitPx_ = line.lengthPx;
        showPoints();
    });
    button("benchFollow", tr("Follow the last point (F)"), [this] { active_->follow(); });
    button("benchCircle", tr("As a circle (C)"), [this] { active_->toggleCircle(); });
    button("benchPlumb", tr("Plumb line (V)"), [this] { active_->togglePlumb(); });
    button("benchStrokes", tr("Keep the strokes (S)"), [this] { active_->keepStrokes(); });
    button("benchClear", tr("Take all away (Esc)"), [this] { active_->clearPoints(); });
    layout->addSpacing(10);
    layout->addWidget(label(tr("TIME"), theme::kHeading));
    time_ = label({});
    time_->setObjectName(QStringLiteral("benchTime"));
    layout->addWidget(time_);
    newRow();
    button("benchFromHere", tr("From here, to here (T)"), [this] { markTime(); });
    button("benchSync", tr("The same moment in both (Y)"), [this] { syncHere(); });
    layout->addSpacing(10);
    layout->addWidget(label(tr("COUNT"), theme::kHeading));
    auto* form = new QFormLayout;
    form->setVerticalSpacing(6);
    counted_ = new ChoiceBox;
    counted_->setObjectName(QStringLiteral("benchCounted"));
    counted_->addItem(tr("whole cycles"), static_cast<int>(Counted::Cycles));
    counted_->addItem(tr("every side"), static_cast<int>(Counted::Sides));
    counted_->setFocusPolicy(Qt::TabFocus);
    form->addRow(tr("A beat is"), counted_);
    slow_ = new QDoubleSpinBox;
    slow_->setObjectName(QStringLiteral("benchSlow"));
    slow_->setRange(0.1, 64);
    slow_->setDecimals(2);
    slow_->setValue(1);
    slow_->setToolTip(tr("Filmed at 240 pictures a second and stored at 30: 8."));
    form->addRow(tr("Slow motion ×"), slow_);
    layout->addLayout(form);
    count_ = label({});
    count_->setObjectName(QStringLiteral("benchCount"));
    layout->addWidget(count_);
    newRow();
    button("benchBeat", tr("Beat (B)"), [this] { beat(); });
    button("benchAnew", tr("Count anew"), [this] {
        beatsS_.clear();
        showCount();
    });
    layout->addSpacing(10);
    laps_ = new LapPanel(inner);
    layout->addWidget(laps_);
    layout->addSpacing(10);
    layout->addWidget(label(tr("KEEP"), theme::kHeading));
    note_ = new QLineEdit;
    note_->setObjectName(QStringLiteral("benchNote"));
    note_->setAccessibleName(tr("Note to keep with the clip"));
    note_->setPlaceholderText(tr("Note: becomes the clip's title"));
    layout->addWidget(note_);
    layout->addWidget(buildSaid());
    newRow();
    keep_ = button("benchKeep", tr("Keep into the open case (K)"), [this] { keep(); });
    layout->addWidget(
        label(tr("The clip goes into the session that is chosen, what was said beside it, the marked span as a "
                 "repetition, what is drawn with its picture, what points, times, count and laps gave as a line in the "
                 "case's journal."),
              theme::kQuiet));
    layout->addStretch();
    connect(counted_, &QComboBox::activated, this, &BenchPage::showCount);
    connect(slow_, &QDoubleSpinBox::valueChanged, this, &BenchPage::showCount);
    connect(slow_, &QDoubleSpinBox::valueChanged, this, &BenchPage::showPoints);
    connect(note_, &QLineEdit::returnPressed, this, [this] { setFocus(); });
    QScrollArea* scroll = scrolled(inner);
    scroll->setFixedWidth(290);
    return scroll;
}

QWidget* BenchPage::buildSaid() {
    auto* whole = new QWidget;
    auto* layout = new QVBoxLayout(whole);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    recorder_ = new VoiceRecorder(QStringLiteral("N"), this);
    layout->addWidget(recorder_);
    saidRow_ = new QWidget;
    auto* row = new QHBoxLayout(saidRow_);
    row->setContentsMargins(0, 0, 0, 0);
    saidLength_ = label({});
    saidLength_->setObjectName(QStringLiteral("benchSaid"));
    row->addWidget(saidLength_, 1);
    player_ = new VoicePlayer(this);
    const auto button = [&](const QString& words, const char* name, auto work) {
        auto* made = new QPushButton(words);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, work);
        row->addWidget(made);
    };
    button(tr("Listen"), "benchListen", [this] {
        if (!player_->play(said_))
            workspace().say(tr("There is nothing to hear it with: no loudspeaker or headphones are there."), true);
    });
    button(tr("Discard"), "benchDiscard", [this] { showSaid({}); });
    layout->addWidget(saidRow_);
    connect(recorder_, &VoiceRecorder::said, this, &BenchPage::showSaid);
    connect(recorder_, &VoiceRecorder::cannot, this, [this](const QString& why) { workspace().say(why, true); });
    showSaid({});
    return whole;
}

void BenchPage::showSaid(const QByteArray& sound) {
    player_->stop();
    said_ = sound;
    saidRow_->setVisible(!said_.isEmpty());
    saidLength_->setText(tr("Said: %1").arg(spokenLength(spokenSeconds(said_).value_or(0))));
}

QString BenchPage::headline() const {
    if (live_ && middle_->currentWidget() == live_)
        return tr("The camera live, or as it was some seconds ago. <b>Next: Space records, Done shows what was "
                  "recorded.</b>");
    if (!first_->isOpen())
        return tr("The Bench needs no case. <b>Next: open a clip, or drop one here.</b>");
    return tr("%1. <b>Next: play, click points on the picture, or press B at every beat.</b>")
        .arg(active_->title().toHtmlEscaped());
}

std::vector<PageKey> BenchPage::keyTable() {
    if (live_ && middle_->currentWidget() == live_)
        return {{tr("Space"), tr("record, stop"), {}, {Qt::Key_Space}, [this](KeyPress) { live_->toggleRecording(); }},
                {tr("Esc"), tr("done"), {}, {Qt::Key_Escape}, [this](KeyPress) { leaveLive(); }}};
    const bool open = first_->isOpen(), both = second_->isOpen();
    const auto step = [this](KeyPress press) {
        const int by = press.shift ? 10 : 1;
        active_->stop();
        active_->goTo(active_->frame() + (press.key == Qt::Key_Left ? -by : by));
    };
    const auto other = [this](KeyPress) { activate(active_ == first_ ? second_ : first_); };
    const auto unit = [this](KeyPress) { findChild<QPushButton*>(QStringLiteral("benchUnit"))->click(); };
    return {
        {tr("Space"), tr("play"), {}, {Qt::Key_Space}, [this](KeyPress) { togglePlay(); }, open},
        {QStringLiteral("← →"), tr("frame"), tr("frame; Shift: ten"), {Qt::Key_Left, Qt::Key_Right}, step, open},
        {QStringLiteral("I"), tr("span from"), {}, {Qt::Key_I}, [this](KeyPress) { active_->markSpanStart(); }, open},
        {QStringLiteral("O"), tr("to"), tr("span to"), {Qt::Key_O}, [this](KeyPress) { active_->markSpanEnd(); }, open},
        {tr("click"), tr("point"), tr("points: a length, an angle"), {}, {}, open},
        {QStringLiteral("B"), tr("beat"), {}, {Qt::Key_B}, [this](KeyPress) { beat(); }, open},
        {QStringLiteral("F"),
         tr("follow"),
         tr("follow the point"),
         {Qt::Key_F},
         [this](KeyPress) { active_->follow(); },
         open},
        {QStringLiteral("U"), {}, tr("a known length: the unit"), {Qt::Key_U}, unit, open},
        {QStringLiteral("C"),
         {},
         tr("two points as a circle"),
         {Qt::Key_C},
         [this](KeyPress) { active_->toggleCircle(); },
         open},
        {QStringLiteral("V"), {}, tr("a plumb line"), {Qt::Key_V}, [this](KeyPress) { active_->togglePlumb(); }, open},
        {tr("drag"), {}, tr("a stroke, that fades"), {}, {}, open},
        {QStringLiteral("S"),
         {},
         tr("keep the strokes of this picture"),
         {Qt::Key_S},
         [this](KeyPress) { active_->keepStrokes(); },
         open},
        {QStringLiteral("T"),
         tr("time"),
         tr("time from here, to here"),
         {Qt::Key_T},
         [this](KeyPress) { markTime(); },
         open},
        {QStringLiteral("Y"),
         {},
         tr("the same moment in both clips"),
         {Qt::Key_Y},
         [this](KeyPress) { syncHere(); },
         both},
        {QStringLiteral("N"), tr("speak a note"), {}, {Qt::Key_N}, [this](KeyPress) { recorder_->toggle(); }, open},
        {QStringLiteral("K"),
         tr("keep"),
         tr("keep it in the session"),
         {Qt::Key_K},
         [this](KeyPress) { keep(); },
         open},
        {QStringLiteral("↑ ↓"), tr("other clip"), {}, {Qt::Key_Up, Qt::Key_Down}, other, both},
        {tr("Esc"), {}, tr("clear the points"), {Qt::Key_Escape}, [this](KeyPress) { active_->clearPoints(); }, open}};
}

void BenchPage::refresh() {
    keep_->setEnabled(workspace().hasCase() && active_->isOpen());
    keep_->setToolTip(workspace().hasCase() ? QString() : tr("Open or start a case first, on the Cases page."));
    showPoints();
    showCount();
}

void BenchPage::show(const QString& detail) {
    if (!detail.isEmpty())
        openClip(detail, false);
}

void BenchPage::activate(BenchView* view) {
    active_ = view;
    first_->setActive(view == first_ && second_->isOpen());
    second_->setActive(view == second_);
    emit headlineChanged();
}

void BenchPage::togglePlay() {
    const bool playing = first_->playing() || second_->playing();
    if (!playing && apartS_)
        follow(active_);
    for (BenchView* view : {first_, second_})
        playing ? view->stop() : view->play(speed_->currentData().toDouble());
    play_->setText(playing ? tr("Play") : tr("Stop"));
}

void BenchPage::beat() {
    if (!active_->isOpen())
        return;
    const double now = active_->timeS(); // stored; the slow-motion factor is taken out when it is read
    if (!beatsS_.empty() && now <= beatsS_.back())
        beatsS_.clear(); // a loop began again, or somebody went back: a new count
    beatsS_.push_back(now);
    showCount();
}

void BenchPage::showPoints() {
    const auto& points = active_->points();
    QStringList lines;
    const double sigma = active_->sigmaPx();
    const auto length = [&](const Uncertain& px) {
        return unitPx_ ? plusMinus(inUnits(px, *unitPx_), tr(" of the unit")) : plusMinus(px, tr(" px"));
    };
    if (points.empty())
        lines << tr(
            "Click the picture: two points make a line or a circle, three an angle at the second, four the angle "
            "between two lines. Drag to draw.");
    if (points.size() == 1)
        lines << tr("One point. Another makes a line; <b>F</b> follows this one.");
    constexpr std::size_t kTwoLines = 4;
    if (points.size() == 2 && active_->isCircle()) {
        const Uncertain radius = lineBetween(points[0], points[1], sigma).lengthPx;
        lines << tr("Circle: radius <b>%1</b>").arg(length(radius));
        lines << tr("Round it: <b>%1</b>")
                     .arg(length({2 * std::numbers::pi * radius.value, 2 * std::numbers::pi * radius.u}));
    } else if (points.size() == kTwoLines) {
        lines << tr("Between the lines: <b>%1</b> as seen")
                     .arg(plusMinus(angleBetween(points[0], points[1], points[2], points[3], sigma),
                                    QStringLiteral("°")));
    } else if (points.size() >= 2) {
        const PictureLine line = lineBetween(points[0], points[1], sigma);
        lines << tr("Line: <b>%1</b> from the upright").arg(plusMinus(line.toUprightDeg, QStringLiteral("°")));
        lines << tr("Length: <b>%1</b>").arg(length(line.lengthPx));
    }
    if (points.size() == 3)
        lines << tr("Angle: <b>%1</b> as seen")
                     .arg(plusMinus(angleAt(points[0], points[1], points[2], sigma), QStringLiteral("°")));
    const auto& path = active_->followed();
    if (path.size() > 1) {
        double furthest = 0;
        Uncertain whole;
        std::vector<PixelPoint> piece; // without a gap
        const auto add = [&] {
            const Uncertain part = pathLength(piece, sigma);
            whole = {whole.value + part.value, std::hypot(whole.u, part.u)};
            piece.clear();
        };
        piece.push_back(path[0].second);
        for (std::size_t i = 1; i < path.size(); ++i) {
            if (path[i].first != path[i - 1].first + 1)
                add();
            piece.push_back(path[i].second);
            furthest = std::max(furthest,
                                std::hypot(path[i].second.x - path[0].second.x, path[i].second.y - path[0].second.y));
        }
        add();
        lines << tr("Path: <b>%1</b> in %2 pictures, %3 at most from its start")
                     .arg(length(whole))
                     .arg(path.size())
                     .arg(length({furthest, std::numbers::sqrt2 * sigma}));
    }
    points_->setText(lines.join(QStringLiteral("<br>")));
    if (!timeFrom_) {
        time_->setText(tr("<b>T</b> at one picture, <b>T</b> at another: the time between."));
        return;
    }
    const bool whole = timeTo_.has_value();
    const auto& times = active_->isOpen() ? active_->timesS() : std::vector<double>();
    const double toS = whole ? timeTo_->timeS : active_->timeS();
    const double interval =
        times.size() > 1 ? (times.back() - times.front()) / static_cast<double>(times.size() - 1) : 0;
    const Uncertain between = timeBetween(timeFrom_->timeS, toS, interval, slow_->value(), kDefaultMarkingFrames);
    time_->setText(tr("From frame %1 to %2: <b>%3</b>")
                       .arg(timeFrom_->frame)
                       .arg(whole ? timeTo_->frame : active_->frame())
                       .arg(plusMinus(between, tr(" s"))));
}

void BenchPage::markTime() {
    if (!active_->isOpen())
        return;
    const Instant here{active_->path(), active_->frame(), active_->timeS()};
    // A third begins anew; of another clip too: two clocks have nothing between them.
    if (!timeFrom_ || timeTo_ || timeFrom_->path != here.path) {
        timeFrom_ = here;
        timeTo_.reset();
    } else {
        timeTo_ = here;
    }
    showPoints();
}

void BenchPage::syncHere() {
    if (!first_->isOpen() || !second_->isOpen()) {
        workspace().say(tr("Two clips beside each other are held together."));
        return;
    }
    if (apartS_) {
        apartS_.reset();
        workspace().say(tr("Each clip by itself again."));
        return;
    }
    apartS_ = second_->timeS() - first_->timeS();
    workspace().say(
        tr("Held together: frame %1 and frame %2 are the same moment.").arg(first_->frame()).arg(second_->frame()));
}

void BenchPage::follow(BenchView* moved) {
    if (!apartS_ || following_ || moved->playing() || !first_->isOpen() || !second_->isOpen())
        return;
    BenchView* other = moved == first_ ? second_ : first_;
    const double wanted = moved->timeS() + (moved == first_ ? *apartS_ : -*apartS_);
    const std::vector<double>& times = other->timesS();
    const auto after = std::lower_bound(times.begin(), times.end(), wanted);
    auto nearest = after == times.end() ? std::prev(after) : after;
    if (nearest != times.begin() && std::abs(*std::prev(nearest) - wanted) < std::abs(*nearest - wanted))
        --nearest;
    const int frame = static_cast<int>(nearest - times.begin());
    const bool before = std::exchange(following_, true);
    if (frame != other->frame())
        other->goTo(frame);
    following_ = before;
}

void BenchPage::showCount() {
    const auto counted = static_cast<Counted>(counted_->currentData().toInt());
    std::vector<double> real;
    for (double stored : beatsS_)
        real.push_back(stored / slow_->value());
    const auto rate = tappedRate(real, counted);
    if (!rate) {
        count_->setText(
            beatsS_.empty()
                ? tr("Press <b>B</b> at every beat while it plays; three give a rate.")
                : tr("%1. Three give a rate.").arg(words::counted(beatsS_.size(), tr("beat"), tr("beats"))));
        return;
    }
    const bool sides = counted == Counted::Sides;
    count_->setText(tr("<b>%1</b> %2 a minute, %3 beats<br>%4 %5 a minute<br>intervals differ by %6 %")
                        .arg(plusMinus(rate->perMinute, {}), sides ? tr("sides") : tr("cycles"))
                        .arg(rate->taps)
                        .arg(plusMinus(rate->otherPerMinute, {}), sides ? tr("cycles") : tr("sides"))
                        .arg(words::number(100 * rate->unevenness, 0)));
}

} // namespace riflesso
