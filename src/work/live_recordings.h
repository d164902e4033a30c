#pragma once
// What a camera of this computer records for a session, until it is a clip of it.

#include "store/case_data.h"

#include <QDateTime>
#include <QString>
#include <QStringList>

#include <vector>

namespace riflesso {

/// A recording lies in recordings/live of the library's folder, under its session's uid, until it has become a clip:
/// where the program is ended or killed before that, it lies there still, and can be read up to there.
class LiveRecordings {
public:
    LiveRecordings(const QString& libraryFolder, const Session& session);
    /// Where the recordings of this session are made.
    [[nodiscard]] const QString& folder() const { return folder_; }

    struct Left {
        QString path;
        QDateTime ended; ///< last write
        qint64 bytes = 0;
    };
    /// Those that are not yet a clip of the case, by time. One that is (the program ended between the two) is removed.
    [[nodiscard]] std::vector<Left> left(const CaseData& data) const;
    /// Puts it among the library's clips too, for the clip to be made of; the path there. It stays here until taken().
    [[nodiscard]] Result<QString> putAmongClips(const QString& path) const;
    /// Whether the file at `path` is a clip of the case.
    [[nodiscard]] static bool isClip(const CaseData& data, const QString& path);
    /// It is a clip now.
    static void taken(const QString& path);
    [[nodiscard]] static Result<void> remove(const QString& path);
    /// All of these sessions (uids), which are no more.
    static void removeOf(const QString& libraryFolder, const QStringList& sessions);

private:
    QString folder_, media_;
};

} // namespace riflesso
