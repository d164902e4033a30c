#include "app/film/clip_check_box.h"

#include "app/film/clip_finder.h"
#include "app/page.h"
#include "app/theme.h"
#include "core/uncertainty/stats.h"
#include "report/words.h"
#include "work/clip_files.h"

#include <QFileDialog>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// How large the athlete is in the picture, and how far the fastest marked point goes in a frame: what angles and blur
/// follow from. Needs marks.
QStringList athleteLines(const Pack& pack, const Clip& clip, const Section& section, double intervalS) {
    std::vector<double> heights;
    double fastest = 0;
    std::string which;
    for (const Repetition& repetition : section.repetitions) {
        std::map<int, std::pair<double, double>> span; // highest and lowest mark of a frame
        for (const auto& [landmark, marks] : repetition.marks)
            for (auto mark = marks.begin(); mark != marks.end(); ++mark) {
                auto& [top, bottom] = span.try_emplace(mark->first, 1e9, -1e9).first->second;
                if (isAnatomical(landmark)) {
                    top = std::min(top, mark->second.at.y);
                    bottom = std::max(bottom, mark->second.at.y);
                }
                // Over four frames, so that the noise of marks is not taken for speed.
                constexpr int kOver = 4;
                const auto later = marks.find(mark->first + kOver);
                if (later == marks.end())
                    continue;
                const double way =
                    std::hypot(later->second.at.x - mark->second.at.x, later->second.at.y - mark->second.at.y) / kOver;
                if (way > fastest) {
                    fastest = way;
                    which = landmark;
                }
            }
        for (const auto& [frame, ends] : span)
            if (ends.second > ends.first)
                heights.push_back(ends.second - ends.first);
    }
    if (heights.empty())
        return {};
    // A forearm is about a seventh of what is marked of a standing athlete (own choice); both its ends are marks.
    constexpr double kForearm = 1 / 7.0, kFewPixels = 150, kDegrees = 57.29578, kEnds = 1.41421;
    const double height = percentile(heights, 0.9);
    const double angleU = kEnds * defaultSigmaPx(clip.height) / (kForearm * height) * kDegrees;
    QStringList lines;
    lines << (height < kFewPixels
                  ? ClipCheckBox::tr(
                        "too few pixels on the athlete: %1 px tall, the direction of a forearm is sure to ± %2°")
                  : ClipCheckBox::tr("the athlete is %1 px tall: the direction of a forearm is sure to ± %2°"))
                 .arg(words::number(height, 0), words::number(2 * angleU, 1));
    if (intervalS > 0 && fastest > 0)
        lines << ClipCheckBox::tr("%1 goes up to %2 px in a frame: blurred by as much at a full frame's exposure, by "
                                  "%3 px at 1/1000 s")
                     .arg(words::landmark(pack, which), words::number(fastest, 0),
                          words::number(fastest / intervalS * section.slowMotion / 1000, 1));
    return lines;
}

QStringList measuredLines(const Clip& clip, const Section* section, const Pack& pack) {
    QStringList lines;
    const std::vector<double>& times = *clip.timesS;
    std::vector<double> intervals;
    for (std::size_t i = 1; i < times.size(); ++i)
        intervals.push_back(times[i] - times[i - 1]);
    const double typical = intervals.empty() ? 0 : median(intervals);
    const auto gaps = std::count_if(intervals.begin(), intervals.end(), [&](double d) { return d > 1.5 * typical; });
    lines << ClipCheckBox::tr("%1 × %2 pixels, %3 frames, %4 a second")
                 .arg(clip.width)
                 .arg(clip.height)
                 .arg(clip.frames())
                 .arg(words::number(typical > 0 ? 1 / typical : 0, 1));
    lines << (gaps ? ClipCheckBox::tr("%1 gaps between frames: events beside them are less sure").arg(gaps)
                   : ClipCheckBox::tr("no gaps between frames"));
    if (section && std::find(pack.views.begin(), pack.views.end(), section->view) == pack.views.end())
        lines << ClipCheckBox::tr("wrong view: this skill is judged from the %1")
                     .arg(words::viewName(pack.views.front()));
    if (section && typical > 0)
        lines << ClipCheckBox::tr("an event can be placed to about ± %1 s")
                     .arg(words::number(2 * eventUncertainty(typical / section->slowMotion, kDefaultMarkingFrames), 3));
    if (section)
        lines << athleteLines(pack, clip, *section, typical);
    return lines;
}

} // namespace

