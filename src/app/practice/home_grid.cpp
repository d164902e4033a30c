#include "app/practice/home_grid.h"

#include "app/page.h"
#include "app/theme.h"
#include "core/practice/practice_csv.h"
#include "report/words.h"
#include "work/case_assessment.h"
#include "work/practice_record.h"
#include "work/practice_session.h"

#include <QEvent>
#include <QFile>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QImageReader>
#include <QLabel>
#include <QPushButton>
#include <QSaveFile>
#include <QTableWidget>
#include <QTransform>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kMostTicks = 10000;

const PracticeBlock* homeOn(const CaseData& data, const QDate& day, const std::pair<std::string, std::string>& drill) {
    for (const PracticeBlock& block : data.practice)
        if (block.kind == PracticeKind::Home && block.day() == day && block.fault == drill.first &&
            block.drill == drill.second)
            return &block;
    return nullptr;
}

} // namespace

HomeGrid::HomeGrid(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(label(tr("THE HOME SHEET, TYPED BACK"), theme::kHeading));
    layout->addWidget(label(tr("How many were ticked off, day by day. Tab goes on; an empty cell is nothing known, 0 "
                               "a day without."),
                            theme::kQuiet));
    grid_ = new QTableWidget;
    grid_->setObjectName(QStringLiteral("homeGrid"));
    grid_->setAccessibleName(tr("Home practice: days down, drills across"));
    grid_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    grid_->horizontalHeader()->setDefaultAlignment(Qt::AlignCenter | Qt::Alignment(Qt::TextWordWrap));
    grid_->horizontalHeader()->setMinimumHeight(2 * QFontMetrics(font()).height() + 8); // titles of drills in two lines
    grid_->verticalHeader()->hide();
    auto* beside = new QHBoxLayout;
    beside->addWidget(grid_, 3);
    photograph_ = new QLabel;
    photograph_->setObjectName(QStringLiteral("homePhotograph"));
    photograph_->setAccessibleName(tr("Photograph of the sheet; a click turns it"));
    photograph_->setToolTip(tr("A click turns it by a quarter"));
    photograph_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Ignored);
    photograph_->setAlignment(Qt::AlignCenter);
    photograph_->installEventFilter(this);
    photograph_->hide();
    beside->addWidget(photograph_, 2);
    layout->addLayout(beside, 1);
    kept_ = label({}, theme::kQuiet);
    kept_->setObjectName(QStringLiteral("homeKept"));
    layout->addWidget(kept_);
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const QString& text, auto work) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, work);
        row->addWidget(made);
    };
    button("homeClose", tr("Back to the block (H)"), [this] { emit closed(); });
    button("practiceOut", tr("The log as a table…"), [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("The practice log as a table"),
                                                          QStringLiteral("practice.csv"), tr("Tables (*.csv)"));
        if (!file.isEmpty())
            exportTo(file);
    });
    button("practiceIn", tr("A table into the log…"), [this] {
        const QString file =
            QFileDialog::getOpenFileName(this, tr("A practice log as a table"), {}, tr("Tables (*.csv)"));
        if (!file.isEmpty())
            importFrom(file);
    });
    button("homePhotographOpen", tr("A photograph…"), [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("A photograph of the home sheet"), {},
                                                          tr("Pictures (*.jpg *.jpeg *.png *.webp)"));
        if (!file.isEmpty())
            showPhotograph(file);
    });
    row->addStretch();
    layout->addLayout(row);
    connect(grid_, &QTableWidget::cellChanged, this, &HomeGrid::typed);
}

void HomeGrid::showPhotograph(const QString& file) {
    QImageReader reader(file);
    reader.setAutoTransform(true); // telephones note which way they were held
    const QImage photograph = reader.read();
    if (photograph.isNull()) {
        workspace_.say(tr("%1 is no picture that can be read: %2").arg(file, reader.errorString()), true);
        return;
    }
    photographed_ = photograph;
    photographOf_ = workspace_.data().id;
    photograph_->show();
    fitPhotograph();
}

void HomeGrid::fitPhotograph() {
    if (photographed_.isNull() || photograph_->width() <= 0 || photograph_->height() <= 0)
        return;
    const qreal ratio = devicePixelRatioF();
    QPixmap fitted = QPixmap::fromImage(
        photographed_.scaled(photograph_->size() * ratio, Qt::KeepAspectRatio, Qt::SmoothTransformation));
    fitted.setDevicePixelRatio(ratio);
    photograph_->setPixmap(fitted);
}

bool HomeGrid::eventFilter(QObject* watched, QEvent* event) {
    if (watched == photograph_ && event->type() == QEvent::Resize)
        fitPhotograph();
    if (watched == photograph_ && event->type() == QEvent::MouseButtonRelease) {
        photographed_ = photographed_.transformed(QTransform().rotate(90));
        fitPhotograph();
    }
    return QWidget::eventFilter(watched, event);
}

std::vector<std::pair<std::string, std::string>> HomeGrid::drills() const {
    std::vector<std::pair<std::string, std::string>> out;
    if (const auto assessment = workspace_.assessment())
        for (const Focus& focus : assessment->prescription.focus)
            if (!focus.rungs.empty())
                out.emplace_back(focus.fault, focus.rungs[focus.start()].drill);
    for (const PracticeBlock& block : workspace_.data().practice)
        if (const std::pair drill{block.fault, block.drill};
            block.kind == PracticeKind::Home && std::find(out.begin(), out.end(), drill) == out.end())
            out.push_back(drill);
    return out;
}

