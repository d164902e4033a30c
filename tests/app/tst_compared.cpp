// Mirror: groups of repetitions against each other, the measures by part and by state, the model's mean as a figure,
// and pictures beside each other where that shows them larger.

#include "lunge_baseline.h"

#include "app/mirror/mirror_page.h"
#include "app/widgets/waterline.h"
#include "core/judge/mean_trial.h"
#include "report/case_groups.h"
#include "report/words.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QLabel>

using namespace riflesso;
using namespace riflesso::test;

class TestCompared : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    void choose(const char* box, int index) const {
        auto* combo = app_->find<QComboBox>(box);
        QVERIFY(index >= 0 && index < combo->count());
        combo->setCurrentIndex(index);
        emit combo->activated(index);
        QTest::qWait(1); // what was taken down goes
    }
    void chooseRow(const char* measure) const {
        auto* row = app_->find<QWidget>((std::string("row-") + measure).c_str());
        QVERIFY(row);
        QTest::mouseClick(row, Qt::LeftButton, {}, QPoint(20, row->height() / 2));
    }
    [[nodiscard]] QStringList rowsShown() const {
        QStringList out;
        for (const QWidget* row : app_->window->findChildren<QWidget*>(QRegularExpression(QStringLiteral("^row-"))))
            if (row->isVisibleTo(app_->window.get()))
                out << row->objectName().mid(4);
        return out;
    }
    [[nodiscard]] QString visible(const QString& name) const {
        for (const QLabel* each : app_->window->findChildren<QLabel*>(name))
            if (each->isVisible())
                return each->text();
        return {};
    }

