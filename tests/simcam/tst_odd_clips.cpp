// Clips as phones and editing programs leave them: the shipped files against their truth, and what the program's own
// look through a clip finds in them.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/timebase.h"
#include "media/clip_checks.h"
#include "media/picture_mat.h"
#include "simcam/odd_clips.h"
#include "support/files.h"

#include <QtTest>

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

std::unique_ptr<ClipReader> opened(const std::string& name) {
    auto reader = ClipReader::open(std::string(DEMO_CLIPS "/") + name + ".mp4");
    return reader ? std::move(*reader) : nullptr;
}

double psnr(const cv::Mat& a, const cv::Mat& b) {
    return 20 * std::log10(255.0 / (cv::norm(a, b, cv::NORM_L2) / std::sqrt(static_cast<double>(a.total()) * 3)));
}

const simcam::OddClip& oddClip(const std::string& name) {
    static const std::vector<simcam::OddClip> kClips = simcam::oddClips();
    return *std::find_if(kClips.begin(), kClips.end(), [&](const simcam::OddClip& c) { return c.name == name; });
}

void rowForEachClip() {
    QTest::addColumn<QString>("name");
    for (const simcam::OddClip& clip : simcam::oddClips())
        QTest::newRow(clip.name.c_str()) << QString::fromStdString(clip.name);
}

} // namespace

