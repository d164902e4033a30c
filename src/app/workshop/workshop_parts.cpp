// The workshop's sections: what stands in each, and what a click or a key does there.

#include "app/theme.h"
#include "app/workshop/cause_drawing.h"
#include "app/workshop/ladder_box.h"
#include "app/workshop/model_stage.h"
#include "app/workshop/part_form.h"
#include "app/workshop/rule_box.h"
#include "app/workshop/skill_desk.h"
#include "app/workshop/workshop.h"
#include "core/pack/pack_writer.h"
#include "core/tables/json_walk.h"
#include "core/workshop/body_signals.h"
#include "core/workshop/measure_offers.h"
#include "report/words.h"

#include <QComboBox>
#include <QFile>
#include <QFileDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSaveFile>
#include <QStackedWidget>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kPartOfRow = Qt::UserRole, kListOfRow = Qt::UserRole + 1;

} // namespace

PartList Workshop::listOf(Section section) const {
    switch (section) {
    case Section::Positions:
        return PartList::Events;
    case Section::Points:
        return PartList::Marked;
    case Section::Measures:
        return PartList::Measures;
    case Section::Faults:
        return PartList::Faults;
    case Section::Ladders:
        return PartList::Drills;
    case Section::Words:
    case Section::Cases:
        return PartList::Ranges;
    }
    return PartList::Events;
}

void Workshop::showSection(Section section) {
    section_ = section;
    {
        const QSignalBlocker quiet(sections_);
        sections_->setCurrentRow(static_cast<int>(section));
    }
    middle_->setCurrentIndex(section == Section::Faults    ? 1
                             : section == Section::Ladders ? 2
                             : section == Section::Cases   ? 3
                                                           : 0);
    below_->setCurrentIndex(section == Section::Positions  ? 0
                            : section == Section::Measures ? 1
                            : section == Section::Points   ? 2
                                                           : 3);
    below_->setVisible(section != Section::Words);
    for (int i = 0; i < below_->count(); ++i) // as high as what is shown, not as the highest
        below_->widget(i)->setSizePolicy(QSizePolicy::Preferred,
                                         i == below_->currentIndex() ? QSizePolicy::Maximum : QSizePolicy::Ignored);
    below_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    const bool lists = section != Section::Words && section != Section::Cases;
    parts_->setVisible(lists);
    take_->setVisible(lists && section != Section::Points);
    ownPoint_->setVisible(section == Section::Points);
    const QString headings[] = {
        tr("POSITIONS"), tr("POINTS THAT ARE MARKED"), tr("MEASURES"), tr("FAULTS"), tr("DRILLS"), tr("WORDS"),
        tr("WORDS")};
    partsHeading_->setText(headings[static_cast<int>(section)]);
    fillParts();
    showArrow();
    emit headlineChanged();
}

void Workshop::fillSections() {
    if (!desk_->isOpen())
        return;
    const Pack& pack = desk_->pack();
    std::size_t ruled = 0;
    for (const EventDef& event : pack.events)
        ruled += event.rule.has_value();
    const QString lines[] = {
        tr("%1, %2 found by rule").arg(pack.events.size()).arg(ruled),
        words::counted(pack.marked.size(), tr("point"), tr("points")),
        tr("%1, %2").arg(pack.measures.size()).arg(words::counted(pack.ranges.size(), tr("range"), tr("ranges"))),
        pack.faults.empty() ? tr("none yet") : QString::number(pack.faults.size()),
        pack.ladders.empty()
            ? tr("none yet")
            : tr("%1, %2").arg(pack.ladders.size()).arg(words::counted(pack.drills.size(), tr("drill"), tr("drills"))),
        words::text(pack.title),
        tr("what would change")};
    const QString titles[] = {tr("Positions"), tr("Points"), tr("Measures"), tr("Faults"),
                              tr("Ladders"),   tr("Words"),  tr("Cases")};
    for (int i = 0; i < sections_->count(); ++i)
        sections_->item(i)->setText(QStringLiteral("%1\n%2").arg(titles[i], lines[i]));
}

