#pragma once
// How far a piece of work is, and whether to go on with it.

#include <functional>

namespace riflesso {

/// Called during the work with the share done, 0..1; false: stop now, the answer is cancelled().
using GoOn = std::function<bool(double share)>;

} // namespace riflesso
