#pragma once
// What the cases of the demo world are made from: a pack, shipped clips with their truth, and marks as a careful
// analyst would have set them.

#include "core/pack/pack.h"
#include "core/tables/json_walk.h"
#include "demo/demo_library.h"

#include <functional>
#include <map>
#include <optional>
#include <random>
#include <set>
#include <utility>
#include <vector>

namespace riflesso {

class DemoCase {
public:
    /// packFile: name of a file among the shipped packs. clips: names of the sources, and what they are called.
    [[nodiscard]] static Result<DemoCase> of(Library& library, const DemoSources& sources, const QString& packFile,
                                             const std::vector<std::pair<QString, QString>>& clips);

    [[nodiscard]] const QString& packText() const { return packText_; }
    /// What the analyst notes beside the marks of a repetition; `index` counts from 0 in its clip.
    using Observe = std::function<void(Repetition& repetition, std::size_t index)>;
    struct Filmed {
        SessionId session;
        std::size_t clip = 0;         ///< index into `clips`
        std::optional<Stress> stress; ///< of the athlete's repetitions; none: a model's clip
        Observe observe;
        std::set<std::string> unseen{}; ///< landmarks that this view hides: they are not marked
        /// Its repetitions are those of the same numbers in this clip, added before, seen by another camera.
        std::optional<std::size_t> sameAsClip{};
    };
    /// Adds the clip with its sections, repetitions, marks and events; seeded. Strokes filmed without a break become a
    /// repetition each, with a little on both sides.
    [[nodiscard]] Result<void> add(Edit& edit, const Filmed& filmed);

private:
    struct Prepared {
        NewClip clip;
        Json truth;
    };
    [[nodiscard]] Result<void> prepare(const Library& library, const DemoSources& sources, const QString& name,
                                       const QString& title);
    [[nodiscard]] std::vector<Repetition> repetitionsOf(const Json& truth, const Json& rep, const Section& section,
                                                        Side handedness, const std::set<std::string>& unseen,
                                                        std::mt19937& random) const;
    void mark(Repetition& repetition, const Json& truth, const Section& section, Side handedness,
              const std::set<std::string>& unseen, std::mt19937& random) const;

    QString packText_;
    Pack pack_;
    std::vector<Prepared> prepared_;
    std::map<std::pair<std::size_t, int>, RepetitionId> added_; ///< by clip and number
};

/// The stories: each adds one case and says where it opens.
struct DemoPlace {
    CaseId id;
    SessionId session;
};
[[nodiscard]] Result<DemoPlace> addIlka(Library& library, const DemoSources& sources);
[[nodiscard]] Result<DemoPlace> addDavor(Library& library, const DemoSources& sources);
[[nodiscard]] Result<DemoPlace> addMirelle(Library& library, const DemoSources& sources);

/// One block of practice: '1' for a good repetition, '0' for one that was not.
struct DemoBlock {
    int day; ///< after `from`
    const char *drill, *good;
};
[[nodiscard]] Result<void> addBlocks(Edit& edit, CaseId id, const std::string& fault, const QDate& from,
                                     const std::vector<DemoBlock>& blocks);

} // namespace riflesso
