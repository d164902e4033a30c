#pragma once
// A film as values: parts, scenes, and for each of its pictures which frame of which clip is shown and what is drawn on
// it. Nothing of it is pixels yet: it is painted at any size (film_painter.h) and written to a file (written_film.h).

#include "core/points/head_cover.h"
#include "core/points/picture_setup.h"
#include "report/key_picture.h"
#include "report/look.h"

#include <QPolygonF>
#include <QSize>

#include <map>
#include <optional>
#include <set>
#include <vector>

namespace riflesso {

/// One side of a scene: a repetition, picture by picture.
struct FilmStage {
    QString clipPath;        ///< empty: a figure without a picture
    bool turnedOver = false; ///< the file shows left for right; marks lie in the picture turned back
    bool mirrored = false;   ///< shown mirrored, so that it faces as the athlete does
    bool ofModel = false;
    QString caption;
    std::vector<int> frames;                                ///< of the clip, one for each picture of the scene
    std::map<int, std::map<std::string, QPointF>> marks;    ///< by frame, pixels of the clip
    std::vector<std::pair<std::string, std::string>> lines; ///< of the figure
    QRectF part;                                            ///< of the clip's picture that is shown, pixels
    std::optional<MeasuredShape> shape; ///< drawn from picture `heldFrom` on, with `value` beside it
    QString value;
    PictureSetup setup;                        ///< of the section, as the network looks at its pictures
    std::map<int, HeadCover> heads;            ///< by frame, where the head surely lies
    std::map<int, std::vector<QRectF>> others; ///< by frame, where somebody else is hidden, pixels of the clip's file
    std::set<int> othersUnsure;                ///< frames in which that is not surely known: shown without the picture
    bool headCovered = false;                  ///< a frame without a sure head is shown without its picture then
    // Of what changes from picture to picture of a walk-through; each as long as the scene, or empty.
    std::vector<QString> captions, values;
    std::vector<std::optional<MeasuredShape>> shapes;
    std::vector<std::optional<QPointF>> pointers; ///< pixels of the clip
    std::vector<std::vector<QPolygonF>> drawn;    ///< by hand, pixels of the clip
};

struct FilmLine {
    QString words;
    std::optional<look::Sign> sign = {};
    enum class Size { Plain, Large, Quiet } size = Size::Plain;
    bool caution = false;
};

struct FilmScene {
    int pictures = 0; ///< how many pictures of the film it takes
    QString heading;
    QString sentence;            ///< under the pictures, and as caption beside the film
    std::vector<FilmLine> lines; ///< of a scene of words; a stage stands beside them
    std::vector<FilmStage> stages;
    int heldFrom = 0;             ///< from this picture on nothing moves, and what is measured is drawn
    QString pace;                 ///< "at full speed", "4 times slower"; while it moves
    std::vector<double> percent;  ///< phase of each picture on the waterline; empty: none is drawn
    std::vector<double> eventsAt; ///< phase of the key events, percent
};

/// Whether a picture of the scene is another than the one before it.
[[nodiscard]] bool moves(const FilmScene& scene, int picture);

struct FilmPart {
    QString title;     ///< of the chapter
    bool shown = true; ///< false: left out
    std::vector<FilmScene> scenes;
    int said = -1;          ///< the scene whose sentence is the part's own; -1: none
    QString voice = {};     ///< a sound file; empty: it is silent
    double voiceFromS = -1; ///< where in it the part begins; negative: it is silent
    QString caption = {};   ///< words typed to all of its pictures; they stand in its scenes already
};

struct Film {
    QString title;
    int rate = 30; ///< pictures a second
    std::vector<FilmPart> parts;

    [[nodiscard]] int pictures() const; ///< of the parts that are shown
    [[nodiscard]] double seconds() const { return static_cast<double>(pictures()) / rate; }
    /// The scene of a picture, and the picture's place in it. Precondition: 0 <= picture < pictures().
    struct Place {
        const FilmPart* part = nullptr;
        const FilmScene* scene = nullptr;
        int at = 0;
    };
    [[nodiscard]] Place place(int picture) const;
    /// Whether a picture is the same as the one before it: nothing moves.
    [[nodiscard]] bool standsStill(int picture) const;
    /// Whether any part that is shown has a voice.
    [[nodiscard]] bool speaks() const;
    /// Where in its part's voice a picture is, seconds; negative: it is silent.
    [[nodiscard]] double voiceAtS(int picture) const;
    /// Where it stands still at something that is shown, with the words for it: its series of stills.
    [[nodiscard]] std::vector<std::pair<int, QString>> heldPictures() const;
    /// Chapters with their first picture.
    [[nodiscard]] std::vector<std::pair<int, QString>> chapters() const;
};

/// Whether two films say and show the same, however they were made.
[[nodiscard]] bool saysTheSame(const Film& a, const Film& b);

/// Whose heads are covered.
struct FaceWish {
    bool athlete = false, model = false, others = false;
    bool operator==(const FaceWish&) const = default;
};
void coverFaces(Film& film, const FaceWish& wish);
/// Pictures of the film in which somebody is to be covered and is not surely known where: they are shown without the
/// clip.
[[nodiscard]] std::vector<int> unsurePictures(const Film& film);

/// The captions as WebVTT: a cue for each scene that says something.
[[nodiscard]] QString webVtt(const Film& film);

} // namespace riflesso
