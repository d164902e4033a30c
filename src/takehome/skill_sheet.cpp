#include "takehome/skill_sheet.h"

#include "core/judge/deviation.h"
#include "core/measure/measured_shape.h"
#include "core/measure/range_fan.h"
#include "report/evidence.h"
#include "report/html_pieces.h"
#include "report/key_picture.h"
#include "report/paper.h"
#include "report/report_text.h"
#include "report/shape_drawing.h"
#include "report/words.h"
#include "takehome/clip_pictures.h"
#include "takehome/skill_figure.h"
#include "work/skill_of_case.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kFaultsOnOnePage = 4;
constexpr double kSheetCutoffHz = 6; ///< of what is drawn of a measure, never measured from

/// How much of the pack there is room for.
struct Room {
    int faults = 0;    ///< at most so many; 0: all of the pack
    bool hints = true; ///< what to look at in a key position
};

class Sheet {
public:
    Sheet(const SheetOf& of, Room room, HtmlPieces& pieces)
        : of_(of), pack_(of.pack), hand_(of.handedness), whole_(room.faults == 0), hints_(room.hints),
          most_(room.faults), out_(pieces) {
        Trial named;
        named.capture.handedness = of.handedness;
        sides_ = resolveRoles(pack_, named);
        if (auto figure = skillFigure(pack_, of.handedness, of.shown)) {
            figure_ = std::move(figure->trial);
            filmed_ = figure->filmed;
            sides_ = resolveRoles(pack_, *figure_);
            lines_ = figureLines(pack_, sides_);
            pose_ = largestPose();
        }
    }

    void write() {
        out_.line(words::text(pack_.title), 22, true);
        const QString edition = Report::tr("Skill sheet, edition %1").arg(words::text(pack_.edition));
        out_.small(pack_.roles.empty()   ? edition
                   : hand_ == Side::Left ? edition + QStringLiteral(". ") + Report::tr("Said for a left-hander.")
                                         : edition + QStringLiteral(". ") + Report::tr("Said for a right-hander."));
        if (!pack_.about.empty())
            out_.plain(sentence(pack_.about));
        positions();
        if (whole_)
            lookFor();
        faults();
        if (whole_)
            ladders();
        cautions();
        if (whole_)
            sources();
    }

private:
    /// Words of the pack, its roles as sides.
    [[nodiscard]] QString said(const std::string& words) const { return words::said(words, sides_); }
    [[nodiscard]] QString sentence(const std::string& words) const {
        QString out = said(words).trimmed();
        if (!out.isEmpty() && !out.endsWith(u'.') && !out.endsWith(u'!') && !out.endsWith(u'?'))
            out += u'.';
        return out;
    }
    [[nodiscard]] std::map<std::string, QPointF> marksAt(double frame) const {
        std::map<std::string, QPointF> out;
        for (const auto& [landmark, track] : figure_->marks) {
            const auto near = track.lower_bound(static_cast<int>(std::lround(frame)));
            if (near != track.end())
                out[landmark] = {near->second.at.x, near->second.at.y};
        }
        return out;
    }

    [[nodiscard]] static QRectF boxOf(const std::map<std::string, QPointF>& marks) {
        QPolygonF points;
        for (const auto& [landmark, at] : marks)
            points << at;
        return points.boundingRect();
    }

    /// As large as the largest pose: each is shown in its own middle, wherever the movement has come to.
    [[nodiscard]] QSizeF largestPose() const {
        QSizeF out(1, 1);
        for (const TrialEvent& event : figure_->events)
            out = out.expandedTo(boxOf(marksAt(figure_->times.frameOf(event.timeS))).size());
        constexpr double kRoom = 1.16;
        return out * kRoom;
    }

    /// The measures that are taken at an event and have a reference, the first ones.
    [[nodiscard]] std::vector<std::pair<const MeasureDef*, Reference>> measuredAt(const std::string& event) const {
        std::vector<std::pair<const MeasureDef*, Reference>> out;
        for (const MeasureDef& def : pack_.measures)
            if (def.at == event)
                if (const Reference reference = referenceOf(pack_, def, nullptr, {}, {}, {});
                    reference.source != Reference::Source::None)
                    out.emplace_back(&def, reference);
        return out;
    }

