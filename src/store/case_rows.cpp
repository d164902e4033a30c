#include "store/case_rows.h"

#include "store/drawn_text.h"
#include "store/stored_rows.h"

#include <QCryptographicHash>

#include <nlohmann/json.hpp>

namespace riflesso {
namespace {

std::string plain(const QString& text) { return text.toStdString(); }
std::string sha(const QByteArray& bytes) {
    return QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex().toStdString();
}
std::string escaped(const std::string& part) {
    std::string out;
    for (const char c : part)
        if (c == '/' || c == '%')
            out += c == '/' ? "%2F" : "%25";
        else
            out += c;
    return out;
}
RowKey below(const RowKey& key, const std::vector<std::string>& parts) { return key + "/" + keyOf(parts); }

class RowsOf {
public:
    RowsOf(const CaseData& data, const QString& packText) {
        fields("athlete", data.athlete);
        for (const AthleteLimit& limit : data.athlete.limits)
            set(keyOf({"limit", limit.uid}), jsonOf(limit));
        for (const Competition& competition : data.competitions)
            set(keyOf(competition), true);
        set("case/school", plain(data.school));
        set("case/goal", data.goal ? jsonOf(*data.goal) : Json(nullptr));
        set("case/pack", plain(packText));
        fields("yardstick", data.yardstick);
        fields("plan", data.plan);
        for (const Belief& belief : data.beliefs)
            set(keyOf(belief), jsonOf(belief));
        for (const auto& [whose, day] : data.notAsked)
            set(keyOf({"not_asked", std::string(toString(whose))}), Kept<QDate>::toJson(day));
        for (const Decision& decision : data.decisions)
            set(keyOf({"decision", decision.fault}), jsonOf(decision));
        for (const TermOverride& own : data.overrides)
            set(keyOf({"override", own.fault, std::string(toString(own.term))}), jsonOf(own));
        for (const Position& position : data.positions)
            set(keyOf({"position", position.dispute}), jsonOf(position));
        for (const OwnTarget& target : data.targets)
            set(keyOf({"target", target.measure}), jsonOf(target));
        for (const auto& [drill, cue] : data.cues)
            set(keyOf({"cue", drill}), plain(cue.own));
        for (const auto& [walk, cut] : data.walkCuts)
            set(keyOf({"walk_cut", plain(walk)}), plain(cut));
        for (const PracticeBlock& block : data.practice) {
            Json value = jsonOf(block);
            value["repetitions"] = Json::array();
            for (const PracticeRepetition& repetition : block.repetitions)
                value["repetitions"].push_back(jsonOf(repetition));
            set(keyOf(block), value);
        }
        for (const Session& session : data.sessions)
            of(session);
        for (const Session& session : data.sessions)
            for (const Clip& clip : session.clips)
                for (const Section& section : clip.sections)
                    for (const Repetition& r : section.repetitions)
                        if (const Repetition* lead = r.sameAs ? data.repetition(r.sameAs) : nullptr)
                            set(keyOf(keyOf(session, clip), r) + "/same_as", lead->uid);
        for (const StoredAssessment& one : data.assessments) {
            const Session* session = data.session(one.session);
            set(keyOf(one), {{"session", session ? session->uid : ""}, {"content", sha(one.content.toUtf8())}});
        }
    }
    CaseRows out;

private:
    void set(const RowKey& key, const Json& value) {
        out[key] = value.dump(-1, ' ', false, Json::error_handler_t::replace);
    }
    template <class Row> void fields(const RowKey& key, const Row& row) {
        forFields<Row>([&]<class F>(const F& field) {
            if (field.key && !field.fixed)
                set(key + "/" + field.key, Kept<typename F::Value>::toJson(std::invoke(field.at, row)));
        });
    }

    void of(const Session& session) {
        set(keyOf(session), jsonOf(session));
        for (const Clip& clip : session.clips) {
            const RowKey key = keyOf(session, clip);
            set(key, plain(clip.title));
            for (const SpokenNote& note : clip.spoken)
                set(keyOf(key, note), true);
            std::map<int, Json> drawn;
            for (const DrawnNote& note : clip.drawn)
                drawn[note.frame].push_back({toString(note.kind), drawnToText(note.points).toStdString()});
            for (const auto& [frame, notes] : drawn)
                set(below(key, {"drawn", std::to_string(frame)}), notes);
            Json division = Json::array();
            for (const Section& section : clip.sections) {
                division.push_back({section.uid, section.from, section.to});
                Section alike = section; // where it lies is the division's
                alike.from = alike.to = 0;
                fields(keyOf(key, section), alike);
                for (const Repetition& repetition : section.repetitions)
                    of(keyOf(key, repetition), repetition);
            }
            set(key + "/division", division);
        }
    }

