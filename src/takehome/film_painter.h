#pragma once
// A film's picture painted: stages, figures, what is measured, words. On the screen and into the file alike.

#include "takehome/film.h"

#include <QImage>

namespace riflesso {

/// Picture `picture` of the film, over the whole of `onto` (QImage::Format_RGB32). Words are at least 1/24 of its
/// height. `source` is asked for each clip's frame; where it has none, that is said in the stage's place. Precondition:
/// 0 <= picture < film.pictures().
void paintFilm(QImage& onto, const Film& film, int picture, const PictureSource& source);

} // namespace riflesso
