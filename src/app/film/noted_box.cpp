#include "app/film/noted_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QCheckBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>

namespace riflesso {
namespace {

QString objectFor(const char* what, const std::string& id) {
    return QStringLiteral("%1-%2").arg(QLatin1String(what), words::text(id));
}

} // namespace

NotedBox::NotedBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    form_ = new QFormLayout;
    form_->setVerticalSpacing(6);
    layout->addLayout(form_);
    best_ = new QCheckBox(tr("One of the athlete's best"));
    best_->setObjectName(QStringLiteral("ownBest"));
    best_->setToolTip(tr("The yardstick of the others in this session, and left out of the set."));
    best_->setFocusPolicy(Qt::TabFocus);
    layout->addWidget(best_);
    connect(best_, &QCheckBox::clicked, this, [this](bool on) {
        const RepetitionId id = repetition_;
        workspace_.apply(on ? tr("One of the athlete's best") : tr("No longer one of the best"),
                         [=](Edit& edit) { return edit.setBest(id, on); });
    });
}

void NotedBox::build(const Pack& pack) {
    const std::string now = pack.id + " " + pack.edition;
    if (now == builtFor_)
        return;
    builtFor_ = now;
    while (form_->rowCount() > 0)
        form_->removeRow(0);
    const auto addRow = [this](const QString& name, QWidget* field) {
        constexpr int kBeside = 14; // letters that leave the field its width
        if (name.size() <= kBeside) {
            form_->addRow(name, field);
            return;
        }
        auto* above = new QLabel(name);
        above->setWordWrap(true);
        above->setBuddy(field);
        form_->addRow(above);
        form_->addRow(field);
    };
    const auto choice = [&](const QString& name, const QString& object, const std::vector<std::string>& values) {
        auto* box = new ChoiceBox;
        box->setObjectName(object);
        box->setAccessibleName(name);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        constexpr int kWide = 9; // letters: "not noted"
        box->setMinimumContentsLength(kWide);
        box->addItem(tr("not noted"), QString());
        for (const std::string& value : values)
            box->addItem(words::kept(value), words::text(value));
        addRow(name, box);
        return box;
    };
    for (const auto& [id, values] : pack.conditions) {
        QString name = words::kept(id);
        name.replace(0, 1, name.left(1).toUpper());
        ChoiceBox* box = choice(name, objectFor("condition", id), values);
        connect(box, &QComboBox::activated, this,
                [this, box, id = id] { keepCondition(id, box->currentData().toString().toStdString()); });
    }
    for (std::size_t i = 1; i < pack.results.size(); ++i) { // the first is asked for above
        const ResultDef& def = pack.results[i];
        const QString object = objectFor("result", def.id), name = words::text(def.title);
        if (def.type == ResultType::Choice || !def.values.empty()) {
            ChoiceBox* box = choice(name, object, def.values);
            connect(box, &QComboBox::activated, this,
                    [this, box, id = def.id] { keepResult(id, box->currentData().toString().toStdString()); });
            continue;
        }
        auto* edit = new QLineEdit;
        edit->setObjectName(object);
        edit->setAccessibleName(name);
        edit->setPlaceholderText(words::text(def.unit));
        addRow(def.unit.empty() ? name : QStringLiteral("%1, %2").arg(name, words::text(def.unit)), edit);
        connect(edit, &QLineEdit::editingFinished, this, [this, edit, id = def.id] {
            bool isNumber = false; // typed in the chosen language, kept with a decimal point
            const double value = QLocale().toDouble(edit->text().trimmed(), &isNumber);
            if (isNumber || edit->text().trimmed().isEmpty())
                keepResult(id, isNumber ? QString::number(value, 'g', 12).toStdString() : std::string());
        });
    }
}

void NotedBox::show(const Section* section, const Repetition* repetition) {
    if (!workspace_.hasCase())
        return;
    const Pack& pack = workspace_.data().pack;
    build(pack);
    section_ = section ? section->id : SectionId{};
    repetition_ = repetition ? repetition->id : RepetitionId{};
    const auto fill = [this](const QString& object, bool enabled, const std::string& value) {
        if (auto* box = findChild<QComboBox*>(object)) {
            box->setEnabled(enabled);
            box->setCurrentIndex(std::max(0, box->findData(words::text(value))));
        } else if (auto* edit = findChild<QLineEdit*>(object)) {
            edit->setEnabled(enabled);
            bool isNumber = false;
            const double number = words::text(value).toDouble(&isNumber);
            edit->setText(isNumber ? QLocale().toString(number, 'g', 12) : words::text(value));
        }
    };
    const auto valueIn = [](const std::map<std::string, std::string>& from, const std::string& id) {
        const auto known = from.find(id);
        return known == from.end() ? std::string() : known->second;
    };
    for (const auto& [id, values] : pack.conditions)
        fill(objectFor("condition", id), section != nullptr,
             section ? valueIn(section->conditions, id) : std::string());
    for (std::size_t i = 1; i < pack.results.size(); ++i)
        fill(objectFor("result", pack.results[i].id), repetition != nullptr,
             repetition ? valueIn(repetition->moreResults, pack.results[i].id) : std::string());
    best_->setEnabled(repetition != nullptr);
    best_->setChecked(repetition && repetition->best);
}

void NotedBox::keepCondition(const std::string& id, const std::string& value) {
    for (const Session& session : workspace_.data().sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections) {
                if (section.id != section_)
                    continue;
                Section changed = section;
                changed.repetitions.clear();
                if (value.empty())
                    changed.conditions.erase(id);
                else
                    changed.conditions[id] = value;
                if (changed.conditions != section.conditions)
                    workspace_.apply(tr("Condition of the section"),
                                     [changed](Edit& edit) { return edit.setSection(changed); });
                return;
            }
}

void NotedBox::keepResult(const std::string& id, const std::string& value) {
    const Repetition* shown = workspace_.data().repetition(repetition_);
    if (!shown)
        return;
    auto results = shown->moreResults;
    if (value.empty())
        results.erase(id);
    else
        results[id] = value;
    const RepetitionId of = repetition_;
    if (results != shown->moreResults)
        workspace_.apply(tr("Result of repetition %1: %2").arg(shown->number).arg(words::kept(value)),
                         [of, results](Edit& edit) { return edit.setMoreResults(of, results); });
}

} // namespace riflesso
