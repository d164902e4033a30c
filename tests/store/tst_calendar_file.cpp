// Calendar files there and back, and against an independent reader (python3-icalendar).

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "store/calendar_file.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

using namespace riflesso;

class TestCalendarFile : public QObject {
    Q_OBJECT
    const std::vector<CalendarEntry> entries_ = {
        {QDate(2026, 11, 27), QDate(2026, 11, 27), QStringLiteral("Technique session: the arm, first"),
         QStringLiteral("Cue: \"straight; wait\", step.\nTwo lines, and a very long one that has to be folded because "
                        "no line of such a file may be longer than seventy-five octets: ÄÖÜ."),
         QStringLiteral("a-1@riflesso")},
        {QDate(2026, 11, 28),
         QDate(2026, 12, 7),
         QStringLiteral("No technique changes"),
         {},
         QStringLiteral("a-2@riflesso")}};

private slots:
    void thereAndBack() {
        const QByteArray text = writeCalendar(entries_, QDateTime(QDate(2026, 11, 25), QTime(12, 0), Qt::UTC));
        const auto read = readCalendar(text, QStringLiteral("plan.ics"));
        QVERIFY(read);
        QCOMPARE(read->size(), entries_.size());
        for (std::size_t i = 0; i < entries_.size(); ++i)
            QVERIFY2((*read)[i] == entries_[i], qPrintable((*read)[i].title + (*read)[i].text));
        for (const QByteArray& line : text.split('\n'))
            QVERIFY2(line.size() <= 76, line.constData()); // RFC 5545, 3.1: 75 octets and the carriage return
    }
    void anIndependentReaderAgrees() {
        QTemporaryDir folder;
        QFile file(folder.filePath(QStringLiteral("plan.ics")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(writeCalendar(entries_, QDateTime(QDate(2026, 11, 25), QTime(12, 0), Qt::UTC)));
        file.close();
        QProcess python;
        python.start(QStringLiteral("/usr/bin/python3"),
                     {QStringLiteral("-c"),
                      QStringLiteral("import sys, icalendar\n"
                                     "c = icalendar.Calendar.from_ical(open(sys.argv[1], 'rb').read())\n"
                                     "for e in c.walk('VEVENT'):\n"
                                     "    print(e['UID'], e.decoded('DTSTART'), e.decoded('DTEND'), e['SUMMARY'], "
                                     "sep='|')\n"),
                      file.fileName()});
        QVERIFY2(python.waitForFinished(30000) && python.exitCode() == 0, python.readAllStandardError().constData());
        const QStringList lines = QString::fromUtf8(python.readAllStandardOutput()).trimmed().split(u'\n');
        QCOMPARE(lines.size(), 2);
        QCOMPARE(lines[0], QStringLiteral("a-1@riflesso|2026-11-27|2026-11-28|Technique session: the arm, first"));
        QCOMPARE(lines[1], QStringLiteral("a-2@riflesso|2026-11-28|2026-12-08|No technique changes"));
    }
    void timesBecomeDays() {
        const auto read = readCalendar("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:2\r\n"
                                       "DTSTART:20261212T090000\r\nDTEND:20261213T170000\r\nSUMMARY:Two days\r\n"
                                       "END:VEVENT\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:20261205\r\n"
                                       "SUMMARY:One day\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
                                       QStringLiteral("c.ics"));
        QVERIFY(read);
        QCOMPARE(read->size(), std::size_t(2));
        QCOMPARE((*read)[0].title, QStringLiteral("One day")); // by date
        QCOMPARE((*read)[0].to, QDate(2026, 12, 5));
        QCOMPARE((*read)[1].from, QDate(2026, 12, 12));
        QCOMPARE((*read)[1].to, QDate(2026, 12, 13));
    }
    void whatIsNoCalendarIsSaidSo_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::newRow("empty") << QByteArray();
        QTest::newRow("prose") << QByteArray("Dear diary,\n");
        QTest::newRow("bytes") << QByteArray("\x00\xff\x01", 3);
        QTest::newRow("another component") << QByteArray("BEGIN:VTODO\r\nEND:VTODO\r\n");
        QTest::newRow("too large") << QByteArray((qsizetype(4) << 20) + 1, 'x');
    }
    void whatIsNoCalendarIsSaidSo() {
        QFETCH(QByteArray, text);
        const auto read = readCalendar(text, QStringLiteral("c.ics"));
        QVERIFY(!read);
        QVERIFY(QString::fromStdString(read.error().sentence()).contains(QStringLiteral("c.ics")));
    }
    void cutAndSpoiledOnesNeverCrash() {
        const QByteArray text = writeCalendar(entries_, QDateTime(QDate(2026, 11, 25), QTime(12, 0), Qt::UTC));
        for (qsizetype cut = 0; cut < text.size(); ++cut) {
            const auto read = readCalendar(text.left(cut), QStringLiteral("c.ics"));
            QVERIFY(!read || read->size() <= 2);
            QByteArray spoiled = text;
            spoiled[cut] = static_cast<char>(spoiled[cut] ^ 0x15);
            const auto other = readCalendar(spoiled, QStringLiteral("c.ics"));
            QVERIFY(!other || other->size() <= 2);
        }
    }
};

QTEST_APPLESS_MAIN(TestCalendarFile)
#include "tst_calendar_file.moc"
