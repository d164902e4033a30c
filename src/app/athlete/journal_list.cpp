#include "app/athlete/journal_list.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/words.h"

#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

/// "work on: late_arm" with the fault's title.
QString withTitle(const Pack& pack, const QString& what) {
    const qsizetype colon = what.lastIndexOf(QStringLiteral(": "));
    const FaultDef* fault = colon < 0 ? nullptr : pack.fault(what.mid(colon + 2).toStdString());
    return fault ? what.left(colon + 2) + words::inSentence(words::text(fault->title)) : what;
}

} // namespace

JournalList::JournalList(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("JOURNAL OF DECISIONS"), theme::kHeading));
    lines_ = new QVBoxLayout;
    lines_->setSpacing(5);
    layout->addLayout(lines_);
    layout->addStretch();
}

void JournalList::refresh() {
    clearLayout(lines_);
    const auto entries = workspace_.library()->journal(workspace_.data().id);
    if (!entries) {
        workspace_.say(words::text(entries.error().sentence()), true);
        return;
    }
    if (entries->empty())
        lines_->addWidget(
            label(tr("Nothing decided yet. What is decided in Findings stands here with its reason."), theme::kQuiet));
    constexpr std::ptrdiff_t kMostShown = 40; // the latest; an archive holds all
    const auto shown = std::min<std::ptrdiff_t>(kMostShown, std::ssize(*entries));
    std::for_each(entries->rbegin(), entries->rbegin() + shown, [&](const JournalEntry& entry) {
        QString line = QStringLiteral("<span style='color:%1'>%2</span> %3")
                           .arg(theme::colours().slate.name(), words::shortDate(entry.at.toLocalTime().date()),
                                withTitle(workspace_.data().pack, entry.what).toHtmlEscaped());
        if (!entry.reason.isEmpty())
            line += QStringLiteral("<br><span style='color:%1; font-size:8.5pt'>%2</span>")
                        .arg(theme::colours().slate.name(), entry.reason.toHtmlEscaped());
        QLabel* text = label(line);
        text->setObjectName(QStringLiteral("journalLine"));
        lines_->addWidget(text);
    });
}

} // namespace riflesso
