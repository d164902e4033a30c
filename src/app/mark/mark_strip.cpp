#include "app/mark/mark_strip.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/time_strip.h"
#include "core/measure/instant.h"
#include "core/measure/measure.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// Expanded u of an instant measure in each of these frames. Of low-passed ones, whose u is drawn, every few frames
/// and interpolated: u changes slowly, and marking must stay quick.
std::vector<double> bandOf(const Pack& pack, const MeasureDef& def, const Trial& trial,
                           const std::vector<double>& frames, double cutoffHz) {
    constexpr std::size_t kDrawn = 8;
    const std::size_t step = isRateKind(def.kind) ? std::max<std::size_t>(1, frames.size() / kDrawn) : 1;
    std::vector<std::size_t> at;
    std::vector<double> u;
    for (std::size_t i = 0; i < frames.size(); i += step) {
        const MeasureValue value = measureInFrame(pack, def, trial, static_cast<int>(std::lround(frames[i])), cutoffHz);
        if (value.valid()) {
            at.push_back(i);
            u.push_back(2 * value.u);
        }
    }
    std::vector<double> out(frames.size(), 0);
    if (at.empty())
        return {};
    std::size_t next = 0;
    for (std::size_t i = 0; i < frames.size(); ++i) {
        while (next + 1 < at.size() && at[next + 1] <= i)
            ++next;
        const std::size_t after = std::min(next + 1, at.size() - 1);
        const double share = at[after] > at[next] && i > at[next]
                                 ? static_cast<double>(i - at[next]) / static_cast<double>(at[after] - at[next])
                                 : 0;
        out[i] = u[next] + share * (u[after] - u[next]);
    }
    return out;
}

} // namespace

MarkStrip::~MarkStrip() = default;

