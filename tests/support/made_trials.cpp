#include "support/made_trials.h"
#include "support/files.h"

#include <cstdio>

namespace riflesso::test {

Json smallPack() {
    return jsonOf(R"({
      "format": "riflesso-skill-pack", "version": 1, "id": "test.small", "edition": "1.0.0", "title": "Small", "family": "discrete",
      "views": ["side"], "sources": { "t": "made up for a test" }, "roles": { "lead": "dominant", "rear": "other" },
      "points": [ { "id": "tip", "title": "Tip" }, { "id": "a", "title": "A" }, { "id": "b", "title": "B" }, { "id": "c", "title": "C" }, { "id": "d", "title": "D" } ],
      "marked": ["hip@lead", "knee@lead", "ankle@lead"],
      "events": [ { "id": "go", "title": "Go", "hint": "It goes." }, { "id": "down", "title": "Down", "hint": "It is down." } ],
      "phases": [ { "id": "all", "title": "All", "from": "go", "to": "down" } ],
      "measures": [
        { "id": "knee", "title": "Knee", "kind": "flexion", "joint": "knee", "points": ["hip@lead", "knee@lead", "ankle@lead"], "at": "down", "unit": "deg", "tolerance": 5, "source": "t" },
        { "id": "time", "title": "Time", "kind": "interval", "from": "go", "to": "down", "unit": "s", "tolerance": 0.05, "source": "t" } ],
      "observations": [ { "id": "eyes", "title": "Eyes", "ask": "Eyes on it?" } ],
      "faults": [ { "id": "bent", "title": "Bent", "explain": "It is bent.", "effect": 0.5, "level": "knee", "phase": "all",
                    "when": [ { "measure": "knee", "direction": "above", "weight": 1 } ] } ],
      "drills": [ { "id": "d1", "title": "One", "stage": "position", "stress": "calm", "cue": "Straight.", "good": "It is straight.", "dose": { "minutes": 5 } },
                  { "id": "d2", "title": "Two", "stage": "shadow", "stress": "fed", "cue": "Straight.", "good": "It is straight.", "dose": { "sets": 2, "repetitions": 5 } } ],
      "ladders": [ { "fault": "bent", "rungs": ["d1", "d2"] } ],
      "model": { "ranges": [ { "measure": "knee", "low": 0, "high": 20, "source": "t" }, { "measure": "time", "low": 0.1, "source": "t" } ] }
    })");
}

Pack packOf(const Json& json) {
    PackReading reading = readPack(json.dump());
    for (const JsonFault& fault : reading.faults)
        std::fprintf(stderr, "pack fault %s: expected %s, got %s\n", fault.path.c_str(), fault.expected.c_str(),
                     fault.got.c_str());
    return reading.faults.empty() ? reading.pack : Pack();
}

Pack packWithMeasure(Json measure) {
    Json json = smallPack();
    measure["id"] = "m";
    measure["title"] = "M";
    if (!measure.contains("tolerance"))
        measure["tolerance"] = 1;
    measure["source"] = "t";
    json["measures"].push_back(measure);
    return packOf(json);
}

std::vector<TrialMeasures> unmeasured(const std::vector<Trial>& trials) {
    std::vector<TrialMeasures> out;
    for (const Trial& trial : trials)
        out.push_back({trial.id, 0, {}});
    return out;
}

Trial emptyTrial(double rate, int frames) {
    Trial trial;
    trial.id = "1";
    trial.number = 1;
    std::vector<double> times;
    for (int i = 0; i < frames; ++i)
        times.push_back(i / rate);
    trial.times = FrameTimes::ofClip(times);
    return trial;
}
void addEvent(Trial& trial, const std::string& id, double frame, double uS) {
    trial.events.push_back({id, frame, trial.times.timeOf(frame), uS});
}
void addPath(Trial& trial, const std::string& landmark, int from, int to, double sigma,
             const std::function<PixelPoint(int frame)>& path) {
    for (int frame = from; frame <= to; ++frame)
        trial.marks[landmark][frame] = {path(frame), sigma, "test"};
}

} // namespace riflesso::test