void Workshop::fillParts() {
    const std::string chosen = chosenPart();
    filling_ = true;
    parts_->clear();
    if (desk_->isOpen() && parts_->isVisibleTo(this)) {
        const PartList list = listOf(section_);
        const Pack& pack = desk_->pack();
        const auto add = [&](const std::string& id, const QString& text) {
            auto* item = new QListWidgetItem(text, parts_);
            item->setData(kPartOfRow, words::text(id));
            if (id == chosen)
                parts_->setCurrentItem(item);
            return item;
        };
        if (section_ == Section::Points) {
            for (const PointRef& point : stage_->knownPoints()) {
                const bool on = std::find(pack.marked.begin(), pack.marked.end(), point) != pack.marked.end();
                add(point.text(), words::text(titleOf(pack, point)))->setCheckState(on ? Qt::Checked : Qt::Unchecked);
            }
        } else {
            for (const PartName& part : desk_->draft().parts(list)) {
                QString text = words::text(part.title);
                if (list == PartList::Events)
                    if (const EventDef* event = pack.event(part.id))
                        text += event->rule ? tr("\nfinds itself") : tr("\nno rule");
                if (list == PartList::Measures)
                    if (const Json* range = desk_->draft().part(PartList::Ranges, part.id)) {
                        const MeasureDef* def = pack.measure(part.id);
                        const auto end = [&](const char* key) {
                            const Json value = range->value(key, Json());
                            return value.is_number() ? words::figures(value.get<double>(), 3) : QStringLiteral("…");
                        };
                        text += QStringLiteral("\n%1 – %2%3")
                                    .arg(end("low"), end("high"), def ? words::unitAfter(*def) : QString());
                    }
                add(part.id, text);
            }
            if (const EventDef* end = list == PartList::Events && !desk_->cyclePack().cycleEnd.empty()
                                          ? desk_->cyclePack().event(desk_->cyclePack().cycleEnd)
                                          : nullptr)
                add(end->id, tr("%1\nends the cycle").arg(words::text(end->title)));
            if (list == PartList::Events)
                for (const PartName& phase : desk_->draft().parts(PartList::Phases))
                    add(phase.id, tr("%1\na phase").arg(words::text(phase.title)))
                        ->setData(kListOfRow, static_cast<int>(PartList::Phases));
        }
        if (!parts_->currentItem() && parts_->count() > 0)
            parts_->setCurrentRow(0);
    }
    filling_ = false;
    showPart();
}

/// A point of the body, or one of one's own: an implement, a ball, a mark on the floor.
void Workshop::takePoint(const std::string& id, bool on) {
    (void)desk_->edit(on ? tr("A point more") : tr("A point less"), [&](PackDraft& draft) {
        const bool body = id.find('@') != std::string::npos || isAnatomical(id);
        if (on && !body && !draft.part(PartList::Points, id))
            draft.put(PartList::Points, {{"id", id}, {"title", words::text(inWords(id)).toStdString()}});
        if (on)
            draft.put(PartList::Marked, id);
        else
            draft.take(PartList::Marked, id);
        if (!on && !body)
            draft.take(PartList::Points, id);
    });
}

void Workshop::addOwnPoint() {
    const QString title = ownPoint_->text().trimmed();
    if (title.isEmpty() || !desk_->isOpen())
        return;
    const std::string id = desk_->draft().freeId(PartList::Points, title.toStdString());
    ownPoint_->clear();
    (void)desk_->edit(tr("A point: %1").arg(title), [&](PackDraft& draft) {
        draft.put(PartList::Points, {{"id", id}, {"title", title.toStdString()}});
        draft.put(PartList::Marked, id);
    });
    workspace_.say(
        tr("\"%1\" is marked on the Mark page from now on, in this case and in all that use the skill.").arg(title));
}

