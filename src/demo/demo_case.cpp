#include "demo/demo_case.h"

#include "core/measure/single_cycles.h"
#include "core/pack/pack_reader.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kMarkingSdPx = 1.2; ///< of the marks in the demo, about what a careful analyst reaches at this size
constexpr double kEventMarkingFrames = 0.4; ///< SD with which the demo's events are set
constexpr int kBesideStroke = 8;            ///< frames marked before and after a stroke

Result<QString> readText(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return badInput(path.toStdString(), "a file of the demo", file.errorString().toStdString());
    return QString::fromUtf8(file.readAll());
}

Result<Json> readTruth(const QString& path) {
    const auto text = readText(path);
    if (!text)
        return text.error();
    std::vector<JsonFault> faults;
    auto json = parseJson(text->toStdString(), std::size_t(64) << 20, faults);
    if (!json)
        return badInput(path.toStdString(), "the truth of a simulated clip", faults[0].got);
    return std::move(*json);
}

Side sideIn(const Json& take, const char* key) { return take[key] == "left" ? Side::Left : Side::Right; }

} // namespace

Result<DemoCase> DemoCase::of(Library& library, const DemoSources& sources, const QString& packFile,
                              const std::vector<std::pair<QString, QString>>& clips) {
    DemoCase out;
    auto text = readText(sources.packs + u'/' + packFile);
    if (!text)
        return text.error();
    out.packText_ = std::move(*text);
    PackReading reading = readPack(out.packText_.toStdString());
    if (!reading.faults.empty())
        return badInput(packFile.toStdString() + ": " + reading.faults[0].path, reading.faults[0].expected,
                        reading.faults[0].got);
    out.pack_ = ofSingleCycles(std::move(reading.pack));
    for (const auto& [name, title] : clips)
        if (auto ready = out.prepare(library, sources, name, title); !ready)
            return ready.error();
    return out;
}

Result<void> DemoCase::prepare(const Library& library, const DemoSources& sources, const QString& name,
                               const QString& title) {
    const QString from = sources.clips + u'/' + name + QStringLiteral(".mp4");
    const auto hash = fileHash(from);
    if (!hash)
        return hash.error();
    const QString kept = QStringLiteral("media/") + *hash + QStringLiteral(".mp4");
    const QString to = QDir(library.folder()).absoluteFilePath(kept);
    if (!QFileInfo::exists(to) && !QFile::copy(from, to))
        return fault(to.toStdString(), "the clip could not be copied: is there space left?");
    auto clip = describeClip(to, kept, title);
    if (!clip)
        return clip.error();
    auto truth = readTruth(sources.clips + u'/' + name + QStringLiteral(".truth.json"));
    if (!truth)
        return truth.error();
    prepared_.push_back({std::move(*clip), std::move(*truth)});
    return {};
}

/// Every marked point in every frame: the truth with marking noise.
void DemoCase::mark(Repetition& repetition, const Json& truth, const Section& section, Side handedness,
                    const std::set<std::string>& unseen, std::mt19937& random) const {
    std::normal_distribution<double> normal;
    Capture capture;
    capture.handedness = handedness;
    capture.facing = section.facing;
    std::map<std::string, Side> sides;
    for (const auto& [role, rule] : pack_.roles)
        if (const auto side = resolveSide(rule, capture))
            sides[role] = *side;
    for (const PointRef& ref : pack_.marked) {
        const std::string name = resolvePoint(ref, sides);
        if (unseen.contains(name))
            continue;
        const Json& path = truth["landmarks_px"][name];
        for (int frame = repetition.from; frame <= repetition.to; ++frame) {
            const Json& at = path[static_cast<std::size_t>(frame)];
            repetition.marks[name][frame] = {{at[0].get<double>() + kMarkingSdPx * normal(random),
                                              at[1].get<double>() + kMarkingSdPx * normal(random)},
                                             kMarkingSdPx,
                                             "demo marking"};
        }
    }
}

