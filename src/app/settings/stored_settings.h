#pragma once
// What holds for this machine, kept between starts.

#include <QString>

namespace riflesso::settings {

constexpr int kLeastCacheMiB = 64, kMostCacheMiB = 4096, kUsualCacheMiB = 256;
/// Pictures kept in memory for a clip, within the bounds.
[[nodiscard]] int cacheMiB();
void setCacheMiB(int mebibytes);
/// Id of the school of ranking that a new case begins with.
[[nodiscard]] QString newSchool();
void setNewSchool(const QString& school);
/// Folder of the library to start with; empty: the usual one.
[[nodiscard]] QString libraryFolder();
void setLibraryFolder(const QString& folder);

} // namespace riflesso::settings
