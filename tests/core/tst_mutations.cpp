// Readers of strangers' files under mutation: never a crash, never silence about a broken file, never a second for one.
// A fixed corpus runs always; MUTATIONS=100000 in the environment runs as many of each. The same readers
// under a coverage-guided fuzzer: tools/fuzz.sh.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "support/readers.h"

#include <QElapsedTimer>
#include <QtTest>

#include <random>

using namespace riflesso::test;

namespace {

/// A few bytes changed, dropped, doubled or moved; numbers made strange.
std::string mutated(const std::string& text, std::mt19937& random) {
    static const std::vector<std::string> kStrange = {"-1",
                                                      "1e999",
                                                      "nan",
                                                      "\"",
                                                      "{",
                                                      "}",
                                                      "[",
                                                      "]",
                                                      ",",
                                                      "\n",
                                                      "\r\n",
                                                      "null",
                                                      "99999999999999999999",
                                                      "\xff\xfe",
                                                      "0.0000001",
                                                      "@",
                                                      ";",
                                                      std::string(1, '\0')};
    std::string out = text;
    const auto at = [&] { return out.empty() ? 0 : random() % out.size(); };
    for (unsigned changes = 1 + random() % 4; changes > 0; --changes)
        switch (random() % 5) {
        case 0:
            if (!out.empty())
                out[at()] = static_cast<char>(random());
            break;
        case 1:
            out.erase(at(), 1 + random() % 20);
            break;
        case 2:
            out.insert(at(), kStrange[random() % kStrange.size()]);
            break;
        case 3:
            out.insert(at(), out.substr(at(), 1 + random() % 40));
            break;
        default:
            out.resize(at());
        }
    return out;
}

} // namespace

class TestMutations : public QObject {
    Q_OBJECT
private slots:
    void everyReaderSaysWhatIsWrong_data() {
        QTest::addColumn<int>("index");
        const std::vector<Reader>& all = readers();
        for (std::size_t i = 0; i < all.size(); ++i)
            QTest::newRow(all[i].name.c_str()) << static_cast<int>(i);
    }
    void everyReaderSaysWhatIsWrong() {
        QFETCH(int, index);
        const Reader& reader = readers()[static_cast<std::size_t>(index)];
        const int wanted = qEnvironmentVariableIsSet("MUTATIONS") ? qEnvironmentVariableIntValue("MUTATIONS") : 400;
        QVERIFY(reader.reads(reader.sound));
        QVERIFY(reader.said(reader.sound));
        std::mt19937 random(99);
        qint64 longest = 0;
        for (int i = 0; i < wanted; ++i) {
            const std::string text = mutated(reader.sound, random);
            QElapsedTimer timer;
            timer.start();
            QVERIFY2(reader.said(text), text.substr(0, 400).c_str());
            longest = std::max(longest, timer.elapsed());
        }
        qInfo("%d mutations, the slowest took %lld ms", wanted, longest);
        QVERIFY(longest < 1000);
    }
};

QTEST_APPLESS_MAIN(TestMutations)
#include "tst_mutations.moc"
