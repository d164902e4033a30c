#include "app/film/length_bar.h"

#include "app/page.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "report/words.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>

namespace riflesso {

QString scaleWords(const std::vector<KnownLength>& lengths, int pictureHeight) {
    const auto scale = scaleFrom(lengths, settings::markSigmaPx(pictureHeight));
    if (!scale)
        return {};
    const QString u = LengthBar::tr("%1 mm/px ± %2 %")
                          .arg(words::number(1000 * scale->metresPerPixel, 3))
                          .arg(words::number(200 * scale->relativeU, 1));
    return u + (scale->residual ? LengthBar::tr(", %1 lengths differ by %2 %")
                                      .arg(lengths.size())
                                      .arg(words::number(100 * *scale->residual, 1))
                                : LengthBar::tr(", from one length: no check possible"));
}

LengthBar::LengthBar(QWidget* parent) : QWidget(parent) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 6, 14, 6);
    layout->setSpacing(8);
    text_ = label({});
    text_->setObjectName(QStringLiteral("lengthText"));
    metres_ = new QDoubleSpinBox;
    metres_->setObjectName(QStringLiteral("lengthMetres"));
    metres_->setAccessibleName(tr("Length in metres"));
    constexpr double kShortest = .01, kLongest = 500;
    metres_->setRange(kShortest, kLongest);
    metres_->setDecimals(3);
    metres_->setSuffix(tr(" m"));
    metres_->setValue(1);
    metres_->setFixedWidth(96);
    keep_ = new QPushButton(tr("Keep"));
    keep_->setObjectName(QStringLiteral("keepLength"));
    keep_->setProperty("role", "main");
    forget_ = new QPushButton(tr("Forget all"));
    forget_->setObjectName(QStringLiteral("forgetLengths"));
    leave_ = new QPushButton(tr("Done (L)"));
    leave_->setObjectName(QStringLiteral("leaveLengths"));
    layout->addWidget(text_, 1);
    for (QWidget* each : std::initializer_list<QWidget*>{metres_, keep_, forget_, leave_}) {
        each->setFocusPolicy(each == metres_ ? Qt::StrongFocus : Qt::TabFocus);
        layout->addWidget(each);
    }
    connect(keep_, &QPushButton::clicked, this, &LengthBar::keep);
    connect(metres_->findChild<QLineEdit*>(), &QLineEdit::returnPressed, this, &LengthBar::keep);
    connect(forget_, &QPushButton::clicked, this, &LengthBar::forgotten);
    connect(leave_, &QPushButton::clicked, this, &LengthBar::leave);
    hide();
}

void LengthBar::start() {
    active_ = true;
    a_.reset();
    b_.reset();
    show();
    showState();
}

void LengthBar::leave() {
    if (!active_)
        return;
    active_ = false;
    hide();
    emit left();
}

void LengthBar::setLengths(const std::vector<KnownLength>& lengths, int pictureHeight) {
    lengths_ = lengths;
    pictureHeight_ = pictureHeight;
    showState();
}

void LengthBar::click(QPointF pixel) {
    if (!a_ || b_) {
        a_ = pixel;
        b_.reset();
    } else {
        b_ = pixel;
    }
    showState();
    emit changed();
    if (b_) {
        metres_->setFocus();
        metres_->selectAll();
    }
}

void LengthBar::move(const QString& end, QPointF pixel) {
    (end == QStringLiteral("other end") ? b_ : a_) = pixel;
    emit changed();
}

std::vector<StageFigure> LengthBar::figures(int frame) const {
    std::vector<StageFigure> out;
    StageFigure inHand;
    inHand.colour = look::dark().stageText;
    if (a_)
        inHand.marks["one end"] = *a_;
    if (b_)
        inHand.marks["other end"] = *b_;
    inHand.lines = {{"one end", "other end"}};
    out.push_back(inHand); // first: its ends can be taken and moved
    StageFigure kept;
    kept.colour = look::dark().stageText;
    kept.dots = false;
    for (std::size_t i = 0; i < lengths_.size(); ++i)
        if (lengths_[i].frame == frame) {
            const std::string from = "a" + std::to_string(i), to = "b" + std::to_string(i);
            kept.marks[from] = {lengths_[i].a.x, lengths_[i].a.y};
            kept.marks[to] = {lengths_[i].b.x, lengths_[i].b.y};
            kept.lines.emplace_back(from, to);
        }
    out.push_back(kept);
    return out;
}

void LengthBar::showState() {
    QString text;
    if (a_ && b_)
        text = tr("How long is it? Ends can be dragged.");
    else if (a_)
        text = tr("Click its other end.");
    else if (lengths_.empty())
        text = tr("Click one end of something whose length you know, as far from the camera as the athlete is.");
    else
        text = tr("%1. Click another to check it.").arg(scaleWords(lengths_, pictureHeight_));
    text_->setText(text);
    metres_->setVisible(a_ && b_);
    keep_->setVisible(a_ && b_);
    forget_->setVisible(!lengths_.empty() && !a_);
}

void LengthBar::keep() {
    if (!a_ || !b_)
        return;
    metres_->interpretText();
    const QPointF a = *a_, b = *b_;
    a_.reset();
    b_.reset();
    emit kept(a, b, metres_->value());
    showState();
    emit changed();
}

} // namespace riflesso
