#pragma once
// The window's look: palette and style sheet from the meanings in report/look.h.

#include "report/look.h"

#include <QString>

class QApplication;

namespace riflesso::theme {

enum class Choice { Light, Dark, System };
void apply(QApplication& app, Choice choice);
/// While one lives, the application has no style sheet: a widget that is put into a layout would be styled anew, with
/// all that is in it, for each layer above it. When it goes, everything is styled once.
class Unstyled {
public:
    Unstyled();
    ~Unstyled();
    Unstyled(const Unstyled&) = delete;
    Unstyled& operator=(const Unstyled&) = delete;

private:
    QString kept_;
};
/// Colours of the theme in force.
[[nodiscard]] const look::Palette& colours();

/// Labels with a role in the style sheet.
constexpr const char* kHeading = "heading"; ///< small capitals over a group
constexpr const char* kQuiet = "quiet";     ///< secondary text
constexpr const char* kStrong = "strong";
constexpr const char* kBig = "big";
constexpr const char* kSafety = "safety";

} // namespace riflesso::theme
