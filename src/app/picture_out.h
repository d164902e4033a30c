#pragma once
// A view or a page as a picture: to the clipboard or into a file, PNG or SVG, at the size asked for, with or without
// names and faces. Of faces, that of who is marked is hidden; where it is not known, the film's picture is left out.

#include "app/workspace.h"

#include <QImage>

class QMenu;
class QWidget;

namespace riflesso {

/// The view that a widget belongs to and that can be taken out by itself (a stage, a ruler, a curve, a map, a wall …);
/// null: none.
[[nodiscard]] QWidget* pictureView(QWidget* widget);

struct PictureWish {
    int widthPx = 0;         ///< of the picture; its height follows
    QStringList hiddenNames; ///< words that are not said in it
    bool facesCovered = false;
};

/// As it is seen, finer or coarser. Precondition: wish.widthPx > 0.
[[nodiscard]] QImage pictureOf(QWidget& view, const PictureWish& wish);
/// By the file's ending, .svg or .png; any other is bad input. Nothing half written is left behind.
[[nodiscard]] Result<void> writePicture(QWidget& view, const PictureWish& wish, const QString& path);

/// What can be done with a view, and with its page.
class PictureMenu : public QObject {
    Q_OBJECT
public:
    PictureMenu(Workspace& workspace, QWidget* window);
    /// Fills the menu for the widget under the pointer and its page.
    void fill(QMenu& menu, QWidget* under, QWidget* page);
    /// To the clipboard, twice as fine as on the screen.
    void copy(QWidget& view, bool whole);

private:
    void save(QWidget& view, bool whole);
    [[nodiscard]] static QString othersWords(bool whole);
    /// whole: with names and faces.
    [[nodiscard]] PictureWish wishFor(const QWidget& view, bool whole) const;

    Workspace& workspace_;
    QWidget* window_;
};

} // namespace riflesso
