#pragma once
// The wall: all repetitions of a set as small moving pictures at the same phase. It keeps each movement's pictures in
// small, fetched one after another, so that playing needs no decoding.

#include "app/mirror/wall_tiles.h"
#include "media/clip_reader.h"

#include <QImage>
#include <QWidget>

#include <functional>
#include <map>
#include <optional>
#include <set>

namespace riflesso {

class Wall : public QWidget {
    Q_OBJECT
public:
    /// Asks for a part of a frame of a clip; `ready` is called later in the window's thread, or never.
    using Fetch = std::function<void(const QString& clip, int frame, const SmallPart& part, QObject* view,
                                     std::function<void(QImage, int)> ready)>;
    Wall(Fetch fetch, QWidget* parent = nullptr);

    /// Pictures of movements that were there before are kept.
    void setTiles(std::vector<WallTile> tiles);
    void setPhase(double percent);
    void setChosen(const std::string& trial);
    /// Blind: results, values and signs are hidden, and a click asks for the verdict.
    void setBlind(bool blind);
    /// Forgets all pictures, and fetches no more.
    void release();
    [[nodiscard]] const std::vector<WallTile>& tiles() const { return tiles_; }
    /// The frame that a tile shows at this phase; none while no picture of it is here.
    [[nodiscard]] std::optional<int> shownFrame(const WallTile& tile) const;
    /// The small picture that a tile shows now; null while none is here.
    [[nodiscard]] QImage shownPicture(const WallTile& tile) const;
    /// Middle of a tile, for who drives the window; a null point where there is none.
    [[nodiscard]] QPoint middleOf(const std::string& trial) const;
    /// Share of all small pictures that are here, 0..1.
    [[nodiscard]] double fetched() const;

    /// Titles go through it before they are drawn; none: as they are. For pictures without names.
    void setSaying(std::function<QString(const QString&)> saying) { saying_ = std::move(saying); }
    /// While on, heads are hidden; a picture whose head is not known is left out.
    void setFacesCovered(bool on) { facesCovered_ = on; }

signals:
    void clicked(const QString& trial);
    void opened(const QString& trial); ///< double click: to see it large
    void fetchedMore();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void showEvent(QShowEvent*) override;

private:
    struct Pictures {
        std::map<int, QImage> byFrame;
        std::set<int> asked;    ///< frames that are on their way
        std::size_t wanted = 0; ///< how many different frames
    };
    [[nodiscard]] QRectF tileRect(int index) const;
    [[nodiscard]] int tileAt(QPointF at) const;
    [[nodiscard]] double aspect() const;
    /// A few frames of a clip at a time, in the clip's order: a decoder goes forward quickly, and anywhere else slowly.
    void fetchNext(const QString& clip);
    void fetchAll();
    /// The part of the clip's picture that a tile shows; `box` takes what it stands for, which may reach beyond.
    [[nodiscard]] SmallPart partOf(const WallTile& tile, QRectF* box) const;
    void keep(const std::string& trial, int frame, const QImage& part);
    void drawTile(QPainter& painter, const WallTile& tile, const QRectF& rect) const;

    Fetch fetch_;
    std::vector<WallTile> tiles_;
    std::map<std::string, Pictures> pictures_;
    std::map<QString, int> fetching_; ///< how many frames of a clip are under way
    int fetchingSince_ = 0;           ///< what was asked for before pictures were let go is not waited for
    std::string chosen_;
    double phase_ = 0;
    bool blind_ = false;
    std::function<QString(const QString&)> saying_;
    bool facesCovered_ = false;
};

} // namespace riflesso
