#pragma once
// A film before it is written: played, its parts put in order, left out, their sentence said otherwise.

#include "app/widgets/sound_player.h"
#include "app/workspace.h"
#include "takehome/film.h"
#include "takehome/seen_heads.h"

#include <QElapsedTimer>
#include <QImage>
#include <QTimer>
#include <QWidget>

class QLabel;
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
    [[nodiscard]] QSize sizeHint() const override { return {640, 360}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QImage image_;
};

class FilmPanel : public QWidget {
    Q_OBJECT
public:
    FilmPanel(Workspace& workspace, QWidget* parent);
    /// The film as it was made. What was changed by hand stays where the same is made again; else it goes.
    void setFilm(Film film);
    /// Who is covered and which words are left out, in what is shown and in film().
    void setWish(const FaceWish& faces, const QStringList& hiddenNames, const SeenHeads& heads);
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

signals:
    void edited();
    void removeAsked();

protected:
    void resizeEvent(QResizeEvent*) override;
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

private:
    void rebuild();
    void showParts();
    void showSaid();
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
    PictureSource source_;
    FilmView* view_;
    QPushButton *play_, *up_, *down_, *remove_;
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
