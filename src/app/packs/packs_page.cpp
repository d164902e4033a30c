#include "app/packs/packs_page.h"

#include "app/packs/moving_figure.h"
#include "app/packs/shipped_packs.h"
#include "app/theme.h"
#include "app/widgets/ask_bar.h"
#include "app/widgets/player.h"
#include "app/widgets/wrapping_row.h"
#include "app/workshop/skill_desk.h"
#include "app/workshop/workshop.h"
#include "core/pack/pack_diff.h"
#include "core/pack/pack_reader.h"
#include "report/words.h"
#include "work/skill_of_case.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QHeaderView>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QStyledItemDelegate>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

/// Rows as high as their words need in the columns' widths; by itself a tree asks for one line.
class WrappedRow : public QStyledItemDelegate {
public:
    explicit WrappedRow(QTreeWidget* tree) : QStyledItemDelegate(tree), tree_(tree) {}
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        int width = tree_->columnWidth(index.column());
        if (index.column() == 0)
            for (QModelIndex at = index; at.isValid(); at = at.parent()) // the room of the branches
                width -= tree_->indentation();
        constexpr int kHigh = 10000;
        QStyleOptionViewItem inside = option;
        inside.rect = QRect(0, 0, std::max(1, width), kHigh);
        return QStyledItemDelegate::sizeHint(inside, index);
    }

private:
    QTreeWidget* tree_;
};

} // namespace

PacksPage::PacksPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    auto* top = new QHBoxLayout;
    about_ = label({});
    figure_ = new MovingFigure;
    figure_->setObjectName(QStringLiteral("skillFigure"));
    top->addWidget(about_, 1, Qt::AlignTop);
    auto* moving = new QVBoxLayout;
    moving->setSpacing(4);
    moving->addWidget(figure_);
    speed_ = speedChooser("figureSpeed");
    constexpr double kTenth = .1;
    speed_->addItem(tr("a tenth of the speed"), kTenth);
    moving->addWidget(speed_);
    top->addLayout(moving);
    connect(speed_, &QComboBox::activated, this, [this](int) { figure_->setSpeed(speed_->currentData().toDouble()); });
    layout->addLayout(top);
    auto* bar = new WrappingRow;
    const auto choice = [&](const char* name, const QString& text) {
        auto* button = new QPushButton(text);
        button->setObjectName(QLatin1String(name));
        button->setCheckable(true);
        button->setAutoExclusive(true);
        bar->addWidget(button);
        connect(button, &QPushButton::clicked, this, &PacksPage::showChosen);
        return button;
    };
    content_ = choice("packContent", tr("What is in it"));
    onePage_ = choice("packSheet", tr("Sheet, one page"));
    wholeSheet_ = choice("packWholeSheet", tr("Sheet, all of it"));
    inWorkshop_ = choice("packWorkshop", tr("Workshop: a skill of one's own"));
    content_->setChecked(true);
    pictures_ = new QCheckBox(tr("with pictures of the model, head covered"));
    pictures_->setObjectName(QStringLiteral("sheetPictures"));
    connect(pictures_, &QCheckBox::toggled, this, &PacksPage::showChosen);
    print_ = new QPushButton(tr("Print the sheet"));
    print_->setObjectName(QStringLiteral("printSheet"));
    connect(print_, &QPushButton::clicked, this, &PacksPage::printSheet);
    bar->addWidget(print_);
    bar->addWidget(pictures_);
    layout->addLayout(bar);
    ask_ = new AskBar(QStringLiteral("strangeSkill"), this);
    layout->addWidget(ask_);
    tree_ = new QTreeWidget;
    tree_->setObjectName(QStringLiteral("packTree"));
    tree_->setAccessibleName(tr("The pack: events, measures, faults, drills"));
    tree_->setHeaderLabels({tr("What"), tr("How"), tr("Reference and source")});
    tree_->setWordWrap(true);
    tree_->setUniformRowHeights(false);
    tree_->header()->setSectionResizeMode(0, QHeaderView::Interactive);
    tree_->header()->setSectionResizeMode(1, QHeaderView::Stretch);
    tree_->header()->setStretchLastSection(false);
    tree_->setItemDelegate(new WrappedRow(tree_));
    connect(
        tree_->header(), &QHeaderView::sectionResized, tree_, [this] { tree_->doItemsLayout(); }, Qt::QueuedConnection);
    auto* inner = new QWidget;
    pages_ = new QVBoxLayout(inner);
    pages_->setContentsMargins(24, 8, 24, 16);
    pages_->setSpacing(14);
    sheet_ = scrolled(inner);
    stack_ = new QStackedWidget;
    stack_->addWidget(tree_);
    stack_->addWidget(sheet_);
    workshop_ = new Workshop(workspace, this);
    stack_->addWidget(workshop_);
    connect(workshop_, &Workshop::headlineChanged, this, &Page::headlineChanged);
    connect(workshop_, &Workshop::fileChosen, this, &PacksPage::offerFile);
    layout->addWidget(stack_, 1);
    showChosen();
}

