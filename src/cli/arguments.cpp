#include "cli/arguments.h"

#include <QCommandLineParser>

#include <algorithm>
#include <charconv>
#include <cmath>

namespace riflesso::cli {

Result<Arguments> Arguments::parse(const std::vector<std::string>& words, const std::vector<std::string>& known,
                                   const std::vector<std::string>& flags) {
    // Words are bytes, names of files may be any: Latin-1 brings each byte through Qt's texts and back.
    const auto qt = [](const std::string& bytes) { return QString::fromLatin1(bytes.data(), qsizetype(bytes.size())); };
    const auto bytes = [](const QString& text) { return text.toLatin1().toStdString(); };
    QCommandLineParser parser;
    QStringList given{QStringLiteral("riflesso-cli")};
    for (const std::string& word : words)
        given << qt(word);
    std::string list;
    for (const std::string& name : known) {
        parser.addOption(QCommandLineOption(qt(name), {}, QStringLiteral("value")));
        list += (list.empty() ? "--" : " --") + name;
    }
    for (const std::string& name : flags) {
        parser.addOption(QCommandLineOption(qt(name)));
        list += (list.empty() ? "--" : " --") + name;
    }
    const bool understood = parser.parse(given);
    if (!parser.unknownOptionNames().isEmpty()) {
        const std::string name = bytes(parser.unknownOptionNames().front());
        return badInput("command line", list.empty() ? "no switches here" : "one of " + list,
                        (name.size() > 1 ? "--" : "-") + name);
    }
    if (!understood)
        return badInput("command line", "a value after " + words.back(), "nothing");
    Arguments out;
    for (const std::string& name : known) {
        const QStringList values = parser.values(qt(name));
        if (values.size() > 1)
            return badInput("command line", "--" + name + " once", "twice");
        if (!values.isEmpty())
            out.values_[name] = bytes(values.front());
    }
    for (const std::string& name : flags)
        if (parser.isSet(qt(name)))
            out.values_[name] = {};
    for (const QString& word : parser.positionalArguments())
        out.plain_.push_back(bytes(word));
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
