#include "store/case_json.h"

#include "core/judge/findings.h"
#include "core/measure/single_cycles.h"
#include "core/pack/pack_reader.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "store/case_json_format.h"
#include "store/edit.h"
#include "store/picture_text.h"
#include "store/spoken_sound.h"

#include <QRegularExpression>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <set>

namespace riflesso {
namespace {

using namespace case_format;

constexpr int kMostFrames = 100'000'000;
constexpr std::size_t kJsonBytes = std::size_t(64) << 20;

QString qt(std::string_view text) { return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size())); }

/// The rows of a table of the archive; the columns stand in this order and no other.
class Rows {
public:
    static Result<Rows> read(const std::map<QString, QByteArray>& files, const char* name, const std::string& header) {
        const auto file = files.find(QString::fromLatin1(name));
        if (file == files.end())
            return badInput(name, "this file in the archive", "none");
        const QByteArray& bytes = file->second;
        auto rows = parseCsv({bytes.constData(), static_cast<std::size_t>(bytes.size())}, name);
        if (!rows)
            return rows.error();
        std::string got;
        if (!rows->empty())
            for (const std::string& column : rows->front().cells)
                got += (got.empty() ? "" : ",") + column;
        if (got != header)
            return badInput(std::string(name) + ":1", "the header " + header, got.empty() ? "nothing" : got);
        const std::size_t columns = rows->front().cells.size();
        for (const CsvRow& row : *rows)
            if (row.cells.size() != columns)
                return badInput(std::string(name) + ":" + std::to_string(row.line), std::to_string(columns) + " cells",
                                std::to_string(row.cells.size()));
        rows->erase(rows->begin());
        return Rows(name, std::move(*rows));
    }
    [[nodiscard]] const std::vector<CsvRow>& all() const { return rows_; }
    [[nodiscard]] std::string place(const CsvRow& row) const { return name_ + ":" + std::to_string(row.line); }
    [[nodiscard]] Result<std::optional<double>> number(const CsvRow& row, std::size_t column) const {
        const std::string& text = row.cells[column];
        if (text.empty())
            return std::optional<double>();
        double value = 0;
        const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), value);
        constexpr double kLargest = 1e12;
        if (problem != std::errc() || end != text.data() + text.size() || !(std::abs(value) <= kLargest))
            return badInput(place(row), "a number", text);
        return std::optional(value);
    }
    [[nodiscard]] Result<double> must(const CsvRow& row, std::size_t column) const {
        const auto value = number(row, column);
        if (!value)
            return value.error();
        if (!*value)
            return badInput(place(row), "a number", "an empty cell");
        return **value;
    }
    [[nodiscard]] Result<std::int64_t> whole(const CsvRow& row, std::size_t column) const {
        const auto value = must(row, column);
        if (!value)
            return value.error();
        if (*value != std::floor(*value) || *value < 0)
            return badInput(place(row), "a whole number from 0", row.cells[column]);
        return static_cast<std::int64_t>(*value);
    }

private:
    Rows(std::string name, std::vector<CsvRow> rows) : name_(std::move(name)), rows_(std::move(rows)) {}
    std::string name_;
    std::vector<CsvRow> rows_;
};

class Reading {
public:
    explicit Reading(const std::map<QString, QByteArray>& files) : files_(files) {}

    Result<CaseFromFiles> read() {
        if (auto done = readPackText(); !done)
            return done.error();
        if (auto done = readCase(); !done)
            return done.error();
        for (const auto& step : {&Reading::readTimes, &Reading::readMarks, &Reading::readEvents,
                                 &Reading::readObservations, &Reading::readPractice, &Reading::readJournal})
            if (auto done = (this->*step)(); !done)
                return done.error();
        return std::move(out_);
    }

private:
    Result<void> readPackText() {
        const auto file = files_.find(QStringLiteral("pack.json"));
        if (file == files_.end())
            return badInput("pack.json", "this file in the archive", "none");
        out_.packText = QString::fromUtf8(file->second);
        auto pack = loadPack(plain(out_.packText), "pack.json");
        if (!pack)
            return pack.error();
        out_.data.pack = ofSingleCycles(std::move(*pack));
        return {};
    }

