// From a new clip with eight repetitions to complete marks, with clicks and keys counted; marking again, blind; a box
// by hand; marks as tables.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/mark/doubt_review.h"
#include "app/mark/mark_page.h"
#include "app/mark/mark_proposals.h"
#include "app/mark/marks_table.h"
#include "app/mark/second_look.h"
#include "core/judge/filming_list.h"
#include "core/uncertainty/stats.h"
#include "report/look.h"
#include "report/words.h"
#include "support/files.h"
#include "window_driver.h"

#include <QListWidget>

#include <cmath>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

class TestNewClip : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;
    SessionId fresh_;
    Json truth_;

    [[nodiscard]] std::vector<Repetition> repetitions() const {
        std::vector<Repetition> out;
        for (const Clip& clip : app_->data().session(fresh_)->clips)
            for (const Section& section : clip.sections)
                out.insert(out.end(), section.repetitions.begin(), section.repetitions.end());
        return out;
    }
    [[nodiscard]] const MarkPage* page() const {
        return qobject_cast<MarkPage*>(app_->window->page(QStringLiteral("mark")));
    }
    [[nodiscard]] bool waitForJobs() const {
        return QTest::qWaitFor([this] { return app_->workspace.jobs().idle(); }, 280000) &&
               QTest::qWaitFor([this] { return !app_->workspace.assessing(); }, 30000);
    }
    [[nodiscard]] QPointF truthAt(const std::string& landmark, int frame) const {
        const Json& at = truth_["landmarks_px"][landmark][static_cast<std::size_t>(frame)];
        return {at[0].get<double>(), at[1].get<double>()};
    }
    /// What is found in the chosen session: fault and state, in order.
    [[nodiscard]] std::vector<std::pair<std::string, look::Sign>> found() const {
        std::vector<std::pair<std::string, look::Sign>> out;
        for (const Finding& finding : app_->workspace.assessment()->findings.ranked)
            out.emplace_back(finding.fault, look::signOf(finding.state));
        return out;
    }
    /// Of all repetitions: one was marked, in one frame.
    void tipsAreWhereTheyAre() {
        std::vector<double> off;
        int within = 0;
        for (const Repetition& repetition : repetitions())
            for (const auto& [frame, mark] : repetition.marks.at("tip"))
                if (!isDoubtful(mark.source)) {
                    const QPointF right = truthAt("tip", frame);
                    off.push_back(std::hypot(mark.at.x - right.x(), mark.at.y - right.y()));
                    within += off.back() <= 2.45 * mark.sigmaPx; // 95 of 100 of two coordinates together
                }
        const auto all = static_cast<double>(off.size());
        qInfo("tips: %zu, median %.1f px off, 95 of 100 within %.1f, %.0f of 100 within their ±", off.size(),
              median(off), percentile(off, .95), 100 * within / all);
        QVERIFY(median(off) < 4 && percentile(off, .95) < 15 && within > .85 * all);
        QVERIFY(all > .85 * 100 * static_cast<double>(repetitions().size()));
    }
    /// What the list of what would settle more asks for the trunk at the lowest point; empty: nothing.
    [[nodiscard]] QString askedForTheTrunk() const {
        for (const FilmingWish& wish :
             filmingList(app_->data().pack, *app_->workspace.chosenTrials(), *app_->workspace.assessment()))
            if (std::find(wish.measures.begin(), wish.measures.end(), "trunk_low") != wish.measures.end())
                return QString::fromStdString(inEnglish(wish.film));
        return {};
    }
    /// A finding that is only possible because its points were proposed: the list of what would settle more says at
    /// which event and in how many repetitions to set them by hand. Done as it says, from where the review ended on.
    void markWhatIsAskedFor(int& gestures) {
        QVERIFY(waitForJobs());
        QCOMPARE(
            askedForTheTrunk(),
            QStringLiteral("No new clip: set its points by hand at \"Lowest point\" (repetitions still to do: 4)."));
        const std::vector<std::string> points =
            app_->workspace.assessment()->measures.front().find("trunk_low")->landmarks;
        QCOMPARE(points.size(), std::size_t(2));
        auto* events = app_->find<QListWidget>("events");
        for (int row = 0; row < events->count(); ++row) // the next repetitions show the same event
            if (events->item(row)->text().contains(QStringLiteral("Lowest point"))) {
                QTest::mouseClick(events->viewport(), Qt::LeftButton, {},
                                  events->visualItemRect(events->item(row)).center());
                ++gestures;
            }
        const std::vector<Repetition> all = repetitions();
        const auto index =
            std::find_if(all.begin(), all.end(),
                         [this](const Repetition& each) { return each.id == app_->workspace.repetition(); }) -
            all.begin();
        std::set<RepetitionId> done;
        for (std::size_t n = 0; n < all.size() && !askedForTheTrunk().isEmpty(); ++n) {
            if (n > 0) { // to where there are more of them
                app_->key(2 * index < std::ssize(all) ? Qt::Key_PageDown : Qt::Key_PageUp);
                ++gestures;
            }
            const int frame = page()->frame();
            const Repetition repetition = *app_->data().repetition(app_->workspace.repetition());
            QVERIFY(done.insert(repetition.id).second);
            QCOMPARE(frame, static_cast<int>(std::lround(repetition.events.at("low").frame)));
            QVERIFY(app_->shows("markStage"));
            for (const std::string& landmark : points) {
                const PixelPoint from = repetition.marks.at(landmark).at(frame).at;
                app_->dragPixel("markStage", {from.x, from.y}, truthAt(landmark, frame));
                ++gestures;
                // The frames beside it go along.
                const auto& now = app_->data().repetition(repetition.id)->marks.at(landmark);
                QCOMPARE(now.at(frame).source, std::string("analyst"));
                const QPointF before(repetition.marks.at(landmark).at(frame + 2).at.x,
                                     repetition.marks.at(landmark).at(frame + 2).at.y),
                    after(now.at(frame + 2).at.x, now.at(frame + 2).at.y), right = truthAt(landmark, frame + 2);
                QVERIFY(QLineF(after, right).length() <= QLineF(before, right).length());
                QVERIFY(now.at(frame + 2).sigmaPx < repetition.marks.at(landmark).at(frame + 2).sigmaPx);
            }
            QVERIFY(waitForJobs());
        }
        QCOMPARE(askedForTheTrunk(), QString());
    }
    /// Against the marks of the demo, which are the truth with an analyst's noise: the same faults in the same order
    /// and the same states.
    void findingsAreThoseOfTheTruth() {
        QVERIFY(waitForJobs());
        const auto proposed = found();
        for (const Session& session : app_->data().sessions)
            if (!session.isModel && session.id != fresh_ && session.date == QDate(2026, 11, 3))
                app_->workspace.selectSession(session.id);
        QVERIFY(waitForJobs());
        const auto truth = found();
        QCOMPARE(proposed.size(), truth.size());
        for (std::size_t i = 0; i < truth.size(); ++i) {
            qInfo("%s: %s, by hand %s", proposed[i].first.c_str(), qPrintable(look::wordOf(proposed[i].second)),
                  qPrintable(look::wordOf(truth[i].second)));
            QCOMPARE(proposed[i].first, truth[i].first);
            QCOMPARE(proposed[i].second, truth[i].second);
        }
    }

