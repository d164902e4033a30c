#include "core/tables/json_walk.h"

#include <algorithm>
#include <cmath>
#include <set>

template class nlohmann::basic_json<nlohmann::ordered_map>;

namespace riflesso {
namespace {

constexpr int kMaxDepth = 32;
constexpr std::size_t kMaxListEntries = 2000;

std::string shortened(const Json& value) {
    std::string text = value.dump(-1, ' ', false, Json::error_handler_t::replace);
    constexpr std::size_t kLongest = 80, kKept = 77;
    if (text.size() <= kLongest)
        return text;
    std::size_t end = kKept;
    while (end > 0 && (static_cast<unsigned char>(text[end]) & 0xC0U) == 0x80U) // not in the middle of a character
        --end;
    return text.substr(0, end) + "...";
}

std::string numberWords(double low, double high) {
    std::string words = "a number";
    if (std::isfinite(low))
        words += " from " + Json(low).dump();
    if (std::isfinite(high))
        words += " up to " + Json(high).dump();
    return words;
}

} // namespace

bool isId(std::string_view text) {
    if (text.empty() || text[0] < 'a' || text[0] > 'z')
        return false;
    return std::all_of(text.begin(), text.end(),
                       [](char c) { return (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || c == '_'; });
}

std::optional<Json> parseJson(std::string_view text, std::size_t maxBytes, std::vector<JsonFault>& faults) {
    if (text.size() > maxBytes) {
        faults.push_back({"$", "at most " + std::to_string(maxBytes) + " bytes", std::to_string(text.size())});
        return {};
    }
    std::vector<std::set<std::string>> keys;
    bool tooDeep = false;
    const auto watch = [&](int depth, Json::parse_event_t event, Json& parsed) {
        if (depth > kMaxDepth)
            tooDeep = true;
        if (event == Json::parse_event_t::object_start)
            keys.emplace_back();
        else if (event == Json::parse_event_t::object_end)
            keys.pop_back();
        else if (event == Json::parse_event_t::key && !keys.back().insert(parsed.get<std::string>()).second)
            faults.push_back({"$", "every key once in an object", "twice: " + parsed.get<std::string>()});
        return !tooDeep;
    };
    try {
        Json json = Json::parse(text, watch);
        if (tooDeep) {
            faults.push_back({"$", "at most " + std::to_string(kMaxDepth) + " levels", "more"});
            return {};
        }
        if (!faults.empty())
            return {};
        return json;
    } catch (const Json::exception& error) {
        std::string what = error.what();
        const std::size_t place = what.find("at line");
        faults.push_back({"$", "JSON", place == std::string::npos ? what : what.substr(place)});
        return {};
    }
}

void JsonNode::fault(std::string expected, std::string got) const {
    faults_->push_back({path_, std::move(expected), std::move(got)});
}
void JsonNode::faultAt(std::string_view key, std::string expected, std::string got) const {
    faults_->push_back({path_ + "." + std::string(key), std::move(expected), std::move(got)});
}

bool JsonNode::expectObject(std::initializer_list<std::string_view> allowed) const {
    return expectObject(std::vector<std::string_view>(allowed));
}
bool JsonNode::expectObject(const std::vector<std::string_view>& allowed) const {
    if (!json_->is_object()) {
        fault("an object", shortened(*json_));
        return false;
    }
    for (const auto& [key, value] : json_->items())
        if (!key.starts_with("x-") && std::find(allowed.begin(), allowed.end(), key) == allowed.end()) {
            std::string list;
            for (std::string_view name : allowed)
                list += (list.empty() ? "" : " ") + std::string(name);
            faultAt(key, "one of the keys " + list, "the unknown key " + key);
        }
    return true;
}

bool JsonNode::has(std::string_view key) const { return json_->is_object() && json_->contains(std::string(key)); }

std::string JsonNode::text(std::string_view key, bool required) const {
    if (!has(key)) {
        if (required)
            faultAt(key, "a text", "nothing");
        return {};
    }
    const Json& value = (*json_)[std::string(key)];
    if (!value.is_string() || (required && value.get<std::string>().empty())) {
        faultAt(key, "a text", shortened(value));
        return {};
    }
    return value.get<std::string>();
}

std::string JsonNode::id(std::string_view key, bool required) const {
    std::string value = text(key, required);
    const bool given = has(key) && (*json_)[std::string(key)].is_string();
    if (given && !isId(value) && !(required && value.empty())) // an empty required text is a fault already
        faultAt(key, "an id: a small letter, then small letters, digits or _", value);
    return value;
}

double JsonNode::number(std::string_view key, double fallback, double low, double high) const {
    if (!has(key))
        return fallback;
    const Json& value = (*json_)[std::string(key)];
    if (value.is_number() && value.get<double>() >= low && value.get<double>() <= high)
        return value.get<double>();
    faultAt(key, numberWords(low, high), shortened(value));
    return fallback;
}

double JsonNode::requiredNumber(std::string_view key, double low, double high) const {
    if (!has(key))
        faultAt(key, numberWords(low, high), "nothing");
    return number(key, std::isfinite(low) ? low : 0, low, high);
}

std::optional<double> JsonNode::optionalNumber(std::string_view key) const {
    return has(key) ? std::optional(number(key, 0)) : std::nullopt;
}

int JsonNode::integer(std::string_view key, int fallback, int low, int high) const {
    if (!has(key))
        return fallback;
    const Json& value = (*json_)[std::string(key)];
    // 3.0 is whole too.
    const double given = value.is_number() ? value.get<double>() : std::nan("");
    if (given >= low && given <= high && std::floor(given) >= given)
        return static_cast<int>(given);
    faultAt(key, "a whole number from " + std::to_string(low) + " up to " + std::to_string(high), shortened(value));
    return fallback;
}

bool JsonNode::boolean(std::string_view key, bool fallback) const {
    if (!has(key))
        return fallback;
    const Json& value = (*json_)[std::string(key)];
    if (value.is_boolean())
        return value.get<bool>();
    faultAt(key, "true or false", shortened(value));
    return fallback;
}

std::vector<std::string> JsonNode::texts(std::string_view key, bool required) const {
    std::vector<std::string> out;
    list(key, required, [&](const JsonNode& entry) {
        if (entry.json().is_string())
            out.push_back(entry.json().get<std::string>());
        else
            entry.fault("a text", shortened(entry.json()));
    });
    return out;
}

void JsonNode::list(std::string_view key, bool required, const std::function<void(const JsonNode&)>& each) const {
    if (!has(key)) {
        if (required)
            faultAt(key, "a list", "nothing");
        return;
    }
    const Json& value = (*json_)[std::string(key)];
    if (!value.is_array()) {
        faultAt(key, "a list", shortened(value));
        return;
    }
    if (value.size() > kMaxListEntries) {
        faultAt(key, "at most " + std::to_string(kMaxListEntries) + " entries", std::to_string(value.size()));
        return;
    }
    for (std::size_t i = 0; i < value.size(); ++i)
        each(JsonNode(value[i], path_ + "." + std::string(key) + "[" + std::to_string(i) + "]", *faults_));
}

JsonNode JsonNode::at(std::string_view key) const {
    static const Json kNothing; // null: reading it notes what was expected
    const auto found = json_->is_object() ? json_->find(std::string(key)) : json_->end();
    const bool there = json_->is_object() && found != json_->end();
    return {there ? *found : kNothing, path_ + "." + std::string(key), *faults_};
}

} // namespace riflesso
