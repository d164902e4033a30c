#include "app/mark/doubt_review.h"

#include "app/mark/mark_proposals.h"
#include "app/page.h"
#include "app/theme.h"
#include "report/key_picture.h"
#include "report/words.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

constexpr QSize kPicture{176, 99};

} // namespace

DoubtReview::DoubtReview(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 6, 14, 6);
    layout->setSpacing(12);
    for (std::size_t i = 0; i < pictures_.size(); ++i) {
        auto* column = new QVBoxLayout;
        column->setSpacing(2);
        pictures_[i] = new QLabel;
        pictures_[i]->setFixedSize(kPicture);
        names_[i] = label({}, theme::kQuiet);
        column->addWidget(pictures_[i]);
        column->addWidget(names_[i]);
        layout->addLayout(column);
    }
    auto* column = new QVBoxLayout;
    text_ = label({});
    text_->setObjectName(QStringLiteral("doubtText"));
    column->addWidget(text_);
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const QString& text, void (DoubtReview::*asked)()) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, asked);
        row->addWidget(made);
    };
    button("confirmStretch", tr("All of it is right (Shift D)"), &DoubtReview::confirmAsked);
    button("nextDoubt", tr("Next (D)"), &DoubtReview::nextAsked);
    button("leaveDoubts", tr("Done (Esc)"), &DoubtReview::leave);
    row->addStretch();
    column->addLayout(row);
    column->addStretch();
    layout->addLayout(column, 1);
    hide();
}

void DoubtReview::next() {
    const std::vector<DoubtfulStretch> stretches = doubtfulStretches(workspace_.data(), chosenRepetitions(workspace_));
    if (stretches.empty()) {
        leave();
        return;
    }
    // Confirmed stretches are gone from the list, and marks that were set have changed their order: on from where the
    // one looked at stands now, or would.
    std::size_t index = 0;
    if (now_) {
        const auto same = std::find_if(stretches.begin(), stretches.end(), [&](const DoubtfulStretch& each) {
            return each.repetition == now_->repetition && each.from <= now_->to && now_->from <= each.to;
        });
        index = same == stretches.end() ? 0 : static_cast<std::size_t>(same - stretches.begin() + 1) % stretches.size();
    }
    show(stretches[index], index, stretches.size());
}

void DoubtReview::show(const DoubtfulStretch& stretch, std::size_t index, std::size_t count) {
    now_ = stretch;
    const RepetitionPlace place = placeOf(workspace_.data(), stretch.repetition);
    QStringList lines{tr("<b>Doubtful %1 of %2</b>, worst first. Repetition %3, frames %4 to %5.")
                          .arg(index + 1)
                          .arg(count)
                          .arg(place.repetition->number)
                          .arg(stretch.from)
                          .arg(stretch.to)};
    if (!stretch.landmark.empty())
        lines << tr("Widest: %1, ± %2 px in frame %3, which is shown above.")
                     .arg(words::landmark(workspace_.data().pack, stretch.landmark).toHtmlEscaped(),
                          words::number(2 * stretch.sigmaPx, 0))
                     .arg(stretch.worst);
    else
        lines << tr("A key event is doubtful here.");
    if (stretch.atEvent)
        lines << tr("A key position lies in it: findings rest on it.");
    text_->setText(lines.join(QStringLiteral("<br>")));
    setAccessibleDescription(text_->text());
    ++asked_;
    showPicture(0, place, std::max(place.section->from, stretch.from - 1), tr("before"));
    showPicture(1, place, std::min(place.section->to, stretch.to + 1), tr("after"));
    setVisible(true);
}

void DoubtReview::showPicture(std::size_t which, const RepetitionPlace& place, int frame, const QString& name) {
    names_[which]->setText(tr("%1, frame %2").arg(name).arg(frame));
    pictures_[which]->clear();
    pictures_[which]->setAccessibleName(names_[which]->text());
    PictureRef ref;
    ref.clipPath = place.clip->path;
    ref.frame = frame;
    ref.turnedOver = place.section->picture.mirrored;
    ref.ofModel = place.session->isModel;
    ref.marks = marksIn(*place.repetition, frame);
    const auto lines = figureLines(
        workspace_.data().pack,
        rolesByHand(workspace_.data().pack, place.section->handedness.value_or(workspace_.data().athlete.handedness)));
    workspace_.enqueueFrame(
        place.clip->path, frame, this, [this, which, ref, lines, asked = asked_](const QImage& image, int) {
            if (asked != asked_)
                return;
            const qreal ratio = devicePixelRatioF();
            QImage drawn = keyPicture(
                ref, lines, [&](const QString&, int) { return image; }, (QSizeF(kPicture) * ratio).toSize());
            drawn.setDevicePixelRatio(ratio);
            pictures_[which]->setPixmap(QPixmap::fromImage(drawn));
        });
}

void DoubtReview::follow(RepetitionId repetition) {
    if (now_ && now_->repetition != repetition)
        leave();
}

void DoubtReview::leave() {
    now_.reset();
    hide();
}

} // namespace riflesso
