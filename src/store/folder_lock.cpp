#include "store/folder_lock.h"

#include <QFile>
#include <QFileInfo>

namespace riflesso {

bool takeLock(QLockFile& lock) {
    constexpr int kWaitMs = 200; // far longer than writing into a lock takes
    lock.setStaleLockTime(0);    // who runs keeps it, however long
    if (lock.tryLock(kWaitMs))
        return true;
    if (lock.error() != QLockFile::LockFailedError || QFileInfo(lock.fileName()).size() > 0)
        return false;
    QFile::remove(lock.fileName());
    return lock.tryLock(kWaitMs);
}

} // namespace riflesso
