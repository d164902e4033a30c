#include "app/mirror/ruler_list.h"

#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/sign_label.h"
#include "core/measure/measure_cycles.h"
#include "core/measure/measure_set.h"
#include "core/reasons.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

std::vector<MeasureGroup> groupedMeasures(const Pack& pack) {
    std::vector<MeasureGroup> groups;
    const auto add = [&](const QString& title, const MeasureDef& def) {
        for (MeasureGroup& group : groups)
            if (group.title == title) {
                group.measures.push_back(&def);
                return;
            }
        groups.push_back({title, {&def}});
    };
    for (const MeasureDef& def : pack.measures)
        if (rowOf(def.kind).by == MeasuredBy::Timing || isCycleKind(def.kind))
            add(RulerList::tr("Timing"), def);
    for (const EventDef& event : pack.events)
        for (const MeasureDef& def : pack.measures)
            if (def.at == event.id)
                add(RulerList::tr("At \"%1\"").arg(words::inSentence(words::text(event.title))), def);
    for (const MeasureDef& def : pack.measures)
        if (!def.over.empty())
            add(RulerList::tr("Over the %1").arg(words::inSentence(words::text(pack.phase(def.over)->title))), def);
    for (const MeasureDef& def : pack.measures)
        if (def.kind == Kind::Observed)
            add(RulerList::tr("Observed"), def);
    for (const MeasureDef& def : pack.measures)
        if (isSetKind(def.kind))
            add(RulerList::tr("Over the set"), def);
    return groups;
}

std::vector<MeasureGroup> measuresByPart(const Pack& pack) {
    std::map<Level, MeasureGroup> byLevel;
    for (const MeasureDef& def : pack.measures) {
        MeasureGroup& group = byLevel[def.level];
        group.title = words::levelName(def.level);
        group.measures.push_back(&def);
    }
    std::vector<MeasureGroup> out;
    for (auto& [level, group] : byLevel)
        out.push_back(std::move(group));
    return out;
}

/// One measure's line: the whole of it can be clicked to choose the measure.
class RulerRow : public QWidget {
public:
    RulerRow(RulerList& list, std::string measure) : list_(list), measure_(std::move(measure)) {
        setObjectName(QStringLiteral("row-") + words::text(measure_));
        setFocusPolicy(Qt::TabFocus);
    }
    void setChosen(bool chosen) {
        chosen_ = chosen;
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        if (chosen_) {
            painter.fillRect(rect(), theme::colours().course);
            painter.fillRect(QRect(0, 0, 3, height()), theme::colours().ink);
        }
        if (hasFocus()) {
            painter.setPen(QPen(theme::colours().ink, 1, Qt::DotLine));
            painter.drawRect(rect().adjusted(0, 0, -1, -1));
        }
    }
    void mousePressEvent(QMouseEvent*) override { emit list_.measureChosen(words::text(measure_)); }
    void keyPressEvent(QKeyEvent* event) override {
        if (event->key() == Qt::Key_Space || event->key() == Qt::Key_Return)
            emit list_.measureChosen(words::text(measure_));
        else
            QWidget::keyPressEvent(event);
    }

private:
    RulerList& list_;
    std::string measure_;
    bool chosen_ = false;
};

RulerList::RulerList(QWidget* parent) : QWidget(parent) {
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    outer->setSpacing(2);
    auto* choosers = new QHBoxLayout;
    choosers->setSpacing(6);
    const auto chooser = [&](const char* name, const QString& accessible, const QStringList& entries) {
        auto* box = new ChoiceBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(accessible);
        box->addItems(entries);
        box->setFocusPolicy(Qt::TabFocus);
        connect(box, &QComboBox::activated, this, &RulerList::fill);
        choosers->addWidget(box);
        return box;
    };
    grouping_ = chooser("rulerGroups", tr("Order of the measures"), {tr("by moment"), tr("by part of the body")});
    filter_ = chooser("rulerFilter", tr("Which measures are shown"),
                      {tr("all measures"), tr("deviating"), tr("clear"), tr("strengths"), tr("without a value")});
    choosers->addStretch();
    outer->addLayout(choosers);
    auto* inner = new QWidget;
    rows_ = new QVBoxLayout(inner);
    rows_->setContentsMargins(0, 2, 8, 8);
    rows_->setSpacing(1);
    outer->addWidget(scrolled(inner));
}

void RulerList::show(const Pack& pack, std::shared_ptr<const Assessment> assessment, const std::string& trial,
                     std::vector<FilmingWish> wishes) {
    if (assessment && assessment == assessment_ && ink_ == theme::colours().ink) { // another repetition of the same
        trial_ = trial;
        for (DeviationRuler* ruler : findChildren<DeviationRuler*>())
            ruler->setHighlighted(trial);
        return;
    }
    pack_ = pack;
    assessment_ = std::move(assessment);
    trial_ = trial;
    wishes_ = std::move(wishes);
    ink_ = theme::colours().ink;
    fill();
}

bool RulerList::wanted(const MeasureDef& def) const {
    const SetDeviation* set = assessment_->deviation(def.id);
    switch (filter_->currentIndex()) {
    case 1:
        return set && set->state != State::Within;
    case 2:
        return set && set->state == State::Clear;
    case 3:
        return set && set->strength;
    case 4:
        return !set;
    default:
        return true;
    }
}

