#include "app/picture_out.h"

#include "app/film/clip_timeline.h"
#include "app/findings/cause_map.h"
#include "app/mirror/wall.h"
#include "app/plan/week_view.h"
#include "app/practice/share_bar.h"
#include "app/progress/run_chart_view.h"
#include "app/widgets/curve_plot.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/group_rulers.h"
#include "app/widgets/stage_view.h"
#include "app/widgets/time_strip.h"
#include "app/widgets/waterline.h"
#include "report/names_left_out.h"
#include "report/words.h"

#include <QApplication>
#include <QClipboard>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QLabel>
#include <QMenu>
#include <QPainter>
#include <QSaveFile>
#include <QStandardPaths>
#include <QSvgGenerator>

#include <cmath>

namespace riflesso {
namespace {

template <class... Views> bool isOneOf(const QWidget* widget) {
    return (... || (qobject_cast<const Views*>(widget) != nullptr));
}

/// The view itself, where it is one, and all in it.
template <class View> QList<View*> allOf(QWidget& view) {
    QList<View*> out = view.findChildren<View*>();
    if (auto* itself = qobject_cast<View*>(&view))
        out << itself;
    return out;
}

/// While it lives, nothing in the view shows a face that is known, or a picture whose face is not.
class Faceless {
public:
    Faceless(QWidget& view, bool asked) {
        if (!asked)
            return;
        stages_ = allOf<StageView>(view);
        walls_ = allOf<Wall>(view);
        strips_ = allOf<ClipTimeline>(view);
        set(true);
        for (auto* label : allOf<QLabel>(view))
            if (const QPixmap pixmap = label->pixmap(); !pixmap.isNull()) {
                labels_.emplace_back(label, pixmap);
                QPixmap bare(pixmap.size());
                bare.fill(look::dark().stage);
                label->setPixmap(bare);
            }
    }
    ~Faceless() {
        set(false);
        for (const auto& [label, pixmap] : labels_)
            label->setPixmap(pixmap);
    }
    Faceless(const Faceless&) = delete;
    Faceless& operator=(const Faceless&) = delete;

private:
    void set(bool on) {
        for (StageView* stage : stages_)
            stage->setFacesCovered(on);
        for (Wall* wall : walls_)
            wall->setFacesCovered(on);
        for (ClipTimeline* strip : strips_)
            strip->setPicturesHidden(on);
    }
    QList<StageView*> stages_;
    QList<Wall*> walls_;
    QList<ClipTimeline*> strips_;
    std::vector<std::pair<QLabel*, QPixmap>> labels_;
};

/// While it lives, nothing in the view says a name.
class Nameless {
public:
    Nameless(QWidget& view, const QStringList& names) {
        if (names.isEmpty())
            return;
        for (auto* label : view.findChildren<QLabel*>())
            if (const QString bare = withoutNames(label->text(), names); bare != label->text()) {
                labels_.emplace_back(label, label->text());
                label->setText(bare);
            }
        for (Wall* wall : allOf<Wall>(view)) {
            walls_.push_back(wall);
            wall->setSaying([names](const QString& title) { return withoutNames(title, names); });
        }
        for (auto* stage : allOf<StageView>(view)) {
            stages_.emplace_back(stage, stage->caption());
            stage->setCaptionWords(withoutNames(stage->caption(), names));
        }
    }
    ~Nameless() {
        for (const auto& [label, text] : labels_)
            label->setText(text);
        for (const auto& [stage, caption] : stages_)
            stage->setCaptionWords(caption);
        for (Wall* wall : walls_)
            wall->setSaying({});
    }
    Nameless(const Nameless&) = delete;
    Nameless& operator=(const Nameless&) = delete;

private:
    std::vector<std::pair<QLabel*, QString>> labels_;
    std::vector<std::pair<StageView*, QString>> stages_;
    std::vector<Wall*> walls_;
};

void draw(QPaintDevice& device, QWidget& view, double scale) {
    QPainter painter(&device);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::TextAntialiasing | QPainter::SmoothPixmapTransform);
    painter.scale(scale, scale);
    view.render(&painter);
}

} // namespace

QWidget* pictureView(QWidget* widget) {
    for (; widget; widget = widget->parentWidget())
        if (isOneOf<StageView, DeviationRuler, GroupRulers, CurvePlot, Waterline, CauseMap, Wall, WeekView,
                    RunChartView, TimeStrip, ClipTimeline, ShareBar>(widget))
            return widget;
    return nullptr;
}

