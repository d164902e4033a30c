#pragma once
// CSV by RFC 4180, and the three tables of a trial: landmarks, events, observations.

#include "core/points/trial.h"
#include "core/result.h"

#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

struct CsvRow {
    int line = 0; ///< in the file, from 1
    std::vector<std::string> cells;
};
/// Rows of a UTF-8 text; lines that start with # and empty lines are left out. At most 5 million rows.
[[nodiscard]] Result<std::vector<CsvRow>> parseCsv(std::string_view text, std::string_view name);

/// A table of numbers alone: columns `must`, and any of `may`, whose cells can be empty.
struct NumberTable {
    struct Row {
        std::string place;                         ///< "L.csv:3", for what is said of it
        std::vector<std::optional<double>> values; ///< as `must` and then `may` name them
    };
    std::vector<Row> rows;
};
/// Numbers are finite and at most 1e12 in size. Errors name the line and the column.
[[nodiscard]] Result<NumberTable> readNumbers(std::string_view text, std::string_view name,
                                              const std::vector<std::string>& must,
                                              const std::vector<std::string>& may = {});

/// A cell with quotes where RFC 4180 asks for them.
[[nodiscard]] std::string csvCell(std::string_view text);

/// A point in a picture as a table gives it.
struct PointRow {
    std::string landmark;
    std::optional<int> frame;
    PixelPoint at;
    std::optional<double> sigmaPx;
};
/// Columns landmark, x_px, y_px and, whose cells can be empty, frame and sigma_px; a landmarks file will do.
[[nodiscard]] Result<std::vector<PointRow>> readPoints(std::string_view text, std::string_view name);

struct TrialTables {
    std::string_view landmarks, landmarksName;
    std::string_view events, eventsName;
    std::string_view observations, observationsName; ///< may be empty
};

/// What the command line knows of all trials of a file.
struct TrialDefaults {
    std::optional<Side> handedness, facing;
    std::optional<View> view;
    std::optional<double> scale, slowMotion, bearingDeg, bearingUDeg;
    CameraPlace place;
    int pictureHeight = 0; ///< 0: unknown; marks without sigma_px get 2 px
    double markingFrames = kDefaultMarkingFrames;
};

struct ReadTrials {
    std::vector<Trial> trials;
    std::vector<std::string> assumed; ///< facing, handedness, view, bearing: taken for want of better
};

/// Trials in the order of their first appearance. A switch wins over the athlete's file; a trial's own facing in
/// the file wins over both. Errors name file and line; nothing is half-read.
[[nodiscard]] Result<ReadTrials> readTrials(const TrialTables& tables, const TrialDefaults& defaults,
                                            const AthleteFacts& facts, const Pack& pack);

/// Reads A.json strictly.
[[nodiscard]] Result<AthleteFacts> readAthleteFacts(std::string_view text, std::string_view name);

/// The tables of stored trials, as the readers above take them.
[[nodiscard]] std::string landmarksCsv(const std::vector<Trial>& trials);
[[nodiscard]] std::string eventsCsv(const std::vector<Trial>& trials);

} // namespace riflesso
