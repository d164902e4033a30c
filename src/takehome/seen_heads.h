#pragma once
// Where a head is, seen by the pose network: smaller covers than marks alone allow, and a second word on them.

#include "core/points/head_cover.h"
#include "takehome/film.h"
#include "work/propose_marks.h"

namespace riflesso {

/// The covers of the athlete's head in a stretch of a clip, by frame, as the network sees ears, nose and body; frames
/// that are not in it are not sure. `stretch.byAnalyst`: marks that say where the athlete is.
[[nodiscard]] Result<std::map<int, HeadCover>> headsSeen(PoseNetwork& network, const StretchToMark& stretch,
                                                         const GoOn& goOn);

/// What marks and network say together, frame by frame: the network's disc where it lies inside that of the marks, one
/// that holds both where they differ, else the one there is.
[[nodiscard]] std::map<int, HeadCover> agreed(const std::map<int, HeadCover>& marked,
                                              const std::map<int, HeadCover>& seen);

/// What was seen, by clip (and whether it is turned left for right) and frame; empty where the network looked and was
/// not sure.
using SeenHeads = std::map<std::pair<QString, bool>, std::map<int, std::optional<HeadCover>>>;
/// Looks at every frame of the film's shown parts in which a head is to be covered and that is not in `known` yet.
/// `models`: folder of the networks' weights.
[[nodiscard]] Result<SeenHeads> lookForHeads(const Film& film, SeenHeads known, const std::string& models,
                                             const GoOn& goOn);
/// The film's covers after what was seen.
void useHeads(Film& film, const SeenHeads& seen);

} // namespace riflesso
