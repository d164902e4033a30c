// Two copies of one case brought together, row by row.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "store/case_archive.h"
#include "support/rich_library.h"

#include <QtTest>

#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

QDateTime at(int hour) { return {QDate(2026, 11, 10), QTime(hour, 0), Qt::UTC}; }

/// One analyst's library with a copy of the case.
struct Analyst {
    QTemporaryDir folder;
    std::unique_ptr<Library> library;
    CaseId id;

    [[nodiscard]] CaseData data() const { return *library->loadCase(id); }
    [[nodiscard]] CaseRows rows() const { return rowsOf(data(), *library->packText(id)); }
    [[nodiscard]] const Repetition repetition(std::size_t index) const {
        return data().sessions[0].clips[0].sections[0].repetitions.at(index);
    }
    void change(const std::function<Result<void>(Edit&)>& work) const {
        const auto done = library->change(QStringLiteral("Work"), work);
        QVERIFY2(done.ok(), done.ok() ? "" : done.error().sentence().c_str());
    }
    /// Writes the case, as it is handed on.
    [[nodiscard]] QString out(const QString& name, bool keepState = true) const {
        const QString path = folder.filePath(name);
        const auto written = writeCaseArchive(*library, id, path, true);
        if (!written)
            qFatal("%s", written.error().sentence().c_str());
        if (keepState && !library->keep([&](Edit& edit) { return edit.keepExchanged(id, written->state); }))
            qFatal("the state is not kept");
        return path;
    }
    [[nodiscard]] std::unique_ptr<CaseArchive> read(const QString& path) const {
        auto archive = CaseArchive::open(path, library->folder());
        if (!archive)
            qFatal("%s", archive.error().sentence().c_str());
        return std::move(*archive);
    }
    void bringIn(const QString& path) {
        const auto made = read(path)->addTo(*library);
        QVERIFY2(made.ok(), made.ok() ? "" : made.error().sentence().c_str());
        id = *made;
    }
    [[nodiscard]] CaseMerge compared(const QString& path) const {
        const auto merge = read(path)->compareWith(*library, id);
        if (!merge)
            qFatal("%s", merge.error().sentence().c_str());
        return *merge;
    }
    /// Brings the copy in; every question is answered the same way.
    Merged together(const QString& path, bool asThere) const {
        const auto archive = read(path);
        const auto merge = archive->compareWith(*library, id);
        if (!merge)
            qFatal("%s", merge.error().sentence().c_str());
        const auto done =
            archive->bringTogether(*library, id, *merge, std::vector<bool>(merge->questions.size(), asThere));
        if (!done)
            qFatal("%s", done.error().sentence().c_str());
        return *done;
    }
};

} // namespace

class TestTwoCopies : public QObject {
    Q_OBJECT

    std::unique_ptr<Analyst> hers_, his_;

    void decide(const Analyst& side, const char* fault, Decision::Choice choice, int hour) const {
        side.change([&](Edit& edit) {
            return edit.decide(side.id, {fault, choice, QStringLiteral("at %1").arg(hour), at(hour), {}});
        });
    }
    Decision::Choice choiceOf(const Analyst& side, const std::string& fault) const {
        const CaseData data = side.data();
        for (const Decision& decision : data.decisions)
            if (decision.fault == fault)
                return decision.choice;
        return Decision::Choice::NotAFault;
    }

private slots:
    /// She has the case; he has brought in what she handed on.
    void init() {
        hers_ = std::make_unique<Analyst>();
        his_ = std::make_unique<Analyst>();
        MadeLibrary made = richLibrary(hers_->folder.path());
        hers_->library = std::move(made.library);
        hers_->id = made.caseId;
        his_->library = std::move(*Library::open(his_->folder.path()));
        his_->bringIn(hers_->out(QStringLiteral("first.riflesso")));
    }

    void theSameCaseHasTheSameRows() {
        QVERIFY(hers_->rows() == his_->rows());
        QVERIFY(hers_->rows().size() > 100);
        QVERIFY(*unpacked(packed(hers_->rows())) == hers_->rows());
        QVERIFY(!unpacked("no rows"));
        QVERIFY(partsOf(keyOf({"a/b", "100 %2F", ""})) == (std::vector<std::string>{"a/b", "100 %2F", ""}));
        const CaseMerge merge = hers_->compared(his_->out(QStringLiteral("back.riflesso")));
        QVERIFY(merge.knowsBefore && merge.take.empty() && merge.questions.empty() && merge.onlyHere.empty());
    }