private slots:
    void initTestCase() {
        app_ = openLungeBaseline(folder_);
        app_->step("mirror");
        QTRY_VERIFY(app_->quiet());
    }
    void conditionsStandOnOneScale() {
        chooseRow("knee_past_ankle");
        choose("groupBy", 0);
        const CaseData& data = app_->data();
        const auto assessment = app_->workspace.assessment();
        const MeasureDef& def = *data.pack.measure("knee_past_ankle");
        const auto groups = deviationsOfGroups(data.pack, def, assessment->deviation(def.id)->reference,
                                               groupsOf(data, app_->workspace.session(), {}, GroupBy::Condition),
                                               assessment->cutoff.hz);
        QCOMPARE(groups.size(), std::size_t(2));
        QCOMPARE(groups[0].name, std::string("calm"));
        // The set that is shown has the assessment's own number.
        QCOMPARE(groups[0].set.median, assessment->deviation(def.id)->median);
        QCOMPARE(groups[0].set.expandedU, assessment->deviation(def.id)->expandedU);
        for (const GroupDeviation& group : groups)
            QCOMPARE(visible(QStringLiteral("group-") + words::text(group.name)),
                     words::withU(def, group.set.median, group.set.expandedU));
        const QString against = visible(QStringLiteral("against-reacting"));
        QVERIFY2(against.contains(QStringLiteral("than calm")) && against.contains(u'±'), qPrintable(against));
    }
    void otherGroupingsSplitWhatTheySay() {
        const CaseData& data = app_->data();
        const SessionId session = app_->workspace.session();
        const auto size = [&](GroupBy by, std::optional<Stress> stress = Stress::Calm) {
            std::vector<std::size_t> out;
            for (const Group& group : groupsOf(data, session, stress, by))
                out.push_back(group.trials.size());
            return out;
        };
        QCOMPARE(size(GroupBy::Thirds), (std::vector<std::size_t>{2, 2})); // of eight
        QCOMPARE(size(GroupBy::Variant), (std::vector<std::size_t>{8}));
        std::size_t all = 0;
        for (const std::size_t each : size(GroupBy::Result))
            all += each;
        QCOMPARE(all, std::size_t(8));
        const auto sessions = groupsOf(data, session, Stress::Calm, GroupBy::Session);
        QVERIFY(sessions.size() >= 2);
        QCOMPARE(sessions[0].name, std::string("Baseline"));
        choose("groupBy", static_cast<int>(GroupBy::Session));
        QVERIFY(!visible(QStringLiteral("against-") + words::text(sessions[1].name)).isEmpty());
        choose("groupBy", static_cast<int>(GroupBy::Variant));
        QVERIFY(visible(QStringLiteral("comparedMeasure")).contains(QStringLiteral("only one group")));
        choose("groupBy", 0);
    }
    void rulersByPartAndByState() {
        const QStringList all = rowsShown();
        QCOMPARE(all.size(), static_cast<int>(app_->data().pack.measures.size()));
        choose("rulerFilter", 2); // clear
        QStringList clear;
        for (const SetDeviation& set : app_->workspace.assessment()->deviations)
            if (set.state == State::Clear)
                clear << words::text(set.measure);
        QStringList shown = rowsShown();
        shown.sort();
        clear.sort();
        QCOMPARE(shown, clear);
        choose("rulerFilter", 4); // without a value
        for (const QString& id : rowsShown()) {
            QVERIFY(!app_->workspace.assessment()->deviation(id.toStdString()));
            QVERIFY(visible(QStringLiteral("missing-") + id).startsWith(QStringLiteral("not available")));
        }
        choose("rulerFilter", 0);
        choose("rulerGroups", 1);
        QCOMPARE(rowsShown().size(), all.size());
        bool headed = false;
        for (const QLabel* each : app_->window->findChildren<QLabel*>())
            headed = headed || (each->isVisible() && each->text() == QStringLiteral("Trunk"));
        QVERIFY(headed);
        choose("rulerGroups", 0);
    }
    void aMeasureNamesWhatItTradesWith() {
        bool said = false;
        auto* row = app_->find<QWidget>("row-step_length");
        for (const QLabel* each : row->findChildren<QLabel*>())
            said = said || each->text().contains(QStringLiteral("trades with lowest point to guard"));
        QVERIFY(said);
    }
    void theMeanStandsBelowAsAFigure() {
        auto* below = app_->find<QComboBox>("modelRepetition");
        const int mean = below->findData(QString::fromStdString(std::string(kMeanTrial)));
        QVERIFY(mean > 0);
        choose("modelRepetition", mean);
        QTRY_VERIFY(app_->quiet());
        auto* stage = app_->find<StageView>("modelStage");
        QVERIFY2(stage->accessibleDescription().contains(QStringLiteral("a figure, not a film")),
                 qPrintable(stage->accessibleDescription()));
        const QImage before = stage->grab().toImage();
        app_->key(Qt::Key_E);
        QVERIFY(stage->grab().toImage() != before); // it moves with the athlete
        choose("modelRepetition", 0);
        QTRY_VERIFY(app_->quiet());
    }
    void picturesTurnWhereThatShowsThemLarger() {
        auto* line = app_->find<Waterline>("waterline");
        QVERIFY(line->height() < line->width());
        app_->window->resize(1900, 620); // low and wide: two lunges have more room beside each other
        QTRY_VERIFY(line->height() > line->width());
        const auto* own = app_->find<StageView>("athleteStage");
        const auto* model = app_->find<StageView>("modelStage");
        QTRY_VERIFY(own->mapTo(app_->window.get(), QPoint()).x() < model->mapTo(app_->window.get(), QPoint()).x());
        // It scrubs along its length.
        QTest::mouseClick(line, Qt::LeftButton, {}, QPoint(line->width() / 2, line->height() - 15));
        const auto* page = static_cast<MirrorPage*>(app_->window->page(QStringLiteral("mirror")));
        QVERIFY(page->phase() > 98);
        app_->window->resize(1280, 800);
        QTRY_VERIFY(line->height() < line->width());
    }
};

QTEST_MAIN(TestCompared)
#include "tst_compared.moc"
