#include "app/film/picture_bar.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr std::size_t kFewestPoints = 4;

std::string nameOf(std::size_t i) { return "point " + std::to_string(i + 1); }

} // namespace

QString planeWords(const PlanePoints& plane) {
    const auto solved = Plane::solve(plane.points, plane.of);
    if (!solved)
        return PictureBar::tr("does not fit: expected %1, got %2")
            .arg(words::text(solved.error().expected), words::text(solved.error().got));
    const auto residual = solved->residualM();
    return residual ? PictureBar::tr("%1 points fit within %2 mm (RMS)")
                          .arg(plane.points.size())
                          .arg(words::number(1000 * *residual, 1))
                    : PictureBar::tr("from four points: no check possible");
}

QString rollWords(const PlumbLine& line, double sigmaPx) {
    const auto roll = rollDeg(line);
    if (!roll)
        return PictureBar::tr("lies closer to level than to upright");
    return PictureBar::tr("rolled by %1° ± %2°")
        .arg(words::number(*roll, 1), words::number(2 * rollU(line, sigmaPx), 1));
}

PictureBar::PictureBar(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 6, 14, 6);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    auto* rest = new QHBoxLayout;
    rest->setSpacing(8);
    column->addLayout(top);
    column->addLayout(rest);
    text_ = label({});
    text_->setObjectName(QStringLiteral("pictureBarText"));
    top->addWidget(text_, 1);
    rectangle_ = new ChoiceBox;
    rectangle_->setObjectName(QStringLiteral("rectangle"));
    rectangle_->setAccessibleName(tr("What lies there"));
    rectangle_->addItem(tr("A rectangle I measured"), QString());
    for (const VenueRectangle& each : venueRectangles()) {
        rectangle_->addItem(words::text(each.title), words::text(each.id));
        rectangle_->setItemData(rectangle_->count() - 1, words::text(each.source), Qt::ToolTipRole);
    }
    lies_ = new ChoiceBox;
    lies_->setObjectName(QStringLiteral("planeOf"));
    lies_->setAccessibleName(tr("Which plane"));
    lies_->addItems({tr("on the floor"), tr("in the plane of movement")});
    lies_->setToolTip(tr("On the floor it serves only points that touch the floor. In the plane of movement it serves "
                         "all angles and lengths."));
    const auto metres = [&](const char* name, const QString& words, double value) {
        auto* box = new QDoubleSpinBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(words);
        box->setToolTip(words);
        constexpr double kShortest = .05, kLongest = 500;
        box->setRange(kShortest, kLongest);
        box->setDecimals(3);
        box->setSuffix(tr(" m"));
        box->setValue(value);
        box->setFixedWidth(96);
        return box;
    };
    along_ = metres("alongM", tr("Across the picture, left to right"), 2);
    across_ = metres("acrossM", tr("Away from the camera, or up"), 1);
    turned_ = new QCheckBox(tr("short side to the camera"));
    turned_->setObjectName(QStringLiteral("turnedRectangle"));
    pass_ = new QPushButton(tr("Cannot be seen"));
    pass_->setObjectName(QStringLiteral("passPoint"));
    keep_ = new QPushButton(tr("Keep"));
    keep_->setObjectName(QStringLiteral("keepPicture"));
    keep_->setProperty("role", "main");
    leave_ = new QPushButton(tr("Done (Esc)"));
    leave_->setObjectName(QStringLiteral("leavePicture"));
    for (QWidget* each : std::initializer_list<QWidget*>{rectangle_, lies_, along_, across_, turned_})
        rest->addWidget(each);
    rest->addStretch();
    for (QWidget* each : std::initializer_list<QWidget*>{pass_, keep_, leave_})
        top->addWidget(each);
    for (QWidget* each : std::initializer_list<QWidget*>{rectangle_, lies_, turned_, pass_, keep_, leave_})
        each->setFocusPolicy(Qt::TabFocus);
    connect(rectangle_, &QComboBox::activated, this, &PictureBar::chooseRectangle);
    connect(turned_, &QCheckBox::clicked, this, &PictureBar::chooseRectangle);
    connect(lies_, &QComboBox::activated, this, &PictureBar::showState);
    for (QDoubleSpinBox* box : {along_, across_})
        connect(box, &QDoubleSpinBox::valueChanged, this, &PictureBar::showState);
    connect(pass_, &QPushButton::clicked, this, &PictureBar::passOver);
    connect(keep_, &QPushButton::clicked, this, &PictureBar::keep);
    connect(leave_, &QPushButton::clicked, this, &PictureBar::leave);
    hide();
}

