// pack check, list, diff, sheet, new: skills as files.

#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "cli/qt_life.h"
#include "core/pack/pack_diff.h"
#include "core/pack/pack_reader.h"
#include "core/tables/json_walk.h"
#include "store/library.h"
#include "takehome/skill_sheet.h"
#include "work/skill_of_case.h"

#include <algorithm>
#include <filesystem>

namespace riflesso::cli {
namespace {

constexpr const char* kPackUsage =
    "pack check P.json, pack list, pack diff A.json B.json, pack sheet P.json --out S.pdf, pack new --from-case "
    "LIBRARY "
    "--case ID --out P.json or pack rules --pack P.json --landmarks L.csv --events E.csv";

Result<Json> check(const std::string& path) {
    const auto text = readFile(path);
    if (!text)
        return text.error();
    const PackReading reading = readPack(*text);
    Json out;
    out["ok"] = reading.faults.empty();
    out["pack"] = {{"id", reading.pack.id}, {"edition", reading.pack.edition}};
    out["faults"] = Json::array();
    for (const JsonFault& fault : reading.faults)
        out["faults"].push_back({{"path", fault.path}, {"expected", fault.expected}, {"got", fault.got}});
    return out;
}

/// Those that ship beside the program.
Result<Json> list() {
    Json packs = Json::array();
    std::vector<std::filesystem::path> files;
    std::error_code none;
    for (const auto& entry : std::filesystem::directory_iterator(besideProgram("share/riflesso/packs"), none))
        if (entry.path().extension() == ".json" && entry.path().filename() != "skill-pack.schema.json")
            files.push_back(entry.path());
    std::sort(files.begin(), files.end());
    for (const auto& file : files) {
        const auto text = readFile(file.string());
        if (!text)
            return text.error();
        const auto pack = loadPack(*text, file.filename().string());
        if (!pack)
            return pack.error();
        packs.push_back({{"id", pack->id},
                         {"edition", pack->edition},
                         {"title", pack->title},
                         {"group", pack->group},
                         {"file", file.filename().string()},
                         {"events", pack->events.size()},
                         {"measures", pack->measures.size()},
                         {"observations", pack->observations.size()},
                         {"faults", pack->faults.size()},
                         {"drills", pack->drills.size()}});
    }
    return Json{{"packs", std::move(packs)}};
}

Result<Json> diff(const std::string& before, const std::string& after) {
    const auto a = readFile(before), b = readFile(after);
    for (const auto* text : {&a, &b})
        if (!*text)
            return text->error();
    for (const auto& [text, name] : {std::pair(*a, before), {*b, after}})
        if (const auto pack = loadPack(text, name); !pack)
            return pack.error();
    Json changes = Json::array();
    for (const PackChange& change : packDiff(*a, *b)) {
        Json own{{"what", toString(change.what)}, {"kind", toString(change.kind)}, {"path", change.path}};
        if (!change.before.empty())
            own["before"] = Json::parse(change.before);
        if (!change.after.empty())
            own["after"] = Json::parse(change.after);
        changes.push_back(std::move(own));
    }
    return Json{{"changes", std::move(changes)}};
}

Result<Json> sheet(const Arguments& arguments, const std::string& path) {
    const auto out = arguments.required("out");
    if (!out)
        return out.error();
    const auto text = readFile(path);
    if (!text)
        return text.error();
    const auto pack = loadPack(*text, path);
    if (!pack)
        return pack.error();
    const QtLife qt;
    const SheetLength length = arguments.flag("short") ? SheetLength::OnePage : SheetLength::Whole;
    if (const auto written = writeSheet({*pack}, length, absolute(*out)); !written)
        return written.error();
    return Json{{"out", *out}, {"pack", pack->id}, {"edition", pack->edition}};
}

/// Out of a case's model, or of the athlete's own best.
Result<Json> made(const Arguments& arguments) {
    const auto folder = arguments.required("from-case"), out = arguments.required("out");
    const auto id = arguments.integer("case", 1, 2'000'000'000);
    if (!folder || !out)
        return !folder ? folder.error() : out.error();
    if (!id)
        return id.error();
    const QtLife qt;
    const auto library = Library::open(absolute(*folder), Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    const auto data = (*library)->loadCase({*id});
    if (!data)
        return data.error();
    const auto text = (*library)->packText({*id});
    if (!text)
        return text.error();
    const auto skill =
        makeSkill(text->toStdString(), *data, arguments.value("title").value_or(data->title.toStdString()));
    if (!skill)
        return skill.error();
    if (const auto written = writeFile(*out, skill->draft.text()); !written)
        return written.error();
    Json events = Json::array();
    for (const EventFound& found : skill->events) {
        Json own{{"event", found.event}, {"repetitions", found.search.repetitions}, {"taken", found.taken}};
        if (!found.search.best.empty())
            own["rms_frames"] = found.search.best[0].rmsFrames;
        events.push_back(std::move(own));
    }
    const PackReading reading = skill->draft.reading();
    Json missing = Json::array();
    for (const StillMissing& gap : stillMissing(reading.pack))
        missing.push_back({{"what", gap.what == StillMissing::What::NoRule    ? "no rule"
                                    : gap.what == StillMissing::What::NoFault ? "no fault uses it"
                                    : gap.what == StillMissing::What::NoRange ? "no range"
                                                                              : "no ladder"},
                           {"list", toString(gap.part.list)},
                           {"id", gap.part.id}});
    return Json{
        {"out", *out},      {"pack", reading.pack.id}, {"ok", reading.faults.empty()}, {"ranges", skill->ranges},
        {"events", events}, {"missing", missing}};
}

} // namespace

Result<Json> packCommand(const Words& words) {
    if (!words.empty() && words[0] == "rules")
        return packRules({words.begin() + 1, words.end()});
    const auto arguments = Arguments::parse(
        words, {"out", "from-case", "case", "title", "pack", "landmarks", "events", "event"}, {"short"});
    if (!arguments)
        return arguments.error();
    const std::vector<std::string>& plain = arguments->plain();
    const std::string what = plain.empty() ? "nothing" : plain[0];
    if (what == "check" && plain.size() == 2)
        return check(plain[1]);
    if (what == "list" && plain.size() == 1)
        return list();
    if (what == "diff" && plain.size() == 3)
        return diff(plain[1], plain[2]);
    if (what == "sheet" && plain.size() == 2)
        return sheet(*arguments, plain[1]);
    if (what == "new" && plain.size() == 1)
        return made(*arguments);
    return badInput("command line", kPackUsage, what);
}

} // namespace riflesso::cli
