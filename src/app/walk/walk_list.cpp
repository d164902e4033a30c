#include "app/walk/walk_list.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/voice_recorder.h"
#include "report/words.h"
#include "takehome/walk_cut.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace riflesso {

WalkList::WalkList(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(label(tr("TALKED THROUGH"), theme::kHeading));
    rows_ = new QVBoxLayout;
    layout->addLayout(rows_);
    hide();
}

void WalkList::forget() {
    there_.clear();
    show({});
}

void WalkList::refresh() {
    if (!workspace_.hasCase())
        return;
    QString there =
        QString::number(workspace_.data().id.value) + u'\n' + walkThroughsThere(workspace_.library()->folder());
    for (const Session& session : workspace_.data().sessions)
        there += session.title;
    for (const auto& [walk, cut] : workspace_.data().walkCuts)
        there += cut;
    if (there == there_)
        return;
    there_ = there;
    workspace_.start<std::vector<Row>>(
        tr("What was talked through"), this, workspace_.ofCase().newest(QStringLiteral("talked through")),
        [data = workspace_.snapshot(),
         library = workspace_.library()->folder()](JobControl& control) -> Result<std::vector<Row>> {
            std::vector<Row> out;
            for (const Session& session : data->sessions) {
                if (!control.goOn(0))
                    return cancelled();
                for (const WalkThrough& walk : walkThroughsOf(library, QString::fromStdString(session.uid))) {
                    double seconds = 0;
                    if (const auto cut = cutOf(walk, data->walkCuts))
                        for (const WalkPiece& piece : *cut)
                            seconds += !piece.shown            ? 0
                                       : piece.again.isEmpty() ? piece.toS - piece.fromS
                                                               : piece.againS;
                    out.push_back({session.id, walk.id,
                                   QStringLiteral("%1, %2").arg(words::moment(walk.at), spokenLength(seconds))});
                }
            }
            return out;
        },
        [this](const Result<std::vector<Row>>& rows) {
            if (rows)
                show(*rows);
        },
        Pace::Quick);
}

void WalkList::show(const std::vector<Row>& rows) {
    clearLayout(rows_);
    for (const Row& row : rows) {
        auto* line = new QHBoxLayout;
        line->addWidget(label(row.text), 1);
        auto* open = new QPushButton(tr("Show"));
        open->setObjectName(QStringLiteral("showWalk"));
        open->setAccessibleName(tr("Show the walk-through of %1").arg(row.text));
        connect(open, &QPushButton::clicked, this, [this, row] { emit chosen(row.session, row.id); });
        line->addWidget(open);
        rows_->addLayout(line);
    }
    setVisible(!rows.empty());
}

} // namespace riflesso
