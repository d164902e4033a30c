#include "app/packs/shipped_packs.h"

#include "core/pack/pack_reader.h"
#include "demo/demo_library.h"
#include "report/words.h"
#include "store/pack_language.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <future>

namespace riflesso {

namespace {

std::vector<ShippedPack> readAll() {
    const DemoSources sources = DemoSources::besideProgram(QCoreApplication::applicationDirPath());
    std::vector<ShippedPack> out;
    for (const QString& file : QDir(sources.packs).entryList({QStringLiteral("*.json")}, QDir::Files)) {
        QFile pack(sources.packs + u'/' + file);
        if (!pack.open(QIODevice::ReadOnly))
            continue;
        const QByteArray text = pack.readAll();
        PackReading reading = readPack({text.constData(), static_cast<std::size_t>(text.size())});
        if (!reading.faults.empty())
            continue;
        QStringList found; // by its own words too, whatever the language
        for (const std::string& word : {reading.pack.title, reading.pack.group})
            found << words::text(word);
        translate(reading.pack, wordsOfPack(reading.pack.id));
        const Pack& known = reading.pack;
        const QString about = words::text(known.about);
        for (const std::string& word : known.words)
            found << words::text(word) << keptWord(word);
        found.removeDuplicates();
        const QString picture =
            sources.packs + QStringLiteral("/pictures/") + QFileInfo(file).completeBaseName() + QStringLiteral(".png");
        out.push_back({words::text(known.id), words::text(known.title), QString::fromUtf8(text),
                       words::text(known.group), about.section(QStringLiteral(". "), 0, 0), found.join(u' '),
                       QFile::exists(picture) ? picture : QString()});
    }
    return out;
}

const std::shared_future<std::vector<ShippedPack>>& reading() {
    static const std::shared_future<std::vector<ShippedPack>> kReading =
        std::async(std::launch::async, readAll).share();
    return kReading;
}

} // namespace

QString titleInFile(const QString& packText) { return words::text(readPack(packText.toStdString()).pack.title); }

void readShippedPacks() { static_cast<void>(reading()); }

const std::vector<ShippedPack>& shippedPacks() { return reading().get(); }

QString shippedText(const QString& id) {
    for (const ShippedPack& pack : shippedPacks())
        if (pack.id == id)
            return pack.text;
    return {};
}

} // namespace riflesso
