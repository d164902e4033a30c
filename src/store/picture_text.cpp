#include "store/picture_text.h"

#include "core/tables/json_walk.h"

#include <cmath>

namespace riflesso {
namespace {

constexpr double kFar = 1e6; ///< pixels
constexpr int kLastFrame = 10'000'000;
constexpr std::size_t kMostSteps = 200'000, kStepNumbers = 11;

std::string_view word(CameraHold hold) {
    return hold == CameraHold::Stands ? "stands" : hold == CameraHold::Moves ? "moves" : "not_looked";
}
std::optional<CameraHold> holdFrom(const std::string& text) {
    for (const CameraHold hold : {CameraHold::NotLooked, CameraHold::Stands, CameraHold::Moves})
        if (word(hold) == text)
            return hold;
    return {};
}
std::string_view word(PlaneOf of) { return of == PlaneOf::Floor ? "floor" : "movement"; }
std::optional<PlaneOf> planeFrom(const std::string& text) {
    return text == "floor"      ? std::optional(PlaneOf::Floor)
           : text == "movement" ? std::optional(PlaneOf::Movement)
                                : std::nullopt;
}

/// frame, nine numbers of the map, u: a row of numbers each, for there are many.
Json stepsToJson(const CameraMotion& motion) {
    Json out = Json::array();
    for (const auto& [frame, step] : motion.steps) {
        Json row = Json::array({frame});
        for (const double number : step.map)
            row.push_back(number);
        row.push_back(step.uPx);
        out.push_back(std::move(row));
    }
    return out;
}

void stepsFromJson(const JsonNode& node, CameraMotion& motion) {
    const Json& rows = node.at("steps").json();
    if (!rows.is_array() || rows.size() > kMostSteps) {
        node.faultAt("steps", "a list of at most 200000 rows", rows.type_name());
        return;
    }
    for (const Json& row : rows) {
        bool good = row.is_array() && row.size() == kStepNumbers;
        for (std::size_t i = 0; good && i < kStepNumbers; ++i)
            good = row[i].is_number() && std::abs(row[i].get<double>()) < 1e9;
        if (!good || row[0].get<double>() < 0 || row[0].get<double>() > kLastFrame || row[10].get<double>() < 0) {
            node.faultAt("steps", "rows of a frame, nine numbers and an uncertainty", "another row");
            return;
        }
        CameraMotion::Step step;
        for (std::size_t i = 0; i < step.map.size(); ++i)
            step.map[i] = row[i + 1].get<double>();
        step.uPx = row[10].get<double>();
        motion.steps[row[0].get<int>()] = step;
    }
}

PixelPoint pointFrom(const JsonNode& node, std::string_view x, std::string_view y) {
    return {node.requiredNumber(x, -kFar, kFar), node.requiredNumber(y, -kFar, kFar)};
}

} // namespace

Json pictureToJson(const PictureSetup& setup) {
    Json out = Json::object();
    if (setup.mirrored)
        out["mirrored"] = true;
    if (setup.area)
        out["area"] = {{"x", setup.area->left},
                       {"y", setup.area->top},
                       {"width", setup.area->width},
                       {"height", setup.area->height}};
    if (setup.lens) {
        const Lens& l = *setup.lens;
        out["lens"] = {{"fx", l.focalX},   {"fy", l.focalY},
                       {"cx", l.centre.x}, {"cy", l.centre.y},
                       {"k1", l.k1},       {"k2", l.k2},
                       {"p1", l.p1},       {"p2", l.p2},
                       {"k3", l.k3},       {"residual_px", setup.lensResidualPx}};
    }
    if (setup.plane) {
        Json points = Json::array();
        for (const KnownPoint& p : setup.plane->points)
            points.push_back(
                {{"x_px", p.at.x}, {"y_px", p.at.y}, {"x_m", p.xM}, {"y_m", p.yM}, {"sigma_px", p.sigmaPx}});
        out["plane"] = {{"of", word(setup.plane->of)},
                        {"frame", setup.plane->frame},
                        {"venue", setup.plane->venue},
                        {"points", std::move(points)}};
    }
    if (setup.vertical)
        out["vertical"] = {{"frame", setup.vertical->frame},
                           {"lower_x", setup.vertical->lower.x},
                           {"lower_y", setup.vertical->lower.y},
                           {"upper_x", setup.vertical->upper.x},
                           {"upper_y", setup.vertical->upper.y}};
    if (setup.camera != CameraHold::NotLooked)
        out["camera"] = word(setup.camera);
    if (setup.motion)
        out["motion"] = {{"reference", setup.motion->reference},
                         {"residual_px", setup.motion->residualPx},
                         {"seen", setup.motion->seen},
                         {"steps", stepsToJson(*setup.motion)}};
    if (setup.soundReplaced)
        out["sound_replaced"] = true;
    if (setup.microphoneM)
        out["microphone_m"] = *setup.microphoneM;
    return out.empty() ? Json(nullptr) : out;
}

PictureSetup pictureFromJson(const JsonNode& node) {
    PictureSetup setup;
    if (node.json().is_null())
        return setup;
    if (!node.expectObject(
            {"mirrored", "area", "lens", "plane", "vertical", "camera", "motion", "sound_replaced", "microphone_m"}))
        return setup;
    setup.mirrored = node.boolean("mirrored", false);
    setup.soundReplaced = node.boolean("sound_replaced", false);
    constexpr double kFarthestMicrophone = 1000;
    if (node.has("microphone_m"))
        setup.microphoneM = node.requiredNumber("microphone_m", 0, kFarthestMicrophone);
    if (node.has("area")) {
        const JsonNode area = node.at("area");
        area.expectObject({"x", "y", "width", "height"});
        constexpr int kLargest = 100'000;
        setup.area = PictureArea{area.integer("x", 0, 0, kLargest), area.integer("y", 0, 0, kLargest),
                                 area.integer("width", 1, 1, kLargest), area.integer("height", 1, 1, kLargest)};
    }
    if (node.has("lens")) {
        const JsonNode lens = node.at("lens");
        lens.expectObject({"fx", "fy", "cx", "cy", "k1", "k2", "p1", "p2", "k3", "residual_px"});
        constexpr double kStrongest = 100;
        Lens l;
        l.focalX = lens.requiredNumber("fx", 1, kFar);
        l.focalY = lens.requiredNumber("fy", 1, kFar);
        l.centre = pointFrom(lens, "cx", "cy");
        l.k1 = lens.number("k1", 0, -kStrongest, kStrongest);
        l.k2 = lens.number("k2", 0, -kStrongest, kStrongest);
        l.p1 = lens.number("p1", 0, -kStrongest, kStrongest);
        l.p2 = lens.number("p2", 0, -kStrongest, kStrongest);
        l.k3 = lens.number("k3", 0, -kStrongest, kStrongest);
        setup.lensResidualPx = lens.number("residual_px", 0, 0, kFar);
        setup.lens = l;
    }
    if (node.has("plane")) {
        const JsonNode plane = node.at("plane");
        plane.expectObject({"of", "frame", "venue", "points"});
        PlanePoints points;
        points.of = plane.word("of", PlaneOf::Floor, true, "movement, floor", planeFrom);
        points.frame = plane.integer("frame", 0, 0, kLastFrame);
        points.venue = plane.text("venue", false);
        plane.list("points", true, [&](const JsonNode& p) {
            p.expectObject({"x_px", "y_px", "x_m", "y_m", "sigma_px"});
            constexpr double kFarM = 1e4, kFinest = 1e-3, kCoarsest = 1e3;
            points.points.push_back({pointFrom(p, "x_px", "y_px"), p.requiredNumber("x_m", -kFarM, kFarM),
                                     p.requiredNumber("y_m", -kFarM, kFarM),
                                     p.requiredNumber("sigma_px", kFinest, kCoarsest)});
        });
        setup.plane = std::move(points);
    }
    if (node.has("vertical")) {
        const JsonNode line = node.at("vertical");
        line.expectObject({"frame", "lower_x", "lower_y", "upper_x", "upper_y"});
        setup.vertical = PlumbLine{line.integer("frame", 0, 0, kLastFrame), pointFrom(line, "lower_x", "lower_y"),
                                   pointFrom(line, "upper_x", "upper_y")};
    }
    setup.camera = node.word("camera", CameraHold::NotLooked, false, "stands, moves, not_looked", holdFrom);
    if (node.has("motion")) {
        const JsonNode moved = node.at("motion");
        moved.expectObject({"reference", "residual_px", "seen", "steps"});
        CameraMotion motion;
        motion.reference = moved.integer("reference", 0, 0, kLastFrame);
        motion.residualPx = moved.number("residual_px", 0, 0, kFar);
        motion.seen = moved.number("seen", 0, 0, 1);
        stepsFromJson(moved, motion);
        setup.motion = std::move(motion);
    }
    return setup;
}

QString pictureToText(const PictureSetup& setup) {
    const Json json = pictureToJson(setup);
    return json.is_null() ? QStringLiteral("") : QString::fromStdString(json.dump());
}

PictureSetup pictureFromText(const QString& text) {
    if (text.isEmpty())
        return {};
    constexpr std::size_t kMostBytes = std::size_t(64) << 20;
    std::vector<JsonFault> faults;
    const auto json = parseJson(text.toStdString(), kMostBytes, faults);
    if (!json)
        return {};
    const PictureSetup setup = pictureFromJson(JsonNode(*json, "$", faults));
    return faults.empty() ? setup : PictureSetup();
}

} // namespace riflesso