    /// The figure at an event, with the first thing that is measured there drawn on it, and where it may lie.
    [[nodiscard]] QImage pose(const TrialEvent& event, const std::pair<const MeasureDef*, Reference>* drawn) const {
        constexpr int kWide = 360, kHigh = 300;
        QImage image(kWide, kHigh, QImage::Format_RGB32);
        const look::Palette& colours = look::light();
        image.fill(colours.course);
        QPainter painter(&image);
        painter.setRenderHint(QPainter::Antialiasing);
        const double scale = std::min(kWide / pose_.width(), kHigh / pose_.height());
        const double frame = figure_->times.frameOf(event.timeS);
        const auto marks = marksAt(frame);
        const QPointF middle = boxOf(marks).center();
        const auto place = [&](QPointF at) { return QPointF(kWide / 2.0, kHigh / 2.0) + (at - middle) * scale; };
        std::optional<RangeFan> fan;
        if (drawn && drawn->second.low && drawn->second.high)
            fan = rangeFan(pack_, *drawn->first, *figure_, *drawn->second.low, *drawn->second.high, kSheetCutoffHz);
        if (fan)
            drawFan(painter, *fan, place, scale);
        drawFigure(painter, marks, lines_, colours.model, 3, place);
        if (drawn)
            if (auto shape = measuredShape(pack_, *drawn->first, *figure_, frame, kSheetCutoffHz)) {
                if (fan)
                    shape->arcs.clear(); // the fan is what counts here
                drawShape(painter, *shape, {}, colours.athlete, 3.4, place, image.rect());
            }
        return image;
    }

    /// The range, as the directions in which the segment may lie.
    static void drawFan(QPainter& painter, const RangeFan& fan, const std::function<QPointF(QPointF)>& place,
                        double scale) {
        constexpr double kBeyond = 1.6, kSixteenths = 16; // longer than the segment, to be seen; QPainter's unit
        const double radius = fan.radiusPx * scale * kBeyond;
        const QPointF centre = place({fan.centre.x, fan.centre.y});
        painter.save();
        QColor soft = look::light().model;
        soft.setAlpha(90);
        painter.setPen(QPen(look::light().model, 1.5));
        painter.setBrush(soft);
        painter.drawPie(QRectF(centre.x() - radius, centre.y() - radius, 2 * radius, 2 * radius),
                        static_cast<int>(std::lround(-fan.fromDeg * kSixteenths)),
                        static_cast<int>(std::lround((fan.fromDeg - fan.toDeg) * kSixteenths)));
        painter.restore();
    }

    void positions() {
        out_.heading(Report::tr("Key positions"));
        const auto shown = [this](const EventDef& def) { return whole_ || !def.optional; };
        const auto count = static_cast<int>(std::count_if(pack_.events.begin(), pack_.events.end(), shown));
        constexpr int kFewestAcross = 3, kMostAcross = 5;
        const int across = std::clamp(count, kFewestAcross, kMostAcross);
        constexpr int kPageWide = 1040; // dots between the margins
        const int wide = kPageWide / across - 18;
        int column = 0;
        QString row, table;
        const auto flush = [&] {
            if (!row.isEmpty())
                table += QStringLiteral("<tr>%1</tr>").arg(row);
            row.clear();
        };
        int number = 0;
        for (const EventDef& def : pack_.events) {
            ++number;
            if (!shown(def))
                continue;
            const auto measured = measuredAt(def.id);
            const TrialEvent* event = figure_ ? figure_->event(def.id) : nullptr;
            QString cell;
            if (event)
                cell += out_.image(pose(*event, measured.empty() ? nullptr : &measured.front()), wide) +
                        QStringLiteral("<br>");
            if (of_.picture)
                if (const QImage filmed = of_.picture(def.id, {360, 270}); !filmed.isNull())
                    cell += out_.image(filmed, wide) + QStringLiteral("<br>");
            cell += QStringLiteral("<b>%1 %2</b>").arg(number).arg(esc(words::text(def.title)));
            if (!def.hint.empty() && hints_)
                cell += QStringLiteral("<br><span style='font-size:8.5pt; color:#55656B'>%1</span>")
                            .arg(esc(sentence(def.hint)));
            const std::size_t most = whole_ ? measured.size() : 2;
            for (std::size_t i = 0; i < std::min(most, measured.size()); ++i)
                cell += QStringLiteral("<br><span style='font-size:8.5pt'>%1: %2</span>")
                            .arg(esc(words::text(measured[i].first->title)),
                                 esc(words::referenceText(*measured[i].first, measured[i].second)));
            row += QStringLiteral("<td width='%2%' style='padding:3px; vertical-align:top'>%1</td>")
                       .arg(cell)
                       .arg(100 / across);
            if (++column % across == 0)
                flush();
        }
        flush();
        out_.raw(QStringLiteral("<table width='100%'>%1</table>").arg(table));
        QStringList phases;
        for (const PhaseDef& phase : pack_.family == Family::Cyclic
                                         ? std::vector<PhaseDef>()
                                         : pack_.phases) // not the one that holds all the others
            if (!phase.window && (pack_.phases.size() == 1 || pack_.eventIndex(phase.from) > 0 ||
                                  pack_.eventIndex(phase.to) + 1 < static_cast<int>(pack_.events.size())))
                phases << said(phase.title);
        if (!phases.isEmpty())
            out_.plain(Report::tr("In this order: %1.").arg(phases.join(QStringLiteral(" → "))));
    }

