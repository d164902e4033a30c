#pragma once
// The lock of a library's folder.

#include <QLockFile>

namespace riflesso {

/// Takes the lock, from a program that runs no more too. One that was killed between making the file and writing into
/// it leaves an empty lock, which by itself would hold for ever: it is taken away. False: see lock.error().
[[nodiscard]] bool takeLock(QLockFile& lock);

} // namespace riflesso
