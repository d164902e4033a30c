#include "store/case_json.h"

#include "core/ids.h"
#include "store/drawn_text.h"

#include "core/judge/findings.h"
#include "core/measure/single_cycles.h"
#include "core/pack/pack_reader.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "store/case_json_format.h"
#include "store/spoken_sound.h"
#include "store/stored_rows.h"

#include <QRegularExpression>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <set>

namespace riflesso {
namespace {

using namespace case_format;

constexpr int kMostFrames = static_cast<int>(kRoomOfClip);
constexpr std::size_t kJsonBytes = std::size_t(64) << 20;

using stored::qt;

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
        root.expectObject({"format",   "version",   "program",     "uid",          "title",    "school",
                           "athlete",  "goal",      "yardstick",   "competitions", "beliefs",  "not_asked",
                           "sessions", "decisions", "overrides",   "positions",    "targets",  "plan",
                           "cues",     "practice",  "assessments", "walk_cuts",    "exchanged"});
        CaseData& data = out_.data;
        data.uid = root.text("uid", false);
        data.title = qt(root.text("title"));
        data.school = qt(plain(qt(root.text("school"))));
        if (!schoolFrom(plain(data.school)))
            root.faultAt("school", "root, ground, effect or earliest", plain(data.school));
        fill(data.athlete, root.at("athlete"), {"limits"});
        root.at("athlete").list("limits", false, [&](const JsonNode& node) {
            AthleteLimit limit; // words alone in archives of version 1
            if (node.json().is_string())
                limit.words = qt(node.json().get<std::string>());
            else
                fill(limit, node);
            data.athlete.limits.push_back(limit);
        });
        if (root.has("goal") && !root.at("goal").json().is_null())
            data.goal = rowFrom<GoalTarget>(root.at("goal"));
        if (root.has("yardstick"))
            data.yardstick = rowFrom<Yardstick>(root.at("yardstick"));
        rows(root, "competitions", true, data.competitions);
        rows(root, "beliefs", true, data.beliefs);
        if (root.has("not_asked")) {
            const JsonNode node = root.at("not_asked");
            node.expectObject({"athlete", "analyst"});
            for (const Guesser whose : {Guesser::Athlete, Guesser::Analyst})
                if (const std::string key(toString(whose)); node.has(key))
                    data.notAsked[whose] = Kept<QDate>::fromJson(node, key.c_str(), kRequired);
        }
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
        rows(root, "decisions", true, data.decisions);
        rows(root, "overrides", false, data.overrides);
        for (std::size_t i = 0; i < data.overrides.size(); ++i) {
            const auto [low, high] = rangeOf(data.overrides[i].term);
            if (!(data.overrides[i].value >= low && data.overrides[i].value <= high))
                root.faultAt("overrides[" + std::to_string(i) + "].value",
                             "a number from " + std::to_string(low) + " to " + std::to_string(high),
                             std::to_string(data.overrides[i].value));
        }
        rows(root, "positions", false, data.positions);
        rows(root, "targets", false, data.targets);
        fill(data.plan, root.at("plan"));
        if (root.has("cues") && root.at("cues").json().is_object())
            for (const auto& [drill, cue] : root.at("cues").json().items())
                data.cues[drill].own = qt(root.at("cues").text(drill));
        if (root.has("walk_cuts") && root.at("walk_cuts").json().is_object())
            for (const auto& [walk, cut] : root.at("walk_cuts").json().items())
                data.walkCuts[qt(walk)] = qt(root.at("walk_cuts").text(walk));
        root.list("exchanged", false, [&](const JsonNode& node) {
            const QString digest = node.json().is_string() ? qt(node.json().get<std::string>()) : QString();
            static const QRegularExpression kDigest(QStringLiteral("^[0-9a-f]{64}$"));
            if (!kDigest.match(digest).hasMatch())
                node.fault("64 hexadecimal digits", plain(digest));
            out_.exchanged << digest;
        });
        inBlocks_ = root.has("practice");
        root.list("practice", false, [&](const JsonNode& node) {
            PracticeBlock block;
            fill(block, node, {"repetitions"});
            rows(node, "repetitions", false, block.repetitions);
            data.practice.push_back(std::move(block));
        });
        root.list("assessments", true, [&](const JsonNode& node) {
            StoredAssessment stored;
            fill(stored, node, {"session", "file"});
            stored.session = {node.integer("session", 0, 0, kMostFrames)};
            if (!data.session(stored.session))
                node.faultAt("session", "a session of this case", std::to_string(stored.session.value));
            const auto content = files_.find(qt(node.text("file")));
            if (content == files_.end())
                node.faultAt("file", "a file of the archive", node.text("file", false));
            else
                stored.content = QString::fromUtf8(content->second);
            data.assessments.push_back(stored);
        });
    }

    /// A list of rows of one kind.
    template <class Row> static void rows(const JsonNode& root, const char* key, bool required, std::vector<Row>& out) {
        root.list(key, required, [&](const JsonNode& node) { out.push_back(rowFrom<Row>(node)); });
    }

    void session(const JsonNode& node) {
        Session session;
        fill(session, node, {"id", "clips"});
        session.id = {node.integer("id", 0, 1, kMostFrames)};
        node.list("clips", true, [&](const JsonNode& clip) { session.clips.push_back(clipOf(clip)); });
        out_.data.sessions.push_back(std::move(session));
    }

