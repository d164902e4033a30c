#include "store/pack_language.h"

#include "core/tables/json_walk.h"

#include <QDir>
#include <QFile>

namespace riflesso {
namespace {

struct Known {
    std::map<std::string, PackWords> byPack;
    PackWords all;
};
Known& known() {
    static Known words;
    return words;
}

std::string idIn(const QByteArray& text) {
    std::vector<JsonFault> faults;
    const auto json =
        parseJson({text.constData(), static_cast<std::size_t>(text.size())}, std::size_t(4) << 20, faults);
    return json && json->is_object() && json->contains("pack") && (*json)["pack"].is_string()
               ? (*json)["pack"].get<std::string>()
               : std::string();
}

} // namespace

void setPackLanguage(const QString& folder, const QString& language) {
    Known words;
    const QDir dir(folder + QStringLiteral("/words"));
    for (const QString& name : dir.entryList({QStringLiteral("*.%1.json").arg(language)}, QDir::Files)) {
        QFile file(dir.filePath(name));
        if (!file.open(QIODevice::ReadOnly))
            continue;
        const QByteArray text = file.readAll();
        const std::string id = idIn(text);
        // A file with a fault is a fault of the package: its test reads every one.
        if (auto read =
                readPackWords({text.constData(), static_cast<std::size_t>(text.size())}, name.toStdString(), id);
            read && !id.empty()) {
            words.all.insert(read->begin(), read->end());
            words.byPack[id] = std::move(*read);
        }
    }
    known() = std::move(words);
}

const PackWords& wordsOfPack(const std::string& id) {
    static const PackWords kNone;
    const auto found = known().byPack.find(id);
    return found == known().byPack.end() ? kNone : found->second;
}

QString keptWord(const std::string& word) {
    const auto said = known().all.find(word);
    return QString::fromStdString(said == known().all.end() ? word : said->second);
}

} // namespace riflesso
