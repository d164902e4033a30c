// Where a person puts landmarks against where a network sees them: a habit made for the test is found and taken out.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/uncertainty/stats.h"
#include "media/marking_habit.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;

namespace {

constexpr double kStatedPx = 6;
using Marks = std::map<std::string, MarksByFrame>;

/// A leg that swings, a trunk that leans; in every frame another direction of each bone.
PixelPoint truthOf(const std::string& joint, int frame) {
    const double lean = 0.2 * std::sin(frame / 7.0), thigh = 0.6 * std::sin(frame / 5.0),
                 shank = thigh - 0.5 + 0.4 * std::cos(frame / 4.0);
    const PixelPoint hip{200 + 2.0 * frame, 300};
    if (joint == "shoulder")
        return {hip.x + 120 * std::sin(lean), hip.y - 120 * std::cos(lean)};
    const PixelPoint knee{hip.x + 100 * std::sin(thigh), hip.y + 100 * std::cos(thigh)};
    if (joint == "knee")
        return knee;
    if (joint == "ankle")
        return {knee.x + 95 * std::sin(shank), knee.y + 95 * std::cos(shank)};
    return hip;
}

/// The network sees the hip 10 px up the trunk and the knee 5 px before the thigh; the ankle as it is.
ProposedMarks seen(int frames, double tremblePx = 0.5) {
    std::mt19937 random(5);
    std::normal_distribution<double> off(0, tremblePx);
    ProposedMarks out;
    for (int f = 0; f < frames; ++f) {
        const PixelPoint shoulder = truthOf("shoulder", f), hip = truthOf("hip", f), knee = truthOf("knee", f);
        const double trunk = std::hypot(shoulder.x - hip.x, shoulder.y - hip.y),
                     thigh = std::hypot(knee.x - hip.x, knee.y - hip.y);
        for (const char* joint : {"shoulder", "hip", "knee", "ankle"}) {
            PixelPoint at = truthOf(joint, f);
            if (joint == std::string("hip"))
                at = {at.x + 10 * (shoulder.x - hip.x) / trunk, at.y + 10 * (shoulder.y - hip.y) / trunk};
            if (joint == std::string("knee"))
                at = {at.x + 5 * (knee.y - hip.y) / thigh, at.y - 5 * (knee.x - hip.x) / thigh};
            out[std::string("left_") + joint][f] = {
                {{at.x + off(random), at.y + off(random)}, kStatedPx, std::string(kProposedByNetwork)}, .8};
        }
    }
    return out;
}

Marks setIn(const std::vector<int>& frames) {
    std::mt19937 random(9);
    std::normal_distribution<double> off(0, 1);
    Marks out;
    for (const char* joint : {"shoulder", "hip", "knee", "ankle"})
        for (const int f : frames) {
            const PixelPoint at = truthOf(joint, f);
            out[std::string("left_") + joint][f] = {{at.x + off(random), at.y + off(random)}, 1, std::string(kByHand)};
        }
    return out;
}

double medianError(const ProposedMarks& marks, const std::string& joint) {
    std::vector<double> errors;
    for (const auto& [f, point] : marks.at("left_" + joint)) {
        const PixelPoint at = truthOf(joint, f);
        errors.push_back(std::hypot(point.mark.at.x - at.x, point.mark.at.y - at.y));
    }
    return median(errors);
}

} // namespace

class TestMarkingHabit : public QObject {
    Q_OBJECT
private slots:
    void aHabitTurnsWithItsBone() {
        MarkingHabit habit;
        habit.learn(seen(60), setIn({3, 14, 25, 37, 48}));
        QCOMPARE(habit.landmarks(), std::size_t(4));
        ProposedMarks marks = seen(60);
        QVERIFY(medianError(marks, "hip") > 9 && medianError(marks, "knee") > 4);
        habit.apply(marks);
        for (const char* joint : {"hip", "knee", "ankle", "shoulder"})
            QVERIFY2(medianError(marks, joint) < 1.7,
                     qPrintable(QStringLiteral("%1 %2").arg(joint).arg(medianError(marks, joint))));
        const Mark& hip = marks.at("left_hip").at(20).mark;
        QVERIFY2(hip.sigmaPx < kStatedPx && hip.sigmaPx > 1, qPrintable(QString::number(hip.sigmaPx)));
        QCOMPARE(hip.source, std::string(kProposedByNetwork)); // it is still a proposal
    }
    void whatDiffersFromFrameToFrameIsNoHabit() {
        // The ankle is seen now on this side, now on that: nothing to move it by, and less sure than it was said to be.
        ProposedMarks teacher = seen(60);
        for (auto& [f, point] : teacher.at("left_ankle"))
            point.mark.at.x += f % 2 ? 30 : -30;
        MarkingHabit habit;
        habit.learn(teacher, setIn({2, 11, 20, 31, 40, 51}));
        ProposedMarks marks = seen(60);
        const double before = medianError(marks, "ankle");
        habit.apply(marks);
        QVERIFY2(medianError(marks, "ankle") < before + 5, qPrintable(QString::number(medianError(marks, "ankle"))));
        QVERIFY(marks.at("left_ankle").at(5).mark.sigmaPx > 2 * kStatedPx);
    }
    void oneFrameIsNoHabit() {
        MarkingHabit habit;
        habit.learn(seen(60), setIn({20}));
        QCOMPARE(habit.landmarks(), std::size_t(0));
        ProposedMarks marks = seen(60);
        habit.apply(marks);
        QCOMPARE(marks.at("left_hip").at(7).mark.at, seen(60).at("left_hip").at(7).mark.at);
    }
    void doubtfulOnesTeachNothingAndStay() {
        ProposedMarks teacher = seen(60);
        for (const int f : {3, 14, 25})
            teacher.at("left_hip").at(f).mark.source = kDoubtfulFromNetwork;
        MarkingHabit habit;
        habit.learn(teacher, setIn({3, 14, 25}));
        QCOMPARE(habit.landmarks(), std::size_t(3));
        ProposedMarks marks = seen(60);
        marks.at("left_knee").at(9).mark.source = kDoubtfulFromNetwork;
        const PixelPoint knee = marks.at("left_knee").at(9).mark.at;
        habit.apply(marks);
        QCOMPARE(marks.at("left_knee").at(9).mark.at, knee);
        QVERIFY(!(marks.at("left_knee").at(10).mark.at == seen(60).at("left_knee").at(10).mark.at));
    }
    void marksExactlyWhereTheyAreSeen() {
        ProposedMarks teacher = seen(60);
        Marks set;
        for (const auto& [landmark, track] : teacher)
            for (const int f : {3, 14})
                set[landmark][f] = {track.at(f).mark.at, 1, std::string(kByHand)};
        MarkingHabit habit;
        habit.learn(teacher, set);
        ProposedMarks marks = teacher;
        habit.apply(marks);
        QCOMPARE(marks.at("left_hip").at(7).mark.at, teacher.at("left_hip").at(7).mark.at);
    }
};

QTEST_GUILESS_MAIN(TestMarkingHabit)
#include "tst_marking_habit.moc"
