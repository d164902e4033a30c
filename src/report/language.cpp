#include "report/language.h"

#include "store/pack_language.h"

#include <QCoreApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

namespace riflesso {

namespace {
QString& spoken() {
    static QString language = QStringLiteral("en");
    return language;
}
} // namespace

const QString& spokenLanguage() { return spoken(); }

bool nounsHaveCapitals() { return spoken() == QLatin1String("de"); }

QString shareFolder() {
    return QDir::cleanPath(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/riflesso"));
}

QStringList translatedInto(const QString& share) {
    QStringList out;
    for (const QString& file :
         QDir(share + QStringLiteral("/translations")).entryList({QStringLiteral("riflesso_*.qm")}))
        out << file.section(u'_', 1).section(u'.', 0, 0);
    return out;
}

QString languageOf(const QString& chosen) {
    if (!chosen.isEmpty())
        return chosen.section(u'_', 0, 0);
    // What the person reads, which need not be what the machine counts in.
    const QStringList wanted = QLocale::system().uiLanguages();
    return (wanted.isEmpty() ? QLocale::system().name() : wanted.front()).section(u'-', 0, 0).section(u'_', 0, 0);
}

QString datePattern() {
    const bool dot = QLocale().dateFormat(QLocale::LongFormat).contains(QStringLiteral("d. "));
    return dot ? QStringLiteral("d. MMM yyyy") : QStringLiteral("d MMM yyyy");
}

void speak(const QString& language, const QString& share) {
    const auto install = [](const QString& file, const QString& folder) {
        auto* translator = new QTranslator(QCoreApplication::instance());
        if (translator->load(file, folder))
            QCoreApplication::installTranslator(translator);
        else
            delete translator;
    };
    if (translatedInto(share).contains(language)) {
        install(QStringLiteral("qtbase_") + language, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
        install(QStringLiteral("riflesso_") + language, share + QStringLiteral("/translations"));
        spoken() = language;
    }
    setPackLanguage(share + QStringLiteral("/packs"), language);
}

} // namespace riflesso
