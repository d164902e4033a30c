#pragma once
// A whole case worked on without anyone at the window: looked through, repetitions found, marks proposed and tracked,
// sets assessed. Done again it goes on where it was stopped: what is there is not done twice.

#include "core/judge/assessment.h"
#include "media/clip_checks.h"
#include "store/library.h"

#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

enum class CaseStep { Look, Find, Propose, Track, Assess };
[[nodiscard]] const char* toString(CaseStep step);
[[nodiscard]] std::optional<CaseStep> caseStepFrom(const std::string& word);

/// What a look through a clip found.
struct ClipLookedThrough {
    QString title;
    ClipChecks checks;
};
/// One set: a session at one stress level, none where no level is said.
struct SetAssessed {
    SessionId session;
    std::optional<Stress> stress;
    Assessment assessment;
};
struct CaseWorked {
    std::vector<ClipLookedThrough> looked;
    std::size_t found = 0;                  ///< repetitions
    std::size_t proposed = 0, doubtful = 0; ///< marks
    std::size_t events = 0;                 ///< key events proposed
    std::size_t tracked = 0, lost = 0;      ///< marks; lost: places
    std::vector<SetAssessed> assessed;
    std::vector<std::string> leftOut; ///< what could not be done, and why; the rest was
};

/// Asked during the work; false stops it, what was written until then stays.
using StepGoOn = std::function<bool(CaseStep step, double share)>;

/// `steps` in their order: Look reads every clip; Find looks for repetitions in sections that have none; Propose marks
/// repetitions of which less than half the marks are there; Track carries the analyst's own marks there where there are
/// some; Assess judges every set of the athlete. Each clip's and repetition's result is one undo step in the library.
/// `models`: folder of the pose networks' weights; `today`: for dates.
[[nodiscard]] Result<CaseWorked> workOnCase(Library& library, CaseId id, const std::vector<CaseStep>& steps,
                                            const std::string& models, const QDate& today, const StepGoOn& goOn);

} // namespace riflesso
