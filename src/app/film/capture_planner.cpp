#include "app/film/capture_planner.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {
constexpr double kDegrees = 180 / std::numbers::pi;
} // namespace

SetupDrawing::SetupDrawing(QWidget* parent) : QWidget(parent) {
    setMinimumSize(320, 260);
    setAccessibleName(tr("The set-up from above"));
}

void SetupDrawing::show(double distanceM, double fieldM, double bearingDeg, const QString& result) {
    distanceM_ = distanceM;
    fieldM_ = fieldM;
    bearingDeg_ = bearingDeg;
    result_ = result;
    setAccessibleDescription(result);
    update();
}

void SetupDrawing::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.fillRect(rect(), p.raised);
    // Room for the field at the athlete, the way to the camera, and words.
    const double halfField = fieldM_ / 2, angle = bearingDeg_ / kDegrees;
    const double wide = std::max(fieldM_, 2 * distanceM_ * std::sin(angle) + 1.5) + 1,
                 deep = distanceM_ * std::cos(angle) + halfField * std::sin(angle) + 1.6;
    constexpr double kEdge = 36;
    const double scale = std::min((width() - 2 * kEdge) / wide, (height() - 2 * kEdge) / deep);
    const QPointF athlete(width() / 2.0, kEdge + (halfField * std::sin(angle) + .8) * scale);
    const auto at = [&](double x, double y) { return athlete + QPointF(x, y) * scale; }; // y towards the camera
    const QPointF camera = at(distanceM_ * std::sin(angle), distanceM_ * std::cos(angle));
    // The edges of the picture at the athlete's distance, square to the camera's axis.
    const QPointF across(std::cos(angle), -std::sin(angle));
    const QPointF left = athlete - across * halfField * scale, right = athlete + across * halfField * scale;
    QColor seen = p.athleteSoft;
    painter.setPen(Qt::NoPen);
    painter.setBrush(seen);
    painter.drawPolygon(QPolygonF({camera, left, right}));
    painter.setPen(QPen(p.slate, 1, Qt::DashLine));
    painter.drawLine(camera, athlete);
    painter.setPen(QPen(p.slate, 1));
    painter.drawLine(left, right);
    // The plane of movement, with its direction.
    const double half = std::max(1.2, halfField * .8);
    painter.setPen(QPen(p.ink, 2.4, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(at(-half, 0), at(half, 0));
    painter.drawLine(at(half, 0), at(half - .25, -.18));
    painter.drawLine(at(half, 0), at(half - .25, .18));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.athlete);
    painter.drawEllipse(athlete, .22 * scale + 3, .22 * scale + 3);
    painter.save();
    painter.translate(camera);
    painter.rotate(-bearingDeg_);
    painter.setBrush(p.ink);
    painter.drawRoundedRect(QRectF(-13, -2, 26, 18), 3, 3);
    painter.drawPolygon(QPolygonF({{-7, -2}, {7, -2}, {4, -9}, {-4, -9}}));
    painter.restore();
    painter.setPen(p.ink);
    const QFontMetrics metrics(font());
    const auto say = [&](QPointF where, const QString& text, Qt::Alignment side) {
        QRectF box(0, 0, metrics.horizontalAdvance(text) + 8, metrics.height());
        box.moveCenter(where);
        if (side & Qt::AlignLeft)
            box.moveLeft(where.x());
        if (side & Qt::AlignRight)
            box.moveRight(where.x());
        box.moveLeft(std::clamp(box.left(), 4.0, std::max(4.0, width() - box.width() - 4)));
        box.moveTop(std::clamp(box.top(), 2.0, std::max(2.0, height() - box.height() - 2)));
        painter.drawText(box, Qt::AlignCenter, text);
    };
    say(at(0, 0) + QPointF(0, -.22 * scale - 16), tr("plane of movement"), Qt::AlignHCenter);
    say((camera + athlete) / 2 + QPointF(10, 0), tr("%1 m").arg(words::number(distanceM_, 1)), Qt::AlignLeft);
    say(left + QPointF(0, -14), tr("%1 m seen").arg(words::number(fieldM_, 1)), Qt::AlignHCenter);
    if (bearingDeg_ > 0)
        say(camera + QPointF(20, -8), tr("%1° off square").arg(words::number(bearingDeg_, 0)), Qt::AlignLeft);
}