    QDate date(const JsonNode& node, std::string_view key, bool required = true) {
        const std::string text = node.text(key, required);
        const QDate date = QDate::fromString(qt(text), Qt::ISODate);
        if (!text.empty() && !date.isValid())
            node.faultAt(key, "a date as YYYY-MM-DD", text);
        return date;
    }
    QDateTime moment(const JsonNode& node, std::string_view key) {
        const std::string text = node.text(key);
        const QDateTime at = QDateTime::fromString(qt(text), Qt::ISODateWithMs);
        if (!text.empty() && !at.isValid())
            node.faultAt(key, "a moment as YYYY-MM-DDThh:mm:ss.zzzZ", text);
        return at;
    }
    static QStringList lines(const JsonNode& node, std::string_view key) {
        QStringList out;
        for (const std::string& line : node.texts(key))
            out << qt(line);
        return out;
    }

    Result<void> readCase() {
        const auto file = files_.find(QStringLiteral("case.json"));
        if (file == files_.end())
            return badInput("case.json", "this file in the archive", "none");
        std::vector<JsonFault> faults;
        const auto json =
            parseJson({file->second.constData(), static_cast<std::size_t>(file->second.size())}, kJsonBytes, faults);
        if (json) {
            const JsonNode root(*json, "$", faults);
            if (root.text("format") != "riflesso-case")
                root.faultAt("format", "riflesso-case");
            else if (root.integer("version", 0, 0, kMostFrames) > kArchiveVersion)
                root.faultAt("version", "version " + std::to_string(kArchiveVersion) + " or older",
                             "a newer one: read it with the newer program that wrote it");
            else
                walk(root);
        }
        if (!faults.empty())
            return badInput("case.json: " + faults[0].path, faults[0].expected, faults[0].got);
        return {};
    }