void Workshop::addLine() {
    const QString title = lineName_->text().trimmed();
    const std::vector<PointRef>& picked = stage_->picked();
    if (!desk_->isOpen() || picked.size() != 2 || title.isEmpty()) {
        workspace_.say(tr("Click two points on the picture, then write the name of the line."), true);
        return;
    }
    const std::string id = desk_->draft().freeId(PartList::Lines, title.toStdString());
    lineName_->clear();
    (void)desk_->edit(tr("A line: %1").arg(title), [&](PackDraft& draft) {
        draft.put(PartList::Lines, {{"id", id},
                                    {"title", title.toStdString()},
                                    {"points", Json::array({picked[0].text(), picked[1].text()})}});
    });
    stage_->unpick();
}

std::string Workshop::chosenPart() const {
    return parts_->currentItem() ? parts_->currentItem()->data(kPartOfRow).toString().toStdString() : std::string();
}

PartList Workshop::chosenList() const {
    const QVariant list = parts_->currentItem() ? parts_->currentItem()->data(kListOfRow) : QVariant();
    return list.isValid() ? static_cast<PartList>(list.toInt()) : listOf(section_);
}

std::string Workshop::chosenEvent() const {
    return section_ == Section::Positions && chosenList() == PartList::Events ? chosenPart() : std::string();
}

void Workshop::choosePart(const std::string& id) {
    for (int i = 0; i < parts_->count(); ++i)
        if (parts_->item(i)->data(kPartOfRow).toString().toStdString() == id) {
            parts_->setCurrentRow(i);
            return;
        }
}

void Workshop::showPart() {
    const std::string id = chosenPart();
    form_->show(chosenList(), id);
    take_->setEnabled(!id.empty());
    if (section_ == Section::Positions) {
        const std::string event = chosenEvent();
        stage_->setSelectedEvent(event);
        if (!isHidden())
            stage_->goToEvent(event);
        rules_->show(event);
    }
    if (section_ == Section::Faults)
        causes_->select(id);
    if (section_ == Section::Measures)
        showOffers();
}

void Workshop::showOffers() {
    if (!desk_->isOpen())
        return;
    const Pack& pack = desk_->pack();
    const QVariant chosen = when_->currentData();
    {
        const QSignalBlocker quiet(when_);
        when_->clear();
        for (const EventDef& event : pack.events)
            when_->addItem(tr("at: %1").arg(words::text(event.title)), words::text("event:" + event.id));
        for (const PhaseDef& phase : pack.phases)
            when_->addItem(tr("over: %1").arg(words::text(phase.title)), words::text("phase:" + phase.id));
        when_->setCurrentIndex(std::max(0, when_->findData(chosen)));
    }
    offers_->clear();
    for (const MeasureDef& def : offered()) {
        const bool known = std::any_of(pack.measures.begin(), pack.measures.end(),
                                       [&](const MeasureDef& own) { return own.title == def.title; });
        auto* item = new QListWidgetItem(words::text(def.title) + (known ? tr("  (is there)") : QString()), offers_);
        item->setToolTip(words::definition(pack, def));
    }
    if (offers_->count() == 0)
        new QListWidgetItem(stage_->picked().empty()
                                ? tr("Click one, two, three or four points on the picture; with none the times between "
                                     "positions are offered.")
                                : tr("Nothing can be measured so from this view."),
                            offers_);
}

PointedAt Workshop::pointedAt() const {
    PointedAt out;
    out.points = stage_->picked();
    out.marked = markedPoints(desk_->pack(), stage_->shown().trials);
    const QString when = when_->currentData().toString();
    const std::string id = when.section(u':', 1).toStdString();
    if (when.startsWith(QLatin1String("event:")))
        out.events = {id};
    else
        out.phase = id;
    return out;
}