private slots:
    void initTestCase() {
        truth_ = readJson(DEMO_CLIPS "/ilka_baseline.truth.json");
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(folder_)).ok());
        app_->selectAthlete(QStringLiteral("Ilka Sandrey"));
        QVERIFY(app_->workspace.apply(QStringLiteral("Session"), [&](Edit& edit) -> Result<void> {
            const auto made = edit.addSession(app_->data().id, QDate(2026, 11, 10), QStringLiteral("New"), false);
            if (!made)
                return made.error();
            fresh_ = *made;
            return {};
        }));
        app_->workspace.selectSession(fresh_);
    }
    void fromANewClipToCompleteMarks() {
        int gestures = 1; // the file is dropped on the window
        const QString clip = folder_.filePath(QStringLiteral("new.mp4"));
        QVERIFY(QFile::copy(QStringLiteral(DEMO_CLIPS "/ilka_baseline.mp4"), clip));
        app_->window->showPage(QStringLiteral("film"), QStringLiteral("add:") + clip);
        QTRY_COMPARE_WITH_TIMEOUT(app_->data().session(fresh_)->clips.size(), std::size_t(1), 30000);
        QVERIFY(app_->shows("filmStage"));
        app_->click("squareOn"); // as is known of the demo's cameras
        ++gestures;
        app_->key(Qt::Key_R);
        ++gestures;
        QVERIFY(waitForJobs());
        const Json& known = truth_["takes"][0]["repetitions"];
        QCOMPARE(known.size(), std::size_t(8));
        const std::vector<Repetition> found = repetitions();
        QCOMPARE(found.size(), known.size());
        for (std::size_t i = 0; i < found.size(); ++i) {
            // All key events of the movement lie inside.
            for (const auto& [event, at] : known[i]["events_s"].items()) {
                const double frame = 60 * at.get<double>();
                QVERIFY2(found[i].from <= frame && frame <= found[i].to,
                         qPrintable(QStringLiteral("%1 at %2 in %3 to %4")
                                        .arg(QString::fromStdString(event))
                                        .arg(frame)
                                        .arg(found[i].from)
                                        .arg(found[i].to)));
            }
        }
        app_->step("mark");
        ++gestures;
        QVERIFY(app_->shows("markStage"));
        app_->key(Qt::Key_P, Qt::ShiftModifier);
        ++gestures;
        QVERIFY(waitForJobs());
        // The tip of the weapon, which no network knows: once, and carried to all frames of all repetitions.
        QVERIFY(app_->workspace.repetition() == repetitions()[0].id);
        const std::string wanted = page()->nextLandmark();
        QCOMPARE(wanted, std::string("tip"));
        QVERIFY(app_->shows("markStage"));
        app_->clickPixel("markStage", truthAt(wanted, page()->frame()));
        ++gestures;
        app_->key(Qt::Key_T, Qt::ShiftModifier);
        ++gestures;
        QVERIFY(waitForJobs());
        tipsAreWhereTheyAre();
        for (int twice = 0; twice < 2; ++twice, ++gestures) // what is sure, here and in the others
            app_->key(Qt::Key_C, Qt::ShiftModifier);
        // What is doubtful, worst first, as long as findings rest on it: right as it is, or dragged to where it
        // belongs.
        const auto* review = app_->window->findChild<DoubtReview*>();
        app_->key(Qt::Key_D);
        ++gestures;
        int dragged = 0;
        while (review->stretch() && review->stretch()->atEvent) {
            const DoubtfulStretch stretch = *review->stretch();
            const Repetition& repetition = *app_->data().repetition(stretch.repetition);
            if (!stretch.landmark.empty()) {
                const Mark mark = repetition.marks.at(stretch.landmark).at(stretch.worst);
                const QPointF right = truthAt(stretch.landmark, stretch.worst);
                constexpr double kSeen = 5; // px that a person sees
                if (std::hypot(mark.at.x - right.x(), mark.at.y - right.y()) > kSeen) {
                    QCOMPARE(page()->frame(), stretch.worst);
                    QVERIFY(app_->shows("markStage"));
                    app_->dragPixel("markStage", {mark.at.x, mark.at.y}, right);
                    const PixelPoint now =
                        app_->data().repetition(stretch.repetition)->marks.at(stretch.landmark).at(stretch.worst).at;
                    QVERIFY(std::hypot(now.x - right.x(), now.y - right.y()) < 2);
                    ++gestures, ++dragged;
                }
            }
            app_->key(Qt::Key_D, Qt::ShiftModifier);
            ++gestures;
            QVERIFY(gestures < 200);
        }
        markWhatIsAskedFor(gestures);
        qInfo("%zu repetitions from the file on: %d clicks and keys, %d of them drags", repetitions().size(), gestures,
              dragged);
        QVERIFY2(gestures <= 40, qPrintable(QString::number(gestures)));
        const auto complete = [&](const Repetition& repetition) {
            for (const EventDef& event : app_->data().pack.events) {
                if (!repetition.events.contains(event.id))
                    return false;
                const int frame = static_cast<int>(std::lround(repetition.events.at(event.id).frame));
                std::size_t marks = 0;
                for (const auto& [landmark, track] : repetition.marks)
                    marks += track.contains(frame);
                if (marks < app_->data().pack.marked.size())
                    return false;
            }
            return openProposals(repetition).events == 0;
        };
        for (const Repetition& repetition : repetitions())
            QVERIFY(complete(repetition));
        findingsAreThoseOfTheTruth();
        QVERIFY2(app_->errors.isEmpty(), qPrintable(app_->errors.join(u' ')));
    }
    void markedAgainBlind() {
        // The marks of the demo count as set by hand: back to the session they are in.
        for (const Session& session : app_->data().sessions)
            if (!session.isModel && session.id != fresh_ && session.date == QDate(2026, 11, 3))
                app_->workspace.selectSession(session.id);
        app_->step("mark");
        QVERIFY(app_->shows("markStage"));
        auto* again = app_->window->findChild<SecondLook*>();
        again->start(7);
        QVERIFY(again->active() && again->isVisible());
        QVERIFY(!app_->find<QListWidget>("events")->isVisible()); // nothing gives the first marks away
        QVERIFY(!app_->find<QWidget>("timeStrip")->isVisible());
        QVERIFY2(app_->headline().contains(QStringLiteral("hidden")), qPrintable(app_->headline()));
        int asked = 0;
        while (again->active() && asked < 200) {
            const SecondTask task = again->task();
            const Repetition before = *app_->data().repetition(task.repetition);
            QVERIFY(app_->workspace.repetition() == task.repetition);
            if (task.event.empty()) {
                const std::string wanted = page()->nextLandmark();
                QVERIFY(!wanted.empty());
                QVERIFY2(app_->find<QLabel>("secondLookText")->text().contains(words::text(inWords(wanted))),
                         wanted.c_str());
                const PixelPoint first = before.marks.at(wanted).at(task.frame).at;
                QVERIFY(app_->shows("markStage"));
                app_->clickPixel("markStage", {first.x + 2, first.y - 1});
                const Repetition after = *app_->data().repetition(task.repetition);
                QVERIFY(after.marksAgain.at(wanted).contains(task.frame));
                QCOMPARE(after.marks.at(wanted).at(task.frame).at.x, first.x); // the first mark stays
            } else {
                const double first = before.events.at(task.event).frame;
                QVERIFY(std::abs(page()->frame() - first) >= 3 || page()->frame() == before.from ||
                        page()->frame() == before.to);
                while (page()->frame() < first + 1)
                    app_->key(Qt::Key_Right);
                while (page()->frame() > first + 1)
                    app_->key(Qt::Key_Left);
                app_->key(Qt::Key_E);
                const Repetition after = *app_->data().repetition(task.repetition);
                QCOMPARE(after.events.at(task.event).frame, first);
                QCOMPARE(after.eventsAgain.at(task.event), std::round(first) + 1);
            }
            ++asked;
        }
        QVERIFY(asked > 10 && asked < 200);
        QVERIFY(app_->find<QListWidget>("events")->isVisible());
        QVERIFY2(app_->find<QLabel>("ownHand")->text().contains(QStringLiteral("fewer than 10 pairs")),
                 qPrintable(app_->find<QLabel>("ownHand")->text()));
        // Keys that would show the first marks did nothing meanwhile; now they work.
        const std::size_t pairs = app_->data().own.landmarks.begin()->second.pairs;
        QVERIFY(pairs >= 1);
        // Until ten pairs: again and again, each time others.
        for (unsigned seed = 8; seed < 20 && app_->data().own.landmarks.at("nose").pairs < 10; ++seed) {
            again->start(seed);
            while (again->active()) {
                const SecondTask task = again->task();
                if (!task.event.empty()) {
                    again->passOver();
                    continue;
                }
                for (std::string next = page()->nextLandmark();
                     again->active() && again->task().frame == task.frame &&
                     again->task().repetition == task.repetition && !next.empty();
                     next = again->active() ? page()->nextLandmark() : std::string()) {
                    const PixelPoint first = app_->data().repetition(task.repetition)->marks.at(next).at(task.frame).at;
                    again->place(next, {first.x + (seed % 2 ? 2.0 : -2.0), first.y});
                }
            }
        }
        QVERIFY(app_->data().own.landmarks.at("nose").holds());
        QVERIFY2(app_->find<QLabel>("ownHand")->text().contains(QStringLiteral("nose ±")),
                 qPrintable(app_->find<QLabel>("ownHand")->text()));
    }
    void aHiddenHandByItsWeapon() {
        for (const Trial& trial : trialsOf(app_->data(), app_->workspace.session(), Stress::Calm))
            if (trial.number == 1)
                app_->workspace.selectRepetition(repetitionId(trial.id));
        const RepetitionId rep = app_->workspace.repetition();
        const Repetition before = *app_->data().repetition(rep);
        const int frame = static_cast<int>(std::lround(before.events.at("down").frame));
        const Mark hand = before.marks.at("left_wrist").at(frame), tip = before.marks.at("tip").at(frame);
        QVERIFY(app_->workspace.apply(QStringLiteral("Lose"),
                                      [&](Edit& edit) { return edit.removeMark(rep, "left_wrist", frame); }));
        app_->window->showPage(QStringLiteral("mark"), QStringLiteral("frame:%1").arg(frame));
        QVERIFY(app_->shows("markStage"));
        QCOMPARE(page()->nextLandmark(), std::string("left_wrist"));
        app_->key(Qt::Key_W);
        app_->clickPixel("markStage",
                         {tip.at.x + 0.6 * (hand.at.x - tip.at.x), tip.at.y + 0.6 * (hand.at.y - tip.at.y)});
        QTRY_VERIFY(app_->data().repetition(rep)->marks.at("left_wrist").contains(frame));
        const Mark found = app_->data().repetition(rep)->marks.at("left_wrist").at(frame);
        const double error = std::hypot(found.at.x - hand.at.x, found.at.y - hand.at.y);
        QVERIFY2(error < 3 * found.sigmaPx && error < 12,
                 qPrintable(QStringLiteral("%1 px, u %2").arg(error).arg(found.sigmaPx)));
        QCOMPARE(found.source, std::string("implement"));
        app_->workspace.undo();
        app_->workspace.undo();
        const Repetition& back = *app_->data().repetition(rep);
        QCOMPARE(back.marks.at("left_wrist").at(frame).at.x, hand.at.x);
        QCOMPARE(back.marks.at("left_wrist").at(frame).source, hand.source);
    }
    void theViewAlone() {
        auto* stage = app_->find<StageView>("markStage");
        const auto shown = [&] {
            return qGray(stage->grab().toImage().pixel(stage->width() / 2, stage->height() - 60));
        };
        QVERIFY(app_->shows("markStage"));
        const QImage asFilmed = stage->image();
        const int grey = shown();
        app_->key(Qt::Key_V);
        QVERIFY2(shown() > grey + 5, qPrintable(QStringLiteral("%1 %2").arg(grey).arg(shown())));
        QVERIFY(stage->image() == asFilmed); // what is measured from stays
        app_->key(Qt::Key_V);
        app_->key(Qt::Key_V);
        app_->key(Qt::Key_V);
        QVERIFY(std::abs(shown() - grey) <= 1);
        const double whole = stage->transform().scale;
        app_->key(Qt::Key_Z);
        QVERIFY(stage->transform().scale > 1.05 * whole); // a lunge goes through most of the picture
        app_->key(Qt::Key_Z);
        QVERIFY(std::abs(stage->transform().scale - whole) < 1e-9);
    }
    void aBoxByHand() {
        app_->workspace.selectSession(fresh_);
        const RepetitionId last = repetitions().back().id;
        app_->workspace.selectRepetition(last);
        QVERIFY(app_->workspace.apply(QStringLiteral("Clear"), [&](Edit& edit) -> Result<void> {
            const Repetition r = repetitions().back();
            for (const auto& [landmark, track] : r.marks)
                for (const auto& [frame, mark] : track)
                    if (auto done = edit.removeMark(last, landmark, frame); !done)
                        return done;
            return edit.setSpan(last, r.from + 20, r.from + 32);
        }));
        QVERIFY(app_->shows("markStage"));
        app_->key(Qt::Key_B);
        auto* stage = app_->find<StageView>("markStage");
        const int frame = page()->frame();
        const QPointF hip = truthAt("left_hip", frame);
        const QPoint from = stage->transform().toWidget(hip - QPointF(150, 200)).toPoint(),
                     to = stage->transform().toWidget(hip + QPointF(170, 200)).toPoint();
        QTest::mousePress(stage, Qt::LeftButton, {}, from);
        QTest::mouseMove(stage, (from + to) / 2);
        QTest::mouseRelease(stage, Qt::LeftButton, {}, to);
        QVERIFY(!app_->workspace.jobs().idle());
        QVERIFY(waitForJobs());
        const Repetition r = repetitions().back();
        QVERIFY(r.marks.contains("left_hip"));
        const Mark mark = r.marks.at("left_hip").begin()->second;
        const QPointF truth = truthAt("left_hip", r.marks.at("left_hip").begin()->first);
        QVERIFY(std::hypot(mark.at.x - truth.x(), mark.at.y - truth.y()) < 25);
    }
    void outToATableAndIn() {
        const QString file = folder_.filePath(QStringLiteral("marks.csv"));
        app_->workspace.selectRepetition(repetitions().front().id);
        auto* tables = app_->window->findChild<MarksTable*>();
        tables->exportTo(file);
        QVERIFY(QFile::exists(file) && QFile::exists(folder_.filePath(QStringLiteral("marks_events.csv"))));
        const RepetitionId rep = repetitions().front().id;
        const Repetition before = *app_->data().repetition(rep);
        // Everything of one landmark is lost, and comes back from the table.
        QVERIFY(app_->workspace.apply(QStringLiteral("Lose"), [&](Edit& edit) -> Result<void> {
            for (const auto& [frame, mark] : before.marks.at("nose"))
                if (auto done = edit.removeMark(rep, "nose", frame); !done)
                    return done;
            return {};
        }));
        QVERIFY(!app_->data().repetition(rep)->marks.contains("nose"));
        tables->importFrom(file);
        auto* dialog = app_->window->findChild<ColumnDialog*>();
        QVERIFY(dialog && dialog->isVisible());
        QVERIFY(dialog->findChild<QLabel*>(QStringLiteral("columnFault"))->text().contains(QStringLiteral("Ready")));
        QTest::mouseClick(dialog->findChild<QAbstractButton*>(QStringLiteral("bringIn")), Qt::LeftButton);
        QTRY_VERIFY(app_->data().repetition(rep)->marks.contains("nose"));
        const Repetition after = *app_->data().repetition(rep);
        QCOMPARE(after.marks.at("nose").size(), before.marks.at("nose").size());
        for (const auto& [frame, mark] : before.marks.at("nose")) {
            QVERIFY(std::abs(after.marks.at("nose").at(frame).at.x - mark.at.x) < 1e-3);
            QVERIFY(std::abs(after.marks.at("nose").at(frame).sigmaPx - mark.sigmaPx) < 1e-3);
        }
        // Another program's table: one row a frame, its own names; a column that is not understood is left out.
        const QString wide = folder_.filePath(QStringLiteral("wide.csv"));
        QFile out(wide);
        QVERIFY(out.open(QIODevice::WriteOnly));
        const int frame = before.from + 5;
        out.write(
            QStringLiteral("Frame;Nose X;Nose Y;lKnee_x;lKnee_y;mood\n%1;10,5;20;30;40;good\n").arg(frame).toUtf8());
        out.close();
        tables->importFrom(wide);
        QPointer<ColumnDialog> second;
        for (ColumnDialog* each : app_->window->findChildren<ColumnDialog*>())
            if (each->isVisible())
                second = each;
        QVERIFY(second);
        QTest::mouseClick(second->findChild<QAbstractButton*>(QStringLiteral("bringIn")), Qt::LeftButton);
        QTRY_COMPARE(app_->data().repetition(rep)->marks.at("nose").at(frame).at.x, 10.5);
        QCOMPARE(app_->data().repetition(rep)->marks.at("nose").at(frame).source, std::string("imported"));
        app_->workspace.undo();
        QTRY_VERIFY(app_->data().repetition(rep)->marks.at("nose").at(frame).at.x != 10.5);
        // A table that says nothing of frames says so.
        QFile bad(wide);
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("Nose X;Nose Y\n1;2\n");
        bad.close();
        tables->importFrom(wide);
        QTRY_VERIFY([&] {
            for (ColumnDialog* each : app_->window->findChildren<ColumnDialog*>())
                if (each->isVisible())
                    return each->findChild<QLabel*>(QStringLiteral("columnFault"))
                               ->text()
                               .contains(QStringLiteral("frame or a time")) &&
                           !each->findChild<QAbstractButton*>(QStringLiteral("bringIn"))->isEnabled();
            return false;
        }());
    }
};

QTEST_MAIN(TestNewClip)
#include "tst_new_clip.moc"
