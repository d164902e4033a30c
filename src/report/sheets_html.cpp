#include "report/paper_html.h"
#include "report/report_text.h"
#include "report/words.h"

#include <QPainter>

namespace riflesso {
namespace {

constexpr double kBig = 14, kHuge = 22, kText = 11;
constexpr int kTallyDays = 14;

const ReportContent::Ladder* mainLadder(const ReportContent& c) {
    for (const auto& ladder : c.ladders)
        if (ladder.main)
            return &ladder;
    return c.ladders.empty() ? nullptr : &c.ladders.front();
}
const ReportContent::Entry* mainFinding(const ReportContent& c) {
    for (const auto& finding : c.findings)
        if (finding.main)
            return &finding;
    return nullptr;
}
const ReportContent::Step* startStep(const ReportContent::Ladder& ladder) {
    for (const auto& step : ladder.steps)
        if (step.startHere)
            return &step;
    return ladder.steps.empty() ? nullptr : &ladder.steps.front();
}
/// The rung to take home: where the athlete stands, or the nearest one below it that needs nobody else.
const ReportContent::Step* homeStep(const ReportContent::Ladder& ladder) {
    const ReportContent::Step* best = nullptr;
    for (const auto& step : ladder.steps) {
        if (step.alone)
            best = &step;
        if (step.startHere)
            break;
    }
    return best;
}

/// How good looks: the model at the key event of the finding, else the athlete's own picture of it is not good.
const PictureRef* goodPicture(const ReportContent& c) {
    if (const auto* finding = mainFinding(c))
        for (const PictureRef& ref : finding->pictures)
            if (ref.ofModel)
                return &ref;
    return nullptr;
}

void title(HtmlPieces& p, const QString& what) {
    const ReportContent& c = p.content();
    p.line(c.athlete, kHuge, true);
    p.line(QStringLiteral("%1 · %2").arg(c.skill, what), kText, false, QStringLiteral("#55656B"));
}

void pair(HtmlPieces& p, const std::vector<PictureRef>& refs, int width) {
    if (refs.empty())
        return;
    p.raw(QStringLiteral("<table cellspacing='8'><tr>"));
    for (const PictureRef& ref : refs)
        p.raw(QStringLiteral("<td>%1<br><span style='font-size:10pt; color:%2'>%3</span></td>")
                  .arg(p.picture(ref, width), HtmlPieces::colourOf(ref), esc(ref.caption)));
    p.raw(QStringLiteral("</tr></table>"));
}

/// Boxes for two weeks, a line a day: as many as the dose asks for, in its sets; one box where it is in minutes.
QImage tally(const Dose& dose) {
    constexpr int kWide = 1680, kLine = 62, kLabel = 130, kMostBoxes = 40;
    const int sets = std::max(1, dose.sets), each = std::max(1, dose.repetitions);
    const bool boxes = sets * each <= kMostBoxes;
    const int groups = boxes ? sets : 1, inGroup = boxes ? each : 1;
    QImage out(kWide, kTallyDays * kLine + 2, QImage::Format_RGB32);
    out.fill(Qt::white);
    QPainter painter(&out);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font(look::loadTypeface());
    font.setPixelSize(28);
    painter.setFont(font);
    constexpr double kBetween = 34, kLargest = 52; // between sets; a box with the room round it
    const double side = std::min(kLargest, (kWide - kLabel - kBetween * (groups - 1)) / (groups * inGroup));
    for (int day = 0; day < kTallyDays; ++day) {
        const double top = day * kLine + 1;
        painter.setPen(QPen(look::light().hairline, 1.5));
        painter.drawLine(QPointF(0, top + kLine - 2), QPointF(kWide, top + kLine - 2));
        painter.setPen(look::light().slate);
        painter.drawText(QRectF(0, top, kLabel, kLine), Qt::AlignVCenter | Qt::AlignLeft,
                         Report::tr("day %1").arg(day + 1));
        painter.setPen(QPen(look::light().ink, 2));
        for (int group = 0; group < groups; ++group)
            for (int box = 0; box < inGroup; ++box)
                painter.drawRect(QRectF(kLabel + group * (inGroup * side + kBetween) + box * side,
                                        top + (kLine - side) / 2 + 4, side - 10, side - 10));
    }
    return out;
}

void waits(HtmlPieces& p) {
    if (!p.content().waits.isEmpty())
        p.line(p.content().waits, kText, true, QStringLiteral("#A8321F"), 14);
}

} // namespace

void writeAthletePage(HtmlPieces& p) {
    const ReportContent& c = p.content();
    title(p, Report::tr("for you"));
    if (!c.strengths.empty()) {
        p.line(Report::tr("You do this well"), kBig, true, QStringLiteral("#17748A"), 16);
        constexpr std::size_t kMost = 3;
        for (std::size_t i = 0; i < std::min(kMost, c.strengths.size()); ++i)
            p.raw(QStringLiteral("<p style='font-size:%1pt; margin-top:2px; margin-bottom:2px'>%2%3</p>")
                      .arg(kText)
                      .arg(p.sign(QStringLiteral("strength"), 20), esc(c.strengths[i].title)));
    }
    const auto* ladder = mainLadder(c);
    const auto* step = ladder ? startStep(*ladder) : nullptr;
    waits(p);
    if (!step)
        return;
    p.line(Report::tr("One thing to work on"), kBig, true, QStringLiteral("#8B2C5E"), 18);
    if (const auto* finding = mainFinding(c)) {
        p.line(finding->title, kText);
        pair(p, finding->pictures, 500);
    }
    p.line(words::quoted(step->cue), kHuge, true, QStringLiteral("#1D2B30"), 12);
    p.line(QStringLiteral("%1: %2").arg(step->title, step->dose), kText, true, QStringLiteral("#1D2B30"), 8);
    p.line(Report::tr("It is good when: %1").arg(step->good), kText);
    if (!step->feels.isEmpty())
        p.line(Report::tr("You will feel: %1").arg(step->feels), kText);
    if (!c.retest.isEmpty())
        p.line(Report::tr("We film again on %1.").arg(c.retest), kText, true, QStringLiteral("#17748A"), 10);
    if (!step->cautions.isEmpty())
        p.line(step->cautions, 10, false, QStringLiteral("#A8321F"), 8);
    if (!c.cautions.isEmpty())
        p.line(c.cautions.back(), 9, false, QStringLiteral("#A8321F"), 4);
}

void writeHomeSheet(HtmlPieces& p) {
    const ReportContent& c = p.content();
    title(p, Report::tr("at home"));
    const auto* ladder = mainLadder(c);
    const auto* step = ladder ? homeStep(*ladder) : nullptr;
    if (!step) {
        p.plain(Report::tr("No rung of the ladder can be done alone yet: nothing to take home."));
        return;
    }
    p.line(step->title, kBig, true, QStringLiteral("#1D2B30"), 12);
    QString left = QStringLiteral("<p style='font-size:%1pt; font-weight:bold'>%2</p>")
                       .arg(kHuge - 4)
                       .arg(esc(words::quoted(step->cue)));
    left += Report::tr("<p style='font-size:%1pt'>It is good when: %2</p>").arg(kText).arg(esc(step->good));
    if (!step->wrong.isEmpty())
        left += Report::tr("<p style='font-size:%1pt'>Stop and think when: %2</p>").arg(kText).arg(esc(step->wrong));
    if (!step->needs.isEmpty())
        left += Report::tr("<p style='font-size:%1pt'>You need: %2.</p>").arg(kText).arg(esc(step->needs));
    const PictureRef* good = goodPicture(c);
    p.raw(QStringLiteral("<table cellspacing='8' width='100%'><tr><td>%1</td>%2</tr></table>")
              .arg(left, good ? Report::tr("<td align='right'>%1<br><span style='font-size:9pt; "
                                           "color:#17748A'>This is good: %2</span></td>")
                                    .arg(p.picture(*good, 440), esc(good->caption))
                              : QString()));
    const int aDay = step->amount.sets * step->amount.repetitions;
    p.line(aDay > 0 ? Report::tr("Target: %1 good ones a day (%2). A box for each good one.").arg(aDay).arg(step->dose)
                    : Report::tr("Target: %1 a day. A box when it is done.").arg(step->dose),
           kText, true, QStringLiteral("#1D2B30"), 10);
    p.raw(QStringLiteral("<p>%1</p>").arg(p.image(tally(step->amount), 1020)));
    p.line(Report::tr("Count only the good ones. Stop when it gets worse, and on pain: then ask."), kText, false,
           QStringLiteral("#A8321F"), 6);
    if (!step->cautions.isEmpty())
        p.line(step->cautions, 10, false, QStringLiteral("#A8321F"));
    if (!c.retest.isEmpty())
        p.line(Report::tr("Bring this sheet on %1, when we film again.").arg(c.retest), kText);
}

void writeKeyPositions(HtmlPieces& p) {
    const ReportContent& c = p.content();
    title(p, Report::tr("key positions"));
    p.small(Report::tr("%1 · %2 · compared with %3").arg(c.date, c.set, c.model));
    p.small(Report::tr("Values in pictures are that repetition's; beside them the median of the set ± its expanded "
                       "uncertainty."));
    int placed = 0;
    for (const auto& position : c.positions) {
        constexpr int kWidth = 300, kOnAPage = 4;
        const QString before =
            placed && placed % kOnAPage == 0 ? QStringLiteral("page-break-before:always; ") : QString();
        ++placed;
        QString cells;
        for (const auto& ref : {position.own, position.model})
            if (ref)
                cells += QStringLiteral("<td>%1<br><span style='font-size:8pt; color:%2'>%3</span></td>")
                             .arg(p.picture(*ref, kWidth), HtmlPieces::colourOf(*ref), esc(ref->caption));
        QString rows;
        for (const auto& row : position.measures)
            rows += QStringLiteral("<p style='font-size:8.5pt; margin-top:1px; margin-bottom:1px'>%1%2 <b>%3</b> <span "
                                   "style='color:#55656B'>(%4)</span></p>")
                        .arg(p.sign(row.sign, 13), esc(row.title), esc(row.value), esc(row.reference));
        if (rows.isEmpty())
            rows = Report::tr("<p style='font-size:8.5pt; color:#55656B'>Timing only: nothing is measured in this "
                              "position.</p>");
        p.raw(QStringLiteral(
                  "<p style='%4font-size:12pt; font-weight:bold; margin-top:10px; margin-bottom:2px'>%1</p><table "
                  "cellspacing='6' width='100%'><tr>%2<td width='40%'>%3</td></tr></table>")
                  .arg(esc(position.title), cells, rows, before));
    }
}

void writeCompetitionCard(HtmlPieces& p) {
    const ReportContent& c = p.content();
    title(p, c.competition);
    p.line(Report::tr("Nothing new now. What you have is enough."), kBig, true, QStringLiteral("#17748A"), 14);
    const auto* ladder = mainLadder(c);
    if (const auto* step = ladder ? startStep(*ladder) : nullptr) {
        p.line(Report::tr("Think of one thing:"), kText, false, QStringLiteral("#55656B"), 14);
        p.line(words::quoted(step->cue), kHuge, true);
    }
    if (!c.strengths.empty()) {
        p.line(Report::tr("You can rely on"), kText, false, QStringLiteral("#55656B"), 14);
        for (const auto& row : c.strengths)
            p.raw(QStringLiteral("<p style='font-size:%1pt; margin-top:2px; margin-bottom:2px'>%2%3</p>")
                      .arg(kBig)
                      .arg(p.sign(QStringLiteral("strength"), 20), esc(row.title)));
    }
    if (!c.cautions.isEmpty())
        p.line(c.cautions.back(), 9, false, QStringLiteral("#A8321F"), 14);
}

void writeProgress(HtmlPieces& p) {
    const ReportContent& c = p.content();
    title(p, Report::tr("then and now"));
    waits(p);
    const ProgressContent& progress = c.progress;
    if (!progress.thenAndNow.empty()) {
        p.line(progress.event, kBig, true, QStringLiteral("#1D2B30"), 10);
        pair(p, progress.thenAndNow, 460);
    }
    const auto part = [&](const QString& heading, const QStringList& lines, const QString& colour, qsizetype most) {
        if (lines.isEmpty())
            return;
        p.line(heading, kBig, true, colour, 12);
        for (const QString& each : lines.first(std::min(lines.size(), most)))
            p.line(each, kText);
    };
    constexpr qsizetype kMost = 8, kFew = 3; // on one page
    part(Report::tr("What changed by more than chance"), progress.changed, QStringLiteral("#17748A"), kMost);
    part(Report::tr("What was practised"), progress.practised, QStringLiteral("#1D2B30"), kMost);
    part(Report::tr("Does it stay?"), progress.holds, QStringLiteral("#1D2B30"), kFew);
    part(Report::tr("What next"), progress.next, QStringLiteral("#A25A12"), kFew);
    p.small(Report::tr("A good block of a drill is not yet the technique: that is on the film. Stop on pain and ask a "
                       "licensed professional."));
}

} // namespace riflesso
