#pragma once
// The workshop as a user has it: mouse, keys and words, with the gestures counted, on a case begun with Any movement
// that has the marks of a case of the demo and none of its events.

#include "app/packs/packs_page.h"
#include "app/workshop/cause_drawing.h"
#include "app/workshop/model_stage.h"
#include "app/workshop/skill_desk.h"
#include "app/workshop/workshop.h"
#include "core/signal/propose_events.h"
#include "support/files.h"
#include "window_driver.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

#include <cmath>

namespace riflesso::test {

class WorkshopDriver {
protected:
    QTemporaryDir dir_;
    std::unique_ptr<Driver> app_;
    int gestures_ = 0;

    [[nodiscard]] const SkillDesk& desk() const { return app_->find<Workshop>("workshop")->desk(); }
    [[nodiscard]] ModelStage& stage() const { return *app_->find<ModelStage>("modelStage"); }
    [[nodiscard]] QListWidget& list(const char* name) const { return *app_->find<QListWidget>(name); }
    void quiet() const { QTRY_VERIFY_WITH_TIMEOUT(app_->workspace.jobs().idle(), 60000); }

    void key(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        app_->key(key, modifiers);
        ++gestures_;
    }
    void press(const char* button) {
        app_->click(button);
        ++gestures_;
    }
    /// Clicks the row of a list that begins with these words.
    void clickRow(const char* name, const QString& words) {
        QListWidget& rows = list(name);
        for (int i = 0; i < rows.count(); ++i)
            if (rows.item(i)->text().startsWith(words)) {
                rows.scrollToItem(rows.item(i));
                QTest::mouseClick(rows.viewport(), Qt::LeftButton, {}, rows.visualItemRect(rows.item(i)).center());
                ++gestures_;
                return;
            }
        QStringList there;
        for (int i = 0; i < rows.count(); ++i)
            there << rows.item(i)->text();
        QFAIL(qPrintable(
            QStringLiteral("%1: no row begins with %2: %3").arg(QLatin1String(name), words, there.join(u'|'))));
    }
    void section(const QString& name) { clickRow("workshopSections", name); }
    void clickPoint(const std::string& landmark) {
        auto* view = app_->find<StageView>("workshopStage");
        for (const StageFigure& figure : view->figures())
            if (const auto mark = figure.marks.find(landmark); mark != figure.marks.end()) {
                QTest::mouseClick(view, Qt::LeftButton, {}, view->transform().toWidget(mark->second).toPoint());
                ++gestures_;
                return;
            }
        QFAIL(landmark.c_str());
    }
    void write(const char* field, const QString& text) {
        auto* edit = app_->find<QLineEdit>(field);
        QTRY_VERIFY2(edit && edit->isVisible(), field);
        QTest::mouseClick(edit, Qt::LeftButton);
        edit->selectAll();
        QTest::keyClicks(edit, text);
        QTest::keyClick(edit, Qt::Key_Return);
        gestures_ += 2; // a click and Enter; the words count aside
    }