QDoubleSpinBox* CapturePlanner::number(const char* name, double low, double high, double value, int decimals,
                                       const QString& unit) {
    auto* box = new QDoubleSpinBox;
    box->setObjectName(QLatin1String(name));
    box->setRange(low, high);
    box->setDecimals(decimals);
    box->setSuffix(unit);
    box->setValue(value);
    connect(box, &QDoubleSpinBox::valueChanged, this, &CapturePlanner::show);
    return box;
}

CapturePlanner::CapturePlanner(QWidget* parent) : QWidget(parent) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 10, 14, 10);
    layout->setSpacing(14);
    auto* side = new QWidget;
    side->setFixedWidth(300);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(label(tr("THE CAMERA"), theme::kHeading));
    auto* form = new QFormLayout;
    form->setVerticalSpacing(5);
    distance_ = number("planDistance", .5, 200, 6, 1, tr(" m"));
    fieldAngle_ = number("planField", 2, 120, 60, 0, QStringLiteral("°"));
    fieldAngle_->setToolTip(
        tr("How wide the lens sees, left to right: a phone's main camera about 65°, twice zoomed "
           "about 35° (common practice, no source). Measure it: width of the scene at a known distance."));
    bearing_ = number("planBearing", 0, 80, 0, 0, QStringLiteral("°"));
    size_ = new ChoiceBox;
    size_->setObjectName(QStringLiteral("planSize"));
    for (const auto& [w, h] : {std::pair{1280, 720}, {1920, 1080}, {2704, 1520}, {3840, 2160}})
        size_->addItem(QStringLiteral("%1 × %2").arg(w).arg(h), QSize(w, h));
    size_->setCurrentIndex(1);
    connect(size_, &QComboBox::activated, this, &CapturePlanner::show);
    rate_ = number("planRate", 1, 1000, 60, 0, tr(" a second"));
    shutter_ = number("planShutter", 1, 20000, 500, 0, {});
    shutter_->setPrefix(tr("1/"));
    shutter_->setSuffix(tr(" s"));
    form->addRow(tr("Distance"), distance_);
    form->addRow(tr("Lens sees"), fieldAngle_);
    form->addRow(tr("Off square by"), bearing_);
    form->addRow(tr("Picture"), size_);
    form->addRow(tr("Frames"), rate_);
    form->addRow(tr("Exposure"), shutter_);
    column->addLayout(form);
    column->addWidget(label(tr("THE MOVEMENT"), theme::kHeading));
    auto* movement = new QFormLayout;
    movement->setVerticalSpacing(5);
    speed_ = number("planSpeed", .1, 100, 5, 1, tr(" m/s"));
    speed_->setToolTip(tr("Of the fastest point that matters: a fast hand about 8, a club or racket head 20 to 50 "
                          "(common practice, no source)."));
    segment_ = number("planSegment", .02, 5, .4, 2, tr(" m"));
    segment_->setToolTip(tr("The shortest segment of an angle: a forearm about 0.25."));
    angleTolerance_ = number("planAngle", .1, 90, 5, 1, QStringLiteral("°"));
    timeTolerance_ = number("planTime", .001, 5, .03, 3, tr(" s"));
    movement->addRow(tr("Fastest point"), speed_);
    movement->addRow(tr("Shortest segment"), segment_);
    movement->addRow(tr("Tightest angle"), angleTolerance_);
    movement->addRow(tr("Tightest time"), timeTolerance_);
    column->addLayout(movement);
    column->addStretch();
    auto* leave = new QPushButton(tr("Back to the clip (Esc)"));
    leave->setObjectName(QStringLiteral("leavePlanner"));
    connect(leave, &QPushButton::clicked, this, &CapturePlanner::left);
    column->addWidget(leave, 0, Qt::AlignLeft);
    auto* drawn = new QVBoxLayout;
    drawing_ = new SetupDrawing;
    drawing_->setObjectName(QStringLiteral("setupDrawing"));
    drawn->addWidget(label(tr("FROM ABOVE, TO SCALE"), theme::kHeading));
    drawn->addWidget(drawing_, 1);
    drawn->addWidget(label(tr("WHAT IT CAN TELL APART"), theme::kHeading));
    result_ = label({});
    result_->setObjectName(QStringLiteral("planResult"));
    result_->setTextFormat(Qt::RichText);
    drawn->addWidget(result_);
    drawn->addWidget(label(tr("WHAT TO CHANGE"), theme::kHeading));
    advice_ = label({});
    advice_->setObjectName(QStringLiteral("planAdvice"));
    drawn->addWidget(advice_);
    layout->addLayout(drawn, 1);
    layout->addWidget(side);
    show();
}

