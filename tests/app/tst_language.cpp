// Other languages: every string is in the translation file, a translation reaches window and paper, dates and numbers
// follow the chosen language, and files do not.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/settings/stored_settings.h"
#include "core/reasons.h"
#include "report/words.h"
#include "store/pack_language.h"
#include "support/files.h"
#include "window_driver.h"

#include <QAbstractScrollArea>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QProcess>
#include <QPushButton>
#include <QRegularExpression>
#include <QTranslator>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

QString contentOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

/// "context: source" of every message.
QSet<QString> messages(const QString& ts) {
    QSet<QString> out;
    QString context;
    static const QRegularExpression kPart(QStringLiteral("<(name|source)>([^<]*)</"));
    for (auto found = kPart.globalMatch(ts); found.hasNext();) {
        const auto part = found.next();
        if (part.captured(1) == QLatin1String("name"))
            context = part.captured(2);
        else
            out.insert(context + QStringLiteral(": ") + part.captured(2));
    }
    return out;
}

bool run(const char* program, const QStringList& arguments, const QString& folder) {
    QProcess process;
    process.setWorkingDirectory(folder);
    process.start(QLatin1String(program), arguments);
    return process.waitForFinished(60000) && process.exitCode() == 0;
}

} // namespace

class TestLanguage : public QObject {
    Q_OBJECT
private slots:
    void cleanup() { settings::applyNumbersLanguage(QStringLiteral("C")); }

