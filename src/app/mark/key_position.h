#pragma once
// What the side of the Mark page says of one key position: how the model stands there, and what is measured.

#include "app/workspace.h"

#include <QPointF>
#include <QString>

namespace riflesso {

/// Landmarks of the athlete where the first model performer has them at this event, point for point by role and turned
/// the athlete's way; a standing figure where there is no model. `order`: the athlete's landmarks in the pack's order.
[[nodiscard]] std::map<std::string, QPointF> modelAt(const Pack& pack, const std::vector<Trial>& models,
                                                     const RepetitionPlace& place, const std::string& event,
                                                     const std::vector<std::string>& order);

/// The measures taken at an event, one a line, as rich text with a link to each that is valid.
[[nodiscard]] QString measuredAt(const CaseData& data, const RepetitionPlace& place, const std::string& event,
                                 double cutoffHz);

} // namespace riflesso