MarkStrip::MarkStrip(Workspace& workspace, QWidget* parent)
    : QWidget(parent), workspace_(workspace), content_(std::make_unique<StripContent>()) {
    setAttribute(Qt::WA_StyledBackground);
    setObjectName(QStringLiteral("raised"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 4, 0, 0);
    layout->setSpacing(2);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(12, 0, 12, 0);
    row->setSpacing(8);
    row->addWidget(label(tr("Repetitions"), theme::kQuiet));
    repetitions_ = new QHBoxLayout;
    repetitions_->setSpacing(3);
    row->addLayout(repetitions_);
    row->addStretch();
    row->addWidget(label(tr("Traces"), theme::kQuiet));
    for (int i = 0; i < 2; ++i) {
        trace_[i] = new ChoiceBox;
        trace_[i]->setObjectName(QStringLiteral("trace-%1").arg(i + 1));
        trace_[i]->setAccessibleName(tr("Measure of trace %1").arg(i + 1));
        trace_[i]->setFocusPolicy(Qt::TabFocus);
        trace_[i]->setMaximumWidth(230);
        row->addWidget(trace_[i]);
        connect(trace_[i], &QComboBox::activated, this, &MarkStrip::measureTraces);
    }
    connect(trace_[0], &QComboBox::activated, this, &MarkStrip::drawingChanged);
    draw_ = new QPushButton(tr("Draw (M)"));
    draw_->setObjectName(QStringLiteral("drawMeasure"));
    draw_->setToolTip(tr("Draws the measure of the first trace on the picture, with its value in this frame."));
    draw_->setCheckable(true);
    draw_->setFocusPolicy(Qt::TabFocus);
    row->addWidget(draw_);
    connect(draw_, &QPushButton::toggled, this, &MarkStrip::drawingChanged);
    layout->addLayout(row);
    strip_ = new TimeStrip;
    strip_->setObjectName(QStringLiteral("timeStrip"));
    strip_->setFixedHeight(168);
    layout->addWidget(strip_);
    connect(strip_, &TimeStrip::frameAsked, this, &MarkStrip::frameAsked);
}

void MarkStrip::show(const std::string& event, const std::vector<std::string>& landmarks) {
    event_ = event;
    landmarks_ = landmarks;
    fillTraces();
    showRepetitions();
    showStrip();
}

void MarkStrip::setEvent(const std::string& event) {
    event_ = event;
    showStrip();
}

void MarkStrip::setFrame(int frame) { strip_->setFrame(frame); }

std::string MarkStrip::drawnMeasure() const {
    return draw_->isChecked() ? trace_[0]->currentData().toString().toStdString() : std::string();
}
void MarkStrip::toggleDrawing() { draw_->toggle(); }

void MarkStrip::fillTraces() {
    const Pack& pack = workspace_.data().pack;
    QStringList instant; // of this pack: another may have as many
    for (const MeasureDef& def : pack.measures)
        if (isInstantKind(def.kind))
            instant << words::text(def.id) + u'\n' + words::text(def.title);
    if (instant != filled_) {
        filled_ = instant;
        for (QComboBox* box : trace_) {
            box->clear();
            for (const MeasureDef& def : pack.measures)
                if (isInstantKind(def.kind))
                    box->addItem(words::text(def.title), words::text(def.id));
        }
        trace_[0]->setCurrentIndex(0);
        // The second trace: the first measure taken over a phase, which a single picture does not show; else the next
        // that is not the same one at another moment.
        const auto spans = std::find_if(pack.measures.begin(), pack.measures.end(), [](const MeasureDef& def) {
            return isInstantKind(def.kind) && def.stat != Stat::None;
        });
        const auto named = [this](int i) { return trace_[1]->itemText(i).section(u',', 0, 0); };
        int other = spans == pack.measures.end() ? 1 : trace_[1]->findData(words::text(spans->id));
        while (named(other) == named(0) && other + 1 < trace_[1]->count())
            ++other;
        trace_[1]->setCurrentIndex(std::min(other, trace_[1]->count() - 1));
    }
}

std::vector<MarkStrip::Chip> MarkStrip::chipsOf() const {
    const CaseData& data = workspace_.data();
    // Of one condition at a time, like every other page: else two repetitions have the same number.
    const RepetitionPlace shown = workspace_.place();
    const std::optional<Stress> level =
        shown && !shown.session->isModel ? std::optional(shown.section->stress) : workspace_.stress();
    std::vector<Chip> out;
    for (const Session& session : data.sessions) {
        if (session.id != workspace_.session() && !session.isModel)
            continue;
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections) {
                if (!session.isModel && level && section.stress != *level)
                    continue;
                for (const Repetition& repetition : section.repetitions) {
                    // A model carries its letter, another camera's picture that of its view.
                    const QString before = session.isModel     ? section.performer.right(1)
                                           : repetition.sameAs ? words::text(toString(section.view)).left(1).toUpper()
                                                               : QString();
                    const QString tip =
                        session.isModel ? section.performer
                        : repetition.sameAs
                            ? tr("Repetition %1, %2 view").arg(repetition.number).arg(words::viewName(section.view))
                            : tr("Repetition %1").arg(repetition.number);
                    out.push_back({repetition.id, before + QString::number(repetition.number), tip, session.isModel});
                }
            }
    }
    return out;
}

void MarkStrip::showRepetitions() {
    if (const std::vector<Chip> chips = chipsOf(); chips != chips_) {
        chips_ = chips;
        clearLayout(repetitions_);
        for (const Chip& shown : chips_) {
            auto* chip = new QPushButton(shown.text);
            chip->setObjectName(QStringLiteral("rep-%1").arg(shown.id.value));
            chip->setFocusPolicy(Qt::TabFocus);
            chip->setCheckable(true);
            chip->setFixedSize(34, 24);
            chip->setToolTip(shown.tip);
            connect(chip, &QPushButton::clicked, this, [this, id = shown.id] {
                workspace_.selectRepetition(id);
                paintChips(); // also where it was chosen already: the click has unchecked it
            });
            repetitions_->addWidget(chip);
        }
    }
    paintChips();
}

void MarkStrip::paintChips() {
    const look::Palette& p = theme::colours();
    for (std::size_t i = 0; i < chips_.size(); ++i) {
        auto* chip = static_cast<QPushButton*>(repetitions_->itemAt(static_cast<int>(i))->widget());
        const bool chosen = chips_[i].id == workspace_.repetition(), model = chips_[i].model;
        chip->setChecked(chosen);
        const QString style =
            QStringLiteral("QPushButton { padding: 0; border: 1px solid %1; background: %2; color: %3; } "
                           "QPushButton:checked { font-weight: bold; border: 2px solid %1; }")
                .arg((model ? p.model : p.athlete).name(),
                     (chosen ? (model ? p.modelSoft : p.athleteSoft) : p.raised).name(), p.ink.name());
        if (chip->styleSheet() != style) // setting one costs more than all the rest
            chip->setStyleSheet(style);
    }
}

