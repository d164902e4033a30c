#include "app/start/case_shelf.h"

#include "app/athlete/consent_box.h"
#include "app/page.h"
#include "app/start/together_box.h"
#include "app/theme.h"
#include "app/widgets/ask_bar.h"
#include "report/words.h"
#include "store/case_archive.h"
#include "takehome/case_with_walks.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QStandardPaths>
#include <QVBoxLayout>

namespace riflesso {
namespace {

QString documents() { return QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation); }

/// "2 sessions, 16 repetitions, 2 clips".
QString sizeOf(const CaseData& data) {
    std::size_t sessions = 0, clips = 0, repetitions = 0;
    for (const Session& session : data.sessions) {
        ++sessions;
        for (const Clip& clip : session.clips) {
            ++clips;
            for (const Section& section : clip.sections)
                repetitions += section.repetitions.size();
        }
    }
    return CaseShelf::tr("%1, %2, %3")
        .arg(words::counted(sessions, CaseShelf::tr("session"), CaseShelf::tr("sessions")),
             words::counted(clips, CaseShelf::tr("clip"), CaseShelf::tr("clips")),
             words::counted(repetitions, CaseShelf::tr("repetition"), CaseShelf::tr("repetitions")));
}

} // namespace

struct CaseShelf::Arrived {
    std::shared_ptr<CaseArchive> archive;
    CaseArchive::Meeting meeting;
    std::optional<CaseData> here; ///< the copy that is here, and what it has in common with this one
    CaseMerge merge;
};

CaseShelf::CaseShelf(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    title_ = label({}, theme::kBig);
    layout->addWidget(title_);
    filter_ = new QLineEdit;
    filter_->setObjectName(QStringLiteral("caseFilter"));
    filter_->setPlaceholderText(tr("Part of a name or a skill"));
    filter_->setAccessibleName(tr("Find a case"));
    layout->addWidget(filter_);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("caseList"));
    list_->setAccessibleName(tr("Cases, the last opened first"));
    list_->setUniformItemSizes(true); // thousands of cases
    layout->addWidget(list_, 1);
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const QString& text, const QString& tip) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setToolTip(tip);
        row->addWidget(made);
        return made;
    };
    write_ = button("writeArchive", tr("Write the open case…"),
                    tr("One file with everything of the open case and its clips, for another machine or for keeping."));
    bring_ = button("bringArchive", tr("Bring in a case…"), tr("From an archive that this program wrote."));
    delete_ = button("deleteAthlete", tr("Delete the athlete…"),
                     tr("Everything of the open case's athlete, clips included, for good."));
    row->addStretch();
    layout->addLayout(row);
    layout->addStretch();
    ask_ = new AskBar(QStringLiteral("shelf"), this);
    layout->addWidget(ask_);
    together_ = new TogetherBox;
    layout->addWidget(together_, 3);
    connect(together_, &TogetherBox::together, this, &CaseShelf::bringTogether);
    connect(together_, &TogetherBox::beside, this, [this] {
        const auto archive = together_->archive();
        showTogether(false);
        bringIn(archive);
    });
    connect(together_, &TogetherBox::left, this, [this] { showTogether(false); });
    connect(filter_, &QLineEdit::textChanged, this, &CaseShelf::fill);
    connect(filter_, &QLineEdit::returnPressed, this, &CaseShelf::openChosen);
    connect(list_, &QListWidget::itemActivated, this, &CaseShelf::openChosen);
    connect(list_, &QListWidget::itemClicked, this, &CaseShelf::openChosen);
    connect(write_, &QPushButton::clicked, this, [this] {
        const CaseData& data = workspace_.data();
        const QString path = QFileDialog::getSaveFileName(
            this, tr("Write the open case"),
            documents() + u'/' + data.athlete.name + QStringLiteral(", ") + data.title + QStringLiteral(".riflesso"),
            tr("Case archive (*.riflesso *.zip)"));
        if (path.isEmpty())
            return;
        if (std::all_of(kHandedOnAs.begin(), kHandedOnAs.end(),
                        [&](HandedOnAs as) { return consentsTo(data.athlete, as, QDate::currentDate()); }))
            writeArchive(path);
        else
            ask_->ask(consentText(data.athlete, QDate::currentDate()), tr("Write it all the same"),
                      [this, path] { writeArchive(path); });
    });
    connect(bring_, &QPushButton::clicked, this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Bring in a case"), documents(),
                                                          tr("Case archive (*.riflesso *.zip)"));
        if (!path.isEmpty())
            readArchive(path);
    });
    connect(delete_, &QPushButton::clicked, this, &CaseShelf::askToDelete);
}

