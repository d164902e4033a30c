// Hand-over: its films, the walk-throughs among them, and where heads are covered in them.

#include "app/handover/film_panel.h"
#include "app/handover/handover_page.h"
#include "app/handover/take_home_words.h"
#include "app/pose_models.h"
#include "report/words.h"
#include "takehome/take_home_film.h"

#include <QCheckBox>
#include <QLineEdit>
#include <QStackedWidget>

#include <algorithm>
#include <utility>

namespace riflesso {

using namespace take_home;

std::vector<HandoverPage::FilmRow> HandoverPage::films() const {
    std::vector<FilmRow> out{{kFilm, QStringLiteral("take-home"), home_},
                             {kThen, QStringLiteral("then-and-now"), then_},
                             {kOne, QStringLiteral("repetition"), one_},
                             {kAll, QStringLiteral("all-repetitions"), all_},
                             {kSide, QStringLiteral("side-by-side"), side_}};
    for (std::size_t i = 0; i < walks_.size(); ++i)
        out.push_back({kWalk + walks_[i].of->id, QStringLiteral("walk-through-%1").arg(i + 1), walks_[i].panel});
    return out;
}

FilmPanel* HandoverPage::walkPanel(const QString& id) {
    for (const Walk& walk : walks_)
        if (walk.of->id == id)
            return walk.panel;
    auto* panel = new FilmPanel(workspace(), this);
    panel->setObjectName(QStringLiteral("walkFilm"));
    panel->setRemovable(true);
    panel->setKept([this, id](const PartEdit& edit) { editWalk(id, edit); },
                   [this, id] {
                       const WalkThrough* walk = walkOf(id);
                       return walk ? walk->folder + u'/' + nextAgain(*walk) : QString();
                   });
    left_->addWidget(panel);
    connect(panel, &FilmPanel::coverDrawn, this, &HandoverPage::keepCover);
    connect(panel, &FilmPanel::leaveFor, this, &HandoverPage::lookAt);
    connect(panel, &FilmPanel::removeAsked, this, [this, id] {
        const auto removed = removeWalkThrough(workspace().library()->folder(), id);
        workspace().say(removed ? tr("The walk-through is removed.") : words::text(removed.error().sentence()),
                        !removed);
        shown_.reset();
        refresh();
    });
    return panel;
}

void HandoverPage::setWalks(const Walks& walks) {
    std::vector<Walk> now;
    for (const auto& [walk, film] : walks) {
        FilmPanel* panel = walkPanel(walk->id);
        panel->setFilm(film);
        const QDate day = walk->at.toLocalTime().date();
        const bool another = std::any_of(walks.begin(), walks.end(), [&, own = walk](const auto& each) {
            return each.first != own && each.first->at.toLocalTime().date() == day;
        });
        now.push_back({walk, tr("Walk-through, %1").arg(another ? words::moment(walk->at) : words::date(day)), panel});
    }
    for (const Walk& old : walks_)
        if (std::none_of(now.begin(), now.end(), [&](const Walk& each) { return each.of->id == old.of->id; })) {
            left_->removeWidget(old.panel);
            old.panel->deleteLater();
        }
    walks_ = std::move(now);
    fillItems(content_);
}

const WalkThrough* HandoverPage::walkOf(const QString& id) const {
    for (const Walk& walk : walks_)
        if (walk.of->id == id)
            return walk.of.get();
    return nullptr;
}

void HandoverPage::editWalk(const QString& id, const PartEdit& edit) {
    const WalkThrough* walk = walkOf(id);
    if (!walk)
        return;
    const auto cut = cutOf(*walk, workspace().data().walkCuts);
    if (!cut) {
        workspace().say(words::text(cut.error().sentence()), true);
        return;
    }
    const WalkCut now = edited(*cut, edit, kWalkRate);
    if (now == *cut)
        return;
    const auto name = [&] {
        switch (edit.kind) {
        case PartEdit::Kind::Show:
            return edit.on ? tr("Show a part of the walk-through") : tr("Leave out a part of the walk-through");
        case PartEdit::Kind::Move:
            return tr("Move a part of the walk-through");
        case PartEdit::Kind::Say:
            return tr("Words below a part of the walk-through");
        case PartEdit::Kind::Name:
            return tr("Name a part of the walk-through");
        case PartEdit::Kind::CutAt:
            return tr("Cut the walk-through");
        case PartEdit::Kind::SaidAgain:
            return edit.words.isEmpty() ? tr("A part of the walk-through as first said")
                                        : tr("Say a part of the walk-through again");
        }
        return QString();
    };
    const QString merge =
        edit.kind == PartEdit::Kind::Say ? QStringLiteral("walk words %1 %2").arg(id).arg(edit.part) : QString();
    workspace().apply(
        name(), [&](Edit& row) { return row.setWalkCut(workspace().data().id, id, toText(now)); }, merge);
}

void HandoverPage::keepCover(const QString& clipPath, int frame, const QRectF& box) {
    const CaseData& data = workspace().data();
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips) {
            if (clip.path != clipPath || (box.isNull() && coversOn(clip).empty()))
                continue;
            const PixelPoint end{box.left(), box.top()};
            const DrawnNote note{
                frame, DrawnNote::Kind::Cover, {end, box.isNull() ? end : PixelPoint{box.right(), box.bottom()}}};
            workspace().apply(box.isNull() ? tr("Nobody else there any more") : tr("Cover somebody else"),
                              [&](Edit& edit) { return edit.addDrawnNote(clip.id, note); });
            coverOthers_->setChecked(true);
            return;
        }
}

