#include "app/settings/library_panel.h"

#include "app/page.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/wrapping_row.h"
#include "report/words.h"
#include "work/library_copy.h"

#include <QDir>
#include <QFileDialog>
#include <QHideEvent>
#include <QLocale>
#include <QPushButton>
#include <QStorageInfo>
#include <QVBoxLayout>

#include <algorithm>
#include <utility>

namespace riflesso {
namespace {

QString asSize(qint64 bytes) { return QLocale().formattedDataSize(bytes, 1, QLocale::DataSizeSIFormat); }

} // namespace

LibraryPanel::LibraryPanel(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    const auto line = [layout](const char* name, const char* role = nullptr) {
        QLabel* made = label({}, role);
        made->setObjectName(QLatin1String(name));
        made->setTextFormat(Qt::PlainText); // names and paths are no markup
        made->setTextInteractionFlags(Qt::TextSelectableByMouse);
        layout->addWidget(made);
        return made;
    };
    WrappingRow* row = nullptr;
    const auto newRow = [&] { layout->addLayout(row = new WrappingRow); };
    const auto button = [&](const char* name, const QString& text, auto work) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        connect(made, &QPushButton::clicked, this, work);
        row->addWidget(made);
        return made;
    };
    layout->addWidget(label(tr("LIBRARY"), theme::kHeading));
    folder_ = line("libraryFolder");
    holds_ = line("libraryHolds", theme::kQuiet);
    newRow();
    button("otherLibrary", tr("Another folder…"), [this] { emit anotherWanted(); });
    check_ = button("checkLibrary", tr("Check it"), [this] { check(); });
    check_->setToolTip(
        tr("Reads the database and every clip once: what is damaged, gone or another file now is named."));
    checked_ = line("libraryChecked");
    checked_->hide();
    layout->addSpacing(12);
    layout->addWidget(label(tr("A SECOND COPY"), theme::kHeading));
    layout->addWidget(label(tr("Disks fail. A copy on another disk holds everything, the clips too, and is a library "
                               "like this one: if this one is lost, "
                               "open the copy with Another folder. The next time only what is new is written, and "
                               "people you deleted here go from the copy too."),
                            theme::kQuiet));
    newRow();
    copy_ = button("copyLibrary", tr("Copy to a folder…"), [this] { askForCopy(); });
    again_ =
        button("copyAgain", tr("Bring the copy up to date"), [this] { copyTo(settings::copyFolder(shownFolder_)); });
    copied_ = line("libraryCopied");
    layout->addSpacing(12);
    layout->addWidget(label(tr("DEMO"), theme::kHeading));
    newRow();
    reset_ = button("resetDemo", tr("Put the demo back to its first state"), [this] {
        const auto done = workspace_.resetDemo();
        workspace_.say(done ? tr("The demo is back in its first state.") : words::text(done.error().sentence()), !done);
    });
    layout->addSpacing(12);
    layout->addWidget(label(tr("WHAT STAYS HERE"), theme::kHeading));
    layout->addWidget(
        label(tr("Nothing leaves this machine; the program never uses a network. What is written for others "
                 "lies where you say, and nowhere else."),
              theme::kQuiet));
}

void LibraryPanel::refresh() {
    const Library* library = workspace_.library();
    const QString folder = library ? library->folder() : QString();
    shownFolder_ = folder;
    if (const auto opening = workspace_.ofLibrary().library; std::exchange(opening_, opening) != opening) {
        sayChecked({});
        outcome_.clear();
        checking_ = 0; // retired with the library it was begun for
    }
    folder_->setText(folder);
    holds_->clear();
    if (const auto holds = library ? library->counts() : Result<LibraryCounts>(cancelled()))
        holds_->setText(
            tr("%1, %2, %3. %4 are free on this disk.")
                .arg(words::counted(static_cast<std::size_t>(holds->athletes), tr("athlete"), tr("athletes")),
                     words::counted(static_cast<std::size_t>(holds->clips), tr("clip"), tr("clips")),
                     words::counted(static_cast<std::size_t>(holds->repetitions), tr("repetition"), tr("repetitions")),
                     asSize(QStorageInfo(folder).bytesAvailable())));
    check_->setEnabled(library && !runs(checking_));
    copy_->setEnabled(library && !runs(copying_));
    reset_->setEnabled(workspace_.isDemo());
    reset_->setToolTip(workspace_.isDemo() ? QString() : tr("Only the demo library can be put back."));
    showCopy();
}

void LibraryPanel::hideEvent(QHideEvent* event) {
    if (!event->spontaneous()) // a window put aside is not left
        outcome_.clear();
    QWidget::hideEvent(event);
}

