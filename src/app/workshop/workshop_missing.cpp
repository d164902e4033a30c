// What is wrong with the skill that is open, and what it is not whole without; a click goes there.

#include "app/theme.h"
#include "app/workshop/skill_desk.h"
#include "app/workshop/workshop.h"
#include "report/words.h"

#include <QListWidget>

#include <cstdlib>
#include <optional>

namespace riflesso {
namespace {

constexpr int kPartOfGap = Qt::UserRole, kListOfGap = Qt::UserRole + 1;

/// "$.measures[2].at" is the third measure; nothing where a path names no part.
std::optional<std::pair<PartList, int>> partOfPath(const std::string& path) {
    for (int i = 0; i <= static_cast<int>(PartList::Ranges); ++i) {
        const auto list = static_cast<PartList>(i);
        const std::string head = (list == PartList::Ranges ? "$.model." : "$.") + std::string(toString(list)) + "[";
        if (path.starts_with(head))
            return std::pair(list, std::atoi(path.c_str() + head.size()));
    }
    return {};
}

} // namespace

void Workshop::fillMissing() {
    missing_->clear();
    if (!desk_->isOpen())
        return;
    for (const JsonFault& fault : desk_->reading().faults) {
        auto* item = new QListWidgetItem(
            tr("Wrong: %1\nexpected %2, got %3")
                .arg(words::text(fault.path), words::text(fault.expected), words::text(fault.got.substr(0, 60))),
            missing_);
        item->setForeground(theme::colours().safety);
        if (const auto at = partOfPath(fault.path)) {
            const auto parts = desk_->draft().parts(at->first);
            if (at->second < static_cast<int>(parts.size())) {
                item->setData(kPartOfGap, words::text(parts[static_cast<std::size_t>(at->second)].id));
                item->setData(kListOfGap, static_cast<int>(at->first));
            }
        }
    }
    if (!desk_->reading().faults.empty())
        return;
    for (const StillMissing& gap : stillMissing(desk_->pack())) {
        const QString title = words::text(gap.part.title);
        const QString said = gap.what == StillMissing::What::NoRule    ? tr("\"%1\" has no rule").arg(title)
                             : gap.what == StillMissing::What::NoFault ? tr("no fault uses \"%1\"").arg(title)
                             : gap.what == StillMissing::What::NoRange ? tr("\"%1\" has no range").arg(title)
                             : gap.what == StillMissing::What::NoWords ? tr("\"%1\": words to be written").arg(title)
                                                                       : tr("\"%1\" has no ladder").arg(title);
        auto* item = new QListWidgetItem(said, missing_);
        item->setData(kPartOfGap, words::text(gap.part.id));
        item->setData(kListOfGap, static_cast<int>(gap.part.list));
    }
}

void Workshop::goToMissing(int row) {
    const QListWidgetItem* item = row < 0 ? nullptr : missing_->item(row);
    if (!item || !item->data(kPartOfGap).isValid())
        return;
    const auto list = static_cast<PartList>(item->data(kListOfGap).toInt());
    const std::string id = item->data(kPartOfGap).toString().toStdString();
    for (const Section section :
         {Section::Positions, Section::Points, Section::Measures, Section::Faults, Section::Ladders})
        if (listOf(section) == list)
            showSection(section);
    if (list == PartList::Ranges) {
        showSection(Section::Measures);
        choosePart(std::string(baseMeasure(id)));
        return;
    }
    choosePart(id);
}

} // namespace riflesso
