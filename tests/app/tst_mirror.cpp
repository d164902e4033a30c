// Mirror: what is measured is drawn on both pictures with its number; both play; the wall of all repetitions.

#include "lunge_baseline.h"

#include "app/mirror/ghost.h"
#include "app/mirror/mirror_page.h"
#include "app/mirror/wall.h"
#include "app/picture_out.h"
#include "app/widgets/deviation_ruler.h"
#include "report/words.h"

#include <QComboBox>
#include <QLabel>

using namespace riflesso;
using namespace riflesso::test;

class TestMirror : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] QString said(const char* stage) const {
        return app_->find<StageView>(stage)->accessibleDescription();
    }
    [[nodiscard]] const MirrorPage* page() const {
        return static_cast<MirrorPage*>(app_->window->page(QStringLiteral("mirror")));
    }
    void chooseRow(const char* measure) const {
        auto* row = app_->find<QWidget>((std::string("row-") + measure).c_str());
        QVERIFY(row);
        QTest::mouseClick(row, Qt::LeftButton, {}, QPoint(20, row->height() / 2));
    }
    [[nodiscard]] QString valueOf(const char* measure, const std::vector<TrialMeasures>& trials,
                                  const std::string& trial) const {
        for (const TrialMeasures& measured : trials)
            if (measured.trial == trial) {
                const MeasureValue* value = measured.find(measure);
                return words::withU(*app_->data().pack.measure(measure), *value->value, 2 * value->u);
            }
        return QStringLiteral("no such trial");
    }
    [[nodiscard]] Wall* wall() const { return app_->find<Wall>("wall"); }
    void clickTile(const std::string& trial) const {
        QTest::mouseClick(wall(), Qt::LeftButton, {}, wall()->middleOf(trial));
    }

