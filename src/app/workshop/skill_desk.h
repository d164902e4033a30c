#pragma once
// The skill of one's own that is open in the workshop: its draft, read anew after every change; every change is one
// undo step, and the case that follows the draft goes with it.

#include "app/workspace.h"
#include "core/workshop/pack_draft.h"

#include <QObject>

#include <optional>

namespace riflesso {

class SkillDesk : public QObject {
    Q_OBJECT
public:
    explicit SkillDesk(Workspace& workspace, QObject* parent);
    /// Reads the library again; the open skill stays where it is still there.
    void refresh();
    void forget();

    [[nodiscard]] const std::vector<OwnSkill>& skills() const { return skills_; }
    [[nodiscard]] bool isOpen() const { return draft_.has_value(); }
    void open(std::int64_t id);
    /// Precondition of all below: isOpen().
    [[nodiscard]] const OwnSkill& skill() const;
    [[nodiscard]] const PackDraft& draft() const { return *draft_; }
    [[nodiscard]] const PackReading& reading() const { return reading_; }
    [[nodiscard]] const Pack& pack() const { return reading_.pack; }
    /// The same for repetitions of one cycle each (single_cycles.h): what is set in them and measured on them.
    [[nodiscard]] const Pack& cyclePack() const { return cycle_; }
    /// The edition that the draft would be kept as; the newest one where nothing has changed since.
    [[nodiscard]] QString nextEdition() const;
    [[nodiscard]] bool changedSinceKept() const;
    /// Whether the open case is judged by the draft, whatever it becomes.
    [[nodiscard]] bool caseFollows() const;

    /// One undo step; `also` changes more in the same one. What the change does to the draft is looked at by the
    /// reader, never refused: only a draft without a fault goes to the case that follows.
    bool edit(const QString& name, const std::function<void(PackDraft&)>& change,
              const std::function<Result<void>(Edit&)>& also = {});
    /// The part with one key changed; null takes the key away.
    bool setKey(const QString& name, PartList list, const std::string& id, const std::string& key, const Json& value);

    /// A skill that begins as the open case's; the case follows it.
    bool begin(const QString& title);
    /// A skill that begins as a file says; a file that is no JSON object is an error that names the place.
    bool takeText(const QString& text, const QString& name);
    /// The draft as an edition; not while it has a fault.
    bool keepEdition();
    /// The cases judged by this text from now on, in one step.
    bool bringOver(const std::vector<CaseId>& cases, const QString& packText, const QString& edition);
    /// The open case follows the draft, or keeps what it has now.
    bool follow(bool on);
    bool remove();

signals:
    void changed();

private:
    void read();
    [[nodiscard]] QString textToFollow(const PackDraft& draft) const;
    Workspace& workspace_;
    std::vector<OwnSkill> skills_;
    std::int64_t open_ = 0;
    std::optional<PackDraft> draft_;
    PackReading reading_;
    Pack cycle_;
};

/// What an edition that a case follows ends in.
inline constexpr const char* kDraftMark = " draft";

} // namespace riflesso
