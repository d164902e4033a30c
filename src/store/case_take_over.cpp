#include "store/case_merge.h"
#include "store/edit.h"
#include "store/stored_rows.h"

#include <algorithm>

// Rows of another copy of a case brought over into the one that is here.

namespace riflesso {
namespace {

/// Goes through both copies, and does what the rows to take ask for; the first error ends it.
class TakingOver {
public:
    TakingOver(Edit& edit, const std::set<RowKey>& take, const CaseData& here, const CaseData& there,
               const QString& packThere, const PathOfClip& path)
        : edit_(edit), take_(take), here_(here), there_(there), packThere_(packThere), path_(path) {
        for (const Session& session : here.sessions) {
            sessions_[session.uid] = session.id;
            for (const Clip& clip : session.clips) {
                clips_[keyOf(session, clip)] = &clip;
                for (const Section& section : clip.sections)
                    for (const Repetition& r : section.repetitions) {
                        repetitions_[r.uid] = r.id;
                        numbers_[keyOf(session)].insert(r.number);
                    }
            }
        }
    }

    Result<Merged> run() {
        athlete();
        for (const Session& session : there_.sessions)
            of(session);
        removeUnits();
        leads();
        ofCase();
        if (error_)
            return *error_;
        return merged_;
    }

private:
    void doIt(const Result<void>& step) {
        if (!step && !error_)
            error_ = step.error();
    }
    template <class Made> bool made(const Result<Made>& step) {
        if (!step && !error_)
            error_ = step.error();
        return step.ok();
    }
    /// Whether a row is to be taken; counts it.
    bool takes(const RowKey& key) {
        const bool yes = !error_ && take_.contains(key);
        merged_.taken += yes;
        return yes;
    }
    /// The fields to take, put into `mine`; whether there are any.
    template <class Row> bool patched(Row& mine, const Row& theirs, const RowKey& key) {
        bool any = false;
        forFields<Row>([&](const auto& field) {
            if (field.key && !field.fixed && takes(key + "/" + field.key)) {
                std::invoke(field.at, mine) = std::invoke(field.at, theirs);
                any = true;
            }
        });
        return any;
    }
    /// Rows in a list, by their keys: those to take go here and come as they are there.
    template <class Row, class Key, class Remove, class Add>
    void exchange(const std::vector<Row>& mine, const std::vector<Row>& theirs, const Key& key, const Remove& remove,
                  const Add& add) {
        for (const Row& row : mine)
            if (take_.contains(key(row)))
                doIt(remove(row));
        std::set<RowKey> there;
        for (const Row& row : theirs)
            if (there.insert(key(row)).second && takes(key(row)))
                doIt(add(row));
        for (const Row& row : mine)
            if (!there.contains(key(row)))
                takes(key(row)); // gone: counted
    }

    void athlete() {
        Athlete mine = here_.athlete;
        if (patched(mine, there_.athlete, "athlete"))
            doIt(edit_.setAthlete(mine));
        exchange(
            here_.athlete.limits, there_.athlete.limits,
            [](const AthleteLimit& limit) {
                return keyOf({"limit", limit.uid});
            },
            [&](const AthleteLimit& limit) { return edit_.removeLimit(limit.id); },
            [&](const AthleteLimit& limit) -> Result<void> {
                const auto added = edit_.addLimit(here_.athlete.id, limit);
                return added ? Result<void>() : Result<void>(added.error());
            });
        exchange(
            here_.competitions, there_.competitions, [](const Competition& one) { return keyOf(one); },
            [&](const Competition& one) { return edit_.removeCompetition(one.id); },
            [&](const Competition& one) { return edit_.addCompetition(here_.athlete.id, one.date, one.title); });
    }

    void of(const Session& session) {
        if (takes(keyOf(session)) && !sessions_.contains(session.uid)) {
            const auto added = edit_.addSession(here_.id, session.date, session.title, session.isModel, session.uid);
            if (made(added))
                sessions_[session.uid] = *added;
        }
        const auto id = sessions_.find(session.uid);
        for (const Clip& clip : session.clips) {
            const RowKey key = keyOf(session, clip);
            if (const auto own = clips_.find(key); own != clips_.end()) {
                if (take_.contains(key + "/division"))
                    divide(key, *own->second, clip);
                inClip(key, *own->second, clip);
            } else if (takes(key) && id != sessions_.end()) {
                std::map<RepetitionId, RepetitionId> ids;
                doIt(addWholeClip(edit_, id->second, clip, path_(clip), ids));
                for (const Section& section : clip.sections)
                    for (const Repetition& r : section.repetitions)
                        repetitions_[r.uid] = ids[r.id];
                merged_.taken += static_cast<int>(std::count_if(
                    take_.begin(), take_.end(), [&](const RowKey& row) { return row.starts_with(key + "/"); }));
            }
        }
    }