private slots:
    void initTestCase() {
        app_ = openLungeBaseline(folder_);
        app_->step("mirror");
        QTRY_VERIFY(app_->quiet());
    }
    void aMeasureOpensTheComparison() {
        QVERIFY(!page()->measure().empty());
        QVERIFY2(said("athleteStage").contains(QStringLiteral("±")), qPrintable(said("athleteStage")));
    }
    void theChosenMeasureIsDrawnWithTheAssessmentsNumber() {
        chooseRow("elbow_down");
        QCOMPARE(page()->measure(), std::string("elbow_down"));
        const auto assessment = app_->workspace.assessment();
        const std::string own = trialId(app_->workspace.repetition());
        QVERIFY2(said("athleteStage").endsWith(valueOf("elbow_down", assessment->measures, own)),
                 qPrintable(said("athleteStage")));
        const auto below = app_->find<QComboBox>("modelRepetition")->currentData().toString().toStdString();
        QVERIFY2(said("modelStage").endsWith(valueOf("elbow_down", assessment->modelMeasures, below)),
                 qPrintable(said("modelStage")));
        // Each stands at its own event, though the athlete's is out of order.
        for (const char* stage : {"athleteStage", "modelStage"})
            QVERIFY2(said(stage).contains(QStringLiteral("at \"front foot down\"")), qPrintable(said(stage)));
    }
    void awayFromItsEventTheNumberIsTheFramesOwn() {
        chooseRow("elbow_down");
        const QString atEvent = said("athleteStage").section(QStringLiteral(". "), -1);
        for (int i = 0; i < 12; ++i)
            app_->key(Qt::Key_Left);
        const QString before = said("athleteStage").section(QStringLiteral(". "), -1);
        QVERIFY2(before.contains(QStringLiteral("±")) && before != atEvent, qPrintable(before));
        QVERIFY(before.section(QChar(0x00A0), 0, 0).toDouble() >
                atEvent.section(QChar(0x00A0), 0, 0).toDouble() + 10); // still bent
        QVERIFY(!said("athleteStage").contains(QStringLiteral("at \"front foot down\"")));
    }
    void theArrowsWalkThroughTheMeasures() {
        chooseRow("elbow_down");
        app_->key(Qt::Key_Down);
        QCOMPARE(page()->measure(), std::string("trunk_low"));
        QVERIFY2(said("athleteStage").contains(QStringLiteral("at \"lowest point\"")),
                 qPrintable(said("athleteStage")));
        app_->key(Qt::Key_Up);
        QCOMPARE(page()->measure(), std::string("elbow_down"));
    }
    void aClickOnTheNumberAsksWhy() {
        auto* value = app_->find<QLabel>("value-elbow_down");
        emit value->linkActivated(QStringLiteral("x"));
        auto* why = app_->find<QWidget>("whyPanel");
        QTRY_VERIFY(why && why->isVisible());
        QTest::keyClick(why, Qt::Key_Escape);
        app_->step("mirror");
    }
    void atEqualTimeBothStartTogether() {
        auto* timing = app_->find<QComboBox>("mirrorTiming");
        const auto sinceStart = [&](const char* stage) {
            return said(stage).section(QStringLiteral(" s"), 0, 0).section(u' ', -1).toDouble();
        };
        // The first event of both is at phase 0.
        app_->key(Qt::Key_E);
        for (int i = 0; i < 8 && page()->phase() > .01; ++i)
            app_->key(Qt::Key_E);
        QVERIFY(page()->phase() < .01);
        const double own = sinceStart("athleteStage"), model = sinceStart("modelStage");
        timing->setCurrentIndex(1);
        emit timing->activated(1);
        QVERIFY(app_->headline().contains(QStringLiteral("at equal time")));
        for (int i = 0; i < 20; ++i)
            app_->key(Qt::Key_Right);
        const double ownGone = sinceStart("athleteStage") - own, modelGone = sinceStart("modelStage") - model;
        QVERIFY2(std::abs(ownGone - modelGone) < .0015 && ownGone > .3,
                 qPrintable(QStringLiteral("%1 and %2").arg(ownGone).arg(modelGone)));
        timing->setCurrentIndex(0);
        emit timing->activated(0);
        QVERIFY(std::abs(sinceStart("modelStage") - model - ownGone) > .005); // another pace
        QVERIFY(app_->headline().contains(QStringLiteral("at equal phase")));
    }
    void spacePlaysAndLeavingThePageStops() {
        app_->key(Qt::Key_E);
        const double before = page()->phase();
        app_->key(Qt::Key_Space);
        QTRY_VERIFY(std::abs(page()->phase() - before) > 5);
        app_->key(Qt::Key_Space);
        const double stopped = page()->phase();
        QTest::qWait(120);
        QCOMPARE(page()->phase(), stopped);
        app_->key(Qt::Key_Space);
        app_->step("film");
        app_->step("mirror");
        QCOMPARE(app_->find<QAbstractButton>("mirrorPlay")->text(), QStringLiteral("Play"));
    }
    void theWallShowsEveryRepetitionAndTheModel() {
        chooseRow("elbow_down");
        app_->key(Qt::Key_W);
        QVERIFY(wall()->isVisible());
        QVERIFY(!app_->find<StageView>("athleteStage")->isVisible());
        QCOMPARE(wall()->tiles().size(), std::size_t(9));
        QVERIFY(wall()->tiles().back().isModel);
        QVERIFY(wall()->tiles().back().mirrored); // the instructors are right-handed
        const auto assessment = app_->workspace.assessment();
        for (const WallTile& tile : wall()->tiles())
            QCOMPARE(tile.value, valueOf("elbow_down", tile.isModel ? assessment->modelMeasures : assessment->measures,
                                         tile.trial));
        QTRY_VERIFY_WITH_TIMEOUT(wall()->fetched() >= 1, 60000);
        // Each shows its part of its clip's picture, an athlete and a model seen from the other side alike.
        for (const WallTile& tile : {wall()->tiles().front(), wall()->tiles().back()}) {
            const QImage small = wall()->shownPicture(tile).convertToFormat(QImage::Format_RGB32);
            QVERIFY(!small.isNull());
            const auto reader = ClipReader::open(tile.clipPath.toStdString());
            QVERIFY(reader);
            const QImage whole = toImage(*(*reader)->frame(*wall()->shownFrame(tile)));
            const double shape = static_cast<double>(small.width()) / small.height();
            QRectF box(0, 0, std::max(tile.box.width(), tile.box.height() * shape), 0);
            box.setHeight(box.width() / shape);
            /// Mean difference of a colour, of 255, to the part that lies so far to the right.
            const auto away = [&](double right) {
                box.moveCenter(tile.box.center() + QPointF(right, 0));
                double sum = 0;
                int n = 0;
                for (int y = 2; y < small.height(); y += 3)
                    for (int x = 2; x < small.width(); x += 3) {
                        const QPointF of(box.x() + (x + .5) * box.width() / small.width(),
                                         box.y() + (y + .5) * box.height() / small.height());
                        if (!QRectF(whole.rect()).adjusted(1, 1, -1, -1).contains(of))
                            continue;
                        const QColor is = small.pixelColor(tile.mirrored ? small.width() - 1 - x : x, y),
                                     there = whole.pixelColor(of.toPoint());
                        sum += std::abs(is.red() - there.red()) + std::abs(is.green() - there.green()) +
                               std::abs(is.blue() - there.blue());
                        n += 3;
                    }
                return sum / n;
            };
            const double step = .04 * box.width();
            QVERIFY2(away(0) < 12, qPrintable(QString::number(away(0)))); // edges are averaged
            QVERIFY2(away(0) < .7 * away(step) && away(0) < .7 * away(-step),
                     qPrintable(QStringLiteral("%1 %2 %3").arg(away(-step)).arg(away(0)).arg(away(step))));
        }
    }
    void theWallIsOrderedByMeasureAndResult() {
        auto* order = app_->find<QComboBox>("wallOrder");
        const auto choose = [&](WallOrder wanted) {
            order->setCurrentIndex(order->findData(static_cast<int>(wanted)));
            emit order->activated(order->currentIndex());
        };
        choose(WallOrder::Measure);
        double last = -1e9;
        for (const WallTile& tile : wall()->tiles()) {
            const double value = tile.value.section(u' ', 0, 0).toDouble();
            QVERIFY2(value >= last, qPrintable(tile.value));
            last = value;
        }
        QVERIFY(wall()->tiles().front().isModel); // its elbow is the straightest
        choose(WallOrder::Result);
        QStringList results;
        for (const WallTile& tile : wall()->tiles())
            if (!tile.isModel)
                results << tile.title.section(QStringLiteral(" · "), 1, 1);
        QStringList sorted = results;
        std::sort(sorted.begin(), sorted.end()); // hit, missed, rim in the alphabet; hit, rim, missed in the pack
        QCOMPARE(results.first(), QStringLiteral("hit"));
        QCOMPARE(results.last(), QStringLiteral("missed"));
        QVERIFY(results != sorted);
        choose(WallOrder::Condition);
        QCOMPARE(wall()->tiles().size(), std::size_t(8 + 6 + 1));
        QVERIFY(wall()->tiles().front().title.startsWith(QStringLiteral("calm")));
        // A click on a repetition under the other condition chooses it, and its condition.
        const std::string reacting = wall()->tiles()[9].trial;
        clickTile(reacting);
        QTRY_COMPARE(trialId(app_->workspace.repetition()), reacting);
        QVERIFY(app_->workspace.stress() != Stress::Calm);
        app_->workspace.selectStress(Stress::Calm);
        QTRY_VERIFY(app_->quiet());
        choose(WallOrder::Number);
    }
    void blindHidesTheFilmsVerdictAndAsksTheAthletes() {
        QCOMPARE(wall()->tiles().size(), std::size_t(9));
        const std::string second = wall()->tiles()[1].trial;
        const RepetitionId id = repetitionId(second);
        const std::string before = app_->data().repetition(id)->felt;
        app_->key(Qt::Key_B);
        QVERIFY(app_->headline().contains(QStringLiteral("hidden")));
        QVERIFY(!app_->find<QWidget>("row-elbow_down")->isVisible());
        QVERIFY(!app_->find<QWidget>("curve")->isVisible());
        std::set<std::string> seen;
        for (int i = 0; i < 3; ++i) {
            clickTile(second);
            seen.insert(app_->data().repetition(id)->felt);
        }
        QCOMPARE(seen, (std::set<std::string>{"", "off", "right"}));
        QCOMPARE(app_->data().repetition(id)->felt, before);
        QVERIFY(trialId(app_->workspace.repetition()) != second); // asking is not choosing
        app_->key(Qt::Key_B);
        QTRY_VERIFY(app_->find<QWidget>("row-elbow_down")->isVisible());
        QTRY_VERIFY2(app_->find<QLabel>("where")->text().contains(QStringLiteral("felt agrees with film in")),
                     qPrintable(app_->find<QLabel>("where")->text()));
    }
    void aDoubleClickShowsOneLarge() {
        const std::string third = wall()->tiles()[2].trial;
        QTest::mouseDClick(wall(), Qt::LeftButton, {}, wall()->middleOf(third));
        QTRY_COMPARE(trialId(app_->workspace.repetition()), third);
        QVERIFY(app_->find<StageView>("athleteStage")->isVisible() && !wall()->isVisible());
        QVERIFY(app_->errors.isEmpty());
    }
    void whoStandsBelowStaysUnderAnotherCondition() {
        auto* lower = app_->find<QComboBox>("modelRepetition");
        const int best = lower->findText(QStringLiteral("Own best"), Qt::MatchStartsWith);
        QVERIFY(best >= 0);
        lower->setCurrentIndex(best);
        emit lower->activated(best);
        QTRY_VERIFY(said("modelStage").startsWith(QStringLiteral("Ilka at best")));
        app_->workspace.selectStress(app_->workspace.stressLevels().back());
        QTRY_VERIFY(app_->quiet());
        QTRY_VERIFY2(lower->currentText().startsWith(QStringLiteral("Own best")), qPrintable(lower->currentText()));
        app_->workspace.selectStress(Stress::Calm);
        QTRY_VERIFY(app_->quiet());
        QTRY_VERIFY(lower->currentText().startsWith(QStringLiteral("Own best")));
        lower->setCurrentIndex(0);
        emit lower->activated(0);
    }
    void markDrawsTheFirstTracesMeasure() {
        app_->step("mark");
        QTRY_VERIFY(app_->quiet());
        QVERIFY(!said("markStage").contains(QStringLiteral("±"))); // off: a line over a joint hides it
        app_->key(Qt::Key_M);
        QVERIFY2(said("markStage").contains(QStringLiteral("±")), qPrintable(said("markStage")));
        const QString here = said("markStage").section(QStringLiteral(". "), -1);
        for (int i = 0; i < 25; ++i)
            app_->key(Qt::Key_Right);
        QVERIFY(said("markStage").section(QStringLiteral(". "), -1) != here);
        app_->key(Qt::Key_M);
        QVERIFY(!said("markStage").contains(QStringLiteral("±")));
        app_->step("mirror");
    }
    void whatOnlyTheRearViewShows() {
        app_->selectAthlete(QStringLiteral("Mirelle Ostrand"));
        app_->step("mirror");
        QTRY_VERIFY(app_->quiet());
        const auto view = [&] { return placeOf(app_->data(), app_->workspace.repetition()).section->view; };
        chooseRow("head_release");
        QTRY_VERIFY(app_->quiet());
        QVERIFY(view() == View::Side);
        chooseRow("bow_tilt");
        QTRY_VERIFY(app_->quiet());
        QVERIFY(view() == View::Rear);
        QCOMPARE(page()->measure(), std::string("bow_tilt"));
        QTRY_VERIFY2(said("athleteStage").contains(QStringLiteral("±")), qPrintable(said("athleteStage")));
        chooseRow("head_release");
        QTRY_VERIFY(app_->quiet());
        QVERIFY(view() == View::Side);
    }
    void theGhostFitsTheChosenSegment() {
        const CaseData& data = app_->data(); // the archer: no ankle is marked
        std::vector<Trial> own, model;
        for (const Trial& trial : trialsOf(data, app_->workspace.session(), Stress::Calm))
            if (trial.capture.view == View::Side)
                own.push_back(trial);
        model = modelTrialsOf(data);
        const Trial &mine = own.front(), &theirs = model.front();
        const int here = static_cast<int>(std::lround(mine.event("release")->frame)),
                  there = static_cast<int>(std::lround(theirs.event("release")->frame));
        QCOMPARE(usualFit(data.pack, mine, here, theirs, there).name(), QStringLiteral("trunk, at the hip"));
        const auto apart = [](QPointF a, QPointF b) { return std::hypot(a.x() - b.x(), a.y() - b.y()); };
        int fitted = 0;
        for (const GhostFit& fit : ghostFits()) {
            const Ghost ghost = ghostOn(data.pack, mine, here, theirs, there, fit);
            if (!ghost.refused.isEmpty()) {
                QVERIFY2(ghost.points.empty() && ghost.refused.contains(fit.name()), qPrintable(ghost.refused));
                continue;
            }
            ++fitted;
            // On oneself it is oneself.
            for (const auto& [name, at] : ghostOn(data.pack, mine, here, mine, here, fit).points) {
                const PixelPoint mark = mine.marks.at(name).at(here).at;
                QVERIFY(apart(at, {mark.x, mark.y}) < 1e-6);
            }
            // Both ends of the segment: as long as the athlete's; the point of the fit: in the athlete's place.
            const auto first = [&](const char* part) {
                for (const PointRef& ref : data.pack.marked)
                    if (const std::string name = resolvePoint(ref, resolveRoles(data.pack, mine));
                        name.ends_with(std::string("_") + part) && ghost.points.contains(name) &&
                        mine.marks.contains(name) && mine.marks.at(name).contains(here))
                        return name;
                return std::string();
            };
            const std::string from = first(fit.from), to = first(fit.to), at = first(fit.at);
            const auto marked = [&](const std::string& name) {
                const PixelPoint p = mine.marks.at(name).at(here).at;
                return QPointF(p.x, p.y);
            };
            QVERIFY(std::abs(apart(ghost.points.at(from), ghost.points.at(to)) - apart(marked(from), marked(to))) <
                    1e-6);
            QVERIFY(apart(ghost.points.at(at), marked(at)) < 1e-6);
        }
        QVERIFY2(fitted >= 4, qPrintable(QString::number(fitted)));
        // Refused where the pictures cannot be compared.
        Trial other = theirs;
        other.capture.view = View::Rear;
        QVERIFY(ghostOn(data.pack, mine, here, other, there, ghostFits()[1]).refused.contains(QStringLiteral("view")));
        other = theirs;
        other.capture.bearingDeg = 25;
        Trial square = mine;
        square.capture.bearingDeg.reset();
        QVERIFY(ghostOn(data.pack, square, here, other, there, ghostFits()[1]).refused.isEmpty()); // ours is not known
        square.capture.bearingDeg = 0;
        QVERIFY(ghostOn(data.pack, square, here, other, there, ghostFits()[1])
                    .refused.contains(QStringLiteral("bearings")));
        // Facing unlike ways it is turned over at the point of the fit.
        other = theirs;
        other.capture.facing = Side::Left;
        const Ghost straight = ghostOn(data.pack, mine, here, theirs, there, ghostFits()[1]),
                    turned = ghostOn(data.pack, mine, here, other, there, ghostFits()[1]);
        int over = 0;
        for (const auto& [name, at] : straight.points)
            for (const auto& [hip, pivot] : straight.points)
                if (hip.ends_with("_hip") && turned.points.contains(name) && turned.points.contains(hip) &&
                    apart(turned.points.at(hip), pivot) < 1e-6 && std::abs(at.x() - pivot.x()) > 10) {
                    QVERIFY(std::abs((turned.points.at(name).x() - pivot.x()) + (at.x() - pivot.x())) < 1e-6);
                    ++over;
                }
        QVERIFY(over > 3);
    }
    void theGhostIsChosenFainterAndSaysWhyThereIsNone() {
        auto* by = app_->find<QComboBox>("ghostBy");
        auto* where = app_->find<QLabel>("where");
        QVERIFY(!where->text().contains(QStringLiteral("no ghost")));
        by->setCurrentIndex(by->findText(QStringLiteral("shank, at the ankle")));
        emit by->activated(by->currentIndex());
        QTRY_VERIFY2(where->text().contains(QStringLiteral("no ghost: shank")), qPrintable(where->text()));
        by->setCurrentIndex(by->findText(QStringLiteral("upper arm, at the shoulder")));
        emit by->activated(by->currentIndex());
        QTRY_VERIFY(!where->text().contains(QStringLiteral("no ghost")));
        const auto picture = [&] { return app_->find<StageView>("athleteStage")->grab().toImage(); };
        // A message above makes the pictures smaller for a while: until nothing moves any more.
        const auto atRest = [&] {
            QImage before, now = picture();
            for (int i = 0; i < 40 && before != now; ++i) {
                QTest::qWait(50);
                before = std::exchange(now, picture());
            }
            return now;
        };
        app_->workspace.say(QStringLiteral("Room for a message"));
        const QImage full = atRest();
        app_->key(Qt::Key_G, Qt::ShiftModifier);
        QImage faint, plain; // drawn with the next picture that comes, which may rest for a while before
        QTRY_VERIFY((faint = atRest()) != full);
        // Then the athlete on the one below, then none, then as before.
        const auto below = [&] { return app_->find<StageView>("modelStage")->grab().toImage(); };
        const QImage plainBelow = below();
        app_->key(Qt::Key_G);
        QTRY_VERIFY((plain = atRest()) != faint);
        QTRY_VERIFY(below() != plainBelow);
        app_->key(Qt::Key_G);
        QTRY_COMPARE(atRest(), plain);
        QTRY_COMPARE(below(), plainBelow);
        QVERIFY(!app_->find<QAbstractButton>("ghost")->isChecked());
        app_->key(Qt::Key_G);
        QTRY_COMPARE(atRest(), faint);
        // From behind there is no model of hers.
        chooseRow("bow_tilt");
        QTRY_VERIFY(app_->quiet());
        QTRY_VERIFY2(where->text().contains(QStringLiteral("another view")), qPrintable(where->text()));
        by->setCurrentIndex(0);
        emit by->activated(0);
        chooseRow("head_release");
        QTRY_VERIFY(app_->quiet());
    }
    void gridsUseTheSpace() {
        QCOMPARE(wallGrid(0, {700, 400}, 1.6, 40), QSize(0, 0));
        QCOMPARE(wallGrid(1, {700, 400}, 1.6, 40), QSize(1, 1));
        QCOMPARE(wallGrid(2, {700, 200}, 1, 0), QSize(2, 1));
        QCOMPARE(wallGrid(2, {200, 700}, 1, 0), QSize(1, 2));
        for (int n = 1; n < 40; ++n) {
            const QSize grid = wallGrid(n, {700, 450}, 1.6, 40);
            QVERIFY(grid.width() * grid.height() >= n && grid.width() * (grid.height() - 1) < n);
        }
    }
    void whereNoModelIsFilmedTheSkillsOwnFigureMoves() {
        const Session* model = nullptr;
        for (const Session& session : app_->data().sessions)
            model = session.isModel ? &session : model;
        QVERIFY(model);
        const SessionId id = model->id;
        QVERIFY(app_->workspace.eraseSession(id)); // for good: the last of these tests
        QTRY_VERIFY(app_->quiet());
        auto* lower = app_->find<QComboBox>("modelRepetition");
        QTRY_COMPARE(lower->currentText(), QStringLiteral("Drawn from the skill"));
        QTRY_VERIFY2(said("modelStage").contains(QStringLiteral("not filmed")), qPrintable(said("modelStage")));
        // It moves with the athlete, and nothing is measured from it.
        const auto shown = [this] { return pictureOf(*app_->find<StageView>("modelStage"), {400, {}}); };
        const QImage first = shown();
        app_->key(Qt::Key_Right);
        app_->key(Qt::Key_Right);
        app_->key(Qt::Key_Right);
        QTRY_VERIFY(shown() != first);
        QVERIFY(app_->workspace.assessment()->modelMeasures.empty());
    }
};

QTEST_MAIN(TestMirror)
#include "tst_mirror.moc"
