// Measured feedback at the court, in the real window: clips that arrive in a folder, the simulated camera, what cannot
// be measured. What is shown, what is on disk, and whether the number says what the truth does.

#include "lunge_baseline.h"

#include "app/practice/court_panel.h"
#include "app/practice/practice_page.h"
#include "core/practice/said_and_felt.h"
#include "support/cut_clip.h"
#include "support/files.h"

#include <QComboBox>
#include <QLabel>

using namespace riflesso;
using namespace riflesso::test;

namespace {

const std::string kClip = DEMO_CLIPS "/ilka_baseline.mp4";
constexpr const char* kMeasure = "arm_before_foot";

/// What the arm's lead truly is, by repetition of the demo's clip.
std::vector<double> trueLeads() {
    const Json truth = readJson(std::string(DEMO_CLIPS "/ilka_baseline.truth.json"));
    std::vector<double> out;
    for (const Json& repetition : truth["takes"][0]["repetitions"])
        out.push_back(repetition["events_s"]["down"].get<double>() - repetition["events_s"]["straight"].get<double>());
    return out;
}

} // namespace

class TestCourt : public QObject {
    Q_OBJECT
    QTemporaryDir folder_, clips_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] CourtPanel* panel() const { return app_->window->findChild<CourtPanel*>(); }
    [[nodiscard]] QString text(const char* name) const { return app_->find<QLabel>(name)->text(); }
    [[nodiscard]] const PracticeRepetition& last() const { return app_->data().practice.back().repetitions.back(); }
    void choose(const char* box, int index) const {
        auto* chosen = app_->find<QComboBox>(box);
        QVERIFY2(index >= 0, box);
        chosen->setCurrentIndex(index);
        emit chosen->activated(index);
    }
    void openPanel() {
        app_->step("practice");
        QTRY_VERIFY(app_->quiet());
        if (panel()->isOpen())
            app_->key(Qt::Key_Escape);
        app_->key(Qt::Key_C);
        QTRY_VERIFY(panel()->isVisibleTo(app_->window.get()));
        choose("courtMeasure", app_->find<QComboBox>("courtMeasure")->findData(QString(kMeasure)));
    }
    /// The file as a telephone would bring it.
    void bring(const QString& path, const QString& name) const {
        QVERIFY(QFile::copy(path, clips_.filePath(QStringLiteral("in/") + name)));
    }

