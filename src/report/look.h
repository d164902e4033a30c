#pragma once
// Colours and shapes with one meaning each, in the window and on paper.

#include "core/judge/deviation.h"
#include "core/judge/findings.h"

#include <QColor>
#include <QPainter>
#include <QString>

namespace riflesso::look {

/// Ochre is the athlete, lagoon the model, plum a deviation, brick safety; nothing else carries these.
struct Palette {
    QColor paper, raised, course, ink, slate, hairline, stage, stageText;
    QColor athlete, model, deviation, safety;
    QColor athleteText; ///< the athlete's colour, dark enough to read
    QColor athleteSoft, modelSoft, deviationSoft;
};
[[nodiscard]] const Palette& light();
[[nodiscard]] const Palette& dark();

/// Marks of state: within, possible, clear, strength, safety. Each has a shape of its own besides its colour.
enum class Sign { Within, Possible, Clear, Strength, Safety };
[[nodiscard]] Sign signOf(State state);
void drawSign(QPainter& painter, Sign sign, const QPointF& centre, double size, const Palette& palette);
/// The word that goes with the shape.
[[nodiscard]] QString wordOf(Sign sign);

/// Loads the typeface that ships with the program; its family name.
[[nodiscard]] QString loadTypeface();

} // namespace riflesso::look
