#include "cli/arguments.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace riflesso::cli {

Result<Arguments> Arguments::parse(const std::vector<std::string>& words, const std::vector<std::string>& known) {
    Arguments out;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (!words[i].starts_with("--")) {
            out.plain_.push_back(words[i]);
            continue;
        }
        const std::string name = words[i].substr(2);
        if (std::find(known.begin(), known.end(), name) == known.end()) {
            std::string list;
            for (const std::string& entry : known)
                list += (list.empty() ? "--" : " --") + entry;
            return badInput("command line", "one of " + list, words[i]);
        }
        if (i + 1 >= words.size())
            return badInput("command line", "a value after " + words[i], "nothing");
        if (!out.values_.emplace(name, words[i + 1]).second)
            return badInput("command line", words[i] + " once", "twice");
        ++i;
    }
    return out;
}

std::optional<std::string> Arguments::value(const std::string& name) const {
    const auto found = values_.find(name);
    return found == values_.end() ? std::nullopt : std::optional(found->second);
}

Result<std::string> Arguments::required(const std::string& name) const {
    const auto found = value(name);
    if (!found)
        return badInput("command line", "--" + name, "nothing");
    return *found;
}

Result<std::optional<double>> Arguments::number(const std::string& name, double low, double high) const {
    const auto text = value(name);
    if (!text)
        return std::optional<double>();
    double number = 0;
    const auto [end, problem] = std::from_chars(text->data(), text->data() + text->size(), number);
    if (problem != std::errc() || end != text->data() + text->size() || !std::isfinite(number) || number < low ||
        number > high)
        return badInput("--" + name, "a number from " + std::to_string(low) + " to " + std::to_string(high), *text);
    return std::optional(number);
}

Result<int> Arguments::integer(const std::string& name, int low, int high) const {
    const auto text = required(name);
    if (!text)
        return text.error();
    int number = 0;
    const auto [end, problem] = std::from_chars(text->data(), text->data() + text->size(), number);
    if (problem != std::errc() || end != text->data() + text->size() || number < low || number > high)
        return badInput("--" + name, "a whole number from " + std::to_string(low) + " to " + std::to_string(high),
                        *text);
    return number;
}

} // namespace riflesso::cli
