#pragma once
// Every reader of a stranger's text in the core, with a sound text: for mutations and for the fuzzer.

#include "core/judge/assessment.h"
#include "core/judge/filming_list.h"
#include "core/pack/pack_reader.h"
#include "core/points/calibration.h"
#include "core/practice/learning.h"
#include "core/practice/practice_csv.h"
#include "core/progress/retest.h"
#include "core/signal/laps.h"
#include "core/tables/csv.h"
#include "core/uncertainty/reliability.h"
#include "support/files.h"

#include <functional>

namespace riflesso::test {

struct Reader {
    std::string name, sound;
    /// What it made of a text: nothing where it was read (and used), else the error.
    std::function<std::optional<Error>(const std::string&)> read;
    [[nodiscard]] bool reads(const std::string& text) const { return !read(text); }
    /// Read, or said where it is wrong and what was expected.
    [[nodiscard]] bool said(const std::string& text) const {
        const auto error = read(text);
        return !error || (!error->where.empty() && !error->expected.empty());
    }
};

namespace detail {

template <class T> std::optional<Error> errorOf(const Result<T>& result) {
    return result.ok() ? std::nullopt : std::optional(result.error());
}
/// A model file of two measured trials.
inline std::string soundModel(const Pack& pack, const std::vector<Trial>& trials) {
    return modelFileJson(makeModel(pack, trials, 6, "Model", "made up")).dump();
}

} // namespace detail

inline const std::vector<Reader>& readers() {
    static const std::vector<Reader> kReaders = [] {
        using detail::errorOf;
        static const Pack pack = readPack(readText(TEST_DATA "/worked_assess/pack.json")).pack;
        static const std::string landmarks = readText(TEST_DATA "/worked_assess/landmarks.csv"),
                                 events = readText(TEST_DATA "/worked_assess/events.csv");
        const auto tables = [](const std::string& l, const std::string& e) -> std::optional<Error> {
            const auto trials = readTrials({l, "L.csv", e, "E.csv", {}, {}}, {}, {}, pack);
            if (!trials)
                return trials.error();
            (void)measureTrials(pack, trials->trials, 6); // what was read can be measured, or says why not
            return {};
        };
        static const auto trials = readTrials({landmarks, "L.csv", events, "E.csv", {}, {}}, {}, {}, pack);
        std::vector<Reader> out;
        out.push_back({"pack", readText(PACKS "/fencing_lunge.json"),
                       [](const std::string& text) { return errorOf(loadPack(text, "P.json")); }});
        out.push_back({"small_pack", readText(TEST_DATA "/worked_assess/pack.json"),
                       [](const std::string& text) { return errorOf(loadPack(text, "P.json")); }});
        out.push_back({"landmarks", landmarks, [tables](const std::string& text) { return tables(text, events); }});
        out.push_back({"events", events, [tables](const std::string& text) { return tables(landmarks, text); }});
        out.push_back(
            {"athlete",
             R"({"handedness": "left", "facing": "right", "view": "side", "scale": 0.004, "slow_motion": 8, "limits": ["knee pain"],
                "willingness": 0.5, "competitions": ["2026-12-08"], "today": "2026-11-25", "equipment": ["mat"], "mastered_stress": "fed",
                "trials": {"1": {"facing": "left", "stress": "live", "performer": "A"}}})",
             [](const std::string& text) { return errorOf(readAthleteFacts(text, "A.json")); }});
        out.push_back(
            {"ranges",
             R"({"ranges": [{"measure": "lean_down", "low": 0, "high": 30, "source": "coach"}, {"measure": "knee_down", "high": 80, "source": "coach", "for": {"level": "club"}}]})",
             [](const std::string& text) { return errorOf(readModelRanges(text, "M.json", pack)); }});
        out.push_back({"practice",
                       "date,kind,block,start,end,fault,drill,condition,cue,fed_by,number,good,result,felt,feedback,"
                       "count,stop,measure,value,u,measured\n2026-11-03,practice,1,17:05,17:12:30,f,d,fed;signal=lamp,"
                       "\"Tip, then foot\",Coach,1,1,"
                       "hit,off,shown,,,m,-0.11,0.02,off\n2026-11-04,home,2,,,f,d,calm,,,,,,,,24,,,,,\n",
                       [](const std::string& text) -> std::optional<Error> {
                           const auto log = readPracticeCsv(text, "P.csv", {});
                           if (!log)
                               return log.error();
                           (void)drillCharts(*log); // what was read can be charted
                           return errorOf(readPracticeCsv(practiceCsv(*log), "again", {}));
                       }});
        out.push_back(
            {"model", detail::soundModel(pack, trials->trials), [](const std::string& text) -> std::optional<Error> {
                 const auto model = readModelFile(text, "M.json", pack);
                 if (!model)
                     return model.error();
                 AssessmentInput input;
                 input.pack = pack;
                 input.trials = trials->trials;
                 input.modelFile = *model;
                 input.cutoffHz = 6;
                 (void)assessmentJson(assess(input)).dump(-1, ' ', false, Json::error_handler_t::replace);
                 return {};
             }});
        out.push_back(
            {"choices",
             R"({"overrides":[{"fault":")" + pack.faults[0].id +
                 R"(","term":"effect","value":0.5,"reason":"r"}],"own_best":["1"],"targets":[{"measure":"lean_down","low":0,"source":"t"}],
                "kappas":{},"work_on":[")" +
                 pack.faults[0].id + R"("],"situation":{"variant":"x"}})",
             [](const std::string& text) { return errorOf(readChoices(text, "C.json", pack)); }});
        out.push_back({"ratings", "subject,rater,value\na,x,1\na,y,2\nb,x,3\nb,y,4.5\nc,x,2\nc,y,2\n",
                       [](const std::string& text) -> std::optional<Error> {
                           const auto table = readRatings(text, "R.csv");
                           if (!table)
                               return table.error();
                           (void)reliabilityOf(*table);
                           return {};
                       }});
        out.push_back(
            {"answer",
             R"({"view":"side","stress":["calm"],"pack":{"id":"p","edition":"1"},"cutoff_hz":6,"measures":{"trials":[{"trial":"1","measures":{"knee":{"value":80,"u":1,"unit":"deg"}}}]},
               "deviations":[{"measure":"knee","median":81,"deviation":11,"tolerance":5,"expanded_u":3,"state":"clear","unit":"deg","repetitions":[{},{}]}],"findings":[{"fault":"deep","present":true}]})",
             [](const std::string& text) -> std::optional<Error> {
                 const auto set = readAssessedSet(text, "B.json");
                 if (!set)
                     return set.error();
                 (void)retestJson(compareSets(*set, *set));
                 return {};
             }});
        out.push_back({"points", "landmark,x_px,y_px,frame,sigma_px\ntip,10,20.5,3,\nleft_knee,100,200,,1.5\n",
                       [](const std::string& text) { return errorOf(readPoints(text, "P.csv")); }});
        out.push_back({"laps", "distance_m,time_s,cycles,push_off_m,push_off_s\n25,20,15,5,3\n25,21,15.5,,\n",
                       [](const std::string& text) -> std::optional<Error> {
                           const auto laps = readLaps(text, "L.csv");
                           if (!laps)
                               return laps.error();
                           (void)lapTable(*laps, Counted::Cycles);
                           return {};
                       }});
        out.push_back(
            {"known_points",
             "x_px,y_px,x_m,y_m,sigma_px\n10,400,0,0,1\n600,410,4,0,1\n560,90,4,2,1\n40,80,0,2,1\n300,200,1.9,1.3,2\n",
             [](const std::string& text) -> std::optional<Error> {
                 const auto points = readKnownPoints(text, "P.csv");
                 if (!points)
                     return points.error();
                 const auto plane = Plane::solve(*points, PlaneOf::Movement);
                 if (!plane)
                     return plane.error();
                 (void)measureTrials(pack, {inPlane(trials->trials[0], *plane)}, 6);
                 return {};
             }});
        return out;
    }();
    return kReaders;
}

} // namespace riflesso::test