    /// The sections of the clip as they are there, unless one would cut a repetition of here.
    void divide(const RowKey& key, const Clip& mine, const Clip& theirs) {
        for (const Section& section : mine.sections)
            for (const Repetition& r : section.repetitions)
                if (!take_.contains(keyOf(key, r)) && !sectionAt(theirs.sections, r.from)) {
                    ++merged_.leftOut;
                    return;
                }
        std::vector<Section> sections = theirs.sections;
        for (Section& section : sections)
            for (const Section& own : mine.sections)
                if (own.uid == section.uid) { // what else it says is decided row by row
                    const int from = section.from, to = section.to;
                    section = own;
                    section.from = from;
                    section.to = to;
                }
        takes(key + "/division");
        doIt(edit_.divideClip(mine.id, sections));
        divided_[key] = sections;
    }
    static const Section* sectionAt(const std::vector<Section>& sections, int frame) {
        const auto found = std::find_if(sections.begin(), sections.end(),
                                        [&](const Section& s) { return s.from <= frame && frame <= s.to; });
        return found == sections.end() ? nullptr : &*found;
    }

    void inClip(const RowKey& key, const Clip& mine, const Clip& theirs) {
        const auto divided = divided_.find(key);
        for (Section section : divided == divided_.end() ? mine.sections : divided->second)
            for (const Section& other : theirs.sections)
                if (other.uid == section.uid && patched(section, other, keyOf(key, section))) {
                    if (const auto id = edit_.sectionCalled(mine.id, section.uid); made(id)) {
                        section.id = *id;
                        doIt(edit_.setSection(section)); // before its marks: mirroring turns those of here over
                    }
                }
        notes(key, mine, theirs);
        for (const Section& section : theirs.sections)
            for (const Repetition& r : section.repetitions)
                of(keyOf(key, r), mine, r);
    }

    void notes(const RowKey& key, const Clip& mine, const Clip& theirs) {
        exchange(
            mine.spoken, theirs.spoken, [&](const SpokenNote& note) { return keyOf(key, note); },
            [&](const SpokenNote& note) { return edit_.removeSpokenNote(note.id); },
            [&](const SpokenNote& note) -> Result<void> {
                const auto added = edit_.addSpokenNote(mine.id, note.sound);
                return added ? Result<void>() : Result<void>(added.error());
            });
        std::set<int> frames;
        for (const Clip* clip : {&mine, &theirs})
            for (const DrawnNote& note : clip->drawn)
                frames.insert(note.frame);
        for (const int frame : frames)
            if (takes(key + "/drawn/" + std::to_string(frame))) {
                doIt(edit_.removeDrawnNotes(mine.id, frame));
                for (const DrawnNote& note : theirs.drawn)
                    if (note.frame == frame)
                        doIt(edit_.addDrawnNote(mine.id, note));
            }
    }

    void of(const RowKey& key, const Clip& clip, const Repetition& theirs) {
        const auto known = repetitions_.find(theirs.uid);
        if (known == repetitions_.end()) {
            if (!takes(key))
                return;
            const auto section = edit_.sectionOfFrame(clip.id, theirs.from);
            if (!made(section))
                return;
            if (!*section) {
                ++merged_.leftOut;
                return;
            }
            Repetition fresh = theirs;
            fresh.sameAs = {};
            std::set<int>& numbers = numbers_[key.substr(0, key.find("/clip/"))];
            if (numbers.contains(fresh.number))
                fresh.number = *numbers.rbegin() + 1;
            numbers.insert(fresh.number);
            const auto id = edit_.addRepetition(*section, fresh);
            if (!made(id))
                return;
            repetitions_[theirs.uid] = *id;
            edit_.sayChanged(*id, theirs.changed);
            for (const HiddenMark& hidden : theirs.hidden)
                doIt(edit_.setHidden(*id, hidden.landmark, hidden.frame, hidden.reason));
            merged_.taken += static_cast<int>(std::count_if(
                take_.begin(), take_.end(), [&](const RowKey& row) { return row.starts_with(key + "/"); }));
            return;
        }
        const Repetition* mine = here_.repetition(known->second);
        if (mine)
            changed(key, *mine, theirs);
    }