    void walk(const JsonNode& root) {
        root.expectObject({"format", "version", "program", "title", "school", "athlete", "goal", "competitions",
                           "beliefs", "sessions", "decisions", "overrides", "positions", "plan", "cues",
                           "assessments"});
        CaseData& data = out_.data;
        data.title = qt(root.text("title"));
        data.school = qt(plain(qt(root.text("school"))));
        if (!schoolFrom(plain(data.school)))
            root.faultAt("school", "root, ground, effect or earliest", plain(data.school));
        athlete(root.at("athlete"));
        if (root.has("goal") && !root.at("goal").json().is_null()) {
            const JsonNode goal = root.at("goal");
            goal.expectObject({"measure", "value", "by"});
            constexpr double kAny = 1e9;
            data.goal =
                GoalTarget{goal.text("measure"), goal.requiredNumber("value", -kAny, kAny), date(goal, "by", false)};
        }
        root.list("competitions", true, [&](const JsonNode& node) {
            node.expectObject({"date", "title"});
            data.competitions.push_back({0, date(node, "date"), qt(node.text("title", false))});
        });
        root.list("beliefs", true, [&](const JsonNode& node) {
            node.expectObject({"measure", "words", "value", "locked", "whose"});
            data.beliefs.push_back(
                {0, node.text("measure"), qt(node.text("words", false)), optional(node, "value"),
                 node.boolean("locked", false),
                 node.word("whose", Guesser::Athlete, false, "athlete, analyst, forecast", guesserFrom)});
        });
        root.list("sessions", true, [&](const JsonNode& node) { session(node); });
        for (const auto& [id, lead] : leads_) {
            const bool led =
                std::any_of(leads_.begin(), leads_.end(), [lead = lead](const auto& l) { return l.first == lead; });
            Repetition* leading = led || id == lead ? nullptr : repetition(lead);
            if (!leading)
                root.faultAt("sessions", "same_as: another repetition of this case that belongs to none itself",
                             std::to_string(lead));
            else
                repetition(id)->sameAs = leading->id;
        }
        root.list("decisions", true, [&](const JsonNode& node) {
            node.expectObject({"fault", "choice", "reason", "at", "until"});
            Decision decision;
            decision.fault = node.text("fault");
            decision.choice =
                node.word("choice", Decision::Choice::Park, true, "work on, park, work round, not a fault",
                          [](const std::string& word) { return choiceFrom(qt(word)); });
            decision.reason = qt(node.text("reason", false));
            decision.at = moment(node, "at");
            decision.until = qt(node.text("until", false));
            data.decisions.push_back(decision);
        });
        root.list("overrides", false, [&](const JsonNode& node) {
            node.expectObject({"fault", "term", "value", "reason"});
            TermOverride entry;
            entry.fault = node.text("fault");
            entry.term = node.word("term", Term::Effect, true,
                                   "severity, frequency, certainty, leverage, effect, readiness", termFrom);
            const auto [low, high] = rangeOf(entry.term);
            entry.value = node.requiredNumber("value", low, high);
            entry.reason = node.text("reason");
            data.overrides.push_back(std::move(entry));
        });
        root.list("positions", false, [&](const JsonNode& node) {
            node.expectObject({"dispute", "position", "reason"});
            data.positions.push_back({node.text("dispute"), node.text("position"), qt(node.text("reason", false))});
        });
        const JsonNode plan = root.at("plan");
        plan.expectObject({"sessions_per_week", "homework_minutes", "no_change_days", "start", "retest", "retention",
                           "one_at_a_time", "tempo_first", "approach_reason"});
        constexpr int kDay = 1440, kYears = 3650;
        data.plan = {plan.integer("sessions_per_week", 1, 0, 100),
                     plan.integer("homework_minutes", 0, 0, kDay),
                     plan.integer("no_change_days", 0, 0, kYears),
                     date(plan, "start", false),
                     date(plan, "retest", false),
                     date(plan, "retention", false),
                     {plan.boolean("one_at_a_time", false), plan.boolean("tempo_first", false)},
                     qt(plan.text("approach_reason", false))};
        if (root.has("cues") && root.at("cues").json().is_object())
            for (const auto& [drill, cue] : root.at("cues").json().items())
                data.cues[drill].own = qt(root.at("cues").text(drill));
        root.list("assessments", true, [&](const JsonNode& node) {
            node.expectObject({"session", "at", "title", "version", "file"});
            StoredAssessment stored;
            stored.session = {node.integer("session", 0, 0, kMostFrames)};
            if (!data.session(stored.session))
                node.faultAt("session", "a session of this case", std::to_string(stored.session.value));
            stored.at = moment(node, "at");
            stored.title = qt(node.text("title", false));
            stored.version = qt(node.text("version", false));
            const auto content = files_.find(qt(node.text("file")));
            if (content == files_.end())
                node.faultAt("file", "a file of the archive", node.text("file", false));
            else
                stored.content = QString::fromUtf8(content->second);
            data.assessments.push_back(stored);
        });
    }

    static std::optional<double> optional(const JsonNode& node, std::string_view key) {
        return node.has(key) && !node.at(key).json().is_null() ? node.optionalNumber(key) : std::nullopt;
    }

    void athlete(const JsonNode& node) {
        node.expectObject({"name", "birth_year", "handedness", "level", "goal", "notes", "willingness", "limits",
                           "equipment", "consent_given", "consent_until", "consent_scope"});
        Athlete& a = out_.data.athlete;
        a.name = qt(node.text("name"));
        constexpr int kLastYear = 3000;
        a.birthYear = node.integer("birth_year", 0, 0, kLastYear);
        a.handedness = node.word("handedness", Side::Right, true, "left, right", sideFrom);
        a.level = qt(node.text("level", false));
        a.goal = qt(node.text("goal", false));
        a.notes = qt(node.text("notes", false));
        a.willingness = node.requiredNumber("willingness", 0, 1);
        a.limits = lines(node, "limits");
        a.equipment = lines(node, "equipment");
        a.consentGiven = date(node, "consent_given", false);
        a.consentUntil = date(node, "consent_until", false);
        a.consentScope = qt(node.text("consent_scope", false));
    }

