#pragma once
// What stands on each paper.

#include "report/html_pieces.h"

namespace riflesso {

/// All of it, for the analyst and the coach.
void writePlan(HtmlPieces& pieces);
/// One page, large, few words: what is good, one thing to work on, how it feels, when it is filmed again.
void writeAthletePage(HtmlPieces& pieces);
/// The next drill with a picture of good, its cue, and boxes to tally two weeks.
void writeHomeSheet(HtmlPieces& pieces);
/// One row an event: athlete and model with what is measured drawn on them, and the measures taken there.
void writeKeyPositions(HtmlPieces& pieces);
/// The last days before a competition: one cue, the strengths, nothing new.
void writeCompetitionCard(HtmlPieces& pieces);
/// One page: then and now, what changed by more than chance, what was practised, what next.
void writeProgress(HtmlPieces& pieces);

} // namespace riflesso
