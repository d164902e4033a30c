#include "app/mirror/wall.h"

#include "app/theme.h"
#include "app/widgets/stage_view.h"
#include "report/shape_drawing.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kPictureWidth = 256;        ///< of a small picture
constexpr double kGap = 6, kCaption = 36; ///< between tiles; height of the words below a picture

/// The frame to draw at a phase, and all that will be needed.
int frameAt(const WallTile& tile, double percent) {
    return tile.frames[static_cast<std::size_t>(std::clamp(static_cast<int>(std::lround(percent)), 0, 100))];
}

/// A box of the picture, widened to the tiles' shape (width over height); what lies beyond the picture stays dark.
QRectF widened(QRectF box, double shape) {
    const QPointF centre = box.center();
    box.setSize(box.width() / box.height() < shape ? QSizeF(box.height() * shape, box.height())
                                                   : QSizeF(box.width(), box.width() / shape));
    box.moveCenter(centre);
    return box;
}

} // namespace

Wall::Wall(Fetch fetch, QWidget* parent) : QWidget(parent), fetch_(std::move(fetch)) {
    setMinimumSize(240, 200);
    setAccessibleName(tr("Wall: all repetitions at the same phase"));
}

void Wall::setTiles(std::vector<WallTile> tiles) {
    tiles_ = std::move(tiles);
    std::map<std::string, Pictures> kept;
    for (const WallTile& tile : tiles_) {
        Pictures& pictures = kept[tile.trial];
        if (const auto old = pictures_.find(tile.trial); old != pictures_.end())
            pictures = std::move(old->second);
        const std::set<int> frames(tile.frames.begin(), tile.frames.end());
        std::erase_if(pictures.byFrame, [&](const auto& entry) { return !frames.contains(entry.first); });
        pictures.wanted = frames.size();
    }
    pictures_ = std::move(kept);
    setAccessibleDescription(tr("%1 pictures").arg(tiles_.size()));
    fetchAll();
    update();
}

void Wall::setPhase(double percent) {
    phase_ = percent;
    update();
}
void Wall::setChosen(const std::string& trial) {
    chosen_ = trial;
    update();
}
void Wall::setBlind(bool blind) {
    blind_ = blind;
    update();
}
void Wall::release() {
    pictures_.clear();
    fetching_.clear();
    ++fetchingSince_;
}

void Wall::showEvent(QShowEvent*) { fetchAll(); }

void Wall::fetchAll() {
    for (const WallTile& tile : tiles_)
        fetchNext(tile.clipPath);
}

void Wall::fetchNext(const QString& clip) {
    constexpr int kAtOnce = 4; // the decoder goes on while one is drawn
    while (isVisible() && fetching_[clip] < kAtOnce) {
        const WallTile* chosen = nullptr;
        int next = 0;
        for (const WallTile& tile : tiles_) {
            if (tile.clipPath != clip || tile.picture.isEmpty())
                continue;
            const Pictures& pictures = pictures_[tile.trial];
            for (const int frame : tile.frames)
                if (!pictures.byFrame.contains(frame) && !pictures.asked.contains(frame) && (!chosen || frame < next)) {
                    chosen = &tile;
                    next = frame;
                }
        }
        if (!chosen)
            return;
        // One picture for all who show the same of it.
        const SmallPart part = partOf(*chosen, nullptr);
        std::vector<std::string> trials;
        for (const WallTile& tile : tiles_)
            if (tile.clipPath == clip && std::binary_search(tile.frames.begin(), tile.frames.end(), next) &&
                partOf(tile, nullptr) == part && pictures_[tile.trial].asked.insert(next).second)
                trials.push_back(tile.trial);
        ++fetching_[clip];
        fetch_(clip, next, part, this, [this, clip, trials, since = fetchingSince_](const QImage& image, int frame) {
            if (since != fetchingSince_)
                return;
            --fetching_[clip];
            fetchNext(clip);
            for (const std::string& trial : trials)
                keep(trial, frame, image);
        });
    }
}

