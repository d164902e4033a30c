// German: nothing of the window and the papers falls back to English, nothing of four skills does, and what is kept
// with marks stays what it is.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/pack/pack_reader.h"
#include "core/pack/pack_words.h"
#include "core/reasons.h"
#include "core/tables/json_walk.h"
#include "report/language.h"
#include "report/words.h"
#include "store/pack_language.h"
#include "support/made_library.h"

#include <QDirIterator>
#include <QXmlStreamReader>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

struct Message {
    QString context, source, translation;
    bool unfinished = false;
};
std::vector<Message> messagesOf(const QString& file) {
    QFile ts(QStringLiteral(TRANSLATIONS "/") + file);
    if (!ts.open(QIODevice::ReadOnly))
        qFatal("%s is not there", qPrintable(file));
    QXmlStreamReader xml(&ts);
    std::vector<Message> out;
    QString context;
    while (!xml.atEnd())
        if (xml.readNext() == QXmlStreamReader::StartElement) {
            if (xml.name() == QLatin1String("name"))
                context = xml.readElementText();
            else if (xml.name() == QLatin1String("source"))
                out.push_back({context, xml.readElementText(), {}, false});
            else if (xml.name() == QLatin1String("translation")) {
                out.back().unfinished = xml.attributes().value(QLatin1String("type")) == QLatin1String("unfinished");
                out.back().translation = xml.readElementText();
            }
        }
    return out;
}
/// "%1 %2 <b> </b>", sorted: what a text may not lose.
QStringList placesIn(const QString& text) {
    static const QRegularExpression kPlace(QStringLiteral("%[0-9]|<[^>]+>"));
    QStringList out;
    for (auto match = kPlace.globalMatch(text); match.hasNext();)
        out << match.next().captured();
    out.sort();
    return out;
}
Pack packOf(const QString& name) {
    QFile file(QStringLiteral(PACKS "/") + name + QStringLiteral(".json"));
    if (!file.open(QIODevice::ReadOnly))
        qFatal("%s is not there", qPrintable(name));
    auto pack = loadPack(file.readAll().toStdString(), name.toStdString());
    if (!pack)
        qFatal("%s", pack.error().sentence().c_str());
    return *pack;
}
QString linkedShare() { // as it lies beside an installed program
    return QStringLiteral(SHARE);
}

} // namespace