    void changed(const RowKey& key, const Repetition& mine, const Repetition& theirs) {
        Repetition now = mine;
        if (takes(key)) {
            now.from = theirs.from;
            now.to = theirs.to;
        }
        patched(now, theirs, key + "/field");
        if (now.from != mine.from || now.to != mine.to || now.result != mine.result || now.variant != mine.variant ||
            now.variantFits != mine.variantFits || now.felt != mine.felt || now.moreResults != mine.moreResults ||
            now.best != mine.best)
            doIt(edit_.setRepetition(now));
        edit_.sayChanged(mine.id, !mine.changed.isValid() ? theirs.changed : std::max(mine.changed, theirs.changed));
        const std::string below = key + "/";
        for (auto row = take_.lower_bound(below); row != take_.end() && row->starts_with(below); ++row)
            if (const auto parts = partsOf(*row); parts.size() > 7 && parts[6] != "field")
                part(*row, parts, mine.id, theirs);
    }

    /// One event, mark, observation, as it is there; gone where it is not there.
    void part(const RowKey& row, const std::vector<std::string>& parts, RepetitionId id, const Repetition& theirs) {
        takes(row);
        const std::string &kind = parts[6], &name = parts[7];
        const auto frameOf = [](const std::string& text) { return std::atoi(text.c_str()); };
        if (kind == "event") {
            const auto value = theirs.events.find(name);
            doIt(value == theirs.events.end() ? edit_.removeEvent(id, name) : edit_.setEvent(id, name, value->second));
        } else if (kind == "observation") {
            const auto value = theirs.observations.find(name);
            doIt(edit_.setObservation(id, name, value == theirs.observations.end() ? std::string() : value->second));
        } else if (kind == "mark" && parts.size() == 9) {
            const int frame = frameOf(parts[8]);
            const auto track = theirs.marks.find(name);
            const Mark* mark = nullptr;
            if (track != theirs.marks.end())
                for (const auto& [at, value] : track->second)
                    if (at == frame)
                        mark = &value;
            const auto hidden = std::find_if(theirs.hidden.begin(), theirs.hidden.end(), [&](const HiddenMark& h) {
                return h.landmark == name && h.frame == frame;
            });
            doIt(mark                            ? edit_.setMark(id, name, frame, *mark)
                 : hidden != theirs.hidden.end() ? edit_.setHidden(id, name, frame, hidden->reason)
                                                 : edit_.removeMark(id, name, frame));
        } else if (kind == "again" && parts.size() > 8)
            again(parts, id, theirs);
    }
    /// What was marked a second time is never taken away: both sides' pairs say how far marks lie apart.
    void again(const std::vector<std::string>& parts, RepetitionId id, const Repetition& theirs) {
        const std::string &kind = parts[7], &name = parts[8];
        if (kind == "mark" && parts.size() == 10) {
            if (const auto track = theirs.marksAgain.find(name); track != theirs.marksAgain.end())
                if (const auto at = track->second.find(std::atoi(parts[9].c_str())); at != track->second.end())
                    doIt(edit_.setSecondMark(id, name, at->first, at->second));
        } else if (kind == "event") {
            if (const auto at = theirs.eventsAgain.find(name); at != theirs.eventsAgain.end())
                doIt(edit_.setSecondEvent(id, name, at->second));
        } else if (const auto value = theirs.observationsAgain.find(name); value != theirs.observationsAgain.end())
            doIt(edit_.setSecondObservation(id, name, value->second));
    }

    /// Clips and repetitions that are gone there.
    void removeUnits() {
        std::set<RowKey> there;
        for (const Session& session : there_.sessions)
            for (const Clip& clip : session.clips) {
                there.insert(keyOf(session, clip));
                for (const Section& section : clip.sections)
                    for (const Repetition& r : section.repetitions)
                        there.insert(keyOf(keyOf(session, clip), r));
            }
        for (const Session& session : here_.sessions)
            for (const Clip& clip : session.clips) {
                const RowKey key = keyOf(session, clip);
                if (!there.contains(key) && takes(key)) {
                    doIt(edit_.removeClip(clip.id));
                    continue;
                }
                for (const Section& section : clip.sections)
                    for (const Repetition& r : section.repetitions)
                        if (!there.contains(keyOf(key, r)) && takes(keyOf(key, r)))
                            doIt(edit_.removeRepetition(r.id));
            }
    }

