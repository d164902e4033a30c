#include "takehome/case_with_walks.h"

#include "takehome/walk_through.h"

namespace riflesso {

Result<ArchiveWritten> writeWholeCase(const Library& library, CaseId id, const QString& path, bool media,
                                      const std::function<bool(double)>& goOn) {
    if (!media)
        return writeCaseArchive(library, id, path, false, goOn);
    const auto data = library.loadCase(id);
    if (!data)
        return data.error();
    return writeCaseArchive(library, id, path, true, goOn, walkFilesOf(library.folder(), *data));
}

} // namespace riflesso
