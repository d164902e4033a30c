#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/qt_life.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "demo/demo_library.h"
#include "report/paper.h"
#include "store/case_archive.h"
#include "store/edit.h"
#include "store/library.h"
#include "takehome/case_with_walks.h"
#include "takehome/clip_pictures.h"
#include "work/library_copy.h"

#include <QFile>

#include <memory>

namespace riflesso::cli {
namespace {

Json strings(const QStringList& list) {
    Json out = Json::array();
    for (const QString& entry : list)
        out.push_back(entry.toStdString());
    return out;
}

/// "LIBRARY --what ID --out PATH": the open library, the number and where to write.
struct LibraryRequest {
    QtLife qt;
    std::unique_ptr<Library> library;
    int id = 0;
    std::string out;

    std::optional<std::string> session, stress;

    static Result<std::unique_ptr<LibraryRequest>> read(const Words& words, const std::string& what,
                                                        const std::string& usage,
                                                        const std::vector<std::string>& more = {}) {
        std::vector<std::string> known = {what, "out"};
        known.insert(known.end(), more.begin(), more.end());
        const auto arguments = Arguments::parse(words, known);
        if (!arguments)
            return arguments.error();
        if (arguments->plain().size() != 1)
            return badInput("command line", usage, "another number of words");
        const auto id = arguments->integer(what, 1, 2'000'000'000);
        if (!id)
            return id.error();
        const auto out = arguments->required("out");
        if (!out)
            return out.error();
        auto request = std::make_unique<LibraryRequest>();
        auto library = Library::open(absolute(arguments->plain()[0]), Library::Mode::ReadOnly);
        if (!library)
            return library.error();
        request->library = std::move(*library);
        request->id = *id;
        request->out = *out;
        request->session = arguments->value("session");
        request->stress = arguments->value("stress");
        return request;
    }
};

} // namespace

Result<Json> demo(const Words& words) {
    const auto arguments = Arguments::parse(words, {});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "demo DIR", std::to_string(arguments->plain().size()) + " words");
    const QtLife qt;
    const QString folder = absolute(arguments->plain()[0]);
    DemoSources sources = DemoSources::besideProgram(QCoreApplication::applicationDirPath());
    sources.ready.clear(); // from its parts: it is how the one that is ready is made
    if (const auto built = buildDemoLibrary(folder, sources); !built)
        return built.error();
    return Json{{"library", arguments->plain()[0]}};
}

Result<Json> verify(const Words& words) {
    const auto arguments = Arguments::parse(words, {});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "verify LIBRARY", std::to_string(arguments->plain().size()) + " words");
    const QtLife qt;
    const auto library = Library::open(absolute(arguments->plain()[0]), Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    const auto check = (*library)->verify();
    if (!check)
        return check.error();
    QStringList missing;
    for (const LibraryCheck::Clip& clip : check->missingClips)
        missing << clip.path;
    return Json{{"ok", check->sound},
                {"version", check->version},
                {"problems", strings(check->problems)},
                {"missing_media", strings(missing)},
                {"athletes", check->holds.athletes},
                {"cases", check->holds.cases},
                {"clips", check->holds.clips},
                {"repetitions", check->holds.repetitions},
                {"marks", check->marks}};
}

Result<Json> copyCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 2)
        return badInput("command line", "copy LIBRARY DIR", std::to_string(arguments->plain().size()) + " words");
    const QtLife qt;
    const auto copy =
        copyLibraryTo(absolute(arguments->plain()[0]), absolute(arguments->plain()[1]), [](double) { return true; });
    if (!copy)
        return copy.error();
    return Json{{"copy", arguments->plain()[1]},     {"files", copy->files},        {"bytes", copy->bytes},
                {"new_files", copy->newFiles},       {"new_bytes", copy->newBytes}, {"removed", copy->removed},
                {"left_out", strings(copy->leftOut)}};
}