    Clip clipOf(const JsonNode& node) {
        node.expectObject({"id", "title", "hash", "file", "width", "height", "frames", "sections", "spoken", "drawn"});
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
        node.list("drawn", false, [&](const JsonNode& drawn) {
            if (!drawn.expectObject({"frame", "kind", "points"}))
                return;
            DrawnNote note;
            note.frame = drawn.integer("frame", 0, 0, frames - 1);
            note.kind = drawn.word("kind", DrawnNote::Kind::Line, true,
                                   "line, angle, two_lines, circle, plumb, stroke, cover", drawnKindFrom);
            note.points = drawnFromText(qt(drawn.text("points")));
            if (note.points.empty())
                drawn.faultAt("points", "numbers, x and y of each point", drawn.text("points"));
            clip.drawn.push_back(std::move(note));
        });
        return clip;
    }

    Section sectionOf(const JsonNode& node, int frames) {
        Section s;
        fill(s, node, {"repetitions"}, frames - 1);
        if (s.to < s.from)
            node.faultAt("to", "a frame from " + std::to_string(s.from) + " on, where the section begins",
                         std::to_string(s.to));
        node.list("repetitions", true, [&](const JsonNode& r) {
            Repetition repetition;
            fill(repetition, r, {"id", "same_as", "again", "proposed", "changed"}, frames - 1);
            repetition.changed = Kept<QDateTime>::fromJson(r, "changed", {});
            repetition.id = {r.integer("id", 0, 1, kMostFrames)};
            // It begins in its section; its last frames, kept as room, may reach into the next.
            if (repetition.from < s.from || repetition.from > s.to)
                r.faultAt("from", "a frame of its section, " + std::to_string(s.from) + " to " + std::to_string(s.to),
                          std::to_string(repetition.from));
            if (repetition.to < repetition.from)
                r.faultAt("to", "a frame from " + std::to_string(repetition.from) + " on, where it begins",
                          std::to_string(repetition.to));
            framesOf_[repetition.id.value] = frames;
            if (r.has("same_as") && !r.at("same_as").json().is_null())
                leads_.emplace_back(repetition.id.value, r.integer("same_as", 0, 1, kMostFrames));
            r.list("again", false, [&](const JsonNode& entry) {
                entry.expectObject({"landmark", "event", "frame", "x", "y", "observation", "value"});
                constexpr double kFar = 1e6;
                if (entry.has("observation"))
                    repetition.observationsAgain[entry.text("observation")] = entry.text("value");
                else if (entry.has("event"))
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
            if (!isId(row.cells[1])) // not of the pack alone: what another edition of the skill knows is kept
                return badInput(rows->place(row), "the id of an event", row.cells[1]);
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

    /// Of archives before version 3.
    Result<void> readPractice() {
        if (inBlocks_ && !files_.contains(QStringLiteral("practice.csv")))
            return {};
        const auto rows = Rows::read(files_, "practice.csv", kPracticeHeader);
        if (!rows)
            return rows.error();
        std::vector<OldPractice> log;
        for (const CsvRow& row : rows->all()) {
            const QDateTime at = QDateTime::fromString(qt(row.cells[3]), Qt::ISODateWithMs);
            if (!at.isValid() || (row.cells[2] != "yes" && row.cells[2] != "no"))
                return badInput(rows->place(row), "yes or no, and a moment", row.cells[2] + ", " + row.cells[3]);
            log.push_back({0, row.cells[0], row.cells[1], row.cells[2] == "yes", at});
        }
        out_.data.practice = blocksOfOldLog(out_.data.pack, log);
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
    bool inBlocks_ = false; ///< case.json holds the practice
    std::set<std::int64_t> clips_, repetitions_;
    std::map<std::pair<std::int64_t, std::string>, double> proposed_; ///< frame of an event as it was proposed
    std::vector<std::pair<std::int64_t, std::int64_t>> leads_;        ///< a repetition, and the one it belongs to
    std::map<std::int64_t, int> frames_, framesOf_;                   ///< of a clip; of the clip of a repetition
    std::map<std::int64_t, Repetition*> byId_;
};

} // namespace

Result<CaseFromFiles> caseFromFiles(const std::map<QString, QByteArray>& files) { return Reading(files).read(); }

bool isWalkName(const QString& name) {
    static const QRegularExpression kWalk(
        QStringLiteral("^walk-throughs/[0-9a-f][0-9a-f-]{7,63}/"
                       "(score\\.z|score\\.jsonl|voice\\.ogg|again-[0-9]{1,4}\\.ogg)$"));
    return kWalk.match(name).hasMatch();
}

bool isArchiveName(const QString& name, bool& media) {
    static const QRegularExpression kText(QStringLiteral(
        "^(case\\.json|pack\\.json|times\\.csv|marks\\.csv|events\\.csv|observations\\.csv|practice\\.csv|"
        "journal\\.csv|assessments/[0-9]{1,6}\\.json|spoken/[0-9]{1,6}\\.wav)$"));
    static const QRegularExpression kMedia(QStringLiteral("^media/[0-9a-f]{64}(\\.[a-z0-9]{1,8})?$"));
    media = kMedia.match(name).hasMatch() || isWalkName(name);
    return media || kText.match(name).hasMatch();
}

} // namespace riflesso
