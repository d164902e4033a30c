#include "app/workshop/skill_desk.h"

#include "core/measure/single_cycles.h"
#include "core/tables/json_walk.h"
#include "report/words.h"
#include "work/skill_of_case.h"

#include <algorithm>

namespace riflesso {

SkillDesk::SkillDesk(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

void SkillDesk::forget() {
    skills_.clear();
    open_ = 0;
    draft_.reset();
    reading_ = {};
}

void SkillDesk::refresh() {
    const QString before = draft_ ? skill().draft : QString();
    const std::size_t had = skills_.size();
    skills_.clear();
    if (workspace_.library())
        if (auto skills = workspace_.library()->ownSkills())
            skills_ = std::move(*skills);
    if (std::none_of(skills_.begin(), skills_.end(), [&](const OwnSkill& one) { return one.id == open_; }))
        open_ = skills_.empty() ? 0 : skills_.back().id;
    if (open_ == 0) {
        draft_.reset();
        reading_ = {};
    } else if (!draft_ || before != skill().draft || had != skills_.size()) {
        read();
    }
    emit changed();
}

void SkillDesk::open(std::int64_t id) {
    open_ = id;
    draft_.reset();
    refresh();
}

const OwnSkill& SkillDesk::skill() const {
    return *std::find_if(skills_.begin(), skills_.end(), [&](const OwnSkill& one) { return one.id == open_; });
}

void SkillDesk::read() {
    auto draft = PackDraft::read(skill().draft.toStdString(), "the draft");
    draft_.reset();
    reading_ = {};
    if (!draft)
        return;
    draft_.emplace(std::move(*draft));
    reading_ = draft_->reading();
    cycle_ = ofSingleCycles(reading_.pack);
}

bool SkillDesk::changedSinceKept() const {
    return skill().editions.empty() || !packDiff(skill().editions.back().pack.toStdString(), draft_->text()).empty();
}

QString SkillDesk::nextEdition() const {
    if (skill().editions.empty())
        return words::text(pack().edition);
    const SkillEdition& last = skill().editions.back();
    return words::text(
        riflesso::nextEdition(last.edition.toStdString(), packDiff(last.pack.toStdString(), draft_->text())));
}

bool SkillDesk::caseFollows() const {
    return draft_ && workspace_.hasCase() && workspace_.data().pack.id == pack().id &&
           workspace_.data().pack.edition.ends_with(kDraftMark);
}

QString SkillDesk::textToFollow(const PackDraft& draft) const {
    PackDraft followed = draft;
    const auto edition = draft.json().find("edition");
    followed.set("edition", (edition != draft.json().end() && edition->is_string() ? edition->get<std::string>() : "") +
                                kDraftMark);
    return QString::fromStdString(followed.text());
}

bool SkillDesk::edit(const QString& name, const std::function<void(PackDraft&)>& change,
                     const std::function<Result<void>(Edit&)>& also) {
    PackDraft next = *draft_;
    change(next);
    const bool follows = caseFollows();
    const bool sound = next.reading().faults.empty();
    const QString text = QString::fromStdString(next.text());
    if (text == skill().draft && !also)
        return true;
    const bool done = workspace_.apply(name, [&](Edit& edit) -> Result<void> {
        if (const auto set = edit.setOwnSkill(open_, text); !set)
            return set;
        if (follows && sound)
            if (const auto set = edit.setPack(workspace_.data().id, textToFollow(next)); !set)
                return set;
        return also ? also(edit) : Result<void>();
    });
    refresh();
    return done;
}

bool SkillDesk::setKey(const QString& name, PartList list, const std::string& id, const std::string& key,
                       const Json& value) {
    const Json* part = draft_->part(list, id);
    if (!part || !part->is_object())
        return false;
    Json next = *part;
    if (value.is_null())
        next.erase(key);
    else
        next[key] = value;
    if (next == *part)
        return true;
    return edit(name, [&](PackDraft& draft) { draft.put(list, next); });
}

bool SkillDesk::begin(const QString& title) {
    if (!workspace_.hasCase()) {
        workspace_.say(tr("A skill begins as a case: open one, with a model or the athlete's best repetitions."), true);
        return false;
    }
    const auto text = workspace_.library()->packText(workspace_.data().id);
    if (!text) {
        workspace_.say(words::text(text.error().sentence()), true);
        return false;
    }
    auto begun = beginSkill(text->toStdString(), workspace_.data(), title.toStdString());
    if (!begun) {
        workspace_.say(words::text(begun.error().sentence()), true);
        return false;
    }
    std::int64_t made = 0;
    const bool done = workspace_.apply(tr("A skill of one's own"), [&](Edit& edit) -> Result<void> {
        const auto added = edit.addOwnSkill(QString::fromStdString(begun->text()));
        if (!added)
            return added.error();
        made = *added;
        return edit.setPack(workspace_.data().id, textToFollow(*begun));
    });
    if (done)
        open(made);
    return done;
}

bool SkillDesk::takeText(const QString& text, const QString& name) {
    const auto read = PackDraft::read(text.toStdString(), name.toStdString());
    if (!read) {
        workspace_.say(words::text(read.error().sentence()), true);
        return false;
    }
    std::int64_t made = 0;
    const bool done = workspace_.apply(tr("A skill from a file"), [&](Edit& edit) -> Result<void> {
        const auto added = edit.addOwnSkill(QString::fromStdString(read->text()));
        if (!added)
            return added.error();
        made = *added;
        return {};
    });
    if (done)
        open(made);
    return done;
}

bool SkillDesk::keepEdition() {
    if (!reading_.faults.empty()) {
        workspace_.say(tr("The skill still has %1: it is kept as a draft, not as an edition.")
                           .arg(words::counted(reading_.faults.size(), tr("fault"), tr("faults"))),
                       true);
        return false;
    }
    const QString edition = nextEdition();
    PackDraft next = *draft_;
    next.set("edition", edition.toStdString());
    const QString text = QString::fromStdString(next.text());
    const bool done = workspace_.apply(tr("Edition %1 of the skill").arg(edition), [&](Edit& edit) -> Result<void> {
        if (const auto kept = edit.addSkillEdition(open_, edition, text); !kept)
            return kept;
        return edit.setOwnSkill(open_, text);
    });
    if (done)
        workspace_.say(
            tr("Kept as edition %1. Cases keep the edition that they have until they are brought over.").arg(edition));
    refresh();
    return done;
}

bool SkillDesk::bringOver(const std::vector<CaseId>& cases, const QString& packText, const QString& edition) {
    const bool done = workspace_.apply(tr("Brought to edition %1").arg(edition), [&](Edit& edit) -> Result<void> {
        for (const CaseId id : cases) {
            if (const auto set = edit.setPack(id, packText); !set)
                return set;
            if (const auto noted = edit.note(id, QStringLiteral("brought to edition %1 of the skill").arg(edition), {});
                !noted)
                return noted;
        }
        return {};
    });
    refresh();
    return done;
}

bool SkillDesk::follow(bool on) {
    if (!workspace_.hasCase())
        return false;
    if (on && !reading_.faults.empty()) {
        workspace_.say(tr("A skill with a fault cannot be tried: see what is still wrong."), true);
        return false;
    }
    const QString text = on ? textToFollow(*draft_) : QString::fromStdString(draft_->text());
    const bool done = workspace_.apply(on ? tr("Try the skill on this case") : tr("The case keeps the skill as it is"),
                                       [&](Edit& edit) { return edit.setPack(workspace_.data().id, text); });
    refresh();
    return done;
}

bool SkillDesk::remove() {
    const bool done = workspace_.apply(tr("The skill removed"), [&](Edit& edit) { return edit.removeOwnSkill(open_); });
    open_ = 0;
    draft_.reset();
    refresh();
    return done;
}

} // namespace riflesso