Result<Json> exportCommand(const Words& words) {
    const std::string usage = "export LIBRARY --case ID --out C.zip [--media yes|no]";
    const auto arguments = Arguments::parse(words, {"case", "out", "media"});
    if (!arguments)
        return arguments.error();
    const auto id = arguments->integer("case", 1, 2'000'000'000);
    const auto out = arguments->required("out");
    if (!id || !out)
        return !id ? id.error() : out.error();
    const std::string media = arguments->value("media").value_or("yes");
    if (arguments->plain().size() != 1 || (media != "yes" && media != "no"))
        return badInput("command line", usage, "something else");
    const QtLife qt;
    const auto library = Library::open(absolute(arguments->plain()[0]), Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    const auto written = writeWholeCase(**library, {*id}, absolute(*out), media == "yes");
    if (!written)
        return written.error();
    // So that a copy that comes back can be compared with what went out; not where a window has the library open.
    bool kept = false;
    if (const auto open = Library::open(absolute(arguments->plain()[0])))
        kept = (*open)->keep([&](Edit& edit) { return edit.keepExchanged({*id}, written->state); }).ok();
    return Json{{"out", *out},
                {"case", *id},
                {"clips", written->clips},
                {"clips_left_out", written->clipsLeftOut},
                {"state_kept", kept}};
}

namespace {

Json countsJson(const std::map<RowKind, int>& counts) {
    Json out = Json::object();
    for (const auto& [kind, count] : counts)
        out[std::string(toString(kind))] = count;
    return out;
}

/// Brings an archive together with the copy that is here. `answer`: what holds where both have changed.
Result<Json> together(CaseArchive& archive, Library& library, CaseId here, const std::string& answer, bool onlyShow) {
    const auto merge = archive.compareWith(library, here);
    if (!merge)
        return merge.error();
    std::vector<bool> takeThere;
    Json questions = Json::array();
    for (const MergeQuestion& question : merge->questions) {
        takeThere.push_back(answer == "there" || (answer == "newer" && question.newerThere));
        questions.push_back({{"row", question.first},
                             {"rows", question.keys.size()},
                             {"here", Json::parse(question.here, nullptr, false)},
                             {"there", Json::parse(question.there, nullptr, false)},
                             {"newer", question.newerThere ? "there" : "here"}});
    }
    Json out{{"state_before_known", merge->knowsBefore},
             {"from_there", countsJson(merge->fromThere)},
             {"only_here", countsJson(merge->onlyHere)},
             {"questions", std::move(questions)},
             {"done", false}};
    if (onlyShow || (answer == "ask" && !merge->questions.empty()))
        return out;
    const auto merged = archive.bringTogether(library, here, *merge, takeThere);
    if (!merged)
        return merged.error();
    out["done"] = true;
    out["rows_taken"] = merged->taken;
    out["left_out"] = merged->leftOut;
    return out;
}

} // namespace

Result<Json> importCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"only-show", "together"});
    if (!arguments)
        return arguments.error();
    const std::string show = arguments->value("only-show").value_or("no");
    const auto answer = arguments->value("together");
    static const std::set<std::string> kAnswers = {"ask", "newer", "here", "there"};
    if (arguments->plain().size() != 2 || (show != "yes" && show != "no") || (answer && !kAnswers.contains(*answer)))
        return badInput("command line",
                        "import LIBRARY C.riflesso [--only-show yes|no] [--together ask|newer|here|there]",
                        "something else");
    const QtLife qt;
    const QString folder = absolute(arguments->plain()[0]);
    const auto library = Library::open(folder);
    if (!library)
        return library.error();
    const auto archive = CaseArchive::open(absolute(arguments->plain()[1]), folder);
    if (!archive)
        return archive.error();
    const auto meeting = (*archive)->meet(**library);
    if (!meeting)
        return meeting.error();
    Json out{{"athlete", (*archive)->data().athlete.name.toStdString()},
             {"title", (*archive)->data().title.toStdString()},
             {"athlete_known", static_cast<bool>(meeting->knownAthlete)},
             {"case_of_this_title_known", meeting->sameCase},
             {"copy_here", meeting->copyHere ? Json(meeting->copyHere.value) : Json(nullptr)},
             {"clips", (*archive)->clips()},
             {"case", nullptr}};
    if (answer && meeting->copyHere) {
        auto done = together(**archive, **library, meeting->copyHere, *answer, show == "yes");
        if (!done)
            return done.error();
        out["together"] = std::move(*done);
        out["case"] = meeting->copyHere.value;
        return out;
    }
    if (show == "yes")
        return out;
    const auto id = (*archive)->addTo(**library);
    if (!id)
        return id.error();
    out["case"] = id->value;
    return out;
}

Result<Json> report(const Words& words) {
    const auto request = LibraryRequest::read(words, "assessment", "report LIBRARY --assessment ID --out R.pdf");
    if (!request)
        return request.error();
    const auto& [qt, library, id, out, session, stress] = **request;
    const auto stored = library->loadAssessment({id});
    if (!stored)
        return stored.error();
    const auto content = reportFromJson(stored->content, QStringLiteral("assessment %1").arg(id));
    if (!content)
        return content.error();
    int missing = 0;
    const PictureSource pictures = [&, clips = clipPictures(library->folder())](const QString& path, int frame) {
        QImage image = clips(path, frame);
        missing += image.isNull();
        return image;
    };
    if (const auto written = writePdf(*content, Paper::Plan, pictures, absolute(out)); !written)
        return written.error();
    return Json{{"out", out}, {"assessment", id}, {"pictures_missing", missing}};
}

