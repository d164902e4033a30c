// Clips that are told by data alone: what ships can be read and is what it says, what is wrong is said, and a small one
// is rendered with its truth.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/tables/json_walk.h"
#include "media/clip_reader.h"
#include "simcam/told_clip.h"
#include "support/shipped_skill.h"

#include <QDir>
#include <QTemporaryDir>
#include <QtTest>

#include <algorithm>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// riflesso.overhead-stroke lies in overhead_stroke.json.
ShippedSkill skillOf(const std::string& id) {
    std::string name = id.substr(id.find('.') + 1);
    std::replace(name.begin(), name.end(), '-', '_');
    return *shippedSkill(name);
}

const char* const kSmall = R"({"skill": "riflesso.any-movement", "view": "rear", "scene": "court", "frame_rate": 10,
  "pause": 0.1, "sections": [{"performer": "Somebody", "repetitions": [{"take": "model", "seed": 4}]}]})";

} // namespace

class TestToldClip : public QObject {
    Q_OBJECT

private slots:
    void whatShipsIsWhatItSays() {
        const QDir folder(QStringLiteral(DEMO_CLIPS));
        const QStringList files = folder.entryList({QStringLiteral("*.clip.json")});
        QVERIFY(files.size() >= 11);
        for (const QString& file : files) {
            const std::string name = file.section(u'.', 0, 0).toStdString();
            const auto clip = simcam::readToldClip(readText(folder.filePath(file).toStdString()), name);
            QVERIFY2(clip, clip ? "" : clip.error().sentence().c_str());
            const ShippedSkill skill = skillOf(clip->skill);
            int repetitions = 0;
            for (const auto& section : clip->sections)
                for (const auto& told : section.repetitions) {
                    QVERIFY2(skill.takes.told.takes.contains(told.take), told.take.c_str());
                    ++repetitions;
                }
            const Json truth = readJson(std::string(DEMO_CLIPS "/") + name + ".truth.json");
            int filmed = 0;
            for (const Json& take : truth["takes"])
                filmed += static_cast<int>(take["repetitions"].size());
            QCOMPARE(filmed, repetitions);
            QCOMPARE(truth["view"].get<std::string>(), std::string(toString(clip->view)));
            QCOMPARE(truth["frame_rate"].get<int>(), clip->frameRate);
            const auto reader = ClipReader::open(std::string(DEMO_CLIPS "/") + name + ".mp4");
            QVERIFY(reader);
            QCOMPARE((*reader)->info().frames(), truth["frames"].get<int>());
            for (const auto& [landmark, path] : truth["landmarks_px"].items())
                QVERIFY2(static_cast<int>(path.size()) == (*reader)->info().frames(), landmark.c_str());
        }
    }
    void whatIsWrongIsSaid() {
        for (const auto& [from, to, where] :
             {std::tuple{"\"rear\"", "\"top\"", "view"},
              {"\"court\"", "\"beach\"", "scene"},
              {"\"frame_rate\": 10", "\"frame_rate\": 1000", "frame_rate"},
              {"\"pause\"", "\"paws\"", "paws"},
              {"\"scene\"", "\"camera\": {\"eye\": [1, 2]}, \"scene\"", "camera.eye"},
              {"\"performer\"", "\"handedness\": \"both\", \"performer\"", "handedness"},
              {"\"sections\"", "\"others\": [{\"from\": [0, 1], \"to\": [0, 1, 0]}], \"sections\"", "others[0].from"},
              {"\"sections\"", "\"others\": [{\"from\": [0, 1, 0], \"speed\": 1}], \"sections\"", "others[0].to"},
              {"[{\"take\": \"model\", \"seed\": 4}]", "[]", "repetitions"},
              {"[{\"performer\"", "[], \"x-none\": [{\"performer\"", "sections"}}) {
            std::string text = kSmall;
            text.replace(text.find(from), std::string(from).size(), to);
            const auto read = simcam::readToldClip(text, "small");
            QVERIFY2(!read && (read.error().where + read.error().got).find(where) != std::string::npos,
                     read ? where : read.error().sentence().c_str());
        }
        auto clip = simcam::readToldClip(kSmall, "small");
        QVERIFY(clip);
        clip->sections[0].repetitions[0].take = "somersault";
        const ShippedSkill skill = skillOf(clip->skill);
        QTemporaryDir folder;
        const auto made = simcam::renderToldClip(*clip, skill.pack, skill.takes, folder.path().toStdString(), {});
        QVERIFY(!made && made.error().got == "somersault");
    }
    void whoWalksPastIsBeforeOrBehind() {
        std::string text = kSmall;
        const std::string walks =
            R"("others": [{"from": [-0.4, 0.5, 0], "to": [0.4, 0.5, 0], "start": 1, "speed": 0.8,
                           "outfit": {"jacket": [20, 20, 230]}}], )";
        text.insert(text.find("\"sections\""), walks);
        const auto clip = simcam::readToldClip(text, "small");
        QVERIFY2(clip, clip ? "" : clip.error().sentence().c_str());
        QCOMPARE(clip->others.size(), std::size_t(1));
        simcam::PasserBy other = clip->others[0];
        QVERIFY(!simcam::isThere(other, .9f) && simcam::isThere(other, 1.5f) && !simcam::isThere(other, 2.1f));
        // They come by the middle half way, upright, on two feet of which one stands.
        const simcam::Joints joints = simcam::bodyOf(other, 1.5f).joints;
        QVERIFY(std::abs(joints.hip[0].x + joints.hip[1].x) < .02f);
        QVERIFY(std::abs(joints.hip[0].z - .5f) < .1f);
        QVERIFY(joints.nose.y > .85f && joints.nose.x > joints.hip[0].x);
        const auto lowest = [&](float t) {
            const simcam::Joints at = simcam::bodyOf(other, t).joints;
            return std::min(at.ankle[0].y, at.ankle[1].y);
        };
        for (float t = 1; t < 2; t += .05f)
            QVERIFY(std::abs(lowest(t) - simcam::Proportions::ankleHeight) < .01f);
        // Before the athlete their jacket is seen, behind it the athlete's.
        simcam::Camera camera = clip->camera;
        camera.width = 96, camera.height = 54, camera.focalPx = 128;
        const simcam::Renderer renderer(camera);
        simcam::PasserBy athlete = other;
        athlete.from.z = athlete.to.z = 0;
        athlete.outfit.jacket = {230, 20, 20};
        const auto blueAt = [&](float z) {
            simcam::PasserBy one = other;
            one.from.z = one.to.z = z;
            const auto rgb = renderer.render(
                {{simcam::bodyOf(athlete, 1.5f), athlete.outfit}, {simcam::bodyOf(one, 1.5f), one.outfit}}, 1);
            const simcam::PixelPosition chest = camera.project({0, .68f, std::max(z, 0.f)});
            const auto at = static_cast<std::size_t>(std::lround(chest.y) * 96 + std::lround(chest.x)) * 3;
            return int(rgb[at + 2]) - int(rgb[at]);
        };
        QVERIFY2(blueAt(.5f) > 40, qPrintable(QString::number(blueAt(.5f))));
        QVERIFY2(blueAt(-.5f) < -40, qPrintable(QString::number(blueAt(-.5f))));
    }
    void aSmallOneIsRenderedWithItsTruth() {
        const auto clip = simcam::readToldClip(kSmall, "small");
        QVERIFY(clip);
        const ShippedSkill skill = skillOf(clip->skill);
        QTemporaryDir folder;
        const std::string out = folder.path().toStdString();
        QVERIFY(simcam::renderToldClip(*clip, skill.pack, skill.takes, out, {}));
        const Json truth = readJson(out + "/small.truth.json");
        const auto reader = ClipReader::open(out + "/small.mp4");
        QVERIFY(reader);
        QCOMPARE((*reader)->info().frames(), truth["frames"].get<int>());
        const Json& rep = truth["takes"][0]["repetitions"][0];
        // From behind, the right hand is on the right; it goes up between the two moments.
        const auto at = [&](const char* landmark, const char* event) {
            const auto frame = static_cast<std::size_t>(rep["events_s"][event].get<double>() * 10);
            return truth["landmarks_px"][landmark][frame];
        };
        QVERIFY(at("right_wrist", "one")[0].get<double>() > at("left_wrist", "one")[0].get<double>());
        QVERIFY(at("right_wrist", "two")[1].get<double>() < at("right_wrist", "one")[1].get<double>() - 100);
        // Stopped, nothing whole is left: the caller hears it.
        const auto stopped =
            simcam::renderToldClip(*clip, skill.pack, skill.takes, out, [](double share) { return share < .3; });
        QVERIFY(!stopped && stopped.error().kind == Error::Kind::Cancelled);
    }
};

QTEST_GUILESS_MAIN(TestToldClip)
#include "tst_told_clip.moc"
