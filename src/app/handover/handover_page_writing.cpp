// Hand-over: what is ticked, written into one folder, and frozen papers printed again.

#include "app/handover/film_panel.h"
#include "app/handover/handover_page.h"
#include "app/handover/take_home_words.h"
#include "report/names_left_out.h"
#include "report/plan_calendar.h"
#include "report/words.h"
#include "store/case_archive.h"
#include "takehome/case_with_walks.h"
#include "takehome/clip_pictures.h"
#include "takehome/take_home_folder.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QDir>
#include <QLineEdit>
#include <QTreeWidget>

namespace riflesso {

using namespace take_home;

void HandoverPage::writeAll() {
    if (!shown_ || !workspace().assessment())
        return;
    if (looking_) {
        workspace().say(tr("The faces are still being looked for: write the folder when it is known where they are not "
                           "sure."));
        return;
    }
    bool paper = false;
    for (const Paper each : papersOf(content_))
        paper = paper || isTicked(paperFileWord(each));
    ReportContent content = compose();
    const QString folder = folder_->text();
    if (!paper) {
        writeInto(content, folder);
        return;
    }
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
        writeInto(content, folder);
}

void HandoverPage::writeInto(const ReportContent& whole, const QString& folder) {
    auto what = std::make_shared<HandOver>();
    what->content = whole;
    coverFaces(what->content, faces().athlete, faces().model);
    if (faces().others)
        useOthers(what->content, others_);
    leaveOutNames(what->content, hiddenNames());
    for (const Paper paper : papersOf(whole))
        if (isTicked(paperFileWord(paper)))
            what->papers.push_back(paper);
    for (const FilmRow& film : films())
        if (isTicked(film.word))
            what->films.push_back({film.file, itemOf(film.word)->text(0), film.panel->film()});
    if (isTicked(kStills))
        what->series.push_back({kStills, itemOf(kStills)->text(0), one_->film()});
    what->filmSize = filmSize();
    what->filmEnding = filmKind_->currentData().toString().section(u' ', 1);
    what->pictures = isTicked(kPictures);
    if (isTicked(kDates))
        what->calendar = writeCalendar(planCalendar(workspace().data(), workspace().assessment()->prescription),
                                       QDateTime::currentDateTimeUtc());
    if (isTicked(kCase))
        what->archive = [library = workspace().library()->folder(),
                         id = workspace().data().id](const QString& path, const GoOn& goOn) -> Result<void> {
            const auto own = Library::open(library, Library::Mode::ReadOnly); // its own connection, in this thread
            if (!own)
                return own.error();
            const auto written = writeWholeCase(**own, id, path, true, goOn);
            return written ? Result<void>() : Result<void>(written.error());
        };
    workspace().start<HandedOver>(
        tr("Writing the folder"), this, Workspace::ofProgram(),
        [what, folder](JobControl& control) -> Result<HandedOver> {
            return writeFolder(*what, folder, clipPictures(), [&](double share) { return control.goOn(share); });
        },
        [this](const Result<HandedOver>& done) {
            if (done)
                workspace().say(
                    tr("Written to %1: %2, %3 MB. index.html shows it in any browser.")
                        .arg(done->folder,
                             words::counted(static_cast<std::size_t>(done->files.size()), tr("file"), tr("files")),
                             words::number(std::max(.1, static_cast<double>(done->bytes) / 1e6), 1)));
            else if (done.error().kind != Error::Kind::Cancelled)
                workspace().say(words::text(done.error().sentence()), true);
        });
}

void HandoverPage::printStored(const StoredAssessment& stored) {
    const Paper paper = shownPaper().value_or(Paper::Plan);
    const QString path = folder_->text() + QStringLiteral("-%1-%2.pdf").arg(paperFileWord(paper)).arg(stored.id.value);
    const FaceWish faces = this->faces();
    const QStringList hidden = hiddenNames();
    workspace().start<QString>(
        tr("Printing the paper"), this, Workspace::ofProgram(),
        [content = stored.content, path, paper, faces, hidden](JobControl& control) -> Result<QString> {
            if (!control.goOn(0.1))
                return cancelled();
            auto report = reportFromJson(content, QStringLiteral("the frozen assessment"));
            if (!report)
                return report.error();
            coverFaces(*report, faces.athlete, faces.model);
            leaveOutNames(*report, hidden);
            if (!QDir().mkpath(QFileInfo(path).absolutePath()))
                return badInput(path.toStdString(), "a folder that can be written to", "no write");
            const auto papers = papersOf(*report);
            if (std::find(papers.begin(), papers.end(), paper) == papers.end())
                return badInput("the frozen assessment", paperName(paper).toStdString(), "an assessment that has none");
            if (const auto written = writePdf(*report, paper, clipPictures(), path); !written)
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