    /// Which repetition of another clip is the same movement; last, since both have to be there.
    void leads() {
        std::map<RowKey, RepetitionId> wanted;
        for (const Session& session : there_.sessions)
            for (const Clip& clip : session.clips)
                for (const Section& section : clip.sections)
                    for (const Repetition& r : section.repetitions)
                        if (const Repetition* lead = r.sameAs ? there_.repetition(r.sameAs) : nullptr)
                            if (const auto id = repetitions_.find(lead->uid); id != repetitions_.end())
                                wanted[keyOf(keyOf(session, clip), r) + "/same_as"] = id->second;
        for (const RowKey& key : take_)
            if (key.ends_with("/same_as") && !error_) {
                const auto parts = partsOf(key);
                const auto id = repetitions_.find(parts[5]);
                if (id == repetitions_.end())
                    continue;
                takes(key);
                const auto lead = wanted.find(key);
                // Where it leads others here by now, it stays as it is.
                if (!edit_.setSameAs(id->second, lead == wanted.end() ? RepetitionId() : lead->second))
                    ++merged_.leftOut;
            }
    }

    void ofCase() {
        const CaseId id = here_.id;
        if (takes("case/school"))
            doIt(edit_.setSchool(id, there_.school));
        if (takes("case/goal"))
            doIt(edit_.setGoal(id, there_.goal));
        if (takes("case/pack"))
            doIt(edit_.setPack(id, packThere_));
        Yardstick yardstick = here_.yardstick;
        if (patched(yardstick, there_.yardstick, "yardstick"))
            doIt(edit_.setYardstick(id, yardstick));
        PlanSettings plan = here_.plan;
        if (patched(plan, there_.plan, "plan"))
            doIt(edit_.setPlan(id, plan));
        exchange(
            here_.beliefs, there_.beliefs, [](const Belief& belief) { return keyOf(belief); },
            [&](const Belief& belief) { return belief.locked ? Result<void>() : edit_.removeBelief(belief.id); },
            [&](const Belief& belief) {
                const bool locked = std::any_of(here_.beliefs.begin(), here_.beliefs.end(), [&](const Belief& own) {
                    return own.locked && keyOf(own) == keyOf(belief);
                });
                return locked ? Result<void>() : edit_.addBelief(id, belief); // locked: for good
            });
        for (const auto& [whose, day] : there_.notAsked)
            if (takes(keyOf({"not_asked", std::string(toString(whose))})))
                doIt(edit_.sayNotAsked(id, whose, day));
        const auto nothing = [](const auto&) { return Result<void>(); }; // the row that comes is put over it
        exchange(
            here_.decisions, there_.decisions,
            [](const Decision& d) {
                return keyOf({"decision", d.fault});
            },
            nothing, [&](const Decision& d) { return edit_.restoreDecision(id, d); });
        const auto overrideKey = [](const TermOverride& o) {
            return keyOf({"override", o.fault, std::string(toString(o.term))});
        };
        exchange(here_.overrides, there_.overrides, overrideKey, nothing,
                 [&](const TermOverride& o) { return edit_.restoreOverride(id, o); });
        exchange(
            here_.positions, there_.positions,
            [](const Position& p) {
                return keyOf({"position", p.dispute});
            },
            nothing, [&](const Position& p) { return edit_.setPosition(id, p.dispute, p.position, p.reason); });
        exchange(
            here_.targets, there_.targets,
            [](const OwnTarget& t) {
                return keyOf({"target", t.measure});
            },
            nothing, [&](const OwnTarget& t) { return edit_.restoreTarget(id, t); });
        gone();
        for (const RowKey& key : take_)
            if (const auto parts = partsOf(key); parts.size() == 2 && (parts[0] == "cue" || parts[0] == "walk_cut")) {
                takes(key);
                if (parts[0] == "cue") {
                    const auto cue = there_.cues.find(parts[1]);
                    doIt(edit_.setCue(id, parts[1], cue == there_.cues.end() ? QString() : cue->second.own));
                } else {
                    const QString walk = QString::fromStdString(parts[1]);
                    const auto cut = there_.walkCuts.find(walk);
                    doIt(edit_.setWalkCut(id, walk, cut == there_.walkCuts.end() ? QString() : cut->second));
                }
            }
        exchange(
            here_.practice, there_.practice, [](const PracticeBlock& block) { return keyOf(block); },
            [&](const PracticeBlock& block) { return edit_.removePracticeBlock(block.id); },
            [&](const PracticeBlock& block) -> Result<void> {
                const auto added = edit_.addPracticeBlock(id, block);
                return added ? Result<void>() : Result<void>(added.error());
            });
        for (StoredAssessment stored : there_.assessments) {
            const Session* session = there_.session(stored.session);
            const auto own = sessions_.find(session ? session->uid : LastingId());
            // A frozen assessment is never written over.
            if (!takes(keyOf(stored)) || own == sessions_.end())
                continue;
            stored.session = own->second;
            made(edit_.addAssessment(id, stored));
        }
    }

