#pragma once
// Clip files and the library: taken in, copied beside it, found again where they were moved.

#include "store/edit.h"
#include "work/go_on.h"

#include <QString>

#include <utility>
#include <vector>

namespace riflesso {

/// Facts of a clip file for the store: times, size, hash. `kept`: the path as the library keeps it.
[[nodiscard]] Result<NewClip> describeClip(const QString& path, const QString& kept, const QString& title);
/// Several, each under the name of its file; what is wrong with one keeps none of the others back.
[[nodiscard]] Result<std::vector<Result<NewClip>>> describeClips(const QStringList& paths, const GoOn& goOn);
/// Into a session, whole, as this pack looks at it.
[[nodiscard]] Result<ClipId> takeClip(Edit& edit, const Pack& pack, SessionId session, const NewClip& clip);

/// Where the library keeps the copy of a clip, relative to its folder: by content.
[[nodiscard]] QString keptName(const Clip& clip);
/// Copies in pieces, so that it can be stopped; a half copy is taken away again.
[[nodiscard]] Result<void> copyFile(const QString& from, const QString& to, const GoOn& goOn);

/// Clips that were moved are known by their content, never by their name: whether `file` is `clip`, and which others of
/// the case that are missing lie in its folder under the names they had. Bad input where it is another clip.
using FoundPlaces = std::vector<std::pair<ClipId, QString>>;
[[nodiscard]] Result<FoundPlaces> findMoved(const CaseData& data, ClipId clip, const QString& file, const GoOn& goOn);
/// What lies in the library's folder is kept relative to it.
[[nodiscard]] Result<void> keepPlaces(Edit& edit, const QString& libraryFolder, const FoundPlaces& places);

/// Of the frames that look like cuts, those at which no section begins yet.
[[nodiscard]] std::vector<int> openCuts(const Clip& clip, const std::vector<int>& cuts);
/// Splits the sections of a clip there. A cut within a repetition is bad input.
[[nodiscard]] Result<void> splitAtCuts(Edit& edit, const Clip& clip, const std::vector<int>& cuts);

} // namespace riflesso
