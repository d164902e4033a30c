#pragma once
// A cyclic skill cut into repetitions of one cycle each: a person marks, watches and compares stroke by stroke.

#include "core/pack/pack.h"

namespace riflesso {

/// The pack of a cyclic skill for repetitions that are one cycle: discrete, with one event more, the start of the next
/// cycle (`cycleEnd`), at which the phases and intervals end that end with a later start. Any other pack as it is. What
/// ends with a later event than the next start cannot be measured in one cycle: it stays as it is, and is reversed.
[[nodiscard]] Pack ofSingleCycles(Pack pack);

} // namespace riflesso
