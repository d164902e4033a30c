#pragma once
// Ids that cannot be mixed up: a clip's id does not compile where a repetition's is asked for.

#include <compare>
#include <cstdint>

namespace riflesso {

template <class Tag> struct Id {
    std::int64_t value = 0; ///< 0: not stored yet
    auto operator<=>(const Id&) const = default;
    explicit operator bool() const { return value != 0; }
};

using AthleteId = Id<struct AthleteTag>;
using CaseId = Id<struct CaseTag>;
using SessionId = Id<struct SessionTag>;
using ClipId = Id<struct ClipTag>;
using SectionId = Id<struct SectionTag>;
using RepetitionId = Id<struct RepetitionTag>;
using MarkId = Id<struct MarkTag>;
using PracticeBlockId = Id<struct PracticeBlockTag>;
using AssessmentId = Id<struct AssessmentTag>;

} // namespace riflesso