void HandoverPage::lookAt(const QString& clipPath, int frame) {
    for (const Session& session : workspace().data().sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& repetition : section.repetitions)
                    if (clip.path == clipPath && frame >= repetition.from && frame <= repetition.to) {
                        workspace().selectRepetition(repetition.id);
                        emit goTo(QStringLiteral("mark"), QStringLiteral("frame:%1").arg(frame));
                        return;
                    }
    workspace().say(tr("This frame is in no repetition that is marked."));
}

QString HandoverPage::walksAndCovers() const {
    const CaseData& data = workspace().data();
    QString out = walkThroughsThere(workspace().library()->folder());
    for (const auto& [walk, cut] : data.walkCuts)
        out += walk + cut + u'\n';
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const DrawnNote& note : coversOn(clip))
                out += QStringLiteral("%1 %2 %3 %4\n")
                           .arg(clip.id.value)
                           .arg(note.frame)
                           .arg(note.points[0].x)
                           .arg(note.points[1].y);
    return out;
}

void HandoverPage::tellWishes() {
    for (const FilmRow& film : films())
        film.panel->setWish(faces(), hiddenNames(), heads_, others_);
}

void HandoverPage::makeFilms() {
    struct Films {
        Film home, then, one, all, side;
        Walks walks;
        QStringList unread;
    };
    if (filmsOf_ != std::pair(workspace().data().id, workspace().session())) {
        filmsOf_ = {workspace().data().id, workspace().session()};
        for (const FilmRow& film : films())
            film.panel->setFilm({});
    }
    makingFilms_ = true;
    workspace().start<std::shared_ptr<Films>>(
        tr("Making the films"), this, workspace().ofCase().newest(QStringLiteral("films")),
        [data = workspace().snapshot(), assessment = shown_, session = workspace().session(),
         choice = workspace().choice(), content = content_, library = workspace().library()->folder(),
         repetition = filmedRepetition_](JobControl&) -> Result<std::shared_ptr<Films>> {
            const FilmSubject subject{*data, *assessment, session, choice, content};
            std::vector<RepetitionId> every;
            if (const Session* own = data->session(session))
                for (const Clip& clip : own->clips)
                    for (const Section& section : clip.sections)
                        for (const Repetition& each : section.repetitions)
                            if (!each.sameAs) // else it is one of these before another camera
                                every.push_back(each.id);
            auto made = std::make_shared<Films>(Films{takeHomeFilm(subject),
                                                      thenAndNowFilm(subject),
                                                      repetitionFilm(subject, {repetition}, {}),
                                                      repetitionFilm(subject, every, {}),
                                                      wallFilm(subject, every),
                                                      {},
                                                      {}});
            const Session* own = data->session(session);
            if (own)
                for (WalkThrough& walk : walkThroughsOf(library, QString::fromStdString(own->uid), &made->unread)) {
                    useClips(walk, *data);
                    const auto cut = cutOf(walk, data->walkCuts);
                    if (!cut)
                        made->unread << QString::fromStdString(cut.error().sentence());
                    Film film = walkFilm(walk, cut ? *cut : firstCut(walk));
                    made->walks.emplace_back(std::make_shared<const WalkThrough>(std::move(walk)), std::move(film));
                }
            return made;
        },
        [this](const Result<std::shared_ptr<Films>>& made) {
            makingFilms_ = false;
            if (!made)
                return;
            hasThen_ = !(*made)->then.parts.empty();
            home_->setFilm(std::move((*made)->home));
            then_->setFilm(std::move((*made)->then));
            one_->setFilm(std::move((*made)->one));
            all_->setFilm(std::move((*made)->all));
            side_->setFilm(std::move((*made)->side));
            setWalks((*made)->walks);
            for (const QString& why : (*made)->unread)
                workspace().say(why, true);
            wishChanged();
            showChosen();
            if (FilmPanel* film = shownFilm(); film && wantedPart_ >= 0)
                film->goToPart(std::exchange(wantedPart_, -1));
        },
        Pace::Quick);
}