void PictureBar::start(Work work) {
    active_ = true;
    work_ = work;
    points_.clear();
    show();
    showState();
}

void PictureBar::leave() {
    if (!active_)
        return;
    active_ = false;
    hide();
    emit left();
}

void PictureBar::setPicture(int frame, const QSize& size, double sigmaPx) {
    if (frame != frame_ && active_ && work_ != Work::Area && !points_.empty())
        points_.clear(); // points of one plane, or one line, are seen in one frame
    frame_ = frame;
    size_ = size;
    sigmaPx_ = sigmaPx;
    if (active_)
        showState();
}

PlaneOf PictureBar::planeOf() const { return lies_->currentIndex() == 0 ? PlaneOf::Floor : PlaneOf::Movement; }

std::vector<AskedPoint> PictureBar::wanted() const {
    switch (work_) {
    case Work::Upright:
        return {{"lower end of something upright", 0, 0}, {"upper end", 0, 0}};
    case Work::Area:
        return {{"one corner of the part in use", 0, 0}, {"opposite corner", 0, 0}};
    case Work::Plane:
        break;
    }
    return pointsOfRectangle(planeOf(), along_->value(), across_->value());
}

QString PictureBar::asked() const {
    const auto all = wanted();
    return points_.size() < all.size() ? tr("click the %1").arg(words::text(all[points_.size()].words))
                                       : tr("keep it, or drag a point");
}

void PictureBar::chooseRectangle() {
    if (const VenueRectangle* known = venueRectangle(rectangle_->currentData().toString().toStdString())) {
        const bool turned = turned_->isChecked();
        along_->setValue(turned ? known->shortM : known->longM);
        across_->setValue(turned ? known->longM : known->shortM);
    }
    showState();
}

void PictureBar::click(QPointF pixel) {
    if (points_.size() >= wanted().size())
        points_.clear(); // another one begins
    points_.emplace_back(pixel);
    showState();
    emit changed();
}

void PictureBar::passOver() {
    points_.emplace_back();
    showState();
    emit changed();
}

void PictureBar::move(const QString& point, QPointF pixel) {
    for (std::size_t i = 0; i < points_.size(); ++i)
        if (points_[i] && nameOf(i) == point.toStdString())
            points_[i] = pixel;
    showState();
    emit changed();
}

std::vector<StageFigure> PictureBar::figures() const {
    StageFigure figure;
    figure.colour = look::dark().stageText;
    for (std::size_t i = 0; i < points_.size(); ++i)
        if (points_[i])
            figure.marks[nameOf(i)] = *points_[i];
    const auto joined = [&](std::size_t a, std::size_t b) {
        if (figure.marks.contains(nameOf(a)) && figure.marks.contains(nameOf(b)))
            figure.lines.emplace_back(nameOf(a), nameOf(b));
    };
    if (work_ == Work::Upright)
        joined(0, 1);
    if (work_ == Work::Plane)
        for (std::size_t i = 0; i < kFewestPoints; ++i)
            joined(i, (i + 1) % kFewestPoints);
    std::vector<StageFigure> out{figure};
    if (const auto box = area(); work_ == Work::Area && box) {
        StageFigure frame;
        frame.colour = look::dark().stageText;
        frame.dots = false;
        const double x0 = box->left - .5, y0 = box->top - .5, x1 = x0 + box->width, y1 = y0 + box->height;
        frame.marks = {{"a", {x0, y0}}, {"b", {x1, y0}}, {"c", {x1, y1}}, {"d", {x0, y1}}};
        frame.lines = {{"a", "b"}, {"b", "c"}, {"c", "d"}, {"d", "a"}};
        out.push_back(frame);
    }
    return out;
}

