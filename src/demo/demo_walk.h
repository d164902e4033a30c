#pragma once
// The walk-through of a story: what the analyst says of it, over the views of a case that is in the library already.

#include "demo/demo_case.h"

namespace riflesso {

/// Writes it into the library's folder, as if it had been recorded; its words are kept as captions. A story without a
/// talk: nothing is written.
[[nodiscard]] Result<void> addTalk(Library& library, const DemoSources& sources, const Story& story,
                                   const DemoPlace& place);

} // namespace riflesso