class TestLanguage : public QObject {
    Q_OBJECT
private slots:
    /// Each folder of the sources that says something is read for it: a new one is not left in English unnoticed.
    void everyFolderIsGathered() {
        QFile script(QStringLiteral(TRANSLATIONS "/../tools/translations.sh"));
        QVERIFY(script.open(QIODevice::ReadOnly));
        const QString gathered = QString::fromUtf8(script.readAll());
        static const QRegularExpression kSays(QStringLiteral("\\btr\\(\\s*\"|QT_TRANSLATE_NOOP\\(|RIFLESSO_SAY\\(\""));
        int folders = 0;
        const QDir sources(QStringLiteral(TRANSLATIONS "/../src"));
        for (const QString& folder : sources.entryList(QDir::Dirs | QDir::NoDotAndDotDot)) {
            bool says = false;
            for (QDirIterator files(sources.filePath(folder), {QStringLiteral("*.cpp"), QStringLiteral("*.h")},
                                    QDir::Files, QDirIterator::Subdirectories);
                 files.hasNext() && !says;) {
                QFile file(files.next());
                says = file.open(QIODevice::ReadOnly) && QString::fromUtf8(file.readAll()).contains(kSays);
            }
            folders += says;
            QVERIFY2(!says || gathered.contains(QStringLiteral(" src/%1 ").arg(folder)), qPrintable(folder));
        }
        QVERIFY(folders >= 4);
    }
    void everyTextIsTranslated() {
        std::set<std::pair<QString, QString>> english;
        for (const Message& message : messagesOf(QStringLiteral("riflesso_en.ts")))
            english.emplace(message.context, message.source);
        QVERIFY(english.size() > 2500);
        QStringList wrong;
        for (const Message& message : messagesOf(QStringLiteral("riflesso_de.ts"))) {
            english.erase({message.context, message.source});
            if (message.unfinished || message.translation.isEmpty() ||
                placesIn(message.source) != placesIn(message.translation) ||
                message.source.startsWith(u' ') != message.translation.startsWith(u' ') ||
                message.source.endsWith(u' ') != message.translation.endsWith(u' '))
                wrong << message.context + QStringLiteral(": ") + message.source;
        }
        for (const auto& [context, source] : english)
            wrong << context + QStringLiteral(": ") + source;
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(u'\n')));
    }

    void everySkillIsComplete_data() {
        QTest::addColumn<QString>("name");
        for (const QString& file : QDir(QStringLiteral(PACKS)).entryList({QStringLiteral("*.json")}))
            if (const QString name = file.section(u'.', 0, 0); name != QLatin1String("skill-pack"))
                QTest::newRow(qPrintable(name)) << name;
    }
    void everySkillIsComplete() {
        QFETCH(QString, name);
        const Pack pack = packOf(name);
        QFile file(QStringLiteral(PACKS "/words/%1.de.json").arg(name));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto read = readPackWords(file.readAll().toStdString(), file.fileName().toStdString(), pack.id);
        QVERIFY2(read.ok(), read.ok() ? "" : read.error().sentence().c_str());
        const PackWords& words = *read;
        std::vector<std::string> all = textsOf(pack);
        for (const std::vector<std::string>& more : {keptWordsOf(pack), pack.words})
            all.insert(all.end(), more.begin(), more.end());
        QStringList missing;
        for (const std::string& text : all)
            if (!words.contains(text))
                missing << QString::fromStdString(text);
        QVERIFY2(missing.isEmpty(), qPrintable(missing.join(u'\n')));
        for (const auto& [from, to] : words) // nothing translates what the pack does not say
            QVERIFY2(std::find(all.begin(), all.end(), from) != all.end(), from.c_str());
    }

    void aWrongFileIsRefused() {
        const auto refused = [](const char* text) { return !readPackWords(text, "words.json", "a.pack").ok(); };
        QVERIFY(!refused(R"({"format": "riflesso-skill-words", "version": 1, "pack": "a.pack", "language": "de",
                             "texts": {"Knee": "Knie"}})"));
        QVERIFY(refused(
            R"({"format": "riflesso-skill-words", "version": 1, "pack": "other", "language": "de", "texts": {}})"));
        QVERIFY(refused(
            R"({"format": "riflesso-skill-words", "version": 1, "pack": "a.pack", "language": "de", "texts": []})"));
        QVERIFY(refused(R"({"format": "riflesso-skill-words", "version": 1, "pack": "a.pack", "language": "de",
                            "texts": {"Knee": 7}})"));
        QVERIFY(refused("nothing"));
    }

    /// Marks, results and archives hold what the pack says, whatever the window speaks.
    void sidesAreSaidInTheLanguage() {
        const std::map<std::string, Side> sides = {{"lead", Side::Left}, {"rear", Side::Right}};
        QCOMPARE(words::said("Bend the knee@lead, not the knee@rear.", sides),
                 QStringLiteral("Bend the left knee, not the right knee."));
        QCOMPARE(words::said("mail@nowhere stays, and @lead too", sides),
                 QStringLiteral("mail@nowhere stays, and @lead too"));
    }
    void onlyWhatIsShownChanges() {
        Pack german = packOf(QStringLiteral("fencing_lunge"));
        const Pack before = german;
        QVERIFY(translatedInto(linkedShare()).contains(QStringLiteral("de")));
        QCOMPARE(languageOf(QStringLiteral("de_AT")), QStringLiteral("de"));
        speak(QStringLiteral("de"), linkedShare());
        translate(german, wordsOfPack(german.id));
        QCOMPARE(german.title, std::string("Ausfall im Fechten"));
        QCOMPARE(german.faults[0].id, before.faults[0].id);
        QVERIFY(german.faults[0].title != before.faults[0].title);
        QCOMPARE(german.results[0].values, before.results[0].values);
        QCOMPARE(german.conditions, before.conditions);
        QCOMPARE(keptWord("hit"), QStringLiteral("Treffer"));
        QCOMPARE(keptWord("no such word"), QStringLiteral("no such word"));
        QCOMPARE(words::resultText(german, "hit"), QStringLiteral("Treffer"));
        QCOMPARE(words::stageName(Stage::Competition), QStringLiteral("Wettkampf"));
        QCOMPARE(words::text(Sentence{reasons::kNobodySeen}), QStringLiteral("niemand war im Bild zu sehen"));
        // A case is read with the words, and its pack is kept without them.
        QTemporaryDir folder;
        MadeLibrary made = makeLibrary(folder.path());
        QFile file(QStringLiteral(PACKS "/fencing_lunge.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QString text = QString::fromUtf8(file.readAll());
        QVERIFY(
            made.library->change(QStringLiteral("Pack"), [&](Edit& edit) { return edit.setPack(made.caseId, text); })
                .ok());
        QCOMPARE(made.data().pack.title, std::string("Ausfall im Fechten"));
        QCOMPARE(*made.library->packText(made.caseId), text);
    }
};

QTEST_MAIN(TestLanguage)
#include "tst_language.moc"