void CapturePlanner::begin(const Pack& pack, int widthPx, int heightPx, double frameRate) {
    double angle = 90, time = 5;
    for (const MeasureDef& def : pack.measures) {
        if (def.unit == "deg" && def.tolerance > 0)
            angle = std::min(angle, def.tolerance);
        if (def.unit == "s" && def.tolerance > 0)
            time = std::min(time, def.tolerance);
    }
    if (angle < 90)
        angleTolerance_->setValue(angle);
    if (time < 5)
        timeTolerance_->setValue(time);
    if (widthPx > 0) {
        const QSize own(widthPx, heightPx);
        int at = size_->findData(own);
        if (at < 0) {
            size_->addItem(tr("%1 × %2, as the clip").arg(widthPx).arg(heightPx), own);
            at = size_->count() - 1;
        }
        size_->setCurrentIndex(at);
    }
    if (frameRate >= 1)
        rate_->setValue(std::round(frameRate));
    show();
}

CaptureSetup CapturePlanner::setup() const {
    CaptureSetup out;
    const QSize size = size_->currentData().toSize();
    out.widthPx = size.width();
    out.heightPx = size.height();
    out.frameRate = rate_->value();
    out.fieldWidthM = 2 * distance_->value() * std::tan(fieldAngle_->value() / 2 / kDegrees);
    out.exposureS = 1 / shutter_->value();
    out.speedMps = speed_->value();
    out.segmentM = segment_->value();
    out.bearingDeg = bearing_->value();
    out.toleranceDeg = angleTolerance_->value();
    out.toleranceS = timeTolerance_->value();
    return out;
}

void CapturePlanner::show() {
    const CaptureSetup asked = setup();
    const CapturePlan plan = planCapture(asked);
    constexpr double kPersonM = 1.7;
    QStringList lines;
    lines << tr("<b>%1</b> pixels a metre: an athlete of 1.7 m is %2 px tall")
                 .arg(words::number(plan.pixelsPerMetre, 0), words::number(kPersonM * plan.pixelsPerMetre, 0));
    lines << tr("an angle: <b>± %1°</b>; 120° seen from there reads %2 to %3°")
                 .arg(words::number(2 * plan.angleU, 1), words::number(plan.seenDeg.first, 1),
                      words::number(plan.seenDeg.second, 1));
    lines << tr("an event: <b>± %1 s</b>; an interval ± %2 s")
                 .arg(words::number(2 * plan.eventU, 3), words::number(2 * plan.intervalU, 3));
    if (plan.blurPx)
        lines << tr("the fastest point smears over <b>%1 px</b>").arg(words::number(*plan.blurPx, 1));
    if (plan.lengthShare < .9995)
        lines
            << tr("lengths in the plane appear at %1 % of what they are").arg(words::number(100 * plan.lengthShare, 0));
    result_->setText(lines.join(QStringLiteral("<br>")));
    QStringList advice;
    for (const std::string& line : plan.advice)
        advice << words::text(line).left(1).toUpper() + words::text(line).mid(1) + QStringLiteral(".");
    advice_->setText(advice.isEmpty() ? tr("Nothing: this is good enough for the tightest tolerances.")
                                      : advice.join(QStringLiteral("\n")));
    drawing_->show(distance_->value(), asked.fieldWidthM, asked.bearingDeg,
                   tr("Camera %1 m away, %2° off square, sees %3 m")
                       .arg(words::number(distance_->value(), 1), words::number(asked.bearingDeg, 0),
                            words::number(asked.fieldWidthM, 1)));
}

} // namespace riflesso
