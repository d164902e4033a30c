// Hand-over: its films, the walk-throughs among them, and where heads are covered in them.

#include "app/handover/film_panel.h"
#include "app/handover/handover_page.h"
#include "app/handover/take_home_words.h"
#include "app/pose_models.h"
#include "report/words.h"
#include "takehome/take_home_film.h"

#include <QLineEdit>
#include <QStackedWidget>

#include <algorithm>
#include <utility>

namespace riflesso {

using namespace take_home;

std::vector<HandoverPage::FilmRow> HandoverPage::films() const {
    std::vector<FilmRow> out{{kFilm, QStringLiteral("take-home"), home_},
                             {kThen, QStringLiteral("then-and-now"), then_},
                             {kOne, QStringLiteral("repetition"), one_}};
    for (std::size_t i = 0; i < walks_.size(); ++i)
        out.push_back({kWalk + walks_[i].id, QStringLiteral("walk-through-%1").arg(i + 1), walks_[i].panel});
    return out;
}

void HandoverPage::setWalks(const std::vector<std::pair<WalkThrough, Film>>& walks) {
    std::vector<Walk> now;
    for (const auto& [walk, film] : walks) {
        const auto known =
            std::find_if(walks_.begin(), walks_.end(), [&, id = walk.id](const Walk& each) { return each.id == id; });
        FilmPanel* panel = known == walks_.end() ? nullptr : known->panel;
        if (!panel) {
            panel = new FilmPanel(workspace(), this);
            panel->setObjectName(QStringLiteral("walkFilm"));
            panel->setRemovable(true);
            left_->addWidget(panel);
            connect(panel, &FilmPanel::edited, this, [this] {
                lookForFaces();
                describe();
            });
            connect(panel, &FilmPanel::removeAsked, this, [this, id = walk.id] {
                const auto removed = removeWalkThrough(workspace().library()->folder(), id);
                workspace().say(removed ? tr("The walk-through is removed.") : words::text(removed.error().sentence()),
                                !removed);
                shown_.reset();
                refresh();
            });
        }
        panel->setFilm(film);
        now.push_back({walk.id, tr("Walk-through of %1").arg(words::moment(walk.at)), panel});
    }
    for (const Walk& old : walks_)
        if (std::none_of(now.begin(), now.end(), [&](const Walk& each) { return each.id == old.id; })) {
            left_->removeWidget(old.panel);
            old.panel->deleteLater();
        }
    walks_ = std::move(now);
    fillItems(content_);
}

void HandoverPage::makeFilms() {
    struct Films {
        Film home, then, one;
        std::vector<std::pair<WalkThrough, Film>> walks;
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
            auto made = std::make_shared<Films>(Films{
                takeHomeFilm(subject), thenAndNowFilm(subject), repetitionFilm(subject, {repetition}, {}), {}, {}});
            const Session* own = data->session(session);
            if (own)
                for (WalkThrough& walk : walkThroughsOf(library, QString::fromStdString(own->uid), &made->unread)) {
                    Film film = walkFilm(walk);
                    made->walks.emplace_back(std::move(walk), std::move(film));
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
    for (const FilmRow& film : films())
        film.panel->setWish(faces(), hiddenNames(), heads_);
    lookForFaces();
    describe();
    preview();
}

void HandoverPage::lookForFaces() {
    Film all; // the frames of each that is written or looked at
    for (const FilmRow& film : films())
        if (isTicked(film.word) || film.panel == shownFilm())
            all.parts.insert(all.parts.end(), film.panel->film().parts.begin(), film.panel->film().parts.end());
    looking_ = faces().athlete || faces().model;
    if (!looking_)
        return;
    workspace().start<std::shared_ptr<SeenHeads>>(
        tr("Looking for the faces"), this, workspace().ofCase().newest(QStringLiteral("faces")),
        [all = std::move(all), known = heads_](JobControl& control) -> Result<std::shared_ptr<SeenHeads>> {
            auto seen = lookForHeads(all, known, poseModels(), [&](double share) { return control.goOn(share); });
            if (!seen)
                return seen.error();
            return std::make_shared<SeenHeads>(std::move(*seen));
        },
        [this](const Result<std::shared_ptr<SeenHeads>>& seen) {
            looking_ = false;
            if (seen)
                heads_ = **seen;
            else if (seen.error().kind != Error::Kind::Cancelled)
                workspace().say(words::text(seen.error().sentence()), true);
            for (const FilmRow& film : films())
                film.panel->setWish(faces(), hiddenNames(), heads_);
            describe();
        });
}

} // namespace riflesso