ClipCheckBox::ClipCheckBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("CHECKS OF THE CLIP"), theme::kHeading));
    text_ = label({}, theme::kQuiet);
    text_->setObjectName(QStringLiteral("checks"));
    layout->addWidget(text_);
    look_ = new QPushButton(tr("Look through the clip"));
    look_->setObjectName(QStringLiteral("lookThrough"));
    look_->setToolTip(tr("For repeated frames, cuts between takes and black bars: every frame is read once."));
    split_ = new QPushButton;
    split_->setObjectName(QStringLiteral("splitAtCuts"));
    find_ = new QPushButton(tr("Find the clip…"));
    find_->setObjectName(QStringLiteral("findClip"));
    find_->setToolTip(
        tr("It was moved: show where it is. It is known by its content; others beside it are found too."));
    find_->hide();
    connect(find_, &QPushButton::clicked, this, [this] {
        auto* dialog = new QFileDialog(this, tr("Where is the clip now?"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setFileMode(QFileDialog::ExistingFile);
        dialog->setOption(QFileDialog::DontUseNativeDialog);
        connect(dialog, &QFileDialog::fileSelected, this, &ClipCheckBox::lookAt);
        dialog->open();
    });
    for (QPushButton* button : {find_, look_, split_}) {
        button->setFocusPolicy(Qt::TabFocus);
        layout->addWidget(button, 0, Qt::AlignLeft);
    }
    connect(look_, &QPushButton::clicked, this, &ClipCheckBox::lookThrough);
    connect(split_, &QPushButton::clicked, this, &ClipCheckBox::splitAtCuts);
}

const Clip* ClipCheckBox::clip() const { return workspace_.hasCase() ? workspace_.data().clip(clip_) : nullptr; }

std::vector<int> ClipCheckBox::cutsOf(const Clip& shown) const {
    const auto found = found_.find(shown.hash);
    return found != found_.end() && found->second ? openCuts(shown, found->second->cuts) : std::vector<int>();
}

QStringList ClipCheckBox::foundLines(const Clip& shown) const {
    const auto found = found_.find(shown.hash);
    if (found == found_.end())
        return {};
    if (!found->second)
        return {words::text(found->second.error().sentence())};
    const ClipChecks& checks = *found->second;
    QStringList lines;
    lines << (checks.repeated.empty()
                  ? tr("no repeated frames")
                  : tr("%1, the first is %2")
                        .arg(words::counted(checks.repeated.size(), tr("repeated frame"), tr("repeated frames")))
                        .arg(checks.repeated.front()));
    QStringList cuts;
    for (int cut : checks.cuts)
        cuts << QString::number(cut);
    lines << (cuts.isEmpty() ? tr("no cuts") : tr("it looks cut at frame %1").arg(cuts.join(QStringLiteral(", "))));
    if (checks.lit)
        lines << tr("black bars: the picture is %1 × %2 at %3, %4")
                     .arg(checks.lit->width)
                     .arg(checks.lit->height)
                     .arg(checks.lit->left)
                     .arg(checks.lit->top);
    return lines;
}

void ClipCheckBox::show(const Clip* shown, const Section* section) {
    const ClipId clip = shown ? shown->id : ClipId{};
    const SectionId part = section ? section->id : SectionId{};
    const auto data = workspace_.snapshot();
    if (data == shownOf_ && clip == clip_ && part == section_)
        return; // another frame of the same
    shownOf_ = data;
    clip_ = clip;
    section_ = part;
    look_->setEnabled(shown && !shown->missing);
    find_->setVisible(shown && shown->missing);
    split_->setVisible(false);
    if (!shown) {
        text_->setText({});
        return;
    }
    text_->setText(
        (measuredLines(*shown, section, workspace_.data().pack) + foundLines(*shown)).join(QStringLiteral("\n")));
    look_->setVisible(!found_.contains(shown->hash));
    const std::vector<int> cuts = cutsOf(*shown);
    const std::size_t open = cuts.size();
    emit cutsFound(cuts);
    split_->setVisible(open > 0);
    split_->setText(tr("Split into %1 sections there").arg(shown->sections.size() + open));
}

void ClipCheckBox::lookAt(const QString& file) {
    if (const Clip* shown = clip(); shown && shown->missing)
        findClip(workspace_, this, *shown, file);
}

void ClipCheckBox::lookThrough() {
    const Clip* shown = clip();
    if (!shown || shown->missing)
        return;
    const QString path = shown->path, hash = shown->hash;
    workspace_.start<ClipChecks>(
        tr("Looking through %1").arg(shown->title), this,
        workspace_.ofClip(shown->id).newest(QStringLiteral("checks %1").arg(hash)),
        [path](JobControl& control) -> Result<ClipChecks> {
            const auto reader = ClipReader::open(path.toStdString());
            if (!reader)
                return reader.error();
            return checkClip(**reader, [&control](double share) { return control.goOn(share); });
        },
        [this, hash](const Result<ClipChecks>& result) {
            if (!result && result.error().kind == Error::Kind::Cancelled)
                return;
            found_.insert_or_assign(hash, result);
            shownOf_.reset();
            const Clip* now = clip();
            const Section* section = nullptr;
            if (now)
                for (const Section& entry : now->sections)
                    if (entry.id == section_)
                        section = &entry;
            show(now, section);
        });
}

void ClipCheckBox::splitAtCuts() {
    const Clip* shown = clip();
    if (!shown)
        return;
    workspace_.apply(tr("Split %1 at its cuts").arg(shown->title),
                     [&](Edit& edit) { return riflesso::splitAtCuts(edit, *shown, cutsOf(*shown)); });
}

} // namespace riflesso
