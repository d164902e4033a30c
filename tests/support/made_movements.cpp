#include "support/made_movements.h"

#include "support/files.h"

#include <cmath>
#include <numbers>

namespace riflesso::test {
namespace {

constexpr double kPi = std::numbers::pi;

/// Way from 0 to 1 with the least jerk between two instants (Flash & Hogan 1985).
double reach(double t, double from, double to) {
    const double x = std::clamp((t - from) / (to - from), 0.0, 1.0);
    return x * x * x * (10 - 15 * x + 6 * x * x);
}
double rad(double degrees) { return degrees * kPi / 180; }

} // namespace

Scene movement(double rest, double by, double segment) {
    const auto thigh = [](double t) { return rad(25 + 12 * std::sin(2 * kPi * 0.8 * t)); };
    const auto bend = [=](double t) { return rad(rest + by * (1 - std::cos(2 * kPi * t / 1.5)) / 2); };
    const Path hip = [](double t) { return PixelPoint{300 + 60 * t, 300 + 5 * std::sin(3 * t)}; };
    const Path knee = [=](double t) {
        return PixelPoint{hip(t).x + segment * std::sin(thigh(t)), hip(t).y + segment * std::cos(thigh(t))};
    };
    Scene scene;
    scene["right_hip"] = hip;
    scene["right_knee"] = knee;
    scene["right_ankle"] = [=](double t) {
        const double shank = thigh(t) - bend(t);
        return PixelPoint{knee(t).x + segment * std::sin(shank), knee(t).y + segment * std::cos(shank)};
    };
    scene["tip"] = [](double t) {
        return PixelPoint{200 + 400 * reach(t, 0.7, 1.6), 200 + 60 * std::sin(kPi * reach(t, 0.7, 1.6))};
    };
    double late = 0;
    for (const char* point : {"a", "b", "c"}) {
        scene[point] = [late](double t) {
            return PixelPoint{100 + 250 * reach(t, 0.7 + late, 1.4 + late), 500 + 200 * late};
        };
        late += 0.07;
    }
    scene["d"] = [](double t) {
        return PixelPoint{700 + 30 * std::sin(2 * kPi * 1.7 * t), 420 + 20 * std::cos(2 * kPi * 1.1 * t)};
    };
    return scene;
}

namespace {

/// A knee that straightens from 100 degrees in 0.4 s; every other point as before.
Scene kick() {
    Scene scene = movement(0, 0);
    const Path hip = scene["right_hip"], knee = scene["right_knee"];
    scene["right_ankle"] = [=](double t) {
        const PixelPoint h = hip(t), k = knee(t);
        const double shank = std::atan2(k.x - h.x, k.y - h.y) - rad(100 * (1 - reach(t, 1.0, 1.4)));
        return PixelPoint{k.x + 100 * std::sin(shank), k.y + 100 * std::cos(shank)};
    };
    return scene;
}
/// The tip swims on, faster and slower twice a second.
Scene onward() {
    Scene scene = movement(20, 60);
    scene["tip"] = [](double t) { return PixelPoint{100 + 300 * t + 12 * std::sin(2 * kPi * 2.5 * t), 200}; };
    return scene;
}
/// A reach across the whole picture between the first and the last event.
Scene fastReach() {
    Scene scene = movement(20, 60);
    scene["tip"] = [](double t) { return PixelPoint{100 + 1500 * reach(t, 0.5, 1.2), 300 + 400 * reach(t, 0.5, 1.2)}; };
    return scene;
}

Pack packFor(const std::string& measure, bool cyclic) {
    Json json = smallPack();
    json["family"] = cyclic ? "cyclic" : "discrete";
    json["events"].push_back({{"id", "end"}, {"title", "End"}, {"hint", "?"}});
    json["phases"].push_back({{"id", "second"}, {"title", "Second"}, {"from", "down"}, {"to", "end"}});
    json["phases"].push_back({{"id", "whole"}, {"title", "Whole"}, {"from", "go"}, {"to", "end"}});
    json["lines"].push_back({{"id", "thigh"}, {"title", "Thigh"}, {"points", {"hip@lead", "knee@lead"}}});
    json["phases"].push_back(
        {{"id", "around"}, {"title", "Around"}, {"round", "down"}, {"before", 0.05}, {"after", 0.1}});
    Json own = jsonOf(measure);
    own["id"] = "m";
    own["title"] = "M";
    own["source"] = "t";
    own["tolerance"] = 1;
    // What a measure of others is made of.
    const auto helper = [&](const std::string& id, const std::string& text) {
        if (measure.find('"' + id + '"') == std::string::npos)
            return;
        Json other = jsonOf(text);
        other["id"] = id;
        other["title"] = id;
        other["source"] = "t";
        other["tolerance"] = 1;
        json["measures"].push_back(other);
    };
    helper(
        "knee_here",
        R"({"kind":"flexion","joint":"knee","points":["hip@lead","knee@lead","ankle@lead"],"at":"down","unit":"deg"})");
    helper(
        "thigh_here",
        R"({"kind":"segment_angle","against":"vertical","points":["hip@lead","knee@lead"],"at":"down","unit":"deg"})");
    helper("low", R"({"kind":"offset","axis":"up","from":"hip@lead","to":"tip","in":"m","at":"down","unit":"m"})");
    helper("lower", R"({"kind":"distance","points":["hip@lead","ankle@lead"],"in":"m","at":"end","unit":"m"})");
    json["measures"].push_back(own);
    return packOf(json);
}

} // namespace

std::vector<MadeMeasure> madeMeasures() {
    std::vector<MadeMeasure> out;
    const auto add = [&](const std::string& name, const std::string& measure, const std::string& scene = "bent",
                         const std::string& id = "m") {
        out.push_back({name, measure, id, scene});
    };
    const std::string leg = R"("points":["hip@lead","knee@lead","ankle@lead"],)";
    const std::string thigh = R"("points":["hip@lead","knee@lead"],)";
    const std::string body = R"("in":"body:hip@lead-knee@lead",)";
    const std::string deg = R"("unit":"deg"})", atDown = R"("at":"down",)";
    const std::string over = R"("over":"all",)", metres = R"("in":"m",)";
    add("angle", R"({"kind":"angle",)" + leg + atDown + deg);
    add("flexion", R"({"kind":"flexion","joint":"knee",)" + leg + atDown + deg);
    add("flexion, straight", R"({"kind":"flexion","joint":"knee",)" + leg + atDown + deg, "straight");
    add("flexion, short segments", R"({"kind":"flexion","joint":"knee",)" + leg + atDown + deg, "short");
    add("segment_angle", R"({"kind":"segment_angle","against":"vertical",)" + thigh + atDown + deg);
    add("line_angle",
        R"({"kind":"line_angle","line":["hip@lead","knee@lead"],"against_line":["knee@lead","ankle@lead"],)" + atDown +
            deg);
    add("clock", R"({"kind":"clock",)" + thigh + atDown + R"("unit":"h"})");
    add("distance", R"({"kind":"distance","points":["hip@lead","ankle@lead"],)" + body + atDown + R"("unit":"body"})");
    add("offset", R"({"kind":"offset","from":"hip@lead","to":"ankle@lead","axis":"forward",)" + body + atDown +
                      R"("unit":"body"})");
    add("ratio", R"({"kind":"ratio","numerator":["hip@lead","ankle@lead"],"denominator":["hip@lead","knee@lead"],)" +
                     atDown + R"("unit":"1"})");
    add("stack", R"({"kind":"stack",)" + leg + metres + atDown + R"("unit":"m"})");
    add("speed at an event", R"({"kind":"speed","point":"tip",)" + metres + atDown + R"("unit":"m/s"})");
    add("speed, largest",
        R"({"kind":"speed","point":"tip","stat":"maximum",)" + metres + R"("over":"whole","unit":"m/s"})");
    add("speed along an axis, at an event",
        R"({"kind":"speed","point":"tip","axis":"up",)" + metres + atDown + R"("unit":"m/s"})");
    add("speed along an axis, largest", R"({"kind":"speed","point":"tip","axis":"forward","stat":"maximum",)" + metres +
                                            R"("over":"whole","unit":"m/s"})");
    add("angular_speed at an event", R"({"kind":"angular_speed",)" + leg + atDown + R"("unit":"deg/s"})");
    add("angular_speed, largest", R"({"kind":"angular_speed",)" + leg + R"("over":"whole","unit":"deg/s"})", "kick");
    const std::string way = R"({"kind":"heading","point":"tip",)";
    add("heading", way + R"("against":"horizontal",)" + atDown + deg);
    add("speed seen from another point",
        R"({"kind":"speed","point":"tip","relative_to":"hip@lead",)" + metres + atDown + R"("unit":"m/s"})");
    add("dwell seen from another point", R"({"kind":"dwell","point":"tip","relative_to":"hip@lead","below":1.5,)" +
                                             metres + R"("over":"whole","unit":"s"})");
    add("heading seen from another point",
        R"({"kind":"heading","point":"tip","relative_to":"hip@lead","against":"horizontal",)" + atDown + deg);
    add("heading over a phase", way + R"("against":"horizontal","over":"whole",)" + deg);
    add("heading in a window", way + R"("against":"vertical","over":"around",)" + deg);
    add("heading against a line", way + R"("against":"thigh",)" + atDown + deg);
    add("interval", R"({"kind":"interval","from":"go","to":"down","unit":"s"})");
    add("phase_share", R"({"kind":"phase_share","phase":"all","of":"whole","unit":"%"})");
    add("tempo_ratio", R"({"kind":"tempo_ratio","phase":"all","to_phase":"second","unit":"1"})");
    for (const char* stat : {"maximum", "minimum", "range", "mean"})
        add(stat,
            R"({"kind":"flexion","joint":"knee","stat":")" + std::string(stat) + R"(","over":"whole",)" + leg + deg,
            std::string(stat) == "minimum" ? "dip" : "bent");
    // Round an event: both ends move with it.
    add("mean in a window", R"({"kind":"flexion","joint":"knee","stat":"mean","over":"around",)" + leg + deg);
    add("path_length in a window",
        R"({"kind":"path_length","point":"tip",)" + metres + R"("over":"around","unit":"m"})");
    add("dwell", R"({"kind":"dwell","point":"tip","below":1.5,)" + metres + R"("over":"whole","unit":"s"})");
    add("overlap",
        R"({"kind":"overlap","first":{"from":"hip@lead","to":"tip","axis":"forward","above":0.5,)" +
            std::string(R"("in":"body:hip@lead-knee@lead"},)") +
            R"("second":{"from":"tip","to":"hip@lead","axis":"up","above":-1.2,"in":"body:hip@lead-knee@lead"},"over":"whole","unit":"s"})");
    add("peak_order, a lag",
        R"({"kind":"peak_order","of":["a","b","c"],"lag_tolerance":0.05,"over":"whole","unit":"1"})", "bent",
        "m.lag.1");
    add("path_length", R"({"kind":"path_length","point":"tip",)" + metres + R"("over":"all","unit":"m"})");
    add("straightness", R"({"kind":"straightness","point":"tip","over":"all","unit":"1"})");
    add("steadiness", R"({"kind":"steadiness","point":"d",)" + metres + over + R"("unit":"m"})");
    add("smoothness", R"({"kind":"smoothness","point":"tip","over":"all","unit":"1"})", "fast");
    add("brake", R"({"kind":"brake","lower":"a","upper":"c","over":"whole","unit":"%"})");
    add("change", R"({"kind":"change","of":"knee_here","from":"go","to":"down",)" + deg);
    add("quotient", R"({"kind":"quotient","left":"low","right":"lower","unit":"1"})");
    add("surplus, one frame", R"({"kind":"surplus","left":"knee_here","right":"thigh_here",)" + deg);
    add("surplus, two frames", R"({"kind":"surplus","left":"low","right":"lower","unit":"m"})");
    add("rate", R"({"kind":"rate","unit":"1/min"})", "cyclic");
    add("cycle_length", R"({"kind":"cycle_length","point":"tip",)" + metres + R"("unit":"m"})", "cyclic");
    add("cycle_speed", R"({"kind":"cycle_speed","point":"tip",)" + metres + R"("unit":"m/s"})", "cyclic");
    return out;
}

Scene MadeMeasure::movement() const {
    if (scene == "straight")
        return test::movement(0, 0);
    if (scene == "short")
        return test::movement(30, 40, 17);
    if (scene == "dip")
        return test::movement(80, -60);
    if (scene == "kick")
        return kick();
    if (scene == "fast")
        return fastReach();
    return scene == "cyclic" ? onward() : test::movement(20, 60);
}

std::vector<std::pair<std::string, double>> MadeMeasure::events() const {
    if (scene == "cyclic")
        return {{"go", 0.513}, {"go", 0.921}, {"go", 1.317}, {"go", 1.702}};
    return {{"go", 0.513}, {"down", 1.191}, {"end", 1.907}};
}

Pack MadeMeasure::pack() const { return packFor(json, scene == "cyclic"); }

} // namespace riflesso::test