    void session(const JsonNode& node) {
        node.expectObject({"id", "date", "title", "model", "clips"});
        Session session;
        session.id = {node.integer("id", 0, 1, kMostFrames)};
        session.date = date(node, "date");
        session.title = qt(node.text("title", false));
        session.isModel = node.boolean("model", false);
        node.list("clips", true, [&](const JsonNode& clip) { session.clips.push_back(clipOf(clip)); });
        out_.data.sessions.push_back(std::move(session));
    }

    Clip clipOf(const JsonNode& node) {
        node.expectObject({"id", "title", "hash", "file", "width", "height", "frames", "sections", "spoken"});
        Clip clip;
        clip.id = {node.integer("id", 0, 1, kMostFrames)};
        if (!clips_.insert(clip.id.value).second)
            node.faultAt("id", "an id that no other clip has", std::to_string(clip.id.value));
        clip.title = qt(node.text("title", false));
        clip.hash = qt(node.text("hash"));
        static const QRegularExpression kHash(QStringLiteral("^[0-9a-f]{64}$"));
        if (!kHash.match(clip.hash).hasMatch())
            node.faultAt("hash", "64 hexadecimal digits", plain(clip.hash));
        if (node.has("file") && node.at("file").json().is_string()) {
            const QString file = qt(node.text("file"));
            bool media = false;
            if (!isArchiveName(QStringLiteral("media/") + file, media) || !file.startsWith(clip.hash))
                node.faultAt("file", "the clip's hash and the kind of the file", plain(file));
            out_.fileOf[clip.hash] = file;
        }
        constexpr int kLargestSide = 100'000;
        clip.width = node.integer("width", 0, 1, kLargestSide);
        clip.height = node.integer("height", 0, 1, kLargestSide);
        const int frames = node.integer("frames", 0, 1, kMostFrames);
        clip.timesS = std::make_shared<const std::vector<double>>(); // filled from times.csv
        frames_[clip.id.value] = frames;
        node.list("sections", true,
                  [&](const JsonNode& section) { clip.sections.push_back(sectionOf(section, frames)); });
        if (clip.sections.empty())
            node.faultAt("sections", "one section or more", "none");
        node.list("spoken", false, [&](const JsonNode& spoken) {
            const QString name = spoken.json().is_string() ? qt(spoken.json().get<std::string>()) : QString();
            const auto file = files_.find(name);
            if (!name.startsWith(QStringLiteral("spoken/")) || file == files_.end())
                spoken.fault("the name of a spoken note in the archive", plain(name));
            else if (!spokenSeconds(file->second))
                spoken.fault("a spoken note: WAV, 16 bit, one channel, 16,000 samples a second, at most 120 s",
                             plain(name));
            else
                clip.spoken.push_back({0, file->second});
        });
        return clip;
    }

    /// What is said of a picture names frames too.
    static void inClip(const JsonNode& section, const PictureSetup& picture, int frames) {
        std::vector<int> named;
        if (picture.vertical)
            named.push_back(picture.vertical->frame);
        if (picture.plane)
            named.push_back(picture.plane->frame);
        if (picture.motion) {
            named.push_back(picture.motion->reference);
            for (const auto& [frame, step] : picture.motion->steps)
                named.push_back(frame);
        }
        for (const int frame : named)
            if (frame < 0 || frame >= frames) {
                section.faultAt("picture", "frames within the clip, 0 to " + std::to_string(frames - 1),
                                std::to_string(frame));
                return;
            }
    }

