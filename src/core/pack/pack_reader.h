#pragma once
// Reads a skill pack strictly: an unknown key, a missing id or a wrong unit is a fault with its JSON path.

#include "core/pack/pack.h"
#include "core/result.h"
#include "core/tables/json_fwd.h"

#include <string_view>
#include <vector>

namespace riflesso {

/// What stands in a file where words are still to be written: read as none. Such a pack is sound, but not whole.
inline constexpr std::string_view kToBeWritten = "To be written.";

struct PackReading {
    Pack pack; ///< only to be used when there is no fault
    std::vector<JsonFault> faults;
};

/// Largest pack read, in bytes.
constexpr std::size_t kMaxPackBytes = 2 * 1024 * 1024;

/// Reads the text of a pack file. Never throws; every fault is listed.
[[nodiscard]] PackReading readPack(std::string_view text);

/// Reads a pack or gives its first fault; `name` is the file named in the error.
[[nodiscard]] Result<Pack> loadPack(std::string_view text, std::string_view name);

/// Reads a file of the form of a pack's `model`: the ranges it names. Measures must exist in `pack`.
[[nodiscard]] Result<std::vector<RangeDef>> readModelRanges(std::string_view text, std::string_view name,
                                                            const Pack& pack);

/// The list of ranges under `key`, in the form of `model.ranges`. Measures (or lags) must exist in `pack`.
[[nodiscard]] std::vector<RangeDef> readRanges(const JsonNode& node, std::string_view key, const Pack& pack);

/// What a schema cannot see: ids exist, no cycle of causes, phases in order.
void checkPack(const Pack& pack, std::vector<JsonFault>& faults);

} // namespace riflesso