/// The stage goes to the next event, and measures are offered there.
void Workshop::nextMoment() {
    const Pack& pack = desk_->pack();
    if (pack.events.empty())
        return;
    const QString now = when_->currentData().toString();
    const int at = now.startsWith(QLatin1String("event:")) ? pack.eventIndex(now.section(u':', 1).toStdString()) : -1;
    const std::size_t next = static_cast<std::size_t>(at + 1) % pack.events.size();
    when_->setCurrentIndex(when_->findData(words::text("event:" + pack.events[next].id)));
    stage_->goToEvent(pack.events[next].id);
    showOffers();
}

/// Between the points clicked; with none the times from the event to each other one.
std::vector<MeasureDef> Workshop::offered() const {
    const PointedAt at = pointedAt();
    std::vector<MeasureDef> out = offersFor(desk_->pack(), at, stage_->view());
    if (!at.points.empty() || at.events.empty())
        return out;
    for (const EventDef& other : desk_->pack().events)
        for (MeasureDef& def : offersFor(desk_->pack(), {{}, {at.events[0], other.id}, {}, {}}, stage_->view()))
            out.push_back(std::move(def));
    return out;
}

void Workshop::takeOffer(int row) {
    if (!desk_->isOpen())
        return;
    const auto offers = offered();
    if (row < 0 || row >= static_cast<int>(offers.size()))
        return;
    MeasureDef def = offers[static_cast<std::size_t>(row)];
    if (std::any_of(desk_->pack().measures.begin(), desk_->pack().measures.end(),
                    [&](const MeasureDef& own) { return own.title == def.title; })) {
        workspace_.say(tr("\"%1\" is there already.").arg(words::text(def.title)));
        return;
    }
    def.id = desk_->draft().freeId(PartList::Measures, def.title);
    (void)desk_->edit(tr("Measure: %1").arg(words::text(def.title)), [&](PackDraft& draft) {
        def.source = draft.sourceFor(tr("not measured yet").toStdString());
        draft.put(PartList::Measures, measureJson(def));
    });
    stage_->unpick();
    choosePart(def.id);
    measureRanges();
}

void Workshop::measureRanges() {
    if (!desk_->isOpen() || stage_->isEmpty() || !desk_->reading().faults.empty())
        return;
    // Those without a range; where all have one, all anew.
    Pack pack = desk_->cyclePack();
    const bool all = std::all_of(pack.measures.begin(), pack.measures.end(), [&](const MeasureDef& def) {
        return desk_->draft().part(PartList::Ranges, def.id) != nullptr;
    });
    std::vector<std::string> wanted;
    for (const MeasureDef& def : pack.measures)
        if (all || !desk_->draft().part(PartList::Ranges, def.id))
            wanted.push_back(def.id);
    workspace_.start<std::vector<ModelRange>>(
        tr("Measuring the model"), this, workspace_.ofCase().newest(QStringLiteral("ranges")),
        [pack, trials = stage_->shown().trials](JobControl&) -> Result<std::vector<ModelRange>> {
            return rangesFromModel(pack, trials);
        },
        [this, wanted](const Result<std::vector<ModelRange>>& found) {
            if (!found || !desk_->isOpen() || !workspace_.hasCase())
                return;
            std::vector<ModelRange> ranges = *found;
            std::erase_if(ranges, [&](const ModelRange& range) {
                const std::string base(baseMeasure(range.measure));
                return std::find(wanted.begin(), wanted.end(), base) == wanted.end() ||
                       !desk_->draft().part(PartList::Measures, base); // taken out meanwhile
            });
            if (!ranges.empty())
                (void)desk_->edit(tr("Ranges of the model"), [&](PackDraft& draft) {
                    draft.takeRanges(ranges, rangesSource(workspace_.data(), stage_->shown()));
                });
        },
        Pace::Quick);
}

