#include "app/film/section_panel.h"

#include "app/film/clip_check_box.h"
#include "app/film/clip_keeping.h"
#include "app/film/length_bar.h"
#include "app/film/noted_box.h"
#include "app/film/same_movement_box.h"
#include "app/film/section_picture.h"
#include "app/film/spoken_notes_box.h"
#include "app/page.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QDoubleSpinBox>
#include <QDoubleValidator>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {
constexpr double kSameScale = 5e-7; ///< metres a pixel: below what the field shows
}

SectionPanel::SectionPanel(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    setFixedWidth(276);
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    auto* inner = new QWidget;
    outer->addWidget(scrolled(inner));
    auto* layout = new QVBoxLayout(inner);
    layout->setContentsMargins(14, 10, 14, 10);
    layout->setSpacing(6);
    auto* head = new QHBoxLayout;
    heading_ = label(tr("THIS SECTION"), theme::kHeading);
    split_ = new QPushButton(tr("Split here (S)"));
    split_->setObjectName(QStringLiteral("splitHere"));
    split_->setToolTip(tr("Another take begins at this frame: it gets its own view, conditions and slow motion."));
    join_ = new QPushButton(tr("Join"));
    join_->setObjectName(QStringLiteral("joinSections"));
    join_->setToolTip(tr("Makes one section of this and the one before; what is said of that one holds."));
    head->addWidget(heading_, 1);
    for (QPushButton* button : {join_, split_}) {
        button->setFocusPolicy(Qt::TabFocus);
        button->setStyleSheet(QStringLiteral("padding: 2px 8px;"));
        head->addWidget(button);
    }
    layout->addLayout(head);
    connect(split_, &QPushButton::clicked, this, [this] { splitAt(frame_); });
    connect(join_, &QPushButton::clicked, this, &SectionPanel::joinWithBefore);
    layout->addLayout(buildForm());
    picture_ = new SectionPicture(workspace, this);
    layout->addWidget(picture_);
    layout->addSpacing(6);
    layout->addWidget(label(tr("REPETITION"), theme::kHeading));
    repetitionText_ = label({});
    repetitionText_->setObjectName(QStringLiteral("repetitionText"));
    layout->addWidget(repetitionText_);
    results_ = new QGridLayout;
    layout->addLayout(results_);
    auto* numbered = new QHBoxLayout;
    numberText_ = label({});
    number_ = new QLineEdit;
    number_->setObjectName(QStringLiteral("resultNumber"));
    number_->setFixedWidth(84);
    number_->setAlignment(Qt::AlignRight);
    auto* validator = new QDoubleValidator(number_);
    validator->setNotation(QDoubleValidator::StandardNotation);
    number_->setValidator(validator);
    numbered->addWidget(numberText_, 1);
    numbered->addWidget(number_);
    layout->addLayout(numbered);
    connect(number_, &QLineEdit::editingFinished, this, [this] {
        bool isNumber = false; // typed in the chosen language, kept with a decimal point
        const double value = QLocale().toDouble(number_->text().trimmed(), &isNumber);
        if (isNumber || number_->text().trimmed().isEmpty())
            keepResult(isNumber ? QString::number(value, 'g', 12) : QString());
    });
    variant_ = new QPushButton;
    variant_->setObjectName(QStringLiteral("variant"));
    variant_->setFocusPolicy(Qt::TabFocus);
    variant_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed); // a long title does not widen the panel
    layout->addWidget(variant_);
    connect(variant_, &QPushButton::clicked, this, &SectionPanel::nextVariant);
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
    noted_ = new NotedBox(workspace, this);
    layout->addWidget(noted_);
    otherCamera_ = new SameMovementBox(workspace, this);
    layout->addWidget(otherCamera_);
    remove_ = new QPushButton(tr("Remove this repetition"));
    remove_->setObjectName(QStringLiteral("removeRepetition"));
    remove_->setFocusPolicy(Qt::TabFocus);
    layout->addWidget(remove_, 0, Qt::AlignLeft);
    connect(remove_, &QPushButton::clicked, this, &SectionPanel::removeRepetition);
    layout->addSpacing(6);
    checks_ = new ClipCheckBox(workspace, this);
    layout->addWidget(checks_);
    connect(checks_, &ClipCheckBox::cutsFound, this, &SectionPanel::cutsFound);
    layout->addSpacing(6);
    spoken_ = new SpokenNotesBox(workspace, this);
    layout->addWidget(spoken_);
    connect(spoken_, &SpokenNotesBox::frameAsked, this, &SectionPanel::frameAsked);
    layout->addSpacing(6);
    keeping_ = new ClipKeeping(workspace, this);
    layout->addWidget(keeping_);
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

