#include "app/packs/shipped_packs.h"

#include "core/pack/pack_reader.h"
#include "demo/demo_library.h"
#include "report/words.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>

namespace riflesso {

std::vector<ShippedPack> shippedPacks() {
    const DemoSources sources = DemoSources::besideProgram(QCoreApplication::applicationDirPath());
    std::vector<ShippedPack> out;
    for (const QString& file : QDir(sources.packs).entryList({QStringLiteral("*.json")}, QDir::Files)) {
        QFile pack(sources.packs + u'/' + file);
        if (!pack.open(QIODevice::ReadOnly))
            continue;
        const QByteArray text = pack.readAll();
        const PackReading reading = readPack({text.constData(), static_cast<std::size_t>(text.size())});
        if (reading.faults.empty())
            out.push_back({words::text(reading.pack.title), QString::fromUtf8(text)});
    }
    return out;
}

} // namespace riflesso
