#include "app/handover/handover_page.h"

#include "app/athlete/consent_box.h"
#include "app/nothing_measured.h"
#include "app/own_pictures.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "media/clip_reader.h"
#include "report/words.h"

#include <QCoreApplication>
#include <QDir>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QVBoxLayout>

#include <map>
#include <memory>

namespace riflesso {
namespace {

QString programName() { return QStringLiteral("Riflesso ") + QCoreApplication::applicationVersion(); }

} // namespace

HandoverPage::HandoverPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* inner = new QWidget;
    inner->setStyleSheet(QStringLiteral("background: %1;").arg(theme::colours().course.name()));
    pages_ = new QVBoxLayout(inner);
    pages_->setContentsMargins(24, 16, 24, 16);
    pages_->setSpacing(14);
    auto* scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setWidget(inner);
    layout->addWidget(scroll, 1);
    auto* side = new QWidget;
    side->setFixedWidth(360);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(7);
    column->addWidget(label(tr("ON PAPER"), theme::kHeading));
    papers_ = new ChoiceBox;
    papers_->setObjectName(QStringLiteral("papers"));
    papers_->setAccessibleName(tr("Which paper"));
    column->addWidget(papers_);
    connect(papers_, &QComboBox::activated, this, [this] {
        paper_ = static_cast<Paper>(papers_->currentData().toInt());
        if (!pathEdited_)
            path_->setText(suggestedPath());
        preview();
        emit headlineChanged();
    });
    what_ = label({});
    column->addWidget(what_);
    column->addWidget(label(tr("WHAT LEAVES THIS MACHINE"), theme::kHeading));
    leaves_ = label({});
    column->addWidget(leaves_);
    column->addWidget(label(tr("File"), theme::kQuiet));
    path_ = new QLineEdit;
    path_->setObjectName(QStringLiteral("pdfPath"));
    path_->setAccessibleName(tr("File of the PDF"));
    column->addWidget(path_);
    print_ = new QPushButton(tr("Freeze and print as PDF (P)"));
    print_->setObjectName(QStringLiteral("printPdf"));
    print_->setProperty("role", "main");
    column->addWidget(print_, 0, Qt::AlignLeft);
    column->addWidget(label(tr("Freezing keeps the marks' numbers, the order and the reasons as they are now. They can "
                               "be printed again, the same, in years."),
                            theme::kQuiet));
    column->addSpacing(8);
    column->addWidget(label(tr("FROZEN ASSESSMENTS"), theme::kHeading));
    stored_ = new QVBoxLayout;
    column->addLayout(stored_);
    column->addStretch();
    layout->addWidget(side);
    connect(print_, &QPushButton::clicked, this, &HandoverPage::freezeAndPrint);
    connect(path_, &QLineEdit::textEdited, this, [this] { pathEdited_ = true; });
}

QString HandoverPage::headline() const {
    if (workspace().resultsHidden())
        return workspace().noAssessment();
    const auto assessment = workspace().assessment();
    if (!assessment || nothingMeasured(*assessment))
        return tr("Nothing to hand over yet. <b>Next: mark key positions.</b>");
    const std::size_t frozen = workspace().data().assessments.size();
    return tr("As it will print: %1. %2<b>Next: freeze and print it.</b>")
        .arg(paperName(paper_), frozen ? tr("%1 frozen so far. ").arg(frozen) : QString());
}

StepState HandoverPage::state() const {
    if (!workspace().hasCase() || workspace().data().assessments.empty())
        return {};
    return {StepState::Kind::Done, tr("%1 frozen").arg(workspace().data().assessments.size())};
}

std::vector<PageKey> HandoverPage::keyTable() {
    return {{QStringLiteral("P"), tr("freeze and print"), {}, {Qt::Key_P}, [this](KeyPress) { freezeAndPrint(); }}};
}

ReportContent HandoverPage::compose() const {
    return composeReport({workspace().data(), *workspace().assessment(), workspace().session(), workspace().choice(),
                          QDateTime::currentDateTime(), programName()});
}

QString HandoverPage::suggestedPath() const {
    QString name = workspace().data().athlete.name + u' ' + paperFileWord(paper_) + u' ' +
                   QDate::currentDate().toString(Qt::ISODate);
    name.replace(QRegularExpression(QStringLiteral("[^\\w\\-]+")), QStringLiteral("_"));
    return QDir(workspace().library()->folder())
        .absoluteFilePath(QStringLiteral("reports/") + name + QStringLiteral(".pdf"));
}

void HandoverPage::refresh() {
    if (!workspace().hasCase())
        return;
    const auto assessment = workspace().assessment();
    print_->setEnabled(assessment != nullptr);
    if (!pathEdited_)
        path_->setText(suggestedPath());
    clearLayout(stored_);
    for (const StoredAssessment& entry : workspace().data().assessments) {
        auto* row = new QHBoxLayout;
        row->addWidget(label(QStringLiteral("<b>%1</b> %2").arg(entry.id.value).arg(entry.title.toHtmlEscaped())), 1);
        auto* again = new QPushButton(tr("Print again"));
        connect(again, &QPushButton::clicked, this, [this, entry] { printStored(entry, path_->text()); });
        row->addWidget(again);
        stored_->addLayout(row);
    }
    if (workspace().data().assessments.empty())
        stored_->addWidget(label(tr("None yet."), theme::kQuiet));
    if (assessment != shown_) {
        shown_ = assessment;
        preview();
    }
}