void HandoverPage::wishChanged() {
    if (!shown_)
        return;
    if (!folderEdited_)
        folder_->setText(suggestedFolder());
    tellWishes();
    lookForFaces();
    describe();
    preview();
}

void HandoverPage::lookForFaces() {
    Film all; // the frames of each that is written or looked at
    for (const FilmRow& film : films())
        if (isTicked(film.word) || (film.word == kOne && isTicked(kStills)) || film.panel == shownFilm())
            all.parts.insert(all.parts.end(), film.panel->film().parts.begin(), film.panel->film().parts.end());
    bool boxes = false;
    for (const Session& session : workspace().data().sessions)
        for (const Clip& clip : session.clips)
            boxes = boxes || !coversOn(clip).empty();
    if (!boxes && !others_.empty()) {
        others_.clear();
        tellWishes();
    }
    looking_ = faces().athlete || faces().model || (faces().others && boxes);
    if (!looking_)
        return;
    FramesOfClips frames = framesOf(all);
    for (const auto& [clip, own] : framesOf(content_))
        frames[clip].insert(own.begin(), own.end());
    using Seen = std::pair<SeenHeads, OthersSeen>;
    workspace().start<std::shared_ptr<Seen>>(
        tr("Looking for the faces"), this, workspace().ofCase().newest(QStringLiteral("faces")),
        [all = std::move(all), known = heads_, others = others_, frames = std::move(frames), wish = faces(),
         data = workspace().snapshot()](JobControl& control) -> Result<std::shared_ptr<Seen>> {
            const auto goOn = [&](double share) { return control.goOn(share); };
            auto seen = lookForHeads(all, known, poseModels(), goOn);
            if (!seen)
                return seen.error();
            auto covered = wish.others ? coveredOthers(*data, frames, others, goOn) : Result<OthersSeen>(others);
            if (!covered)
                return covered.error();
            return std::make_shared<Seen>(std::move(*seen), std::move(*covered));
        },
        [this](const Result<std::shared_ptr<Seen>>& seen) {
            looking_ = false;
            if (seen) {
                heads_ = (*seen)->first;
                const bool papers = others_.size() != (*seen)->second.size() || !(*seen)->second.empty();
                others_ = (*seen)->second;
                if (papers)
                    preview();
            } else if (seen.error().kind != Error::Kind::Cancelled)
                workspace().say(words::text(seen.error().sentence()), true);
            tellWishes();
            describe();
        });
}

} // namespace riflesso