bool LibraryPanel::runs(int job) const {
    const QList<JobState> running = workspace_.jobs().running();
    return std::ranges::any_of(running, [&](const JobState& each) { return each.id == job; });
}

void LibraryPanel::sayChecked(const QString& words) {
    checked_->setText(words);
    checked_->setVisible(!words.isEmpty());
}

void LibraryPanel::showCopy() {
    const QString folder = settings::copyFolder(shownFolder_);
    const auto made = folder.isEmpty() ? std::nullopt : copyIn(folder);
    again_->setVisible(!folder.isEmpty());
    again_->setEnabled(!runs(copying_) && made && made->of == QDir(shownFolder_).absolutePath());
    if (runs(copying_))
        copied_->setText(tr("Copying…"));
    else if (!outcome_.isEmpty())
        copied_->setText(outcome_);
    else if (folder.isEmpty())
        copied_->setText(tr("There is none yet."));
    else
        copied_->setText(
            made ? tr("Made %1 in %2.").arg(QLocale().toString(made->at.toLocalTime(), QLocale::ShortFormat), folder)
                 : tr("The copy in %1 is not there now: its disk may not be plugged in.").arg(folder));
}

void LibraryPanel::check() {
    check_->setEnabled(false);
    sayChecked(tr("Checking…"));
    checking_ = workspace_.start<LibraryCheck>(
        tr("Checking the library"), this, workspace_.ofLibrary().newest(QStringLiteral("check")),
        [folder = shownFolder_](JobControl& control) -> Result<LibraryCheck> {
            const auto library = Library::open(folder, Library::Mode::ReadOnly);
            if (!library)
                return library.error();
            return (*library)->verify([&](double share) { return control.goOn(share); });
        },
        [this](const Result<LibraryCheck>& check) {
            check_->setEnabled(true);
            if (!check) {
                const bool stopped = check.error().kind == Error::Kind::Cancelled;
                sayChecked(stopped ? tr("The check was stopped.") : words::text(check.error().sentence()));
                return;
            }
            QStringList lines;
            if (check->sound)
                lines << tr("It is sound: the database is whole, and every clip is the file that was taken in.");
            for (const QString& problem : check->problems)
                lines << tr("The database is damaged: %1. Open a copy, and keep this folder as it is.").arg(problem);
            for (const LibraryCheck::Clip& clip : check->missingClips)
                lines << (clip.otherFile ? tr("%1, clip %2: another file lies at %3.")
                                         : tr("%1, clip %2: nothing at %3."))
                             .arg(clip.athlete, clip.title, clip.path);
            if (!check->missingClips.empty())
                lines << tr("On Film, Find it… shows the program where such a clip lies now.");
            sayChecked(lines.join(u'\n'));
        });
}

void LibraryPanel::askForCopy() {
    auto* dialog = new QFileDialog(this, tr("Folder of the copy: an empty one, or that of an earlier copy"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setFileMode(QFileDialog::Directory);
    dialog->setOption(QFileDialog::DontUseNativeDialog);
    connect(dialog, &QFileDialog::fileSelected, this, &LibraryPanel::copyTo);
    dialog->open();
}

void LibraryPanel::copyTo(const QString& folder) {
    // Of the program: what it writes lies outside whatever library is open by then.
    copying_ = workspace_.start<LibraryCopy>(
        tr("Copying the library"), this, Workspace::ofProgram().newest(QStringLiteral("copy of a library")),
        [from = shownFolder_, folder](JobControl& control) {
            return copyLibraryTo(from, folder, [&](double share) { return control.goOn(share); });
        },
        [this, from = shownFolder_, folder](const Result<LibraryCopy>& copy) {
            if (copy)
                settings::setCopyFolder(from, folder);
            const QString words = said(copy, folder);
            if (from == shownFolder_ && isVisible())
                outcome_ = words;
            refresh();
            workspace_.say(words, !copy && copy.error().kind != Error::Kind::Cancelled);
        });
    showCopy();
    copy_->setEnabled(false);
}

QString LibraryPanel::said(const Result<LibraryCopy>& copy, const QString& folder) const {
    if (!copy)
        return copy.error().kind == Error::Kind::Cancelled
                   ? tr("Copying was stopped; an earlier copy is as it was, and the next time goes on from here.")
                   : words::text(copy.error().sentence());
    QString out =
        tr("The copy in %1 is whole: %2, of them %3 new.").arg(folder, asSize(copy->bytes), asSize(copy->newBytes));
    if (copy->removed > 0)
        out += u' ' + tr("What the library does not have any more is gone from it.");
    if (!copy->leftOut.isEmpty())
        out += u' ' + tr("Not in it, since the file is not there: %1.").arg(copy->leftOut.join(QStringLiteral(", ")));
    return out;
}

} // namespace riflesso