void PacksPage::forget() {
    shown_.clear();
    clearLayout(pages_);
    ask_->drop();
    workshop_->forget();
}

std::vector<PageKey> PacksPage::keyTable() {
    std::vector<PageKey> out;
    if (inWorkshop_->isChecked())
        out = workshop_->keyTable();
    for (PageKey& row : undoRow(workspace()))
        out.push_back(std::move(row));
    return out;
}

void PacksPage::offerFile(const QString& path) {
    show(QStringLiteral("workshop"));
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        workspace().say(tr("%1: %2").arg(path, file.errorString()), true);
        return;
    }
    const QByteArray text = file.read(static_cast<qint64>(kMaxPackBytes) + 1);
    const PackReading reading = readPack({text.constData(), static_cast<std::size_t>(text.size())});
    const QString name = QFileInfo(path).fileName();
    if (reading.pack.title.empty() || reading.pack.id.empty()) {
        const JsonFault fault =
            reading.faults.empty() ? JsonFault{"$", "a skill", "something else"} : reading.faults[0];
        workspace().say(tr("%1 is no skill: %2: expected %3, got %4")
                            .arg(name, words::text(fault.path), words::text(fault.expected), words::text(fault.got)),
                        true);
        return;
    }
    const Pack& pack = reading.pack;
    const QString what = tr("<b>%1</b>, edition %2: %3, %4, %5, %6.")
                             .arg(words::text(pack.title).toHtmlEscaped(), words::text(pack.edition).toHtmlEscaped(),
                                  words::counted(pack.events.size(), tr("position"), tr("positions")),
                                  words::counted(pack.measures.size(), tr("measure"), tr("measures")),
                                  words::counted(pack.faults.size(), tr("fault"), tr("faults")),
                                  words::counted(pack.drills.size(), tr("drill"), tr("drills")));
    const QString wrong =
        reading.faults.empty()
            ? QString()
            : QLatin1Char(' ') + tr("It has %1; the first: %2: expected %3, got %4. It can be mended here.")
                                     .arg(words::counted(reading.faults.size(), tr("fault"), tr("faults")),
                                          words::text(reading.faults[0].path).toHtmlEscaped(),
                                          words::text(reading.faults[0].expected).toHtmlEscaped(),
                                          words::text(reading.faults[0].got).left(80).toHtmlEscaped());
    constexpr qsizetype kAbout = 300;
    ask_->ask(QStringLiteral("%1 %2%3").arg(what, words::text(pack.about).left(kAbout).toHtmlEscaped(), wrong),
              tr("Take it into this library"),
              [this, text, name] { (void)workshop_->takeText(QString::fromUtf8(text), name); });
}

/// The contents, or the sheet as it will print.
void PacksPage::showChosen() {
    const bool sheet = onePage_->isChecked() || wholeSheet_->isChecked(), making = inWorkshop_->isChecked();
    print_->setVisible(sheet);
    pictures_->setVisible(sheet && workspace().hasCase() && hasPictures(workspace().data()));
    about_->setVisible(!making);
    figure_->setVisible(!making && workspace().hasCase() && figure_->hasFigure());
    speed_->setVisible(figure_->isVisibleTo(this));
    stack_->setCurrentWidget(making ? static_cast<QWidget*>(workshop_) : sheet ? static_cast<QWidget*>(sheet_) : tree_);
    if (making)
        workshop_->refresh();
    emit headlineChanged();
    if (!sheet || !workspace().hasCase())
        return;
    workspace().start<std::vector<QImage>>(
        tr("Laying out the sheet"), this, workspace().ofCase().newest(QStringLiteral("sheet")),
        [data = workspace().snapshot(), length = length(), pictures = pictures_->isChecked(),
         folder = workspace().library()->folder()](JobControl&) -> Result<std::vector<QImage>> {
            constexpr int kDotsPerInch = 88;
            return sheetPages(sheetOf(*data, pictures, folder), length, kDotsPerInch);
        },
        [this](const Result<std::vector<QImage>>& pages) {
            clearLayout(pages_);
            if (!pages)
                return;
            for (const QImage& image : *pages) {
                auto* page = new QLabel;
                page->setObjectName(QStringLiteral("sheetPage"));
                page->setPixmap(QPixmap::fromImage(image));
                page->setAccessibleName(tr("Page of the skill sheet"));
                pages_->addWidget(page, 0, Qt::AlignHCenter);
            }
            pages_->addStretch();
        },
        Pace::Quick);
}