    void whatOneSideChangedIsTaken() {
        const RepetitionId mine = his_->repetition(0).id;
        his_->change([&](Edit& edit) -> Result<void> {
            std::vector<Result<void>> steps;
            steps.push_back(edit.setMark(mine, "left_hip", 75, {{12, 13}, 2, "analyst"}));
            steps.push_back(edit.removeMark(mine, "left_knee", 71));
            steps.push_back(edit.setResult(mine, "miss"));
            steps.push_back(edit.undecide(his_->id, "deep"));
            steps.push_back(addPractised(edit, his_->id, at(18)));
            Repetition third;
            third.number = 2; // taken here by then
            third.from = 5;
            third.to = 40;
            third.events["contact"] = {20, {}, "analyst", {}};
            const auto added = edit.addRepetition(his_->data().sessions[0].clips[0].sections[0].id, third);
            steps.push_back(added ? Result<void>() : Result<void>(added.error()));
            for (const Result<void>& step : steps)
                if (!step)
                    return step;
            return {};
        });
        hers_->change([&](Edit& edit) { return edit.setFelt(hers_->repetition(0).id, "right"); });
        decide(*hers_, "bent", Decision::Choice::Park, 9);
        const QString back = his_->out(QStringLiteral("back.riflesso"));
        const CaseMerge merge = hers_->compared(back);
        QVERIFY(merge.knowsBefore);
        QCOMPARE(merge.questions.size(), std::size_t(0));
        QCOMPARE(merge.fromThere.at(RowKind::Mark), 2);
        QCOMPARE(merge.fromThere.at(RowKind::Practice), 1);
        QCOMPARE(merge.onlyHere.at(RowKind::Decision), 1);
        const std::size_t journalBefore = hers_->library->journal(hers_->id)->size();
        QCOMPARE(hers_->together(back, false).leftOut, 0);
        const CaseData after = hers_->data();
        const Repetition first = hers_->repetition(1);
        QCOMPARE(first.marks.at("left_hip").at(75).at.x, 12.0);
        QVERIFY(!first.marks.at("left_knee").contains(71));
        QCOMPARE(first.result, std::string("miss"));
        QCOMPARE(first.felt, std::string("right")); // hers stays beside his
        QCOMPARE(hers_->repetition(0).number, 3);   // a number that was free
        QCOMPARE(hers_->repetition(0).events.at("contact").frame, 20.0);
        QCOMPARE(after.practice.size(), std::size_t(2));
        QVERIFY(choiceOf(*hers_, "bent") == Decision::Choice::Park);
        QCOMPARE(after.decisions.size(), std::size_t(1));
        // Both journals: his line of what he took back is hers now, at its own moment; and that they came together.
        const auto journal = *hers_->library->journal(hers_->id);
        QVERIFY(journal.size() > journalBefore);
        QVERIFY(std::any_of(journal.begin(), journal.end(), [](const JournalEntry& line) {
            return line.what == QStringLiteral("decision taken back: deep");
        }));
        QVERIFY(journal.back().what.startsWith(QStringLiteral("brought together")));
        QVERIFY(std::is_sorted(journal.begin(), journal.end(),
                               [](const JournalEntry& a, const JournalEntry& b) { return a.at < b.at; }));
        // One step, taken back as one.
        QVERIFY(hers_->library->undo().ok());
        QCOMPARE(hers_->data().practice.size(), std::size_t(1));
        QVERIFY(hers_->repetition(0).marks.at("left_knee").contains(71));
    }

