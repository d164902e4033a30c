#include "core/practice/practice_csv.h"

#include "core/tables/csv.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <set>

namespace riflesso {
namespace {

constexpr const char* kColumns[] = {"date",      "kind",  "block",  "start",   "end",   "fault",  "drill",
                                    "condition", "cue",   "fed_by", "number",  "good",  "result", "felt",
                                    "feedback",  "count", "stop",   "measure", "value", "u",      "measured"};
enum Column {
    Date,
    KindColumn,
    Block,
    Start,
    End,
    Fault,
    Drill,
    Condition,
    Cue,
    FedBy,
    Number,
    Good,
    ResultOf,
    Felt,
    Feedback,
    Count,
    Stop,
    Measure,
    Value,
    ValueU,
    Measured
};
constexpr std::size_t kColumnCount = std::size(kColumns), kWithoutMeasured = Measure; ///< as tables were before

std::string header() {
    std::string out;
    for (const char* column : kColumns)
        out += (out.empty() ? "" : ",") + std::string(column);
    return out;
}

/// Of a block: what stands in front of every row, and the end of the row.
std::string blockCells(const LoggedBlock& block) {
    return toString(block.date) + "," + std::string(toString(block.kind)) + "," + std::to_string(block.number) + "," +
           csvCell(block.start) + "," + csvCell(block.end) + "," + csvCell(block.fault) + "," + csvCell(block.drill) +
           "," + csvCell(toString(block.condition)) + "," + csvCell(block.cue) + "," + csvCell(block.fedBy);
}

std::optional<int> wholeNumber(const std::string& cell, int least, int most) {
    int value = 0;
    const auto [end, problem] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
    if (problem != std::errc() || end != cell.data() + cell.size() || value < least || value > most)
        return {};
    return value;
}

std::optional<double> realNumber(const std::string& cell) {
    double value = 0;
    const auto [end, problem] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
    constexpr double kMost = 1e9;
    if (problem != std::errc() || end != cell.data() + cell.size() || !(std::abs(value) <= kMost))
        return {};
    return value;
}
/// As short as it can be and still be read back the same.
std::string exactly(double value) {
    std::array<char, 32> text{};
    const auto [end, problem] = std::to_chars(text.data(), text.data() + text.size(), value);
    return {text.data(), end};
}

/// The end of a row, with a comma in front.
std::string measuredCells(const MeasuredThere& measured) {
    const auto number = [](const std::optional<double>& value) { return value ? exactly(*value) : std::string(); };
    return "," + csvCell(measured.measure) + "," + number(measured.value) + "," + number(measured.u) + "," +
           (measured.good ? *measured.good ? "good" : "off" : "");
}

bool isTime(const std::string& cell) {
    const auto two = [&](std::size_t at, int most) {
        return cell.size() >= at + 2 && wholeNumber(cell.substr(at, 2), 0, most).has_value();
    };
    const bool short5 = cell.size() == 5, long8 = cell.size() == 8;
    return cell.empty() || ((short5 || long8) && two(0, 23) && cell[2] == ':' && two(3, 59) &&
                            (short5 || (cell[5] == ':' && two(6, 59))));
}

class Reading {
public:
    Reading(std::string_view name, const PracticeCsvTerms& terms) : name_(name), terms_(terms) {}

    Result<void> read(const CsvRow& row, std::size_t columns) {
        place_ = std::string(name_) + ":" + std::to_string(row.line);
        if (row.cells.size() != columns)
            return badInput(place_, std::to_string(columns) + " cells", std::to_string(row.cells.size()));
        cells_ = row.cells;
        cells_.resize(kColumnCount);
        LoggedBlock block;
        for (auto&& step : {&Reading::whose, &Reading::when})
            if (auto done = (this->*step)(block); !done)
                return done;
        if (log_.empty() || !sameBlock(log_.back(), block)) {
            log_.push_back(std::move(block));
            numbers_.clear();
        }
        return repetition(log_.back());
    }
    PracticeLog take() {
        std::stable_sort(log_.begin(), log_.end(),
                         [](const LoggedBlock& a, const LoggedBlock& b) { return a.date < b.date; });
        int number = 0;
        for (LoggedBlock& block : log_)
            block.number = ++number;
        return std::move(log_);
    }

private:
    [[nodiscard]] const std::string& cell(Column column) const { return cells_[column]; }
    [[nodiscard]] Error bad(Column column, const std::string& expected) const {
        return badInput(place_, expected + " in " + kColumns[column], cell(column));
    }
    static bool sameBlock(const LoggedBlock& a, const LoggedBlock& b) {
        return a.date == b.date && a.kind == b.kind && a.number == b.number && a.start == b.start &&
               a.fault == b.fault && a.drill == b.drill && a.condition == b.condition && a.kind != PracticeKind::Home;
    }