    Section sectionOf(const JsonNode& node, int frames) {
        node.expectObject({"from", "to", "view", "facing", "handedness", "performer", "slow_motion", "stress",
                           "metres_per_pixel", "scale_u", "bearing", "known_lengths", "picture", "repetitions"});
        Section s;
        s.from = node.integer("from", 0, 0, frames - 1);
        s.to = node.integer("to", 0, s.from, frames - 1);
        s.view = node.word("view", View::Side, true, "side, front, rear, top", viewFrom);
        s.facing = node.word("facing", Side::Right, true, "left, right", sideFrom);
        if (node.has("handedness") && !node.at("handedness").json().is_null())
            s.handedness = node.optionalWord<Side>("handedness", "left, right", sideFrom);
        s.performer = qt(node.text("performer", false));
        constexpr double kSlowest = 1e-3, kFastest = 1e4;
        s.slowMotion = node.requiredNumber("slow_motion", kSlowest, kFastest);
        s.stress = node.word("stress", Stress::Calm, true, "a stress level", stressFrom);
        constexpr double kFinest = 1e-9, kCoarsest = 1e3;
        if (node.has("metres_per_pixel") && !node.at("metres_per_pixel").json().is_null())
            s.metresPerPixel = node.requiredNumber("metres_per_pixel", kFinest, kCoarsest);
        s.scaleRelativeU = node.number("scale_u", 0, 0, 1);
        constexpr double kRightAngle = 90;
        if (node.has("bearing") && !node.at("bearing").json().is_null())
            s.bearingDeg = node.requiredNumber("bearing", 0, kRightAngle);
        node.list("known_lengths", false, [&](const JsonNode& known) {
            known.expectObject({"frame", "ax", "ay", "bx", "by", "metres", "u_m"});
            constexpr double kFar = 1e6, kShortest = 1e-4, kLongest = 1e4;
            KnownLength length;
            length.frame = known.integer("frame", 0, 0, frames - 1);
            length.a = {known.requiredNumber("ax", -kFar, kFar), known.requiredNumber("ay", -kFar, kFar)};
            length.b = {known.requiredNumber("bx", -kFar, kFar), known.requiredNumber("by", -kFar, kFar)};
            length.metres = known.requiredNumber("metres", kShortest, kLongest);
            length.uM = known.requiredNumber("u_m", 0, kLongest);
            s.knownLengths.push_back(length);
        });
        if (node.has("picture")) {
            s.picture = pictureFromJson(node.at("picture"));
            inClip(node, s.picture, frames);
        }
        node.list("repetitions", true, [&](const JsonNode& r) {
            r.expectObject({"id", "number", "from", "to", "result", "variant", "felt", "same_as", "again", "proposed",
                            "variant_fits"});
            Repetition repetition;
            repetition.id = {r.integer("id", 0, 1, kMostFrames)};
            repetition.number = r.integer("number", 0, 0, kMostFrames);
            // It begins in its section; its last frames, kept as room, may reach into the next.
            repetition.from = r.integer("from", s.from, s.from, s.to);
            repetition.to = r.integer("to", repetition.from, repetition.from, frames - 1);
            framesOf_[repetition.id.value] = frames;
            repetition.result = r.text("result", false);
            repetition.variant = r.text("variant", false);
            repetition.felt = r.text("felt", false);
            if (r.has("variant_fits") && !r.at("variant_fits").json().is_null())
                repetition.variantFits = r.boolean("variant_fits", false);
            if (r.has("same_as") && !r.at("same_as").json().is_null())
                leads_.emplace_back(repetition.id.value, r.integer("same_as", 0, 1, kMostFrames));
            r.list("again", false, [&](const JsonNode& entry) {
                entry.expectObject({"landmark", "event", "frame", "x", "y"});
                constexpr double kFar = 1e6;
                if (entry.has("event"))
                    repetition.eventsAgain[entry.text("event")] = entry.requiredNumber("frame", 0, frames - 1);
                else
                    repetition.marksAgain[entry.text("landmark")][entry.integer("frame", 0, 0, frames - 1)] = {
                        entry.requiredNumber("x", -kFar, kFar), entry.requiredNumber("y", -kFar, kFar)};
            });
            if (r.has("proposed") && r.at("proposed").json().is_object())
                for (const auto& [event, frame] : r.at("proposed").json().items())
                    proposed_[{repetition.id.value, event}] = r.at("proposed").requiredNumber(event, 0, frames - 1);
            if (!repetitions_.insert(repetition.id.value).second)
                r.faultAt("id", "an id that no other repetition has", std::to_string(repetition.id.value));
            s.repetitions.push_back(std::move(repetition));
        });
        return s;
    }