    void lookFor() {
        if (!pack_.observations.empty()) {
            out_.heading(Report::tr("What to look for"));
            for (const ObservationDef& seen : pack_.observations)
                out_.plain(QStringLiteral("• ") + sentence(seen.ask));
        }
        out_.heading(Report::tr("What is measured"));
        for (const MeasureDef& def : pack_.measures) {
            const Reference reference = referenceOf(pack_, def, nullptr, {}, {}, {});
            out_.plain(QStringLiteral("• %1%2. %3")
                           .arg(words::text(def.title),
                                reference.source == Reference::Source::None
                                    ? QString()
                                    : QStringLiteral(": ") + words::referenceText(def, reference),
                                words::definition(pack_, def)));
        }
    }

    [[nodiscard]] std::vector<const FaultDef*> faultsInOrder() const {
        std::vector<const FaultDef*> out;
        for (const FaultDef& fault : pack_.faults)
            out.push_back(&fault);
        std::stable_sort(out.begin(), out.end(),
                         [](const FaultDef* a, const FaultDef* b) { return a->effect > b->effect; });
        return out;
    }

    void faults() {
        const auto faults = faultsInOrder();
        if (faults.empty())
            return;
        out_.heading(Report::tr("Usual faults"));
        const std::size_t most = whole_ ? faults.size() : static_cast<std::size_t>(most_);
        for (std::size_t i = 0; i < std::min(most, faults.size()); ++i) {
            const FaultDef& fault = *faults[i];
            QString text = QStringLiteral("<b>%1.</b>").arg(esc(said(fault.title)));
            if (!fault.explain.empty())
                text += u' ' + esc(sentence(fault.explain));
            if (!fault.see.empty())
                text += u' ' + esc(Report::tr("To see it: %1").arg(sentence(fault.see)));
            if (!fault.notThis.empty())
                text += QStringLiteral(" <i>%1</i>").arg(esc(Report::tr("Not this: %1").arg(sentence(fault.notThis))));
            if (const DrillDef* drill = whole_ ? nullptr : firstDrill(fault.id))
                text += QStringLiteral("<br>") + drillText(*drill);
            out_.raw(QStringLiteral("<p style='margin-top:3px; margin-bottom:4px'>%1</p>").arg(text));
        }
    }

    [[nodiscard]] const DrillDef* firstDrill(const std::string& fault) const {
        const LadderDef* ladder = pack_.ladder(fault);
        return ladder && !ladder->rungs.empty() ? pack_.drill(ladder->rungs.front()) : nullptr;
    }

    [[nodiscard]] QString drillText(const DrillDef& drill) const {
        QString out =
            QStringLiteral("%1 %2 %3")
                .arg(esc(Report::tr("Drill: %1.").arg(said(drill.title))), esc(words::quoted(said(drill.cue))),
                     esc(words::doseText(drill.dose) + QStringLiteral(". ")));
        if (!drill.good.empty())
            out += esc(Report::tr("Good: %1").arg(sentence(drill.good)));
        for (const std::string& caution : drill.cautions)
            out += QStringLiteral(" <span style='color:#8C1D5B'>%1</span>").arg(esc(sentence(caution)));
        return out;
    }

