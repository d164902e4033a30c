#pragma once
// Zip files of strangers and for them: written whole or not at all, read within bounds.

#include "core/result.h"

#include <QByteArray>
#include <QString>

#include <functional>
#include <map>
#include <vector>

namespace riflesso {

/// An entry to write: bytes from memory (packed), or a file (kept as it is: clips do not get smaller).
struct ZipSource {
    QString name;
    QByteArray bytes;
    QString file; ///< where not empty, in place of bytes
};
/// Writes beside the target and renames at the end. `goOn` with the share of the bytes done; false stops.
[[nodiscard]] Result<void> writeZip(const QString& path, const std::vector<ZipSource>& entries,
                                    const std::function<bool(double)>& goOn = {});

struct ZipBounds {
    int entries = 20'000;
    std::int64_t textBytes = std::int64_t(512) << 20, fileBytes = std::int64_t(64) << 30;
};
enum class ZipPlace { Refused, Memory, Folder };
struct ZipContent {
    std::map<QString, QByteArray> texts;
    std::map<QString, QString> files; ///< name to the path it was unpacked to
};
/// Reads all entries, each to where `place` says for its name: memory, or the folder, under a number as its file name.
/// Refused: a name that `place` refuses, a name that comes twice, a link, a device, a folder entry that is not empty,
/// more than the bounds, a damaged entry. Nothing of the zip chooses a path on disk.
[[nodiscard]] Result<ZipContent> readZip(const QString& path, const std::function<ZipPlace(const QString&)>& place,
                                         const QString& folder, const ZipBounds& bounds = {},
                                         const std::function<bool(double)>& goOn = {});

} // namespace riflesso