SheetLength PacksPage::length() const { return wholeSheet_->isChecked() ? SheetLength::Whole : SheetLength::OnePage; }

void PacksPage::printSheet() {
    if (!workspace().hasCase())
        return;
    QString name = words::text(workspace().data().pack.title);
    name.replace(u'/', u'-');
    const QString path =
        QDir(workspace().library()->folder())
            .absoluteFilePath(
                QStringLiteral("reports/") +
                (length() == SheetLength::Whole ? tr("%1, whole skill sheet") : tr("%1, skill sheet")).arg(name) +
                QStringLiteral(".pdf"));
    workspace().start<QString>(
        tr("Printing the sheet"), this, Workspace::ofProgram(),
        [data = workspace().snapshot(), length = length(), path, pictures = pictures_->isChecked(),
         folder = workspace().library()->folder()](JobControl&) -> Result<QString> {
            if (!QDir().mkpath(QFileInfo(path).absolutePath()))
                return badInput(path.toStdString(), "a folder that can be written to", "no write");
            if (const auto written = writeSheet(sheetOf(*data, pictures, folder), length, path); !written)
                return written.error();
            return path;
        },
        [this](const Result<QString>& printed) {
            workspace().say(printed ? tr("Printed to %1").arg(*printed) : words::text(printed.error().sentence()),
                            !printed);
        });
}

/// What the skill that ships now has otherwise than the one kept with the case.
void PacksPage::showDifferences(const Pack& pack) {
    const auto own = workspace().library()->packText(workspace().data().id);
    if (!own)
        return;
    for (const ShippedPack& shipped : shippedPacks()) {
        const PackReading reading = readPack(shipped.text.toStdString());
        if (reading.pack.id != pack.id)
            continue;
        const std::vector<PackChange> changes = packDiff(own->toStdString(), shipped.text.toStdString());
        if (changes.empty())
            return;
        auto* group = new QTreeWidgetItem(
            tree_,
            {tr("Otherwise in the skill that ships now"),
             tr("%1; this case keeps its own").arg(words::counted(changes.size(), tr("difference"), tr("differences"))),
             tr("edition %1").arg(words::text(reading.pack.edition))});
        for (const PackChange& change : changes) {
            const QString kind = change.kind == PackChange::Kind::Words    ? tr("words")
                                 : change.kind == PackChange::Kind::Ranges ? tr("ranges")
                                                                           : tr("structure");
            constexpr qsizetype kMost = 160;
            const auto brief = [](const std::string& text) {
                const QString all = words::text(text);
                return all.size() > kMost ? all.left(kMost) + QStringLiteral("…") : all;
            };
            new QTreeWidgetItem(group,
                                {words::text(change.path),
                                 change.what == PackChange::What::Added ? tr("added: %1").arg(brief(change.after))
                                 : change.what == PackChange::What::Removed
                                     ? tr("removed: %1").arg(brief(change.before))
                                     : tr("%1 → %2").arg(brief(change.before), brief(change.after)),
                                 kind});
        }
        return;
    }
}

void PacksPage::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    constexpr int kWhat = 300, kReference = 250; // px, where there is little room
    tree_->header()->resizeSection(0, std::max(kWhat, width() / 4));
    tree_->header()->resizeSection(2, std::max(kReference, width() * 3 / 10));
}

QString PacksPage::headline() const {
    if (inWorkshop_->isChecked())
        return workshop_->headline();
    if (!workspace().hasCase())
        return tr("A case brings its skill pack. <b>Next: start a case.</b>");
    const Pack& pack = workspace().data().pack;
    return tr("%1: %2 measures, %3 faults, %4 drills. The pack is kept with the case, so that its numbers stay the "
              "same.")
        .arg(words::text(pack.title))
        .arg(pack.measures.size())
        .arg(pack.faults.size())
        .arg(pack.drills.size());
}

