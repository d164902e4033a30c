// The workshop's arrows: what causes what, how often and why.

#include "app/workshop/cause_drawing.h"
#include "app/workshop/skill_desk.h"
#include "app/workshop/workshop.h"
#include "core/tables/json_walk.h"
#include "report/words.h"

#include <QComboBox>
#include <QLineEdit>

namespace riflesso {

void Workshop::drawArrow(const QString& cause, const QString& fault) {
    const std::string from = cause.toStdString(), to = fault.toStdString();
    if (leadsTo(desk_->pack(), to, from)) {
        workspace_.say(
            tr("That would close a circle: \"%1\" follows from \"%2\" already.")
                .arg(words::text(desk_->pack().fault(from)->title), words::text(desk_->pack().fault(to)->title)),
            true);
        return;
    }
    const Json* part = desk_->draft().part(PartList::Faults, to);
    if (!part)
        return;
    Json causes = part->value("causes", Json::array());
    for (const Json& own : causes)
        if (own.value("fault", Json()) == Json(from))
            return causes_->chooseArrow(from, to);
    constexpr double kOften = 0.5;
    causes.push_back({{"fault", from}, {"weight", kOften}, {"because", kToBeWritten}});
    (void)desk_->setKey(tr("An arrow"), PartList::Faults, to, "causes", causes);
    causes_->chooseArrow(from, to);
    because_->setFocus();
    because_->selectAll();
}

void Workshop::showArrow() {
    const auto& [cause, fault] = causes_->arrow();
    const Json* part = desk_->isOpen() && !fault.empty() ? desk_->draft().part(PartList::Faults, fault) : nullptr;
    const Json* found = nullptr;
    if (part && part->contains("causes"))
        for (const Json& own : (*part)["causes"])
            if (own.value("fault", Json()) == Json(cause))
                found = &own;
    arrowRow_->setVisible(found != nullptr);
    if (!found)
        return;
    const FaultDef *from = desk_->pack().fault(cause), *to = desk_->pack().fault(fault);
    arrowSaid_->setText(
        tr("%1 → %2").arg(words::text(from ? from->title : cause), words::text(to ? to->title : fault)));
    const double weight = found->value("weight", Json()).is_number() ? (*found)["weight"].get<double>() : 0;
    weight_->setCurrentIndex(weight < .4 ? 0 : weight < .65 ? 1 : 2);
    if (!because_->hasFocus() && found->value("because", Json()).is_string())
        because_->setText(words::text((*found)["because"].get<std::string>()));
}

void Workshop::keepArrow() {
    const auto [cause, fault] = causes_->arrow();
    const Json* part = desk_->isOpen() && !fault.empty() ? desk_->draft().part(PartList::Faults, fault) : nullptr;
    if (!part || !part->contains("causes"))
        return;
    Json causes = (*part)["causes"];
    for (Json& own : causes)
        if (own.value("fault", Json()) == Json(cause)) {
            own["weight"] = weight_->currentData().toDouble();
            if (const QString because = because_->text().trimmed(); !because.isEmpty())
                own["because"] = because.toStdString();
        }
    (void)desk_->setKey(tr("An arrow"), PartList::Faults, fault, "causes", causes);
}

} // namespace riflesso
