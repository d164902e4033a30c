#include "app/mark/marks_table.h"

#include "app/page.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "core/tables/csv.h"
#include "report/words.h"

#include <QDialogButtonBox>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QSaveFile>
#include <QTableWidget>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <set>

namespace riflesso {
namespace {

using Means = ColumnMeaning::Kind;

Result<std::string> textOf(const QString& path) {
    QFile file(path);
    constexpr qint64 kMost = qint64(256) << 20;
    if (!file.open(QIODevice::ReadOnly))
        return badInput(path.toStdString(), "a table that can be read", file.errorString().toStdString());
    if (file.size() > kMost)
        return badInput(path.toStdString(), "a table of at most 256 MB", std::to_string(file.size()) + " bytes");
    return file.readAll().toStdString();
}

Result<void> write(const QString& path, const std::string& text) {
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly) || file.write(text.data(), static_cast<qint64>(text.size())) < 0 ||
        !file.commit())
        return fault(path.toStdString(), "cannot be written: " + file.errorString().toStdString());
    return {};
}

QString nameOf(const ColumnMeaning& meaning) {
    switch (meaning.kind) {
    case Means::None:
        return ColumnDialog::tr("left out");
    case Means::Trial:
        return ColumnDialog::tr("repetition");
    case Means::Frame:
        return ColumnDialog::tr("frame, from 0");
    case Means::TimeS:
        return ColumnDialog::tr("time in the clip, s");
    case Means::Landmark:
        return ColumnDialog::tr("name of the landmark");
    case Means::X:
        return ColumnDialog::tr("x, px");
    case Means::Y:
        return ColumnDialog::tr("y, px");
    case Means::Sigma:
        return ColumnDialog::tr("uncertainty, px");
    case Means::Event:
        return ColumnDialog::tr("key event");
    case Means::LandmarkX:
        return ColumnDialog::tr("%1: x, px").arg(words::text(inWords(meaning.landmark)));
    case Means::LandmarkY:
        return ColumnDialog::tr("%1: y, px").arg(words::text(inWords(meaning.landmark)));
    }
    return {};
}

/// Small letters and digits alone, so that "Left knee" finds left_knee.
QString bare(const QString& name) {
    QString out;
    for (const QChar c : name)
        if (c.isLetterOrNumber())
            out += c.toLower();
    return out;
}

} // namespace

