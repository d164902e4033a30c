#pragma once
// What the analyst's own hand leaves unsure: the same frames and events marked again, without seeing the first marks.

#include "core/measure/measure.h"

namespace riflesso {

/// Fewer pairs than this say too little to stand in place of the usual uncertainty (own choice).
constexpr std::size_t kFewestPairs = 10;

/// A thing marked twice. Of a landmark x and y in pixels; of an event the frame in x.
struct MarkedTwice {
    std::string what;
    PixelPoint first, again;
};

/// Typical error of one sitting: SD of the differences / √2; of a landmark both coordinates together.
struct TypicalError {
    double error = 0; ///< pixels, frames, or the measure's unit
    double shift = 0; ///< mean of the differences, again less first; of a landmark its length
    std::size_t pairs = 0;
    [[nodiscard]] bool holds() const { return pairs >= kFewestPairs; }
};
/// By landmark or event. `twoCoordinates`: whether y counts. Fewer than two pairs give no error.
[[nodiscard]] std::map<std::string, TypicalError> typicalErrors(const std::vector<MarkedTwice>& pairs,
                                                                bool twoCoordinates);

/// By measure, of those that read single frames or times, from the trials as marked first and as marked again (paired
/// by id; only trials that are in both).
[[nodiscard]] std::map<std::string, TypicalError>
typicalErrorsOfMeasures(const Pack& pack, const std::vector<Trial>& first, const std::vector<Trial>& again);

} // namespace riflesso
