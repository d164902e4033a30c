// Progress: the retest against the baseline as the core compares them, read off the page; consent where it matters.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "report/words.h"
#include "window_driver.h"
#include "work/case_assessment.h"

#include <QCheckBox>
#include <QComboBox>
#include <QTableWidget>

using namespace riflesso;
using namespace riflesso::test;

class TestProgress : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] QStringList texts(const char* name) const {
        QStringList out;
        for (const QLabel* label : app_->window->page(QStringLiteral("progress"))->findChildren<QLabel*>())
            if (label->objectName() == QLatin1String(name))
                out << label->text();
        return out;
    }
    [[nodiscard]] bool compared() const {
        return QTest::qWaitFor(
            [this] { return app_->workspace.jobs().idle() && app_->find<QTableWidget>("changes")->rowCount() > 0; },
            30000);
    }

private slots:
    void initTestCase() {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(folder_)).ok());
        app_->step("progress");
        app_->click("progressFilm");
        QVERIFY(compared());
    }
    void theTableIsTheCoresRetest() {
        const auto* table = app_->find<QTableWidget>("changes");
        const CaseData& data = app_->data();
        const Progress progress = progressOf(data, data.sessions[0].id, data.sessions[1].id, Stress::Calm, School::Root,
                                             QDate::currentDate());
        QCOMPARE(table->rowCount(), static_cast<int>(progress.retest.measures.size()));
        int seen = 0;
        for (int row = 0; row < table->rowCount(); ++row) {
            const std::string id = table->item(row, 0)->data(Qt::UserRole).toString().toStdString();
            const auto change = std::find_if(progress.retest.measures.begin(), progress.retest.measures.end(),
                                             [&](const Change& c) { return c.measure == id; });
            QVERIFY(change != progress.retest.measures.end());
            const MeasureDef& def = *data.pack.measure(id);
            const SetSummary* now = progress.second.find(id);
            if (now)
                QCOMPARE(table->item(row, 3)->text(), words::withU(def, now->median, 2 * now->u));
            if (change->comparable())
                QCOMPARE(table->item(row, 4)->text(), words::withU(def, change->change, change->detectable));
            QCOMPARE(table->item(row, 0)->text() == QStringLiteral("better"), change->verdict == ChangeVerdict::Better);
            seen += id == "arm_before_foot" && change->verdict == ChangeVerdict::Better;
        }
        QCOMPARE(seen, 1);
    }
    void theStoryIsSaid() {
        QVERIFY2(app_->headline().contains(QStringLiteral("is back at")), qPrintable(app_->headline()));
        QVERIFY(texts("faultChange").join(u' ').contains(QStringLiteral("The arm is late: <b>gone</b>")));
        QVERIFY(texts("overConditions").join(u' ').contains(QStringLiteral("Back again at")));
    }
    void anotherConditionIsComparedWithItself() {
        auto* level = app_->find<QComboBox>("progressLevel");
        QCOMPARE(level->count(), 2);
        level->setFocus();
        QTest::keyClick(level, Qt::Key_Down);
        QVERIFY(compared());
        QVERIFY(!texts("faultChange").join(u' ').contains(QStringLiteral("The arm is late: <b>gone</b>")));
    }
    void oneSessionAgainstItselfIsNoComparison() {
        auto* later = app_->find<QComboBox>("later");
        later->setFocus();
        QTest::keyClick(later, Qt::Key_Up);
        QTRY_COMPARE(app_->find<QTableWidget>("changes")->rowCount(), 0);
        QVERIFY(app_->headline().contains(QStringLiteral("no marked set in common")));
    }
    void consentIsSaidWhereItMatters() {
        app_->step("athlete");
        QVERIFY(app_->find<QLabel>("consentState")->text().contains(QStringLiteral("holds until")));
        app_->find<QCheckBox>("consentGiven")->click();
        QTRY_VERIFY(!app_->data().athlete.consentGiven.isValid());
        QVERIFY(app_->find<QLabel>("consentState")->text().contains(QStringLiteral("No consent")));
        app_->step("handover");
        QTRY_VERIFY(app_->quiet());
        bool said = false;
        for (const QLabel* label : app_->window->page(QStringLiteral("handover"))->findChildren<QLabel*>())
            said = said || label->text().contains(QStringLiteral("No consent"));
        QVERIFY(said);
        app_->workspace.undo();
        QVERIFY(app_->data().athlete.consentGiven.isValid());
    }
    void cleanupTestCase() { app_.reset(); }
};

QTEST_MAIN(TestProgress)
#include "tst_progress.moc"
