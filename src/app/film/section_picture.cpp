#include "app/film/section_picture.h"

#include "app/page.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"
#include "work/camera_setup.h"
#include "work/heard_sounds.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

#include <cmath>

namespace riflesso {
namespace {

constexpr double kMostOfBearing = 89; ///< degrees

QString motionWords(const PictureSetup& picture) {
    if (!picture.motion)
        return picture.camera == CameraHold::Moves
                   ? SectionPicture::tr(
                         "Paths, speeds and lengths over time are refused until its movement is taken out.")
                   : QString();
    return SectionPicture::tr("Taken out in %1 % of the frames; the background meets within %2 px.")
        .arg(words::number(100 * picture.motion->seen, 0), words::number(picture.motion->residualPx, 2));
}

} // namespace

SectionPicture::SectionPicture(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    outer->setSpacing(6);
    fold_ =
        button(tr("Picture, lens, camera…"), "pictureFold",
               tr("Mirrored clips, black bars, a tilted camera, known points, the lens, a camera that moves, sound."));
    fold_->setCheckable(true);
    outer->addWidget(fold_, 0, Qt::AlignLeft);
    inner_ = new QWidget;
    outer->addWidget(inner_);
    inner_->hide();
    connect(fold_, &QPushButton::toggled, inner_, &QWidget::setVisible);
    auto* layout = new QVBoxLayout(inner_);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(5);
    const auto row = [&](std::initializer_list<QWidget*> widgets) {
        auto* line = new QHBoxLayout;
        line->setSpacing(6);
        for (QWidget* each : widgets)
            line->addWidget(each);
        line->addStretch();
        layout->addLayout(line);
    };
    const auto words = [&](const char* name) {
        QLabel* text = label({}, theme::kQuiet);
        text->setObjectName(QLatin1String(name));
        layout->addWidget(text);
        return text;
    };
    const auto check = [&](const QString& text, const char* name, const QString& tip) {
        auto* box = new QCheckBox(text);
        box->setObjectName(QLatin1String(name));
        box->setToolTip(tip);
        box->setFocusPolicy(Qt::TabFocus);
        layout->addWidget(box);
        return box;
    };
    mirrored_ = check(tr("The file is mirrored: turn it"), "mirroredFile",
                      tr("Left stands for right in the file, as front cameras leave it. Marks turn over with it."));
    area_ = button(tr("Part in use…"), "pictureArea", tr("Two corners on the picture: bars outside are left out."));
    wholeArea_ = button(tr("Whole"), "wholePicture", tr("The whole picture is in use."));
    row({area_, wholeArea_});
    areaText_ = words("areaText");
    upright_ = button(tr("Something upright (V)"), "upright",
                      tr("Both ends of a post or a wall's edge: takes the "
                         "camera's roll out."));
    noUpright_ = button(tr("Forget"), "forgetUpright", {});
    row({upright_, noUpright_});
    uprightText_ = words("uprightText");
    plane_ = button(tr("Known points (K)"), "knownPoints",
                    tr("Four corners of a rectangle of known size, or six points, which can be checked."));
    noPlane_ = button(tr("Forget"), "forgetPoints", {});
    row({plane_, noPlane_});
    planeText_ = words("planeText");
    bearing_ = button({}, "takeBearing", tr("From the lines of the floor: how far the camera stands off square."));
    layout->addWidget(bearing_, 0, Qt::AlignLeft);
    lens_ = button(tr("Lens…"), "lens",
                   tr("From a clip of the same camera and zoom in which a chessboard is shown from "
                      "many sides."));
    columns_ = new QSpinBox;
    rows_ = new QSpinBox;
    constexpr int kFewest = 3, kMost = 30;
    for (const auto& [box, name, value, what] : {std::tuple{columns_, "boardColumns", 9, tr("Inner corners across")},
                                                 {rows_, "boardRows", 6, tr("Inner corners down")}}) {
        box->setObjectName(QLatin1String(name));
        box->setRange(kFewest, kMost);
        box->setValue(value);
        box->setAccessibleName(what);
        box->setToolTip(what);
    }
    noLens_ = button(tr("Forget"), "forgetLens", {});
    row({lens_, columns_, label(QStringLiteral("×")), rows_, label(tr("inner corners")), noLens_});
    lensText_ = words("lensText");
    camera_ = new ChoiceBox;
    camera_->setObjectName(QStringLiteral("cameraHold"));
    camera_->setAccessibleName(tr("Does the camera move?"));
    camera_->addItems({tr("camera: not looked at"), tr("camera stands"), tr("camera moves")});
    follow_ = button(tr("Follow it"), "followCamera",
                     tr("Finds how the camera moved from what stands still behind the athlete."));
    row({camera_, follow_});
    cameraText_ = words("cameraText");
    soundReplaced_ = check(tr("Its sound is not of this scene"), "soundReplaced",
                           tr("Music or a comment: no contact is looked for in it."));
    microphone_ = new QDoubleSpinBox;
    microphone_->setObjectName(QStringLiteral("microphone"));
    constexpr double kFarthest = 200;
    microphone_->setRange(0, kFarthest);
    microphone_->setDecimals(1);
    microphone_->setSpecialValueText(tr("not known"));
    microphone_->setSuffix(tr(" m"));
    microphone_->setToolTip(tr("From the athlete to the microphone: sound needs 3 ms a metre."));
    auto* form = new QFormLayout;
    form->addRow(tr("Microphone away"), microphone_);
    layout->addLayout(form);
    listen_ =
        button(tr("Listen for contacts"), "listen",
               tr("Marks sudden sounds on the line under the picture; , and . go from one to the next. On Mark, K "
                  "sets a key event at the sound."));
    layout->addWidget(listen_, 0, Qt::AlignLeft);
    connect(listen_, &QPushButton::clicked, this, &SectionPicture::listen);

    connect(mirrored_, &QCheckBox::clicked, this, [this] {
        if (const Clip* shown = clip()) {
            const int width = shown->width;
            change(tr("Turn the picture left for right"), [width](Section& s) { s = turnedOver(s, width); });
        }
    });
    const auto ask = [this](QPushButton* from, PictureBar::Work work) {
        connect(from, &QPushButton::clicked, this, [this, work] { emit asked(work); });
    };
    ask(area_, PictureBar::Work::Area);
    ask(upright_, PictureBar::Work::Upright);
    ask(plane_, PictureBar::Work::Plane);
    connect(wholeArea_, &QPushButton::clicked, this,
            [this] { change(tr("The whole picture is in use"), [](Section& s) { s.picture.area.reset(); }); });
    connect(noUpright_, &QPushButton::clicked, this,
            [this] { change(tr("Forget what stood upright"), [](Section& s) { s.picture.vertical.reset(); }); });
    connect(noPlane_, &QPushButton::clicked, this,
            [this] { change(tr("Forget the known points"), [](Section& s) { s.picture.plane.reset(); }); });
    connect(noLens_, &QPushButton::clicked, this,
            [this] { change(tr("Forget the lens"), [](Section& s) { s.picture.lens.reset(); }); });
    connect(bearing_, &QPushButton::clicked, this, [this] {
        const double degrees = bearing_->property("degrees").toDouble();
        change(tr("Camera off by %1°").arg(words::number(degrees, 0)),
               [degrees](Section& s) { s.bearingDeg = std::min(degrees, kMostOfBearing); });
    });
    connect(camera_, &QComboBox::activated, this, [this](int index) {
        change(tr("Whether the camera moves"), [index](Section& s) {
            s.picture.camera = static_cast<CameraHold>(index);
            if (s.picture.camera != CameraHold::Moves)
                s.picture.motion.reset();
        });
    });
    connect(follow_, &QPushButton::clicked, this, &SectionPicture::followCamera);
    connect(soundReplaced_, &QCheckBox::clicked, this,
            [this](bool on) { change(tr("Whose sound it is"), [on](Section& s) { s.picture.soundReplaced = on; }); });
    connect(microphone_, &QDoubleSpinBox::editingFinished, this, [this] {
        const double metres = microphone_->value();
        if (const Section* part = section(); part && std::abs(part->picture.microphoneM.value_or(0) - metres) > 0.04)
            change(tr("Distance of the microphone"),
                   [metres](Section& s) { s.picture.microphoneM = metres > 0 ? std::optional(metres) : std::nullopt; });
    });
    connect(lens_, &QPushButton::clicked, this, [this] {
        auto* dialog = new QFileDialog(this, tr("Clip of a chessboard"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setFileMode(QFileDialog::ExistingFile);
        dialog->setOption(QFileDialog::DontUseNativeDialog);
        connect(dialog, &QFileDialog::fileSelected, this, &SectionPicture::lensFrom);
        dialog->open();
    });
}

QPushButton* SectionPicture::button(const QString& text, const char* name, const QString& tip) {
    auto* made = new QPushButton(text);
    made->setObjectName(QLatin1String(name));
    made->setToolTip(tip);
    made->setFocusPolicy(Qt::TabFocus);
    made->setStyleSheet(QStringLiteral("padding: 2px 8px;"));
    return made;
}

const Clip* SectionPicture::clip() const { return workspace_.hasCase() ? workspace_.data().clip(clip_) : nullptr; }

const Section* SectionPicture::section() const {
    if (const Clip* shown = clip())
        for (const Section& entry : shown->sections)
            if (entry.id == section_)
                return &entry;
    return nullptr;
}

void SectionPicture::change(const QString& name, const std::function<void(Section&)>& work) {
    const Section* part = section();
    if (!part || filling_)
        return;
    Section changed = *part;
    changed.repetitions.clear();
    work(changed);
    workspace_.apply(name, [changed](Edit& edit) { return edit.setSection(changed); });
}

void SectionPicture::unfold() { fold_->setChecked(true); }

void SectionPicture::keepUpright(const PlumbLine& line) {
    change(tr("Something upright"), [line](Section& s) { s.picture.vertical = line; });
}

void SectionPicture::keepPlane(const PlanePoints& plane) {
    change(tr("Known points"), [plane](Section& s) { s.picture.plane = plane; });
}

void SectionPicture::keepArea(const PictureArea& area) {
    change(tr("Part of the picture in use"), [area](Section& s) { s.picture.area = area; });
}

void SectionPicture::show(const Clip* shown, const Section* part) {
    clip_ = shown ? shown->id : ClipId{};
    section_ = part ? part->id : SectionId{};
    setEnabled(part != nullptr);
    if (!part || !shown)
        return;
    const bool before = std::exchange(filling_, true);
    const PictureSetup& picture = part->picture;
    const double sigma = settings::markSigmaPx(shown->height);
    mirrored_->setChecked(picture.mirrored);
    const auto say = [](QLabel* text, QPushButton* forget, const QString& words) {
        text->setText(words);
        text->setVisible(!words.isEmpty());
        forget->setVisible(!words.isEmpty());
    };
    say(areaText_, wholeArea_,
        picture.area ? tr("%1 × %2 pixels at %3, %4")
                           .arg(picture.area->width)
                           .arg(picture.area->height)
                           .arg(picture.area->left)
                           .arg(picture.area->top)
                     : QString());
    say(uprightText_, noUpright_,
        picture.vertical ? tr("The camera is %1.").arg(rollWords(*picture.vertical, sigma)) : QString());
    QString plane;
    std::optional<double> bearing;
    if (picture.plane) {
        plane = (picture.plane->of == PlaneOf::Floor ? tr("Floor: %1.") : tr("Plane of movement: %1."))
                    .arg(planeWords(*picture.plane));
        if (const VenueRectangle* venue = venueRectangle(picture.plane->venue))
            plane += QStringLiteral(" ") + words::text(venue->title) + QStringLiteral(", ") +
                     words::text(venue->source) + QStringLiteral(".");
        if (picture.plane->of == PlaneOf::Floor)
            if (const auto solved = Plane::solve(picture.plane->points, PlaneOf::Floor))
                bearing = bearingOnFloor(*solved, shown->width, shown->height);
    }
    say(planeText_, noPlane_, plane);
    const bool offer =
        bearing && *bearing <= kMostOfBearing && std::abs(part->bearingDeg.value_or(-1) - std::round(*bearing)) > .5;
    bearing_->setVisible(offer);
    if (offer) {
        bearing_->setText(tr("Camera is %1° off: take it").arg(words::number(*bearing, 0)));
        bearing_->setProperty("degrees", std::round(*bearing));
    }
    say(lensText_, noLens_,
        picture.lens ? tr("The lens is taken out; its chessboards meet within %1 px (RMS).")
                           .arg(words::number(picture.lensResidualPx, 2))
                     : QString());
    camera_->setCurrentIndex(static_cast<int>(picture.camera));
    const QString moved = motionWords(picture);
    cameraText_->setText(moved);
    cameraText_->setVisible(!moved.isEmpty());
    soundReplaced_->setChecked(picture.soundReplaced);
    microphone_->setValue(picture.microphoneM.value_or(0));
    QStringList said;
    if (picture.mirrored)
        said << tr("mirrored");
    if (picture.area)
        said << tr("part in use");
    if (picture.vertical)
        said << tr("upright");
    if (picture.plane)
        said << tr("known points");
    if (picture.lens)
        said << tr("lens");
    if (picture.camera == CameraHold::Moves)
        said << (picture.motion ? tr("camera followed") : tr("camera moves"));
    fold_->setText(said.isEmpty() ? tr("Picture, lens, camera…")
                                  : tr("Picture: %1").arg(said.join(QStringLiteral(", "))));
    filling_ = before;
}

void SectionPicture::lensFrom(const QString& file) {
    const Clip* shown = clip();
    if (!shown)
        return;
    const ClipId id = shown->id;
    const BoardSize board{columns_->value(), rows_->value()};
    workspace_.start<LensFit>(
        tr("Finding the lens"), this, workspace_.ofClip(id).newest(QStringLiteral("lens")),
        [clip = *shown, file = file.toStdString(), board](JobControl& control) {
            return lensFor(clip, file, board, [&](double share) { return control.goOn(share); });
        },
        [this, id](const Result<LensFit>& fit) {
            if (!fit) {
                if (fit.error().kind != Error::Kind::Cancelled)
                    workspace_.say(tr("No lens was found. %1").arg(words::text(fit.error().sentence())), true);
                return;
            }
            const Clip* now = workspace_.data().clip(id);
            if (!now)
                return;
            workspace_.apply(tr("Lens of the camera"), [&](Edit& edit) { return keepLens(edit, *now, *fit); });
            workspace_.say(
                tr("Lens found from %1: focal length %2 px, within %3 px (RMS).")
                    .arg(words::counted(static_cast<std::size_t>(fit->boards), tr("chessboard"), tr("chessboards")))
                    .arg(words::number(fit->lens.focalX, 0), words::number(fit->residualPx, 2)));
        });
}

void SectionPicture::listen() {
    const Clip* shown = clip();
    const Section* part = section();
    if (!shown || !part || shown->missing)
        return;
    const ClipId id = shown->id;
    const Clip copy = *shown;
    const Section own = *part;
    workspace_.start<std::vector<HeardSound>>(
        tr("Listening to %1").arg(shown->title), this, workspace_.ofClip(id).newest(QStringLiteral("sounds")),
        [copy, own](JobControl& control) {
            return heardSounds(copy, own, own.from, own.to, [&](double share) { return control.goOn(share); });
        },
        [this, id](const Result<std::vector<HeardSound>>& sounds) {
            if (!sounds) {
                if (sounds.error().kind != Error::Kind::Cancelled)
                    workspace_.say(words::text(sounds.error().sentence()), true);
                return;
            }
            std::vector<double> frames;
            for (const HeardSound& sound : *sounds)
                frames.push_back(sound.frame);
            if (id == clip_)
                emit heard(frames);
            workspace_.say(frames.empty()
                               ? tr("No sudden sound was found.")
                               : tr("%1 found; , and . go from one to the next.")
                                     .arg(words::counted(frames.size(), tr("sudden sound"), tr("sudden sounds"))));
        });
}

void SectionPicture::followCamera() {
    const Clip* shown = clip();
    const Section* part = section();
    if (!shown || !part || shown->missing)
        return;
    const SectionId id = part->id;
    const ClipId clipId = shown->id;
    const int height = shown->height;
    workspace_.start<FollowedCamera>(
        tr("Following the camera of %1").arg(shown->title), this,
        workspace_.ofClip(clipId).newest(QStringLiteral("camera %1").arg(id.value)),
        [clip = *shown, own = *part](JobControl& control) {
            return followCameraOf(clip, own, [&](double share) { return control.goOn(share); });
        },
        [this, id, clipId, height, own = *part](const Result<FollowedCamera>& followed) {
            if (!followed) {
                if (followed.error().kind != Error::Kind::Cancelled)
                    workspace_.say(words::text(followed.error().sentence()), true);
                return;
            }
            const Section* now = sectionOf(workspace_.data(), id);
            if (!now || !sameFrames(own, *now)) {
                workspace_.say(tr("The section was changed meanwhile: follow its camera again."));
                return;
            }
            Section changed = *now;
            changed.repetitions.clear();
            const CameraFound found = keepCamera(changed.picture, *followed, height);
            const QString name = found == CameraFound::Stands          ? tr("The camera stands")
                                 : found == CameraFound::TooLittleSeen ? tr("The camera moves")
                                                                       : tr("Take the camera's movement out");
            if (!workspace_.apply(name, [&](Edit& edit) { return edit.setSection(changed); }))
                return;
            if (found == CameraFound::Stands)
                workspace_.say(tr("The camera stands: the background wanders by %1 px at most.")
                                   .arg(words::number(followed->farthestPx, 1)));
            else if (found == CameraFound::TooLittleSeen)
                workspace_.say(tr("The camera moves, and too little of the background could be followed (%1 % of the "
                                  "frames). Film from a stand, or with more to see behind the athlete.")
                                   .arg(words::number(100 * followed->motion.seen, 0)),
                               true);
            else
                workspace_.say(
                    tr("The camera's movement, up to %1 px, is taken out: the background meets within %2 px.")
                        .arg(words::number(followed->farthestPx, 0), words::number(followed->motion.residualPx, 2)));
        });
}

} // namespace riflesso
