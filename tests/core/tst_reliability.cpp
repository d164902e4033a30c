// Ratings and their agreement; the published tables are held in checks/tst_outside.cpp.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/uncertainty/reliability.h"

#include <QtTest>

using namespace riflesso;

class TestReliability : public QObject {
    Q_OBJECT
private slots:
    void readsATable() {
        const auto table = readRatings("subject,rater,value\nb,x,2\n# a note\na,x,1\na,y,1.5\nb,y,\"2.5\"\n", "R.csv");
        QVERIFY(table.ok());
        QCOMPARE(table->subjects(), 2U);
        QCOMPARE(table->raters(), 2U);
        QCOMPARE(table->rows[0][1], 2.5); // b came first
        QCOMPARE(table->rows[1][0], 1.0);
    }
    void refuses_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("where");
        QTest::newRow("empty") << ""
                               << "R.csv";
        QTest::newRow("another header") << "subject,value\n"
                                        << "R.csv:1";
        QTest::newRow("no number") << "subject,rater,value\na,x,high\n"
                                   << "R.csv:2";
        QTest::newRow("not finite") << "subject,rater,value\na,x,nan\n"
                                    << "R.csv:2";
        QTest::newRow("a cell too few") << "subject,rater,value\na,x\n"
                                        << "R.csv:2";
        QTest::newRow("twice") << "subject,rater,value\na,x,1\na,x,2\n"
                               << "R.csv:3";
        QTest::newRow("no rater's name") << "subject,rater,value\na,,1\n"
                                         << "R.csv:2";
        QTest::newRow("one rater") << "subject,rater,value\na,x,1\nb,x,2\n"
                                   << "R.csv";
        QTest::newRow("a hole") << "subject,rater,value\na,x,1\na,y,1\nb,x,2\n"
                                << "R.csv";
    }
    void refuses() {
        QFETCH(QString, text);
        QFETCH(QString, where);
        const auto table = readRatings(text.toStdString(), "R.csv");
        QVERIFY(!table.ok());
        QCOMPARE(QString::fromStdString(table.error().where), where);
        QVERIFY(!table.error().expected.empty());
    }
    void twoRatersByHand() {
        // Differences -1, 1, 0: mean 0, SD 1; typical error SD/sqrt 2; limits of agreement -2 and 2.
        const Reliability r = reliabilityOf({{{1, 2}, {5, 4}, {9, 9}}});
        QCOMPARE(r.typicalError, 1 / std::sqrt(2.0));
        QVERIFY(r.agreement.has_value());
        QCOMPARE(r.agreement->mean, 0.0);
        QCOMPARE(r.agreement->low, -2.0);
        QCOMPARE(r.agreement->high, 2.0);
    }
    void raterWhoIsAlwaysHigher() {
        // A constant difference: the subjects are told apart without error, but not in absolute agreement.
        const Reliability r = reliabilityOf({{{1, 3}, {2, 4}, {6, 8}, {9, 11}}});
        QCOMPARE(r.icc31, 1.0);
        QVERIFY(r.icc21 < 0.95);
        QVERIFY(r.typicalError < 1e-9);
        QVERIFY(r.sem > 1);
    }
    void nothingToTellApart() {
        const Reliability r = reliabilityOf({{{2, 2}, {2, 2}}});
        QCOMPARE(r.icc11, 0.0);
        QCOMPARE(r.typicalError, 0.0);
    }
    void kappa() {
        QCOMPARE(weightedKappa({0, 1, 2, 1}, {0, 1, 2, 1}, 3), 1.0);
        // Cells (0,0) (0,1) (2,1) (2,2): observed distance 0.5; expected by hand 2 * (0.25 + 0.25 + 0.125 + 0.125 …)
        // = 1.
        QCOMPARE(weightedKappa({0, 0, 2, 2}, {0, 1, 1, 2}, 3), 0.5);
        QVERIFY(weightedKappa({0, 2, 0, 2}, {2, 0, 2, 0}, 3) < 0);
        QCOMPARE(weightedKappa({1, 1}, {1, 1}, 3), 1.0);
    }
};

QTEST_APPLESS_MAIN(TestReliability)
#include "tst_reliability.moc"
