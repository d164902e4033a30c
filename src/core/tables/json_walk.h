#pragma once
// Walking a JSON text strictly: every wrong place is noted with its path, none stops the walk.

#include "core/tables/json_fwd.h"

#include <functional>
#include <initializer_list>
#include <limits>
#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

// Compiled once, in json_walk.cpp.
extern template class nlohmann::basic_json<nlohmann::ordered_map>;

namespace riflesso {

/// Parses UTF-8 text: at most `maxBytes`, 32 levels deep, no key twice in an object. Faults instead of a value.
[[nodiscard]] std::optional<Json> parseJson(std::string_view text, std::size_t maxBytes,
                                            std::vector<JsonFault>& faults);

/// A place in the tree. Reading a wrong or missing value notes a fault and returns a default.
class JsonNode {
public:
    JsonNode(const Json& json, std::string path, std::vector<JsonFault>& faults)
        : json_(&json), path_(std::move(path)), faults_(&faults) {}

    [[nodiscard]] const std::string& path() const { return path_; }
    [[nodiscard]] const Json& json() const { return *json_; }
    void fault(std::string expected, std::string got = {}) const;
    void faultAt(std::string_view key, std::string expected, std::string got = {}) const;

    /// Notes a fault for every key not listed (keys that start with "x-" are free). False when not an object.
    bool expectObject(std::initializer_list<std::string_view> allowed) const;
    bool expectObject(const std::vector<std::string_view>& allowed) const;
    [[nodiscard]] bool has(std::string_view key) const;

    [[nodiscard]] std::string text(std::string_view key, bool required = true) const;
    /// Matches [a-z][a-z0-9_]*.
    [[nodiscard]] std::string id(std::string_view key, bool required = true) const;
    [[nodiscard]] double number(std::string_view key, double fallback, double low = -kAny, double high = kAny) const;
    [[nodiscard]] double requiredNumber(std::string_view key, double low = -kAny, double high = kAny) const;
    [[nodiscard]] std::optional<double> optionalNumber(std::string_view key) const;
    [[nodiscard]] int integer(std::string_view key, int fallback, int low, int high) const;
    [[nodiscard]] bool boolean(std::string_view key, bool fallback) const;
    [[nodiscard]] std::vector<std::string> texts(std::string_view key, bool required = false) const;
    /// A word out of a list; `parse` gives nothing for other words.
    template <class T, class Parse>
    [[nodiscard]] T word(std::string_view key, T fallback, bool required, std::string_view words, Parse parse) const {
        if (!has(key)) {
            if (required)
                faultAt(key, "one of " + std::string(words), "nothing");
            return fallback;
        }
        const Json& value = (*json_)[std::string(key)];
        if (value.is_string())
            if (auto parsed = parse(value.get<std::string>()))
                return *parsed;
        faultAt(key, "one of " + std::string(words), value.dump());
        return fallback;
    }
    /// The same, nothing where the key is not there or the word is wrong (which is noted).
    template <class T, class Parse>
    [[nodiscard]] std::optional<T> optionalWord(std::string_view key, std::string_view words, Parse parse) const {
        if (!has(key))
            return {};
        const Json& value = (*json_)[std::string(key)];
        std::optional<T> parsed;
        if (value.is_string())
            parsed = parse(value.get<std::string>());
        if (!parsed)
            faultAt(key, "one of " + std::string(words), value.dump());
        return parsed;
    }
    /// Calls `each` for the entries of a list; at most 2000.
    void list(std::string_view key, bool required, const std::function<void(const JsonNode&)>& each) const;
    /// The place under a key; of a key that is not there, null.
    [[nodiscard]] JsonNode at(std::string_view key) const;

    static constexpr double kAny = std::numeric_limits<double>::infinity();

private:
    const Json* json_;
    std::string path_;
    std::vector<JsonFault>* faults_;
};

[[nodiscard]] bool isId(std::string_view text);

} // namespace riflesso