SmallPart Wall::partOf(const WallTile& tile, QRectF* box) const {
    const QRectF picture(QPointF(), QSizeF(tile.picture));
    const QRectF wanted = widened(tile.box.intersects(picture) ? tile.box : picture, aspect());
    if (box)
        *box = wanted;
    const QRect part = wanted.intersected(picture).toAlignedRect().intersected(picture.toRect());
    const double scale = kPictureWidth / wanted.width();
    return {part.x(),
            part.y(),
            part.width(),
            part.height(),
            std::max(1, static_cast<int>(std::lround(part.width() * scale))),
            std::max(1, static_cast<int>(std::lround(part.height() * scale)))};
}

void Wall::keep(const std::string& trial, int frame, const QImage& part) {
    const auto tile =
        std::find_if(tiles_.begin(), tiles_.end(), [&](const WallTile& other) { return other.trial == trial; });
    const auto pictures = pictures_.find(trial);
    if (tile == tiles_.end() || pictures == pictures_.end())
        return;
    pictures->second.asked.erase(frame);
    QRectF box;
    const SmallPart of = partOf(*tile, &box);
    const double scale = kPictureWidth / box.width();
    QImage small(kPictureWidth, std::max(1, static_cast<int>(std::lround(kPictureWidth / aspect()))),
                 QImage::Format_RGB16); // half the memory of 32 bits, and as good at this size
    small.fill(theme::colours().stage);
    QPainter painter(&small);
    painter.drawImage(QPointF((of.x - box.x()) * scale, (of.y - box.y()) * scale), part);
    painter.end();
    pictures->second.byFrame[frame] = tile->mirrored ? small.mirrored(true, false) : small;
    // Drawing all tiles takes longer than fetching one picture: only where it is the one to be seen.
    if (const auto shown = shownFrame(*tile); shown && *shown == frame)
        update();
    emit fetchedMore();
}

double Wall::fetched() const {
    std::size_t here = 0, wanted = 0;
    for (const auto& [trial, pictures] : pictures_) {
        here += pictures.byFrame.size();
        wanted += pictures.wanted;
    }
    return wanted ? static_cast<double>(here) / static_cast<double>(wanted) : 0;
}

double Wall::aspect() const {
    std::vector<double> shapes;
    for (const WallTile& tile : tiles_)
        if (!tile.box.isEmpty())
            shapes.push_back(tile.box.width() / tile.box.height());
    if (shapes.empty())
        return 1.6;
    std::nth_element(shapes.begin(), shapes.begin() + static_cast<std::ptrdiff_t>(shapes.size() / 2), shapes.end());
    return std::clamp(shapes[shapes.size() / 2], .55, 1.8);
}

QRectF Wall::tileRect(int index) const {
    const auto count = static_cast<int>(tiles_.size());
    const QSizeF space(width() - kGap, height() - kGap);
    const QSize grid = wallGrid(count, space, aspect(), kCaption + kGap);
    if (grid.isEmpty())
        return {};
    const double cellWidth = space.width() / grid.width(), cellHeight = space.height() / grid.height();
    const double pictureWidth = std::min(cellWidth - kGap, (cellHeight - kCaption - kGap) * aspect());
    const double wide = pictureWidth + kGap, high = pictureWidth / aspect() + kCaption + kGap;
    // Gathered in the middle: room left over is the wall's, not the tiles'.
    const double left = (width() - wide * grid.width()) / 2, top = (height() - high * grid.height()) / 2;
    const int column = index % grid.width(), row = index / grid.width();
    return {left + column * wide + kGap / 2, top + row * high + kGap / 2, pictureWidth, high - kGap};
}

int Wall::tileAt(QPointF at) const {
    for (int i = 0; i < static_cast<int>(tiles_.size()); ++i)
        if (tileRect(i).contains(at))
            return i;
    return -1;
}

QPoint Wall::middleOf(const std::string& trial) const {
    for (int i = 0; i < static_cast<int>(tiles_.size()); ++i)
        if (tiles_[static_cast<std::size_t>(i)].trial == trial)
            return tileRect(i).center().toPoint();
    return {};
}

std::optional<int> Wall::shownFrame(const WallTile& tile) const {
    const auto pictures = pictures_.find(tile.trial);
    if (pictures == pictures_.end() || pictures->second.byFrame.empty())
        return {};
    // The nearest that is here: while pictures are still coming, an earlier one stands in.
    auto found = pictures->second.byFrame.upper_bound(frameAt(tile, phase_));
    if (found != pictures->second.byFrame.begin())
        --found;
    return found->first;
}

