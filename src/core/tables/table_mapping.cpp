#include "core/tables/table_mapping.h"

#include "core/tables/csv.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>
#include <cmath>
#include <map>

namespace riflesso {
namespace {

using Means = ColumnMeaning::Kind;

char separatorOf(std::string_view text) {
    const std::string_view first = text.substr(0, text.find('\n'));
    char best = ',';
    std::ptrdiff_t most = 0;
    for (const char each : {',', ';', '\t'})
        if (const auto count = std::count(first.begin(), first.end(), each); count > most) {
            most = count;
            best = each;
        }
    return best;
}

/// The table with commas between cells, quotes kept; a decimal comma becomes a point.
std::string withCommas(std::string_view text, char separator) {
    if (separator == ',')
        return std::string(text);
    std::string out;
    bool quoted = false;
    for (const char c : text) {
        if (c == '"')
            quoted = !quoted;
        if (!quoted && c == separator)
            out += ',';
        else if (!quoted && c == ',')
            out += '.';
        else
            out += c;
    }
    return out;
}

Result<std::vector<CsvRow>> rowsOf(std::string_view text, std::string_view name) {
    auto rows = parseCsv(withCommas(text, separatorOf(text)), name);
    if (!rows)
        return rows.error();
    if (rows->empty())
        return badInput(std::string(name), "a line with the names of the columns", "an empty file");
    return rows;
}

/// Letters and digits alone, small.
std::string plain(std::string_view text) {
    std::string out;
    for (const char c : text)
        if (std::isalnum(static_cast<unsigned char>(c)))
            out += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return out;
}

/// A landmark's names: "leftknee", "lknee", "kneeleft", "kneel".
std::vector<std::string> namesOf(const std::string& landmark) {
    std::vector<std::string> out{plain(landmark)};
    for (const std::string_view side : {"left_", "right_"})
        if (landmark.starts_with(side)) {
            const std::string part = plain(landmark.substr(side.size())), whole = plain(side);
            out.insert(out.end(), {whole.substr(0, 1) + part, part + whole, part + whole.substr(0, 1)});
        }
    return out;
}

bool isOneOf(const std::string& name, std::initializer_list<std::string_view> words) {
    return std::find(words.begin(), words.end(), name) != words.end();
}

std::optional<double> numberIn(const std::string& cell) {
    std::string_view text = cell;
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ')
        text.remove_suffix(1);
    double value = 0;
    const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), value);
    constexpr double kFar = 1e9;
    if (text.empty() || problem != std::errc() || end != text.data() + text.size() || !(std::abs(value) < kFar))
        return {};
    return value;
}

} // namespace

Result<TablePreview> previewTable(std::string_view text, std::string_view name) {
    const auto rows = rowsOf(text, name);
    if (!rows)
        return rows.error();
    TablePreview out;
    out.columns = rows->front().cells;
    constexpr std::size_t kShown = 5;
    for (std::size_t i = 1; i < rows->size() && i <= kShown; ++i)
        out.firstRows.push_back((*rows)[i].cells);
    return out;
}

std::vector<ColumnMeaning> guessMeanings(const std::vector<std::string>& columns,
                                         const std::vector<std::string>& landmarks) {
    std::vector<ColumnMeaning> out;
    for (const std::string& column : columns) {
        const std::string name = plain(column);
        ColumnMeaning meaning;
        if (isOneOf(name, {"trial", "repetition", "rep", "take"}))
            meaning.kind = Means::Trial;
        else if (isOneOf(name, {"frame", "framenumber", "frameno", "frameindex", "image"}))
            meaning.kind = Means::Frame;
        else if (isOneOf(name, {"time", "times", "t", "ts", "timesec", "seconds", "timestamp"}))
            meaning.kind = Means::TimeS;
        else if (isOneOf(name, {"landmark", "point", "joint", "marker", "bodypart", "keypoint"}))
            meaning.kind = Means::Landmark;
        else if (isOneOf(name, {"event", "keyevent"}))
            meaning.kind = Means::Event;
        else if (isOneOf(name, {"x", "xpx", "xpixel", "xpixels"}))
            meaning.kind = Means::X;
        else if (isOneOf(name, {"y", "ypx", "ypixel", "ypixels"}))
            meaning.kind = Means::Y;
        else if (isOneOf(name, {"sigma", "sigmapx", "uncertainty", "sd", "u", "upx"}))
            meaning.kind = Means::Sigma;
        else
            for (const std::string& landmark : landmarks)
                for (const std::string& known : namesOf(landmark))
                    for (const auto& [kind, ends] : {std::pair{Means::LandmarkX, std::array{"x", "xpx"}},
                                                     {Means::LandmarkY, std::array{"y", "ypx"}}})
                        for (const char* end : ends)
                            if (meaning.kind == Means::None && (name == known + end || name == end + known))
                                meaning = {kind, landmark};
        // The first of two columns of one name is the one that counts.
        if (meaning.kind != Means::None && std::find(out.begin(), out.end(), meaning) != out.end())
            meaning = {};
        out.push_back(std::move(meaning));
    }
    return out;
}