CaseShelf::~CaseShelf() = default;

void CaseShelf::showTogether(bool together) {
    if (!together)
        together_->drop();
    refresh();
}

void CaseShelf::refresh() {
    entries_.clear();
    if (workspace_.library())
        if (const auto cases = workspace_.library()->cases())
            entries_ = *cases;
    title_->setText(together_->archive() ? tr("Two copies of one case")
                    : entries_.empty()   ? tr("Bring in a case")
                                         : tr("Cases in this library"));
    for (QWidget* widget : {static_cast<QWidget*>(filter_), static_cast<QWidget*>(list_), static_cast<QWidget*>(write_),
                            static_cast<QWidget*>(delete_)})
        widget->setVisible(!entries_.empty() && !together_->archive());
    bring_->setVisible(!together_->archive());
    write_->setEnabled(workspace_.hasCase());
    delete_->setEnabled(workspace_.hasCase());
    bring_->setEnabled(workspace_.library() != nullptr);
    fill();
}

void CaseShelf::fill() {
    const QString wanted = filter_->text().trimmed();
    list_->clear();
    for (const CaseEntry& entry : entries_) {
        const QString text = tr("%1 · %2").arg(entry.athlete, words::kept(entry.title.toStdString()));
        if (!text.contains(wanted, Qt::CaseInsensitive))
            continue;
        const bool open = workspace_.hasCase() && workspace_.data().id == entry.id;
        const QString when =
            open
                ? tr("open")
                : tr("last opened %1").arg(QLocale().toString(entry.opened.toLocalTime().date(), QLocale::ShortFormat));
        auto* item = new QListWidgetItem(text + QStringLiteral("   (") + when + u')', list_);
        item->setData(Qt::UserRole, qint64(entry.id.value));
    }
    if (list_->count() > 0)
        list_->setCurrentRow(0);
}

void CaseShelf::openChosen() {
    const QListWidgetItem* item = list_->currentItem();
    if (!item) {
        workspace_.say(tr("No case is called \"%1\".").arg(filter_->text()));
        return;
    }
    const CaseId id{item->data(Qt::UserRole).toLongLong()};
    filter_->clear();
    workspace_.selectCase(id);
    emit opened();
}

void CaseShelf::writeArchive(const QString& path) {
    const QString folder = workspace_.library()->folder();
    const CaseId id = workspace_.data().id;
    workspace_.start<ArchiveWritten>(
        tr("Writing the case"), this, Workspace::ofProgram(),
        [folder, id, path](JobControl& control) -> Result<ArchiveWritten> {
            const auto library = Library::open(folder, Library::Mode::ReadOnly); // its own connection, in this thread
            if (!library)
                return library.error();
            return writeWholeCase(**library, id, path, true, [&](double share) { return control.goOn(share); });
        },
        [this, path, folder, id](const Result<ArchiveWritten>& result) {
            // So that a copy that comes back can be compared with what went out. Not where another window has it open.
            if (Library* library = workspace_.library(); result && library && library->folder() == folder)
                (void)library->keep([&](Edit& edit) { return edit.keepExchanged(id, result->state); });
            if (!result)
                workspace_.say(words::text(result.error().sentence()), result.error().kind != Error::Kind::Cancelled);
            else if (result->clipsLeftOut)
                workspace_.say(tr("Written to %1; %2 could not be found and stayed behind.")
                                   .arg(path, words::counted(static_cast<std::size_t>(result->clipsLeftOut), tr("clip"),
                                                             tr("clips"))));
            else
                workspace_.say(
                    tr("Written to %1. Film of people is in it: hand it on only to those whom they agreed to.")
                        .arg(path));
        });
}

