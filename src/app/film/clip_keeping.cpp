#include "app/film/clip_keeping.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/ask_bar.h"
#include "report/words.h"
#include "work/clip_files.h"

#include <QDir>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {
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
    const QString from = shown->path, name = keptName(*shown);
    const QString to = QDir(workspace_.library()->folder()).absoluteFilePath(name);
    const ClipId id = shown->id;
    workspace_.start<void>(
        tr("Copying %1").arg(shown->title), this, workspace_.ofClip(id),
        [from, to](JobControl& control) {
            return copyFile(from, to, [&](double share) { return control.goOn(share); });
        },
        [this, id, name](const Result<void>& done) {
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
