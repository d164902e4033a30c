#pragma once
// A case made from a story: its clips in the library, marked from their truth as a careful analyst would have.

#include "demo/demo_library.h"
#include "demo/story.h"

namespace riflesso {

/// Where a case opens.
struct DemoPlace {
    CaseId id;
    SessionId session;
};
/// Adds the case of a story in one step, or none of it where it is stopped; marking noise is seeded. Strokes filmed
/// without a break become a repetition each, with a little on both sides.
[[nodiscard]] Result<DemoPlace> addStory(Library& library, const DemoSources& sources, const Story& story,
                                         const GoOn& goOn);

} // namespace riflesso