void MarkStrip::showStrip() {
    const RepetitionPlace place = workspace_.place();
    if (!place) {
        *content_ = {};
        strip_->setContent({});
        return;
    }
    const Pack& pack = workspace_.data().pack;
    const Trial trial = toTrial(workspace_.data(), place);
    constexpr int kMargin = 8;
    StripContent content;
    content.from = std::max(0, place.repetition->from - kMargin);
    content.to = std::min(place.clip->frames() - 1, place.repetition->to + kMargin);
    // Phases that follow each other; those that span others would cover them.
    for (const PhaseDef& phase : pack.phases) {
        const TrialEvent *from = trial.event(phase.from), *to = trial.event(phase.to);
        const bool whole = pack.eventIndex(phase.to) - pack.eventIndex(phase.from) > 2;
        if (from && to && to->frame > from->frame && !whole &&
            (content.phases.empty() || from->frame >= content.phases.back().to - .5))
            content.phases.push_back({words::text(phase.title), from->frame, to->frame});
    }
    for (const EventDef& def : pack.events)
        if (const TrialEvent* event = trial.event(def.id))
            content.events.push_back({words::text(def.id), words::text(def.title), event->frame, def.id == event_});
    for (int f = content.from; f <= content.to; ++f) {
        int set = 0;
        auto trust = StripContent::Trust::Set;
        for (const std::string& name : landmarks_) {
            const auto track = place.repetition->marks.find(name);
            if (track == place.repetition->marks.end())
                continue;
            const auto mark = track->second.find(f);
            if (mark == track->second.end())
                continue;
            ++set;
            if (isProposed(mark->second.source))
                trust = std::max(trust, isDoubtful(mark->second.source) ? StripContent::Trust::Doubtful
                                                                        : StripContent::Trust::Proposed);
        }
        content.trust.push_back(trust);
        content.coverage.push_back(
            landmarks_.empty() ? 0 : static_cast<double>(set) / static_cast<double>(landmarks_.size()));
    }
    if (traced_ == place.repetition->id)
        content.traces = std::move(content_->traces);
    content.numbers = !workspace_.resultsHidden();
    *content_ = std::move(content);
    strip_->setContent(*content_);
    measureTraces();
}

void MarkStrip::measureTraces() {
    const auto assessment = workspace_.assessment();
    const double cutoff = assessment ? assessment->cutoff.hz : CutoffChoice().hz;
    std::vector<std::string> measures;
    for (const QComboBox* box : trace_)
        measures.push_back(box->currentData().toString().toStdString());
    using Traces = std::vector<StripTrace>;
    workspace_.start<Traces>(
        tr("Measuring"), this, workspace_.ofCase().newest(QStringLiteral("traces")),
        [data = workspace_.snapshot(), id = workspace_.repetition(), measures,
         cutoff](JobControl& control) -> Result<Traces> {
            Traces out;
            const Trial trial = toTrial(*data, placeOf(*data, id));
            for (const std::string& measure : measures) {
                const MeasureDef* def = data->pack.measure(measure);
                if (!def)
                    continue;
                if (!control.goOn(0))
                    return cancelled();
                const Series series = measureSeries(data->pack, *def, trial, cutoff);
                StripTrace trace{words::shortTitle(data->pack, *def), words::unitAfter(*def), {}, series.values};
                for (const double t : series.timesS)
                    trace.frames.push_back(trial.times.frameOf(t));
                trace.expandedU = bandOf(data->pack, *def, trial, trace.frames, cutoff);
                out.push_back(std::move(trace));
            }
            return out;
        },
        [this, id = workspace_.repetition()](Result<Traces> traces) {
            if (!traces || workspace_.repetition() != id)
                return;
            traced_ = id;
            content_->traces = std::move(*traces);
            strip_->setContent(*content_);
        },
        Pace::Quick);
}

} // namespace riflesso
