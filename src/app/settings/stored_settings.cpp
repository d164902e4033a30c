#include "app/settings/stored_settings.h"

#include <QSettings>

#include <algorithm>

namespace riflesso::settings {

int cacheMiB() {
    return std::clamp(QSettings().value(QStringLiteral("cacheMiB"), kUsualCacheMiB).toInt(), kLeastCacheMiB,
                      kMostCacheMiB);
}
void setCacheMiB(int mebibytes) { QSettings().setValue(QStringLiteral("cacheMiB"), mebibytes); }
QString newSchool() { return QSettings().value(QStringLiteral("newSchool"), QStringLiteral("root")).toString(); }
void setNewSchool(const QString& school) { QSettings().setValue(QStringLiteral("newSchool"), school); }
QString libraryFolder() { return QSettings().value(QStringLiteral("library")).toString(); }
void setLibraryFolder(const QString& folder) { QSettings().setValue(QStringLiteral("library"), folder); }

} // namespace riflesso::settings