std::vector<Repetition> DemoCase::repetitionsOf(const Json& truth, const Json& rep, const Section& section,
                                                Side handedness, const std::set<std::string>& unseen,
                                                std::mt19937& random) const {
    std::normal_distribution<double> normal;
    const double rate = truth["frame_rate"];
    const auto marked = [&](double timeS) {
        return StoredEvent{std::round(timeS * rate + kEventMarkingFrames * normal(random)), {}, "demo marking"};
    };
    const Json& events = rep["events_s"];
    std::vector<Repetition> out;
    if (pack_.cycleEnd.empty()) {
        Repetition& one = out.emplace_back();
        one.number = rep["number"];
        one.from = rep["from"];
        one.to = rep["to"];
        for (const auto& [id, time] : events.items())
            one.events[id] = marked(time);
    } else {
        const std::string& start = pack_.events.front().id;
        std::vector<StoredEvent> starts;
        for (const Json& time : events[start])
            starts.push_back(marked(time));
        for (std::size_t k = 0; k + 1 < starts.size(); ++k) {
            Repetition& stroke = out.emplace_back();
            stroke.number = static_cast<int>(k) + 1;
            stroke.from = std::max(rep["from"].get<int>(), static_cast<int>(starts[k].frame) - kBesideStroke);
            stroke.to = std::min(rep["to"].get<int>(), static_cast<int>(starts[k + 1].frame) + kBesideStroke);
            for (const auto& [id, times] : events.items())
                if (id != start)
                    stroke.events[id] = marked(times[k]);
            stroke.events[start] = starts[k];
            stroke.events[pack_.cycleEnd] = starts[k + 1];
        }
    }
    for (Repetition& repetition : out)
        mark(repetition, truth, section, handedness, unseen, random);
    return out;
}

Result<void> DemoCase::add(Edit& edit, const Filmed& filmed) {
    const Prepared& prepared = prepared_[filmed.clip];
    const bool model = !filmed.stress;
    constexpr std::size_t kFirstSeed = 401, kSeedStep = 10, kModelSeed = 402;
    std::mt19937 random(
        static_cast<std::mt19937::result_type>(model ? kModelSeed : kFirstSeed + kSeedStep * filmed.clip));
    const Json& takes = prepared.truth["takes"];
    const auto section = [&](const Json& take, int from, int to) {
        Section out;
        out.from = from;
        out.to = to;
        out.facing = sideIn(take, "facing");
        out.view = prepared.truth.value("view", "side") == "rear" ? View::Rear : View::Side;
        out.stress = filmed.stress.value_or(Stress::Calm);
        if (model) {
            out.handedness = sideIn(take, "handedness");
            out.performer = QString::fromStdString(take["performer"].get<std::string>());
        }
        return out;
    };
    constexpr int kLead = 6; // frames of a section before its first repetition
    const auto startOf = [&](std::size_t take) {
        return take == 0 ? 0 : std::max(0, takes[take]["repetitions"][0]["from"].get<int>() - kLead);
    };
    const int last = static_cast<int>(prepared.clip.timesS.size()) - 1;
    const auto clip = edit.addClip(filmed.session, prepared.clip, section(takes[0], 0, last));
    if (!clip)
        return clip.error();
    for (std::size_t t = 0, index = 0; t < takes.size(); ++t) {
        Section shape = section(takes[t], startOf(t), t + 1 < takes.size() ? startOf(t + 1) - 1 : last);
        const auto added = t == 0 ? edit.firstSection(*clip) : edit.addSection(*clip, shape);
        if (!added)
            return added.error();
        shape.id = *added;
        if (t == 0)
            if (auto set = edit.setSection(shape); !set)
                return set;
        for (const Json& rep : takes[t]["repetitions"])
            for (Repetition& repetition :
                 repetitionsOf(prepared.truth, rep, shape, sideIn(takes[t], "handedness"), filmed.unseen, random)) {
                if (filmed.observe)
                    filmed.observe(repetition, index++);
                if (filmed.sameAsClip)
                    repetition.sameAs = added_.at({*filmed.sameAsClip, repetition.number});
                const auto kept = edit.addRepetition(shape.id, repetition);
                if (!kept)
                    return kept.error();
                added_[{filmed.clip, repetition.number}] = *kept;
            }
    }
    return {};
}

Result<void> addBlocks(Edit& edit, CaseId id, const std::string& fault, const QDate& from,
                       const std::vector<DemoBlock>& blocks) {
    for (const DemoBlock& block : blocks)
        for (int i = 0; block.good[i] != 0; ++i) {
            const QDateTime at(from.addDays(block.day), QTime(17, 10).addSecs(40 * i));
            if (auto done = edit.addPractice(id, {0, fault, block.drill, block.good[i] == '1', at}); !done)
                return done;
        }
    return {};
}

} // namespace riflesso