void HomeGrid::refresh() {
    if (!workspace_.hasCase() || !isVisibleTo(parentWidget()))
        return;
    filling_ = true;
    const CaseData& data = workspace_.data();
    if (photographOf_ != data.id) { // it was another athlete's sheet
        photographed_ = {};
        photograph_->hide();
    }
    across_ = drills();
    down_.clear();
    constexpr int kDays = 28;
    const QDate today = QDate::currentDate();
    for (int back = kDays - 1; back >= 0; --back)
        down_.push_back(today.addDays(-back));
    const bool fresh = grid_->rowCount() == 0;
    grid_->setRowCount(kDays);
    grid_->setColumnCount(static_cast<int>(across_.size()) + 1);
    QStringList heads{tr("Day")};
    for (const auto& [fault, drill] : across_)
        heads << (data.pack.drill(drill) ? words::text(data.pack.drill(drill)->title) : words::text(drill));
    grid_->setHorizontalHeaderLabels(heads);
    for (int row = 0; row < kDays; ++row) {
        const QDate day = down_[static_cast<std::size_t>(row)];
        auto* date = new QTableWidgetItem(QLocale().toString(day, QStringLiteral("ddd d MMM")));
        date->setFlags(Qt::ItemIsEnabled);
        grid_->setItem(row, 0, date);
        for (std::size_t i = 0; i < across_.size(); ++i) {
            const PracticeBlock* block = homeOn(data, day, across_[i]);
            auto* item = new QTableWidgetItem(block ? QString::number(block->count) : QString());
            item->setTextAlignment(Qt::AlignCenter);
            grid_->setItem(row, static_cast<int>(i) + 1, item);
        }
    }
    if (fresh)
        grid_->scrollToBottom();
    const HomeRecord home = homeRecord(data, today);
    kept_->setText(home.planned ? tr("Planned on %1 days so far, kept on %2.").arg(home.planned).arg(home.kept)
                                : tr("No home practice is planned yet."));
    filling_ = false;
}

void HomeGrid::typed(int row, int column) {
    if (filling_ || column == 0)
        return;
    const auto drill = across_[static_cast<std::size_t>(column) - 1];
    const QDate day = down_[static_cast<std::size_t>(row)];
    const QString text = grid_->item(row, column)->text().trimmed();
    bool isNumber = false;
    const int count = text.toInt(&isNumber);
    const PracticeBlock* known = homeOn(workspace_.data(), day, drill);
    if (!text.isEmpty() && (!isNumber || count < 0 || count > kMostTicks)) {
        workspace_.say(tr("A number from 0 to 10000 is expected here, not \"%1\".").arg(text), true);
        refresh();
        return;
    }
    if (text.isEmpty() ? !known : known && known->count == count)
        return;
    const CaseId id = workspace_.data().id;
    PracticeBlock block = known ? *known : PracticeBlock();
    if (!known) {
        const DrillDef* def = workspace_.data().pack.drill(drill.second);
        block.kind = PracticeKind::Home;
        block.fault = drill.first, block.drill = drill.second;
        if (def)
            block.condition = ownCondition(*def);
        block.started = block.ended = QDateTime(day, QTime(12, 0)).toUTC();
    }
    block.count = count;
    workspace_.apply(tr("Home practice of %1").arg(words::shortDate(day)), [&](Edit& edit) -> Result<void> {
        if (text.isEmpty())
            return edit.removePracticeBlock(block.id);
        if (known)
            return edit.setPracticeBlock(block);
        const auto made = edit.addPracticeBlock(id, block);
        return made ? Result<void>() : Result<void>(made.error());
    });
}

void HomeGrid::exportTo(const QString& file) {
    QSaveFile out(file);
    const std::string text = practiceCsv(practiceLog(workspace_.data()));
    if (!out.open(QIODevice::WriteOnly) || out.write(text.data(), static_cast<qint64>(text.size())) < 0 ||
        !out.commit())
        workspace_.say(tr("%1 cannot be written: %2").arg(file, out.errorString()), true);
    else
        workspace_.say(tr("Written to %1.").arg(file));
}

void HomeGrid::importFrom(const QString& file) {
    QFile in(file);
    constexpr qint64 kMostBytes = qint64(64) << 20;
    if (!in.open(QIODevice::ReadOnly) || in.size() > kMostBytes) {
        workspace_.say(tr("%1 cannot be read, or is larger than 64 MiB.").arg(file), true);
        return;
    }
    const QByteArray bytes = in.readAll();
    const CaseData& data = workspace_.data();
    const auto log = readPracticeCsv({bytes.constData(), static_cast<std::size_t>(bytes.size())}, file.toStdString(),
                                     {&data.pack, dayOf(QDate::currentDate())});
    if (!log) {
        workspace_.say(words::text(log.error().sentence()), true);
        return;
    }
    const std::vector<PracticeBlock> blocks = notYetIn(data, blocksOf(*log));
    if (!blocks.empty())
        workspace_.apply(tr("A table into the practice log"), [&](Edit& edit) -> Result<void> {
            for (const PracticeBlock& block : blocks)
                if (auto made = edit.addPracticeBlock(data.id, block); !made)
                    return made.error();
            return {};
        });
    workspace_.say(tr("%1 of %2 blocks are new.").arg(blocks.size()).arg(log->size()));
}

} // namespace riflesso
