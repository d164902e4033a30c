#include "store/case_archive.h"

#include "store/case_json.h"
#include "store/edit.h"
#include "store/zip_file.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QUuid>

#include <algorithm>

namespace riflesso {
namespace {

/// "HASH.mp4": the hash and the kind of file, which players go by.
QString mediaName(const Clip& clip) {
    const QString kind = QFileInfo(clip.path).suffix().toLower();
    QString name = clip.hash + (kind.isEmpty() ? QString() : u'.' + kind);
    bool media = false;
    return isArchiveName(QStringLiteral("media/") + name, media) ? name : clip.hash;
}

} // namespace

Result<ArchiveWritten> writeCaseArchive(const Library& library, CaseId id, const QString& path, bool media,
                                        const std::function<bool(double)>& goOn,
                                        const std::vector<ArchivedFile>& along) {
    const auto data = library.loadCase(id);
    const auto pack = library.packText(id);
    const auto journal = library.journal(id);
    if (!data || !pack || !journal)
        return !data ? data.error() : !pack ? pack.error() : journal.error();
    ArchiveWritten written;
    std::map<QString, QString> fileOf;
    std::vector<ZipSource> sources;
    for (const Session& session : data->sessions)
        for (const Clip& clip : session.clips) {
            if (!media || fileOf.contains(clip.hash))
                continue;
            // Only the clip itself: another file in its place stays behind.
            const auto hash = clip.missing ? Result<QString>(QString()) : fileHash(clip.path);
            if (!hash || *hash != clip.hash) {
                ++written.clipsLeftOut;
                continue;
            }
            fileOf[clip.hash] = mediaName(clip);
            sources.push_back({QStringLiteral("media/") + fileOf[clip.hash], {}, clip.path});
            ++written.clips;
        }
    const auto states = library.exchanged(id);
    if (!states)
        return states.error();
    const CaseRows rows = rowsOf(*data, *pack);
    written.state = {digestOf(rows), packed(rows)};
    QStringList digests;
    for (const Exchanged& state : *states)
        digests << state.digest;
    digests.removeAll(written.state.digest);
    digests << written.state.digest; // the latest last
    std::vector<ZipSource> all;
    for (const auto& [name, bytes] : caseToFiles(*data, *pack, *journal, fileOf, digests))
        all.push_back({name, bytes, {}});
    all.insert(all.end(), sources.begin(), sources.end());
    for (const ArchivedFile& file : along)
        all.push_back({file.name, {}, file.path});
    if (const auto done = writeZip(path, all, goOn); !done)
        return done.error();
    return written;
}

Result<std::unique_ptr<CaseArchive>> CaseArchive::open(const QString& path, const QString& libraryFolder,
                                                       const std::function<bool(double)>& goOn) {
    std::unique_ptr<CaseArchive> archive(new CaseArchive);
    archive->staging_ =
        libraryFolder + QStringLiteral("/media/.incoming-") + QUuid::createUuid().toString(QUuid::WithoutBraces);
    if (!QDir().mkpath(archive->staging_))
        return badInput(libraryFolder.toStdString(), "a library folder that can be written to", "no write");
    const auto place = [](const QString& name) {
        bool media = false;
        if (!isArchiveName(name, media))
            return ZipPlace::Refused;
        return media ? ZipPlace::Folder : ZipPlace::Memory;
    };
    const auto content = readZip(path, place, archive->staging_, {}, goOn);
    if (!content)
        return content.error();
    auto read = caseFromFiles(content->texts);
    if (!read) {
        Error error = read.error();
        error.where = path.toStdString() + ": " + error.where;
        return error;
    }
    archive->data_ = std::move(read->data);
    archive->packText_ = read->packText;
    archive->journal_ = std::move(read->journal);
    archive->exchanged_ = read->exchanged;
    for (const auto& [name, file] : content->files) {
        if (isWalkName(name)) {
            archive->along_[name] = file;
            continue;
        }
        const QString hash = QFileInfo(name).fileName().section(u'.', 0, 0);
        const auto got = fileHash(file);
        if (!got)
            return got.error();
        if (*got != hash)
            return badInput(path.toStdString() + ": " + name.toStdString(), "a clip that has the hash of its name",
                            got->toStdString());
        archive->media_[hash] = file;
        archive->names_[hash] = QFileInfo(name).fileName();
    }
    for (const auto& [hash, file] : read->fileOf)
        if (!archive->media_.contains(hash))
            return badInput(path.toStdString() + ": case.json", "the clip media/" + file.toStdString(), "none");
    return archive;
}

CaseArchive::~CaseArchive() { QDir(staging_).removeRecursively(); }

Result<CaseArchive::Meeting> CaseArchive::meet(const Library& library) const {
    Meeting out;
    const auto known = library.athleteCalled(data_.athlete.name, data_.athlete.birthYear);
    if (!known)
        return known.error();
    out.knownAthlete = *known;
    const auto copy = library.caseCalled(data_.uid);
    if (!copy)
        return copy.error();
    out.copyHere = *copy;
    const auto cases = library.cases();
    if (!cases)
        return cases.error();
    for (const CaseEntry& entry : *cases)
        out.sameCase =
            out.sameCase || (known->value && entry.athlete == data_.athlete.name && entry.title == data_.title);
    return out;
}

Result<void> CaseArchive::moveFiles(const QString& folder) {
    const QDir media(folder + QStringLiteral("/media"));
    for (const auto& [hash, file] : media_) {
        const QString to = media.filePath(names_[hash]);
        if (QFileInfo::exists(to)) {
            const auto there = fileHash(to);
            if (there && *there == hash)
                continue;
            QFile::remove(to); // a damaged one under the same name
        }
        if (!QFile::rename(file, to))
            return fault(to.toStdString(), "the clip could not be moved here: is there space left?");
    }
    for (const auto& [name, file] : along_) {
        const QString to = folder + u'/' + name;
        if (QFileInfo::exists(to))
            continue; // the same walk-through, brought in before
        if (!QDir().mkpath(QFileInfo(to).path()) || !QFile::rename(file, to))
            return fault(to.toStdString(), "the walk-through could not be moved here: is there space left?");
    }
    return {};
}

QString CaseArchive::pathOf(const Clip& clip, const QString& libraryFolder) const {
    const auto name = names_.find(clip.hash);
    QString path = QStringLiteral("media/") + (name == names_.end() ? clip.hash : name->second);
    if (name == names_.end()) // it did not travel along, but may be here already
        for (const QFileInfo& there :
             QDir(libraryFolder + QStringLiteral("/media")).entryInfoList({clip.hash + u'*'}, QDir::Files))
            path = QStringLiteral("media/") + there.fileName();
    return path;
}

Result<void> CaseArchive::keepStates(Edit& edit, CaseId id) const {
    for (const QString& digest : exchanged_)
        if (auto done = edit.keepExchanged(id, {digest, {}}); !done)
            return done;
    const CaseRows rows = rowsOf(data_, packText_);
    return edit.keepExchanged(id, {digestOf(rows), packed(rows)});
}

Result<CaseMerge> CaseArchive::compareWith(const Library& library, CaseId here) const {
    const auto mine = library.loadCase(here);
    const auto pack = library.packText(here);
    const auto states = library.exchanged(here);
    if (!mine || !pack || !states)
        return !mine ? mine.error() : !pack ? pack.error() : states.error();
    // The latest state that both come from, by the order in which the copy went through them.
    std::optional<CaseRows> before;
    for (const QString& digest : exchanged_)
        for (const Exchanged& state : *states)
            if (state.digest == digest && !state.content.isEmpty())
                if (auto rows = unpacked(state.content))
                    before = std::move(rows);
    return mergeOf(before, *mine, *pack, data_, packText_);
}

Result<Merged> CaseArchive::bringTogether(Library& library, CaseId here, const CaseMerge& merge,
                                          const std::vector<bool>& takeThere) {
    std::set<RowKey> take = merge.take;
    for (std::size_t i = 0; i < takeThere.size(); ++i)
        if (takeThere[i])
            take.insert(merge.questions[i].keys.begin(), merge.questions[i].keys.end());
    const auto mine = library.loadCase(here);
    const auto journal = library.journal(here);
    const auto pack = library.packText(here);
    if (!mine || !journal || !pack)
        return !mine ? mine.error() : !journal ? journal.error() : pack.error();
    if (takeThere.size() != merge.questions.size() || digestOf(rowsOf(*mine, *pack)) != merge.hereDigest)
        return badInput("", "the case as it was when it was compared", "a case that has changed since");
    if (const auto moved = moveFiles(library.folder()); !moved)
        return moved.error();
    Merged merged;
    const auto done = library.change(QStringLiteral("Bring two copies together"), [&](Edit& edit) -> Result<void> {
        const auto taken = takeOver(edit, take, *mine, data_, packText_,
                                    [&](const Clip& clip) { return pathOf(clip, library.folder()); });
        if (!taken)
            return taken.error();
        merged = *taken;
        for (const JournalEntry& entry : journal_)
            if (std::none_of(journal->begin(), journal->end(), [&](const JournalEntry& own) {
                    return own.at == entry.at && own.what == entry.what && own.reason == entry.reason;
                }))
                if (auto kept = edit.restoreJournal(here, entry); !kept)
                    return kept;
        if (auto noted = edit.note(here,
                                   QStringLiteral("brought together with another copy: %1 from there, %2 of %3 asked "
                                                  "as it is there")
                                       .arg(merge.take.size())
                                       .arg(std::count(takeThere.begin(), takeThere.end(), true))
                                       .arg(takeThere.size()),
                                   {});
            !noted)
            return noted;
        return keepStates(edit, here);
    });
    if (!done)
        return done.error();
    return merged;
}

Result<CaseId> CaseArchive::addTo(Library& library) {
    const auto meeting = meet(library);
    if (!meeting)
        return meeting.error();
    // Clips first: a clip without a case can be swept up, a case without its clips would be a loss.
    if (const auto moved = moveFiles(library.folder()); !moved)
        return moved.error();
    CaseId made;
    const auto done = library.change(QStringLiteral("Bring in a case"), [&](Edit& edit) -> Result<void> {
        const auto id = fill(edit, meeting->knownAthlete, library.folder());
        if (!id)
            return id.error();
        made = *id;
        return keepStates(edit, *id);
    });
    if (!done)
        return done.error();
    return made;
}

Result<CaseId> CaseArchive::fill(Edit& edit, AthleteId known, const QString& libraryFolder) {
    AthleteId athlete = known;
    if (!known) {
        const auto added = edit.addAthlete(data_.athlete);
        if (!added)
            return added.error();
        athlete = *added;
        for (const Competition& competition : data_.competitions)
            if (auto done = edit.addCompetition(athlete, competition.date, competition.title); !done)
                return done.error();
    }
    const auto id = edit.addCase(athlete, data_.title, packText_, data_.uid);
    if (!id)
        return id.error();
    std::vector<Result<void>> steps = {edit.setSchool(*id, data_.school), edit.setPlan(*id, data_.plan),
                                       edit.setGoal(*id, data_.goal), edit.setYardstick(*id, data_.yardstick)};
    for (const Belief& belief : data_.beliefs)
        steps.push_back(edit.addBelief(*id, belief));
    for (const auto& [whose, day] : data_.notAsked)
        steps.push_back(edit.sayNotAsked(*id, whose, day));
    for (const Decision& decision : data_.decisions)
        steps.push_back(edit.restoreDecision(*id, decision));
    for (const TermOverride& override : data_.overrides)
        steps.push_back(edit.restoreOverride(*id, override));
    for (const OwnTarget& target : data_.targets)
        steps.push_back(edit.restoreTarget(*id, target));
    for (const Position& position : data_.positions)
        steps.push_back(edit.setPosition(*id, position.dispute, position.position, position.reason));
    for (const auto& [drill, cue] : data_.cues)
        steps.push_back(edit.setCue(*id, drill, cue.own));
    for (const auto& [walk, cut] : data_.walkCuts)
        steps.push_back(edit.setWalkCut(*id, walk, cut));
    for (const PracticeBlock& block : data_.practice)
        if (auto made = edit.addPracticeBlock(*id, block); !made)
            steps.emplace_back(made.error());
    for (const JournalEntry& entry : journal_)
        steps.push_back(edit.restoreJournal(*id, entry));
    for (const Result<void>& step : steps)
        if (!step)
            return step.error();
    std::map<std::int64_t, SessionId> sessions;
    std::map<RepetitionId, RepetitionId> repetitions; ///< here, by their ids in the archive
    for (const Session& session : data_.sessions) {
        const auto added = edit.addSession(*id, session.date, session.title, session.isModel, session.uid);
        if (!added)
            return added.error();
        sessions[session.id.value] = *added;
        for (const Clip& clip : session.clips) {
            if (auto done = addWholeClip(edit, *added, clip, pathOf(clip, libraryFolder), repetitions); !done)
                return done.error();
        }
    }
    for (const Session& session : data_.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& repetition : section.repetitions)
                    if (repetition.sameAs)
                        if (auto done = edit.setSameAs(repetitions[repetition.id], repetitions[repetition.sameAs]);
                            !done)
                            return done.error();
    for (StoredAssessment stored : data_.assessments) {
        stored.session = sessions[stored.session.value];
        const auto added = edit.addAssessment(*id, stored);
        if (!added)
            return added.error();
    }
    return *id;
}

} // namespace riflesso