void Workshop::namePosition() {
    if (!desk_->isOpen() || stage_->isEmpty())
        return;
    const int frame = stage_->frame();
    const RepetitionId repetition = stage_->repetition();
    const QString title = tr("Position %1").arg(desk_->pack().events.size() + 1);
    const std::string id = desk_->draft().freeId(PartList::Events, title.toStdString());
    // Before the first one that comes later in this repetition.
    std::string before;
    const Trial* trial = stage_->trial();
    for (const EventDef& event : desk_->pack().events)
        if (const TrialEvent* at = trial->event(event.id); at && at->frame > frame) {
            before = event.id;
            break;
        }
    // Points that were clicked are those whose moment it is: it is carried over, and finds itself, by them.
    Json event{{"id", id}, {"title", title.toStdString()}, {"hint", kToBeWritten}};
    for (const PointRef& point : stage_->picked())
        event["by"].push_back(point.text());
    const bool done = desk_->edit(
        tr("A position: %1").arg(title),
        [&](PackDraft& draft) {
            draft.put(PartList::Events, event, before);
            draft.joinPhases();
        },
        [&](Edit& edit) {
            return edit.setEvent(repetition, id, {static_cast<double>(frame), {}, std::string(kByHand)});
        });
    if (!done)
        return;
    stage_->unpick();
    choosePart(id);
    rules_->carry(id);
    form_->write();
}

void Workshop::setPosition() {
    const std::string id = chosenEvent();
    if (id.empty() || stage_->isEmpty())
        return;
    const int frame = stage_->frame();
    const EventDef* event = desk_->cyclePack().event(id);
    const bool done =
        workspace_.apply(tr("Set: %1").arg(event ? words::text(event->title) : words::text(id)), [&](Edit& edit) {
            return edit.setEvent(stage_->repetition(), id, {static_cast<double>(frame), {}, std::string(kByHand)});
        });
    if (done)
        rules_->carry(id); // to those that nobody has looked at yet: the more are set, the nearer
}

/// What is shown is taken as it stands, and the next repetition comes.
void Workshop::nextRepetition(int by) {
    const std::string id = chosenEvent();
    const RepetitionPlace at = placeOf(workspace_.data(), stage_->repetition());
    if (by > 0 && at && !id.empty())
        if (const auto set = at.repetition->events.find(id); set != at.repetition->events.end() &&
                                                             isProposed(set->second.source) &&
                                                             std::lround(set->second.frame) == stage_->frame()) {
            StoredEvent confirmed = set->second;
            confirmed.source = confirmedSource(confirmed.source);
            if (workspace_.apply(tr("Taken as it stands"),
                                 [&](Edit& edit) { return edit.setEvent(at.repetition->id, id, confirmed); }))
                rules_->carry(id);
        }
    stage_->nextRepetition(by);
}

void Workshop::takePart() {
    if (!desk_->isOpen() || !take_->isVisible() || !take_->isEnabled())
        return;
    std::vector<std::pair<PartList, std::string>> ids;
    for (const QListWidgetItem* item : parts_->selectedItems()) {
        const QVariant list = item->data(kListOfRow);
        ids.emplace_back(list.isValid() ? static_cast<PartList>(list.toInt()) : listOf(section_),
                         item->data(kPartOfRow).toString().toStdString());
    }
    if (ids.empty())
        ids.emplace_back(chosenList(), chosenPart());
    std::vector<PartName> gone;
    (void)desk_->edit(words::counted(ids.size(), tr("part taken out"), tr("parts taken out")), [&](PackDraft& draft) {
        for (const auto& [list, id] : ids)
            for (PartName& other : draft.take(list, id))
                gone.push_back(std::move(other));
    });
    QStringList names;
    for (const PartName& part : gone)
        if (part.list != PartList::Ranges)
            names << words::text(part.title);
    if (!names.isEmpty())
        workspace_.say(tr("Went with it, since it stood on it: %1. Undo brings all back.")
                           .arg(names.mid(0, 6).join(QStringLiteral(", ")) +
                                (names.size() > 6 ? QStringLiteral("…") : QString())));
}