    /// Decisions, own values, positions and targets that were taken back there.
    void gone() {
        const CaseRows there = rowsOf(there_, packThere_);
        const auto lost = [&](const RowKey& key) { return take_.contains(key) && !there.contains(key); };
        for (const Decision& d : here_.decisions)
            if (lost(keyOf({"decision", d.fault})))
                doIt(edit_.undecide(here_.id, d.fault));
        for (const TermOverride& o : here_.overrides)
            if (lost(keyOf({"override", o.fault, std::string(toString(o.term))})))
                doIt(edit_.removeOverride(here_.id, o.fault, o.term));
        for (const Position& p : here_.positions)
            if (lost(keyOf({"position", p.dispute})))
                doIt(edit_.setPosition(here_.id, p.dispute, {}, {}));
        for (const OwnTarget& t : here_.targets)
            if (lost(keyOf({"target", t.measure})))
                doIt(edit_.removeTarget(here_.id, t.measure));
    }

    Edit& edit_;
    const std::set<RowKey>& take_;
    const CaseData &here_, &there_;
    const QString& packThere_;
    const PathOfClip& path_;
    std::map<LastingId, SessionId> sessions_;
    std::map<LastingId, RepetitionId> repetitions_;
    std::map<RowKey, const Clip*> clips_;
    std::map<RowKey, std::set<int>> numbers_; ///< of repetitions, by session
    std::map<RowKey, std::vector<Section>> divided_;
    Merged merged_;
    std::optional<Error> error_;
};

} // namespace

Result<Merged> takeOver(Edit& edit, const std::set<RowKey>& take, const CaseData& here, const CaseData& there,
                        const QString& packThere, const PathOfClip& path) {
    return TakingOver(edit, take, here, there, packThere, path).run();
}

Result<void> addWholeClip(Edit& edit, SessionId session, const Clip& clip, const QString& path,
                          std::map<RepetitionId, RepetitionId>& made) {
    const auto clipId = edit.addClip(
        session, NewClip{clip.title, path, clip.hash, clip.width, clip.height, *clip.timesS}, clip.sections[0]);
    if (!clipId)
        return clipId.error();
    for (const SpokenNote& note : clip.spoken)
        if (const auto said = edit.addSpokenNote(*clipId, note.sound); !said)
            return said.error();
    for (const DrawnNote& note : clip.drawn)
        if (const auto drawn = edit.addDrawnNote(*clipId, note); !drawn)
            return drawn.error();
    for (std::size_t s = 0; s < clip.sections.size(); ++s) {
        Section section = clip.sections[s];
        const auto sectionId = s == 0 ? edit.firstSection(*clipId) : edit.addSection(*clipId, section);
        if (!sectionId)
            return sectionId.error();
        section.id = *sectionId;
        if (auto done = edit.setSection(section); !done)
            return done.error();
        for (Repetition repetition : section.repetitions) {
            repetition.sameAs = {}; // set once all have their ids here
            const auto id = edit.addRepetition(section.id, repetition);
            if (!id)
                return id.error();
            made[repetition.id] = *id;
            edit.sayChanged(*id, repetition.changed);
            for (const HiddenMark& hidden : repetition.hidden)
                if (auto done = edit.setHidden(*id, hidden.landmark, hidden.frame, hidden.reason); !done)
                    return done.error();
        }
    }
    return {};
}

} // namespace riflesso