void PacksPage::refresh() {
    if (inWorkshop_->isChecked())
        workshop_->refresh();
    if (!workspace().hasCase()) {
        tree_->clear();
        figure_->hide();
        shown_.clear();
        return;
    }
    const Pack& pack = workspace().data().pack;
    const Side hand = workspace().data().athlete.handedness;
    const std::vector<Trial> well = shownWell(workspace().data()).trials;
    std::string now = pack.id + pack.edition + (hand == Side::Left ? " left" : " right") + std::to_string(well.size());
    if (pack.edition.ends_with(kDraftMark)) // changes under the same number
        if (const auto text = workspace().library()->packText(workspace().data().id))
            now += text->toStdString();
    if (shown_ == now)
        return;
    shown_ = now;
    about_->setText(tr("<b>%1</b>, edition %2. %3")
                        .arg(words::text(pack.title), words::text(pack.edition), words::text(pack.about)));
    figure_->show(pack, hand, well);
    tree_->clear();
    showDifferences(pack);
    if (!content_->isChecked())
        showChosen();
    const auto group = [&](const QString& title, std::size_t count) {
        auto* item = new QTreeWidgetItem(tree_, {title, tr("%1 entries").arg(count)});
        item->setExpanded(true);
        QFont bold = tree_->font();
        bold.setBold(true);
        item->setFont(0, bold);
        return item;
    };
    const auto source = [&](const std::string& id) {
        const auto found = pack.sources.find(id);
        return words::text(found == pack.sources.end() ? id : found->second);
    };
    QTreeWidgetItem* events = group(tr("Key events"), pack.events.size());
    for (const EventDef& event : pack.events)
        new QTreeWidgetItem(events, {words::text(event.title), words::text(event.hint)});
    QTreeWidgetItem* measures = group(tr("Measures"), pack.measures.size());
    for (const MeasureDef& def : pack.measures) {
        const Reference reference = referenceOf(pack, def, nullptr, {}, {}, {});
        new QTreeWidgetItem(measures, {words::text(def.title), words::definition(pack, def),
                                       reference.source == Reference::Source::None
                                           ? source(def.source)
                                           : tr("%1, tolerance %2 (%3)")
                                                 .arg(words::referenceText(def, reference),
                                                      words::figures(def.tolerance, 4), source(def.source))});
    }
    QTreeWidgetItem* observations = group(tr("Observations"), pack.observations.size());
    for (const ObservationDef& def : pack.observations)
        new QTreeWidgetItem(observations, {words::text(def.title), words::text(def.ask)});
    QTreeWidgetItem* faults = group(tr("Faults"), pack.faults.size());
    for (const FaultDef& fault : pack.faults) {
        auto* item = new QTreeWidgetItem(
            faults, {words::text(fault.title), words::text(fault.explain), words::text(fault.safetyText)});
        for (const CauseDef& cause : fault.causes)
            new QTreeWidgetItem(
                item, {cause.fault.empty() ? words::text(cause.title)
                                           : tr("follows from: %1").arg(words::text(pack.fault(cause.fault)->title)),
                       words::text(cause.because), tr("weight %1").arg(words::number(cause.weight, 1))});
        item->setExpanded(true);
    }
    QTreeWidgetItem* drills = group(tr("Drills"), pack.drills.size());
    for (const DrillDef& drill : pack.drills) {
        auto* item = new QTreeWidgetItem(
            drills, {words::text(drill.title),
                     words::quoted(words::text(drill.cue)) + u' ' + tr("Good: %1").arg(words::text(drill.good)),
                     words::stageName(drill.stage) + QStringLiteral(", ") + words::doseText(drill.dose)});
        item->setData(0, Qt::UserRole, words::text(drill.id));
    }
}

void PacksPage::show(const QString& drill) {
    QPushButton* chosen = drill == QLatin1String("sheet")         ? onePage_
                          : drill == QLatin1String("whole-sheet") ? wholeSheet_
                          : drill == QLatin1String("workshop")    ? inWorkshop_
                                                                  : content_;
    chosen->setChecked(true);
    showChosen();
    for (QTreeWidgetItem* item : tree_->findItems(QStringLiteral("*"), Qt::MatchWildcard | Qt::MatchRecursive))
        if (item->data(0, Qt::UserRole).toString() == drill) {
            tree_->setCurrentItem(item);
            tree_->scrollToItem(item, QAbstractItemView::PositionAtCenter);
        }
}

} // namespace riflesso