QImage Wall::shownPicture(const WallTile& tile) const {
    const auto shown = shownFrame(tile);
    return shown ? pictures_.at(tile.trial).byFrame.at(*shown) : QImage();
}

void Wall::drawTile(QPainter& painter, const WallTile& tile, const QRectF& rect) const {
    const look::Palette& p = look::dark();
    const QColor colour = tile.isModel ? p.model : p.athlete;
    const QRectF picture(rect.topLeft(), QSizeF(rect.width(), rect.height() - kCaption));
    const auto shown = shownFrame(tile);
    const auto head = shown ? tile.heads.find(*shown) : tile.heads.end();
    if (shown && !(facesCovered_ && (head == tile.heads.end() || tile.box.isEmpty()))) {
        QImage small = shownPicture(tile);
        if (facesCovered_) { // made one before it is drawn: a drawing that keeps its layers would keep the face
            const QRectF box = widened(tile.box, static_cast<double>(small.width()) / small.height());
            small = small.convertToFormat(QImage::Format_RGB32);
            QPainter own(&small);
            if (tile.mirrored) {
                own.translate(small.width(), 0);
                own.scale(-1, 1);
            }
            own.scale(small.width() / box.width(), small.height() / box.height());
            own.translate(-box.topLeft());
            drawHeadCover(
                own, head->second, colour, [](QPointF at) { return at + QPointF(.5, .5); }, 1);
        }
        painter.drawImage(picture, small);
    } else
        painter.fillRect(picture, QColor(0x1D, 0x2B, 0x30));
    const bool isChosen = tile.trial == chosen_;
    painter.setPen(QPen(isChosen ? colour : QColor(255, 255, 255, 40), isChosen ? 3 : 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(picture);
    const QFontMetricsF metrics(painter.font());
    const double first = picture.bottom() + metrics.ascent() + 2, second = first + metrics.height() - 1;
    painter.setPen(colour);
    const QString title = blind_ && !tile.isModel ? tile.title.section(QStringLiteral(" · "), 0, 0) : tile.title;
    const QString said = saying_ ? saying_(title) : title;
    painter.drawText(QPointF(rect.left(), first), metrics.elidedText(said, Qt::ElideRight, rect.width()));
    painter.setPen(p.stageText);
    if (tile.isModel && blind_)
        return;
    if (blind_) {
        const QString felt = tile.felt == "right" ? tr("felt right")
                             : tile.felt == "off" ? tr("felt off")
                                                  : tr("how did it feel?");
        painter.drawText(QPointF(rect.left(), second), metrics.elidedText(felt, Qt::ElideRight, rect.width()));
        return;
    }
    double left = rect.left();
    if (tile.sign && !tile.value.isEmpty()) {
        look::drawSign(painter, *tile.sign, {left + 6, second - metrics.ascent() * .36}, 10, p);
        left += 16;
    }
    painter.setPen(p.stageText);
    painter.drawText(QPointF(left, second), metrics.elidedText(tile.value, Qt::ElideRight, rect.right() - left));
}

void Wall::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), look::dark().stage);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setRenderHint(QPainter::Antialiasing);
    if (tiles_.empty()) {
        painter.setPen(look::dark().stageText);
        painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("No repetition has its first and last key event yet: set them in Mark."));
        return;
    }
    for (int i = 0; i < static_cast<int>(tiles_.size()); ++i)
        drawTile(painter, tiles_[static_cast<std::size_t>(i)], tileRect(i));
}

void Wall::mousePressEvent(QMouseEvent* event) {
    if (const int index = tileAt(event->position()); index >= 0)
        emit clicked(QString::fromStdString(tiles_[static_cast<std::size_t>(index)].trial));
}
void Wall::mouseDoubleClickEvent(QMouseEvent* event) {
    if (const int index = tileAt(event->position()); index >= 0)
        emit opened(QString::fromStdString(tiles_[static_cast<std::size_t>(index)].trial));
}

} // namespace riflesso
