// What waits on the desk on a day.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "store/desk.h"

#include <QtTest>

using namespace riflesso;
using What = DeskItem::What;

class TestDesk : public QObject {
    Q_OBJECT
    const QDate today_{2026, 11, 25};

    /// Consent for a year, nothing planned.
    DeskCase quiet(int id = 1) const {
        DeskCase one;
        one.id = {id};
        one.athlete.name = QStringLiteral("A");
        one.athlete.consentGiven = today_.addDays(-10);
        one.athlete.consentUntil = today_.addYears(1);
        return one;
    }
    std::vector<What> on(const DeskCase& one) const {
        std::vector<What> out;
        for (const DeskItem& item : deskOf({one}, today_))
            out.push_back(item.what);
        return out;
    }

private slots:
    void nothingWaits() { QVERIFY(on(quiet()).empty()); }
    void consent() {
        DeskCase one = quiet();
        one.athlete.consentGiven = {};
        QVERIFY((on(one) == std::vector<What>{What::ConsentMissing}));
        one = quiet();
        one.athlete.consentUntil = today_.addDays(-1);
        QVERIFY((on(one) == std::vector<What>{What::ConsentEnded}));
        one.athlete.consentUntil = today_.addDays(kConsentSoonDays);
        QVERIFY((on(one) == std::vector<What>{What::ConsentEnds}));
        one.athlete.consentUntil = today_.addDays(kConsentSoonDays + 1);
        QVERIFY(on(one).empty());
        one.athlete.consentUntil = {}; // without an end
        QVERIFY(on(one).empty());
    }
    void retestUntilItIsFilmed() {
        DeskCase one = quiet();
        one.plan.retest = today_.addDays(kDueSoonDays + 1);
        QVERIFY(on(one).empty());
        one.plan.retest = today_.addDays(-3);
        one.lastFilmed = today_.addDays(-20);
        QVERIFY((on(one) == std::vector<What>{What::Retest}));
        one.lastFilmed = today_.addDays(-2);
        QVERIFY(on(one).empty());
        one.plan.retention = today_.addDays(7);
        QVERIFY((on(one) == std::vector<What>{What::Retention}));
        one.lastTested = today_.addDays(6); // before its day: not yet that test
        QVERIFY((on(one) == std::vector<What>{What::Retention}));
        one.lastTested = today_.addDays(7);
        QVERIFY(on(one).empty());
    }
    void adviceUntilItIsGiven() {
        DeskCase one = quiet();
        AthleteLimit& knee = one.athlete.limits.emplace_back();
        knee.words = QStringLiteral("left knee");
        knee.since = today_.addDays(-2);
        QVERIFY(on(one).empty()); // known, and nothing is stopped
        knee.stopped = true;
        const auto items = deskOf({one}, today_);
        QCOMPARE(items.size(), std::size_t(1));
        QVERIFY(items[0].what == What::Advice);
        QCOMPARE(items[0].limit.words, QStringLiteral("left knee"));
        QCOMPARE(items[0].date, knee.since);
        knee.advice = QStringLiteral("no landings");
        knee.advisedOn = today_;
        QVERIFY(on(one).empty());
    }
    void askedAgainOnTheDay() {
        DeskCase one = quiet();
        Decision parked;
        parked.choice = Decision::Choice::Park;
        parked.until = today_.addDays(1).toString(Qt::ISODate);
        one.setAside = {{parked, QStringLiteral("Late arm")}};
        QVERIFY(on(one).empty());
        one.setAside[0].first.until = today_.toString(Qt::ISODate);
        QVERIFY((on(one) == std::vector<What>{What::AskAgain}));
        one.setAside[0].first.choice = Decision::Choice::WorkOn; // decided anew
        QVERIFY(on(one).empty());
    }
    void competitionAndTheDaysBeforeIt() {
        DeskCase one = quiet();
        one.plan.noChangeDays = 10;
        one.competitions = {{1, today_.addDays(-4), QStringLiteral("Over")},
                            {2, today_.addDays(20), QStringLiteral("Cup")}};
        const auto soon = deskOf({one}, today_);
        QCOMPARE(soon.size(), std::size_t(1));
        QVERIFY(soon[0].what == What::Competition);
        QCOMPARE(soon[0].date, today_.addDays(10)); // from then on nothing changes
        QCOMPARE(soon[0].until, today_.addDays(20));
        QCOMPARE(soon[0].name, QStringLiteral("Cup"));
        one.plan.noChangeDays = 20;
        QVERIFY((on(one) == std::vector<What>{What::NoChange}));
        one.competitions = {{3, today_.addDays(kCompetitionSoonDays + 1), QStringLiteral("Far")}};
        QVERIFY(on(one).empty());
    }
    void theMostUrgentFirst() {
        DeskCase late = quiet(1), missing = quiet(2), soon = quiet(3);
        late.plan.retest = today_.addDays(-3);
        missing.athlete.consentGiven = {};
        soon.plan.retest = today_.addDays(3);
        const auto items = deskOf({soon, late, missing}, today_);
        QCOMPARE(items.size(), std::size_t(3));
        QCOMPARE(items[0].id.value, 2);
        QCOMPARE(items[1].id.value, 1);
        QCOMPARE(items[2].id.value, 3);
    }
};

QTEST_APPLESS_MAIN(TestDesk)
#include "tst_desk.moc"