    /// First: the skills that ship are read once, in the language of that moment.
    void aCaseIsKeptByItsOwnTitle() {
        setPackLanguage(QStringLiteral(PACKS), QStringLiteral("de"));
        QTemporaryDir folder;
        {
            Driver d;
            QVERIFY(d.workspace.open(folder.path()));
            d.window->showPage(QStringLiteral("start"));
            d.type("newName", QStringLiteral("Somebody"));
            auto* skill = d.find<QComboBox>("newSkill");
            if (const int lunge = skill->findText(QStringLiteral("Ausfall im Fechten")); lunge >= 0)
                skill->setCurrentIndex(lunge);
            QCOMPARE(skill->currentText(), QStringLiteral("Ausfall im Fechten"));
            d.click("startCase");
            QTRY_VERIFY(d.workspace.hasCase());
            QCOMPARE(d.data().title, QStringLiteral("Fencing lunge")); // one word for everybody
            d.window->showPage(QStringLiteral("start"));
            QTRY_VERIFY(d.find<QListWidget>("caseList")->count() > 0);
            QVERIFY2(d.find<QListWidget>("caseList")->item(0)->text().contains(QStringLiteral("Ausfall im Fechten")),
                     qPrintable(d.find<QListWidget>("caseList")->item(0)->text()));
        }
        setPackLanguage(QStringLiteral(PACKS), QStringLiteral("en"));
    }
    void everyStringIsInTheTranslationFile() {
        QTemporaryDir folder;
        const QString fresh = folder.filePath(QStringLiteral("fresh.ts"));
        QVERIFY(run(SOURCES "/tools/translations.sh", {fresh}, QStringLiteral(SOURCES)));
        static const QRegularExpression kContexts(
            QStringLiteral("^(riflesso|Report|Sentence: |Landmark: |LandmarkAfterArticle: |Word: |Body: )"));
        const QSet<QString> now = messages(contentOf(fresh));
        const QSet<QString> kept = messages(contentOf(QStringLiteral(SOURCES "/translations/riflesso_en.ts")));
        QVERIFY(now.size() > 1000);
        QVERIFY2((now - kept).isEmpty() && (kept - now).isEmpty(),
                 qPrintable(QStringLiteral("run tools/translations.sh; new: %1; gone: %2")
                                .arg(QStringList((now - kept).values()).join(u'|'),
                                     QStringList((kept - now).values()).join(u'|'))));
        for (const QString& message : now) // else the program looks for it under another name
            QVERIFY2(message.contains(kContexts), qPrintable(message));
        QVERIFY(now.contains(QStringLiteral("Sentence: its extreme lies in or beside a gap in the marks")));
        for (const char* side : {"left ", "right "})
            for (const char* part : {"shoulder", "elbow", "wrist", "hip", "knee", "ankle"})
                QVERIFY(now.contains(QStringLiteral("Landmark: ") + QLatin1String(side) + QLatin1String(part)));
    }
    void aTranslationReachesWindowAndPaper() {
        QTemporaryDir folder;
        const QString ts = folder.filePath(QStringLiteral("riflesso_xx.ts"));
        QFile file(ts);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("<?xml version=\"1.0\" encoding=\"utf-8\"?><!DOCTYPE TS><TS version=\"2.1\" language=\"it_IT\">"
                   "<context><name>riflesso::StartPage</name><message><source>Start a case</source>"
                   "<translation>Comincia un caso</translation></message></context>"
                   "<context><name>Report</name><message><source>root first</source>"
                   "<translation>prima la radice</translation></message></context>"
                   "<context><name>Landmark</name><message><source>left knee</source>"
                   "<translation>ginocchio sinistro</translation></message></context>"
                   "<context><name>LandmarkAfterArticle</name><message><source>left knee</source>"
                   "<translation>sinistro ginocchio</translation></message></context>"
                   "<context><name>Sentence</name><message><source>%1 is not marked at \"%2\"</source>"
                   "<translation>a \"%2\" manca: %1</translation></message></context></TS>");
        file.close();
        const QString qm = folder.filePath(QStringLiteral("riflesso_xx.qm"));
        QVERIFY(run("/usr/lib/qt6/bin/lrelease", {QStringLiteral("-silent"), ts, QStringLiteral("-qm"), qm},
                    folder.path()));
        QTranslator translator;
        QVERIFY(translator.load(qm));
        QCoreApplication::installTranslator(&translator);
        Driver d;
        d.window->showPage(QStringLiteral("start"));
        bool found = false;
        for (const QLabel* label : d.window->findChildren<QLabel*>())
            found = found || label->text().contains(QStringLiteral("Comincia un caso"));
        QVERIFY(found);
        QCOMPARE(words::schoolName(School::Root), QStringLiteral("prima la radice"));
        // The order of what is named may change, and what is named may hold a %1 of its own.
        const Reason reason = reasons::kNotMarkedAt(landmarkNamed("left_knee"), "the %1 of all");
        QCOMPARE(words::text(reason), QStringLiteral("a \"the %1 of all\" manca: ginocchio sinistro"));
        QCOMPARE(inEnglish(reason), std::string("left knee is not marked at \"the %1 of all\""));
        QCOMPARE(words::said("Il knee@lead", {{"lead", Side::Left}}), QStringLiteral("Il sinistro ginocchio"));
        QCoreApplication::removeTranslator(&translator);
        QCOMPARE(words::schoolName(School::Root), QStringLiteral("root first"));
    }
    void numbersAndDatesFollowTheLanguage() {
        settings::applyNumbersLanguage(QStringLiteral("de_DE"));
        QCOMPARE(words::number(-0.114, 2), QStringLiteral("−0,11"));
        QCOMPARE(words::number(-0.001, 2), QStringLiteral("0,00"));
        QCOMPARE(words::number(12345.6, 1), QStringLiteral("12345,6")); // as it can be typed
        QCOMPARE(words::figures(0.01234, 3), QStringLiteral("0,0123"));
        QCOMPARE(words::longDate({2026, 3, 7}), QStringLiteral("7. März 2026"));
        settings::applyNumbersLanguage(QStringLiteral("en_GB"));
        QCOMPARE(words::number(-0.114, 2), QStringLiteral("−0.11"));
        QCOMPARE(words::longDate({2026, 3, 7}), QStringLiteral("7 March 2026"));
    }
    void aResultTypedWithACommaIsKeptWithAPoint() {
        settings::applyNumbersLanguage(QStringLiteral("de_DE"));
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.selectAthlete(QStringLiteral("Mirelle Ostrand"));
        d.window->showPage(QStringLiteral("film"));
        QTRY_VERIFY(d.quiet());
        auto* number = d.find<QLineEdit>("resultNumber");
        QTRY_VERIFY(number->isVisible());
        number->setFocus();
        number->selectAll();
        QTest::keyClicks(number, QStringLiteral("8,5"));
        QTest::keyClick(number, Qt::Key_Return);
        QTRY_COMPARE(d.workspace.place().repetition->result, std::string("8.5"));
        QCOMPARE(number->text(), QStringLiteral("8,5"));
        // The archive of the case has decimal points, whatever the language.
        const RepetitionPlace place = d.workspace.place();
        QCOMPARE(d.workspace.library()->loadCase(d.workspace.data().id)->repetition(place.repetition->id)->result,
                 std::string("8.5"));
        d.window->showPage(QStringLiteral("mirror"));
        QTRY_VERIFY(d.quiet());
        bool comma = false;
        for (const QLabel* label : d.window->findChildren<QLabel*>())
            comma = comma || label->text().contains(QRegularExpression(QStringLiteral("±[ \u00a0]\\d+,\\d")));
        QVERIFY(comma);
    }
    /// Mirrored, as for a script that runs from right to left: every page shows what it has, inside the window.
    void everyButtonHasRoomForItsWords_data() {
        QTest::addColumn<QString>("language");
        QTest::newRow("English") << QString();
        QTest::newRow("German") << QStringLiteral("de");
    }
    void everyButtonHasRoomForItsWords() {
        QFETCH(QString, language);
        QTranslator translator;
        if (!language.isEmpty()) {
            QVERIFY(translator.load(QStringLiteral(SHARE "/translations/riflesso_") + language));
            QCoreApplication::installTranslator(&translator);
        }
        QTemporaryDir folder;
        QStringList cut;
        {
            Driver d;
            QVERIFY(d.workspace.open(demoCopy(folder)));
            for (const QString& page : MainWindow::pageIds()) {
                d.window->showPage(page);
                QTRY_VERIFY_WITH_TIMEOUT(d.quiet(), 20000);
                QCoreApplication::sendPostedEvents(); // what was said last is laid out
                for (const QWidget* widget : d.window->findChildren<QWidget*>()) {
                    const auto* button = qobject_cast<const QAbstractButton*>(widget);
                    const auto* label = qobject_cast<const QLabel*>(widget);
                    const bool asked = (button && !button->text().isEmpty()) ||
                                       (label && !label->wordWrap() && !label->text().isEmpty());
                    if (asked && widget->isVisible() && widget->width() < widget->sizeHint().width())
                        cut << QStringLiteral("%1, %2 (%3): %4 px, its words need %5")
                                   .arg(page, widget->objectName(), button ? button->text() : label->text())
                                   .arg(widget->width())
                                   .arg(widget->sizeHint().width());
                }
            }
        }
        QCoreApplication::removeTranslator(&translator);
        QVERIFY2(cut.isEmpty(), qPrintable(cut.join(u'\n')));
    }
    void everyPageMirrored() {
        QTemporaryDir folder;
        QGuiApplication::setLayoutDirection(Qt::RightToLeft);
        {
            Driver d;
            QVERIFY(d.workspace.open(demoCopy(folder)));
            for (const QString& page : MainWindow::pageIds()) {
                d.window->showPage(page);
                QTRY_VERIFY_WITH_TIMEOUT(d.quiet(), 20000);
                if (qEnvironmentVariableIsSet("MIRRORED_SHOTS"))
                    d.window->grab().save(qEnvironmentVariable("MIRRORED_SHOTS") + u'/' + page +
                                          QStringLiteral(".png"));
                for (const QWidget* widget : d.window->findChildren<QWidget*>()) {
                    if (!widget->isVisible() || qobject_cast<const QAbstractScrollArea*>(widget->parentWidget()) ||
                        !(qobject_cast<const QPushButton*>(widget) || qobject_cast<const QLineEdit*>(widget) ||
                          qobject_cast<const QComboBox*>(widget)))
                        continue;
                    bool scrolled = false; // what is scrolled may lie outside
                    for (const QWidget* p = widget->parentWidget(); p; p = p->parentWidget())
                        scrolled = scrolled || qobject_cast<const QAbstractScrollArea*>(p);
                    const QRect at(widget->mapTo(d.window.get(), QPoint()), widget->size());
                    QVERIFY2(scrolled || d.window->rect().contains(at), qPrintable(page + u' ' + widget->objectName()));
                }
            }
            QVERIFY(d.errors.isEmpty());
        }
        QGuiApplication::setLayoutDirection(Qt::LeftToRight);
    }
    void theSettingIsKept() {
        Driver d;
        d.window->showPage(QStringLiteral("settings"));
        auto* words = d.find<QComboBox>("language");
        QVERIFY(words->findData(QStringLiteral("de")) > 0);
        words->setCurrentIndex(words->findData(QStringLiteral("de")));
        emit words->activated(words->currentIndex());
        QCOMPARE(settings::language(), QStringLiteral("de"));
        settings::setLanguage({});
        auto* box = d.find<QComboBox>("numbersLanguage");
        box->setCurrentIndex(box->findData(QStringLiteral("fr_FR")));
        emit box->activated(box->currentIndex());
        QCOMPARE(settings::numbersLanguage(), QStringLiteral("fr_FR"));
        settings::setNumbersLanguage({});
    }
};

QTEST_MAIN(TestLanguage)
#include "tst_language.moc"
