#pragma once
// Marks and events from a table with other column names: what each column means, guessed from its name and changed by a
// person.

#include "core/points/landmark.h"
#include "core/result.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// What a column holds.
struct ColumnMeaning {
    enum class Kind {
        None, ///< left out
        Trial,
        Frame,
        TimeS, ///< stored time of the clip
        Landmark,
        X,
        Y,
        Sigma,
        Event,
        LandmarkX, ///< x of `landmark`: tables with one row a frame
        LandmarkY
    } kind = Kind::None;
    std::string landmark;
    bool operator==(const ColumnMeaning&) const = default;
};

/// A row of a table, or a landmark of a row, read by what its columns mean.
struct TableEntry {
    int line = 0;      ///< in the file, from 1
    std::string trial; ///< as written; empty where no column says
    std::optional<int> frame;
    std::optional<double> timeS;
    std::string what; ///< landmark or event as written
    PixelPoint at;    ///< of a landmark
    std::optional<double> sigmaPx;
};

struct TablePreview {
    std::vector<std::string> columns;
    std::vector<std::vector<std::string>> firstRows; ///< up to 5
};
/// First line: names of the columns. Commas, semicolons or tabs between cells, as the first line has most of; with
/// semicolons a decimal comma is read too.
[[nodiscard]] Result<TablePreview> previewTable(std::string_view text, std::string_view name);

/// What the names say, in any case, with spaces, dots or underscores: "Frame", "t [s]", "point", "x", "lKnee.x",
/// "left knee y". `landmarks`: those that may be named.
[[nodiscard]] std::vector<ColumnMeaning> guessMeanings(const std::vector<std::string>& columns,
                                                       const std::vector<std::string>& landmarks);

/// Why these meanings do not make a table: "a frame or a time is missing"; empty where they do.
[[nodiscard]] std::string faultOf(const std::vector<ColumnMeaning>& meanings);

/// Entries in the order of the file. Cells of a landmark that are empty, both x and y, are left out. Errors name line
/// and column; nothing is half-read. Precondition: faultOf(meanings) is empty.
[[nodiscard]] Result<std::vector<TableEntry>> readMapped(std::string_view text, std::string_view name,
                                                         const std::vector<ColumnMeaning>& meanings);

} // namespace riflesso
