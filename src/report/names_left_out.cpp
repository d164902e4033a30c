#include "report/names_left_out.h"

#include <QRegularExpression>

namespace riflesso {
void forEachPicture(ReportContent& content, const std::function<void(PictureRef&)>& visit) {
    for (ReportContent::Entry& finding : content.findings)
        for (PictureRef& ref : finding.pictures)
            visit(ref);
    for (ReportContent::Position& position : content.positions)
        for (auto* ref : {&position.own, &position.model})
            if (*ref)
                visit(**ref);
    for (PictureRef& ref : content.progress.thenAndNow)
        visit(ref);
}

QStringList namesIn(const CaseData& data) {
    QStringList out;
    const auto add = [&](const QString& name) {
        if (!name.trimmed().isEmpty() && !out.contains(name))
            out << name;
        constexpr qsizetype kShort = 3; // "de", "A": words of any sentence
        for (const QString& part : name.split(u' ', Qt::SkipEmptyParts))
            if (part.size() >= kShort && !out.contains(part))
                out << part;
    };
    add(data.athlete.name);
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                add(section.performer);
    return out;
}

QString withoutNames(QString text, const QStringList& names) {
    for (const QString& name : names)
        text.replace(QRegularExpression(QStringLiteral("\\b%1\\b").arg(QRegularExpression::escape(name)),
                                        QRegularExpression::CaseInsensitiveOption |
                                            QRegularExpression::UseUnicodePropertiesOption),
                     QStringLiteral("—"));
    return text;
}

void leaveOutNames(ReportContent& c, const QStringList& names) {
    const auto bare = [&](QString& words) { words = withoutNames(words, names); };
    const auto rows = [&](std::vector<ReportContent::Row>& list) {
        for (ReportContent::Row& row : list)
            for (QString* words : {&row.title, &row.value, &row.reference, &row.note})
                bare(*words);
    };
    for (QString* words : {&c.athlete, &c.skill, &c.session, &c.set, &c.model, &c.goal, &c.competition, &c.waits,
                           &c.retest, &c.progress.event})
        bare(*words);
    rows(c.strengths);
    rows(c.measures);
    for (ReportContent::Entry& finding : c.findings)
        for (QString* words : {&finding.title, &finding.explain, &finding.value, &finding.reference, &finding.because,
                               &finding.safety, &finding.decision})
            bare(*words);
    for (ReportContent::Ladder& ladder : c.ladders)
        for (ReportContent::Step& step : ladder.steps)
            for (QString* words :
                 {&step.title, &step.cue, &step.good, &step.cautions, &step.needs, &step.feels, &step.wrong})
                bare(*words);
    for (ReportContent::Position& position : c.positions)
        rows(position.measures);
    for (QStringList* list : {&c.cautions, &c.missing, &c.schedule, &c.lesson, &c.beliefs, &c.remarks, &c.ways,
                              &c.progress.changed, &c.progress.practised, &c.progress.holds, &c.progress.next})
        for (QString& words : *list)
            bare(words);
    forEachPicture(c, [&](PictureRef& ref) {
        bare(ref.caption);
        bare(ref.value);
    });
}

void coverFaces(ReportContent& content, bool athlete, bool model) {
    forEachPicture(content, [&](PictureRef& ref) { ref.faceCovered = ref.ofModel ? model : athlete; });
}

} // namespace riflesso