    Repetition* repetition(std::int64_t id) {
        if (byId_.empty())
            for (Session& session : out_.data.sessions)
                for (Clip& clip : session.clips)
                    for (Section& section : clip.sections)
                        for (Repetition& repetition : section.repetitions)
                            byId_[repetition.id.value] = &repetition;
        const auto found = byId_.find(id);
        return found == byId_.end() ? nullptr : found->second;
    }
    Result<Repetition*> repetitionAt(const Rows& rows, const CsvRow& row) {
        const auto id = rows.whole(row, 0);
        if (!id)
            return id.error();
        Repetition* found = repetition(*id);
        if (!found)
            return badInput(rows.place(row), "a repetition of case.json", row.cells[0]);
        return found;
    }

    Result<void> readTimes() {
        const auto rows = Rows::read(files_, "times.csv", kTimesHeader);
        if (!rows)
            return rows.error();
        std::map<std::int64_t, std::vector<double>> times;
        for (const CsvRow& row : rows->all()) {
            const auto clip = rows->whole(row, 0), frame = rows->whole(row, 1);
            const auto time = rows->must(row, 2);
            if (!clip || !frame || !time)
                return !clip ? clip.error() : !frame ? frame.error() : time.error();
            std::vector<double>& of = times[*clip];
            if (!clips_.contains(*clip) || static_cast<std::size_t>(*frame) != of.size() ||
                (!of.empty() && *time < of.back()))
                return badInput(rows->place(row),
                                "the frames of a clip of case.json in order, at times that do not fall",
                                row.cells[0] + ", " + row.cells[1] + ", " + row.cells[2]);
            of.push_back(*time);
        }
        for (Session& session : out_.data.sessions)
            for (Clip& clip : session.clips) {
                std::vector<double>& of = times[clip.id.value];
                if (std::ssize(of) != frames_[clip.id.value])
                    return badInput("times.csv",
                                    std::to_string(frames_[clip.id.value]) + " frames of clip " +
                                        std::to_string(clip.id.value),
                                    std::to_string(of.size()));
                clip.timesS = std::make_shared<const std::vector<double>>(std::move(of));
            }
        return {};
    }

    Result<void> readMarks() {
        const auto rows = Rows::read(files_, "marks.csv", kMarksHeader);
        if (!rows)
            return rows.error();
        for (const CsvRow& row : rows->all()) {
            const auto found = repetitionAt(*rows, row);
            const auto frame = rows->whole(row, 2);
            if (!found || !frame)
                return !found ? found.error() : frame.error();
            Repetition& r = **found;
            const std::string &landmark = row.cells[1], &hidden = row.cells[7];
            const int last = framesOf_[r.id.value] - 1;
            if (landmark.empty() || *frame < 0 || *frame > last)
                return badInput(rows->place(row), "a landmark, and a frame of the clip, 0 to " + std::to_string(last),
                                landmark + ", " + row.cells[2]);
            if (row.cells[3].empty() && !hidden.empty()) {
                r.hidden.push_back({landmark, static_cast<int>(*frame), hidden});
                continue;
            }
            const auto x = rows->must(row, 3), y = rows->must(row, 4), sigma = rows->must(row, 5);
            for (const auto* value : {&x, &y, &sigma})
                if (!*value)
                    return value->error();
            if (!(*sigma > 0))
                return badInput(rows->place(row), "a sigma_px above 0", row.cells[5]);
            if (!r.marks[landmark].emplace(static_cast<int>(*frame), Mark{{*x, *y}, *sigma, row.cells[6]}).second)
                return badInput(rows->place(row), "a landmark once in a frame", "it again");
        }
        return {};
    }