private slots:
    void initTestCase() {
        app_ = openLungeBaseline(folder_);
        QVERIFY(QDir(clips_.path()).mkpath(QStringLiteral("in")));
        QVERIFY(cutClip(kClip, 12, 118, clips_.filePath(QStringLiteral("first.mp4")).toStdString()));
        QVERIFY(cutClip(kClip, 111, 218, clips_.filePath(QStringLiteral("second.mp4")).toStdString()));
    }
    void cleanupTestCase() { app_.reset(); }
    void init() { app_->errors.clear(); }

    void theDrillsOwnMeasureComesFirst() {
        app_->step("practice");
        QTRY_VERIFY(app_->quiet());
        // What a killed program left behind goes.
        const QString passing = app_->workspace.library()->folder() + QStringLiteral("/recordings/practice/passing");
        QVERIFY(QDir().mkpath(passing));
        QVERIFY(QFile::copy(clips_.filePath(QStringLiteral("first.mp4")), passing + QStringLiteral("/left.mp4")));
        app_->click("courtFilm");
        QVERIFY(panel()->isOpen());
        QVERIFY(!QDir(passing).exists());
        QCOMPARE(app_->find<QComboBox>("courtMeasure")->itemData(0).toString(), QString(kMeasure));
        QVERIFY(app_->find<QComboBox>("courtAs")->count() > 0);
        QVERIFY2(text("courtState").contains(QStringLiteral("nothing is filmed before")),
                 qPrintable(text("courtState")));
        app_->key(Qt::Key_Escape);
        QVERIFY(!panel()->isOpen() && !panel()->isVisibleTo(app_->window.get()));
        QVERIFY(app_->find<QLabel>("share")->isVisibleTo(app_->window.get()));
    }
    void eachClipOfTheFolderIsMeasured() {
        openPanel();
        const std::vector<double> truth = trueLeads();
        panel()->watch(clips_.filePath(QStringLiteral("in")));
        const int before = static_cast<int>(app_->data().loggedRepetitions());
        // The first two: the eye alone. The third shows the number.
        choose("courtEvery", app_->find<QComboBox>("courtEvery")->findData(2));
        bring(clips_.filePath(QStringLiteral("first.mp4")), QStringLiteral("1.mp4"));
        QTRY_COMPARE_WITH_TIMEOUT(text("courtValue"), QStringLiteral("Measured"), 60000);
        QVERIFY(text("courtVerdict").contains(QStringLiteral("Your eye first")));
        QVERIFY(!panel()->proposed());
        app_->key(Qt::Key_N);
        QCOMPARE(static_cast<int>(app_->data().loggedRepetitions()), before + 1);
        QVERIFY(!last().good && last().told == Told::None);
        QCOMPARE(last().measured.measure, std::string(kMeasure));
        QVERIFY(last().measured.value.has_value());
        constexpr double kCertain = 3; // u: one in twenty lies outside two, and no machine computes quite like another
        QVERIFY2(std::abs(*last().measured.value - truth[0]) <= kCertain * *last().measured.u,
                 qPrintable(QString("%1 against %2").arg(*last().measured.value).arg(truth[0])));
        QVERIFY(last().measured.good == std::optional(false)); // her arm comes after the foot
        QVERIFY(text("courtValue").isEmpty());

        bring(clips_.filePath(QStringLiteral("second.mp4")), QStringLiteral("2.mp4"));
        QTRY_VERIFY_WITH_TIMEOUT(text("courtVerdict").contains(QStringLiteral("Below the band")), 60000);
        QVERIFY2(text("courtValue").contains(QStringLiteral("±")) && text("courtValue").contains(u's'),
                 qPrintable(text("courtValue")));
        QVERIFY(!app_->find<QLabel>("courtPicture")->pixmap().isNull());
        QVERIFY(!app_->find<QLabel>("courtModel")->pixmap().isNull());
        QCOMPARE(panel()->proposed(), std::optional(false));
        QVERIFY(app_->find<QAbstractButton>("notGood")->text().contains(QStringLiteral("Enter")));
        app_->key(Qt::Key_Return); // what the number says
        QCOMPARE(static_cast<int>(app_->data().loggedRepetitions()), before + 2);
        QVERIFY(!last().good && last().told == Told::Measured && last().measured.good == std::optional(false));

        // As it is on disk.
        const CaseData stored = *app_->workspace.library()->loadCase(app_->data().id);
        QVERIFY(stored.practice.back().repetitions.back().measured == last().measured);
        const EyeRecord eye = eyeRecord(practiceLog(stored));
        QCOMPARE(eye.both, 2);
        QCOMPARE(eye.agree, 2);
        QVERIFY(text("feltInPractice").contains(QStringLiteral("eye and number agree in 2 of 2")));
        QVERIFY2(app_->errors.isEmpty(), qPrintable(app_->errors.join(u' ')));
    }
    void theCoachOverrules() {
        openPanel();
        panel()->watch(clips_.filePath(QStringLiteral("in")));
        choose("courtEvery", app_->find<QComboBox>("courtEvery")->findData(0));
        bring(clips_.filePath(QStringLiteral("first.mp4")), QStringLiteral("3.mp4"));
        QTRY_COMPARE_WITH_TIMEOUT(text("courtValue"), QStringLiteral("Measured"), 60000);
        app_->key(Qt::Key_V); // asked for
        QTRY_VERIFY(text("courtVerdict").contains(QStringLiteral("Below the band")));
        app_->key(Qt::Key_G);
        QVERIFY(last().good && last().measured.good == std::optional(false) && last().told == Told::Measured);
        app_->workspace.undo();
    }
    void whatIsNoClipIsSaidAndTheSessionGoesOn() {
        openPanel();
        panel()->watch(clips_.filePath(QStringLiteral("in")));
        QFile junk(clips_.filePath(QStringLiteral("in/junk.mp4")));
        QVERIFY(junk.open(QIODevice::WriteOnly));
        junk.write("no film at all");
        junk.close();
        QTRY_VERIFY_WITH_TIMEOUT(app_->errors.join(u' ').contains(QStringLiteral("junk.mp4 was not measured")), 60000);
        QVERIFY(panel()->isOpen());
        choose("courtEvery", app_->find<QComboBox>("courtEvery")->findData(1));
        bring(clips_.filePath(QStringLiteral("first.mp4")), QStringLiteral("4.mp4"));
        QTRY_VERIFY_WITH_TIMEOUT(text("courtVerdict").contains(QStringLiteral("band")), 60000);
        // The folder goes while it is watched.
        QVERIFY(QDir(clips_.filePath(QStringLiteral("in"))).removeRecursively());
        QTRY_VERIFY_WITH_TIMEOUT(app_->errors.join(u' ').contains(QStringLiteral("is gone")), 5000);
        QVERIFY(QDir(clips_.path()).mkpath(QStringLiteral("in")));
    }
    void withoutConsentNobodyIsFilmed() {
        openPanel();
        Athlete athlete = app_->data().athlete;
        athlete.consentUntil = QDate::currentDate().addDays(-1);
        QVERIFY(app_->workspace.apply(QStringLiteral("Consent"), [&](Edit& edit) { return edit.setAthlete(athlete); }));
        choose("courtFrom", app_->find<QComboBox>("courtFrom")->count() - 2); // the simulated camera
        QVERIFY2(app_->errors.join(u' ').contains(QStringLiteral("No consent")), qPrintable(app_->errors.join(u' ')));
        QCOMPARE(app_->find<QComboBox>("courtFrom")->currentIndex(), 0);
        app_->workspace.undo();
    }
    void theCameraEndsRepetitionsByItself() {
        openPanel();
        choose("courtEvery", app_->find<QComboBox>("courtEvery")->findData(1));
        choose("courtFrom", app_->find<QComboBox>("courtFrom")->count() - 2);
        QTRY_VERIFY_WITH_TIMEOUT(!app_->find<QLabel>("courtPicture")->pixmap().isNull(), 10000);
        const std::vector<double> truth = trueLeads();
        constexpr int kWanted = 2;
        for (int i = 0; i < kWanted; ++i) {
            QTRY_VERIFY_WITH_TIMEOUT(!text("courtVerdict").isEmpty(), 60000);
            qInfo("%s %s, %s", qPrintable(text("courtValue")), qPrintable(text("courtVerdict")),
                  qPrintable(text("courtWhy")));
            app_->key(Qt::Key_N);
            QVERIFY(!last().measured.measure.empty());
            if (last().measured.good) // the model's arm is far from hers
                QCOMPARE(*last().measured.good, false);
        }
        app_->key(Qt::Key_Escape);
        QVERIFY(!panel()->isOpen());
        QTRY_VERIFY(app_->workspace.jobs().idle());
        // Nothing recorded is left behind.
        const QDir left(app_->workspace.library()->folder() + QStringLiteral("/recordings/practice/passing"));
        QTRY_COMPARE(left.entryList(QDir::Files).size(), 0);
        QVERIFY2(app_->errors.isEmpty(), qPrintable(app_->errors.join(u' ')));
    }
    void filmsAreKeptOnlyWhereThatIsTicked() {
        openPanel();
        choose("courtEvery", app_->find<QComboBox>("courtEvery")->findData(1));
        const QString film = clips_.filePath(QStringLiteral("ours.mp4"));
        for (const bool keep : {true, false}) {
            QVERIFY(QFile::exists(film) || QFile::copy(clips_.filePath(QStringLiteral("first.mp4")), film));
            app_->find<QAbstractButton>("courtKeep")->setChecked(keep);
            panel()->measure({film, std::pair(0.2, 1.7), QDateTime::currentDateTime(), true});
            QTRY_VERIFY_WITH_TIMEOUT(!text("courtVerdict").isEmpty(), 60000);
            QTRY_VERIFY(!QFile::exists(film));
            const QString kept = app_->workspace.library()->folder() + QStringLiteral("/recordings/practice/ours.mp4");
            QCOMPARE(QFile::exists(kept), keep);
            QFile::remove(kept);
            app_->key(Qt::Key_N);
        }
        QVERIFY2(app_->errors.isEmpty(), qPrintable(app_->errors.join(u' ')));
    }
    void theCoachEndsWhatNeverRests() {
        // The stroke player of the demo is always on the move: nothing ends by itself.
        CourtSource source;
        std::vector<FilmedNow> films;
        connect(&source, &CourtSource::filmed, this, [&](const FilmedNow& film) { films.push_back(film); });
        QVERIFY(source.openCamera(QStringLiteral("simulated:" DEMO_CLIPS "/joris_known.mp4"), clips_.path()).ok());
        QTRY_COMPARE_WITH_TIMEOUT(source.state(), QStringLiteral("Somebody moves"), 10000);
        QTest::qWait(1500); // of film
        QVERIFY(films.empty());
        source.endMovement();
        QCOMPARE(films.size(), std::size_t(1));
        QVERIFY(films[0].ours && films[0].stretch && films[0].stretch->second - films[0].stretch->first > 1);
        QVERIFY(ClipReader::open(films[0].path.toStdString()).ok());
        source.close();
        QVERIFY(QFile::remove(films[0].path));
    }
    void aCameraThatGoesAwayLosesNothing() {
        CourtSource source;
        std::vector<FilmedNow> films;
        QStringList failures;
        connect(&source, &CourtSource::filmed, this, [&](const FilmedNow& film) { films.push_back(film); });
        connect(&source, &CourtSource::failed, this, [&](const QString& text) { failures << text; });
        for (std::size_t i = 1; i <= 2; ++i) { // and it can be opened again
            QVERIFY(source.openCamera(QStringLiteral("lavfi:testsrc2=size=320x240:rate=30:duration=3"), clips_.path())
                        .ok());
            QTRY_COMPARE_WITH_TIMEOUT(failures.size(), qsizetype(i), 20000);
            QCOMPARE(films.size(), i); // what moved when it went
            QVERIFY(films.back().ours && films.back().stretch && films.back().stretch->second > 1);
            QVERIFY(ClipReader::open(films.back().path.toStdString()).ok());
            QVERIFY(QFile::remove(films.back().path));
        }
    }
    void behindAnotherPageNobodyIsFilmed() {
        openPanel();
        choose("courtFrom", app_->find<QComboBox>("courtFrom")->count() - 2);
        app_->step("findings");
        QVERIFY(!panel()->isOpen());
        app_->step("practice");
        QVERIFY(app_->find<QLabel>("share")->isVisibleTo(app_->window.get()));
    }
};

QTEST_MAIN(TestCourt)
#include "tst_court.moc"