std::string faultOf(const std::vector<ColumnMeaning>& meanings) {
    std::map<Means, int> count;
    std::map<std::string, int> x, y;
    for (const ColumnMeaning& meaning : meanings) {
        ++count[meaning.kind];
        if (meaning.kind == Means::LandmarkX)
            ++x[meaning.landmark];
        if (meaning.kind == Means::LandmarkY)
            ++y[meaning.landmark];
    }
    for (const Means kind :
         {Means::Trial, Means::Frame, Means::TimeS, Means::Landmark, Means::X, Means::Y, Means::Sigma, Means::Event})
        if (count[kind] > 1)
            return "two columns mean the same";
    if (!count[Means::Frame] && !count[Means::TimeS])
        return "a frame or a time is missing";
    if (count[Means::Event])
        return count[Means::Landmark] || count[Means::X] || !x.empty() ? "a table holds events or landmarks, not both"
                                                                       : "";
    if (count[Means::Landmark]) {
        if (!x.empty() || !y.empty())
            return "landmarks stand in a column of their own, or each has its columns, not both";
        return count[Means::X] && count[Means::Y] ? "" : "x and y are missing";
    }
    if (x.empty() && y.empty())
        return "no landmark and no event is named";
    for (const auto& [landmark, times] : x)
        if (times != 1 || y[landmark] != 1)
            return inWords(landmark) + " needs one x and one y";
    for (const auto& [landmark, times] : y)
        if (times != 1 || x[landmark] != 1)
            return inWords(landmark) + " needs one x and one y";
    return {};
}

Result<std::vector<TableEntry>> readMapped(std::string_view text, std::string_view name,
                                           const std::vector<ColumnMeaning>& meanings) {
    const auto rows = rowsOf(text, name);
    if (!rows)
        return rows.error();
    const std::vector<std::string>& columns = rows->front().cells;
    std::vector<TableEntry> out;
    for (std::size_t r = 1; r < rows->size(); ++r) {
        const CsvRow& row = (*rows)[r];
        const std::string place = std::string(name) + ":" + std::to_string(row.line);
        if (row.cells.size() != columns.size())
            return badInput(place, std::to_string(columns.size()) + " cells", std::to_string(row.cells.size()));
        TableEntry entry;
        entry.line = row.line;
        std::map<std::string, std::array<std::optional<double>, 2>> wide;
        std::optional<double> x, y;
        for (std::size_t c = 0; c < row.cells.size() && c < meanings.size(); ++c) {
            const std::string& cell = row.cells[c];
            const ColumnMeaning& meaning = meanings[c];
            if (meaning.kind == Means::None)
                continue;
            if (meaning.kind == Means::Trial || meaning.kind == Means::Landmark || meaning.kind == Means::Event) {
                (meaning.kind == Means::Trial ? entry.trial : entry.what) = cell;
                continue;
            }
            if (cell.find_first_not_of(' ') == std::string::npos)
                continue;
            const auto value = numberIn(cell);
            if (!value)
                return badInput(place, "a number in " + columns[c], cell);
            switch (meaning.kind) {
            case Means::Frame:
                if (*value < 0 || *value != std::floor(*value))
                    return badInput(place, "a whole number from 0 up in " + columns[c], cell);
                entry.frame = static_cast<int>(*value);
                break;
            case Means::TimeS:
                entry.timeS = value;
                break;
            case Means::Sigma:
                if (!(*value > 0))
                    return badInput(place, "a number above 0 in " + columns[c], cell);
                entry.sigmaPx = value;
                break;
            case Means::X:
                x = value;
                break;
            case Means::Y:
                y = value;
                break;
            default:
                wide[meaning.landmark][meaning.kind == Means::LandmarkX ? 0 : 1] = value;
            }
        }
        if (!entry.frame && !entry.timeS)
            return badInput(place, "a frame or a time", "neither");
        const auto add = [&](const std::string& what, std::optional<double> atX,
                             std::optional<double> atY) -> Result<void> {
            if (!atX && !atY)
                return {};
            if (!atX || !atY)
                return badInput(place, "both x and y of " + what, "one of them");
            TableEntry made = entry;
            made.what = what;
            made.at = {*atX, *atY};
            out.push_back(std::move(made));
            return {};
        };
        if (std::any_of(meanings.begin(), meanings.end(), [](const auto& m) { return m.kind == Means::Event; })) {
            out.push_back(std::move(entry));
            continue;
        }
        for (const auto& [landmark, at] : wide)
            if (auto added = add(landmark, at[0], at[1]); !added)
                return added.error();
        if (wide.empty())
            if (auto added = add(entry.what, x, y); !added)
                return added.error();
    }
    return out;
}

} // namespace riflesso
