#pragma once
// How many threads decoding and the networks use. Answers do not depend on it.

namespace riflesso {

/// From now on, in readers and networks that are opened later: for a machine that works on several cases at once.
/// count >= 1. Without: two for a clip, all that the machine has for a network.
void useThreads(int count);
[[nodiscard]] int decodingThreads();
/// Whether something may run beside what is waited for.
[[nodiscard]] bool mayRunBeside();

} // namespace riflesso
