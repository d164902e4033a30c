#include "app/film/section_panel.h"

#include "app/page.h"
#include "app/theme.h"
#include "media/clip_reader.h"
#include "report/words.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QDoubleValidator>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

SectionPanel::SectionPanel(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    setFixedWidth(276);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(14, 10, 14, 10);
    layout->setSpacing(6);
    layout->addWidget(label(tr("THIS SECTION"), theme::kHeading));
    layout->addLayout(buildForm());
    layout->addSpacing(6);
    layout->addWidget(label(tr("REPETITION"), theme::kHeading));
    repetitionText_ = label({});
    repetitionText_->setObjectName(QStringLiteral("repetitionText"));
    layout->addWidget(repetitionText_);
    results_ = new QHBoxLayout;
    layout->addLayout(results_);
    auto* numbered = new QHBoxLayout;
    numberText_ = label({});
    number_ = new QLineEdit;
    number_->setObjectName(QStringLiteral("resultNumber"));
    number_->setFixedWidth(84);
    number_->setAlignment(Qt::AlignRight);
    auto* validator = new QDoubleValidator(number_);
    validator->setLocale(QLocale::c());
    validator->setNotation(QDoubleValidator::StandardNotation);
    number_->setValidator(validator);
    numbered->addWidget(numberText_, 1);
    numbered->addWidget(number_);
    layout->addLayout(numbered);
    connect(number_, &QLineEdit::editingFinished, this, [this] { keepResult(number_->text()); });
    auto* felt = new QHBoxLayout;
    feltRight_ = new QPushButton(tr("F Felt right"));
    feltRight_->setObjectName(QStringLiteral("feltRight"));
    feltOff_ = new QPushButton(tr("O Felt off"));
    feltOff_->setObjectName(QStringLiteral("feltOff"));
    for (QPushButton* button : {feltRight_, feltOff_}) {
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        button->setToolTip(tr("What the athlete says of it, asked before anything is shown."));
        felt->addWidget(button);
    }
    felt->addStretch();
    layout->addLayout(felt);
    connect(feltRight_, &QPushButton::clicked, this, [this] { setFelt(true); });
    connect(feltOff_, &QPushButton::clicked, this, [this] { setFelt(false); });
    remove_ = new QPushButton(tr("Remove this repetition"));
    remove_->setObjectName(QStringLiteral("removeRepetition"));
    remove_->setFocusPolicy(Qt::TabFocus);
    layout->addWidget(remove_, 0, Qt::AlignLeft);
    connect(remove_, &QPushButton::clicked, this, &SectionPanel::removeRepetition);
    layout->addSpacing(6);
    layout->addWidget(label(tr("CHECKS OF THE CLIP"), theme::kHeading));
    checks_ = label({}, theme::kQuiet);
    checks_->setObjectName(QStringLiteral("checks"));
    layout->addWidget(checks_);
    auto* repeats = new QPushButton(tr("Look for repeated frames"));
    repeats->setFocusPolicy(Qt::TabFocus);
    layout->addWidget(repeats, 0, Qt::AlignLeft);
    connect(repeats, &QPushButton::clicked, this, &SectionPanel::lookForRepeats);
    layout->addStretch();
}

const Clip* SectionPanel::clip() const { return workspace_.hasCase() ? workspace_.data().clip(clip_) : nullptr; }

const Section* SectionPanel::section() const {
    if (const Clip* shown = clip())
        for (const Section& entry : shown->sections)
            if (entry.id == section_)
                return &entry;
    return nullptr;
}

const Repetition* SectionPanel::repetition() const {
    const RepetitionPlace place = workspace_.place();
    return place && place.clip->id == clip_ ? place.repetition : nullptr;
}

void SectionPanel::show(const Clip* clip, const Section* section) {
    clip_ = clip ? clip->id : ClipId{};
    section_ = section ? section->id : SectionId{};
    const bool before = std::exchange(filling_, true);
    showForm(section);
    showRepetition();
    showChecks();
    filling_ = before;
}

