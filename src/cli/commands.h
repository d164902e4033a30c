#pragma once
// The commands: each gives one JSON object, or an error.

#include "core/result.h"
#include "core/tables/json_fwd.h"

#include <string>
#include <vector>

namespace riflesso::cli {

using Words = std::vector<std::string>;

[[nodiscard]] Result<Json> probe(const Words& words);
[[nodiscard]] Result<Json> frame(const Words& words);
/// Landmarks carried from marked frames through a stretch of a clip; landmarks proposed there by the pose network.
[[nodiscard]] Result<Json> track(const Words& words);
[[nodiscard]] Result<Json> propose(const Words& words);
[[nodiscard]] Result<Json> measure(const Words& words);
[[nodiscard]] Result<Json> assessCommand(const Words& words);
/// Measures model trials and writes them as a model file.
[[nodiscard]] Result<Json> modelCommand(const Words& words);
/// Rate, length and speed from a table of laps, or a rate from tapped times.
[[nodiscard]] Result<Json> lapsCommand(const Words& words);
[[nodiscard]] Result<Json> tapsCommand(const Words& words);
[[nodiscard]] Result<Json> rung(const Words& words);
[[nodiscard]] Result<Json> eventsCommand(const Words& words);
[[nodiscard]] Result<Json> retestCommand(const Words& words);
[[nodiscard]] Result<Json> smoothCommand(const Words& words);
[[nodiscard]] Result<Json> reliabilityCommand(const Words& words);
[[nodiscard]] Result<Json> planCaptureCommand(const Words& words);
/// Skill packs: checked, listed, compared, printed as a sheet.
[[nodiscard]] Result<Json> packCommand(const Words& words);
/// `pack rules`: how key events could find themselves, out of marked repetitions.
[[nodiscard]] Result<Json> packRules(const Words& words);
[[nodiscard]] Result<Json> simulate(const Words& words);
[[nodiscard]] Result<Json> demo(const Words& words);
[[nodiscard]] Result<Json> verify(const Words& words);
/// A second copy of a library, made or brought up to date.
[[nodiscard]] Result<Json> copyCommand(const Words& words);
/// Writes a case as one archive; brings one in.
[[nodiscard]] Result<Json> practiceCommand(const Words& words);
[[nodiscard]] Result<Json> progressCommand(const Words& words);
/// Measures each clip that arrives in a folder; says a line for each repetition, and null at its end.
[[nodiscard]] Result<Json> watchCommand(const Words& words);
/// Writes a film to be taken home.
[[nodiscard]] Result<Json> filmCommand(const Words& words);
[[nodiscard]] Result<Json> exportCommand(const Words& words);
[[nodiscard]] Result<Json> importCommand(const Words& words);
[[nodiscard]] Result<Json> report(const Words& words);
/// Works on a case in an archive and writes it as another.
[[nodiscard]] Result<Json> workCommand(const Words& words);
/// Writes the tables of a stored case (pack.json, landmarks.csv, …) for the commands above.
[[nodiscard]] Result<Json> tables(const Words& words);

} // namespace riflesso::cli
