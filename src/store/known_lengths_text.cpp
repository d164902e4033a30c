#include "store/known_lengths_text.h"

#include <nlohmann/json.hpp>

#include <algorithm>

namespace riflesso {

QString lengthsToText(const std::vector<KnownLength>& lengths) {
    if (lengths.empty())
        return QStringLiteral("");
    nlohmann::json out = nlohmann::json::array();
    for (const KnownLength& l : lengths)
        out.push_back({l.frame, l.a.x, l.a.y, l.b.x, l.b.y, l.metres, l.uM});
    return QString::fromStdString(out.dump());
}

std::vector<KnownLength> lengthsFromText(const QString& text) {
    constexpr std::size_t kNumbers = 7;
    std::vector<KnownLength> out;
    const auto json = nlohmann::json::parse(text.toStdString(), nullptr, false);
    if (!json.is_array())
        return out;
    for (const auto& row : json) {
        if (!row.is_array() || row.size() != kNumbers ||
            !std::all_of(row.begin(), row.end(), [](const auto& cell) { return cell.is_number(); }))
            continue;
        KnownLength l;
        l.frame = row[0].template get<int>();
        l.a = {row[1].template get<double>(), row[2].template get<double>()};
        l.b = {row[3].template get<double>(), row[4].template get<double>()};
        l.metres = row[5].template get<double>();
        l.uM = row[6].template get<double>();
        out.push_back(l);
    }
    return out;
}

} // namespace riflesso
