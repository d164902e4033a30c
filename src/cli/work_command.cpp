#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "cli/qt_life.h"
#include "core/tables/json_walk.h"
#include "media/threads.h"
#include "store/case_archive.h"
#include "takehome/case_with_walks.h"
#include "work/whole_case.h"

#include <QDir>
#include <QFileInfo>

#include <cstdio>
#include <sstream>

namespace riflesso::cli {
namespace {

constexpr const char* kUsage = "work CASE.zip --do look,find,propose,track,assess --out CASE2.zip [--threads N]";

Result<std::vector<CaseStep>> stepsOf(const std::string& list) {
    std::vector<CaseStep> out;
    std::istringstream words(list);
    for (std::string word; std::getline(words, word, ',');) {
        const auto step = caseStepFrom(word);
        if (!step)
            return badInput("command line", "--do with look, find, propose, track, assess, between commas", word);
        out.push_back(*step);
    }
    if (out.empty())
        return badInput("command line", "--do with one step or more", "none");
    return out;
}

/// {"step":"propose","share":0.25}, one a line on standard error, a new line a hundredth.
bool sayProgress(CaseStep step, double share) {
    static CaseStep lastStep = CaseStep::Assess;
    static int last = -1;
    const int percent = static_cast<int>(100 * share);
    if (step != lastStep || percent != last)
        std::fprintf(stderr, "%s\n", Json{{"step", toString(step)}, {"share", percent / 100.0}}.dump().c_str());
    lastStep = step;
    last = percent;
    return true;
}

Json lookedJson(const std::vector<ClipLookedThrough>& looked) {
    Json out = Json::array();
    for (const ClipLookedThrough& clip : looked) {
        Json entry{{"clip", clip.title.toStdString()},
                   {"repeated_frames", clip.checks.repeated},
                   {"suggested_cuts", clip.checks.cuts},
                   {"lit", nullptr}};
        if (const auto& lit = clip.checks.lit)
            entry["lit"] = {lit->left, lit->top, lit->width, lit->height};
        out.push_back(std::move(entry));
    }
    return out;
}

Json setsJson(const CaseData& data, const std::vector<SetAssessed>& sets) {
    Json out = Json::array();
    for (const SetAssessed& set : sets)
        out.push_back({{"session", data.session(set.session)->date.toString(Qt::ISODate).toStdString()},
                       {"stress", set.stress ? Json(toString(*set.stress)) : Json()},
                       {"answer", assessmentJson(set.assessment)}});
    return out;
}

/// Where the case is unpacked and worked on; gone at the end.
class WorkFolder {
public:
    explicit WorkFolder(const QString& target)
        : path_(QFileInfo(target).dir().absoluteFilePath(QStringLiteral(".riflesso-work-") +
                                                         QFileInfo(target).fileName())) {
        QDir(path_).removeRecursively();
        made_ = QDir().mkpath(path_);
    }
    WorkFolder(const WorkFolder&) = delete;
    WorkFolder& operator=(const WorkFolder&) = delete;
    ~WorkFolder() { QDir(path_).removeRecursively(); }
    [[nodiscard]] bool made() const { return made_; }
    [[nodiscard]] const QString& path() const { return path_; }

private:
    QString path_;
    bool made_ = false;
};

} // namespace

Result<Json> workCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"do", "out", "threads"});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", kUsage, std::to_string(arguments->plain().size()) + " archives");
    const auto list = arguments->required("do");
    const auto out = arguments->required("out");
    if (!list || !out)
        return !list ? list.error() : out.error();
    const auto steps = stepsOf(*list);
    if (!steps)
        return steps.error();
    constexpr double kMostThreads = 64;
    const auto threads = arguments->number("threads", 1, kMostThreads);
    if (!threads)
        return threads.error();
    if (*threads)
        useThreads(static_cast<int>(**threads));
    const QtLife qt;
    // Beside what will be written: there is room for the clips there, or nowhere. One folder an output: what a run that
    // was killed has left goes when it is done again.
    const QString target = absolute(*out);
    const WorkFolder folder(target);
    if (!folder.made())
        return badInput(*out, "a place that can be written to", "no folder can be made there");
    const auto library = Library::open(folder.path());
    if (!library)
        return library.error();
    const auto archive = CaseArchive::open(absolute(arguments->plain()[0]), folder.path());
    if (!archive)
        return archive.error();
    (*library)->keepMoments(false); // the same result on any machine
    const auto id = (*archive)->addTo(**library);
    if (!id)
        return id.error();
    const auto worked =
        workOnCase(**library, *id, *steps, besideProgram("share/riflesso/models"), QDate::currentDate(), sayProgress);
    if (!worked)
        return worked.error();
    const auto data = (*library)->loadCase(*id);
    if (!data)
        return data.error();
    const auto written = writeWholeCase(**library, *id, target, true);
    if (!written)
        return written.error();
    Json done = Json::array();
    for (const CaseStep step : *steps)
        done.push_back(toString(step));
    return Json{{"out", *out},
                {"done", std::move(done)},
                {"looked", lookedJson(worked->looked)},
                {"repetitions_found", worked->found},
                {"marks_proposed", worked->proposed},
                {"marks_doubtful", worked->doubtful},
                {"events_proposed", worked->events},
                {"marks_tracked", worked->tracked},
                {"places_lost", worked->lost},
                {"left_out", worked->leftOut},
                {"assess", setsJson(*data, worked->assessed)}};
}

} // namespace riflesso::cli