    Result<void> readEvents() {
        const auto rows = Rows::read(files_, "events.csv", kEventsHeader);
        if (!rows)
            return rows.error();
        for (const CsvRow& row : rows->all()) {
            const auto found = repetitionAt(*rows, row);
            const auto frame = rows->must(row, 2);
            const auto u = rows->number(row, 3);
            if (!found || !frame || !u)
                return !found ? found.error() : !frame ? frame.error() : u.error();
            if (!out_.data.pack.event(row.cells[1]))
                return badInput(rows->place(row), "an event of the pack", row.cells[1]);
            const int last = framesOf_[(*found)->id.value] - 1;
            if (!(*frame >= 0 && *frame <= last) || (*u && !(**u >= 0)))
                return badInput(rows->place(row),
                                "a frame of the clip, 0 to " + std::to_string(last) + ", and u_s of 0 or more",
                                row.cells[2] + ", " + row.cells[3]);
            StoredEvent& event = (*found)->events[row.cells[1]];
            event = {*frame, *u, row.cells[4]};
            if (const auto before = proposed_.find({*rows->whole(row, 0), row.cells[1]}); before != proposed_.end())
                event.proposedFrame = before->second;
        }
        return {};
    }

    Result<void> readObservations() {
        const auto rows = Rows::read(files_, "observations.csv", kObservationsHeader);
        if (!rows)
            return rows.error();
        for (const CsvRow& row : rows->all()) {
            const auto found = repetitionAt(*rows, row);
            if (!found)
                return found.error();
            if (!out_.data.pack.observation(row.cells[1]))
                return badInput(rows->place(row), "an observation of the pack", row.cells[1]);
            (*found)->observations[row.cells[1]] = row.cells[2];
        }
        return {};
    }

    Result<void> readPractice() {
        const auto rows = Rows::read(files_, "practice.csv", kPracticeHeader);
        if (!rows)
            return rows.error();
        for (const CsvRow& row : rows->all()) {
            const QDateTime at = QDateTime::fromString(qt(row.cells[3]), Qt::ISODateWithMs);
            if (!at.isValid() || (row.cells[2] != "yes" && row.cells[2] != "no"))
                return badInput(rows->place(row), "yes or no, and a moment", row.cells[2] + ", " + row.cells[3]);
            out_.data.practice.push_back({0, row.cells[0], row.cells[1], row.cells[2] == "yes", at});
        }
        return {};
    }

    Result<void> readJournal() {
        const auto rows = Rows::read(files_, "journal.csv", kJournalHeader);
        if (!rows)
            return rows.error();
        for (const CsvRow& row : rows->all()) {
            const QDateTime at = QDateTime::fromString(qt(row.cells[0]), Qt::ISODateWithMs);
            if (!at.isValid())
                return badInput(rows->place(row), "a moment", row.cells[0]);
            out_.journal.push_back({at, qt(row.cells[1]), qt(row.cells[2])});
        }
        return {};
    }

    const std::map<QString, QByteArray>& files_;
    CaseFromFiles out_;
    std::set<std::int64_t> clips_, repetitions_;
    std::map<std::pair<std::int64_t, std::string>, double> proposed_; ///< frame of an event as it was proposed
    std::vector<std::pair<std::int64_t, std::int64_t>> leads_;        ///< a repetition, and the one it belongs to
    std::map<std::int64_t, int> frames_, framesOf_;                   ///< of a clip; of the clip of a repetition
    std::map<std::int64_t, Repetition*> byId_;
};

} // namespace

Result<CaseFromFiles> caseFromFiles(const std::map<QString, QByteArray>& files) { return Reading(files).read(); }

bool isArchiveName(const QString& name, bool& media) {
    static const QRegularExpression kText(QStringLiteral(
        "^(case\\.json|pack\\.json|times\\.csv|marks\\.csv|events\\.csv|observations\\.csv|practice\\.csv|"
        "journal\\.csv|assessments/[0-9]{1,6}\\.json|spoken/[0-9]{1,6}\\.wav)$"));
    static const QRegularExpression kMedia(QStringLiteral("^media/[0-9a-f]{64}(\\.[a-z0-9]{1,8})?$"));
    media = kMedia.match(name).hasMatch();
    return media || kText.match(name).hasMatch();
}

} // namespace riflesso
