#pragma once
// A skill that is being made: the text of a pack, changed part by part. It may be wrong at any time; the reader says
// where. Keys that nobody edits here are kept as they are.

#include "core/pack/pack_diff.h"
#include "core/pack/pack_reader.h"
#include "core/result.h"
#include "core/workshop/model_ranges.h"

#include <map>
#include <memory>
#include <set>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// The lists of a pack, by the key they have in the file. Ladders are known by their fault, ranges by their measure,
/// marked points by their name.
enum class PartList { Events, Phases, Points, Marked, Lines, Measures, Observations, Faults, Drills, Ladders, Ranges };
[[nodiscard]] std::string_view toString(PartList list);

/// A part by its place in the pack: "faults", "late_arm".
struct PartName {
    PartList list = PartList::Events;
    std::string id, title;
};

class PackDraft {
public:
    /// Any JSON object of at most kMaxPackBytes; else an error with the place.
    [[nodiscard]] static Result<PackDraft> read(std::string_view text, std::string_view name);
    /// A skill of one's own that begins as another: with its own title and id ("own.side-kick"), edition 0.1.0, and
    /// what the other says.
    [[nodiscard]] static PackDraft of(const PackDraft& other, const std::string& title);
    ~PackDraft();
    PackDraft(const PackDraft& other);
    PackDraft(PackDraft&& other) noexcept;
    PackDraft& operator=(PackDraft other) noexcept;

    [[nodiscard]] std::string text() const; ///< as it is kept and given away
    [[nodiscard]] const Json& json() const { return *json_; }
    [[nodiscard]] PackReading reading() const;

    [[nodiscard]] std::vector<PartName> parts(PartList list) const;
    /// Null where there is none.
    [[nodiscard]] const Json* part(PartList list, std::string_view id) const;
    /// An id that no part of the list has, out of a title: "Front foot down" is front_foot_down.
    [[nodiscard]] std::string freeId(PartList list, std::string_view title) const;

    /// In the place of the part with its id, else at the end; an event before the event `before`.
    void put(PartList list, const Json& part, std::string_view before = {});
    /// With all that cannot stand without it (a measure taken at an event, the fault that has no condition left …);
    /// what else went is listed.
    std::vector<PartName> take(PartList list, const std::string& id);
    /// What a path of packDiff names, as the other draft has it: the whole part ("faults.late_arm.title": the fault),
    /// or a value of the pack itself. Taken out, with all that stands on it, where the other has none; what else went
    /// is listed.
    std::vector<PartName> takeFrom(const PackDraft& other, const std::string& path);
    /// The id of the skill that this one began as; empty: of none that has faults.
    [[nodiscard]] std::string beganAs() const;
    /// A text or a value of the pack itself: "title", "about", "views". Null takes it away.
    void set(std::string_view key, const Json& value);
    /// Phases for the whole movement and between neighbouring events, where none has the same ends; in a cyclic skill
    /// from the last event to the next first one, too.
    void joinPhases();
    /// Ranges and tolerances of the measures measured, with a source of their own.
    void takeRanges(const std::vector<ModelRange>& ranges, const std::string& source);
    /// The id of a source with this text, made where there is none.
    [[nodiscard]] std::string sourceFor(const std::string& text);

private:
    explicit PackDraft(std::unique_ptr<Json> json);
    [[nodiscard]] Json& list(PartList list);
    void prune(std::vector<PartName>& gone);
    void pruneChoices(const std::set<std::string>& events, const std::set<std::string>& measures,
                      const std::set<std::string>& faults);
    void nameJoined(const std::map<std::string, std::string>& before);
    std::unique_ptr<Json> json_;
};

/// What a skill can be used without, but is not whole without.
struct StillMissing {
    enum class What { NoRule, NoFault, NoRange, NoLadder, NoWords } what;
    PartName part;
};
[[nodiscard]] std::vector<StillMissing> stillMissing(const Pack& pack);

/// The number of a new edition by what changed: words the last figure, ranges the middle one, structure the first (the
/// middle one before 1.0.0). An edition that is no such number gets "-2" and so on.
[[nodiscard]] std::string nextEdition(const std::string& edition, const std::vector<PackChange>& changes);

} // namespace riflesso