void SectionPanel::show(const Clip* clip, const Section* section, int frame) {
    frame_ = frame;
    clip_ = clip ? clip->id : ClipId{};
    section_ = section ? section->id : SectionId{};
    const bool before = std::exchange(filling_, true);
    showForm(section);
    showRepetition();
    noted_->show(section, repetition());
    picture_->show(clip, section);
    checks_->show(clip, section);
    spoken_->show(clip);
    keeping_->show(clip);
    filling_ = before;
}

QFormLayout* SectionPanel::buildForm() {
    auto* form = new QFormLayout;
    form->setVerticalSpacing(6);
    const auto combo = [&](const QString& name, const char* object) {
        auto* box = new ChoiceBox;
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        form->addRow(name, box);
        connect(box, &QComboBox::activated, this, &SectionPanel::save);
        return box;
    };
    view_ = combo(tr("View"), "view");
    for (View view : {View::Side, View::Front, View::Rear, View::Top})
        view_->addItem(words::viewName(view), static_cast<int>(view));
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
    lengths_ = new QPushButton(tr("Known length (L)"));
    lengths_->setObjectName(QStringLiteral("knownLength"));
    lengths_->setToolTip(tr("Click both ends of something of known length on the picture: the scale follows."));
    lengths_->setFocusPolicy(Qt::TabFocus);
    connect(lengths_, &QPushButton::clicked, this, &SectionPanel::lengthAsked);
    form->addRow(QString(), lengths_);
    scaleText_ = label({}, theme::kQuiet);
    scaleText_->setObjectName(QStringLiteral("scaleText"));
    form->addRow(scaleText_);
    bearing_ = new QDoubleSpinBox;
    bearing_->setObjectName(QStringLiteral("bearing"));
    constexpr double kNotKnown = -1, kMost = 89;
    bearing_->setRange(kNotKnown, kMost);
    bearing_->setDecimals(0);
    bearing_->setSpecialValueText(tr("assumed square on"));
    bearing_->setSuffix(QStringLiteral("°"));
    bearing_->setToolTip(
        tr("How far the camera stands off square to the movement. What is seen is corrected for it, with a wider ±; "
           "beyond %1° nothing is measured. Until somebody says it, every ± allows for %2°.")
            .arg(kMostObliqueDeg)
            .arg(2 * kAssumedSquareUDeg));
    form->addRow(tr("Camera off by"), bearing_);
    squareOn_ = new QPushButton(tr("It stood square on"));
    squareOn_->setObjectName(QStringLiteral("squareOn"));
    squareOn_->setToolTip(tr("Within some 5°: the numbers of this section allow for no more."));
    squareOn_->setFocusPolicy(Qt::TabFocus);
    connect(squareOn_, &QPushButton::clicked, this, [this] {
        bearing_->setValue(0);
        save();
    });
    form->addRow(QString(), squareOn_);
    const auto metres = [&](const QString& title, const char* name, const QString& tip) {
        auto* box = new QDoubleSpinBox;
        box->setObjectName(QLatin1String(name));
        box->setRange(0, kMostCameraM);
        box->setDecimals(1);
        box->setSingleStep(0.1);
        box->setSpecialValueText(tr("not said"));
        box->setSuffix(tr(" m"));
        box->setToolTip(tip);
        connect(box, &QDoubleSpinBox::editingFinished, this, &SectionPanel::save);
        form->addRow(title, box);
        return box;
    };
    cameraHeight_ = metres(tr("Camera height"), "cameraHeight",
                           tr("Of the lens above the floor. A retest from another height says so."));
    cameraDistance_ = metres(tr("Distance"), "cameraDistance",
                             tr("Of the lens from the plane of movement. A retest from elsewhere says so."));
    handedness_ = combo(tr("Hand"), "sectionHand");
    handedness_->addItems({tr("the athlete's"), tr("left"), tr("right")});
    performer_ = new QLineEdit;
    performer_->setObjectName(QStringLiteral("performer"));
    performer_->setPlaceholderText(tr("the athlete"));
    form->addRow(tr("Who"), performer_);
    connect(slowMotion_, &QDoubleSpinBox::editingFinished, this, &SectionPanel::save);
    connect(scale_, &QDoubleSpinBox::editingFinished, this, &SectionPanel::save);
    connect(bearing_, &QDoubleSpinBox::editingFinished, this, &SectionPanel::save);
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
    workspace_.apply(tr("Result of repetition %1: %2").arg(shown->number).arg(words::kept(value)),
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

void SectionPanel::nextVariant() {
    const Repetition* shown = repetition();
    const auto& variants = workspace_.data().pack.variants;
    if (!shown || variants.size() < 2)
        return;
    const auto now =
        std::find_if(variants.begin(), variants.end(), [&](const auto& v) { return v.id == shown->variant; });
    const auto& next = now == variants.end() || std::next(now) == variants.end() ? variants.front() : *std::next(now);
    const RepetitionId id = shown->id;
    const std::string variant = next.id;
    workspace_.apply(tr("Repetition %1: %2").arg(shown->number).arg(words::text(next.title)),
                     [id, variant](Edit& edit) { return edit.setVariant(id, variant); });
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
    const double entered = scale_->value() / 1000;
    if (std::abs(entered - part->metresPerPixel.value_or(0)) >= kSameScale) {
        changed.metresPerPixel = entered > 0 ? std::optional(entered) : std::nullopt;
        changed.knownLengths.clear(); // entered by hand: the lengths no longer say where it comes from
        changed.scaleRelativeU = 0;
    }
    changed.bearingDeg = bearing_->value() < 0 ? std::nullopt : std::optional(bearing_->value());
    const auto said = [](const QDoubleSpinBox* box) {
        return box->value() > 0 ? std::optional(box->value()) : std::nullopt;
    };
    changed.cameraHeightM = said(cameraHeight_);
    changed.cameraDistanceM = said(cameraDistance_);
    const auto alike = [](std::optional<double> a, std::optional<double> b) {
        constexpr double kShown = .05;
        return a.has_value() == b.has_value() && std::abs(a.value_or(0) - b.value_or(0)) < kShown;
    };
    changed.handedness = handedness_->currentIndex() == 0
                             ? std::nullopt
                             : std::optional(handedness_->currentIndex() == 1 ? Side::Left : Side::Right);
    changed.performer = performer_->text().trimmed();
    const bool same = changed.view == part->view && changed.facing == part->facing && changed.stress == part->stress &&
                      std::abs(changed.slowMotion - part->slowMotion) < 5e-4 &&
                      changed.handedness == part->handedness && changed.performer == part->performer &&
                      alike(changed.cameraHeightM, part->cameraHeightM) &&
                      alike(changed.cameraDistanceM, part->cameraDistanceM) &&
                      std::abs(changed.bearingDeg.value_or(-1) - part->bearingDeg.value_or(-1)) < .5 &&
                      std::abs(changed.metresPerPixel.value_or(0) - part->metresPerPixel.value_or(0)) < kSameScale;
    if (!same)
        workspace_.apply(tr("Change the section"), [changed](Edit& edit) { return edit.setSection(changed); });
}

void SectionPanel::showForm(const Section* part) {
    for (QWidget* control :
         std::initializer_list<QWidget*>{view_, facing_, stress_, slowMotion_, scale_, lengths_, bearing_,
                                         cameraHeight_, cameraDistance_, handedness_, performer_, split_})
        control->setEnabled(part != nullptr);
    const Clip* shown = clip();
    const Section* before = sectionBefore();
    join_->setVisible(before != nullptr);
    heading_->setText(
        shown && part && shown->sections.size() > 1
            ? tr("SECTION %1 OF %2").arg(std::distance(shown->sections.data(), part) + 1).arg(shown->sections.size())
            : tr("THIS SECTION"));
    const QString words = part && shown ? scaleWords(part->knownLengths, shown->height) : QString();
    scaleText_->setText(words);
    scaleText_->setVisible(!words.isEmpty());
    squareOn_->setVisible(part && !part->bearingDeg);
    if (!part) {
        slowMotion_->setValue(1);
        return;
    }
    view_->setCurrentIndex(static_cast<int>(part->view));
    facing_->setCurrentIndex(part->facing == Side::Left ? 0 : 1);
    stress_->setCurrentIndex(static_cast<int>(part->stress));
    slowMotion_->setValue(part->slowMotion);
    scale_->setValue(1000 * part->metresPerPixel.value_or(0));
    bearing_->setValue(part->bearingDeg.value_or(-1));
    cameraHeight_->setValue(part->cameraHeightM.value_or(0));
    cameraDistance_->setValue(part->cameraDistanceM.value_or(0));
    handedness_->setCurrentIndex(!part->handedness ? 0 : *part->handedness == Side::Left ? 1 : 2);
    performer_->setText(part->performer);
}

const Section* SectionPanel::sectionBefore() const {
    const Clip* shown = clip();
    const Section* part = section();
    if (shown && part)
        for (const Section& other : shown->sections)
            if (other.to + 1 == part->from)
                return &other;
    return nullptr;
}

void SectionPanel::splitAt(int frame) {
    const Section* part = section();
    if (!part)
        return;
    workspace_.apply(tr("Split the section at frame %1").arg(frame), [part, frame](Edit& edit) -> Result<void> {
        const auto made = edit.splitSection(*part, frame);
        return made ? Result<void>() : made.error();
    });
}

void SectionPanel::joinWithBefore() {
    const Section *part = section(), *before = sectionBefore();
    if (part && before)
        workspace_.apply(tr("Join two sections"),
                         [part, before](Edit& edit) { return edit.joinSections(*before, *part); });
}

void SectionPanel::addLength(KnownLength length) {
    const Section* part = section();
    const Clip* shown = clip();
    if (!part || !shown)
        return;
    Section changed = *part;
    length.uM = kTapeUM;
    changed.knownLengths.push_back(length);
    keepLengths(changed, tr("Known length of %1 m").arg(words::figures(length.metres, 4)));
}

void SectionPanel::forgetLengths() {
    if (const Section* part = section()) {
        Section changed = *part;
        changed.knownLengths.clear();
        keepLengths(changed, tr("Forget the known lengths"));
    }
}

void SectionPanel::keepLengths(Section changed, const QString& name) {
    const auto scale = scaleFrom(changed.knownLengths, settings::markSigmaPx(clip()->height));
    changed.metresPerPixel = scale ? std::optional(scale->metresPerPixel) : std::nullopt;
    changed.scaleRelativeU = scale ? scale->relativeU : 0;
    changed.repetitions.clear();
    workspace_.apply(name, [changed](Edit& edit) { return edit.setSection(changed); });
}

void SectionPanel::showRepetition() {
    const Repetition* shown = repetition();
    otherCamera_->show(shown ? workspace_.place() : RepetitionPlace());
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
        const QString stored = shown ? words::text(shown->result) : QString();
        bool isNumber = false;
        const double value = stored.toDouble(&isNumber);
        number_->setText(isNumber ? QLocale().toString(value, 'g', 12) : stored);
    }
    remove_->setEnabled(shown != nullptr);
    const auto& variants = workspace_.data().pack.variants;
    variant_->setVisible(variants.size() > 1);
    variant_->setEnabled(shown != nullptr);
    if (variants.size() > 1) {
        const auto now = std::find_if(variants.begin(), variants.end(),
                                      [&](const auto& v) { return shown && v.id == shown->variant; });
        const QString title = now == variants.end() ? QString() : words::text(now->title);
        constexpr qsizetype kLetters = 30; // that fit; the whole title stands in the tip
        variant_->setText(title.isEmpty()            ? tr("T Which variant?")
                          : title.size() <= kLetters ? tr("T %1").arg(title)
                                                     : tr("T %1…").arg(title.left(kLetters - 1)));
        QStringList all;
        for (const auto& variant : variants)
            all << QStringLiteral("%1: %2").arg(words::text(variant.title), words::text(variant.fitsWhen));
        variant_->setToolTip(all.join(QStringLiteral("\n")));
    }
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
            auto* button = new QPushButton(QStringLiteral("%1 %2").arg(i + 1).arg(words::kept(values[i])));
            button->setObjectName(QStringLiteral("result-%1").arg(i + 1));
            button->setCheckable(true);
            button->setFocusPolicy(Qt::TabFocus);
            connect(button, &QPushButton::clicked, this, [this, i] { setResult(static_cast<int>(i)); });
            // Three short ones in a row; more, or longer ones, in two columns.
            const bool isWide =
                values.size() > 3 || std::any_of(values.begin(), values.end(), [this](const auto& value) {
                    constexpr int kRoom = 46; // pixels in a third of the panel
                    return fontMetrics().horizontalAdvance(words::kept(value)) > kRoom;
                });
            const int columns = isWide ? 2 : 3;
            results_->addWidget(button, static_cast<int>(i) / columns, static_cast<int>(i) % columns);
        }
    }
    for (std::size_t i = 0; i < values.size(); ++i) {
        auto* button = static_cast<QPushButton*>(results_->itemAt(static_cast<int>(i))->widget());
        button->setEnabled(shown != nullptr);
        button->setChecked(shown && shown->result == values[i]);
    }
}

} // namespace riflesso