std::optional<PlumbLine> PictureBar::line() const {
    if (points_.size() < 2 || !points_[0] || !points_[1])
        return {};
    const PlumbLine made{frame_, {points_[0]->x(), points_[0]->y()}, {points_[1]->x(), points_[1]->y()}};
    return made;
}

PlanePoints PictureBar::plane() const {
    PlanePoints out;
    out.frame = frame_;
    out.of = planeOf();
    out.venue = rectangle_->currentData().toString().toStdString();
    const auto all = wanted();
    for (std::size_t i = 0; i < points_.size() && i < all.size(); ++i)
        if (points_[i])
            out.points.push_back({{points_[i]->x(), points_[i]->y()}, all[i].xM, all[i].yM, sigmaPx_});
    return out;
}

std::optional<PictureArea> PictureBar::area() const {
    if (points_.size() < 2 || !points_[0] || !points_[1])
        return {};
    const auto within = [](double v, int most) {
        return static_cast<int>(std::lround(std::clamp(v, 0.0, most - 1.0)));
    };
    const int x0 = within(std::min(points_[0]->x(), points_[1]->x()), size_.width()),
              x1 = within(std::max(points_[0]->x(), points_[1]->x()), size_.width()),
              y0 = within(std::min(points_[0]->y(), points_[1]->y()), size_.height()),
              y1 = within(std::max(points_[0]->y(), points_[1]->y()), size_.height());
    constexpr int kSmallest = 16;
    if (x1 - x0 < kSmallest || y1 - y0 < kSmallest)
        return {};
    return PictureArea{x0, y0, x1 - x0 + 1, y1 - y0 + 1};
}

void PictureBar::showState() {
    const bool rectangle = work_ == Work::Plane;
    for (QWidget* each : std::initializer_list<QWidget*>{rectangle_, lies_, along_, across_})
        each->setVisible(rectangle);
    const bool preset = !rectangle_->currentData().toString().isEmpty();
    turned_->setVisible(rectangle && preset);
    along_->setReadOnly(preset);
    across_->setReadOnly(preset);
    const auto all = wanted();
    const auto seen = static_cast<std::size_t>(
        std::count_if(points_.begin(), points_.end(), [](const auto& p) { return p.has_value(); }));
    pass_->setVisible(rectangle && points_.size() < all.size());
    QString state;
    bool good = false;
    if (rectangle && seen >= kFewestPoints) {
        const PlanePoints made = plane();
        state = planeWords(made);
        good = Plane::solve(made.points, made.of).ok();
    } else if (work_ == Work::Upright && line()) {
        state = tr("the camera is %1").arg(rollWords(*line(), sigmaPx_));
        good = rollDeg(*line()).has_value();
    } else if (work_ == Work::Area && points_.size() == 2) {
        const auto made = area();
        good = made.has_value();
        state = made ? tr("%1 × %2 pixels").arg(made->width).arg(made->height) : tr("that is too small");
    }
    QString text = points_.size() < all.size() ? tr("Click the %1 (%2 of %3).")
                                                     .arg(words::text(all[points_.size()].words))
                                                     .arg(points_.size() + 1)
                                                     .arg(all.size())
                                               : tr("Points can be dragged.");
    if (!state.isEmpty())
        text = state.left(1).toUpper() + state.mid(1) + QStringLiteral(". ") + text;
    text_->setText(text);
    keep_->setVisible(good);
}

void PictureBar::keep() {
    if (work_ == Work::Upright && line())
        emit uprightKept(*line());
    else if (work_ == Work::Plane)
        emit planeKept(plane());
    else if (work_ == Work::Area && area())
        emit areaKept(*area());
    leave();
}

} // namespace riflesso