void HandoverPage::showPapers(const ReportContent& content) {
    const std::vector<Paper> papers = papersOf(content);
    if (std::find(papers.begin(), papers.end(), paper_) == papers.end())
        paper_ = Paper::Plan;
    papers_->clear();
    for (Paper paper : papers) {
        papers_->addItem(paperName(paper), static_cast<int>(paper));
        if (paper == paper_)
            papers_->setCurrentIndex(papers_->count() - 1);
    }
}

void HandoverPage::show(const QString& detail) {
    for (Paper paper : {Paper::Plan, Paper::AthletePage, Paper::HomeSheet, Paper::KeyPositions, Paper::CompetitionCard,
                        Paper::Progress})
        if (paperFileWord(paper) == detail)
            paper_ = paper;
    preview();
}

void HandoverPage::preview() {
    if (!workspace().assessment()) {
        clearLayout(pages_);
        what_->clear();
        leaves_->clear();
        return;
    }
    const ReportContent content = compose();
    showPapers(content);
    const Paper paper = paper_;
    std::size_t pictures = 0;
    if (paper == Paper::KeyPositions)
        for (const auto& position : content.positions)
            pictures += std::size_t(position.own.has_value()) + std::size_t(position.model.has_value());
    else if (paper != Paper::CompetitionCard)
        for (const auto& finding : content.findings)
            pictures += paper == Paper::Plan || finding.main ? finding.pictures.size() : 0;
    if (paper == Paper::Plan)
        what_->setText(tr("%1 strengths, %2 findings, %3, %4 key pictures, dates and cautions.")
                           .arg(content.strengths.size())
                           .arg(content.findings.size())
                           .arg(words::counted(content.ladders.size(), tr("ladder"), tr("ladders")))
                           .arg(pictures));
    else
        what_->setText(
            paper == Paper::AthletePage    ? tr("Large, few words: what is good, one thing, when we film again.")
            : paper == Paper::HomeSheet    ? tr("The drill to take home, how good looks, boxes for two weeks.")
            : paper == Paper::KeyPositions ? tr("Each key event side by side, with what is measured drawn on it.")
                                           : tr("For the last days: one cue and what can be relied on."));
    leaves_->setText(tr("Name, skill, %1 still pictures with the athlete's or the model's face, measured values "
                        "and the plan. No clip. "
                        "Hand it on only to those whom the athlete, or the parents of a child, agreed to.")
                         .arg(pictures) +
                     u' ' + consentText(workspace().data().athlete, QDate::currentDate()));
    workspace().start<std::vector<QImage>>(
        tr("Laying out the plan"), this, workspace().ofCase().newest(QStringLiteral("preview")),
        [content, paper](JobControl&) -> Result<std::vector<QImage>> {
            return previewPages(content, paper, ownPictures(), 88);
        },
        [this](Result<std::vector<QImage>> result) {
            clearLayout(pages_);
            if (!result)
                return;
            for (const QImage& image : *result) {
                auto* page = new QLabel;
                page->setPixmap(QPixmap::fromImage(image));
                page->setAccessibleName(tr("Page of the plan"));
                pages_->addWidget(page, 0, Qt::AlignHCenter);
            }
            pages_->addStretch();
        },
        Pace::Quick);
}

void HandoverPage::freezeAndPrint() {
    if (!workspace().assessment())
        return;
    const ReportContent content = compose();
    StoredAssessment stored;
    stored.session = workspace().session();
    stored.at = QDateTime::currentDateTimeUtc();
    stored.version = QCoreApplication::applicationVersion();
    stored.title = tr("%1, %2").arg(content.session, words::moment(stored.at));
    stored.content = toJson(content);
    const CaseId id = workspace().data().id;
    if (workspace().apply(tr("Freeze the assessment"), [&](Edit& edit) -> Result<void> {
            const auto made = edit.addAssessment(id, stored);
            return made ? Result<void>() : Result<void>(made.error());
        }))
        printStored(stored, path_->text());
}

void HandoverPage::printStored(const StoredAssessment& stored, const QString& path) {
    const QString content = stored.content;
    workspace().start<QString>(
        tr("Printing the plan"), this, Workspace::ofProgram(),
        [content, path, paper = paper_](JobControl& control) -> Result<QString> {
            if (!control.goOn(0.1))
                return cancelled();
            const auto report = reportFromJson(content, QStringLiteral("the frozen assessment"));
            if (!report)
                return report.error();
            if (!QDir().mkpath(QFileInfo(path).absolutePath()))
                return badInput(path.toStdString(), "a folder that can be written to", "no write");
            const auto papers = papersOf(*report);
            if (std::find(papers.begin(), papers.end(), paper) == papers.end())
                return badInput("the frozen assessment", paperName(paper).toStdString(), "an assessment that has none");
            if (const auto written = writePdf(*report, paper, ownPictures(), path); !written)
                return written.error();
            return path;
        },
        [this](const Result<QString>& result) {
            if (result)
                workspace().say(tr("Printed to %1").arg(*result));
            else if (result.error().kind != Error::Kind::Cancelled)
                workspace().say(words::text(result.error().sentence()), true);
        });
}

} // namespace riflesso