    void ladders() {
        for (const FaultDef* fault : faultsInOrder()) {
            const LadderDef* ladder = pack_.ladder(fault->id);
            if (!ladder)
                continue;
            out_.heading(Report::tr("Drills: %1").arg(said(fault->title)));
            int number = 0;
            for (const std::string& rung : ladder->rungs)
                if (const DrillDef* drill = pack_.drill(rung))
                    out_.raw(QStringLiteral("<p style='margin-top:1px; margin-bottom:3px'>%1. %2</p>")
                                 .arg(++number)
                                 .arg(drillText(*drill)));
        }
    }

    void cautions() {
        out_.heading(Report::tr("Care"));
        for (const FaultDef& fault : pack_.faults)
            if (fault.safety != Caution::None && !fault.safetyText.empty())
                out_.line(sentence(fault.safetyText), 9.5, false, QStringLiteral("#8C1D5B"));
        out_.line(Report::tr("Stop on pain and ask a licensed professional. The rules of the sport's body and of the "
                             "venue come first."),
                  9.5, true, QStringLiteral("#8C1D5B"));
        if (figure_)
            out_.small(
                filmed_ ? Report::tr("The figure is a model's repetition as it was marked.")
                        : Report::tr("The figure is drawn from the skill's own postures; nobody was filmed for it."));
    }

    void sources() {
        out_.heading(Report::tr("Where the ranges come from"));
        for (const auto& [id, source] : pack_.sources)
            out_.small(QStringLiteral("• ") + words::text(source));
    }

    const SheetOf& of_;
    const Pack& pack_;
    Side hand_;
    bool whole_, hints_, filmed_ = false;
    int most_;
    std::map<std::string, Side> sides_;
    HtmlPieces& out_;
    std::optional<Trial> figure_;
    std::vector<std::pair<std::string, std::string>> lines_;
    QSizeF pose_;
};

PaperOf sheetPaper(const SheetOf& of, Room room) {
    return {words::text(of.pack.title), Report::tr("skill sheet"),
            [&of, room](HtmlPieces& pieces) { Sheet(of, room, pieces).write(); }};
}

/// As much as fits on one page; or all of the pack, where that is wanted.
Room roomFor(const SheetOf& of, SheetLength length) {
    if (length == SheetLength::Whole)
        return {};
    constexpr int kRough = 20; // dots an inch: pages are only counted
    for (const bool hints : {true, false})
        for (int faults = kFaultsOnOnePage; faults > 0; --faults)
            if (previewPages(sheetPaper(of, {faults, hints}), kRough).size() == 1)
                return {faults, hints};
    return {1, false};
}

} // namespace

bool hasPictures(const CaseData& data) {
    const ShownWell shown = shownWell(data);
    return shown.ofModel && !shown.trials.empty();
}

SheetOf sheetOf(const CaseData& data, bool pictures, const QString& folder) {
    ShownWell well = shownWell(data);
    SheetOf out{data.pack, data.athlete.handedness, std::move(well.trials), {}};
    if (!pictures || !well.ofModel || out.shown.empty())
        return out;
    const auto lines = figureLines(data.pack, resolveRoles(data.pack, out.shown.front()));
    out.picture = [&data, lines, shown = out.shown, source = clipPictures(folder)](const std::string& event,
                                                                                   const QSize& size) {
        for (const Trial& trial : shown)
            if (auto ref = eventPicture(data, repetitionId(trial.id), event, {})) {
                ref->ofModel = ref->faceCovered = true; // it may hang on a wall
                return keyPicture(*ref, lines, source, size);
            }
        return QImage();
    };
    return out;
}

std::vector<QImage> sheetPages(const SheetOf& of, SheetLength length, int dotsPerInch) {
    return previewPages(sheetPaper(of, roomFor(of, length)), dotsPerInch);
}

Result<void> writeSheet(const SheetOf& of, SheetLength length, const QString& path) {
    return writePdf(sheetPaper(of, roomFor(of, length)), path);
}

} // namespace riflesso
