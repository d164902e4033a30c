#pragma once
// A film before it is written: played, its parts put in order, left out, their sentence said otherwise.

#include "app/walk/spoken_again.h"
#include "app/widgets/sound_player.h"
#include "app/workspace.h"
#include "takehome/film_painter.h"
#include "takehome/others_covered.h"
#include "takehome/seen_heads.h"
#include "takehome/walk_cut.h"

#include <QElapsedTimer>
#include <QImage>
#include <QTimer>
#include <QWidget>

#include <functional>

class QLabel;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;
class QPushButton;
class QSlider;

namespace riflesso {

/// One picture, as large as there is room.
class FilmView : public QWidget {
    Q_OBJECT
public:
    using QWidget::QWidget;
    void setPicture(QImage image) {
        image_ = std::move(image);
        update();
    }
    [[nodiscard]] const QImage& picture() const { return image_; }
    /// While on, dragging draws a box, which boxDrawn tells once: in parts of the picture's width and height.
    void setBoxing(bool on);
    [[nodiscard]] bool boxing() const { return boxing_; }
    [[nodiscard]] QSize sizeHint() const override { return {640, 360}; }

signals:
    void boxDrawn(const QRectF& shares);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    [[nodiscard]] QRectF where() const;
    QImage image_;
    bool boxing_ = false;
    std::optional<QPointF> from_, to_;
};

class FilmPanel : public QWidget {
    Q_OBJECT
public:
    FilmPanel(Workspace& workspace, QWidget* parent);
    /// The film as it was made. What was changed by hand stays where the same is made again; else it goes.
    void setFilm(Film film);
    /// Who is covered and which words are left out, in what is shown and in film().
    void setWish(const FaceWish& faces, const QStringList& hiddenNames, const SeenHeads& heads,
                 const OthersSeen& others);
    /// Of a walk-through: each gesture at its parts is told to `keep`, which gives the film anew; what is said again is
    /// recorded into the walk-through.
    void setKept(std::function<void(const PartEdit&)> keep, std::function<QString()> nextAgain);
    /// As it will be written.
    [[nodiscard]] const Film& film() const { return *shown_; }
    [[nodiscard]] int picture() const { return at_; }
    /// With a button that asks twice and then to remove it for good.
    void setRemovable(bool removable);

public slots:
    void playOrPause();
    void step(int pictures);
    void goTo(int picture);
    /// To the picture of a part in which it holds what is measured, else to the part's first.
    void goToPart(int index);
    void stop();
    /// The part that is seen in two, at the picture that is seen; of a walk-through.
    void cutHere();
    /// To the frame that is seen, on Mark; the film stays where it is.
    void lookThere();

signals:
    void edited();
    void removeAsked();
    /// The athlete's picture that is seen is to be looked at by itself.
    void leaveFor(const QString& clipPath, int frame);
    /// Somebody else is to be hidden in a frame of a clip, pixels of its file; a null box: nobody is there any more.
    void coverDrawn(const QString& clipPath, int frame, const QRectF& box);

protected:
    void resizeEvent(QResizeEvent*) override;
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

private:
    void rebuild();
    void showParts();
    void showSaid();
    QWidget* buildPartRow();
    void connectParts();
    void edit(const PartEdit& edit);
    void keepWords();
    void sayAgain();
    void cover(const QRectF& shares);
    [[nodiscard]] const FilmPart* part() const; ///< the chosen one
    [[nodiscard]] int firstOf(int index) const; ///< its first picture in what is shown
    void paintPicture();
    void tick();
    void move(int by);
    void hear();

    Workspace& workspace_;
    Film made_; ///< as it was made
    Film film_; ///< with the words and the order of the parts as they were edited
    std::shared_ptr<const Film> shown_ = std::make_shared<const Film>();
    FaceWish faces_;
    QStringList hiddenNames_;
    SeenHeads heads_;
    OthersSeen others_;
    std::function<void(const PartEdit&)> keep_;
    std::function<QString()> nextAgain_;
    std::vector<PaintedStage> placed_; ///< of the picture that is seen
    PictureSource source_;
    FilmView* view_;
    QPushButton *play_, *up_, *down_, *remove_, *cutHere_, *again_, *asFirstSaid_, *coverOther_, *gone_, *there_;
    QLineEdit* name_;
    SpokenAgain spokenAgain_;
    QTimer wordsWait_;
    QString againPath_, heard_;
    int wordsOf_ = -1; ///< the part whose words wait to be kept
    QSlider* slider_;
    QLabel* time_;
    QListWidget* parts_;
    QPlainTextEdit* said_;
    QTimer ticks_;
    QElapsedTimer clock_;
    SoundPlayer sound_;
    QElapsedTimer soundClock_;
    double soundS_ = -1; ///< where the voice is that is heard; negative: none
    int at_ = 0, playedFrom_ = 0, asked_ = 0;
    bool painting_ = false, filling_ = false, askedTwice_ = false;
};

} // namespace riflesso
