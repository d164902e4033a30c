#include "store/stored_value.h"

#include "store/database.h"

namespace riflesso {

QDate Kept<QDate>::fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
    const std::string text = node.text(key, bounds.required);
    const QDate date = QDate::fromString(stored::qt(text), Qt::ISODate);
    if (!text.empty() && !date.isValid())
        node.faultAt(key, "a date as YYYY-MM-DD", text);
    return date;
}

QDateTime Kept<QDateTime>::fromRow(const QVariant& cell) { return momentOf(cell); }
QDateTime Kept<QDateTime>::fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
    const std::string text = node.text(key, bounds.required);
    const QDateTime at = QDateTime::fromString(stored::qt(text), Qt::ISODateWithMs);
    if (!text.empty() && !at.isValid())
        node.faultAt(key, "a moment as YYYY-MM-DDThh:mm:ss.zzzZ", text);
    return at;
}

Json Kept<QStringList>::toJson(const QStringList& value) {
    Json out = Json::array();
    for (const QString& line : value)
        out.push_back(line.toStdString());
    return out;
}
QStringList Kept<QStringList>::fromJson(const JsonNode& node, const char* key, const Bounds&) {
    QStringList out;
    for (const std::string& line : node.texts(key))
        out << stored::qt(line);
    return out;
}

QVariant Kept<std::map<std::string, std::string>>::toRow(const Texts& value) {
    return stored::text(value.empty() ? QString() : QString::fromStdString(toJson(value).dump()));
}
Kept<std::map<std::string, std::string>>::Texts
Kept<std::map<std::string, std::string>>::fromRow(const QVariant& cell) {
    Texts out;
    const Json json = Json::parse(cell.toString().toStdString(), nullptr, false);
    if (json.is_object())
        for (const auto& [key, value] : json.items())
            if (value.is_string())
                out[key] = value.get<std::string>();
    return out;
}
Json Kept<std::map<std::string, std::string>>::toJson(const Texts& value) {
    Json out = Json::object();
    for (const auto& [key, text] : value)
        out[key] = text;
    return out;
}
Kept<std::map<std::string, std::string>>::Texts
Kept<std::map<std::string, std::string>>::fromJson(const JsonNode& node, const char* key, const Bounds&) {
    Texts out;
    if (!node.has(key))
        return out;
    const JsonNode list = node.at(key);
    if (!list.json().is_object()) {
        node.faultAt(key, "an object of texts", list.json().dump());
        return out;
    }
    for (const auto& entry : list.json().items())
        out[entry.key()] = list.text(entry.key(), false);
    return out;
}

PracticeCondition Kept<PracticeCondition>::fromJson(const JsonNode& node, const char* key, const Bounds&) {
    const std::string text = node.text(key);
    const auto condition = practiceConditionFrom(text);
    if (!condition)
        node.faultAt(key, "a stress level, then axis=value after semicolons", text);
    return condition.value_or(PracticeCondition());
}

QVariant Kept<std::map<std::string, std::map<std::string, double>>>::toRow(const Numbers& value) {
    return stored::text(value.empty() ? QString() : QString::fromStdString(toJson(value).dump()));
}
Kept<std::map<std::string, std::map<std::string, double>>>::Numbers
Kept<std::map<std::string, std::map<std::string, double>>>::fromRow(const QVariant& cell) {
    Numbers out;
    const Json json = Json::parse(cell.toString().toStdString(), nullptr, false);
    if (json.is_object())
        for (const auto& [key, numbers] : json.items())
            for (const auto& [name, value] : numbers.items())
                if (value.is_number())
                    out[key][name] = value.get<double>();
    return out;
}
Kept<std::map<std::string, std::map<std::string, double>>>::Numbers
Kept<std::map<std::string, std::map<std::string, double>>>::fromJson(const JsonNode& node, const char* key,
                                                                     const Bounds& bounds) {
    Numbers out;
    if (!node.has(key))
        return out;
    const JsonNode list = node.at(key);
    if (!list.json().is_object()) {
        node.faultAt(key, "an object of objects of numbers", list.json().dump());
        return out;
    }
    for (const auto& entry : list.json().items()) {
        const JsonNode numbers = list.at(entry.key());
        if (!numbers.json().is_object()) {
            list.faultAt(entry.key(), "an object of numbers", numbers.json().dump());
            return out;
        }
        for (const auto& number : numbers.json().items())
            out[entry.key()][number.key()] = numbers.requiredNumber(number.key(), bounds.low, bounds.high);
    }
    return out;
}

PictureSetup Kept<PictureSetup>::fromJson(const JsonNode& node, const char* key, const Bounds& bounds) {
    if (!node.has(key))
        return {};
    PictureSetup picture = pictureFromJson(node.at(key));
    std::vector<int> named;
    if (picture.vertical)
        named.push_back(picture.vertical->frame);
    if (picture.plane)
        named.push_back(picture.plane->frame);
    if (picture.motion) {
        named.push_back(picture.motion->reference);
        for (const auto& [frame, step] : picture.motion->steps)
            named.push_back(frame);
    }
    for (const int frame : named)
        if (frame < 0 || frame > bounds.high) {
            node.faultAt(key, "frames within the clip, 0 to " + std::to_string(static_cast<int>(bounds.high)),
                         std::to_string(frame));
            break;
        }
    return picture;
}

Json Kept<std::vector<KnownLength>>::toJson(const std::vector<KnownLength>& value) {
    Json out = Json::array();
    for (const KnownLength& length : value)
        out.push_back({{"frame", length.frame},
                       {"ax", length.a.x},
                       {"ay", length.a.y},
                       {"bx", length.b.x},
                       {"by", length.b.y},
                       {"metres", length.metres},
                       {"u_m", length.uM}});
    return out;
}
std::vector<KnownLength> Kept<std::vector<KnownLength>>::fromJson(const JsonNode& node, const char* key,
                                                                  const Bounds& bounds) {
    std::vector<KnownLength> out;
    node.list(key, false, [&](const JsonNode& known) {
        known.expectObject({"frame", "ax", "ay", "bx", "by", "metres", "u_m"});
        constexpr double kFar = 1e6, kShortest = 1e-4, kLongest = 1e4;
        KnownLength length;
        length.frame = known.integer("frame", 0, 0, static_cast<int>(bounds.high));
        length.a = {known.requiredNumber("ax", -kFar, kFar), known.requiredNumber("ay", -kFar, kFar)};
        length.b = {known.requiredNumber("bx", -kFar, kFar), known.requiredNumber("by", -kFar, kFar)};
        length.metres = known.requiredNumber("metres", kShortest, kLongest);
        length.uM = known.requiredNumber("u_m", 0, kLongest);
        out.push_back(length);
    });
    return out;
}

} // namespace riflesso