class TestOddClips : public QObject {
    Q_OBJECT
private slots:
    void theFileIsAsItsTruthSays_data() { rowForEachClip(); }
    void theFileIsAsItsTruthSays() {
        QFETCH(QString, name);
        const Json truth = readJson(std::string(DEMO_CLIPS "/") + name.toStdString() + ".truth.json");
        const Json again = simcam::truthJson(oddClip(name.toStdString()));
        QCOMPARE(truth["sections"], again["sections"]);
        for (const auto& [landmark, path] : truth["landmarks_px"].items())
            for (std::size_t i = 0; i < path.size(); i += 10) {
                const Json& now = again["landmarks_px"][landmark][i];
                QCOMPARE(now.is_null(), path[i].is_null());
                QVERIFY(now.is_null() || (std::abs(now[0].get<double>() - path[i][0].get<double>()) < .01 &&
                                          std::abs(now[1].get<double>() - path[i][1].get<double>()) < .01));
            }
        const auto reader = opened(name.toStdString());
        QVERIFY(reader);
        const ClipInfo& info = reader->info();
        QCOMPARE(info.rotation, truth["rotation"].get<int>());
        QCOMPARE(info.displayWidth, truth["width"].get<int>());
        QCOMPARE(info.displayHeight, truth["height"].get<int>());
        QCOMPARE(info.frames(), truth["frames"].get<int>());
        for (std::size_t i = 0; i < info.timesS.size(); ++i)
            QVERIFY(std::abs(info.timesS[i] - truth["times_s"][i].get<double>()) < 1e-4);
    }
    void everyFrameShowsWhatItsTruthMaps_data() { rowForEachClip(); }
    void everyFrameShowsWhatItsTruthMaps() {
        QFETCH(QString, name);
        const simcam::OddClip& clip = oddClip(name.toStdString());
        const auto reader = opened(clip.name);
        QVERIFY(reader);
        int first = 0;
        for (const simcam::OddSection& section : clip.sections) {
            const auto source = opened(section.source);
            QVERIFY(source);
            for (std::size_t i = 0; i < section.frames.size(); i += 7) {
                const simcam::OddFrame& frame = section.frames[i];
                const auto shown = reader->frame(first + static_cast<int>(i));
                const auto from = source->frame(frame.sourceFrame);
                QVERIFY(shown && from);
                cv::Mat expected;
                cv::warpPerspective(matOf(*from), expected, cv::Matx33d(frame.toPicture.data()),
                                    {clip.width, clip.height}, cv::INTER_CUBIC);
                const double same = psnr(matOf(*shown), expected);
                QVERIFY2(same > 32, qPrintable(QString::number(same)));
            }
            first += static_cast<int>(section.frames.size());
        }
    }
    void aCameraThatTurnsMapsStraightLinesToStraightLines() {
        // Of a still point of the hall the map says where it goes; three on a line stay on one, and they go far.
        const simcam::OddSection& section = oddClip("odd_panning").sections[0];
        double least = 1e9, most = -1e9;
        for (const simcam::OddFrame& frame : section.frames) {
            const auto a = simcam::mapped(frame.toPicture, {300, 200}), b = simcam::mapped(frame.toPicture, {480, 300}),
                       c = simcam::mapped(frame.toPicture, {660, 400});
            const float bend = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
            QVERIFY(std::abs(bend) / std::hypot(c.x - a.x, c.y - a.y) < .01f);
            least = std::min(least, static_cast<double>(b.x));
            most = std::max(most, static_cast<double>(b.x));
        }
        QVERIFY2(most - least > 60, qPrintable(QString::number(most - least)));
    }
    void repeatedFramesAndCutsAreFound() {
        const auto found = [](const std::string& name) { return *checkClip(*opened(name)); };
        const ClipChecks uneven = found("odd_uneven");
        QCOMPARE(uneven.repeated, oddClip("odd_uneven").sections[0].repeatedFrames);
        QVERIFY(uneven.cuts.empty());
        std::vector<int> gaps;
        const auto unevenReader = opened("odd_uneven");
        for (const ClipGap& gap : unevenReader->info().gaps)
            gaps.push_back(gap.frame);
        QCOMPARE(gaps, (std::vector<int>{20, 43, 67})); // of 20, 21, 45 and 70 that were lost
        // Takes of other people and places; the same lunge again, before the same wall, is not told from movement.
        const ClipChecks edited = found("odd_edited");
        QCOMPARE(edited.cuts, (std::vector<int>{139, 189}));
        // What is repeated and found is truly repeated; of a picture that stands anyway nobody can tell.
        std::set<int> repeated;
        for (const simcam::OddSection& section : oddClip("odd_edited").sections)
            repeated.insert(section.repeatedFrames.begin(), section.repeatedFrames.end());
        for (const int frame : edited.repeated)
            QVERIFY2(repeated.contains(frame), qPrintable(QString::number(frame)));
        QVERIFY2(edited.repeated.size() >= 20, qPrintable(QString::number(edited.repeated.size())));
        // A camera that pans is no cut; a new shot of the archer is one; rowers who change are.
        QVERIFY(found("odd_panning").cuts.empty() && found("odd_panning").repeated.empty());
        QCOMPARE(found("mirelle_rear").cuts, (std::vector<int>{73}));
        QCOMPARE(found("club_rowers").cuts, (std::vector<int>{173, 341}));
        QVERIFY(found("club_rowers").repeated.empty());
        const ClipChecks lunges = found("ilka_baseline");
        QVERIFY(lunges.cuts.empty() && lunges.repeated.empty());
    }
    void filmedAt240AndStoredAt30() {
        const Json truth = readJson(DEMO_CLIPS "/ilka_slow.truth.json");
        QCOMPARE(truth["slow_motion"].get<int>(), 8);
        const auto reader = opened("ilka_slow");
        QVERIFY(reader);
        QVERIFY(std::abs(reader->info().medianIntervalS - 1.0 / 30) < 1e-9);
        // In real time the foot is down as long before the arm is straight as in the clip it was taken from.
        const FrameTimes times = FrameTimes::ofClip(reader->info().timesS, 8);
        const auto real = [&](const char* event) {
            const double stored = truth["takes"][0]["repetitions"][0]["events_s"][event].get<double>();
            return times.timeOf(stored * 30);
        };
        const Json whole = readJson(DEMO_CLIPS "/ilka_baseline.truth.json")["takes"][0]["repetitions"][0]["events_s"];
        QVERIFY(std::abs(real("straight") - real("down") -
                         (whole["straight"].get<double>() - whole["down"].get<double>())) < 1e-3);
    }
    void twoCamerasOnOneShot() {
        // Joints that both see have one height at one time, whatever their cameras' clocks say.
        const auto clips = simcam::demoClips();
        const auto clip = [&](const char* name) {
            return *std::find_if(clips.begin(), clips.end(), [&](const auto& c) { return c.name == name; });
        };
        const simcam::SimulatedClip side = clip("mirelle_side"), rear = clip("mirelle_rear");
        for (const simcam::SimulatedRepetition& behind : rear.takes[0].repetitions) {
            const auto& shots = side.takes[0].repetitions;
            const auto same =
                std::find_if(shots.begin(), shots.end(), [&](const auto& r) { return r.number == behind.number; });
            QVERIFY(same != shots.end());
            std::set<int> offsetsMs;
            for (std::size_t i = 0; i < behind.eventTimesS.size(); ++i) {
                QCOMPARE(behind.eventTimesS[i].first, same->eventTimesS[i].first);
                offsetsMs.insert(
                    static_cast<int>(std::lround(1000 * (behind.eventTimesS[i].second - same->eventTimesS[i].second))));
            }
            QCOMPARE(offsetsMs.size(), std::size_t(1));
            const auto wristY = [&](const simcam::SimulatedClip& of, int frame) {
                return static_cast<double>(simcam::frameTruth(of, frame).at("left_wrist").y);
            };
            // While the bow rises: the height before the second camera lies between those of two frames of the first.
            const double before = wristY(side, same->from + 5), after = wristY(side, same->from + 6),
                         between = wristY(rear, behind.from + 5);
            QVERIFY(between > std::min(before, after) - 2 && between < std::max(before, after) + 2);
        }
    }
    void makingCanBeStoppedAndFailsInWords() {
        const simcam::OddClip& clip = oddClip("odd_upright");
        const std::string temp = QDir::tempPath().toStdString();
        const auto stopped = simcam::makeOddClip(clip, DEMO_CLIPS, temp, [](double share) { return share < .5; });
        QVERIFY(!stopped && stopped.error().kind == Error::Kind::Cancelled);
        QVERIFY(!simcam::makeOddClip(clip, DEMO_CLIPS, "/no/such/folder", {}));
        const auto without = simcam::makeOddClip(clip, "/no/such/folder", temp, {});
        QVERIFY(!without && without.error().sentence().find("mirelle_side") != std::string::npos);
    }
};

QTEST_APPLESS_MAIN(TestOddClips)
#include "tst_odd_clips.moc"
