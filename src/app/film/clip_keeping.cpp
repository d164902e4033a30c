#include "app/film/clip_keeping.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/ask_bar.h"
#include "report/words.h"

#include <QDir>
#include <QFile>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {
namespace {

/// Copied in pieces, so that it can be stopped; a half copy is taken away again.
Result<QString> copied(const QString& from, const QString& to, JobControl& control) {
    QFile source(from), target(to + QStringLiteral(".incoming"));
    if (!source.open(QIODevice::ReadOnly))
        return fault(from.toStdString(), "the clip cannot be read");
    const auto failed = [&](const char* words) {
        target.remove();
        return fault(to.toStdString(), words);
    };
    if (!target.open(QIODevice::WriteOnly))
        return failed("the library's folder cannot be written to");
    constexpr qint64 kPiece = 4 << 20;
    while (!source.atEnd()) {
        if (!control.goOn(static_cast<double>(source.pos()) /
                          static_cast<double>(std::max<qint64>(1, source.size())))) {
            target.remove();
            return cancelled();
        }
        const QByteArray piece = source.read(kPiece);
        if (target.write(piece) != piece.size())
            return failed("the copy does not fit on the disk; the clip stays where it is");
    }
    if (!target.flush())
        return failed("the copy does not fit on the disk; the clip stays where it is");
    target.close();
    QFile::remove(to); // an older copy of the same content, or what is left of one
    if (!target.rename(to))
        return failed("the copy cannot be put in its place");
    return to;
}

} // namespace

ClipKeeping::ClipKeeping(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("WHERE THE CLIP LIES"), theme::kHeading));
    where_ = label({}, theme::kQuiet);
    where_->setObjectName(QStringLiteral("clipPlace"));
    layout->addWidget(where_);
    const auto button = [&](const QString& text, const char* name, const QString& tip) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setToolTip(tip);
        made->setFocusPolicy(Qt::TabFocus);
        layout->addWidget(made, 0, Qt::AlignLeft);
        return made;
    };
    copy_ = button(tr("Copy into the library"), "copyClip",
                   tr("A copy beside the library's own clips: it no longer matters what becomes of the file."));
    remove_ = button(tr("Remove this clip"), "removeClip",
                     tr("From the session, with its repetitions and marks; Ctrl Z brings it back. The file stays."));
    delete_ = button(tr("Delete for good…"), "deleteClip",
                     tr("With its repetitions, marks and undo steps; its file too, where it lies in the library."));
    ask_ = new AskBar(QStringLiteral("clip"), this);
    layout->addWidget(ask_);
    connect(copy_, &QPushButton::clicked, this, &ClipKeeping::copyIn);
    connect(remove_, &QPushButton::clicked, this, &ClipKeeping::remove);
    connect(delete_, &QPushButton::clicked, this, &ClipKeeping::askToDelete);
}

const Clip* ClipKeeping::clip() const { return workspace_.hasCase() ? workspace_.data().clip(clip_) : nullptr; }

void ClipKeeping::show(const Clip* shown) {
    const ClipId id = shown ? shown->id : ClipId{};
    if (id != clip_)
        ask_->drop();
    clip_ = id;
    setVisible(shown != nullptr);
    if (!shown)
        return;
    const QDir library(workspace_.library()->folder());
    const bool inside = !library.relativeFilePath(shown->path).startsWith(QStringLiteral(".."));
    where_->setText(inside ? tr("In the library.") : QDir::toNativeSeparators(shown->path));
    copy_->setVisible(!inside && !shown->missing);
}

void ClipKeeping::copyIn() {
    const Clip* shown = clip();
    if (!shown || shown->missing)
        return;
    const QString from = shown->path;
    const QString name = QStringLiteral("media/") + shown->hash + u'.' + QFileInfo(from).suffix().toLower();
    const QString to = QDir(workspace_.library()->folder()).absoluteFilePath(name);
    const ClipId id = shown->id;
    workspace_.start<QString>(
        tr("Copying %1").arg(shown->title), this, workspace_.ofClip(id),
        [from, to](JobControl& control) { return copied(from, to, control); },
        [this, id, name](const Result<QString>& done) {
            if (!done) {
                if (done.error().kind != Error::Kind::Cancelled)
                    workspace_.say(words::text(done.error().sentence()), true);
                return;
            }
            if (workspace_.apply(tr("Copy a clip into the library"),
                                 [&](Edit& edit) { return edit.setClipPath(id, name); }))
                workspace_.say(tr("The clip lies in the library now."));
        });
}

void ClipKeeping::remove() {
    if (const Clip* shown = clip()) {
        const ClipId id = shown->id;
        workspace_.apply(tr("Remove %1").arg(shown->title), [id](Edit& edit) { return edit.removeClip(id); });
    }
}

void ClipKeeping::askToDelete() {
    const Clip* shown = clip();
    if (!shown)
        return;
    std::size_t repetitions = 0;
    for (const Section& section : shown->sections)
        repetitions += section.repetitions.size();
    const ClipId id = shown->id;
    const QString title = shown->title;
    ask_->ask(
        tr("<b>Delete %1 for good?</b> %2 with their marks go with it, and all undo steps. This cannot be undone.")
            .arg(title.toHtmlEscaped(), words::counted(repetitions, tr("repetition"), tr("repetitions"))),
        tr("Delete for good"), [this, id, title] {
            if (const auto done = workspace_.eraseClip(id); !done)
                workspace_.say(words::text(done.error().sentence()), true);
            else
                workspace_.say(tr("%1 is deleted.").arg(title));
        });
}

} // namespace riflesso
