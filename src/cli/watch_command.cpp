#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "cli/qt_life.h"
#include "core/tables/json_walk.h"
#include "report/evidence.h"
#include "store/library.h"
#include "work/case_assessment.h"
#include "work/measured_feedback.h"
#include "work/watched_folder.h"

#include <QCryptographicHash>
#include <QDateTime>
#include <QFile>
#include <QFileInfo>
#include <QThread>

#include <cstdio>
#include <set>

namespace riflesso::cli {
namespace {

constexpr const char* kWatchUsage = "watch FOLDER --library L --case ID [--measure M] [--section ID] [--once]";

void sayLine(const Json& line) {
    std::fprintf(stdout, "%s\n", line.dump(-1, ' ', false, Json::error_handler_t::replace).c_str());
    std::fflush(stdout);
}

/// The session that the section belongs to, as it is judged.
const Session* sessionOf(const CaseData& data, SectionId section) {
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& each : clip.sections)
                if (each.id == section)
                    return &session;
    return nullptr;
}

/// Asked for, or the newest of the athlete.
Result<SectionId> sectionFor(const Arguments& arguments, const CaseData& data) {
    constexpr int kMost = 2'000'000'000;
    if (arguments.value("section")) {
        const auto id = arguments.integer("section", 1, kMost);
        if (!id)
            return id.error();
        if (!sessionOf(data, SectionId{*id}))
            return badInput("command line", "--section with the id of a section of the case", std::to_string(*id));
        return SectionId{*id};
    }
    const std::vector<SectionId> all = setupsToFilmAs(data);
    if (all.empty())
        return badInput("case", "a session of the athlete, which says how the camera stands", "none");
    return all.front();
}

/// Asked for, or the one that carries the plan's first focus and can be fed back.
Result<std::string> measureFor(const Arguments& arguments, const CaseData& data, const Assessment& assessment,
                               SectionId section) {
    const std::vector<std::string> possible = measuresToFeedBack(data, assessment, section);
    const auto can = [&](const std::string& id) { return std::count(possible.begin(), possible.end(), id) > 0; };
    if (const auto asked = arguments.value("measure")) {
        if (!can(*asked))
            return badInput("command line", "--measure with a measure of the set that has a reference in this view",
                            *asked);
        return *asked;
    }
    for (const Focus& focus : assessment.prescription.focus)
        if (const FaultDef* fault = data.pack.fault(focus.fault))
            if (const std::string id = leadingMeasure(data.pack, assessment, *fault); can(id))
                return id;
    return badInput("case", "a focus whose measure can be fed back; or name one with --measure", "none");
}

} // namespace

Result<Json> watchCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"library", "case", "measure", "section"}, {"once"});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", kWatchUsage, std::to_string(arguments->plain().size()) + " folders");
    constexpr int kMost = 2'000'000'000;
    const auto folder = arguments->required("library");
    const auto id = arguments->integer("case", 1, kMost);
    if (!folder || !id)
        return !folder ? folder.error() : id.error();
    const QtLife qt;
    const auto library = Library::open(absolute(*folder), Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    auto loaded = (*library)->loadCase(CaseId{*id});
    if (!loaded)
        return loaded.error();
    const auto data = std::make_shared<const CaseData>(std::move(*loaded));
    WatchedFolder watched(absolute(arguments->plain()[0]), true);
    if (!watched.there())
        return badInput(arguments->plain()[0], "a folder to watch", "none");
    if (consentOn(data->athlete, QDate::currentDate()) != Consent::Valid)
        return badInput("case", "the athlete's consent to be filmed and measured", "none that holds today");
    const auto section = sectionFor(*arguments, *data);
    if (!section)
        return section.error();
    const Assessment assessment =
        assess(assessmentInput(*data, sessionOf(*data, *section)->id, {}, School::Root, QDate::currentDate()));
    const auto measure = measureFor(*arguments, *data, assessment, *section);
    if (!measure)
        return measure.error();
    const auto feedback = MeasuredFeedback::open(data, assessment, {*measure, *section},
                                                 besideProgram("share/riflesso/models"), [](double) { return true; });
    if (!feedback)
        return feedback.error();
    const bool once = arguments->flag("once");
    int clips = 0, repetitions = 0, unsure = 0, unreadable = 0, again = 0;
    std::set<QByteArray> known;
    for (;;) {
        const auto arrived = watched.arrived(QDateTime::currentDateTime());
        for (const WatchedFolder::Arrived& each : arrived) {
            const std::string name = QFileInfo(each.path).fileName().toStdString();
            QFile file(each.path);
            QCryptographicHash hash(QCryptographicHash::Sha256);
            if (file.open(QIODevice::ReadOnly) && hash.addData(&file) && !known.insert(hash.result()).second) {
                ++again;
                sayLine({{"clip", name}, {"problem", "the same film came before"}});
                continue;
            }
            const auto result = (*feedback)->measure(each.path, {}, [](double) { return true; });
            if (!result) {
                ++unreadable;
                sayLine({{"clip", name}, {"problem", result.error().sentence()}});
                continue;
            }
            ++clips;
            const double seconds = static_cast<double>(each.written.msecsTo(QDateTime::currentDateTime())) / 1000;
            if (result->repetitions.empty())
                sayLine({{"clip", name}, {"problem", "no repetition was found in it"}, {"seconds", seconds}});
            int number = 0;
            for (const MeasuredRepetition& repetition : result->repetitions) {
                ++repetitions;
                unsure += repetition.verdict == FeedbackVerdict::NotSure;
                Json line{{"clip", name},
                          {"repetition", ++number},
                          {"from_frame", repetition.from},
                          {"to_frame", repetition.to},
                          {"measure", *measure},
                          {"value", repetition.value ? Json(*repetition.value) : Json(nullptr)},
                          {"u", repetition.value ? Json(repetition.u) : Json(nullptr)},
                          {"unit", (*feedback)->def().unit},
                          {"verdict", toString(repetition.verdict)},
                          {"seconds", seconds}};
                if (!repetition.why.empty())
                    line["why"] = inEnglish(repetition.why);
                sayLine(line);
            }
        }
        if (once && watched.waiting() == 0 && arrived.empty())
            break;
        constexpr unsigned long kLookAgainMs = 200;
        QThread::msleep(kLookAgainMs);
    }
    const FeedbackBand& band = (*feedback)->band();
    sayLine({{"clips", clips},
             {"repetitions", repetitions},
             {"not_sure", unsure},
             {"unreadable", unreadable},
             {"came_again", again},
             {"measure", *measure},
             {"low", band.low ? Json(*band.low) : Json(nullptr)},
             {"high", band.high ? Json(*band.high) : Json(nullptr)}});
    return Json(nullptr);
}

} // namespace riflesso::cli