    void of(const RowKey& key, const Repetition& r) {
        set(key, {r.from, r.to});
        Repetition alike = r; // its span is the row above
        alike.from = alike.to = alike.number = 0;
        fields(key + "/field", alike);
        for (const auto& [event, value] : r.events)
            set(below(key, {"event", event}),
                {value.frame, value.givenUS ? Json(*value.givenUS) : Json(nullptr), value.source,
                 value.proposedFrame ? Json(*value.proposedFrame) : Json(nullptr)});
        for (const auto& [landmark, marks] : r.marks)
            for (const auto& [frame, mark] : marks)
                set(below(key, {"mark", landmark, std::to_string(frame)}),
                    {mark.at.x, mark.at.y, mark.sigmaPx, mark.source});
        for (const HiddenMark& hidden : r.hidden)
            set(below(key, {"mark", hidden.landmark, std::to_string(hidden.frame)}), hidden.reason);
        for (const auto& [observation, value] : r.observations)
            set(below(key, {"observation", observation}), value);
        for (const auto& [landmark, marks] : r.marksAgain)
            for (const auto& [frame, at] : marks)
                set(below(key, {"again", "mark", landmark, std::to_string(frame)}), {at.x, at.y});
        for (const auto& [event, frame] : r.eventsAgain)
            set(below(key, {"again", "event", event}), frame);
        for (const auto& [observation, value] : r.observationsAgain)
            set(below(key, {"again", "observation", observation}), value);
    }
};

} // namespace

CaseRows rowsOf(const CaseData& data, const QString& packText) { return RowsOf(data, packText).out; }

QString digestOf(const CaseRows& rows) {
    QCryptographicHash hash(QCryptographicHash::Sha256);
    for (const auto& [key, value] : rows)
        for (const std::string* text : {&key, &value})
            hash.addData(QByteArrayView(text->c_str(), static_cast<qsizetype>(text->size()) + 1));
    return QString::fromLatin1(hash.result().toHex());
}

// Thousands of keys in one object: in the map whose search is quick, not in the one that keeps an order.
using Sorted = nlohmann::json;

QByteArray packed(const CaseRows& rows) {
    return qCompress(QByteArray::fromStdString(Sorted(rows).dump(-1, ' ', false, Sorted::error_handler_t::replace)));
}

std::optional<CaseRows> unpacked(const QByteArray& bytes) {
    const QByteArray text = qUncompress(bytes);
    constexpr qsizetype kMostBytes = qsizetype(512) << 20;
    const auto json =
        text.size() > kMostBytes ? Sorted() : Sorted::parse(text.constBegin(), text.constEnd(), nullptr, false);
    if (!json.is_object())
        return {};
    CaseRows out;
    for (const auto& [key, value] : json.items()) {
        if (!value.is_string())
            return {};
        out[key] = value.get<std::string>();
    }
    return out;
}

RowKey keyOf(const std::vector<std::string>& parts) {
    RowKey out;
    for (const std::string& part : parts)
        out += (&part == parts.data() ? "" : "/") + escaped(part);
    return out;
}

std::vector<std::string> partsOf(const RowKey& key) {
    std::vector<std::string> out(1);
    for (std::size_t i = 0; i < key.size(); ++i)
        if (key[i] == '/')
            out.emplace_back();
        else if (key[i] == '%' && i + 2 < key.size()) {
            out.back() += key[i + 1] == '2' && key[i + 2] == 'F' ? '/' : '%';
            i += 2;
        } else
            out.back() += key[i];
    return out;
}

RowKey keyOf(const Session& session) { return keyOf({"session", session.uid}); }
RowKey keyOf(const Session& session, const Clip& clip) {
    return below(keyOf(session), {"clip", clip.hash.toStdString()});
}
RowKey keyOf(const RowKey& clip, const Section& section) { return below(clip, {"section", section.uid}); }
RowKey keyOf(const RowKey& clip, const Repetition& repetition) { return below(clip, {"rep", repetition.uid}); }
RowKey keyOf(const RowKey& clip, const SpokenNote& note) { return below(clip, {"spoken", sha(note.sound)}); }
RowKey keyOf(const Belief& belief) {
    return keyOf({"belief", std::string(toString(belief.whose)), belief.measure, plain(belief.words),
                  belief.value ? Json(*belief.value).dump() : ""});
}
RowKey keyOf(const Competition& competition) {
    return keyOf({"competition", plain(competition.date.toString(Qt::ISODate)), plain(competition.title)});
}
RowKey keyOf(const PracticeBlock& block) {
    return keyOf({"practice", Kept<QDateTime>::toJson(block.started).get<std::string>(), block.fault, block.drill});
}
RowKey keyOf(const StoredAssessment& assessment) {
    return keyOf({"assessment", Kept<QDateTime>::toJson(assessment.at).get<std::string>(), plain(assessment.title)});
}

RowKey repetitionIn(const RowKey& key) {
    const std::size_t rep = key.find("/rep/");
    if (!key.starts_with("session/") || rep == RowKey::npos)
        return {};
    const std::size_t end = key.find('/', rep + 5);
    return key.substr(0, end);
}

} // namespace riflesso
