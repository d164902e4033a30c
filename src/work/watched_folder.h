#pragma once
// A folder into which clips arrive: which of them are whole by now.

#include <QDateTime>
#include <QString>
#include <QStringList>

#include <map>
#include <set>
#include <vector>

namespace riflesso {

/// Asked again and again (a few times a second). A file is whole when its size and its last write stood still for a
/// second (an empty one, for five); one that vanishes before is forgotten, one that is written anew arrives anew.
class WatchedFolder {
public:
    /// `alsoOld`: what lies there at first arrives too.
    WatchedFolder(QString folder, bool alsoOld);

    struct Arrived {
        QString path;
        QDateTime written; ///< last write
    };
    /// What has become whole since it was last asked, by last write. Files that are no films by their ending are left
    /// alone. `now`: this moment.
    [[nodiscard]] std::vector<Arrived> arrived(const QDateTime& now);
    /// Files that are still written to.
    [[nodiscard]] int waiting() const { return waiting_; }
    /// Whether the folder is there.
    [[nodiscard]] bool there() const;
    [[nodiscard]] const QString& folder() const { return folder_; }

private:
    struct Seen {
        qint64 size = -1;
        QDateTime written, since; ///< since: it looked like this
        bool done = false;
    };
    QString folder_;
    bool alsoOld_;
    bool asked_ = false;
    int waiting_ = 0;
    std::map<QString, Seen> seen_;
};

} // namespace riflesso