void CaseShelf::readArchive(const QString& path) {
    const QString folder = workspace_.library()->folder();
    workspace_.start<Arrived>(
        tr("Reading the archive"), this, workspace_.ofLibrary().newest(QStringLiteral("archive")),
        [folder, path](JobControl& control) -> Result<Arrived> {
            auto archive = CaseArchive::open(path, folder, [&](double share) { return control.goOn(share); });
            if (!archive)
                return archive.error();
            Arrived out{std::shared_ptr<CaseArchive>(std::move(*archive)), {}, {}, {}};
            const auto library = Library::open(folder, Library::Mode::ReadOnly); // its own connection, in this thread
            if (!library)
                return library.error();
            const auto meeting = out.archive->meet(**library);
            if (!meeting)
                return meeting.error();
            out.meeting = *meeting;
            if (!meeting->copyHere)
                return out;
            auto here = (*library)->loadCase(meeting->copyHere);
            auto merge = out.archive->compareWith(**library, meeting->copyHere);
            if (!here || !merge)
                return !here ? here.error() : merge.error();
            out.here = std::move(*here);
            out.merge = std::move(*merge);
            return out;
        },
        [this](const Result<Arrived>& result) {
            if (!result)
                workspace_.say(tr("Nothing was brought in. %1").arg(words::text(result.error().sentence())), true);
            else
                askToBringIn(*result);
        });
}

void CaseShelf::askToBringIn(const Arrived& arrived) {
    ask_->drop();
    const CaseData& data = arrived.archive->data();
    if (arrived.here) {
        copyHere_ = arrived.meeting.copyHere;
        together_->ask(arrived.archive, *arrived.here, arrived.merge);
        showTogether(true);
        return;
    }
    showTogether(false);
    const QString who = tr("<b>%1, %2</b>: %3.")
                            .arg(data.athlete.name.toHtmlEscaped(),
                                 words::kept(data.title.toStdString()).toHtmlEscaped(), sizeOf(data));
    const QString known = arrived.meeting.sameCase
                              ? tr("The athlete and a case of this skill are here already: that case stays as it is, "
                                   "this one comes beside it.")
                          : arrived.meeting.knownAthlete
                              ? tr("The athlete is known here: the case comes beside the others, and what is known of "
                                   "the athlete stays as it is.")
                              : tr("The athlete is new here.");
    ask_->ask(who + u' ' + known, tr("Bring it in"), [this, archive = arrived.archive] { bringIn(archive); });
}

void CaseShelf::bringIn(const std::shared_ptr<CaseArchive>& archive) {
    const auto id = archive->addTo(*workspace_.library());
    if (!id) {
        workspace_.say(words::text(id.error().sentence()), true);
        return;
    }
    workspace_.selectCase(*id);
    emit opened();
}

void CaseShelf::bringTogether() {
    const auto done =
        together_->archive()->bringTogether(*workspace_.library(), copyHere_, together_->merge(), together_->answers());
    if (!done) {
        workspace_.say(words::text(done.error().sentence()), true);
        return;
    }
    showTogether(false);
    workspace_.selectCase(copyHere_);
    if (done->leftOut > 0)
        workspace_.say(
            tr("Brought together. %1 left as here: sections and repetitions would not fit.")
                .arg(words::counted(static_cast<std::size_t>(done->leftOut), tr("entry was"), tr("entries were"))));
    else
        workspace_.say(tr("Brought together: %1 came from there.")
                           .arg(words::counted(static_cast<std::size_t>(done->taken), tr("entry"), tr("entries"))));
    emit opened();
}

void CaseShelf::askToDelete() {
    const CaseData& data = workspace_.data();
    std::size_t cases = 0;
    for (const CaseEntry& entry : entries_)
        cases += entry.athlete == data.athlete.name;
    const AthleteId id = data.athlete.id;
    const QString name = data.athlete.name;
    ask_->ask(
        tr("<b>Delete %1 for good?</b> %2; of the open one: %3, with marks, frozen plans and the practice log. Clips "
           "that "
           "no other case uses are deleted from the library's folder. This cannot be undone, and it clears all undo "
           "steps.")
            .arg(name.toHtmlEscaped(), words::counted(cases, tr("case"), tr("cases")), sizeOf(data)),
        tr("Delete for good"), [this, id, name] {
            if (const auto done = workspace_.eraseAthlete(id); !done)
                workspace_.say(words::text(done.error().sentence()), true);
            else
                workspace_.say(tr("%1 is deleted.").arg(name));
            refresh();
        });
}

} // namespace riflesso