    void whatBothChangedIsAsked_data() {
        QTest::addColumn<int>("herHour");
        QTest::addColumn<int>("hisHour");
        QTest::addColumn<bool>("newerThere");
        QTest::newRow("his is newer") << 9 << 10 << true;
        QTest::newRow("hers is newer") << 11 << 10 << false;
    }
    void whatBothChangedIsAsked() {
        QFETCH(int, herHour);
        QFETCH(int, hisHour);
        QFETCH(bool, newerThere);
        decide(*hers_, "bent", Decision::Choice::Park, herHour);
        decide(*his_, "bent", Decision::Choice::NotAFault, hisHour);
        const QString back = his_->out(QStringLiteral("back.riflesso"));
        const CaseMerge merge = hers_->compared(back);
        QCOMPARE(merge.questions.size(), std::size_t(1));
        QCOMPARE(merge.questions[0].first, std::string("decision/bent"));
        QCOMPARE(merge.questions[0].newerThere, newerThere);
        QVERIFY(merge.questions[0].here != merge.questions[0].there);
        hers_->together(back, false);
        QVERIFY(choiceOf(*hers_, "bent") == Decision::Choice::Park);
        // It was decided: the same copy asks no more, a later one only of what is new in it.
        QVERIFY(hers_->compared(back).questions.empty());
        decide(*his_, "deep", Decision::Choice::WorkOn, 12);
        const CaseMerge later = hers_->compared(his_->out(QStringLiteral("later.riflesso")));
        QVERIFY(later.questions.empty());
        QCOMPARE(later.fromThere.at(RowKind::Decision), 1);
        // He gets hers, and takes it.
        const QString onward = hers_->out(QStringLiteral("onward.riflesso"));
        his_->together(onward, true);
        QVERIFY(choiceOf(*his_, "bent") == Decision::Choice::Park);
        QVERIFY(choiceOf(*his_, "deep") == Decision::Choice::WorkOn);
    }

    void marksOfOneRepetitionAreOneQuestion() {
        for (const auto& [side, x] : {std::pair{hers_.get(), 100.0}, std::pair{his_.get(), 200.0}})
            side->change([&, side = side, x = x](Edit& edit) -> Result<void> {
                for (int frame = 80; frame < 90; ++frame)
                    if (auto done = edit.setMark(side->repetition(0).id, "left_hip", frame, {{x, 5}, 2, "analyst"});
                        !done)
                        return done;
                return {};
            });
        const QString back = his_->out(QStringLiteral("back.riflesso"));
        const CaseMerge merge = hers_->compared(back);
        QCOMPARE(merge.questions.size(), std::size_t(1));
        QCOMPARE(merge.questions[0].keys.size(), std::size_t(10));
        QVERIFY(merge.questions[0].hereAt.isValid() && merge.questions[0].thereAt >= merge.questions[0].hereAt);
        QVERIFY(merge.questions[0].newerThere);
        hers_->together(back, true);
        QCOMPARE(hers_->repetition(0).marks.at("left_hip").at(85).at.x, 200.0);
        // What came from there was not changed here now: the moment came along.
        QCOMPARE(hers_->repetition(0).changed, his_->repetition(0).changed);
    }

    void whatWasRemovedAndWorkedOnIsAsked() {
        his_->change([&](Edit& edit) { return edit.removeRepetition(his_->repetition(1).id); });
        const QString untouched = his_->out(QStringLiteral("untouched.riflesso"));
        QVERIFY(hers_->compared(untouched).questions.empty());
        QCOMPARE(hers_->compared(untouched).fromThere.at(RowKind::Repetition), 1);
        hers_->change([&](Edit& edit) { return edit.setFelt(hers_->repetition(1).id, "off"); });
        const CaseMerge merge = hers_->compared(untouched);
        QCOMPARE(merge.questions.size(), std::size_t(1));
        QVERIFY(merge.questions[0].why == MergeQuestion::Why::RemovedThere);
        hers_->together(untouched, false);
        QCOMPARE(hers_->repetition(1).felt, std::string("off"));
        // The other way: removed here, worked on there.
        his_->together(hers_->out(QStringLiteral("hers.riflesso")), true);
        QCOMPARE(his_->repetition(1).felt, std::string("off"));
    }

