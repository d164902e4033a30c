#include "report/paper_html.h"
#include "report/report_text.h"

namespace riflesso {
namespace {

class PlanPages {
public:
    explicit PlanPages(HtmlPieces& pieces) : p_(pieces), c_(pieces.content()) {}

    void write() {
        title();
        strengths();
        findings();
        ladders();
        lists();
        measures();
    }

private:
    void title() {
        p_.raw(QStringLiteral("<p style='font-size:20pt; font-weight:bold; margin-bottom:0px'>%1</p>")
                   .arg(esc(c_.athlete)));
        p_.raw(QStringLiteral("<p style='font-size:12pt; color:#55656B; margin-top:0px; margin-bottom:2px'>%1, %2</p>")
                   .arg(esc(c_.skill), esc(c_.session)));
        p_.small(Report::tr("Filmed %1 · %2 · compared with %3").arg(c_.date, c_.set, c_.model));
        if (!c_.goal.isEmpty())
            p_.small(Report::tr("Goal: %1").arg(c_.goal));
    }
    void strengths() {
        p_.heading(Report::tr("Strengths"));
        if (c_.strengths.empty())
            p_.plain(Report::tr(
                "No measure stands clearly inside its reference in at least three of four repetitions yet."));
        for (const auto& row : c_.strengths)
            p_.raw(QStringLiteral("<p style='margin-top:1px; margin-bottom:2px'>%1%2 <span style='color:#55656B; "
                                  "font-size:8.5pt'>%3, %4</span></p>")
                       .arg(p_.sign(row.sign), esc(row.title), esc(row.value), esc(row.reference)));
    }
    void findings() {
        p_.heading(Report::tr("What to work on, and why"));
        if (c_.findings.empty())
            p_.plain(Report::tr("Nothing that stands out from the reference was found in this set."));
        for (const auto& e : c_.findings) {
            const QString role = e.main    ? Report::tr(" · main focus")
                                 : e.minor ? Report::tr(" · minor focus")
                                           : QString();
            p_.raw(Report::tr("<p style='margin-top:8px; margin-bottom:1px'>%1<b>%2</b> <span "
                              "style='color:#55656B'>shown in %3%4</span></p>")
                       .arg(p_.sign(e.safety.isEmpty() ? e.sign : QStringLiteral("safety")), esc(e.title), esc(e.share),
                            esc(role)));
            p_.plain(e.explain);
            if (!e.value.isEmpty())
                p_.small(QStringLiteral("%1 (%2)").arg(e.value, e.reference));
            if (!e.because.isEmpty())
                p_.small(e.because);
            if (!e.decision.isEmpty())
                p_.small(Report::tr("Decided: %1").arg(e.decision));
            if (!e.safety.isEmpty())
                p_.small(e.safety, QStringLiteral("#A8321F"));
            if (!e.pictures.empty())
                pictures(e.pictures);
        }
    }
    void pictures(const std::vector<PictureRef>& refs) {
        constexpr int kWidth = 480;
        p_.raw(QStringLiteral("<table cellspacing='6'><tr>"));
        for (const PictureRef& ref : refs)
            p_.raw(QStringLiteral("<td>%1<br><span style='font-size:8pt; color:%2'>%3</span></td>")
                       .arg(p_.picture(ref, kWidth), HtmlPieces::colourOf(ref), esc(ref.caption)));
        p_.raw(QStringLiteral("</tr></table>"));
    }
    void ladders() {
        for (const auto& ladder : c_.ladders) {
            p_.heading(QStringLiteral("%1: %2").arg(ladder.main ? Report::tr("Main focus") : Report::tr("Minor focus"),
                                                    ladder.fault));
            p_.small(
                Report::tr("Stay on a rung while about three of four repetitions are good; below half, go one back."));
            p_.raw(QStringLiteral("<table cellspacing='0' cellpadding='4' width='100%'>"));
            int step = 0;
            for (const auto& s : ladder.steps) {
                p_.raw(Report::tr("<tr style='background-color:%1'><td width='26'><b>%2</b></td><td><b>%3</b> "
                                  "<span style='color:#55656B; font-size:8.5pt'>%4 · %5%6</span><br>\"%7\"<br>"
                                  "<span style='font-size:8.5pt'>%8</span>%9</td></tr>")
                           .arg(s.startHere ? QStringLiteral("#EBCFA6") : QStringLiteral("#FFFFFF"))
                           .arg(++step)
                           .arg(esc(s.title) + (s.startHere ? Report::tr(" (start here)") : QString()), esc(s.stage),
                                esc(s.dose), s.needs.isEmpty() ? QString() : Report::tr(" · needs ") + esc(s.needs),
                                esc(s.cue), s.good.isEmpty() ? QString() : Report::tr("Good: %1").arg(esc(s.good)),
                                s.cautions.isEmpty()
                                    ? QString()
                                    : QStringLiteral("<br><span style='font-size:8.5pt; color:#A8321F'>%1</span>")
                                          .arg(esc(s.cautions))));
            }
            p_.raw(QStringLiteral("</table>"));
        }
    }
    void list(const QString& name, const QStringList& entries) {
        if (entries.isEmpty())
            return;
        p_.heading(name);
        for (const QString& entry : entries)
            p_.plain(entry);
    }
    void lists() {
        list(Report::tr("Not possible as it stands"), c_.missing);
        list(Report::tr("Dates"), c_.schedule);
        list(Report::tr("The next lesson"), c_.lesson);
        list(Report::tr("Cautions"), c_.cautions);
        list(Report::tr("Chosen where coaches disagree"), c_.ways);
        list(Report::tr("Believed and measured"), c_.beliefs);
    }
    void measures() {
        p_.heading(Report::tr("All measures"));
        p_.raw(QStringLiteral("<table cellspacing='0' cellpadding='3' width='100%'>"));
        for (const auto& row : c_.measures)
            p_.raw(QStringLiteral(
                       "<tr><td>%1</td><td align='right'>%2</td><td style='color:#55656B'>%3</td><td>%4%5</td></tr>")
                       .arg(esc(row.title), esc(row.value), esc(row.reference), p_.sign(row.sign),
                            esc(row.note.isEmpty() ? row.sign : row.sign + QStringLiteral(", ") + row.note)));
        p_.raw(QStringLiteral("</table>"));
        for (const QString& remark : c_.remarks)
            p_.small(remark);
        p_.small(Report::tr("Made with %1 on %2.").arg(c_.program, c_.made));
    }

    HtmlPieces& p_;
    const ReportContent& c_;
};

} // namespace

void writePlan(HtmlPieces& pieces) { PlanPages(pieces).write(); }

} // namespace riflesso
