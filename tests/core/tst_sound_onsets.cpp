// Sudden sounds in made recordings: every one within a millisecond, none where nothing happens.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/sound_onsets.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;

namespace {

std::vector<float> hall(double seconds, double rate, double noise) {
    std::mt19937 random(11);
    std::normal_distribution<double> hiss(0, noise);
    std::vector<float> out(static_cast<std::size_t>(seconds * rate));
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = static_cast<float>(hiss(random) + 0.02 * std::sin(2 * 3.14159 * 50 * static_cast<double>(i) / rate));
    return out;
}
/// A knock: begins at once, dies away in `dyingS`.
void knock(std::vector<float>& samples, double rate, double atS, double loud, double dyingS, double pitchHz) {
    const auto first = static_cast<std::size_t>(std::ceil(atS * rate));
    for (std::size_t i = first; i < samples.size(); ++i) {
        const double t = static_cast<double>(i) / rate - atS;
        samples[i] += static_cast<float>(loud * std::exp(-t / dyingS) * std::cos(2 * 3.14159 * pitchHz * t));
    }
}

} // namespace

class TestSoundOnsets : public QObject {
    Q_OBJECT
private slots:
    void everyKnockIsFound_data() {
        QTest::addColumn<double>("rate");
        QTest::newRow("8 kHz") << 8000.0;
        QTest::newRow("44.1 kHz") << 44100.0;
        QTest::newRow("48 kHz") << 48000.0;
    }
    void everyKnockIsFound() {
        QFETCH(double, rate);
        std::vector<float> samples = hall(6, rate, 0.0015);
        const std::vector<double> at = {0.7312, 1.9001, 2.2504, 3.6, 5.4321};
        for (std::size_t i = 0; i < at.size(); ++i)
            knock(samples, rate, at[i], 0.15 + 0.1 * static_cast<double>(i), 0.02, 900 + 300 * static_cast<double>(i));
        const auto found = soundOnsets(samples, rate);
        QCOMPARE(found.size(), at.size());
        for (std::size_t i = 0; i < at.size(); ++i) {
            QVERIFY2(std::abs(found[i].timeS - at[i]) < 0.001,
                     qPrintable(QString::number(1000 * (found[i].timeS - at[i]))));
            QVERIFY(found[i].strength > 12);
            QVERIFY(found[i].uS > 0 && found[i].uS < 0.003);
        }
    }
    void aHallWithoutKnocksHasNone() {
        QVERIFY(soundOnsets(hall(10, 44100, 0.01), 44100).empty());
        QVERIFY(soundOnsets({}, 44100).empty());
        // A tone that swells over half a second is no contact.
        std::vector<float> swell = hall(4, 44100, 0.002);
        for (std::size_t i = 0; i < swell.size(); ++i) {
            const double t = static_cast<double>(i) / 44100;
            swell[i] += static_cast<float>(0.3 * std::clamp((t - 1) / 0.5, 0.0, 1.0) * std::sin(2 * 3.14159 * 700 * t));
        }
        QVERIFY(soundOnsets(swell, 44100).empty());
    }
    void twoInOneBreathAreOne() {
        std::vector<float> samples = hall(3, 44100, 0.003);
        knock(samples, 44100, 1.0, 0.4, 0.01, 1500);
        knock(samples, 44100, 1.03, 0.4, 0.01, 1500);
        const auto found = soundOnsets(samples, 44100);
        QCOMPARE(found.size(), std::size_t(1));
        QVERIFY(std::abs(found[0].timeS - 1) < 0.001);
    }
};

QTEST_GUILESS_MAIN(TestSoundOnsets)
#include "tst_sound_onsets.moc"