    Result<void> whose(LoggedBlock& block) {
        const auto kind = practiceKindFrom(cell(KindColumn));
        if (!kind)
            return bad(KindColumn, "practice, home, retention or transfer");
        block.kind = *kind;
        block.fault = cell(Fault), block.drill = cell(Drill);
        const DrillDef* drill = terms_.pack ? terms_.pack->drill(block.drill) : nullptr;
        if (terms_.pack && !drill)
            return bad(Drill, "a drill of the skill pack");
        if (terms_.pack && !terms_.pack->fault(block.fault))
            return bad(Fault, "a fault of the skill pack");
        if (cell(Condition).empty()) {
            block.condition.stress = drill ? drill->stress : Stress::Calm;
        } else {
            const auto condition = practiceConditionFrom(cell(Condition));
            if (!condition)
                return bad(Condition, "a stress level, then axis=value after semicolons");
            block.condition = *condition;
        }
        block.cue = cell(Cue), block.fedBy = cell(FedBy), block.stop = cell(Stop);
        return {};
    }
    Result<void> when(LoggedBlock& block) {
        const auto day = dayFrom(cell(Date));
        if (!day)
            return bad(Date, "a day, YYYY-MM-DD,");
        if (terms_.today && *day > *terms_.today)
            return bad(Date, "a day that has come");
        block.date = *day;
        for (const Column column : {Start, End})
            if (!isTime(cell(column)))
                return bad(column, "a time, HH:MM or HH:MM:SS,");
        block.start = cell(Start), block.end = cell(End);
        constexpr int kMostBlocks = 1'000'000, kMostTicks = 10'000;
        if (!cell(Block).empty()) {
            const auto number = wholeNumber(cell(Block), 0, kMostBlocks);
            if (!number)
                return bad(Block, "a number of a block");
            block.number = *number;
        }
        if (block.kind != PracticeKind::Home)
            return {};
        const auto count = wholeNumber(cell(Count), 0, kMostTicks);
        if (!count)
            return bad(Count, "how many were done, 0 to 10000,");
        block.count = *count;
        return {};
    }
    Result<void> repetition(LoggedBlock& block) {
        if (block.kind == PracticeKind::Home || (cell(Good).empty() && !cell(Stop).empty()))
            return {};
        LoggedRepetition out;
        if (cell(Good) != "0" && cell(Good) != "1")
            return bad(Good, "1 or 0");
        out.good = cell(Good) == "1";
        constexpr int kMostInBlock = 10'000;
        if (!cell(Number).empty()) {
            const auto number = wholeNumber(cell(Number), 1, kMostInBlock);
            if (!number || !numbers_.insert(*number).second)
                return bad(Number, "a number that no other repetition of the block has");
        }
        out.result = cell(ResultOf);
        if (!cell(Felt).empty()) {
            if (cell(Felt) != "good" && cell(Felt) != "off")
                return bad(Felt, "good, off or nothing");
            out.feltRight = cell(Felt) == "good";
        }
        const auto told = cell(Feedback).empty() ? std::optional(Told::None) : toldFrom(cell(Feedback));
        if (!told)
            return bad(Feedback, "none, cue, shown, measured or asked");
        out.told = *told;
        if (auto done = measured(out.measured); !done)
            return done;
        block.repetitions.push_back(std::move(out));
        return {};
    }

    Result<void> measured(MeasuredThere& out) {
        out.measure = cell(Measure);
        for (const auto& [column, to] : {std::pair(Value, &out.value), {ValueU, &out.u}}) {
            if (cell(column).empty())
                continue;
            const auto number = realNumber(cell(column));
            if (!number || out.measure.empty() || (column == ValueU && *number < 0))
                return bad(column, "a number of the measure that was measured");
            *to = *number;
        }
        if (cell(Measured).empty())
            return {};
        if ((cell(Measured) != "good" && cell(Measured) != "off") || !out.value)
            return bad(Measured, "good or off beside a value, or nothing");
        out.good = cell(Measured) == "good";
        return {};
    }

    std::string_view name_;
    const PracticeCsvTerms& terms_;
    std::vector<std::string> cells_;
    std::string place_;
    std::set<int> numbers_; ///< of the repetitions of the last block
    PracticeLog log_;
};

} // namespace

std::string practiceCsv(const PracticeLog& log) {
    std::string out = header() + "\n";
    for (const LoggedBlock& block : log) {
        const std::string front = blockCells(block);
        const std::string stop = csvCell(block.stop);
        int number = 0;
        for (const LoggedRepetition& r : block.repetitions)
            out += front + "," + std::to_string(++number) + "," + (r.good ? "1" : "0") + "," + csvCell(r.result) + "," +
                   (r.feltRight ? *r.feltRight ? "good" : "off" : "") + "," + std::string(toString(r.told)) + ",," +
                   stop + measuredCells(r.measured) + "\n";
        if (block.kind == PracticeKind::Home)
            out += front + ",,,,,," + std::to_string(block.count) + "," + stop + measuredCells({}) + "\n";
        else if (block.repetitions.empty() && !block.stop.empty())
            out += front + ",,,,,,," + stop + measuredCells({}) + "\n";
    }
    return out;
}

Result<PracticeLog> readPracticeCsv(std::string_view text, std::string_view name, const PracticeCsvTerms& terms) {
    const auto rows = parseCsv(text, name);
    if (!rows)
        return rows.error();
    const auto isHeader = [&](std::size_t columns) {
        return !rows->empty() && (*rows)[0].cells == std::vector<std::string>(kColumns, kColumns + columns);
    };
    if (!isHeader(kColumnCount) && !isHeader(kWithoutMeasured))
        return badInput(std::string(name), "the header " + header(),
                        rows->empty() ? "an empty file" : "another header");
    Reading reading(name, terms);
    for (std::size_t i = 1; i < rows->size(); ++i)
        if (auto done = reading.read((*rows)[i], (*rows)[0].cells.size()); !done)
            return done.error();
    return reading.take();
}

} // namespace riflesso