    /// In a field that has the focus already.
    void say(const char* field, const QString& text) {
        auto* edit = app_->find<QLineEdit>(field);
        QTRY_VERIFY2(edit->hasFocus(), field);
        QTest::keyClicks(edit, text);
        QTest::keyClick(edit, Qt::Key_Return);
        ++gestures_;
    }
    [[nodiscard]] const char* firstFault() const {
        static std::string text;
        const auto& faults = desk().reading().faults;
        text = faults.empty() ? "none" : faults[0].path + ": " + faults[0].expected + ", " + faults[0].got;
        return text.c_str();
    }
    void tick(const QString& words) {
        QListWidget& rows = list("workshopParts");
        for (int i = 0; i < rows.count(); ++i)
            if (rows.item(i)->text().startsWith(words)) {
                rows.item(i)->setCheckState(Qt::Checked);
                ++gestures_;
                return;
            }
        QFAIL(qPrintable(words));
    }
    static std::size_t markCount(const CaseData& data) {
        std::size_t out = 0;
        for (const Session& session : data.sessions)
            for (const Clip& clip : session.clips)
                for (const Section& section : clip.sections)
                    for (const Repetition& repetition : section.repetitions)
                        for (const auto& track : repetition.marks)
                            out += track.second.size();
        return out;
    }
    /// Sessions, clips, repetitions and marks of another case, without its events.
    static Result<void> copyMarks(Edit& edit, const CaseData& from, CaseId to) {
        for (const Session& session : from.sessions) {
            if (!session.isModel && session.date != from.sessions.front().date &&
                session.title != QLatin1String("Baseline"))
                continue;
            const auto into = edit.addSession(to, session.date, session.title, session.isModel);
            if (!into)
                return into.error();
            for (const Clip& clip : session.clips) {
                if (clip.sections.empty())
                    continue;
                const auto added = edit.addClip(
                    *into, {clip.title, clip.path, clip.hash, clip.width, clip.height, *clip.timesS}, clip.sections[0]);
                if (!added)
                    return added.error();
                for (const Section& part : clip.sections) {
                    const auto section =
                        &part == &clip.sections[0] ? edit.firstSection(*added) : edit.addSection(*added, part);
                    if (!section)
                        return section.error();
                    if (const auto copied = copyRepetitions(edit, part, *section); !copied)
                        return copied;
                }
            }
        }
        return {};
    }
    static Result<void> copyRepetitions(Edit& edit, const Section& from, SectionId to) {
        for (const Repetition& repetition : from.repetitions) {
            Repetition bare = repetition;
            bare.events.clear();
            bare.observations.clear();
            bare.result.clear();
            bare.variant.clear();
            bare.uid.clear();
            const auto made = edit.addRepetition(to, bare);
            if (!made)
                return made.error();
            for (const auto& [landmark, track] : repetition.marks)
                for (const auto& [frame, mark] : track)
                    if (const auto set = edit.setMark(*made, landmark, frame, mark); !set)
                        return set;
        }
        return {};
    }
    /// The repetition of the shipped case with the same clip and frames.
    [[nodiscard]] const Repetition* trueOne(RepetitionId id) const {
        const RepetitionPlace here = placeOf(app_->data(), id);
        for (const Session& session : truth_.sessions)
            for (const Clip& clip : session.clips)
                for (const Section& section : clip.sections)
                    for (const Repetition& repetition : section.repetitions)
                        if (here && clip.path == here.clip->path && repetition.from == here.repetition->from)
                            return &repetition;
        return nullptr;
    }
    [[nodiscard]] int trueFrame(const std::string& event) const {
        const Repetition* known = trueOne(stage().repetition());
        return known ? static_cast<int>(std::lround(known->events.at(event).frame)) : -1;
    }
    /// As a hand does it: a click on the strip, then single steps.
    void stepTo(const char* event) {
        const int to = trueFrame(event);
        if (std::abs(to - stage().frame()) > 4) {
            stage().goToFrame(to + 1); // a click on the strip lands near
            ++gestures_;
        }
        while (stage().frame() != to)
            key(stage().frame() < to ? Qt::Key_Right : Qt::Key_Left);
    }
    void openDemo(const QString& athlete) {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(dir_)));
        app_->selectAthlete(athlete);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet(), 60000);
    }
    /// A case begun with Any movement that has the marks of the open one, and a skill made of it.
    void beginOfOpenCase(const QString& title) {
        const CaseData from = app_->data();
        QVERIFY(app_->workspace.apply(QStringLiteral("case"), [&](Edit& edit) -> Result<void> {
            const auto id = edit.addCase(from.athlete.id, QStringLiteral("Another look"),
                                         QString::fromStdString(readText(PACKS "/any_movement.json")));
            if (!id)
                return id.error();
            made_ = *id;
            return copyMarks(edit, from, *id);
        }));
        app_->workspace.selectCase(made_);
        QVERIFY(app_->workspace.applyForGood([&](Edit& edit) -> Result<void> {
            for (const Guesser whose : {Guesser::Athlete, Guesser::Analyst})
                if (const auto said = edit.sayNotAsked(made_, whose, QDate(2026, 11, 3)); !said)
                    return said;
            return {};
        }));
        quiet();
        truth_ = from;
        app_->step("packs");
        app_->click("packWorkshop");
        gestures_ = 0;
        write("newSkillName", title);
        QVERIFY(desk().isOpen());
        quiet();
    }
    /// Begin and end, which were only Any movement's, and all that is measured by them.
    void takeOutPositions() {
        section(QStringLiteral("Positions"));
        list("workshopParts").selectAll();
        ++gestures_;
        press("takePart");
    }
    /// Steps to where the event of the shipped case is, clicks the points whose moment it is, and names a position.
    void namePosition(const char* shipped, const QString& title, std::initializer_list<const char*> points = {}) {
        stepTo(shipped);
        for (const char* landmark : points)
            clickPoint(landmark);
        key(Qt::Key_P);
        auto* name = app_->find<QLineEdit>("field-title");
        QTRY_VERIFY(name->hasFocus());
        QTest::keyClicks(name, title);
        QTest::keyClick(name, Qt::Key_Return);
        ++gestures_;
        QVERIFY(!name->hasFocus()); // keys are the page's again
        quiet();
    }
    /// Looked at in the other repetitions, set where it is off; a rule is taken after four.
    void lookThroughPosition(const char* shipped, int repetitions, bool rule) {
        bool moved = false;
        for (int i = 1; i < repetitions; ++i) {
            if (!moved)
                key(Qt::Key_N);
            moved = false;
            quiet();
            const int off = trueFrame(shipped) - stage().frame();
            QVERIFY2(std::abs(off) < 12, qPrintable(QStringLiteral("%1 off %2").arg(QLatin1String(shipped)).arg(off)));
            if (std::abs(off) > 1) { // an eye would see it
                stepTo(shipped);
                moved = i < repetitions - 1;
                key(Qt::Key_E, moved ? Qt::ShiftModifier : Qt::NoModifier);
                quiet();
            }
            if (i == 3 && rule) { // enough to look for a rule: the rest is carried over by it
                key(Qt::Key_R, Qt::ShiftModifier);
                quiet();
            }
        }
    }
    void called(const QString& measure, const char* direction, const QString& fault) {
        clickRow("workshopParts", measure);
        write((std::string("field-fault.") + direction).c_str(), fault);
    }
    void dragArrow(const std::string& from, const std::string& to) {
        auto* drawing = app_->find<CauseDrawing>("causeDrawing");
        const QPoint a = drawing->centreOf(from), b = drawing->centreOf(to);
        QTest::mousePress(drawing, Qt::LeftButton, {}, a);
        QTest::mouseMove(drawing, (a + b) / 2);
        QTest::mouseMove(drawing, b);
        QTest::mouseRelease(drawing, Qt::LeftButton, {}, b);
        ++gestures_;
    }
    /// Double clicks the first so many drills that the search leaves.
    void takeDrills(const QString& search, int count) {
        QTest::keyClicks(app_->find<QLineEdit>("drillSearch"), search);
        auto& library = list("drillLibrary");
        for (int taken = 0, i = 0; i < library.count() && taken < count; ++i)
            if (!library.item(i)->isHidden()) {
                library.scrollToItem(library.item(i));
                const QPoint at = library.visualItemRect(library.item(i)).center();
                QTest::mouseClick(library.viewport(), Qt::LeftButton, {}, at); // a double click begins as one
                QTest::mouseDClick(library.viewport(), Qt::LeftButton, {}, at);
                ++gestures_;
                ++taken;
            }
        QTRY_COMPARE(list("ladderRungs").count(), count);
    }
    void toMoment(const QString& moment) {
        auto* box = app_->find<QComboBox>("offerWhen");
        for (int i = 0; box->currentText() != moment && i < 8; ++i)
            key(Qt::Key_E);
        QCOMPARE(box->currentText(), moment);
    }
    void takeMeasure(std::initializer_list<const char*> points, const QString& offer) {
        for (const char* landmark : points)
            clickPoint(landmark);
        clickRow("measureOffers", offer);
        quiet();
    }
    /// The athlete's key events, placed by the skill's rules from the model's.
    void placeTheAthletes() {
        QVERIFY(app_->workspace.apply(QStringLiteral("events"), [&](Edit& edit) -> Result<void> {
            std::vector<Trial> own;
            for (const Session& session : app_->data().sessions)
                if (!session.isModel)
                    for (const Trial& trial : trialsOf(app_->data(), session.id, {}))
                        own.push_back(trial);
            for (const TrialProposal& proposal : proposeEvents(app_->data().pack, stage().shown().trials, own))
                for (const EventProposal& found : proposal.events)
                    if (const auto set = edit.setEvent(repetitionId(proposal.trial), found.event,
                                                       {found.frame, {}, std::string(kByHand)});
                        !set)
                        return set;
            return {};
        }));
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet(), 60000);
    }
    /// For who wants to look.
    void shots() const {
        const QByteArray to = qgetenv("WORKSHOP_SHOTS");
        if (to.isEmpty())
            return;
        const char* names[] = {"positions", "points", "measures", "faults", "ladders", "words", "cases"};
        for (int i = 0; i < 7; ++i) {
            app_->key(Qt::Key_1 + i);
            quiet();
            QTest::qWait(600);
            app_->window->grab().save(QString::fromUtf8(to) + u'/' + QLatin1String(names[i]) + QStringLiteral(".png"));
        }
    }
    CaseId made_;
    bool failed_ = false; ///< each step builds on those before
    CaseData truth_;
};

} // namespace riflesso::test
