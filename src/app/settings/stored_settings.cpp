#include "app/settings/stored_settings.h"

#include "core/points/trial.h"

#include <QLocale>
#include <QSettings>

#include <algorithm>
#include <iterator>

namespace riflesso::settings {

int cacheMiB() {
    return std::clamp(QSettings().value(QStringLiteral("cacheMiB"), kUsualCacheMiB).toInt(), kLeastCacheMiB,
                      kMostCacheMiB);
}
void setCacheMiB(int mebibytes) { QSettings().setValue(QStringLiteral("cacheMiB"), mebibytes); }
QString newSchool() { return QSettings().value(QStringLiteral("newSchool"), QStringLiteral("root")).toString(); }
void setNewSchool(const QString& school) { QSettings().setValue(QStringLiteral("newSchool"), school); }
int textPercent() {
    const int percent = QSettings().value(QStringLiteral("textPercent"), kTextSizes[0]).toInt();
    return std::find(std::begin(kTextSizes), std::end(kTextSizes), percent) == std::end(kTextSizes) ? kTextSizes[0]
                                                                                                    : percent;
}
void setTextPercent(int percent) { QSettings().setValue(QStringLiteral("textPercent"), percent); }
double markSigma() {
    const double px = QSettings().value(QStringLiteral("markSigma"), defaultSigmaPx()).toDouble();
    return std::clamp(px, kLeastMarkSigma, kMostMarkSigma);
}
void setMarkSigma(double px) { QSettings().setValue(QStringLiteral("markSigma"), px); }
double markSigmaPx(int pictureHeight) { return markSigma() / defaultSigmaPx() * defaultSigmaPx(pictureHeight); }
QString language() { return QSettings().value(QStringLiteral("language")).toString(); }
void setLanguage(const QString& name) { QSettings().setValue(QStringLiteral("language"), name); }
QString numbersLanguage() { return QSettings().value(QStringLiteral("numbersLanguage")).toString(); }
void setNumbersLanguage(const QString& name) { QSettings().setValue(QStringLiteral("numbersLanguage"), name); }
void applyNumbersLanguage(const QString& name) {
    QLocale locale = name.isEmpty() ? QLocale::system() : QLocale(name);
    locale.setNumberOptions(QLocale::OmitGroupSeparator | QLocale::RejectGroupSeparator);
    QLocale::setDefault(locale);
}
QString libraryFolder() { return QSettings().value(QStringLiteral("library")).toString(); }
void setLibraryFolder(const QString& folder) { QSettings().setValue(QStringLiteral("library"), folder); }
namespace {
/// A group of the settings cannot hold a path as it is.
QString copyKey(const QString& library) {
    return QStringLiteral("copies/") + QString::fromLatin1(library.toUtf8().toHex());
}
} // namespace
QString copyFolder(const QString& library) { return QSettings().value(copyKey(library)).toString(); }
void setCopyFolder(const QString& library, const QString& folder) { QSettings().setValue(copyKey(library), folder); }

} // namespace riflesso::settings