QFormLayout* SectionPanel::buildForm() {
    auto* form = new QFormLayout;
    form->setVerticalSpacing(6);
    const auto combo = [&](const QString& name, const char* object) {
        auto* box = new QComboBox;
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        form->addRow(name, box);
        connect(box, &QComboBox::activated, this, &SectionPanel::save);
        return box;
    };
    view_ = combo(tr("View"), "view");
    for (View view : {View::Side, View::Front, View::Rear, View::Top})
        view_->addItem(words::text(toString(view)), static_cast<int>(view));
    facing_ = combo(tr("Facing"), "facing");
    facing_->addItems({tr("left in the picture"), tr("right in the picture")});
    stress_ = combo(tr("Conditions"), "stress");
    for (int i = 0; i <= static_cast<int>(Stress::Competition); ++i)
        stress_->addItem(words::stressName(static_cast<Stress>(i)), i);
    slowMotion_ = new QDoubleSpinBox;
    slowMotion_->setObjectName(QStringLiteral("slowMotion"));
    slowMotion_->setRange(0.01, 1000);
    slowMotion_->setDecimals(3);
    slowMotion_->setToolTip(
        tr("Capture rate divided by stored rate: filmed at 240 and stored at 30 is 8. Times are divided by it once."));
    form->addRow(tr("Slow motion ×"), slowMotion_);
    scale_ = new QDoubleSpinBox;
    scale_->setObjectName(QStringLiteral("scale"));
    scale_->setRange(0, 1000);
    scale_->setDecimals(3);
    scale_->setSpecialValueText(tr("not known"));
    scale_->setSuffix(tr(" mm/px"));
    scale_->setToolTip(tr("Millimetres a pixel in the plane of movement. Without it lengths are given in body units."));
    form->addRow(tr("Scale"), scale_);
    handedness_ = combo(tr("Hand"), "sectionHand");
    handedness_->addItems({tr("the athlete's"), tr("left"), tr("right")});
    performer_ = new QLineEdit;
    performer_->setObjectName(QStringLiteral("performer"));
    performer_->setPlaceholderText(tr("the athlete"));
    form->addRow(tr("Who"), performer_);
    connect(slowMotion_, &QDoubleSpinBox::editingFinished, this, &SectionPanel::save);
    connect(scale_, &QDoubleSpinBox::editingFinished, this, &SectionPanel::save);
    connect(performer_, &QLineEdit::editingFinished, this, &SectionPanel::save);
    return form;
}

void SectionPanel::setResult(int index) {
    const Repetition* shown = repetition();
    const Pack& pack = workspace_.data().pack;
    if (!shown || pack.results.empty() || index >= static_cast<int>(pack.results.front().values.size()))
        return;
    keepResult(words::text(pack.results.front().values[static_cast<std::size_t>(index)]));
}

void SectionPanel::keepResult(const QString& text) {
    const Repetition* shown = repetition();
    const std::string value = text.trimmed().toStdString();
    if (!shown || shown->result == value)
        return;
    const RepetitionId id = shown->id;
    workspace_.apply(tr("Result of repetition %1: %2").arg(shown->number).arg(words::text(value)),
                     [=](Edit& edit) { return edit.setResult(id, value); });
}

void SectionPanel::setFelt(bool right) {
    const Repetition* shown = repetition();
    if (!shown)
        return;
    const std::string word = right ? "right" : "off", felt = shown->felt == word ? std::string() : word;
    const RepetitionId id = shown->id;
    workspace_.apply(right ? tr("Repetition %1 felt right").arg(shown->number)
                           : tr("Repetition %1 felt off").arg(shown->number),
                     [id, felt](Edit& edit) { return edit.setFelt(id, felt); });
}

void SectionPanel::removeRepetition() {
    const Repetition* shown = repetition();
    if (!shown)
        return;
    const RepetitionId id = shown->id;
    workspace_.apply(tr("Remove repetition %1").arg(shown->number),
                     [id](Edit& edit) { return edit.removeRepetition(id); });
}

void SectionPanel::save() {
    const Section* part = section();
    if (filling_ || !part)
        return;
    Section changed = *part;
    changed.repetitions.clear();
    changed.view = static_cast<View>(view_->currentData().toInt());
    changed.facing = facing_->currentIndex() == 0 ? Side::Left : Side::Right;
    changed.stress = static_cast<Stress>(stress_->currentData().toInt());
    changed.slowMotion = slowMotion_->value();
    changed.metresPerPixel = scale_->value() > 0 ? std::optional(scale_->value() / 1000) : std::nullopt;
    changed.handedness = handedness_->currentIndex() == 0
                             ? std::nullopt
                             : std::optional(handedness_->currentIndex() == 1 ? Side::Left : Side::Right);
    changed.performer = performer_->text().trimmed();
    const bool same = changed.view == part->view && changed.facing == part->facing && changed.stress == part->stress &&
                      std::abs(changed.slowMotion - part->slowMotion) < 5e-4 &&
                      changed.handedness == part->handedness && changed.performer == part->performer &&
                      std::abs(changed.metresPerPixel.value_or(0) - part->metresPerPixel.value_or(0)) < 5e-7;
    if (!same)
        workspace_.apply(tr("Change the section"), [changed](Edit& edit) { return edit.setSection(changed); });
}

void SectionPanel::showForm(const Section* part) {
    for (QWidget* control :
         std::initializer_list<QWidget*>{view_, facing_, stress_, slowMotion_, scale_, handedness_, performer_})
        control->setEnabled(part != nullptr);
    if (!part)
        return;
    view_->setCurrentIndex(static_cast<int>(part->view));
    facing_->setCurrentIndex(part->facing == Side::Left ? 0 : 1);
    stress_->setCurrentIndex(static_cast<int>(part->stress));
    slowMotion_->setValue(part->slowMotion);
    scale_->setValue(1000 * part->metresPerPixel.value_or(0));
    handedness_->setCurrentIndex(!part->handedness ? 0 : *part->handedness == Side::Left ? 1 : 2);
    performer_->setText(part->performer);
}

