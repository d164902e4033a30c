#pragma once
// What holds for this machine, kept between starts.

#include <QString>

namespace riflesso::settings {

constexpr int kLeastCacheMiB = 64, kMostCacheMiB = 4096, kUsualCacheMiB = 512;
/// Pictures kept in memory, of all clips together, within the bounds.
[[nodiscard]] int cacheMiB();
void setCacheMiB(int mebibytes);
/// Id of the school of ranking that a new case begins with.
[[nodiscard]] QString newSchool();
void setNewSchool(const QString& school);
/// Size of text and controls against the usual one, in per cent: one of kTextSizes.
constexpr int kTextSizes[] = {100, 115, 130, 150};
[[nodiscard]] int textPercent();
void setTextPercent(int percent);
/// Standard uncertainty (px, at 1080 lines) of a mark set from now on, within the bounds.
constexpr double kLeastMarkSigma = 0.3, kMostMarkSigma = 10;
[[nodiscard]] double markSigma();
void setMarkSigma(double px);
/// The same at the height of a picture.
[[nodiscard]] double markSigmaPx(int pictureHeight);
/// Language of window, papers and skills, such as "de"; empty: the system's.
[[nodiscard]] QString language();
void setLanguage(const QString& name);
/// Language of dates and numbers as a locale's name, such as "de_DE"; empty: that of the
/// words.
[[nodiscard]] QString numbersLanguage();
void setNumbersLanguage(const QString& name);
/// What a program begins with, before its first window: dates, numbers and their typing follow it. Numbers are shown
/// without separators of groups, so that what is shown can be typed.
void applyNumbersLanguage(const QString& name);
/// Folder of the library to start with; empty: the usual one.
[[nodiscard]] QString libraryFolder();
void setLibraryFolder(const QString& folder);
/// Folder of the second copy of the library in `library`; empty: none was made.
[[nodiscard]] QString copyFolder(const QString& library);
void setCopyFolder(const QString& library, const QString& folder);

} // namespace riflesso::settings