bool Workshop::takeText(const QString& text, const QString& name) { return desk_->takeText(text, name); }

void Workshop::takeFile() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("A skill from a file"), {}, tr("Skill (*.riflesso-skill *.json)"));
    if (!path.isEmpty())
        emit fileChosen(path);
}

void Workshop::giveFile() {
    if (!desk_->isOpen())
        return;
    const QString path = QFileDialog::getSaveFileName(this, tr("The skill as a file"),
                                                      desk_->skill().title + QStringLiteral(".riflesso-skill"),
                                                      tr("Skill (*.riflesso-skill *.json)"));
    if (!path.isEmpty())
        giveTo(path);
}

void Workshop::giveTo(const QString& path) {
    QSaveFile file(path);
    const QByteArray text = QByteArray::fromStdString(desk_->draft().text());
    if (!file.open(QIODevice::WriteOnly) || file.write(text) != text.size() || !file.commit())
        workspace_.say(tr("%1: %2").arg(path, file.errorString()), true);
    else
        workspace_.say(tr("Written to %1.").arg(path));
}

std::vector<PageKey> Workshop::keyTable() {
    const bool pointing = desk_->isOpen() && !stage_->isEmpty() && middle_->currentIndex() == 0;
    const bool positions = pointing && section_ == Section::Positions;
    std::vector<PageKey> out;
    constexpr int kMany = 10;
    out.push_back(
        {QStringLiteral("← →"),
         tr("a frame"),
         tr("A frame back or on; with Shift ten"),
         {Qt::Key_Left, Qt::Key_Right},
         [this](KeyPress press) { stage_->step((press.key == Qt::Key_Left ? -1 : 1) * (press.shift ? kMany : 1)); },
         pointing});
    out.push_back({QStringLiteral("N B"),
                   tr("repetition"),
                   tr("The next repetition, what was carried over taken as it stands; the one before"),
                   {Qt::Key_N, Qt::Key_B},
                   [this](KeyPress press) { nextRepetition(press.key == Qt::Key_N ? 1 : -1); },
                   pointing});
    out.push_back({QStringLiteral("P"),
                   tr("new position here"),
                   {},
                   {Qt::Key_P},
                   [this](KeyPress) { namePosition(); },
                   positions});
    out.push_back({QStringLiteral("E"),
                   tr("set the position here"),
                   tr("Set the position here; with Shift the next repetition comes"),
                   {Qt::Key_E},
                   [this](KeyPress press) {
                       setPosition();
                       if (press.shift)
                           stage_->nextRepetition(1);
                   },
                   positions && !chosenEvent().empty()});
    out.push_back({QStringLiteral("E"),
                   tr("next position"),
                   tr("The next position, and what is measured there"),
                   {Qt::Key_E},
                   [this](KeyPress) { nextMoment(); },
                   pointing && section_ == Section::Measures});
    out.push_back({QStringLiteral("R"),
                   tr("find rules"),
                   tr("Rules by which the position finds itself; with Shift the best is taken"),
                   {Qt::Key_R},
                   [this](KeyPress press) { rules_->search(press.shift); },
                   positions && !chosenEvent().empty()});
    out.push_back({QStringLiteral("Del"),
                   tr("take out"),
                   tr("The chosen part, and what stands on it"),
                   {Qt::Key_Delete},
                   [this](KeyPress) { takePart(); },
                   desk_->isOpen() && !chosenPart().empty()});
    out.push_back({QStringLiteral("1–7"),
                   tr("section"),
                   tr("Positions, points, measures, faults, ladders, words, cases"),
                   {Qt::Key_1, Qt::Key_2, Qt::Key_3, Qt::Key_4, Qt::Key_5, Qt::Key_6, Qt::Key_7},
                   [this](KeyPress press) { showSection(static_cast<Section>(press.key - Qt::Key_1)); },
                   desk_->isOpen()});
    return out;
}

} // namespace riflesso