void SectionPanel::showRepetition() {
    const Repetition* shown = repetition();
    const std::vector<std::string> values = workspace_.data().pack.results.empty()
                                                ? std::vector<std::string>()
                                                : workspace_.data().pack.results.front().values;
    const ResultDef* asked = workspace_.data().pack.results.empty() ? nullptr : &workspace_.data().pack.results.front();
    const bool isNumber = asked && (asked->type == ResultType::Number || asked->type == ResultType::Count);
    const QString unit = isNumber ? words::text(asked->unit) : QString();
    numberText_->setVisible(isNumber);
    number_->setVisible(isNumber);
    number_->setEnabled(shown != nullptr);
    if (isNumber) {
        numberText_->setText(unit.isEmpty() ? words::text(asked->title)
                                            : QStringLiteral("%1, %2").arg(words::text(asked->title), unit));
        number_->setAccessibleName(numberText_->text());
        number_->setText(shown ? words::text(shown->result) : QString());
    }
    remove_->setEnabled(shown != nullptr);
    for (const auto& [button, word] : {std::pair{feltRight_, "right"}, {feltOff_, "off"}}) {
        button->setEnabled(shown != nullptr);
        button->setChecked(shown && shown->felt == word);
    }
    repetitionText_->setText(
        shown ? tr("<b>Repetition %1</b>, frames %2 to %3%4")
                    .arg(shown->number)
                    .arg(shown->from)
                    .arg(shown->to)
                    .arg(shown->result.empty()
                             ? tr(", no result yet")
                             : QStringLiteral(", ") + words::resultText(workspace_.data().pack, shown->result))
              : tr("None chosen in this clip."));
    if (results_->count() != static_cast<int>(values.size())) {
        clearLayout(results_);
        for (std::size_t i = 0; i < values.size(); ++i) {
            auto* button = new QPushButton(QStringLiteral("%1 %2").arg(i + 1).arg(words::text(values[i])));
            button->setObjectName(QStringLiteral("result-%1").arg(i + 1));
            button->setCheckable(true);
            button->setFocusPolicy(Qt::TabFocus);
            connect(button, &QPushButton::clicked, this, [this, i] { setResult(static_cast<int>(i)); });
            results_->addWidget(button);
        }
    }
    for (std::size_t i = 0; i < values.size(); ++i) {
        auto* button = static_cast<QPushButton*>(results_->itemAt(static_cast<int>(i))->widget());
        button->setEnabled(shown != nullptr);
        button->setChecked(shown && shown->result == values[i]);
    }
}

void SectionPanel::showChecks() {
    const Clip* shown = clip();
    if (!shown) {
        checks_->setText({});
        return;
    }
    QStringList lines;
    const std::vector<double>& times = *shown->timesS;
    std::vector<double> intervals;
    for (std::size_t i = 1; i < times.size(); ++i)
        intervals.push_back(times[i] - times[i - 1]);
    const double typical = intervals.empty() ? 0 : median(intervals);
    const auto gaps = std::count_if(intervals.begin(), intervals.end(), [&](double d) { return d > 1.5 * typical; });
    lines << tr("%1 × %2 pixels, %3 frames, %4 a second")
                 .arg(shown->width)
                 .arg(shown->height)
                 .arg(shown->frames())
                 .arg(typical > 0 ? 1 / typical : 0, 0, 'f', 1);
    lines << (gaps ? tr("%1 gaps between frames: events beside them are less sure").arg(gaps)
                   : tr("no gaps between frames"));
    const Section* part = section();
    const std::vector<View>& views = workspace_.data().pack.views;
    if (part && std::find(views.begin(), views.end(), part->view) == views.end())
        lines << tr("wrong view: this skill is judged from the %1").arg(words::text(toString(views.front())));
    if (part && typical > 0)
        lines << tr("an event can be placed to about ± %1 s")
                     .arg(words::number(2 * eventUncertainty(typical / part->slowMotion, kDefaultMarkingFrames), 3));
    if (const auto said = repeats_.find(shown->hash); said != repeats_.end())
        lines << said->second;
    checks_->setText(lines.join(QStringLiteral("\n")));
}

void SectionPanel::lookForRepeats() {
    const Clip* shown = clip();
    if (!shown || shown->missing)
        return;
    const QString path = shown->path, hash = shown->hash;
    workspace_.jobs().start<std::vector<int>>(
        tr("Looking for repeated frames"), this,
        [path](JobControl& control) -> Result<std::vector<int>> {
            const auto reader = ClipReader::open(path.toStdString());
            if (!reader)
                return reader.error();
            return (*reader)->repeatedFrames([&control](double share) { return control.goOn(share); });
        },
        [this, hash](const Result<std::vector<int>>& result) {
            if (!result && result.error().kind == Error::Kind::Cancelled)
                return;
            repeats_[hash] = !result ? words::text(result.error().sentence())
                             : result->empty()
                                 ? tr("no repeated frames")
                                 : tr("%1 repeated frames, the first is %2").arg(result->size()).arg(result->front());
            showChecks();
        });
}

} // namespace riflesso