    void theSameStretchMarkedTwiceIsAsked() {
        for (const auto& [side, from] : {std::pair{hers_.get(), 10}, std::pair{his_.get(), 12}})
            side->change([&, side = side, from = from](Edit& edit) -> Result<void> {
                Repetition r;
                r.number = 3;
                r.from = from;
                r.to = from + 30;
                const auto made = edit.addRepetition(side->data().sessions[0].clips[0].sections[0].id, r);
                return made ? Result<void>() : Result<void>(made.error());
            });
        const QString back = his_->out(QStringLiteral("back.riflesso"));
        const CaseMerge merge = hers_->compared(back);
        QCOMPARE(merge.questions.size(), std::size_t(1));
        QVERIFY(merge.questions[0].why == MergeQuestion::Why::MarkedTwice);
        hers_->together(back, false);
        QCOMPARE(hers_->data().sessions[0].clips[0].sections[0].repetitions.size(), std::size_t(3));
        QCOMPARE(hers_->repetition(0).from, 10);
        QVERIFY(hers_->library->undo().ok());
        hers_->together(back, true);
        QCOMPARE(hers_->data().sessions[0].clips[0].sections[0].repetitions.size(), std::size_t(3));
        QCOMPARE(hers_->repetition(0).from, 12);
    }

    void sectionsFollow() {
        his_->change([&](Edit& edit) -> Result<void> {
            const auto made = edit.splitSection(his_->data().sessions[0].clips[0].sections[0], 110);
            return made ? Result<void>() : Result<void>(made.error());
        });
        his_->change([&](Edit& edit) {
            Section second = his_->data().sessions[0].clips[0].sections[1];
            second.slowMotion = 4;
            return edit.setSection(second);
        });
        const QString back = his_->out(QStringLiteral("back.riflesso"));
        QVERIFY(hers_->compared(back).questions.empty());
        QCOMPARE(hers_->together(back, false).leftOut, 0);
        const Clip clip = hers_->data().sessions[0].clips[0];
        QCOMPARE(clip.sections.size(), std::size_t(2));
        QCOMPARE(clip.sections[0].to, 109);
        QCOMPARE(clip.sections[1].slowMotion, 4.0);
        QCOMPARE(clip.sections[1].repetitions.size(), std::size_t(1));
        QVERIFY(hers_->rows() == his_->rows());
    }

    void aNewClipComesWithItsFile() {
        his_->change([&](Edit& edit) -> Result<void> {
            QFile file(his_->folder.filePath(QStringLiteral("media/new.mp4")));
            if (!file.open(QIODevice::WriteOnly) || file.write("a new clip") < 0)
                return fault("", "no file");
            file.close();
            const auto made = edit.addClip(his_->data().sessions[0].id,
                                           {QStringLiteral("New"),
                                            QStringLiteral("media/new.mp4"),
                                            *fileHash(file.fileName()),
                                            64,
                                            48,
                                            {0, 0.1, 0.2}},
                                           {});
            return made ? Result<void>() : Result<void>(made.error());
        });
        hers_->together(his_->out(QStringLiteral("back.riflesso")), false);
        const Clip clip = hers_->data().sessions[0].clips.back();
        QCOMPARE(clip.title, QStringLiteral("New"));
        QVERIFY(!clip.missing && clip.path.startsWith(hers_->folder.path()));
    }

    void withoutACommonStateWhatDiffersIsAsked() {
        his_->change([&](Edit& edit) {
            return edit.setMark(his_->repetition(0).id, "left_hip", 80, {{1, 1}, 2, "a"});
        });
        decide(*his_, "bent", Decision::Choice::NotAFault, 10);
        QVERIFY(hers_->library->eraseClip(hers_->data().sessions.back().clips[0].id).ok()); // the states go with it
        QCOMPARE(hers_->library->exchanged(hers_->id)->size(), std::size_t(0));
        const QString back = his_->out(QStringLiteral("back.riflesso"));
        const CaseMerge merge = hers_->compared(back);
        QVERIFY(!merge.knowsBefore);
        QCOMPARE(merge.questions.size(), std::size_t(1));
        QCOMPARE(merge.questions[0].first, std::string("decision/bent"));
        QCOMPARE(merge.fromThere.at(RowKind::Mark) > 0, true);
        hers_->together(back, true);
        QVERIFY(hers_->rows() == his_->rows());
    }

    void aCaseThatChangedMeanwhileIsRefused() {
        decide(*his_, "bent", Decision::Choice::NotAFault, 10);
        const auto archive = hers_->read(his_->out(QStringLiteral("back.riflesso")));
        const auto merge = archive->compareWith(*hers_->library, hers_->id);
        decide(*hers_, "bent", Decision::Choice::Park, 11);
        const CaseRows before = hers_->rows();
        QVERIFY(!archive->bringTogether(*hers_->library, hers_->id, *merge, {}).ok());
        QVERIFY(hers_->rows() == before);
    }

