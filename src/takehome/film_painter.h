#pragma once
// A film's picture painted: stages, figures, what is measured, words. On the screen and into the file alike.

#include "takehome/film.h"

#include <QImage>

#include <QTransform>

namespace riflesso {

/// Picture `picture` of the film, over the whole of `onto` (QImage::Format_RGB32). Words are at least 1/24 of its
/// height. `source` is asked for each clip's frame; where it has none, that is said in the stage's place. Precondition:
/// 0 <= picture < film.pictures().
/// `placed`: where its clips were painted.
struct PaintedStage {
    QString clipPath;
    int frame = 0;
    QRectF where;      ///< in `onto`
    QTransform toClip; ///< from there to pixels of the clip's file
    bool ofModel = false;
};
void paintFilm(QImage& onto, const Film& film, int picture, const PictureSource& source,
               std::vector<PaintedStage>* placed = nullptr);

} // namespace riflesso