ColumnDialog::ColumnDialog(const QString& file, const TablePreview& preview, const std::vector<std::string>& landmarks,
                           QWidget* parent)
    : QDialog(parent) {
    setWindowTitle(tr("What the columns of %1 mean").arg(QFileInfo(file).fileName()));
    resize(640, 480);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(
        label(tr("Guessed from the names of the columns; change what is wrong. Pixels count from the middle "
                 "of the top left pixel of the upright picture.")));
    for (const Means kind : {Means::None, Means::Trial, Means::Frame, Means::TimeS, Means::Landmark, Means::X, Means::Y,
                             Means::Sigma, Means::Event})
        all_.push_back({kind, {}});
    for (const std::string& name : landmarks)
        for (const Means kind : {Means::LandmarkX, Means::LandmarkY})
            all_.push_back({kind, name});
    auto* table = new QTableWidget(static_cast<int>(preview.columns.size()), 3);
    table->setObjectName(QStringLiteral("columns"));
    table->setHorizontalHeaderLabels({tr("Column"), tr("Its first cells"), tr("Means")});
    table->verticalHeader()->hide();
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setSelectionMode(QAbstractItemView::NoSelection);
    table->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
    table->setColumnWidth(0, 150);
    table->setColumnWidth(2, 210);
    const auto guessed = guessMeanings(preview.columns, landmarks);
    for (std::size_t c = 0; c < preview.columns.size(); ++c) {
        QStringList cells;
        for (const auto& row : preview.firstRows)
            if (c < row.size())
                cells << words::text(row[c]);
        const int row = static_cast<int>(c);
        table->setItem(row, 0, new QTableWidgetItem(words::text(preview.columns[c])));
        table->setItem(row, 1, new QTableWidgetItem(cells.join(QStringLiteral("   "))));
        auto* choice = new ChoiceBox;
        choice->setObjectName(QStringLiteral("meaning-%1").arg(row));
        choice->setAccessibleName(tr("Meaning of %1").arg(words::text(preview.columns[c])));
        for (const ColumnMeaning& meaning : all_)
            choice->addItem(nameOf(meaning));
        const auto at = std::find(all_.begin(), all_.end(), guessed[c]);
        choice->setCurrentIndex(at == all_.end() ? 0 : static_cast<int>(at - all_.begin()));
        connect(choice, &QComboBox::currentIndexChanged, this, &ColumnDialog::check);
        table->setCellWidget(row, 2, choice);
        choices_.push_back(choice);
    }
    table->resizeRowsToContents();
    layout->addWidget(table, 1);
    fault_ = label({});
    fault_->setObjectName(QStringLiteral("columnFault"));
    layout->addWidget(fault_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    take_ = buttons->addButton(tr("Bring in"), QDialogButtonBox::AcceptRole);
    take_->setObjectName(QStringLiteral("bringIn"));
    take_->setProperty("role", "main");
    layout->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    check();
}

std::vector<ColumnMeaning> ColumnDialog::meanings() const {
    std::vector<ColumnMeaning> out;
    for (const QComboBox* choice : choices_)
        out.push_back(all_[static_cast<std::size_t>(choice->currentIndex())]);
    return out;
}

void ColumnDialog::check() {
    if (!take_)
        return;
    const std::string fault = faultOf(meanings());
    fault_->setText(fault.empty() ? tr("Ready.") : tr("Not yet: %1.").arg(words::text(fault)));
    take_->setEnabled(fault.empty());
}

MarksTable::MarksTable(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    const auto button = [&](const QString& text, const char* name, const QString& tip) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setToolTip(tip);
        made->setFocusPolicy(Qt::TabFocus);
        made->setStyleSheet(QStringLiteral("padding: 4px 6px;"));
        layout->addWidget(made);
        return made;
    };
    QPushButton* out =
        button(tr("Export…"), "exportMarks", tr("Marks and key events of the set shown, as two CSV files."));
    QPushButton* in = button(tr("Import…"), "importMarks",
                             tr("Marks or key events from a CSV file, whatever its columns "
                                "are called."));
    layout->addStretch();
    connect(out, &QPushButton::clicked, this, [this] {
        auto* dialog = new QFileDialog(this, tr("Marks as a table"), {}, tr("Tables (*.csv)"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setAcceptMode(QFileDialog::AcceptSave);
        dialog->setDefaultSuffix(QStringLiteral("csv"));
        dialog->setOption(QFileDialog::DontUseNativeDialog);
        connect(dialog, &QFileDialog::fileSelected, this, &MarksTable::exportTo);
        dialog->open();
    });
    connect(in, &QPushButton::clicked, this, [this] {
        auto* dialog =
            new QFileDialog(this, tr("A table of marks or key events"), {}, tr("Tables (*.csv *.tsv *.txt)"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setFileMode(QFileDialog::ExistingFile);
        dialog->setOption(QFileDialog::DontUseNativeDialog);
        connect(dialog, &QFileDialog::fileSelected, this, &MarksTable::importFrom);
        dialog->open();
    });
}

std::vector<std::string> MarksTable::landmarks() const {
    std::set<std::string> out;
    for (const PointRef& ref : workspace_.data().pack.marked)
        if (ref.role.empty())
            out.insert(ref.part);
        else
            for (const Side side : {Side::Left, Side::Right})
                out.insert(std::string(toString(side)) + "_" + ref.part);
    return {out.begin(), out.end()};
}

void MarksTable::exportTo(const QString& file) {
    const CaseData& data = workspace_.data();
    std::vector<Trial> trials;
    for (const Trial& trial : trialsOf(data, workspace_.session(), workspace_.choice()))
        trials.push_back(toTrialAsFilmed(data, placeOf(data, repetitionId(trial.id))));
    const QFileInfo info(file);
    const QString events = info.dir().filePath(info.completeBaseName() + QStringLiteral("_events.csv"));
    for (const auto& [path, text] : {std::pair{file, landmarksCsv(trials)}, {events, eventsCsv(trials)}})
        if (const auto done = write(path, text); !done) {
            workspace_.say(words::text(done.error().sentence()), true);
            return;
        }
    workspace_.say(tr("Written: %1 and %2.").arg(info.fileName(), QFileInfo(events).fileName()));
}

void MarksTable::importFrom(const QString& file) {
    const auto text = textOf(file);
    const auto preview = text ? previewTable(*text, file.toStdString()) : Result<TablePreview>(text.error());
    if (!preview) {
        workspace_.say(words::text(preview.error().sentence()), true);
        return;
    }
    auto* dialog = new ColumnDialog(file, *preview, landmarks(), this);
    dialog->setObjectName(QStringLiteral("columnDialog"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog, file] { bringIn(file, dialog->meanings()); });
    dialog->open();
}

void MarksTable::bringIn(const QString& file, const std::vector<ColumnMeaning>& meanings) {
    const auto text = textOf(file);
    const auto entries =
        text ? readMapped(*text, file.toStdString(), meanings) : Result<std::vector<TableEntry>>(text.error());
    if (!entries) {
        workspace_.say(words::text(entries.error().sentence()), true);
        return;
    }
    const bool events =
        std::any_of(meanings.begin(), meanings.end(), [](const auto& m) { return m.kind == Means::Event; });
    const CaseData& data = workspace_.data();
    std::map<std::string, RepetitionPlace> places;
    for (const Trial& trial : trialsOf(data, workspace_.session(), workspace_.choice())) {
        const RepetitionPlace place = placeOf(data, repetitionId(trial.id));
        places.emplace(std::to_string(place.repetition->number), place);
    }
    for (const Trial& trial : trialsOf(data, workspace_.session(), workspace_.choice()))
        places.insert_or_assign(trial.id, placeOf(data, repetitionId(trial.id))); // an id goes before a number
    std::map<QString, std::string> known;
    for (const std::string& name : landmarks())
        known[bare(words::text(name))] = name;
    std::map<QString, std::string> knownEvents;
    for (const EventDef& event : data.pack.events) {
        knownEvents[bare(words::text(event.id))] = event.id;
        knownEvents.emplace(bare(words::text(event.title)), event.id);
    }
    std::size_t taken = 0, elsewhere = 0;
    std::set<QString> unknown;
    const auto done =
        workspace_.apply(tr("Import %1").arg(QFileInfo(file).fileName()), [&](Edit& edit) -> Result<void> {
            for (const TableEntry& entry : *entries) {
                const auto found = places.find(entry.trial);
                const RepetitionPlace place = entry.trial.empty()     ? workspace_.place()
                                              : found == places.end() ? RepetitionPlace()
                                                                      : found->second;
                const auto& names = events ? knownEvents : known;
                const auto name = names.find(bare(words::text(entry.what)));
                if (name == names.end()) {
                    unknown.insert(words::text(entry.what));
                    continue;
                }
                if (!place) {
                    ++elsewhere;
                    continue;
                }
                const double frame =
                    entry.frame ? *entry.frame : FrameTimes::ofClip(place.clip->timesS).frameOf(*entry.timeS);
                if (frame < place.repetition->from - 0.5 || frame > place.repetition->to + 0.5) {
                    ++elsewhere;
                    continue;
                }
                const int at = static_cast<int>(std::lround(frame));
                auto kept =
                    events ? edit.setEvent(place.repetition->id, name->second, {frame, {}, "imported"})
                           : edit.setMark(place.repetition->id, name->second, at,
                                          {entry.at, entry.sigmaPx.value_or(settings::markSigmaPx(place.clip->height)),
                                           "imported"});
                if (!kept)
                    return kept;
                ++taken;
            }
            return {};
        });
    if (!done)
        return;
    QString said = events ? tr("%1 brought in.").arg(words::counted(taken, tr("key event"), tr("key events")))
                          : tr("%1 brought in.").arg(words::counted(taken, tr("mark"), tr("marks")));
    if (elsewhere)
        said += tr(" %1 lie in no repetition of this set.").arg(elsewhere);
    if (!unknown.empty())
        said += tr(" Not known in this skill: %1.")
                    .arg(QStringList(unknown.begin(), unknown.end()).mid(0, 5).join(QStringLiteral(", ")));
    workspace_.say(said, taken == 0);
}

} // namespace riflesso