void RulerList::fill() {
    clearLayout(rows_);
    byMeasure_.clear();
    if (!assessment_) {
        rows_->addWidget(label(tr("No values yet."), theme::kQuiet));
        rows_->addStretch();
        return;
    }
    for (const MeasureGroup& group : grouping_->currentIndex() == 0 ? groupedMeasures(pack_) : measuresByPart(pack_)) {
        bool headed = false;
        for (const MeasureDef* def : group.measures) {
            if (!wanted(*def))
                continue;
            if (!std::exchange(headed, true)) {
                auto* heading = label(group.title, theme::kHeading);
                heading->setContentsMargins(6, 5, 0, 0);
                rows_->addWidget(heading);
                rows_->addWidget(hairline());
            }
            addRow(*def);
        }
    }
    if (byMeasure_.empty())
        rows_->addWidget(label(tr("None of the measures is so."), theme::kQuiet));
    rows_->addStretch();
    setChosen(chosen_);
}

QString RulerList::smallWords(const MeasureDef& def, const SetDeviation* set) const {
    QStringList parts;
    if (set)
        parts << QStringLiteral("%1, T %2").arg(words::referenceText(def, *set), words::figures(set->tolerance, 3));
    if (const MeasureDef* partner = def.tradeWith.empty() ? nullptr : pack_.measure(def.tradeWith)) {
        const SetDeviation* other = assessment_->deviation(partner->id);
        const QString title = words::inSentence(words::shortTitle(pack_, *partner));
        parts << (other ? tr("trades with %1, %2").arg(title, words::withU(*partner, other->median, other->expandedU))
                        : tr("trades with %1").arg(title));
    }
    return parts.join(QStringLiteral(" · "));
}

void RulerList::addReason(const MeasureDef& def, QHBoxLayout& line) {
    Reason reason = reasons::kNoReference;
    for (const TrialMeasures& measured : assessment_->measures)
        if (const MeasureValue* value = measured.find(def.id); value && !value->valid())
            reason = value->reason;
    QString text = tr("not available: %1").arg(words::text(reason));
    for (const FilmingWish& wish : wishes_)
        if (std::find(wish.measures.begin(), wish.measures.end(), def.id) != wish.measures.end()) {
            text += QStringLiteral(". ") + tr("To get it: %1").arg(words::text(wish.film));
            break;
        }
    auto* why = label(text, theme::kQuiet);
    why->setObjectName(QStringLiteral("missing-") + words::text(def.id));
    line.addWidget(why, 1);
}

void RulerList::addRow(const MeasureDef& def) {
    const Assessment& assessment = *assessment_;
    const std::string& trial = trial_;
    const QString id = words::text(def.id);
    auto* row = new RulerRow(*this, def.id);
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(6, 0, 0, 0);
    line->setSpacing(6);
    const SetDeviation* set = assessment.deviation(def.id);
    auto* text = label(QStringLiteral("%1<br><span style='color:%2; font-size:8.5pt'>%3</span>")
                           .arg(words::shortTitle(pack_, def).toHtmlEscaped(), theme::colours().slate.name(),
                                smallWords(def, set).toHtmlEscaped()));
    constexpr int kWords = 160;
    text->setFixedSize(kWords, text->heightForWidth(kWords)); // known once: a layout would ask over and over
    text->setToolTip(tr("%1. Click: drawn on the pictures.").arg(words::text(def.title)));
    line->addWidget(text);
    byMeasure_.emplace_back(def.id, row);
    row->setAccessibleName(words::text(def.title));
    rows_->addWidget(row);
    if (!set) {
        addReason(def, *line);
        return;
    }
    auto* ruler = new DeviationRuler;
    ruler->setObjectName(QStringLiteral("ruler-") + id);
    ruler->setSet(def, *set);
    ruler->setHighlighted(trial);
    connect(ruler, &DeviationRuler::repetitionClicked, this, &RulerList::repetitionClicked);
    connect(ruler, &DeviationRuler::chosen, this, [this, id] { emit measureChosen(id); });
    line->addWidget(ruler, 1);
    line->addWidget(new SignLabel(set->strength ? look::Sign::Strength : look::signOf(set->state)));
    auto* value = label(
        QStringLiteral("<a href='x' style='color:%4; text-decoration:none'><b>%1</b><br><span style='font-size:8.5pt; "
                       "color:%3'>± %2</span></a>")
            .arg(words::withU(def, set->median, set->expandedU).section(QStringLiteral("\u00a0±"), 0, 0) +
                     words::unitAfter(def),
                 words::number(set->expandedU, words::decimalsFor(set->expandedU)), theme::colours().slate.name(),
                 theme::colours().ink.name()));
    value->setWordWrap(false);
    constexpr int kUsual = 84;
    value->setFixedSize(std::max(kUsual, value->sizeHint().width()), value->sizeHint().height());
    value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    value->setObjectName(QStringLiteral("value-") + id);
    value->setAccessibleName(tr("Why this number: %1").arg(words::text(def.title)));
    value->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
    const QString note = words::text(set->note);
    value->setToolTip(tr("Click: why this number.") + (note.isEmpty() ? QString() : QStringLiteral(" ") + note));
    connect(value, &QLabel::linkActivated, this, [this, id] { emit why(id); });
    line->addWidget(value);
}

void RulerList::setChosen(const std::string& measure) {
    chosen_ = measure;
    for (const auto& [id, row] : byMeasure_)
        row->setChosen(id == measure);
}

std::string RulerList::after(const std::string& measure, int step) const {
    if (byMeasure_.empty())
        return {};
    const auto count = static_cast<int>(byMeasure_.size());
    for (int i = 0; i < count; ++i)
        if (byMeasure_[static_cast<std::size_t>(i)].first == measure)
            return byMeasure_[static_cast<std::size_t>((i + step + count) % count)].first;
    return byMeasure_.front().first;
}

} // namespace riflesso
