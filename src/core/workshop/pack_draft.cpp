#include "core/workshop/pack_draft.h"

#include "core/ids.h"
#include "core/tables/json_walk.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <map>
#include <set>

namespace riflesso {
namespace {

struct ListRow {
    PartList list;
    std::string_view key, idKey; ///< idKey empty: the entry is the name itself
};
constexpr std::array kLists = {ListRow{PartList::Events, "events", "id"},
                               ListRow{PartList::Phases, "phases", "id"},
                               ListRow{PartList::Points, "points", "id"},
                               ListRow{PartList::Marked, "marked", ""},
                               ListRow{PartList::Lines, "lines", "id"},
                               ListRow{PartList::Measures, "measures", "id"},
                               ListRow{PartList::Observations, "observations", "id"},
                               ListRow{PartList::Faults, "faults", "id"},
                               ListRow{PartList::Drills, "drills", "id"},
                               ListRow{PartList::Ladders, "ladders", "fault"},
                               ListRow{PartList::Ranges, "ranges", "measure"}};
const ListRow& rowOf(PartList list) { return kLists[static_cast<std::size_t>(list)]; }

std::string textOf(const Json& object, std::string_view key) {
    if (!object.is_object())
        return {};
    const auto found = object.find(std::string(key));
    return found != object.end() && found->is_string() ? found->get<std::string>() : std::string();
}
std::string idOf(const ListRow& row, const Json& part) {
    if (row.idKey.empty())
        return part.is_string() ? part.get<std::string>() : std::string();
    return textOf(part, row.idKey);
}

constexpr const char* kBeganAs = "x-began-as";

/// Lower-case letters, figures and `between`.
std::string slug(std::string_view title, char between) {
    std::string out;
    for (const char c : title) {
        const auto u = static_cast<unsigned char>(c);
        if (u < 128 && std::isalnum(u))
            out += static_cast<char>(std::tolower(u));
        else if (!out.empty() && out.back() != between)
            out += between;
    }
    while (!out.empty() && out.back() == between)
        out.pop_back();
    return out;
}

std::string betweenTitle(const std::string& from, const std::string& to) { return from + " to " + to; }
std::map<std::string, std::string> titlesOf(const std::vector<PartName>& parts) {
    std::map<std::string, std::string> out;
    for (const PartName& part : parts)
        out[part.id] = part.title;
    return out;
}

/// Removes conditions on what is not there; true where nothing is left.
bool withoutLost(Json& tree, const std::set<std::string>& measures, const std::set<std::string>& observations) {
    if (tree.is_array()) {
        std::size_t real = 0;
        for (std::size_t i = 0; i < tree.size();)
            if (withoutLost(tree[i], measures, observations)) {
                tree.erase(i);
            } else {
                real += !(tree[i].is_object() && tree[i].contains("unless"));
                ++i;
            }
        return real == 0;
    }
    if (!tree.is_object())
        return false;
    for (const char* key : {"all", "any", "unless"})
        if (tree.contains(key))
            return withoutLost(tree[key], measures, observations);
    if (tree.contains("measure"))
        return !measures.contains(std::string(baseMeasure(textOf(tree, "measure"))));
    return tree.contains("observation") && !observations.contains(textOf(tree, "observation"));
}

template <class Lost> void eraseWhere(Json& list, const Lost& lost) {
    for (std::size_t i = 0; list.is_array() && i < list.size();) {
        if (lost(list[i]))
            list.erase(i);
        else
            ++i;
    }
}
/// A list of names without those that are not there.
void keepNamed(Json& list, const std::set<std::string>& there) {
    eraseWhere(list, [&](const Json& name) { return !name.is_string() || !there.contains(name.get<std::string>()); });
}
/// What a ladder serves beside its fault: the faults that are there, each with the drills that are.
void keepServed(Json& also, const std::set<std::string>& faults, const std::set<std::string>& drills) {
    for (auto at = also.begin(); at != also.end();) {
        keepNamed(at.value(), drills);
        at = faults.contains(at.key()) && !at.value().empty() ? std::next(at) : also.erase(at);
    }
}

/// Every text in a part that could be the name of a point.
void collect(const Json& json, std::set<std::string>& into) {
    if (json.is_string()) {
        auto text = json.get<std::string>();
        if (const auto dash = text.find('-'); text.starts_with("body:") && dash != std::string::npos) {
            into.insert(text.substr(dash + 1));
            text = text.substr(5, dash - 5);
        }
        into.insert(text);
    } else if (json.is_structured()) {
        for (const Json& entry : json)
            collect(entry, into);
    }
}

/// Whether a measure, or a rule's signal, is of a point of one's own that is gone.
bool namesLostPoint(const Json& measure, const std::set<std::string>& own) {
    std::vector<const char*> keys = {"points",      "point", "line",  "against_line", "numerator",
                                     "denominator", "lower", "upper", "in",           "relative_to"};
    const std::string kind = textOf(measure, "kind");
    if (kind == "offset")
        keys.insert(keys.end(), {"from", "to"});
    if (kind == "peak_order")
        keys.push_back("of");
    std::set<std::string> names;
    for (const char* key : keys)
        if (measure.is_object() && measure.contains(key))
            collect(measure[key], names);
    return std::any_of(names.begin(), names.end(), [&](const std::string& name) {
        const std::string part = name.substr(0, name.find('@'));
        return part != "m" && !isSidedPart(part) && !isAnatomical(part) && !isDerived(part) && !own.contains(part);
    });
}

} // namespace

std::string_view toString(PartList list) { return rowOf(list).key; }

PackDraft::PackDraft(std::unique_ptr<Json> json) : json_(std::move(json)) {}
PackDraft::~PackDraft() = default;
PackDraft::PackDraft(const PackDraft& other) : json_(std::make_unique<Json>(*other.json_)) {}
PackDraft::PackDraft(PackDraft&& other) noexcept = default;
PackDraft& PackDraft::operator=(PackDraft other) noexcept {
    json_ = std::move(other.json_);
    return *this;
}

Result<PackDraft> PackDraft::read(std::string_view text, std::string_view name) {
    std::vector<JsonFault> faults;
    std::optional<Json> json = parseJson(text, kMaxPackBytes, faults);
    if (!json || !json->is_object()) {
        if (faults.empty())
            faults.push_back({"$", "an object", json ? json->dump().substr(0, 40) : "nothing"});
        return badInput(std::string(name) + ": " + faults[0].path, faults[0].expected, faults[0].got);
    }
    return PackDraft(std::make_unique<Json>(std::move(*json)));
}

PackDraft PackDraft::of(const PackDraft& other, const std::string& title) {
    PackDraft out = other;
    const std::string name = slug(title, '-');
    (*out.json_)["id"] = "own." + (name.empty() ? "skill" : name);
    (*out.json_)["edition"] = "0.1.0";
    (*out.json_)["title"] = title;
    if (out.parts(PartList::Faults).empty()) // a movement without a skill of its own: its words are of something else
        (*out.json_)["about"] = kToBeWritten;
    else if (const std::string id = textOf(other.json(), "id"); !id.empty() && out.beganAs().empty())
        (*out.json_)[kBeganAs] = id;
    return out;
}

std::string PackDraft::text() const { return json_->dump(2) + "\n"; }

PackReading PackDraft::reading() const { return readPack(json_->dump()); }

Json& PackDraft::list(PartList list) {
    const std::string key(rowOf(list).key);
    Json& home = list == PartList::Ranges ? (*json_)["model"] : *json_;
    if (!home.is_object())
        home = Json::object();
    Json& out = home[key];
    if (!out.is_array())
        out = Json::array();
    return out;
}

std::vector<PartName> PackDraft::parts(PartList list) const {
    const ListRow& row = rowOf(list);
    const Json* home = json_.get();
    if (list == PartList::Ranges) {
        const auto model = json_->find("model");
        home = model != json_->end() && model->is_object() ? &*model : nullptr;
    }
    std::vector<PartName> out;
    if (!home || !home->contains(std::string(row.key)))
        return out;
    for (const Json& part : (*home)[std::string(row.key)]) {
        std::string title = textOf(part, "title");
        out.push_back({list, idOf(row, part), title.empty() ? idOf(row, part) : title});
    }
    return out;
}

const Json* PackDraft::part(PartList list, std::string_view id) const {
    const ListRow& row = rowOf(list);
    const Json* home = json_.get();
    if (list == PartList::Ranges)
        home = json_->contains("model") && (*json_)["model"].is_object() ? &(*json_)["model"] : nullptr;
    if (home && home->contains(std::string(row.key)))
        for (const Json& part : (*home)[std::string(row.key)])
            if (idOf(row, part) == id)
                return &part;
    return nullptr;
}

std::string PackDraft::freeId(PartList list, std::string_view title) const {
    constexpr std::size_t kLongest = 40;
    std::string name = slug(title, '_').substr(0, kLongest);
    if (name.empty() || !std::isalpha(static_cast<unsigned char>(name[0])))
        name = std::string(rowOf(list).key.substr(0, rowOf(list).key.size() - 1)) + (name.empty() ? "" : "_") + name;
    std::string out = name;
    for (int n = 2; part(list, out); ++n)
        out = name + "_" + std::to_string(n);
    return out;
}

void PackDraft::put(PartList which, const Json& part, std::string_view before) {
    const ListRow& row = rowOf(which);
    Json& all = list(which);
    const std::string id = idOf(row, part);
    for (Json& there : all)
        if (idOf(row, there) == id) {
            const std::map<std::string, std::string> before = titlesOf(parts(PartList::Events));
            there = part;
            if (which == PartList::Events)
                nameJoined(before);
            return;
        }
    for (std::size_t i = 0; i < all.size(); ++i)
        if (!before.empty() && idOf(row, all[i]) == before) {
            all.insert(all.begin() + static_cast<std::ptrdiff_t>(i), part);
            return;
        }
    all.push_back(part);
}

std::vector<PartName> PackDraft::take(PartList which, const std::string& id) {
    const ListRow& row = rowOf(which);
    Json& all = list(which);
    for (std::size_t i = 0; i < all.size(); ++i)
        if (idOf(row, all[i]) == id) {
            all.erase(i);
            break;
        }
    std::vector<PartName> gone;
    prune(gone);
    return gone;
}

/// Until nothing names what is not there any more.
void PackDraft::prune(std::vector<PartName>& gone) {
    const auto ids = [this](PartList which) {
        std::set<std::string> out;
        for (const PartName& part : parts(which))
            out.insert(part.id);
        return out;
    };
    // Parts of a list that fail a test go; true where one went.
    const auto drop = [&](PartList which, const auto& lost) {
        Json& all = list(which);
        bool any = false;
        for (std::size_t i = 0; i < all.size();)
            if (lost(all[i])) {
                const std::string title = textOf(all[i], "title");
                gone.push_back({which, idOf(rowOf(which), all[i]), title.empty() ? idOf(rowOf(which), all[i]) : title});
                all.erase(i);
                any = true;
            } else {
                ++i;
            }
        return any;
    };
    for (bool again = true; again;) {
        again = false;
        const auto events = ids(PartList::Events), own = ids(PartList::Points), lines = ids(PartList::Lines);
        again |= drop(PartList::Phases, [&](const Json& phase) {
            if (phase.contains("round"))
                return !events.contains(textOf(phase, "round"));
            return !events.contains(textOf(phase, "from")) || !events.contains(textOf(phase, "to"));
        });
        const auto phases = ids(PartList::Phases), measures = ids(PartList::Measures),
                   seen = ids(PartList::Observations);
        again |= drop(PartList::Marked, [&](const Json& point) {
            const std::string name = point.is_string() ? point.get<std::string>() : std::string();
            const std::string part = name.substr(0, name.find('@'));
            return !isSidedPart(part) && !isAnatomical(part) && !own.contains(part);
        });
        again |= drop(PartList::Measures, [&](const Json& measure) {
            const auto lost = [&](const char* key, const std::set<std::string>& in) {
                const std::string name = textOf(measure, key);
                return !name.empty() && !in.contains(name);
            };
            if (namesLostPoint(measure, own))
                return true;
            if (lost("at", events) || lost("over", phases) || lost("phase", phases) || lost("to_phase", phases) ||
                lost("left", measures) || lost("right", measures) || lost("observation", seen))
                return true;
            const std::string kind = textOf(measure, "kind");
            if ((kind == "interval" || kind == "change") && (lost("from", events) || lost("to", events)))
                return true;
            if ((kind == "drift" || kind == "variability" || kind == "difference" || kind == "change") &&
                !measures.contains(std::string(baseMeasure(textOf(measure, "of")))))
                return true;
            if (kind == "phase_share" && lost("of", phases))
                return true;
            const std::string against = textOf(measure, "against");
            return !against.empty() && against != "horizontal" && against != "vertical" && against != "ahead" &&
                   against != "plumb" && !lines.contains(against);
        });
        const auto left = ids(PartList::Measures);
        for (Json& measure : list(PartList::Measures))
            if (const std::string trade = textOf(measure, "trade_with"); !trade.empty() && !left.contains(trade))
                measure.erase("trade_with");
        again |= drop(PartList::Ranges, [&](const Json& range) {
            return !left.contains(std::string(baseMeasure(textOf(range, "measure"))));
        });
        again |= drop(PartList::Faults, [&](Json& fault) {
            return fault.is_object() && fault.contains("when") && withoutLost(fault["when"], left, seen);
        });
        const auto faults = ids(PartList::Faults), drills = ids(PartList::Drills);
        for (Json& fault : list(PartList::Faults)) {
            if (!fault.is_object())
                continue;
            if (const std::string phase = textOf(fault, "phase"); !phase.empty() && !phases.contains(phase))
                fault.erase("phase");
            if (fault.contains("causes"))
                eraseWhere(fault["causes"], [&](const Json& cause) {
                    const std::string of = textOf(cause, "fault");
                    return !of.empty() && !faults.contains(of);
                });
        }
        again |= drop(PartList::Ladders, [&](Json& ladder) {
            if (!ladder.is_object())
                return true;
            const bool ownRungs = ladder.contains("also") && ladder["also"].is_object();
            if (ownRungs)
                keepServed(ladder["also"], faults, drills);
            else if (ladder.contains("also"))
                keepNamed(ladder["also"], faults);
            if (!faults.contains(textOf(ladder, "fault"))) {
                if (!ladder.contains("also") || ladder["also"].empty())
                    return true;
                if (ownRungs) { // it serves the others still
                    const std::string heir = ladder["also"].begin().key();
                    ladder["fault"] = heir;
                    ladder["rungs"] = ladder["also"][heir];
                    ladder["also"].erase(heir);
                } else {
                    ladder["fault"] = ladder["also"][0];
                    ladder["also"].erase(0);
                }
            }
            keepNamed(ladder["rungs"], drills);
            return ladder["rungs"].empty();
        });
        pruneChoices(events, left, faults);
        for (Json& event : list(PartList::Events)) {
            if (event.is_object() && event.contains("suggest") && event["suggest"].contains("signal") &&
                namesLostPoint(event["suggest"]["signal"], own))
                event.erase("suggest");
            if (event.is_object() && event.contains("suggest"))
                for (const char* key : {"after", "before"})
                    if (const std::string bound = textOf(event["suggest"], key);
                        !bound.empty() && !events.contains(bound))
                        event["suggest"].erase(key);
        }
    }
}

/// Forms, disputes and profiles name parts as well.
void PackDraft::pruneChoices(const std::set<std::string>& events, const std::set<std::string>& measures,
                             const std::set<std::string>& faults) {
    const auto each = [&](const char* key, const auto& work) {
        if (const auto found = json_->find(key); found != json_->end() && found->is_array())
            for (Json& one : *found)
                if (one.is_object())
                    work(one);
    };
    const auto rangesOf = [&](Json& home) {
        if (home.contains("ranges"))
            eraseWhere(home["ranges"], [&](const Json& range) {
                return !measures.contains(std::string(baseMeasure(textOf(range, "measure"))));
            });
    };
    each("profiles", [&](Json& profile) { keepNamed(profile["faults"], faults); });
    each("variants", [&](Json& variant) {
        if (variant.contains("events"))
            keepNamed(variant["events"], events);
        if (variant.contains("model") && variant["model"].is_object())
            rangesOf(variant["model"]);
    });
    each("disputes", [&](Json& dispute) {
        if (!dispute.contains("positions") || !dispute["positions"].is_array())
            return;
        for (Json& position : dispute["positions"]) {
            if (!position.is_object())
                continue;
            rangesOf(position);
            if (position.contains("leave_out"))
                keepNamed(position["leave_out"], faults);
        }
    });
    if (const auto profiles = json_->find("profiles"); profiles != json_->end())
        eraseWhere(*profiles, [](const Json& profile) {
            return profile.is_object() && profile.contains("faults") && profile["faults"].empty();
        });
}

std::string PackDraft::beganAs() const { return textOf(*json_, kBeganAs); }

std::vector<PartName> PackDraft::takeFrom(const PackDraft& other, const std::string& path) {
    for (const ListRow& row : kLists) {
        const std::string head = (row.list == PartList::Ranges ? "model." : "") + std::string(row.key) + ".";
        if (!path.starts_with(head))
            continue;
        const std::string rest = path.substr(head.size());
        for (const PackDraft* draft : {&other, static_cast<const PackDraft*>(this)})
            for (const PartName& part : draft->parts(row.list))
                if (rest == part.id || rest.starts_with(part.id + ".")) {
                    if (const Json* theirs = other.part(row.list, part.id)) {
                        put(row.list, *theirs);
                        return {};
                    }
                    return take(row.list, part.id);
                }
    }
    const std::string key = path.substr(0, path.find('.'));
    const auto theirs = other.json_->find(key);
    set(key, theirs == other.json_->end() ? Json() : *theirs);
    return {};
}

void PackDraft::set(std::string_view key, const Json& value) {
    if (value.is_null())
        json_->erase(std::string(key));
    else
        (*json_)[std::string(key)] = value;
    if (key == "family")
        joinPhases();
}

void PackDraft::joinPhases() {
    const std::vector<PartName> events = parts(PartList::Events);
    if (events.size() < 2)
        return;
    const bool cyclic = textOf(*json_, "family") == "cyclic"; // the last one is followed by the first
    std::set<std::string> used;
    for (const PartList other : {PartList::Measures, PartList::Faults})
        for (const Json& part : list(other))
            for (const char* key : {"over", "phase", "of", "to_phase"})
                used.insert(textOf(part, key));
    Json& phases = list(PartList::Phases); // after those lists: making one moves the others
    // The one that was made for the whole grows with it.
    constexpr const char* kJoined = "x-joined";
    const auto whole = std::find_if(phases.begin(), phases.end(),
                                    [&](const Json& phase) { return textOf(phase, kJoined) == "whole"; });
    const bool hasWhole = whole != phases.end();
    if (hasWhole) {
        (*whole)["from"] = events.front().id;
        (*whole)["to"] = cyclic ? events.front().id : events.back().id;
    }
    // One made between neighbours goes where they are none any more, unless something is measured over it.
    const auto areNeighbours = [&](const Json& phase) {
        for (std::size_t i = 1; i < events.size(); ++i)
            if (textOf(phase, "from") == events[i - 1].id && textOf(phase, "to") == events[i].id)
                return true;
        return cyclic && textOf(phase, "from") == events.back().id && textOf(phase, "to") == events.front().id;
    };
    eraseWhere(phases, [&](const Json& phase) {
        return textOf(phase, kJoined) == "between" && !areNeighbours(phase) && !used.contains(textOf(phase, "id"));
    });
    const auto join = [&](const PartName& from, const PartName& to, const std::string& title, const char* how) -> bool {
        for (Json& phase : phases)
            if (textOf(phase, "from") == from.id && textOf(phase, "to") == to.id && textOf(phase, kJoined) != "whole")
                return false;
        phases.push_back({{"id", freeId(PartList::Phases, from.id + "_to_" + to.id)},
                          {"title", title},
                          {"from", from.id},
                          {"to", to.id},
                          {kJoined, how}});
        return true;
    };
    for (std::size_t i = 1; i < events.size(); ++i)
        join(events[i - 1], events[i], betweenTitle(events[i - 1].title, events[i].title), "between");
    if (cyclic)
        join(events.back(), events.front(), betweenTitle(events.back().title, events.front().title), "between");
    if (!hasWhole && events.size() > 2)
        join(events.front(), cyclic ? events.front() : events.back(), cyclic ? "Whole cycle" : "Whole movement",
             "whole");
}

/// Phases named after the events they lie between go with a new name of one.
void PackDraft::nameJoined(const std::map<std::string, std::string>& before) {
    const std::map<std::string, std::string> now = titlesOf(parts(PartList::Events));
    for (Json& phase : list(PartList::Phases)) {
        const auto from = before.find(textOf(phase, "from")), to = before.find(textOf(phase, "to"));
        if (from == before.end() || to == before.end() ||
            textOf(phase, "title") != betweenTitle(from->second, to->second))
            continue;
        const auto a = now.find(from->first), b = now.find(to->first);
        if (a != now.end() && b != now.end())
            phase["title"] = betweenTitle(a->second, b->second);
    }
}

std::string PackDraft::sourceFor(const std::string& text) {
    Json& sources = (*json_)["sources"];
    if (!sources.is_object())
        sources = Json::object();
    for (const auto& [id, known] : sources.items())
        if (known.is_string() && known.get<std::string>() == text)
            return id;
    std::string id = "s1";
    for (int n = 2; sources.contains(id); ++n)
        id = "s" + std::to_string(n);
    sources[id] = text;
    return id;
}

void PackDraft::takeRanges(const std::vector<ModelRange>& ranges, const std::string& source) {
    const std::string id = sourceFor(source);
    const auto brief = [](double value, double step) {
        const double grain = std::pow(10.0, std::floor(std::log10(step)) - 1); // a tenth of what matters
        return std::round(value / grain) * grain;
    };
    const auto clean = [](double value) { // 0.30000000000000004 is no number for a reader
        std::array<char, 32> text{};
        const auto end = std::to_chars(text.begin(), text.end(), value, std::chars_format::general, 6).ptr;
        double out = 0;
        std::from_chars(text.data(), end, out);
        return out;
    };
    for (const ModelRange& range : ranges) {
        put(PartList::Ranges, {{"measure", range.measure},
                               {"low", clean(brief(range.low, range.tolerance))},
                               {"high", clean(brief(range.high, range.tolerance))},
                               {"source", id}});
        const std::string base(baseMeasure(range.measure));
        if (base == range.measure)
            for (Json& measure : list(PartList::Measures))
                if (textOf(measure, "id") == base) {
                    measure["tolerance"] = clean(brief(range.tolerance, range.tolerance));
                    measure["source"] = id;
                }
    }
}

std::string nextEdition(const std::string& edition, const std::vector<PackChange>& changes) {
    if (changes.empty())
        return edition;
    std::array<int, 3> figures{};
    const char* at = edition.data();
    const char* end = at + edition.size();
    for (std::size_t i = 0; i < figures.size(); ++i) {
        const auto read = std::from_chars(at, end, figures[i]);
        const bool ends = i + 1 == figures.size() ? read.ptr == end : read.ptr != end && *read.ptr == '.';
        if (read.ec != std::errc() || figures[i] < 0 || !ends)
            return edition + "-2";
        at = read.ptr + 1;
    }
    const auto any = [&](PackChange::Kind kind) {
        return std::any_of(changes.begin(), changes.end(),
                           [&](const PackChange& change) { return change.kind == kind; });
    };
    if (any(PackChange::Kind::Structure)) {
        if (figures[0] == 0)
            figures = {0, figures[1] + 1, 0};
        else
            figures = {figures[0] + 1, 0, 0};
    } else if (any(PackChange::Kind::Ranges)) {
        figures = {figures[0], figures[1] + 1, 0};
    } else {
        ++figures[2];
    }
    return std::to_string(figures[0]) + "." + std::to_string(figures[1]) + "." + std::to_string(figures[2]);
}

} // namespace riflesso