namespace {

/// Handedness, facing and stress of trials, as A.json gives them.
Json athleteJson(const std::vector<Trial>& trials, const AthleteFacts& facts) {
    Json out = Json::object();
    if (!trials.empty()) {
        out["handedness"] = toString(trials.front().capture.handedness);
        out["view"] = toString(trials.front().capture.view);
        if (trials.front().capture.slowMotion != 1)
            out["slow_motion"] = trials.front().capture.slowMotion;
        if (trials.front().capture.metresPerPixel)
            out["scale"] = *trials.front().capture.metresPerPixel;
    }
    if (facts.waitsForAdvice)
        out["waits_for_advice"] = true;
    for (const Limit& limit : facts.limits.known) {
        Json entry{{"part", toString(limit.part)}, {"kind", toString(limit.kind)}};
        if (limit.side != LimitSide::Unsaid)
            entry["side"] = toString(limit.side);
        out["limits"].push_back(std::move(entry));
    }
    for (const std::string& words : facts.limits.unclear)
        out["limits"].push_back(words);
    if (facts.equipmentKnown)
        out["equipment"] = facts.equipment;
    for (const auto& [key, value] : {std::pair<const char*, const std::string&>{"level", facts.level},
                                     {"age", facts.age},
                                     {"format", facts.format}})
        if (!value.empty())
            out[key] = value;
    for (const Trial& trial : trials) {
        Json own = {{"facing", toString(trial.capture.facing)}};
        if (trial.capture.bearingDeg)
            own["bearing"] = *trial.capture.bearingDeg;
        if (trial.capture.bearingUDeg > 0)
            own["bearing_u"] = trial.capture.bearingUDeg;
        if (trial.capture.place.heightM)
            own["camera_height"] = *trial.capture.place.heightM;
        if (trial.capture.place.distanceM)
            own["camera_distance"] = *trial.capture.place.distanceM;
        if (!trial.variant.empty())
            own["variant"] = trial.variant;
        if (!trial.conditions.empty())
            own["conditions"] = Json(trial.conditions);
        if (!trial.results.empty())
            own["results"] = Json(trial.results);
        if (trial.stress)
            own["stress"] = toString(*trial.stress);
        if (!trial.performer.empty())
            own["performer"] = trial.performer;
        out["trials"][trial.id] = own;
    }
    return out;
}

} // namespace

Result<Json> tables(const Words& words) {
    const auto request = LibraryRequest::read(
        words, "case", "tables LIBRARY --case ID --out DIR [--session YYYY-MM-DD] [--stress LEVEL]",
        {"session", "stress"});
    if (!request)
        return request.error();
    const auto& [qt, library, id, out, day, stress] = **request;
    const auto data = library->loadCase({id});
    if (!data)
        return data.error();
    const auto pack = library->packText({id});
    if (!pack)
        return pack.error();
    const QDir folder(absolute(out));
    if (!QDir().mkpath(folder.path()))
        return badInput(out, "a folder that can be written to", "no write");
    const QDate date = day ? QDate::fromString(QString::fromStdString(*day), Qt::ISODate) : QDate();
    const auto level = stress ? stressFrom(*stress) : std::nullopt;
    if (day && !date.isValid())
        return badInput("command line", "a date in --session, as YYYY-MM-DD", *day);
    if (stress && !level)
        return badInput("command line", "a stress level in --stress", *stress);
    std::vector<Trial> own;
    for (const Session& session : data->sessions)
        if (!session.isModel && (!day || session.date == date))
            for (const Trial& trial : trialsOf(*data, session.id, level))
                own.push_back(trial);
    if (own.empty() && (day || stress))
        return badInput("command line", "a session or level that has repetitions", "none");
    std::vector<Trial> model = modelTrialsOf(*data);
    // The tables go with the pack as it is written: the end of a cycle is the next one's start.
    for (std::vector<Trial>* trials : {&own, &model})
        for (Trial& trial : *trials)
            for (TrialEvent& event : trial.events)
                if (event.event == data->pack.cycleEnd)
                    event.event = data->pack.events.front().id;
    std::string observations = "trial,observation,value\n";
    for (const Trial& trial : own)
        for (const auto& [name, value] : trial.observations)
            observations += csvCell(trial.id) + "," + name + "," + csvCell(value) + "\n";
    std::vector<std::pair<QString, std::string>> files = {
        {QStringLiteral("pack.json"), pack->toStdString()},
        {QStringLiteral("landmarks.csv"), landmarksCsv(own)},
        {QStringLiteral("events.csv"), eventsCsv(own)},
        {QStringLiteral("observations.csv"), observations},
        {QStringLiteral("athlete.json"), athleteJson(own, factsOf(*data, QDate::currentDate())).dump(1)}};
    if (!model.empty()) {
        files.emplace_back(QStringLiteral("model-landmarks.csv"), landmarksCsv(model));
        files.emplace_back(QStringLiteral("model-events.csv"), eventsCsv(model));
        files.emplace_back(QStringLiteral("model-athlete.json"), athleteJson(model, {}).dump(1));
    }
    Json written = Json::array();
    for (const auto& [name, text] : files) {
        QFile file(folder.filePath(name));
        if (!file.open(QIODevice::WriteOnly) || file.write(text.data(), static_cast<qint64>(text.size())) < 0)
            return badInput(file.fileName().toStdString(), "a file that can be written",
                            file.errorString().toStdString());
        written.push_back(file.fileName().toStdString());
    }
    return Json{{"written", written}, {"trials", own.size()}, {"model_trials", model.size()}};
}

} // namespace riflesso::cli