QImage pictureOf(QWidget& view, const PictureWish& wish) {
    const Nameless nameless(view, wish.hiddenNames);
    const Faceless faceless(view, wish.facesCovered);
    const double scale = static_cast<double>(wish.widthPx) / std::max(1, view.width());
    QImage image(wish.widthPx, std::max(1, static_cast<int>(std::lround(view.height() * scale))), QImage::Format_RGB32);
    image.fill(view.palette().color(QPalette::Window));
    draw(image, view, scale);
    return image;
}

Result<void> writePicture(QWidget& view, const PictureWish& wish, const QString& path) {
    const QString ending = QFileInfo(path).suffix().toLower();
    if (ending != QLatin1String("svg") && ending != QLatin1String("png"))
        return badInput(path.toStdString(), "a file that ends in .png or .svg", ending.toStdString());
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly))
        return fault(path.toStdString(), file.errorString().toStdString());
    if (ending == QLatin1String("png")) {
        if (!pictureOf(view, wish).save(&file, "PNG"))
            return fault(path.toStdString(), "the picture could not be written");
    } else {
        const Nameless nameless(view, wish.hiddenNames);
        const Faceless faceless(view, wish.facesCovered);
        const double scale = static_cast<double>(wish.widthPx) / std::max(1, view.width());
        const QSizeF size = QSizeF(view.size()) * scale;
        QSvgGenerator svg;
        svg.setOutputDevice(&file);
        svg.setSize(size.toSize());
        svg.setViewBox(QRectF(QPointF(0, 0), size));
        draw(svg, view, scale);
    }
    if (!file.commit())
        return fault(path.toStdString(), file.errorString().toStdString());
    return {};
}

PictureMenu::PictureMenu(Workspace& workspace, QWidget* window)
    : QObject(window), workspace_(workspace), window_(window) {}

PictureWish PictureMenu::wishFor(const QWidget& view, bool whole) const {
    constexpr int kFiner = 2;
    return {kFiner * view.width(), whole || !workspace_.hasCase() ? QStringList() : namesIn(workspace_.data()), !whole};
}

void PictureMenu::fill(QMenu& menu, QWidget* under, QWidget* page) {
    const auto add = [&](QWidget* view, const QString& copyText, const QString& copyBare, const QString& saveText) {
        menu.addAction(copyText, this, [this, view] { copy(*view, true); });
        menu.addAction(copyBare, this, [this, view] { copy(*view, false); });
        menu.addAction(saveText, this, [this, view] { save(*view, true); });
        menu.addAction(saveText.chopped(1) + tr(" without names and faces…"), this,
                       [this, view] { save(*view, false); });
    };
    if (QWidget* view = pictureView(under)) {
        add(view, tr("Copy this view as a picture"), tr("Copy this view without names and faces"),
            tr("Save this view as a picture…"));
        menu.addSeparator();
    }
    if (page)
        add(page, tr("Copy the page as a picture"), tr("Copy the page without names and faces"),
            tr("Save the page as a picture…"));
}

void PictureMenu::copy(QWidget& view, bool whole) {
    const QImage image = pictureOf(view, wishFor(view, whole));
    QApplication::clipboard()->setImage(image);
    workspace_.say(tr("The picture is in the clipboard: %1 × %2 pixels.").arg(image.width()).arg(image.height()) +
                   othersWords(whole));
}

QString PictureMenu::othersWords(bool whole) {
    return whole ? QString()
                 : QStringLiteral(" ") + tr("The face of who is marked is hidden: see whether others are in it.");
}

void PictureMenu::save(QWidget& view, bool whole) {
    PictureWish wish = wishFor(view, whole);
    bool given = false;
    constexpr int kNarrowest = 16, kWidest = 20000;
    wish.widthPx = QInputDialog::getInt(window_, tr("Picture"), tr("Width in pixels"), wish.widthPx, kNarrowest,
                                        kWidest, 1, &given);
    if (!given)
        return;
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::PicturesLocation);
    const QString path = QFileDialog::getSaveFileName(
        window_, tr("Save the picture"), folder + QStringLiteral("/riflesso.png"), tr("Pictures (*.png *.svg)"));
    if (path.isEmpty())
        return;
    const auto done = writePicture(view, wish, path);
    workspace_.say(done ? tr("Written: %1.").arg(path) + othersWords(whole) : words::text(done.error().sentence()),
                   !done);
}

} // namespace riflesso