    void lockedBeliefsStay() {
        his_->change([&](Edit& edit) {
            return edit.addBelief(his_->id, {0, "knee", QStringLiteral("another"), 2, false, Guesser::Analyst});
        });
        hers_->together(his_->out(QStringLiteral("back.riflesso")), false);
        const auto lockedOf = [](const Analyst& side) {
            const CaseData data = side.data();
            return std::count_if(data.beliefs.begin(), data.beliefs.end(), [](const Belief& b) { return b.locked; });
        };
        QCOMPARE(hers_->data().beliefs.size(), std::size_t(3));
        QCOMPARE(lockedOf(*hers_), 2);
        // He locks his; hers, which is the same and open, is locked with it. What is locked here no copy opens again.
        QVERIFY(his_->library->keep([&](Edit& edit) { return edit.lockBeliefs(his_->id); }).ok());
        const QString before = hers_->out(QStringLiteral("open.riflesso"));
        hers_->together(his_->out(QStringLiteral("locked.riflesso")), true);
        QCOMPARE(lockedOf(*hers_), 3);
        his_->together(before, true);
        QCOMPARE(lockedOf(*his_), 3);
    }

    /// Whatever two people do: once each has brought in the other's, the second taking what it is asked, both have the
    /// same.
    void bothEndAlike() {
        std::mt19937 random(20261201);
        const auto pick = [&](int n) { return std::uniform_int_distribution<int>(0, n - 1)(random); };
        for (int round = 0; round < 8; ++round) {
            for (Analyst* side : {hers_.get(), his_.get()})
                for (int step = pick(6); step >= 0; --step)
                    side->change([&](Edit& edit) -> Result<void> {
                        const CaseData data = side->data();
                        const auto& section = data.sessions[0].clips[0].sections[0];
                        if (section.repetitions.empty())
                            return {};
                        const Repetition& r =
                            section.repetitions[static_cast<std::size_t>(pick(int(section.repetitions.size())))];
                        const std::string reason = std::to_string(pick(1000));
                        switch (pick(10)) {
                        case 0:
                            return edit.setMark(r.id, "left_hip", r.from + pick(4), {{double(pick(50)), 1}, 2, "a"});
                        case 1:
                            return edit.removeMark(r.id, "left_hip", r.from + pick(4));
                        case 2:
                            return edit.setEvent(r.id, "contact", {double(r.from + pick(5)), {}, "analyst", {}});
                        case 3:
                            return edit.setFelt(r.id, pick(2) ? "right" : "off");
                        case 4:
                            return edit.setBest(r.id, pick(2) == 1);
                        case 5:
                            return pick(4) ? edit.setPosition(side->id, "how_low", pick(2) ? "lower" : "higher", {})
                                           : edit.setPosition(side->id, "how_low", {}, {});
                        case 6:
                            return edit.setCue(side->id, "d1", pick(3) ? QString::fromStdString(reason) : QString());
                        case 7: {
                            PlanSettings plan = data.plan;
                            (pick(2) ? plan.homeworkMinutes : plan.noChangeDays) = pick(30);
                            return edit.setPlan(side->id, plan);
                        }
                        case 8: {
                            Repetition fresh;
                            fresh.number = 9;
                            fresh.from = pick(190);
                            fresh.to = std::min(199, fresh.from + pick(20));
                            const auto made = edit.addRepetition(section.id, fresh);
                            return made ? Result<void>() : Result<void>(made.error());
                        }
                        default:
                            return section.repetitions.size() > 2 ? edit.removeRepetition(r.id) : Result<void>();
                        }
                    });
            hers_->together(his_->out(QStringLiteral("his.riflesso")), pick(2) == 1);
            his_->together(hers_->out(QStringLiteral("hers.riflesso")), true);
            const CaseRows a = hers_->rows(), b = his_->rows();
            for (const auto& [key, value] : a)
                if (!b.contains(key) || b.at(key) != value)
                    QFAIL(qPrintable(QStringLiteral("round %1: %2").arg(round).arg(key.c_str())));
            QCOMPARE(a.size(), b.size());
        }
    }
};

QTEST_GUILESS_MAIN(TestTwoCopies)
#include "tst_two_copies.moc"
