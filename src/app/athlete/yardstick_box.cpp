#include "app/athlete/yardstick_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "core/pack/pack_reader.h"
#include "core/tables/model_file.h"
#include "report/words.h"

#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <set>

namespace riflesso {
namespace {

/// Values of a `for` key that the pack's ranges and ladders name.
std::set<std::string> valuesOf(const Pack& pack, const std::string& key) {
    std::set<std::string> out;
    const auto add = [&](const ForWhom& forWhom) {
        if (const auto value = forWhom.find(key); value != forWhom.end())
            out.insert(value->second);
    };
    for (const RangeDef& range : pack.ranges)
        add(range.forWhom);
    for (const VariantDef& variant : pack.variants)
        for (const RangeDef& range : variant.ranges)
            add(range.forWhom);
    for (const LadderDef& ladder : pack.ladders)
        add(ladder.forWhom);
    return out;
}

std::string& of(Yardstick& yardstick, const std::string& key) {
    return key == "level" ? yardstick.level : key == "age" ? yardstick.age : yardstick.format;
}

} // namespace

YardstickBox::YardstickBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("HELD AGAINST"), theme::kHeading));
    form_ = new QFormLayout;
    form_->setVerticalSpacing(6);
    layout->addLayout(form_);
    const std::pair<const char*, QString> keys[] = {
        {"level", tr("Ranges for level")}, {"age", tr("Ranges for age")}, {"format", tr("Ranges for format")}};
    for (const auto& [key, name] : keys) {
        auto* box = new ChoiceBox;
        box->setObjectName(QStringLiteral("for-%1").arg(QLatin1String(key)));
        box->setAccessibleName(name);
        form_->addRow(name, box);
        choices_.push_back({key, box});
        connect(box, &QComboBox::activated, this, [this, box, key = std::string(key)] {
            Yardstick changed = workspace_.data().yardstick;
            of(changed, key) = box->currentData().toString().toStdString();
            keep(changed, tr("Ranges for this athlete"));
        });
    }
    none_ = label(tr("The pack has one set of ranges for everybody."), theme::kQuiet);
    layout->addWidget(none_);
    file_ = label({}, theme::kQuiet);
    file_->setObjectName(QStringLiteral("modelFile"));
    layout->addWidget(file_);
    auto* row = new QHBoxLayout;
    choose_ = new QPushButton(tr("Model or ranges of a file…"));
    choose_->setObjectName(QStringLiteral("chooseModelFile"));
    choose_->setToolTip(
        tr("A model that the command line wrote (model), or ranges in the form of a skill pack's own."));
    remove_ = new QPushButton(tr("Without it"));
    remove_->setObjectName(QStringLiteral("removeModelFile"));
    row->addWidget(choose_);
    row->addWidget(remove_);
    row->addStretch();
    layout->addLayout(row);
    connect(choose_, &QPushButton::clicked, this, &YardstickBox::chooseFile);
    connect(remove_, &QPushButton::clicked, this, [this] {
        Yardstick changed = workspace_.data().yardstick;
        changed.modelName.clear();
        changed.modelFile.clear();
        keep(changed, tr("Without a model of a file"));
    });
}

void YardstickBox::refresh() {
    if (!workspace_.hasCase())
        return;
    const CaseData& data = workspace_.data();
    Yardstick yardstick = data.yardstick;
    bool any = false;
    for (const Choice& choice : choices_) {
        const std::set<std::string> values = valuesOf(data.pack, choice.key);
        const std::string& now = of(yardstick, choice.key);
        choice.box->clear();
        choice.box->addItem(tr("the general ones"), QString());
        for (const std::string& value : values)
            choice.box->addItem(words::kept(value), words::text(value));
        choice.box->setCurrentIndex(std::max(0, choice.box->findData(words::text(now))));
        form_->setRowVisible(choice.box, !values.empty());
        any = any || !values.empty();
    }
    none_->setVisible(!any);
    const bool file = !yardstick.modelFile.isEmpty();
    file_->setText(file ? tr("Of a file: <b>%1</b>").arg(yardstick.modelName.toHtmlEscaped()) : QString());
    file_->setVisible(file);
    remove_->setVisible(file);
}

void YardstickBox::chooseFile() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("A model, or ranges, of a file"), {}, tr("Models and ranges (*.json)"));
    if (!path.isEmpty())
        takeFile(path);
}

void YardstickBox::takeFile(const QString& path) {
    constexpr qint64 kMostBytes = qint64(8) << 20;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly) || file.size() > kMostBytes) {
        workspace_.say(tr("%1 cannot be read, or is larger than 8 MiB.").arg(path), true);
        return;
    }
    const std::string text = file.readAll().toStdString(), name = QFileInfo(path).fileName().toStdString();
    const Pack& pack = workspace_.data().pack;
    std::optional<Error> error;
    QString title = QFileInfo(path).fileName();
    if (isModelFile(text)) {
        const auto model = readModelFile(text, name, pack);
        if (!model)
            error = model.error();
        else if (!model->title.empty())
            title = QStringLiteral("%1 (%2)").arg(words::text(model->title), title);
    } else if (const auto ranges = readModelRanges(text, name, pack); !ranges) {
        error = ranges.error();
    }
    if (error) {
        workspace_.say(words::text(error->sentence()), true);
        return;
    }
    Yardstick changed = workspace_.data().yardstick;
    changed.modelName = title;
    changed.modelFile = QString::fromStdString(text);
    keep(changed, tr("A model, or ranges, of a file"));
}

void YardstickBox::keep(const Yardstick& yardstick, const QString& name) {
    const CaseId id = workspace_.data().id;
    if (!(yardstick == workspace_.data().yardstick))
        workspace_.apply(name, [id, yardstick](Edit& edit) { return edit.setYardstick(id, yardstick); });
}

} // namespace riflesso
